#include "core/base/digest.h"
#include "shelf/bundle.h"
#include "shelf/shelf_intake.h"
#include "tests/support/gui.h"
#include "ui/shelf/font_words.h"
#include "ui/shelf/shelf_delegate.h"
#include "ui/shelf/shelf_page.h"
#include "ui/widgets/choice.h"

#include <QAbstractProxyModel>
#include <QDateEdit>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QMenu>
#include <QPlainTextEdit>
#include <QProcess>
#include <QPushButton>
#include <QScrollArea>

#include <poppler-document.h>
#include <poppler-page-renderer.h>
#include <poppler-page.h>

#include <fstream>
#include <map>

using namespace ink;
using namespace ink::ui;
namespace fs = std::filesystem;

namespace {

fs::path packageFile(const char* name)
{
    return test::demoFontFolder() / ".." / "catalogue" / "packages" / name;
}

/// The real window with packages on the shelf, at the station, worked by keyboard.
struct ShelfFixture : test::WindowFixture
{
    explicit ShelfFixture(std::initializer_list<const char*> packages = {"hartsorrel.zip", "maypole.zip",
                                                                         "tansy-cord.zip",
                                                                         "stallholder-bits.zip"},
                          bool with_demo = false)
        : WindowFixture(firstJob(), 1.0, with_demo)
    {
        std::vector<fs::path> files;
        for (const char* name : packages)
            files.push_back(packageFile(name));
        take(files);
        openStation();
    }

    void openStation()
    {
        QTest::keyClick(window.get(), Qt::Key_2, Qt::AltModifier);
        rest();
    }
    void take(const std::vector<fs::path>& files)
    {
        window->shelf().run<bool>(
            [files](OpenShelf& shelf) -> Result<bool> {
                for (const auto& file : files) {
                    const auto contents = inspectPackage(file);
                    if (!contents || !takeToShelf(shelf.store, *contents, contents->fonts(), "2026-09-12"))
                        qFatal("%s was not taken in", file.c_str());
                }
                return true;
            },
            [](const Result<bool>&) {});
        rest();
    }
    QListView* list() const { return find<QListView>("shelfList"); }
    QStringList shown() const
    {
        QStringList names;
        for (int row = 0; row < list()->model()->rowCount(); ++row)
            names << list()->model()->index(row, 0).data().toString();
        return names;
    }
    /// Chooses by keyboard: Home, arrows to the first, Ctrl for the others.
    void choose(const QStringList& names)
    {
        list()->setFocus();
        list()->clearSelection();
        for (const auto& name : names) {
            const int row = static_cast<int>(shown().indexOf(name));
            if (row < 0)
                qFatal("no font called %s: %s", qPrintable(name), qPrintable(shown().join('|')));
            list()->selectionModel()->setCurrentIndex(list()->model()->index(row, 0),
                                                      QItemSelectionModel::NoUpdate);
            QTest::keyClick(list(), Qt::Key_Space, Qt::ControlModifier);
        }
        rest();
    }
    void press(const char* name)
    {
        auto* button = find<QAbstractButton>(name);
        if (!button->isVisible() || !button->isEnabled())
            qFatal("%s cannot be pressed", name);
        button->setFocus();
        QTest::keyClick(button, Qt::Key_Space);
        rest();
    }
    void type(const char* edit, const QString& words)
    {
        auto* line = find<QLineEdit>(edit);
        line->setFocus();
        QTest::keyClicks(line, words);
        QTest::keyClick(line, Qt::Key_Return);
        rest();
    }
    void undo(bool again = false)
    {
        list()->setFocus();
        QTest::keyClick(list(), Qt::Key_Z,
                        again ? Qt::ControlModifier | Qt::ShiftModifier
                              : Qt::KeyboardModifiers(Qt::ControlModifier));
        rest();
    }
    void pick(const char* choice, const QString& words)
    {
        auto* box = find<QComboBox>(choice);
        const int at = box->findText(words);
        if (at < 0)
            qFatal("%s cannot be chosen", qPrintable(words));
        box->setCurrentIndex(at);
        rest();
    }
    QString label(const char* name) const { return find<QLabel>(name)->text(); }
    QString message() const { return find<QLabel>("messageText")->accessibleName(); }
    ShelfFont font(const char* name) const
    {
        for (const auto& font : window->shelf().contents()->fonts())
            if (font->readableName() == name)
                return *font;
        qFatal("no font called %s on the shelf", name);
    }
    std::map<std::string, std::string> installedTree() const
    {
        std::map<std::string, std::string> tree;
        std::error_code none;
        for (fs::recursive_directory_iterator it(installed.parent_path(), none), end; !none && it != end;
             ++it)
            tree[it->path().string()] = it->is_regular_file() ? *sha256OfFile(it->path()) : "folder";
        return tree;
    }
    QStringList buttons(const char* name) const
    {
        QStringList texts;
        for (const auto* button : window->findChildren<QAbstractButton*>(QLatin1String(name)))
            if (button->isVisible())
                texts << button->text();
        return texts;
    }
};

/// Width of what is dark on a page of a PDF, in mm, between two heights in mm. Reference: Poppler.
double inkWidth_mm(const QString& file, double top_mm, double bottom_mm)
{
    constexpr double kDpi = 508.0;
    const std::unique_ptr<poppler::document> pdf(poppler::document::load_from_file(file.toStdString()));
    const std::unique_ptr<poppler::page> page(pdf->create_page(0));
    poppler::page_renderer renderer;
    renderer.set_render_hint(poppler::page_renderer::antialiasing);
    const auto image = renderer.render_page(page.get(), kDpi, kDpi);
    const QImage picture(reinterpret_cast<const uchar*>(image.const_data()), image.width(), image.height(),
                         image.bytes_per_row(), QImage::Format_ARGB32);
    int left = picture.width(), right = -1;
    for (int y = static_cast<int>(top_mm * kDpi / 25.4); y < bottom_mm * kDpi / 25.4; ++y)
        for (int x = 0; x < picture.width(); ++x)
            if (qGray(picture.pixel(x, y)) < 128) {
                left = std::min(left, x);
                right = std::max(right, x);
            }
    return (right - left + 1) * 25.4 / kDpi;
}

QString pdfText(const QString& file)
{
    const std::unique_ptr<poppler::document> pdf(poppler::document::load_from_file(file.toStdString()));
    QString text;
    for (int i = 0; i < pdf->pages(); ++i) {
        const std::unique_ptr<poppler::page> page(pdf->create_page(i));
        const auto bytes = page->text().to_utf8();
        text += QString::fromUtf8(bytes.data(), static_cast<qsizetype>(bytes.size()));
    }
    return text;
}

} // namespace

class TestShelf : public QObject
{
    Q_OBJECT
private slots:
    void anEmptyShelfSaysWhatToDo();
    void theCollectionIsShownInTheJobsWords();
    void lettersThatAFontLacksAreNamed();
    void installingIsSeenAndUndone();
    void aFreshQtProgramSeesWhatIsInstalled();
    void manyAreMovedInOneAction();
    void settingAsideKeepsThemOutOfFind();
    void othersFontsAreShownAndNeverTouched();
    void forThisJobOnlyIsAskedOnce_data();
    void forThisJobOnlyIsAskedOnce();
    void untilADay();
    void setsTagsAndNotes();
    void aHalfTypedNoteIsKept();
    void findingAgain_data();
    void findingAgain();
    void daysAreSeenFromToday_data();
    void daysAreSeenFromToday();
    void sortingByFitFollowsTheJob();
    void otherLettersOnRequest();
    void usedOnShowsTheProjects();
    void documentsAreOpened();
    void theKeyMapSheetGoesToPaper();
    void theSpecimenIsOfTrueSize();
    void aSpecimenIsMadeOutOfSight();
    void twinsAreSortedOut();
    void healthFindsMissingFiles();
    void aCarriedShelfAsksWhereBothDiffer();
    void forAllUsersIsAPackage();
    void badFilesAreToldAndChangeNothing();
    void aNewerShelfIsLeftAlone();
    void twoWindowsSeeEachOther();
    void theInboxMovesOnce();
    void theWholeStationByKeyboard();
};

void TestShelf::anEmptyShelfSaysWhatToDo()
{
    ShelfFixture f({}, true);
    QVERIFY(f.label("shelfEmpty").contains("Nothing is on your shelf yet"));
    QCOMPARE(f.label("shelfName"), QStringLiteral("No font chosen"));
    f.press("shelfTakeDemo");
    QCOMPARE(f.window->shelf().contents()->fonts().size(), std::size_t(15));
    QVERIFY(f.shown().contains("Hartsorrel Script"));
    QVERIFY(f.message().contains("15 new fonts"));
    // They stand in Find once, and the job goes on in the one of the shelf.
    int count = 0;
    for (int row = 0; row < f.window->fonts().rowCount(); ++row)
        count += f.window->fonts().name(row) == QLatin1String("Hartsorrel Script");
    QCOMPARE(count, 1);
    QVERIFY(f.window->shelf().contents()->fontAt(f.window->jobModel().job().font.path));
    // The licence that lies beside it came along.
    QVERIFY(!f.font("Hartsorrel Script").documents.empty());
}

void TestShelf::theCollectionIsShownInTheJobsWords()
{
    ShelfFixture f;
    QCOMPARE(f.shown().size(), 7);
    // Fonts of one name are told apart by their files.
    QVERIFY(f.shown().contains("Maypole Hand (maypole-black)"));
    const auto before = f.list()->grab().toImage();
    QTest::keyClick(f.window.get(), Qt::Key_W, Qt::AltModifier);
    QTest::keyClicks(QApplication::focusWidget(), " Ottilie");
    f.rest();
    QVERIFY(f.list()->grab().toImage() != before);
    QVERIFY(f.find<QLabel>("shelfCount")->text().contains("7 fonts"));
    // One file, two faces: the rail counts as the list does.
    f.take({packageFile("hobnail-donate.zip")});
    QVERIFY(f.find<QLabel>("shelfCount")->text().contains("9 fonts"));
    QCOMPARE(f.find<QAbstractButton>("stationShelf")->accessibleDescription(), QStringLiteral("9 fonts"));
}

void TestShelf::lettersThatAFontLacksAreNamed()
{
    ShelfFixture f({"hartsorrel.zip"});
    f.window->jobModel().setWords("Oтto");
    f.rest();
    const auto* label = qobject_cast<const ShelfDelegate*>(f.list()->itemDelegate());
    QVERIFY(label && f.list()->model()->rowCount() == 1);
    const int row = qobject_cast<const QAbstractProxyModel*>(f.list()->model())
                        ->mapToSource(f.list()->model()->index(0, 0))
                        .row();
    QVERIFY2(label->aboutOf(row).startsWith(QStringLiteral("without т · ")), qPrintable(label->aboutOf(row)));
    f.window->jobModel().setWords("Otto");
    f.rest();
    QVERIFY(!label->aboutOf(row).contains(QStringLiteral("without")));
}

void TestShelf::installingIsSeenAndUndone()
{
    ShelfFixture f;
    const auto before = f.installedTree();
    f.choose({"Hartsorrel Script"});
    QCOMPARE(f.label("shelfState"), QStringLiteral("On the shelf: only Under Ink sees it."));
    f.press("shelfInstall");
    QVERIFY(f.label("shelfState").startsWith("Installed:"));
    QVERIFY(f.message().startsWith("Installed Hartsorrel Script"));
    const auto font = f.font("Hartsorrel Script");
    QCOMPARE(*sha256OfFile(font.installed_path), font.sha256);
    QCOMPARE(fs::path(font.installed_path).parent_path(), f.installed);
    QVERIFY(!f.find<QAbstractButton>("shelfInstall")->isVisible());
    f.undo();
    QCOMPARE(f.font("Hartsorrel Script").state, ShelfState::OnShelf);
    QVERIFY(f.installedTree() == before);
    f.undo(true);
    QCOMPARE(f.font("Hartsorrel Script").state, ShelfState::Installed);
    f.choose({"Hartsorrel Script"});
    f.press("shelfRemove");
    QVERIFY(f.installedTree() == before);
}

void TestShelf::aFreshQtProgramSeesWhatIsInstalled()
{
    ShelfFixture f;
    const auto families = [&] {
        QProcess program;
        auto environment = QProcessEnvironment::systemEnvironment();
        std::ofstream(f.folder.path() / "fonts.conf")
            << "<?xml version=\"1.0\"?><!DOCTYPE fontconfig SYSTEM \"fonts.dtd\"><fontconfig><dir>"
            << f.installed.parent_path().string() << "</dir><cachedir>" << (f.folder.path() / "fc").string()
            << "</cachedir></fontconfig>";
        environment.insert("FONTCONFIG_FILE",
                           QString::fromStdString((f.folder.path() / "fonts.conf").string()));
        program.setProcessEnvironment(environment);
        program.start(QCoreApplication::applicationFilePath(), {"--font-families"});
        program.waitForFinished();
        return QString::fromUtf8(program.readAllStandardOutput());
    };
    QVERIFY(!families().contains("Tansy Cord"));
    f.choose({"Tansy Cord"});
    f.press("shelfInstall");
    QVERIFY2(families().contains("Tansy Cord"), qPrintable(families()));
    f.press("shelfRemove");
    QVERIFY(!families().contains("Tansy Cord"));
}

void TestShelf::manyAreMovedInOneAction()
{
    ShelfFixture f;
    f.choose({"Tansy Cord", "Hartsorrel Script", "Stallholder Bits"});
    QCOMPARE(f.label("shelfName"), QStringLiteral("3 fonts"));
    f.press("shelfInstall");
    QCOMPARE(f.label("shelfState"), QStringLiteral("3 installed"));
    f.press("shelfAside");
    for (const char* name : {"Tansy Cord", "Hartsorrel Script", "Stallholder Bits"})
        QCOMPARE(f.font(name).state, ShelfState::SetAside);
    QVERIFY(!fs::exists(f.installed));
    QCOMPARE(f.shown().size(), 4);
    f.undo();
    for (const char* name : {"Tansy Cord", "Hartsorrel Script", "Stallholder Bits"})
        QCOMPARE(f.font(name).state, ShelfState::Installed);
    f.undo();
    QCOMPARE(f.font("Tansy Cord").state, ShelfState::OnShelf);
}

void TestShelf::settingAsideKeepsThemOutOfFind()
{
    ShelfFixture f;
    const auto inFind = [&] {
        const auto* model = f.find<QListView>("fontList")->model();
        for (int row = 0; row < model->rowCount(); ++row)
            if (model->index(row, 0).data().toString() == QLatin1String("Stallholder Bits"))
                return true;
        return false;
    };
    QVERIFY(inFind());
    f.choose({"Stallholder Bits"});
    f.press("shelfAside");
    QVERIFY(!inFind());
    QVERIFY(!f.shown().contains("Stallholder Bits"));
    f.press("shelfPlace2"); // show what is set aside
    f.choose({"Stallholder Bits"});
    QVERIFY(f.label("shelfState").startsWith("Set aside"));
    f.press("shelfBack");
    QVERIFY(inFind());
}

void TestShelf::othersFontsAreShownAndNeverTouched()
{
    ShelfFixture f;
    const auto elsewhere = f.folder.write("elsewhere/GatepostPlain.ttf",
                                          test::slurp(test::demoFont("GatepostPlain.ttf")) + '\0');
    const auto entries = fontsInFiles({elsewhere}, FontOrigin::System);
    f.window->fonts().addEntries(entries.entries);
    f.rest();
    const auto digest = *sha256OfFile(elsewhere);
    f.press("shelfPlace3");
    f.list()->setFocus();
    const auto& fonts = f.window->fonts();
    int row = -1;
    for (int i = 0; i < fonts.rowCount(); ++i)
        if (!fonts.isListing(i) && fonts.entry(i).path == elsewhere)
            row = i;
    QVERIFY(row >= 0);
    const auto* filter = qobject_cast<QSortFilterProxyModel*>(f.list()->model());
    f.list()->selectionModel()->select(filter->mapFromSource(fonts.index(row)),
                                       QItemSelectionModel::ClearAndSelect);
    f.rest();
    QVERIFY(f.label("shelfState").contains("never touched"));
    for (const char* name : {"shelfInstall", "shelfRemove", "shelfAside", "shelfBack"})
        QVERIFY2(!f.find<QWidget>(name)->isVisible(), name);
    f.press("shelfTake"); // a copy of it
    QCOMPARE(*sha256OfFile(elsewhere), digest);
    QVERIFY(f.window->shelf().contents()->fontWith(digest));
}

void TestShelf::forThisJobOnlyIsAskedOnce_data()
{
    QTest::addColumn<bool>("takes_away");
    QTest::newRow("taken away") << true;
    QTest::newRow("left for good") << false;
}

void TestShelf::forThisJobOnlyIsAskedOnce()
{
    QFETCH(bool, takes_away);
    ShelfFixture f;
    f.takes_away = takes_away;
    f.choose({"Tansy Cord", "Hartsorrel Script"});
    f.pick("shelfSpan", "for this job only");
    f.press("shelfInstall");
    QCOMPARE(f.font("Tansy Cord").project, std::string("Fennmoor Honey"));
    f.choose({"Tansy Cord"});
    QVERIFY(f.label("shelfState").contains("asked when that job is closed"));
    f.window->close();
    QCOMPARE(f.asked_about.size(), 2); // both in one question
    QVERIFY(f.asked_about.contains("Tansy Cord"));
    f.window.reset();
    f.open(test::WindowFixture::firstJob());
    QCOMPARE(f.font("Tansy Cord").state, takes_away ? ShelfState::OnShelf : ShelfState::Installed);
    QVERIFY(f.font("Tansy Cord").project.empty());
    QCOMPARE(fs::exists(f.installed), !takes_away);
    f.window->close();
    QCOMPARE(f.asked_about.size(), 2); // not again
}

void TestShelf::untilADay()
{
    ShelfFixture f;
    f.choose({"Tansy Cord"});
    QVERIFY(!f.find<QWidget>("shelfUntil")->isVisible());
    f.pick("shelfSpan", "until a day");
    const QDate day = QDate::currentDate().addDays(3);
    f.find<QDateEdit>("shelfUntil")->setDate(day);
    f.press("shelfInstall");
    QCOMPARE(f.font("Tansy Cord").until, day.toString(Qt::ISODate).toStdString());
    QVERIFY(f.label("shelfState").startsWith("Installed until"));
    f.window->close();
    QVERIFY(f.asked_about.isEmpty()); // the day is the answer
    f.window.reset();
    {
        auto store = ShelfStore::open(f.state_folder / "shelf");
        QVERIFY((*store)->setInstallEnd((*store)->find("Tansy Cord")->id, {}, "2026-01-31"));
    }
    f.open(test::WindowFixture::firstJob());
    QCOMPARE(f.font("Tansy Cord").state, ShelfState::OnShelf);
    QVERIFY(!fs::exists(f.installed));
    QVERIFY(f.message().contains("Their day is over: 1 font was taken away"));
}

void TestShelf::setsTagsAndNotes()
{
    ShelfFixture f;
    f.choose({"Tansy Cord", "Hartsorrel Script"});
    f.type("shelfNewSet", "  Late   summer ");
    QVERIFY(f.font("Tansy Cord").sets == std::vector<std::string>{"Late summer"});
    QVERIFY(f.font("Hartsorrel Script").sets == std::vector<std::string>{"Late summer"});
    f.type("shelfNewTag", "joined");
    QVERIFY(f.font("Tansy Cord").tags == std::vector<std::string>{"joined"});
    f.choose({"Tansy Cord"});
    f.type("shelfNewSet", "Aprons");
    QCOMPARE(f.font("Tansy Cord").sets.size(), std::size_t(2)); // in several
    QCOMPARE(f.buttons("shelfSet"), QStringList({"Aprons", "Late summer"}));
    f.choose({"Tansy Cord", "Hartsorrel Script"});
    QCOMPARE(f.buttons("shelfSet"), QStringList({"Aprons (1 of them)", "Late summer"}));
    f.undo();
    QVERIFY(f.font("Tansy Cord").sets == std::vector<std::string>{"Late summer"});
    f.undo();
    QVERIFY(f.font("Hartsorrel Script").tags.empty());
    f.undo();
    QVERIFY(f.font("Tansy Cord").sets.empty());
    f.undo(true);
    QVERIFY(f.font("Tansy Cord").sets == std::vector<std::string>{"Late summer"});
    // Another font in the set and out again: undoing leaves those that were in it before.
    f.choose({"Stallholder Bits"});
    f.press("shelfSet");
    QVERIFY(f.font("Stallholder Bits").sets == std::vector<std::string>{"Late summer"});
    f.undo();
    QVERIFY(f.font("Stallholder Bits").sets.empty());
    QVERIFY(f.font("Tansy Cord").sets == std::vector<std::string>{"Late summer"});
}

void TestShelf::aHalfTypedNoteIsKept()
{
    ShelfFixture f;
    f.choose({"Tansy Cord"});
    auto* note = f.find<QPlainTextEdit>("shelfNote");
    note->setFocus();
    QTest::keyClicks(note, "Jar lids, 60 mm");
    f.choose({"Hartsorrel Script"});
    QCOMPARE(f.font("Tansy Cord").note, std::string("Jar lids, 60 mm"));
    QVERIFY(note->toPlainText().isEmpty());
    f.undo();
    QVERIFY(f.font("Tansy Cord").note.empty());
    f.choose({"Tansy Cord"});
    note->setFocus();
    QTest::keyClicks(note, "Crat");
    f.window->shelf().readAgain(); // another window changed something
    f.rest();
    QCOMPARE(note->toPlainText(), QStringLiteral("Crat"));
    QTest::keyClicks(note, "es");
    f.window->close();
    f.window.reset();
    f.open(test::WindowFixture::firstJob());
    QCOMPARE(f.font("Tansy Cord").note, std::string("Crates"));
}

void TestShelf::findingAgain_data()
{
    QTest::addColumn<QString>("control");
    QTest::addColumn<QString>("value");
    QTest::addColumn<QStringList>("shown");
    const auto row = [](const char* name, const char* control, const char* value, const QStringList& shown) {
        QTest::newRow(name) << control << value << shown;
    };
    row("a fragment of the name", "search", "sorrel", {"Hartsorrel Script"});
    row("several fragments", "search", "bits stall", {"Stallholder Bits"});
    row("a word of the note", "search", "apron", {"Tansy Cord"});
    row("a tag", "search", "joined", {"Hartsorrel Script"});
    row("set", "shelfSetChoice", "of the set “Autumn”", {"Hartsorrel Script", "Tansy Cord"});
    row("package", "shelfPackageChoice", "from tansy-cord.zip", {"Tansy Cord"});
    row("used this year", "shelfUsedChoice", "used this year", {"Tansy Cord"});
    row("used long ago", "shelfUsedChoice", "not used for a year", {"Stallholder Bits"});
    row("taken in longer ago", "shelfTakenInChoice", "taken in longer ago", {});
    row("kind", "kind", "picture font", {"Stallholder Bits"});
    row("verdict", "wish", "1", {"Hartsorrel Script"});
}

void TestShelf::findingAgain()
{
    QFETCH(QString, control);
    QFETCH(QString, value);
    QFETCH(QStringList, shown);
    ShelfFixture f({"hartsorrel.zip", "tansy-cord.zip", "stallholder-bits.zip", "fennel-row-personal.zip"});
    const auto id = [&](const char* name) { return f.font(name).id; };
    const ShelfKeeper::Fonts autumn{id("Hartsorrel Script"), id("Tansy Cord")};
    f.window->shelf().changeSet("Autumn", autumn, true);
    f.window->shelf().changeTag("joined", {id("Hartsorrel Script")}, true);
    f.window->shelf().setNote(id("Tansy Cord"), "For aprons");
    const std::string day = QDate::currentDate().addDays(-40).toString(Qt::ISODate).toStdString();
    f.window->shelf().run<bool>(
        [cord = id("Tansy Cord"), bits = id("Stallholder Bits"), day](OpenShelf& shelf) -> Result<bool> {
            return shelf.store.used(cord, "Lids", day) && shelf.store.used(bits, "Towels", "2020-05-01");
        },
        [](const Result<bool>&) {});
    f.rest();
    if (control == "search") {
        auto* search = f.find<QLineEdit>("shelfSearch");
        search->setFocus();
        QTest::keyClicks(search, value);
    } else if (control == "kind") {
        auto* menu = f.find<QWidget>("shelfWishes")->findChild<QPushButton*>("shelfWishKinds")->menu();
        for (auto* action : menu->actions())
            if (action->text().compare(value, Qt::CaseInsensitive) == 0)
                action->trigger();
    } else if (control == "wish") {
        f.find<QWidget>("shelfWishes")->findChild<QPushButton*>("shelfWish" + value)->click();
    } else {
        f.pick(qPrintable(control), value);
    }
    f.rest();
    if (control == "wish") // others of these may be sold as well, but this one is for gifts only
        QVERIFY(f.shown().contains(shown.front()) && !f.shown().contains("Fennel Row Personal"));
    else
        QVERIFY2(f.shown() == shown, qPrintable(f.shown().join('|')));
}

void TestShelf::daysAreSeenFromToday_data()
{
    QTest::addColumn<QString>("day");
    QTest::addColumn<QString>("spans");
    QTest::newRow("today") << "2026-11-25"
                           << "month year any";
    QTest::newRow("three weeks ago") << "2026-11-04"
                                     << "month year any";
    QTest::newRow("in summer") << "2026-07-01"
                               << "year any";
    QTest::newRow("long ago") << "2024-02-29"
                              << "ago any";
    QTest::newRow("never") << ""
                           << "never any";
    // The clock went backwards, or was wrong when the font was used.
    QTest::newRow("tomorrow") << "2026-11-26"
                              << "month year any";
    QTest::newRow("in ten years") << "2036-01-01"
                                  << "month year any";
    QTest::newRow("no day at all") << "yesterday"
                                   << "never any";
}

void TestShelf::daysAreSeenFromToday()
{
    QFETCH(QString, day);
    QFETCH(QString, spans);
    const QDate today(2026, 11, 25);
    QStringList within;
    for (const auto& [span, name] :
         {std::pair(ShelfSpan::ThisMonth, "month"), std::pair(ShelfSpan::ThisYear, "year"),
          std::pair(ShelfSpan::LongAgo, "ago"), std::pair(ShelfSpan::Never, "never"),
          std::pair(ShelfSpan::AnyTime, "any")})
        if (isWithin(day.toStdString(), span, today))
            within << name;
    QCOMPARE(within.join(' '), spans);
}

void TestShelf::sortingByFitFollowsTheJob()
{
    ShelfFixture f({"hartsorrel.zip", "tansy-cord.zip", "stallholder-bits.zip", "wickerby.zip"});
    QCOMPARE(f.shown(),
             QStringList({"Hartsorrel Script", "Stallholder Bits", "Tansy Cord", "Wickerby Broad"}));
    f.pick("shelfOrder", "thickest strokes first");
    const auto thickest = f.shown();
    QVERIFY(thickest !=
            QStringList({"Hartsorrel Script", "Stallholder Bits", "Tansy Cord", "Wickerby Broad"}));
    auto& fonts = f.window->fonts();
    const auto* filter = qobject_cast<QSortFilterProxyModel*>(f.list()->model());
    // In their order, 0 where there is none.
    const auto strokes = [&] {
        std::vector<double> widths;
        for (int i = 0; i < filter->rowCount(); ++i) {
            const auto* known = fonts.known(filter->mapToSource(filter->index(i, 0)).row());
            widths.push_back(known && known->card && known->card->marks.thinnest_stroke
                                 ? known->card->marks.thinnest_stroke->width
                                 : 0.0);
        }
        return widths;
    };
    const auto before = strokes();
    QVERIFY(std::ranges::is_sorted(before, std::greater{}));
    QVERIFY(before.front() > 0.0);
    // Other words, as high as wide ones were wide: other strokes, in another order.
    f.window->jobModel().setWords(QStringLiteral("il"));
    f.window->jobModel().setSize({SizeBy::Height, 30.0});
    f.rest();
    QVERIFY(QTest::qWaitFor(
        [&] { return strokes() != before && std::ranges::is_sorted(strokes(), std::greater{}); }, 10000));
    QVERIFY(f.shown() != thickest);
    f.pick("shelfOrder", "best fit first");
    QCOMPARE(f.shown().size(), 4);
}

void TestShelf::otherLettersOnRequest()
{
    ShelfFixture f({"hartsorrel.zip", "gatepost.zip"});
    const auto& fonts = f.window->fonts();
    const auto forms = [&](const char* name) {
        for (int row = 0; row < fonts.rowCount(); ++row)
            if (fonts.name(row) == QLatin1String(name) && fonts.shelf(row))
                return fonts.known(row)->card->forms_em.size();
        return std::size_t(0);
    };
    QVERIFY(forms("Hartsorrel Script") > 0);
    QCOMPARE(forms("Gatepost Plain"), std::size_t(0));
    const int height = f.list()->gridSize().height();
    f.press("shelfForms");
    QVERIFY(f.list()->gridSize().height() > height);
    f.press("shelfForms");
    QCOMPARE(f.list()->gridSize().height(), height);
}

void TestShelf::usedOnShowsTheProjects()
{
    ShelfFixture f;
    f.choose({"Hartsorrel Script"});
    QVERIFY(f.label("shelfFacts").contains("Not used yet"));
    f.press("shelfCompose");
    QVERIFY(f.window->shelf().contents()->fontAt(f.window->jobModel().job().font.path));
    f.save_path = QString::fromStdString((f.folder.path() / "cut.svg").string());
    QTest::keyClick(f.window.get(), Qt::Key_S, Qt::ControlModifier);
    f.rest();
    QVERIFY(fs::exists(f.folder.path() / "cut.svg"));
    f.openStation();
    f.choose({"Hartsorrel Script"});
    QVERIFY2(f.label("shelfFacts").contains("Used on “Fennmoor Honey”"), qPrintable(f.label("shelfFacts")));
    QCOMPARE(f.font("Hartsorrel Script").last_used, today());
}

void TestShelf::documentsAreOpened()
{
    ShelfFixture f({"goosegate-250.zip"});
    f.choose({"Goosegate"});
    const auto documents = f.buttons("shelfDocument");
    QVERIFY(documents.contains("Licence.pdf"));
    for (auto* button : f.window->findChildren<QAbstractButton*>("shelfDocument"))
        if (button->text() == QLatin1String("Licence.pdf")) {
            button->setFocus();
            QTest::keyClick(button, Qt::Key_Space);
        }
    f.rest();
    QCOMPARE(f.label("documentTitle"), QStringLiteral("Licence.pdf"));
    const auto* page = f.find<QWidget>("documentTitle")->parentWidget();
    QVERIFY(page->findChild<QPlainTextEdit*>()->toPlainText().contains("250"));
    f.press("documentOutside");
    QVERIFY(f.opened.toLocalFile().endsWith("/Licence.pdf")); // with its ending, for other programs
    QFile copy(f.opened.toLocalFile());
    QVERIFY(copy.open(QIODevice::ReadOnly));
    QVERIFY(copy.readAll().startsWith("%PDF"));
    f.press("documentBack");
    QVERIFY(f.list()->isVisible());
    // A picture is shown as one.
    f.take({packageFile("stallholder-bits.zip")});
    f.choose({"Stallholder Bits"});
    for (auto* button : f.window->findChildren<QAbstractButton*>("shelfDocument"))
        if (button->text().endsWith("preview.png") || button->text().endsWith("keymap.png"))
            QTest::keyClick(button, Qt::Key_Space);
    QVERIFY(QTest::qWaitFor([&] { return f.find<QWidget>("documentPicture")->isVisible(); }, 5000));
    QVERIFY(!f.find<QScrollArea>("documentPicture")->findChild<QLabel*>()->pixmap().isNull());
}

void TestShelf::theKeyMapSheetGoesToPaper()
{
    ShelfFixture f({"stallholder-bits.zip"});
    f.choose({"Stallholder Bits"});
    f.press("shelfKeyMap");
    QVERIFY2(f.label("sheetTitle").contains("Stallholder Bits: key map"), qPrintable(f.label("sheetTitle")));
    f.save_path = QString::fromStdString((f.folder.path() / "keys.pdf").string());
    f.press("sheetSave");
    QVERIFY(QTest::qWaitFor([&] { return f.message().startsWith("Saved keys.pdf"); }, 5000));
    const auto text = pdfText(f.save_path);
    const auto face = FontFace::open(test::demoFont("StallholderBits.ttf"));
    QVERIFY(face && (*face)->hasCharacter(U'B'));
    QVERIFY(text.contains("U+0042") &&
            text.contains(QString::fromStdString((*face)->glyphName((*face)->glyphOf(U'B')))));
    const std::unique_ptr<poppler::document> pdf(
        poppler::document::load_from_file(f.save_path.toStdString()));
    const std::unique_ptr<poppler::page> page(pdf->create_page(0));
    // ISO 216: A4 is 210 mm by 297 mm.
    QVERIFY(std::abs(page->page_rect().width() * 25.4 / 72.0 - 210.0) < 0.5);
    QVERIFY(std::abs(page->page_rect().height() * 25.4 / 72.0 - 297.0) < 0.5);
    // A place that cannot be written says so.
    f.save_path = "/proc/none/keys.pdf";
    f.press("sheetSave");
    QVERIFY2(QTest::qWaitFor([&] { return f.message().contains("/proc/none/keys.pdf"); }, 5000),
             qPrintable(f.message()));
    f.press("sheetBack");
    QVERIFY(f.list()->isVisible());
}

void TestShelf::theSpecimenIsOfTrueSize()
{
    ShelfFixture f({"gatepost.zip", "hartsorrel.zip"});
    f.choose({"Gatepost Plain"});
    f.press("shelfSpecimen");
    QVERIFY2(f.label("sheetTitle").contains("in 1 font"), qPrintable(f.label("sheetTitle")));
    f.save_path = QString::fromStdString((f.folder.path() / "specimen.pdf").string());
    f.press("sheetSave");
    QVERIFY(QTest::qWaitFor([&] { return f.message().startsWith("Saved specimen.pdf"); }, 5000));
    // The words are 120 mm wide in the job, and so they are on paper: measured by Poppler.
    const double width = inkWidth_mm(f.save_path, 31.0, 44.0);
    QVERIFY2(std::abs(width - 120.0) < 0.15, qPrintable(QString::number(width)));
    QVERIFY(pdfText(f.save_path).contains("Gatepost Plain"));
    f.press("sheetBack");
    f.list()->clearSelection();
    f.rest();
    f.press("shelfSpecimen");
    QVERIFY(f.label("sheetTitle").contains("in 2 fonts"));
}

/// Who goes elsewhere while it is made finds it made.
void TestShelf::aSpecimenIsMadeOutOfSight()
{
    ShelfFixture f({"gatepost.zip", "hartsorrel.zip"});
    f.window->jobModel().setWords("Walked off");
    QTest::keyClick(f.find<QAbstractButton>("shelfSpecimen"), Qt::Key_Space);
    QVERIFY(!f.label("sheetTitle").contains("Walked off")); // not made yet
    f.window->openStation(MainWindow::Compose);
    f.rest();
    f.openStation();
    QVERIFY2(f.label("sheetTitle").contains("in 2 fonts"), qPrintable(f.label("sheetTitle")));
}

void TestShelf::twinsAreSortedOut()
{
    ShelfFixture f({"goosegate-250.zip", "tansy-cord.zip", "hartsorrel.zip"});
    f.press("shelfTwins");
    QVERIFY2(f.label("twinsTitle").startsWith("1 group"), qPrintable(f.label("twinsTitle")));
    QCOMPARE(f.window->findChildren<FontWords*>().size(), 2);
    f.press("twinKeep"); // the first one, Goosegate
    QCOMPARE(f.font("Goosegate").state, ShelfState::OnShelf);
    QCOMPARE(f.font("Tansy Cord").state, ShelfState::SetAside);
    f.press("twinsBack");
    f.press("shelfTwins");
    QVERIFY(f.label("twinsTitle").startsWith("No two"));
    f.press("twinsBack");
    f.undo();
    QCOMPARE(f.font("Tansy Cord").state, ShelfState::OnShelf);
}

void TestShelf::healthFindsMissingFiles()
{
    ShelfFixture f;
    f.press("shelfHealth");
    QVERIFY(f.find<QWidget>("healthFine")->isVisible());
    QVERIFY(f.label("healthCost").contains("ms"));
    const auto cord = f.window->shelf().contents()->fileOf(f.font("Tansy Cord").sha256);
    fs::create_directories(f.folder.path() / "moved" / "deep");
    fs::rename(cord, f.folder.path() / "moved" / "deep" / "whatever.bin");
    f.press("healthAgain");
    QVERIFY(f.find<QWidget>("healthMissing")->isVisible());
    f.font_folder = QString::fromStdString((f.folder.path() / "moved").string());
    f.press("healthMissingAct");
    QVERIFY(f.find<QWidget>("healthFound")->isVisible());
    QCOMPARE(*sha256OfFile(cord), f.font("Tansy Cord").sha256);
    f.press("healthUnusedAct");
    QCOMPARE(f.font("Tansy Cord").state, ShelfState::SetAside);
    f.press("healthBack");
    f.undo();
    QCOMPARE(f.font("Tansy Cord").state, ShelfState::OnShelf);
}

void TestShelf::aCarriedShelfAsksWhereBothDiffer()
{
    ShelfFixture there({"tansy-cord.zip", "hartsorrel.zip"});
    there.window->shelf().setNote(there.font("Tansy Cord").id, "theirs");
    there.rest();
    there.save_path = QString::fromStdString((there.folder.path() / "carry.zip").string());
    there.press("shelfCarry");
    QVERIFY2(there.message().startsWith("Saved carry.zip with 2 fonts"), qPrintable(there.message()));

    ShelfFixture f({"tansy-cord.zip"});
    f.window->shelf().setNote(f.font("Tansy Cord").id, "mine");
    f.rest();
    f.bundle = there.save_path;
    f.press("shelfRead");
    QVERIFY(f.label("carryTitle").contains("2 fonts, 1 new"));
    QVERIFY(f.window->shelf().contents()->fontWith(there.font("Hartsorrel Script").sha256));
    QCOMPARE(f.font("Tansy Cord").note, std::string("mine")); // nothing is overwritten silently
    QCOMPARE(f.label("carryNotes").contains("Yours stays unless you choose"), true);
    f.press("carryTheirs");
    QCOMPARE(f.find<QAbstractButton>("carryTake")->text(), QStringLiteral("Take theirs for 1"));
    f.press("carryTake");
    QCOMPARE(f.font("Tansy Cord").note, std::string("theirs"));
    QVERIFY(!f.find<QWidget>("carryTake")->isVisible());
    f.press("carryBack");
    QCOMPARE(f.shown().size(), 2);
}

void TestShelf::forAllUsersIsAPackage()
{
    ShelfFixture f({"goosegate-250.zip", "tansy-cord.zip"});
    f.save_path = QString::fromStdString((f.folder.path() / "all users.zip").string());
    f.press("shelfForAll");
    QVERIFY2(f.message().contains("READ-ME-FIRST.txt"), qPrintable(f.message()));
    const auto contents = inspectPackage(f.save_path.toStdString());
    QVERIFY(contents);
    QStringList names;
    QString instructions;
    for (const auto& entry : contents->entries) {
        names << QString::fromStdString(entry.path.string());
        if (entry.name == "READ-ME-FIRST.txt")
            instructions = QString::fromStdString(entry.text);
    }
    for (const char* name : {"fonts/Goosegate.ttf", "fonts/TansyCord.ttf", "documents/Goosegate/Licence.pdf",
                             "documents/TansyCord/readme.txt"})
        QVERIFY2(names.contains(name), qPrintable(names.join('|')));
    QVERIFY(instructions.contains("/usr/local/share/fonts/under-ink"));
    QVERIFY(instructions.contains("Tansy Cord"));
    QVERIFY(!fs::exists(f.installed)); // nothing was installed by this
}

void TestShelf::badFilesAreToldAndChangeNothing()
{
    ShelfFixture f({"tansy-cord.zip"});
    f.bundle = QString::fromStdString(f.folder.write("letter.zip", "Dear customer").string());
    f.press("shelfRead");
    QVERIFY2(f.message().contains("letter.zip"), qPrintable(f.message()));
    QVERIFY(f.list()->isVisible());
    f.bundle = QString::fromStdString(packageFile("tansy-cord.zip").string()); // a package, not a shelf
    f.press("shelfRead");
    QVERIFY2(f.message().contains("not a shelf"), qPrintable(f.message()));
    f.save_path = "/proc/none/carry.zip";
    f.press("shelfCarry");
    QVERIFY(f.message().contains("/proc/none/carry.zip"));
    // A font whose file is gone cannot be installed; the others of the same action stay as they were.
    f.take({packageFile("hartsorrel.zip")});
    fs::remove(f.window->shelf().contents()->fileOf(f.font("Tansy Cord").sha256));
    f.choose({"Hartsorrel Script", "Tansy Cord"});
    f.press("shelfInstall");
    QVERIFY2(f.message().startsWith("Tansy Cord: its file is missing from the shelf"),
             qPrintable(f.message()));
    QCOMPARE(f.font("Hartsorrel Script").state, ShelfState::OnShelf);
    QCOMPARE(f.font("Tansy Cord").state, ShelfState::OnShelf);
    QVERIFY(!fs::exists(f.installed));
}

void TestShelf::aNewerShelfIsLeftAlone()
{
    ShelfFixture f({"tansy-cord.zip"}, true);
    f.window->close();
    f.window.reset();
    const auto file = f.state_folder / "shelf" / "shelf.sqlite";
    {
        // The version of a database lies at byte 60. Source: SQLite, Database File Format, 1.3.
        std::fstream raw(file, std::ios::in | std::ios::out | std::ios::binary);
        raw.seekp(60);
        raw.write("\0\0\0\x63", 4);
    }
    const auto digest = *sha256OfFile(file);
    f.open(test::WindowFixture::firstJob());
    f.openStation();
    QVERIFY2(f.label("shelfEmpty").contains("newer"), qPrintable(f.label("shelfEmpty")));
    QVERIFY(!f.find<QWidget>("shelfTakeDemo")->isVisible());
    QCOMPARE(*sha256OfFile(file), digest);
    QVERIFY(f.window->fonts().rowCount() > 10); // everything else works
}

void TestShelf::twoWindowsSeeEachOther()
{
    ShelfFixture f({"tansy-cord.zip"});
    auto other = ShelfStore::open(f.state_folder / "shelf");
    QVERIFY(other);
    QVERIFY((*other)->changeSet("Crates", {f.font("Tansy Cord").id}, true));
    QVERIFY(f.font("Tansy Cord").sets.empty());
    QTest::keyClick(f.window.get(), Qt::Key_1, Qt::AltModifier);
    f.openStation();
    QVERIFY(f.font("Tansy Cord").sets == std::vector<std::string>{"Crates"});
}

void TestShelf::theInboxMovesOnce()
{
    ShelfFixture f({});
    f.window->close();
    f.window.reset();
    const auto old = f.state_folder / "inbox" / "old-package";
    fs::create_directories(old);
    fs::create_directories(f.state_folder / "inbox" / "packages");
    fs::copy_file(test::demoFont("GatepostPlain.ttf"), old / "Mine.ttf");
    std::ofstream(old / "readme.txt") << "For personal use only.";
    Job job = test::WindowFixture::firstJob();
    job.font.path = (old / "Mine.ttf").string();
    f.open(job);
    QCOMPARE(f.window->shelf().contents()->fonts().size(), std::size_t(1));
    const auto& mine = *f.window->shelf().contents()->fonts().front();
    QCOMPARE(mine.file_name, std::string("Mine.ttf"));
    QCOMPARE(mine.documents.size(), std::size_t(1));
    QCOMPARE(f.window->jobModel().job().font.path,
             f.window->shelf().contents()->fileOf(mine.sha256).string());
    QVERIFY(!fs::exists(old));
    QVERIFY(
        fs::exists(f.state_folder / "moved-to-the-shelf" / "old-package" / "Mine.ttf")); // nothing is lost
}

void TestShelf::theWholeStationByKeyboard()
{
    // From the words to an installed font of a set, without a mouse and without naming a widget.
    ShelfFixture f;
    f.list()->setFocus();
    QTest::keyClick(f.list(), Qt::Key_Home);
    QTest::keyClick(f.list(), Qt::Key_Right, Qt::ShiftModifier);
    f.rest();
    QCOMPARE(f.label("shelfName"), QStringLiteral("2 fonts"));
    QStringList reached;
    for (int i = 0; i < 60 && !reached.contains("shelfInstall"); ++i) {
        QTest::keyClick(QApplication::focusWidget(), Qt::Key_Tab);
        reached << QApplication::focusWidget()->objectName();
    }
    QVERIFY2(reached.contains("shelfInstall"), qPrintable(reached.join('|')));
    QTest::keyClick(QApplication::focusWidget(), Qt::Key_Space);
    f.rest();
    int installed = 0;
    for (const auto& font : f.window->shelf().contents()->fonts())
        installed += font->state == ShelfState::Installed;
    QCOMPARE(installed, 2);
    // Enter on a font sets the words in it.
    f.list()->setFocus();
    QTest::keyClick(f.list(), Qt::Key_End);
    const QString last = f.list()->currentIndex().data().toString();
    QTest::keyClick(f.list(), Qt::Key_Return);
    f.rest();
    QCOMPARE(f.window->fonts().name(f.window->fonts().rowOf(f.window->jobModel().job().font)), last);
}

int main(int argc, char** argv)
{
    if (argc > 1 && std::string(argv[1]) == "--font-families") { // the fresh program of a test
        qputenv("QT_QPA_PLATFORM", "offscreen");
        const QGuiApplication app(argc, argv);
        QTextStream(stdout) << QFontDatabase::families().join('\n');
        return 0;
    }
    ink::test::isolateEnvironment();
    QApplication app(argc, argv);
    TestShelf test;
    return QTest::qExec(&test, argc, argv);
}
#include "test_shelf.moc"
