#include "core/formats/path_data.h"
#include "core/type/font_face.h"
#include "tests/support/environment.h"

#include <random>

using namespace ink;

class TestPathData : public QObject
{
    Q_OBJECT
private slots:
    void glyphsComeBackToTheBit();
    void openPathsStayOpen();
    void everyCommandOfSvg_data();
    void everyCommandOfSvg();
    void whatIsNoPathIsRefused_data();
    void whatIsNoPathIsRefused();
    void nothingCrashesOnScraps();
};

void TestPathData::glyphsComeBackToTheBit()
{
    for (const char* file : {"Larkmallow.ttf", "MaypoleHand.otf", "StallholderBits.ttf"}) {
        const auto face = FontFace::open(test::demoFont(file));
        QVERIFY(face);
        for (std::uint32_t glyph = 1; glyph < (*face)->glyphCount(); glyph += 7) {
            // Thirds have no short decimal form.
            const auto outline =
                transformed((*face)->glyphOutline(glyph), Affine{1.0 / 3, 0, 0, 1.0 / 3, 0.1, 0});
            const auto read = pathsFromData(pathData(outline));
            QVERIFY(read);
            QCOMPARE(*read, outline);
        }
    }
}

void TestPathData::openPathsStayOpen()
{
    const OpenPath path{{Segment::line({0, 0}, {10, 0}), Segment::quadratic({10, 0}, {15, 5}, {20, 0})}};
    QCOMPARE(pathData(path), std::string("M0 0L10 0Q15 -5 20 0"));
    QCOMPARE(pathData(OpenPath{}), std::string());
}

void TestPathData::everyCommandOfSvg_data()
{
    QTest::addColumn<QString>("data");
    QTest::addColumn<QString>("same");
    // SVG 1.1, 8.3: the short forms mean the long ones.
    QTest::newRow("relative") << "m 10 10 l 5 0 l 0 5 z"
                              << "M10 10L15 10L15 15Z";
    QTest::newRow("level and upright") << "M0 0H10V10h-4v-2z"
                                       << "M0 0L10 0L10 10L6 10L6 8Z";
    QTest::newRow("lines after a move") << "M0 0 10 0 10 10z"
                                        << "M0 0L10 0L10 10Z";
    QTest::newRow("smooth cubic") << "M0 0C0 5 5 5 5 0S10 -5 10 0z"
                                  << "M0 0C0 5 5 5 5 0C5 -5 10 -5 10 0Z";
    QTest::newRow("smooth quadratic") << "M0 0Q5 10 10 0T20 0z"
                                      << "M0 0Q5 10 10 0Q15 -10 20 0Z";
    QTest::newRow("commas and signs") << "M0,0L+1e1,-2.5L-.5.5z"
                                      << "M0 0L10 -2.5L-0.5 0.5Z";
    QTest::newRow("open ends are closed") << "M0 0L10 0L10 10"
                                          << "M0 0L10 0L10 10Z";
    QTest::newRow("two rings") << "M0 0h4v4zm10 0h4v4z"
                               << "M0 0L4 0L4 4ZM10 0L14 0L14 4Z";
}

void TestPathData::everyCommandOfSvg()
{
    QFETCH(QString, data);
    QFETCH(QString, same);
    const auto read = pathsFromData(data.toStdString()), expected = pathsFromData(same.toStdString());
    QVERIFY2(read && expected, qPrintable(data));
    QCOMPARE(pathData(*read), pathData(*expected));
    QCOMPARE(pathData(*expected), same.toStdString());
}

void TestPathData::whatIsNoPathIsRefused_data()
{
    QTest::addColumn<QString>("data");
    for (const char* bad : {"10 10", "M", "M0", "M0 0L", "M0 0Lx 3", "M0 0A5 5 0 0 1 10 10", "M0 0Z 4 4",
                            "M0 0L1e999 0", "M0 0Lnan 0"})
        QTest::newRow(bad) << bad;
}

void TestPathData::whatIsNoPathIsRefused()
{
    QFETCH(QString, data);
    const auto read = pathsFromData(data.toStdString());
    QVERIFY(!read);
    QCOMPARE(read.error().code, ErrorCode::DocumentDamaged);
}

void TestPathData::nothingCrashesOnScraps()
{
    std::mt19937 random(5);
    const std::string letters = "MmLlHhVvCcSsQqTtZzAa0123456789.-+e, \n";
    for (int i = 0; i < 20000; ++i) {
        std::string scrap = i % 2 ? "M0 0" : "";
        for (unsigned k = random() % 30; k > 0; --k)
            scrap += letters[random() % letters.size()];
        if (const auto read = pathsFromData(scrap))
            for (const auto& ring : *read)
                QVERIFY(!ring.isEmpty());
    }
}

INK_TEST_CORE_MAIN(TestPathData)
#include "test_path_data.moc"
