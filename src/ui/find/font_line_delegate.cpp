#include "ui/find/font_line_delegate.h"

#include "ui/measures.h"
#include "ui/widgets/marks.h"

#include <QPainter>
#include <QSortFilterProxyModel>

#include <algorithm>

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

/// The characters a font lacks, short enough for a line.
QString listed(const std::u32string& characters)
{
    constexpr std::size_t kShown = 8;
    QString text;
    for (const char32_t c : characters.substr(0, kShown))
        text += (text.isEmpty() ? QString() : QStringLiteral(" ")) + QString::fromUcs4(&c, 1);
    return characters.size() > kShown ? text + QStringLiteral(" …") : text;
}

} // namespace

QString kindInWords(const FaceInfo& info)
{
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

QString originInWords(FontOrigin origin)
{
    switch (origin) {
    case FontOrigin::Demo:
        return QObject::tr("comes with Under Ink");
    case FontOrigin::Folder:
        return QObject::tr("from your folder");
    case FontOrigin::Dropped:
        return QObject::tr("dropped in");
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

QSize FontLineDelegate::sizeHint(const QStyleOptionViewItem& option, const QModelIndex&) const
{
    const int name = QFontMetrics(m_theme.heading(TextSize::Lead)).height();
    const int figures = QFontMetrics(m_theme.text(TextSize::Small)).height();
    return {option.rect.width(), name + figures + 92 + 5 * kGrid};
}

void FontLineDelegate::paint(QPainter* painter, const QStyleOptionViewItem& option,
                             const QModelIndex& index) const
{
    const auto& c = m_theme.colours();
    const int row = sourceRow(index);
    const auto& entry = m_model.entry(row);
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

    const QRectF inner = area.adjusted(kMargin, 2 * kGrid, -kMargin, -2 * kGrid);
    const QFontMetrics heading(m_theme.heading(TextSize::Lead));
    const QFontMetrics small(m_theme.text(TextSize::Small));

    const QString name = QString::fromStdString(entry.info.readableName());
    painter->setFont(m_theme.heading(TextSize::Lead));
    painter->setPen(c.ink);
    const QString shown_name =
        heading.elidedText(name, Qt::ElideRight, static_cast<int>(inner.width() * 0.6));
    painter->drawText(QPointF(inner.left(), inner.top() + heading.ascent()), shown_name);
    const double after = inner.left() + heading.horizontalAdvance(shown_name) + 3 * kGrid;
    QString about = QString::fromStdString(entry.info.manufacturer);
    if (entry.info.is_picture_font)
        about += (about.isEmpty() ? QString() : QStringLiteral(" · ")) + tr("pictures on the keys");
    about += (about.isEmpty() ? QString() : QStringLiteral(" · ")) + originInWords(entry.origin);
    painter->setFont(m_theme.text(TextSize::Small));
    painter->setPen(c.soft_ink);
    painter->drawText(QPointF(after, inner.top() + heading.ascent()),
                      small.elidedText(about, Qt::ElideRight, static_cast<int>(inner.right() - after)));

    const QRectF words(inner.left(), inner.top() + heading.height() + kGrid, inner.width(),
                       inner.height() - heading.height() - small.height() - 2 * kGrid);
    const QRectF figures(inner.left(), inner.bottom() - small.height(), inner.width(), small.height());
    if (preview && !preview->error)
        paintWords(*painter, words, *preview);
    if (preview)
        paintFigures(*painter, figures, *preview);
    painter->restore();
}

void FontLineDelegate::paintWords(QPainter& painter, const QRectF& area, const FontPreview& preview) const
{
    const QRectF box = preview.path_mm.boundingRect();
    if (box.isEmpty())
        return;
    // One common visual size: the same em for every font as far as the room allows.
    const double em_px = 0.62 * area.height();
    const double scale = std::min(
        {em_px / preview.design->em_mm * 1.45, area.width() / box.width(), area.height() / box.height()});
    QTransform place; // mapped first: a scaled painter fills ten times slower
    place.translate(area.left(), area.center().y());
    place.scale(scale, scale);
    place.translate(-box.left(), -box.center().y());
    painter.fillPath(place.map(preview.path_mm), m_theme.colours().ink);
}

void FontLineDelegate::paintFigures(QPainter& painter, const QRectF& area, const FontPreview& preview) const
{
    const auto& c = m_theme.colours();
    const QFont plain = m_theme.text(TextSize::Small);
    const QFont bold = m_theme.text(TextSize::Small, true);
    double x = area.left();
    const double baseline = area.top() + QFontMetrics(plain).ascent();
    const auto write = [&](const QString& text, const QFont& font, const QColor& colour, double gap) {
        painter.setFont(font);
        painter.setPen(colour);
        painter.drawText(QPointF(x, baseline), text);
        x += QFontMetrics(font).horizontalAdvance(text) + gap;
    };
    const auto mark = [&](Mark m) {
        const double side = m_theme.px(TextSize::Body);
        paintMark(painter, QRectF(x, area.center().y() - side / 2, side, side), m, c);
        x += side + 5;
    };
    if (preview.error) {
        if (!isAboutTheJob(preview.error->code))
            mark(Mark::Wrong);
        const QString text = QString::fromUtf8(errorText(preview.error->code).data());
        write(QFontMetrics(plain).elidedText(text.left(1).toUpper() + text.mid(1), Qt::ElideRight,
                                             static_cast<int>(area.right() - x)),
              plain, c.soft_ink, 0);
        return;
    }
    const auto& design = *preview.design;
    if (design.missing.empty()) {
        mark(Mark::InOrder);
        write(tr("all letters"), plain, c.soft_ink, 18);
    } else {
        mark(Mark::Wrong);
        write(tr("lacks %1").arg(listed(design.missing)), plain, c.ink, 18);
    }
    const auto& f = design.figures_mm;
    const auto figureAndWord = [&](const QString& text) {
        if (x + QFontMetrics(bold).horizontalAdvance(text) > area.right())
            return; // whole figures or none
        const auto space = text.lastIndexOf(QLatin1Char(' '));
        write(text.left(space), bold, c.ink, 5);
        write(text.mid(space + 1), plain, c.soft_ink, 18);
    };
    figureAndWord(counted(f.pieces, "piece", "pieces"));
    figureAndWord(counted(f.middles, "middle", "middles"));
    figureAndWord(counted(f.nodes, "node", "nodes"));
    const auto& job = m_job.job();
    const bool by_height = job.size.by == SizeBy::Height;
    figureAndWord(figureWithUnit(by_height ? f.box.width() : f.box.height(), job.unit) +
                  (by_height ? tr(" wide") : tr(" high")));
}

} // namespace ink::ui
