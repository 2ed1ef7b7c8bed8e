#include "core/stitch/course.h"

#include "core/stitch/running.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace ink::detail {
namespace {

constexpr double kCornerTurn = 75.0 * std::numbers::pi / 180.0;

} // namespace

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

void straightenEnd(Course& course, std::size_t reach)
{
    auto& p = course.centre;
    if (p.size() < 3 * reach + 2)
        return;
    const std::size_t from = p.size() - 1 - reach;
    const Point way = unitVector(p[from] - p[from - reach]);
    for (std::size_t i = from + 1; i < p.size(); ++i)
        p[i] = p[from] + way * (double(i - from) * kStep_mm);
}

} // namespace ink::detail
