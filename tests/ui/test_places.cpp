// A whole sitting wherever the desktop is: a comma, other digits and the Turkish i are of the window alone, never of what is saved.
#include "core/process/process.h"
#include "tests/support/gui.h"
#include "ui/handoff/handoff_page.h"

#include <QDoubleSpinBox>
#include <QLocale>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QRegularExpression>
#include <QTest>

#include <algorithm>
#include <cmath>
#include <map>

using namespace ink;
using namespace ink::ui;

namespace {

/// Names whose capitals and small letters a Turkish program mixes up.
const QString kNames = QStringLiteral("name,copies\nIris,1\nIngrid,2\nLili,1\nZo\u00eb,1\n");

Job job(Process process)
{
    Job job;
    job.words = "Iris";
    job.process = process;
    job.font.path = test::demoFont("Larkmallow.ttf").string();
    job.size = {SizeBy::Width, 110.0, {}, 0.0};
    return job;
}

using Files = std::map<QString, std::string>;

/// The first line of `b` that is not in its place in `a`; empty where the files are one. When a file was made (EPS and PDF say it) is no difference.
QString firstDifference(const std::string& a, const std::string& b)
{
    const auto lines_a = QByteArray::fromStdString(a).split('\n'),
               lines_b = QByteArray::fromStdString(b).split('\n');
    for (qsizetype i = 0; i < std::max(lines_a.size(), lines_b.size()); ++i)
        if (lines_a.value(i) != lines_b.value(i) && !lines_a.value(i).contains("CreationDate"))
            return QStringLiteral("line %1: %2")
                .arg(i + 1)
                .arg(QString::fromLatin1(lines_b.value(i).left(80)));
    return {};
}

struct Sitting : test::WindowFixture
{
    explicit Sitting(Process process) : WindowFixture(job(process), 1.0, false)
    {
        window->openStation(MainWindow::Compose);
        rest();
    }
    /// As somebody of this place types it: with its own mark before the decimals.
    void typeSize(double value)
    {
        auto* size = find<QDoubleSpinBox>("size");
        size->setFocus();
        size->selectAll();
        for (const QChar figure :
             QLocale().toString(value, 'f', 1)) // as keyClicks, which knows Latin keys only
            QTest::sendKeyEvent(QTest::Click, size, Qt::Key_unknown, QString(figure), Qt::NoModifier);
        QTest::keyClick(size, Qt::Key_Return);
        rest();
    }
    void paste(const QString& names)
    {
        window->handOffPage().openLeaf(QStringLiteral("names"));
        find<QPlainTextEdit>("namesText")->setPlainText(names);
        QTest::mouseClick(find<QPushButton>("takeNames"), Qt::LeftButton);
        rest();
    }
    /// Presses every button that saves for a machine, and reads what was written.
    Files saveAll()
    {
        Files files;
        for (auto* button : window->findChildren<QPushButton*>()) {
            const QString format = button->objectName();
            static const QRegularExpression saves(QStringLiteral("^(save|sew)[a-z]{3}$"));
            if (!button->isVisible() || !saves.match(format).hasMatch())
                continue;
            save_path = QString::fromStdString((folder.path() / "made.").string()) + format.last(3);
            QTest::mouseClick(button, Qt::LeftButton);
            rest();
            files[format.last(3)] = test::slurp(save_path.toStdString());
        }
        return files;
    }
    Files sitThrough()
    {
        typeSize(87.5);
        window->openStation(MainWindow::HandOff);
        rest();
        if (!isSewn(window->jobModel().job().process))
            paste(kNames);
        return saveAll();
    }
};

} // namespace

class TestPlaces : public QObject
{
    Q_OBJECT
private slots:
    void cleanup() { QLocale::setDefault(QLocale::c()); }

    void whatIsSavedKnowsNoPlace_data()
    {
        QTest::addColumn<Process>("process");
        QTest::addColumn<std::size_t>("formats");
        QTest::addColumn<QStringList>("places");
        const QStringList all{"de_DE", "fr_FR", "ar_EG", "tr_TR"};
        // Each place beside none: all of them for one process, one for each of the others; all for all with INK_PLACES_ALL=1.
        const auto some = [&](qsizetype i) {
            return qEnvironmentVariableIntValue("INK_PLACES_ALL") > 0 ? all : all.mid(i, 1);
        };
        QTest::newRow("knife") << Process::KnifeVinyl << std::size_t(5) << all;
        QTest::newRow("laser") << Process::LaserWood << std::size_t(5) << some(0);
        QTest::newRow("pen") << Process::Pen << std::size_t(5) << some(1);
        QTest::newRow("satin") << Process::Satin << std::size_t(2) << some(2);
        QTest::newRow("applique") << Process::Applique << std::size_t(2) << some(3);
    }
    void whatIsSavedKnowsNoPlace()
    {
        QFETCH(Process, process);
        QFETCH(std::size_t, formats);
        QFETCH(QStringList, places);
        places.prepend(QStringLiteral("C"));
        Files first;
        for (const QString& place : places) {
            QLocale::setDefault(QLocale(place));
            Sitting s(process);
            const Files files = s.sitThrough();
            QVERIFY2(s.find<QDoubleSpinBox>("size")->value() == 87.5, qPrintable(place));
            QVERIFY2(files.size() >= formats, qPrintable(QStringLiteral("%1 formats").arg(files.size())));
            for (const auto& [format, bytes] : files)
                QVERIFY2(bytes.size() > 200, qPrintable(QStringLiteral("%1: %2").arg(place, format)));
            if (first.empty())
                first = files;
            for (const auto& [format, bytes] : first) {
                const QString difference = firstDifference(bytes, files.at(format));
                QVERIFY2(difference.isEmpty(),
                         qPrintable(QStringLiteral("%1, %2, %3").arg(place, format, difference)));
            }
        }
    }

    /// A job kept in one place is the same job in another.
    void aJobTravels()
    {
        QLocale::setDefault(QLocale(QStringLiteral("de_DE")));
        Sitting s(Process::KnifeVinyl);
        s.typeSize(87.5);
        s.window->openStation(MainWindow::HandOff);
        s.rest();
        s.paste(kNames);
        const Job before = s.window->jobModel().job();
        QCOMPARE(before.names.names.size(), std::size_t(4));
        QCOMPARE(before.names.names[1].words, std::string("Ingrid"));
        QCOMPARE(before.names.names[1].copies, 2);
        s.window->close();
        s.rest();
        for (const auto* place : {"ar_EG", "tr_TR", "C"}) {
            QLocale::setDefault(QLocale(QLatin1String(place)));
            s.reopen();
            QVERIFY2(s.window->jobModel().job() == before, place);
            s.window->close();
            s.rest();
        }
    }

    /// What cannot be a size leaves the size as it was.
    void whatIsNoFigureChangesNothing()
    {
        for (const auto* place : {"C", "de_DE", "ar_EG"}) {
            QLocale::setDefault(QLocale(QLatin1String(place)));
            Sitting s(Process::KnifeVinyl);
            auto* size = s.find<QDoubleSpinBox>("size");
            for (const auto* typed : {"", "-", "abc", "1..5", "1,,5", "999999999999", "nan", "1e400"}) {
                size->setFocus();
                size->selectAll();
                QTest::keyClick(size, Qt::Key_Delete);
                QTest::keyClicks(size, QLatin1String(typed));
                QTest::keyClick(size, Qt::Key_Return);
                s.rest();
                const double value = s.window->jobModel().job().size.value_mm;
                QVERIFY2(value >= size->minimum() && value <= size->maximum(), typed);
                QVERIFY2(std::isfinite(value), typed);
            }
            s.typeSize(87.5);
            QCOMPARE(s.window->jobModel().job().size.value_mm, 87.5);
        }
    }
};

INK_TEST_GUI_MAIN(TestPlaces)
#include "test_places.moc"
