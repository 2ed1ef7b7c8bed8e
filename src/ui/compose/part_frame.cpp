#include "ui/compose/part_frame.h"

#include <QKeyEvent>

#include <algorithm>

namespace ink::ui {
namespace {

constexpr double kFrameStep_mm = 0.5;
constexpr double kLeastSide_mm = 0.5;

} // namespace

bool PartFrame::moveBy(const QKeyEvent& event)
{
    QPointF by;
    switch (event.key()) {
    case Qt::Key_Left:
        by.setX(-kFrameStep_mm);
        break;
    case Qt::Key_Right:
        by.setX(kFrameStep_mm);
        break;
    case Qt::Key_Up:
        by.setY(-kFrameStep_mm);
        break;
    case Qt::Key_Down:
        by.setY(kFrameStep_mm);
        break;
    default:
        return false;
    }
    if (event.modifiers() & Qt::ShiftModifier) {
        m_rect->setWidth(std::max(kLeastSide_mm, m_rect->width() + by.x()));
        m_rect->setHeight(std::max(kLeastSide_mm, m_rect->height() + by.y()));
    } else {
        m_rect->translate(by);
    }
    return true;
}

} // namespace ink::ui
