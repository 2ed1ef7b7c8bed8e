#include "tests/support/gui.h"
#include "ui/compose/weld_view.h"

#include <QScreen>

using namespace ink;
using namespace ink::ui;

namespace {

std::shared_ptr<const Design> design(double width_mm, bool mirrored = false)
{
    const auto face = FontFace::open(test::demoFont("GatepostPlain.ttf"));
    Job job;
    job.words = "L";
    job.size = {SizeBy::Width, width_mm};
    job.is_mirrored = mirrored;
    auto made = composeDesign(job, alwaysLettersOf(*face));
    if (!made)
        qFatal("%s", made.error().message().c_str());
    return std::make_shared<Design>(std::move(made->design));
}

/// Columns of the picture that hold the material.
std::pair<int, int> inkedColumns(WeldView& view, const QColor& material)
{
    const QImage picture = view.grab().toImage();
    int first = -1, last = -1;
    for (int x = 0; x < picture.width(); ++x)
        for (int y = 0; y < picture.height(); ++y)
            if (picture.pixelColor(x, y) == material) {
                first = first < 0 ? x : first;
                last = x;
            }
    return {first, last};
}

const QColor kMaterial(1, 200, 3);

struct Fixture
{
    Theme theme;
    WeldView view{theme};

    Fixture()
    {
        view.resize(900, 600);
        view.setMaterial(kMaterial);
    }
};

} // namespace

class TestWeldView : public QObject
{
    Q_OBJECT
private slots:
    void trueSizeIsTrue();
    void fitsUntilSomebodyZooms();
    void zoomStaysWithinReason();
    void keysZoomAndPan();
    void wordsCannotBeLost();
    void overlapsAndOutlinePaint();
    void messageInsteadOfADesign();
};

void TestWeldView::trueSizeIsTrue()
{
    Fixture f;
    auto& view = f.view;
    view.showDesign(design(100.0));
    view.setZoom(1.0);
    const double dpi = view.screen()->physicalDotsPerInch();
    const auto [first, last] = inkedColumns(view, kMaterial);
    QVERIFY(qAbs((last - first + 1) - 100.0 * dpi / 25.4) <= 2.0);
}

void TestWeldView::fitsUntilSomebodyZooms()
{
    Fixture f;
    auto& view = f.view;
    view.showDesign(design(50.0));
    const double before = view.zoom();
    view.showDesign(design(500.0));
    QVERIFY(view.zoom() < before / 5);
    view.setZoom(1.0);
    view.showDesign(design(50.0));
    QCOMPARE(view.zoom(), 1.0);
    view.zoomToFit();
    QVERIFY(qAbs(view.zoom() - before) < 1e-9);
}

void TestWeldView::zoomStaysWithinReason()
{
    Fixture f;
    auto& view = f.view;
    view.showDesign(design(50.0));
    view.setZoom(1e9);
    QVERIFY(view.zoom() <= 200.0);
    view.grab();
    view.setZoom(0.0);
    QVERIFY(view.zoom() >= 0.01);
    view.grab();
    for (const double width_mm : {0.5, 3000.0}) {
        view.showDesign(design(width_mm));
        view.zoomToFit();
        view.grab();
    }
}

void TestWeldView::keysZoomAndPan()
{
    Fixture f;
    auto& view = f.view;
    view.showDesign(design(50.0));
    view.zoomToFit();
    const double fit = view.zoom();
    const auto fitted = inkedColumns(view, kMaterial);
    QTest::keyClick(&view, Qt::Key_1);
    QCOMPARE(view.zoom(), 1.0);
    QTest::keyClick(&view, Qt::Key_Plus);
    QCOMPARE(view.zoom(), 1.25);
    QTest::keyClick(&view, Qt::Key_Minus);
    QCOMPARE(view.zoom(), 1.0);
    const auto before = inkedColumns(view, kMaterial);
    QTest::keyClick(&view, Qt::Key_Right);
    QCOMPARE(inkedColumns(view, kMaterial).first, before.first - 40);
    QTest::keyClick(&view, Qt::Key_Left);
    QCOMPARE(inkedColumns(view, kMaterial), before);
    QTest::keyClick(&view, Qt::Key_Right);
    QTest::keyClick(&view, Qt::Key_0); // all of it, where it was
    QCOMPARE(view.zoom(), fit);
    QCOMPARE(inkedColumns(view, kMaterial), fitted);
}

void TestWeldView::wordsCannotBeLost()
{
    Fixture f;
    auto& view = f.view;
    view.showDesign(design(50.0));
    for (int i = 0; i < 200; ++i)
        QTest::keyClick(&view, Qt::Key_Right);
    QVERIFY(inkedColumns(view, kMaterial).first >= 0);
}

void TestWeldView::overlapsAndOutlinePaint()
{
    Fixture f;
    auto& view = f.view;
    view.showDesign(design(50.0));
    const QImage filled = view.grab().toImage();
    view.setLook(WeldView::Look::Outline);
    const QImage outline = view.grab().toImage();
    QVERIFY(filled != outline);
    view.setOverlapsShown(true);
    QVERIFY(view.grab().toImage() != outline);
}

void TestWeldView::messageInsteadOfADesign()
{
    Fixture f;
    auto& view = f.view;
    view.grab(); // nothing at all yet
    view.showMessage(QStringLiteral("There are no words yet."));
    QCOMPARE(view.message(), QStringLiteral("There are no words yet."));
    QCOMPARE(view.accessibleDescription(), view.message());
    view.grab();
    view.showDesign(design(50.0));
    QVERIFY(view.message().isEmpty());
}

INK_TEST_GUI_MAIN(TestWeldView)
#include "test_weld_view.moc"
