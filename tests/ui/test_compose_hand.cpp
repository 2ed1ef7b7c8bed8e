// What hand and figures do to letters, blocks, pieces and guides at the Compose station.
#include "core/design/along_shape.h"
#include "tests/support/lettering.h"
#include "tests/support/sitting.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QListWidget>
#include <QPushButton>
#include <QScrollArea>
#include <QScrollBar>
#include <QSlider>
#include <QWheelEvent>

#include <cmath>

using namespace ink;
using namespace ink::ui;
using test::larkmallow;
using test::Sitting;

class TestComposeHand : public QObject
{
    Q_OBJECT
private slots:
    void stepsAreTenthsOfAMillimetreAndHalfDegrees();
    void figuresBesideTheWordsDoTheSame();
    void blocksSnapAndSayTheirDistance();
    void theHandleBendsTheWords();
    void guidesArePulledFromTheRulersAndDrawn();
    void linesAndBlocksHaveFiguresOfTheirOwn();
    void lettersGoIntoTheTrayWithTheirRights();
    void theHandIsFollowedOnACircle();
    void aMirroredJobFollowsTheHandToo();
    void bentLettersAreTakenAndSayTheirDistance();
    void aPieceOnACircleFollowsTheHand();
    void theWholeIsSizedByItsBracket();
    void blocksAreSizedBesideTheOthers();
    void theOtherSideIsAskedForInFigures();
    void aPartIsFramedByMouseAndByKeyboard();
    void aWheelScrollsTheColumnAndChangesNothing();
    void draggedTooFarNothingIsLost();
};

void TestComposeHand::stepsAreTenthsOfAMillimetreAndHalfDegrees()
{
    Sitting s;
    s.view().setFocus();
    s.view().setCaret(3);
    const double em = s.page().composed()->design.em_mm;
    s.key(Qt::Key_Up, Qt::AltModifier);
    s.key(Qt::Key_Right, Qt::AltModifier);
    s.key(Qt::Key_Right, Qt::AltModifier | Qt::ShiftModifier);
    s.key(Qt::Key_Left, Qt::AltModifier | Qt::ControlModifier);
    s.key(Qt::Key_Period, Qt::AltModifier);
    const auto& letter = s.job().lettering.letter(2);
    QVERIFY(std::abs(letter.dy_em * em - 0.1) < 1e-6);
    QVERIFY(std::abs(letter.dx_em * em - 1.1) < 1e-6);
    QCOMPARE(letter.turn_deg, 0.5);
    QVERIFY(std::abs(letter.before_em * em - 0.1) < 1e-6);
    s.key(Qt::Key_Up, Qt::AltModifier | Qt::ControlModifier);
    QVERIFY(std::abs(s.job().lettering.letter(2).size - 1.01) < 1e-9);
    s.key(Qt::Key_0, Qt::AltModifier);
    QVERIFY(s.job().lettering.letters.empty());
    s.rest();
}

void TestComposeHand::figuresBesideTheWordsDoTheSame()
{
    Sitting s;
    s.view().setCaret(3);
    s.rest();
    auto* turn = s.find<QDoubleSpinBox>("letterTurn");
    turn->setValue(12.5);
    s.find<QDoubleSpinBox>("letterDx")->setValue(2.0);
    s.rest();
    QCOMPARE(s.job().lettering.letter(2).turn_deg, 12.5);
    const double em = s.page().composed()->mm_per_u * 1000.0;
    QVERIFY(std::abs(s.job().lettering.letter(2).dx_em * em - 2.0) < 0.05);
    s.click("letterReset");
    QVERIFY(s.job().lettering.letters.empty());
    s.window->jobModel().setUnit(LengthUnit::Inch);
    s.rest();
    QVERIFY(s.find<QDoubleSpinBox>("letterDx")->suffix().contains(QStringLiteral("in")));
}

void TestComposeHand::blocksSnapAndSayTheirDistance()
{
    Sitting s(larkmallow("Honey\n\nJar"));
    QCOMPARE(s.setting().blocks.size(), std::size_t(2));
    // The grip stands left of the block's ink; it is found by looking for the hand that moves.
    QPointF handle;
    const QPointF near = s.view().placeOf(7);
    for (int dx = 4; dx < 120 && handle.isNull(); ++dx)
        for (int dy = -40; dy < 60; dy += 4) {
            const QPointF at = near + QPointF(-dx, dy);
            QMouseEvent move(QEvent::MouseMove, at, s.view().mapToGlobal(at), Qt::NoButton, Qt::NoButton, {});
            QApplication::sendEvent(&s.view(), &move);
            if (s.view().cursor().shape() == Qt::SizeAllCursor) {
                handle = at + QPointF(-6, 4); // not its very edge
                break;
            }
        }
    QVERIFY(!handle.isNull());
    const double left = s.setting().blocks[0].ink.x0;
    s.press(handle, handle + QPointF(160, 45));
    QVERIFY(s.job().lettering.block(1).dx_em > 0.1);
    QVERIFY(s.job().lettering.block(1).dy_em < 0.0);
    s.window->jobModel().undoStack().undo();
    s.rest();
    QCOMPARE(s.job(), [&] {
        Job j = larkmallow("Honey\n\nJar");
        return j;
    }());
    // A hand that is nearly there is drawn to the edge.
    s.press(handle, handle + QPointF(5, 40));
    QVERIFY(std::abs(s.setting().blocks[1].ink.x0 - left) < 1e-6);
}

void TestComposeHand::theHandleBendsTheWords()
{
    Sitting s;
    s.click("shape_hill");
    const double before = s.job().lettering.block(0).shape.amount;
    auto* amount = s.find<QDoubleSpinBox>("shapeAmount");
    QVERIFY(amount->isVisible());
    QCOMPARE(amount->value(), before);
    amount->setValue(30.0);
    s.rest();
    QCOMPARE(s.job().lettering.block(0).shape.amount, 30.0);
    const double high = s.page().composed()->design.figures_mm.box.height();
    s.click("shapeBends");
    QVERIFY(!s.job().lettering.block(0).shape.bends);
    s.click("shape_none");
    QVERIFY(s.page().composed()->design.figures_mm.box.height() < high);
    QVERIFY(!amount->isVisible());
    s.click("shape_circle");
    QVERIFY(s.find<QDoubleSpinBox>("shapeStart")->isVisible());
    // Free corners have figures as well: the upper right one is the third.
    auto* up = s.find<QDoubleSpinBox>("corner5");
    QVERIFY(!up->isVisible());
    s.click("shape_corners");
    QVERIFY(up->isVisible());
    up->setValue(40.0);
    s.rest();
    QCOMPARE(s.job().lettering.block(0).shape.corners[2], (Point{0.0, 0.4}));
    up->setValue(-300.0); // below the lower one: the words would be turned over
    s.rest();
    QCOMPARE(s.job().lettering.block(0).shape.corners[2], (Point{0.0, 0.4}));
    QCOMPARE(up->value(), 40.0);
    s.click("shape_circle");
    s.click("shapeInside");
    QCOMPARE(s.job().lettering.block(0).shape.start_deg, 180.0);
}

void TestComposeHand::guidesArePulledFromTheRulersAndDrawn()
{
    Sitting s(larkmallow("Honey\n\nJar"));
    auto& view = s.view();
    const QPointF middle = view.rect().center();
    s.press({4, middle.y()}, {middle.x() + 60, middle.y()});
    QCOMPARE(s.job().lettering.guides.size(), std::size_t(1));
    QVERIFY(s.job().lettering.guides[0].is_upright);
    auto* at = s.control<QDoubleSpinBox>("guideAt");
    QVERIFY(at->isVisible());
    // The figure is the ruler's; a figure that is typed moves the guide there.
    at->setValue(100.0);
    s.rest();
    QVERIFY(std::abs(*view.guideFigure() - 100.0) < 0.051);
    const auto& composed = *s.page().composed();
    QVERIFY(std::abs(composed.to_mm.map({s.job().lettering.guides[0].at_em * kU_per_em, 0}).x -
                     composed.to_mm.map({composed.setting.ink.x0, 0}).x - 100.0) < 0.051);
    // Guides change nothing that is cut.
    QCOMPARE(s.page().composed()->design.figures_mm.box.width(), 300.0);
    // By keyboard, on the baseline.
    view.setCaret(2);
    auto* level = s.find<QPushButton>("guideLevel");
    level->setFocus();
    s.key(Qt::Key_Space);
    s.rest();
    QCOMPARE(s.job().lettering.guides.size(), std::size_t(2));
    QCOMPARE(s.job().lettering.guides[1].at_em, 0.0);
    s.click("guideRemove");
    QCOMPARE(s.job().lettering.guides.size(), std::size_t(1));
    s.window->jobModel().undoStack().undo();
    QCOMPARE(s.job().lettering.guides.size(), std::size_t(2));
    // Pulled back to the ruler, it is gone.
    s.press({middle.x(), 4}, {middle.x(), middle.y() + 90});
    QCOMPARE(s.job().lettering.guides.size(), std::size_t(3));
    s.press({view.width() - 30.0, middle.y() + 90}, {view.width() - 30.0, 3});
    QCOMPARE(s.job().lettering.guides.size(), std::size_t(2));
}

void TestComposeHand::linesAndBlocksHaveFiguresOfTheirOwn()
{
    Sitting s(larkmallow("Honey\nJar\n\nSupper"));
    const auto gap = [&] { return s.setting().lines[0].baseline - s.setting().lines[1].baseline; };
    const double before = gap();
    s.view().setCaret(2);
    s.find<QDoubleSpinBox>("lineGap")->setValue(150.0);
    s.rest();
    QVERIFY(std::abs(gap() / before - 1.5) < 1e-9);
    s.view().setCaret(12); // in the other block
    const double width = s.setting().blocks[1].ink.width();
    QCOMPARE(s.find<QDoubleSpinBox>("lineGap")->value(), 100.0);
    s.find<QDoubleSpinBox>("blockStretch")->setValue(120.0);
    s.rest();
    QVERIFY(std::abs(s.setting().blocks[1].ink.width() / width - 1.2) < 1e-6);
    s.window->jobModel().undoStack().undo();
    s.rest();
    s.find<QDoubleSpinBox>("blockSize")->setValue(50.0);
    s.rest();
    QVERIFY(std::abs(s.setting().blocks[1].ink.width() / width - 0.5) < 1e-6);
    QCOMPARE(s.job().lettering.block(0).size, 1.0);
    s.window->jobModel().undoStack().undo();
    QCOMPARE(s.job().lettering.block(1).size, 1.0);
}

void TestComposeHand::lettersGoIntoTheTrayWithTheirRights()
{
    Sitting s;
    s.view().setCaret(9);
    s.view().setCaret(14, true);
    s.click("letterToTray");
    s.rest();
    const auto& motifs = s.page().tray().motifs();
    QCOMPARE(motifs.size(), std::size_t(1));
    QCOMPARE(motifs[0].name, std::string("Honey"));
    QVERIFY(!motifs[0].font_sha256.empty());
    QVERIFY2(motifs[0].rights.starts_with("May sell"), motifs[0].rights.c_str());
    const auto drawing = s.page().tray().drawing(motifs[0].id);
    QVERIFY(drawing);
    QCOMPARE(drawing->rights, motifs[0].rights);
    // What was taken is what stands there.
    const auto& letters = s.setting().letters;
    Box ink;
    for (const auto& letter : letters)
        if (letter.first >= 9)
            ink.add(letter.ink);
    QVERIFY(std::abs(bounds(*drawing->outline).width() - ink.width()) < 0.5);
    s.view().choosePiece({});
    s.view().setCaret(14);
    s.click("tabTray");
    s.find<QListWidget>("motifList")->setCurrentRow(0);
    s.click("motifIntoLine");
    QCOMPARE(s.job().lettering.motifs.begin()->second.rights, motifs[0].rights);
}

namespace {

/// The middle of a letter's ink on the paper in mm, y up.
Point middleOf(Sitting& s, std::size_t character)
{
    const auto* letter = s.setting().letterAt(character);
    const auto shape = bending(s.setting(), *letter);
    const Box box = shape ? shape->bentBox(letter->glyphs.front()) : letter->ink;
    return s.page().composed()->to_mm.map({(box.x0 + box.x1) / 2, (box.y0 + box.y1) / 2});
}

/// The same beside another letter that stays: the paper itself moves when the outermost ink does.
Point beside(Sitting& s, std::size_t character, std::size_t other)
{
    return middleOf(s, character) - middleOf(s, other);
}

Job shaped(ShapeKind kind, bool bends, double amount, const char* words = "Fennmoor Honey Supper")
{
    Job job = larkmallow(words);
    job.size = {SizeBy::Em, 60.0}; // what is moved does not size the others
    job.lettering.blocks.resize(1);
    job.lettering.blocks[0].shape = {kind, bends, amount, 0.0, false, {}};
    return job;
}

} // namespace

void TestComposeHand::theHandIsFollowedOnACircle()
{
    for (const bool bends : {false, true}) {
        Sitting s(shaped(ShapeKind::Circle, bends, 330.0));
        // The last letter is far round the circle: its own "across" points elsewhere than the hand's.
        const Point before = beside(s, 19, 0);
        const QPointF from = s.view().placeOf(19);
        const double scale = s.view().pixelsPerMm();
        s.press(from, from + QPointF(40, 12));
        const Point moved = beside(s, 19, 0) - before;
        QVERIFY2(
            length(moved - Point{40 / scale, -12 / scale}) < (bends ? 1.5 : 0.6), // it bends on its way
            qPrintable(QString("%1 %2 of %3 %4").arg(moved.x).arg(moved.y).arg(40 / scale).arg(-12 / scale)));
        // A step of the keyboard is a tenth of a millimetre on the paper.
        s.view().setCaret(20);
        const Point then = beside(s, 19, 0);
        s.view().setFocus();
        s.key(Qt::Key_Right, Qt::AltModifier | Qt::ShiftModifier);
        s.rest();
        const Point stepped = beside(s, 19, 0) - then;
        QVERIFY2(length(stepped - Point{1.0, 0.0}) < 0.05,
                 qPrintable(QString("%1 %2 %3").arg(bends).arg(stepped.x).arg(stepped.y)));
    }
}

void TestComposeHand::aMirroredJobFollowsTheHandToo()
{
    Job job = larkmallow("Honey jar");
    job.size = {SizeBy::Em, 60.0};
    job.is_mirrored = true;
    Sitting s(job);
    const Point before = beside(s, 6, 0);
    const double scale = s.view().pixelsPerMm();
    const QPointF from = s.view().placeOf(6);
    s.press(from, from + QPointF(30, 0));
    QVERIFY(length(beside(s, 6, 0) - before - Point{30 / scale, 0}) < 0.2);
    QVERIFY(s.job().lettering.letter(6).dx_em < 0.0);
}

void TestComposeHand::bentLettersAreTakenAndSayTheirDistance()
{
    Sitting s(shaped(ShapeKind::Hill, true, 60.0, "Honey\n\nJar"));
    // The letter is found where it stands, not where it stood before the hill.
    const QPointF place = s.view().placeOf(1);
    QVERIFY(!place.isNull());
    QTest::mousePress(&s.view(), Qt::LeftButton, {}, place.toPoint());
    for (int step = 1; step <= 8; ++step) {
        const QPointF at = place + QPointF(0, -12 * step);
        QMouseEvent move(QEvent::MouseMove, at, s.view().mapToGlobal(at), Qt::NoButton, Qt::LeftButton, {});
        QApplication::sendEvent(&s.view(), &move);
        s.rest();
    }
    QVERIFY2(s.view().dragNote().contains(QStringLiteral("to the next ink")),
             qPrintable(s.view().dragNote()));
    QTest::mouseRelease(&s.view(), Qt::LeftButton, {}, place.toPoint());
    QCOMPARE(s.view().caret(), std::size_t(2));
}

void TestComposeHand::aPieceOnACircleFollowsTheHand()
{
    Job job = shaped(ShapeKind::Circle, false, 330.0);
    job.lettering.motifs["m"] = test::motifDrawing("Square", test::rectangle(200, 200), 200.0);
    PlacedPiece piece;
    piece.motif = "m";
    piece.letter = 20;
    piece.y_em = 1.4;
    job.lettering.pieces.push_back(piece);
    Sitting s(job);
    const auto middle = [&] {
        const Box& ink = s.setting().pieces[0].ink;
        return s.page().composed()->to_mm.map({(ink.x0 + ink.x1) / 2, (ink.y0 + ink.y1) / 2});
    };
    const Point before = middle() - middleOf(s, 0);
    const QPointF from =
        s.view().toScreen({middle().x, -middle().y}).toPoint(); // a hand presses whole pixels
    const double scale = s.view().pixelsPerMm();
    s.press(from, from + QPointF(25, -20));
    QVERIFY(length(middle() - middleOf(s, 0) - before - Point{25 / scale, 20 / scale}) < 0.5);
    QCOMPARE(s.view().piece(), std::optional<std::size_t>(0));
}

void TestComposeHand::theWholeIsSizedByItsBracket()
{
    Sitting s;
    const double wide = 300.0, high = s.page().composed()->design.figures_mm.box.height();
    QPointF corner = s.view().sizeHandle(false);
    QVERIFY(!corner.isNull());
    s.press(corner, corner + QPointF(-120, 40));
    QVERIFY(s.job().size.value_mm < wide - 20.0);
    QVERIFY(!s.job().size.other_mm);
    s.window->jobModel().undoStack().undo();
    s.rest();
    QCOMPARE(s.job().size.value_mm, wide); // one pull is one step
    s.view().zoomToFit();
    corner = s.view().sizeHandle(false);
    const double zoom = s.view().zoom();
    s.press(corner, corner + QPointF(-90, 30));
    QCOMPARE(s.view().zoom(), zoom); // the words get smaller, not the paper larger
    QVERIFY(QLineF(s.view().sizeHandle(false), corner).length() > 30.0);
    s.window->jobModel().undoStack().undo();
    s.rest();
    s.view().zoomToFit();
    QPointF side = s.view().sizeHandle(true);
    s.press(side, side + QPointF(-100, 0));
    QVERIFY(s.job().size.value_mm < wide - 20.0);
    QVERIFY(std::abs(s.page().composed()->design.figures_mm.box.height() - high) < 1e-6);
    s.window->jobModel().undoStack().undo();
    s.rest();
    QCOMPARE(s.job(), larkmallow());
    // By its height the width is what is asked for as well; by the em the letters grow wider.
    s.window->jobModel().setSize({SizeBy::Height, 60.0});
    s.rest();
    side = s.view().sizeHandle(true);
    s.press(side, side + QPointF(-60, 0));
    QVERIFY(s.job().size.other_mm);
    s.window->jobModel().setSize({SizeBy::Em, 60.0});
    s.rest();
    side = s.view().sizeHandle(true);
    s.press(side, side + QPointF(-60, 0));
    QVERIFY(s.job().lettering.block(0).stretch < 0.95);
}

void TestComposeHand::blocksAreSizedBesideTheOthers()
{
    Sitting s(larkmallow("Honey\n\nJar"));
    s.view().setCaret(8);
    const QPointF corner = s.view().sizeHandle(false);
    s.press(corner, corner + QPointF(30, -30));
    QVERIFY(s.job().lettering.block(1).size > 1.05);
    QCOMPARE(s.job().lettering.block(0).size, 1.0);
    QCOMPARE(s.job().size.value_mm, 300.0);
    QCOMPARE(s.find<QDoubleSpinBox>("blockSize")->value(),
             std::round(s.job().lettering.block(1).size * 1000.0) / 10.0);
    s.window->jobModel().undoStack().undo();
    s.rest();
    const QPointF side = s.view().sizeHandle(true);
    s.press(side, side + QPointF(40, 0));
    QVERIFY(s.job().lettering.block(1).stretch > 1.05);
    QCOMPARE(s.job().lettering.block(1).size, 1.0);
}

void TestComposeHand::theOtherSideIsAskedForInFigures()
{
    Sitting s;
    auto* keeps = s.find<QCheckBox>("keepsProportions");
    auto* figure = s.find<QDoubleSpinBox>("otherSideFigure");
    QVERIFY(keeps->isChecked() && !figure->isEnabled());
    const double natural = s.page().composed()->design.figures_mm.box.height();
    QVERIFY(std::abs(figure->value() - natural) < 0.06);
    s.click("keepsProportions");
    QVERIFY(figure->isEnabled());
    figure->setValue(40.0);
    s.rest();
    const Box box = s.page().composed()->design.figures_mm.box;
    QVERIFY(std::abs(box.width() - 300.0) < 1e-6 && std::abs(box.height() - 40.0) < 1e-6);
    QCOMPARE(s.find<QLabel>("otherSide")->text(), QStringLiteral("40.0 high"));
    // Asked for by the other side, it is the same thing still.
    auto* by = s.find<QComboBox>("sizeBy");
    by->setCurrentIndex(by->findData(static_cast<int>(SizeBy::Height)));
    emit by->activated(by->currentIndex());
    s.rest();
    QCOMPARE(s.job().size.value_mm, 40.0);
    QVERIFY(std::abs(*s.job().size.other_mm - 300.0) < 1e-6);
    s.click("keepsProportions");
    QVERIFY(!s.job().size.other_mm);
    QVERIFY(std::abs(s.page().composed()->design.figures_mm.box.height() - 40.0) < 1e-6);
    // Capitals have no other side.
    by->setCurrentIndex(by->findData(static_cast<int>(SizeBy::CapHeight)));
    emit by->activated(by->currentIndex());
    s.rest();
    QVERIFY(!figure->isVisible() && !keeps->isVisible());
}

void TestComposeHand::aPartIsFramedByMouseAndByKeyboard()
{
    Sitting s;
    s.click("partToTray");
    QVERIFY(s.view().isFramingAPart());
    const QPointF place = s.view().placeOf(3);
    const double side_u = 120.0 / s.view().pixelsPerMm() /
                          s.page().composed()->mm_per_u; // as it is now: what is told afterwards takes room
    s.press(place + QPointF(-60, -60), place + QPointF(60, 60));
    QVERIFY(!s.view().isFramingAPart());
    const auto& motifs = s.page().tray().motifs();
    QCOMPARE(motifs.size(), std::size_t(1));
    QVERIFY2(motifs[0].name.starts_with("Part of Fennmoor"), motifs[0].name.c_str());
    QVERIFY(motifs[0].rights.starts_with("May sell"));
    const auto drawing = s.page().tray().drawing(motifs[0].id);
    const Box box = bounds(*drawing->outline);
    const double two_px_u = side_u / 60.0; // the hand's places are whole pixels
    QVERIFY(box.width() > side_u * 0.4 && box.width() < side_u + two_px_u &&
            box.height() < side_u + two_px_u);
    QCOMPARE(s.job(), larkmallow()); // the words are as they were
    // By keyboard from the chosen letter's box on; Escape leaves it.
    s.view().setCaret(1);
    s.find<QPushButton>("partToTray")->setFocus();
    s.key(Qt::Key_Space);
    QVERIFY(s.view().hasFocus() && s.view().isFramingAPart());
    s.key(Qt::Key_Escape);
    QVERIFY(!s.view().isFramingAPart());
    s.find<QPushButton>("partToTray")->setFocus();
    s.key(Qt::Key_Space);
    for (int i = 0; i < 6; ++i)
        s.key(Qt::Key_Right, Qt::ShiftModifier);
    s.key(Qt::Key_Down);
    s.key(Qt::Key_Return);
    s.rest();
    QCOMPARE(s.page().tray().motifs().size(), std::size_t(2));
    s.window->jobModel().undoStack().undo(); // the tray's changes are undone as well
    s.rest();
    QCOMPARE(s.page().tray().motifs().size(), std::size_t(1));
    // A frame around nothing is said, and nothing is kept.
    s.click("partToTray");
    s.press(QPointF(60, 60), QPointF(80, 80));
    QCOMPARE(s.page().tray().motifs().size(), std::size_t(1));
}

void TestComposeHand::aWheelScrollsTheColumnAndChangesNothing()
{
    Sitting s;
    const auto turn = [](QWidget* over) {
        const QPointF at = QRectF(over->rect()).center();
        QWheelEvent wheel(at, over->mapToGlobal(at), {}, {0, -240}, Qt::NoButton, {}, Qt::NoScrollPhase,
                          false);
        QApplication::sendEvent(over, &wheel);
    };
    // A wheel that rolls over a figure on its way changes nothing.
    for (const char* name : {"letterSpacing", "lineGap", "lineAlign", "closeUpDepth"}) {
        auto* control = s.control<QWidget>(name);
        s.view().setFocus();
        turn(control);
        QVERIFY2(s.job() == larkmallow(), name);
    }
    // The one in use is changed.
    auto* spacing = s.control<QSlider>("letterSpacing");
    spacing->setFocus();
    turn(spacing);
    s.rest();
    QVERIFY(s.job().tracking_em != 0.0);
}

void TestComposeHand::draggedTooFarNothingIsLost()
{
    Job job = larkmallow("Honey");
    job.size = {SizeBy::Width, 9000.0};
    Sitting s(job);
    s.window->jobModel().setSize({SizeBy::Em, s.page().composed()->design.em_mm}); // the width is free now
    s.rest();
    const QPointF from = s.view().placeOf(4);
    QTest::mousePress(&s.view(), Qt::LeftButton, {}, from.toPoint());
    for (const double by : {100.0, 300.0, 500.0, 520.0}) {
        const QPointF at = from + QPointF(by, 0);
        QMouseEvent move(QEvent::MouseMove, at, s.view().mapToGlobal(at), Qt::NoButton, Qt::LeftButton, {});
        QApplication::sendEvent(&s.view(), &move);
        s.rest();
    }
    QVERIFY(!s.view().composed()); // wider than anything that is made
    QVERIFY(!s.view().message().isEmpty());
    QTest::mouseRelease(&s.view(), Qt::LeftButton, {}, from.toPoint());
    s.window->jobModel().undoStack().undo();
    s.rest();
    QVERIFY(s.view().composed());
    QCOMPARE(s.job().words, std::string("Honey"));
    QVERIFY(s.job().lettering.isPlain());
}

INK_TEST_GUI_MAIN(TestComposeHand)
#include "test_compose_hand.moc"
