// Whole sittings with a needle: letters sewn, looked at, played and saved, cloth laid on, and files looked into.
#include "core/base/file_output.h"
#include "core/cut/blanks.h"
#include "standins/stitcher/stitcher_server.h"
#include "tests/support/gui.h"

#include "ui/handoff/handoff_page.h"
#include "ui/handoff/run_ribbon.h"
#include "ui/needle/needle_page.h"
#include "ui/proof/proof_list.h"
#include "ui/proof/proof_page.h"
#include "ui/widgets/leaf.h"
#include "ui/widgets/sentence_bar.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QPushButton>
#include <QTest>

#include <sstream>

using namespace ink;
using namespace ink::ui;

namespace {

Job sewn(const char* words = "Ottilie")
{
    Job job;
    job.words = words;
    job.process = Process::Satin;
    job.size = {SizeBy::Width, 110.0};
    job.font.path = test::demoFont("Larkmallow.ttf").string();
    return job;
}

struct Sitting : test::WindowFixture
{
    explicit Sitting(Job job = sewn(), double text_scale = 1.0)
        : WindowFixture(std::move(job), text_scale, false)
    {
        window->openStation(MainWindow::HandOff);
        rest();
    }
    NeedlePage& page() { return window->handOffPage().needle(); }
    const SewnName& name() { return *page().model().sewn(); }
    QString told() { return find<QLabel>("messageText")->text(); }
    QString file(const char* file_name)
    {
        return QString::fromStdString((folder.path() / file_name).string());
    }
    void click(const char* button)
    {
        QTest::mouseClick(find<QPushButton>(button), Qt::LeftButton);
        rest();
    }
    std::string saved(const QString& path)
    {
        const auto bytes = ink::readFile(path.toStdString(), 10'000'000);
        return bytes ? *bytes : std::string();
    }
};

} // namespace

class TestNeedle : public QObject
{
    Q_OBJECT
private slots:
    void whatIsLargerThanTheHoopIsMadeAsLargeAsFits()
    {
        Job job = sewn();
        job.process = Process::Applique; // thread round its edge, which does not shrink with the words
        job.size.value_mm = 260.0;
        job.stitches.hoop_width_mm = 130.0;
        job.stitches.hoop_height_mm = 180.0;
        Sitting s(job);
        QCOMPARE(s.name().in_hoop, InHoop::TooLarge);
        auto* smaller = s.find<QPushButton>("needleSmaller");
        QVERIFY(smaller->isVisible());
        s.click("needleSmaller");
        const double fitting_mm = s.window->jobModel().job().size.value_mm;
        QVERIFY2(fitting_mm > 172.0 && fitting_mm < 180.0, qPrintable(smaller->text()));
        QCOMPARE(s.name().in_hoop, InHoop::FitsTurned);
        QVERIFY(!smaller->isVisible());
        // The words alone would have room at the hoop's own length, the thread round them has not.
        s.window->jobModel().setSize({SizeBy::Width, 180.0});
        s.rest();
        QCOMPARE(s.name().in_hoop, InHoop::TooLarge);
        s.window->jobModel().undoStack().undo();
        s.window->jobModel().undoStack().undo();
        s.rest();
        QCOMPARE(s.window->jobModel().job().size.value_mm, 260.0);
    }

    void lettersAreSewnLookedAtAndSaved()
    {
        Sitting s;
        QVERIFY(s.page().isVisible());
        QVERIFY(!s.name().error && s.name().figures.stitches > 1000);
        QVERIFY(s.name().figures.covers > 0.98);
        QCOMPARE(s.window->handOffPage().figure(),
                 QStringLiteral("%L1 stitches").arg(s.name().figures.stitches));
        QVERIFY(s.find<QLabel>("needleHoop")->text().contains(QStringLiteral("fits the hoop")));
        QVERIFY(!s.find<QPushButton>("saveCloth")->isVisible());
        for (const char* look : {"lookWay", "lookThickness", "lookCloth"}) {
            s.click(look);
            QVERIFY(!s.page().cloth().grab().isNull());
        }
        s.save_path = s.file("ottilie.dst");
        s.click("sewdst");
        QCOMPARE(QFileInfo(s.suggested_path).fileName(), QStringLiteral("ottilie.dst"));
        QVERIFY2(s.told().startsWith(QStringLiteral("Saved ottilie.dst: 1 file")), qPrintable(s.told()));
        const auto read = readStitches(s.saved(s.save_path), StitchFormat::Dst);
        QVERIFY(read && !read->is_cut_short);
        const auto f = figuresOf(read->work, 800);
        QCOMPARE(f.trims, s.name().figures.trims);
        QVERIFY(std::abs(f.box_mm.width() - s.name().figures.box_mm.width()) < 0.2);
        QCOMPARE(s.saved(s.file("ottilie.dst.colours.txt")), std::string("1\t#a23a2b\n"));
        QVERIFY(!s.saved(s.file("ottilie-rights.json")).empty());
        // The same file is looked into.
        s.stitch_file = s.save_path;
        s.click("lookIntoFile");
        QCOMPARE(s.find<QLabel>("needleHeading")->text(), QStringLiteral("ottilie.dst"));
        // It has no strokes of ours, wherever it is pressed.
        auto& cloth = s.page().cloth();
        QTest::mouseClick(&cloth, Qt::LeftButton, {},
                          cloth.toScreen(s.name().plan.columns.front().middle).toPoint());
        QTest::keyClick(&cloth, Qt::Key_PageDown);
        QVERIFY(!s.page().stroke().stroke());
        // A change of the job comes back to it.
        s.page().openLeaf(QStringLiteral("hoop"));
        s.find<QDoubleSpinBox>("hoopWidth")->setValue(90.0);
        s.rest();
        QVERIFY(s.find<QLabel>("needleHoop")->text().contains(QStringLiteral("turned")));
        QVERIFY(s.name().figures.box_mm.height() > s.name().figures.box_mm.width());
        QTest::keyClick(s.window.get(), Qt::Key_Z, Qt::ControlModifier);
        s.rest();
        QVERIFY(s.name().figures.box_mm.height() < s.name().figures.box_mm.width());
    }

    void clothIsLaidOnInThreeRounds()
    {
        Job job = sewn("Bo");
        job.process = Process::Applique;
        job.font.path = test::demoFont("GatepostPlain.ttf").string();
        Sitting s(std::move(job));
        QCOMPARE(s.name().plan.layers.size(), std::size_t(3));
        QCOMPARE(s.name().figures.stops, std::size_t(2));
        s.save_path = s.file("cloth.svg");
        s.click("saveCloth");
        QVERIFY2(s.told().startsWith(QStringLiteral("Saved cloth.svg")), qPrintable(s.told()));
        QVERIFY(s.saved(s.save_path).find("<path") != std::string::npos);
        // In blanket stitch, by the sentence.
        s.page().openLeaf(QStringLiteral("sewn"));
        QTest::keyClick(s.find<QComboBox>("edgeCover"), Qt::Key_Down);
        s.rest();
        QVERIFY(s.page().sentence().text().contains(QStringLiteral("blanket")));
        QVERIFY(std::ranges::any_of(s.name().plan.layers[2].runs,
                                    [](const StitchRun& r) { return r.kind == StitchKind::Blanket; }));
    }

    void theSewingIsPlayedByKeyboard()
    {
        Sitting s;
        auto& ribbon = s.page().sewing().ribbon();
        ribbon.setFocus();
        QTest::keyClick(&ribbon, Qt::Key_End);
        QVERIFY(s.page()
                    .findChild<QLabel*>(QStringLiteral("sewingMoment"))
                    ->text()
                    .contains(QStringLiteral("done")));
        QTest::keyClick(&ribbon, Qt::Key_PageUp);
        QVERIFY(ribbon.time() < ribbon.duration());
        QTest::keyClick(&ribbon, Qt::Key_Space);
        QVERIFY(s.page().sewing().isPlaying());
        QTRY_VERIFY(!s.page().sewing().isPlaying()); // the last part is short
        QTest::keyClick(&ribbon, Qt::Key_Home);
        // Zoomed and moved by keys, and back.
        auto& cloth = s.page().cloth();
        cloth.setFocus();
        const double before = cloth.pixelsPerMm();
        QTest::keyClick(&cloth, Qt::Key_Plus);
        QVERIFY(cloth.pixelsPerMm() > 1.2 * before);
        const QPointF middle = cloth.toScreen({0, 0});
        QTest::keyClick(&cloth, Qt::Key_Right);
        QVERIFY(cloth.toScreen({0, 0}).x() < middle.x());
        QTest::keyClick(&cloth, Qt::Key_0);
        QCOMPARE(cloth.pixelsPerMm(), before);
    }

    void aListIsSewnOneFileEach()
    {
        Job job = sewn();
        job.size = {SizeBy::XHeight, 12.0};
        setNames(job, {{"Ada"}, {"Bo"}, {"Zoë"}});
        Sitting s(std::move(job));
        s.save_path = s.file("names.exp");
        s.click("sewexp");
        QVERIFY2(s.told().startsWith(QStringLiteral("Saved names.exp: 3 files")), qPrintable(s.told()));
        for (const char* name : {"names.exp", "names-2.exp", "names-3.exp"})
            QVERIFY(readStitches(s.saved(s.file(name)), StitchFormat::Exp).has_value());
        const auto first = s.name().figures.stitches;
        QTest::keyClick(s.window.get(), Qt::Key_Down, Qt::AltModifier);
        s.rest();
        QCOMPARE(s.name().words, std::string("Bo"));
        QVERIFY(s.name().figures.stitches != first);
    }

    void namesAreSewnTogether()
    {
        Sitting s(sewn("Ada"));
        s.window->jobModel().setSize({SizeBy::XHeight, 9.0});
        s.window->jobModel().changeLettering(QStringLiteral("list"), [](Job& job) {
            setNames(job, {{"Ada"}, {"Bo"}, {"Cy"}, {"Dora"}});
        });
        s.rest();
        QCOMPARE(s.page().model().hoops(), std::size_t(0));
        s.page().openLeaf(QStringLiteral("hoop"));
        auto* together = s.find<QAbstractButton>("sewTogether");
        together->setFocus();
        QTest::keyClick(together, Qt::Key_Space);
        s.rest();
        QCOMPARE(s.page().model().hoops(), std::size_t(1));
        QVERIFY(s.name().words.find("Dora") != std::string::npos);
        s.save_path = s.file("all.dst");
        s.click("sewdst");
        QVERIFY2(s.told().startsWith(QStringLiteral("Saved all.dst: 1 file")), qPrintable(s.told()));
        // A hoop that holds fewer of them: the one that is shown holds the name that is shown.
        s.find<QDoubleSpinBox>("hoopWidth")->setValue(60.0);
        s.find<QDoubleSpinBox>("hoopHeight")->setValue(30.0);
        s.rest();
        QVERIFY(s.page().model().hoops() > 1);
        QTest::keyClick(s.window.get(), Qt::Key_Down, Qt::AltModifier);
        s.rest();
        QVERIFY(s.name().words.find("Bo") != std::string::npos);
        s.click("sewdst");
        QVERIFY(QFile::exists(s.file("all-2.dst")));
        while (s.window->jobModel().undoStack().canUndo())
            QTest::keyClick(s.window.get(), Qt::Key_Z, Qt::ControlModifier);
        s.rest();
        QCOMPARE(s.page().model().hoops(), std::size_t(0));
    }

    void hoopsAreKept()
    {
        Sitting s;
        s.page().openLeaf(QStringLiteral("hoop"));
        auto* keep = s.find<QPushButton>("keepHoop");
        QVERIFY(!keep->isEnabled()); // the usual one ships
        s.find<QDoubleSpinBox>("hoopWidth")->setValue(152.0);
        s.rest();
        QVERIFY(keep->isEnabled());
        QTest::mouseClick(keep, Qt::LeftButton);
        s.rest();
        QVERIFY(!keep->isEnabled());
        const auto kept = ink::readBlanks(s.state_folder / "hoops.json");
        QVERIFY(kept && kept->size() == 1);
        QCOMPARE(kept->front().width_mm, 152.0);
        // Another that ships, then none, then the kept one again.
        auto* hoops = s.find<QComboBox>("hoopKept");
        QTest::keyClick(hoops, Qt::Key_Home);
        s.rest();
        QCOMPARE(s.window->jobModel().job().stitches.hoop_width_mm, 0.0);
        QTest::keyClick(hoops, Qt::Key_End);
        s.rest();
        QCOMPARE(s.window->jobModel().job().stitches.hoop_width_mm, 152.0);
    }

    void aStrokeIsChosenAndSewnOtherwise()
    {
        Job job = sewn("I");
        job.size = {SizeBy::CapHeight, 30.0};
        job.font.path = test::demoFont("GatepostPlain.ttf").string();
        Sitting s(std::move(job));
        auto& cloth = s.page().cloth();
        QVERIFY(!s.page().stroke().stroke());
        // By keyboard: the next, the one before, all round.
        QTest::keyClick(&cloth, Qt::Key_PageDown);
        QCOMPARE(s.page().stroke().stroke(), std::optional<std::size_t>(0));
        QTest::keyClick(&cloth, Qt::Key_PageUp);
        QCOMPARE(s.page().stroke().stroke(), std::optional(s.name().plan.columns.size() - 1));
        // By mouse, on its middle; beside all of them none is meant.
        const auto& columns = s.name().plan.columns;
        const auto stem = std::ranges::max_element(columns, {}, [](const StitchColumn& c) {
            return length(c.to - c.from);
        }); // nothing crosses its middle
        QTest::mouseClick(&cloth, Qt::LeftButton, {}, cloth.toScreen(stem->middle).toPoint());
        QCOMPARE(s.page().stroke().stroke(), std::optional(std::size_t(stem - columns.begin())));
        QVERIFY(s.find<QLabel>("strokeWords")->text().contains(QStringLiteral("satin")));
        auto* sewn_as = s.find<QComboBox>("strokeSewn");
        QVERIFY(sewn_as->isVisible());
        for (int k = 0; k < 3; ++k) // satin, rows, a line
            QTest::keyClick(sewn_as, Qt::Key_Down);
        s.rest();
        const auto lines = [&] {
            return std::ranges::count(s.name().plan.columns, ColumnKind::Running, &StitchColumn::kind);
        };
        QCOMPARE(lines(), std::ptrdiff_t(1));
        QCOMPARE(s.window->jobModel().job().lettering.mendings.size(),
                 std::size_t(1)); // the last choice counts
        QVERIFY(s.find<QLabel>("strokeWords")->text().contains(QStringLiteral("line")));
        QTest::keyClick(sewn_as, Qt::Key_Home); // as the rest
        s.rest();
        QCOMPARE(lines(), std::ptrdiff_t(0));
        QVERIFY(s.window->jobModel().job().lettering.mendings.empty());
        QTest::mouseClick(&cloth, Qt::LeftButton, {}, QPoint(4, 4));
        QVERIFY(!s.page().stroke().stroke());
        QVERIFY(!sewn_as->isVisible());
    }

    void aStitchFileIsDropped()
    {
        Sitting s;
        s.save_path = s.file("ottilie.exp");
        s.click("sewexp");
        s.window->jobModel().setProcess(Process::KnifeVinyl);
        s.window->openStation(MainWindow::Find);
        s.rest();
        s.window->bring({s.save_path});
        s.rest();
        QVERIFY(s.page().isVisible());
        QCOMPARE(s.find<QLabel>("needleHeading")->text(), QStringLiteral("ottilie.exp"));
        s.window->jobModel().setProcess(Process::KnifeCard); // back to the job, which is cut
        s.rest();
        QVERIFY(!s.page().isVisible());
        // One that is none is said.
        QFile bad(s.file("bad.dst"));
        QVERIFY(bad.open(QIODevice::WriteOnly) && bad.write("no stitches") > 0);
        bad.close();
        s.window->bring({bad.fileName()});
        s.rest();
        QVERIFY2(s.told().contains(QStringLiteral("bad.dst")), qPrintable(s.told()));
    }

    void proofMendsForTheNeedle()
    {
        Job job = sewn("Ada");
        job.font.path = test::demoFont("GatepostPlain.ttf").string();
        job.size = {SizeBy::XHeight, 2.0};
        Sitting s(std::move(job));
        s.window->openStation(MainWindow::Proof);
        s.rest();
        const auto count = [&](FindingKind kind) {
            return std::ranges::count(s.window->proof().findings(), kind, &ProofFinding::kind);
        };
        QCOMPARE(count(FindingKind::LowLetters), std::ptrdiff_t(1));
        auto& list = s.window->proofPage().list();
        const auto choose = [&] {
            const auto& findings = s.window->proof().findings();
            for (std::size_t i = 0; i < findings.size(); ++i)
                if (findings[i].kind == FindingKind::LowLetters)
                    list.chooseFinding(i);
        };
        const auto press = [&](const char* words) {
            choose();
            for (auto* button : list.actions()->findChildren<QPushButton*>())
                if (button->text() == QLatin1String(words)) {
                    button->click();
                    s.rest();
                    return true;
                }
            return false;
        };
        QVERIFY(press("Sew them as lines"));
        QVERIFY(s.window->jobModel().job().lettering.letter(0).sewn_as == SewnAs::Running);
        s.window->jobModel().undoStack().undo();
        s.rest();
        QVERIFY(!s.window->jobModel().job().lettering.letter(0).sewn_as);
        choose();
        QTest::keyClick(&list, Qt::Key_Return); // what is usually done: larger letters
        s.rest();
        QCOMPARE(count(FindingKind::LowLetters), std::ptrdiff_t(0));
    }

    void itIsSentAndSewnRoundByRound()
    {
        Job job = sewn("o");
        job.process = Process::Applique;
        job.font.path = test::demoFont("GatepostPlain.ttf").string();
        Sitting s(std::move(job));
        standin::StitcherServer machine(standin::StitcherFault::PowerGone, 3000.0);
        s.window->stitcher().setAddress(QStringLiteral("127.0.0.1"), machine.listen());
        auto* words = s.find<QLabel>("sewWords");
        QTest::mouseClick(s.find<QPushButton>("sendToStitcher"), Qt::LeftButton);
        QTRY_VERIFY2(words->text().contains(QStringLiteral("It stops after")), qPrintable(words->text()));
        QVERIFY(!s.find<QPushButton>("sendToStitcher")->isEnabled());
        QTest::mouseClick(s.find<QPushButton>("sewPause"), Qt::LeftButton); // the cloth is laid
        QTRY_VERIFY2(words->text().contains(QStringLiteral("It stops after")) && machine.sewn().size() > 100,
                     qPrintable(words->text()));
        QTest::mouseClick(s.find<QPushButton>("sewPause"), Qt::LeftButton);
        QTRY_VERIFY2(words->text().contains(QStringLiteral("went off after")), qPrintable(words->text()));
        // The window asks before it closes in the middle.
        s.agrees = false;
        QVERIFY(!s.window->close());
        QVERIFY(s.asked.last().contains(QStringLiteral("embroidery machine")));
        QTest::mouseClick(s.find<QPushButton>("sewGoOn"), Qt::LeftButton);
        QTRY_VERIFY2(words->text().contains(QStringLiteral("All of it is sewn")), qPrintable(words->text()));
        QCOMPARE(machine.sewn().size(), s.name().figures.stitches); // none twice, none left out
        QTRY_VERIFY(s.told().contains(QStringLiteral("is sewn")));
    }

    void badFilesAreSaid()
    {
        Sitting s;
        QFile(s.file("no.dst")).open(QIODevice::WriteOnly);
        s.stitch_file = s.file("no.dst");
        s.click("lookIntoFile");
        QVERIFY2(s.told().contains(QStringLiteral("no.dst")), qPrintable(s.told()));
        s.stitch_file = s.file("nowhere.exp");
        s.click("lookIntoFile");
        QVERIFY2(s.told().contains(QStringLiteral("nowhere.exp")), qPrintable(s.told()));
        // A file that ends too early is shown as far as it goes.
        std::ostringstream out;
        QVERIFY(writeStitches(out, sewnFileOf(s.name(), StitchSettings()), StitchFormat::Dst));
        QFile part(s.file("part.dst"));
        QVERIFY(part.open(QIODevice::WriteOnly));
        part.write(out.str().data(), 2000);
        part.close();
        s.stitch_file = s.file("part.dst");
        s.click("lookIntoFile");
        QVERIFY(s.find<QLabel>("needleHoop")->text().contains(QStringLiteral("ends before its end")));
        // Far too much is refused, and nothing is saved.
        s.window->jobModel().setSize({SizeBy::Width, 9000.0});
        s.rest();
        QVERIFY(!s.find<QPushButton>("sewdst")->isEnabled());
        QVERIFY(s.page().cloth().message().contains(QStringLiteral("million")));
    }

    void knivesAndNeedlesShareTheStation()
    {
        Sitting s;
        s.window->jobModel().setProcess(Process::KnifeVinyl);
        s.rest();
        QVERIFY(!s.page().isVisible());
        QVERIFY(s.window->handOffPage().sheetView().isVisible());
        // Paper opens the pattern, and leaves it again; the hand stays where it was.
        auto* band = s.find<QComboBox>("process");
        band->setFocus();
        s.window->jobModel().setProcess(Process::PaperPattern);
        s.rest();
        QVERIFY(s.find<QPushButton>("savePattern")->isVisible());
        QCOMPARE(QApplication::focusWidget(), band);
        s.window->jobModel().setProcess(Process::KnifeVinyl);
        s.rest();
        QVERIFY(!s.find<QPushButton>("savePattern")->isVisible());
        s.window->jobModel().setProcess(Process::Satin);
        s.rest();
        QVERIFY(s.page().isVisible());
    }

    void twiceTheTextFitsTheSmallestWindow()
    {
        Sitting s(sewn(), 2.0);
        s.window->resize(kLeastWidth, kLeastHeight);
        s.rest();
        QVERIFY(s.page().cloth().height() > 100);
        QVERIFY(s.find<QPushButton>("sewdst")->width() <= s.page().width() / 2);
    }
};

INK_TEST_GUI_MAIN(TestNeedle)
#include "test_needle.moc"
