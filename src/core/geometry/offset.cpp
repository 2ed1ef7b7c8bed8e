#include "core/geometry/offset.h"

#include "core/geometry/box.h"
#include "core/geometry/cubic_fit.h"
#include "core/geometry/engine/curve_engine.h"
#include "core/geometry/nesting.h"
#include "core/geometry/shape_key.h"
#include "core/geometry/weld.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <numbers>
#include <set>
#include <string>
#include <vector>

namespace ink {
namespace {

// Where the curve bends towards the offset side more tightly than this times the distance, its offset turns
// back.
constexpr double kTurnsBack = 1e-3;

Point unit(Point v)
{
    const double l = length(v);
    return l > 0.0 ? v * (1.0 / l) : Point{1, 0};
}

/// To the right of the direction: outwards of a counter-clockwise ring.
Point rightOf(Point direction)
{
    return {direction.y, -direction.x};
}

/// The right-hand offset of one ring as contours whose winding number is positive on everything within the
/// distance of the ink, and zero elsewhere.
class RingOffset
{
public:
    RingOffset(double distance, const OffsetOptions& options) : m_distance(distance), m_options(options) {}

    Contour of(const Contour& ring)
    {
        m_out = {};
        const std::size_t n = ring.segments.size();
        std::vector<Point> in(n), out(n);
        for (std::size_t i = 0; i < n; ++i) {
            out[i] = unit(ring.segments[i].startTangent());
            in[i] = unit(ring.segments[i].endTangent());
        }
        m_at = ring.segments.front().start() + rightOf(out.front()) * m_distance;
        const Point start = m_at;
        for (std::size_t i = 0; i < n; ++i) {
            addSegment(ring.segments[i]);
            const std::size_t next = (i + 1) % n;
            addJoin(ring.segments[i].end(), in[i], out[next]);
        }
        lineTo(start);
        return std::move(m_out);
    }

private:
    void lineTo(Point p)
    {
        if (p == m_at)
            return;
        m_out.segments.push_back(Segment::line(m_at, p));
        m_at = p;
    }
    void add(const Segment& s)
    {
        m_out.segments.push_back(s);
        m_at = s.end();
    }

    /// How the offset's speed compares with the curve's: negative where it turns back.
    double speedFactor(const Segment& s, double t) const
    {
        const Point d = s.derivativeAt(t);
        const double speed = length(d);
        if (speed == 0.0)
            return 1.0;
        return 1.0 + m_distance * cross(d, s.secondDerivativeAt(t)) / (speed * speed * speed);
    }

    Point offsetPoint(const Segment& s, double t) const
    {
        const Point direction = t <= 0.0 ? s.startTangent() : t >= 1.0 ? s.endTangent() : s.derivativeAt(t);
        return s.pointAt(t) + rightOf(unit(direction)) * m_distance;
    }

    void addSegment(const Segment& s)
    {
        if (s.kind == SegmentKind::Line) {
            lineTo(s.end() + rightOf(unit(s.end() - s.start())) * m_distance);
            return;
        }
        constexpr int kSteps = 32;
        const auto turnsBack = [&](double t) { return speedFactor(s, t) < kTurnsBack; };
        double from = 0.0;
        bool back = turnsBack(0.0);
        for (int i = 1; i <= kSteps; ++i) {
            const double t = static_cast<double>(i) / kSteps;
            if (turnsBack(t) == back && i < kSteps)
                continue;
            double low = static_cast<double>(i - 1) / kSteps, high = t;
            if (turnsBack(t) != back)
                for (int k = 0; k < 40; ++k) {
                    const double middle = 0.5 * (low + high);
                    (turnsBack(middle) == back ? low : high) = middle;
                }
            else
                high = 1.0;
            addStretch(s, from, high, back);
            from = high;
            back = turnsBack(t);
        }
        if (from < 1.0)
            addStretch(s, from, 1.0, back);
    }

    void addStretch(const Segment& s, double t0, double t1, bool turns_back)
    {
        if (t1 - t0 < 1e-9)
            return;
        if (turns_back)
            addBands(s, t0, t1);
        else
            addFit(s, t0, t1, 0);
    }

    /// Where the offset turns back it never is the edge of the result; the bands of chords cover what the
    /// stretch covers.
    void addBands(const Segment& s, double t0, double t1)
    {
        constexpr int kChords = 16;
        lineTo(s.pointAt(t0));
        for (int i = 1; i <= kChords; ++i) {
            const Point a = m_at;
            const Point b = s.pointAt(std::lerp(t0, t1, static_cast<double>(i) / kChords));
            const Point side = rightOf(unit(b - a)) * m_distance;
            if (a == b)
                continue;
            lineTo(a + side);
            lineTo(b + side);
            lineTo(b);
        }
        lineTo(offsetPoint(s, t1));
    }

    void addFit(const Segment& s, double t0, double t1, int depth)
    {
        constexpr int kSamples = 12;
        std::array<Point, kSamples + 1> samples;
        for (int i = 0; i <= kSamples; ++i)
            samples[static_cast<std::size_t>(i)] =
                offsetPoint(s, std::lerp(t0, t1, static_cast<double>(i) / kSamples));
        const Point d0 = unit(t0 <= 0.0 ? s.startTangent() : s.derivativeAt(t0));
        const Point d1 = unit(t1 >= 1.0 ? s.endTangent() : s.derivativeAt(t1));
        const auto fit = detail::fitCubic(samples, d0, d1);
        if (fit.deviation > m_options.tolerance && depth < 8) {
            const double middle = 0.5 * (t0 + t1);
            addFit(s, t0, middle, depth + 1);
            addFit(s, middle, t1, depth + 1);
            return;
        }
        add(fit.segment.withEnds(m_at, samples.back()));
    }

    void addJoin(Point corner, Point in, Point out)
    {
        const Point from = rightOf(in), to = rightOf(out);
        const double turn = std::atan2(cross(in, out), dot(in, out));
        const Point target = corner + to * m_distance;
        if (std::abs(turn) * m_distance < 0.1 * m_options.tolerance) {
            lineTo(target);
            return;
        }
        if (turn < 0.0 && turn > -std::numbers::pi + 1e-6) { // the bands of both sides overlap here
            lineTo(corner);
            lineTo(target);
            return;
        }
        const double angle = std::abs(turn);
        const double cosine = std::cos(0.5 * angle);
        switch (m_options.join) {
        case Join::Round:
            addArc(corner, from, angle);
            break;
        case Join::Mitre:
            if (cosine * m_options.mitre_limit >= 1.0)
                lineTo(corner + (from + to) * (m_distance / (2.0 * cosine * cosine)));
            break;
        case Join::Bevel:
            break;
        }
        lineTo(target);
    }

    /// Counter-clockwise about `centre` from the direction `from`. A cubic of 60 degrees is within 3e-5 of
    /// the radius; shorter ones where that is more than the tolerance.
    void addArc(Point centre, Point from, double angle)
    {
        const double most =
            std::numbers::pi / 3.0 *
            std::min(1.0, std::pow(0.5 * m_options.tolerance / (3e-5 * m_distance), 1.0 / 6.0));
        const int n = std::max(1, static_cast<int>(std::ceil(angle / most)));
        const double step = angle / n;
        const double handle = 4.0 / 3.0 * std::tan(0.25 * step) * m_distance;
        const double c = std::cos(step), s = std::sin(step);
        Point direction = from;
        for (int i = 0; i < n; ++i) {
            const Point next{c * direction.x - s * direction.y, s * direction.x + c * direction.y};
            const Point end = centre + next * m_distance;
            add(Segment::cubic(m_at, m_at + Point{-direction.y, direction.x} * handle,
                               end - Point{-next.y, next.x} * handle, end));
            direction = next;
        }
    }

    double m_distance;
    const OffsetOptions& m_options;
    Contour m_out;
    Point m_at;
};

Contour rectangle(const Box& box)
{
    const std::array<Point, 4> c{{{box.x0, box.y0}, {box.x1, box.y0}, {box.x1, box.y1}, {box.x0, box.y1}}};
    Contour out;
    for (std::size_t i = 0; i < 4; ++i)
        out.segments.push_back(Segment::line(c[i], c[(i + 1) % 4]));
    return out;
}

} // namespace

namespace {

/// Round corners can be taken in steps: growing by a and then by b is growing by a + b. The first step does
/// away with what is small, so that the next, twice as long, meets fewer edges, and so on.
constexpr double kFirstStep_u = 40.0;
/// Fewer nodes are done with at once.
constexpr std::size_t kNodesOfOneStep = 300;

std::vector<double> stepsTo(double distance, Unit unit, Join join, std::size_t nodes)
{
    std::vector<double> steps;
    double left = std::abs(distance), step = kFirstStep_u * unit.u;
    while (join == Join::Round && nodes > kNodesOfOneStep && left > 2.0 * step) {
        steps.push_back(std::copysign(step, distance));
        left -= step;
        step *= 2.0;
    }
    steps.push_back(std::copysign(left, distance));
    return steps;
}

/// By more than this, and of more nodes than this, an offset takes longer than anybody should wait unasked.
constexpr double kFar_u = 100.0;
constexpr std::size_t kMostNodesFar = 15'000;

/// Nodes of the pieces that differ.
std::size_t nodesOfItsOwn(const Outline& outline, Unit unit)
{
    std::set<std::vector<std::int64_t>> known;
    std::size_t nodes = 0;
    for (const auto& piece : outline.pieces)
        if (known.insert(detail::shapeKey(piece, unit)).second)
            nodes += piece.outer.segments.size() + nodeCount(piece.middles);
    return nodes;
}

/// What no growth of this kind leaves open: the largest circle in them is smaller.
void dropMiddlesThatClose(Outline& outline, double distance)
{
    for (auto& piece : outline.pieces)
        std::erase_if(piece.middles, [&](const Contour& middle) {
            const Box box = middle.bounds();
            return std::min(box.width(), box.height()) <= 2.0 * distance;
        });
}

/// The rings of one piece, grown or shrunk.
Result<std::vector<Contour>> offsetPiece(const Piece& piece, double distance, Unit unit,
                                         const OffsetOptions& options)
{
    // Shrinking the ink is growing the paper round it, up to a frame.
    const bool grows = distance > 0.0;
    Paths raw;
    RingOffset side(std::abs(distance), options);
    const auto add = [&](const Contour& ring) { raw.push_back(side.of(grows ? ring : ring.reversed())); };
    add(piece.outer);
    std::ranges::for_each(piece.middles, add);
    if (!grows) {
        const Box frame = piece.outer.bounds();
        raw.push_back(
            rectangle(grownBy(frame, 0.1 * (frame.width() + frame.height()) + 2.0 * std::abs(distance))));
    }
    const detail::EngineShape shape{&raw, nullptr, {}, false, false};
    detail::EngineStats stats;
    auto made = detail::combineCurves({&shape, 1}, BooleanOp::Union, detail::FillRule::Positive,
                                      detail::Grid(unit), options.cancel, stats);
    if (!made || grows)
        return made;
    const auto frame = std::ranges::max_element(*made, {}, [](const Contour& c) { return c.signedArea(); });
    if (frame != made->end())
        made->erase(frame);
    for (auto& ring : *made)
        ring = ring.reversed();
    return made;
}

/// Each piece by itself, and those that meet then as one. Pieces that come again, as letters and words do,
/// are made once.
Result<Outline> offsetOnce(const Outline& outline, double distance, Unit unit, const OffsetOptions& options)
{
    std::map<std::vector<std::int64_t>, std::shared_ptr<const Paths>> known;
    std::vector<PlacedPaths> placed;
    for (const auto& piece : outline.pieces) {
        if (options.cancel.isCancelled())
            return fail(ErrorCode::Cancelled);
        const Point origin = piece.outer.segments.front().start();
        auto& grown = known[detail::shapeKey(piece, unit)];
        if (!grown) {
            const auto home = transformed(Outline{{piece}}, {1, 0, 0, 1, -origin.x, -origin.y});
            auto rings = offsetPiece(home.pieces.front(), distance, unit, options);
            if (!rings)
                return fail(rings.error());
            grown = std::make_shared<const Paths>(std::move(*rings));
        }
        placed.push_back({grown, origin, 0});
    }
    if (distance > 0.0) {
        auto joined = weld(placed, unit, {options.cancel, {}});
        if (!joined)
            return fail(joined.error());
        return std::move(joined->outline);
    }
    std::vector<Contour> rings; // what shrinks meets nothing
    for (const auto& piece : placed)
        std::ranges::move(transformed(*piece.paths, {1, 0, 0, 1, piece.at.x, piece.at.y}),
                          std::back_inserter(rings));
    return nested(std::move(rings));
}

} // namespace

Result<Outline> offset(const Outline& outline, double distance, Unit unit, const OffsetOptions& options)
{
    const Paths rings = toPaths(outline);
    std::size_t nodes = 0;
    if (auto ok = detail::checkInput(rings, {std::abs(distance), 0.0}, unit, nodes); !ok)
        return fail(ok.error());
    if (distance == 0.0 || rings.empty())
        return outline;
    if (std::abs(distance) > kFar_u * unit.u)
        if (const std::size_t own = nodesOfItsOwn(outline, unit); own > kMostNodesFar)
            return fail(ErrorCode::TooComplex, {},
                        std::to_string(own) + " nodes; so far out it does with " +
                            std::to_string(kMostNodesFar));
    const auto steps = stepsTo(distance, unit, options.join, nodes);
    OffsetOptions each = options;
    each.tolerance = options.tolerance / static_cast<double>(steps.size());
    Outline out = outline;
    double left = distance;
    for (const double step : steps) {
        if (distance > 0.0)
            dropMiddlesThatClose(out, left);
        auto next = offsetOnce(out, step, unit, each);
        if (!next)
            return fail(next.error());
        out = std::move(*next);
        left -= step;
        if (out.pieces.empty())
            break;
    }
    return out;
}

} // namespace ink
