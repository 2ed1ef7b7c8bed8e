#include "ui/find/font_line_delegate.h"

#include "ui/core_words.h"

#include "ui/find/found_delegate.h"

#include "ui/measures.h"
#include "ui/widgets/marks.h"

#include <QPainter>
#include <QSortFilterProxyModel>

#include <algorithm>
#include <cmath>

namespace ink::ui {
namespace {

int sourceRow(const QModelIndex& index)
{
    const auto* proxy = qobject_cast<const QSortFilterProxyModel*>(index.model());
    return proxy ? proxy->mapToSource(index).row() : index.row();
}

/// True where no font is to blame: the words or the size cannot be made in any.
bool isAboutTheJob(ErrorCode code)
{
    return code == ErrorCode::EmptyText || code == ErrorCode::TextTooLong || code == ErrorCode::TextNotUtf8 ||
           code == ErrorCode::SizeOutOfRange;
}

} // namespace

QString kindInWords(const FaceInfo& info)
{
    if (info.isSewn())
        return sewnInWords(info);
    QString kind =
        info.outlines == OutlineKind::TrueType ? QStringLiteral("TrueType") : QStringLiteral("OpenType");
    if (info.container == FontContainer::Collection)
        kind += QStringLiteral(", collection");
    if (info.container == FontContainer::Woff || info.container == FontContainer::Woff2)
        kind += info.container == FontContainer::Woff ? QStringLiteral(", WOFF") : QStringLiteral(", WOFF2");
    if (info.is_variable)
        kind += QStringLiteral(", variable");
    return kind;
}

QString sewnInWords(const FaceInfo& info)
{
    const double mm = info.sewn_size_mm;
    return QObject::tr("stitched letters, %1 mm")
        .arg(QLocale().toString(mm, 'f', mm == std::round(mm) ? 0 : 1));
}

QString originInWords(FontOrigin origin)
{
    switch (origin) {
    case FontOrigin::Demo:
        return QObject::tr("comes with Under Ink");
    case FontOrigin::Folder:
        return QObject::tr("from your folder");
    case FontOrigin::Dropped:
        return QObject::tr("dropped in");
    case FontOrigin::TakenIn:
        return QObject::tr("on the shelf");
    case FontOrigin::System:
        return QObject::tr("installed on this computer");
    }
    return {};
}

FontLineDelegate::FontLineDelegate(FontListModel& model, const JobModel& job, const Theme& theme,
                                   QObject* parent)
    : QStyledItemDelegate(parent), m_model(model), m_job(job), m_theme(theme)
{
}

QColor tintOf(Verdict verdict, const Colours& c)
{
    QColor tint = verdict == Verdict::MaySell                                            ? c.leaf
                  : verdict == Verdict::SellWithinLimits || verdict == Verdict::AskFirst ? c.ochre
                                                                                         : c.madder;
    tint.setAlphaF(0.16F);
    return tint;
}

Mark markOf(Verdict verdict)
{
    return verdict == Verdict::MaySell                                            ? Mark::InOrder
           : verdict == Verdict::SellWithinLimits || verdict == Verdict::AskFirst ? Mark::LookAt
                                                                                  : Mark::Wrong;
}

QSize FontLineDelegate::sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const
{
    const int name = QFontMetrics(m_theme.heading(TextSize::Lead)).height();
    const int figures = QFontMetrics(m_theme.text(TextSize::Small)).height();
    // As wide as the list is: its width of now may be that of before a scroll bar came.
    return {0, name + figures + 92 + 5 * kGrid};
}

QRectF FontLineDelegate::innerOf(const QRectF& item) const
{
    return item.adjusted(kMargin, 2 * kGrid, -kMargin, -2 * kGrid);
}

QRectF FontLineDelegate::figuresOf(const QRectF& item) const
{
    const QRectF inner = innerOf(item);
    const double height = QFontMetrics(m_theme.text(TextSize::Small)).height();
    return {inner.left(), inner.bottom() - height, inner.width(), height};
}

/// Marks one after the other as far as there is room for whole ones.
std::vector<FontLineDelegate::PlacedMark> FontLineDelegate::placed(const std::vector<FitMarkLine>& lines,
                                                                   const QRectF& area) const
{
    const QFontMetrics plain(m_theme.text(TextSize::Small)), bold(m_theme.text(TextSize::Small, true));
    std::vector<PlacedMark> marks;
    double x = area.left();
    for (const auto& line : lines) {
        const double width = m_theme.px(TextSize::Body) + 5 + bold.horizontalAdvance(line.figure) + 5 +
                             plain.horizontalAdvance(line.words);
        if (x + width > area.right())
            continue;
        marks.push_back({&line, {x, area.top(), width, area.height()}});
        x += width + 18;
    }
    return marks;
}

std::optional<FitMarkKind> FontLineDelegate::markAt(const QPoint& point, const QRect& item,
                                                    int source_row) const
{
    const auto* preview = m_model.known(source_row);
    if (!preview || !preview->card)
        return std::nullopt;
    const auto lines = fitMarkLines(*preview->card, m_job.job(), m_model.othersMarks(source_row));
    for (const auto& mark : placed(lines, figuresOf(item)))
        if (mark.area.adjusted(-6, -6, 6, 6).contains(point))
            return mark.line->kind;
    return std::nullopt;
}

void FontLineDelegate::paint(QPainter* painter, const QStyleOptionViewItem& option,
                             const QModelIndex& index) const
{
    const auto& c = m_theme.colours();
    const int row = sourceRow(index);
    const auto* preview = m_model.preview(row);
    const bool is_chosen = option.state & QStyle::State_Selected;

    painter->save();
    painter->setRenderHint(QPainter::Antialiasing);
    const QRectF area = option.rect;
    painter->fillRect(area, is_chosen ? c.honey : c.card);
    painter->setPen(c.rule);
    painter->drawLine(area.bottomLeft() + QPointF(0, -0.5), area.bottomRight() + QPointF(0, -0.5));
    if (is_chosen)
        painter->fillRect(QRectF(area.left(), area.top(), 3, area.height() - 1), c.madder);

    const QRectF inner = innerOf(area);
    paintHead(*painter, inner, row);
    const QRectF figures = figuresOf(area);
    const double heading = QFontMetrics(m_theme.heading(TextSize::Lead)).height();
    const QRectF words(inner.left(), inner.top() + heading + kGrid, inner.width(),
                       figures.top() - inner.top() - heading - 2 * kGrid);
    if (preview && preview->error)
        paintError(*painter, figures, *preview->error);
    if (preview && preview->card) {
        const auto lines = fitMarkLines(*preview->card, m_job.job(), m_model.othersMarks(row));
        const auto shown = is_chosen && m_shown_mark
                               ? std::ranges::find(lines, *m_shown_mark, &FitMarkLine::kind)
                               : lines.end();
        paintWords(*painter, words, *preview->card, shown == lines.end() ? nullptr : &*shown);
        const QFont plain = m_theme.text(TextSize::Small), bold = m_theme.text(TextSize::Small, true);
        for (const auto& mark : placed(lines, figures)) {
            const double side = m_theme.px(TextSize::Body);
            double x = mark.area.left();
            paintMark(*painter, QRectF(x, mark.area.center().y() - side / 2, side, side), mark.line->mark, c);
            x += side + 5;
            const double baseline = mark.area.top() + QFontMetrics(plain).ascent();
            painter->setFont(bold);
            painter->setPen(c.ink);
            painter->drawText(QPointF(x, baseline), mark.line->figure);
            x += QFontMetrics(bold).horizontalAdvance(mark.line->figure) + 5;
            painter->setFont(plain);
            painter->setPen(c.soft_ink);
            painter->drawText(QPointF(x, baseline), mark.line->words);
            if (shown != lines.end() && mark.line == &*shown)
                painter->fillRect(QRectF(mark.area.left(), mark.area.bottom() + 1, mark.area.width(), 2),
                                  c.madder);
        }
    }
    painter->restore();
}

void FontLineDelegate::paintHead(QPainter& painter, const QRectF& inner, int row) const
{
    const auto& c = m_theme.colours();
    const QFontMetrics heading(m_theme.heading(TextSize::Lead)), small(m_theme.text(TextSize::Small));
    QRectF room(inner.left(), inner.top(), inner.width(), heading.height());
    paintVerdict(painter, room, row);
    const QString shown_name =
        heading.elidedText(m_model.name(row), Qt::ElideRight, static_cast<int>(room.width() * 0.6));
    painter.setFont(m_theme.heading(TextSize::Lead));
    painter.setPen(c.ink);
    painter.drawText(QPointF(room.left(), room.top() + heading.ascent()), shown_name);
    QStringList about;
    if (const auto* likeness = m_likeness ? m_likeness->of(row) : nullptr)
        about << inWords(*likeness);
    if (m_model.isListing(row)) {
        const Listing& listing = m_model.listing(row);
        about << listing.foundry << priceInWords(listing.price) << tr("in the catalogue");
        if (listing.styles.size() > 1)
            about << tr("%1 styles").arg(listing.styles.size());
    } else {
        const auto& entry = m_model.entry(row);
        about << QString::fromStdString(entry.info.manufacturer);
        if (entry.info.is_picture_font)
            about << tr("pictures on the keys");
        if (entry.info.isSewn())
            about << sewnInWords(entry.info);
        about << originInWords(entry.origin);
    }
    about.removeAll(QString());
    const double after = room.left() + heading.horizontalAdvance(shown_name) + 3 * kGrid;
    painter.setFont(m_theme.text(TextSize::Small));
    painter.setPen(c.soft_ink);
    painter.drawText(QPointF(after, room.top() + heading.ascent()),
                     small.elidedText(about.join(QStringLiteral(" · ")), Qt::ElideRight,
                                      static_cast<int>(room.right() - after)));
}

/// The verdict in words on a tint at the right, with a mark; what a listing claims stands there without one.
void FontLineDelegate::paintVerdict(QPainter& painter, QRectF& room, int row) const
{
    const auto& c = m_theme.colours();
    const auto* rights = m_model.rights(row);
    const bool is_listing = m_model.isListing(row);
    if (!rights && !(is_listing && !m_model.listing(row).claim.isEmpty()))
        return;
    const QString text = rights ? said(nameOf(rights->dossier.verdict))
                                : tr("listing says: “%1”").arg(m_model.listing(row).claim);
    const QFont font = m_theme.text(TextSize::Small, rights != nullptr);
    const QFontMetrics metrics(font);
    const double side = rights ? m_theme.px(TextSize::Small) : 0.0;
    const QString shown = metrics.elidedText(text, Qt::ElideRight, static_cast<int>(room.width() * 0.4));
    const double width = metrics.horizontalAdvance(shown) + (rights ? side + 5 : 0.0) + 4 * kGrid;
    const QRectF chip(room.right() - width, room.top() + 1, width, metrics.height() + kGrid);
    if (rights) {
        painter.setPen(Qt::NoPen);
        painter.setBrush(tintOf(rights->dossier.verdict, c));
        painter.drawRoundedRect(chip, kRadius, kRadius);
        paintMark(painter, QRectF(chip.left() + 2 * kGrid, chip.center().y() - side / 2, side, side),
                  markOf(rights->dossier.verdict), c);
    }
    painter.setFont(font);
    painter.setPen(rights ? c.ink : c.soft_ink);
    painter.drawText(QPointF(chip.left() + 2 * kGrid + (rights ? side + 5 : 0.0),
                             chip.center().y() - metrics.height() / 2.0 + metrics.ascent()),
                     shown);
    room.setRight(chip.left() - 3 * kGrid);
}

void FontLineDelegate::paintWords(QPainter& painter, const QRectF& area, const FitCard& card,
                                  const FitMarkLine* shown) const
{
    const QRectF box = card.path_mm.boundingRect();
    if (box.isEmpty())
        return;
    // One common visual size: the same em for every font as far as the room allows.
    const double em_px = 0.62 * area.height();
    const double scale =
        std::min({em_px / card.em_mm * 1.45, area.width() / box.width(), area.height() / box.height()});
    QTransform place; // mapped first: a scaled painter fills ten times slower
    place.translate(area.left(), area.center().y());
    place.scale(scale, scale);
    place.translate(-box.left(), -box.center().y());
    painter.fillPath(place.map(card.path_mm), m_theme.colours().ink);
    if (shown)
        paintPlaces(painter, *shown, place, m_theme);
}

void FontLineDelegate::paintError(QPainter& painter, const QRectF& area, const Error& error) const
{
    double x = area.left();
    const QFont plain = m_theme.text(TextSize::Small);
    if (!isAboutTheJob(error.code)) {
        const double side = m_theme.px(TextSize::Body);
        paintMark(painter, QRectF(x, area.center().y() - side / 2, side, side), Mark::Wrong,
                  m_theme.colours());
        x += side + 5;
    }
    const QString text = QString::fromUtf8(errorText(error.code).data());
    painter.setFont(plain);
    painter.setPen(m_theme.colours().soft_ink);
    painter.drawText(QPointF(x, area.top() + QFontMetrics(plain).ascent()),
                     QFontMetrics(plain).elidedText(text.left(1).toUpper() + text.mid(1), Qt::ElideRight,
                                                    static_cast<int>(area.right() - x)));
}

} // namespace ink::ui
