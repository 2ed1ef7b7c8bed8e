// A maker's sitting with a picture of lettering: what is it, and what looks like it that may be sold?
#include "standins/catalogue/catalogue_server.h"
#include "tests/support/gui.h"
#include "ui/find/find_page.h"
#include "ui/find/ink_view.h"
#include "ui/find/picture_view.h"
#include "ui/widgets/choice.h"

#include <QClipboard>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QListWidget>
#include <QMenu>
#include <QPushButton>

using namespace ink;
using namespace ink::ui;

namespace {

QString demoPicture(const char* name)
{
    return QStringLiteral("%1/../pictures/%2")
        .arg(QString::fromStdString(test::demoFontFolder().string()), QLatin1String(name));
}

struct MatchFixture : test::WindowFixture
{
    using WindowFixture::WindowFixture;

    FindPage& page() { return window->findPage(); }
    LikenessModel& likeness() { return page().likeness(); }
    QListWidget* found() { return find<QListWidget>("matchFound"); }
    QListView* list() { return find<QListView>("fontList"); }
    void press(const char* name)
    {
        QTest::mouseClick(find<QPushButton>(name), Qt::LeftButton);
        rest();
    }
    void open(const QString& file, const QString& words)
    {
        window->bring({file});
        rest();
        auto* edit = find<QLineEdit>("matchWords");
        QVERIFY(edit->hasFocus()); // what it says is typed at once
        QTest::keyClicks(edit, words);
        rest();
    }
    QString nameAt(int row) { return found()->item(row)->text(); }
    QString listed(int row) { return list()->model()->index(row, 0).data().toString(); }
};

} // namespace

class TestMatch : public QObject
{
    Q_OBJECT
private slots:
    void aScreenshotIsToldAndJoinsTheOtherWishes();
    void aLabelAtAnAngleIsStraightened();
    void cornersAndBrushWorkByKeyboard();
    void aPictureIsPasted();
    void aBadPictureIsSaidAndTheLastOneStays();
    void fontsThatLookLikeOneAreFound();
    void listingsAreComparedToo();
};

void TestMatch::aScreenshotIsToldAndJoinsTheOtherWishes()
{
    MatchFixture s;
    s.open(demoPicture("screenshot.png"), QStringLiteral("Honey"));
    QVERIFY(s.found()->count() >= 3);
    QCOMPARE(s.nameAt(0), QStringLiteral("Hartsorrel Script"));
    QVERIFY(s.found()->item(0)->data(Qt::AccessibleTextRole).toString().contains(QStringLiteral("the same")));
    QVERIFY(s.find<Choice>("matchTone")->currentText().contains(QStringLiteral("light")));
    QVERIFY(s.find<QLabel>("matchAbout")->text().contains(QStringLiteral("Hartsorrel Script")));
    QVERIFY(s.find<InkView>("matchInk")->accessibleName().contains(QStringLiteral("Hartsorrel Script")));
    // Its outline lies over the ink: nearly as wide and as high as that.
    const auto box =
        s.likeness().of(s.found()->item(0)->data(Qt::UserRole).toInt())->outline_px.boundingRect();
    QVERIFY(box.width() > 0.45 * s.likeness().ink()->width_px);
    QVERIFY(QRectF(0, 0, s.likeness().ink()->width_px, s.likeness().ink()->height_px)
                .adjusted(-3, -3, 3, 3)
                .contains(box));

    // In the list they stand in the job's words, the likest first, and other wishes narrow them further.
    s.press("matchList");
    QVERIFY(s.list()->isVisible());
    QCOMPARE(s.listed(0), QStringLiteral("Hartsorrel Script"));
    const int all = s.list()->model()->rowCount();
    QVERIFY(all >= 3 && all < s.window->fonts().rowCount());
    s.press("wish0");
    QVERIFY(s.list()->model()->rowCount() < all);
    s.press("wish0");
    QCOMPARE(s.list()->model()->rowCount(), all);
    s.likeness().clear();
    QCOMPARE(s.list()->model()->rowCount(), s.window->fonts().rowCount());
}

void TestMatch::aLabelAtAnAngleIsStraightened()
{
    MatchFixture s;
    s.open(demoPicture("label.jpg"), QStringLiteral("Bramble"));
    // The wood is part of the frame as long as nobody says where the label is.
    s.press("matchPlate");
    const auto corners = s.find<PictureView>("matchPicture")->corners();
    QVERIFY(corners[0].x < 300 && corners[1].x > 900 && corners[2].y > 500);
    QCOMPARE(s.nameAt(0), QStringLiteral("Quillbrook Script"));
    // The loops of the script look like a line that falls; the letters say that it hardly does.
    QVERIFY2(std::abs(s.likeness().ink()->slope_deg) < 1.5,
             qPrintable(QString::number(s.likeness().ink()->slope_deg)));
    s.press("matchChoose");
    QCOMPARE(QFileInfo(QString::fromStdString(s.window->jobModel().job().font.path)).fileName(),
             QStringLiteral("QuillbrookScript.ttf"));
    QVERIFY(s.list()->isVisible());
}

void TestMatch::cornersAndBrushWorkByKeyboard()
{
    MatchFixture s;
    s.open(demoPicture("screenshot.png"), QStringLiteral("Honey"));
    auto* view = s.find<PictureView>("matchPicture");
    view->setFocus();
    QTest::keyClick(view, Qt::Key_Right, Qt::ShiftModifier);
    QTest::keyClick(view, Qt::Key_PageDown);
    QCOMPARE(view->chosenCorner(), 1);
    QTest::keyClick(view, Qt::Key_Down);
    s.rest();
    QCOMPARE(s.likeness().ink()->corners[0].x, 10.0);
    QCOMPARE(s.likeness().ink()->corners[1].y, 1.0);
    QCOMPARE(s.nameAt(0), QStringLiteral("Hartsorrel Script"));

    // A frame is drawn by the pointer; what lies outside does not count.
    const QPointF from = view->onScreen(0);
    QTest::mousePress(view, Qt::LeftButton, {}, (from + QPointF(20, 20)).toPoint());
    QTest::mouseMove(view, (from + QPointF(60, 50)).toPoint());
    QTest::mouseMove(view, (from + QPointF(160, 120)).toPoint());
    QTest::mouseRelease(view, Qt::LeftButton, {}, (from + QPointF(160, 120)).toPoint());
    s.rest();
    QVERIFY(s.likeness().reading().corners);
    QVERIFY(s.likeness().reading().corners->at(1).x < 860.0);
    s.press("matchWhole");
    QVERIFY(!s.likeness().reading().corners);

    auto* ink = s.find<InkView>("matchInk");
    ink->setFocus();
    const auto before = s.likeness().ink()->ink;
    for (int i = 0; i < 5; ++i)
        QTest::keyClick(ink, Qt::Key_Left);
    QTest::keyClick(ink, Qt::Key_Space);
    s.rest();
    QCOMPARE(s.likeness().reading().painted_out.size(), std::size_t{1});
    QTest::keyClick(ink, Qt::Key_Down);
    s.press("matchUnpaint");
    QVERIFY(s.likeness().reading().painted_out.empty());
    QCOMPARE(s.likeness().ink()->ink, before);
}

void TestMatch::aPictureIsPasted()
{
    MatchFixture s;
    QApplication::clipboard()->clear();
    s.window->openStation(MainWindow::Find);
    auto* menu = s.find<QPushButton>("wishLook")->menu();
    for (auto* action : menu->actions())
        if (action->objectName() == QLatin1String("lookPicture"))
            action->trigger();
    s.rest();
    QVERIFY(s.find<QLabel>("matchEmpty")->isVisible());
    s.press("matchPaste");
    QVERIFY(s.find<QLabel>("matchState")->text().contains(QStringLiteral("Copy one first")));
    QApplication::clipboard()->setImage(QImage(demoPicture("screenshot.png")));
    s.press("matchPaste");
    QTest::keyClicks(s.find<QLineEdit>("matchWords"), QStringLiteral("Honey"));
    s.rest();
    QCOMPARE(s.nameAt(0), QStringLiteral("Hartsorrel Script"));
}

void TestMatch::aBadPictureIsSaidAndTheLastOneStays()
{
    MatchFixture s;
    s.open(demoPicture("screenshot.png"), QStringLiteral("Honey"));
    const auto picture = s.likeness().picture();
    s.window->bring(
        {QString::fromStdString(s.folder.write("cut off.png", "\x89PNG\r\n\x1a\n and no more").string())});
    s.rest();
    QVERIFY2(s.find<QLabel>("matchState")->text().contains(QStringLiteral("cut off.png")),
             qPrintable(s.find<QLabel>("matchState")->text()));
    QCOMPARE(s.likeness().picture(), picture);
    // All of one tone: said, and nothing is found.
    QImage grey(200, 100, QImage::Format_RGB888);
    grey.fill(QColor(120, 120, 120));
    QApplication::clipboard()->setImage(grey);
    s.press("matchPaste");
    QVERIFY(s.find<QLabel>("matchState")->text().contains(QStringLiteral("one tone")));
    QCOMPARE(s.found()->count(), 0);
    QVERIFY(!s.find<QPushButton>("matchList")->isEnabled());
}

void TestMatch::fontsThatLookLikeOneAreFound()
{
    MatchFixture s;
    s.window->openStation(MainWindow::Compose);
    s.rest();
    QTest::keyClick(s.window.get(), Qt::Key_L, Qt::ControlModifier);
    s.rest();
    QVERIFY(s.list()->isVisible());
    // Itself first, then what shares its manner; picture fonts are not among them.
    QCOMPARE(s.listed(0), QStringLiteral("Hartsorrel Script"));
    QVERIFY(s.find<QPushButton>("wishLook")->text().contains(QStringLiteral("Hartsorrel Script")));
    QStringList names;
    for (int row = 0; row < s.list()->model()->rowCount(); ++row)
        names << s.listed(row);
    QVERIFY2(!names.contains(QStringLiteral("Stallholder Bits")), qPrintable(names.join(QLatin1Char(','))));
    QVERIFY2(names.size() >= 2 && names.size() < s.window->fonts().rowCount(),
             qPrintable(names.join(QLatin1Char(','))));
}

void TestMatch::listingsAreComparedToo()
{
    standin::CatalogueServer server(
        std::move(*standin::DemoCatalogue::open(test::demoFontFolder() / ".." / "catalogue")));
    MatchFixture s;
    // The catalogue comes while the picture is looked at already.
    s.open(demoPicture("screenshot.png"), QStringLiteral("Honey"));
    s.window->feed().useAddress(QUrl(QStringLiteral("http://127.0.0.1:%1").arg(server.listen())));
    QTRY_VERIFY_WITH_TIMEOUT(
        [&] {
            for (int row = 0; row < s.window->fonts().rowCount(); ++row)
                if (s.window->fonts().isListing(row) && s.likeness().of(row))
                    return true;
            return false;
        }(),
        30000);
}

INK_TEST_GUI_MAIN(TestMatch)
#include "test_match.moc"
