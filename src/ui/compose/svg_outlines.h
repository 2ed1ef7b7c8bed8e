// Filled outlines of an SVG file, for the motif tray.
#pragma once

#include "core/base/result.h"
#include "core/geometry/path.h"

#include <QString>

namespace ink::ui {

/// Every filled shape of the picture, strokes as the areas they cover, in the file's own units with y up.
/// Errors: FileUnreadable, PictureWithoutOutlines.
Result<Paths> outlinesOfSvg(const QString& file);

/// The outline brought to 1/1000 em: as high as a capital, standing on the baseline, its left edge at 0.
Paths asMotif(const Paths& outline);

} // namespace ink::ui
