#include "core/design/along_shape.h"

#include "core/design/close_up.h"
#include "core/geometry/bend.h"
#include "core/geometry/flatten.h"

#include <algorithm>
#include <cmath>

namespace ink {
namespace {

/// Side profiles follow the curves within this, in u: 0.001 mm at an em of 50 mm.
constexpr double kProfileTolerance_u = 0.02;

Point middleOf(const Box& box)
{
    return {(box.x0 + box.x1) / 2, (box.y0 + box.y1) / 2};
}

Affine linearPart(const Affine& by)
{
    return {by.a, by.b, by.c, by.d, 0, 0};
}

/// Column by column: where it leads to the right, and up.
Point solved(const Affine& linear, Point by)
{
    const double determinant = linear.a * linear.d - linear.b * linear.c;
    if (std::abs(determinant) < 1e-9)
        return by;
    return {(by.x * linear.d - by.y * linear.c) / determinant,
            (by.y * linear.a - by.x * linear.b) / determinant};
}

/// The gap between two straight letters where they will stand, seen along the line between them, and its
/// place there.
std::optional<SideGap> gapAlong(const SetLetter& left, const SetLetter& right, const AlongShape& shape)
{
    const Affine a = shape.placeOf(left.foot()), b = shape.placeOf(right.foot());
    Point along = Point{a.a, a.b} + Point{b.a, b.b};
    along = along * (1.0 / std::max(1e-12, length(along)));
    const Affine level{along.x, -along.y, along.y, along.x, 0, 0};
    const auto profile = [&](const SetLetter& letter, const Affine& place) {
        Affine by = place.after(letter.glyphs.front().at);
        const Point e = level.map({by.e, by.f});
        by = {level.a * by.a + level.c * by.b,
              level.b * by.a + level.d * by.b,
              level.a * by.c + level.c * by.d,
              level.b * by.c + level.d * by.d,
              e.x,
              e.y};
        return SideProfile(transformed(bodyOf(*letter.glyphs.front().paths), by), kProfileTolerance_u);
    };
    auto gap = sideGap(profile(left, a), profile(right, b), {0, 0});
    if (gap)
        gap->at = {along.x * gap->at.x - along.y * gap->at.y, along.y * gap->at.x + along.x * gap->at.y};
    return gap;
}

} // namespace

AlongShape::AlongShape(const SetBlock& block)
    : m_shape(block.shape), m_map(shapeMap(block.shape, block.straight_ink)), m_origin(block.origin),
      m_ink(block.straight_ink)
{
}

Affine AlongShape::placeOf(Point foot) const
{
    Affine place = shapePlace(m_shape, m_map, m_ink, foot.x - m_origin.x);
    const Point origin = place.map({-m_origin.x, -m_origin.y}) + m_origin;
    place.e = origin.x;
    place.f = origin.y;
    return place;
}

PlacedPaths AlongShape::bentCurves(const PlacedPaths& straight, double tolerance_u) const
{
    const Paths moved = transformed(*straight.paths, {1, 0, 0, 1, straight.at.x, straight.at.y});
    const auto whole = [this](Point p) { return map(p); };
    return {std::make_shared<const Paths>(ink::bent(moved, whole, tolerance_u)), {0, 0}, straight.layer};
}

PlacedPaths AlongShape::bentChords(const PlacedPaths& straight, double tolerance_u) const
{
    ContourPen pen;
    for (const auto& contour : *straight.paths) {
        bool is_first = true;
        for (const Point p : flattened(contour, tolerance_u)) {
            is_first ? pen.moveTo(map(p + straight.at)) : pen.lineTo(map(p + straight.at));
            is_first = false;
        }
        pen.close();
    }
    return {std::make_shared<const Paths>(pen.take()), {0, 0}, straight.layer};
}

Box AlongShape::bentBox(const PlacedPaths& straight) const
{
    constexpr double kBoxTolerance_u = 2.0;
    Box box;
    for (const auto& contour : *straight.paths)
        for (const Point p : flattened(contour, kBoxTolerance_u))
            box.add(map(p + straight.at));
    return box;
}

Point AlongShape::straightMove(Point foot, Point at, Point by) const
{
    if (!m_shape.bends)
        return solved(linearPart(placeOf(foot)), by);
    // Newton's method; the map is smooth and changes little over a letter.
    constexpr int kMostSteps = 12;
    constexpr double kReach_u = 0.5, kMet_u = 1e-6;
    const Point wanted = map(at) + by;
    Point move{};
    for (int step = 0; step < kMostSteps; ++step) {
        const Point here = at + move, off = wanted - map(here);
        if (length(off) < kMet_u)
            break;
        const Point across =
            (map(here + Point{kReach_u, 0}) - map(here - Point{kReach_u, 0})) * (0.5 / kReach_u);
        const Point up = (map(here + Point{0, kReach_u}) - map(here - Point{0, kReach_u})) * (0.5 / kReach_u);
        move = move + solved({across.x, across.y, up.x, up.y, 0, 0}, off);
    }
    // Nothing on a shape comes to every place of the paper (the middle of a circle): then the hand leads.
    return std::isfinite(move.x) && std::isfinite(move.y) && length(map(at + move) - wanted) < 1.0 ? move
                                                                                                   : by;
}

const SetBlock* shapedBlock(const Setting& setting, std::size_t block)
{
    const auto it = std::ranges::find(setting.blocks, block, &SetBlock::block);
    return it != setting.blocks.end() && it->shape.kind != ShapeKind::None ? &*it : nullptr;
}

std::optional<AlongShape> bending(const Setting& setting, const SetLetter& letter)
{
    const auto* block = shapedBlock(setting, letter.block);
    return block && block->shape.bends ? std::optional(AlongShape(*block)) : std::nullopt;
}

std::optional<AlongShape> bending(const Setting& setting, const PlacedOutline& piece)
{
    const auto* block = piece.bends ? shapedBlock(setting, piece.block) : nullptr;
    return block ? std::optional(AlongShape(*block)) : std::nullopt;
}

// What bends goes with the hand at its middle: its edges bend on the way.
Point straightMove(const Setting& setting, const SetLetter& letter, Point by)
{
    const auto* block = shapedBlock(setting, letter.block);
    return block ? AlongShape(*block).straightMove(letter.foot(), middleOf(letter.ink), by) : by;
}

Point straightMove(const Setting& setting, const SetLetter& letter, const PlacedOutline& hung, Point by)
{
    const auto* block = shapedBlock(setting, letter.block);
    if (!block || hung.glyphs.empty())
        return by;
    const auto& glyph = hung.glyphs.front();
    return AlongShape(*block).straightMove(letter.foot(), middleOf(bounds(*glyph.paths)) + glyph.at, by);
}

Point offsetFrom(const Setting& setting, const SetLetter& letter, Point place)
{
    const auto* block = shapedBlock(setting, letter.block);
    const Point foot = !block               ? letter.foot()
                       : block->shape.bends ? AlongShape(*block).map(letter.foot())
                                            : AlongShape(*block).placeOf(letter.foot()).map(letter.foot());
    return block ? AlongShape(*block).straightMove(letter.foot(), letter.foot(), place - foot) : place - foot;
}

namespace detail {

void keepAlong(SetLetter& letter, const AlongShape& shape)
{
    const Affine place = shape.placeOf(letter.foot());
    letter.drawn = linearPart(place).after(letter.drawn);
    letter.ink = {};
    for (auto& glyph : letter.glyphs) {
        glyph = {std::make_shared<const Paths>(transformed(*glyph.paths, linearPart(place))),
                 place.map(glyph.at), glyph.layer};
        const Box ink = bounds(*glyph.paths);
        letter.ink.add(Point{ink.x0, ink.y0} + glyph.at);
        letter.ink.add(Point{ink.x1, ink.y1} + glyph.at);
    }
}

double closeUpAlongShape(std::span<SetLetter> letters, std::span<ClosePair> pairs, const SetBlock& block,
                         double depth)
{
    const AlongShape shape(block);
    double largest = 0.0, shift = 0.0;
    std::size_t next = 0;
    for (auto& pair : pairs) {
        if (pair.state == ClosePair::State::LeftAsDrawn || pair.state == ClosePair::State::NoCommonHeight)
            continue;
        const auto gap = gapAlong(letters[pair.left], letters[pair.right], shape);
        if (!gap)
            continue;
        for (; next < pair.right; ++next)
            moveLetter(letters[next], {shift, 0.0});
        const double missing = gap->distance + depth;
        const double moved = std::min(0.0, pair.moved - missing);
        largest = std::max(largest, std::abs(moved - pair.moved));
        shift += moved - pair.moved;
        pair.moved = moved;
        if (missing <= 0.0 || moved < 0.0)
            pair.state = ClosePair::State::Joins;
    }
    for (; next < letters.size(); ++next)
        moveLetter(letters[next], {shift, 0.0});
    return largest;
}

void meetAlongShape(std::span<const SetLetter> letters, std::span<ClosePair> pairs, const AlongShape& shape,
                    bool was_closed_up)
{
    for (auto& pair : pairs) {
        if (!letters[pair.left].hasInk() || !letters[pair.right].hasInk())
            continue;
        const auto gap = gapAlong(letters[pair.left], letters[pair.right], shape);
        pair.at = gap ? gap->at : shape.placeOf(letters[pair.left].foot()).map(pair.at);
        if (gap && !was_closed_up && pair.state != ClosePair::State::LeftAsDrawn)
            pair.state = gap->distance <= 0.0 ? ClosePair::State::Joins : ClosePair::State::Apart;
    }
}

} // namespace detail
} // namespace ink
