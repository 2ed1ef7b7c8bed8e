// Pairs of segments whose boxes meet, and what can be told of them at a glance. Internal.
#pragma once

#include "core/geometry/box.h"
#include "core/geometry/path.h"

#include <algorithm>
#include <span>
#include <vector>

namespace ink::detail {

/// A segment and its neighbours along the ring.
struct Link
{
    const Segment* segment;
    const Segment* previous;
    const Segment* next;
};

struct SweptSegment
{
    Box box;
    Link link;
    /// The shape it is a whole curve of, or -1.
    int untouched = -1;
    /// The number of its ring.
    std::size_t ring = 0;
};

/// A stretch of a curve that takes `chords` chords, a power of two.
struct Stretch
{
    Segment curve;
    double from = 0.0, to = 1.0;
    int chords = 1;

    /// The whole curve on chords within `tolerance`.
    static Stretch whole(const Segment& s, double tolerance);
    std::pair<Stretch, Stretch> halves() const;
};

/// A chord of one comes nearer than `near` to a chord of the other.
bool areNear(const Stretch& a, const Stretch& b, double near);

/// Neighbours whose handles leave their node to two sides of a line meet nowhere else.
bool partAtTheirNode(const Segment& before, const Segment& after);
/// Known neighbours, and they do.
bool partAtTheirNode(const Link& a, const Link& b);

/// The curve crosses itself, seen on chords within `tolerance`.
bool loops(const Segment& s, double tolerance);

/// All segments, by their place along the longer side of the whole.
class SegmentSweep
{
public:
    explicit SegmentSweep(std::span<const Contour> rings, std::span<const std::vector<int>> untouched = {});

    std::span<const SweptSegment> segments() const { return m_segments; }

    /// `look(a, b)` for each pair whose boxes come nearer than `near` to each other, until it returns false.
    template <class Look>
    void forEachPair(double near, Look look) const
    {
        std::vector<const SweptSegment*> open; // segments that reach the one at hand
        for (const auto& s : m_segments) {
            std::erase_if(open, [&](const SweptSegment* o) { return o->box.x1 + near < s.box.x0; });
            for (const SweptSegment* other : open)
                if (other->box.y0 <= s.box.y1 + near && s.box.y0 <= other->box.y1 + near && !look(s, *other))
                    return;
            open.push_back(&s);
        }
    }

private:
    std::vector<SweptSegment> m_segments;
};

} // namespace ink::detail
