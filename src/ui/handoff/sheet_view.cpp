#include "ui/handoff/sheet_view.h"

#include "ui/measures.h"
#include "ui/outline_paths.h"

#include <QAccessible>
#include <QKeyEvent>
#include <QLocale>
#include <QPainter>

#include <algorithm>
#include <cmath>

namespace ink::ui {
namespace {

constexpr int kSheetRuler_px = 32;
/// Of a roll, below what is used of it.
constexpr double kRest = 0.35;
constexpr double kLeastRest_mm = 30.0;
/// Moved by a key, and with Shift.
constexpr double kMove_mm = 1.0, kFarMove_mm = 10.0;
constexpr double kQuarter_deg = 90.0;
/// Nearer to a line than this, what is dragged comes to rest on it.
constexpr double kRest_px = 8.0;

QPainterPath pathOf(const ToolPath& path)
{
    QPainterPath out;
    const Point start = path.start();
    out.moveTo(start.x, -start.y);
    for (const auto& s : path.segments) {
        const auto p = [&](std::size_t i) { return QPointF(s.p[i].x, -s.p[i].y); };
        switch (s.kind) {
        case SegmentKind::Line:
            out.lineTo(p(1));
            break;
        case SegmentKind::Quadratic:
            out.quadTo(p(1), p(2));
            break;
        case SegmentKind::Cubic:
            out.cubicTo(p(1), p(2), p(3));
            break;
        }
    }
    return out;
}

} // namespace

SheetView::SheetView(const Theme& theme, QWidget* parent) : QWidget(parent), m_theme(theme)
{
    setObjectName(QStringLiteral("sheetView"));
    setAccessibleName(tr("The sheet"));
    setFocusPolicy(Qt::StrongFocus);
    setMouseTracking(true);
    setMinimumHeight(90);
}

const PlannedSheet* SheetView::sheet() const
{
    return m_shown.plan && m_shown.sheet < m_shown.plan->sheets.size() ? &m_shown.plan->sheets[m_shown.sheet]
                                                                       : nullptr;
}

void SheetView::show(Shown shown)
{
    const bool is_other = shown.plan != m_shown.plan || shown.sheet != m_shown.sheet;
    const bool had_chosen = m_chosen && m_shown.plan && *m_chosen < m_shown.plan->laid.size();
    const std::size_t chosen_number = had_chosen ? m_shown.plan->laid[*m_chosen].number : 0;
    m_shown = std::move(shown);
    m_message.clear();
    if (is_other) {
        m_pieces.clear();
        m_run_mm.clear();
        m_chosen.reset();
        if (const auto* now = sheet()) {
            for (std::size_t i = 0; i < m_shown.plan->laid.size(); ++i) {
                const auto& laid = m_shown.plan->laid[i];
                if (laid.sheet != m_shown.sheet)
                    continue;
                QPainterPath whole, cut;
                for (const auto& part : laid.parts) {
                    whole.addPath(toPainterPath(part.on_sheet));
                    if (part.operation == Operation::Cut)
                        cut.addPath(toPainterPath(part.on_sheet));
                }
                m_pieces.push_back({i, whole, cut, toRect(laid.box_mm)});
                if (had_chosen && chosen_number == laid.number)
                    m_chosen = i;
            }
            for (const auto& path : now->run.paths)
                m_run_mm.push_back(pathOf(path));
        }
    }
    update();
}

void SheetView::showMessage(const QString& message)
{
    m_shown = {};
    m_pieces.clear();
    m_run_mm.clear();
    m_chosen.reset();
    m_message = message;
    setAccessibleDescription(message);
    update();
}

void SheetView::showTime(std::optional<double> time_s)
{
    m_time_s = time_s;
    update();
}

/// A roll goes on to the lower end of the view.
double SheetView::shownLength() const
{
    const auto* now = sheet();
    if (!now)
        return 100.0;
    if (!now->material.sheet.isRoll())
        return now->page_mm.height();
    const QRectF area = room();
    const double least = now->used_length_mm + std::max(kLeastRest_mm, kRest * now->used_length_mm);
    return area.width() > 10 ? std::max(least, now->page_mm.width() * area.height() / area.width()) : least;
}

QRectF SheetView::room() const
{
    const int ruler = m_theme.scaled(kSheetRuler_px);
    const bool is_roll = sheet() && sheet()->material.sheet.isRoll();
    return QRectF(rect()).adjusted(ruler, ruler, -kMargin, is_roll ? 0 : -kGrid * 3);
}

QRectF SheetView::paper() const
{
    const auto* now = sheet();
    const QRectF area = room();
    if (!now || area.width() <= 10 || area.height() <= 10)
        return area;
    const double scale = std::min(area.width() / now->page_mm.width(), area.height() / shownLength());
    const QSizeF size(now->page_mm.width() * scale, shownLength() * scale);
    return {QPointF(area.left() + (area.width() - size.width()) / 2, area.top()), size};
}

double SheetView::pixelsPerMm() const
{
    const auto* now = sheet();
    return now ? paper().width() / now->page_mm.width() : 1.0;
}

QPointF SheetView::toScreen(Point mm) const
{
    return paper().topLeft() + QPointF(mm.x, -mm.y) * pixelsPerMm();
}

Point SheetView::toMm(QPointF screen) const
{
    const QPointF mm = (screen - paper().topLeft()) / pixelsPerMm();
    return {mm.x(), -mm.y()};
}

QRectF SheetView::rectOf(std::size_t laid) const
{
    const Box& box = m_shown.plan->laid[laid].box_mm;
    return {toScreen({box.x0, box.y1}), toScreen({box.x1, box.y0})};
}

std::optional<std::size_t> SheetView::laidAt(QPointF screen) const
{
    const Point mm = toMm(screen);
    const QPointF at(mm.x, -mm.y);
    std::optional<std::size_t> in_box;
    for (const auto& piece : m_pieces) {
        if (!piece.box_mm.adjusted(-1, -1, 1, 1).contains(at))
            continue;
        if (piece.path_mm.intersects(QRectF(at - QPointF(1, 1), QSizeF(2, 2))))
            return piece.laid;
        if (!in_box)
            in_box = piece.laid;
    }
    return in_box;
}

/// On light material a deep shade of it, on dark material a light one.
QColor SheetView::inkOn(const QColor& material) const
{
    QColor light = material.lighter(180);
    return material.lightnessF() > 0.72 ? QColor(QStringLiteral("#1d2333"))
           : light.lightnessF() > 0.5   ? material
                                        : light;
}

void SheetView::paintSheet(QPainter& painter) const
{
    const auto* now = sheet();
    const QColor material(QString::fromStdString(now->material.colour));
    const QRectF area = paper();
    // The sheet is paler than what is cut from it, so that both are seen.
    QColor ground = material;
    const auto& c = m_theme.colours();
    const double share = material.lightnessF() > 0.72 ? 0.0 : 0.78;
    ground.setRgbF(float(material.redF() * (1 - share) + c.card.redF() * share),
                   float(material.greenF() * (1 - share) + c.card.greenF() * share),
                   float(material.blueF() * (1 - share) + c.card.blueF() * share));
    painter.setPen(QPen(c.rule.darker(120), 1));
    painter.setBrush(ground);
    painter.drawRect(area);
    if (now->material.surface == Surface::Wood) {
        painter.save();
        painter.setClipRect(area);
        QColor grain = material.darker(118);
        grain.setAlpha(90);
        painter.setPen(QPen(grain, 1));
        for (double y = area.top() + 6; y < area.bottom(); y += 11)
            painter.drawLine(QPointF(area.left(), y), QPointF(area.right(), y + 5 * std::sin(y)));
        painter.restore();
    }
    const double margin = now->material.sheet.margin_mm * pixelsPerMm();
    if (margin >= 2) {
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(inkOn(ground), 1, Qt::DotLine));
        painter.setOpacity(0.35);
        painter.drawRect(area.adjusted(margin, margin, -margin, now->material.sheet.isRoll() ? 0 : -margin));
        painter.setOpacity(1.0);
    }
    // Where to cut it off, and that the rest stays whole.
    const double used = area.top() + now->used_length_mm * pixelsPerMm();
    if (used < area.bottom() - 6) {
        painter.setPen(QPen(c.ink, 1.4, Qt::DashLine));
        painter.drawLine(QPointF(area.left(), used), QPointF(area.right(), used));
        painter.setPen(c.ink);
        painter.setFont(m_theme.text(TextSize::Small));
        const QString words = now->material.sheet.isRoll()
                                  ? tr("cut off here · %1 of the roll used")
                                        .arg(figureWithUnit(now->used_length_mm, m_shown.unit))
                                  : tr("%1 of the sheet used · the rest stays whole")
                                        .arg(figureWithUnit(now->used_length_mm, m_shown.unit));
        const QRectF below(area.left() + 2 * kGrid, used + kGrid, area.width() - 4 * kGrid,
                           area.bottom() - used);
        painter.drawText(below, Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap, words);
    }
}

void SheetView::paintThings(QPainter& painter) const
{
    const auto* now = sheet();
    const QColor material(QString::fromStdString(now->material.colour));
    const QColor ink = material.lightnessF() > 0.72 ? QColor(QStringLiteral("#1d2333")) : material;
    painter.save();
    painter.translate(paper().topLeft());
    painter.scale(pixelsPerMm(), pixelsPerMm());
    for (const auto& piece : m_pieces) {
        const bool is_moved = m_is_dragging && m_chosen == piece.laid;
        painter.save();
        if (is_moved)
            painter.translate(m_drag_by.x, -m_drag_by.y);
        painter.setPen(Qt::NoPen);
        painter.setBrush(ink);
        if (m_time_s)
            painter.setOpacity(0.28); // what is not cut yet is only planned
        painter.drawPath(piece.cut_mm);
        painter.setOpacity(1.0);
        if (m_chosen == piece.laid) {
            const auto& c = m_theme.colours();
            QPen pen(is_moved && m_is_refused ? c.madder : c.ink, is_moved && m_is_refused ? 2.4 : 1.6,
                     is_moved && m_is_refused ? Qt::DashLine : Qt::SolidLine);
            pen.setCosmetic(true);
            painter.setPen(pen);
            painter.setBrush(Qt::NoBrush);
            painter.drawRect(piece.box_mm.adjusted(-1, -1, 1, 1));
        }
        painter.restore();
    }
    painter.restore();
}

/// Frames, crosses, pen and score lines.
void SheetView::paintLines(QPainter& painter) const
{
    const auto* now = sheet();
    painter.save();
    painter.translate(paper().topLeft());
    painter.scale(pixelsPerMm(), pixelsPerMm());
    for (std::size_t i = 0; i < m_run_mm.size(); ++i) {
        if (now->run.paths[i].operation == Operation::Cut)
            continue;
        QPen pen(m_theme.colours().ink, now->run.paths[i].operation == Operation::Frame ? 1.0 : 1.6,
                 now->run.paths[i].operation == Operation::Score ? Qt::DashLine : Qt::SolidLine);
        pen.setCosmetic(true);
        painter.setPen(pen);
        painter.drawPath(m_run_mm[i]);
    }
    painter.restore();
}

/// What is done falls out of the picture; the tool stands where it is.
void SheetView::paintRun(QPainter& painter) const
{
    const auto* now = sheet();
    if (!m_time_s || now->run.parts.empty())
        return;
    const auto at = now->run.at(*m_time_s);
    const auto& c = m_theme.colours();
    painter.save();
    painter.translate(paper().topLeft());
    painter.scale(pixelsPerMm(), pixelsPerMm());
    for (std::size_t i = 0; i < now->run.parts.size(); ++i) {
        const auto& part = now->run.parts[i];
        if (part.down_s > *m_time_s)
            break;
        const bool is_done = part.end_s <= *m_time_s;
        QPen pen(c.ink, is_done ? 1.2 : 2.0);
        pen.setCosmetic(true);
        painter.setPen(pen);
        const auto& path = now->run.paths[part.path];
        const bool falls_out =
            is_done && path.is_closed && path.is_middle && path.operation == Operation::Cut;
        painter.setBrush(falls_out ? QBrush(c.wash)
                         : is_done && path.is_closed && path.operation == Operation::Cut
                             ? QBrush(QColor(QString::fromStdString(now->material.colour)))
                             : QBrush(Qt::NoBrush));
        if (is_done) {
            painter.drawPath(m_run_mm[i]);
        } else {
            QPainterPath begun;
            const double share = at.share;
            const QPainterPath& whole = m_run_mm[i];
            begun.moveTo(whole.pointAtPercent(0.0));
            const int steps = 64;
            for (int k = 1; k <= steps; ++k)
                begun.lineTo(whole.pointAtPercent(std::min(1.0, share * k / steps)));
            painter.drawPath(begun);
        }
    }
    // Middles fall out of what lies around them, whichever is painted last.
    painter.setPen(Qt::NoPen);
    painter.setBrush(c.wash);
    for (const auto& part : now->run.parts)
        if (const auto& path = now->run.paths[part.path];
            part.end_s <= *m_time_s && path.is_middle && path.operation == Operation::Cut)
            painter.drawPath(m_run_mm[std::size_t(&part - now->run.parts.data())]);
    painter.restore();
    const QPointF tool = toScreen(at.tool);
    const double r = m_theme.scaled(6);
    painter.setPen(QPen(c.madder, 2));
    painter.setBrush(at.is_down ? QBrush(c.madder) : QBrush(c.card));
    painter.drawEllipse(tool, r, r);
}

void SheetView::paintRulers(QPainter& painter) const
{
    const QRectF area = paper();
    const double scale = pixelsPerMm();
    const bool is_inch = m_shown.unit == LengthUnit::Inch;
    const double unit_mm = is_inch ? kMmPerInch : 1.0;
    const double step_mm = tickStep(scale * unit_mm, 44) * unit_mm;
    painter.setFont(m_theme.text(TextSize::Tiny));
    painter.setPen(m_theme.colours().soft_ink);
    const QFontMetrics metrics(painter.font());
    const auto number = [&](double mm) { return QLocale().toString(mm / unit_mm, 'f', 0); };
    for (double mm = 0; mm * scale <= area.width() + 0.5; mm += step_mm) {
        const double x = area.left() + mm * scale;
        painter.drawLine(QPointF(x, area.top() - 5), QPointF(x, area.top() - 1));
        painter.drawText(QPointF(x - metrics.horizontalAdvance(number(mm)) / 2.0, area.top() - 7),
                         number(mm));
    }
    for (double mm = step_mm; mm * scale <= area.height() + 0.5; mm += step_mm) {
        const double y = area.top() + mm * scale;
        painter.drawLine(QPointF(area.left() - 5, y), QPointF(area.left() - 1, y));
        painter.drawText(
            QPointF(area.left() - 7 - metrics.horizontalAdvance(number(mm)), y + metrics.ascent() / 2.0 - 1),
            number(mm));
    }
}

void SheetView::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto& c = m_theme.colours();
    painter.fillRect(rect(), c.wash);
    if (!sheet()) {
        painter.setFont(m_theme.text(TextSize::Lead));
        painter.setPen(c.soft_ink);
        painter.drawText(rect().adjusted(2 * kMargin, kMargin, -2 * kMargin, -kMargin),
                         Qt::AlignCenter | Qt::TextWordWrap, m_message);
        return;
    }
    paintSheet(painter);
    paintThings(painter);
    if (!m_time_s)
        paintLines(painter);
    paintRun(painter);
    paintRest(painter);
    paintRulers(painter);
    if (hasFocus()) {
        painter.setPen(QPen(c.madder, 2));
        painter.setBrush(Qt::NoBrush);
        painter.drawRect(rect().adjusted(1, 1, -1, -1));
    }
}

void SheetView::choose(std::optional<std::size_t> laid)
{
    if (laid == m_chosen)
        return;
    m_chosen = laid;
    tellChosen();
    update();
    emit chosenChanged();
}

void SheetView::tellChosen()
{
    QString words = tr("Tab and arrows choose and move what lies on the sheet.");
    if (m_chosen && m_shown.plan) {
        const auto& laid = m_shown.plan->laid[*m_chosen];
        const Box& box = laid.box_mm;
        words =
            tr("%1: %2 from the left, %3 from the top, %4 wide, %5 high")
                .arg(laid.thing < m_shown.words.size() ? m_shown.words[laid.thing] : QString(),
                     figureWithUnit(box.x0, m_shown.unit), figureWithUnit(-box.y1, m_shown.unit),
                     figureWithUnit(box.width(), m_shown.unit), figureWithUnit(box.height(), m_shown.unit));
    }
    setAccessibleDescription(words);
    QAccessibleEvent event(this, QAccessible::DescriptionChanged);
    QAccessible::updateAccessibility(&event);
}

void SheetView::setDrag(const SheetRoom::Rest& rest, bool is_refused)
{
    if (!m_chosen || !m_shown.plan)
        return;
    m_drag_by = rest.there.at_mm - m_shown.plan->laid[*m_chosen].place.at_mm;
    m_rest_x_mm = rest.x_mm;
    m_rest_y_mm = rest.y_mm;
    m_is_refused = is_refused;
    update();
}

/// The lines that what is dragged came to rest on.
void SheetView::paintRest(QPainter& painter) const
{
    if (!m_is_dragging)
        return;
    const QRectF area = paper();
    painter.setPen(QPen(m_theme.colours().madder, 1, Qt::DashLine));
    if (m_rest_x_mm) {
        const double x = toScreen({*m_rest_x_mm, 0.0}).x();
        painter.drawLine(QPointF(x, area.top()), QPointF(x, area.bottom()));
    }
    if (m_rest_y_mm) {
        const double y = toScreen({0.0, *m_rest_y_mm}).y();
        painter.drawLine(QPointF(area.left(), y), QPointF(area.right(), y));
    }
}

void SheetView::mousePressEvent(QMouseEvent* event)
{
    if (event->button() != Qt::LeftButton || !sheet())
        return;
    const auto laid = laidAt(event->position());
    choose(laid);
    m_is_dragging = false;
    m_is_refused = false;
    m_drag_from = laid ? std::optional(event->position()) : std::nullopt;
}

void SheetView::mouseMoveEvent(QMouseEvent* event)
{
    if (!m_drag_from || !m_chosen || !sheet()) {
        setCursor(sheet() && laidAt(event->position()) ? Qt::OpenHandCursor : Qt::ArrowCursor);
        return;
    }
    const QPointF moved = event->position() - *m_drag_from;
    if (!m_is_dragging && std::hypot(moved.x(), moved.y()) < 4)
        return;
    m_is_dragging = true;
    m_drag_by = {moved.x() / pixelsPerMm(), -moved.y() / pixelsPerMm()};
    Placement there = m_shown.plan->laid[*m_chosen].place;
    there.at_mm = there.at_mm + m_drag_by;
    // Alt holds it where the hand is.
    const bool is_free = event->modifiers().testFlag(Qt::AltModifier);
    emit dragged(*m_chosen, there, is_free ? 0.0 : kRest_px / pixelsPerMm());
    update();
}

void SheetView::mouseReleaseEvent(QMouseEvent*)
{
    const bool was_dragging = std::exchange(m_is_dragging, false);
    m_drag_from.reset();
    if (!was_dragging || !m_chosen || !sheet())
        return;
    Placement there = m_shown.plan->laid[*m_chosen].place;
    there.at_mm = there.at_mm + m_drag_by;
    update();
    emit moveWanted(*m_chosen, there);
}

void SheetView::keyPressEvent(QKeyEvent* event)
{
    if (m_pieces.empty())
        return QWidget::keyPressEvent(event);
    const auto index = [&]() -> std::ptrdiff_t {
        const auto at = std::ranges::find_if(m_pieces, [&](const Piece& p) { return m_chosen == p.laid; });
        return at == m_pieces.end() ? -1 : at - m_pieces.begin();
    }();
    const auto n = std::ptrdiff_t(m_pieces.size());
    const bool is_large = event->modifiers() & Qt::ShiftModifier;
    const auto move = [&](Point by) {
        if (index < 0)
            return choose(m_pieces.front().laid);
        Placement there = m_shown.plan->laid[*m_chosen].place;
        there.at_mm = there.at_mm + by * (is_large ? kFarMove_mm : kMove_mm);
        emit moveWanted(*m_chosen, there);
    };
    switch (event->key()) {
    case Qt::Key_Left:
        return move({-1, 0});
    case Qt::Key_Right:
        return move({1, 0});
    case Qt::Key_Up:
        return move({0, 1});
    case Qt::Key_Down:
        return move({0, -1});
    case Qt::Key_PageDown:
    case Qt::Key_N:
        return choose(m_pieces[std::size_t((index + 1) % n)].laid);
    case Qt::Key_PageUp:
    case Qt::Key_P:
        return choose(m_pieces[std::size_t((index + n - 1) % n)].laid);
    case Qt::Key_R:
        if (m_chosen) { // about the middle of it
            const auto& laid = m_shown.plan->laid[*m_chosen];
            const Point middle{(laid.box_mm.x0 + laid.box_mm.x1) / 2, (laid.box_mm.y0 + laid.box_mm.y1) / 2};
            Placement there = laid.place;
            there.turn_deg = std::fmod(there.turn_deg + kQuarter_deg, 360.0);
            const Point from = there.at_mm - middle;
            there.at_mm = middle + Point{-from.y, from.x};
            emit moveWanted(*m_chosen, there);
        }
        return;
    case Qt::Key_Escape:
        if (m_chosen)
            return choose({});
        break;
    default:
        break;
    }
    QWidget::keyPressEvent(event);
}

void SheetView::focusInEvent(QFocusEvent* event)
{
    tellChosen();
    QWidget::focusInEvent(event);
}

void SheetView::changeEvent(QEvent* event)
{
    if (event->type() == QEvent::FontChange)
        update();
    QWidget::changeEvent(event);
}

void SheetView::resizeEvent(QResizeEvent* event)
{
    m_is_dragging = false;
    m_drag_from.reset();
    QWidget::resizeEvent(event);
}

} // namespace ink::ui
