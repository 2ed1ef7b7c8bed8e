// Folders of fonts that change on the disk: what comes is found, what goes is taken away, and nothing is told twice.
#include "tests/support/gui.h"

#include "ui/find/font_list_model.h"
#include "ui/font_library.h"

#include <QLabel>
#include <QTest>

#include <algorithm>
#include <filesystem>
#include <fstream>

using namespace ink;
using namespace ink::ui;
namespace fs = std::filesystem;

namespace {

/// A library that remembers what it told.
struct Told
{
    FontLibrary library;
    std::vector<std::string> fonts;
    std::vector<std::string> refused, gone;
    int searches = 0;

    Told()
    {
        QObject::connect(&library, &FontLibrary::found, &library,
                         [this](const std::vector<FontEntry>& entries, const std::vector<Error>& errors) {
                             fonts.clear();
                             for (const auto& entry : entries)
                                 fonts.push_back(entry.path.filename().string());
                             std::ranges::sort(fonts);
                             for (const auto& error : errors)
                                 refused.push_back(fs::path(error.subject).filename().string());
                         });
        QObject::connect(&library, &FontLibrary::vanished, &library,
                         [this](const std::vector<fs::path>& files) {
                             for (const auto& file : files)
                                 gone.push_back(file.filename().string());
                         });
        QObject::connect(&library, &FontLibrary::searchEnded, &library, [this] { ++searches; });
    }

    bool waitFor(const std::vector<std::string>& wanted)
    {
        return QTest::qWaitFor([&] { return fonts == wanted && !library.isSearching(); }, 30'000);
    }
};

void put(const char* font, const fs::path& place)
{
    fs::create_directories(place.parent_path());
    fs::copy_file(test::demoFont(font), place, fs::copy_options::overwrite_existing);
}

QString shown(const test::TempFolder& folder)
{
    return QString::fromStdString(folder.path().string());
}

} // namespace

class TestFontLibrary : public QObject
{
    Q_OBJECT
private slots:
    void whatComesIsFoundAndWhatGoesIsTakenAway()
    {
        const test::TempFolder folder;
        put("GatepostPlain.ttf", folder.path() / "a.ttf");
        Told told;
        told.library.addFolder(shown(folder), FontOrigin::Folder);
        QVERIFY(told.waitFor({"a.ttf"}));
        put("Larkmallow.ttf", folder.path() / "b.ttf");
        QVERIFY(told.waitFor({"a.ttf", "b.ttf"}));
        QVERIFY(told.gone.empty());
        fs::remove(folder.path() / "a.ttf");
        QVERIFY(told.waitFor({"b.ttf"}));
        QCOMPARE(told.gone, std::vector<std::string>{"a.ttf"});
        fs::rename(folder.path() / "b.ttf", folder.path() / "c.ttf");
        QVERIFY(told.waitFor({"c.ttf"}));
        QCOMPARE(told.gone, (std::vector<std::string>{"a.ttf", "b.ttf"}));
    }

    void foldersInFoldersCount()
    {
        const test::TempFolder folder;
        Told told;
        told.library.addFolder(shown(folder), FontOrigin::Folder);
        QVERIFY(QTest::qWaitFor([&] { return told.searches == 1; }, 30'000));
        // A folder that comes, and later a font in it.
        fs::create_directories(folder.path() / "new" / "deep");
        QVERIFY(QTest::qWaitFor([&] { return told.searches == 2; }, 30'000));
        put("Larkmallow.ttf", folder.path() / "new" / "deep" / "a.ttf");
        QVERIFY(told.waitFor({"a.ttf"}));
        // The folder goes and comes back with another font.
        fs::remove_all(folder.path() / "new");
        QVERIFY(told.waitFor({}));
        QCOMPARE(told.gone, std::vector<std::string>{"a.ttf"});
        fs::create_directories(folder.path() / "new" / "deep");
        put("Pennyfold.ttf", folder.path() / "new" / "deep" / "b.ttf");
        QVERIFY(told.waitFor({"b.ttf"}));
        put("Oatbrush.otf", folder.path() / "new" / "deep" / "c.otf");
        QVERIFY(told.waitFor({"b.ttf", "c.otf"}));
    }

    void whatCannotBeUsedIsToldOnce()
    {
        const test::TempFolder folder;
        folder.write("broken.ttf", "no font at all");
        Told told;
        told.library.addFolder(shown(folder), FontOrigin::Folder);
        QVERIFY(QTest::qWaitFor([&] { return told.searches == 1; }, 30'000));
        QCOMPARE(told.refused, std::vector<std::string>{"broken.ttf"});
        put("Larkmallow.ttf", folder.path() / "a.ttf");
        QVERIFY(told.waitFor({"a.ttf"}));
        QCOMPARE(told.refused.size(), std::size_t{1});
        // Made whole, it is a font as any other; the folder itself may go.
        fs::remove(folder.path() / "broken.ttf");
        put("Pennyfold.ttf", folder.path() / "broken.ttf");
        QVERIFY(told.waitFor({"a.ttf", "broken.ttf"}));
        fs::remove_all(folder.path());
        QVERIFY(told.waitFor({}));
        QCOMPARE(told.gone, (std::vector<std::string>{"a.ttf", "broken.ttf"}));
    }

    /// Ten fonts copied one after the other are looked through together.
    void aCopyIsWaitedFor()
    {
        const test::TempFolder folder;
        Told told;
        told.library.addFolder(shown(folder), FontOrigin::Folder);
        QVERIFY(QTest::qWaitFor([&] { return told.searches == 1; }, 30'000));
        for (int i = 0; i < 10; ++i) {
            put("GatepostPlain.ttf", folder.path() / (std::to_string(i) + ".ttf"));
            QTest::qWait(60);
        }
        QVERIFY(QTest::qWaitFor([&] { return told.fonts.size() == 10; }, 30'000));
        QVERIFY2(told.searches <= 3, qPrintable(QString::number(told.searches)));
    }

    void theListFollows()
    {
        const test::TempFolder folder;
        put("GatepostPlain.ttf", folder.path() / "a.ttf");
        test::WindowFixture f(test::WindowFixture::firstJob());
        f.window->library().addFolder(shown(folder), FontOrigin::Folder);
        const auto hasFile = [&](const char* name) {
            for (int row = 0; row < f.window->fonts().rowCount(); ++row)
                if (f.window->fonts().entry(row).path == folder.path() / name)
                    return true;
            return false;
        };
        QTRY_VERIFY(hasFile("a.ttf"));
        put("Larkmallow.ttf", folder.path() / "b.ttf");
        QTRY_VERIFY_WITH_TIMEOUT(hasFile("b.ttf"), 30'000);
        // The font that is used goes: the job stays as it is, and says so where it is needed.
        Job job = f.window->jobModel().job();
        f.window->jobModel().setFont({(folder.path() / "b.ttf").string(), 0, {}});
        f.rest();
        const int before = f.window->fonts().rowCount();
        fs::remove(folder.path() / "b.ttf");
        QTRY_VERIFY_WITH_TIMEOUT(!hasFile("b.ttf"), 30'000);
        QCOMPARE(f.window->fonts().rowCount(), before - 1);
        QVERIFY(hasFile("a.ttf"));
        f.rest();
        for (const int station :
             {MainWindow::Find, MainWindow::Compose, MainWindow::Proof, MainWindow::HandOff}) {
            f.window->openStation(station);
            f.rest();
        }
        QCOMPARE(f.window->jobModel().job().font.path, (folder.path() / "b.ttf").string());
        QCOMPARE(f.window->jobModel().job().words, job.words);
    }
};

INK_TEST_GUI_MAIN(TestFontLibrary)
#include "test_font_library.moc"
