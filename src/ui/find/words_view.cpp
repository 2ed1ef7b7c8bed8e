#include "ui/find/words_view.h"

#include <QPainter>

#include <algorithm>
#include <cmath>

namespace ink::ui {

WordsView::WordsView(const Theme& theme, QWidget* parent) : QWidget(parent), m_theme(theme)
{
    setMinimumHeight(60);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
}

void WordsView::setCard(std::shared_ptr<const FitCard> card, const std::string& words,
                        std::vector<FitMarkLine> lines)
{
    m_card = std::move(card);
    m_lines = std::move(lines);
    m_problem.clear();
    setAccessibleName(tr("The words “%1”").arg(QString::fromStdString(words)));
    updateGeometry();
    update();
}

void WordsView::setProblem(const QString& problem)
{
    m_card.reset();
    m_problem = problem;
    setAccessibleName(problem);
    update();
}

void WordsView::setShownMark(std::optional<FitMarkKind> kind)
{
    m_shown = kind;
    update();
}

void WordsView::setScale(double px_per_mm)
{
    m_px_per_mm = px_per_mm;
    updateGeometry();
    update();
}

QSize WordsView::sizeHint() const
{
    if (m_px_per_mm <= 0.0 || !m_card)
        return {400, 160};
    return {static_cast<int>(std::ceil(m_card->width_mm * m_px_per_mm)) + 2 * kMargin,
            static_cast<int>(std::ceil(m_card->height_mm * m_px_per_mm)) + 4 * kGrid};
}

void WordsView::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    if (!m_card) {
        painter.setFont(m_theme.text(TextSize::Body));
        painter.setPen(m_theme.colours().soft_ink);
        painter.drawText(rect(), Qt::AlignCenter | Qt::TextWordWrap, m_problem);
        return;
    }
    const QRectF box = m_card->path_mm.boundingRect();
    const QRectF room = QRectF(rect()).adjusted(kMargin, 2 * kGrid, -kMargin, -2 * kGrid);
    if (box.isEmpty() || room.isEmpty())
        return;
    const double scale =
        m_px_per_mm > 0.0 ? m_px_per_mm : std::min(room.width() / box.width(), room.height() / box.height());
    QTransform place;
    place.translate(m_px_per_mm > 0.0 ? room.left() : room.center().x() - box.width() * scale / 2,
                    room.center().y());
    place.scale(scale, scale);
    place.translate(-box.left(), -box.center().y());
    painter.fillPath(place.map(m_card->path_mm), m_theme.colours().ink);
    if (m_shown)
        if (const auto line = std::ranges::find(m_lines, *m_shown, &FitMarkLine::kind); line != m_lines.end())
            paintPlaces(painter, *line, place, m_theme);
}

} // namespace ink::ui
