#include "ui/find/picture_view.h"

#include <QKeyEvent>
#include <QPainter>
#include <QPainterPath>

#include <algorithm>
#include <cmath>

namespace ink::ui {
namespace {

constexpr double kReach_px = 14.0, kHandle_px = 6.0;
constexpr double kStep_px = 1.0, kBigStep_px = 10.0;
constexpr double kLeastSide_px = 8.0;

} // namespace

PictureView::PictureView(const Theme& theme, QWidget* parent) : QWidget(parent), m_theme(theme)
{
    setFocusPolicy(Qt::StrongFocus);
    setMinimumSize(200, 120);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    setCursor(Qt::CrossCursor);
    setToolTip(tr("Draw a frame round the lettering; drag its corners where it is seen at an angle"));
    say();
}

void PictureView::say()
{
    setAccessibleName(tr("The picture, with a frame round its lettering"));
    setAccessibleDescription(
        tr("Corner %1 of 4, at %2, %3. Page Down goes to the next corner, arrow keys move it.")
            .arg(m_chosen + 1)
            .arg(std::lround(m_corners[static_cast<std::size_t>(m_chosen)].x))
            .arg(std::lround(m_corners[static_cast<std::size_t>(m_chosen)].y)));
}

void PictureView::setPicture(const std::shared_ptr<const Picture>& picture)
{
    m_image = picture ? QImage(picture->rgb.data(), picture->width_px, picture->height_px,
                               3 * static_cast<qsizetype>(picture->width_px), QImage::Format_RGB888)
                            .copy()
                      : QImage();
    m_corners =
        cornersOf({0.0, 0.0, static_cast<double>(m_image.width()), static_cast<double>(m_image.height())});
    m_chosen = 0;
    say();
    update();
}

void PictureView::setCorners(const FrameCorners& corners)
{
    m_corners = corners;
    say();
    update();
}

FittedPart PictureView::fitted() const
{
    return {QRectF(m_image.rect()), size(), kReach_px};
}

QPointF PictureView::onScreen(int corner) const
{
    return fitted().toScreen(m_corners[static_cast<std::size_t>(corner)]);
}

Point PictureView::toPicture(QPointF screen) const
{
    const Point at = fitted().toPicture(screen);
    return {std::clamp(at.x, 0.0, static_cast<double>(m_image.width())),
            std::clamp(at.y, 0.0, static_cast<double>(m_image.height()))};
}

FrameCorners PictureView::wholePicture() const
{
    return cornersOf({0.0, 0.0, static_cast<double>(m_image.width()), static_cast<double>(m_image.height())});
}

void PictureView::moveCorner(int corner, Point to)
{
    to = {std::clamp(to.x, 0.0, static_cast<double>(m_image.width())),
          std::clamp(to.y, 0.0, static_cast<double>(m_image.height()))};
    m_corners[static_cast<std::size_t>(corner)] = to;
    m_chosen = corner;
    say();
    update();
}

void PictureView::mousePressEvent(QMouseEvent* event)
{
    if (m_image.isNull() || event->button() != Qt::LeftButton)
        return;
    m_is_moved = false;
    for (int i = 0; i < 4; ++i)
        if (QLineF(onScreen(i), event->position()).length() <= kReach_px) {
            m_dragged = i;
            return moveCorner(i, m_corners[static_cast<std::size_t>(i)]);
        }
    m_drawn_from = toPicture(event->position());
}

void PictureView::mouseMoveEvent(QMouseEvent* event)
{
    const Point at = toPicture(event->position());
    if (m_dragged) {
        m_is_moved = true;
        return moveCorner(*m_dragged, at);
    }
    if (!m_drawn_from)
        return;
    Box box;
    box.add(*m_drawn_from);
    box.add(at);
    if (box.width() >= kLeastSide_px && box.height() >= kLeastSide_px) {
        m_is_moved = true;
        setCorners(cornersOf(box));
    }
}

void PictureView::mouseReleaseEvent(QMouseEvent*)
{
    m_dragged.reset();
    m_drawn_from.reset();
    if (m_is_moved)
        emit cornersChanged(m_corners);
    m_is_moved = false;
}

void PictureView::keyPressEvent(QKeyEvent* event)
{
    const double step = event->modifiers() & Qt::ShiftModifier ? kBigStep_px : kStep_px;
    Point by{};
    switch (event->key()) {
    case Qt::Key_PageDown:
    case Qt::Key_PageUp:
        m_chosen = (m_chosen + (event->key() == Qt::Key_PageDown ? 1 : 3)) % 4;
        say();
        return update();
    case Qt::Key_Left:
        by.x = -step;
        break;
    case Qt::Key_Right:
        by.x = step;
        break;
    case Qt::Key_Up:
        by.y = -step;
        break;
    case Qt::Key_Down:
        by.y = step;
        break;
    default:
        return QWidget::keyPressEvent(event);
    }
    if (m_image.isNull())
        return;
    moveCorner(m_chosen, m_corners[static_cast<std::size_t>(m_chosen)] + by);
    emit cornersChanged(m_corners);
}

void PictureView::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
    const auto& c = m_theme.colours();
    if (m_image.isNull())
        return;
    const QRectF area = fitted().shown;
    painter.drawImage(area, m_image);
    QPolygonF frame;
    for (int i = 0; i < 4; ++i)
        frame << onScreen(i);
    QPainterPath outside, inside;
    outside.addRect(area);
    inside.addPolygon(frame);
    inside.closeSubpath();
    QColor veil = c.paper;
    veil.setAlphaF(0.6F);
    painter.fillPath(outside.subtracted(inside), veil);
    painter.setPen(QPen(c.madder, 2));
    painter.drawPolygon(frame);
    for (int i = 0; i < 4; ++i) {
        painter.setBrush(hasFocus() && i == m_chosen ? c.madder : c.card);
        painter.drawEllipse(onScreen(i), kHandle_px, kHandle_px);
    }
    if (hasFocus()) {
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(c.ink, 2));
        painter.drawEllipse(onScreen(m_chosen), kHandle_px + 3, kHandle_px + 3);
    }
}

} // namespace ink::ui
