// Where and how often the outlines of two shapes meet.
#pragma once

#include "core/geometry/box.h"
#include "core/geometry/chord_index.h"
#include "core/geometry/path.h"

#include <cstddef>
#include <vector>

namespace ink {

struct Meeting
{
    /// Places where the outlines cross; two for a stroke's end within another stroke, four for strokes that
    /// cross.
    std::size_t crossings = 0;
    /// One lies within the other without crossing it.
    bool is_within = false;

    bool touches() const { return crossings > 0 || is_within; }
};

/// The chords of a shape, ready to be laid over another.
class ShapeChords
{
public:
    /// Chords lie within `tolerance` of the curves.
    ShapeChords(const Paths& shape, double tolerance);

    const Box& box() const { return m_box; }

private:
    friend Meeting meetingOf(const ShapeChords&, Point, const ShapeChords&, Point);
    friend double distanceOf(const ShapeChords&, Point, const ShapeChords&, Point, double);
    friend bool overlapDeeply(const ShapeChords&, Point, const ShapeChords&, Point, double);
    bool holds(Point p) const;
    bool holdsDeeply(Point p, double depth) const;
    Box m_box;
    std::vector<Chord> m_chords; // by the lower end
};

/// An end of a chord of one lies in the other, further than `depth` from its edge: they overlap, whatever the
/// chords are wrong by. Each shape is moved to its place.
bool overlapDeeply(const ShapeChords& one, Point one_at, const ShapeChords& other, Point other_at,
                   double depth);

/// Units:  those of the coordinates; each shape is moved to its place. Inside is told by the even-odd rule.
Meeting meetingOf(const ShapeChords& one, Point one_at, const ShapeChords& other, Point other_at);

/// The nearest that two shapes come to each other, each moved to its place; 0 where they meet, `most` when
/// they are no nearer than that.
/// Units:  those of the shapes.
/// Errors: none.
double distanceOf(const ShapeChords& one, Point one_at, const ShapeChords& other, Point other_at,
                  double most);

} // namespace ink
