// A short way through stops that may be taken by several ends, each after what it holds.
#pragma once

#include "core/base/cancel.h"
#include "core/geometry/segment.h"

#include <cstddef>
#include <vector>

namespace ink {

/// A way to do a path: where the tool comes down and where it goes up again.
struct TourEntry
{
    Point in, out;
    /// Segment that a closed path starts with; an open one is reversed where this is 1.
    std::size_t first = 0;
};

struct TourStop
{
    std::vector<TourEntry> entries;
    /// The one that is taken now.
    std::size_t chosen = 0;
    /// Done after this one: the stop of what is around it.
    int container = -1;

    Point in() const { return entries[chosen].in; }
    Point out() const { return entries[chosen].out; }
};

struct TourOptions
{
    /// Disturbances that are tried once no exchange makes it shorter.
    int kicks = 0;
    CancelToken cancel = {};
};

/// Nearest next, then 2-opt and Or-opt among neighbours, the best ends for the order, and kicks that are kept where they
/// help. The order is always one that may be run; a cancelled one is only longer.
/// Shape:  numbers of `stops`, each once; which entry is taken stands in `chosen`.
/// Source: S. Lin, B. W. Kernighan, Operations Research 21(2), 1973 (exchanges); I. Or, 1976 (moved stretches); O. Martin,
///         S. W. Otto, E. W. Felten, Complex Systems 5, 1991 (kicks).
std::vector<std::size_t> shortTour(std::vector<TourStop>& stops, Point from, Point to,
                                   const TourOptions& options);

} // namespace ink
