// Rungs to stitches.
#pragma once

#include "core/stitch/columns.h"

namespace ink {

struct SatinSettings
{
    /// Between stitches of the same side, on the longer rail.
    double spacing_mm = 0.4;
    /// Wider by this in all: thread pulls the cloth together.
    double pull_mm = 0.2;
};

/// Wider ones get a needle point between (common practice, no source).
inline constexpr double kSplit_mm = 7.0;
/// On the shorter rail every second stitch stops short where needle points fall nearer than this.
inline constexpr double kNearNeedles_mm = 0.3;

/// To and fro from one rung to another, backwards where `to` is less.
std::vector<Point> satin(std::span<const Rung> rungs, std::size_t from, std::size_t to,
                         const SatinSettings& settings);

/// The middle line between two rungs.
std::vector<Point> middleOf(std::span<const Rung> rungs, std::size_t from, std::size_t to);
/// A rail moved inwards by `inset_mm`, at most to the middle.
std::vector<Point> insetRail(std::span<const Rung> rungs, std::size_t from, std::size_t to, bool is_left,
                             double inset_mm);

} // namespace ink
