#include "ui/handoff/pattern_view.h"

#include "ui/outline_paths.h"
#include "ui/text.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <QPen>

#include <algorithm>
#include <cmath>

namespace ink::ui {
namespace {

constexpr double kBetween_mm = 12.0;
constexpr int kRoom_px = 24;
constexpr double kDash_mm = 2.0;
/// Text is laid out at this size and scaled: a font of 3 px has no good figures.
constexpr double kFont_px = 100.0;

QPointF down(Point p)
{
    return {p.x, -p.y};
}

} // namespace

void paintPage(QPainter& painter, const PageMarks& page, const QFont& font)
{
    painter.save();
    painter.setClipRect(toRect(page.clip_mm), Qt::IntersectClip);
    QPen outline(Qt::black, page.line_mm);
    outline.setJoinStyle(Qt::RoundJoin);
    painter.setPen(outline);
    painter.setBrush(page.is_filled ? QBrush(QColor(224, 224, 224)) : QBrush(Qt::NoBrush));
    for (const auto& design : page.designs)
        painter.drawPath(toPainterPath(design));
    painter.restore();
    QPen mark(QColor(90, 90, 90), page.mark_mm);
    for (const auto& line : page.lines) {
        mark.setStyle(Qt::SolidLine);
        if (line.is_dashed)
            mark.setDashPattern({kDash_mm / page.mark_mm, kDash_mm / page.mark_mm});
        painter.setPen(mark);
        painter.drawLine(down(line.from), down(line.to));
    }
    painter.setPen(Qt::NoPen);
    painter.setBrush(Qt::black);
    QFont large(font);
    large.setPixelSize(int(kFont_px));
    const QFontMetricsF metrics(large);
    for (const auto& written : page.texts) {
        const QString words = text(written.words);
        QPainterPath path;
        path.addText(0, 0, large, words);
        painter.save();
        painter.translate(down(written.at));
        painter.scale(written.height_mm / kFont_px, written.height_mm / kFont_px);
        painter.translate(-metrics.horizontalAdvance(words) / 2, 0);
        painter.drawPath(path);
        painter.restore();
    }
}

PatternView::PatternView(const Theme& theme, QWidget* parent) : QWidget(parent), m_theme(theme)
{
    setObjectName(QStringLiteral("patternView"));
    setFocusPolicy(Qt::StrongFocus);
    setMinimumSize(200, 120);
    setAccessibleName(tr("The pages of the pattern"));
}

void PatternView::show(std::shared_ptr<const Pattern> pattern, PatternWords words, const QString& message)
{
    m_pattern = std::move(pattern);
    m_words = std::move(words);
    m_message = message;
    m_pages.clear();
    if (m_pattern)
        for (std::size_t i = 0; i < m_pattern->pageCount(); ++i)
            m_pages.push_back(marksOf(*m_pattern, i, m_words.title, m_words.advice));
    m_chosen = m_pages.empty() ? 0 : std::min(m_chosen, m_pages.size() - 1);
    place();
    tellChosen();
    update();
}

void PatternView::place()
{
    m_places_mm.clear();
    m_all_mm = {};
    if (!m_pattern)
        return;
    const auto& pattern = *m_pattern;
    const std::size_t covers = pattern.settings.has_cover ? 1 : 0;
    double left = 0.0;
    if (covers > 0) {
        m_places_mm.push_back({0, 0, m_pages[0].width_mm, m_pages[0].height_mm});
        left = m_pages[0].width_mm + 2 * kBetween_mm;
    }
    const double step_x = pattern.page_width_mm + kBetween_mm, step_y = pattern.page_height_mm + kBetween_mm;
    // Pages that are no parts of one pattern lie in rows that are about as long as the view is wide.
    const auto a_row = std::size_t(
        std::max(1.0, std::round(std::sqrt(double(pattern.pages.size()) * 1.6 * step_y / step_x))));
    for (std::size_t i = 0; i < pattern.pages.size(); ++i) {
        const auto column = pattern.is_joined ? pattern.pages[i].column : i % a_row,
                   row = pattern.is_joined ? pattern.pages[i].row : i / a_row;
        m_places_mm.push_back({left + double(column) * step_x, double(row) * step_y, pattern.page_width_mm,
                               pattern.page_height_mm});
    }
    for (const auto& rect : m_places_mm)
        m_all_mm |= rect;
}

QRectF PatternView::rectOf(std::size_t page) const
{
    if (page >= m_places_mm.size() || (m_is_alone && page != m_chosen))
        return {};
    const QRectF room = QRectF(rect()).adjusted(kRoom_px, kRoom_px, -kRoom_px, -kRoom_px);
    const QRectF all = m_is_alone ? m_places_mm[page] : m_all_mm;
    const double scale = std::min(room.width() / all.width(), room.height() / all.height());
    const QPointF corner = room.center() - QPointF(all.width(), all.height()) * scale / 2;
    return {corner + (m_places_mm[page].topLeft() - all.topLeft()) * scale, m_places_mm[page].size() * scale};
}

void PatternView::choose(std::size_t page)
{
    if (page >= m_pages.size())
        return;
    m_chosen = page;
    tellChosen();
    update();
    emit chosenChanged();
}

void PatternView::setAlone(bool is_alone)
{
    m_is_alone = is_alone && !m_pages.empty();
    tellChosen();
    update();
}

void PatternView::tellChosen()
{
    if (m_pages.empty())
        return setAccessibleDescription(m_message);
    const std::size_t covers = m_pattern->settings.has_cover ? 1 : 0;
    const QString which = m_chosen < covers
                              ? tr("The first page: squares to check the printer with")
                              : tr("Page %1").arg(text(nameOf(m_pattern->pages[m_chosen - covers])));
    setAccessibleDescription(
        tr("%1, of %n. Arrows choose another, Enter shows it alone.", nullptr, int(m_pages.size()))
            .arg(which));
}

void PatternView::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.fillRect(rect(), m_theme.colours().wash);
    if (m_pages.empty()) {
        painter.setPen(m_theme.colours().soft_ink);
        painter.setFont(m_theme.text(TextSize::Lead));
        painter.drawText(rect().adjusted(kMargin, 0, -kMargin, 0), Qt::AlignCenter | Qt::TextWordWrap,
                         m_message);
        return;
    }
    for (std::size_t i = 0; i < m_pages.size(); ++i) {
        const QRectF where = rectOf(i);
        if (where.isEmpty())
            continue;
        const bool is_chosen = i == m_chosen && hasFocus();
        painter.setPen(is_chosen ? QPen(m_theme.colours().madder, 2) : QPen(m_theme.colours().rule, 1));
        painter.setBrush(Qt::white); // paper is white in the dark too
        painter.drawRect(where);
        painter.save();
        painter.setClipRect(where);
        painter.translate(where.topLeft());
        const double scale = where.width() / m_pages[i].width_mm;
        painter.scale(scale, scale);
        // Lines as thin as they are printed would not be seen from this far.
        PageMarks seen = m_pages[i];
        seen.line_mm = std::max(seen.line_mm, 1.0 / scale);
        seen.mark_mm = std::max(seen.mark_mm, 0.8 / scale);
        paintPage(painter, seen, m_theme.text(TextSize::Body));
        painter.restore();
    }
}

void PatternView::mousePressEvent(QMouseEvent* event)
{
    for (std::size_t i = 0; i < m_pages.size(); ++i)
        if (rectOf(i).contains(event->position()))
            choose(i);
}

void PatternView::mouseDoubleClickEvent(QMouseEvent* event)
{
    mousePressEvent(event);
    setAlone(!m_is_alone);
}

void PatternView::keyPressEvent(QKeyEvent* event)
{
    switch (event->key()) {
    case Qt::Key_Right:
    case Qt::Key_Down:
    case Qt::Key_PageDown:
        return choose(m_chosen + 1);
    case Qt::Key_Left:
    case Qt::Key_Up:
    case Qt::Key_PageUp:
        return choose(m_chosen == 0 ? 0 : m_chosen - 1);
    case Qt::Key_Home:
        return choose(0);
    case Qt::Key_End:
        return choose(m_pages.empty() ? 0 : m_pages.size() - 1);
    case Qt::Key_Return:
    case Qt::Key_Enter:
        return setAlone(!m_is_alone);
    case Qt::Key_Escape:
        if (m_is_alone)
            return setAlone(false);
        break;
    default:
        break;
    }
    QWidget::keyPressEvent(event);
}

void PatternView::focusInEvent(QFocusEvent* event)
{
    update();
    QWidget::focusInEvent(event);
}

void PatternView::focusOutEvent(QFocusEvent* event)
{
    update();
    QWidget::focusOutEvent(event);
}

} // namespace ink::ui
