// A wheel over figures, sliders and choices scrolls the column they stand in; it changes only the one in use.
#pragma once

#include <QAbstractScrollArea>
#include <QAbstractSlider>
#include <QAbstractSpinBox>
#include <QComboBox>
#include <QCoreApplication>
#include <QEvent>
#include <QScrollBar>

namespace ink::ui {

class WheelScrolls : public QObject
{
public:
    /// Watches every control of the application and is owned by `parent`.
    explicit WheelScrolls(QObject* parent) : QObject(parent) {}

protected:
    bool eventFilter(QObject* watched, QEvent* event) override
    {
        if (event->type() == QEvent::Polish && isControl(watched)) {
            auto* control = static_cast<QWidget*>(watched);
            if (control->focusPolicy() == Qt::WheelFocus) // the wheel alone would make it the one in use
                control->setFocusPolicy(Qt::StrongFocus);
        } else if (event->type() == QEvent::Wheel && isControl(watched) &&
                   !static_cast<QWidget*>(watched)->hasFocus()) {
            for (auto* at = static_cast<QWidget*>(watched)->parentWidget(); at; at = at->parentWidget())
                if (auto* column = qobject_cast<QAbstractScrollArea*>(at)) {
                    QCoreApplication::sendEvent(column->verticalScrollBar(), event);
                    break;
                }
            return true;
        }
        return QObject::eventFilter(watched, event);
    }

private:
    static bool isControl(QObject* object)
    {
        return qobject_cast<QAbstractSpinBox*>(object) || qobject_cast<QComboBox*>(object) ||
               (qobject_cast<QAbstractSlider*>(object) && !qobject_cast<QScrollBar*>(object));
    }
};

} // namespace ink::ui
