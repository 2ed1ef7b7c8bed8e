#include "core/rights/dossier.h"
#include "core/rights/reading.h"
#include "core/rights/sentences.h"
#include "tests/support/environment.h"

#include <fstream>

using namespace ink;

/// Against the table of sentences in tests/data (invented; the kinds are common practice, no source).
class TestSentences : public QObject
{
    Q_OBJECT
private slots:
    void verdictOfFoundrySentences_data();
    void verdictOfFoundrySentences();
    void theVerdictSurvivesAnotherCaseAndOtherQuotes_data() { verdictOfFoundrySentences_data(); }
    void theVerdictSurvivesAnotherCaseAndOtherQuotes();
    void pricesAreFound_data();
    void pricesAreFound();
    void linesAreCountedThroughWrappedText();
    void answersOtherQuestionsToo();
    void aListingIsWrongOnlyWhereItSaysMore_data();
    void aListingIsWrongOnlyWhereItSaysMore();
};

namespace {

std::string_view verdictOf(const std::string& text)
{
    const EvidenceText evidence{EvidenceKind::Document, "readme.txt", text};
    return idOf(judge({&evidence, 1}).verdict);
}

const GivenAnswer& answerTo(const Dossier& dossier, Question question)
{
    return dossier.answers[static_cast<std::size_t>(question)];
}

} // namespace

void TestSentences::verdictOfFoundrySentences_data()
{
    QTest::addColumn<QString>("text");
    QTest::addColumn<QString>("verdict");
    std::ifstream file(std::string(INK_TEST_DATA) + "/foundry-sentences.txt");
    int count = 0;
    for (std::string line; std::getline(file, line);) {
        if (line.empty() || line[0] == '#')
            continue;
        const auto parts = QString::fromStdString(line).split(" | ");
        QTest::addRow("%s %s", qPrintable(parts[1]), qPrintable(parts[2]))
            << QString(parts[2]).replace("\\n", "\n") << parts[0].trimmed();
        ++count;
    }
    QVERIFY(count > 100);
}

void TestSentences::verdictOfFoundrySentences()
{
    QFETCH(QString, text);
    QFETCH(QString, verdict);
    QCOMPARE(QString::fromUtf8(verdictOf(text.toStdString())), verdict);
}

void TestSentences::theVerdictSurvivesAnotherCaseAndOtherQuotes()
{
    QFETCH(QString, text);
    QFETCH(QString, verdict);
    QCOMPARE(QString::fromUtf8(verdictOf(text.toUpper().toStdString())), verdict);
    QCOMPARE(QString::fromUtf8(verdictOf(QString(text).replace('\'', QString::fromUtf8("’")).toStdString())),
             verdict);
    QCOMPARE(
        QString::fromUtf8(verdictOf((QString::fromUtf8("“") + text + QString::fromUtf8("”")).toStdString())),
        verdict);
}

void TestSentences::pricesAreFound_data()
{
    QTest::addColumn<QString>("text");
    QTest::addColumn<QString>("price");
    QTest::newRow("after") << "It costs 14.00 EUR."
                           << "14.00 EUR";
    QTest::newRow("before") << "Licence: $20 each"
                            << "20 $";
    QTest::newRow("comma") << "nur 9,50 €"
                           << "9.50 €";
    QTest::newRow("none") << "Version 1.002 of 2014"
                          << "";
}

void TestSentences::pricesAreFound()
{
    QFETCH(QString, text);
    QFETCH(QString, price);
    QCOMPARE(QString::fromStdString(priceIn(readText(text.toStdString()).sentences.front())), price);
}

void TestSentences::linesAreCountedThroughWrappedText()
{
    const auto text = readText(
        "Thank you for taking this font home with you, I hope\nthat you like it. You may use it for\n"
        "commercial projects.\r\n\r\nSecond part");
    QCOMPARE(text.sentences.size(), std::size_t(3));
    QCOMPARE(text.sentences[1].text, std::string("You may use it for commercial projects."));
    QCOMPARE(text.sentences[1].line, 2u);
    QCOMPARE(text.sentences[2].line, 5u);
    // A page ends a paragraph and is no line of its own, as editors count.
    const auto pages = readText("Personal use only.\n\fPage two speaks\r\nof selling.\fThe end.");
    QCOMPARE(pages.sentences.size(), std::size_t(3));
    QCOMPARE(pages.sentences[1].line, 2u);
    QCOMPARE(pages.sentences[2].line, 3u);
}

void TestSentences::answersOtherQuestionsToo()
{
    const EvidenceText evidence{
        EvidenceKind::Document, "licence.txt",
        "You may sell up to 250 items made with this font. You may modify the letters. "
        "Use in a logo is not allowed. Digitizing it as an embroidery font is not permitted. "
        "Do not share cut files. Credit is required. More costs $ 30."};
    const auto dossier = judge({&evidence, 1});
    QCOMPARE(dossier.verdict, Verdict::SellWithinLimits);
    QCOMPARE(dossier.units, 250u);
    QCOMPARE(answerTo(dossier, Question::AlterOutlines).answer, Answer::Yes);
    QCOMPARE(answerTo(dossier, Question::Logo).answer, Answer::No);
    QCOMPARE(answerTo(dossier, Question::StitchedAlphabet).answer, Answer::No);
    QCOMPARE(answerTo(dossier, Question::SellFile).answer, Answer::No);
    QCOMPARE(answerTo(dossier, Question::Credit).answer, Answer::Yes);
    QCOMPARE(dossier.price, std::string("30 $"));
}

void TestSentences::aListingIsWrongOnlyWhereItSaysMore_data()
{
    QTest::addColumn<QString>("listing");
    QTest::addColumn<QString>("text");
    QTest::addColumn<bool>("is_wrong");
    QTest::newRow("the same limit") << "Free for up to 250 sales"
                                    << "You may sell up to 250 items made with this font." << false;
    QTest::newRow("a stricter one") << "Free for up to 100 sales"
                                    << "You may sell up to 250 items made with this font." << false;
    QTest::newRow("a looser one") << "Free for up to 900 sales"
                                  << "You may sell up to 250 items made with this font." << true;
    QTest::newRow("no limit") << "Free for commercial use"
                              << "You may sell up to 250 items made with this font." << true;
    QTest::newRow("gifts only") << "Free for commercial use"
                                << "Personal use only." << true;
    QTest::newRow("both say no") << "Personal use only"
                                 << "Personal use only." << false;
    QTest::newRow("both say yes") << "Free for commercial use"
                                  << "Free for commercial use." << false;
}

void TestSentences::aListingIsWrongOnlyWhereItSaysMore()
{
    QFETCH(QString, listing);
    QFETCH(QString, text);
    QFETCH(bool, is_wrong);
    const std::vector<EvidenceText> evidence{{EvidenceKind::Document, "readme.txt", text.toStdString()},
                                             {EvidenceKind::Listing, "the listing", listing.toStdString()}};
    const auto notes = judge(evidence).notes;
    const bool says_so = std::ranges::any_of(
        notes, [](const std::string& note) { return note.find("bear out") != std::string::npos; });
    QCOMPARE(says_so, is_wrong);
}

INK_TEST_CORE_MAIN(TestSentences)
#include "test_sentences.moc"
