// The pages of a paper pattern: as few as go, with the same signs on what is stuck together, and nothing of a design lost.
#include "core/cut/blanks.h"
#include "core/cut/pattern.h"
#include "core/formats/pattern_file.h"
#include "tests/support/environment.h"
#include "tests/support/failing_stream.h"
#include "tests/support/shapes.h"

#include <QTest>

#include <algorithm>
#include <cmath>
#include <fstream>
#include <map>

using namespace ink;

namespace {

std::shared_ptr<const Outline> bar(double width_mm, double height_mm)
{
    return std::make_shared<const Outline>(
        Outline{{Piece{test::rectangle(3.0, -2.0, 3.0 + width_mm, -2.0 + height_mm), {}}}});
}

Pattern planned(std::vector<std::shared_ptr<const Outline>> designs, const PatternSettings& settings = {})
{
    auto pattern = planPattern(designs, settings);
    if (!pattern)
        qFatal("%s", pattern.error().message().c_str());
    return *pattern;
}

} // namespace

class TestPattern : public QObject
{
    Q_OBJECT
private slots:
    void whatFitsAPageIsWholeOnIt()
    {
        const auto p = planned({bar(150, 60), bar(150, 60), bar(40, 60), bar(180, 200)});
        QVERIFY(!p.is_joined);
        QCOMPARE(p.columns, std::size_t(1));
        // 194 mm are printed of an A4 page's width: two bars of 150 do not lie beside each other, 40 does with 10 between only
        // where 150 + 10 + 40 is no more; the tall one begins a page.
        QCOMPARE(p.rows, std::size_t(2));
        for (const auto& design : p.designs) {
            const Box box = bounds(design);
            QVERIFY(std::ranges::any_of(p.pages, [&](const PatternPage& page) {
                return box.x0 >= page.area_mm.x0 && box.x1 <= page.area_mm.x1 && box.y0 >= page.area_mm.y0 &&
                       box.y1 <= page.area_mm.y1;
            }));
        }
        QCOMPARE(planned({bar(250, 60)}).page_width_mm, 297.0); // across, where only that has room
    }

    void aLongOneIsCutIntoAsFewPagesAsGo()
    {
        // Printed are 194 x 281 mm of a page; each further one adds that less the overlap of 10.
        const auto p = planned({bar(1000, 150)});
        QVERIFY(p.is_joined);
        const auto across = 1 + std::ceil((1000.0 - 281.0) / 271.0),
                   upright = 1 + std::ceil((1000.0 - 194.0) / 184.0);
        QCOMPARE(double(p.columns * p.rows), std::min(across, upright));
        QCOMPARE(p.pages.size(), p.columns * p.rows);
        QCOMPARE(p.pageCount(), p.pages.size() + 1);
        for (std::size_t i = 1; i < p.pages.size(); ++i)
            QVERIFY(std::abs(p.pages[i - 1].area_mm.x1 - p.pages[i].area_mm.x0 - 10.0) < 1e-9);
    }

    void neighboursShowTheSameCrossesAndSigns()
    {
        const auto p = planned({bar(500, 500)});
        QCOMPARE(p.columns * p.rows, std::size_t(6));
        std::map<std::string, int> signs;
        // A cross is known by its place on the pattern.
        std::map<std::pair<long, long>, int> crosses;
        for (std::size_t i = 0; i < p.pages.size(); ++i) {
            const auto marks = marksOf(p, i + 1, "x", "y");
            const Box area = p.pages[i].area_mm;
            for (const auto& text : marks.texts)
                if (text.words != nameOf(p.pages[i]))
                    ++signs[text.words];
            for (const auto& line : marks.lines)
                if (!line.is_dashed) {
                    const Point middle = lerp(line.from, line.to, 0.5);
                    ++crosses[{std::lround((middle.x - kUnprinted_mm + area.x0) * 100),
                               std::lround((middle.y + kUnprinted_mm + area.y1) * 100)}];
                }
        }
        const std::size_t seams = (p.columns - 1) * p.rows + p.columns * (p.rows - 1);
        QCOMPARE(signs.size(), seams);
        for (const auto& [words, times] : signs)
            QVERIFY2(times == 2, words.c_str());
        QCOMPARE(crosses.size(), 2 * seams);
        for (const auto& [place, times] : crosses)
            QCOMPARE(times, 4); // two lines on each of two pages
    }

    void emptyPagesAreNotPrinted()
    {
        // An L of two bars: the page in its inner corner has nothing.
        const auto ell = std::make_shared<const Outline>(
            Outline{{Piece{test::rectangle(0, 0, 60, 900), {}}, Piece{test::rectangle(70, 0, 900, 60), {}}}});
        const auto p = planned({ell});
        QVERIFY(p.pages.size() < p.columns * p.rows);
        for (const auto& page : p.pages)
            QVERIFY(page.area_mm.x0 < 60 || page.area_mm.y0 < p.whole_mm.y0 + 60);
    }

    void mirroredAndBlank()
    {
        PatternSettings s;
        const auto wedge =
            std::make_shared<const Outline>(Outline{{Piece{test::polygon({{0, 0}, {40, 0}, {40, 20}}), {}}}});
        const auto plain = planned({wedge}, s);
        s.is_mirrored = true;
        const auto mirrored = planned({wedge}, s);
        const auto middle = [](const Pattern& p) {
            Point sum;
            for (const auto& segment : p.designs[0].pieces[0].outer.segments)
                sum = sum + segment.start();
            return sum.x / 3.0;
        };
        QVERIFY(std::abs(middle(plain) + middle(mirrored) - 40.0) < 1e-9);
        s.is_mirrored = false;
        s.blank = Blank{"a square", 100.0, 100.0};
        const auto on_blank = planned({wedge}, s);
        QCOMPARE(on_blank.blanks.size(), std::size_t(1));
        QCOMPARE(on_blank.blanks[0].width(), 100.0);
        const Box box = bounds(on_blank.designs[0]);
        QVERIFY(std::abs((box.x0 + box.x1) - (on_blank.blanks[0].x0 + on_blank.blanks[0].x1)) < 1e-9);
    }

    void theCoverHasItsSquares()
    {
        const auto p = planned({bar(1000, 100)});
        const auto cover = marksOf(p, 0, "Words", "Advice");
        std::vector<double> lengths;
        for (const auto& line : cover.lines)
            lengths.push_back(length(line.to - line.from));
        // Source: the inch is 25.4 mm (international yard and pound agreement, 1959).
        QCOMPARE(std::ranges::count_if(lengths, [](double l) { return std::abs(l - 100.0) < 1e-9; }), 4);
        QCOMPARE(std::ranges::count_if(lengths, [](double l) { return std::abs(l - 101.6) < 1e-9; }), 4);
        QVERIFY(!cover.designs.empty()); // how the pages lie
        for (const auto& line : cover.lines)
            QVERIFY(line.from.x > 0 && line.from.x < 210 && line.from.y < 0 && line.from.y > -297);
    }

    void badInputIsRefused()
    {
        const std::vector<std::shared_ptr<const Outline>> nothing{nullptr, std::make_shared<const Outline>()};
        QVERIFY(planPattern(nothing, {}).error().code == ErrorCode::NothingToCut);
        const std::vector<std::shared_ptr<const Outline>> banner{bar(3001, 10)};
        QVERIFY(planPattern(banner, {}).error().code == ErrorCode::DistanceOutOfRange);
        const std::vector<std::shared_ptr<const Outline>> many(2000, bar(190, 270));
        QVERIFY(planPattern(many, {}).error().code == ErrorCode::DistanceOutOfRange);
        PatternSettings s;
        s.paper = "A0";
        s.overlap_mm = std::nan("");
        s.line_mm = -4;
        s.blank = Blank{"", -1, 1e300};
        s = sensible(s);
        QCOMPARE(s.paper, std::string("A4"));
        QCOMPARE(s.overlap_mm, PatternSettings().overlap_mm);
        QCOMPARE(s.line_mm, 0.05);
        QVERIFY(!s.blank);
    }

    void aFullDiskIsSaid()
    {
        const auto p = planned({bar(1000, 150)});
        for (const std::size_t bytes : {std::size_t(0), std::size_t(100), std::size_t(2000)}) {
            test::FailingBuffer buffer(bytes);
            std::ostream out(&buffer);
            const auto done = writePattern(out, p, {"Words", "Advice", {}});
            QVERIFY(!done && done.error().code == ErrorCode::FileUnwritable);
        }
    }

    void sizesAreKept()
    {
        test::TempFolder folder;
        const auto file = folder.path() / "blanks.json";
        QVERIFY(readBlanks(file)->empty());
        const std::vector<Blank> blanks{{"a slate", 150, 80}, {"Zoë’s box", 61.5, 40}};
        QVERIFY(writeBlanks(file, blanks));
        QVERIFY(*readBlanks(file) == blanks);
        std::ofstream(file) << "{\"blanks\": [{\"name\": \"x\", \"width_mm\": -4, \"height_mm\": 3}, 7]}";
        QVERIFY(readBlanks(file).error().code == ErrorCode::DocumentDamaged);
        for (const auto& blank : shippedBlanks())
            QVERIFY(blank.width_mm > 0 && blank.height_mm > 0 && !blank.name.empty());
    }
};

INK_TEST_CORE_MAIN(TestPattern)
#include "test_pattern.moc"
