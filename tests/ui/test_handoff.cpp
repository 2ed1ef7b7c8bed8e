// Whole sittings at Hand off: a list pasted, laid, looked at, moved, played and saved, by keyboard and by mouse.
#include "core/base/file_output.h"
#include "core/cut/blanks.h"
#include "core/handoff/name_reader.h"
#include "standins/cutter/cutter_server.h"
#include "tests/support/gui.h"

#include "ui/compose/compose_page.h"
#include "ui/compose/lettering_view.h"
#include "ui/handoff/handoff_page.h"
#include "ui/handoff/pattern_view.h"
#include "ui/handoff/run_ribbon.h"
#include "ui/job_band.h"
#include "ui/station_rail.h"
#include "ui/widgets/leaf.h"
#include "ui/widgets/sentence_bar.h"

#include <QAccessible>
#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QTest>
#include <QtPrintSupport/QPrinter>

using namespace ink;
using namespace ink::ui;

namespace {

Job apron(const char* words = "Ottilie")
{
    Job job;
    job.words = words;
    job.process = Process::KnifeHeatTransfer;
    job.is_mirrored = true;
    job.size = {SizeBy::XHeight, 12.0};
    job.font.path = test::demoFont("Larkmallow.ttf").string();
    return job;
}

struct Sitting : test::WindowFixture
{
    explicit Sitting(Job job = apron(), double text_scale = 1.0)
        : WindowFixture(std::move(job), text_scale, false)
    {
        window->openStation(MainWindow::HandOff);
        rest();
    }
    HandOffPage& page() { return window->handOffPage(); }
    HandOffModel& model() { return window->handOff(); }
    const SheetPlan& plan() { return *model().plan(); }
    SheetView& view() { return page().sheetView(); }
    const Job& job() { return window->jobModel().job(); }
    QString told() { return find<QLabel>("messageText")->text(); }
    QString file(const char* name) { return QString::fromStdString((folder.path() / name).string()); }
    void press(QWidget& widget, Qt::Key key, Qt::KeyboardModifiers with = Qt::NoModifier)
    {
        QTest::keyClick(&widget, key, with);
        rest();
    }
    void paste(const QString& names)
    {
        page().openLeaf(QStringLiteral("names"));
        find<QPlainTextEdit>("namesText")->setPlainText(names);
        QTest::mouseClick(find<QPushButton>("takeNames"), Qt::LeftButton);
        rest();
    }
    std::string saved(const QString& path)
    {
        const auto bytes = ink::readFile(path.toStdString(), 10'000'000);
        return bytes ? *bytes : std::string();
    }
};

const QString kAprons = QStringLiteral("Ottilie\nBram\nZoë\nŁucja\nSøren\n");

} // namespace

class TestHandOff : public QObject
{
    Q_OBJECT
private slots:
    void whatIsTooWideIsTurned()
    {
        Job job = apron();
        job.is_mirrored = false;
        job.process = Process::KnifeVinyl;
        job.size = {SizeBy::Width, 400.0, {}, 0.0};
        Sitting s(job);
        QVERIFY(s.plan().laid.empty());
        auto* turn = s.find<QPushButton>("handoffTurn");
        QVERIFY(turn->isVisible());
        s.press(*turn, Qt::Key_Space);
        QCOMPARE(s.plan().laid.size(), std::size_t(1));
        QVERIFY(!turn->isVisible());
        s.window->jobModel().undoStack().undo();
        s.rest();
        QVERIFY(s.plan().laid.empty() && turn->isVisible());
    }

    void whatIsTooLargeIsOfferedALargerSheetOrASmallerSize()
    {
        Job job = apron("Barn Dance");
        job.is_mirrored = false;
        job.process = Process::Stencil;
        job.size = {SizeBy::Width, 400.0, {}, 0.0};
        Sitting s(job);
        QVERIFY(s.plan().laid.empty());
        auto *roomier = s.find<QPushButton>("handoffRoomier"),
             *smaller = s.find<QPushButton>("handoffSmaller");
        QVERIFY(!s.find<QPushButton>("handoffTurn")->isVisible());
        QCOMPARE(roomier->text(), QStringLiteral("Take Stencil film, roll 600 mm"));
        QCOMPARE(smaller->text(), QStringLiteral("Make it 194.0 mm wide")); // A4 and its margins
        s.press(*smaller, Qt::Key_Space);
        QCOMPARE(s.job().size.value_mm, 194.0);
        QCOMPARE(s.plan().laid.size(), std::size_t(1));
        QVERIFY(!roomier->isVisible() && !smaller->isVisible());
        s.window->jobModel().undoStack().undo();
        s.rest();
        s.press(*roomier, Qt::Key_Space);
        QCOMPARE(s.plan().laid.size(), std::size_t(1));
        QCOMPARE(s.plan().sheets.front().material.id, std::string("stencil-film-roll"));
        s.window->jobModel().undoStack().undo();
        s.rest();
        QVERIFY(s.plan().laid.empty() && roomier->isVisible());
    }

    void aListIsPastedLaidAndSaved()
    {
        Sitting s;
        QCOMPARE(s.plan().laid.size(), std::size_t(1));
        s.paste(kAprons);
        QCOMPARE(s.job().names.names.size(), std::size_t(5));
        QVERIFY(!s.page().leaf().controls()); // taken, and out of the way
        QCOMPARE(s.model().madeCount(), std::size_t(5));
        QCOMPARE(s.plan().laid.size(), std::size_t(5));
        QVERIFY(s.plan().left_out.empty());
        QVERIFY(s.find<QLabel>("handoffHeading")->text().contains(QStringLiteral("5 names, 1 sheet")));
        QVERIFY(s.find<QLabel>("mirroredWords")->text().contains(QStringLiteral("mirrored")));
        QCOMPARE(s.page().figure(), QStringLiteral("5 on 1 sheet"));
        // Larkmallow lacks none of the letters; each name has its verdict.
        for (const auto& name : s.model().names())
            QVERIFY(name->verdict && !name->error);
        s.save_path = s.file("names.svg");
        QTest::mouseClick(s.find<QPushButton>("savesvg"), Qt::LeftButton);
        s.rest();
        QCOMPARE(QFileInfo(s.suggested_path).fileName(), QStringLiteral("ottilie-and-4-more.svg"));
        QVERIFY2(s.told().startsWith(QStringLiteral("Saved names.svg: 1 sheet")), qPrintable(s.told()));
        const auto svg = s.saved(s.save_path);
        for (int i = 1; i <= 5; ++i)
            QVERIFY(svg.find("class=\"design-" + std::to_string(i) + "\"") != std::string::npos);
        // Undone in one step.
        QTest::keyClick(s.window.get(), Qt::Key_Z, Qt::ControlModifier);
        s.rest();
        QVERIFY(s.job().names.isEmpty());
        QCOMPARE(s.plan().laid.size(), std::size_t(1));
    }

    void thePatternIsSeenSavedAndPrinted()
    {
        Job job = apron("Honey");
        job.process = Process::Stencil;
        job.is_mirrored = false;
        job.size = {SizeBy::Width, 400.0};
        Sitting s(std::move(job));
        QTest::mouseClick(s.find<QPushButton>("lookPattern"), Qt::LeftButton);
        s.rest();
        auto& view = s.page().patternView();
        QVERIFY(view.pattern() && view.pattern()->is_joined);
        const auto pages = view.pattern()->pageCount();
        QVERIFY(pages > 2);
        QVERIFY(s.find<QLabel>("patternPages")->text().contains(QStringLiteral("400.0 mm wide")));
        QVERIFY(!s.find<QWidget>("runCard")->isVisible());
        // Pages by keyboard: one alone, and back.
        QCOMPARE(QApplication::focusWidget(), &view);
        s.press(view, Qt::Key_Right);
        QCOMPARE(view.chosen(), std::size_t(1));
        QVERIFY(view.accessibleDescription().contains(QStringLiteral("A1")));
        const QRectF small = view.rectOf(1);
        s.press(view, Qt::Key_Return);
        QVERIFY(view.rectOf(1).width() > 1.5 * small.width() && view.rectOf(0).isEmpty());
        s.press(view, Qt::Key_Escape);
        QCOMPARE(view.rectOf(1), small);
        QTest::mouseClick(&view, Qt::LeftButton, {}, view.rectOf(2).center().toPoint());
        QCOMPARE(view.chosen(), std::size_t(2));
        // Larger paper takes fewer; undone it takes as many as before.
        s.page().openLeaf(QStringLiteral("paper"));
        QTest::keyClick(s.find<QComboBox>("patternPaper"), Qt::Key_Down);
        s.rest();
        QVERIFY(view.pattern()->pageCount() < pages);
        QVERIFY(s.page().sentence().phrase(QStringLiteral("paper"))->text().contains(QStringLiteral("A3")));
        QTest::keyClick(s.window.get(), Qt::Key_Z, Qt::ControlModifier);
        s.rest();
        QCOMPARE(view.pattern()->pageCount(), pages);
        // A size of the maker's own is kept for the next job.
        s.page().openLeaf(QStringLiteral("blank"));
        s.find<QDoubleSpinBox>("blankWidth")->setValue(450.0);
        s.find<QDoubleSpinBox>("blankHeight")->setValue(300.0);
        QTest::mouseClick(s.find<QPushButton>("keepBlank"), Qt::LeftButton);
        s.rest();
        QCOMPARE(view.pattern()->blanks.size(), std::size_t(1));
        const auto kept = ink::readBlanks(s.state_folder / "blanks.json");
        QVERIFY(kept && kept->size() == 1 && kept->front().width_mm == 450.0);
        s.save_path = s.file("honey.pdf");
        QTest::mouseClick(s.find<QPushButton>("savePattern"), Qt::LeftButton);
        s.rest();
        QCOMPARE(QFileInfo(s.suggested_path).fileName(), QStringLiteral("honey-pattern.pdf"));
        QVERIFY2(s.told().startsWith(QStringLiteral("Saved honey.pdf: ")), qPrintable(s.told()));
        QVERIFY(s.saved(s.save_path).starts_with("%PDF"));
        QVERIFY(!s.saved(s.file("honey-rights.json")).empty());
        // Nobody is at the printer, then it prints (into a file).
        QTest::mouseClick(s.find<QPushButton>("printPattern"), Qt::LeftButton);
        s.rest();
        QCOMPARE(s.told(), QStringLiteral("Nothing was printed."));
        s.printer = std::make_shared<QPrinter>(QPrinter::HighResolution);
        s.printer->setOutputFormat(QPrinter::PdfFormat);
        s.printer->setOutputFileName(s.file("printed.pdf"));
        QTest::mouseClick(s.find<QPushButton>("printPattern"), Qt::LeftButton);
        s.rest();
        QVERIFY2(s.told().contains(QStringLiteral("with the printer")), qPrintable(s.told()));
        QVERIFY(s.saved(s.file("printed.pdf")).starts_with("%PDF"));
        s.printer->setOutputFileName(s.file("nowhere/printed.pdf"));
        QTest::mouseClick(s.find<QPushButton>("printPattern"), Qt::LeftButton);
        s.rest();
        QVERIFY2(s.told().contains(QStringLiteral("took nothing")), qPrintable(s.told()));
        // Back at the sheet all is as it was.
        QTest::mouseClick(s.find<QPushButton>("lookSheet"), Qt::LeftButton);
        s.rest();
        QVERIFY(s.find<QWidget>("runCard")->isVisible());
    }

    /// A pen draws what a knife cuts, and what is sewn has an outline and no cut.
    void wordsOfTheRunFollowTheTool()
    {
        Sitting s(apron("Honey"));
        const auto run = [&] { return s.find<QLabel>("runWords")->text(); };
        const auto foot = [&] { return s.find<QLabel>("footerLeft")->text(); };
        QVERIFY2(run().contains(QStringLiteral("to cut")), qPrintable(run()));
        QVERIFY2(foot().contains(QStringLiteral("to cut")), qPrintable(foot()));
        s.window->jobModel().setProcess(Process::Pen);
        s.rest();
        QVERIFY2(run().contains(QStringLiteral("to draw")), qPrintable(run()));
        for (const auto process : {Process::Pen, Process::Satin, Process::PaperPattern}) {
            s.window->jobModel().setProcess(process);
            s.rest();
            QVERIFY2(foot().contains(QStringLiteral("of outline")), qPrintable(foot()));
        }
    }

    void aPatternThatCannotBeIsSaid()
    {
        Job job = apron("Honey");
        job.size = {SizeBy::Width, 4000.0};
        Sitting s(std::move(job));
        s.page().setLook(HandOffPage::Look::Pattern);
        s.rest();
        QVERIFY(!s.page().patternView().pattern());
        QVERIFY(s.page().patternView().accessibleDescription().contains(QStringLiteral("3 m")));
        QVERIFY(!s.find<QPushButton>("savePattern")->isEnabled());
    }

    void theSameByKeyboardAlone()
    {
        Sitting s;
        auto* phrase = s.page().sentence().phrase(QStringLiteral("names"));
        phrase->setFocus();
        QTest::keyClick(phrase, Qt::Key_Space);
        auto* edit = s.find<QPlainTextEdit>("namesText");
        QVERIFY(edit->isVisible());
        edit->setFocus();
        QTest::keyClicks(edit, QStringLiteral("Ada"));
        QTest::keyClick(edit, Qt::Key_Return);
        QTest::keyClicks(edit, QStringLiteral("Bo"));
        QTest::keyClick(edit, Qt::Key_Tab); // to the button
        QCOMPARE(QApplication::focusWidget(), s.find<QPushButton>("takeNames"));
        QTest::keyClick(QApplication::focusWidget(), Qt::Key_Space);
        s.rest();
        QCOMPARE(s.plan().laid.size(), std::size_t(2));
        // The second is chosen and moved to a free place.
        s.view().setFocus();
        s.press(s.view(), Qt::Key_PageDown);
        s.press(s.view(), Qt::Key_PageDown);
        const auto chosen = *s.view().chosen();
        const Point before = s.plan().laid[chosen].place.at_mm;
        s.press(s.view(), Qt::Key_Down, Qt::ShiftModifier);
        const Point after = s.plan().laid[*s.view().chosen()].place.at_mm;
        QCOMPARE(after.y, before.y - 10.0);
        QCOMPARE(s.job().sheet.by_hand.size(), std::size_t(1));
        QVERIFY(s.view().accessibleDescription().contains(QStringLiteral("Bo")));
        s.save_path = s.file("two.plt");
        auto* save = s.find<QPushButton>("saveplt");
        save->setFocus();
        QTest::keyClick(save, Qt::Key_Space);
        s.rest();
        QVERIFY(QString::fromStdString(s.saved(s.save_path)).startsWith(QStringLiteral("IN;PA;SP4;")));
        // Every step back.
        while (s.window->jobModel().undoStack().canUndo())
            QTest::keyClick(s.window.get(), Qt::Key_Z, Qt::ControlModifier);
        s.rest();
        QCOMPARE(s.job(), apron());
    }

    void thereIsNoRoomOnAnother()
    {
        Sitting s;
        s.paste(kAprons);
        s.press(s.view(), Qt::Key_PageDown);
        const auto before = s.plan().laid[*s.view().chosen()].place;
        s.press(s.view(), Qt::Key_Up); // over the edge
        QVERIFY(s.told().contains(QStringLiteral("no room")));
        QCOMPARE(s.plan().laid[*s.view().chosen()].place, before);
        QVERIFY(s.job().sheet.by_hand.empty());
    }

    void aThingIsDragged()
    {
        Sitting s(apron("Bram"));
        const QPointF from = s.view().rectOf(0).center();
        // On ink: the first place of its outline.
        const Point ink =
            s.plan().laid[0].parts.front().on_sheet.pieces.front().outer.segments.front().start();
        Q_UNUSED(from);
        const QPointF corner = s.view().rectOf(0).topLeft();
        const Box& box = s.plan().laid[0].box_mm;
        const QPointF at = corner + QPointF(ink.x - box.x0, box.y1 - ink.y) * s.view().pixelsPerMm();
        const Point before = s.plan().laid[0].place.at_mm;
        QTest::mousePress(&s.view(), Qt::LeftButton, {}, at.toPoint());
        QTest::mouseMove(&s.view(), at.toPoint() + QPoint(40, 30));
        QTest::mouseMove(&s.view(), at.toPoint() + QPoint(60, 50));
        QTest::mouseRelease(&s.view(), Qt::LeftButton, {}, at.toPoint() + QPoint(60, 50));
        s.rest();
        const Point moved = s.plan().laid[0].place.at_mm - before;
        QVERIFY2(std::abs(moved.x - 60 / s.view().pixelsPerMm()) < 0.5, qPrintable(QString::number(moved.x)));
        QVERIFY(std::abs(moved.y + 50 / s.view().pixelsPerMm()) < 0.5);
    }

    void whatIsDraggedComesToRest()
    {
        Sitting s(apron("I"));
        s.paste(QStringLiteral("I\nI\n"));
        const auto& plan = s.plan();
        QCOMPARE(plan.laid.size(), std::size_t(2));
        const std::size_t second = plan.laid[0].number == 1 ? 0 : 1, first = 1 - second;
        const Box box = plan.laid[second].box_mm, other = plan.laid[first].box_mm;
        // Held two pixels beside where its left edge is in line with the other's, well below it.
        const double scale = s.view().pixelsPerMm();
        const QPoint from = s.view().rectOf(second).center().toPoint();
        const QPoint to = from + QPoint(qRound((other.x0 - box.x0) * scale) + 2, 90);
        const auto drag = [&](Qt::KeyboardModifiers with) {
            QTest::mousePress(&s.view(), Qt::LeftButton, {}, from);
            for (const QPoint at : {from + QPoint(30, 30), to}) {
                QMouseEvent move(QEvent::MouseMove, QPointF(at), s.view().mapToGlobal(QPointF(at)),
                                 Qt::NoButton, Qt::LeftButton, with);
                QApplication::sendEvent(&s.view(), &move);
            }
            QTest::mouseRelease(&s.view(), Qt::LeftButton, {}, to);
            s.rest();
            const auto moved = std::ranges::find(s.plan().laid, std::size_t(1), &LaidThing::number);
            return moved->box_mm.x0 - other.x0;
        };
        QVERIFY2(std::abs(drag({})) < 1e-6, "not in line with the other");
        s.window->jobModel().undoStack().undo();
        s.rest();
        QVERIFY(std::abs(drag(Qt::AltModifier)) > 1.0 / scale); // where the hand is
    }

    void aLetterOfAnotherMaterialIsASheetOfItsOwn()
    {
        Sitting s(apron("Bram"));
        s.window->openStation(MainWindow::Compose);
        s.rest();
        auto& view = s.window->composePage().view();
        view.setCaret(0);
        view.setCaret(1, true);
        auto* material = s.find<QComboBox>("letterMaterial");
        QVERIFY(material->isEnabled());
        QTest::keyClick(material, Qt::Key_Down); // the first card
        s.rest();
        const auto colour = s.job().lettering.letter(0).handling.colour;
        QVERIFY(!colour.empty());
        QCOMPARE(s.window->design().composed()->design.parts.size(), std::size_t(2));
        auto* operation = s.find<QComboBox>("letterOperation");
        QTest::keyClick(operation, Qt::Key_Down);
        QTest::keyClick(operation, Qt::Key_Down);
        s.rest();
        QCOMPARE(s.job().lettering.letter(0).handling.operation, std::optional(Operation::Score));
        s.window->jobModel().undoStack().undo(); // cut, then scored: a step each
        s.window->jobModel().undoStack().undo();
        s.rest();
        QVERIFY(!s.job().lettering.letter(0).handling.operation);
        QCOMPARE(s.job().lettering.letter(0).handling.colour, colour);
        s.window->openStation(MainWindow::HandOff);
        s.rest();
        // The first card may be the job's own material: then it lies on the same sheet.
        const std::size_t sheets = s.model().material().id == colour ? 1 : 2;
        QCOMPARE(s.plan().sheets.size(), sheets);
        QCOMPARE(s.plan().has_crosses, sheets == 2);
    }

    void whatIsSoldIsCounted()
    {
        Sitting s;
        s.window->library().addFiles({QString::fromStdString(s.job().font.path)});
        s.rest();
        const int row = s.window->fonts().rowOf(s.job().font);
        QVERIFY(row >= 0);
        s.window->fonts().rights(row);
        QTRY_VERIFY(s.window->fonts().knownRights(row));
        RightsRecord record = s.window->fonts().knownRights(row)->record;
        AttachedPaper paper;
        paper.name = "licence.txt";
        paper.text = "You may sell up to 8 physical products made with this font.";
        record.papers = {paper};
        record.decisions = {{"2026-11-28", "I bought it", "sell-within-limits"}};
        s.window->findPage().keepRecord(row, record, QStringLiteral("attach a paper"));
        QTRY_COMPARE(s.window->fonts().knownRights(row)->dossier.units, 8u);
        s.paste(kAprons); // five
        s.save_path = s.file("sold.svg");
        const auto save = [&] {
            s.asked.clear();
            QTest::mouseClick(s.find<QPushButton>("savesvg"), Qt::LeftButton);
            s.rest();
        };
        save();
        QVERIFY(s.asked.filter(QStringLiteral("may be sold")).isEmpty());
        QVERIFY2(s.told().contains(QStringLiteral("5 of 8")), qPrintable(s.told()));
        QCOMPARE(s.window->fonts().knownRights(row)->record.sold, 5u);
        save(); // the same again, to another folder say: they are the same goods
        QCOMPARE(s.window->fonts().knownRights(row)->record.sold, 5u);
        s.paste(QStringLiteral("Ida\nJon\nKai\nLea\n"));
        s.sale_ground.reset(); // nine of eight: asked, whatever was decided before, and gone back
        save();
        QVERIFY(!s.asked.isEmpty());
        QCOMPARE(s.window->fonts().knownRights(row)->record.sold, 5u);
        s.sale_ground = QStringLiteral("a second licence is bought");
        save();
        QCOMPARE(s.window->fonts().knownRights(row)->record.sold, 9u);
        const auto slip = QString::fromStdString(s.saved(s.file("sold-rights.json")));
        QVERIFY(slip.contains(QStringLiteral("\"sold\": 9")) &&
                slip.contains(QStringLiteral("\"units\": 8")));
        QVERIFY(slip.contains(QStringLiteral("a second licence is bought")));
        QVERIFY(!slip.contains(QStringLiteral("\"sha256\": \"\"")));
    }

    void eachNameIsDressedQuietly()
    {
        Job job = apron();
        job.font.path = test::demoFont("TansyCord.ttf").string();
        Sitting s(std::move(job));
        s.paste(QStringLiteral("Marda\nHazel\n"));
        const double before = s.plan().cutLength_mm();
        s.page().openLeaf(QStringLiteral("apart"));
        auto* quietly = s.find<QAbstractButton>("dressedQuietly");
        quietly->setFocus();
        QTest::keyClick(quietly, Qt::Key_Space);
        s.rest();
        QVERIFY(s.job().names.is_dressed_quietly);
        QVERIFY(std::abs(s.plan().cutLength_mm() - before) > 1.0);
        s.window->jobModel().undoStack().undo();
        s.rest();
        QCOMPARE(s.plan().cutLength_mm(), before);
    }

    void theRunIsSeenBeforeItIsCut()
    {
        Sitting s;
        s.paste(kAprons);
        QTest::mouseClick(s.find<QPushButton>("lookRun"), Qt::LeftButton);
        auto& ribbon = s.page().ribbon();
        QCOMPARE(QApplication::focusWidget(), static_cast<QWidget*>(&ribbon));
        QVERIFY(s.view().time());
        QTest::keyClick(&ribbon, Qt::Key_End);
        QCOMPARE(*s.view().time(), ribbon.duration());
        QVERIFY(s.find<QLabel>("runMoment")->text().contains(QStringLiteral("done")));
        QTest::keyClick(&ribbon, Qt::Key_Home);
        QTest::keyClick(&ribbon, Qt::Key_PageDown); // where the first part begins
        QCOMPARE(ribbon.time(), s.plan().sheets[0].run.parts[0].down_s);
        QTest::keyClick(&ribbon, Qt::Key_PageDown);
        QCOMPARE(ribbon.time(), s.plan().sheets[0].run.parts[1].down_s);
        QTest::keyClick(&ribbon, Qt::Key_PageUp);
        QCOMPARE(ribbon.time(), s.plan().sheets[0].run.parts[0].down_s);
        s.find<QComboBox>("runSpeed")->setCurrentIndex(3);
        QTest::keyClick(&ribbon, Qt::Key_Space);
        QTRY_VERIFY(ribbon.time() >= ribbon.duration()); // it plays to its end, and stops there
        QTRY_COMPARE(s.find<QPushButton>("runPlay")->text(), QStringLiteral("Play"));
        QTest::mouseClick(&ribbon, Qt::LeftButton, {}, QPoint(ribbon.width() / 2, 10));
        QVERIFY(std::abs(ribbon.time() - ribbon.duration() / 2) < 0.02 * ribbon.duration());
    }

    void namesAreGoneThroughEverywhere()
    {
        Sitting s;
        s.paste(kAprons);
        QCOMPARE(s.job().words, std::string("Ottilie"));
        s.press(*s.window, Qt::Key_Down, Qt::AltModifier);
        QCOMPARE(s.job().words, std::string("Bram"));
        s.window->openStation(MainWindow::Compose);
        s.rest();
        s.press(*s.window, Qt::Key_Down, Qt::AltModifier);
        QCOMPARE(s.job().words, std::string("Zoë"));
        QCOMPARE(s.window->design().composed()->design.missing, std::u32string());
        // What is typed is that name's.
        s.window->jobModel().setWords(QStringLiteral("Zoe"));
        s.rest();
        s.press(*s.window, Qt::Key_Up, Qt::AltModifier);
        s.press(*s.window, Qt::Key_Up, Qt::AltModifier);
        QCOMPARE(s.job().names.names[2].words, std::string("Zoe"));
        s.press(*s.window, Qt::Key_Up, Qt::AltModifier);
        QVERIFY(s.told().contains(QStringLiteral("first name")));
        s.window->openStation(MainWindow::HandOff);
        s.rest();
        s.page().list().setFocus();
        QTest::keyClick(&s.page().list(), Qt::Key_End);
        s.rest();
        QCOMPARE(s.job().words, std::string("Søren"));
    }

    void theFirstOfALongListAreSeenSoon()
    {
        Sitting s;
        QString names;
        for (int i = 0; i < 90; ++i)
            names += QStringLiteral("Name%1\n").arg(QChar(u'a' + i % 26)) + QString(i / 26, u'e');
        s.page().openLeaf(QStringLiteral("names"));
        s.find<QPlainTextEdit>("namesText")->setPlainText(names);
        std::size_t first = 0, last = 0;
        const auto connection = QObject::connect(&s.model(), &HandOffModel::changed, &s.model(), [&] {
            const std::size_t laid = s.model().plan() ? s.model().plan()->laid.size() : 0;
            if (laid > 1 && first == 0)
                first = laid;
            last = laid;
        });
        QTest::mouseClick(s.find<QPushButton>("takeNames"), Qt::LeftButton);
        s.rest();
        QObject::disconnect(connection);
        QVERIFY2(first > 0 && first < last, qPrintable(QStringLiteral("%1 of %2").arg(first).arg(last)));
        QCOMPARE(last, s.job().names.names.size());
        QVERIFY(s.model().isUpToDate());
    }

    void aPressInTheLeafLeavesItOpenAndOneBesideItKeepsTheList()
    {
        Sitting s;
        s.page().openLeaf(QStringLiteral("names"));
        const QString names = QStringLiteral("Ada\nBo,x");
        s.find<QPlainTextEdit>("namesText")->setPlainText(names);
        auto* remarks = s.find<QLabel>("namesRemarks");
        QVERIFY(remarks->isVisible());
        QTest::mouseClick(remarks,
                          Qt::LeftButton); // a label takes no presses: they are sent on to what lies below
        QVERIFY(s.find<QPlainTextEdit>("namesText")->isVisible());
        QTest::mouseClick(&s.view(), Qt::LeftButton, {}, s.view().rect().bottomRight() - QPoint(20, 20));
        QVERIFY(!s.find<QPlainTextEdit>("namesText")->isVisible());
        s.page().openLeaf(QStringLiteral("names"));
        QCOMPARE(s.find<QPlainTextEdit>("namesText")->toPlainText(), names);
    }

    void badListsAreSaidAndNothingIsLost()
    {
        Sitting s;
        s.page().openLeaf(QStringLiteral("names"));
        const QString lines = QStringLiteral("name,copies\nAda,2\n,1\nAda,1\nЖан,x\n%1,1\n")
                                  .arg(QString(200, QLatin1Char('m')));
        s.find<QPlainTextEdit>("namesText")->setPlainText(lines);
        const QString said = s.find<QLabel>("namesRemarks")->text();
        for (const char* part : {"4 names", "Line 3 is empty", "Line 4: “Ada” is in the list already",
                                 "Line 5", "Line 6 is longer"})
            QVERIFY2(said.contains(QString::fromUtf8(part)), qPrintable(said));
        QTest::mouseClick(s.find<QPushButton>("takeNames"), Qt::LeftButton);
        s.rest();
        QCOMPARE(s.job().names.names.size(), std::size_t(4));
        QCOMPARE(s.model().madeCount(), std::size_t(4));
        // A letter the font lacks, and one too wide for the roll: said in the list, the others lie on the sheet.
        QVERIFY(!s.model().names()[2]->missing.empty() || s.model().names()[2]->error);
        QVERIFY2(s.find<QLabel>("handoffLeftOut")->text().contains(QString(20, QLatin1Char('m'))),
                 qPrintable(s.find<QLabel>("handoffLeftOut")->text()));
        QVERIFY(s.plan().laid.size() >= 3);
    }

    void aFileIsReadWhateverItsEncoding()
    {
        Sitting s;
        QFile file(s.file("names.csv"));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write("Name;Anzahl\r\nZo\xeb;2\r\nS\xf8ren;1\r\n");
        file.close();
        s.names_to_read = file.fileName();
        s.page().openLeaf(QStringLiteral("names"));
        QTest::mouseClick(s.find<QPushButton>("namesFile"), Qt::LeftButton);
        QTest::mouseClick(s.find<QPushButton>("takeNames"), Qt::LeftButton);
        s.rest();
        QCOMPARE(s.job().names.names[0].words, std::string("Zoë"));
        QCOMPARE(s.plan().laid.size(), std::size_t(3));
        s.names_to_read = s.file("nowhere.csv");
        s.page().openLeaf(QStringLiteral("names"));
        QTest::mouseClick(s.find<QPushButton>("namesFile"), Qt::LeftButton);
        QVERIFY(s.told().contains(QStringLiteral("nowhere.csv")));
    }

    void copiesAndNamesAreChangedInTheList()
    {
        Sitting s;
        s.paste(kAprons);
        s.page().list().setFocus();
        s.press(s.page().list(), Qt::Key_Plus);
        s.press(s.page().list(), Qt::Key_Plus);
        QCOMPARE(s.job().names.names[0].copies, 3);
        QCOMPARE(s.plan().laid.size(), std::size_t(7));
        s.press(s.page().list(), Qt::Key_Minus);
        QCOMPARE(s.job().names.names[0].copies, 2);
        s.press(s.page().list(), Qt::Key_Delete);
        QCOMPARE(s.job().names.names.size(), std::size_t(4));
        QCOMPARE(s.job().words, std::string("Bram"));
        QCOMPARE(s.job().names.shown, std::size_t(0));
    }

    void choicesOfTheSentenceChangeTheSheet()
    {
        Sitting s;
        s.paste(kAprons);
        const double before = s.plan().usedLength_mm();
        s.page().openLeaf(QStringLiteral("apart"));
        s.find<QDoubleSpinBox>("spacing")->setValue(25.0);
        s.rest();
        QVERIFY(s.plan().usedLength_mm() >= before);
        QVERIFY(s.page().sentence().text().contains(QStringLiteral("25.0 mm apart")));
        s.find<QDoubleSpinBox>("widest")->setValue(40.0);
        s.rest();
        for (const auto& laid : s.plan().laid)
            QVERIFY(laid.box_mm.width() < 40.1);
        s.page().openLeaf(QStringLiteral("border"));
        s.find<QDoubleSpinBox>("border")->setValue(3.0);
        s.rest();
        QCOMPARE(s.plan().sheets.size(), std::size_t(2));
        QVERIFY(s.find<QPushButton>("nextSheet")->isVisible());
        QTest::mouseClick(s.find<QPushButton>("nextSheet"), Qt::LeftButton);
        QVERIFY(s.find<QLabel>("whichSheet")->text().contains(QStringLiteral("2 of 2")));
        s.save_path = s.file("both.dxf");
        QTest::mouseClick(s.find<QPushButton>("savedxf"), Qt::LeftButton);
        s.rest();
        QVERIFY(QFile::exists(s.file("both.dxf")) && QFile::exists(s.file("both-2.dxf")));
        s.page().openLeaf(QStringLiteral("material"));
        auto* material = s.find<QComboBox>("sheetMaterial");
        material->setCurrentIndex(material->findText(QStringLiteral("Card, cream, 305 x 305 mm")));
        emit material->activated(material->currentIndex());
        s.rest();
        QVERIFY(s.page().sentence().text().contains(QStringLiteral("Card, cream")));
    }

    void escapeTakesALeafBack()
    {
        Sitting s;
        s.page().openLeaf(QStringLiteral("tool"));
        s.find<QDoubleSpinBox>("kerf")->setValue(0.4);
        s.rest();
        QCOMPARE(s.job().sheet.kerf_mm, 0.4);
        QTest::keyClick(s.find<QDoubleSpinBox>("kerf"), Qt::Key_Escape);
        s.rest();
        QCOMPARE(s.job().sheet.kerf_mm, 0.0);
    }

    void whatCannotBeIsSaid()
    {
        Sitting s(Job{});
        QVERIFY2(s.view().message().contains(QStringLiteral("Find")), qPrintable(s.view().message()));
        QVERIFY(!s.find<QPushButton>("savesvg")->isEnabled());
        Job large = apron();
        large.size = {SizeBy::Width, 4000.0};
        s.window->jobModel().setJob(large, {});
        s.rest();
        QVERIFY2(s.view().message().contains(QStringLiteral("larger")), qPrintable(s.view().message()));
        QVERIFY(s.find<QLabel>("handoffLeftOut")->text().contains(QStringLiteral("Ottilie")));
    }

    void anUnwritableFolderIsTold()
    {
        Sitting s;
        s.save_path = s.file("no/such/folder/name.svg");
        QTest::mouseClick(s.find<QPushButton>("savesvg"), Qt::LeftButton);
        s.rest();
        QVERIFY2(s.told().contains(QStringLiteral("name.svg")), qPrintable(s.told()));
    }

    void aSlipLiesBesideWhatIsSold()
    {
        Sitting s;
        s.paste(kAprons);
        s.save_path = s.file("sold.svg");
        s.sale_ground.reset(); // asked, and gone back
        QTest::mouseClick(s.find<QPushButton>("savesvg"), Qt::LeftButton);
        s.rest();
        QVERIFY(!s.asked.isEmpty());
        QVERIFY(!QFile::exists(s.save_path));
        s.sale_ground = QStringLiteral("The author wrote me on Monday");
        QTest::mouseClick(s.find<QPushButton>("savesvg"), Qt::LeftButton);
        s.rest();
        QVERIFY(QFile::exists(s.save_path));
        const auto slip = QString::fromStdString(s.saved(s.file("sold-rights.json")));
        for (const char* part : {"\"under-ink-rights-slip\"", "\"copies\": 5", "Łucja",
                                 "The author wrote me on Monday", "\"purpose\": \"sale\""})
            QVERIFY2(slip.contains(QString::fromUtf8(part)), part);
        QVERIFY(s.saved(s.file("sold-rights.pdf")).starts_with("%PDF-1."));
        // Nobody asks for a gift.
        s.asked.clear();
        s.window->jobModel().setPurpose(Purpose::Gift);
        s.rest();
        s.save_path = s.file("given.svg");
        QTest::mouseClick(s.find<QPushButton>("savesvg"), Qt::LeftButton);
        s.rest();
        QVERIFY(s.asked.isEmpty());
        QVERIFY(QFile::exists(s.save_path) && !QFile::exists(s.file("given-rights.pdf")));
    }

    void itIsSentToTheCutter()
    {
        Sitting s;
        s.paste(kAprons);
        standin::CutterServer server(standin::CutterFault::None, 4000.0);
        s.window->cutter().setAddress(QStringLiteral("127.0.0.1"), server.listen());
        QTest::mouseClick(s.find<QPushButton>("sendToCutter"), Qt::LeftButton);
        QVERIFY(!s.find<QPushButton>("sendToCutter")->isEnabled());
        QTRY_COMPARE_WITH_TIMEOUT(s.window->cutter().state(), CutterQueue::State::Done, 30000);
        QVERIFY(s.find<QLabel>("sendWords")->text().contains(QStringLiteral("All of it is cut")));
        // What it drew is what the plan says: every ring once, as long as it is.
        const auto& run = s.plan().sheets[0].run;
        QCOMPARE(server.lines().size(), run.parts.size());
        double cut = 0.0;
        for (const auto& line : server.lines()) {
            QVERIFY(line.is_whole);
            for (std::size_t i = 1; i < line.points.size(); ++i)
                cut += QLineF(line.points[i - 1], line.points[i]).length();
        }
        QVERIFY2(std::abs(cut / run.cut_length_mm - 1.0) < 0.01,
                 qPrintable(QString::number(cut / run.cut_length_mm)));
    }

    void faultsOfTheCutterAreClear_data()
    {
        QTest::addColumn<int>("fault");
        QTest::addColumn<QString>("said");
        QTest::addColumn<bool>("goes_on");
        using standin::CutterFault;
        QTest::newRow("busy") << int(CutterFault::Busy) << QStringLiteral("busy with something else")
                              << false;
        QTest::newRow("line dropped")
            << int(CutterFault::LineDropped) << QStringLiteral("line to the cutter broke") << true;
        QTest::newRow("buffer lies") << int(CutterFault::BufferLies) << QStringLiteral("lost a part")
                                     << false;
        QTest::newRow("material ends")
            << int(CutterFault::MaterialEnds) << QStringLiteral("come to its end") << true;
        QTest::newRow("lid opened") << int(CutterFault::LidOpened) << QStringLiteral("lid is open") << true;
    }
    void faultsOfTheCutterAreClear()
    {
        QFETCH(int, fault);
        QFETCH(QString, said);
        QFETCH(bool, goes_on);
        Sitting s;
        standin::CutterServer server(standin::CutterFault(fault),
                                     fault == int(standin::CutterFault::BufferLies) ? 100.0 : 4000.0);
        s.window->cutter().setAddress(QStringLiteral("127.0.0.1"), server.listen());
        s.window->cutter().setPatience(1000);
        QTest::mouseClick(s.find<QPushButton>("sendToCutter"), Qt::LeftButton);
        QTRY_VERIFY_WITH_TIMEOUT(s.find<QLabel>("sendWords")->text().contains(said), 30000);
        if (!goes_on) {
            QTest::mouseClick(s.find<QPushButton>("sendCancel"), Qt::LeftButton);
            QCOMPARE(s.window->cutter().state(), CutterQueue::State::Idle);
            QVERIFY(s.find<QPushButton>("sendToCutter")->isEnabled());
            return;
        }
        if (s.window->cutter().state() == CutterQueue::State::Stopped)
            QTest::mouseClick(s.find<QPushButton>("sendGoOn"), Qt::LeftButton);
        else
            server.attend();
        QTRY_COMPARE_WITH_TIMEOUT(s.window->cutter().state(), CutterQueue::State::Done, 30000);
        std::size_t wholes = 0;
        for (const auto& line : server.lines())
            wholes += line.is_whole;
        QCOMPARE(wholes, s.plan().sheets[0].run.parts.size());
    }

    void nobodyAnswersAndItIsGivenUp()
    {
        Sitting s;
        s.window->cutter().setAddress(QStringLiteral("127.0.0.1"), 1); // nobody listens there
        QTest::mouseClick(s.find<QPushButton>("sendToCutter"), Qt::LeftButton);
        QTRY_VERIFY_WITH_TIMEOUT(
            s.find<QLabel>("sendWords")->text().contains(QStringLiteral("No cutter answers")), 30000);
    }

    void closingInTheMiddleAsks()
    {
        Sitting s;
        standin::CutterServer server(standin::CutterFault::None, 1.0);
        s.window->cutter().setAddress(QStringLiteral("127.0.0.1"), server.listen());
        QTest::mouseClick(s.find<QPushButton>("sendToCutter"), Qt::LeftButton);
        QTRY_COMPARE_WITH_TIMEOUT(s.window->cutter().state(), CutterQueue::State::Cutting, 30000);
        QTest::mouseClick(s.find<QPushButton>("sendPause"), Qt::LeftButton);
        QCOMPARE(s.find<QPushButton>("sendPause")->text(), QStringLiteral("Resume"));
        s.agrees = false;
        s.window->close();
        QVERIFY(s.window->isVisible());
        QVERIFY(s.asked.last().contains(QStringLiteral("cutter is not done")));
        s.agrees = true;
        s.window->close();
        QVERIFY(!s.window->isVisible());
    }

    void itIsReadAloud()
    {
        Sitting s;
        s.paste(kAprons);
        auto* list = QAccessible::queryAccessibleInterface(&s.page().list());
        QVERIFY(list);
        QCOMPARE(list->childCount(), 5);
        QVERIFY(list->child(1)->text(QAccessible::Name).startsWith(QStringLiteral("Bram: ")));
        for (const char* name :
             {"sheetView", "runRibbon", "nameList", "runSpeed", "savesvg", "saveplt", "previousSheet"})
            QVERIFY2(!s.find<QWidget>(name)->accessibleName().isEmpty() ||
                         !s.find<QWidget>(name)->property("text").toString().isEmpty(),
                     name);
        QTest::keyClick(&s.page().ribbon(), Qt::Key_End);
        QVERIFY(s.page().ribbon().accessibleDescription().contains(QStringLiteral(" of ")));
    }

    void twiceTheTextFitsTheSmallestWindow()
    {
        Sitting s(apron(), 2.0);
        s.window->resize(kLeastWidth, kLeastHeight);
        s.paste(kAprons);
        QVERIFY(s.view().width() > 200 && s.view().height() > 80);
        // Reached by Tab, the button comes into sight.
        s.find<QPushButton>("pasteNames")->setFocus();
        QTest::keyClick(s.find<QPushButton>("pasteNames"), Qt::Key_Tab);
        QTest::keyClick(QApplication::focusWidget(), Qt::Key_Tab);
        QCOMPARE(QApplication::focusWidget(), s.find<QPushButton>("savesvg"));

        QVERIFY(s.find<QPushButton>("savesvg")->visibleRegion().boundingRect().height() > 10);
    }

    void theListIsKeptWithTheJob()
    {
        Sitting s;
        s.paste(kAprons);
        s.press(*s.window, Qt::Key_Down, Qt::AltModifier);
        const Job before = s.job();
        s.window->close();
        s.reopen();
        QCOMPARE(s.job(), before);
    }
};

INK_TEST_GUI_MAIN(TestHandOff)
#include "test_handoff.moc"
