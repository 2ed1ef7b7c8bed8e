// The Voronoi diagram of an outline's chords, with numbers as large as they need. Internal to the medial axis.
#pragma once

#include "core/geometry/axis/sites.h"

namespace ink::detail {

using Diagram = boost::polygon::voronoi_diagram<double>;

/// Asks at every edge. False, and nothing to be read, when it was cancelled.
bool construct(const Sites& sites, Diagram& diagram, const CancelToken& cancel);

} // namespace ink::detail
