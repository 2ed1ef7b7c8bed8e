#include "core/cut/placing.h"

#include "core/base/told.h"
#include "core/cut/occupancy.h"
#include "core/cut/rows_of_boxes.h"
#include "core/geometry/box.h"
#include "core/geometry/measure.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <future>
#include <map>
#include <numeric>
#include <random>

namespace ink {
namespace {

using detail::Cell;
using detail::CellShape;
using detail::GrownCells;
using detail::Occupancy;

/// Cells are a quarter of a millimetre where the sheet is no wider than 600 mm. Orders of many things are tried on cells twice
/// as wide, an eighth of the work, and the best of them are placed on the small ones.
constexpr double kCell_mm = 0.25;
constexpr double kMostColumns = 2400.0;
constexpr double kCoarse = 2.0;
constexpr std::size_t kMany = 30;
/// Of the orders tried on wide cells.
constexpr std::size_t kPlacedFinely = 2;
constexpr double kFreeStep_deg = 15.0;
/// Of work that is tried by itself, in things placed.
constexpr int kWork = 800;
constexpr int kLeastOrders = 4, kMostOrders = 24;
constexpr double kMostSpacing_mm = 200.0;

std::vector<double> anglesOf(Turns turns)
{
    switch (turns) {
    case Turns::None:
        break;
    case Turns::Half:
        return {0.0, 180.0};
    case Turns::Quarter:
        return {0.0, 90.0, 180.0, 270.0};
    case Turns::Free: {
        std::vector<double> out;
        for (double angle = 0.0; angle < 360.0; angle += kFreeStep_deg)
            out.push_back(angle);
        return out;
    }
    }
    return {0.0};
}

/// One way a thing can lie.
struct Way
{
    double turn_deg = 0.0;
    CellShape cells;
    GrownCells grown;
};

class Placer
{
public:
    Placer(std::span<const SharedOutline> items, const SheetSize& sheet, const PlacingOptions& options,
           double coarse = 1.0)
        : m_items(items), m_sheet(sheet),
          m_options(options), m_usable_mm{sheet.width_mm - 2 * sheet.margin_mm,
                                          (sheet.isRoll() ? kMostRoll_mm : sheet.length_mm) -
                                              2 * sheet.margin_mm},
          m_cell_mm(coarse * std::max(kCell_mm, m_usable_mm.x / kMostColumns))
    {
    }

    Result<void> prepare()
    {
        std::map<const Outline*, std::size_t> known;
        for (const auto& item : m_items) {
            if (m_options.cancel.isCancelled())
                return fail(ErrorCode::Cancelled);
            const auto [at, is_new] = known.try_emplace(item.get(), m_ways.size());
            m_ways_of.push_back(at->second);
            if (is_new)
                m_ways.push_back(waysOf(*item));
        }
        return {};
    }

    Result<Placed> inOrder(const std::vector<std::size_t>& order) const
    {
        Placed out;
        out.places.resize(m_items.size());
        std::vector<bool> is_placed(m_items.size(), false);
        std::vector<Occupancy> sheets;
        std::vector<double> lowest_mm;
        // Nothing is found above where the same thing was not found before.
        std::vector<std::map<std::pair<std::size_t, std::size_t>, int>> from;
        const int columns = int(std::ceil(m_usable_mm.x / m_cell_mm));
        for (const std::size_t item : order) {
            if (m_options.cancel.isCancelled())
                return fail(ErrorCode::Cancelled);
            for (std::size_t s = 0; !is_placed[item]; ++s) {
                if (s == sheets.size()) {
                    if (m_options.most_sheets > 0 && s == m_options.most_sheets)
                        break;
                    sheets.emplace_back(columns, m_sheet.isRoll() ? 0 : int(m_usable_mm.y / m_cell_mm) + 1);
                    lowest_mm.push_back(0.0);
                    from.emplace_back();
                }
                const auto found = bestOn(sheets[s], m_ways_of[item], from[s]);
                if (!found) {
                    if (lowest_mm[s] <= 0.0) { // no room on a sheet with nothing on it
                        sheets.pop_back();
                        lowest_mm.pop_back();
                        from.pop_back();
                        break;
                    }
                    continue;
                }
                const auto& way = m_ways[m_ways_of[item]][found->way];
                sheets[s].take(way.grown, found->cell);
                const Point corner{m_sheet.margin_mm + found->cell.column * m_cell_mm,
                                   -m_sheet.margin_mm - found->cell.row * m_cell_mm};
                out.places[item] = {item, s, way.turn_deg,
                                    Point{corner.x - way.cells.box.x0, corner.y - way.cells.box.y1}};
                lowest_mm[s] = std::max(lowest_mm[s], found->cell.row * m_cell_mm + way.cells.box.height());
                is_placed[item] = true;
            }
        }
        for (std::size_t item = 0; item < m_items.size(); ++item)
            if (!is_placed[item])
                out.left_out.push_back(item);
        std::erase_if(out.places,
                      [&](const Placement& p) { return !is_placed[std::size_t(&p - out.places.data())]; });
        for (const double low : lowest_mm)
            out.used_length_mm.push_back(low + 2 * m_sheet.margin_mm);
        return out;
    }

    /// Large ones first: by height, by area, by width.
    std::vector<std::size_t> order(int kind) const
    {
        std::vector<std::size_t> out(m_items.size());
        std::iota(out.begin(), out.end(), 0);
        std::ranges::stable_sort(out, std::greater(), [&](std::size_t item) {
            const Box& box = m_ways[m_ways_of[item]].front().cells.box;
            return kind == 0 ? box.height() : kind == 1 ? box.height() * box.width() : box.width();
        });
        return out;
    }

private:
    std::vector<Way> waysOf(const Outline& item) const
    {
        std::vector<Way> ways;
        for (const double turn : anglesOf(m_options.turns)) {
            Way way;
            way.turn_deg = turn;
            way.cells = detail::cellsOf(transformed(item, Placement{0, 0, turn, {}}.toSheet()), m_cell_mm);
            // Cells are told on chords that lie within an eighth of a cell of the curves.
            way.grown = detail::grown(way.cells, m_options.spacing_mm + m_cell_mm / 4.0, m_cell_mm);
            if (ways.empty() ||
                (way.cells.box.width() <= m_usable_mm.x && way.cells.box.height() <= m_usable_mm.y))
                ways.push_back(std::move(way));
        }
        return ways;
    }

    struct Found
    {
        std::size_t way;
        Cell cell;
    };
    std::optional<Found> bestOn(const Occupancy& sheet, std::size_t ways,
                                std::map<std::pair<std::size_t, std::size_t>, int>& from) const
    {
        std::optional<Found> best;
        double best_low_mm = 0.0;
        for (std::size_t w = 0; w < m_ways[ways].size(); ++w) {
            const auto& cells = m_ways[ways][w].cells;
            const double room_x = m_usable_mm.x - cells.box.width(),
                         room_y = m_usable_mm.y - cells.box.height();
            if (room_x < -1e-9 || room_y < -1e-9)
                continue;
            auto& first_row = from[{ways, w}];
            const int last_row = int(std::floor(room_y / m_cell_mm + 1e-9));
            const auto cell =
                sheet.firstFree(cells, first_row, last_row, int(std::floor(room_x / m_cell_mm + 1e-9)));
            first_row = cell ? cell->row : last_row + 1;
            if (!cell || cell->row > last_row)
                continue;
            const double low_mm = cell->row * m_cell_mm + cells.box.height();
            if (!best || low_mm < best_low_mm - 1e-9 ||
                (low_mm < best_low_mm + 1e-9 && cell->column < best->cell.column)) {
                best = Found{w, *cell};
                best_low_mm = low_mm;
            }
        }
        return best;
    }

    std::span<const SharedOutline> m_items;
    const SheetSize& m_sheet;
    const PlacingOptions& m_options;
    Point m_usable_mm;
    double m_cell_mm;
    std::vector<std::vector<Way>> m_ways;
    std::vector<std::size_t> m_ways_of;
};

bool isBetter(const Placed& a, const Placed& b)
{
    if (a.left_out.size() != b.left_out.size())
        return a.left_out.size() < b.left_out.size();
    if (a.used_length_mm.size() != b.used_length_mm.size())
        return a.used_length_mm.size() < b.used_length_mm.size();
    return a.usedLength_mm() < b.usedLength_mm() - 1e-9;
}

/// Some things change their turn with others.
std::vector<std::size_t> exchanged(std::vector<std::size_t> order, std::mt19937& random)
{
    const auto n = order.size();
    for (std::size_t k = 0; k < 1 + n / 12; ++k) {
        const std::size_t from = random() % n, to = random() % n;
        const std::size_t item = order[from];
        order.erase(order.begin() + std::ptrdiff_t(from));
        order.insert(order.begin() + std::ptrdiff_t(to), item);
    }
    return order;
}

/// The best of several orders, two at a time however many cores there are: the same list gives the same sheets everywhere.
class Search
{
public:
    Search(const Placer& placer, const std::function<void(const Placed&)>& on_better)
        : m_placer(placer), m_on_better(on_better)
    {
    }

    const Placed& best() const { return m_best; }

    /// `rows` is what any order has to beat.
    Result<void> begin(Placed rows)
    {
        m_best = std::move(rows);
        const auto order = m_placer.order(0);
        auto made = m_placer.inOrder(order);
        if (!made)
            return fail(made.error());
        m_orders.push_back({*made, order});
        if (isBetter(*made, m_best))
            m_best = std::move(*made);
        if (m_on_better)
            m_on_better(m_best);
        return {};
    }

    Result<void> improve(int orders, const CancelToken& cancel)
    {
        std::mt19937 random(1);
        for (int tried = 1; tried < orders; tried += 2) {
            const auto& from = m_orders.front().order;
            const std::array next{tried == 1 ? m_placer.order(1) : exchanged(from, random),
                                  tried == 1 ? m_placer.order(2) : exchanged(from, random)};
            auto other = std::async(std::launch::async, [&] { return m_placer.inOrder(next[1]); });
            auto one = m_placer.inOrder(next[0]);
            auto two = other.get();
            if (cancel.isCancelled() || !one || !two)
                return fail(ErrorCode::Cancelled);
            take(std::move(*one), next[0]);
            take(std::move(*two), next[1]);
        }
        return {};
    }

    Result<void> placeFinely(const Placer& fine)
    {
        auto other = std::async(std::launch::async, [&] { return fine.inOrder(m_orders.back().order); });
        auto one = fine.inOrder(m_orders.front().order);
        auto two = other.get();
        for (auto* made : {&one, &two}) {
            if (!*made)
                return fail(made->error());
            tell(std::move(**made));
        }
        return {};
    }

private:
    struct Tried
    {
        Placed placed;
        std::vector<std::size_t> order;
    };

    void take(Placed placed, const std::vector<std::size_t>& order)
    {
        const auto at =
            std::ranges::find_if(m_orders, [&](const Tried& t) { return isBetter(placed, t.placed); });
        m_orders.insert(at, {placed, order});
        if (m_orders.size() > kPlacedFinely)
            m_orders.pop_back();
        tell(std::move(placed));
    }
    void tell(Placed placed)
    {
        if (!isBetter(placed, m_best))
            return;
        m_best = std::move(placed);
        if (m_on_better)
            m_on_better(m_best);
    }

    const Placer& m_placer;
    const std::function<void(const Placed&)>& m_on_better;
    /// The best first.
    std::vector<Tried> m_orders;
    Placed m_best;
};

Result<void> check(std::size_t items, const SheetSize& sheet, double spacing_mm)
{
    const auto length_mm = sheet.isRoll() ? sheet.width_mm : sheet.length_mm;
    if (!(sheet.width_mm >= kLeastSheet_mm && sheet.width_mm <= kMostSheetWidth_mm &&
          sheet.length_mm >= 0.0 && length_mm >= kLeastSheet_mm && length_mm <= kMostRoll_mm))
        return fail(ErrorCode::DistanceOutOfRange, {}, "a sheet is 10 mm to 3 m wide and at most 50 m long");
    if (!(sheet.margin_mm >= 0.0 && 2 * sheet.margin_mm < std::min(sheet.width_mm, length_mm)))
        return fail(ErrorCode::DistanceOutOfRange, {}, "the margins leave nothing of the sheet");
    if (!(spacing_mm >= 0.0 && spacing_mm <= kMostSpacing_mm))
        return fail(ErrorCode::DistanceOutOfRange, {}, "things on a sheet lie 0 to 200 mm apart");
    if (items > kMostPlaced)
        return fail(ErrorCode::TooComplex, {}, told("a list is placed up to {} pieces at once", kMostPlaced));
    return {};
}

} // namespace

std::string_view idOf(Turns turns)
{
    static constexpr std::array<std::string_view, 4> kIds{"none", "180", "90", "free"};
    return kIds[std::size_t(turns)];
}

std::optional<Turns> turnsOf(std::string_view id)
{
    for (const auto turns : {Turns::None, Turns::Half, Turns::Quarter, Turns::Free})
        if (idOf(turns) == id)
            return turns;
    return {};
}

double Placed::usedLength_mm() const
{
    return std::accumulate(used_length_mm.begin(), used_length_mm.end(), 0.0);
}

Result<Placed> place(std::span<const SharedOutline> items, const SheetSize& sheet,
                     const PlacingOptions& options)
{
    if (auto ok = check(items.size(), sheet, options.spacing_mm); !ok)
        return fail(ok.error());
    if (items.empty())
        return Placed{};
    Placed best = detail::rowsOfBoxes(items, sheet, options);
    if (options.as_rows)
        return best;
    const int orders = options.orders > 0 ? options.orders
                                          : std::clamp(kWork / int(items.size()), kLeastOrders, kMostOrders);
    const bool is_coarse = items.size() >= kMany;
    Placer placer(items, sheet, options, is_coarse ? kCoarse : 1.0);
    if (auto ok = placer.prepare(); !ok)
        return fail(ok.error());
    Search search(placer, options.on_better);
    if (auto ok = search.begin(best); !ok)
        return fail(ok.error());
    if (items.size() > 1)
        if (auto ok = search.improve(orders, options.cancel); !ok)
            return fail(ok.error());
    best = search.best();
    if (is_coarse && orders > 1) {
        Placer fine(items, sheet, options);
        if (auto ok = fine.prepare(); !ok)
            return fail(ok.error());
        if (auto ok = search.placeFinely(fine); !ok)
            return fail(ok.error());
        best = search.best();
    }
    detail::drawTogether(items, sheet, options, best);
    return best;
}

Result<Placed> filled(const SharedOutline& item, SheetSize sheet, double length_mm,
                      const PlacingOptions& options)
{
    if (sheet.isRoll())
        sheet.length_mm = length_mm;
    const double area = std::max(1.0, measure(*item).area);
    const double room = sheet.width_mm * sheet.length_mm / area;
    const std::vector<SharedOutline> copies(std::size_t(std::clamp(room + 1.0, 1.0, double(kMostPlaced))),
                                            item);
    PlacingOptions once = options;
    once.most_sheets = 1;
    once.orders = 1; // they are all alike
    auto placed = place(copies, sheet, once);
    if (placed)
        placed->left_out.clear();
    return placed;
}

double leastLength_mm(std::span<const SharedOutline> items, const SheetSize& sheet)
{
    double area = 0.0;
    for (const auto& item : items)
        area += measure(*item).area;
    return area / (sheet.width_mm - 2 * sheet.margin_mm) + 2 * sheet.margin_mm;
}

} // namespace ink
