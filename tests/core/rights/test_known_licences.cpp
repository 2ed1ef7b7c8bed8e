#include "core/rights/dossier.h"
#include "core/rights/known_licences.h"
#include "core/rights/licence_names.h"
#include "core/rights/licence_texts.h"
#include "core/rights/permission.h"
#include "core/rights/reading.h"
#include "tests/support/environment.h"

#include <QRegularExpression>

#include <random>

using namespace ink;

/// Against the texts of the SPDX License List (npm spdx-license-list 6.12.0, data/licences), mutilated.
class TestKnownLicences : public QObject
{
    Q_OBJECT
private slots:
    void eachTextIsRecognised_data();
    void eachTextIsRecognised();
    void twoTextsInOneFileAreBothFound_data();
    void twoTextsInOneFileAreBothFound();
    void namesAndLinks_data();
    void namesAndLinks();
    void aSentenceSlippedIntoAKnownTextIsRead();
    void whatIsPutInIsCaught_data();
    void whatIsPutInIsCaught();
    void gplWithTheFontExceptionMaySell();
    void ordinaryTextIsNoLicence();
};

namespace {

QString textOf(const KnownLicence& licence)
{
    const auto text = licenceText(licence.id);
    return QString::fromUtf8(text.data(), static_cast<qsizetype>(text.size()));
}

QString reflowed(const QString& text)
{
    QString out;
    int column = 0;
    for (const auto& word : text.simplified().split(' ')) {
        column += static_cast<int>(word.size()) + 1;
        out += word + (column > 61 ? "\r\n" : " ");
        column = column > 61 ? 0 : column;
    }
    return out;
}

QString requoted(QString text)
{
    bool is_open = false;
    for (auto& c : text) {
        if (c == '"')
            c = (is_open = !is_open) ? QChar(0x201c) : QChar(0x201d);
        else if (c == '\'')
            c = QChar(0x2019);
        else if (c == '-')
            c = QChar(0x2010);
    }
    return text;
}

/// Of short licences the second half is the disclaimer, which grants nothing.
bool isOnlyDisclaimerCut(const QString& text)
{
    return text.contains(QStringLiteral("\"AS IS\"")) ||
           text.contains(QStringLiteral("PROVIDED BY THE COPYRIGHT")) ||
           text.contains(QStringLiteral("This exception does not")) ||
           text.contains(QStringLiteral("without specific prior written permission"));
}

/// The two ways of numbering: "1)" and "1.".
QString renumbered(QString text)
{
    static const QRegularExpression brackets(QStringLiteral("(?m)^(\\s*)(\\d)\\) ")),
        stops(QStringLiteral("(?m)^(\\s*)(\\d)\\. "));
    return text.contains(brackets) ? text.replace(brackets, QStringLiteral("\\1\\2. "))
                                   : text.replace(stops, QStringLiteral("\\1\\2) "));
}

QString withOtherCopyright(const QString& text)
{
    return "Copyright (c) 2019 Millrace Lettering, with Reserved Font Name \"Ottilie\".\nAll rights "
           "reserved.\n\n" +
           text;
}

std::vector<std::string> idsIn(const QString& text)
{
    std::vector<std::string> ids;
    for (const auto& found : recogniseLicences(readText(text.toStdString())).licences)
        if (found.coverage > 0.0)
            ids.emplace_back(found.licence->id);
    return ids;
}

} // namespace

void TestKnownLicences::eachTextIsRecognised_data()
{
    QTest::addColumn<QString>("id");
    QTest::addColumn<QString>("text");
    QTest::addColumn<bool>("is_whole");
    for (const auto& licence : knownLicences()) {
        const QString id = QString::fromUtf8(licence.id.data(), static_cast<qsizetype>(licence.id.size()));
        const QString text = textOf(licence);
        if (text.isEmpty()) {
            QVERIFY2(id == "GUST-1.0", qPrintable(id));
            continue;
        }
        QTest::addRow("%s as it is", qPrintable(id)) << id << text << true;
        QTest::addRow("%s reflowed", qPrintable(id)) << id << reflowed(text) << true;
        QTest::addRow("%s requoted", qPrintable(id)) << id << requoted(text) << true;
        QTest::addRow("%s in capitals", qPrintable(id)) << id << text.toUpper() << true;
        QTest::addRow("%s other copyright", qPrintable(id)) << id << withOtherCopyright(text) << true;
        QTest::addRow("%s numbered otherwise", qPrintable(id)) << id << renumbered(text) << true;
        if (id == "WTFPL") // half of it is its title
            continue;
        const QString half = text.left(text.size() / 2), most = text.left(text.size() * 2 / 3);
        QTest::addRow("%s cut off half way", qPrintable(id)) << id << half << isOnlyDisclaimerCut(half);
        QTest::addRow("%s all at once", qPrintable(id))
            << id << reflowed(requoted(withOtherCopyright(most))) << isOnlyDisclaimerCut(most);
    }
}

void TestKnownLicences::eachTextIsRecognised()
{
    QFETCH(QString, id);
    QFETCH(QString, text);
    const auto ids = idsIn(text);
    QVERIFY2(!ids.empty(), "nothing recognised");
    QCOMPARE(QString::fromStdString(ids.front()), id);
    QCOMPARE(ids.size(), std::size_t(1));
    QFETCH(bool, is_whole);
    const auto found = recogniseLicences(readText(text.toStdString())).licences.front();
    for (const auto& change : found.changes)
        if (is_whole)
            qWarning("put in “%s”, left out “%s”", change.put_in.c_str(), change.left_out.c_str());
    QCOMPARE(found.is_whole, is_whole);
}

void TestKnownLicences::twoTextsInOneFileAreBothFound_data()
{
    QTest::addColumn<QString>("first");
    QTest::addColumn<QString>("second");
    for (const auto& [a, b] : {std::pair{"OFL-1.1", "MIT"},
                               {"MIT", "GPL-2.0"},
                               {"CC0-1.0", "OFL-1.1"},
                               {"Apache-2.0", "CC-BY-NC-4.0"},
                               {"CC-BY-4.0", "CC-BY-NC-4.0"}})
        QTest::addRow("%s and %s", a, b) << a << b;
}

void TestKnownLicences::twoTextsInOneFileAreBothFound()
{
    QFETCH(QString, first);
    QFETCH(QString, second);
    auto ids = idsIn(textOf(*licenceById(first.toStdString())) + "\n\nor\n\n" +
                     textOf(*licenceById(second.toStdString())));
    std::vector<std::string> expected{first.toStdString(), second.toStdString()};
    std::ranges::sort(ids);
    std::ranges::sort(expected);
    QCOMPARE(ids, expected);
}

void TestKnownLicences::namesAndLinks_data()
{
    QTest::addColumn<QString>("text");
    QTest::addColumn<QString>("id");
    QTest::addColumn<bool>("is_link");
    QTest::newRow("ofl") << "This Font Software is licensed under the SIL Open Font License, Version 1.1."
                         << "OFL-1.1" << false;
    QTest::newRow("nc-sa") << "Creative Commons Attribution-NonCommercial-ShareAlike 3.0 Unported"
                           << "CC-BY-NC-SA-3.0" << false;
    QTest::newRow("short") << "Licence: CC BY-SA 4.0"
                           << "CC-BY-SA-4.0" << false;
    QTest::newRow("apache") << "Licensed under the Apache License, Version 2.0"
                            << "Apache-2.0" << false;
    QTest::newRow("gust") << "GUST Font License"
                          << "GUST-1.0" << false;
    QTest::newRow("link") << "https://openfontlicense.org"
                          << "OFL-1.1" << true;
    QTest::newRow("cc link") << "http://creativecommons.org/licenses/by-nc-nd/3.0/"
                             << "CC-BY-NC-ND-3.0" << true;
    QTest::newRow("not") << "This is no longer under the Open Font License."
                         << "" << false;
}

void TestKnownLicences::namesAndLinks()
{
    QFETCH(QString, text);
    QFETCH(QString, id);
    QFETCH(bool, is_link);
    if (is_link) {
        QVERIFY(licenceLinkedIn(text.toStdString()));
        QCOMPARE(QString::fromUtf8(licenceLinkedIn(text.toStdString())->id.data()), id);
        return;
    }
    const auto permission = permissionIn(readText(text.toStdString()), 0);
    QCOMPARE(permission.standing == Standing::Granted, !id.isEmpty());
    if (!id.isEmpty())
        QCOMPARE(QString::fromUtf8(permission.licence->id.data()), id);
}

void TestKnownLicences::aSentenceSlippedIntoAKnownTextIsRead()
{
    QString text = textOf(*licenceById("MIT"));
    const auto at = text.indexOf("The above copyright notice");
    QVERIFY(at > 0);
    text.insert(at, "You may not use this font commercially under any circumstances.\n\n");
    const EvidenceText evidence{EvidenceKind::Document, "licence.txt", text.toStdString()};
    const auto dossier = judge({&evidence, 1});
    QCOMPARE(dossier.verdict, Verdict::GiftsOnly);
    QCOMPARE(dossier.deciding.front().sentence,
             std::string("You may not use this font commercially under any circumstances."));
}

void TestKnownLicences::whatIsPutInIsCaught_data()
{
    QTest::addColumn<QString>("id");
    QTest::addColumn<QString>("before");
    QTest::addColumn<QString>("after");
    QTest::newRow("non-commercial MIT")
        << "MIT"
        << "Permission is hereby granted, free of charge,"
        << "Permission is hereby granted, free of charge, for non-commercial purposes only,";
    QTest::newRow("non-commercial OFL")
        << "OFL-1.1"
        << "Permission is hereby granted, free of charge,"
        << "Permission is hereby granted, free of charge and for non-commercial purposes only,";
    QTest::newRow("nothing made with it") << "OFL-1.1"
                                          << "may be sold by itself."
                                          << "may be sold by itself, nor anything made with it may be sold.";
    QTest::newRow("a limited permission") << "MIT"
                                          << "Permission is hereby"
                                          << "Limited permission is hereby";
    QTest::newRow("a sentence beside it")
        << "OFL-1.1"
        << "TERMINATION"
        << "Goods made with the fonts may be sold by members only.\n\nTERMINATION";
    QTest::newRow("an addendum")
        << "OFL-1.1"
        << "SIL OPEN FONT LICENSE\n"
        << "Addendum: the right to sell goods ends after one year.\n\nSIL OPEN FONT LICENSE\n";
    // Commons Clause License Condition v1.0, 2018, first sentences.
    QTest::newRow("a commons clause") << "MIT"
                                      << "MIT License\n"
                                      << "\"Commons Clause\" License Condition v1.0\n\nThe Software is "
                                         "provided to you by the Licensor under the License, as defined "
                                         "below, subject to the following condition.\n\nWithout limiting "
                                         "other conditions in the License, the grant of rights under "
                                         "the License will not include, and the License does not grant to "
                                         "you, the right to Sell the Software.\n\nMIT License\n";
}

void TestKnownLicences::whatIsPutInIsCaught()
{
    QFETCH(QString, id);
    QFETCH(QString, before);
    QFETCH(QString, after);
    QString text = textOf(*licenceById(id.toStdString()));
    QVERIFY(text.contains(before));
    text.replace(before, after);
    const EvidenceText evidence{EvidenceKind::Document, "licence.txt", text.toStdString()};
    const auto dossier = judge({&evidence, 1});
    QVERIFY2(dossier.verdict == Verdict::AskFirst || dossier.verdict == Verdict::GiftsOnly,
             std::string(idOf(dossier.verdict)).c_str());
    QVERIFY(!dossier.not_understood.empty() || !dossier.deciding.empty());
}

void TestKnownLicences::gplWithTheFontExceptionMaySell()
{
    const auto verdict = [](const std::string& text) {
        const EvidenceText evidence{EvidenceKind::Document, "licence.txt", text};
        return judge({&evidence, 1}).verdict;
    };
    QCOMPARE(verdict("Licensed under the GNU General Public License, version 2."), Verdict::SellWithinLimits);
    QCOMPARE(verdict("Licensed under the GNU General Public License, version 2, with the font exception."),
             Verdict::MaySell);
    // Text of the exception: SPDX License List, GPL-2.0-with-font-exception.
    QCOMPARE(verdict(std::string(licenceText("GPL-2.0")) +
                     "\n\nAs a special exception, if you create a document which uses this font, and embed "
                     "this font or unaltered portions of this "
                     "font into the document, this font does not by itself cause the resulting document to "
                     "be covered by the GNU General Public License."),
             Verdict::MaySell);
}

void TestKnownLicences::ordinaryTextIsNoLicence()
{
    QVERIFY(idsIn("Fennel Row is a round script with a long tail at the end of the last letter. It was drawn "
                  "for jar labels, and the "
                  "licence comes with the order. Copy the font to your font folder, and restart the programs "
                  "that should show it.")
                .empty());
    std::mt19937 random(7);
    std::string noise;
    for (int i = 0; i < 20000; ++i)
        noise += static_cast<char>(random() % 256);
    QVERIFY(recogniseLicences(readText(noise)).licences.empty());
}

INK_TEST_CORE_MAIN(TestKnownLicences)
#include "test_known_licences.moc"
