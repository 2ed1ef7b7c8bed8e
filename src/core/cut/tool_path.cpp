#include "core/cut/tool_path.h"

#include "core/geometry/flatten.h"
#include "core/geometry/nesting.h"
#include "core/geometry/stroke.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

namespace ink {
namespace {

constexpr double kSmooth_mm = 0.005;
/// A turn below this is not worth an arc.
constexpr double kLeastTurn_rad = 0.5 * std::numbers::pi / 180.0;

/// The stretch between two lengths along the segments.
std::vector<Segment> stretch(const std::vector<Segment>& segments, double from_mm, double to_mm)
{
    std::vector<Segment> out;
    double at = 0.0;
    for (const auto& s : segments) {
        const double l = s.arcLength();
        const double a = std::clamp((from_mm - at) / std::max(l, 1e-12), 0.0, 1.0),
                     b = std::clamp((to_mm - at) / std::max(l, 1e-12), 0.0, 1.0);
        if (b > a && l > 0.0)
            out.push_back(a <= 0.0 && b >= 1.0 ? s : s.part(parameterAt(s, a * l), parameterAt(s, b * l)));
        at += l;
        if (at >= to_mm)
            break;
    }
    for (std::size_t i = 0; i + 1 < out.size(); ++i)
        out[i + 1] = out[i + 1].withEnds(out[i].end(), out[i + 1].end());
    return out;
}

/// Round `centre` from one direction to the other, the shorter way.
void addArc(std::vector<Segment>& out, Point centre, double radius, Point from, Point to)
{
    const double turn = std::atan2(cross(from, to), dot(from, to));
    const int parts = std::max(1, int(std::ceil(std::abs(turn) / (std::numbers::pi / 2) - 1e-9)));
    const double step = turn / parts, handle = 4.0 / 3.0 * std::tan(step / 4.0);
    for (int i = 0; i < parts; ++i) {
        const double a = step * i, b = step * (i + 1);
        const auto at = [&](double angle) {
            return Point{from.x * std::cos(angle) - from.y * std::sin(angle),
                         from.x * std::sin(angle) + from.y * std::cos(angle)};
        };
        const Point p = at(a), q = i + 1 == parts ? to : at(b);
        const Point pt{-p.y, p.x}, qt{-q.y, q.x};
        out.push_back(Segment::cubic(centre + p * radius, centre + (p + pt * handle) * radius,
                                     centre + (q - qt * handle) * radius, centre + q * radius));
    }
}

double turnBetween(Point a, Point b)
{
    return std::abs(std::atan2(cross(a, b), dot(a, b)));
}

} // namespace

double parameterAt(const Segment& segment, double length_mm)
{
    if (segment.kind == SegmentKind::Line)
        return length_mm / std::max(segment.arcLength(), 1e-12);
    // Newton on the arc length, kept inside by bisection.
    double low = 0.0, high = 1.0, t = length_mm / std::max(segment.arcLength(), 1e-12);
    for (int i = 0; i < 40 && high - low > 1e-12; ++i) {
        const double off = segment.part(0.0, t).arcLength() - length_mm;
        if (std::abs(off) < 1e-9)
            break;
        (off > 0.0 ? high : low) = t;
        const double speed = length(segment.derivativeAt(t));
        const double next = speed > 0.0 ? t - off / speed : 0.5 * (low + high);
        t = next > low && next < high ? next : 0.5 * (low + high);
    }
    return t;
}

std::string_view idOf(Operation operation)
{
    static constexpr std::array<std::string_view, 5> kIds{"pen", "score", "mark", "cut", "frame"};
    return kIds[std::size_t(operation)];
}

double ToolPath::length_mm() const
{
    double sum = 0.0;
    for (const auto& s : segments)
        sum += s.arcLength();
    return sum;
}

ToolPath ToolPath::reversed() const
{
    ToolPath out = *this;
    out.segments.clear();
    for (auto s = segments.rbegin(); s != segments.rend(); ++s)
        out.segments.push_back(s->reversed());
    return out;
}

void addRings(std::vector<ToolPath>& paths, const Outline& on_sheet_mm, Operation operation,
              std::size_t design, std::size_t first_piece)
{
    for (std::size_t i = 0; i < on_sheet_mm.pieces.size(); ++i) {
        const auto& p = on_sheet_mm.pieces[i];
        const std::size_t piece = first_piece + i;
        paths.push_back({p.outer.segments, true, operation, design, piece, false});
        for (const auto& middle : p.middles)
            paths.push_back({middle.segments, true, operation, design, piece, true});
    }
}

ToolPath withOvercut(const ToolPath& path, double overcut_mm)
{
    if (!path.is_closed || overcut_mm <= 0.0)
        return path;
    ToolPath out = path;
    out.is_closed = false;
    const auto more = stretch(path.segments, 0.0, std::min(overcut_mm, path.length_mm()));
    out.segments.insert(out.segments.end(), more.begin(), more.end());
    return out;
}

ToolPath aheadOf(const ToolPath& path, double offset_mm)
{
    if (offset_mm <= 0.0)
        return path;
    ToolPath out = path;
    out.segments.clear();
    out.is_closed = false;
    const auto& segments = path.segments;
    for (std::size_t i = 0; i < segments.size(); ++i) {
        const auto& s = segments[i];
        const Point start = unitVector(s.startTangent()), end = unitVector(s.endTangent());
        if (s.kind == SegmentKind::Line) {
            out.segments.push_back(Segment::line(s.start() + start * offset_mm, s.end() + end * offset_mm));
        } else {
            // A tangent turns at most 2 degrees between samples.
            const int chords = std::max(16, chordCount(s, kSmooth_mm / 8.0));
            std::vector<Point> samples;
            for (int k = 0; k <= chords; ++k) {
                const double t = double(k) / chords;
                const Point tangent = k == 0        ? start
                                      : k == chords ? end
                                                    : unitVector(s.derivativeAt(t), start);
                samples.push_back(s.pointAt(t) + tangent * offset_mm);
            }
            const auto fitted = smoothed(samples, kSmooth_mm / 2.0);
            out.segments.insert(out.segments.end(), fitted.segments.begin(), fitted.segments.end());
        }
        const bool is_last = i + 1 == segments.size();
        if (is_last && !path.is_closed)
            break;
        const Point next = unitVector(segments[is_last ? 0 : i + 1].startTangent());
        if (turnBetween(end, next) > kLeastTurn_rad)
            addArc(out.segments, s.end(), offset_mm, end, next);
    }
    for (std::size_t i = 0; i + 1 < out.segments.size(); ++i) // what was not worth an arc
        if (out.segments[i].end() != out.segments[i + 1].start())
            out.segments[i + 1] =
                out.segments[i + 1].withEnds(out.segments[i].end(), out.segments[i + 1].end());
    return out;
}

std::vector<ToolPath> withTabs(const ToolPath& path, int count, double width_mm)
{
    const double round_mm = path.length_mm();
    if (!path.is_closed || count < 1 || width_mm <= 0.0 || round_mm < 4.0 * width_mm * count)
        return {path};
    // Corners, as lengths along the path: gaps keep off them.
    std::vector<double> corners;
    double at = 0.0;
    for (std::size_t i = 0; i < path.segments.size(); ++i) {
        const auto& before = path.segments[(i + path.segments.size() - 1) % path.segments.size()];
        if (turnBetween(unitVector(before.endTangent()), unitVector(path.segments[i].startTangent())) >
            kCorner_deg * std::numbers::pi / 180.0)
            corners.push_back(at);
        at += path.segments[i].arcLength();
    }
    const auto toCorner = [&](double mm) {
        double least = round_mm;
        for (const double corner : corners) {
            const double off = std::abs(mm - corner);
            least = std::min(least, std::min(off, round_mm - off));
        }
        return least;
    };
    std::vector<double> gaps;
    const double step = round_mm / count;
    for (int i = 0; i < count; ++i) {
        // Of the middle half of its share, the place furthest from a corner, near the middle where several are as good.
        double best = (i + 0.5) * step, best_off = std::min(toCorner(best), 2.0 * width_mm);
        for (int k = 0; k <= 20; ++k) {
            const double mm = (i + 0.25 + 0.5 * k / 20.0) * step,
                         off = std::min(toCorner(mm), 2.0 * width_mm);
            if (off > best_off + 1e-9) {
                best = mm;
                best_off = off;
            }
        }
        gaps.push_back(best);
    }
    std::vector<ToolPath> out;
    std::vector<Segment> twice = path.segments;
    twice.insert(twice.end(), path.segments.begin(), path.segments.end());
    for (std::size_t i = 0; i < gaps.size(); ++i) {
        const double from = gaps[i] + 0.5 * width_mm,
                     to = (i + 1 < gaps.size() ? gaps[i + 1] : gaps[0] + round_mm) - 0.5 * width_mm;
        ToolPath part = path;
        part.is_closed = false;
        part.segments = stretch(twice, from, to);
        out.push_back(std::move(part));
    }
    return out;
}

} // namespace ink
