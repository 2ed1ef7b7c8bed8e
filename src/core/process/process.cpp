#include "core/process/process.h"

#include <algorithm>
#include <array>

namespace ink {
namespace {

constexpr std::array kProcesses{
    ProcessInfo{Process::KnifeVinyl, "knife-vinyl", "Knife", "in adhesive vinyl", false},
    ProcessInfo{Process::KnifeHeatTransfer, "knife-heat-transfer", "Knife", "in heat-transfer material",
                true},
    ProcessInfo{Process::KnifeCard, "knife-card", "Knife", "in card", false},
    ProcessInfo{Process::LaserWood, "laser-wood", "Laser", "in wood", false},
    ProcessInfo{Process::Stencil, "stencil", "Stencil", "to paint through", false},
    ProcessInfo{Process::Pen, "pen", "Pen", "on paper or card", false},
    ProcessInfo{Process::Applique, "applique", "Appliqué", "on cloth", false},
    ProcessInfo{Process::Satin, "satin", "Satin", "on cloth", false},
    ProcessInfo{Process::PaperPattern, "paper-pattern", "Paper pattern", "to trace", false},
};

} // namespace

std::span<const ProcessInfo> allProcesses()
{
    return kProcesses;
}

const ProcessInfo& infoOf(Process process)
{
    return *std::ranges::find(kProcesses, process, &ProcessInfo::process);
}

ProcessLimits defaultLimits(Process process)
{
    switch (process) {
    case Process::KnifeVinyl:
        return {1.0, 0.5, 0.5, 2.0, 0.5};
    case Process::KnifeHeatTransfer:
        return {1.0, 0.7, 0.7, 3.0, 0.8};
    case Process::KnifeCard:
        return {1.5, 1.5, 1.0, 4.0, 1.0};
    case Process::LaserWood:
        return {1.5, 1.5, 0.8, 9.0, 0.8};
    case Process::Stencil:
        return {1.5, 1.5, 2.0, 0.0, 0.0};
    case Process::Pen: // one line of an ordinary pen
        return {0.5, 0.5, 0.5, 0.0, 0.0};
    case Process::Applique: // the gap is twice the cover of 3.5 mm
        return {10.0, 10.0, 7.0, 100.0, 50.0};
    case Process::Satin: // narrower gaps close when they are sewn
        return {1.0, 1.0, 0.8, 0.0, 0.0};
    case Process::PaperPattern:
        return {1.5, 1.0, 1.0, 4.0, 1.0};
    }
    return {};
}

ProcessLimits sensible(ProcessLimits limits)
{
    const auto within = [](double value, double most) { return value > 0.0 ? std::min(value, most) : 0.0; };
    limits.stroke_floor_mm = within(limits.stroke_floor_mm, kMaxLimit_mm);
    limits.stroke_comfortable_mm =
        std::max(limits.stroke_floor_mm, within(limits.stroke_comfortable_mm, kMaxLimit_mm));
    limits.gap_mm = within(limits.gap_mm, kMaxLimit_mm);
    limits.smallest_piece_mm2 = within(limits.smallest_piece_mm2, kMaxLimit_mm2);
    limits.smallest_middle_mm2 = within(limits.smallest_middle_mm2, kMaxLimit_mm2);
    limits.bridge_mm = within(limits.bridge_mm, kMaxLimit_mm);
    return limits;
}

} // namespace ink
