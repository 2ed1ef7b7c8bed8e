// Steps of undo whose work is done on another thread.
#pragma once

#include <QUndoStack>

#include <memory>

namespace ink::ui {

/// Stands in the stack from the moment the person asked, so that steps undo in the order they were asked for, whenever their
/// work is done. A step whose work failed or changed nothing is void: undo and redo pass over it.
class QueuedStep : public QUndoCommand
{
public:
    /// Shared with the work; written on the interface thread.
    struct Outcome
    {
        bool is_void = false;
    };
    explicit QueuedStep(const QString& name, std::shared_ptr<Outcome> outcome = std::make_shared<Outcome>())
        : QUndoCommand(name), m_outcome(std::move(outcome))
    {
    }
    bool isVoid() const { return m_outcome->is_void; }

private:
    std::shared_ptr<Outcome> m_outcome;
};

inline bool isVoidStep(const QUndoCommand* step)
{
    const auto* queued = dynamic_cast<const QueuedStep*>(step);
    return queued && queued->isVoid();
}

/// One step back that does something.
inline void undoStep(QUndoStack& stack)
{
    for (bool was_void = true; was_void && stack.canUndo();) {
        was_void = isVoidStep(stack.command(stack.index() - 1));
        stack.undo();
    }
}

inline void redoStep(QUndoStack& stack)
{
    for (bool was_void = true; was_void && stack.canRedo();) {
        was_void = isVoidStep(stack.command(stack.index()));
        stack.redo();
    }
}

} // namespace ink::ui
