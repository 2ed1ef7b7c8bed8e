// The frame that is drawn over a part of the words, to take that part away as a motif.
#pragma once

#include <QPointF>
#include <QRectF>

#include <optional>

class QKeyEvent;

namespace ink::ui {

/// Places in mm, y downwards.
class PartFrame
{
public:
    bool isOpen() const { return m_rect.has_value(); }
    const QRectF& rect() const { return *m_rect; }
    void open(const QRectF& rect) { m_rect = rect; }
    void close() { m_rect.reset(); }
    void drawFrom(QPointF corner) { m_corner = corner; }
    void drawTo(QPointF corner) { m_rect = QRectF(m_corner, corner).normalized(); }
    /// Arrows move it, with Shift its right and lower sides. False when the key is none of these.
    bool moveBy(const QKeyEvent& event);

private:
    std::optional<QRectF> m_rect;
    QPointF m_corner;
};

} // namespace ink::ui
