#include "core/cut/rows_of_boxes.h"

#include "core/cut/sheet_room.h"
#include "core/geometry/box.h"

#include <algorithm>
#include <numeric>

namespace ink::detail {
namespace {

/// Furthest that things are drawn together, and how closely that is found.
constexpr double kDraw_mm = 1.0, kDrawStep_mm = 0.01;

struct Row
{
    double top_mm, height_mm, right_mm;
    std::size_t sheet;
};

void measureUsed(std::span<const SharedOutline> items, const SheetSize& sheet, Placed& placed)
{
    std::size_t sheets = 0;
    for (const auto& p : placed.places)
        sheets = std::max(sheets, p.sheet + 1);
    placed.used_length_mm.assign(sheets, 0.0);
    for (const auto& p : placed.places) {
        const double low = -bounds(transformed(*items[p.item], p.toSheet())).y0 + sheet.margin_mm;
        placed.used_length_mm[p.sheet] = std::max(placed.used_length_mm[p.sheet], low);
    }
}

} // namespace

Placed rowsOfBoxes(std::span<const SharedOutline> items, const SheetSize& sheet,
                   const PlacingOptions& options)
{
    struct Item
    {
        std::size_t number;
        Box box;
        double turn_deg = 0.0;
    };
    const double width_mm = sheet.width_mm - 2 * sheet.margin_mm;
    const double length_mm = (sheet.isRoll() ? kMostRoll_mm : sheet.length_mm) - 2 * sheet.margin_mm;
    const bool may_turn = options.turns == Turns::Quarter || options.turns == Turns::Free;
    Placed out;
    std::vector<Item> sorted;
    for (std::size_t i = 0; i < items.size(); ++i) {
        Item item{i, bounds(*items[i])};
        const auto fits = [&] { return item.box.width() <= width_mm && item.box.height() <= length_mm; };
        if (!fits() && may_turn) {
            item.turn_deg = 90.0;
            item.box = bounds(transformed(*items[i], Placement{0, 0, 90.0, {}}.toSheet()));
        }
        if (fits())
            sorted.push_back(item);
        else
            out.left_out.push_back(i);
    }
    std::ranges::stable_sort(sorted, std::greater(), [](const Item& item) { return item.box.height(); });
    std::vector<Row> rows;
    for (const auto& item : sorted) {
        Row* best = nullptr;
        for (auto& row : rows)
            if (row.right_mm + item.box.width() <= width_mm + 1e-9 &&
                (!best || row.right_mm > best->right_mm))
                best = &row;
        if (!best) {
            double top_mm =
                rows.empty() ? 0.0 : rows.back().top_mm + rows.back().height_mm + options.spacing_mm;
            std::size_t on = rows.empty() ? 0 : rows.back().sheet;
            if (top_mm + item.box.height() > length_mm + 1e-9) {
                ++on;
                top_mm = 0.0;
            }
            if (options.most_sheets > 0 && on >= options.most_sheets) {
                out.left_out.push_back(item.number);
                continue;
            }
            rows.push_back({top_mm, item.box.height(), 0.0, on});
            best = &rows.back();
        }
        out.places.push_back({item.number, best->sheet, item.turn_deg,
                              Point{sheet.margin_mm + best->right_mm - item.box.x0,
                                    -sheet.margin_mm - best->top_mm - item.box.y1}});
        best->right_mm += item.box.width() + options.spacing_mm;
    }
    std::ranges::sort(out.places, {}, &Placement::item);
    std::ranges::sort(out.left_out);
    measureUsed(items, sheet, out);
    return out;
}

void drawTogether(std::span<const SharedOutline> items, const SheetSize& sheet, const PlacingOptions& options,
                  Placed& placed)
{
    SheetRoom room(items, placed, sheet, options.spacing_mm);
    std::vector<std::size_t> order(placed.places.size());
    std::iota(order.begin(), order.end(), 0);
    std::ranges::stable_sort(order, {}, [&](std::size_t i) {
        const auto& p = placed.places[i];
        return -bounds(transformed(*items[p.item], p.toSheet())).y1;
    });
    const auto draw = [&](std::size_t i, Point direction) {
        // The furthest of ever larger steps, then halved in between: each place is one that was looked at.
        Placement there = placed.places[i];
        const Point from = there.at_mm;
        double free_mm = 0.0;
        for (double step = kDraw_mm; step >= kDrawStep_mm; step /= 2) {
            there.at_mm = from + direction * (free_mm + step);
            if (room.isFree(i, there))
                free_mm += step;
        }
        there.at_mm = from + direction * free_mm;
        if (free_mm > 0.0) {
            placed.places[i] = there;
            room.move(i, there);
        }
    };
    for (int round = 0; round < 2; ++round)
        for (const auto i : order) {
            if (options.cancel.isCancelled())
                return;
            draw(i, {0.0, 1.0});
            draw(i, {-1.0, 0.0});
        }
    measureUsed(items, sheet, placed);
}

} // namespace ink::detail
