// The same face in several formats, the same bytes twice, several faces under one name.
#pragma once

#include "core/intake/package.h"

namespace ink {

/// Notes on the fonts of a package that repeat each other, and on the package; `PackageEntry::better` says
/// which to take.
void compareFonts(PackageContents& contents);

} // namespace ink
