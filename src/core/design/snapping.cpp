#include "core/design/snapping.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <vector>

namespace ink {
namespace {

struct Lines
{
    std::vector<double> own, others;
};

/// The smallest move that brings a line of the block onto one of the others, and where.
std::optional<std::pair<double, double>> nearest(const Lines& lines, double by, double near)
{
    std::optional<std::pair<double, double>> best;
    for (const double own : lines.own)
        for (const double other : lines.others)
            if (const double off = other - (own + by);
                std::abs(off) < near && (!best || std::abs(off) < std::abs(best->first)))
                best = {off, other};
    return best;
}

/// Outlines are looked at on chords this near, in u.
constexpr double kTolerance_u = 0.25;
/// Outlines of older shapes are let go of at this many.
constexpr std::size_t kMostKept = 400;

} // namespace

Snap snapped(const Setting& setting, std::size_t index, const std::vector<Guide>& guides, Point by,
             double near)
{
    const auto& block = setting.blocks[index];
    Lines upright, level;
    for (const auto& other : setting.blocks) {
        auto& x = other.block == block.block ? upright.own : upright.others;
        auto& y = other.block == block.block ? level.own : level.others;
        x.insert(x.end(), {other.ink.x0, (other.ink.x0 + other.ink.x1) / 2, other.ink.x1});
        y.insert(y.end(), {other.ink.y0, other.ink.y1});
    }
    for (const auto& line : setting.lines) {
        auto& y = line.block == block.block ? level.own : level.others;
        y.insert(y.end(), {line.baseline, line.baseline + line.x_height});
    }
    for (const auto& guide : guides)
        (guide.is_upright ? upright : level).others.push_back(guide.at_em * kU_per_em);
    Snap snap{by, {}, {}};
    if (const auto x = nearest(upright, by.x, near)) {
        snap.by.x += x->first;
        snap.x = x->second;
    }
    if (const auto y = nearest(level, by.y, near)) {
        snap.by.y += y->first;
        snap.y = y->second;
    }
    return snap;
}

std::optional<Point> grownNear(const std::vector<StrokeEnd>& on, const std::vector<StrokeEnd>& of, Point by,
                               double near)
{
    std::optional<Point> best;
    for (const auto& growth : growths(on, of, 1.0)) // the best fit first
        if (!growth.is_mirrored && length(growth.move - by) < near)
            if (!best || length(growth.move - by) < length(*best - by))
                best = growth.move;
    return best;
}

const ShapeChords& InkDistances::chordsOf(const std::shared_ptr<const Paths>& paths)
{
    return m_chords.try_emplace(paths, *paths, kTolerance_u).first->second;
}

std::optional<double> InkDistances::between(std::span<const PlacedPaths> some,
                                            std::span<const PlacedPaths> others)
{
    struct Pair
    {
        double boxes;
        const PlacedPaths *one, *other;
    };
    const auto boxOf = [](const PlacedPaths& glyph) {
        const Box box = bounds(*glyph.paths);
        return Box{box.x0 + glyph.at.x, box.y0 + glyph.at.y, box.x1 + glyph.at.x, box.y1 + glyph.at.y};
    };
    std::vector<Box> other_boxes;
    for (const auto& other : others)
        other_boxes.push_back(boxOf(other));
    std::vector<Pair> pairs;
    for (const auto& one : some) {
        const Box box = boxOf(one);
        for (std::size_t i = 0; i < others.size(); ++i)
            if (!one.paths->empty() && !others[i].paths->empty())
                pairs.push_back({distanceOf(box, other_boxes[i]), &one, &others[i]});
    }
    if (pairs.empty())
        return {};
    if (m_chords.size() > kMostKept)
        m_chords.clear();
    // The nearest boxes first: what is found there spares the others.
    std::ranges::sort(pairs, {}, &Pair::boxes);
    double nearest = std::numeric_limits<double>::max();
    for (const auto& [boxes, one, other] : pairs) {
        if (boxes >= nearest)
            break;
        const auto& a = chordsOf(one->paths);
        const auto& b = chordsOf(other->paths);
        nearest = distanceOf(a, one->at, b, other->at, nearest);
    }
    return nearest;
}

} // namespace ink
