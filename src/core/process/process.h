// What makes the thing, and what that can hold: the smallest strokes, gaps and pieces that come out well.
#pragma once

#include <span>
#include <string_view>

namespace ink {

enum class Process {
    KnifeVinyl,
    KnifeHeatTransfer,
    KnifeCard,
    LaserWood,
    Stencil,
    Pen,
    Applique,
    Satin,
    PaperPattern,
};

/// A blade or a beam follows the outline.
inline bool isCut(Process process)
{
    return process == Process::KnifeVinyl || process == Process::KnifeHeatTransfer ||
           process == Process::KnifeCard || process == Process::LaserWood || process == Process::Stencil;
}

/// What is between and inside the letters is picked off the backing.
inline bool isWeeded(Process process)
{
    return process == Process::KnifeVinyl || process == Process::KnifeHeatTransfer;
}

/// Stitches, not cuts.
inline bool isSewn(Process process)
{
    return process == Process::Satin || process == Process::Applique;
}

/// How a process is spoken of: "Knife" "in adhesive vinyl". `id` is what files hold.
struct ProcessInfo
{
    Process process;
    std::string_view id;
    std::string_view tool;
    std::string_view in_what;
    /// Heat-transfer material is cut mirrored (common practice, no source).
    bool is_mirrored;
};

std::span<const ProcessInfo> allProcesses();
const ProcessInfo& infoOf(Process process);

struct ProcessLimits
{
    /// From here on no care is needed, and below the floor it will fail.
    double stroke_comfortable_mm = 1.0;
    double stroke_floor_mm = 0.5;
    double gap_mm = 0.5;
    double smallest_piece_mm2 = 2.0;
    /// Middles smaller than this close while cutting, or cannot be weeded.
    double smallest_middle_mm2 = 0.5;
    /// Of a stencil's bridges.
    double bridge_mm = 2.0;

    friend bool operator==(const ProcessLimits&, const ProcessLimits&) = default;
};

/// Defaults, from memory of the trade, no published source; the person may change them.
ProcessLimits defaultLimits(Process process);

/// Largest width, and largest piece, that a process can be said to need.
inline constexpr double kMaxLimit_mm = 100.0;
inline constexpr double kMaxLimit_mm2 = 10000.0;
/// The nearest limits that make sense: none negative or beyond the largest, the comfortable stroke no thinner
/// than the floor. What is not a number becomes 0.
ProcessLimits sensible(ProcessLimits limits);

} // namespace ink
