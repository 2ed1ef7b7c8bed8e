#include "core/geometry/engine/strips.h"

#include <algorithm>
#include <cmath>
#include <numeric>
#include <unordered_map>

namespace ink::detail {
namespace {

/// What two boxes may be apart and still be the business of the clipping library.
constexpr std::int64_t kMargin_grid = 4;
/// Chords of a strip, about: the clipping library needs some milliseconds for them.
constexpr std::size_t kChordsOfAStrip = 1500;
/// On a cut, chords that may cross each other close by have to be this far apart …
constexpr std::int64_t kApart_grid = 16;
/// … and no flatter than this, so that rounding moves no crossing onto the cut.
constexpr std::int64_t kFlattest = 8;

GridPoint crossingAt(std::int64_t y, GridPoint a, GridPoint b)
{
    if (a.y > b.y)
        std::swap(a, b);
    const double k = static_cast<double>(y - a.y) / static_cast<double>(b.y - a.y);
    return {a.x + std::llround(k * static_cast<double>(b.x - a.x)), y};
}

struct PointHash
{
    std::size_t operator()(GridPoint p) const { return hashOf(p); }
};

} // namespace

int FramedRing::edgeFrom(std::size_t k) const
{
    return first_edge + static_cast<int>(is_turned ? points.size() - 1 - k : k);
}

StripUnion::StripUnion(std::span<const FramedRing> rings, std::span<const GridBox> boxes, bool may_pass)
    : m_rings(rings), m_boxes(boxes), m_may_pass(may_pass)
{
    for (const auto& box : boxes)
        m_whole.add(box);
    for (const auto& ring : rings)
        m_chord_count += ring.points.size();
}

/// Where boxes of two shapes meet, along y; merged, from below.
std::vector<StripUnion::Interval> StripUnion::busyIntervals() const
{
    if (!m_may_pass)
        return {{m_whole.y0 - kMargin_grid, m_whole.y1 + kMargin_grid}};
    std::vector<std::size_t> order(m_boxes.size());
    std::iota(order.begin(), order.end(), std::size_t{0});
    std::ranges::sort(order, {}, [this](std::size_t i) { return m_boxes[i].y0; });
    std::vector<Interval> busy;
    std::vector<std::size_t> open;
    for (const std::size_t i : order) {
        const GridBox& box = m_boxes[i];
        if (box.isEmpty())
            continue;
        std::erase_if(open, [&](std::size_t k) { return m_boxes[k].y1 + kMargin_grid < box.y0; });
        for (const std::size_t k : open)
            if (m_boxes[k].x0 <= box.x1 + kMargin_grid && box.x0 <= m_boxes[k].x1 + kMargin_grid)
                busy.push_back({box.y0 - kMargin_grid, std::min(box.y1, m_boxes[k].y1) + kMargin_grid});
        open.push_back(i);
    }
    std::ranges::sort(busy, {}, &Interval::y0);
    std::vector<Interval> merged;
    for (const auto& b : busy) {
        if (!merged.empty() && b.y0 <= merged.back().y1)
            merged.back().y1 = std::max(merged.back().y1, b.y1);
        else
            merged.push_back(b);
    }
    return merged;
}

/// No chord ends on the cut, and those that pass it are told apart there.
bool StripUnion::isClean(std::int64_t y, bool is_strict) const
{
    std::vector<std::int64_t> xs;
    for (const auto& ring : m_rings) {
        if (y < ring.y0 || y > ring.y1)
            continue;
        GridPoint a = ring.points.back();
        for (const auto b : ring.points) {
            if (b.y == y)
                return false;
            if ((a.y < y) != (b.y < y)) {
                if (is_strict && std::abs(b.x - a.x) > kFlattest * std::abs(b.y - a.y))
                    return false;
                xs.push_back(crossingAt(y, a, b).x);
            }
            a = b;
        }
    }
    std::ranges::sort(xs);
    const std::int64_t apart = is_strict ? kApart_grid : 1;
    return std::ranges::adjacent_find(xs, [apart](auto a, auto b) { return b - a < apart; }) == xs.end();
}

std::optional<std::int64_t> StripUnion::cleanCut(std::int64_t lowest, std::int64_t highest, bool from_below,
                                                 bool is_strict) const
{
    for (const std::int64_t aside : {1, 2, 3, 5, 8, 13, 21, 34, 55, 89, 144, 233}) {
        const std::int64_t y = from_below ? lowest + aside : highest - aside;
        if (y <= lowest || y >= highest)
            break;
        if (isClean(y, is_strict))
            return y;
    }
    return {};
}

void StripUnion::cut(std::int64_t y, bool is_clipped_below)
{
    m_cuts.push_back(y);
    m_is_clipped.push_back(is_clipped_below);
}

/// Further cuts where one interval holds too many chords.
void StripUnion::cutWithin(const Interval& busy)
{
    std::vector<std::int64_t> ys;
    for (const auto& ring : m_rings)
        if (ring.y1 >= busy.y0 && ring.y0 <= busy.y1)
            for (const auto p : ring.points)
                if (p.y >= busy.y0 && p.y <= busy.y1)
                    ys.push_back(p.y);
    if (ys.size() <= kChordsOfAStrip)
        return;
    std::ranges::sort(ys);
    const std::size_t parts = (ys.size() + kChordsOfAStrip - 1) / kChordsOfAStrip;
    for (std::size_t i = 1; i < parts; ++i) {
        const std::int64_t y = ys[i * ys.size() / parts];
        if (!m_cuts.empty() && y <= m_cuts.back() + kApart_grid)
            continue;
        if (const auto clean = cleanCut(y, busy.y1, true, true))
            cut(*clean, true);
    }
}

void StripUnion::plan()
{
    const auto busy = busyIntervals();
    if (busy.empty()) {
        m_is_clipped.push_back(false);
        return;
    }
    const bool is_long = m_chord_count > kChordsOfAStrip;
    if (busy.front().y0 > m_whole.y0)
        if (const auto y = cleanCut(m_whole.y0, busy.front().y0, false, false))
            cut(*y, false);
    for (std::size_t i = 0; i < busy.size(); ++i) {
        if (is_long)
            cutWithin(busy[i]);
        const bool is_last = i + 1 == busy.size();
        const std::int64_t above = is_last ? m_whole.y1 : busy[i + 1].y0;
        const auto end = above > busy[i].y1 ? cleanCut(busy[i].y1, above, true, false) : std::nullopt;
        if (!end)
            continue; // the next interval belongs to this strip
        cut(*end, true);
        if (is_last) {
            m_is_clipped.push_back(false);
            return;
        }
        if (const auto begin = cleanCut(*end, above, false, false))
            cut(*begin, false);
    }
    m_is_clipped.push_back(true);
}

std::size_t StripUnion::stripOf(std::int64_t y) const
{
    return static_cast<std::size_t>(std::ranges::upper_bound(m_cuts, y) - m_cuts.begin());
}

void StripUnion::addChains(std::size_t index, std::vector<Chain>& out) const
{
    const FramedRing& ring = m_rings[index];
    const std::size_t n = ring.points.size();
    const std::size_t lowest = stripOf(ring.y0);
    if (lowest == stripOf(ring.y1)) {
        out.push_back({index, lowest, 0, n, {}, {}});
        return;
    }
    // Begin behind a chord that crosses a cut, so that no chain runs over the end of the list.
    std::size_t start = 0;
    std::size_t strip = stripOf(ring.points[n - 1].y);
    while (stripOf(ring.points[start].y) == strip)
        ++start;
    std::optional<GridPoint> from;
    std::size_t first = start, count = 0;
    GridPoint a = ring.points[(start + n - 1) % n];
    for (std::size_t k = 0; k <= n; ++k) {
        const GridPoint b = ring.points[(start + k) % n];
        const std::size_t next = stripOf(b.y);
        while (strip != next) {
            const bool up = next > strip;
            const GridPoint at = crossingAt(m_cuts[up ? strip : strip - 1], a, b);
            if (k > 0)
                out.push_back({index, strip, first % n, count, from, at});
            from = at;
            strip = up ? strip + 1 : strip - 1;
            first = start + k;
            count = 0;
        }
        ++count;
        a = b;
    }
}

std::vector<StripUnion::Chain> StripUnion::chains() const
{
    std::vector<Chain> out;
    for (std::size_t i = 0; i < m_rings.size(); ++i)
        addChains(i, out);
    std::ranges::stable_sort(out, {}, &Chain::strip);
    return out;
}

void StripUnion::pass(const Chain& chain)
{
    const FramedRing& ring = m_rings[chain.ring];
    TracedRing inner;
    inner.reserve(chain.count);
    for (std::size_t i = 0, k = chain.first; i < chain.count; ++i, ++k) {
        if (k == ring.points.size())
            k = 0;
        inner.push_back({ring.points[k], ring.edgeFrom(k)});
    }
    if (chain.from)
        m_links.push_back({*chain.from, *chain.to, std::move(inner)});
    else
        m_result.push_back(std::move(inner));
}

Result<void> StripUnion::clipStrip(std::size_t strip, std::span<const Chain> chains, BooleanOp op,
                                   FillRule rule)
{
    std::vector<GridRing> subject, clip_rings;
    for (std::size_t i = 0; i < chains.size(); ++i) {
        const Chain& chain = chains[i];
        const FramedRing& ring = m_rings[chain.ring];
        auto& rings = ring.is_clip ? clip_rings : subject;
        if (i == 0 || chains[i - 1].ring != chain.ring)
            rings.emplace_back();
        GridRing& points = rings.back();
        const std::size_t n = ring.points.size();
        // The chords that enter and leave the strip are cut as well.
        m_clipped_edges.push_back(ring.edgeFrom((chain.first + n - 1) % n));
        if (chain.from)
            points.push_back(*chain.from);
        for (std::size_t j = 0, k = chain.first; j < chain.count; ++j, ++k) {
            if (k == n)
                k = 0;
            points.push_back(ring.points[k]);
            m_clipped_edges.push_back(ring.edgeFrom(k));
        }
        if (chain.to)
            points.push_back(*chain.to);
    }
    const auto made = clip(subject, clip_rings, op, rule);
    if (!made)
        return fail(made.error());
    m_has_touching = m_has_touching || made->has_touching;
    for (const auto& ring : made->rings)
        takeClipped(strip, ring);
    return {};
}

/// A ring of one strip without its edges on the cuts: they are there to close it.
void StripUnion::takeClipped(std::size_t strip, const GridRing& ring)
{
    const std::size_t n = ring.size();
    const auto isOnCut = [&](GridPoint p) {
        return (strip > 0 && p.y == m_cuts[strip - 1]) || (strip < m_cuts.size() && p.y == m_cuts[strip]);
    };
    const auto isCutEdge = [&](std::size_t i) {
        const GridPoint a = ring[i % n], b = ring[(i + 1) % n];
        return a.y == b.y && isOnCut(a);
    };
    std::size_t start = 0;
    while (start < n && !isCutEdge(start))
        ++start;
    if (start == n) {
        auto& whole = m_result.emplace_back();
        whole.reserve(n);
        for (const auto p : ring)
            whole.push_back({p, -1});
        return;
    }
    for (std::size_t k = 1; k <= n; ++k) {
        if (isCutEdge(start + k))
            continue;
        // From here to the next edge on a cut.
        Link link{ring[(start + k) % n], {}, {}};
        while (!isCutEdge(start + k)) {
            ++k;
            link.inner.push_back({ring[(start + k) % n], -1});
        }
        link.to = link.inner.back().at;
        link.inner.pop_back();
        m_links.push_back(std::move(link));
    }
}

/// Chains that end where others begin become rings; false when an end has no beginning.
bool StripUnion::link()
{
    std::unordered_map<GridPoint, std::size_t, PointHash> by_start;
    by_start.reserve(m_links.size());
    for (std::size_t i = 0; i < m_links.size(); ++i)
        if (!by_start.emplace(m_links[i].from, i).second)
            return false;
    std::vector<bool> is_used(m_links.size(), false);
    for (std::size_t i = 0; i < m_links.size(); ++i) {
        if (is_used[i])
            continue;
        TracedRing ring;
        std::size_t at = i;
        do {
            if (is_used[at])
                return false;
            is_used[at] = true;
            ring.insert(ring.end(), m_links[at].inner.begin(), m_links[at].inner.end());
            const auto next = by_start.find(m_links[at].to);
            if (next == by_start.end())
                return false;
            at = next->second;
        } while (at != i);
        if (ring.size() >= 3)
            m_result.push_back(std::move(ring));
    }
    return true;
}

void StripUnion::forget()
{
    m_clipped_edges.clear();
    m_links.clear();
    m_result.clear();
    m_has_touching = false;
}

/// False when the strips do not fit together.
Result<bool> StripUnion::tryRun(BooleanOp op, FillRule rule, const CancelToken& cancel)
{
    const auto all = chains();
    for (std::size_t i = 0; i < all.size();) {
        std::size_t end = i + 1;
        while (end < all.size() && all[end].strip == all[i].strip)
            ++end;
        if (cancel.isCancelled())
            return fail(ErrorCode::Cancelled);
        if (m_is_clipped[all[i].strip]) {
            if (auto done = clipStrip(all[i].strip, std::span(all).subspan(i, end - i), op, rule); !done)
                return fail(done.error());
        } else {
            for (std::size_t k = i; k < end; ++k)
                pass(all[k]);
        }
        i = end;
    }
    return link();
}

Result<std::vector<TracedRing>> StripUnion::run(BooleanOp op, FillRule rule, const CancelToken& cancel)
{
    plan();
    auto is_whole = tryRun(op, rule, cancel);
    if (is_whole && !*is_whole) {
        // Rounding moved something onto a cut: once more in one piece.
        forget();
        m_cuts.clear();
        m_is_clipped.assign(1, true);
        is_whole = tryRun(op, rule, cancel);
    }
    if (!is_whole)
        return fail(is_whole.error());
    return std::move(m_result);
}

} // namespace ink::detail
