#include "ui/outline_paths.h"

namespace ink::ui {
namespace {

QPointF flipped(Point p)
{
    return {p.x, -p.y};
}

void add(QPainterPath& path, const Contour& ring)
{
    if (ring.isEmpty())
        return;
    path.moveTo(flipped(ring.segments.front().start()));
    for (const auto& s : ring.segments) {
        switch (s.kind) {
        case SegmentKind::Line:
            path.lineTo(flipped(s.p[1]));
            break;
        case SegmentKind::Quadratic:
            path.quadTo(flipped(s.p[1]), flipped(s.p[2]));
            break;
        case SegmentKind::Cubic:
            path.cubicTo(flipped(s.p[1]), flipped(s.p[2]), flipped(s.p[3]));
            break;
        }
    }
    path.closeSubpath();
}

} // namespace

QPainterPath toPainterPath(const Outline& outline)
{
    QPainterPath path;
    path.setFillRule(Qt::WindingFill);
    for (const auto& piece : piecePaths(outline))
        path.addPath(piece);
    return path;
}

std::vector<QPainterPath> piecePaths(const Outline& outline)
{
    std::vector<QPainterPath> paths;
    for (const auto& piece : outline.pieces) {
        QPainterPath& path = paths.emplace_back();
        path.setFillRule(Qt::WindingFill);
        add(path, piece.outer);
        for (const auto& middle : piece.middles)
            add(path, middle);
    }
    return paths;
}

QPainterPath toPainterPath(const Paths& paths)
{
    QPainterPath path;
    path.setFillRule(Qt::WindingFill);
    for (const auto& contour : paths)
        add(path, contour);
    return path;
}

QRectF toRect(const Box& box)
{
    return {QPointF(box.x0, -box.y1), QPointF(box.x1, -box.y0)};
}

} // namespace ink::ui
