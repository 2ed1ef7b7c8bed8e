// From things to sheets: what lies where, on which material, and what the tool does, on shapes with known answers.
#include "core/geometry/measure.h"
#include "core/handoff/sheet_fit.h"
#include "core/handoff/sheet_moves.h"
#include "tests/support/environment.h"
#include "tests/support/shapes.h"

#include <QTest>

#include <cmath>
#include <map>
#include <set>

using namespace ink;

namespace {

SharedOutline square(double side_mm, double middle_mm = 0.0)
{
    Piece piece{test::rectangle(0, 0, side_mm, side_mm), {}};
    if (middle_mm > 0.0) {
        const double a = (side_mm - middle_mm) / 2;
        piece.middles.push_back(test::rectangle(a, a, a + middle_mm, a + middle_mm, true));
    }
    return std::make_shared<const Outline>(Outline{{piece}});
}

MaterialCard card(const char* id, double width_mm, double length_mm, Process process = Process::KnifeVinyl)
{
    MaterialCard out;
    out.id = out.name = id;
    out.processes = {process};
    out.sheet = {width_mm, length_mm, 5.0};
    return out;
}

SheetRequest request(std::vector<SheetThing> things)
{
    SheetRequest out;
    out.things = std::move(things);
    out.materials = {card("roll", 300, 0), card("plate", 100, 100), card("red roll", 300, 0)};
    out.settings.material = "roll";
    out.is_quick = true;
    return out;
}

SheetPlan planned(const SheetRequest& wanted)
{
    auto plan = planSheets(wanted);
    if (!plan)
        qFatal("%s", plan.error().message().c_str());
    return *plan;
}

std::size_t count(const Run& run, Operation operation)
{
    return std::size_t(
        std::ranges::count_if(run.paths, [&](const ToolPath& p) { return p.operation == operation; }));
}

double cutLength(const Run& run)
{
    double sum = 0.0;
    for (const auto& path : run.paths)
        if (path.operation == Operation::Cut)
            for (const auto& s : path.segments)
                sum += s.arcLength();
    return sum;
}

} // namespace

class TestSheetPlan : public QObject
{
    Q_OBJECT
private slots:
    void thingsLieInTheMarginsAtTheirDistance()
    {
        const auto plan = planned(request({{"a", square(40), 30, {}, 9}}));
        QCOMPARE(plan.laid.size(), std::size_t(9));
        QCOMPARE(plan.sheets.size(), std::size_t(1));
        for (std::size_t i = 0; i < plan.laid.size(); ++i) {
            const Box& a = plan.laid[i].box_mm;
            QVERIFY(a.x0 >= 5 - 1e-6 && a.x1 <= 295 + 1e-6 && a.y1 <= -5 + 1e-6);
            for (std::size_t j = 0; j < i; ++j) {
                const Box& b = plan.laid[j].box_mm;
                const double dx = std::max({0.0, a.x0 - b.x1, b.x0 - a.x1}),
                             dy = std::max({0.0, a.y0 - b.y1, b.y0 - a.y1});
                QVERIFY(std::hypot(dx, dy) >= 5 - 0.01);
            }
        }
        // Six of 40 with 5 between lie beside each other in 290: two rows, and the margins.
        QVERIFY2(std::abs(plan.usedLength_mm() - (5 + 40 + 5 + 40 + 5)) < 1.0,
                 qPrintable(QString::number(plan.usedLength_mm())));
        QVERIFY(plan.least_length_mm <= plan.usedLength_mm());
    }

    void whatFitsTurnedIsToldWhereNothingMayBeTurned()
    {
        const auto bar = [](double width, double height) {
            return std::make_shared<const Outline>(Outline{{{test::rectangle(0, 0, width, height), {}}}});
        };
        auto wanted = request({{"a", bar(400, 100), 30, {}, 1}});
        QVERIFY(planned(wanted).laid.empty() && planned(wanted).would_fit_turned);
        wanted.settings.turns = Turns::Quarter;
        QVERIFY(planned(wanted).left_out.empty() && !planned(wanted).would_fit_turned);
        wanted.settings.turns = Turns::None;
        wanted.things.front().outline = bar(400, 291); // 290 can be used
        QVERIFY(!planned(wanted).would_fit_turned);
        wanted.settings.material = "plate";
        wanted.things.front().outline = bar(95, 50); // 90 each way
        QVERIFY(!planned(wanted).left_out.empty() && !planned(wanted).would_fit_turned);
    }

    void whatIsTooLargeIsToldWhatMakesItFit()
    {
        const auto bar = [](double width, double height) {
            return std::make_shared<const Outline>(Outline{{{test::rectangle(0, 0, width, height), {}}}});
        };
        auto wanted = request({{"a", bar(180, 60), 30, {}, 1}, {"b", bar(60, 30), 30, {}, 1}});
        const auto roomier = [&] {
            const auto found =
                roomierMaterial(wanted.materials, planned(wanted), wanted.settings, Process::KnifeVinyl);
            return found ? found->id : std::string();
        };
        wanted.settings.material = "plate"; // 90 by 90 can be used
        QCOMPARE(planned(wanted).left_out.size(), std::size_t(1));
        QCOMPARE(fittingShare(planned(wanted), Turns::None), 0.5);
        QCOMPARE(roomier(), std::string("roll"));
        // Of several the smallest, and before it one of the same colour; none of another process.
        wanted.materials.push_back(card("long plate", 200, 100));
        wanted.materials.push_back(card("of wood", 195, 75, Process::LaserWood));
        QCOMPARE(roomier(), std::string("long plate"));
        wanted.materials.back() = card("smaller", 195, 75);
        QCOMPARE(roomier(), std::string("smaller"));
        wanted.materials.back().colour = "#ff0000";
        QCOMPARE(roomier(), std::string("long plate"));
        // At the share that is told it fits, a border around it included; and no larger.
        wanted.settings.border_mm = 6.0;
        wanted.settings.border_material = "plate";
        for (const auto turns : {Turns::None, Turns::Quarter}) {
            wanted.settings.turns = turns;
            wanted.things = {{"a", bar(60, 240), 30, {}, 1}};
            const double share = fittingShare(planned(wanted), turns);
            QVERIFY(share > 0.2 && share < 0.4);
            wanted.things.front().outline = bar(60 * share * 0.9995, 240 * share * 0.9995);
            QCOMPARE(planned(wanted).left_out.size(), std::size_t(0));
            wanted.things.front().outline = bar(60 * share * 1.01, 240 * share * 1.01);
            QCOMPARE(planned(wanted).left_out.size(), std::size_t(1));
        }
        // What lies anyway asks for nothing.
        wanted.things = {{"a", bar(20, 20), 30, {}, 1}};
        QCOMPARE(fittingShare(planned(wanted), Turns::None), 1.0);
        QVERIFY(roomier().empty());
    }

    void middlesAreCutFirstAndEachOnce()
    {
        const auto plan = planned(request({{"a", square(40, 20), 30, {}, 3}}));
        const auto& run = plan.sheets[0].run;
        QCOMPARE(run.paths.size(), std::size_t(6));
        std::map<std::pair<std::size_t, std::size_t>, bool> has_outer;
        for (const auto& part : run.parts) {
            const auto& path = run.paths[part.path];
            const auto key = std::pair(path.design, path.piece);
            if (path.is_middle)
                QVERIFY(!has_outer[key]);
            else
                has_outer[key] = true;
        }
        QVERIFY(std::abs(cutLength(run) - 3 * (160 + 80)) < 1e-6);
        QVERIFY(plan.airLength_mm() > 0.0);
        QVERIFY(plan.duration_s() > 0.0);
    }

    void moreThanOneSheet()
    {
        auto wanted = request({{"a", square(60), 30, {}, 3}});
        wanted.settings.material = "plate"; // 90 by 90 can be used: one of 60 each
        const auto plan = planned(wanted);
        QCOMPARE(plan.sheets.size(), std::size_t(3));
        std::set<std::size_t> numbers;
        for (const auto& laid : plan.laid)
            numbers.insert(laid.number);
        QCOMPARE(numbers.size(), std::size_t(3));
        wanted.things.push_back({"too large", square(95), 30, {}, 2});
        const auto with = planned(wanted);
        QCOMPARE(with.laid.size(), std::size_t(3));
        QCOMPARE(with.left_out.size(), std::size_t(1));
        QCOMPARE(with.left_out[0].thing, std::size_t(1));
        QCOMPARE(with.left_out[0].copies, 2);
    }

    void coloursAreSheetsOfTheirOwn()
    {
        const auto plan = planned(request({{"a", square(30), 30, {}, 1}, {"b", square(30), 30, "red", 2}}));
        QCOMPARE(plan.sheets.size(), std::size_t(2));
        QVERIFY(plan.sheets[0].material.id != plan.sheets[1].material.id);
        for (const auto& laid : plan.laid)
            QCOMPARE(plan.sheets[laid.sheet].material.id, std::string(laid.thing == 0 ? "roll" : "red roll"));
    }

    void aBorderIsASecondSheetWithCrossesInTheSamePlaces()
    {
        auto wanted = request({{"a", square(40, 20), 30, {}, 1}});
        wanted.settings.border_mm = 4.0;
        wanted.settings.border_material = "red roll";
        const auto plan = planned(wanted);
        QCOMPARE(plan.sheets.size(), std::size_t(2));
        const auto marks = [&](std::size_t sheet) {
            std::vector<Point> out;
            for (const auto& path : plan.sheets[sheet].run.paths)
                if (path.operation == Operation::Mark)
                    out.push_back(path.start());
            std::ranges::sort(out, {}, [](Point p) { return std::pair(p.x, p.y); });
            return out;
        };
        QVERIFY(!marks(0).empty());
        QVERIFY(marks(0) == marks(1));
        const auto border = std::ranges::find(plan.laid, true, &LaidThing::is_border);
        QVERIFY(border != plan.laid.end());
        QVERIFY(std::abs(border->box_mm.width() - 48) < 0.01);
    }

    void partsOfAnotherMaterialLieOverTheRest()
    {
        // A square with a small one beside it, the small one red; and another thing all of one material.
        const Outline small{{Piece{test::rectangle(50, 0, 60, 10), {}}}};
        Outline both = *square(40);
        both.pieces.push_back(small.pieces.front());
        SheetThing thing{"a", std::make_shared<const Outline>(both), 30, {}, 2};
        thing.parts = {{{}, square(40)}, {{"red roll", {}}, std::make_shared<const Outline>(small)}};
        const auto plan = planned(request({thing, {"b", square(20), 30, {}, 1}}));
        QCOMPARE(plan.sheets.size(), std::size_t(2));
        QVERIFY(plan.has_crosses);
        QCOMPARE(plan.sheets[1].registered_with, std::optional<std::size_t>(0));
        QCOMPARE(plan.sheets[1].material.id, std::string("red roll"));
        QCOMPARE(plan.laid.size(), std::size_t(5)); // three things, and two upper parts
        for (const auto& upper : plan.laid) {
            if (upper.sheet != 1)
                continue;
            const auto base = std::ranges::find_if(plan.laid, [&](const LaidThing& laid) {
                return laid.sheet == 0 && laid.number == upper.number;
            });
            QVERIFY(base != plan.laid.end());
            QVERIFY(std::abs(upper.box_mm.x0 - base->box_mm.x0 - 50) < 1e-9);
            QVERIFY(std::abs(upper.box_mm.y0 - base->box_mm.y0) < 1e-9);
        }
        QCOMPARE(count(plan.sheets[0].run, Operation::Cut), std::size_t(3));
        QCOMPARE(count(plan.sheets[1].run, Operation::Cut), std::size_t(2));
        // Room is kept for the whole: nothing else comes between the two.
        const auto& other = *std::ranges::find(plan.laid, std::size_t(1), &LaidThing::thing);
        for (const auto& laid : plan.laid)
            if (laid.thing == 0) {
                const double dx =
                    std::max({0.0, laid.box_mm.x0 - other.box_mm.x1, other.box_mm.x0 - laid.box_mm.x1});
                const double dy =
                    std::max({0.0, laid.box_mm.y0 - other.box_mm.y1, other.box_mm.y0 - laid.box_mm.y1});
                QVERIFY(std::hypot(dx, dy) >= 5 - 0.01);
            }
    }

    void edgesAreGoneRoundTheWayThatIsAskedFor()
    {
        auto wanted = request({{"a", square(40, 20), 30, {}, 2}});
        for (const bool is_clockwise : {false, true}) {
            wanted.settings.is_clockwise = is_clockwise;
            const auto plan = planned(wanted);
            for (const auto& path : plan.sheets[0].run.paths) {
                double twice_area = 0.0;
                for (const auto& s : path.segments)
                    twice_area += cross(s.start(), s.end());
                QCOMPARE(twice_area > 0.0, path.is_middle == is_clockwise);
            }
        }
    }

    void partsAreScoredAndDrawn()
    {
        SheetThing thing{"a", square(40, 20), 30, {}, 1};
        Outline outer = *square(40);
        thing.parts = {{{}, std::make_shared<const Outline>(outer)},
                       {{{}, Operation::Score}, square(20)},
                       {{{}, Operation::Pen}, square(10)}};
        const auto plan = planned(request({thing}));
        QCOMPARE(plan.sheets.size(), std::size_t(1));
        QVERIFY(!plan.has_crosses);
        const auto& run = plan.sheets[0].run;
        QCOMPARE(count(run, Operation::Cut), std::size_t(1));
        QCOMPARE(count(run, Operation::Score), std::size_t(1));
        QCOMPARE(count(run, Operation::Pen), std::size_t(1));
        QCOMPARE(run.paths[run.parts.back().path].operation, Operation::Cut); // pen and score before it
        // The kerf is of what is cut.
        auto wanted = request({thing});
        wanted.settings.kerf_mm = 0.4;
        double scored = 0.0;
        const auto grown = planned(wanted);
        for (const auto& path : grown.sheets[0].run.paths)
            if (path.operation == Operation::Score)
                scored = path.length_mm();
        QVERIFY2(std::abs(scored - 80) < 1e-6, qPrintable(QString::number(scored)));
    }

    void framesGoRound()
    {
        auto wanted = request({{"a", square(40), 30, {}, 4}});
        wanted.weeding.frame_mm = 3.0;
        const auto each = planned(wanted);
        QCOMPARE(count(each.sheets[0].run, Operation::Frame), std::size_t(4));
        wanted.weeding.frame_mm = 0.0;
        wanted.settings.frame_mm = 6.0;
        const auto whole = planned(wanted);
        QCOMPARE(count(whole.sheets[0].run, Operation::Frame), std::size_t(1));
        // Frames are cut last.
        const auto& run = each.sheets[0].run;
        bool has_frame = false;
        for (const auto& part : run.parts) {
            const bool is_frame = run.paths[part.path].operation == Operation::Frame;
            QVERIFY(is_frame || !has_frame);
            has_frame = has_frame || is_frame;
        }
    }

    void kerfMovesTheCutAndOnlyIt()
    {
        auto wanted = request({{"a", square(40, 20), 30, {}, 1}});
        wanted.settings.kerf_mm = 0.4;
        const auto plan = planned(wanted);
        // Outwards by 0.2 on the piece (round corners), inwards on the middle (sharp ones).
        const double outer = 160 + 2 * std::acos(-1.0) * 0.2, inner = 4 * (20 - 0.4);
        QVERIFY2(std::abs(cutLength(plan.sheets[0].run) - outer - inner) < 0.05,
                 qPrintable(QString::number(cutLength(plan.sheets[0].run))));
        // Room is kept for what is cut.
        QVERIFY2(std::abs(plan.laid[0].box_mm.width() - 40.4) < 0.01,
                 qPrintable(QString::number(plan.laid[0].box_mm.width())));
    }

    void tabsAndOvercut()
    {
        auto wanted = request({{"a", square(40), 30, {}, 1}});
        wanted.process = Process::LaserWood;
        wanted.settings.tabs = 4;
        wanted.settings.tab_mm = 0.5;
        const auto held = planned(wanted);
        QCOMPARE(held.sheets[0].run.paths.size(), std::size_t(4));
        QVERIFY(std::abs(cutLength(held.sheets[0].run) - (160 - 4 * 0.5)) < 0.01);
        wanted.settings.tabs = 0;
        wanted.settings.overcut_mm = 1.5;
        QVERIFY(std::abs(cutLength(planned(wanted).sheets[0].run) - 161.5) < 0.01);
    }

    void placedByHandStays()
    {
        auto wanted = request({{"a", square(40), 30, {}, 2}});
        const auto before = planned(wanted);
        Placement there = before.laid[1].place;
        there.item = before.laid[1].number;
        there.at_mm = there.at_mm + Point{100, -200};
        wanted.settings.by_hand = {there};
        const auto after = planned(wanted);
        const auto moved = std::ranges::find(after.laid, there.item, &LaidThing::number);
        QVERIFY(length(moved->place.at_mm - there.at_mm) < 1e-9);
        // Where nothing lies it may lie, on another it may not.
        const SheetMoves moves(before, wanted.settings, 0);
        QVERIFY(moves.mayLie(1, there));
        Placement on = there;
        on.at_mm = before.laid[0].place.at_mm + Point{1, -1};
        QVERIFY(!moves.mayLie(1, on));
        Placement off = there;
        off.at_mm.x = -30;
        QVERIFY(!moves.mayLie(1, off));
    }

    void whatIsHeldNearALineComesToRestOnIt()
    {
        const auto wanted = request({{"a", square(40), 30, {}, 2}});
        const auto plan = planned(wanted);
        const SheetMoves moves(plan, wanted.settings, 0);
        const Placement lies = plan.laid[0].place;
        Placement held = plan.laid[1].place;
        // Under the first, a little to the right of it, and a little further than the distance.
        held.at_mm = lies.at_mm + Point{1.3, -46.2};
        const auto rest = moves.atRest(1, held, 2.0);
        QVERIFY(rest.x_mm && rest.y_mm);
        QVERIFY(std::abs(rest.there.at_mm.x - lies.at_mm.x) < 1e-9);
        QVERIFY(std::abs(rest.there.at_mm.y - (lies.at_mm.y - 45)) < 0.01);
        QVERIFY(moves.mayLie(1, rest.there));
        // Out of reach, or not asked for: where the hand is.
        QCOMPARE(moves.atRest(1, held, 0.5).there.at_mm, held.at_mm);
        QCOMPARE(moves.atRest(1, held, 0.0).there.at_mm, held.at_mm);
        // Never onto another: in line with it would be on it.
        held.at_mm = lies.at_mm + Point{1.0, -20.0};
        QCOMPARE(moves.atRest(1, held, 2.0).there.at_mm, held.at_mm);
    }

    void quickAndWellHoldTheSame()
    {
        auto wanted = request({{"a", square(33), 30, {}, 7}, {"b", square(21), 30, {}, 5}});
        const auto quick = planned(wanted);
        wanted.is_quick = false;
        const auto well = planned(wanted);
        QCOMPARE(well.laid.size(), quick.laid.size());
        QVERIFY(well.usedLength_mm() <= quick.usedLength_mm() + 1e-9);
        QVERIFY(std::abs(well.cutLength_mm() - quick.cutLength_mm()) < 1e-6);
        // The same list gives the same sheets.
        const auto again = planned(wanted);
        for (std::size_t i = 0; i < well.laid.size(); ++i)
            QVERIFY(length(again.laid[i].place.at_mm - well.laid[i].place.at_mm) < 1e-12);
    }

    void nothingIsRefused()
    {
        QVERIFY(planSheets(request({})).error().code == ErrorCode::NothingToCut);
        CancelSource source;
        source.cancel();
        auto wanted = request({{"a", square(33), 30, {}, 7}});
        wanted.cancel = source.token();
        const auto cancelled = planSheets(wanted);
        QVERIFY(!cancelled && cancelled.error().code == ErrorCode::Cancelled);
    }

    void aDrawingHoldsTheSheet()
    {
        const auto plan = planned(request({{"a", square(40, 20), 30, {}, 2}}));
        const auto drawing = drawingOf(plan, 0, "title", "rights");
        QCOMPARE(drawing.paths.size(), plan.sheets[0].run.paths.size());
        QCOMPARE(drawing.title, std::string("title"));
        QVERIFY(drawing.page_mm.x0 == 0.0 && drawing.page_mm.y1 == 0.0);
        QCOMPARE(usualOperation(Process::Pen), Operation::Pen);
        QCOMPARE(usualOperation(Process::KnifeVinyl), Operation::Cut);
    }
};

INK_TEST_CORE_MAIN(TestSheetPlan)
#include "test_sheet_plan.moc"
