// Fewer nodes within a stated distance: smoother cuts and stitches.
#pragma once

#include "core/base/cancel.h"
#include "core/base/result.h"
#include "core/geometry/path.h"
#include "core/geometry/unit.h"

#include <functional>

namespace ink {

/// Where an outline turns by less it is smooth.
inline constexpr double kSmooth_deg = 5.0;

struct ReduceOptions
{
    /// Largest distance between the outline before and after, in the units of the coordinates.
    double tolerance = 0.02;
    CancelToken cancel = {};
    /// Segments that stay as they are, to the bit; may be empty.
    std::function<bool(const Segment&)> keeps = {};
    /// A node where the outline turns by less is no corner, and may go.
    double corner_deg = kSmooth_deg;
};

struct Reduction
{
    Outline outline;
    std::size_t nodes_before = 0;
    std::size_t nodes_after = 0;
    /// The largest distance really reached.
    double largest_deviation = 0.0;
    /// False where rings had to stay closer to what they were, because they would have crossed.
    bool is_everywhere = true;
};

/// Joins neighbours that meet at less than `corner_deg` into single cubics. Corners stay, straight lines stay straight, and
/// the nodes that carry the width and height of the whole stay where they are.
/// Shape:  a valid outline in and out. A ring is bent by no more than a fifth of its own size; where rings
///         would cross, those that do are halved in tolerance, twelve times at most, after which they stay as
///         they are.
/// Errors: Cancelled.
/// Source: P. J. Schneider, Graphics Gems, 1990, for the fit; longest stretch first, which is the fewest
///         there can be as long as a part of a stretch that fits also fits.
Result<Reduction> reduceNodes(const Outline& outline, Unit unit, const ReduceOptions& options = {});

enum class NodeKind { Corner, Smooth };

/// The node at the start of segment `index`: smooth where the outline turns by less than `corner_deg`.
NodeKind nodeKind(const Contour& ring, std::size_t index, double corner_deg = kSmooth_deg);

} // namespace ink
