// A part of a picture, as large as a widget has room for, in its middle.
#pragma once

#include "core/geometry/segment.h"

#include <QRectF>

namespace ink::ui {

struct FittedPart
{
    /// In px of the picture, and where it lies in the widget.
    QRectF part, shown;

    /// `margin` stays free all round.
    FittedPart(const QRectF& of_picture, const QSizeF& room, double margin) : part(of_picture)
    {
        const QSizeF size =
            part.size().scaled(room - QSizeF(2.0 * margin, 2.0 * margin), Qt::KeepAspectRatio);
        shown = {QPointF((room.width() - size.width()) / 2.0, (room.height() - size.height()) / 2.0), size};
    }

    double scale() const { return part.isEmpty() ? 1.0 : shown.width() / part.width(); }
    QPointF toScreen(Point p) const
    {
        return shown.topLeft() + (QPointF(p.x, p.y) - part.topLeft()) * scale();
    }
    Point toPicture(QPointF screen) const
    {
        const QPointF at = (screen - shown.topLeft()) / scale() + part.topLeft();
        return {at.x(), at.y()};
    }
};

} // namespace ink::ui
