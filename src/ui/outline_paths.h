// Core outlines as painter paths.
#pragma once

#include "core/geometry/path.h"

#include <QPainterPath>

#include <vector>

namespace ink::ui {

/// y turned downwards; units stay. Pieces do not overlap, so the fill rule does not matter.
QPainterPath toPainterPath(const Outline& outline);
/// The same, piece by piece.
std::vector<QPainterPath> piecePaths(const Outline& outline);
/// One glyph as drawn, filled by winding.
QPainterPath toPainterPath(const Paths& paths);

/// y turned downwards.
QRectF toRect(const Box& box);

} // namespace ink::ui
