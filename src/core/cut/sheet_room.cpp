#include "core/cut/sheet_room.h"

#include "core/geometry/box.h"
#include "core/geometry/chord_index.h"
#include "core/geometry/distance.h"
#include "core/geometry/flatten.h"
#include "core/geometry/nesting.h"

#include <map>

namespace ink {
namespace {

constexpr double kLyingFlat_mm = 0.01;
/// Distances are kept with this to spare, for what chords and rounding take.
constexpr double kSpare_mm = 0.005;

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

void SheetRoom::move(std::size_t place, const Placement& there)
{
    m_lying->things[place] = m_lying->thingOf(there);
}

} // namespace ink
