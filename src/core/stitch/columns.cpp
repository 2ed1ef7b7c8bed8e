#include "core/stitch/columns.h"

#include "core/geometry/disjoint_sets.h"
#include "core/geometry/distance.h"
#include "core/stitch/running.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <optional>

namespace ink {
namespace {

constexpr double kStep_mm = 0.15;
constexpr double kTucked_mm = 0.5;
constexpr double kCornerTurn = 75.0 * std::numbers::pi / 180.0;
/// Ends stop this share before the edge: the last stitch lies inside.
constexpr double kToEdge = 0.98;
/// A free end further off than this, in half widths, is none of this stroke.
constexpr double kFarEnd = 3.9;
/// A rail further off than this share of the half width nearby is that of another stroke.
constexpr double kOtherStroke = 1.35, kOtherStroke_mm = 0.08;
constexpr std::size_t kLeastRungs = 3;
constexpr double kLeastRing = 3.3;

double median(std::vector<double> values)
{
    if (values.empty())
        return 0.0;
    const auto middle = values.begin() + std::ptrdiff_t(values.size() / 2);
    std::ranges::nth_element(values, middle);
    return *middle;
}

std::vector<double> alongOf(std::span<const Point> line)
{
    std::vector<double> out(line.size(), 0.0);
    for (std::size_t i = 1; i < line.size(); ++i)
        out[i] = out[i - 1] + length(line[i] - line[i - 1]);
    return out;
}

/// A stroke on its way to a column: even steps, smooth.
struct Course
{
    std::vector<Point> centre;
    std::vector<double> radius;
    bool is_ring = false;
    StrokeEndMeeting start, end;
    std::vector<std::size_t> crossings;
};

Course evenCourse(const AxisStroke& stroke)
{
    Course out{{}, {}, stroke.is_ring, stroke.start, stroke.end, stroke.crossings};
    std::vector<Point> line;
    std::vector<double> half;
    for (std::size_t i = 0; i < stroke.centre.size(); ++i)
        if (line.empty() || length(stroke.centre[i] - line.back()) > 1e-9) {
            line.push_back(stroke.centre[i]);
            half.push_back(stroke.radius[i]);
        }
    if (out.is_ring && line.size() > 2 && length(line.back() - line.front()) > 1e-9) {
        line.push_back(line.front());
        half.push_back(half.front());
    }
    out.centre = resampled(line, kStep_mm);
    const auto along = alongOf(line);
    const double whole = along.back();
    std::size_t at = 1;
    for (std::size_t k = 0; k < out.centre.size(); ++k) {
        const double wanted = whole * double(k) / double(std::max<std::size_t>(1, out.centre.size() - 1));
        while (at + 1 < along.size() && along[at] < wanted)
            ++at;
        if (line.size() < 2) {
            out.radius.push_back(half.front());
            continue;
        }
        const double step = along[at] - along[at - 1];
        const double t = step > 0.0 ? std::clamp((wanted - along[at - 1]) / step, 0.0, 1.0) : 0.0;
        out.radius.push_back(half[at - 1] + (half[at] - half[at - 1]) * t);
    }
    return out;
}

/// By a bell of about the stroke's half width; ends stay where they are.
void smooth(Course& course)
{
    const auto count = std::ptrdiff_t(course.centre.size());
    const auto reach =
        std::min<std::ptrdiff_t>(count / 3, std::ptrdiff_t(median(course.radius) / kStep_mm * 0.8));
    if (reach < 2)
        return;
    std::vector<double> weight;
    for (std::ptrdiff_t k = -reach; k <= reach; ++k)
        weight.push_back(std::exp(-0.5 * std::pow(double(k) / (double(reach) / 2.0), 2)));
    const auto& p = course.centre;
    const auto at = [&](std::ptrdiff_t i) {
        if (course.is_ring)
            return p[std::size_t((i % (count - 1) + count - 1) % (count - 1))];
        if (i < 0)
            return p.front() * 2.0 - p[std::size_t(-i)];
        return i < count ? p[std::size_t(i)] : p.back() * 2.0 - p[std::size_t(2 * (count - 1) - i)];
    };
    std::vector<Point> out;
    for (std::ptrdiff_t i = 0; i < count; ++i) {
        Point sum;
        double whole = 0.0;
        for (std::ptrdiff_t k = -reach; k <= reach; ++k) {
            const double w = weight[std::size_t(k + reach)];
            sum = sum + at(i + k) * w;
            whole += w;
        }
        out.push_back(sum * (1.0 / whole));
    }
    course.centre = std::move(out);
}

std::vector<Point> tangentsOf(const Course& course)
{
    const auto& p = course.centre;
    const std::size_t n = p.size();
    std::vector<Point> out(n);
    for (std::size_t i = 0; i < n; ++i) {
        const bool wraps = course.is_ring && n > 3;
        const Point before = i > 0 ? p[i - 1] : wraps ? p[n - 2] : p[i];
        const Point after = i + 1 < n ? p[i + 1] : wraps ? p[1] : p[i];
        out[i] = unitVector(after - before, i > 0 ? out[i - 1] : Point{1, 0});
    }
    return out;
}

/// Where a corner is: the turn within the width is largest, and large.
std::optional<std::size_t> cornerOf(const Course& course, const std::vector<Point>& tangent)
{
    std::optional<std::size_t> best;
    double most = kCornerTurn;
    for (std::size_t i = 0; i < course.centre.size(); ++i) {
        const auto reach = std::size_t(std::max(2.0, course.radius[i] / kStep_mm));
        if (i < 2 * reach || i + 2 * reach >= course.centre.size())
            continue;
        const double turn = std::acos(std::clamp(dot(tangent[i - reach], tangent[i + reach]), -1.0, 1.0));
        if (turn > most) {
            most = turn;
            best = i;
        }
    }
    return best;
}

Course part(const Course& c, std::size_t from, std::size_t to)
{
    Course out{{}, {}, false, {}, {}, {}};
    out.centre.assign(c.centre.begin() + std::ptrdiff_t(from), c.centre.begin() + std::ptrdiff_t(to) + 1);
    out.radius.assign(c.radius.begin() + std::ptrdiff_t(from), c.radius.begin() + std::ptrdiff_t(to) + 1);
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
        Column column;
        column.is_ring = c.is_ring;
        column.crossings = c.crossings;
        std::vector<double> widths;
        for (const auto& rung : rungs)
            widths.push_back(rung.width());
        column.width_mm = median(widths);
        column.least_width_mm = *std::ranges::min_element(widths);
        column.most_width_mm = *std::ranges::max_element(widths);
        column.rungs = std::move(rungs);
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
