#include "core/base/digest.h"
#include "core/intake/content_kind.h"
#include "core/intake/document_text.h"
#include "core/intake/package.h"
#include "core/intake/package_rights.h"
#include "core/intake/safe_name.h"
#include "core/package/text_encoding.h"
#include "tests/support/environment.h"

#include <QDir>
#include <QFile>
#include <QProcess>
#include <QTemporaryDir>

#include <algorithm>
#include <filesystem>

using namespace ink;
namespace fs = std::filesystem;

namespace {

void put(const QString& path, const QByteArray& bytes)
{
    QDir().mkpath(QFileInfo(path).path());
    QFile file(path);
    QVERIFY(file.open(QIODevice::WriteOnly));
    file.write(bytes);
}

std::string package(const char* name)
{
    return QString("%1/../catalogue/packages/%2").arg(INK_TEST_DEMO_FONTS, name).toStdString();
}

const PackageEntry* entryOf(const PackageContents& contents, const std::string& name)
{
    const auto it = std::ranges::find(contents.entries, name, &PackageEntry::name);
    return it == contents.entries.end() ? nullptr : &*it;
}

std::string wordsOf(const QString& file, ContentKind kind)
{
    const auto text = documentText(file.toStdString(), kind);
    return text ? *text : "error: " + text.error().message();
}

} // namespace

class TestIntake : public QObject
{
    Q_OBJECT
private slots:
    void digestOfAKnownMessage();
    void namesThatLeaveTheFolderAreRefused_data();
    void namesThatLeaveTheFolderAreRefused();
    void textsAreReadInTheirEncoding_data();
    void textsAreReadInTheirEncoding();
    void kindsAreToldByContent_data();
    void kindsAreToldByContent();
    void documentsGiveTheirWords();
    void damagedDocumentsAreSaid();
    void limitsStopAPackageThatFillsTheDisk();
    void limitsCanBeLifted();
    void nothingIsWrittenOutside();
    void takingAsksWhatToDoWithFilesThatAreThere();
    void cancelledWorkStops();
    void documentsSpeakOfTheFontsOfTheirFolder();
    void aDocumentNamedAfterAFontSpeaksOfThatFontOnly();
    void foldersOfSeveralMakersShareNoLicence();
    void filesThatAreNoPackageAreSaid();
    void randomBytesNeverCrash();
};

void TestIntake::digestOfAKnownMessage()
{
    // FIPS 180-4 examples: SHA-256 of "abc".
    QCOMPARE(sha256("abc"), std::string("ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad"));
    QVERIFY(!sha256OfFile("/nowhere/at/all"));
}

void TestIntake::namesThatLeaveTheFolderAreRefused_data()
{
    QTest::addColumn<QByteArray>("name");
    QTest::addColumn<bool>("is_refused");
    const auto row = [](const char* name, bool refused) {
        QTest::addRow("%s", shownName(name).c_str()) << QByteArray(name) << refused;
    };
    for (const char* name : {"../a", "a/../../b", "/etc/passwd", "C:\\x", "c:/x", "..\\..\\x", "a\nb", "a\tb",
                             "", ".", "./", "..", "a/..", "\x7f"})
        row(name, true);
    for (const char* name :
         {"a", "./a", "a//b", "a b (1).ttf", "Ünï.otf", "...a", "a..b/c", "READ ME FIRST!!.txt"})
        row(name, false);
    QTest::addRow("long") << QByteArray(300, 'x') << true;
    QTest::addRow("deep") << QByteArray("abcdefgh/").repeated(200) << true;
}

void TestIntake::namesThatLeaveTheFolderAreRefused()
{
    QFETCH(QByteArray, name);
    QFETCH(bool, is_refused);
    const auto checked = checkName(name.toStdString());
    QCOMPARE(!checked.refusal.empty(), is_refused);
    QCOMPARE(checked.path.empty(), is_refused);
    if (!is_refused) {
        const auto inside = (fs::path("/chosen/folder") / checked.path).lexically_normal().string();
        QVERIFY(inside.starts_with("/chosen/folder/"));
    }
}

void TestIntake::textsAreReadInTheirEncoding_data()
{
    QTest::addColumn<QByteArray>("bytes");
    QTest::addColumn<QString>("text");
    const QString words = QStringLiteral("It’s “free” – für alle, naïve café");
    QTest::newRow("UTF-8") << words.toUtf8() << words;
    QTest::newRow("UTF-8 with mark") << QByteArray("\xef\xbb\xbf") + words.toUtf8() << words;
    QByteArray little, big;
    for (const QChar c : words) {
        little += char(c.unicode() & 0xff), little += char(c.unicode() >> 8);
        big += char(c.unicode() >> 8), big += char(c.unicode() & 0xff);
    }
    QTest::newRow("UTF-16 little") << QByteArray("\xff\xfe") + little << words;
    QTest::newRow("UTF-16 big") << QByteArray("\xfe\xff") + big << words;
    QTest::newRow("UTF-16 little without mark") << little << words;
    QTest::newRow("Windows-1252") << QByteArray("It\x92s \x93"
                                                "free\x94 \x96 f\xfcr alle, na\xefve caf\xe9")
                                  << words;
    QTest::newRow("Mac Roman") << QByteArray("It\xd5s \xd2"
                                             "free\xd3 \xd0 f\x9fr alle, na\x95ve caf\x8e")
                               << words;
    QTest::newRow("Windows-1252, one quote")
        << QByteArray("You can\x92t sell it.") << QStringLiteral("You can’t sell it.");
    QTest::newRow("Mac Roman, one quote")
        << QByteArray("You can\xd5t sell it.") << QStringLiteral("You can’t sell it.");
    QTest::newRow("Windows-1252, accents") << QByteArray("Usage priv\xe9 autoris\xe9, \xe0 des fins")
                                           << QStringLiteral("Usage privé autorisé, à des fins");
    QTest::newRow("Mac Roman, accents") << QByteArray("Usage priv\x8e autoris\x8e, \x88 des fins")
                                        << QStringLiteral("Usage privé autorisé, à des fins");
}

void TestIntake::textsAreReadInTheirEncoding()
{
    QFETCH(QByteArray, bytes);
    QFETCH(QString, text);
    QCOMPARE(QString::fromStdString(toUtf8Text(bytes.toStdString())), text);
}

void TestIntake::kindsAreToldByContent_data()
{
    QTest::addColumn<QByteArray>("bytes");
    QTest::addColumn<QString>("name");
    QTest::addColumn<QString>("words");
    QTest::newRow("nothing") << QByteArray() << "a.ttf"
                             << "an empty file";
    QTest::newRow("TrueType") << QByteArray("\0\1\0\0\0\x0a", 6) << "a.otf"
                              << "a TrueType font";
    QTest::newRow("CFF") << QByteArray("OTTO\0\x0a", 6) << "a.ttf"
                         << "an OpenType font";
    QTest::newRow("JPEG") << QByteArray("\xff\xd8\xff\xe0") << "a.ttf"
                          << "a JPEG picture";
    QTest::newRow("zip") << QByteArray("PK\3\4xxxx") << "a.ttf"
                         << "a package";
    QTest::newRow("docx") << QByteArray("PK\3\4xxxx") << "a.docx"
                          << "a DOCX document";
    QTest::newRow("text") << QByteArray("Free for personal use") << "LICENSE"
                          << "a text";
    QTest::newRow("page") << QByteArray("<!DOCTYPE html><p>x") << "a"
                          << "a web page";
    QTest::newRow("binary") << QByteArray("\1\2\3\4\5\6\7\1", 8) << "a.txt"
                            << "an unknown kind of file";
}

void TestIntake::kindsAreToldByContent()
{
    QFETCH(QByteArray, bytes);
    QFETCH(QString, name);
    QFETCH(QString, words);
    const auto kind = contentKindOf(bytes.toStdString(), name.toStdString());
    QCOMPARE(QString::fromUtf8(inWords(kind).data()), words);
}

void TestIntake::documentsGiveTheirWords()
{
    QTemporaryDir folder;
    const auto at = [&](const char* name) { return folder.filePath(name); };
    put(at("a.rtf"), "{\\rtf1\\ansi\\ansicpg1252 It\\rquote s for personal use only. Caf\\'e9\\par}");
    QVERIFY2(wordsOf(at("a.rtf"), ContentKind::Rtf).find("personal use only. Caf\xc3\xa9") !=
                 std::string::npos,
             wordsOf(at("a.rtf"), ContentKind::Rtf).c_str());
    QVERIFY(wordsOf(at("a.rtf"), ContentKind::Rtf).find("It\xe2\x80\x99s") != std::string::npos ||
            wordsOf(at("a.rtf"), ContentKind::Rtf).find("It's") != std::string::npos);
    put(at("a.html"), "<html><head><style>x{}</style></head><body><p>Not for "
                      "<b>sale</b>.</p><script>free()</script><p>Caf&eacute;</p></body></html>");
    const auto html = wordsOf(at("a.html"), ContentKind::Html);
    QVERIFY(html.find("Not for sale.") != std::string::npos && html.find("Café") != std::string::npos);
    QVERIFY(html.find("free()") == std::string::npos && html.find("x{}") == std::string::npos);
    put(at("a.md"), "# Licence\n\nFree for *commercial* use, see [here](http://a.example/b).\n");
    const auto md = wordsOf(at("a.md"), ContentKind::Text);
    QVERIFY2(md.find("Free for commercial use") != std::string::npos &&
                 md.find("http://a.example/b") != std::string::npos,
             md.c_str());
    // Office documents: zips of XML parts (ECMA-376, OpenDocument 1.3), made with the standard zip of Python.
    const auto zip = [&](const QString& file, const QString& part, const QString& xml) {
        QProcess python;
        python.start(
            "/usr/bin/python3",
            {"-c",
             "import sys,zipfile\nz=zipfile.ZipFile(sys.argv[1],'w')\nz.writestr(sys.argv[2],sys.argv[3])",
             file, part, xml});
        QVERIFY(python.waitForFinished() && python.exitCode() == 0);
    };
    zip(at("a.docx"), "word/document.xml",
        "<w:document xmlns:w='x'><w:body><w:p><w:r><w:t>Free for </w:t></w:r><w:r><w:t>commercial "
        "use.</w:t></w:r></w:p><w:p><w:r><w:t>Second.</w:t></w:r></w:p></w:body></w:document>");
    QVERIFY(wordsOf(at("a.docx"), ContentKind::Docx).find("Free for commercial use.\n\nSecond.") !=
            std::string::npos);
    zip(at("a.odt"), "content.xml",
        "<o xmlns:text='x'><text:h>Licence</text:h><text:p>Personal<text:s/>use only.</text:p></o>");
    QVERIFY(wordsOf(at("a.odt"), ContentKind::Odt).find("Personal use only.") != std::string::npos);
    const auto contents = inspectPackage(package("goosegate-250.zip"));
    QVERIFY(contents);
    const auto *pdf = entryOf(*contents, "Licence.pdf"), *rtf = entryOf(*contents, "Licence.rtf");
    QVERIFY(pdf && rtf && pdf->text.find("up to 250 items") != std::string::npos &&
            rtf->text.find("up to 250 items") != std::string::npos);
}

void TestIntake::damagedDocumentsAreSaid()
{
    QTemporaryDir folder;
    const QString file = folder.filePath("a.pdf");
    put(file, "%PDF-1.4\nthis is no PDF");
    QVERIFY2(wordsOf(file, ContentKind::Pdf).find("cannot be read here") != std::string::npos,
             wordsOf(file, ContentKind::Pdf).c_str());
    put(file, "PK\3\4 cut off");
    QVERIFY(wordsOf(file, ContentKind::Docx).find("cannot be read here") != std::string::npos);
    QVERIFY(wordsOf(folder.filePath("none"), ContentKind::Text).find("no such file") != std::string::npos);
}

void TestIntake::limitsStopAPackageThatFillsTheDisk()
{
    const auto contents = inspectPackage(package("orchard-bundle.zip"));
    QVERIFY(contents);
    QVERIFY(contents->is_limited);
    QCOMPARE(contents->fonts().size(), std::size_t(25)); // 24 families and one in the package inside
    const auto* huge = entryOf(*contents, "extras/huge.txt");
    QVERIFY(huge && huge->role == EntryRole::Refused &&
            huge->note.find("times its packed size") != std::string::npos);
    QVERIFY(std::ranges::any_of(contents->notes, [](const auto& note) {
        return note.find("more than 5000 entries") != std::string::npos;
    }));
    QVERIFY(contents->use.bytes < (std::uint64_t{64} << 20));
}

void TestIntake::limitsCanBeLifted()
{
    InspectOptions options;
    options.limits = PackageLimits::lifted();
    std::size_t seen = 0;
    options.progress = [&](std::size_t entries) { seen = entries; };
    const auto contents = inspectPackage(package("orchard-bundle.zip"), options);
    QVERIFY(contents && !contents->is_limited);
    QCOMPARE(contents->entries.size(), std::size_t(12001)); // a package inside holds two for its one
    QCOMPARE(seen, contents->entries.size());
    const auto* huge = entryOf(*contents, "extras/huge.txt");
    QVERIFY(huge && huge->bytes == 64u << 20);
    const auto staged = contents->staging->folder();
    QVERIFY(fs::exists(staged));
}

void TestIntake::nothingIsWrittenOutside()
{
    QTemporaryDir root;
    const fs::path chosen = root.filePath("a/b/chosen").toStdString();
    const auto contents = inspectPackage(package("evil-willow.zip"));
    QVERIFY(contents);
    std::vector<std::size_t> all(contents->entries.size());
    for (std::size_t i = 0; i < all.size(); ++i)
        all[i] = i;
    const auto taken = takeEntries(*contents, all, chosen, OnConflict::Replace);
    QVERIFY(taken);
    QCOMPARE(taken->written.size(), std::size_t(2));
    for (const auto& file : fs::recursive_directory_iterator(root.path().toStdString()))
        if (file.is_regular_file())
            QVERIFY(file.path().string().starts_with(chosen.string() + "/good/"));
    // A link that lies in the chosen folder already is not followed out of it either.
    QTemporaryDir other;
    fs::remove_all(chosen / "good");
    fs::create_directory_symlink(other.path().toStdString(), chosen / "good");
    const auto refused = takeEntries(*contents, all, chosen, OnConflict::Replace);
    QVERIFY(!refused);
    QVERIFY(QDir(other.path()).isEmpty());
}

void TestIntake::takingAsksWhatToDoWithFilesThatAreThere()
{
    QTemporaryDir root;
    const fs::path chosen = root.path().toStdString();
    const auto contents = inspectPackage(package("hobnail-donate.zip"));
    QVERIFY(contents);
    put(root.filePath("HobnailHand.ttf"), "mine");
    const auto choice = usualChoice(*contents);
    const auto kept = takeEntries(*contents, choice, chosen, OnConflict::Keep);
    QVERIFY(kept);
    QCOMPARE(kept->kept.size(), std::size_t(1));
    QCOMPARE(fs::file_size(chosen / "HobnailHand.ttf"), 4u);
    const auto both = takeEntries(*contents, choice, chosen, OnConflict::Both);
    QVERIFY(both && fs::exists(chosen / "HobnailHand 2.ttf"));
    QCOMPARE(fs::file_size(chosen / "HobnailHand.ttf"), 4u);
    const auto replaced = takeEntries(*contents, choice, chosen, OnConflict::Replace);
    QVERIFY(replaced && fs::file_size(chosen / "HobnailHand.ttf") > 1000u);
}

void TestIntake::cancelledWorkStops()
{
    CancelSource source;
    source.cancel();
    InspectOptions options;
    options.cancel = source.token();
    const auto contents = inspectPackage(package("pennyfold-full.zip"), options);
    QVERIFY(!contents);
    QCOMPARE(contents.error().code, ErrorCode::Cancelled);
}

void TestIntake::documentsSpeakOfTheFontsOfTheirFolder()
{
    const auto contents = inspectPackage(package("orchard-bundle.zip"));
    QVERIFY(contents);
    const auto verdictOf = [&](const char* name) {
        for (const std::size_t i : contents->fonts())
            if (contents->entries[i].name == name)
                return dossierOf(*contents, i).verdict;
        return Verdict::EvidenceDisagrees;
    };
    QCOMPARE(verdictOf("Apple/OrchardApple.ttf"), Verdict::MaySell);
    QCOMPARE(verdictOf("Pear/OrchardPear.ttf"), Verdict::GiftsOnly);
    QCOMPARE(verdictOf("Plum/OrchardPlum.ttf"), Verdict::SellWithinLimits);
}

void TestIntake::aDocumentNamedAfterAFontSpeaksOfThatFontOnly()
{
    const auto contents = inspectPackage(INK_TEST_DEMO_FONTS);
    QVERIFY(contents);
    for (const std::size_t i : contents->fonts()) {
        const auto& name = contents->entries[i].name;
        const auto verdict = dossierOf(*contents, i).verdict;
        if (name == "FennelRow.ttf" || name == "GatepostPlain.ttf")
            QCOMPARE(verdict, Verdict::AskFirst);
        if (name == "HartsorrelScript.ttf" || name == "StallholderBits.ttf")
            QCOMPARE(verdict, Verdict::MaySell);
    }
}

void TestIntake::foldersOfSeveralMakersShareNoLicence()
{
    QTemporaryDir folder;
    for (const char* name : {"GatepostPlain.ttf", "SaltglazeOrnaments.ttf"})
        QVERIFY(QFile::copy(QString(INK_TEST_DEMO_FONTS) + "/" + name, folder.filePath(name)));
    put(folder.filePath("licence.txt"), "Gatepost Plain is free for commercial use.");
    const auto contents = inspectPackage(folder.path().toStdString());
    QVERIFY(contents);
    for (const std::size_t i : contents->fonts())
        QCOMPARE(dossierOf(*contents, i).verdict,
                 contents->entries[i].name == "GatepostPlain.ttf" ? Verdict::MaySell : Verdict::AskFirst);
}

void TestIntake::filesThatAreNoPackageAreSaid()
{
    QTemporaryDir folder;
    put(folder.filePath("a.zip"), "PK\3\4 and then nothing of use");
    const auto damaged = inspectPackage(folder.filePath("a.zip").toStdString());
    QVERIFY(!damaged);
    QCOMPARE(damaged.error().code, ErrorCode::PackageDamaged);
    const auto none = inspectPackage(folder.filePath("none.zip").toStdString());
    QVERIFY(!none);
    QCOMPARE(none.error().code, ErrorCode::FileNotFound);
}

void TestIntake::randomBytesNeverCrash()
{
    QFile file(QString::fromStdString(package("hobnail-donate.zip")));
    QVERIFY(file.open(QIODevice::ReadOnly));
    const QByteArray whole = file.readAll();
    QTemporaryDir folder;
    for (int i = 0; i < 40; ++i) {
        QByteArray bytes = whole.left(whole.size() - i * 97);
        bytes[(i * 7919) % bytes.size()] = char(i * 31);
        put(folder.filePath("x.zip"), bytes);
        const auto contents = inspectPackage(folder.filePath("x.zip").toStdString());
        if (contents)
            for (const auto& entry : contents->entries)
                QVERIFY(entry.role != EntryRole::Font || entry.sha256.size() == 64);
        else
            QVERIFY(!contents.error().message().empty());
    }
}

INK_TEST_CORE_MAIN(TestIntake)
#include "test_intake.moc"
