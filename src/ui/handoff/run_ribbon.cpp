#include "ui/handoff/run_ribbon.h"

#include <QAccessible>
#include <QCoreApplication>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>

#include <algorithm>
#include <cmath>

namespace ink::ui {
namespace {

constexpr int kRibbonBand_px = 30, kRibbonHandle_px = 14;

} // namespace

QString duration(double seconds)
{
    const auto whole = std::llround(seconds);
    if (whole < 60)
        return QCoreApplication::translate("ink::ui::RunRibbon", "%1 s").arg(whole);
    if (whole < 3600)
        return QCoreApplication::translate("ink::ui::RunRibbon", "%1 min %2 s")
            .arg(whole / 60)
            .arg(whole % 60);
    return QCoreApplication::translate("ink::ui::RunRibbon", "%1 h %2 min")
        .arg(whole / 3600)
        .arg(whole % 3600 / 60);
}

RunRibbon::RunRibbon(const Theme& theme, QWidget* parent) : QWidget(parent), m_theme(theme)
{
    setFocusPolicy(Qt::StrongFocus);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
}

QSize RunRibbon::sizeHint() const
{
    return {400, m_theme.scaled(kRibbonBand_px + 2 * kRibbonHandle_px)};
}

void RunRibbon::show(std::vector<RibbonPart> parts, double duration_s)
{
    m_parts = std::move(parts);
    m_duration_s = duration_s;
    setTime(std::min(m_time_s, duration()));
    update();
}

void RunRibbon::setTime(double time_s)
{
    const double kept = std::clamp(time_s, 0.0, std::max(0.0, duration()));
    if (kept == m_time_s)
        return;
    m_time_s = kept;
    setAccessibleDescription(tr("%1 of %2").arg(ink::ui::duration(m_time_s), ink::ui::duration(duration())));
    QAccessibleEvent event(this, QAccessible::DescriptionChanged);
    QAccessible::updateAccessibility(&event);
    update();
    emit timeChanged(m_time_s);
}

double RunRibbon::timeAt(double x) const
{
    const double in = m_theme.scaled(kRibbonHandle_px) / 2.0, wide = width() - 2 * in;
    return wide > 0 ? (x - in) / wide * duration() : 0.0;
}

double RunRibbon::xAt(double time_s) const
{
    const double in = m_theme.scaled(kRibbonHandle_px) / 2.0, wide = width() - 2 * in;
    return duration() > 0.0 ? in + time_s / duration() * wide : in;
}

void RunRibbon::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto& c = m_theme.colours();
    const double band = m_theme.scaled(kRibbonBand_px), axis = band + m_theme.scaled(kRibbonHandle_px) * 0.9;
    // Too narrow to be seen apart, parts are one stretch of their colour.
    double right = -1.0;
    for (const auto& part : m_parts) {
        const double x0 = std::max(xAt(part.from_s), right), x1 = std::max(xAt(part.to_s), x0 + 0.6);
        if (x1 <= right)
            continue;
        const bool is_wide = x1 - x0 > 5;
        painter.setPen(Qt::NoPen);
        painter.setBrush(contrast(part.colour, c.card) < 1.25 ? c.soft_ink : part.colour);
        const QRectF box(x0, 0, x1 - x0 - (is_wide ? 1.5 : 0), band);
        painter.drawRoundedRect(box, is_wide ? 3 : 0, is_wide ? 3 : 0);
        if (part.look == RibbonPart::Look::Low) {
            painter.setBrush(c.card);
            painter.drawRect(QRectF(box.left(), 0, box.width(), band * 0.3));
        } else if (part.look == RibbonPart::Look::Striped && is_wide) {
            painter.setPen(QPen(c.card, 1));
            for (double x = box.left() + 4; x < box.right(); x += 6)
                painter.drawLine(QPointF(x, 2), QPointF(x, band - 2));
        }
        right = x1;
    }
    painter.setPen(QPen(c.ink, 2));
    painter.drawLine(QPointF(xAt(0), axis), QPointF(width() - xAt(0), axis));
    const double w = m_theme.scaled(kRibbonHandle_px) * 0.8, h = m_theme.scaled(kRibbonHandle_px) * 1.3;
    painter.setPen(QPen(hasFocus() ? c.madder : c.ink, hasFocus() ? 3 : 2));
    painter.setBrush(c.card);
    painter.drawRoundedRect(QRectF(xAt(m_time_s) - w / 2, axis - h / 2, w, h), 3, 3);
}

void RunRibbon::mousePressEvent(QMouseEvent* event)
{
    if (event->button() == Qt::LeftButton)
        setTime(timeAt(event->position().x()));
}

void RunRibbon::mouseMoveEvent(QMouseEvent* event)
{
    if (event->buttons() & Qt::LeftButton)
        setTime(timeAt(event->position().x()));
}

void RunRibbon::keyPressEvent(QKeyEvent* event)
{
    if (m_parts.empty())
        return QWidget::keyPressEvent(event);
    const double step = event->modifiers() & Qt::ShiftModifier ? 10.0 : 1.0;
    const auto toPart = [&](int by) {
        const auto at =
            std::ranges::upper_bound(m_parts, m_time_s + 1e-9, {}, &RibbonPart::from_s) - m_parts.begin();
        const auto next = by > 0 ? at : at - 2; // where the part begins that comes after, or before, this one
        setTime(next < 0                                ? 0.0
                : next < std::ptrdiff_t(m_parts.size()) ? m_parts[std::size_t(next)].from_s
                                                        : duration());
    };
    switch (event->key()) {
    case Qt::Key_Left:
        return setTime(m_time_s - step);
    case Qt::Key_Right:
        return setTime(m_time_s + step);
    case Qt::Key_PageDown:
        return toPart(1);
    case Qt::Key_PageUp:
        return toPart(-1);
    case Qt::Key_Home:
        return setTime(0.0);
    case Qt::Key_End:
        return setTime(duration());
    default:
        QWidget::keyPressEvent(event);
    }
}

std::vector<RibbonPart> ribbonParts(const Run& run, const QColor& material, const Theme& theme)
{
    const auto& c = theme.colours();
    std::vector<RibbonPart> out;
    for (const auto& part : run.parts) {
        const auto& path = run.paths[part.path];
        const bool is_frame = path.operation == Operation::Frame;
        out.push_back({part.down_s, part.end_s,
                       is_frame                           ? c.soft_ink
                       : path.operation != Operation::Cut ? c.ochre
                       : path.is_middle                   ? material.lighter(150)
                                                          : material,
                       is_frame         ? RibbonPart::Look::Striped
                       : path.is_middle ? RibbonPart::Look::Low
                                        : RibbonPart::Look::Full});
    }
    return out;
}

} // namespace ink::ui
