#include "core/handoff/sheet_plan.h"

#include "core/base/text.h"
#include "core/cut/sheet_room.h"
#include "core/geometry/measure.h"
#include "core/geometry/nesting.h"
#include "core/geometry/offset.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <numeric>

namespace ink {
namespace {

/// Registration crosses: how long their arms are together, and how much of each edge they take.
constexpr double kCross_mm = 6.0, kCrossEdge_mm = 9.0;

/// A filled frame: what is round it may not come into it.
Outline boxOutline(const Box& box)
{
    const Point corners[]{{box.x0, box.y0}, {box.x1, box.y0}, {box.x1, box.y1}, {box.x0, box.y1}};
    Contour ring;
    for (std::size_t i = 0; i < 4; ++i)
        ring.segments.push_back(Segment::line(corners[i], corners[(i + 1) % 4]));
    return {{Piece{std::move(ring), {}}}};
}

/// What takes room on the sheet: the thing with what is cut round it.
Outline footprintOf(const Outline& outline, const WeedingHelp& weeding)
{
    if (weeding.frame_mm <= 0.0)
        return outline;
    const Box ink = bounds(outline);
    return boxOutline({ink.x0 - weeding.frame_mm, ink.y0 - weeding.frame_mm, ink.x1 + weeding.frame_mm,
                       ink.y1 + weeding.frame_mm});
}

bool isFor(const MaterialCard& card, Process process)
{
    return std::ranges::find(card.processes, process) != card.processes.end();
}

/// The card that the person's word for a colour means: its id, or a card for the process that has the word in its name.
MaterialCard materialOfColour(const SheetRequest& request, const MaterialCard& usual,
                              const std::string& colour)
{
    if (colour.empty())
        return usual;
    const std::string word = lowered(colour);
    for (const auto& card : request.materials)
        if (card.id == word || lowered(card.name) == word)
            return card;
    for (const auto& card : request.materials)
        if (isFor(card, request.process) && lowered(card.name).find(word) != std::string::npos)
            return card;
    MaterialCard unknown = usual;
    unknown.id = word;
    unknown.name = colour;
    return unknown;
}

/// Things that share sheets.
struct Group
{
    MaterialCard material;
    std::vector<std::size_t> numbers;
};

class Planner
{
public:
    explicit Planner(const SheetRequest& request)
        : m_request(request), m_settings(sensible(request.settings)),
          m_usual(chosenMaterial(request.materials, m_settings, request.process)),
          m_has_border(m_settings.border_mm > 0.0)
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
        if (m_has_border)
            layWords();
        for (std::size_t sheet = 0; sheet < m_plan.sheets.size(); ++sheet) {
            if (m_request.cancel.isCancelled())
                return fail(ErrorCode::Cancelled);
            finishSheet(sheet);
        }
        return std::move(m_plan);
    }

private:
    struct Shapes
    {
        /// What is cut, the border behind it, and what takes room.
        SharedOutline cut, border, footprint;
    };
    struct Copy
    {
        std::size_t thing;
        int copy;
    };

    Result<SharedOutline> grown(const SheetThing& thing, double by_mm) const
    {
        OffsetOptions options;
        options.cancel = m_request.cancel;
        auto made = offset(*thing.outline, by_mm, Unit::ofEm(thing.em_mm), options);
        if (!made)
            return fail(made.error());
        return SharedOutline(std::make_shared<const Outline>(std::move(*made)));
    }

    Result<void> prepare()
    {
        for (std::size_t i = 0; i < m_request.things.size(); ++i) {
            const auto& thing = m_request.things[i];
            Shapes shapes{thing.outline, {}, {}};
            if (m_settings.kerf_mm > 0.0) {
                auto cut = grown(thing, m_settings.kerf_mm / 2.0);
                if (!cut)
                    return fail(cut.error());
                shapes.cut = *cut;
            }
            if (m_has_border) {
                auto border = grown(thing, m_settings.border_mm + m_settings.kerf_mm / 2.0);
                if (!border)
                    return fail(border.error());
                shapes.border = *border;
            }
            const SharedOutline base = m_has_border ? shapes.border : shapes.cut;
            shapes.footprint = m_request.weeding.frame_mm > 0.0
                                   ? std::make_shared<const Outline>(footprintOf(*base, m_request.weeding))
                                   : base;
            m_shapes.push_back(std::move(shapes));
            for (int copy = 0; copy < thing.copies; ++copy)
                m_copies.push_back({i, copy});
        }
        if (m_copies.size() > kMostPlaced)
            return fail(ErrorCode::TooComplex, {},
                        "a list is placed up to " + std::to_string(kMostPlaced) +
                            " pieces at once, and these are " + std::to_string(m_copies.size()));
        return {};
    }

    std::vector<Group> groups() const
    {
        std::vector<Group> out;
        for (std::size_t number = 0; number < m_copies.size(); ++number) {
            const auto& thing = m_request.things[m_copies[number].thing];
            auto material =
                m_has_border ? borderMaterial() : materialOfColour(m_request, m_usual, thing.colour);
            auto group = std::ranges::find(out, material, &Group::material);
            if (group == out.end())
                group = out.insert(out.end(), {std::move(material), {}});
            group->numbers.push_back(number);
        }
        return out;
    }

    MaterialCard borderMaterial() const
    {
        return materialOfColour(m_request, m_usual, m_settings.border_material);
    }

    SheetSize sizeOf(const MaterialCard& card) const
    {
        SheetSize size = card.sheet;
        if (m_has_border)
            size.margin_mm += kCrossEdge_mm;
        return size;
    }

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
            addLaid(copy, number, first_sheet + place.sheet, place,
                    m_has_border ? m_shapes[copy.thing].border : m_shapes[copy.thing].cut, m_has_border);
        }
        for (const auto item : placed->left_out)
            leaveOut(m_copies[group.numbers[item]].thing);
        return {};
    }

    void leaveOut(std::size_t thing)
    {
        const auto known = std::ranges::find(m_plan.left_out, thing, &std::pair<std::size_t, int>::first);
        if (known == m_plan.left_out.end())
            m_plan.left_out.emplace_back(thing, 1);
        else
            ++known->second;
    }

    void addLaid(const Copy& copy, std::size_t number, std::size_t sheet, Placement place,
                 const SharedOutline& outline, bool is_border)
    {
        place.sheet = sheet;
        place.item = number;
        LaidThing laid{copy.thing, copy.copy, number, sheet, place, transformed(*outline, place.toSheet()),
                       {},         is_border};
        laid.box_mm = bounds(laid.on_sheet);
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

    /// The words lie as their borders do, each colour on a sheet of its own.
    void layWords()
    {
        const std::size_t borders = m_plan.laid.size();
        std::map<std::pair<std::size_t, std::string>, std::size_t> sheets;
        for (std::size_t i = 0; i < borders; ++i) {
            const LaidThing border = m_plan.laid[i];
            const auto material = materialOfColour(m_request, m_usual, m_request.things[border.thing].colour);
            const auto [sheet, is_new] =
                sheets.try_emplace({border.sheet, material.id}, m_plan.sheets.size());
            if (is_new)
                m_plan.sheets.push_back({material, {}, 0.0, 0.0, 0.0, border.sheet, {}});
            addLaid({border.thing, border.copy}, border.number, sheet->second, border.place,
                    m_shapes[border.thing].cut, false);
        }
    }

    /// The lowest of everything on the sheet, and on those that it is laid over.
    double lowest(std::size_t sheet) const
    {
        const std::size_t base = m_plan.sheets[sheet].registered_with.value_or(sheet);
        double low_mm = 0.0;
        for (const auto& laid : m_plan.laid)
            if (laid.sheet == base)
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
        const Operation operation = m_settings.operation.value_or(usualOperation(m_request.process));
        Box all;
        for (const auto& laid : m_plan.laid) {
            if (laid.sheet != number)
                continue;
            all.add(laid.box_mm);
            ink_mm2 += measure(laid.on_sheet).area;
            addRings(paths, laid.on_sheet, laid.is_border ? Operation::Cut : operation, laid.number);
            for (const auto& line : weedingLines(laid.on_sheet, m_request.weeding))
                paths.push_back({line.segments, isClosed(line), Operation::Frame, laid.number, 0, false});
        }
        sheet.covered = ink_mm2 / (sheet.used_length_mm * size.width_mm);
        sheet.cost = costOf(sheet.material, sheet.used_length_mm);
        if (m_settings.frame_mm > 0.0 && !all.isEmpty())
            paths.push_back({boxOutline(frameRound(all, sheet.page_mm)).pieces.front().outer.segments, true,
                             Operation::Frame, kNoDesign, 0, false});
        if (m_has_border)
            addCrosses(paths, sheet, size);
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
    bool m_has_border;
    std::vector<Shapes> m_shapes;
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

struct SheetMoves::Lying
{
    std::vector<SharedOutline> items;
    /// Which of them each thing of the plan is.
    std::map<std::size_t, std::size_t> item_of;
    std::optional<SheetRoom> room;
};

SheetMoves::SheetMoves(const SheetPlan& plan, const SheetSettings& settings, const WeedingHelp& weeding,
                       std::size_t sheet)
    : m_lying(std::make_unique<Lying>())
{
    SheetSize size = plan.sheets[sheet].material.sheet;
    if (settings.border_mm > 0.0)
        size.margin_mm += kCrossEdge_mm;
    Placed placed;
    for (std::size_t i = 0; i < plan.laid.size(); ++i) {
        const auto& laid = plan.laid[i];
        if (laid.sheet != sheet)
            continue;
        // Outlines are taken back to where they were before they were placed.
        const Affine to = laid.place.toSheet();
        const Affine back{to.a, to.c, to.b, to.d, -(to.a * to.e + to.b * to.f), -(to.c * to.e + to.d * to.f)};
        m_lying->item_of[i] = m_lying->items.size();
        Placement at = laid.place;
        at.item = m_lying->items.size();
        at.sheet = 0;
        placed.places.push_back(at);
        m_lying->items.push_back(
            std::make_shared<const Outline>(footprintOf(transformed(laid.on_sheet, back), weeding)));
    }
    m_lying->room.emplace(m_lying->items, placed, size, settings.spacing_mm);
}

SheetMoves::~SheetMoves() = default;

bool SheetMoves::mayLie(std::size_t laid, const Placement& there) const
{
    const auto item = m_lying->item_of.find(laid);
    if (item == m_lying->item_of.end())
        return false;
    Placement at = there;
    at.item = item->second;
    at.sheet = 0;
    return m_lying->room->isFree(item->second, at);
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
