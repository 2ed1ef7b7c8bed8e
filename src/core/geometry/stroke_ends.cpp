#include "core/geometry/stroke_ends.h"

#include "core/geometry/flatten.h"

#include <algorithm>
#include <numbers>

namespace ink {
namespace {

constexpr double kChordTolerance_u = 0.25;
constexpr double kTurn_rad = 150.0 * std::numbers::pi / 180.0;
/// A round end is half a circle (1.57 widths); a slanted cut is longer.
constexpr double kLongestEnd_widths = 2.2;
constexpr double kWidestStroke_u = 260.0;
/// A point's sides are this far apart when they are parallel enough.
constexpr double kPoint_u = 10.0;
/// What turns within more of its own length is a dot.
constexpr double kShareOfDot = 0.3;
constexpr double kLeastFit = 0.45;
constexpr double kMirroredFit = 0.85;
constexpr double kOverlap_widths = 0.6;

struct Window
{
    std::size_t first = 0, count = 0; // vertices, from `first` on
    double arc = 0.0;
    StrokeEnd end;
};

class RingReader
{
public:
    RingReader(std::vector<Point> points, double u) : m_points(std::move(points)), m_u(u)
    {
        const std::size_t n = m_points.size();
        for (std::size_t i = 0; i < n; ++i) {
            const Point in = m_points[i] - at(i + n - 1), out = at(i + 1) - m_points[i];
            m_turns.push_back(std::atan2(cross(in, out), dot(in, out)));
            m_lengths.push_back(length(out));
            m_around += m_lengths.back();
        }
    }

    std::vector<StrokeEnd> ends() const
    {
        std::vector<Window> windows;
        for (std::size_t i = 0; i < m_points.size(); ++i)
            if (auto window = windowFrom(i); window.count > 0)
                windows.push_back(window);
        // The shortest of those that overlap is the end itself.
        std::ranges::stable_sort(windows, {}, &Window::arc);
        std::vector<Window> chosen;
        for (const auto& window : windows)
            if (std::ranges::none_of(chosen, [&](const Window& other) { return overlap(window, other); }))
                chosen.push_back(window);
        std::ranges::sort(chosen, {}, &Window::first);
        std::vector<StrokeEnd> ends;
        for (const auto& window : chosen)
            ends.push_back(window.end);
        return ends;
    }

private:
    Point at(std::size_t i) const { return m_points[i % m_points.size()]; }

    /// The shortest run of vertices from `first` on that turns far enough; none where it is no end.
    Window windowFrom(std::size_t first) const
    {
        Window window{first, 0, 0.0, {}};
        if (m_turns[first] <= 0.0)
            return window;
        double turned = 0.0;
        const double longest = kLongestEnd_widths * kWidestStroke_u * m_u;
        for (std::size_t k = 0; k < m_points.size(); ++k) {
            turned += m_turns[(first + k) % m_points.size()];
            if (turned >= kTurn_rad) {
                const Point chord = at(first + k) - at(first);
                const double width = length(chord);
                if (window.arc > kShareOfDot * m_around || width > kWidestStroke_u * m_u ||
                    window.arc > std::max(kLongestEnd_widths * width, kPoint_u * m_u))
                    return window;
                window.count = k + 1;
                window.end = endOf(first, k);
                return window;
            }
            window.arc += m_lengths[(first + k) % m_points.size()];
            if (window.arc > longest)
                break;
        }
        return window;
    }

    StrokeEnd endOf(std::size_t first, std::size_t last) const
    {
        const Point a = at(first), b = at(first + last), chord = b - a;
        StrokeEnd end;
        end.width = length(chord);
        const Point in = unitVector(a - at(first + m_points.size() - 1), {}),
                    out = unitVector(at(first + last + 1) - b, {});
        // Along the sides of the stroke; the chord of a slanted cut would say something else.
        end.outward = unitVector(in - out, {});
        end.at = lerp(a, b, 0.5);
        double furthest = 0.0;
        for (std::size_t k = 0; k <= last; ++k)
            furthest = std::max(furthest, dot(at(first + k) - end.at, end.outward));
        end.at = end.at + end.outward * furthest;
        return end;
    }

    bool overlap(const Window& a, const Window& b) const
    {
        const std::size_t n = m_points.size();
        return (b.first + n - a.first) % n < a.count || (a.first + n - b.first) % n < b.count;
    }

    std::vector<Point> m_points;
    double m_u;
    std::vector<double> m_turns, m_lengths;
    double m_around = 0.0;
};

std::vector<Point> cleaned(std::vector<Point> points)
{
    const auto last = std::unique(points.begin(), points.end());
    points.erase(last, points.end());
    while (points.size() > 1 && points.front() == points.back())
        points.pop_back();
    return points;
}

} // namespace

std::vector<StrokeEnd> strokeEnds(const Outline& outline, double u)
{
    std::vector<StrokeEnd> ends;
    for (const auto& piece : outline.pieces) {
        const bool is_counter_clockwise = piece.outer.signedArea() > 0.0;
        auto points = cleaned(
            flattened(is_counter_clockwise ? piece.outer : piece.outer.reversed(), kChordTolerance_u * u));
        if (points.size() < 3)
            continue;
        const auto of_piece = RingReader(std::move(points), u).ends();
        ends.insert(ends.end(), of_piece.begin(), of_piece.end());
    }
    return ends;
}

std::vector<Growth> growths(const std::vector<StrokeEnd>& on, const std::vector<StrokeEnd>& of, double u)
{
    std::vector<Growth> all;
    for (std::size_t i = 0; i < on.size(); ++i)
        for (std::size_t k = 0; k < of.size(); ++k)
            for (const bool is_mirrored : {false, true}) {
                const double side = is_mirrored ? -1.0 : 1.0;
                const Point at{of[k].at.x * side, of[k].at.y};
                const Point outward{of[k].outward.x * side, of[k].outward.y};
                const double a = std::max(on[i].width, kPoint_u * u), b = std::max(of[k].width, kPoint_u * u);
                const double thin = std::min(a, b), wide = std::max(a, b);
                const double fit = -dot(on[i].outward, outward) * std::sqrt(thin / wide) *
                                   (is_mirrored ? kMirroredFit : 1.0);
                if (fit >= kLeastFit)
                    all.push_back(
                        {is_mirrored, on[i].at - on[i].outward * (kOverlap_widths * thin) - at, i, k, fit});
            }
    std::ranges::stable_sort(all, std::ranges::greater(), &Growth::fit);
    return all;
}

} // namespace ink
