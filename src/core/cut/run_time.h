// When the tool does what: a run as parts that take time.
#pragma once

#include "core/cut/run_order.h"

namespace ink {

/// How a machine moves; from memory of the trade, the person may change it.
struct MachinePace
{
    double cut_mm_s = 40.0, travel_mm_s = 120.0;
    double acceleration_mm_s2 = 600.0;
    /// Down and up again.
    double lift_s = 0.15;
    /// How often each path is done.
    int passes = 1;

    friend bool operator==(const MachinePace&, const MachinePace&) = default;
};

/// One path, with the way to it.
struct RunPart
{
    std::size_t path = 0;
    /// From the beginning of the run: when the tool sets out, comes down, and is up again.
    double start_s = 0.0, down_s = 0.0, end_s = 0.0;
    double length_mm = 0.0, air_mm = 0.0;
};

struct Run
{
    std::vector<ToolPath> paths;
    std::vector<RunPart> parts;
    double cut_length_mm = 0.0, air_length_mm = 0.0;
    double duration_s = 0.0;

    /// Where the tool is at a time, and whether it is down.
    struct At
    {
        Point tool;
        bool is_down = false;
        /// Which part is under way, and how much of its length is done.
        std::size_t part = 0;
        double share = 0.0;
    };
    At at(double time_s) const;
};

/// How long a straight way takes from rest to rest: a trapezoid of speed, or a triangle where it is too short for that.
double timeFor_s(double length_mm, double speed_mm_s, double acceleration_mm_s2);

/// Each path in its order; it is taken from corner to corner, the tool at rest at each.
Run timed(std::vector<ToolPath> paths, const MachinePace& pace, Point home = {});

} // namespace ink
