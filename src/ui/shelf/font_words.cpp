#include "ui/shelf/font_words.h"

#include "ui/core_words.h"

#include "ui/text.h"

#include <QPainter>

namespace ink::ui {

FontWords::FontWords(FontListModel& fonts, std::string sha256, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_fonts(fonts), m_sha256(std::move(sha256)), m_theme(theme)
{
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    connect(&m_fonts, &FontListModel::dataChanged, this, [this] { update(); });
    if (const int at = row(); at >= 0)
        setAccessibleName(tr("The words in %1").arg(m_fonts.name(at)));
}

int FontWords::row() const
{
    for (int row = 0; row < m_fonts.rowCount() && !m_fonts.isListing(row); ++row)
        if (m_fonts.shelf(row) && m_fonts.shelf(row)->sha256 == m_sha256)
            return row;
    return -1;
}

void FontWords::paintEvent(QPaintEvent*)
{
    const int at = row();
    const auto* preview = at < 0 ? nullptr : m_fonts.preview(at);
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    if (preview && preview->error) {
        painter.setPen(m_theme.colours().soft_ink);
        painter.setFont(m_theme.text(TextSize::Small));
        painter.drawText(rect(), Qt::AlignLeft | Qt::AlignVCenter | Qt::TextWordWrap,
                         said(errorText(preview->error->code)));
    }
    if (!preview || !preview->card)
        return;
    const QRectF box = preview->card->path_mm.boundingRect();
    if (box.isEmpty())
        return;
    const double scale = std::min(
        {0.62 * height() / preview->card->em_mm * 1.45, width() / box.width(), height() / box.height()});
    QTransform place;
    place.translate(0, height() / 2.0);
    place.scale(scale, scale);
    place.translate(-box.left(), -box.center().y());
    painter.fillPath(place.map(preview->card->path_mm), m_theme.colours().ink);
}

} // namespace ink::ui
