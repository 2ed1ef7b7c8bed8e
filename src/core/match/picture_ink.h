// The lettering of a picture, set right: what is ink and what is ground, upright and level.
#pragma once

#include "core/base/cancel.h"
#include "core/geometry/segment.h"
#include "core/match/picture.h"

#include <array>
#include <iosfwd>
#include <optional>

namespace ink {

/// Of the part with the lettering: top left, top right, bottom right, bottom left. Units: px from the top left of the
/// picture, y down.
using FrameCorners = std::array<Point, 4>;

/// A round blot that is no lettering, in px of PictureInk.
struct Blot
{
    Point centre;
    double radius_px = 0.0;
};

/// What a person says about the picture; what is left open is found.
struct InkWishes
{
    std::optional<FrameCorners> corners;
    std::optional<bool> is_light_on_dark;
    /// How far the line of the lettering rises to the right.
    std::optional<double> slope_deg;
    std::vector<Blot> painted_out;
};

/// The lettering as it was understood.
struct PictureInk
{
    int width_px = 0, height_px = 0;
    /// Rows from the top; 255 is all ink. Soft edges are kept: they tell where the edge lies within a pixel.
    std::vector<std::uint8_t> ink;
    FrameCorners corners{};
    bool is_light_on_dark = false;
    double slope_deg = 0.0;
    /// How wide an edge is smeared: nothing finer can be told.
    double edge_px = 1.0;
};

/// Sets the part between the corners right and tells ink from ground: perspective, the colours that tell most, a threshold
/// half-way between the ink and the ground that are near, specks away, the line brought level.
/// Errors: PictureOneTone, PictureWithoutLettering, FrameTooSmall, Cancelled.
/// Source: N. Otsu, IEEE Trans. SMC 9(1), 1979 (threshold); homography of four points and distances by OpenCV.
Result<PictureInk> inkOf(const Picture& picture, const InkWishes& wishes = {},
                         const CancelToken& cancel = {});

/// A grey PNG picture of what was understood: black ink on white.
/// Errors: FileUnwritable.
/// Source: W3C PNG 3 (libpng).
Result<void> writeInkPng(std::ostream& out, const PictureInk& ink);

/// The corners of a plate that fills much of the picture (a label, a sign), where one is to be seen plainly.
std::optional<FrameCorners> plateIn(const Picture& picture);

/// The corners of a part without perspective.
FrameCorners cornersOf(const Box& frame);

} // namespace ink
