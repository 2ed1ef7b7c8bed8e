#include "core/intake/font_check.h"
#include "core/intake/run_program.h"
#include "tests/support/environment.h"

#include <QElapsedTimer>

using namespace ink;
using namespace std::chrono_literals;

class TestHelperPrograms : public QObject
{
    Q_OBJECT
private slots:
    void whatAProgramSaysIsHeard();
    void argumentsAreNotReadByAShell();
    void theStatusIsTold();
    void aProgramThatIsNotThereIsSaid();
    void patienceEnds();
    void tooMuchSaidEndsTheProgram();
    void aCrashIsSaid();
    void goodFontsPassTheCheck_data();
    void goodFontsPassTheCheck();
    void badFontsAreExplained_data();
    void badFontsAreExplained();
    void whatIsNoFontIsLeftToItsReader();
};

void TestHelperPrograms::whatAProgramSaysIsHeard()
{
    const auto said = detail::runProgram({"sh", "-c", "echo out; echo err >&2"}, 5s, 1000);
    QVERIFY(said);
    QCOMPARE(said->status, 0);
    QCOMPARE(said->out, std::string("out\n"));
    QCOMPARE(said->err, std::string("err\n"));
}

void TestHelperPrograms::argumentsAreNotReadByAShell()
{
    const auto said = detail::runProgram({"printf", "%s|", "$HOME; rm *", "two words"}, 5s, 1000);
    QVERIFY(said);
    QCOMPARE(said->out, std::string("$HOME; rm *|two words|"));
}

void TestHelperPrograms::theStatusIsTold()
{
    const auto said = detail::runProgram({"sh", "-c", "exit 7"}, 5s, 1000);
    QVERIFY(said);
    QCOMPARE(said->status, 7);
}

void TestHelperPrograms::aProgramThatIsNotThereIsSaid()
{
    const auto said = detail::runProgram({"no-such-program-here"}, 5s, 1000);
    QVERIFY(!said);
    QCOMPARE(said.error().code, ErrorCode::HelperFailed);
    QVERIFY(said.error().message().find("no-such-program-here") != std::string::npos);
}

void TestHelperPrograms::patienceEnds()
{
    QElapsedTimer timer;
    timer.start();
    const auto said = detail::runProgram({"sleep", "60"}, 200ms, 1000);
    QVERIFY(!said);
    QCOMPARE(said.error().code, ErrorCode::HelperFailed);
    QVERIFY(timer.elapsed() < 30000);
}

void TestHelperPrograms::tooMuchSaidEndsTheProgram()
{
    const auto said = detail::runProgram({"yes"}, 30s, 100'000);
    QVERIFY(!said);
    QCOMPARE(said.error().code, ErrorCode::HelperFailed);
}

void TestHelperPrograms::aCrashIsSaid()
{
    const auto said = detail::runProgram({"sh", "-c", "kill -SEGV $$"}, 5s, 1000);
    QVERIFY(!said);
    QCOMPARE(said.error().code, ErrorCode::HelperFailed);
}

void TestHelperPrograms::goodFontsPassTheCheck_data()
{
    QTest::addColumn<QString>("file");
    for (const char* name : {"HartsorrelScript.ttf", "MaypoleHand.otf"})
        QTest::newRow(name) << QString::fromStdString(test::demoFont(name).string());
    for (const char* name : {"ornaments.woff2", "two-faces.ttc"})
        QTest::newRow(name) << QString::fromStdString(test::dataFile(name).string());
}

void TestHelperPrograms::goodFontsPassTheCheck()
{
    QFETCH(QString, file);
    const auto checked = checkFontFile(file.toStdString());
    QVERIFY2(checked, checked ? "" : checked.error().message().c_str());
}

void TestHelperPrograms::badFontsAreExplained_data()
{
    QTest::addColumn<QByteArray>("bytes");
    QTest::addColumn<int>("code");
    const QByteArray good = QByteArray::fromStdString(test::slurp(test::demoFont("HartsorrelScript.ttf")));
    QTest::newRow("cut off in a table") << good.left(good.size() / 2) << int(ErrorCode::FontTruncated);
    QByteArray outside = good;
    // OpenType 1.9, table directory: the second record begins 28 bytes in; bytes 8 to 11 are its offset.
    outside.replace(28 + 8, 4, QByteArray("\x7f\xff\xff\xf0", 4));
    QTest::newRow("a table outside of the file") << outside << int(ErrorCode::FontTruncated);
    QByteArray garbled = good;
    for (qsizetype i = 12 + 16 * 20; i < garbled.size(); ++i)
        garbled[i] = char(i * 131);
    QTest::newRow("nonsense in every table") << garbled << int(ErrorCode::FontUnsafe);
}

void TestHelperPrograms::badFontsAreExplained()
{
    QFETCH(QByteArray, bytes);
    QFETCH(int, code);
    const test::TempFolder folder;
    const auto checked = checkFontFile(folder.write("bad font.ttf", bytes.toStdString()));
    QVERIFY(!checked);
    QCOMPARE(int(checked.error().code), code);
    QVERIFY(checked.error().message().find("bad font.ttf") != std::string::npos);
}

void TestHelperPrograms::whatIsNoFontIsLeftToItsReader()
{
    const test::TempFolder folder;
    QVERIFY(checkIfFont(folder.write("letter.txt", "Dear maker")));
    QVERIFY(!checkIfFont(folder.write("half.ttf", std::string("\0\1\0\0\0\x0c", 6))));
    QVERIFY(checkIfFont(test::demoFont("HartsorrelScript.ttf")));
}

INK_TEST_CORE_MAIN(TestHelperPrograms)
#include "test_helper_programs.moc"
