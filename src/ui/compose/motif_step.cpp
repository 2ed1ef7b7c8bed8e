#include "ui/compose/motif_step.h"

#include <algorithm>
#include <map>
#include <utility>

namespace ink::ui {
namespace {

/// What differs between two looks at the tray: the motifs of the first that are gone or other in the second.
std::vector<Motif> differing(const std::vector<Motif>& of, const std::vector<Motif>& from)
{
    std::map<std::int64_t, const Motif*> known;
    for (const auto& motif : from)
        known[motif.id] = &motif;
    std::vector<Motif> out;
    for (const auto& motif : of)
        if (const auto it = known.find(motif.id); it == known.end() || !(*it->second == motif))
            out.push_back(motif);
    return out;
}

Result<void> exchange(MotifStore& store, const std::vector<Motif>& from, const std::vector<Motif>& to)
{
    std::vector<std::int64_t> gone;
    for (const auto& motif : from)
        if (std::ranges::find(to, motif.id, &Motif::id) == to.end())
            gone.push_back(motif.id);
    if (auto done = store.remove(gone); !done)
        return done;
    return store.put(to);
}

} // namespace

/// The worker's part of a change: the motifs it touched as they were and as they are.
struct MotifStep::Touched
{
    std::vector<Motif> before, after;
    bool is_known = false;

    Result<void> make(MotifStore& store, const ChangeMotifs& changing)
    {
        if (is_known)
            return exchange(store, before, after);
        auto was = store.motifs();
        if (!was)
            return fail(was.error());
        if (auto done = changing(store); !done)
            return done;
        const auto is = store.motifs();
        if (!is)
            return fail(is.error());
        before = differing(*was, *is);
        after = differing(*is, *was);
        is_known = true;
        return {};
    }
    bool isNothing() const { return before.empty() && after.empty(); }
};

MotifStep::MotifStep(const QString& name, ChangeMotifs change, WriteMotifs write)
    : MotifStep(name, std::move(change), std::move(write), std::make_shared<QueuedStep::Outcome>())
{
}

MotifStep::MotifStep(const QString& name, ChangeMotifs change, WriteMotifs write,
                     const std::shared_ptr<QueuedStep::Outcome>& outcome)
    : QueuedStep(name, outcome), m_change(std::move(change)), m_write(std::move(write)),
      m_touched(std::make_shared<Touched>()), m_outcome(outcome)
{
}

void MotifStep::undo()
{
    run([touched = m_touched](MotifStore& store) {
        return exchange(store, touched->after, touched->before);
    });
}

void MotifStep::redo()
{
    run([touched = m_touched, change = m_change](MotifStore& store) { return touched->make(store, change); });
}

void MotifStep::run(ChangeMotifs todo)
{
    if (isVoid())
        return;
    m_write(std::move(todo), [touched = m_touched, outcome = m_outcome](bool done) {
        outcome->is_void = outcome->is_void || (!done && !touched->is_known) || touched->isNothing();
    });
}

} // namespace ink::ui
