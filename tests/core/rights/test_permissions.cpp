#include "core/rights/dossier.h"
#include "core/rights/permission.h"
#include "tests/support/environment.h"

#include <ctime>
#include <fstream>

using namespace ink;

/// A yes is earned: against the statements of tests/data/rights (invented; the kinds are common practice, no
/// source).
class TestPermissions : public QObject
{
    Q_OBJECT
private slots:
    void statements_data() { addStatements("statements.tsv", 250); }
    void statements();
    void statementsInAReadme_data() { addStatements("statements.tsv", 250); }
    void statementsInAReadme();
    void statementsInTheNameTable_data() { addStatements("statements.tsv", 250); }
    void statementsInTheNameTable();
    void statementsTried_data() { addStatements("statements-tried.tsv", 280); }
    void statementsTriedAgain_data() { addStatements("statements-tried-again.tsv", 120); }
    void statementsTriedAgain() { statements(); }
    void statementsTried();
    void statementsHeldBack();
    void noWordOfRefusalGoesUnnoticed();
    void whatStoodInTheWayIsTold_data();
    void whatStoodInTheWayIsTold();
    void otherFontsFreeOnlyThemselves_data();
    void otherFontsFreeOnlyThemselves();
    void aReservedNameFreesItsOwnFont();
    void anUnreadLanguageIsNamed();
    void readingStaysLinear();

private:
    static void addStatements(const char* file, int least);
};

namespace {

struct Statement
{
    QString id, expected, text;
};

std::vector<Statement> statementsOf(const char* file)
{
    std::vector<Statement> rows;
    std::ifstream in(std::string(INK_TEST_DATA) + "/rights/" + file);
    for (std::string line; std::getline(in, line);)
        if (const auto parts = QString::fromStdString(line).split('\t');
            parts.size() == 3 && !line.starts_with('#'))
            rows.push_back({parts[0], parts[1], QString(parts[2]).replace("\\n", "\n")});
    return rows;
}

Dossier dossierOf(const QString& text, EvidenceKind kind = EvidenceKind::Document,
                  const FontFacts& facts = {})
{
    const EvidenceText evidence{kind, "readme.txt", text.toStdString()};
    return judge({&evidence, 1}, facts);
}

bool isYes(Verdict verdict)
{
    return verdict == Verdict::MaySell || verdict == Verdict::SellWithinLimits;
}

bool isAsExpected(const QString& expected, Verdict verdict)
{
    return expected == "may-sell" ? verdict == Verdict::MaySell
           : expected == "limits" ? verdict == Verdict::SellWithinLimits
                                  : !isYes(verdict);
}

void checkVerdict(const QString& expected, const Dossier& dossier)
{
    QVERIFY2(isAsExpected(expected, dossier.verdict), std::string(idOf(dossier.verdict)).c_str());
    // Ask first says why, where something spoke of it.
    for (const auto& unclear : dossier.not_understood)
        for (const auto& span : unclear.words)
            QVERIFY(span.begin < span.end && span.end <= unclear.quote.sentence.size());
}

/// Lines as they stand in files beside fonts, and say nothing about selling.
QString readmeAround(const QString& statement)
{
    QString before, after;
    static const std::array kLines{"Larch Hand",
                                   "A round hand with a long tail",
                                   "Thank you for taking this font home with you.",
                                   "It was drawn with a soft pencil and traced by hand.",
                                   "The capitals are a little taller than usual.",
                                   "Swashes sit on the bracket keys.",
                                   "To install it, copy the file to the folder for fonts.",
                                   "Restart the programs that should show it.",
                                   "If the font does not show up, log out and in again.",
                                   "The alternates need a program that knows OpenType.",
                                   "Accents for the west and the middle of Europe are there.",
                                   "Cyrillic is not there yet.",
                                   "Kerning was done by eye, and is not perfect.",
                                   "Please tell me about mistakes.",
                                   "I like bees, tea and long walks.",
                                   "Version 1.003, drawn in the spring of 2019",
                                   "The z has a new form.",
                                   "Letters join best at a spacing of zero.",
                                   "If you space them out, they come apart.",
                                   "In small sizes the hairlines get thin.",
                                   "It looks good on jars and on boxes.",
                                   "Type two underscores and you get a ribbon.",
                                   "I was helped by my neighbour, who has a better eye than I have.",
                                   "Unpack the archive first, or the pictures will not show.",
                                   "Keep the readme with the font.",
                                   "It rained all summer, so this took a while.",
                                   "My next font will be a typewriter.",
                                   "The tail can be switched off.",
                                   "Look at the key map before you begin.",
                                   "Best wishes from the hill."};
    for (const char* line : kLines) {
        before += QString::fromUtf8(line) + '\n';
        after += QStringLiteral("Glyph %1 sits on key %1.\n").arg(after.count('\n') + 33);
    }
    return before + '\n' + statement + QStringLiteral("\n\n") + after;
}

} // namespace

void TestPermissions::addStatements(const char* file, int least)
{
    QTest::addColumn<QString>("expected");
    QTest::addColumn<QString>("text");
    const auto rows = statementsOf(file);
    QVERIFY(static_cast<int>(rows.size()) > least);
    for (const auto& row : rows)
        QTest::addRow("%s", qPrintable(row.id)) << row.expected << row.text;
}

void TestPermissions::statements()
{
    QFETCH(QString, expected);
    QFETCH(QString, text);
    checkVerdict(expected, dossierOf(text));
}

void TestPermissions::statementsInAReadme()
{
    QFETCH(QString, expected);
    QFETCH(QString, text);
    checkVerdict(expected, dossierOf(readmeAround(text)));
}

void TestPermissions::statementsInTheNameTable()
{
    QFETCH(QString, expected);
    QFETCH(QString, text);
    checkVerdict(expected, dossierOf(text, EvidenceKind::NameTable));
}

void TestPermissions::statementsTried()
{
    QFETCH(QString, expected);
    QFETCH(QString, text);
    checkVerdict(expected, dossierOf(text));
}

/// The fifth that nothing was tuned on: no false yes, and nine permissions of ten.
void TestPermissions::statementsHeldBack()
{
    int permissions = 0, found = 0;
    QStringList wrong;
    for (const auto& row : statementsOf("statements-held-back.tsv")) {
        const auto verdict = dossierOf(row.text).verdict;
        if (row.expected == "no" ? isYes(verdict) : row.expected == "limits" && verdict == Verdict::MaySell)
            wrong.append(row.id);
        permissions += row.expected == "may-sell";
        found += row.expected == "may-sell" && verdict == Verdict::MaySell;
    }
    QCOMPARE(wrong, QStringList());
    QVERIFY(permissions > 15);
    QVERIFY2(10 * found >= 9 * permissions,
             qPrintable(QStringLiteral("%1 of %2").arg(found).arg(permissions)));
}

/// One word of refusal, condition or scope at any place of any permission leaves no yes.
void TestPermissions::noWordOfRefusalGoesUnnoticed()
{
    static const QStringList kWords{"not",        "never",  "only",     "if",       "unless",
                                    "hardly",     "until",  "students", "numerals", "licence-fee",
                                    "previously", "except", "won't",    "nol"};
    // A word of another language is not understood, wherever it stands.
    int tried = 0;
    for (const auto& row : statementsOf("statements.tsv")) {
        if (row.expected != "may-sell" || row.text.contains('\n') || row.text.count('.') > 1 ||
            row.text.contains("! "))
            continue;
        const auto words = row.text.split(' ');
        for (qsizetype at = 0; at <= words.size(); ++at) {
            auto changed = words;
            changed.insert(at, kWords[tried++ % kWords.size()]);
            const QString text = changed.join(' ');
            const auto verdict = dossierOf(text).verdict;
            QVERIFY2(verdict != Verdict::MaySell, qPrintable(text));
        }
    }
    QVERIFY(tried > 500);
}

void TestPermissions::whatStoodInTheWayIsTold_data()
{
    QTest::addColumn<QString>("text");
    QTest::addColumn<QString>("words");
    QTest::addColumn<QString>("otherwise");
    QTest::newRow("hardly ever") << "Commercial use is allowed only hardly ever."
                                 << "only hardly ever"
                                 << "may-sell";
    QTest::newRow("two places") << "Moreover you may use this font in commercial projects on Sundays."
                                << "Moreover|Sundays"
                                << "may-sell";
    QTest::newRow("a limit") << "You may sell up to 250 hats made with this font."
                             << "up to|hats"
                             << "sell-within-limits";
    QTest::newRow("German") << "Die gewerbliche Nutzung ist sonntags erlaubt."
                            << "sonntags"
                            << "may-sell";
}

void TestPermissions::whatStoodInTheWayIsTold()
{
    QFETCH(QString, text);
    QFETCH(QString, words);
    QFETCH(QString, otherwise);
    const auto dossier = dossierOf(text);
    QCOMPARE(dossier.verdict, Verdict::AskFirst);
    QCOMPARE(dossier.not_understood.size(), std::size_t(1));
    const auto& unclear = dossier.not_understood.front();
    QCOMPARE(QString::fromStdString(unclear.quote.sentence), text);
    QStringList shown;
    for (const auto& span : unclear.words)
        shown.append(
            QString::fromStdString(unclear.quote.sentence.substr(span.begin, span.end - span.begin)));
    QCOMPARE(shown.join('|'), words);
    QCOMPARE(QString::fromUtf8(idOf(unclear.otherwise).data()), otherwise);
}

void TestPermissions::otherFontsFreeOnlyThemselves_data()
{
    QTest::addColumn<QString>("text");
    QTest::addColumn<bool>("is_yes");
    QTest::newRow("its name") << "Larch Hand is free for commercial use." << true;
    QTest::newRow("its family") << "Larch is free for commercial use." << true;
    QTest::newRow("a sibling") << "Larch Sans is free for commercial use." << false;
    QTest::newRow("another") << "Fennmoor Serif is free for commercial use." << false;
    QTest::newRow("its licence") << "Larch Hand is licensed under the SIL Open Font License, Version 1.1."
                                 << true;
    QTest::newRow("another's licence")
        << "Fennmoor Serif is licensed under the SIL Open Font License, Version 1.1." << false;
    QTest::newRow("based on") << "Larch Hand is based on a font that is under the MIT License." << false;
    QTest::newRow("numerals") << "The numerals are licensed under the SIL Open Font License." << false;
    QTest::newRow("a label") << "Larch Hand, SIL Open Font License 1.1" << true;
    QTest::newRow("another's label") << "Fennmoor Serif, SIL Open Font License 1.1" << false;
}

void TestPermissions::otherFontsFreeOnlyThemselves()
{
    QFETCH(QString, text);
    QFETCH(bool, is_yes);
    const auto verdict =
        dossierOf(text, EvidenceKind::Document, {-1, false, {"Larch Hand", "Larch Hand Bold"}}).verdict;
    QCOMPARE(verdict == Verdict::MaySell, is_yes);
    QVERIFY(is_yes || !isYes(verdict));
    // A name that is a word of permissions makes nothing of the rest.
    QVERIFY(
        !isYes(dossierOf("Only free for commercial use.", EvidenceKind::Document, {-1, false, {"Only Serif"}})
                   .verdict));
}

void TestPermissions::aReservedNameFreesItsOwnFont()
{
    const QString text = "Copyright (c) 2019, Larch, with Reserved Font Name 'Fennmoor Serif'.\n\n"
                         "This Font Software is licensed under the SIL Open Font License, Version 1.1.";
    QCOMPARE(dossierOf(text, EvidenceKind::Document, {-1, false, {"Larch Hand"}}).verdict, Verdict::AskFirst);
    QCOMPARE(dossierOf(text, EvidenceKind::Document, {-1, false, {"Fennmoor Serif Bold"}}).verdict,
             Verdict::MaySell);
    // A font that was made from it says so itself.
    const std::vector<EvidenceText> both{
        {EvidenceKind::Document, "OFL.txt", text.toStdString()},
        {EvidenceKind::NameTable, "the font itself", "Licensed under the SIL Open Font License 1.1."}};
    QCOMPARE(judge(both, {-1, false, {"Larch Hand"}}).verdict, Verdict::MaySell);
}

void TestPermissions::anUnreadLanguageIsNamed()
{
    const auto dossier =
        dossierOf(QString::fromUtf8("Free for commercial use.\n\nDet här typsnittet är gratis för privat "
                                    "bruk, men kommersiell användning "
                                    "är inte tillåten utan skriftligt medgivande från upphovsmannen."));
    QCOMPARE(dossier.verdict, Verdict::AskFirst);
    QVERIFY(std::ranges::any_of(dossier.notes,
                                [](const std::string& n) { return n.find("Swedish") != std::string::npos; }));
}

/// A text twice as long takes about twice as long: a ratio in one run, of the processor's time, as the machine is shared.
void TestPermissions::readingStaysLinear()
{
    const auto seconds = [](const QString& text) {
        const EvidenceText evidence{EvidenceKind::Document, "readme.txt", text.toStdString()};
        double best = 1e9;
        for (int i = 0; i < 3; ++i) {
            const std::clock_t begin = std::clock();
            if (judge({&evidence, 1}).answers.empty())
                return 0.0;
            best = std::min(best, static_cast<double>(std::clock() - begin) / CLOCKS_PER_SEC);
        }
        return best;
    };
    // One endless sentence, a list, and lines in columns: what would be quadratic first.
    for (const QString& part :
         {QStringLiteral("you may not use it for commercial "), QStringLiteral("- free for commercial use\n"),
          QStringLiteral("Commercial use      yes\n"), QStringLiteral("Is commercial use allowed?\n")}) {
        const double one = seconds(part.repeated(1000)), four = seconds(part.repeated(4000));
        QVERIFY2(four < 10 * one,
                 qPrintable(QStringLiteral("%1: %2 s and %3 s").arg(part).arg(one).arg(four)));
    }
}

INK_TEST_CORE_MAIN(TestPermissions)
#include "test_permissions.moc"
