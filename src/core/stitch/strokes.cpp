#include "core/stitch/strokes.h"

#include "core/geometry/disjoint_sets.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <numbers>

namespace ink {
namespace {

constexpr double kOneCrossing = 0.9;
constexpr double kMostTurn_deg = 60.0, kMostUnlike = 2.2;
/// A turn of 12 degrees is as bad as twice the width.
constexpr double kTurnPerRatio_deg = 12.0;
constexpr double kDominant = 1.45;
/// Where the direction of a branch is taken, in radii of the crossing: beyond its bulge.
constexpr double kNear = 0.8, kFar = 2.2;
constexpr double kStraightened = 1.25;
/// Between places of a stroke, of its half width and at the least.
constexpr double kDense = 0.25, kLeastStep = 0.05;
/// A loose end belongs to a stroke whose middle is within this of its half width, and to its own stroke only this many widths on.
constexpr double kLoose = 1.6, kOwnStroke = 2.5;

/// One of the two ends of a branch.
struct Tip
{
    std::size_t branch = 0;
    bool is_end = false;

    Tip other() const { return {branch, !is_end}; }
    auto operator<=>(const Tip&) const = default;
};

struct Drawn
{
    std::vector<Point> centre;
    std::vector<double> radius;
};

/// A straight axis has its ends only: places between them, so that what is near a crossing is told from what is far.
Drawn dense(const Drawn& line)
{
    Drawn out;
    for (std::size_t i = 0; i < line.centre.size(); ++i) {
        if (i > 0) {
            const double step = std::max(kLeastStep, kDense * std::max(line.radius[i - 1], line.radius[i]));
            const int parts = int(std::ceil(length(line.centre[i] - line.centre[i - 1]) / step));
            for (int k = 1; k < parts; ++k) {
                const double t = double(k) / parts;
                out.centre.push_back(lerp(line.centre[i - 1], line.centre[i], t));
                out.radius.push_back(line.radius[i - 1] + (line.radius[i] - line.radius[i - 1]) * t);
            }
        }
        out.centre.push_back(line.centre[i]);
        out.radius.push_back(line.radius[i]);
    }
    return out;
}

class StrokeFinder
{
public:
    explicit StrokeFinder(const std::vector<Branch>& branches)
    {
        for (const auto& branch : branches) {
            if (!branch.is_ink || branch.places.empty())
                continue;
            m_branches.push_back(&branch);
        }
    }

    AxisStrokes find()
    {
        findCrossings();
        findLooseEnds();
        pair();
        walkAll();
        leadEnds();
        return std::move(m_out);
    }

private:
    const Branch& branch(const Tip& tip) const { return *m_branches[tip.branch]; }
    const BranchPlace& place(const Tip& tip) const
    {
        return tip.is_end ? branch(tip).places.back() : branch(tip).places.front();
    }
    const Branch::End& endOf(const Tip& tip) const
    {
        return tip.is_end ? branch(tip).end : branch(tip).start;
    }
    bool isFork(const Tip& tip) const
    {
        const Branch& b = branch(tip);
        return !b.is_ring && endOf(tip).is_fork;
    }

    /// From the tip on.
    Drawn drawn(const Tip& tip) const
    {
        Drawn out;
        for (const auto& p : branch(tip).places) {
            out.centre.push_back(p.centre);
            out.radius.push_back(p.width / 2.0);
        }
        if (tip.is_end) {
            std::ranges::reverse(out.centre);
            std::ranges::reverse(out.radius);
        }
        return out;
    }

    void findCrossings()
    {
        std::map<std::size_t, std::size_t> known;
        std::vector<Point> at;
        std::vector<double> radius;
        std::map<Tip, std::size_t> of;
        for (std::size_t b = 0; b < m_branches.size(); ++b)
            for (const bool is_end : {false, true}) {
                const Tip tip{b, is_end};
                if (!isFork(tip))
                    continue;
                const Point p = place(tip).centre;
                const auto [found, is_new] = known.try_emplace(endOf(tip).node, at.size());
                if (is_new) {
                    at.push_back(p);
                    radius.push_back(0.0);
                }
                radius[found->second] = std::max(radius[found->second], place(tip).width / 2.0);
                of[tip] = found->second;
            }
        DisjointSets same(at.size());
        m_is_inner.assign(m_branches.size(), false);
        for (std::size_t b = 0; b < m_branches.size(); ++b) {
            const Tip first{b, false}, last{b, true};
            if (!of.contains(first) || !of.contains(last) || of[first] == of[last])
                continue;
            if (m_branches[b]->length() < kOneCrossing * std::max(radius[of[first]], radius[of[last]])) {
                same.join(of[first], of[last]);
                m_is_inner[b] = true;
            }
        }
        std::map<std::size_t, std::size_t> number;
        for (const auto& [tip, crossing] : of) {
            const auto root = same.leaderOf(crossing);
            const auto [found, is_new] = number.try_emplace(root, m_out.crossings.size());
            if (is_new) {
                m_out.crossings.push_back(at[root]);
                m_radius.push_back(radius[root]);
            }
            m_radius[found->second] = std::max(m_radius[found->second], radius[crossing]);
            if (!m_is_inner[tip.branch])
                m_crossing[tip] = found->second;
        }
    }

    /// The axis of a bar ends before that of the stem it stands on, where its sides are no longer opposite. It is led on to it.
    void findLooseEnds()
    {
        struct Hit
        {
            Tip tip;
            std::size_t branch = 0;
            BranchPlace place;
        };
        std::vector<Hit> hits;
        for (std::size_t b = 0; b < m_branches.size(); ++b)
            for (const bool is_end : {false, true}) {
                const Tip tip{b, is_end};
                if (m_branches[b]->is_ring || endOf(tip).is_fork || endOf(tip).is_free)
                    continue;
                const auto& here = place(tip);
                std::optional<Hit> best;
                double nearest = 0.0;
                for (std::size_t other = 0; other < m_branches.size(); ++other)
                    for (const auto& at : m_branches[other]->places) {
                        const double away = length(at.centre - here.centre);
                        if (other == b &&
                            std::abs(at.along - here.along) < kOwnStroke * std::max(at.width, here.width))
                            continue;
                        if (away > kLoose * at.width / 2.0 + here.width / 2.0 || (best && away >= nearest))
                            continue;
                        best = Hit{tip, other, at};
                        nearest = away;
                    }
                if (best)
                    hits.push_back(*best);
            }
        std::vector<std::pair<std::size_t, std::size_t>> of_hit; // crossing, and the hit it was made for
        for (std::size_t i = 0; i < hits.size(); ++i) {
            const auto& hit = hits[i];
            // Two that stand at the same place of a stem, one on each side, meet there.
            const auto same = std::ranges::find_if(of_hit, [&](const auto& known) {
                const auto& other = hits[known.second];
                return other.branch == hit.branch && std::abs(other.place.along - hit.place.along) <
                                                         std::max(other.place.width, hit.place.width);
            });
            std::size_t crossing = m_out.crossings.size();
            if (same != of_hit.end()) {
                crossing = same->first;
            } else {
                m_out.crossings.push_back(hit.place.centre);
                m_radius.push_back(hit.place.width / 2.0);
                m_passes[hit.branch].push_back(crossing);
                of_hit.emplace_back(crossing, i);
            }
            m_crossing[hit.tip] = crossing;
            m_led_to[hit.tip] = hit.place.centre;
        }
    }

    Point direction(const Tip& tip) const
    {
        const auto d = drawn(tip);
        const double radius = d.radius.front();
        double along = 0.0;
        std::optional<Point> from;
        Point to = d.centre.back();
        for (std::size_t i = 1; i < d.centre.size(); ++i) {
            along += length(d.centre[i] - d.centre[i - 1]);
            if (!from && along > kNear * radius)
                from = d.centre[i];
            if (along > kFar * radius) {
                to = d.centre[i];
                break;
            }
        }
        if (!from || length(to - *from) < 1e-6)
            from = d.centre.front();
        return unitVector(to - *from);
    }

    /// Half width beyond the crossing.
    double halfWidth(const Tip& tip) const
    {
        auto d = drawn(tip);
        std::vector<double> far(d.radius.begin() + std::ptrdiff_t(d.radius.size() / 2), d.radius.end());
        std::ranges::nth_element(far, far.begin() + std::ptrdiff_t(far.size() / 2));
        return std::max(1e-6, far[far.size() / 2]);
    }

    void pair()
    {
        std::map<std::size_t, std::vector<Tip>> at;
        for (const auto& [tip, crossing] : m_crossing)
            at[crossing].push_back(tip);
        for (const auto& [crossing, tips] : at) {
            std::vector<std::tuple<double, std::size_t, std::size_t>> candidates;
            std::vector<Point> ways;
            std::vector<double> widths;
            for (const auto& tip : tips) {
                ways.push_back(direction(tip));
                widths.push_back(halfWidth(tip));
            }
            for (std::size_t i = 0; i < tips.size(); ++i)
                for (std::size_t j = 0; j < i; ++j) {
                    const double turn =
                        std::acos(std::clamp(-dot(ways[i], ways[j]), -1.0, 1.0)) * 180.0 / std::numbers::pi;
                    const double ratio = std::max(widths[i], widths[j]) / std::min(widths[i], widths[j]);
                    if (turn < kMostTurn_deg && ratio < kMostUnlike)
                        candidates.emplace_back(turn + kTurnPerRatio_deg * (ratio - 1.0), j, i);
                }
            std::ranges::sort(candidates);
            std::vector<bool> is_used(tips.size(), false);
            for (const auto& [cost, i, j] : candidates)
                if (!is_used[i] && !is_used[j]) {
                    is_used[i] = is_used[j] = true;
                    m_link[tips[i]] = tips[j];
                    m_link[tips[j]] = tips[i];
                }
            for (std::size_t i = 0; i < tips.size(); ++i) {
                double most = 0.0;
                for (std::size_t j = 0; j < tips.size(); ++j)
                    if (j != i)
                        most = std::max(most, widths[j]);
                if (!is_used[i] && tips.size() > 1 && widths[i] > kDominant * most)
                    m_runs_on[tips[i]] = true;
            }
        }
    }

    void walkAll()
    {
        std::vector<bool> is_done = m_is_inner;
        const auto from = [&](const Tip& tip) {
            if (!is_done[tip.branch])
                walk(tip, is_done);
        };
        for (std::size_t b = 0; b < m_branches.size(); ++b)
            for (const bool is_end : {false, true})
                if (!m_link.contains({b, is_end}))
                    from({b, is_end});
        for (std::size_t b = 0; b < m_branches.size(); ++b)
            from({b, false}); // rings through crossings
    }

    StrokeEndMeeting meeting(const Tip& tip) const
    {
        StrokeEndMeeting out;
        if (const auto at = m_crossing.find(tip); at != m_crossing.end()) {
            out.crossing = at->second;
            out.radius = m_radius[at->second];
            out.runs_on = m_runs_on.contains(tip);
        }
        return out;
    }

    void walk(const Tip& first, std::vector<bool>& is_done)
    {
        AxisStroke stroke;
        std::vector<std::pair<std::size_t, double>> joints;
        Tip tip = first;
        bool comes_round = false;
        for (;;) {
            is_done[tip.branch] = true;
            const auto part = dense(drawn(tip));
            if (const auto at = m_crossing.find(tip); at != m_crossing.end())
                stroke.crossings.push_back(at->second);
            if (const auto passed = m_passes.find(tip.branch); passed != m_passes.end())
                stroke.crossings.insert(stroke.crossings.end(), passed->second.begin(), passed->second.end());
            if (const auto led = m_led_to.find(tip); led != m_led_to.end() && stroke.centre.empty()) {
                stroke.centre.push_back(led->second);
                stroke.radius.push_back(part.radius.front());
            }
            if (stroke.centre.size() > 1)
                joints.emplace_back(stroke.centre.size(),
                                    std::max(stroke.radius.back(), part.radius.front()));
            stroke.centre.insert(stroke.centre.end(), part.centre.begin(), part.centre.end());
            stroke.radius.insert(stroke.radius.end(), part.radius.begin(), part.radius.end());
            const auto next = m_link.find(tip.other());
            if (next == m_link.end() || is_done[next->second.branch]) {
                comes_round = next != m_link.end() && next->second == first;
                break;
            }
            tip = next->second;
        }
        stroke.is_ring = comes_round || branch(first).is_ring;
        if (!stroke.is_ring) {
            stroke.start = meeting(first);
            stroke.end = meeting(tip.other());
        }
        if (const auto at = m_crossing.find(tip.other()); at != m_crossing.end())
            stroke.crossings.push_back(at->second);
        if (const auto led = m_led_to.find(tip.other()); led != m_led_to.end() && !stroke.is_ring) {
            stroke.centre.push_back(led->second);
            stroke.radius.push_back(stroke.radius.back());
        }
        for (auto joint = joints.rbegin(); joint != joints.rend(); ++joint)
            straighten(stroke, joint->first, joint->second);
        m_out.strokes.push_back(std::move(stroke));
    }

    /// What ends at a stroke is led on to its middle, which lies elsewhere than the fork once it is straight, and knows how wide it is.
    void leadEnds()
    {
        const auto lead = [&](std::size_t number, bool is_end) {
            auto& own = m_out.strokes[number];
            auto& meeting = is_end ? own.end : own.start;
            if (own.is_ring || !meeting.crossing || meeting.runs_on)
                return;
            const Point from = is_end ? own.centre.back() : own.centre.front();
            std::optional<Point> to;
            double nearest = 0.0;
            for (std::size_t other = 0; other < m_out.strokes.size(); ++other) {
                const auto& met = m_out.strokes[other];
                if (other == number || std::ranges::count(met.crossings, *meeting.crossing) == 0)
                    continue;
                for (std::size_t i = 0; i < met.centre.size(); ++i)
                    if (const double away = length(met.centre[i] - from); !to || away < nearest) {
                        nearest = away;
                        to = met.centre[i];
                        meeting.radius = met.radius[i];
                    }
            }
            if (!to || nearest < 1e-6 || nearest > 2.0 * meeting.radius)
                return;
            own.centre.insert(is_end ? own.centre.end() : own.centre.begin(), *to);
            own.radius.insert(is_end ? own.radius.end() : own.radius.begin(),
                              is_end ? own.radius.back() : own.radius.front());
        };
        for (std::size_t s = 0; s < m_out.strokes.size(); ++s) {
            lead(s, false);
            lead(s, true);
        }
    }

    /// A cubic from before the crossing to behind it.
    static void straighten(AxisStroke& s, std::size_t joint, double radius)
    {
        std::vector<double> along(s.centre.size(), 0.0);
        for (std::size_t i = 1; i < along.size(); ++i)
            along[i] = along[i - 1] + length(s.centre[i] - s.centre[i - 1]);
        const double middle = along[joint], reach = kStraightened * radius;
        const auto first_after = [&](double where) {
            return std::size_t(std::ranges::lower_bound(along, where) - along.begin());
        };
        const std::size_t last = s.centre.size() - 1;
        const std::size_t i = std::clamp<std::size_t>(first_after(middle - reach), 1, last),
                          j = std::min(first_after(middle + reach), last - 1);
        if (j < i + 2)
            return;
        const auto way = [&](std::size_t k, bool is_before) {
            std::size_t q = k;
            while (q > 0 && q < last && std::abs(along[q] - along[k]) < kNear * radius)
                is_before ? --q : ++q;
            return unitVector(is_before ? s.centre[k] - s.centre[q] : s.centre[q] - s.centre[k],
                              unitVector(s.centre[j] - s.centre[i]));
        };
        const double chord = length(s.centre[j] - s.centre[i]);
        const auto curve = Segment::cubic(s.centre[i], s.centre[i] + way(i, true) * (chord / 3.0),
                                          s.centre[j] - way(j, false) * (chord / 3.0), s.centre[j]);
        std::vector<Point> centre(s.centre.begin(), s.centre.begin() + std::ptrdiff_t(i));
        std::vector<double> half(s.radius.begin(), s.radius.begin() + std::ptrdiff_t(i));
        const auto count = std::max<std::size_t>(4, j - i + 1);
        for (std::size_t k = 0; k < count; ++k) {
            const double t = double(k) / double(count - 1);
            centre.push_back(curve.pointAt(t));
            half.push_back(s.radius[i] + (s.radius[j] - s.radius[i]) * t);
        }
        centre.insert(centre.end(), s.centre.begin() + std::ptrdiff_t(j) + 1, s.centre.end());
        half.insert(half.end(), s.radius.begin() + std::ptrdiff_t(j) + 1, s.radius.end());
        s.centre = std::move(centre);
        s.radius = std::move(half);
    }

    std::vector<const Branch*> m_branches;
    std::vector<bool> m_is_inner;
    std::map<Tip, std::size_t> m_crossing;
    std::vector<double> m_radius;
    std::map<std::size_t, std::vector<std::size_t>> m_passes;
    std::map<Tip, Point> m_led_to;
    std::map<Tip, Tip> m_link;
    std::map<Tip, bool> m_runs_on;
    AxisStrokes m_out;
};

} // namespace

AxisStrokes strokesOf(const std::vector<Branch>& branches)
{
    return StrokeFinder(branches).find();
}

} // namespace ink
