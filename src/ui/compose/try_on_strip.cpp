#include "ui/compose/try_on_strip.h"

#include "ui/core_words.h"
#include "ui/measures.h"
#include "ui/outline_paths.h"
#include "ui/text.h"
#include "ui/widgets/marks.h"

#include <QContextMenuEvent>
#include <QHelpEvent>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QScrollBar>
#include <QToolTip>

#include <algorithm>

namespace ink::ui {
namespace {

constexpr int kCell_px = 186;
constexpr int kGap_px = 10;

QPainterPath pathOf(const std::vector<PlacedPaths>& glyphs)
{
    QPainterPath path;
    path.setFillRule(Qt::WindingFill);
    for (const auto& glyph : glyphs)
        path.addPath(toPainterPath(*glyph.paths).translated(glyph.at.x, -glyph.at.y));
    return path;
}

bool isSameGlyph(const TryOn& a, const TryOn& b)
{
    return a.form.glyph_id == b.form.glyph_id && a.is_plain == b.is_plain &&
           a.piece.has_value() == b.piece.has_value() && a.character == b.character;
}

bool isTried(const SetLetter& letter, const TryOn& item)
{
    return item.character >= letter.first && item.character < letter.first + letter.count;
}

} // namespace

TryOnStrip::TryOnStrip(const Theme& theme, QWidget* parent) : QAbstractScrollArea(parent), m_theme(theme)
{
    setFrameShape(QFrame::NoFrame);
    setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Other forms of the letter"));
    viewport()->setAutoFillBackground(false);
    setAttribute(Qt::WA_StyledBackground, false);
}

QSize TryOnStrip::sizeHint() const
{
    return {600, m_theme.scaled(126) + horizontalScrollBar()->sizeHint().height()};
}

int TryOnStrip::cellWidth() const
{
    return m_theme.scaled(kCell_px);
}

QRect TryOnStrip::cellRect(int index) const
{
    const int step = cellWidth() + kGap_px;
    return {2 + index * step - horizontalScrollBar()->value(), 2, cellWidth(), viewport()->height() - 4};
}

int TryOnStrip::cellAt(QPoint place) const
{
    for (int i = 0; i < static_cast<int>(m_tries.size()); ++i)
        if (cellRect(i).contains(place))
            return i;
    return -1;
}

void TryOnStrip::setTries(std::vector<TryOn> tries, LengthUnit unit, double mm_per_u)
{
    const auto before = m_current >= 0 ? m_tries[static_cast<std::size_t>(m_current)] : TryOn();
    m_tries = std::move(tries);
    m_unit = unit;
    m_mm_per_u = mm_per_u;
    m_message.clear();
    m_cells.clear();
    m_current = -1;
    bool is_kept = false;
    for (std::size_t i = 0; i < m_tries.size(); ++i) {
        const auto& item = m_tries[i];
        // A form and pieces can be worn at once: the cell the person was at stays, else the last of them.
        if (item.is_worn && !is_kept)
            m_current = static_cast<int>(i);
        m_cells.emplace_back(); // drawn when it is seen
        is_kept = is_kept || (item.is_worn && isSameGlyph(item, before));
        m_cells.back().ink = QRectF(QPointF(item.word_ink.x0, -item.word_ink.y1),
                                    QPointF(item.word_ink.x1, -item.word_ink.y0));
    }
    layOut();
    showCurrent();
    setAccessibleDescription(m_current >= 0 ? verdictOf(m_current) : QString());
    viewport()->update();
}

void TryOnStrip::setMessage(const QString& message)
{
    m_tries.clear();
    m_cells.clear();
    m_current = -1;
    m_message = message;
    setAccessibleDescription(message);
    layOut();
    viewport()->update();
}

QString TryOnStrip::verdictOf(int index) const
{
    const auto& item = m_tries[static_cast<std::size_t>(index)];
    const auto& v = item.verdict;
    QStringList parts;
    if (item.is_plain)
        parts << tr("plain");
    if (v.is_too_thin)
        parts << tr("%1, too thin").arg(fineLength(v.thinnest_mm, m_unit));
    if (v.collides_with_other)
        parts << tr("touches another letter");
    if (item.piece)
        parts << (item.piece->grows_on ? tr("grows on") : tr("stands beside"));
    if (v.collides_with_neighbour)
        parts << tr("runs through its neighbour");
    if (!v.keepsJoins())
        parts << tr("does not join");
    else if (v.joins > 0 && !item.piece)
        parts << tr("joins");
    if (!item.is_plain && std::abs(v.wider_mm) >= 0.05)
        parts << (v.wider_mm > 0 ? QStringLiteral("+") : QStringLiteral("−")) +
                     fineLength(std::abs(v.wider_mm), m_unit);
    if (parts.isEmpty())
        parts << tr("stands alone");
    return parts.join(QStringLiteral(" · "));
}

void TryOnStrip::layOut()
{
    const int whole = static_cast<int>(m_tries.size()) * (cellWidth() + kGap_px);
    horizontalScrollBar()->setRange(0, std::max(0, whole - viewport()->width()));
    horizontalScrollBar()->setPageStep(viewport()->width());
    horizontalScrollBar()->setSingleStep(cellWidth() / 2);
}

void TryOnStrip::showCurrent()
{
    if (m_current < 0)
        return;
    const QRect cell = cellRect(m_current);
    auto* bar = horizontalScrollBar();
    if (cell.left() < 0)
        bar->setValue(bar->value() + cell.left() - kGap_px);
    else if (cell.right() > viewport()->width())
        bar->setValue(bar->value() + cell.right() - viewport()->width() + kGap_px);
}

void TryOnStrip::resizeEvent(QResizeEvent*)
{
    layOut();
}

void TryOnStrip::paintEvent(QPaintEvent*)
{
    QPainter painter(viewport());
    painter.setRenderHint(QPainter::Antialiasing);
    const auto& c = m_theme.colours();
    if (m_tries.empty()) {
        painter.setPen(c.soft_ink);
        painter.setFont(m_theme.text(TextSize::Body));
        painter.drawText(viewport()->rect().adjusted(4, 4, -4, -4),
                         Qt::AlignLeft | Qt::AlignVCenter | Qt::TextWordWrap, m_message);
        return;
    }
    const QFont small = m_theme.text(TextSize::Small);
    const int line = QFontMetrics(small).lineSpacing();
    for (int i = 0; i < static_cast<int>(m_tries.size()); ++i) {
        const QRect cell = cellRect(i);
        if (!cell.intersects(viewport()->rect()))
            continue;
        const auto& item = m_tries[static_cast<std::size_t>(i)];
        auto& drawing = m_cells[static_cast<std::size_t>(i)];
        if (drawing.letter.isEmpty() && drawing.others.isEmpty()) {
            for (const auto& letter : item.word)
                (isTried(letter, item) ? drawing.letter : drawing.others).addPath(pathOf(letter.glyphs));
            drawing.letter.addPath(pathOf(item.piece_paths));
        }
        drawing.letter.setFillRule(Qt::WindingFill);
        drawing.others.setFillRule(Qt::WindingFill);
        const bool is_current = i == m_current;
        painter.setPen(QPen(is_current ? c.madder : c.rule, is_current ? 2 : 1));
        painter.setBrush(is_current ? c.honey : c.card);
        painter.drawRoundedRect(QRectF(cell).adjusted(0.5, 0.5, -0.5, -0.5), kRadius, kRadius);
        if (is_current && hasFocus()) {
            painter.setPen(QPen(c.ink, 1, Qt::DotLine));
            painter.setBrush(Qt::NoBrush);
            painter.drawRoundedRect(QRectF(cell).adjusted(4, 4, -4, -4), kRadius - 3, kRadius - 3);
        }
        // What it means is read whole: in two lines where it takes them.
        const bool is_fine = item.verdict.isFine();
        const bool has_mark = !item.is_plain || !is_fine;
        const int mark = has_mark ? line + 2 : 0;
        const int caption_width = cell.width() - 22 - mark;
        const int caption_height = std::min(
            2 * line, QFontMetrics(small)
                          .boundingRect(0, 0, caption_width, 4 * line, Qt::TextWordWrap, verdictOf(i))
                          .height());
        const QRectF room = QRectF(cell).adjusted(12, 8, -12, -(caption_height + 12));
        const double scale = std::min(room.width() / std::max(1.0, drawing.ink.width()),
                                      room.height() / std::max(1.0, drawing.ink.height()));
        QTransform place;
        place.translate(room.center().x(), room.center().y());
        place.scale(scale, scale);
        place.translate(-drawing.ink.center().x(), -drawing.ink.center().y());
        QColor grey = c.soft_ink;
        grey.setAlphaF(0.55f);
        painter.fillPath(place.map(drawing.others), grey);
        painter.fillPath(place.map(drawing.letter), c.ink);

        const QRect caption(cell.left() + 12 + mark, cell.bottom() - caption_height - 6, caption_width,
                            caption_height);
        if (has_mark)
            paintMark(painter, QRectF(cell.left() + 12, caption.top() + 1, line - 2, line - 2),
                      is_fine ? Mark::InOrder : Mark::LookAt, c);
        painter.setFont(small);
        painter.setPen(is_fine ? c.soft_ink : c.ink);
        painter.drawText(caption, Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap, verdictOf(i));
    }
}

void TryOnStrip::choose(int index)
{
    if (index < 0 || index >= static_cast<int>(m_tries.size()))
        return;
    m_current = index;
    showCurrent();
    setAccessibleDescription(verdictOf(index));
    viewport()->update();
    emit chosen(index);
}

void TryOnStrip::mousePressEvent(QMouseEvent* event)
{
    const int index = cellAt(event->pos());
    if (event->button() != Qt::LeftButton || index < 0)
        return;
    emit settled();
    // A second press takes it off.
    if (m_tries[static_cast<std::size_t>(index)].is_worn) {
        m_current = index;
        takeOff();
    } else {
        choose(index);
    }
}

void TryOnStrip::takeOff()
{
    if (m_current >= 0 && m_tries[static_cast<std::size_t>(m_current)].piece)
        emit takenOff(m_current);
    else
        choose(0);
}

void TryOnStrip::keyPressEvent(QKeyEvent* event)
{
    switch (event->key()) {
    case Qt::Key_Left:
        return choose(std::max(0, m_current - 1));
    case Qt::Key_Right:
        return choose(std::min(static_cast<int>(m_tries.size()) - 1, m_current + 1));
    case Qt::Key_Home:
        return choose(0);
    case Qt::Key_End:
        return choose(static_cast<int>(m_tries.size()) - 1);
    case Qt::Key_Backspace:
    case Qt::Key_Delete:
        return takeOff();
    case Qt::Key_Return:
    case Qt::Key_Enter:
        emit kept();
        return;
    case Qt::Key_Escape:
        emit left();
        return;
    case Qt::Key_Menu:
        if (m_current >= 0)
            emit correctionWanted(m_current, viewport()->mapToGlobal(cellRect(m_current).center()));
        return;
    default:
        QAbstractScrollArea::keyPressEvent(event);
    }
}

void TryOnStrip::focusInEvent(QFocusEvent* event)
{
    QAbstractScrollArea::focusInEvent(event);
    viewport()->update();
}

void TryOnStrip::focusOutEvent(QFocusEvent* event)
{
    QAbstractScrollArea::focusOutEvent(event);
    viewport()->update();
}

void TryOnStrip::contextMenuEvent(QContextMenuEvent* event)
{
    if (const int index = cellAt(event->pos()); index > 0)
        emit correctionWanted(index, event->globalPos());
}

bool TryOnStrip::viewportEvent(QEvent* event)
{
    if (event->type() != QEvent::ToolTip)
        return QAbstractScrollArea::viewportEvent(event);
    const auto* help = static_cast<QHelpEvent*>(event);
    const int index = cellAt(help->pos());
    if (index < 0) {
        QToolTip::hideText();
        return true;
    }
    const auto& form = m_tries[static_cast<std::size_t>(index)].form;
    QStringList lines{verdictOf(index)};
    if (!form.feature_name.empty())
        lines << said(form.feature_name);
    if (!form.reason.empty())
        lines << (form.confidence < 1.0
                      ? tr("%1 (%2 % sure)").arg(said(form.reason)).arg(qRound(form.confidence * 100))
                      : said(form.reason));
    QToolTip::showText(help->globalPos(), lines.join(QLatin1Char('\n')), this);
    return true;
}

} // namespace ink::ui
