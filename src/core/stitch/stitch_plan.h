// What a needle is to do: runs of stitches in layers, in the order in which they are sewn.
#pragma once

#include "core/geometry/segment.h"

#include <cstddef>
#include <cstdint>
#include <string>
#include <string_view>
#include <vector>

namespace ink {

/// Needle points lie on a grid of this (the unit of DST and EXP).
inline constexpr double kNeedleGrid_mm = 0.1;
/// The longest stitch a DST record holds: 121 units.
inline constexpr double kLongestStitch_mm = 12.1;
/// Shorter ones break thread (common practice, no source).
inline constexpr double kShortestStitch_mm = 0.3;
/// As wide as embroidery thread lies (weight 40, common practice, no source).
inline constexpr double kThread_mm = 0.4;

enum class StitchKind {
    Running,
    Satin,
    Fill,
    Blanket,
    Underlay,
    Travel,
    Lock,
    /// Of letters that come as stitches: kept to the stitch.
    AsMade
};
std::string_view idOf(StitchKind kind);

/// Stitches of one kind, needle down from the first point to the last.
struct StitchRun
{
    StitchKind kind = StitchKind::Running;
    /// Which part that holds together.
    std::size_t piece = 0;
    std::vector<Point> points;
    /// The thread is cut before it; else a stitch leads from the run before.
    bool is_trimmed_before = false;
};

enum class LayerKind { Letters, Placement, TackDown, Cover };
std::string_view idOf(LayerKind kind);

/// What is sewn without a stop.
struct StitchLayer
{
    LayerKind kind = LayerKind::Letters;
    /// Of the thread, "#a23a2b".
    std::string colour;
    std::vector<StitchRun> runs;
};

enum class ColumnKind { Running, Satin, SplitSatin, Fill };
std::string_view idOf(ColumnKind kind);

/// A stroke as it is sewn.
struct StitchColumn
{
    ColumnKind kind = ColumnKind::Satin;
    std::size_t piece = 0;
    /// Ends of its middle.
    Point from, to, middle;
    double least_width_mm = 0.0, width_mm = 0.0, most_width_mm = 0.0;
};

struct StitchPlan
{
    std::vector<StitchLayer> layers;
    std::vector<StitchColumn> columns;

    bool isEmpty() const { return layers.empty(); }
};

/// One step of a machine: a stitch to a place, a move without one, the thread cut before the move that follows, or a stop for
/// another colour or the next round.
struct NeedleStep
{
    enum class Kind : std::uint8_t { Stitch, Jump, Trim, Stop };
    Kind kind = Kind::Stitch;
    Point at;

    friend bool operator==(const NeedleStep&, const NeedleStep&) = default;
};
using NeedleWork = std::vector<NeedleStep>;

/// The plan as a machine takes it, from (0, 0): on the grid, no stitch longer than kLongestStitch_mm, a trim where a run asks for
/// it, a stop between layers.
NeedleWork workOf(const StitchPlan& plan);

/// Of the stitches, the threads' own width left out.
Box boxOf(const NeedleWork& work);

/// The nearest place of the grid.
Point onGrid(Point p);

} // namespace ink
