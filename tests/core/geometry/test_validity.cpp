#include "core/geometry/validity.h"

#include "tests/support/environment.h"
#include "tests/support/oracle.h"
#include "tests/support/shapes.h"

#include <limits>

using namespace ink;

class TestValidity : public QObject
{
    Q_OBJECT
private slots:
    void goodOutlines();
    void brokenOutlines_data();
    void brokenOutlines();
    void depthIsMeasured();
    void theOracleSeesInkThatIsLost();
};

void TestValidity::goodOutlines()
{
    const Outline target{
        {{test::circle({0, 0}, 100), {test::circle({0, 0}, 60, true)}}, {test::circle({0, 0}, 20), {}}}};
    QVERIFY(validityOf(target, 1.0).isValid(0.0));
    QVERIFY(validityOf({}, 1.0).isValid(0.0));
    // Two pieces that share one node.
    const Outline corner{{{test::rectangle(0, 0, 10, 10), {}}, {test::rectangle(10, 10, 20, 20), {}}}};
    QVERIFY(validityOf(corner, 1.0).isValid(0.0));
}

void TestValidity::brokenOutlines_data()
{
    QTest::addColumn<int>("which");
    QTest::addColumn<QString>("words");
    QTest::newRow("an open ring") << 0 << "open";
    QTest::newRow("an outer ring that runs clockwise") << 1 << "wrong way";
    QTest::newRow("a middle that runs counter-clockwise") << 2 << "wrong way";
    QTest::newRow("a middle outside its piece") << 3 << "outside";
    QTest::newRow("a ring that crosses itself") << 4 << "cross";
    QTest::newRow("two pieces over each other") << 5 << "cross";
    QTest::newRow("a piece on a piece") << 6 << "lies on ink";
    QTest::newRow("not a number") << 7 << "not a number";
    QTest::newRow("a curve over a curve") << 8 << "cross";
}

void TestValidity::brokenOutlines()
{
    QFETCH(int, which);
    QFETCH(QString, words);
    Contour open = test::rectangle(0, 0, 10, 10);
    open.segments.pop_back();
    Contour nan = test::rectangle(0, 0, 10, 10);
    nan.segments[1].p[1].x = std::numeric_limits<double>::quiet_NaN();
    nan.segments[2].p[0] = nan.segments[1].p[1];
    const std::vector<Outline> outlines{
        {{{open, {}}}},
        {{{test::rectangle(0, 0, 10, 10, true), {}}}},
        {{{test::rectangle(0, 0, 10, 10), {test::rectangle(2, 2, 5, 5)}}}},
        {{{test::rectangle(0, 0, 10, 10), {test::rectangle(20, 2, 25, 5, true)}}}},
        {{{test::polygon({{0, 0}, {30, 0}, {30, 30}, {10, 30}, {10, -10}, {0, -10}}), {}}}},
        {{{test::circle({0, 0}, 10), {}}, {test::circle({15, 0}, 10), {}}}},
        {{{test::circle({0, 0}, 10), {}}, {test::circle({0, 0}, 5), {}}}},
        {{{nan, {}}}},
        {{{test::circle({0, 0}, 10), {test::circle({6, 0}, 5, true)}}}},
    };
    const auto validity = validityOf(outlines[static_cast<std::size_t>(which)], 1.0);
    const auto told = QString::fromStdString(validity.inWords());
    // What cannot be closed is finite or not all the same; the words may name either fault.
    QVERIFY2(!validity.isValid(0.05), qPrintable(told));
    QVERIFY2(told.contains(words) || which == 7, qPrintable(told));
}

void TestValidity::depthIsMeasured()
{
    for (const double depth : {0.01, 0.1, 0.5}) {
        const Outline two{{{test::circle({0, 0}, 100), {}}, {test::circle({200 - depth, 0}, 100), {}}}};
        const double told = validityOf(two, 1.0).deepest_crossing;
        QVERIFY2(told > 0.4 * depth && told < 1.2 * depth + 0.02, qPrintable(QString::number(told)));
    }
}

void TestValidity::theOracleSeesInkThatIsLost()
{
    const std::vector<Paths> glyphs{{test::circle({0, 0}, 100)}, {test::circle({120, 0}, 100)}};
    const Outline half{{{test::circle({0, 0}, 100), {}}}};
    QVERIFY(test::wrongPoint(glyphs, half, 0.5, 200).has_value());
    QVERIFY(test::deviation({{test::circle({0, 0}, 99)}}, half) > 0.9);
    QVERIFY(test::deviation({{test::circle({0, 0}, 100)}}, half) < 0.05);
}

INK_TEST_CORE_MAIN(TestValidity)
#include "test_validity.moc"
