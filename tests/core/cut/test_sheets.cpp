// Things on sheets: exact shapes with known answers, and random ones judged by distances.
#include "core/cut/material_card.h"
#include "core/cut/occupancy.h"
#include "core/cut/sheet_room.h"
#include "core/geometry/measure.h"
#include "tests/support/environment.h"
#include "tests/support/shapes.h"

#include <QTemporaryDir>

#include <fstream>
#include <random>
#include <sstream>

using namespace ink;

namespace {

SharedOutline shared(Outline outline)
{
    return std::make_shared<const Outline>(std::move(outline));
}

SharedOutline rectangle(double width, double height)
{
    return shared({{Piece{test::rectangle(0, 0, width, height), {}}}});
}

/// A frame of 2 mm round an open middle.
SharedOutline ring(double size)
{
    return shared(
        {{Piece{test::rectangle(0, 0, size, size), {test::rectangle(2, 2, size - 2, size - 2, true)}}}});
}

Box boxOf(const SharedOutline& outline, const Placement& p)
{
    return bounds(transformed(*outline, p.toSheet()));
}

} // namespace

class TestSheets : public QObject
{
    Q_OBJECT
private slots:
    void aTurnByQuartersIsExact()
    {
        for (const double turn : {0.0, 90.0, 180.0, 270.0, -90.0, 450.0}) {
            const Affine by = Placement{0, 0, turn, {5, -7}}.toSheet();
            const Point p = by.map({1, 0}) - Point{5, -7};
            QVERIFY(p.x == std::round(p.x) && p.y == std::round(p.y));
            QCOMPARE(by.determinant(), 1.0);
        }
    }

    void rectanglesFillRowsToTheMillimetre()
    {
        const std::vector items(8, rectangle(22, 10));
        const auto placed = place(items, {100, 0, 0}, {Turns::None, 2.0});
        QVERIFY(placed);
        QCOMPARE(placed->places.size(), std::size_t(8));
        // Four of 22 and three gaps of 2 in a row of 100; two rows and a gap.
        QVERIFY2(std::abs(placed->usedLength_mm() - 22.0) < 0.06,
                 qPrintable(QString::number(placed->usedLength_mm())));
    }

    void theHighestComesToTheTopEdge()
    {
        const std::vector items{rectangle(20, 5), rectangle(20, 40)};
        const auto placed = place(items, {300, 0, 7}, {Turns::None, 3.0});
        QVERIFY(placed);
        for (const auto& p : placed->places)
            QVERIFY(std::abs(boxOf(items[p.item], p).y1 + 7.0) < 1e-6);
        QVERIFY(std::abs(placed->usedLength_mm() - 54.0) < 1e-6);
    }

    void aDotGoesIntoTheMiddleOfARing()
    {
        const std::vector items{ring(40), rectangle(10, 10), rectangle(10, 10)};
        const auto placed = place(items, {50, 0, 2}, {Turns::None, 2.0});
        QVERIFY(placed);
        QCOMPARE(placed->usedLength_mm(), 44.0);
        for (const std::size_t dot : {1, 2}) {
            const Box box = boxOf(items[dot], placed->places[dot]);
            QVERIFY(box.y0 > -42.0 + 3.9 && box.y1 < -2.0 - 3.9);
        }
    }

    void whatFitsOnlyTurnedIsTurnedWhereItMay()
    {
        const std::vector items{rectangle(120, 20)};
        const auto straight = place(items, {100, 200, 5}, {Turns::Half, 3.0});
        QVERIFY(straight);
        QCOMPARE(straight->left_out, std::vector<std::size_t>{0});
        QVERIFY(straight->places.empty());
        const auto turned = place(items, {100, 200, 5}, {Turns::Quarter, 3.0});
        QVERIFY(turned);
        QVERIFY(turned->left_out.empty());
        QVERIFY(turned->places.front().turn_deg == 90.0 || turned->places.front().turn_deg == 270.0);
    }

    void sheetsFollowEachOther()
    {
        const std::vector items(5, rectangle(80, 80));
        const auto placed = place(items, {100, 100, 5}, {Turns::None, 3.0});
        QVERIFY(placed);
        QCOMPARE(placed->used_length_mm.size(), std::size_t(5));
        PlacingOptions two{Turns::None, 3.0};
        two.most_sheets = 2;
        const auto first = place(items, {100, 100, 5}, two);
        QVERIFY(first);
        QCOMPARE(first->left_out.size(), std::size_t(3));
    }

    void aSheetIsFilled()
    {
        const auto placed = filled(rectangle(30, 20), {100, 0, 5}, 100, {Turns::None, 0.0});
        QVERIFY(placed);
        QCOMPARE(placed->places.size(), std::size_t(12)); // three across, four down in 90 by 90
    }

    void randomThingsKeepTheirDistance()
    {
        std::mt19937 random(20);
        const auto figure = [&](double least, double most) {
            return least + (most - least) * (random() % 1000) / 1000.0;
        };
        for (int round = 0; round < 12; ++round) {
            std::vector<SharedOutline> items;
            for (int i = 0; i < 14; ++i) {
                if (i % 3 == 0)
                    items.push_back(ring(figure(12, 40)));
                else if (i % 3 == 1)
                    items.push_back(shared({{Piece{test::circle({figure(-50, 50), 9}, figure(3, 12)), {}}}}));
                else
                    items.push_back(shared(
                        {{Piece{test::polygon(
                                    {{0, 0}, {figure(5, 50), figure(0, 5)}, {figure(0, 30), figure(10, 40)}}),
                                {}}}}));
            }
            const double spacing = figure(0, 4);
            const SheetSize sheet{figure(60, 140), round % 2 ? 0.0 : 90.0, 3.0};
            const auto placed = place(items, sheet, {Turns(round % 4), spacing, false, 6});
            QVERIFY(placed);
            QCOMPARE(placed->places.size() + placed->left_out.size(), items.size());
            const auto rows = place(items, sheet, {Turns(round % 4), spacing, true});
            QVERIFY(rows);
            if (placed->left_out.size() == rows->left_out.size() &&
                placed->used_length_mm.size() == rows->used_length_mm.size())
                QVERIFY(placed->usedLength_mm() <= rows->usedLength_mm() + 1e-6);
            // SheetRoom keeps 0.005 mm to spare, which placing on cells need not: ask for a little less.
            const SheetRoom room(items, *placed, sheet, std::max(0.0, spacing - 0.01) - 0.005);
            for (std::size_t i = 0; i < placed->places.size(); ++i)
                QVERIFY2(room.isFree(i, placed->places[i]),
                         qPrintable(QString("round %1, thing %2").arg(round).arg(i)));
        }
    }

    void cellsMissNothing()
    {
        std::mt19937 random(4);
        for (int round = 0; round < 40; ++round) {
            const double r = 2.0 + double(random() % 100) / 10.0;
            const Outline outline{{Piece{test::circle({double(random() % 100) / 7.0, 3}, r), {}}}};
            const auto cells = detail::cellsOf(outline, 0.25);
            for (int i = 0; i < 500; ++i) {
                const double a = double(i) / 500 * 6.2832, d = (r - 0.04) * double(random() % 100) / 99.0;
                const Box& box = cells.box;
                const Point p{(box.x0 + box.x1) / 2 + d * std::cos(a),
                              (box.y0 + box.y1) / 2 + d * std::sin(a)};
                const auto row = std::size_t((box.y1 - p.y) / 0.25);
                const int column = int((p.x - box.x0) / 0.25);
                QVERIFY(std::ranges::any_of(cells.rows[row], [&](const detail::CellRun& run) {
                    return run.from <= column && column < run.to;
                }));
            }
        }
    }

    void theSameListGivesTheSameSheets()
    {
        std::vector<SharedOutline> items;
        for (int i = 0; i < 9; ++i)
            items.push_back(ring(10 + 3 * i));
        const auto one = place(items, {90, 0, 3}, {Turns::Quarter, 1.5}),
                   two = place(items, {90, 0, 3}, {Turns::Quarter, 1.5});
        QVERIFY(one && two);
        QCOMPARE(one->places, two->places);
    }

    void oneThingIsMovedByHand()
    {
        const std::vector items{rectangle(30, 20), rectangle(30, 20)};
        const auto placed = place(items, {200, 0, 5}, {Turns::None, 3.0});
        QVERIFY(placed);
        SheetRoom room(items, *placed, {200, 0, 5}, 3.0);
        Placement there = placed->places[1];
        there.at_mm.x += 40;
        QVERIFY(room.isFree(1, there));
        there.at_mm = placed->places[0].at_mm + Point{10, 0};
        QVERIFY(!room.isFree(1, there)); // on the other
        there.at_mm = placed->places[1].at_mm + Point{0, 1};
        QVERIFY(!room.isFree(1, there)); // over the edge
        there.at_mm = placed->places[1].at_mm + Point{200, -1};
        QVERIFY(!room.isFree(1, there));
    }

    void badSheetsAreRefused_data()
    {
        QTest::addColumn<double>("width");
        QTest::addColumn<double>("length");
        QTest::addColumn<double>("margin");
        QTest::addColumn<double>("spacing");
        QTest::newRow("narrow") << 1.0 << 0.0 << 0.0 << 1.0;
        QTest::newRow("wide") << 1e6 << 0.0 << 0.0 << 1.0;
        QTest::newRow("endless") << 100.0 << 1e9 << 0.0 << 1.0;
        QTest::newRow("all margin") << 100.0 << 50.0 << 25.0 << 1.0;
        QTest::newRow("negative") << 100.0 << 50.0 << -1.0 << 1.0;
        QTest::newRow("apart") << 100.0 << 50.0 << 1.0 << 1e9;
        QTest::newRow("no number") << std::nan("") << 50.0 << 1.0 << 1.0;
    }
    void badSheetsAreRefused()
    {
        QFETCH(double, width);
        QFETCH(double, length);
        QFETCH(double, margin);
        QFETCH(double, spacing);
        const auto placed =
            place(std::vector{rectangle(5, 5)}, {width, length, margin}, {Turns::None, spacing});
        QVERIFY(!placed);
        QCOMPARE(placed.error().code, ErrorCode::DistanceOutOfRange);
    }

    void placingIsCancelled()
    {
        CancelSource source;
        source.cancel();
        PlacingOptions options;
        options.cancel = source.token();
        const auto placed = place(std::vector(40, ring(20)), {100, 0, 5}, options);
        QVERIFY(!placed);
        QCOMPARE(placed.error().code, ErrorCode::Cancelled);
    }

    void cardsComeBackAsTheyWere()
    {
        const auto shipped = shippedMaterials();
        QVERIFY(shipped.size() >= 10);
        for (const auto& card : shipped) {
            std::ostringstream out;
            writeMaterialCard(out, card);
            const auto read = readMaterialCard(out.str(), card.id);
            QVERIFY(read);
            QCOMPARE(*read, card);
        }
        for (const auto& info : allProcesses())
            QVERIFY2(materialFor(shipped, info.process), std::string(info.id).c_str());
    }

    void badCardsAreToldAndTheOthersCome()
    {
        QTemporaryDir folder;
        const auto write = [&](const char* name, const char* text) {
            std::ofstream(folder.filePath(name).toStdString()) << text;
        };
        write(
            "a.json",
            R"({"format": "under-ink-material", "name": "Cork", "width_mm": 1e9, "colour": "javascript:", "pace": {"passes": -3}})");
        write("b.json", R"({"format": "under-ink-material"})");
        write("c.json", R"({"format": "under-ink-material", "name": 7})");
        write("d.json", "\x01\x02 nothing");
        write("matt-vinyl-red.json",
              R"({"format": "under-ink-material", "name": "My red", "form": "roll", "width_mm": 500})");
        std::vector<Error> faults;
        const auto cards = allMaterials(folder.path().toStdString(), faults);
        QCOMPARE(faults.size(), std::size_t(3));
        for (const auto& fault : faults)
            QVERIFY(fault.message().find(folder.path().toStdString()) != std::string::npos);
        const auto cork = std::ranges::find(cards, "Cork", &MaterialCard::name);
        QVERIFY(cork != cards.end());
        QCOMPARE(cork->sheet.width_mm, SheetSize().width_mm);
        QCOMPARE(cork->colour, MaterialCard().colour);
        QCOMPARE(cork->pace.passes, 1);
        QVERIFY(std::ranges::find(cards, "My red", &MaterialCard::name) != cards.end());
        QCOMPARE(std::ranges::count(cards, "matt-vinyl-red", &MaterialCard::id), 1);
    }

    void costFollowsWhatIsUsed()
    {
        MaterialCard card;
        card.sheet.width_mm = 500;
        card.price_per_m2 = 12;
        QCOMPARE(costOf(card, 250), 1.5); // an eighth of a square metre
    }
};

INK_TEST_CORE_MAIN(TestSheets)
#include "test_sheets.moc"
