// Sewn work as it will look: threads as lines, and on their cloth.
#pragma once

#include "core/formats/stitch_file.h"

namespace ink::detail {

/// Of a layer; the last colour goes on.
std::string threadOf(const SewnFile& file, std::size_t layer);

/// A polyline for each thread that is sewn without a break.
void writeThreadSvg(std::ostream& out, const SewnFile& file);
/// The cloth, what is laid on it, and the threads with their sheen, at 300 dpi or what fits 6,000 pixels.
/// Errors: FileUnwritable.
Result<void> writeCloth(std::ostream& out, const SewnFile& file);

} // namespace ink::detail
