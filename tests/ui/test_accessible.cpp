// All stations by keyboard and through QAccessible: what can be acted on has a role and a name of its own, and Tab gets there.
#include "tests/support/gui.h"

#include "ui/handoff/run_ribbon.h"

#include <QAbstractButton>
#include <QAbstractItemView>
#include <QAccessible>
#include <QButtonGroup>
#include <QComboBox>
#include <QLocale>
#include <QScrollArea>
#include <QTest>

#include <algorithm>

using namespace ink;
using namespace ink::ui;

namespace {

constexpr std::array kStations = {MainWindow::Find, MainWindow::Shelf, MainWindow::Compose, MainWindow::Proof,
                                  MainWindow::HandOff};

/// What Tab stops at in the window as it is shown.
QList<QWidget*> stopsOf(const QWidget& window)
{
    QList<QWidget*> found;
    for (auto* part : window.findChildren<QWidget*>())
        if (part->isVisible() && part->isEnabled() && (part->focusPolicy() & Qt::TabFocus) &&
            !part->focusProxy())
            found << part;
    return found;
}

/// Of choices that exclude each other Tab stops at the one that holds; arrows go to the others.
bool isReachedByArrows(const QWidget& stop, const QSet<QWidget*>& reached)
{
    const auto* choice = qobject_cast<const QAbstractButton*>(&stop);
    const auto* group = choice ? choice->group() : nullptr;
    if (group && group->exclusive())
        return reached.contains(group->checkedButton());
    if (!choice || !choice->autoExclusive())
        return false;
    const auto peers = choice->parentWidget()->findChildren<QAbstractButton*>(Qt::FindDirectChildrenOnly);
    return std::any_of(peers.begin(), peers.end(), [&](auto* peer) {
        return peer->autoExclusive() && peer->isChecked() && reached.contains(peer);
    });
}

QString called(const QWidget& part)
{
    return QStringLiteral("%1 \"%2\"").arg(QLatin1String(part.metaObject()->className()), part.objectName());
}

Job job(Process process)
{
    Job job;
    job.words = "Ottilie";
    job.font.path = test::demoFont("Larkmallow.ttf").string();
    job.size = {SizeBy::Width, 110.0, {}, 0.0};
    job.process = process;
    return job;
}

} // namespace

class TestAccessible : public QObject
{
    Q_OBJECT
public:
    /// As the window writes it in the Arabic place the program was started in.
    QString figure;
private slots:
    void initTestCase() { QAccessible::setActive(true); }
    void cleanup() { QLocale::setDefault(QLocale::c()); }

    void everythingIsNamed_data()
    {
        QTest::addColumn<Process>("process");
        QTest::newRow("knife") << Process::KnifeVinyl;
        QTest::newRow("satin") << Process::Satin;
    }
    void everythingIsNamed()
    {
        QFETCH(Process, process);
        test::WindowFixture f(job(process));
        QStringList wrong;
        for (const auto station : kStations) {
            f.window->openStation(station);
            f.rest();
            const auto stops = stopsOf(*f.window);
            QVERIFY(stops.size() > 4);
            for (auto* stop : stops) {
                auto* told = QAccessible::queryAccessibleInterface(stop);
                QVERIFY(told);
                const auto role = told->role();
                // Qt itself tells an area that scrolls as a client.
                const bool is_untold = role == QAccessible::NoRole || role == QAccessible::Client;
                if (is_untold && !qobject_cast<QScrollArea*>(stop))
                    wrong << QStringLiteral("%1: %2 has no role").arg(station).arg(called(*stop));
                if (told->text(QAccessible::Name).trimmed().isEmpty())
                    wrong << QStringLiteral("%1: %2 has no name").arg(station).arg(called(*stop));
                if (!told->state().focusable)
                    wrong
                        << QStringLiteral("%1: %2 is not told as focusable").arg(station).arg(called(*stop));
            }
        }
        wrong.removeDuplicates();
        QVERIFY2(wrong.isEmpty(), qPrintable(wrong.join(QLatin1Char('\n'))));
    }

    void listsThatOpenCanBeRead_data()
    {
        QTest::addColumn<Theme::Tone>("tone");
        QTest::newRow("light") << Theme::Tone::Light;
        QTest::newRow("dark") << Theme::Tone::Dark;
    }
    /// In the ink of the list, whatever the choice itself stands on; 4.5 is asked for by WCAG 2.1, 1.4.3.
    void listsThatOpenCanBeRead()
    {
        QFETCH(Theme::Tone, tone);
        test::WindowFixture f(job(Process::KnifeVinyl), 1.0, true, tone);
        QStringList wrong;
        int lists = 0;
        for (const auto station : kStations) {
            f.window->openStation(station);
            f.rest();
            for (auto* choice : f.window->findChildren<QComboBox*>()) {
                if (!choice->isVisible() || !choice->isEnabled() || choice->count() == 0)
                    continue;
                choice->showPopup();
                auto* rows = choice->view();
                QVERIFY(QTest::qWaitForWindowExposed(rows->window()));
                ++lists;
                const QImage seen = rows->viewport()->grab().toImage();
                for (int i = 0; i < choice->count(); ++i) {
                    const QRect row = rows->visualRect(rows->model()->index(i, 0)).intersected(seen.rect());
                    const QColor ground = seen.pixelColor(std::max(0, row.right() - 2), row.center().y());
                    double best = 1.0;
                    for (int y = row.top(); y <= row.bottom(); ++y)
                        for (int x = row.left(); x <= row.right(); ++x)
                            best = std::max(best, contrast(seen.pixelColor(x, y), ground));
                    if (!row.isEmpty() && best < 4.5)
                        wrong << QStringLiteral("%1, row %2: %3").arg(called(*choice)).arg(i).arg(best);
                }
                choice->hidePopup();
            }
        }
        QVERIFY(lists >= 6);
        QVERIFY2(wrong.isEmpty(), qPrintable(wrong.join(QLatin1Char('\n'))));
    }

    void wordsAreTextAndTimeIsAValue()
    {
        test::WindowFixture f(job(Process::KnifeVinyl), 1.0, false);
        f.window->openStation(MainWindow::Compose);
        f.rest();
        auto* words = QAccessible::queryAccessibleInterface(f.find<QWidget>("weldView"));
        QCOMPARE(words->role(), QAccessible::EditableText);
        QVERIFY(words->textInterface());
        QCOMPARE(words->textInterface()->text(0, 7), QStringLiteral("Ottilie"));
        f.window->openStation(MainWindow::HandOff);
        f.rest();
        auto* ribbon = f.find<RunRibbon>("runRibbon");
        auto* time = QAccessible::queryAccessibleInterface(ribbon);
        QCOMPARE(time->role(), QAccessible::Slider);
        QVERIFY(time->valueInterface());
        QVERIFY(time->valueInterface()->maximumValue().toDouble() > 1.0);
        time->valueInterface()->setCurrentValue(1.0);
        QCOMPARE(ribbon->time(), 1.0);
        QCOMPARE(time->valueInterface()->currentValue().toDouble(), 1.0);
        QVERIFY(!time->text(QAccessible::Description).isEmpty());
    }

    void tabReachesEverything_data()
    {
        QTest::addColumn<double>("text_scale");
        QTest::addColumn<bool>("from_the_right");
        QTest::newRow("ordinary") << 1.0 << false;
        QTest::newRow("doubled text") << 2.0 << false;
        QTest::newRow("from right to left") << 1.0 << true;
    }
    void tabReachesEverything()
    {
        QFETCH(double, text_scale);
        QFETCH(bool, from_the_right);
        qApp->setLayoutDirection(from_the_right ? Qt::RightToLeft : Qt::LeftToRight);
        test::WindowFixture f(job(Process::KnifeVinyl), text_scale);
        QStringList missed;
        for (const auto station : kStations) {
            f.window->openStation(station);
            f.rest();
            const auto stops = stopsOf(*f.window);
            QSet<QWidget*> reached;
            stops.front()->setFocus(Qt::TabFocusReason);
            // Twice round: what a key of the first round opened has its turn in the second.
            for (qsizetype i = 0; i < 2 * stops.size(); ++i) {
                if (auto* at = QApplication::focusWidget())
                    reached << at;
                QTest::keyClick(QApplication::focusWidget(), Qt::Key_Tab);
            }
            for (auto* stop : stops)
                if (!reached.contains(stop) && stop->isVisible() && !isReachedByArrows(*stop, reached))
                    missed << QStringLiteral("%1: %2").arg(station).arg(called(*stop));
        }
        qApp->setLayoutDirection(Qt::LeftToRight);
        QVERIFY2(missed.isEmpty(), qPrintable(missed.join(QLatin1Char('\n'))));
    }

    void aLanguageNotSpokenTurnsNothingRound()
    {
        QCOMPARE(qApp->layoutDirection(), Qt::LeftToRight);
        QCOMPARE(figure, QStringLiteral("1.5"));
        QCOMPARE(QCoreApplication::translate("QDialogButtonBox", "Cancel"), QStringLiteral("Cancel"));
    }
};

// Under the desktop's own words of an Arabic place, which is what would turn the window round.
int main(int argc, char** argv)
{
    ink::test::isolateEnvironment();
    TestAccessible test;
    QLocale::setDefault(QLocale(QStringLiteral("ar_EG")));
    QApplication app(argc, argv);
    ink::ui::loadSentences(app);
    test.figure = QLocale().toString(1.5);
    QLocale::setDefault(QLocale::c());
    return QTest::qExec(&test, argc, argv);
}
#include "test_accessible.moc"
