// What lies over the welded words: caret, selection, joins, grips and handles.
#include "core/design/shape_handle.h"
#include "ui/compose/lettering_view.h"
#include "ui/compose/paper_accessible.h"
#include "ui/measures.h"
#include "ui/outline_paths.h"
#include "ui/text.h"

#include <QPainter>

#include <algorithm>
#include <array>
#include <cmath>

namespace ink::ui {

/// Where the letters of a closed-up line meet, and where they do not.
void LetteringView::paintPairs(QPainter& painter) const
{
    const auto& c = theme().colours();
    const auto& setting = m_composed->setting;
    if (m_job.job().lettering.close_up.depth_mm)
        for (const auto& pair : setting.pairs) {
            const Point mm = m_composed->placeOf(pair);
            const QPointF p = toScreen({mm.x, -mm.y});
            if (pair.state == ClosePair::State::Joins) {
                painter.setPen(QPen(c.card, 1));
                painter.setBrush(c.leaf);
                painter.drawEllipse(p, 3.2, 3.2);
            } else {
                painter.setPen(QPen(c.ochre, 2));
                painter.setBrush(Qt::NoBrush);
                painter.drawEllipse(p, 4.0, 4.0);
            }
        }
}

/// What blocks are moved by, and what their shapes are drawn with.
void LetteringView::paintHandles(QPainter& painter) const
{
    const auto& c = theme().colours();
    const auto& setting = m_composed->setting;
    if (setting.blocks.size() > 1)
        for (std::size_t i = 0; i < setting.blocks.size(); ++i) {
            const QPointF grip = gripOf(i);
            painter.setPen(QPen(c.soft_ink, 1));
            painter.setBrush(c.card);
            painter.drawEllipse(grip, kGrip_px, kGrip_px);
            for (int dy = -3; dy <= 3; dy += 3)
                painter.drawLine(grip + QPointF(-4, dy), grip + QPointF(4, dy));
        }
    for (std::size_t i = 0; i < setting.blocks.size(); ++i)
        for (const auto& handle : handlesOf(i)) {
            painter.setPen(QPen(c.card, 1.5));
            painter.setBrush(c.madder);
            painter.save();
            painter.translate(handle);
            painter.rotate(45);
            painter.drawRect(QRectF(-5.5, -5.5, 11, 11));
            painter.restore();
        }
}

void LetteringView::paintOver(QPainter& painter)
{
    if (!m_composed)
        return;
    const auto& c = theme().colours();
    const auto& setting = m_composed->setting;
    if (hasSelection()) {
        QColor tint = c.madder;
        tint.setAlphaF(0.16f);
        const auto [from, to] = selection();
        for (std::size_t i = 0; i + 1 < m_carets.size(); ++i) {
            const auto &a = m_carets[i], &b = m_carets[i + 1];
            if (a.character < from || a.character >= to || a.line != b.line)
                continue;
            painter.setPen(Qt::NoPen);
            painter.setBrush(tint);
            painter.drawPolygon(
                QPolygonF{toScreen(a.foot), toScreen(b.foot), toScreen(b.head), toScreen(a.head)});
        }
    }
    paintPairs(painter);
    paintHandles(painter);
    if (m_piece)
        for (const auto& placed : setting.pieces)
            if (placed.piece == m_piece) {
                painter.setPen(QPen(c.madder, 1.4, Qt::DashLine));
                painter.setBrush(Qt::NoBrush);
                painter.drawRect(boxOnScreen(placed.ink).adjusted(-4, -4, 4, 4));
            }
    paintSizeHandles(painter);
    paintGuides(painter);
    paintPart(painter);
    if (!m_note.isEmpty()) {
        painter.setFont(theme().text(TextSize::Small, true));
        const QFontMetrics metrics(painter.font());
        QRectF room(m_last + QPointF(14, 30),
                    QSizeF(metrics.horizontalAdvance(m_note) + 16, metrics.height() + 8));
        room.moveRight(std::min(room.right(), paperArea().right() - 4));
        painter.setPen(Qt::NoPen);
        painter.setBrush(c.ink);
        painter.drawRoundedRect(room, 5, 5);
        painter.setPen(c.card);
        painter.drawText(room, Qt::AlignCenter, m_note);
    }
    // What an input method composes stands at the caret until it is settled.
    if (const auto* place = caretPlace(m_caret); place && !m_composing.isEmpty()) {
        painter.setFont(theme().text(TextSize::Title));
        const QFontMetrics metrics(painter.font());
        const QPointF foot = toScreen(place->foot);
        const QRectF room(foot + QPointF(4, -metrics.height()),
                          QSizeF(metrics.horizontalAdvance(m_composing) + 8, metrics.height()));
        painter.fillRect(room, c.honey);
        painter.setPen(QPen(c.madder, 1));
        painter.drawLine(room.bottomLeft(), room.bottomRight());
        painter.setPen(c.ink);
        painter.drawText(room, Qt::AlignCenter, m_composing);
    }
    if (const auto* place = caretPlace(m_caret); place && !m_piece && (hasFocus() ? m_caret_shown : true)) {
        QColor colour = c.madder;
        if (!hasFocus())
            colour.setAlphaF(0.45f);
        painter.setPen(QPen(colour, 2));
        painter.drawLine(toScreen(place->foot), toScreen(place->head));
    }
}

} // namespace ink::ui
