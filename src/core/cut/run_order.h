// In which order a tool does its paths, and where it starts each.
#pragma once

#include "core/base/cancel.h"
#include "core/cut/tool_path.h"

namespace ink {

struct OrderOptions
{
    /// Where the tool waits before and after; the upper left corner of the sheet.
    Point home = {};
    /// Rounds of improving by chance after the two exchanges have found nothing more; 0 for a quick answer.
    int kicks = 400;
    CancelToken cancel = {};
};

/// By operation; inside one, what lies inside is done before what is around it, near ones after each other. Closed paths start
/// at a corner where they have one, and otherwise where the tool comes from; open ones may be reversed.
/// Units:  mm.
/// Shape:  every path once; a closed path keeps its direction.
/// Source: nearest neighbour, then 2-opt (G. A. Croes, "A method for solving traveling-salesman problems", Operations Research
///         6(6), 1958) and Or-opt (I. Or, 1976), under the order of containment; starts by dynamic programming along the way.
std::vector<ToolPath> inOrder(std::vector<ToolPath> paths, const OrderOptions& options = {});

/// How far the tool goes without cutting, from home to home.
double airLength_mm(const std::vector<ToolPath>& run, Point home = {});

/// For each path, the closed path that most closely goes round it among those of its operation; -1 for none.
std::vector<int> containers(const std::vector<ToolPath>& paths);

} // namespace ink
