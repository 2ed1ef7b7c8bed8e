// How far two shapes that stand side by side are from touching.
#pragma once

#include "core/geometry/path.h"

#include <optional>
#include <vector>

namespace ink {

/// The chords of a shape, ready to be asked how far they reach at a height.
class SideProfile
{
public:
    /// Chords lie within `tolerance` of the curves.
    SideProfile(const Paths& shape, double tolerance);

    bool isEmpty() const { return m_edges.empty(); }
    const Box& box() const { return m_box; }

private:
    friend struct SideGap;
    friend std::optional<struct SideGap> sideGap(const SideProfile&, const SideProfile&, Point);
    struct Edge
    {
        Point a, b; // a is the lower end
    };
    /// Smallest (sign 1) or largest (sign -1) x of the shape at a height.
    std::optional<double> reach(double y, double sign) const;
    std::size_t binOf(double y) const;

    /// How far the shape reaches at the height of an end of a chord.
    struct Level
    {
        double y, least_x, most_x;
    };
    std::vector<Level> levels() const;

    Box m_box;
    std::vector<Edge> m_edges;
    std::vector<Level> m_levels;
    /// Strips of one height, about as many as chords: those of strip i are m_in_bin[m_first[i]..m_first[i +
    /// 1]].
    std::size_t m_bins = 1;
    std::vector<unsigned> m_first, m_in_bin;
};

struct SideGap
{
    /// How far the right shape can move to the left until the two touch; negative when it has to move to the
    /// right for that.
    double distance = 0.0;
    /// Where they touch, on the left shape.
    Point at;
};

/// Exact on the chords of both. Nothing when no height holds ink of both.
/// Units:  those of the coordinates; `right_at` is where the right shape stands.
/// Source: the gap is the least of x_right - x_left over pairs of chords; on a pair it is linear in y, so it
///         is least at the height of an end of a chord.
std::optional<SideGap> sideGap(const SideProfile& left, const SideProfile& right, Point right_at);

} // namespace ink
