#include "core/geometry/engine/curve_rebuild.h"

#include "core/geometry/nearest.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace ink::detail {
namespace {

// All in u = 1/1000 em, found by trial on 252 words (docs/decisions/0003).
/// Stretches shorter than this are crumbs of the chords, not of the letters.
constexpr double kShortRun_u = 0.1;
/// Curves nearer than this along a whole stretch are one curve.
constexpr double kSameCurve_u = 0.05;
/// A node between two lines goes when they are this straight.
constexpr double kStraight_u = 0.02;
/// A spike is at least this many times longer than wide: sharp ends of letters are not.
constexpr double kSpikeRatio = 50.0;

} // namespace

void CurveRebuilder::turnRound(Span& span)
{
    std::ranges::reverse(span);
    for (auto& run : span) {
        std::swap(run.t0, run.t1);
        std::swap(run.start, run.end);
    }
}

Segment CurveRebuilder::curve(int shape, int index) const
{
    const auto& placed = m_shapes[static_cast<std::size_t>(shape)];
    Segment s = placed.shape->curves[static_cast<std::size_t>(index)];
    if (placed.at == GridPoint{})
        return s;
    const Point at = m_grid.toPoint(placed.at);
    for (std::size_t i = 0; i <= s.degree(); ++i)
        s.p[i] = s.p[i] + at;
    return s;
}

int CurveRebuilder::neighbour(int shape, int index, bool forward) const
{
    const auto& chords = *m_shapes[static_cast<std::size_t>(shape)].shape;
    return (forward ? chords.next : chords.previous)[static_cast<std::size_t>(index)];
}

/// Both walk one contour the same way, and `after` begins at the node where `before` ends.
bool CurveRebuilder::continues(const Run& before, const Run& after) const
{
    if (before.curve < 0 || after.curve < 0 || before.shape != after.shape ||
        before.isForward() != after.isForward())
        return false;
    const bool forward = before.isForward();
    return before.t1 == (forward ? 1.0 : 0.0) && after.t0 == (forward ? 0.0 : 1.0) &&
           neighbour(before.shape, before.curve, forward) == after.curve;
}

Point CurveRebuilder::pointOf(const Run& run, double t) const
{
    return run.curve < 0 ? lerp(run.start, run.end, t) : curve(run.shape, run.curve).pointAt(t);
}

std::vector<CurveRebuilder::Run> CurveRebuilder::runsOf(const ChordRing& ring) const
{
    const auto goesOn = [](const Run& before, const Run& after, double step) {
        return before.curve >= 0 && before.curve == after.curve && before.shape == after.shape &&
               std::abs(before.t1 - after.t0) <= 0.25 * step && before.isForward() == after.isForward();
    };
    std::vector<Run> runs;
    const std::size_t n = ring.points.size();
    double step = 0.0;
    for (std::size_t i = 0; i < n; ++i) {
        const auto& o = ring.origins[i];
        const Run run{o.shape,
                      o.curve,
                      o.t0,
                      o.t1,
                      m_grid.toPoint(ring.points[i]),
                      m_grid.toPoint(ring.points[i + 1 < n ? i + 1 : 0])};
        step = std::max(std::abs(o.t1 - o.t0), 1e-9);
        if (!runs.empty() && goesOn(runs.back(), run, step)) {
            runs.back().t1 = run.t1;
            runs.back().end = run.end;
        } else {
            runs.push_back(run);
        }
    }
    // The ring began in the middle of a curve: its last run and its first are one.
    if (runs.size() > 1 && goesOn(runs.back(), runs.front(), step)) {
        runs.front().t0 = runs.back().t0;
        runs.front().start = runs.back().start;
        runs.pop_back();
    }
    // Rounding to the grid leaves ends a hair beside the node they mean.
    const double near = 2.0 * m_grid.step();
    for (auto& run : runs) {
        if (run.curve < 0)
            continue;
        const Segment c = curve(run.shape, run.curve);
        const auto snap = [&](double& t, Point vertex) {
            if (t < 0.5 && length(vertex - c.start()) <= near)
                t = 0.0;
            else if (t >= 0.5 && length(vertex - c.end()) <= near)
                t = 1.0;
        };
        snap(run.t0, run.start);
        snap(run.t1, run.end);
    }
    return runs;
}

void CurveRebuilder::dropShortRuns(std::vector<Run>& runs) const
{
    const double limit = std::max(3.0 * m_grid.step(), kShortRun_u * m_grid.u());
    const auto isShort = [limit](const Run& r) {
        // A closed curve starts where it ends; its parameter tells it from a crumb.
        return length(r.end - r.start) < limit && std::abs(r.t1 - r.t0) < 0.5;
    };
    if (std::ranges::count_if(runs, isShort) + 2 > std::ssize(runs))
        return;
    double dropped_in_a_row = 0.0; // many crumbs after each other are a way to go
    std::erase_if(runs, [&](const Run& r) {
        const double l = length(r.end - r.start);
        if (!isShort(r) || dropped_in_a_row + l >= limit) {
            dropped_in_a_row = 0.0;
            return false;
        }
        dropped_in_a_row += l;
        return true;
    });
}

/// `back` walks `out` again: cancels the shorter of the two against the longer one.
bool CurveRebuilder::dropOneSpike(std::vector<Run>& runs, std::size_t out, std::size_t back) const
{
    Run& a = runs[out];
    Run& b = runs[back];
    if (a.curve < 0 || b.curve < 0)
        return false;
    const Segment ca = curve(a.shape, a.curve);
    const Segment cb = curve(b.shape, b.curve);
    const Segment pa = ca.part(a.t0, a.t1);
    const Segment pb = cb.part(b.t0, b.t1);
    const Point ta = pa.endTangent();
    const Point tb = pb.startTangent();
    if (dot(ta, tb) > -0.9998 * length(ta) * length(tb))
        return false;
    const bool out_is_shorter = length(pa.end() - pa.start()) <= length(pb.end() - pb.start());
    const Segment& shorter = out_is_shorter ? pa : pb;
    const Segment& longer = out_is_shorter ? pb : pa;
    const double limit =
        std::min(kSameCurve_u * m_grid.u(), length(shorter.end() - shorter.start()) / kSpikeRatio);
    double t = 0.0;
    for (const double k : {0.25, 0.5, 0.75, 1.0}) {
        const Point p = shorter.pointAt(out_is_shorter ? 1.0 - k : k);
        t = closestNear(longer, p, out_is_shorter ? k : 1.0 - k);
        if (length(longer.pointAt(t) - p) > limit)
            return false;
    }
    if (out_is_shorter) {
        b.t0 = b.t0 + (b.t1 - b.t0) * t;
        b.start = a.start;
    } else {
        a.t1 = a.t0 + (a.t1 - a.t0) * t;
        a.end = b.end;
    }
    runs.erase(runs.begin() + static_cast<std::ptrdiff_t>(out_is_shorter ? out : back));
    return true;
}

void CurveRebuilder::dropSpikes(std::vector<Run>& runs, RebuildStats& stats) const
{
    for (std::size_t i = 0; i < runs.size() && runs.size() > 2;) {
        const std::size_t back = (i + 1) % runs.size();
        if (!dropOneSpike(runs, i, back)) {
            ++i;
            continue;
        }
        ++stats.spikes;
        std::erase_if(runs, [](const Run& r) { return r.curve >= 0 && r.t0 == r.t1; });
        i = i > 2 ? i - 2 : 0; // the runs before may be the rest of the spike
    }
}

std::vector<CurveRebuilder::Span> CurveRebuilder::spansOf(std::vector<Run> runs) const
{
    // Begin behind a crossing, so that no span runs over the end of the list.
    const std::size_t n = runs.size();
    for (std::size_t i = 0; i < n; ++i)
        if (!continues(runs[(i + n - 1) % n], runs[i])) {
            std::rotate(runs.begin(), runs.begin() + static_cast<std::ptrdiff_t>(i), runs.end());
            break;
        }
    std::vector<Span> spans;
    for (auto& run : runs) {
        if (spans.empty() || !continues(spans.back().back(), run))
            spans.emplace_back();
        spans.back().push_back(run);
    }
    return spans;
}

/// Walks on along the contour of `before` as long as it stays on `lost`; true when it gets to the end.
bool CurveRebuilder::giveToTheOneBefore(Span& before, const Span& lost) const
{
    Span longer = before;
    if (longer.back().curve < 0)
        return false;
    const bool forward = longer.back().isForward();
    const double far_end = forward ? 1.0 : 0.0;
    const double same = kSameCurve_u * m_grid.u();
    Point from = lost.front().start;
    for (const auto& run : lost)
        for (const double k : {0.25, 0.5, 0.75, 1.0}) {
            const Point p = pointOf(run, run.curve < 0 ? k : run.t0 + (run.t1 - run.t0) * k);
            // The way along the contour is no longer than the way along `lost`: it does not come here in a
            // loop.
            double way_left = 1.5 * length(p - from) + 4.0 * same;
            const auto isOnLost = [&](Point q) {
                if (run.curve < 0)
                    return length(q - p) <= same;
                const Segment l = curve(run.shape, run.curve);
                return length(l.pointAt(closestNear(l, q, std::lerp(run.t0, run.t1, k))) - q) <= same;
            };
            for (int hops = 0;; ++hops) {
                Run& last = longer.back();
                const Segment c = curve(last.shape, last.curve);
                double t = closestNear(c, p, last.t1);
                const bool is_there = length(c.pointAt(t) - p) <= same;
                if (!is_there)
                    t = far_end; // the next curve, perhaps
                if (forward ? t < last.t1 - 1e-6 : t > last.t1 + 1e-6)
                    return false;
                way_left -= length(c.pointAt(t) - c.pointAt(0.5 * (t + last.t1))) +
                            length(c.pointAt(0.5 * (t + last.t1)) - c.pointAt(last.t1));
                if (way_left < 0.0)
                    return false;
                if (!is_there && !(isOnLost(c.pointAt(t)) && isOnLost(c.pointAt(0.5 * (t + last.t1)))))
                    return false; // a detour
                last.t1 = t;
                last.end = c.pointAt(t);
                if (is_there)
                    break;
                if (hops == 3)
                    return false;
                const int next = neighbour(last.shape, last.curve, forward);
                longer.push_back({last.shape, next, 1.0 - far_end, 1.0 - far_end, last.end, last.end});
            }
            from = p;
        }
    if (longer.size() > 1 && longer.back().t0 == longer.back().t1)
        longer.pop_back(); // got to a node and no further
    before = std::move(longer);
    return true;
}

/// Makes spans `at` and the next one when they meet on one curve, or at a node of one contour.
void CurveRebuilder::joinToNext(std::vector<Span>& spans, std::size_t at) const
{
    Span& before = spans[at];
    const std::size_t next = (at + 1) % spans.size();
    Span& after = spans[next];
    Run& last = before.back();
    Run& first = after.front();
    // What ends a hair before a node means the node.
    const auto snap = [this](const Run& run, double& t, double node) {
        if (run.curve >= 0 && length(pointOf(run, t) - pointOf(run, node)) < kShortRun_u * m_grid.u())
            t = node;
    };
    if (last.shape == first.shape && last.curve != first.curve && last.isForward() == first.isForward()) {
        const bool forward = last.isForward();
        snap(last, last.t1, forward ? 1.0 : 0.0);
        snap(first, first.t0, forward ? 0.0 : 1.0);
    }
    const bool is_node = continues(last, first);
    const bool is_curve =
        last.curve >= 0 && last.shape == first.shape && last.curve == first.curve &&
        last.isForward() == first.isForward() &&
        length(pointOf(last, last.t1) - pointOf(first, first.t0)) < kShortRun_u * m_grid.u();
    if (!is_node && !is_curve)
        return;
    if (next == at) { // the whole ring is one contour now: its first run and its last are one
        if (is_curve && before.size() > 1) {
            before.front().t0 = last.t0;
            before.front().start = last.start;
            before.pop_back();
        }
        return;
    }
    if (is_curve) {
        last.t1 = first.t1;
        last.end = first.end;
    }
    before.insert(before.end(), after.begin() + (is_curve ? 1 : 0), after.end());
    spans.erase(spans.begin() + static_cast<std::ptrdiff_t>(next));
}

void CurveRebuilder::absorb(std::vector<Span>& spans, RebuildStats& stats) const
{
    for (std::size_t i = 0; i < spans.size() && spans.size() > 1;) {
        const std::size_t n = spans.size();
        Span& before = spans[(i + n - 1) % n];
        Span& after = spans[(i + 1) % n];
        bool is_gone = giveToTheOneBefore(before, spans[i]);
        if (!is_gone) {
            Span lost = spans[i];
            turnRound(lost);
            turnRound(after);
            is_gone = giveToTheOneBefore(after, lost);
            turnRound(after);
        }
        if (!is_gone) {
            ++i;
            continue;
        }
        ++stats.absorbed;
        spans.erase(spans.begin() + static_cast<std::ptrdiff_t>(i));
        joinToNext(spans, (i + spans.size() - 1) % spans.size());
        i = i > 1 ? i - 2 : 0;
    }
}

/// The spans as segments; joints[i] stands between span i and the next.
RebuiltRing CurveRebuilder::assemble(const std::vector<Span>& spans, const std::vector<Point>& joints) const
{
    RebuiltRing out;
    const std::size_t n = spans.size();
    for (std::size_t i = 0; i < n; ++i) {
        const auto& span = spans[i];
        Point at = joints[(i + n - 1) % n];
        for (std::size_t k = 0; k < span.size(); ++k) {
            const Run& run = span[k];
            const bool is_last = k + 1 == span.size();
            const Point end = is_last ? joints[i] : pointOf(run, run.t1);
            if (run.curve < 0) {
                out.contour.segments.push_back(Segment::line(at, end));
                out.untouched.push_back(-1);
            } else {
                const Segment part = curve(run.shape, run.curve).part(run.t0, run.t1);
                const bool is_whole =
                    std::abs(run.t1 - run.t0) == 1.0 && part.start() == at && part.end() == end;
                out.contour.segments.push_back(is_whole ? part : part.withEnds(at, end));
                out.untouched.push_back(
                    is_whole && m_shapes[static_cast<std::size_t>(run.shape)].is_clean ? run.shape : -1);
            }
            at = end;
        }
    }
    return out;
}

RebuiltRing CurveRebuilder::rebuild(const ChordRing& ring, RebuildStats& stats) const
{
    auto runs = runsOf(ring);
    dropShortRuns(runs);
    dropSpikes(runs, stats);
    if (runs.empty())
        return {};
    auto spans = spansOf(std::move(runs));
    if (spans.size() > 1)
        absorb(spans, stats);

    std::vector<Point> joints;
    joints.reserve(spans.size());
    for (std::size_t i = 0; i < spans.size(); ++i) {
        const std::size_t next = (i + 1) % spans.size();
        if (next == i && continues(spans[i].back(), spans[i].front()))
            joints.push_back(pointOf(spans[i].back(), spans[i].back().t1)); // a contour nobody crossed
        else
            joints.push_back(join(spans[i], spans[next], stats));
    }
    auto rebuilt = assemble(spans, joints);
    rebuilt.contour = tidied(std::move(rebuilt.contour), kShortRun_u * m_grid.u(), kStraight_u * m_grid.u(),
                             &rebuilt.untouched);
    return rebuilt;
}

} // namespace ink::detail
