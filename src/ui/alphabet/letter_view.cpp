#include "ui/alphabet/letter_view.h"

#include "core/formats/stitch_file.h"

#include <QPainter>

#include <algorithm>

namespace ink::ui {

LetterView::LetterView(const Theme& theme, QWidget* parent) : QWidget(parent), m_theme(theme)
{
    setMinimumHeight(theme.scaled(180));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
}

void LetterView::show(const SewnLetter* letter, double size_mm)
{
    m_letter = letter ? *letter : SewnLetter();
    m_size_mm = size_mm;
    setAccessibleName(letter ? tr("The letter %1 as it is sewn").arg(QString::fromStdString(letter->letter))
                             : tr("No letter chosen"));
    update();
}

void LetterView::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto& c = m_theme.colours();
    painter.fillRect(rect(), c.card);
    if (m_letter.work.empty() || m_size_mm <= 0.0)
        return;
    const Box& box = m_letter.box_mm;
    const double left_mm = std::min(0.0, box.x0 - m_letter.before_mm),
                 right_mm = std::max(box.x1, box.x1 + m_letter.after_mm),
                 low_mm = std::min(box.y0, -0.35 * m_size_mm), high_mm = std::max(box.y1, 1.05 * m_size_mm);
    const QRectF room = QRectF(rect()).adjusted(3 * kGrid, 3 * kGrid, -3 * kGrid, -3 * kGrid);
    const double scale =
        std::min(room.width() / std::max(1.0, right_mm - left_mm), room.height() / (high_mm - low_mm));
    const auto place = [&](Point p) {
        return QPointF(room.center().x() + (p.x - (left_mm + right_mm) / 2) * scale,
                       room.bottom() - (p.y - low_mm) * scale);
    };
    // The line it stands on, the height of the capitals, and where its room begins and ends.
    painter.setPen(QPen(c.rule, 1));
    const double foot = place({0, 0}).y(), head = place({0, m_size_mm}).y();
    painter.drawLine(QPointF(0, head), QPointF(width(), head));
    painter.setPen(QPen(c.soft_ink, 1));
    painter.drawLine(QPointF(0, foot), QPointF(width(), foot));
    painter.setPen(QPen(c.soft_ink, 1, Qt::DashLine));
    for (const double x : {box.x0 - m_letter.before_mm, box.x1 + m_letter.after_mm}) {
        const double at = place({x, 0}).x();
        painter.drawLine(QPointF(at, head), QPointF(at, foot));
    }
    QPen thread(c.madder, std::max(1.0, kThread_mm * scale), Qt::SolidLine, Qt::RoundCap);
    for (std::size_t i = 1; i < m_letter.work.size(); ++i) {
        if (m_letter.work[i].kind != NeedleStep::Kind::Stitch)
            continue;
        const Point from = m_letter.work[i - 1].at, to = m_letter.work[i].at;
        const double sheen = std::min(1.3, sheenOf(to - from));
        QColor colour = c.madder;
        thread.setColor(sheen > 1.0 ? colour.lighter(int(100 * sheen)) : colour.darker(int(100 / sheen)));
        painter.setPen(thread);
        painter.drawLine(place(from), place(to));
    }
}

} // namespace ink::ui
