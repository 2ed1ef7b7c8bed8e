// Lets undo and redo pass through a text field to the job's own undo.
#pragma once

#include <QKeyEvent>
#include <QObject>

namespace ink::ui {

class UndoThrough : public QObject
{
public:
    /// Watches `field` and is owned by it.
    explicit UndoThrough(QObject* field) : QObject(field) { field->installEventFilter(this); }

protected:
    bool eventFilter(QObject* watched, QEvent* event) override
    {
        if (event->type() == QEvent::ShortcutOverride) {
            const auto* key = static_cast<QKeyEvent*>(event);
            if (key->matches(QKeySequence::Undo) || key->matches(QKeySequence::Redo)) {
                event->ignore(); // the field would claim the keys for itself
                return true;
            }
        }
        return QObject::eventFilter(watched, event);
    }
};

} // namespace ink::ui
