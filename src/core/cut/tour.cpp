#include "core/cut/tour.h"

#include <algorithm>
#include <numeric>
#include <random>

namespace ink {
namespace {

/// Neighbours that an exchange looks at, and stops that are moved together.
constexpr std::size_t kNeighbours = 10, kLongestMoved = 3;

/// One operation's stops, in the order of their numbers in `m_order`, from one place to another.
class Tour
{
public:
    Tour(std::vector<TourStop> stops, Point from, Point to, const TourOptions& options)
        : m_stops(std::move(stops)), m_from(from), m_to(to), m_options(options)
    {
        begin();
    }

    void improve()
    {
        findNeighbours();
        do {
            m_work.resize(m_stops.size());
            std::iota(m_work.begin(), m_work.end(), 0);
            descend();
        } while (chooseStarts() && !m_options.cancel.isCancelled());
        std::mt19937 random(7);
        for (int kick = 0; kick < m_options.kicks && m_stops.size() > 4 && !m_options.cancel.isCancelled();
             ++kick) {
            const auto order = m_order;
            const auto stops = chosen();
            const double before = length_mm();
            if (!kicked(random))
                continue;
            descend();
            if (length_mm() > before - 1e-9)
                restore(order, stops);
        }
        chooseStarts();
    }

    std::vector<std::size_t> take(std::vector<TourStop>& stops)
    {
        stops = std::move(m_stops);
        return std::move(m_order);
    }
    double length_mm() const
    {
        double sum = 0.0;
        for (std::size_t k = 0; k <= m_order.size(); ++k)
            sum += link(k, k);
        return sum;
    }

private:
    Point outAt(std::size_t k) const { return k == 0 ? m_from : m_stops[m_order[k - 1]].out(); }
    Point inAt(std::size_t k) const { return k == m_order.size() ? m_to : m_stops[m_order[k]].in(); }
    /// From the stop before place `a` to the stop at place `b`.
    double link(std::size_t a, std::size_t b) const { return length(inAt(b) - outAt(a)); }

    /// Nearest next, of those whose contents are done.
    void begin()
    {
        std::vector<int> waits(m_stops.size(), 0);
        for (const auto& stop : m_stops)
            if (stop.container >= 0)
                ++waits[std::size_t(stop.container)];
        std::vector<std::size_t> open;
        for (std::size_t i = 0; i < m_stops.size(); ++i)
            if (waits[i] == 0)
                open.push_back(i);
        Point at = m_from;
        while (!open.empty()) {
            std::size_t best = 0, best_entry = 0;
            double least = 1e300;
            for (std::size_t k = 0; k < open.size(); ++k)
                for (std::size_t e = 0; e < m_stops[open[k]].entries.size(); ++e)
                    if (const double d = length(m_stops[open[k]].entries[e].in - at); d < least) {
                        least = d;
                        best = k;
                        best_entry = e;
                    }
            const std::size_t stop = open[best];
            open.erase(open.begin() + std::ptrdiff_t(best));
            m_stops[stop].chosen = best_entry;
            m_order.push_back(stop);
            at = m_stops[stop].out();
            if (const int container = m_stops[stop].container;
                container >= 0 && --waits[std::size_t(container)] == 0)
                open.push_back(std::size_t(container));
        }
        number();
    }

    void number(std::size_t from, std::size_t to)
    {
        for (std::size_t k = from; k < to; ++k)
            m_place[m_order[k]] = k;
    }
    void number()
    {
        m_place.resize(m_order.size());
        number(0, m_order.size());
    }

    void findNeighbours()
    {
        m_near.assign(m_stops.size(), {});
        std::vector<std::size_t> others(m_stops.size());
        for (std::size_t i = 0; i < m_stops.size(); ++i) {
            std::iota(others.begin(), others.end(), 0);
            const auto last = others.begin() + std::ptrdiff_t(std::min(others.size(), kNeighbours + 1));
            std::ranges::partial_sort(others, last, {}, [&](std::size_t j) {
                return length(m_stops[j].entries.front().in - m_stops[i].entries.front().in);
            });
            for (auto j = others.begin(); j != last; ++j)
                if (*j != i)
                    m_near[i].push_back(*j);
        }
    }

    /// Turned round or moved behind each other, no container may come before what it holds. Asking for the nearest container
    /// is enough: one further out comes after it.
    bool mayTurn(std::size_t from, std::size_t to) const
    {
        for (std::size_t k = from; k <= to; ++k) {
            const auto& stop = m_stops[m_order[k]];
            if (stop.container >= 0 && m_place[std::size_t(stop.container)] >= from &&
                m_place[std::size_t(stop.container)] <= to)
                return false;
        }
        return true;
    }
    /// Places a..b-1 and b..c-1 change places: nothing of the first may be held by something of the second.
    bool maySwap(std::size_t a, std::size_t b, std::size_t c) const
    {
        for (std::size_t k = a; k < b; ++k) {
            const int container = m_stops[m_order[k]].container;
            if (container >= 0 && m_place[std::size_t(container)] >= b && m_place[std::size_t(container)] < c)
                return false;
        }
        return true;
    }

    static bool isLoop(const TourStop& stop) { return stop.entries.front().in == stop.entries.front().out; }
    void flip(TourStop& stop) const
    {
        if (!isLoop(stop))
            stop.chosen = 1 - stop.chosen;
    }

    /// 2-opt: the stretch from..to the other way round.
    bool turn(std::size_t from, std::size_t to)
    {
        if (from >= to)
            return false;
        const double before = link(from, from) + link(to + 1, to + 1);
        // Lines are turned with it, so that ways inside stay as long as they are.
        const Point in = m_stops[m_order[from]].in(), out = m_stops[m_order[to]].out();
        const double after = length(out - outAt(from)) + length(inAt(to + 1) - in);
        if (after > before - 1e-9 || !mayTurn(from, to))
            return false;
        std::reverse(m_order.begin() + std::ptrdiff_t(from), m_order.begin() + std::ptrdiff_t(to) + 1);
        for (std::size_t k = from; k <= to; ++k)
            flip(m_stops[m_order[k]]);
        number(from, to + 1);
        touch(from);
        touch(to + 1);
        return true;
    }

    /// Or-opt: `count` stops from place `from` go to stand before place `to`.
    bool move(std::size_t from, std::size_t count, std::size_t to)
    {
        const std::size_t end = from + count;
        if (end > m_order.size() || (to >= from && to <= end))
            return false;
        const double before = link(from, from) + link(end, end) + link(to, to);
        const double after = length(inAt(end) - outAt(from)) +
                             length(m_stops[m_order[from]].in() - outAt(to)) +
                             length(inAt(to) - m_stops[m_order[end - 1]].out());
        if (after > before - 1e-9)
            return false;
        const bool is_later = to > end;
        if (is_later ? !maySwap(from, end, to) : !maySwap(to, from, end))
            return false;
        const auto at = [&](std::size_t k) { return m_order.begin() + std::ptrdiff_t(k); };
        if (is_later)
            std::rotate(at(from), at(end), at(to));
        else
            std::rotate(at(to), at(from), at(end));
        number(std::min(from, to), std::max(end, to));
        for (const std::size_t place : {from, end, to, to + count})
            touch(place);
        return true;
    }

    bool betterAround(std::size_t stop)
    {
        for (const std::size_t other : m_near[stop]) {
            const std::size_t a = m_place[stop], b = m_place[other];
            for (std::size_t count = 1; count <= kLongestMoved; ++count)
                if (move(a, count, b) || move(a, count, b + 1) ||
                    (a + 1 >= count && move(a + 1 - count, count, b)) ||
                    (a + 1 >= count && move(a + 1 - count, count, b + 1)))
                    return true;
            // The two come to stand beside each other, by their ends or by their beginnings.
            if (a < b ? turn(a + 1, b) : turn(b + 1, a))
                return true;
            if (a < b ? (b > 0 && turn(a, b - 1)) : (a > 0 && turn(b, a - 1)))
                return true;
        }
        return false;
    }

    /// Until nothing around the stops of m_work is better otherwise.
    void descend()
    {
        while (!m_work.empty() && !m_options.cancel.isCancelled()) {
            const std::size_t stop = m_work.back();
            m_work.pop_back();
            while (betterAround(stop)) {
            }
        }
    }

    /// What stands at the place, and before it, is to be looked at again.
    void touch(std::size_t place)
    {
        for (const std::size_t k : {place, place - 1})
            if (k < m_order.size())
                m_work.push_back(m_order[k]);
    }

    /// The best starts for the order as it is.
    bool chooseStarts()
    {
        const double before = length_mm();
        std::vector<std::vector<double>> cost(m_order.size());
        std::vector<std::vector<std::size_t>> from(m_order.size());
        for (std::size_t k = 0; k < m_order.size(); ++k) {
            const auto& entries = m_stops[m_order[k]].entries;
            cost[k].assign(entries.size(), 1e300);
            from[k].assign(entries.size(), 0);
            for (std::size_t e = 0; e < entries.size(); ++e) {
                if (k == 0) {
                    cost[k][e] = length(entries[e].in - m_from);
                    continue;
                }
                const auto& last = m_stops[m_order[k - 1]].entries;
                for (std::size_t f = 0; f < last.size(); ++f)
                    if (const double c = cost[k - 1][f] + length(entries[e].in - last[f].out);
                        c < cost[k][e]) {
                        cost[k][e] = c;
                        from[k][e] = f;
                    }
            }
        }
        if (m_order.empty())
            return false;
        std::size_t best = 0;
        double least = 1e300;
        const auto& last = m_stops[m_order.back()].entries;
        for (std::size_t e = 0; e < last.size(); ++e)
            if (const double c = cost.back()[e] + length(m_to - last[e].out); c < least) {
                least = c;
                best = e;
            }
        if (least > before - 1e-9)
            return false;
        for (std::size_t k = m_order.size(); k-- > 0;) {
            m_stops[m_order[k]].chosen = best;
            best = from[k][best];
        }
        return true;
    }

    /// Three stretches change places: what neither exchange undoes (a double bridge, kept short so that little is disturbed).
    bool kicked(std::mt19937& random)
    {
        const std::size_t n = m_order.size(), reach = std::min<std::size_t>(n, 60);
        const std::size_t a = random() % (n - std::min(n - 1, reach) + 1);
        const std::size_t span = std::min(reach, n - a);
        if (span < 3)
            return false;
        const std::size_t b = a + 1 + random() % (span - 2), c = b + 1 + random() % (a + span - b - 1);
        if (c > n || !maySwap(a, b, c))
            return false;
        std::rotate(m_order.begin() + std::ptrdiff_t(a), m_order.begin() + std::ptrdiff_t(b),
                    m_order.begin() + std::ptrdiff_t(c));
        number(a, c);
        for (const std::size_t place : {a, a + c - b, c})
            touch(place);
        return true;
    }

    std::vector<std::size_t> chosen() const
    {
        std::vector<std::size_t> out;
        for (const auto& stop : m_stops)
            out.push_back(stop.chosen);
        return out;
    }
    void restore(const std::vector<std::size_t>& order, const std::vector<std::size_t>& chosen)
    {
        m_order = order;
        for (std::size_t i = 0; i < chosen.size(); ++i)
            m_stops[i].chosen = chosen[i];
        number();
    }

    std::vector<TourStop> m_stops;
    std::vector<std::size_t> m_order, m_place;
    /// Stops whose neighbours are to be looked at.
    std::vector<std::size_t> m_work;
    std::vector<std::vector<std::size_t>> m_near;
    Point m_from, m_to;
    const TourOptions& m_options;
};

} // namespace

std::vector<std::size_t> shortTour(std::vector<TourStop>& stops, Point from, Point to,
                                   const TourOptions& options)
{
    Tour tour(std::move(stops), from, to, options);
    tour.improve();
    return tour.take(stops);
}

} // namespace ink
