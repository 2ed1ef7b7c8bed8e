// One boolean of curves, verified: chords, clipping, curves again, and a look whether they cross.
// The weld, booleans of outlines and offsets all run through here. Internal.
#pragma once

#include "core/base/cancel.h"
#include "core/base/result.h"
#include "core/geometry/engine/chord_boolean.h"
#include "core/geometry/path.h"

#include <span>
#include <vector>

namespace ink::detail {

/// Chords no further than this from their curves keep the topology of letters; 2 u did not.
inline constexpr double kChordTolerance_u = 0.25;
/// Edges of letters that were turned, sized or bent and come nearer than this were meant to meet.
inline constexpr double kMeeting_u = 0.05;
inline constexpr double kMaxEm = 4000.0;
inline constexpr std::size_t kMaxNodes = 2'000'000;
inline constexpr std::size_t kMaxChords = 4'000'000;

/// What the engine did; WeldStats explains the words.
struct EngineStats
{
    std::vector<Point> crossings;
    std::size_t unrefined = 0;
    std::size_t absorbed = 0;
    std::size_t spikes = 0;
    std::size_t specks = 0;
    std::size_t lost_edges = 0;
    std::size_t finer = 0;
    std::size_t polygonal = 0;

    double union_ms = 0.0;
    double curves_ms = 0.0;
    double check_ms = 0.0;
};

/// Contours at their place. `chords` are theirs at kChordTolerance_u where they are at hand already.
struct EngineShape
{
    const Paths* paths = nullptr;
    const ChordShape* chords = nullptr;
    GridPoint at;
    bool is_clip = false;
    /// As in PlacedChords.
    bool is_clean = false;
};

/// Refuses what cannot be computed with: NonFinite, CoordinateOutOfRange, TooManyNodes.
/// `at` is added to every coordinate of `paths`; `nodes` grows by theirs.
Result<void> checkInput(const Paths& paths, Point at, Unit unit, std::size_t& nodes);

/// The rings of the result: outer ones counter-clockwise, middles clockwise. Adds to `stats`. Rings that
/// cross deeper than 0.05 u, or whose curves had to be bent by more than that to meet, are made again on
/// chords 16 times closer to the curves of the shapes concerned, then of all, and stay polygons if they still
/// are doubtful.
/// Errors: TooManyNodes, TooComplex, WeldFailed, Cancelled.
Result<std::vector<Contour>> combineCurves(std::span<const EngineShape> shapes, BooleanOp op, FillRule rule,
                                           const Grid& grid, const CancelToken& cancel, EngineStats& stats);

/// Milliseconds since it was made.
class Stopwatch
{
public:
    double elapsed_ms() const;

private:
    std::int64_t m_start_ns = now_ns();
    static std::int64_t now_ns();
};

} // namespace ink::detail
