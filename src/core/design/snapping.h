// What is dragged, drawn to what is near: edges, middles, baselines, x-heights, guides, ends of strokes.
#pragma once

#include "core/design/setting.h"
#include "core/geometry/meeting.h"
#include "core/geometry/stroke_ends.h"

#include <map>
#include <optional>
#include <span>

namespace ink {

struct Snap
{
    /// Where the block is moved to, in u from where it stands, drawn to what is near.
    Point by;
    /// What it was drawn to: an upright line at x, a level one at y.
    std::optional<double> x, y;
};

/// `index` counts the setting's blocks; `by` is the hand's move, `near` how far it reaches, all in u.
Snap snapped(const Setting& setting, std::size_t index, const std::vector<Guide>& guides, Point by,
             double near);

/// A piece with the ends `of`, moved by `by`, drawn to an end it can grow on; nothing when none is near.
std::optional<Point> grownNear(const std::vector<StrokeEnd>& on, const std::vector<StrokeEnd>& of, Point by,
                               double near);

/// How far inks are apart, on their outlines. Outlines are looked at once and kept.
class InkDistances
{
public:
    /// In u; 0 where they meet, nothing when one of them is empty. Within 0.5 u.
    std::optional<double> between(std::span<const PlacedPaths> some, std::span<const PlacedPaths> others);

private:
    const ShapeChords& chordsOf(const std::shared_ptr<const Paths>& paths);
    std::map<std::shared_ptr<const Paths>, ShapeChords> m_chords;
};

} // namespace ink
