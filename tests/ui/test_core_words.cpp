// What the core puts together out of parts is said in the person's language, each part of it.
#include "core/base/told.h"
#include "core/fit/font_kind.h"
#include "core/intake/package.h"
#include "core/intake/package_rights.h"
#include "tests/support/gui.h"

#include "ui/core_words.h"

#include <QLocale>
#include <QRegularExpression>
#include <QTest>
#include <QTranslator>

#include <filesystem>
#include <fstream>

using namespace ink;
using namespace ink::ui;
namespace fs = std::filesystem;

namespace {

#include "translations/core_sentences.h"

/// Words of English that are none of German and French, outside of what is quoted.
QString englishIn(QString told)
{
    told.remove(QRegularExpression(QStringLiteral("[“„«][^“”„«»]*[”“»]")));
    static const QRegularExpression english(
        QStringLiteral("\\b(the|is|it|its|of|and|with|from|that|this|were|has|not|any|which|font|file|"
                       "package|licence of)\\b"),
        QRegularExpression::CaseInsensitiveOption);
    return english.match(told).captured();
}

/// All that is told of a package, as the window gets it.
std::vector<std::string> toldOf(const PackageContents& contents)
{
    std::vector<std::string> all = contents.notes;
    for (std::size_t i = 0; i < contents.entries.size(); ++i) {
        all.push_back(contents.entries[i].note);
        if (contents.entries[i].role != EntryRole::Font)
            continue;
        const auto dossier = dossierOf(contents, i, "Free for commercial use");
        all.push_back(dossier.reason);
        all.insert(all.end(), dossier.notes.begin(), dossier.notes.end());
        all.insert(all.end(), dossier.limits.begin(), dossier.limits.end());
        for (const auto& answer : dossier.answers)
            if (answer.question != Question::Cost) // a price, as it stands there
                all.push_back(answer.detail);
        for (const auto& unclear : dossier.not_understood)
            all.push_back(unclear.why);
    }
    std::erase(all, std::string());
    return all;
}

std::string bytesOf(const fs::path& file, std::size_t most = std::string::npos)
{
    return test::slurp(file).substr(0, most);
}

void write(const fs::path& file, const std::string& bytes)
{
    fs::create_directories(file.parent_path());
    std::ofstream(file, std::ios::binary) << bytes;
}

} // namespace

class TestCoreWords : public QObject
{
    Q_OBJECT
private slots:
    void init()
    {
        if (!QTest::currentDataTag())
            return;
        const QString language = QString::fromLatin1(QTest::currentDataTag()).left(2);
        QVERIFY(m_translator.load(QStringLiteral(":/translations/under-ink_%1.qm").arg(language)));
        QLocale::setDefault(QLocale(language));
        QVERIFY(QCoreApplication::installTranslator(&m_translator));
    }
    void cleanup()
    {
        QCoreApplication::removeTranslator(&m_translator);
        QLocale::setDefault(QLocale::c());
    }

    /// Whatever stands in its places, a sentence is taken for itself and for no other.
    void everySentenceIsKnownAgain_data() { languages(); }
    void everySentenceIsKnownAgain()
    {
        int forms = 0;
        for (const QByteArray source : kCore) {
            const QString wanted = QCoreApplication::translate("Core", source.constData());
            if (!source.contains("%1")) {
                QCOMPARE(said(source.toStdString()), wanted);
                continue;
            }
            ++forms;
            const QStringList parts{"Hollyhock", "7", "Marrow Fair"};
            QString english = QString::fromUtf8(source), told = wanted;
            for (int i = 0; i < 3; ++i) {
                english.replace(QStringLiteral("%%1").arg(i + 1), parts[i]);
                told.replace(QStringLiteral("%%1").arg(i + 1), parts[i]);
            }
            QCOMPARE(said(english.toStdString()), told);
        }
        QVERIFY(forms > 60);
    }

    void partsAreSaidToo_data() { languages(); }
    void partsAreSaidToo()
    {
        const auto in = [](const char* german, const char* french) {
            return QLocale().language() == QLocale::German ? QString::fromUtf8(german)
                                                           : QString::fromUtf8(french);
        };
        QCOMPARE(said(told("It is called a font, but it is {}.", "a PNG picture")),
                 in("Es heißt wie eine Schrift, ist aber ein PNG-Bild.",
                    "Son nom est celui d’une police, mais c’est une image PNG."));
        // Notes that stand behind each other, one of them with a full stop in what is quoted.
        QCOMPARE(
            said("Stitched letters: 12. It lacks X q."),
            in("Gestickte Buchstaben: 12. Es fehlt X q.", "Lettres brodées\u00a0: 12. Il y manque X q."));
        QCOMPARE(said(told("Put into the {}: “{}”.", "MIT licence", "Not at all. Never.")),
                 in("In die MIT licence eingefügt: „Not at all. Never.“.",
                    "Ajouté à la MIT licence\u00a0: «\u00a0Not at all. Never.\u00a0»."));
        // Figures as they are written there; versions and names are none.
        QCOMPARE(said(told("{} mm is the nearest", "12.5")),
                 in("12,5 mm sind am nächsten", "12,5 mm est le plus proche"));
        QCOMPARE(
            said(Error{ErrorCode::FontTruncated, "a.ttf", told("{} of {} bytes are there", 3, 4)}),
            in("a.ttf: die Schriftdatei endet zu früh (3 von 4 Bytes sind da). Holen Sie sie noch "
               "einmal: ein Teil fehlt.",
               "a.ttf\u00a0: le fichier de police finit trop tôt (3 octets sur 4 sont là). Cherchez-le de "
               "nouveau\u00a0: une partie manque."));
        // A language by its name (CLDR); a file that is called like one keeps its own.
        QCOMPARE(said(told("{} is written in {} in part, which is not read.", "Danish", "Swedish")),
                 in("Danish ist zum Teil auf Schwedisch geschrieben; diese Sprache wird nicht gelesen.",
                    "Danish est en partie en suédois, langue qui n’est pas lue."));
        // Names that people gave stay theirs, whatever they are called.
        for (const char* name :
             {"Set 3.ttf", "Variant 2.otf", "version 2.txt", "up to 250.pdf", "10 mm.svg"}) {
            QCOMPARE(named(name), QString::fromUtf8(name));
            QVERIFY(said(told("{}: {}", name, "it is no font")).startsWith(QString::fromUtf8(name)));
            QVERIFY(said(Error{ErrorCode::FileNotFound, name, {}}).startsWith(QString::fromUtf8(name)));
        }
        QVERIFY(said(told("“{}” is here in {} formats. {} is recommended: other programs can install it, the "
                          "web formats they cannot.",
                          "Ornament", 2, "Set 1.ttf"))
                    .contains(QStringLiteral("Ornament")));
        QVERIFY(named("the font itself, licence") != QStringLiteral("the font itself, licence"));
        // And what nobody knows.
        QCOMPARE(said("somebody: their own words"),
                 in("somebody: their own words", "somebody\u00a0: their own words"));
        QCOMPARE(said(""), QString());
    }

    void packagesAreToldOf_data() { languages(); }
    void packagesAreToldOf()
    {
        const auto packages = test::demoFontFolder().parent_path() / "catalogue" / "packages";
        std::size_t told = 0;
        for (const auto& entry : fs::directory_iterator(packages)) {
            const auto contents = inspectPackage(entry.path());
            QVERIFY2(contents, entry.path().c_str());
            for (const auto& note : toldOf(*contents)) {
                ++told;
                QVERIFY2(englishIn(said(note)).isEmpty(),
                         qPrintable(QStringLiteral("%1: %2").arg(QString::fromStdString(note), said(note))));
            }
        }
        QVERIFY2(told > 100, qPrintable(QString::number(told)));
    }

    void whatIsWrongWithAPackageIsToldOf_data() { languages(); }
    void whatIsWrongWithAPackageIsToldOf()
    {
        const auto font = test::demoFont("Larkmallow.ttf");
        const auto package = m_folder.path() / QTest::currentDataTag();
        write(package / "words.ttf", "no font at all");
        write(package / "nothing.otf", "");
        write(package / "half.ttf", bytesOf(font, 9000));
        write(package / "true.otf", bytesOf(font));
        write(package / "again" / "true.otf", bytesOf(font));
        write(package / "noname", bytesOf(font));
        write(package / "table.json", "{}");
        write(package / "Thumbs.db", "x");
        write(package / "program.exe", std::string("MZ\0\0", 4));
        write(package / "half.zip",
              bytesOf(test::demoFontFolder().parent_path() / "catalogue" / "packages" / "maypole.zip", 3000));
        write(package / "half.pdf", "%PDF-1.4 and no more");
        write(package / "licence.txt",
              "Du må ikke selge noe som er laget med denne skriften. Den er bare for "
              "deg selv og for dine venner, og skal ikke brukes i en forretning. Hvis du "
              "vil selge noe, må du først spørre den som har tegnet skriften om lov.");
        write(package / "a.dst", "short");
        fs::create_symlink("/etc/passwd", package / "link.ttf");
        const auto contents = inspectPackage(package);
        QVERIFY2(contents, contents ? "" : contents.error().message().c_str());
        const auto all = toldOf(*contents);
        QVERIFY2(all.size() >= 12, qPrintable(QString::number(all.size())));
        for (const auto& note : all)
            QVERIFY2(englishIn(said(note)).isEmpty(),
                     qPrintable(QStringLiteral("%1: %2").arg(QString::fromStdString(note), said(note))));
    }

    void kindsOfFontsAreToldOf_data() { languages(); }
    void kindsOfFontsAreToldOf()
    {
        KindFacts facts;
        facts.has_letters = true;
        for (const char* name : {"Fennel Ornaments", "Larch Script", "Barley Stencil", "Plain"}) {
            facts.name = name;
            const QString reason = said(kindOf(facts).reason);
            QVERIFY2(!reason.isEmpty() && englishIn(reason).isEmpty(), qPrintable(reason));
        }
    }

private:
    static void languages()
    {
        QTest::addColumn<int>("none");
        QTest::newRow("de") << 0;
        QTest::newRow("fr") << 0;
    }

    QTranslator m_translator;
    test::TempFolder m_folder;
};

INK_TEST_GUI_MAIN(TestCoreWords)
#include "test_core_words.moc"
