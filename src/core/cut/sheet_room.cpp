#include "core/cut/sheet_room.h"

#include "core/geometry/box.h"
#include "core/geometry/chord_index.h"
#include "core/geometry/distance.h"
#include "core/geometry/flatten.h"
#include "core/geometry/nesting.h"

#include <cmath>
#include <map>

namespace ink {
namespace {

constexpr double kLyingFlat_mm = 0.01;
/// Distances are kept with this to spare, for what chords and rounding take.
constexpr double kSpare_mm = 0.005;
/// Beside that, so that rounding does not make a place too near.
constexpr double kNoMore_mm = 1e-6;

} // namespace

struct SheetRoom::Lying
{
    /// A thing as it lies, as chords about its own origin.
    struct Shape
    {
        std::vector<Chord> chords;
        Box box;
    };
    static Shape shapeOf(const Outline& outline, double turn_deg)
    {
        Shape shape;
        for (const auto& ring : toPaths(transformed(outline, Placement{0, 0, turn_deg, {}}.toSheet()))) {
            const auto points = flattened(ring, kLyingFlat_mm);
            for (std::size_t i = 0; i < points.size(); ++i) {
                shape.chords.push_back({points[i], points[(i + 1) % points.size()]});
                shape.box.add(points[i]);
            }
        }
        return shape;
    }
    struct Thing
    {
        std::shared_ptr<const Shape> shape;
        std::shared_ptr<const ChordIndex> index;
        Placement place;
        Box box() const { return movedBy(shape->box, place.at_mm); }
    };
    SheetSize sheet;
    double spacing_mm = 0.0;
    std::span<const SharedOutline> items;
    std::vector<Thing> things;
    std::map<std::pair<const Outline*, double>, Thing> known;

    Thing thingOf(const Placement& place)
    {
        const Outline* outline = items[place.item].get();
        auto [at, is_new] = known.try_emplace({outline, place.turn_deg});
        if (is_new) {
            auto shape = std::make_shared<Shape>(shapeOf(*outline, place.turn_deg));
            at->second.index = std::make_shared<const ChordIndex>(shape->chords);
            at->second.shape = std::move(shape);
        }
        Thing thing = at->second;
        thing.place = place;
        return thing;
    }

    bool isInside(const Box& box) const
    {
        const double m = sheet.margin_mm - 1e-6;
        return box.x0 >= m && box.x1 <= sheet.width_mm - m && box.y1 <= -m &&
               (sheet.isRoll() || box.y0 >= -sheet.length_mm + m);
    }

    bool areApart(const Thing& a, const Thing& b) const
    {
        const double apart_mm = spacing_mm + kSpare_mm;
        if (distanceOf(a.box(), b.box()) >= apart_mm)
            return true;
        const Point by = a.place.at_mm - b.place.at_mm; // chords of a among those of b
        std::vector<std::uint32_t> near;
        for (const auto& chord : a.shape->chords) {
            const Point p = chord.a + by, q = chord.b + by;
            Box box;
            box.add(p);
            box.add(q);
            if (distanceOf(box, b.shape->box) >= apart_mm)
                continue;
            b.index->near(grownBy(box, apart_mm), near);
            for (const auto i : near)
                if (distanceOfLines(p, q, b.shape->chords[i].a, b.shape->chords[i].b) < apart_mm)
                    return false;
        }
        // One may lie wholly on the ink of the other.
        return !isOnInk(a, b) && !isOnInk(b, a);
    }

    static bool isOnInk(const Thing& a, const Thing& b)
    {
        if (a.shape->chords.empty())
            return false;
        const Point p = a.shape->chords.front().a + a.place.at_mm - b.place.at_mm;
        bool is_in = false;
        for (const auto& c : b.shape->chords)
            if ((c.a.y > p.y) != (c.b.y > p.y) &&
                p.x < c.a.x + (p.y - c.a.y) / (c.b.y - c.a.y) * (c.b.x - c.a.x))
                is_in = !is_in;
        return is_in;
    }

    bool isFree(std::size_t number, const Thing& thing) const
    {
        if (!isInside(thing.box()))
            return false;
        for (std::size_t i = 0; i < things.size(); ++i)
            if (i != number && things[i].place.sheet == thing.place.sheet && !areApart(thing, things[i]))
                return false;
        return true;
    }

    /// Of the places that one side of the thing can be brought to, the nearest: how far it is, and the line it stands on then.
    struct Step
    {
        double by_mm = 0.0;
        std::optional<double> line_mm;

        void offer(double side_mm, double line_mm_, double reach_mm)
        {
            const double step = line_mm_ - side_mm;
            if (std::abs(step) <= reach_mm && (!line_mm || std::abs(step) < std::abs(by_mm))) {
                by_mm = step;
                line_mm = line_mm_;
            }
        }
    };
    std::pair<Step, Step> stepsOf(std::size_t number, const Thing& thing, double reach_mm) const
    {
        Step across, up;
        const Box box = thing.box();
        const double m = sheet.margin_mm, apart = spacing_mm + kSpare_mm + kNoMore_mm;
        across.offer(box.x0, m, reach_mm);
        across.offer(box.x1, sheet.width_mm - m, reach_mm);
        up.offer(box.y1, -m, reach_mm);
        if (!sheet.isRoll())
            up.offer(box.y0, m - sheet.length_mm, reach_mm);
        for (std::size_t i = 0; i < things.size(); ++i) {
            if (i == number || things[i].place.sheet != thing.place.sheet)
                continue;
            const Box other = things[i].box();
            across.offer(box.x0, other.x0, reach_mm);
            across.offer(box.x1, other.x1, reach_mm);
            across.offer(box.x0, other.x1 + apart, reach_mm);
            across.offer(box.x1, other.x0 - apart, reach_mm);
            up.offer(box.y0, other.y0, reach_mm);
            up.offer(box.y1, other.y1, reach_mm);
            up.offer(box.y0, other.y1 + apart, reach_mm);
            up.offer(box.y1, other.y0 - apart, reach_mm);
        }
        return {across, up};
    }
};

SheetRoom::SheetRoom(std::span<const SharedOutline> items, const Placed& placed, const SheetSize& sheet,
                     double spacing_mm)
    : m_lying(std::make_unique<Lying>())
{
    m_lying->sheet = sheet;
    m_lying->spacing_mm = spacing_mm;
    m_lying->items = items;
    for (const auto& place : placed.places)
        m_lying->things.push_back(m_lying->thingOf(place));
}

SheetRoom::~SheetRoom() = default;
SheetRoom::SheetRoom(SheetRoom&&) noexcept = default;

bool SheetRoom::isFree(std::size_t place, const Placement& there) const
{
    return m_lying->isFree(place, m_lying->thingOf(there));
}

SheetRoom::Rest SheetRoom::atRest(std::size_t place, const Placement& there, double reach_mm) const
{
    const auto thing = m_lying->thingOf(there);
    const auto steps = m_lying->stepsOf(place, thing, reach_mm);
    const auto &across = steps.first, &up = steps.second;
    const auto with = [&](bool takes_across, bool takes_up) {
        Rest rest{there};
        if (takes_across) {
            rest.there.at_mm.x += across.by_mm;
            rest.x_mm = across.line_mm;
        }
        if (takes_up) {
            rest.there.at_mm.y += up.by_mm;
            rest.y_mm = up.line_mm;
        }
        return rest;
    };
    for (const auto& [takes_across, takes_up] : {std::pair(true, true), {true, false}, {false, true}}) {
        if ((takes_across && !across.line_mm) || (takes_up && !up.line_mm))
            continue;
        const Rest rest = with(takes_across, takes_up);
        if (isFree(place, rest.there))
            return rest;
    }
    return with(false, false);
}

void SheetRoom::move(std::size_t place, const Placement& there)
{
    m_lying->things[place] = m_lying->thingOf(there);
}

} // namespace ink
