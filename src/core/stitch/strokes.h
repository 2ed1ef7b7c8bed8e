// The axis of a word as strokes: straight on at crossings, with what ends there tucked under what runs on.
#pragma once

#include "core/geometry/skeleton.h"

#include <optional>
#include <vector>

namespace ink {

struct StrokeEndMeeting
{
    /// Which crossing it ends at; none for a free end.
    std::optional<std::size_t> crossing;
    /// Much wider than what it meets: it runs on to the far edge, and the others end at it.
    bool runs_on = false;
    /// Half the width of what it meets.
    double radius = 0.0;
};

/// One stroke of a letter as a hand would draw it.
struct AxisStroke
{
    /// Middle and half width.
    std::vector<Point> centre;
    std::vector<double> radius;
    bool is_ring = false;
    StrokeEndMeeting start, end;
    /// All it meets, in its course too.
    std::vector<std::size_t> crossings;
};

struct AxisStrokes
{
    std::vector<AxisStroke> strokes;
    /// Where they meet.
    std::vector<Point> crossings;
};

/// At each crossing the branches that turn least and are of like width are one stroke (under 60 degrees, 2.2 : 1). Crossings
/// nearer to each other than 0.9 of their radius are one. Across a crossing the middle goes straight, where the axis bulges
/// towards the stroke that joins.
/// Units:  those of the branches, mm.
AxisStrokes strokesOf(const std::vector<Branch>& branches);

} // namespace ink
