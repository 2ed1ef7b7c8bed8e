#include "ui/find/ink_view.h"

#include <QKeyEvent>
#include <QPainter>

#include <algorithm>
#include <cmath>
#include <utility>

namespace ink::ui {
namespace {

constexpr double kRoom_px = 10.0;
/// The brush as part of the lettering's height.
constexpr double kBrush = 0.05;
/// Around the ink, as part of its height.
constexpr double kMarginOfPart = 0.12;

/// The ink and a little round it: that is what is looked at.
QRectF inkPart(const PictureInk& ink)
{
    int left = ink.width_px, right = -1, top = ink.height_px, bottom = -1;
    for (int y = 0; y < ink.height_px; ++y)
        for (int x = 0; x < ink.width_px; ++x)
            if (ink.ink[static_cast<std::size_t>(y) * static_cast<std::size_t>(ink.width_px) +
                        static_cast<std::size_t>(x)] > 127) {
                left = std::min(left, x), right = std::max(right, x);
                top = std::min(top, y), bottom = std::max(bottom, y);
            }
    const QRectF all(0, 0, ink.width_px, ink.height_px);
    if (right < left)
        return all;
    const double margin = 4.0 + kMarginOfPart * (bottom - top);
    return QRectF(QPointF(left, top), QPointF(right + 1, bottom + 1))
               .adjusted(-margin, -margin, margin, margin) &
           all;
}

} // namespace

InkView::InkView(const Theme& theme, QWidget* parent) : QWidget(parent), m_theme(theme)
{
    setFocusPolicy(Qt::StrongFocus);
    setMinimumSize(200, 100);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    setInk(nullptr);
    setAccessibleDescription(tr("Arrow keys move the brush, Space paints out what is no lettering."));
    setToolTip(tr("Paint out what is no lettering"));
}

void InkView::setInk(const std::shared_ptr<const PictureInk>& ink)
{
    m_ink = ink;
    m_problem.clear();
    m_outline = {};
    m_blots.clear();
    m_image = {};
    if (ink) {
        // The colours of the paper: ink as it is everywhere in the window.
        const QColor paper = m_theme.colours().card, tone = m_theme.colours().madder;
        m_image = QImage(ink->width_px, ink->height_px, QImage::Format_RGB32);
        const auto* grey = ink->ink.data();
        for (int y = 0; y < ink->height_px; ++y) {
            auto* line = reinterpret_cast<QRgb*>(m_image.scanLine(y));
            for (int x = 0; x < ink->width_px; ++x, ++grey) {
                const auto mix = [part = *grey](int from, int to) { return from + (to - from) * part / 255; };
                line[x] = qRgb(mix(paper.red(), tone.red()), mix(paper.green(), tone.green()),
                               mix(paper.blue(), tone.blue()));
            }
        }
        m_brush = {ink->width_px / 2.0, ink->height_px / 2.0};
        m_part = inkPart(*ink);
    }
    setAccessibleName(tr("What was understood, dark on light"));
    update();
}

void InkView::setOutline(const QPainterPath& outline_px, const QString& name)
{
    m_outline = outline_px;
    setAccessibleName(name.isEmpty() ? tr("What was understood, dark on light")
                                     : tr("What was understood, with the outline of %1 over it").arg(name));
    update();
}

void InkView::setProblem(const QString& problem)
{
    setInk(nullptr);
    m_problem = problem;
    setAccessibleName(problem);
    update();
}

FittedPart InkView::fitted() const
{
    return {m_part, size(), kRoom_px};
}

QPointF InkView::onScreen(Point ink_px) const
{
    return fitted().toScreen(ink_px);
}

double InkView::brush_px() const
{
    return m_image.isNull() ? 1.0 : std::max(2.0, kBrush * m_part.height());
}

void InkView::blot(QPointF screen)
{
    m_blots.push_back({fitted().toPicture(screen), brush_px()});
    update();
}

void InkView::mousePressEvent(QMouseEvent* event)
{
    if (!m_image.isNull() && event->button() == Qt::LeftButton)
        blot(event->position());
}

void InkView::mouseMoveEvent(QMouseEvent* event)
{
    if (m_blots.empty())
        return;
    // As close together as the brush is wide: a quick stroke leaves no gaps.
    const Point last = m_blots.back().centre, now = fitted().toPicture(event->position());
    const double length = std::hypot(now.x - last.x, now.y - last.y);
    const int steps = std::clamp(static_cast<int>(length / brush_px()), 1, 200);
    for (int i = 1; i <= steps; ++i)
        m_blots.push_back(
            {{last.x + (now.x - last.x) * i / steps, last.y + (now.y - last.y) * i / steps}, brush_px()});
    update();
}

void InkView::mouseReleaseEvent(QMouseEvent*)
{
    if (!m_blots.empty())
        emit paintedOut(std::exchange(m_blots, {}));
}

void InkView::keyPressEvent(QKeyEvent* event)
{
    if (m_image.isNull())
        return QWidget::keyPressEvent(event);
    const double step = brush_px() * (event->modifiers() & Qt::ShiftModifier ? 4.0 : 1.0);
    switch (event->key()) {
    case Qt::Key_Left:
        m_brush.x = std::max(0.0, m_brush.x - step);
        break;
    case Qt::Key_Right:
        m_brush.x = std::min<double>(m_image.width(), m_brush.x + step);
        break;
    case Qt::Key_Up:
        m_brush.y = std::max(0.0, m_brush.y - step);
        break;
    case Qt::Key_Down:
        m_brush.y = std::min<double>(m_image.height(), m_brush.y + step);
        break;
    case Qt::Key_Space:
        emit paintedOut({{m_brush, brush_px()}});
        return;
    default:
        return QWidget::keyPressEvent(event);
    }
    update();
}

void InkView::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
    const auto& c = m_theme.colours();
    painter.fillRect(rect(), c.card);
    painter.setPen(c.rule);
    painter.drawRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5));
    if (m_image.isNull()) {
        painter.setPen(c.soft_ink);
        painter.setFont(m_theme.text(TextSize::Body));
        painter.drawText(rect().adjusted(kMargin, kMargin, -kMargin, -kMargin),
                         Qt::AlignCenter | Qt::TextWordWrap, m_problem);
        return;
    }
    const auto place_of_ink = fitted();
    painter.drawImage(place_of_ink.shown, m_image, m_part);
    if (!m_outline.isEmpty()) {
        const QPointF origin = onScreen({0.0, 0.0});
        const QTransform place(fitted().scale(), 0, 0, fitted().scale(), origin.x(), origin.y());
        painter.setPen(QPen(c.ink, 1.6));
        painter.setBrush(Qt::NoBrush);
        painter.drawPath(place.map(m_outline));
    }
    painter.setPen(Qt::NoPen);
    painter.setBrush(c.card);
    for (const auto& b : m_blots)
        painter.drawEllipse(onScreen(b.centre), b.radius_px * fitted().scale(),
                            b.radius_px * fitted().scale());
    if (hasFocus()) {
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(c.ink, 2, Qt::DashLine));
        painter.drawEllipse(onScreen(m_brush), brush_px() * fitted().scale(), brush_px() * fitted().scale());
    }
}

} // namespace ink::ui
