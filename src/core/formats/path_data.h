// Outlines as SVG path data: text that other programs read.
#pragma once

#include "core/base/result.h"
#include "core/geometry/path.h"

#include <string>
#include <string_view>

namespace ink {

/// Path data with absolute commands M, L, Q, C and Z, y down as in SVG; numbers in the fewest digits that
/// give the same bits again.
/// Source: SVG 1.1, 8.3.
std::string pathData(const Paths& paths);
std::string pathData(const OpenPath& path);

/// Reads what pathData writes, and any path data of absolute and relative M, L, H, V, C, S, Q, T and Z. Open
/// ends are closed, as when filled.
/// Errors: DocumentDamaged (also for arcs, and ordinates beyond 1e8).
Result<Paths> pathsFromData(std::string_view data);

} // namespace ink
