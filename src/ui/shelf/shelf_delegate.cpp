#include "ui/shelf/shelf_delegate.h"

#include "core/type/key_map.h"
#include "ui/core_words.h"
#include "ui/find/font_line_delegate.h"
#include "ui/text.h"
#include "ui/widgets/marks.h"

#include <QPainter>

#include <algorithm>
#include <cmath>

namespace ink::ui {
namespace {

/// More letters that a font lacks than these are not named.
constexpr std::size_t kMostMissing = 6;
constexpr double kBoard = 5.0;
constexpr double kLeastWords = 40.0, kMostWords = 110.0;
constexpr double kForms = 40.0;

} // namespace

ShelfDelegate::ShelfDelegate(FontListModel& fonts, const ShelfFilter& filter, const Theme& theme,
                             QObject* parent)
    : QStyledItemDelegate(parent), m_fonts(fonts), m_filter(filter), m_theme(theme)
{
}

double ShelfDelegate::labelHeight() const
{
    return QFontMetrics(m_theme.heading(TextSize::Body)).height() +
           QFontMetrics(m_theme.text(TextSize::Tiny)).height();
}

double ShelfDelegate::heightOfWords(const FitCard& card, double item_width) const
{
    const QRectF box = card.path_mm.boundingRect();
    return box.isEmpty() ? kLeastWords : box.height() * (item_width - 8 * kGrid) / box.width() + kGrid;
}

void ShelfDelegate::setWordsHeight(double height)
{
    // In whole steps, so that the boards do not move with every font that arrives.
    constexpr double kStep = 8.0;
    m_words_height =
        std::clamp(std::ceil(height / kStep) * kStep, kLeastWords, kMostWords * m_theme.textScale());
}

int ShelfDelegate::heightOfItem() const
{
    return static_cast<int>(4 * kGrid + m_words_height + (m_shows_forms ? kForms + kGrid : 0.0) + kBoard +
                            labelHeight() + 4 * kGrid);
}

QSize ShelfDelegate::sizeHint(const QStyleOptionViewItem& option, const QModelIndex&) const
{
    return {option.rect.width(), heightOfItem()};
}

void ShelfDelegate::paint(QPainter* painter, const QStyleOptionViewItem& option,
                          const QModelIndex& index) const
{
    const auto& c = m_theme.colours();
    const int row = m_filter.mapToSource(index).row();
    const auto* preview = m_fonts.preview(row);
    const bool is_chosen = option.state & QStyle::State_Selected;
    painter->save();
    painter->setRenderHint(QPainter::Antialiasing);
    const QRectF area = option.rect;
    const double label = labelHeight() + 4 * kGrid;
    const QRectF board(area.left(), area.bottom() - label - kBoard, area.width(), kBoard);
    painter->fillRect(area, is_chosen ? c.honey : c.card);
    // The board runs through from font to font; the label hangs below it.
    painter->fillRect(board, is_chosen ? c.madder : c.wash);
    painter->fillRect(QRectF(board.left(), board.bottom(), board.width(), 1), c.rule);

    const QRectF stand =
        QRectF(area.left(), area.top() + 3 * kGrid, area.width(), board.top() - area.top() - 3 * kGrid - 1)
            .adjusted(4 * kGrid, 0, -4 * kGrid, 0);
    QRectF words = stand;
    if (m_shows_forms)
        words.setHeight(stand.height() - kForms - kGrid);
    if (preview && preview->card) {
        const bool is_aside = m_fonts.isSetAside(row);
        painter->setOpacity(is_aside ? 0.55 : 1.0);
        paintWords(*painter, words, *preview->card);
        if (m_shows_forms)
            paintForms(*painter, QRectF(stand.left(), stand.bottom() - kForms, stand.width(), kForms),
                       *preview->card);
        painter->setOpacity(1.0);
    } else if (preview && preview->error) {
        painter->setFont(m_theme.text(TextSize::Small));
        painter->setPen(c.soft_ink);
        painter->drawText(stand, Qt::AlignLeft | Qt::AlignBottom | Qt::TextWordWrap,
                          said(errorText(preview->error->code)));
    }
    const QRectF below(area.left() + 4 * kGrid, board.bottom() + kGrid, area.width() - 8 * kGrid,
                       labelHeight());
    paintVerdict(*painter, below, row);
    paintLabel(*painter, below, row);
    if (option.state & QStyle::State_HasFocus) {
        painter->setPen(QPen(c.madder, 1.5));
        painter->setBrush(Qt::NoBrush);
        painter->drawRoundedRect(area.adjusted(2, 2, -2, -2), kRadius, kRadius);
    }
    painter->restore();
}

/// Standing on the board, whatever hangs below their baseline.
void ShelfDelegate::paintWords(QPainter& painter, const QRectF& area, const FitCard& card) const
{
    const QRectF box = card.path_mm.boundingRect();
    if (box.isEmpty())
        return;
    const double scale = std::min({1.1 * area.height() / card.em_mm, area.width() / box.width(),
                                   (area.height() - kGrid) / box.height()});
    QTransform place;
    place.translate(area.left(), area.bottom() - kGrid);
    place.scale(scale, scale);
    place.translate(-box.left(), -box.bottom());
    painter.fillPath(place.map(card.path_mm), m_theme.colours().ink);
}

void ShelfDelegate::paintForms(QPainter& painter, const QRectF& area, const FitCard& card) const
{
    const auto& c = m_theme.colours();
    if (card.forms_em.empty()) {
        painter.setFont(m_theme.text(TextSize::Tiny));
        painter.setPen(c.soft_ink);
        painter.drawText(area, Qt::AlignLeft | Qt::AlignVCenter, tr("no other letters for these words"));
        return;
    }
    double x = area.left();
    const double em = 0.62 * area.height();
    for (const auto& form : card.forms_em) {
        const QRectF box = form.boundingRect();
        const double scale = std::min(em, box.height() > 0 ? area.height() / box.height() : em);
        const double width = box.width() * scale;
        if (x + width > area.right())
            break;
        QTransform place;
        place.translate(x, area.center().y());
        place.scale(scale, scale);
        place.translate(-box.left(), -box.center().y());
        painter.fillPath(place.map(form), c.soft_ink);
        x += width + 3 * kGrid;
    }
}

void ShelfDelegate::paintVerdict(QPainter& painter, const QRectF& area, int row) const
{
    const auto* rights = m_fonts.rights(row);
    if (!rights)
        return;
    const auto& c = m_theme.colours();
    const QFont font = m_theme.text(TextSize::Tiny);
    const QFontMetrics metrics(font);
    const QString words = said(nameOf(rights->dossier.verdict));
    const double side = m_theme.px(TextSize::Tiny), width = metrics.horizontalAdvance(words) + side + 4;
    const double top = area.bottom() - metrics.height();
    paintMark(painter, QRectF(area.right() - width, top + (metrics.height() - side) / 2, side, side),
              markOf(rights->dossier.verdict), c);
    painter.setFont(font);
    painter.setPen(c.soft_ink);
    painter.drawText(QPointF(area.right() - width + side + 4, top + metrics.ascent()), words);
}

QString ShelfDelegate::aboutOf(int row) const
{
    QStringList about;
    if (const auto* known = m_fonts.known(row); known && known->card && !known->card->marks.missing.empty()) {
        QStringList missing; // first, so that it is read before anything is cut off
        for (const char32_t character : known->card->marks.missing.substr(0, kMostMissing))
            missing << QString::fromStdString(keyName(character));
        about << tr("without %1").arg(missing.join(QLatin1Char(' ')));
    }
    if (const auto& info = m_fonts.entry(row).info; info.isSewn())
        about << sewnInWords(info);
    const auto* font = m_fonts.shelf(row);
    if (!font) {
        about << originInWords(m_fonts.entry(row).origin);
    } else {
        about << inWords(m_filter.placeOf(row));
        if (!font->project.empty())
            about << tr("for this job only");
        if (!font->until.empty())
            about << tr("until %1").arg(text(font->until));
        for (const auto& set : font->sets)
            about << text(set);
    }
    return about.join(QStringLiteral(" · "));
}

void ShelfDelegate::paintLabel(QPainter& painter, const QRectF& area, int row) const
{
    const auto& c = m_theme.colours();
    const QFontMetrics name(m_theme.heading(TextSize::Body)), small(m_theme.text(TextSize::Tiny));
    painter.setFont(m_theme.heading(TextSize::Body));
    painter.setPen(c.ink);
    painter.drawText(QPointF(area.left(), area.top() + name.ascent()),
                     name.elidedText(m_fonts.name(row), Qt::ElideRight, static_cast<int>(area.width())));
    painter.setFont(m_theme.text(TextSize::Tiny));
    painter.setPen(c.soft_ink);
    painter.drawText(QPointF(area.left(), area.bottom() - small.height() + small.ascent()),
                     small.elidedText(aboutOf(row), Qt::ElideRight, static_cast<int>(area.width() * 0.62)));
}

} // namespace ink::ui
