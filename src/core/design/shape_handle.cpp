#include "core/design/shape_handle.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

namespace ink {
namespace {

std::array<Point, 4> cornersOf(const Box& box)
{
    return {{{box.x0, box.y0}, {box.x1, box.y0}, {box.x1, box.y1}, {box.x0, box.y1}}};
}

} // namespace

std::vector<Point> shapeHandles(const SetBlock& block)
{
    const Box& box = block.straight_ink;
    const double middle = (box.x0 + box.x1) / 2;
    switch (block.shape.kind) {
    case ShapeKind::Hill:
    case ShapeKind::Valley:
    case ShapeKind::Arch:
    case ShapeKind::Circle:
        return {{middle, 0.0}};
    case ShapeKind::Wave:
        return {{box.x0 + box.width() / 4, 0.0}};
    case ShapeKind::Rising:
        return {{box.x1, 0.0}};
    case ShapeKind::Taper:
        return {{box.x1, box.y1}};
    case ShapeKind::Bulge:
    case ShapeKind::Slant:
        return {{middle, box.y1}};
    case ShapeKind::Corners: {
        const auto corners = cornersOf(box);
        return {corners.begin(), corners.end()};
    }
    case ShapeKind::None:
    case ShapeKind::Mirror:
        break;
    }
    return {};
}

WordShape pulled(const SetBlock& block, const WordShape& before, std::size_t handle, Point from, Point to)
{
    const Box& box = block.straight_ink;
    const double width = std::max(1.0, box.width()), height = std::max(1.0, box.height());
    const double middle = (box.y0 + box.y1) / 2, up = (to.y - from.y) / width * 100.0;
    WordShape shape = before;
    switch (shape.kind) {
    case ShapeKind::Hill:
    case ShapeKind::Rising:
        shape.amount += up;
        break;
    case ShapeKind::Valley:
        shape.amount -= up;
        break;
    case ShapeKind::Wave: // its height is from crest to trough
        shape.amount += 2.0 * up;
        break;
    case ShapeKind::Arch:
    case ShapeKind::Circle: // a pull of the words' width closes the circle
        shape.amount += up * 3.6;
        break;
    case ShapeKind::Taper:
        shape.amount = (to.y - middle) / (height / 2) * 100.0;
        break;
    case ShapeKind::Bulge:
        shape.amount = ((to.y - middle) / (height / 2) - 1.0) * 100.0;
        break;
    case ShapeKind::Slant:
        shape.amount =
            std::atan((to.x - (box.x0 + box.x1) / 2) / std::max(1.0, box.y1)) * 180.0 / std::numbers::pi;
        break;
    case ShapeKind::Corners: {
        if (handle >= 4)
            return before;
        const Point by = to - cornersOf(box)[handle];
        shape.corners[handle] = {by.x / width, by.y / height};
        return sensible(shape).corners == shape.corners ? shape : before;
    }
    case ShapeKind::None:
    case ShapeKind::Mirror:
        return before;
    }
    shape = sensible(shape);
    shape.amount = std::round(shape.amount); // the limits are whole numbers
    return shape;
}

} // namespace ink
