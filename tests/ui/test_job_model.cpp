#include "tests/support/gui.h"
#include "ui/job_model.h"

using namespace ink;
using namespace ink::ui;

class TestJobModel : public QObject
{
    Q_OBJECT
private slots:
    void everyEditCanBeUndone();
    void typingUndoesAsOne();
    void anEndedRunUndoesOnItsOwn();
    void noChangeNoCommand();
    void processSetsMirroring();
};

void TestJobModel::everyEditCanBeUndone()
{
    const Job start = test::WindowFixture::firstJob();
    JobModel model(start);
    model.setWords(QStringLiteral("Bram"));
    model.setSize({SizeBy::Height, 20});
    model.setUnit(LengthUnit::Inch);
    model.setProcess(Process::Stencil);
    model.setPurpose(Purpose::Gift);
    model.setMirrored(true);
    model.setFont({"/other.ttf", 0, {}});
    model.setLimits({2.0, 1.0, 1.0, 5.0});
    QCOMPARE(model.undoStack().count(), 8);
    const Job end = model.job();
    while (model.undoStack().canUndo())
        model.undoStack().undo();
    QVERIFY(model.job() == start);
    while (model.undoStack().canRedo())
        model.undoStack().redo();
    QVERIFY(model.job() == end);
}

void TestJobModel::typingUndoesAsOne()
{
    JobModel model(Job{});
    QSignalSpy changed(&model, &JobModel::changed);
    for (const char* words : {"H", "Ho", "Hon"})
        model.setWords(QLatin1String(words));
    QCOMPARE(model.undoStack().count(), 1);
    QCOMPARE(changed.count(), 3);
    model.undoStack().undo();
    QCOMPARE(model.job().words, std::string());
}

void TestJobModel::anEndedRunUndoesOnItsOwn()
{
    JobModel model(Job{});
    model.setWords(QStringLiteral("Honey"));
    model.endRun();
    model.setWords(QStringLiteral("Honey & Wax"));
    QCOMPARE(model.undoStack().count(), 2);
    model.undoStack().undo();
    QCOMPARE(model.job().words, std::string("Honey"));
}

void TestJobModel::noChangeNoCommand()
{
    JobModel model(Job{});
    model.setPurpose(Purpose::Sale);
    QCOMPARE(model.undoStack().count(), 0);
}

void TestJobModel::processSetsMirroring()
{
    JobModel model(Job{});
    model.setProcess(Process::KnifeHeatTransfer);
    QVERIFY(model.job().is_mirrored);
    model.setProcess(Process::KnifeCard);
    QVERIFY(!model.job().is_mirrored);
    model.undoStack().undo(); // both steps were one choice
    QVERIFY(!model.job().is_mirrored);
    QVERIFY(model.job().process == Process::KnifeVinyl);
    // What was mended to what a stencil holds is mended to what satin holds.
    model.setProcess(Process::Stencil);
    model.changeLettering(QStringLiteral("mend"), [](Job& job) {
        job.lettering.mendings = {{MendingKind::OpenGaps, job.limits().gap_mm}};
    });
    model.setProcess(Process::Satin);
    QCOMPARE(model.job().lettering.mendings.front().to, defaultLimits(Process::Satin).gap_mm);
    model.undoStack().undo();
    QCOMPARE(model.job().lettering.mendings.front().to, defaultLimits(Process::Stencil).gap_mm);
    ProcessLimits own = model.job().limits();
    own.gap_mm = 2.5;
    model.setLimits(own);
    QCOMPARE(model.job().lettering.mendings.front().to, 2.5);
}

INK_TEST_GUI_MAIN(TestJobModel)
#include "test_job_model.moc"
