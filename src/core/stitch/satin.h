// Rungs to stitches.
#pragma once

#include "core/stitch/columns.h"

namespace ink {

/// Usual widest stitch of a satin (common practice, no source), and of rows that fill a stroke.
inline constexpr double kSplit_mm = 7.0, kRow_mm = 3.5;

struct SatinSettings
{
    /// Between stitches of the same side, on the longer rail.
    double spacing_mm = 0.4;
    /// Wider by this in all: thread pulls the cloth together.
    double pull_mm = 0.2;
    /// Wider ones get needle points between.
    double split_mm = kSplit_mm;
};

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
