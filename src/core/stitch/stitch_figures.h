// What a sewing takes, and what of it may go wrong.
#pragma once

#include "core/geometry/path.h"
#include "core/stitch/stitch_plan.h"
#include "core/stitch/stitch_settings.h"

#include <map>
#include <string>

namespace ink {

struct StitchFigures
{
    std::size_t stitches = 0;
    std::size_t trims = 0, stops = 0;
    double longest_mm = 0.0, shortest_mm = 0.0;
    /// Of the stitches those under kShortestStitch_mm.
    double short_share = 0.0;
    double thread_m = 0.0;
    double minutes = 0.0;
    Box box_mm;
    /// Of a plan with its outline; nothing of a file that is only read.
    double covers = 0.0, outside = 0.0;
    /// Layers of thread that all but a hundredth of it stay within.
    int thickest = 0;
};

/// Times: stitches by the speed, a stop and a trim by these (common practice, no source).
inline constexpr double kTrim_s = 6.0, kStop_s = 30.0;

StitchFigures figuresOf(const NeedleWork& work, double stitches_a_minute);
/// With what the threads cover; cloth that is laid on is covered by itself.
StitchFigures figuresOf(const StitchPlan& plan, const Outline& outline, const StitchSettings& settings);

enum class StitchFindingKind {
    LowLetters,
    ThinColumn,
    WideColumn,
    Thick,
    ShortStitches,
    Open,
    TooLargeForHoop
};
std::string_view idOf(StitchFindingKind kind);

struct StitchFinding
{
    StitchFindingKind kind{};
    /// The figure that is beyond its limit, and the limit: mm, layers or a share.
    double value = 0.0, limit = 0.0;
    Point at;
    /// How many places.
    int count = 1;
};

/// Limits of the trade (common practice, no source).
inline constexpr double kLowestLetters_mm = 5.0, kThinnestColumn_mm = 1.0, kWidestColumn_mm = 10.0;
inline constexpr int kMostLayers = 8;
/// Of all stitches, those under kShortestStitch_mm.
inline constexpr double kMostShortStitches = 0.01;
/// The worst of each kind.
std::vector<StitchFinding> findingsOf(const StitchPlan& plan, const StitchFigures& figures,
                                      const StitchSettings& settings);

/// The design turned by 90 degrees where only so it fits; nothing where it fits neither way. Without a hoop it fits.
enum class InHoop { Fits, FitsTurned, TooLarge };
InHoop inHoop(const Box& box_mm, const StitchSettings& settings);

} // namespace ink
