#include "core/geometry/curve_rebuild.h"

#include "core/geometry/project.h"

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
/// A crossing found further than this from the crossing of the chords is another one.
constexpr double kCrossingReach_u = 2.0;
/// Where curves cross at a very small angle, the crossing of the chords can be this far from theirs.
constexpr double kShallowReach_u = 16.0;
/// A spike is at least this many times longer than wide: sharp ends of letters are not.
constexpr double kSpikeRatio = 50.0;

void reverse(auto& span)
{
    std::ranges::reverse(span);
    for (auto& run : span) {
        std::swap(run.t0, run.t1);
        std::swap(run.start, run.end);
    }
}

} // namespace

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
                      m_grid.toPoint(ring.points[(i + 1) % n])};
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
    const double limit = std::max(3.0 * m_grid.step(), kShortRun_u * m_grid.u);
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
        std::min(kSameCurve_u * m_grid.u, length(shorter.end() - shorter.start()) / kSpikeRatio);
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
    const double same = kSameCurve_u * m_grid.u;
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
        if (run.curve >= 0 && length(pointOf(run, t) - pointOf(run, node)) < kShortRun_u * m_grid.u)
            t = node;
    };
    if (last.shape == first.shape && last.curve != first.curve && last.isForward() == first.isForward()) {
        const bool forward = last.isForward();
        snap(last, last.t1, forward ? 1.0 : 0.0);
        snap(first, first.t0, forward ? 0.0 : 1.0);
    }
    const bool is_node = continues(last, first);
    const bool is_curve = last.curve >= 0 && last.shape == first.shape && last.curve == first.curve &&
                          last.isForward() == first.isForward() &&
                          length(pointOf(last, last.t1) - pointOf(first, first.t0)) < kShortRun_u * m_grid.u;
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
            reverse(lost);
            reverse(after);
            is_gone = giveToTheOneBefore(after, lost);
            reverse(after);
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

/// Newton on A(s) = B(t), going on along either contour where a curve ends; nothing when they are tangent.
std::optional<std::pair<CurveRebuilder::Place, CurveRebuilder::Place>>
CurveRebuilder::crossing(Place a, Place b, Point vertex) const
{
    const auto step = [this](Place& place, double by, int& hops) {
        place.t += by;
        if (place.t >= 0.0 && place.t <= 1.0)
            return;
        const bool forward = place.t > 1.0;
        hops += forward ? 1 : -1;
        place.curve = neighbour(place.shape, place.curve, forward);
        place.t = forward ? 0.0 : 1.0;
    };
    int hops_a = 0, hops_b = 0;
    for (int i = 0; i < 16; ++i) {
        const Segment ca = curve(a);
        const Segment cb = curve(b);
        const Point f = ca.pointAt(a.t) - cb.pointAt(b.t);
        const Point da = ca.derivativeAt(a.t);
        const Point db = cb.derivativeAt(b.t);
        const double det = cross(da, db);
        if (std::abs(det) <= 1e-4 * length(da) * length(db))
            return {};
        const double ds = -cross(f, db) / det;
        const double dt = -cross(f, da) / det;
        const auto from = std::pair{a.curve, b.curve};
        step(a, ds, hops_a);
        step(b, dt, hops_b);
        if (std::abs(hops_a) > 2 || std::abs(hops_b) > 2)
            return {};
        if (from == std::pair{a.curve, b.curve} &&
            std::abs(ds) * length(da) + std::abs(dt) * length(db) < 1e-9 * m_grid.u) {
            if (length(curve(a).pointAt(a.t) - vertex) > kCrossingReach_u * m_grid.u)
                return {};
            return std::pair{a, b};
        }
    }
    return {};
}

/// Lets the span end at `to`, a few curves further on or back; false when it cannot be reached that way.
bool CurveRebuilder::moveEnd(Span& span, const Place& to) const
{
    const bool forward = span.back().isForward();
    Span moved = span;
    for (int back = 0; back < 3 && !moved.empty(); ++back) {
        Run& last = moved.back();
        if (last.curve == to.curve) {
            if (forward ? to.t < last.t0 : to.t > last.t0)
                return false;
            last.t1 = to.t;
            span = std::move(moved);
            return true;
        }
        moved.pop_back();
    }
    moved = span;
    const double far_end = forward ? 1.0 : 0.0;
    for (int ahead = 0; ahead < 3; ++ahead) {
        Run& last = moved.back();
        if (last.curve == to.curve) {
            last.t1 = to.t;
            span = std::move(moved);
            return true;
        }
        last.t1 = far_end;
        const int next = neighbour(last.shape, last.curve, forward);
        moved.push_back({last.shape, next, 1.0 - far_end, far_end, last.end, last.end});
    }
    return false;
}

/// Where the curves cross at so small an angle that Newton gives up: the sign of the distance from a to b
/// changes there, and halving the way finds it. Only on the two curves at hand, near the places given.
std::optional<std::pair<CurveRebuilder::Place, CurveRebuilder::Place>>
CurveRebuilder::shallowCrossing(Place a, Place b) const
{
    const Segment ca = curve(a);
    const Segment cb = curve(b);
    const double speed = length(ca.derivativeAt(a.t));
    if (speed == 0.0)
        return {};
    struct Side
    {
        double s, t, distance;
    };
    const auto sideAt = [&](double s, double t_near) -> Side {
        const Point p = ca.pointAt(s);
        const double t = closestNear(cb, p, t_near);
        return {s, t, cross(cb.derivativeAt(t), p - cb.pointAt(t))};
    };
    constexpr int kSteps = 32; // to each side
    const double step = kShallowReach_u * m_grid.u / speed / kSteps;
    std::optional<std::pair<Side, Side>> bracket;
    for (const double direction : {1.0, -1.0}) {
        Side from = sideAt(a.t, b.t);
        for (int i = 1; i <= kSteps; ++i) {
            const double s = a.t + direction * step * i;
            if (s < 0.0 || s > 1.0)
                break;
            const Side to = sideAt(s, from.t);
            if ((from.distance < 0.0) != (to.distance < 0.0)) {
                if (!bracket || std::abs(to.s - a.t) < std::abs(bracket->second.s - a.t))
                    bracket = {from, to};
                break;
            }
            from = to;
        }
    }
    if (!bracket)
        return {};
    auto [low, high] = *bracket;
    for (int i = 0; i < 50; ++i) {
        const Side middle = sideAt(0.5 * (low.s + high.s), low.t);
        ((middle.distance < 0.0) == (low.distance < 0.0) ? low : high) = middle;
    }
    a.t = low.s;
    b.t = low.t;
    if (length(ca.pointAt(a.t) - cb.pointAt(b.t)) > 1e-6 * m_grid.u) // beside an end of b: no crossing
        return {};
    return std::pair{a, b};
}

/// Both ends or none. One and the same span may end and begin here (a loop), so the end moves first.
bool CurveRebuilder::moveEnds(Span& before, Span& after, const std::pair<Place, Place>& to) const
{
    const Span kept = before;
    if (!moveEnd(before, to.first))
        return false;
    Span turned = after;
    reverse(turned);
    if (!moveEnd(turned, to.second)) {
        before = kept;
        return false;
    }
    reverse(turned);
    after = std::move(turned);
    return true;
}

/// Where one span hands over to the next; moves their ends there.
Point CurveRebuilder::join(Span& before, Span& after, RebuildStats& stats) const
{
    const Run& out = before.back();
    const Run& in = after.front();
    const Point vertex = out.end;
    if (out.curve < 0 || in.curve < 0)
        return vertex;
    const Point at_out = pointOf(out, out.t1);
    const Point at_in = pointOf(in, in.t0);
    const bool out_ends = out.t1 == 0.0 || out.t1 == 1.0;
    const bool in_ends = in.t0 == 0.0 || in.t0 == 1.0;
    if (out_ends && in_ends) { // two nodes of the font on one place
        if (at_in != at_out)
            stats.bends.emplace_back(at_in, 0.5 * length(at_in - at_out));
        return at_out == at_in ? at_out : lerp(at_out, at_in, 0.5);
    }

    const Place a{out.shape, out.curve, out.t1};
    const Place b{in.shape, in.curve, in.t0};
    auto found = crossing(a, b, vertex);
    if (!found)
        found = shallowCrossing(a, b);
    if (found && moveEnds(before, after, *found)) {
        const Point at = lerp(curve(found->first).pointAt(found->first.t),
                              curve(found->second).pointAt(found->second.t), 0.5);
        stats.crossings.push_back(at);
        return at;
    }
    // They only touch, or not even that: both ends go to the places nearest to where the chords crossed.
    ++stats.unrefined;
    Run& last = before.back();
    last.t1 = closestNear(curve(last.shape, last.curve), vertex, last.t1);
    Run& first = after.front();
    first.t0 = closestNear(curve(first.shape, first.curve), vertex, first.t0);
    const Point at = lerp(pointOf(last, last.t1), pointOf(first, first.t0), 0.5);
    stats.bends.emplace_back(at, length(at - pointOf(first, first.t0)));
    stats.crossings.push_back(at);
    return at;
}

/// The spans as segments; joints[i] stands between span i and the next.
Contour CurveRebuilder::assemble(const std::vector<Span>& spans, const std::vector<Point>& joints) const
{
    Contour out;
    const std::size_t n = spans.size();
    for (std::size_t i = 0; i < n; ++i) {
        const auto& span = spans[i];
        Point at = joints[(i + n - 1) % n];
        for (std::size_t k = 0; k < span.size(); ++k) {
            const Run& run = span[k];
            const bool is_last = k + 1 == span.size();
            const Point end = is_last ? joints[i] : pointOf(run, run.t1);
            out.segments.push_back(run.curve < 0
                                       ? Segment::line(at, end)
                                       : curve(run.shape, run.curve).part(run.t0, run.t1).withEnds(at, end));
            at = end;
        }
    }
    return out;
}

Contour CurveRebuilder::rebuild(const ChordRing& ring, RebuildStats& stats) const
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
    return tidied(assemble(spans, joints), kShortRun_u * m_grid.u, kStraight_u * m_grid.u);
}

} // namespace ink::detail
