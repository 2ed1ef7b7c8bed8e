#include "core/handoff/sheet_plan.h"

#include "core/base/told.h"
#include "core/cut/sheet_room.h"
#include "core/geometry/measure.h"
#include "core/handoff/sheet_layers.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <numeric>

namespace ink {
namespace {

/// Registration crosses: how long their arms are together, and how much of each edge they take.
constexpr double kCross_mm = 6.0, kCrossEdge_mm = 9.0;

/// Things that share sheets.
struct Group
{
    MaterialCard material;
    std::vector<std::size_t> numbers;
};

using detail::boxOutline;
using detail::layersOf;
using detail::MaterialLayer;
using detail::ThingLayers;

class Planner
{
public:
    explicit Planner(const SheetRequest& request)
        : m_request(request), m_settings(sensible(request.settings)),
          m_usual(chosenMaterial(request.materials, m_settings, request.process))
    {
    }

    Result<SheetPlan> run()
    {
        if (auto ok = prepare(); !ok)
            return fail(ok.error());
        if (m_copies.empty())
            return fail(ErrorCode::NothingToCut);
        for (const auto& group : groups())
            if (auto ok = lay(group); !ok)
                return fail(ok.error());
        layUpper();
        for (std::size_t sheet = 0; sheet < m_plan.sheets.size(); ++sheet) {
            if (m_request.cancel.isCancelled())
                return fail(ErrorCode::Cancelled);
            finishSheet(sheet);
        }
        return std::move(m_plan);
    }

private:
    struct Copy
    {
        std::size_t thing;
        int copy;
    };

    Result<void> prepare()
    {
        for (std::size_t i = 0; i < m_request.things.size(); ++i) {
            auto shapes = layersOf(m_request.things[i], m_request, m_settings, m_usual);
            if (!shapes)
                return fail(shapes.error());
            m_plan.has_crosses = m_plan.has_crosses || shapes->layers.size() > 1;
            m_shapes.push_back(std::move(*shapes));
            for (int copy = 0; copy < m_request.things[i].copies; ++copy)
                m_copies.push_back({i, copy});
        }
        if (m_copies.size() > kMostPlaced)
            return fail(ErrorCode::TooComplex, {},
                        told("a list is placed up to {} pieces at once, and these are {}", kMostPlaced,
                             m_copies.size()));
        return {};
    }

    /// By what their lowest layer is made of.
    std::vector<Group> groups() const
    {
        std::vector<Group> out;
        for (std::size_t number = 0; number < m_copies.size(); ++number) {
            const auto& material = m_shapes[m_copies[number].thing].layers.front().material;
            auto group = std::ranges::find(out, material, &Group::material);
            if (group == out.end())
                group = out.insert(out.end(), {material, {}});
            group->numbers.push_back(number);
        }
        return out;
    }

    SheetSize sizeOf(const MaterialCard& card) const { return sizeOnSheet(card, m_plan.has_crosses); }

    Result<void> lay(const Group& group)
    {
        const SheetSize size = sizeOf(group.material);
        std::vector<SharedOutline> items;
        for (const auto number : group.numbers)
            items.push_back(m_shapes[m_copies[number].thing].footprint);
        PlacingOptions options;
        options.turns = m_settings.turns;
        options.spacing_mm = m_settings.spacing_mm;
        options.as_rows = m_settings.as_rows;
        options.orders = m_request.is_quick ? 1 : 0;
        options.cancel = m_request.cancel;
        const bool fills = m_settings.fills_sheet && items.size() == 1;
        auto placed = fills ? filled(items.front(), size, m_settings.filled_length_mm, options)
                            : place(items, size, options);
        if (!placed)
            return fail(placed.error());
        if (fills)
            items.assign(std::max<std::size_t>(1, placed->places.size()), items.front());
        const std::size_t first_sheet = m_plan.sheets.size();
        if (!fills)
            putByHand(group, items, size, *placed);
        for (std::size_t i = 0; i < placed->used_length_mm.size(); ++i)
            m_plan.sheets.push_back({group.material, {}, 0.0, 0.0, 0.0, {}, {}});
        m_plan.least_length_mm += leastLength_mm(items, group.material.sheet);
        for (const auto& place : placed->places) {
            const std::size_t number = fills ? place.item : group.numbers[place.item];
            const Copy copy =
                fills ? Copy{m_copies[group.numbers.front()].thing, int(place.item)} : m_copies[number];
            addLaid(copy, number, first_sheet + place.sheet, place, m_shapes[copy.thing].layers.front());
        }
        for (const auto item : placed->left_out) {
            leaveOut(m_copies[group.numbers[item]].thing, group.material, size);
            m_plan.would_fit_turned = m_plan.would_fit_turned || wouldFitTurned(*items[item], size);
        }
        return {};
    }

    bool wouldFitTurned(const Outline& item, const SheetSize& size) const
    {
        if (m_settings.turns != Turns::None && m_settings.turns != Turns::Half)
            return false;
        const Box box = bounds(item);
        const double edges = 2.0 * size.margin_mm;
        return box.height() <= size.width_mm - edges &&
               (size.isRoll() || box.width() <= size.length_mm - edges);
    }

    void leaveOut(std::size_t thing, const MaterialCard& material, const SheetSize& size)
    {
        const auto known = std::ranges::find(m_plan.left_out, thing, &ThingLeftOut::thing);
        if (known != m_plan.left_out.end()) {
            ++known->copies;
            return;
        }
        m_plan.left_out.push_back({thing, 1, bounds(*m_request.things[thing].outline),
                                   bounds(*m_shapes[thing].footprint), material.id, size});
    }

    void addLaid(const Copy& copy, std::size_t number, std::size_t sheet, Placement place,
                 const MaterialLayer& layer)
    {
        place.sheet = sheet;
        place.item = number;
        LaidThing laid{copy.thing, copy.copy,       number,
                       sheet,      place,           {},
                       {},         layer.is_border, m_shapes[copy.thing].footprint};
        for (const auto& [operation, outline] : layer.parts) {
            laid.parts.push_back({operation, transformed(*outline, place.toSheet())});
            laid.box_mm.add(bounds(laid.parts.back().on_sheet));
        }
        m_plan.laid.push_back(std::move(laid));
    }

    /// Those that a person has put somewhere, as long as there is room for them there.
    void putByHand(const Group& group, const std::vector<SharedOutline>& items, const SheetSize& size,
                   Placed& placed) const
    {
        if (m_settings.by_hand.empty())
            return;
        SheetRoom room(items, placed, size, m_settings.spacing_mm);
        for (const auto& wish : m_settings.by_hand) {
            const auto at = std::ranges::find(group.numbers, wish.item);
            if (at == group.numbers.end() || wish.sheet >= placed.used_length_mm.size())
                continue;
            Placement there = wish;
            there.item = std::size_t(at - group.numbers.begin());
            const auto place = std::ranges::find(placed.places, there.item, &Placement::item);
            if (place == placed.places.end())
                continue;
            const auto index = std::size_t(place - placed.places.begin());
            if (room.isFree(index, there)) {
                *place = there;
                room.move(index, there);
            }
        }
    }

    /// What is of another material lies as the lowest layer of its thing does, each material on a sheet of its own.
    void layUpper()
    {
        const std::size_t lowest = m_plan.laid.size();
        std::map<std::pair<std::size_t, std::string>, std::size_t> sheets;
        for (std::size_t i = 0; i < lowest; ++i) {
            const LaidThing base = m_plan.laid[i];
            for (std::size_t upper = 1; upper < m_shapes[base.thing].layers.size(); ++upper) {
                const MaterialLayer& layer = m_shapes[base.thing].layers[upper];
                const auto [sheet, is_new] =
                    sheets.try_emplace({base.sheet, layer.material.id}, m_plan.sheets.size());
                if (is_new)
                    m_plan.sheets.push_back({layer.material, {}, 0.0, 0.0, 0.0, base.sheet, {}});
                addLaid({base.thing, base.copy}, base.number, sheet->second, base.place, layer);
            }
        }
    }

    /// The lowest of everything on the sheet, and on all that is laid with it.
    double lowest(std::size_t sheet) const
    {
        const std::size_t base = m_plan.sheets[sheet].registered_with.value_or(sheet);
        double low_mm = 0.0;
        for (const auto& laid : m_plan.laid)
            if (m_plan.sheets[laid.sheet].registered_with.value_or(laid.sheet) == base)
                low_mm = std::max(low_mm, m_request.weeding.frame_mm - laid.box_mm.y0);
        return low_mm;
    }

    void finishSheet(std::size_t number)
    {
        PlannedSheet& sheet = m_plan.sheets[number];
        const SheetSize size = sizeOf(sheet.material);
        sheet.used_length_mm = lowest(number) + size.margin_mm + m_settings.frame_mm;
        if (!size.isRoll())
            sheet.used_length_mm = std::min(sheet.used_length_mm, size.length_mm);
        sheet.page_mm = {0.0, -(size.isRoll() ? sheet.used_length_mm : size.length_mm), size.width_mm, 0.0};
        double ink_mm2 = 0.0;
        std::vector<ToolPath> paths;
        Box all;
        for (const auto& laid : m_plan.laid) {
            if (laid.sheet != number)
                continue;
            all.add(laid.box_mm);
            Outline weeded;
            std::size_t pieces = 0;
            for (const auto& part : laid.parts) {
                ink_mm2 += measure(part.on_sheet).area;
                addRings(paths, part.on_sheet, part.operation, laid.number, pieces);
                pieces += part.on_sheet.pieces.size();
                weeded.pieces.insert(weeded.pieces.end(), part.on_sheet.pieces.begin(),
                                     part.on_sheet.pieces.end());
            }
            for (const auto& line : weedingLines(weeded, m_request.weeding))
                paths.push_back({line.segments, isClosed(line), Operation::Frame, laid.number, 0, false});
        }
        sheet.covered = ink_mm2 / (sheet.used_length_mm * size.width_mm);
        sheet.cost = costOf(sheet.material, sheet.used_length_mm);
        if (m_settings.frame_mm > 0.0 && !all.isEmpty())
            paths.push_back({boxOutline(frameRound(all, sheet.page_mm)).pieces.front().outer.segments, true,
                             Operation::Frame, kNoDesign, 0, false});
        if (isRegistered(number))
            addCrosses(paths, sheet, size);
        if (m_settings.is_clockwise)
            for (auto& path : paths)
                if (path.is_closed)
                    path = path.reversed();
        OrderOptions order;
        order.cancel = m_request.cancel;
        if (m_request.is_quick)
            order.kicks = 0;
        sheet.run = timed(asTool(inOrder(std::move(paths), order)), sheet.material.pace);
    }

    Box frameRound(const Box& all, const Box& page) const
    {
        const double by = m_settings.frame_mm + m_request.weeding.frame_mm;
        return {std::max(page.x0, all.x0 - by), std::max(page.y0, all.y0 - by),
                std::min(page.x1, all.x1 + by), std::min(page.y1, all.y1 + by)};
    }

    static bool isClosed(const OpenPath& path)
    {
        return path.segments.size() > 1 && path.segments.front().start() == path.segments.back().end();
    }

    bool isRegistered(std::size_t number) const
    {
        return m_plan.sheets[number].registered_with ||
               std::ranges::any_of(m_plan.sheets, [number](const PlannedSheet& other) {
                   return other.registered_with == number;
               });
    }

    /// In three corners, so that it is told which way up the sheet goes.
    void addCrosses(std::vector<ToolPath>& paths, const PlannedSheet& sheet, const SheetSize& size) const
    {
        const double in = size.margin_mm - kCrossEdge_mm / 2.0;
        const Point places[]{{in, -in}, {size.width_mm - in, -in}, {in, -sheet.used_length_mm + in}};
        const double arm = kCross_mm / 2.0;
        for (const Point at : places) {
            paths.push_back({{Segment::line(at - Point{arm, 0}, at + Point{arm, 0})},
                             false,
                             Operation::Mark,
                             kNoDesign,
                             0,
                             false});
            paths.push_back({{Segment::line(at - Point{0, arm}, at + Point{0, arm})},
                             false,
                             Operation::Mark,
                             kNoDesign,
                             0,
                             false});
        }
    }

    /// As the tool goes: gaps that hold, past the start, ahead of the blade.
    std::vector<ToolPath> asTool(std::vector<ToolPath> paths) const
    {
        std::vector<ToolPath> out;
        for (auto& path : paths) {
            const bool is_held = m_settings.tabs > 0 && path.operation == Operation::Cut && !path.is_middle;
            for (const auto& part : is_held ? withTabs(path, m_settings.tabs, m_settings.tab_mm)
                                            : std::vector{std::move(path)}) {
                const bool is_cut = part.operation == Operation::Cut || part.operation == Operation::Frame;
                out.push_back(is_cut ? aheadOf(withOvercut(part, m_settings.overcut_mm), m_settings.blade_mm)
                                     : part);
            }
        }
        return out;
    }

    const SheetRequest& m_request;
    SheetSettings m_settings;
    MaterialCard m_usual;
    std::vector<ThingLayers> m_shapes;
    std::vector<Copy> m_copies;
    SheetPlan m_plan;
};

template <class T>
T sumOf(const std::vector<PlannedSheet>& sheets, T (*of)(const PlannedSheet&))
{
    return std::accumulate(sheets.begin(), sheets.end(), T{},
                           [of](T sum, const PlannedSheet& sheet) { return sum + of(sheet); });
}

} // namespace

double SheetPlan::usedLength_mm() const
{
    return sumOf<double>(sheets, [](const PlannedSheet& s) { return s.used_length_mm; });
}
double SheetPlan::cutLength_mm() const
{
    return sumOf<double>(sheets, [](const PlannedSheet& s) { return s.run.cut_length_mm; });
}
double SheetPlan::airLength_mm() const
{
    return sumOf<double>(sheets, [](const PlannedSheet& s) { return s.run.air_length_mm; });
}
double SheetPlan::duration_s() const
{
    return sumOf<double>(sheets, [](const PlannedSheet& s) { return s.run.duration_s; });
}
double SheetPlan::cost() const
{
    return sumOf<double>(sheets, [](const PlannedSheet& s) { return s.cost; });
}
std::size_t SheetPlan::parts() const
{
    return sumOf<std::size_t>(sheets, [](const PlannedSheet& s) { return s.run.parts.size(); });
}

Result<SheetPlan> planSheets(const SheetRequest& request)
{
    return Planner(request).run();
}

MaterialCard chosenMaterial(const std::vector<MaterialCard>& cards, const SheetSettings& settings,
                            Process process)
{
    const auto named = std::ranges::find(cards, settings.material, &MaterialCard::id);
    const MaterialCard* usual = named != cards.end() ? &*named : materialFor(cards, process);
    MaterialCard card =
        usual ? *usual : MaterialCard{"plain", "A roll of 305 mm", {}, "#c9c2b4", {}, 0.0, {process}, {}, {}};
    if (settings.size)
        card.sheet = *settings.size;
    return card;
}

SheetSize sizeOnSheet(const MaterialCard& material, bool has_crosses)
{
    SheetSize size = material.sheet;
    if (has_crosses)
        size.margin_mm += kCrossEdge_mm;
    return size;
}

SheetDrawing drawingOf(const SheetPlan& plan, std::size_t sheet, const std::string& title,
                       const std::string& rights)
{
    const auto& planned = plan.sheets[sheet];
    return {planned.page_mm, planned.run.paths,       title,
            rights,          planned.material.colour, planned.material.pace.cut_mm_s};
}

Operation usualOperation(Process process)
{
    return process == Process::Pen ? Operation::Pen : Operation::Cut;
}

} // namespace ink
