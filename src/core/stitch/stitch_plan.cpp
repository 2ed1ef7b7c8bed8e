#include "core/stitch/stitch_plan.h"

#include <array>
#include <cmath>

namespace ink {
namespace {

constexpr std::array<std::string_view, 8> kKinds{"running",  "satin",  "fill", "blanket",
                                                 "underlay", "travel", "lock", "as-made"};
constexpr std::array<std::string_view, 4> kLayers{"letters", "placement", "tack-down", "cover"};
constexpr std::array<std::string_view, 4> kColumns{"running", "satin", "split-satin", "fill"};

bool isLastBeforeTrim(const StitchLayer& layer, const StitchRun& run)
{
    const StitchRun* next = &run + 1;
    return next == layer.runs.data() + layer.runs.size() || next->is_trimmed_before;
}

} // namespace

std::string_view idOf(StitchKind kind)
{
    return kKinds[std::size_t(kind)];
}

std::string_view idOf(LayerKind kind)
{
    return kLayers[std::size_t(kind)];
}

std::string_view idOf(ColumnKind kind)
{
    return kColumns[std::size_t(kind)];
}

Point onGrid(Point p)
{
    const auto near = [](double v) { return std::round(v / kNeedleGrid_mm) * kNeedleGrid_mm; };
    return {near(p.x), near(p.y)};
}

NeedleWork workOf(const StitchPlan& plan)
{
    NeedleWork out;
    Point at;
    for (std::size_t layer = 0; layer < plan.layers.size(); ++layer) {
        if (layer > 0)
            out.push_back({NeedleStep::Kind::Stop, at});
        bool is_first = true;
        for (const auto& run : plan.layers[layer].runs) {
            if (run.points.empty())
                continue;
            const bool moves = is_first || run.is_trimmed_before;
            if (moves && !is_first)
                out.push_back({NeedleStep::Kind::Trim, at});
            for (std::size_t i = 0; i < run.points.size(); ++i) {
                const Point to = onGrid(run.points[i]);
                const double way = length(to - at);
                if (i == 0 && moves) {
                    out.push_back({NeedleStep::Kind::Jump, to});
                    out.push_back({NeedleStep::Kind::Stitch, to});
                    at = to;
                    continue;
                }
                // The needle is there, or nearly: a stitch too short breaks the thread. The last before a trim is kept.
                const bool is_last = i + 1 == run.points.size() && isLastBeforeTrim(plan.layers[layer], run);
                const bool is_kept = is_last || run.kind == StitchKind::AsMade;
                if (way < 0.5 * kNeedleGrid_mm || (way < kShortestStitch_mm - 1e-9 && !is_kept))
                    continue;
                const int parts = int(std::ceil(way / kLongestStitch_mm));
                for (int k = 1; k <= parts; ++k)
                    out.push_back({NeedleStep::Kind::Stitch, onGrid(lerp(at, to, double(k) / parts))});
                at = to;
            }
            is_first = false;
        }
    }
    return out;
}

Box boxOf(const NeedleWork& work)
{
    Box box;
    for (const auto& step : work)
        if (step.kind == NeedleStep::Kind::Stitch)
            box.add(step.at);
    return box;
}

} // namespace ink
