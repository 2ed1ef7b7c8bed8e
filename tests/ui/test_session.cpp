// The job and its file: whole sittings through the real window, asked afterwards: what lies on the disk.
#include "core/base/digest.h"
#include "core/base/user_folders.h"
#include "shelf/fit_store.h"
#include "tests/support/killing.h"
#include "tests/support/sitting.h"
#include "ui/job_menu.h"

#include <QAction>
#include <QElapsedTimer>
#include <QFile>
#include <QLabel>
#include <QMenu>
#include <QPushButton>

#include <filesystem>
#include <random>

using namespace ink;
using namespace ink::ui;
using test::larkmallow;
using test::Sitting;

namespace {

struct FileSitting : Sitting
{
    explicit FileSitting(const char* words = "Fennmoor Honey") : Sitting(larkmallow(words)) {}

    JobSession& session() { return window->session(); }
    QString path(const char* name) { return file(name); }
    void saveAs(const char* name)
    {
        session().saveAs(path(name));
        rest();
    }
    void words(const char* text)
    {
        window->jobModel().endRun();
        window->jobModel().setWords(QString::fromUtf8(text));
        rest();
    }
    void undo()
    {
        QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
        rest();
    }
    void redo()
    {
        QTest::keyClick(window.get(), Qt::Key_Y, Qt::ControlModifier);
        rest();
    }
    std::string wordsIn(const char* name)
    {
        const auto read = openProject(path(name).toStdString());
        return read ? read->job.words : "?";
    }
    QString message() { return find<QLabel>("messageText")->text(); }
    QString menu() { return window->jobMenu().text(); }
};

} // namespace

class TestSession : public QObject
{
    Q_OBJECT
private slots:
    void whatWasMeasuredIsKeptOverARestart();
    void aSaveThatIsKilledLeavesTheOldOrTheNew();
    void undoAcrossTwoFilesSavesEachIntoItsOwn();
    void aNewJobTakenBackHasItsFileAgain();
    void aTemplateIsTheBeginningOfAJobWithoutAFile();
    void anEarlierVersionStaysInItsFile();
    void aRestartKnowsTheFileAndItsLetters();
    void whetherTheFileIsUpToDateIsShown();
    void aJobThatIsLeftUnsavedIsFoundAgain();
    void twoWindowsKeepTwoJobs();
    void aTemplateIsReplacedOnlyWhenAsked();
    void withoutAVersionNothingIsWrittenOver();
    void somebodyElsesChangeIsNotWrittenOver();
    void savesFollowEachOtherAndNoneIsDropped();
    void closingWaitsForTheLastSave();
    void aLastSaveThatFailsKeepsTheWindowOpen();
    void papersAndLargeDocumentsGoAlong();
    void aJobIsOpenedWhenItIsDropped();
};

/// First, while this process has no threads of its own.
void TestSession::aSaveThatIsKilledLeavesTheOldOrTheNew()
{
    const test::TempFolder folder;
    const ProjectKeeper keeper(folder.path() / "state");
    const QString file = QString::fromStdString((folder.path() / "job.uink").string());
    Project one, two;
    one.job.words = "one";
    two.job.words = "two";
    for (auto* project : {&one, &two}) // large enough that it is not written in one go
        project->evidence.push_back(
            {"aaaaaaaaaaaa/licence.txt", std::string(400'000, project->job.words[0])});
    QElapsedTimer timer;
    timer.start();
    QVERIFY(keeper.save(file, one, {}));
    const auto one_us = static_cast<unsigned>(timer.nsecsElapsed() / 1000 + 100);
    std::mt19937 random(20261127);
    for (int i = 0; i < 60; ++i) {
        // Now one, now the other: each save keeps a version first.
        bool is_two = i % 2 == 0;
        QVERIFY(test::killedWhile(
            [&] {
                is_two = !is_two;
                return keeper.save(file, is_two ? two : one, {}).has_value();
            },
            i % 3, random() % (2 * one_us)));
        const auto read = openProject(file.toStdString());
        QVERIFY2(read, read ? "" : read.error().message().c_str());
        const Project& whole = read->job.words == "two" ? two : one;
        QVERIFY(read->job == whole.job && read->evidence == whole.evidence);
        for (const auto& version : keeper.versions(file))
            QVERIFY2(openProject(version.file.toStdString()), qPrintable(version.file));
    }
    // And the next save goes as if nothing had been.
    QVERIFY(keeper.save(file, two, {}));
    QCOMPARE(openProject(file.toStdString())->job.words, std::string("two"));
}

void TestSession::undoAcrossTwoFilesSavesEachIntoItsOwn()
{
    FileSitting s("A");
    s.saveAs("a.uink");
    s.words("B");
    s.saveAs("b.uink");
    s.session().open(s.path("a.uink"));
    s.rest();
    QCOMPARE(s.job().words, std::string("A"));
    QVERIFY(s.session().file().endsWith("a.uink"));
    s.undo(); // back in B, which was saved as b.uink
    QCOMPARE(s.job().words, std::string("B"));
    QVERIFY2(s.session().file().endsWith("b.uink"), qPrintable(s.session().file()));
    s.words("B2");
    QTest::keyClick(s.window.get(), Qt::Key_S, Qt::ControlModifier | Qt::ShiftModifier);
    s.rest();
    QCOMPARE(s.wordsIn("a.uink"), std::string("A"));
    QCOMPARE(s.wordsIn("b.uink"), std::string("B2"));
    s.undo();
    s.redo();
    QCOMPARE(s.job().words, std::string("B2"));
    QVERIFY(s.session().file().endsWith("b.uink"));
    QVERIFY(!s.session().isModified());
}

void TestSession::aNewJobTakenBackHasItsFileAgain()
{
    FileSitting s;
    s.saveAs("honey.uink");
    QTest::keyClick(s.window.get(), Qt::Key_N, Qt::ControlModifier);
    s.rest();
    QVERIFY(s.session().file().isEmpty());
    s.undo();
    QVERIFY(s.session().file().endsWith("honey.uink"));
    QCOMPARE(s.job().words, std::string("Fennmoor Honey"));
    s.redo();
    QVERIFY(s.session().file().isEmpty());
}

void TestSession::aTemplateIsTheBeginningOfAJobWithoutAFile()
{
    FileSitting s;
    s.saveAs("honey.uink");
    s.session().saveTemplate(QStringLiteral("Market"));
    s.rest();
    s.words("Garden");
    s.session().openTemplate(ProjectKeeper(s.state_folder).templates().front().second);
    s.rest();
    QVERIFY(s.session().file().isEmpty());
    QCOMPARE(s.job().words, std::string("Fennmoor Honey"));
    // Saving asks for a name; the file of the job before, and the template, stay as they were.
    s.job_file = s.path("market.uink");
    s.words("Apples");
    s.window->jobMenu().save();
    s.rest();
    QCOMPARE(s.wordsIn("honey.uink"), std::string("Fennmoor Honey"));
    QCOMPARE(s.wordsIn("market.uink"), std::string("Apples"));
}

void TestSession::anEarlierVersionStaysInItsFile()
{
    FileSitting s("one");
    s.saveAs("job.uink");
    s.words("two");
    s.session().save();
    s.rest();
    s.session().openVersion(ProjectKeeper(s.state_folder).versions(s.path("job.uink")).front().file);
    s.rest();
    QCOMPARE(s.job().words, std::string("one"));
    QVERIFY(s.session().file().endsWith("job.uink"));
    QVERIFY(s.session().isModified());
    QCOMPARE(s.wordsIn("job.uink"), std::string("two")); // until it is saved
    s.session().save();
    s.rest();
    QCOMPARE(s.wordsIn("job.uink"), std::string("one"));
    QCOMPARE(ProjectKeeper(s.state_folder).versions(s.path("job.uink")).size(), std::size_t(2));
}

void TestSession::aRestartKnowsTheFileAndItsLetters()
{
    Job job = larkmallow();
    QTemporaryDir elsewhere;
    const QString font = elsewhere.path() + "/Larkmallow.ttf";
    QVERIFY(QFile::copy(QString::fromStdString(job.font.path), font));
    job.font.path = font.toStdString();
    FileSitting s;
    s.window->jobModel().setJob(job, "for the test");
    s.rest();
    s.saveAs("honey.uink");
    s.words("Fennmoor Hone");
    const double area = s.page().composed()->design.figures_mm.area;
    s.window->close();
    QVERIFY(QFile::remove(font)); // as on another day: the font is gone, and so is the file
    QVERIFY(QFile::rename(s.path("honey.uink"), s.path("moved.uink")));
    s.reopen();
    s.goToCompose();
    QCOMPARE(s.job().words, std::string("Fennmoor Hone"));
    QVERIFY(s.session().file().endsWith("honey.uink"));
    QVERIFY(s.session().isModified());
    QVERIFY(s.page().composed()); // by the letters that were stored
    // Set letter by letter: the file knows other words, not how the font would space these.
    QVERIFY(std::abs(s.page().composed()->design.figures_mm.area / area - 1.0) < 0.1);
    s.session().save();
    s.rest();
    QCOMPARE(s.wordsIn("honey.uink"), std::string("Fennmoor Hone"));
}

void TestSession::whetherTheFileIsUpToDateIsShown()
{
    FileSitting s;
    QVERIFY(s.menu().contains(QStringLiteral("not a file yet")));
    s.saveAs("honey.uink");
    QCOMPARE(s.menu(), QStringLiteral("Job: honey, as saved"));
    QVERIFY(!s.window->isWindowModified());
    s.words("Fennmoor");
    QCOMPARE(s.menu(), QStringLiteral("Job: honey, changed since it was saved"));
    QVERIFY(s.window->isWindowModified());
    s.undo();
    QCOMPARE(s.menu(), QStringLiteral("Job: honey, as saved"));
    s.redo();
    s.session().save();
    s.rest();
    QCOMPARE(s.menu(), QStringLiteral("Job: honey, as saved"));
    // The kept job is another thing, and is called so.
    QVERIFY(QTest::qWaitFor([&] { return s.find<QLabel>("footerRight")->text().startsWith("Kept"); }, 5000));
}

void TestSession::aJobThatIsLeftUnsavedIsFoundAgain()
{
    FileSitting s("Never saved");
    s.session().newJob();
    s.rest();
    s.window->close();
    s.reopen();
    const auto left = s.session().left();
    QCOMPARE(left.size(), std::size_t(1));
    emit s.window->jobMenu().menu()->aboutToShow();
    auto* again = s.window->jobMenu().findChild<QAction*>("jobLeft");
    QVERIFY(again && again->text().startsWith(QStringLiteral("Never saved")));
    again->trigger();
    s.rest();
    QCOMPARE(s.job().words, std::string("Never saved"));
    // One that is as its file holds it is not left behind.
    s.saveAs("saved.uink");
    s.session().newJob();
    s.rest();
    QCOMPARE(s.session().left().size(), std::size_t(1));
}

void TestSession::twoWindowsKeepTwoJobs()
{
    FileSitting s("first");
    const auto first = JobStore::claim(s.state_folder), second = JobStore::claim(s.state_folder);
    MainWindow one({larkmallow("one"), {}, {}, {}}, first, s.state_folder, s.theme, s.questions, s.installed);
    MainWindow two({larkmallow("two"), {}, {}, {}}, second, s.state_folder, s.theme, s.questions,
                   s.installed);
    for (auto* window : {&one, &two}) {
        window->show();
        window->jobModel().setWords(QString::fromStdString(window->jobModel().job().words + "!"));
        QVERIFY(QTest::qWaitFor([&] { return window->isIdle(); }, 60000));
        window->close();
    }
    QCOMPARE((*first.load())->job.words, std::string("one!"));
    QCOMPARE((*second.load())->job.words, std::string("two!"));
}

void TestSession::aTemplateIsReplacedOnlyWhenAsked()
{
    FileSitting s("old");
    s.session().saveTemplate(QStringLiteral("Market"));
    s.rest();
    const QString file = ProjectKeeper(s.state_folder).templates().front().second;
    s.words("new");
    s.agrees = false;
    s.session().saveTemplate(QStringLiteral("Market"));
    s.rest();
    QCOMPARE(s.asked.size(), 1);
    QCOMPARE(openProject(file.toStdString())->job.words, std::string("old"));
    s.agrees = true;
    s.session().saveTemplate(QStringLiteral("Market"));
    s.rest();
    QCOMPARE(openProject(file.toStdString())->job.words, std::string("new"));
    // What it was stays as an earlier version.
    QCOMPARE(ProjectKeeper(s.state_folder).versions(file).size(), std::size_t(1));
}

void TestSession::withoutAVersionNothingIsWrittenOver()
{
    FileSitting s("one");
    s.saveAs("job.uink");
    // Where versions go lies a file.
    std::filesystem::remove_all(s.state_folder / "versions");
    QFile blocked(QString::fromStdString((s.state_folder / "versions").string()));
    QVERIFY(blocked.open(QIODevice::WriteOnly));
    s.words("two");
    s.session().save();
    s.rest();
    QVERIFY2(s.message().contains(QStringLiteral("version")), qPrintable(s.message()));
    QCOMPARE(s.wordsIn("job.uink"), std::string("one"));
    QVERIFY(s.session().isModified());
}

void TestSession::somebodyElsesChangeIsNotWrittenOver()
{
    FileSitting s("mine");
    s.saveAs("job.uink");
    FileSitting other("theirs");
    other.session().saveAs(s.path("job.uink"));
    other.rest();
    s.words("mine again");
    s.agrees = false;
    s.session().save();
    s.rest();
    QCOMPARE(s.asked.size(), 1);
    QCOMPARE(s.wordsIn("job.uink"), std::string("theirs"));
    s.agrees = true;
    s.session().save();
    s.rest();
    QCOMPARE(s.wordsIn("job.uink"), std::string("mine again"));
    const auto versions = ProjectKeeper(s.state_folder).versions(s.path("job.uink"));
    QCOMPARE(openProject(versions.front().file.toStdString())->job.words, std::string("theirs"));
}

void TestSession::savesFollowEachOtherAndNoneIsDropped()
{
    FileSitting s("zero");
    s.saveAs("job.uink");
    // Asked for at one go, before any is made.
    for (int i = 1; i <= 6; ++i) {
        s.window->jobModel().setWords(QString::number(i));
        s.session().save();
        s.session().saveTemplate(QStringLiteral("Template %1").arg(i));
        s.session().saveAs(s.path(qPrintable(QStringLiteral("copy %1.uink").arg(i))));
        s.session().saveAs(s.path("job.uink"));
    }
    s.rest();
    QCOMPARE(s.wordsIn("job.uink"), std::string("6"));
    QCOMPARE(ProjectKeeper(s.state_folder).templates().size(), std::size_t(6));
    for (int i = 1; i <= 6; ++i)
        QCOMPARE(s.wordsIn(qPrintable(QStringLiteral("copy %1.uink").arg(i))), std::to_string(i));
    QVERIFY(s.asked.isEmpty()); // nobody else changed anything
}

void TestSession::closingWaitsForTheLastSave()
{
    FileSitting s("zero");
    s.saveAs("job.uink");
    s.window->jobModel().setWords(QStringLiteral("the last word"));
    s.session().save();
    QVERIFY(s.window->close());
    QCOMPARE(s.wordsIn("job.uink"), std::string("the last word"));
    QCOMPARE((*s.store.load())->job.words, std::string("the last word"));
    s.reopen();
    QVERIFY(!s.session().isModified());
}

void TestSession::aLastSaveThatFailsKeepsTheWindowOpen()
{
    FileSitting s("one");
    s.session().saveAs(QStringLiteral("/proc/nowhere/job.uink"));
    QVERIFY(!s.window->close());
    QVERIFY(s.window->isVisible());
    QVERIFY2(s.message().contains(QStringLiteral("/proc/nowhere")), qPrintable(s.message()));
    QVERIFY(s.window->close()); // told once; nobody is locked in
}

void TestSession::papersAndLargeDocumentsGoAlong()
{
    FileSitting s;
    const auto sha256 = sha256OfFile(larkmallow().font.path);
    QVERIFY(sha256);
    // A receipt of five megabytes that was attached to the font's rights.
    const RightsStore rights(s.state_folder / "rights");
    const auto receipt = s.folder.write("receipt.txt", std::string(5 << 20, 'r'));
    const auto kept = rights.keepPaper(receipt);
    QVERIFY(kept);
    RightsRecord record;
    record.papers.push_back({"receipt.txt", *kept, "Tin Wren", "goods", "2026-11-27", "paid"});
    record.papers.push_back({"gone.pdf", std::string(64, '0'), {}, {}, {}, {}});
    QVERIFY(rights.save(*sha256, record));
    s.saveAs("job.uink");
    const auto project = openProject(s.path("job.uink").toStdString());
    QVERIFY(project);
    const auto it = std::ranges::find_if(project->evidence,
                                         [](const auto& d) { return d.name.ends_with("/receipt.txt"); });
    QVERIFY(it != project->evidence.end());
    QCOMPARE(it->bytes.size(), std::size_t(5) << 20);
    // What could not be taken along is said.
    QVERIFY2(s.message().contains(QStringLiteral("without 1 paper")), qPrintable(s.message()));
    QVERIFY2(s.message().contains(QStringLiteral("gone.pdf")), qPrintable(s.message()));
}

void TestSession::aJobIsOpenedWhenItIsDropped()
{
    FileSitting s("Dropped");
    s.saveAs("job.uink");
    s.session().newJob();
    s.rest();
    s.window->bring({s.path("job.uink")});
    s.rest();
    QCOMPARE(s.job().words, std::string("Dropped"));
    QVERIFY(s.session().file().endsWith("job.uink"));
}

void TestSession::whatWasMeasuredIsKeptOverARestart()
{
    const Job job = test::WindowFixture::firstJob();
    test::WindowFixture f(job);
    const auto piecesOf = [&]() -> std::size_t {
        std::size_t pieces = 0;
        bool is_answered = false;
        f.window->fits().request(1, f.window->jobModel().job(), job.font, {}, 0,
                                 [&](const FitResult& result) {
                                     pieces = result ? (*result)->marks.pieces : 0;
                                     is_answered = true;
                                 });
        return QTest::qWaitFor([&] { return is_answered; }, 30000) ? pieces : 0;
    };
    const auto pieces = piecesOf();
    QVERIFY(pieces > 0 && pieces < 77);
    FitStore store(userCacheFolder());
    const auto key = FitCache::keyOf(store.contentOf(job.font.path), {}, job.words, {}, 0.0);
    const auto kept = store.find(key);
    QVERIFY(kept);
    // What is kept is what is shown: told by a figure that the words do not have.
    FitShape other = *kept;
    other.marks_fu.pieces = 77;
    store.keep(key, other);
    f.measured.reset();
    f.window.reset();
    f.open(job);
    QCOMPARE(piecesOf(), std::size_t{77});
    store.keep(key, *kept);
}

INK_TEST_GUI_MAIN(TestSession)
#include "test_session.moc"
