#include "core/rights/dossier.h"
#include "core/rights/known_licences.h"
#include "core/rights/licence_texts.h"
#include "core/rights/reading.h"
#include "tests/support/environment.h"

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
    for (const auto& licence : knownLicences()) {
        const QString id = QString::fromUtf8(licence.id.data(), static_cast<qsizetype>(licence.id.size()));
        const QString text = textOf(licence);
        if (text.isEmpty()) {
            QVERIFY2(id == "GUST-1.0" || id == "GPL-with-font-exception", qPrintable(id));
            continue;
        }
        QTest::addRow("%s as it is", qPrintable(id)) << id << text;
        QTest::addRow("%s reflowed", qPrintable(id)) << id << reflowed(text);
        QTest::addRow("%s requoted", qPrintable(id)) << id << requoted(text);
        QTest::addRow("%s in capitals", qPrintable(id)) << id << text.toUpper();
        QTest::addRow("%s other copyright", qPrintable(id)) << id << withOtherCopyright(text);
        QTest::addRow("%s cut off half way", qPrintable(id)) << id << text.left(text.size() / 2);
        QTest::addRow("%s all at once", qPrintable(id))
            << id << reflowed(requoted(withOtherCopyright(text.left(text.size() * 2 / 3))));
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
    const auto found = recogniseLicences(readText(text.toStdString())).licences;
    QCOMPARE(found.size(), std::size_t(id.isEmpty() ? 0 : 1));
    if (found.empty())
        return;
    QCOMPARE(QString::fromUtf8(found[0].licence->id.data()), id);
    QCOMPARE(found[0].is_hint, is_link);
}

void TestKnownLicences::aSentenceSlippedIntoAKnownTextIsRead()
{
    QString text = textOf(*licenceById("MIT"));
    const auto at = text.indexOf("The above copyright notice");
    QVERIFY(at > 0);
    text.insert(at, "You may not use this font commercially under any circumstances.\n\n");
    const EvidenceText evidence{EvidenceKind::Document, "licence.txt", text.toStdString()};
    QCOMPARE(judge({&evidence, 1}).verdict, Verdict::EvidenceDisagrees);
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
