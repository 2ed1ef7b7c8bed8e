// An outline as straight sites for a Voronoi diagram. Internal to the medial axis.
#pragma once

#include "core/base/cancel.h"
#include "core/base/result.h"
#include "core/geometry/axis_graph.h"
#include "core/geometry/engine/grid.h"
#include "core/geometry/path.h"

#include <boost/polygon/segment_data.hpp>
#include <boost/polygon/voronoi.hpp>

#include <vector>

namespace ink::detail {

using Site = boost::polygon::segment_data<std::int32_t>;

/// Chords of all rings as sites, ink on their left, and a frame far around them so that every edge of the
/// diagram that matters has two ends. No two of them cross, or touch anywhere but at their ends.
struct Sites
{
    std::vector<Site> segments;
    /// The chord before and after each in its ring.
    std::vector<std::size_t> previous, next;
    /// The segment of the outline behind each chord, and its parameters at the chord's ends.
    std::vector<int> curve;
    std::vector<double> t0, t1;
    std::size_t chord_count = 0;
    double step = 1.0;

    Point start(std::size_t i) const
    {
        return {double(segments[i].low().x()), double(segments[i].low().y())};
    }
    Point end(std::size_t i) const
    {
        return {double(segments[i].high().x()), double(segments[i].high().y())};
    }
};

/// Errors: NonFinite, TooManyNodes, WeldFailed, Cancelled.
Result<Sites> sitesOf(const Outline& outline, Unit unit, const CancelToken& cancel);

} // namespace ink::detail
