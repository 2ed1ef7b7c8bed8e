#include "core/stitch/columns.h"

#include "core/geometry/disjoint_sets.h"
#include "core/geometry/distance.h"
#include "core/stitch/course.h"
#include "core/stitch/running.h"

#include <algorithm>
#include <cmath>
#include <optional>

namespace ink {
using namespace detail;

namespace {

constexpr double kTucked_mm = 0.5;
/// Parts of a stroke shorter than this are sewn as what is round them.
constexpr double kLeastStretch_mm = 2.0;
/// Ends stop this share before the edge: the last stitch lies inside.
constexpr double kToEdge = 0.98;
/// A free end further off than this, in half widths, is none of this stroke.
constexpr double kFarEnd = 3.9;
/// A rail further off than this share of the half width nearby is that of another stroke.
constexpr double kOtherStroke = 1.35, kOtherStroke_mm = 0.08;
constexpr std::size_t kLeastRungs = 3;
/// A cut end, in widths: straight within this, and aslant by between these. From a side as far inwards as kInsideSide.
constexpr double kStraightCut = 0.08, kLeastSlant = 0.12, kMostSlant = 1.2, kInsideSide = 0.06;
constexpr double kLeastRing = 3.3;

/// Rungs from one to another, both of them in it.
struct Stretch
{
    std::size_t from = 0, to = 0;
};

/// A pen's stroke swells and thins: what is too thin for a satin is a line, what is not lies over its end. Whole where only a little of
/// it is otherwise than the rest.
std::vector<Stretch> stretchesOf(const std::vector<Rung>& rungs)
{
    const auto least = std::size_t(kLeastStretch_mm / kStep_mm);
    const auto isThin = [&](std::size_t i) { return rungs[i].width() < kThinnestSatin_mm; };
    std::vector<Stretch> out;
    for (std::size_t i = 0; i < rungs.size(); ++i) {
        const bool is_new = out.empty() || isThin(i) != isThin(out.back().from);
        if (is_new)
            out.push_back({i, i});
        else
            out.back().to = i;
    }
    // Short ones belong to what is round them, the shortest first.
    while (out.size() > 1) {
        const auto shortest =
            std::ranges::min_element(out, {}, [](const Stretch& s) { return s.to - s.from; });
        if (shortest->to - shortest->from >= least)
            break;
        const auto i = std::size_t(shortest - out.begin());
        const std::size_t first = i > 0 ? i - 1 : i, last = i + 1 < out.size() ? i + 1 : i;
        out[first].to = out[last].to;
        out.erase(out.begin() + std::ptrdiff_t(first) + 1, out.begin() + std::ptrdiff_t(last) + 1);
    }
    const auto lap = std::size_t(kTucked_mm / kStep_mm);
    for (std::size_t i = 0; i + 1 < out.size(); ++i) {
        out[i].to = std::min(rungs.size() - 1, out[i].to + lap);
        out[i + 1].from = out[i + 1].from > lap ? out[i + 1].from - lap : 0;
    }
    return out;
}

class ColumnMaker
{
public:
    explicit ColumnMaker(const AxisStrokes& strokes, const InkRays& rays)
        : m_rays(rays), m_crossings(strokes.crossings.size())
    {
        for (const auto& stroke : strokes.strokes) {
            Course course = evenCourse(stroke);
            if (course.centre.size() < 2) {
                m_left_out.push_back(stroke.crossings);
                continue;
            }
            smooth(course);
            split(std::move(course));
        }
    }

    /// What met through a stroke that is too short to be sewn meets all the same.
    std::vector<Column> take()
    {
        DisjointSets same(m_crossings);
        for (const auto& crossings : m_left_out)
            for (const auto crossing : crossings)
                same.join(crossings.front(), crossing);
        for (auto& column : m_columns)
            for (auto& crossing : column.crossings)
                crossing = same.leaderOf(crossing);
        return std::move(m_columns);
    }

private:
    void split(Course course)
    {
        if (course.is_ring)
            return make(course);
        const auto tangent = tangentsOf(course);
        const auto corner = cornerOf(course, tangent);
        if (!corner)
            return make(course);
        const auto reach = std::size_t(std::max(2.0, course.radius[*corner] / kStep_mm));
        const double radius = course.radius[*corner];
        Course first = part(course, 0, *corner - reach),
               second = part(course, *corner + reach, course.centre.size() - 1);
        straightenEnd(first, reach);
        std::ranges::reverse(second.centre);
        straightenEnd(second, reach);
        std::ranges::reverse(second.centre);
        // Both know each other by a crossing of their own.
        const std::size_t crossing = m_crossings++;
        first.start = course.start;
        second.end = course.end;
        first.end = {crossing, true, radius};
        second.start = {crossing, false, radius};
        if (second.centre.size() > first.centre.size())
            std::swap(first.end.runs_on, second.start.runs_on);
        // Each passes those of its own half: what meets it is told by how near it is, too.
        first.crossings = second.crossings = course.crossings;
        first.crossings.push_back(crossing);
        second.crossings.push_back(crossing);
        // The one that ends there goes on until it lies under the other.
        const auto tuck = [&](Course& c, bool is_end) {
            const Point way = is_end ? unitVector(c.centre.back() - c.centre[c.centre.size() - 2])
                                     : unitVector(c.centre[0] - c.centre[1]);
            const auto steps = std::size_t(kTucked_mm / kStep_mm);
            for (std::size_t k = 0; k < steps; ++k) {
                const auto where = is_end ? c.centre.end() : c.centre.begin();
                const auto width_at = is_end ? c.radius.end() : c.radius.begin();
                const double half = is_end ? c.radius.back() : c.radius.front();
                const Point to = (is_end ? c.centre.back() : c.centre.front()) + way * kStep_mm;
                c.centre.insert(where, to);
                c.radius.insert(width_at, half);
            }
        };
        if (first.centre.size() < 2 || second.centre.size() < 2)
            return make(course);
        if (!first.end.runs_on)
            tuck(first, true);
        if (!second.start.runs_on)
            tuck(second, false);
        // What is tucked is not cut back again.
        if (!first.end.runs_on)
            first.end.radius = 0.0;
        if (!second.start.runs_on)
            second.start.radius = 0.0;
        split(std::move(first));
        split(std::move(second));
    }

    /// Out to the edge along the direction of the end.
    void extend(Course& c, std::vector<Point>& tangent, bool is_end) const
    {
        const auto& meeting = is_end ? c.end : c.start;
        if (meeting.crossing && !meeting.runs_on)
            return;
        const Point from = is_end ? c.centre.back() : c.centre.front();
        const Point way = is_end ? tangent.back() : tangent.front() * -1.0;
        const double half = is_end ? c.radius.back() : c.radius.front();
        const double far = kFarEnd * half + 1.0;
        const double reach = m_rays.reach(from, way, far);
        if (reach >= far)
            return;
        std::vector<Point> added;
        for (double along = kStep_mm; along < kToEdge * reach; along += kStep_mm)
            added.push_back(from + way * along);
        added.push_back(from + way * (kToEdge * reach));
        if (!is_end)
            std::ranges::reverse(added);
        const Point forward = is_end ? way : way * -1.0;
        c.centre.insert(is_end ? c.centre.end() : c.centre.begin(), added.begin(), added.end());
        c.radius.insert(is_end ? c.radius.end() : c.radius.begin(), added.size(), half);
        tangent.insert(is_end ? tangent.end() : tangent.begin(), added.size(), forward);
    }

    /// Distance of a rail along the course, carried over where the edge seen is another stroke's.
    std::vector<double> rail(const Course& c, const std::vector<Point>& tangent, double side) const
    {
        const std::size_t n = c.centre.size();
        const auto window = std::size_t(std::max(3.0, 1.2 * median(c.radius) / kStep_mm));
        std::vector<double> out(n);
        std::vector<bool> holds(n);
        std::size_t good = 0;
        std::vector<double> low(n);
        for (std::size_t i = 0; i < n; ++i) {
            const std::size_t from = i > window ? i - window : 0, to = std::min(n, i + window + 1);
            low[i] = *std::min_element(c.radius.begin() + std::ptrdiff_t(from),
                                       c.radius.begin() + std::ptrdiff_t(to));
            const Point way = Point{-tangent[i].y, tangent[i].x} * side;
            out[i] = m_rays.reach(c.centre[i], way, 3.0 * c.radius[i] + 0.5);
            holds[i] = out[i] <= kOtherStroke * low[i] + kOtherStroke_mm;
            good += holds[i];
        }
        const auto seen = out;
        if (good < 2) {
            for (std::size_t i = 0; i < n; ++i)
                out[i] = std::min(out[i], 1.1 * low[i]);
            return out;
        }
        std::size_t before = n;
        for (std::size_t i = 0; i < n; ++i) {
            if (holds[i]) {
                before = i;
                continue;
            }
            std::size_t after = i;
            while (after < n && !holds[after])
                ++after;
            if (before == n)
                out[i] = out[after];
            else if (after == n)
                out[i] = out[before];
            else
                out[i] =
                    out[before] + (out[after] - out[before]) * double(i - before) / double(after - before);
            out[i] = std::min(out[i], seen[i]); // never beyond the ink that is there
        }
        return out;
    }

    /// Rungs that would cross the one before hold on to its end: a fan instead of a knot.
    static void untangle(std::vector<Rung>& rungs)
    {
        for (std::size_t i = 1; i < rungs.size(); ++i) {
            const auto& before = rungs[i - 1];
            auto& rung = rungs[i];
            const Point forward = rung.centre - before.centre;
            if (dot(rung.left - before.left, forward) < 0.0)
                rung.left = before.left;
            if (dot(rung.right - before.right, forward) < 0.0)
                rung.right = before.right;
        }
    }

    /// A stroke that is cut off aslant: its last rungs turn into the cut, so that the last stitch lies along it.
    void slantEnd(std::vector<Rung>& rungs) const
    {
        std::vector<double> widths;
        for (const auto& rung : rungs)
            widths.push_back(rung.width());
        const double usual = median(widths);
        // Where the end is no nearer than the stroke is wide, both sides of it are still sides.
        double behind = 0.0;
        std::size_t from = rungs.size() - 1;
        while (from > 0 && behind < 1.2 * usual) {
            behind += length(rungs[from].centre - rungs[from - 1].centre);
            --from;
        }
        if (from < kLeastRungs || rungs.size() - from < kLeastRungs)
            return;
        const Rung& sound = rungs[from];
        // The axis bends into the sharper corner there: on as it came.
        const Point way = unitVector(sound.centre - rungs[from - kLeastRungs].centre);
        const double width = sound.width(), far = behind + 2.0 * width;
        // Just inside the sides, which run along.
        const auto reachFrom = [&](Point side) {
            return m_rays.reach(lerp(side, sound.centre, kInsideSide), way, far);
        };
        const double left = reachFrom(sound.left), right = reachFrom(sound.right),
                     middle = m_rays.reach(sound.centre, way, far);
        const double slant = std::abs(left - right);
        const bool is_straight = std::abs(middle - (left + right) / 2.0) < kStraightCut * width;
        if (std::max(left, right) >= far || !is_straight || slant < kLeastSlant * width ||
            slant > kMostSlant * width)
            return;
        const Point left_end = sound.left + way * (kToEdge * left),
                    right_end = sound.right + way * (kToEdge * right);
        const Rung begin = sound;
        for (std::size_t i = from + 1; i < rungs.size(); ++i) {
            const double t = double(i - from) / double(rungs.size() - 1 - from);
            rungs[i].left = lerp(begin.left, left_end, t);
            rungs[i].right = lerp(begin.right, right_end, t);
            rungs[i].centre = lerp(rungs[i].left, rungs[i].right, 0.5);
        }
    }

    void make(Course c)
    {
        auto tangent = tangentsOf(c);
        const double own_start = c.start.radius, own_end = c.end.radius;
        if (!c.is_ring) {
            extend(c, tangent, false);
            extend(c, tangent, true);
        }
        const auto left = rail(c, tangent, 1.0), right = rail(c, tangent, -1.0);
        std::vector<Rung> rungs;
        for (std::size_t i = 0; i < c.centre.size(); ++i) {
            const Point normal{-tangent[i].y, tangent[i].x};
            rungs.push_back({c.centre[i], c.centre[i] + normal * left[i], c.centre[i] - normal * right[i]});
        }
        if (!c.is_ring) {
            if (!c.end.crossing)
                slantEnd(rungs);
            if (!c.start.crossing) {
                std::ranges::reverse(rungs);
                slantEnd(rungs);
                std::ranges::reverse(rungs);
            }
        }
        // What lies under the stroke it meets is left out, but for a little.
        if (!c.is_ring) {
            const auto along = alongOf(c.centre);
            double from = 0.0, to = along.back();
            if (c.start.crossing && !c.start.runs_on)
                from = std::max(0.0, own_start - kTucked_mm);
            if (c.end.crossing && !c.end.runs_on)
                to -= std::max(0.0, own_end - kTucked_mm);
            std::vector<Rung> kept;
            for (std::size_t i = 0; i < rungs.size(); ++i)
                if (along[i] >= from && along[i] <= to)
                    kept.push_back(rungs[i]);
            rungs = std::move(kept);
        }
        // Round a middle there is more way than its own width times pi: less is a knot of crossings.
        const bool is_knot = c.is_ring && lengthOf(c.centre) < kLeastRing * 2.0 * median(c.radius);
        if (rungs.size() < kLeastRungs || is_knot) {
            m_left_out.push_back(c.crossings);
            return;
        }
        if (c.is_ring)
            rungs.back() = rungs.front();
        untangle(rungs);
        const auto stretches = c.is_ring ? std::vector<Stretch>{{0, rungs.size() - 1}} : stretchesOf(rungs);
        std::optional<std::size_t> before;
        for (std::size_t i = 0; i < stretches.size(); ++i) {
            auto crossings = c.crossings;
            if (before)
                crossings.push_back(*before);
            if (i + 1 < stretches.size()) {
                before = m_crossings++;
                crossings.push_back(*before);
            }
            take(rungs, stretches[i], c.is_ring, std::move(crossings));
        }
    }

    void take(const std::vector<Rung>& rungs, const Stretch& stretch, bool is_ring,
              std::vector<std::size_t> crossings)
    {
        Column column;
        column.is_ring = is_ring;
        column.crossings = std::move(crossings);
        column.rungs.assign(rungs.begin() + std::ptrdiff_t(stretch.from),
                            rungs.begin() + std::ptrdiff_t(stretch.to) + 1);
        std::vector<double> widths;
        for (const auto& rung : column.rungs)
            widths.push_back(rung.width());
        column.width_mm = median(widths);
        column.least_width_mm = *std::ranges::min_element(widths);
        column.most_width_mm = *std::ranges::max_element(widths);
        m_columns.push_back(std::move(column));
    }

    const InkRays& m_rays;
    std::size_t m_crossings;
    std::vector<Column> m_columns;
    /// Crossings of strokes that became no column.
    std::vector<std::vector<std::size_t>> m_left_out;
};

} // namespace

std::vector<Column> columnsOf(const AxisStrokes& strokes, const InkRays& rays)
{
    return ColumnMaker(strokes, rays).take();
}

Column columnOfDot(const Outline& dot, const InkRays& rays)
{
    const Box box = bounds(dot);
    const Point centre{(box.x0 + box.x1) / 2, (box.y0 + box.y1) / 2};
    const bool is_wide = box.width() >= box.height();
    const Point way = is_wide ? Point{1, 0} : Point{0, 1}, normal{-way.y, way.x};
    const double far = box.width() + box.height();
    const double ahead = kToEdge * rays.reach(centre, way, far),
                 back = kToEdge * rays.reach(centre, way * -1.0, far);
    Column out;
    const int steps = std::max(3, int((ahead + back) / kStep_mm));
    for (int k = 0; k <= steps; ++k) {
        const Point at = centre + way * (-back + (ahead + back) * double(k) / steps);
        out.rungs.push_back({at, at + normal * rays.reach(at, normal, far),
                             at - normal * rays.reach(at, normal * -1.0, far)});
    }
    out.width_mm = out.most_width_mm = is_wide ? box.height() : box.width();
    return out;
}

} // namespace ink
