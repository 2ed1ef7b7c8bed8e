#include "core/proof/teeth.h"

#include "core/geometry/box.h"
#include "core/geometry/engine/crossing_guard.h"
#include "core/geometry/nesting.h"
#include "core/geometry/stroke.h"
#include "core/proof/changed_outline.h"

#include <algorithm>
#include <cmath>
#include <iterator>
#include <numbers>
#include <optional>
#include <span>

namespace ink {
namespace {

/// In widths: a segment of a ragged stretch is shorter, no edge moves further, and samples are this far apart.
constexpr double kShort = 0.2, kMost = 0.06, kStep = 0.02;
/// In samples, to both sides: what an edge is the mean of.
constexpr std::size_t kReach = 6;
/// A stretch is ragged when it turns this much more than it gets round.
constexpr double kRagged = std::numbers::pi / 4.0;
constexpr double kCrossingDepth_u = 0.05, kTolerance_u = 0.5;

double turnBetween(const Segment& in, const Segment& out)
{
    const Point a = in.endTangent(), b = out.startTangent();
    return std::atan2(cross(a, b), dot(a, b));
}

/// Equal steps along the stretch of a ring.
std::vector<Point> samplesOf(std::span<const Segment> stretch, double step)
{
    std::vector<Point> out{stretch.front().start()};
    double ahead = step; // of the last sample, to the next
    for (const auto& s : stretch) {
        constexpr int kChords = 8; // of a short curve
        Point from = s.start();
        for (int k = 1; k <= kChords; ++k) {
            const Point to = k == kChords ? s.end() : s.pointAt(double(k) / kChords);
            const double way = length(to - from);
            for (; ahead <= way; ahead += step)
                out.push_back(lerp(from, to, ahead / way));
            ahead -= way;
            from = to;
        }
    }
    out.push_back(stretch.back().end());
    return out;
}

/// Each sample the mean of those up to `reach` before and behind it, or as many as there are on both sides.
std::vector<Point> averaged(const std::vector<Point>& samples, std::size_t reach)
{
    std::vector<Point> out;
    for (std::size_t i = 0; i < samples.size(); ++i) {
        const std::size_t r = std::min({reach, i, samples.size() - 1 - i});
        Point sum;
        for (std::size_t k = i - r; k <= i + r; ++k)
            sum = sum + samples[k];
        out.push_back(sum * (1.0 / double(2 * r + 1)));
    }
    return out;
}

/// A ragged stretch in few curves; nothing when that moves it too far, or over one of the rings that lie in `boxes`.
std::optional<OpenPath> evened(std::span<const Segment> stretch, double width, double tolerance,
                               std::span<const Box> boxes)
{
    const auto samples = samplesOf(stretch, kStep * width);
    Box box;
    for (const Point p : samples)
        box.add(p);
    if (std::ranges::any_of(boxes, [&](const Box& ring) {
            return meets(ring, box) && ring.width() < box.width() && ring.height() < box.height();
        }))
        return {};
    const auto mean = averaged(samples, kReach);
    for (std::size_t i = 0; i < samples.size(); ++i)
        if (length(samples[i] - mean[i]) > kMost * width)
            return {};
    return smoothed(mean, tolerance);
}

/// One ring without its teeth; `stays` tells of a segment that it stays as it is.
template <typename Stays>
Contour withEvenStretches(const Contour& ring, double width, double tolerance, const Stays& stays,
                          std::span<const Box> boxes)
{
    const std::size_t n = ring.segments.size();
    const auto at = [&](std::size_t i) -> const Segment& { return ring.segments[i % n]; };
    const auto isLoose = [&](std::size_t i) {
        const Segment& s = at(i);
        return length(s.end() - s.start()) < kShort * width && !stays(s);
    };
    std::size_t first = 0;
    while (first < n && isLoose(first))
        ++first;
    if (first == n)
        return ring; // all of it would go
    Contour out;
    for (std::size_t i = first; i < first + n;) {
        std::size_t end = i;
        while (end < first + n && isLoose(end))
            ++end;
        if (end == i) {
            out.segments.push_back(at(i++));
            continue;
        }
        double turned = 0.0, round = 0.0;
        for (std::size_t k = i; k <= end; ++k) {
            const double turn = turnBetween(at(k + n - 1), at(k));
            turned += std::abs(turn);
            round += turn;
        }
        if (turned - std::abs(round) < kRagged) {
            for (; i < end; ++i)
                out.segments.push_back(at(i));
            continue;
        }
        std::vector<Segment> stretch;
        for (; i < end; ++i)
            stretch.push_back(at(i));
        const auto even = evened(stretch, width, tolerance, boxes);
        std::ranges::copy(even ? even->segments : stretch, std::back_inserter(out.segments));
    }
    return out;
}

} // namespace

Result<Outline> withoutTeeth(const Outline& drawn, const Outline& mended, std::span<const Box> changed,
                             double width, Unit unit, const CancelToken& cancel)
{
    const auto stays = stayingSegments(drawn, changed);
    const auto isCrossing = [&](const Paths& rings) {
        return !detail::crossingsOf(rings, kCrossingDepth_u * unit.u).empty();
    };
    const Paths before = toPaths(mended);
    std::vector<Box> boxes;
    for (const auto& ring : before)
        boxes.push_back(ring.bounds());
    Paths even;
    for (const auto& ring : before)
        even.push_back(withEvenStretches(ring, width, kTolerance_u * unit.u, stays, boxes));
    if (even != before && isCrossing(even)) { // one at a time
        Paths after = before;
        for (std::size_t i = 0; i < before.size(); ++i) {
            if (cancel.isCancelled())
                return fail(ErrorCode::Cancelled);
            if (even[i] == before[i])
                continue;
            after[i] = even[i];
            if (isCrossing(after))
                after[i] = before[i];
        }
        even = std::move(after);
    }
    return withFewerNodes(stays, nested(std::move(even)), unit, cancel);
}

} // namespace ink
