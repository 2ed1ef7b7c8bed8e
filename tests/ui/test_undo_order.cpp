// One stack of steps over job, shelf and motif tray, whose work is done on three threads: whatever order it is asked for in,
// all of it goes back and comes again. INK_UNDO_SITTINGS sets how many sittings, 100 by default.
#include "core/intake/package.h"
#include "shelf/shelf_intake.h"
#include "tests/support/sitting.h"
#include "ui/queued_step.h"
#include "ui/station.h"

#include <QLabel>
#include <QPushButton>

#include <random>
#include <sstream>

using namespace ink;
using namespace ink::ui;
using test::larkmallow;

namespace {

struct Fixture : test::Sitting
{
    Fixture()
    {
        window->shelf().run<bool>(
            [](OpenShelf& shelf) -> Result<bool> {
                for (const char* name : {"maypole.zip", "tansy-cord.zip"}) {
                    const auto contents =
                        inspectPackage(test::demoFontFolder() / ".." / "catalogue" / "packages" / name);
                    if (!contents || !takeToShelf(shelf.store, *contents, contents->fonts(), "2026-11-27"))
                        qFatal("%s was not taken in", name);
                }
                return true;
            },
            [](const Result<bool>&) {});
        rest();
        page().lower().open(ComposeStrip::Motifs);
        rest();
    }

    QUndoStack& steps() { return window->jobModel().undoStack(); }

    /// All that the steps change, as text.
    std::string state()
    {
        std::ostringstream out;
        writeJob(out, job());
        for (const auto& font : window->shelf().contents()->fonts()) {
            out << font->id << " note " << font->note << " tags";
            for (const auto& tag : font->tags)
                out << ' ' << tag;
            out << " sets";
            for (const auto& set : font->sets)
                out << ' ' << set;
            out << " state " << static_cast<int>(font->state) << '\n';
        }
        std::vector<std::string> motifs;
        for (const auto& motif : page().tray().motifs())
            motifs.push_back(std::to_string(motif.id) + ' ' + motif.name + ' ' + motif.outline);
        std::ranges::sort(motifs);
        for (const auto& motif : motifs)
            out << motif << '\n';
        return out.str();
    }

    ShelfKeeper::Fonts someFont(std::mt19937& random)
    {
        const auto& fonts = window->shelf().contents()->fonts();
        return {fonts[random() % fonts.size()]->id};
    }
};

void actOnce(Fixture& f, std::mt19937& random)
{
    auto& shelf = f.window->shelf();
    const QString word = QString::number(random() % 1000);
    switch (random() % 9) {
    case 0:
    case 1:
        f.window->jobModel().endRun();
        return f.window->jobModel().setWords(QStringLiteral("Jar ") + word);
    case 2:
        return shelf.changeTag(QStringLiteral("tag") + QString::number(random() % 3), f.someFont(random),
                               random() % 2 == 0);
    case 3:
        return shelf.changeSet(QStringLiteral("set") + QString::number(random() % 3), f.someFont(random),
                               random() % 2 == 0);
    case 4:
        return shelf.setNote(f.someFont(random).front(), word);
    case 5:
        return f.page().tray().takeSvg(f.file("square.svg"));
    case 6:
        // No motif comes of it: a step that is void.
        return f.page().tray().takeSvg(f.file("none.svg"));
    case 7:
        return undoStep(f.steps());
    default:
        return redoStep(f.steps());
    }
}

/// As the page on architecture tells to add one.
class ToyStation : public Station
{
public:
    QString title() const override { return QStringLiteral("Toy"); }
    QString figure() const override { return QStringLiteral("%1 times").arg(m_times); }
    void activate() override
    {
        ++m_times;
        setFocusPolicy(Qt::StrongFocus);
        setFocus();
        emit figureChanged();
    }
    bool isIdle() const override { return true; }

private:
    int m_times = 0;
};

} // namespace

class TestUndoOrder : public QObject
{
    Q_OBJECT
private slots:
    void allGoesBackAndComesAgain();
    void stepsUndoInTheOrderTheyWereAskedFor();
    void aStepThatFailedIsPassedOver();
    void theButtonsSayWhatTheyUndo();
    void aStationIsOneClassAndOneLine();
};

void TestUndoOrder::allGoesBackAndComesAgain()
{
    bool is_set = false;
    const int asked = qEnvironmentVariable("INK_UNDO_SITTINGS").toInt(&is_set),
              sittings = is_set ? asked : 50;
    Fixture f;
    QFile square(f.file("square.svg"));
    QVERIFY(square.open(QIODevice::WriteOnly));
    square.write("<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 9 9'><path d='M0 0H9V9H0Z'/></svg>");
    square.close();
    std::mt19937 random(20261127);
    for (int sitting = 0; sitting < sittings; ++sitting) {
        f.rest();
        f.steps().clear();
        const std::string before = f.state();
        for (unsigned i = 4 + random() % 8; i > 0; --i)
            actOnce(f, random); // nobody waits for what was asked before
        f.rest();
        const std::string after = f.state();
        const int at = f.steps().index();
        while (f.steps().canUndo())
            undoStep(f.steps());
        f.rest();
        QVERIFY2(f.state() == before,
                 qPrintable(QStringLiteral("sitting %1, undone:\\n%2\\nbefore:\\n%3")
                                .arg(sitting)
                                .arg(QString::fromStdString(f.state()), QString::fromStdString(before))));
        while (f.steps().index() < at) // no further: steps that were undone lie beyond
            f.steps().redo();
        f.rest();
        QVERIFY2(f.state() == after, qPrintable(QStringLiteral("sitting %1, done again").arg(sitting)));
    }
}

void TestUndoOrder::stepsUndoInTheOrderTheyWereAskedFor()
{
    Fixture f;
    const auto font = f.window->shelf().contents()->fonts().front();
    // The shelf's work takes longer than a word; its step was asked for first all the same.
    f.window->shelf().setNote(font->id, QStringLiteral("for jars"));
    f.window->jobModel().endRun();
    f.window->jobModel().setWords(QStringLiteral("Jar"));
    QCOMPARE(f.steps().count(), 2);
    undoStep(f.steps());
    f.rest();
    QCOMPARE(f.job().words, std::string("Fennmoor Honey"));
    QCOMPARE(f.window->shelf().contents()->fonts().front()->note, std::string("for jars"));
    // A change that comes to its end late throws no redo away.
    QVERIFY(f.steps().canRedo());
    redoStep(f.steps());
    QCOMPARE(f.job().words, std::string("Jar"));
    f.rest();
}

void TestUndoOrder::aStepThatFailedIsPassedOver()
{
    Fixture f;
    f.window->jobModel().setWords(QStringLiteral("Jar"));
    f.page().tray().takeSvg(f.file("none.svg")); // told, and nothing changed
    f.rest();
    undoStep(f.steps()); // one press takes back what the person sees
    QCOMPARE(f.job().words, std::string("Fennmoor Honey"));
    f.rest();
}

void TestUndoOrder::theButtonsSayWhatTheyUndo()
{
    Fixture f;
    f.steps().clear();
    auto *undo = f.find<QPushButton>("undo"), *redo = f.find<QPushButton>("redo");
    QVERIFY(!undo->isVisible() && !redo->isVisible());
    f.window->jobModel().setWords(QStringLiteral("Jar"));
    f.rest();
    QCOMPARE(undo->text(), QStringLiteral("Undo: change the words"));
    QTest::mouseClick(undo, Qt::LeftButton);
    f.rest();
    QCOMPARE(f.job().words, std::string("Fennmoor Honey"));
    QCOMPARE(redo->text(), QStringLiteral("Redo: change the words"));
    QTest::mouseClick(redo, Qt::LeftButton);
    f.rest();
    QCOMPARE(f.job().words, std::string("Jar"));
}

void TestUndoOrder::aStationIsOneClassAndOneLine()
{
    Fixture f;
    f.window->addStation(new ToyStation);
    f.rest();
    auto* button = f.find<QAbstractButton>("stationToy");
    QVERIFY(button->isVisible());
    QTest::keyClick(f.window.get(), Qt::Key_6, Qt::AltModifier);
    f.rest();
    QVERIFY(QApplication::focusWidget() && dynamic_cast<ToyStation*>(QApplication::focusWidget()));
    QCOMPARE(button->accessibleDescription(), QStringLiteral("1 times"));
    QTest::mouseClick(f.find<QAbstractButton>("stationCompose"), Qt::LeftButton);
    QVERIFY(f.page().isVisible());
    f.rest();
}

INK_TEST_GUI_MAIN(TestUndoOrder)
#include "test_undo_order.moc"
