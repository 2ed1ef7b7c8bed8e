// A change of the motif tray as a step of undo.
#pragma once

#include "shelf/motif_store.h"
#include "ui/queued_step.h"

#include <functional>
#include <memory>

namespace ink::ui {

using ChangeMotifs = std::function<Result<void>(MotifStore&)>;
/// Runs a change after those asked for before it, then says whether it was made.
using WriteMotifs = std::function<void(ChangeMotifs, std::function<void(bool done)>)>;

/// Knows the motifs it touched as they were and as they are, once its change was made.
class MotifStep : public QueuedStep
{
public:
    MotifStep(const QString& name, ChangeMotifs change, WriteMotifs write);

    void undo() override;
    void redo() override;

private:
    struct Touched;
    MotifStep(const QString& name, ChangeMotifs change, WriteMotifs write,
              const std::shared_ptr<QueuedStep::Outcome>& outcome);
    void run(ChangeMotifs todo);

    ChangeMotifs m_change;
    WriteMotifs m_write;
    std::shared_ptr<Touched> m_touched;
    std::shared_ptr<QueuedStep::Outcome> m_outcome;
};

} // namespace ink::ui
