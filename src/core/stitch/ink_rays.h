// From a place in the ink to its edge.
#pragma once

#include "core/geometry/chord_index.h"
#include "core/geometry/path.h"

namespace ink {

class InkRays
{
public:
    /// Curves are taken on chords within `tolerance`.
    InkRays(const Outline& outline, double tolerance);

    /// How far the edge is from `from` along the unit vector `way`; `far` where it is no nearer.
    double reach(Point from, Point way, double far) const;
    /// Straight from one place to the other through the ink, but for the last `within` before it.
    bool sees(Point from, Point to, double within) const;

private:
    std::vector<Chord> m_chords;
    ChordIndex m_index;
};

} // namespace ink
