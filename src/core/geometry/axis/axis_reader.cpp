#include "core/geometry/axis/axis_reader.h"

#include "core/geometry/disjoint_sets.h"
#include "core/geometry/distance.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <set>
#include <utility>

namespace ink::detail {
namespace {

namespace bp = boost::polygon;

/// Where the sides are less than opposite for a moment, a tip still goes on; corners of 70 degrees and
/// more do not.
constexpr double kBridging_deg = 110.0;
/// Edges of one pause: a walk that goes nowhere ends.
constexpr std::size_t kLongestPause = 24;
/// Half the widening of a stroke along its axis below which it counts as even (about half a degree).
constexpr double kWidening = 0.005;
constexpr double kNothing_grid = 1e-3;
/// Circles at both ends of a step that differ by less than this part stand between parallel sides.
constexpr double kSameRadius = 1e-6;

} // namespace

StepsAt::StepsAt(const std::vector<RawStep>& steps, std::size_t vertices) : m_first(vertices + 1, 0)
{
    const auto endsOf = [](const RawStep& step) { return step.ends[0] == step.ends[1] ? 1u : 2u; };
    for (const auto& step : steps)
        for (unsigned i = 0; i < endsOf(step); ++i)
            ++m_first[step.ends[i] + 1];
    for (std::size_t i = 1; i < m_first.size(); ++i)
        m_first[i] += m_first[i - 1];
    m_steps.resize(m_first.back());
    auto place = m_first;
    for (std::uint32_t s = 0; s < steps.size(); ++s)
        for (unsigned i = 0; i < endsOf(steps[s]); ++i)
            m_steps[place[steps[s].ends[i]]++] = s;
}

Point AxisReader::pointOf(const Cell& cell) const
{
    const auto i = cell.source_index();
    return cell.source_category() == bp::SOURCE_CATEGORY_SEGMENT_START_POINT ? m_sites.start(i)
                                                                             : m_sites.end(i);
}

Point AxisReader::nearestOn(const Cell& cell, Point from) const
{
    return cell.contains_point()
               ? pointOf(cell)
               : ink::nearestOn(m_sites.start(cell.source_index()), m_sites.end(cell.source_index()), from);
}

AxisTouch AxisReader::touchOf(const Cell& cell, Point at) const
{
    const auto i = cell.source_index();
    if (i >= m_sites.chord_count || m_sites.curve[i] < 0)
        return {};
    const Point a = m_sites.start(i), d = m_sites.end(i) - a;
    const double share = dot(d, d) > 0.0 ? std::clamp(dot(at - a, d) / dot(d, d), 0.0, 1.0) : 0.0;
    return {m_sites.curve[i], std::lerp(m_sites.t0[i], m_sites.t1[i], share)};
}

/// On the ink side of the chord, or, of a corner, of its two chords.
bool AxisReader::isInk(const Cell& cell, Point p) const
{
    const auto left = [&](std::size_t i) {
        return cross(m_sites.end(i) - m_sites.start(i), p - m_sites.start(i)) > 0;
    };
    const auto i = cell.source_index();
    if (!cell.contains_point())
        return left(i);
    const bool is_start = cell.source_category() == bp::SOURCE_CATEGORY_SEGMENT_START_POINT;
    const std::size_t in = is_start ? m_sites.previous[i] : i, out = is_start ? i : m_sites.next[i];
    const bool is_convex =
        cross(m_sites.end(in) - m_sites.start(in), m_sites.end(out) - m_sites.start(out)) >= 0;
    return is_convex ? left(in) && left(out) : left(in) || left(out);
}

AxisReader::Place AxisReader::placeAt(Point centre, const Cell& one, const Cell& other) const
{
    Place place{0, 0, centre, nearestOn(one, centre), nearestOn(other, centre)};
    const Point to_a = place.a - centre, to_b = place.b - centre;
    place.radius = (length(to_a) + length(to_b)) / 2;
    place.separation = std::abs(std::atan2(cross(to_a, to_b), dot(to_a, to_b)));
    return place;
}

/// Where the circle touches on exactly opposite sides, when that is on this edge: the narrowest place
/// there is. Two chords have none, or the same width all along.
std::optional<Point> AxisReader::neckOf(const Cell& one, const Cell& other, Point v0, Point v1) const
{
    if (!one.contains_point() && !other.contains_point())
        return std::nullopt;
    Point a = one.contains_point() ? pointOf(one) : pointOf(other), b;
    if (one.contains_point() && other.contains_point()) {
        b = pointOf(other);
    } else {
        const auto& chord = one.contains_point() ? other : one;
        const Point start = m_sites.start(chord.source_index()),
                    d = m_sites.end(chord.source_index()) - start;
        b = start + d * (dot(a - start, d) / dot(d, d));
    }
    const Point along{-(b - a).y, (b - a).x};
    const Point middle = lerp(a, b, 0.5);
    const double t0 = dot(v0 - middle, along), t1 = dot(v1 - middle, along);
    return t0 * t1 <= 0 ? std::optional(middle) : std::nullopt;
}

/// Between a corner and a chord the axis is a parabola, which a quadratic is exactly: the tangents at its
/// ends meet above the middle of their feet on the chord's line. Source: G. Farin, "Curves and Surfaces for
/// CAGD", the three-tangent theorem.
Segment AxisReader::arcOf(const Cell& one, const Cell& other, Point v0, Point v1) const
{
    if (one.contains_point() == other.contains_point())
        return Segment::line(v0, v1);
    const Point focus = one.contains_point() ? pointOf(one) : pointOf(other);
    const auto chord = one.contains_point() ? other.source_index() : one.source_index();
    const Point origin = m_sites.start(chord), way = m_sites.end(chord) - origin;
    const double l = length(way);
    const Point along = way * (1.0 / l);
    double height = cross(along, focus - origin);
    const double side = height < 0.0 ? -1.0 : 1.0;
    height *= side;
    if (height <= 1e-9)
        return Segment::line(v0, v1); // the focus lies on the chord's line
    const Point up = Point{-along.y, along.x} * side;
    const auto foot = [&](Point v) { return dot(v - origin, along); };
    const double x0 = foot(v0), x1 = foot(v1), f = foot(focus);
    const double y0 = dot(v0 - origin, up), middle = 0.5 * (x0 + x1);
    return Segment::quadratic(v0, origin + along * middle + up * (y0 + (x0 - f) / height * (middle - x0)),
                              v1);
}

void AxisReader::addStep(const Diagram::edge_type& edge)
{
    const Cell &one = *edge.cell(), &other = *edge.twin()->cell();
    Link& link = m_links.back();
    const Point v0 = placeOf(link.ends[0]), v1 = placeOf(link.ends[1]);
    const Place first = placeAt(v0, one, other), last = placeAt(v1, one, other);
    RawStep step;
    step.ends = link.ends;
    step.radius = {first.radius, last.radius};
    step.length = length(v1 - v0);
    // At a corner the circle is a point and has no sides: the other end tells.
    const auto isOpposite = [&](const Place& place) {
        return place.radius > kNothing_grid &&
               place.separation >= kOppositeSides_deg * std::numbers::pi / 180;
    };
    std::array places{first, last, first};
    if (const auto neck = neckOf(one, other, v0, v1)) {
        places[2] = placeAt(*neck, one, other);
        step.has_neck = true;
    } else if (std::abs(first.radius - last.radius) <= kSameRadius * first.radius) {
        // Parallel sides: the middle speaks for all of them, an end may lie at somebody else's edge.
        places[0] = placeAt(lerp(v0, v1, 0.5), one, other);
    }
    for (const auto& place : places)
        if (isOpposite(place) && (!link.is_kept || place.radius < step.narrowest.radius)) {
            step.narrowest = place;
            link.is_kept = true;
        }
    if (!link.is_kept && std::max(first.separation, last.separation) < kBridging_deg * std::numbers::pi / 180)
        return;
    step.is_bridge = !link.is_kept;
    if (step.is_bridge)
        step.narrowest = first.radius <= last.radius ? first : last;
    step.is_ink = isInk(one, lerp(v0, v1, 0.5));
    step.arc = arcOf(one, other, v0, v1);
    step.touches = {touchOf(one, step.narrowest.a), touchOf(other, step.narrowest.b)};
    m_steps.push_back(step);
    link.has_step = true;
}

void AxisReader::collect()
{
    for (const auto& edge : m_diagram.edges()) {
        if (!edge.is_primary() || !edge.is_finite() || &edge > edge.twin())
            continue;
        const Cell &one = *edge.cell(), &other = *edge.twin()->cell();
        Link link{{numberOf(edge.vertex0()), numberOf(edge.vertex1())}, &edge, {}, false, false};
        for (std::size_t i = 0; i < 2; ++i)
            link.radius[i] = length(nearestOn(one, placeOf(link.ends[i])) - placeOf(link.ends[i]));
        m_links.push_back(link);
        if (!isFramed(one) && !isFramed(other))
            addStep(edge);
    }
}

/// A round or square dot has no opposite sides anywhere: the largest circle in it is its width.
/// So has each room of the diagram, that is each piece and each middle, without a stretch of its own.
void AxisReader::addRoundRooms()
{
    const std::size_t count = m_diagram.vertices().size();
    DisjointSets together(count);
    // Corners belong to the ink and to the gap: branches that run into them do not join the two.
    for (const auto& link : m_links)
        if (link.radius[0] > kNothing_grid && link.radius[1] > kNothing_grid)
            together.join(link.ends[0], link.ends[1]);
    struct Room
    {
        bool is_settled = false;
        const Link* widest = nullptr;
        std::size_t end = 0;
    };
    std::vector<Room> rooms(count);
    for (const auto& link : m_links)
        for (std::size_t i = 0; i < 2; ++i) {
            if (link.radius[i] <= kNothing_grid)
                continue;
            Room& room = rooms[together.leaderOf(link.ends[i])];
            room.is_settled = room.is_settled || link.is_kept || isFramed(*link.edge->cell()) ||
                              isFramed(*link.edge->twin()->cell());
            if (!room.widest || link.radius[i] > room.widest->radius[room.end]) {
                room.widest = &link;
                room.end = i;
            }
        }
    for (const auto& room : rooms) {
        if (room.is_settled || !room.widest)
            continue;
        const Cell &one = *room.widest->edge->cell(), &other = *room.widest->edge->twin()->cell();
        const Point centre = placeOf(room.widest->ends[room.end]);
        RawStep step;
        step.ends = {room.widest->ends[room.end], room.widest->ends[room.end]};
        step.narrowest = placeAt(centre, one, other);
        step.narrowest.b = centre + (centre - step.narrowest.a); // any diameter shows the width
        step.radius = {step.narrowest.radius, step.narrowest.radius};
        step.arc = Segment::line(centre, centre);
        step.touches[0] = touchOf(one, step.narrowest.a);
        step.is_ink = isInk(one, centre);
        step.has_neck = true;
        m_steps.push_back(step);
    }
}

/// From every corner up along its branch, as long as it widens and does not fork.
void AxisReader::markTips()
{
    const StepsAt at(m_steps, m_diagram.vertices().size());
    for (std::size_t i = 0; i < m_steps.size(); ++i)
        for (std::size_t side = 0; side < 2; ++side)
            if (m_steps[i].radius[side] <= kNothing_grid)
                followTip(i, side, at);
}

/// Where a walk up a tip stands.
struct AxisReader::Walk
{
    std::size_t step = 0, from = 0;
    std::vector<std::size_t> pause;
    double pause_length = 0.0;
    double reached = 0.0;
};

/// Stretches are part of the tip as long as it goes on widening; curves may pause for a width. Where the
/// branch forks, every arm that widens goes on.
void AxisReader::followTip(std::size_t first, std::size_t from, const StepsAt& at)
{
    std::vector<Walk> walks{{first, from, {}, 0.0, 0.0}};
    std::set<std::size_t> seen;
    while (!walks.empty()) {
        Walk walk = std::move(walks.back());
        walks.pop_back();
        RawStep& step = m_steps[walk.step];
        if (step.is_tip || step.has_neck || !seen.insert(walk.step).second)
            continue;
        const double radius = step.radius[1 - walk.from];
        walk.pause.push_back(walk.step);
        walk.pause_length += step.length;
        if (radius - walk.reached >= kWidening * walk.pause_length) {
            for (const auto i : walk.pause)
                m_steps[i].is_tip = true;
            walk.pause.clear();
            walk.pause_length = 0.0;
            walk.reached = radius;
        } else if (walk.pause_length > 2 * walk.reached || walk.pause.size() > kLongestPause) {
            continue;
        }
        const std::uint32_t vertex = step.ends[1 - walk.from];
        for (const std::uint32_t next : at.of(vertex))
            if (next != walk.step && m_steps[next].is_ink == step.is_ink) {
                Walk arm = walk;
                arm.step = next;
                arm.from = m_steps[next].ends[0] == vertex ? 0 : 1;
                walks.push_back(std::move(arm));
            }
    }
}

/// Links without a step at whose one end nothing goes on, and those that are left at such an end without them.
std::vector<bool> AxisReader::deadEnds() const
{
    // At a corner of the outline, where the circle is a point, every link ends.
    std::vector<std::vector<std::uint32_t>> at(m_diagram.vertices().size());
    for (std::uint32_t i = 0; i < m_links.size(); ++i)
        for (std::size_t end = 0; end < 2; ++end)
            if (m_links[i].radius[end] > kNothing_grid)
                at[m_links[i].ends[end]].push_back(i);
    std::vector<std::size_t> degree(at.size());
    for (std::size_t v = 0; v < at.size(); ++v)
        degree[v] = at[v].size();
    std::vector<bool> is_dead(m_links.size(), false);
    std::vector<std::uint32_t> waiting;
    const auto look = [&](std::uint32_t i) {
        const Link& link = m_links[i];
        const auto endsAt = [&](std::size_t end) {
            return link.radius[end] <= kNothing_grid || degree[link.ends[end]] <= 1;
        };
        if (!is_dead[i] && !link.has_step && (endsAt(0) || endsAt(1))) {
            is_dead[i] = true;
            waiting.push_back(i);
        }
    };
    for (std::uint32_t i = 0; i < m_links.size(); ++i)
        look(i);
    while (!waiting.empty()) {
        const Link& link = m_links[waiting.back()];
        waiting.pop_back();
        for (std::size_t end = 0; end < 2; ++end)
            if (link.radius[end] > kNothing_grid) {
                --degree[link.ends[end]];
                std::ranges::for_each(at[link.ends[end]], look);
            }
    }
    return is_dead;
}

std::vector<std::size_t> AxisReader::ringsOfChords() const
{
    constexpr auto kNone = static_cast<std::size_t>(-1);
    std::vector<std::size_t> out(m_sites.chord_count, kNone);
    for (std::size_t first = 0; first < out.size(); ++first)
        for (std::size_t i = first; out[i] == kNone; i = m_sites.next[i])
            out[i] = first;
    return out;
}

std::vector<RawStep> AxisReader::passages() const
{
    const auto is_dead = deadEnds();
    const auto rings = ringsOfChords();
    std::vector<RawStep> out;
    for (std::size_t i = 0; i < m_links.size(); ++i) {
        const Link& link = m_links[i];
        const Cell &one = *link.edge->cell(), &other = *link.edge->twin()->cell();
        if (link.has_step || isFramed(one) || isFramed(other) ||
            (is_dead[i] && rings[one.source_index()] == rings[other.source_index()]))
            continue;
        RawStep step;
        const Point v0 = placeOf(link.ends[0]), v1 = placeOf(link.ends[1]);
        step.ends = link.ends;
        step.radius = link.radius;
        step.arc = arcOf(one, other, v0, v1);
        step.is_ink = isInk(one, lerp(v0, v1, 0.5));
        out.push_back(step);
    }
    return out;
}

std::vector<RawStep> AxisReader::read()
{
    collect();
    addRoundRooms();
    markTips();
    return std::move(m_steps);
}

} // namespace ink::detail
