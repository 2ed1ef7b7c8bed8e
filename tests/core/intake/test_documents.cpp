#include "core/intake/document_text.h"
#include "core/intake/html_text.h"
#include "core/intake/package_rights.h"
#include "core/intake/rtf_said.h"
#include "tests/support/environment.h"

#include <QDir>
#include <QFile>
#include <QProcess>
#include <QTemporaryDir>

#include <random>

#include <sys/stat.h>

using namespace ink;
namespace fs = std::filesystem;

/// What documents say, and what stands in them without being said.
class TestDocuments : public QObject
{
    Q_OBJECT
private slots:
    void whatIsNotSaidIsNotRead_data();
    void whatIsNotSaidIsNotRead();
    void tablesAreReadCellByCell_data();
    void tablesAreReadCellByCell();
    void aNoteBelowSpoilsTheYes();
    void whatIsNoDocumentIsNotRead();
    void pipesAndDevicesAreRefusedAtOnce();
    void aLicenceFreesItsOwnFolder_data();
    void aLicenceFreesItsOwnFolder();
    void twoFilesOnOneNameAreBothKept();
    void aNameThatIsFileAndFolderSpoilsOnlyItself();
    void namesAreBroughtToUtf8_data();
    void namesAreBroughtToUtf8();

private:
    void put(const QString& name, const QByteArray& bytes)
    {
        QDir().mkpath(QFileInfo(at(name)).path());
        QFile file(at(name));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write(bytes);
    }
    QString at(const QString& name) const { return m_folder.filePath(name); }
    /// Runs a line of Python 3 with the path of `name` as first argument.
    void python(const QString& code, const QString& name)
    {
        QProcess run;
        run.start("/usr/bin/python3", {"-c", code, at(name)});
        QVERIFY2(run.waitForFinished() && run.exitCode() == 0, run.readAllStandardError().constData());
    }
    Dossier dossierOf(const QString& name)
    {
        const auto contents = inspectPackage(at(name).toStdString());
        return contents ? rightsOf(*contents).dossier : Dossier{};
    }
    QByteArray makeDocument(const QString& kind, const QString& said, const QString& unsaid);

    QTemporaryDir m_folder;
};

void TestDocuments::whatIsNotSaidIsNotRead_data()
{
    QTest::addColumn<QString>("name");
    QTest::addColumn<QByteArray>("bytes");
    const auto html = [](const char* row, const char* body) {
        QTest::addRow("html %s", row)
            << QStringLiteral("a.html")
            << QByteArray("<html><body><p>Larch Hand</p>") + body + "</body></html>";
    };
    html("del", "<p><del>Free for commercial use.</del></p>");
    html("s", "<p><s>Free for commercial use.</s></p>");
    html("strike", "<p><strike>Free for commercial use.</strike></p>");
    html("hidden", "<p hidden>Free for commercial use.</p>");
    html("display none", "<p style='DISPLAY : none'>Free for commercial use.</p>");
    html("line-through", "<p style='text-decoration: line-through red'>Free for commercial use.</p>");
    html("a hiding class",
         "<style>.old, p.older { display: none }</style><p class='note old'>Free for commercial use.</p>");
    html("navigation", "<nav><a href='free'>Free for commercial use</a></nav>");
    html("a comment", "<!-- Free for commercial use. -->");
    html("a script", "<script>say('Free for commercial use.')</script>");
    html("a choice", "<select><option>Free for commercial use</option></select>");
    QTest::newRow("html title")
        << QStringLiteral("a.html")
        << QByteArray(
               "<html><head><title>Free for commercial use</title></head><body><p>Larch</p></body></html>");
    QTest::newRow("md struck out") << QStringLiteral("a.md")
                                   << QByteArray("# Larch\n\n~~Free for commercial use.~~\n");
    QTest::newRow("md html") << QStringLiteral("a.md")
                             << QByteArray("# Larch\n\n<del>Free for commercial use.</del>\n");
    QTest::newRow("md box") << QStringLiteral("a.md")
                            << QByteArray("- [ ] Commercial use allowed\n- [x] Larch\n");
    QTest::newRow("md heading") << QStringLiteral("a.md")
                                << QByteArray("# Free for commercial use?\n\nAsk me.\n");
    QTest::newRow("rtf struck out")
        << QStringLiteral("a.rtf")
        << QByteArray("{\\rtf1\\ansi Larch.\\par {\\strike Free for commercial use.}\\par}");
    QTest::newRow("rtf hidden") << QStringLiteral("a.rtf")
                                << QByteArray(
                                       "{\\rtf1\\ansi Larch.\\par {\\v Free for commercial use.}\\par}");
    QTest::newRow("rtf deleted")
        << QStringLiteral("a.rtf")
        << QByteArray("{\\rtf1\\ansi Larch.\\par {\\deleted\\revauth1 Free for commercial use.}\\par}");
    for (const char* kind : {"docx strike", "docx vanish", "docx del", "docx style", "odt strike",
                             "odt hidden", "odt deleted", "odt section"}) {
        const QString name = QStringLiteral("a.") + QString(kind).section(' ', 0, 0);
        QTest::addRow("%s", kind) << name << makeDocument(kind, "Larch Hand.", "Free for commercial use.");
    }
}

/// Office documents with the bare parts that ECMA-376 and OpenDocument 1.3 ask for.
QByteArray TestDocuments::makeDocument(const QString& kind, const QString& said, const QString& unsaid)
{
    static const QString kDocx = QStringLiteral(
        "<w:document xmlns:w='x'><w:body><w:p><w:r><w:t>%1</w:t></w:r></w:p>%2</w:body></w:document>");
    static const QString kOdt =
        QStringLiteral("<office:document-content xmlns:office='o' xmlns:text='t' "
                       "xmlns:style='s'><office:automatic-styles>%3</office:automatic-styles>"
                       "<office:body><office:text>%4<text:p>%1</text:p>%2</office:text></office:body></"
                       "office:document-content>");
    QString xml, styles,
        name = kind.startsWith("docx") ? QStringLiteral("word/document.xml") : QStringLiteral("content.xml");
    const auto run = [&](const char* property) {
        return QStringLiteral("<w:p><w:r><w:rPr>%1</w:rPr><w:t>%2</w:t></w:r></w:p>")
            .arg(QString(property), unsaid);
    };
    if (kind == "docx strike")
        xml = kDocx.arg(said, run("<w:strike/>"));
    else if (kind == "docx vanish")
        xml = kDocx.arg(said, run("<w:vanish w:val='true'/>"));
    else if (kind == "docx del")
        xml = kDocx.arg(
            said,
            QStringLiteral("<w:p><w:del><w:r><w:delText>%1</w:delText></w:r></w:del></w:p>").arg(unsaid));
    else if (kind == "docx style") {
        xml = kDocx.arg(said, run("<w:rStyle w:val='old'/>"));
        styles =
            "<w:styles xmlns:w='x'><w:style w:styleId='gone'><w:rPr><w:dstrike/></w:rPr></w:style><w:style "
            "w:styleId='old'><w:basedOn w:val='gone'/></w:style></w:styles>";
    } else if (kind == "odt strike")
        xml = kOdt.arg(
            said,
            QStringLiteral("<text:p><text:span text:style-name='T1'>%1</text:span></text:p>").arg(unsaid),
            "<style:style style:name='T1'><style:text-properties "
            "style:text-line-through-style='solid'/></style:style>",
            QString());
    else if (kind == "odt hidden")
        xml = kOdt.arg(
            said, QStringLiteral("<text:p text:style-name='P1'>%1</text:p>").arg(unsaid),
            "<style:style style:name='P1'><style:text-properties text:display='none'/></style:style>",
            QString());
    else if (kind == "odt section")
        xml = kOdt.arg(said,
                       QStringLiteral("<text:section text:display='none'><text:p>%1</text:p></text:section>")
                           .arg(unsaid),
                       QString(), QString());
    else
        xml = kOdt.arg(said, QString(), QString(),
                       QStringLiteral("<text:tracked-changes><text:changed-region><text:deletion><text:p>%1</"
                                      "text:p></text:deletion></text:changed-region></text:tracked-changes>")
                           .arg(unsaid));
    QTemporaryDir folder;
    QProcess run_python;
    run_python.start(
        "/usr/bin/python3",
        {"-c",
         "import sys,zipfile\nz=zipfile.ZipFile(sys.argv[1],'w')\nz.writestr(sys.argv[2],sys.argv[3])\n"
         "if sys.argv[4]: z.writestr('word/styles.xml',sys.argv[4])",
         folder.filePath("x"), name, xml, styles});
    run_python.waitForFinished();
    QFile file(folder.filePath("x"));
    return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
}

void TestDocuments::whatIsNotSaidIsNotRead()
{
    QFETCH(QString, name);
    QFETCH(QByteArray, bytes);
    QVERIFY(!bytes.isEmpty());
    put(name, bytes);
    const auto contents = inspectPackage(at(name).toStdString());
    QVERIFY(contents && contents->entries.size() == 1);
    const auto& entry = contents->entries.front();
    QVERIFY2(entry.role == EntryRole::Document && !entry.text.empty(), entry.note.c_str()); // it was read
    QCOMPARE(rightsOf(*contents).dossier.verdict, Verdict::AskFirst);
    QFile::remove(at(name));
}

void TestDocuments::tablesAreReadCellByCell_data()
{
    QTest::addColumn<QString>("name");
    QTest::addColumn<QByteArray>("bytes");
    QTest::addColumn<bool>("is_yes");
    QTest::newRow("html yes")
        << "a.html"
        << QByteArray("<html><table><tr><td>Personal use</td><td>yes</td></tr><tr><td>Commercial "
                      "use</td><td>yes</td></tr></table></html>")
        << true;
    QTest::newRow("html no")
        << "a.html"
        << QByteArray("<html><table><tr><td>Personal use</td><td>yes</td></tr><tr><td>Commercial "
                      "use</td><td>no</td></tr></table></html>")
        << false;
    QTest::newRow("html columns") << "a.html"
                                  << QByteArray("<html><table><tr><th>Licence</th><th>Commercial "
                                                "use</th></tr><tr><td>Free</td><td>-</td></tr><tr><td>Paid</"
                                                "td><td>yes</td></tr></table></html>")
                                  << false;
    QTest::newRow("md yes") << "a.md"
                            << QByteArray("| Use | |\n| --- | --- |\n| Commercial use | allowed |\n") << true;
    QTest::newRow("md columns")
        << "a.md" << QByteArray("| | Free | Extended |\n| --- | --- | --- |\n| Commercial use | no | yes |\n")
        << false;
    QTest::newRow("heads of columns")
        << "a.html"
        << QByteArray("<html><table><tr><th>Commercial use</th><th>Free</th></tr>"
                      "<tr><td>Larch</td><td>10 sheets</td></tr></table></html>")
        << false;
    QTest::newRow("heads of columns in Markdown")
        << "a.md" << QByteArray("| Commercial use | Free |\n| --- | --- |\n| Larch | 10 sheets |\n") << false;
    QTest::newRow("heads of columns in a text")
        << "a.txt" << QByteArray("| Commercial use | Free |\n| --- | --- |\n| Larch | 10 sheets |\n")
        << false;
    QTest::newRow("heads of columns set with spaces")
        << "a.txt"
        << QByteArray("Commercial use      Free\n--------------------------\nLarch               10 sheets\n")
        << false;
    QTest::newRow("a rule below the last row")
        << "a.txt"
        << QByteArray("Personal use        yes\nCommercial use      yes\n-----------------------\n") << true;
    QTest::newRow("a heading without its cell")
        << "a.md" << QByteArray("| Free for commercial use | |\n| --- | --- |\n| Larch | no |\n") << false;
    QTest::newRow("columns set with spaces")
        << "a.txt" << QByteArray("Personal use        yes\nCommercial use      yes\n") << true;
    QTest::newRow("columns set with tabs")
        << "a.txt" << QByteArray("Personal use\tyes\nCommercial use\tno\n") << false;
    QTest::newRow("an empty cell") << "a.txt" << QByteArray("Personal use        free\nCommercial use\n")
                                   << false;
}

void TestDocuments::tablesAreReadCellByCell()
{
    QFETCH(QString, name);
    QFETCH(QByteArray, bytes);
    QFETCH(bool, is_yes);
    put(name, bytes);
    QCOMPARE(dossierOf(name).verdict == Verdict::MaySell, is_yes);
    QFile::remove(at(name));
}

void TestDocuments::aNoteBelowSpoilsTheYes()
{
    python("import sys,zipfile\nz=zipfile.ZipFile(sys.argv[1],'w')\n"
           "z.writestr('word/document.xml',\"<w:document xmlns:w='x'><w:body><w:p><w:r><w:t>Free for "
           "commercial use.</w:t></w:r><w:r><w:footnoteReference/></w:r></w:p></w:body></w:document>\")\n"
           "z.writestr('word/footnotes.xml',\"<w:footnotes xmlns:w='x'><w:footnote><w:p><w:r><w:t>On "
           "Sundays.</w:t></w:r></w:p></w:footnote></w:footnotes>\")",
           "note.docx");
    QCOMPARE(dossierOf("note.docx").verdict, Verdict::AskFirst);
    put("note.html", "<html><p>Free for commercial use.<sup>1</sup></p><p>1 On Sundays.</p></html>");
    QCOMPARE(dossierOf("note.html").verdict, Verdict::AskFirst);
}

void TestDocuments::whatIsNoDocumentIsNotRead()
{
    const QByteArray yes = "Free for commercial use.\n";
    const auto isRead = [&](const QString& name) {
        const auto contents = inspectPackage(at(name).toStdString());
        return contents &&
               std::ranges::any_of(contents->entries, [](const PackageEntry& e) { return !e.text.empty(); });
    };
    put("plain.txt", yes);
    QVERIFY(isRead("plain.txt"));
    // A script that unpacks what lies behind it.
    put("self-extracting.sh",
        "#!/bin/sh\n# " + yes + QByteArray("\n").repeated(6000) + QByteArray("PK\3\4\0\0\0\0\0\0", 10));
    QVERIFY(!isRead("self-extracting.sh"));
    QByteArray noise = yes;
    for (int i = 0; i < 20000; ++i)
        noise += static_cast<char>((i * 7919) % 256);
    put("noise.txt", noise);
    QVERIFY(!isRead("noise.txt"));
    QByteArray high = yes;
    std::mt19937 random(3);
    for (int i = 0; i < 20000; ++i)
        high += static_cast<char>(128 + random() % 128);
    put("high.txt", high);
    QVERIFY(!isRead("high.txt"));
    put("russian.txt",
        QByteArray::fromHex("c2e520eceee6e5f2e520efeee4e0f0e8f2fc20fdf2eef220f8f0e8f4f22e") + '\n' + yes);
    QVERIFY(isRead("russian.txt")); // Windows-1251
    QCOMPARE(dossierOf("noise.txt").verdict, Verdict::AskFirst);
}

void TestDocuments::pipesAndDevicesAreRefusedAtOnce()
{
    const auto pipe = at("pipe.ttf").toStdString();
    QCOMPARE(::mkfifo(pipe.c_str(), 0600), 0);
    for (const std::string& path : {pipe, std::string("/dev/zero"), std::string("/dev/null")}) {
        const auto contents = inspectPackage(path);
        QVERIFY2(!contents && contents.error().code == ErrorCode::FileUnreadable, path.c_str());
        QVERIFY(!documentText(path, ContentKind::Text));
        QVERIFY(firstBytes(path, 10).empty());
    }
    // One in a folder is passed over.
    put("folder/readme.txt", "Free for commercial use.");
    QCOMPARE(::mkfifo(at("folder/pipe.txt").toStdString().c_str(), 0600), 0);
    QCOMPARE(dossierOf("folder").verdict, Verdict::MaySell);
}

void TestDocuments::aLicenceFreesItsOwnFolder_data()
{
    QTest::addColumn<QString>("licence");
    QTest::addColumn<QString>("font");
    QTest::addColumn<bool>("is_yes");
    QTest::newRow("beside it") << "p/OFL.txt"
                               << "p/f.ttf" << true;
    QTest::newRow("above it") << "p/OFL.txt"
                              << "p/fonts/otf/f.ttf" << true;
    QTest::newRow("below it") << "p/fonts/OFL.txt"
                              << "p/f.ttf" << false;
    QTest::newRow("in a folder without a font") << "p/icons/OFL.txt"
                                                << "p/fonts/f.ttf" << false;
}

void TestDocuments::aLicenceFreesItsOwnFolder()
{
    QFETCH(QString, licence);
    QFETCH(QString, font);
    QFETCH(bool, is_yes);
    put(licence, "This Font Software is licensed under the SIL Open Font License, Version 1.1.");
    QDir().mkpath(QFileInfo(at(font)).path());
    QVERIFY(QFile::copy(QString(INK_TEST_DATA) + "/ornaments.ttf", at(font)));
    const auto contents = inspectPackage(at("p").toStdString());
    QVERIFY(contents && contents->fonts().size() == 1);
    const auto dossier = rightsOf(*contents).dossier;
    QCOMPARE(dossier.verdict == Verdict::MaySell, is_yes);
    if (!is_yes)
        QVERIFY(std::ranges::any_of(dossier.notes, [](const std::string& n) {
            return n.find("folder of its own") != std::string::npos;
        }));
    // What refuses counts wherever it lies.
    put(licence, "Personal use only. No commercial use.");
    QCOMPARE(rightsOf(*inspectPackage(at("p").toStdString())).dossier.verdict, Verdict::GiftsOnly);
    QDir(at("p")).removeRecursively();
}

void TestDocuments::twoFilesOnOneNameAreBothKept()
{
    python(
        "import sys,warnings,zipfile\nwarnings.simplefilter('ignore')\nz=zipfile.ZipFile(sys.argv[1],'w')\n"
        "[z.writestr('readme.txt',t) for t in ('Personal use only.','Free for commercial use.','Personal use "
        "only.')]",
        "twice.zip");
    const auto contents = inspectPackage(at("twice.zip").toStdString());
    QVERIFY(contents);
    QCOMPARE(contents->entries[0].path, fs::path("readme.txt"));
    QCOMPARE(contents->entries[1].path, fs::path("readme 2.txt"));
    QVERIFY(contents->entries[1].note.find("same name") != std::string::npos && !contents->notes.empty());
    QCOMPARE(contents->entries[2].role, EntryRole::Junk); // the same once more
    const auto taken =
        takeEntries(*contents, usualChoice(*contents), at("out").toStdString(), OnConflict::Keep);
    QVERIFY(taken);
    QCOMPARE(taken->written.size(), std::size_t(2));
    QVERIFY(QFile::exists(at("out/readme.txt")) && QFile::exists(at("out/readme 2.txt")));
}

void TestDocuments::aNameThatIsFileAndFolderSpoilsOnlyItself()
{
    python("import sys,zipfile\nz=zipfile.ZipFile(sys.argv[1],'w')\n"
           "z.writestr('fonts','a "
           "file')\nz.writestr('fonts/readme.txt','inside')\nz.writestr('other.txt','beside')",
           "both.zip");
    const auto contents = inspectPackage(at("both.zip").toStdString());
    QVERIFY(contents);
    auto taken = takeEntries(*contents, usualChoice(*contents), at("both").toStdString(), OnConflict::Keep);
    QVERIFY(taken);
    QVERIFY(QFile::exists(at("both/fonts 2")) && QFile::exists(at("both/fonts/readme.txt")) &&
            QFile::exists(at("both/other.txt")));
    // The same where a file stands already.
    put("stands/fonts", "of somebody");
    taken = takeEntries(*contents, usualChoice(*contents), at("stands").toStdString(), OnConflict::Keep);
    QVERIFY(taken);
    QCOMPARE(taken->left_out.size(), std::size_t(1));
    QVERIFY(QFile::exists(at("stands/other.txt")));
}

void TestDocuments::namesAreBroughtToUtf8_data()
{
    QTest::addColumn<QString>("encoding");
    QTest::addColumn<QStringList>("names");
    QTest::newRow("Japanese") << "shift_jis"
                              << QStringList{QString::fromUtf8("フォントの使い方.txt"),
                                             QString::fromUtf8("利用規約について.txt"),
                                             QString::fromUtf8("はじめにお読みください.txt")};
    QTest::newRow("Russian") << "koi8_r"
                             << QStringList{QString::fromUtf8("лицензия на шрифт.txt"),
                                            QString::fromUtf8("прочитай меня сначала.txt"),
                                            QString::fromUtf8("правила пользования.txt")};
    QTest::newRow("French") << "latin_1"
                            << QStringList{QString::fromUtf8("clés à gauche et à droite.txt"),
                                           QString::fromUtf8("été dernier, prénom.txt")};
}

void TestDocuments::namesAreBroughtToUtf8()
{
    QFETCH(QString, encoding);
    QFETCH(QStringList, names);
    // A tar holds names as bytes, without saying in which encoding.
    python("import io,sys,tarfile\nt=tarfile.open(sys.argv[1],'w',format=tarfile.GNU_FORMAT,encoding='" +
               encoding +
               "')\n"
               "for n in '" +
               names.join('|') +
               "'.split('|'):\n i=tarfile.TarInfo(n); i.size=5; t.addfile(i,io.BytesIO(b'words'))\nt.close()",
           "names.tar");
    const auto contents = inspectPackage(at("names.tar").toStdString());
    QVERIFY(contents);
    QStringList found;
    for (const auto& entry : contents->entries) {
        found.append(QString::fromStdString(entry.name));
        QVERIFY2(entry.note.find("written in") != std::string::npos, entry.note.c_str());
    }
    QCOMPARE(found, names);
}

INK_TEST_CORE_MAIN(TestDocuments)
#include "test_documents.moc"
