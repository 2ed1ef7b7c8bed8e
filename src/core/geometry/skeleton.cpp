#include "core/geometry/skeleton.h"

#include "core/geometry/flatten.h"
#include "core/geometry/nesting.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <utility>

namespace ink {
namespace {

/// A branch into a corner gets narrower by a radius over sqrt(2) radii at a right angle, and over this many at 34 degrees.
constexpr double kCornerReach = 3.4;
/// It gets narrower evenly: half way it has at least this share of the mean radius, and at its end little is left.
constexpr double kCornerEven = 0.8;
constexpr double kCornerTip = 0.5;
constexpr int kRounds = 4;
constexpr int kPlacesOfParabola = 4;
/// In squares of the radius: what opening may take from a corner is 3; the estimate is rough.
constexpr double kCrescents = 2.0;
/// A run that was shortened for its end reaches it.
constexpr double kWithin = 1.0 + 1e-6;
/// Beyond the last place, in its radius, the ink is over.
constexpr double kBeyond = 1.15;

/// An edge walked one way.
struct Leg
{
    std::size_t edge = 0;
    bool forward = true;
};
using Chain = std::vector<Leg>;

class BranchFinder
{
public:
    BranchFinder(const AxisGraph& graph, const InkTest& ink)
        : m_graph(graph), m_ink(ink), m_at(graph.nodes.size()), m_is_alive(graph.edges.size(), true)
    {
        for (std::size_t e = 0; e < graph.edges.size(); ++e) {
            m_at[graph.edges[e].from].push_back(e);
            m_at[graph.edges[e].to].push_back(e);
        }
    }

    std::vector<Branch> find()
    {
        for (int round = 0; round < kRounds && prune(); ++round) {
        }
        std::vector<Branch> out;
        for (const auto& chain : chains())
            out.push_back(made(chain));
        return out;
    }

private:
    const AxisEdge& edge(std::size_t e) const { return m_graph.edges[e]; }
    std::size_t headOf(const Leg& leg) const { return leg.forward ? edge(leg.edge).to : edge(leg.edge).from; }
    std::size_t tailOf(const Leg& leg) const { return leg.forward ? edge(leg.edge).from : edge(leg.edge).to; }
    double radiusAtHead(const Leg& leg) const
    {
        const auto& steps = edge(leg.edge).steps;
        return 0.5 * (leg.forward ? steps.back().width[1] : steps.front().width[0]);
    }
    double radiusAtTail(const Leg& leg) const { return radiusAtHead({leg.edge, !leg.forward}); }

    /// Living edges of one kind at a node; one that begins and ends there counts twice.
    std::vector<std::size_t> livingAt(std::size_t node, bool is_ink) const
    {
        std::vector<std::size_t> out;
        for (const std::size_t e : m_at[node])
            if (m_is_alive[e] && edge(e).is_ink == is_ink)
                out.push_back(e);
        return out;
    }

    void follow(Chain& chain, std::vector<bool>& is_used) const
    {
        for (;;) {
            const std::size_t node = headOf(chain.back());
            const auto here = livingAt(node, edge(chain.back().edge).is_ink);
            if (here.size() != 2)
                return;
            const std::size_t next = here[0] == chain.back().edge ? here[1] : here[0];
            if (is_used[next])
                return;
            is_used[next] = true;
            chain.push_back({next, edge(next).from == node});
        }
    }

    std::vector<Chain> chains() const
    {
        std::vector<Chain> out;
        std::vector<bool> is_used(m_graph.edges.size(), false);
        for (std::size_t e = 0; e < m_graph.edges.size(); ++e) {
            if (!m_is_alive[e] || is_used[e])
                continue;
            is_used[e] = true;
            Chain back{{e, false}};
            follow(back, is_used);
            Chain chain;
            for (auto leg = back.rbegin(); leg != back.rend(); ++leg)
                chain.push_back({leg->edge, !leg->forward});
            follow(chain, is_used);
            out.push_back(std::move(chain));
        }
        return out;
    }

    /// Takes away chains that lead from a fork into a corner; true when there was one.
    bool prune()
    {
        struct Spur
        {
            double share;
            Chain chain;
            std::size_t fork;
        };
        std::vector<Spur> spurs;
        for (const auto& chain : chains()) {
            const bool is_ink = edge(chain.front().edge).is_ink;
            const std::size_t first = tailOf(chain.front()), last = headOf(chain.back());
            const bool ends = livingAt(last, is_ink).size() == 1,
                       begins = livingAt(first, is_ink).size() == 1;
            if (ends == begins)
                continue;
            double length = 0.0;
            for (const auto& leg : chain)
                length += edge(leg.edge).length();
            const double at_end = ends ? radiusAtHead(chain.back()) : radiusAtTail(chain.front());
            const double at_fork = ends ? radiusAtTail(chain.front()) : radiusAtHead(chain.back());
            if (at_end <= kCornerTip * at_fork && length <= kCornerReach * (at_fork - at_end) &&
                radiusHalfway(chain, length) >= kCornerEven * 0.5 * (at_end + at_fork))
                spurs.push_back({(length + at_end) / at_fork, chain, ends ? first : last});
        }
        std::ranges::stable_sort(spurs, {}, &Spur::share);
        bool any = false;
        for (const auto& spur : spurs) {
            // The last two ways out of a fork are one stroke.
            if (livingAt(spur.fork, edge(spur.chain.front().edge).is_ink).size() < 3)
                continue;
            for (const auto& leg : spur.chain)
                m_is_alive[leg.edge] = false;
            any = true;
        }
        return any;
    }

    double radiusHalfway(const Chain& chain, double whole) const
    {
        double way = 0.0;
        for (const auto& leg : chain) {
            const auto& steps = edge(leg.edge).steps;
            for (std::size_t i = 0; i < steps.size(); ++i) {
                const auto& step = steps[leg.forward ? i : steps.size() - 1 - i];
                const double l = step.arc.arcLength();
                if (way + l >= 0.5 * whole) {
                    const double t = l > 0.0 ? (0.5 * whole - way) / l : 0.0;
                    return 0.5 *
                           std::lerp(step.width[leg.forward ? 0 : 1], step.width[leg.forward ? 1 : 0], t);
                }
                way += l;
            }
        }
        return radiusAtHead(chain.back());
    }

    static void addPlaces(const AxisStep& step, bool forward, std::size_t number, Branch& branch)
    {
        const auto add = [&](Point centre, double width) {
            auto& places = branch.places;
            const double along =
                places.empty() ? 0.0 : places.back().along + length(centre - places.back().centre);
            if (!places.empty() && along <= places.back().along) {
                places.back().width = std::min(places.back().width, width);
                return;
            }
            places.push_back({centre, width, along, number});
        };
        const Segment arc = forward ? step.arc : step.arc.reversed();
        const double w0 = step.width[forward ? 0 : 1], w1 = step.width[forward ? 1 : 0];
        add(arc.start(), w0);
        if (arc.kind == SegmentKind::Quadratic) {
            // One side is a corner: the radius is the distance to it.
            const auto miss = [&](Point corner) { return std::abs(2 * length(arc.start() - corner) - w0); };
            const Point a = step.narrowest.a, b = step.narrowest.b, corner = miss(a) <= miss(b) ? a : b;
            for (int i = 1; i < kPlacesOfParabola; ++i) {
                const Point p = arc.pointAt(double(i) / kPlacesOfParabola);
                add(p, std::clamp(2 * length(p - corner), step.narrowest.width, std::max(w0, w1)));
            }
        } else if (step.has_neck) {
            add(step.narrowest.centre, step.narrowest.width);
        }
        add(arc.end(), w1);
    }

    Branch::End endOf(const Branch& branch, bool at_end, std::size_t node) const
    {
        Branch::End end;
        end.node = node;
        const auto& places = branch.places;
        const auto meeting = livingAt(node, branch.is_ink).size();
        end.is_fork = meeting > 2;
        if (meeting != 1 || places.size() < 2)
            return end;
        const BranchPlace& last = at_end ? places.back() : places.front();
        end.reach = 0.5 * last.width;
        // The way it goes, over at least its own radius.
        std::size_t i = at_end ? places.size() - 1 : 0;
        while ((at_end ? i > 0 : i + 1 < places.size()) &&
               length(places[i].centre - last.centre) <= end.reach)
            i = at_end ? i - 1 : i + 1;
        const Point way = last.centre - places[i].centre;
        const double l = length(way);
        end.is_free = l > 0.0 && m_ink.isInk(last.centre + way * ((kBeyond * end.reach + 0.01 * l) / l)) !=
                                     branch.is_ink;
        return end;
    }

    Branch made(const Chain& chain) const
    {
        Branch branch;
        branch.is_ink = edge(chain.front().edge).is_ink;
        for (const auto& leg : chain) {
            const auto& steps = edge(leg.edge).steps;
            for (std::size_t i = 0; i < steps.size(); ++i) {
                const auto& step = steps[leg.forward ? i : steps.size() - 1 - i];
                addPlaces(step, leg.forward, branch.steps.size(), branch);
                branch.steps.push_back(&step);
            }
        }
        const std::size_t first = tailOf(chain.front()), last = headOf(chain.back());
        branch.is_ring = first == last && livingAt(first, branch.is_ink).size() == 2;
        if (!branch.is_ring) {
            branch.start = endOf(branch, false, first);
            branch.end = endOf(branch, true, last);
        }
        return branch;
    }

    const AxisGraph& m_graph;
    const InkTest& m_ink;
    std::vector<std::vector<std::size_t>> m_at;
    std::vector<bool> m_is_alive;
};

std::vector<Chord> chordsOf(const Outline& outline, double tolerance, bool is_transposed)
{
    std::vector<Chord> chords;
    for (const auto& ring : toPaths(outline)) {
        auto points = flattened(ring, tolerance);
        if (is_transposed)
            for (Point& p : points)
                std::swap(p.x, p.y);
        for (std::size_t i = 0; i < points.size(); ++i)
            chords.push_back({points[i], points[(i + 1) % points.size()]});
    }
    return chords;
}

} // namespace

// What is wider than high is looked at with x and y changed for each other: all that lies to the right of a place is asked, and
// of a long line that is half the letters, of what lies above it little. Changed so, rings go the other way round.
InkTest::InkTest(const Outline& outline, double tolerance) : InkTest(outline, bounds(outline), tolerance) {}

InkTest::InkTest(const Outline& outline, const Box& box, double tolerance)
    : m_is_wide(box.width() > box.height()), m_right(m_is_wide ? box.y1 : box.x1),
      m_chords(chordsOf(outline, tolerance, m_is_wide)), m_index(m_chords)
{
}

bool InkTest::isInk(Point p) const
{
    if (m_is_wide)
        std::swap(p.x, p.y);
    if (p.x > m_right)
        return false;
    std::vector<std::uint32_t> near;
    m_index.near({p.x, p.y, m_right, p.y}, near);
    int winding = 0;
    for (const auto i : near) {
        const auto& [a, b] = m_chords[i];
        if ((a.y <= p.y) == (b.y <= p.y))
            continue;
        const bool is_up = b.y > a.y;
        if ((cross(b - a, p - a) > 0.0) == is_up)
            winding += is_up ? 1 : -1;
    }
    return m_is_wide ? winding < 0 : winding > 0;
}

std::vector<Branch> branchesOf(const AxisGraph& graph, const InkTest& ink)
{
    return BranchFinder(graph, ink).find();
}

BranchPlace placeAt(const Branch& branch, double along)
{
    const auto& places = branch.places;
    const auto after = std::ranges::upper_bound(places, along, {}, &BranchPlace::along);
    if (after == places.begin())
        return places.front();
    if (after == places.end())
        return places.back();
    const auto& a = *(after - 1);
    const double t = (along - a.along) / (after->along - a.along);
    return {lerp(a.centre, after->centre, t), std::lerp(a.width, after->width, t), along, a.step};
}

BranchPlace narrowestOf(const Branch& branch, const BranchRun& run)
{
    BranchPlace best = placeAt(branch, run.from);
    const auto look = [&](const BranchPlace& place) {
        if (place.width < best.width)
            best = place;
    };
    look(placeAt(branch, run.to));
    for (const auto& place : branch.places)
        if (place.along >= run.from && place.along <= run.to)
            look(place);
    return best;
}

RunEnds endsOf(const Branch& branch, const BranchRun& run, double width)
{
    RunEnds ends;
    ends.at_start =
        branch.start.is_free && run.from <= std::max(0.0, 0.5 * width - branch.start.reach) * kWithin;
    ends.at_end = branch.end.is_free &&
                  branch.length() - run.to <= std::max(0.0, 0.5 * width - branch.end.reach) * kWithin;
    if (ends.at_start == ends.at_end)
        return ends;
    const double from = ends.at_start ? 0.0 : branch.length(), to = ends.at_start ? run.to : run.from;
    double before = 0.0;
    ends.is_taper = true;
    for (int i = 0; i <= 8; ++i) {
        const double w = placeAt(branch, std::lerp(from, to, i / 8.0)).width;
        ends.is_taper = ends.is_taper && w >= 0.95 * before;
        before = std::max(before, w);
    }
    const double tip = placeAt(branch, from).width, base = placeAt(branch, to).width;
    ends.is_taper = ends.is_taper && tip <= 0.6 * base &&
                    placeAt(branch, 0.5 * (from + to)).width >= tip + 0.3 * (base - tip);
    return ends;
}

bool isLost(const Branch& branch, const BranchRun& run, double width)
{
    const auto narrowest = narrowestOf(branch, run);
    const double least = narrowest.width;
    const auto ends = endsOf(branch, run, width);
    // The tip of a notch, or of a corner, hardly there: a neck would be narrowest between its ends. What is lost of it is less than
    // a fifth of the width squared, and of a corner a disc takes more.
    constexpr double kTip = 0.35;
    if (!ends.at_start && !ends.at_end && run.length() < kTip * width &&
        (narrowest.along <= run.from || narrowest.along >= run.to))
        return false;
    if (!ends.at_start && !ends.at_end)
        return least < 0.93 * width || run.length() > 0.5 * width;
    // Of the stretch to the very end, less what the disc that lies where it is wide enough keeps of it: half of it of a stroke
    // that widens slowly, hardly more than the stroke's own width of a thin one that stands on a thick one.
    const double disc = 0.95 * width, radius = 0.5 * disc;
    const double from = ends.at_start ? 0.0 : run.from, to = ends.at_end ? branch.length() : run.to;
    const bool has_disc = !(ends.at_start && ends.at_end);
    const double centre = ends.at_start ? to : from;
    double area = 0.0;
    constexpr int kSteps = 32;
    for (int i = 0; i < kSteps; ++i) {
        const double along = std::lerp(from, to, (i + 0.5) / kSteps), off = along - centre;
        const double w = placeAt(branch, along).width;
        const double chord = has_disc ? 2.0 * std::sqrt(std::max(0.0, radius * radius - off * off)) : 0.0;
        if (w < disc)
            area += std::max(0.0, w - chord) * (to - from) / kSteps;
    }
    for (const auto& end : {branch.start, branch.end})
        if (end.is_free)
            area += 0.5 * std::numbers::pi * end.reach * end.reach;
    return area > kCrescents * disc * disc / 4.0;
}

bool isShorterThan(const Branch& branch, double width)
{
    const auto cut = [&](const Branch::End& end) { return std::max(0.0, 0.5 * width - end.reach); };
    return !branch.places.empty() && branch.start.is_free && branch.end.is_free &&
           branch.length() <= cut(branch.start) + cut(branch.end);
}

std::vector<BranchRun> narrowRuns(const Branch& branch, double width)
{
    std::vector<BranchRun> runs;
    const auto& places = branch.places;
    const auto add = [&](double from, double to) {
        if (!runs.empty() && from - runs.back().to < width)
            runs.back().to = std::max(runs.back().to, to);
        else
            runs.push_back({from, to});
    };
    if (places.size() == 1 && places.front().width < width)
        return {{0.0, 0.0}};
    for (std::size_t i = 0; i + 1 < places.size(); ++i) {
        const auto &a = places[i], &b = places[i + 1];
        if (a.width >= width && b.width >= width)
            continue;
        const auto crossing = [&] {
            return std::lerp(a.along, b.along, (width - a.width) / (b.width - a.width));
        };
        add(a.width < width ? a.along : crossing(), b.width < width ? b.along : crossing());
    }
    const double cut_start = branch.start.is_free ? std::max(0.0, 0.5 * width - branch.start.reach) : 0.0;
    const double cut_end = branch.end.is_free ? std::max(0.0, 0.5 * width - branch.end.reach) : 0.0;
    if (!runs.empty() && isShorterThan(branch, width)) {
        const double middle =
            branch.length() * (cut_start + cut_end > 0.0 ? cut_start / (cut_start + cut_end) : 0.5);
        return {{middle, middle}};
    }
    std::vector<BranchRun> out;
    for (auto run : runs) {
        run.from = std::max(run.from, cut_start);
        run.to = std::min(run.to, branch.length() - cut_end);
        if (run.from <= run.to)
            out.push_back(run);
    }
    return out;
}

std::vector<Point> centresAlong(const Branch& branch, const BranchRun& run, double step)
{
    std::vector<Point> out{placeAt(branch, run.from).centre};
    const auto add = [&](Point p) {
        const Point from = out.back();
        const double way = length(p - from);
        if (way <= 0.0)
            return;
        const int n = std::max(1, static_cast<int>(std::ceil(way / step)));
        for (int i = 1; i <= n; ++i)
            out.push_back(lerp(from, p, double(i) / n));
    };
    for (const auto& place : branch.places)
        if (place.along > run.from && place.along < run.to)
            add(place.centre);
    add(placeAt(branch, run.to).centre);
    return out;
}

} // namespace ink
