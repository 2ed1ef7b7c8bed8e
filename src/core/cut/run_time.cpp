#include "core/cut/run_time.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace ink {
namespace {

/// Lengths between corners.
std::vector<double> straightRuns(const ToolPath& path)
{
    std::vector<double> out{0.0};
    for (std::size_t i = 0; i < path.segments.size(); ++i) {
        if (i > 0) {
            const Point a = path.segments[i - 1].endTangent(), b = path.segments[i].startTangent();
            if (std::abs(std::atan2(cross(a, b), dot(a, b))) >= kCorner_deg * std::numbers::pi / 180.0)
                out.push_back(0.0);
        }
        out.back() += path.segments[i].arcLength();
    }
    return out;
}

} // namespace

double timeFor_s(double length_mm, double speed_mm_s, double acceleration_mm_s2)
{
    if (length_mm <= 0.0 || speed_mm_s <= 0.0 || acceleration_mm_s2 <= 0.0)
        return 0.0;
    return length_mm >= speed_mm_s * speed_mm_s / acceleration_mm_s2
               ? length_mm / speed_mm_s + speed_mm_s / acceleration_mm_s2
               : 2.0 * std::sqrt(length_mm / acceleration_mm_s2);
}

Run timed(std::vector<ToolPath> paths, const MachinePace& pace, Point home)
{
    Run run;
    run.paths = std::move(paths);
    Point tool = home;
    double now = 0.0;
    for (std::size_t i = 0; i < run.paths.size(); ++i) {
        const auto& path = run.paths[i];
        RunPart part;
        part.path = i;
        part.start_s = now;
        part.air_mm = length(path.start() - tool);
        now += timeFor_s(part.air_mm, pace.travel_mm_s, pace.acceleration_mm_s2) + 0.5 * pace.lift_s;
        part.down_s = now;
        for (const double run_mm : straightRuns(path)) {
            part.length_mm += run_mm;
            now += std::max(1, pace.passes) * timeFor_s(run_mm, pace.cut_mm_s, pace.acceleration_mm_s2);
        }
        now += 0.5 * pace.lift_s;
        part.end_s = now;
        tool = path.end();
        run.cut_length_mm += part.length_mm;
        run.air_length_mm += part.air_mm;
        run.parts.push_back(part);
    }
    run.air_length_mm += length(home - tool);
    run.duration_s = now + timeFor_s(length(home - tool), pace.travel_mm_s, pace.acceleration_mm_s2);
    return run;
}

Run::At Run::at(double time_s) const
{
    At out;
    if (parts.empty())
        return out;
    const auto after = std::ranges::upper_bound(parts, time_s, {}, &RunPart::end_s);
    out.part = std::min(std::size_t(after - parts.begin()), parts.size() - 1);
    const RunPart& part = parts[out.part];
    const ToolPath& path = paths[part.path];
    const Point from = out.part == 0 ? Point{} : paths[parts[out.part - 1].path].end();
    if (time_s < part.down_s) {
        const double whole = part.down_s - part.start_s;
        out.tool = lerp(from, path.start(),
                        whole > 0.0 ? std::clamp((time_s - part.start_s) / whole, 0.0, 1.0) : 1.0);
        return out;
    }
    const double whole = part.end_s - part.down_s;
    out.share = whole > 0.0 ? std::clamp((time_s - part.down_s) / whole, 0.0, 1.0) : 1.0;
    out.is_down = out.share < 1.0;
    double left_mm = out.share * part.length_mm;
    out.tool = path.end();
    for (const auto& s : path.segments) {
        const double l = s.arcLength();
        if (left_mm <= l) {
            out.tool = s.pointAt(parameterAt(s, left_mm));
            break;
        }
        left_mm -= l;
    }
    return out;
}

} // namespace ink
