#include "ui/shelf_keeper.h"

#include "shelf/letters_put_right.h"
#include "shelf/open_programs.h"
#include "shelf/shelf_intake.h"
#include "ui/measures.h"
#include "ui/queued_step.h"
#include "ui/text.h"

#include <QMetaObject>

#include <algorithm>
#include <map>

namespace ink::ui {
namespace {

constexpr qsizetype kMostNamed = 6;

/// "Open programs know them after a restart: gimp, inkscape."
QString restartInWords(const std::vector<OpenProgram>& programs)
{
    QStringList names;
    for (const auto& program : programs)
        names << text(program.name);
    if (names.isEmpty())
        return {};
    const qsizetype more = names.size() - kMostNamed;
    const QString shown = names.mid(0, kMostNamed).join(QStringLiteral(", ")) +
                          (more > 0 ? QObject::tr(" and %1 more").arg(more) : QString());
    return QObject::tr(" These are open and see the change once they are started again: %1.").arg(shown);
}

QString namesOf(const ShelfContents& shelf, const ShelfKeeper::Fonts& fonts)
{
    if (fonts.size() == 1)
        for (const auto& font : shelf.fonts())
            if (font->id == fonts.front())
                return text(font->readableName());
    return QObject::tr("%n font(s)", nullptr, static_cast<int>(fonts.size()));
}

QString inWords(const QString& names, const Standing& to)
{
    switch (to.state) {
    case ShelfState::Installed:
        if (!to.until.empty())
            return QObject::tr("Installed %1 until %2.").arg(names, text(to.until));
        return to.project.empty() ? QObject::tr("Installed %1, for every program of yours.").arg(names)
                                  : QObject::tr("Installed %1 for this job.").arg(names);
    case ShelfState::SetAside:
        return QObject::tr("Set %1 aside.").arg(names);
    case ShelfState::OnShelf:
        return QObject::tr("%1: on the shelf now, only Under Ink sees it.").arg(names);
    }
    return {};
}

Result<void> bring(OpenShelf& shelf, const ShelfFont& font, const Standing& to)
{
    if (to.state == ShelfState::Installed) {
        const auto place = shelf.installer.install(font, to.project, to.until);
        return place ? Result<void>() : fail(place.error());
    }
    if (font.state == ShelfState::Installed)
        if (auto done = shelf.installer.remove(font); !done)
            return done;
    return shelf.store.setAside({font.id}, to.state == ShelfState::SetAside);
}

Standing standingOf(const ShelfFont& font)
{
    return {font.state, font.project, font.until};
}

/// All of them, or none: those that were moved already go back when one cannot be.
Result<void> bringAll(OpenShelf& shelf, const std::map<std::int64_t, Standing>& to)
{
    const auto fonts = shelf.store.fonts();
    if (!fonts)
        return fail(fonts.error());
    std::vector<ShelfFont> moved;
    Result<void> done;
    for (const auto& font : *fonts) {
        const auto wanted = to.find(font.id);
        if (wanted == to.end())
            continue;
        if (done = bring(shelf, font, wanted->second); !done)
            break;
        moved.push_back(font);
    }
    if (!done)
        if (const auto now = shelf.store.fonts())
            for (const auto& font : moved)
                if (const auto it = std::ranges::find(*now, font.id, &ShelfFont::id); it != now->end())
                    static_cast<void>(bring(shelf, *it, standingOf(font)));
    shelf.installer.refresh();
    return done;
}

} // namespace

struct ShelfKeeper::Undoable
{
    /// What the person did: "Installed Larch." and what undoing it says.
    QString words, words_undone;
    MakeChange make;
    bool shows_restart = false;
    /// The worker's: how to take back what was made; empty while nothing is.
    Change revert = {};
    std::shared_ptr<QueuedStep::Outcome> outcome = std::make_shared<QueuedStep::Outcome>();
};

class ShelfKeeper::Command : public QueuedStep
{
public:
    Command(ShelfKeeper& keeper, const std::shared_ptr<Undoable>& change)
        : QueuedStep(tr("change the shelf"), change->outcome), m_keeper(keeper), m_change(change)
    {
    }
    void undo() override
    {
        m_keeper.m_asked_notes.clear();
        m_keeper.bring(m_change, false);
    }
    void redo() override { m_keeper.bring(m_change, true); }

private:
    ShelfKeeper& m_keeper;
    std::shared_ptr<Undoable> m_change;
};

struct ShelfKeeper::Worker
{
    RightsStore rights;
    std::unique_ptr<ShelfStore> store;
    std::unique_ptr<Installer> installer;
    bool is_first_look = false;

    Result<OpenShelf> open(const std::filesystem::path& folder, const std::filesystem::path& font_folder,
                           const CancelToken& cancel)
    {
        if (!store) {
            auto opened = ShelfStore::open(folder);
            if (!opened)
                return fail(opened.error());
            store = std::move(*opened);
            is_first_look = true;
            installer = std::make_unique<Installer>(*store, font_folder);
        }
        return OpenShelf{*store, *installer, rights, cancel};
    }
};

ShelfKeeper::ShelfKeeper(std::filesystem::path folder, std::filesystem::path font_folder, RightsStore rights,
                         QUndoStack& undo, QObject* parent)
    : QObject(parent), m_folder(std::move(folder)), m_font_folder(std::move(font_folder)), m_undo(undo),
      m_worker(new Worker{std::move(rights), {}, {}, false})
{
    m_pool.setMaxThreadCount(1); // one after the other, as they were asked for
    run<std::size_t>(
        [](OpenShelf& shelf) { return shelf.installer.removeExpired(today()); },
        [this](const Result<std::size_t>& removed) {
            if (!removed)
                emit problem(removed.error());
            else if (*removed > 0)
                emit told(tr("Their day is over: %n font(s) (was|were) taken away from the other programs.",
                             nullptr, static_cast<int>(*removed)));
        });
}

ShelfKeeper::~ShelfKeeper()
{
    m_cancel.cancel();
    m_pool.waitForDone();
}

void ShelfKeeper::cancel()
{
    m_cancel.cancel();
}

void ShelfKeeper::post(Work work)
{
    if (m_pending++ == 0)
        m_cancel = CancelSource();
    m_pool.start([this, work = std::move(work), token = m_cancel.token()] {
        auto shelf = m_worker->open(m_folder, m_font_folder, token);
        Answer answer = work(shelf ? Result<OpenShelf*>(&*shelf) : fail(shelf.error()));
        const auto read = [&]() -> Result<std::shared_ptr<const ShelfContents>> {
            if (!shelf)
                return fail(shelf.error());
            auto fonts = shelf->store.fonts();
            if (!fonts)
                return fail(fonts.error());
            return std::make_shared<const ShelfContents>(m_folder, std::move(*fonts));
        }();
        const bool tells_read_only = shelf && shelf->store.isReadOnly() && m_worker->is_first_look;
        m_worker->is_first_look = false;
        QMetaObject::invokeMethod(
            this,
            [this, answer = std::move(answer), read, tells_read_only] {
                --m_pending;
                take(read);
                answer();
                if (tells_read_only)
                    emit problem({ErrorCode::FileUnwritable, m_folder.string(),
                                  "the shelf can be looked at and not changed"});
            },
            Qt::QueuedConnection);
    });
}

void ShelfKeeper::take(const Result<std::shared_ptr<const ShelfContents>>& contents)
{
    m_is_known = true;
    m_refusal = contents ? std::nullopt : std::optional(contents.error());
    if (contents)
        m_contents = *contents;
    if (m_pending == 0)
        m_asked_notes.clear();
    emit changed();
}

void ShelfKeeper::readAgain()
{
    post([](const Result<OpenShelf*>&) -> Answer { return [] {}; });
}

void ShelfKeeper::make(Undoable change)
{
    m_undo.push(new Command(*this, std::make_shared<Undoable>(std::move(change))));
}

void ShelfKeeper::bring(const std::shared_ptr<Undoable>& change, bool is_wanted)
{
    if (change->outcome->is_void)
        return;
    post([this, change, is_wanted](const Result<OpenShelf*>& shelf) -> Answer {
        const bool is_made = static_cast<bool>(change->revert);
        if (is_made == is_wanted)
            return [] {};
        const auto done = [&]() -> Result<Change> {
            if (!shelf)
                return fail(shelf.error());
            if (is_wanted)
                return change->make(**shelf);
            const auto taken_back = change->revert(**shelf);
            return taken_back ? Result<Change>(Change()) : fail(taken_back.error());
        }();
        if (!done)
            return [this, change, is_wanted, error = done.error()] {
                change->outcome->is_void = is_wanted;
                emit problem(error);
            };
        change->revert = *done;
        if (is_wanted && !change->revert) // it was so already
            return [change] { change->outcome->is_void = true; };
        const QString restart = change->shows_restart ? restartInWords(programsToRestart()) : QString();
        return [this, words = is_wanted ? change->words : change->words_undone, restart] {
            emit told(words + restart);
        };
    });
}

void ShelfKeeper::move(const Fonts& fonts, const Standing& to)
{
    bool touches_programs = to.state == ShelfState::Installed;
    Fonts known;
    for (const auto& font : m_contents->fonts())
        if (std::ranges::find(fonts, font->id) != fonts.end()) {
            known.push_back(font->id);
            touches_programs = touches_programs || font->state == ShelfState::Installed;
        }
    if (known.empty())
        return;
    const auto make_change = [known, to](OpenShelf& shelf) -> Result<Change> {
        const auto now = shelf.store.fonts();
        if (!now)
            return fail(now.error());
        std::map<std::int64_t, Standing> before, after;
        for (const auto& font : *now)
            if (std::ranges::find(known, font.id) != known.end()) {
                before[font.id] = standingOf(font);
                after[font.id] = to;
            }
        if (auto done = bringAll(shelf, after); !done)
            return fail(done.error());
        return Change([before](OpenShelf& open) { return bringAll(open, before); });
    };
    const QString names = namesOf(*m_contents, known);
    make({inWords(names, to), tr("Undone: %1 as before.").arg(names), make_change, touches_programs});
}

namespace {

/// Of these fonts, those for which a set or tag changes: undoing leaves the others alone.
template <class Has>
Result<ShelfKeeper::Fonts> changing(ShelfStore& store, const ShelfKeeper::Fonts& fonts, const Has& has,
                                    bool is_wanted)
{
    const auto now = store.fonts();
    if (!now)
        return fail(now.error());
    ShelfKeeper::Fonts ids;
    for (const auto& font : *now)
        if (std::ranges::find(fonts, font.id) != fonts.end() && has(font) != is_wanted)
            ids.push_back(font.id);
    return ids;
}

bool holds(const std::vector<std::string>& list, const std::string& name)
{
    return std::ranges::find(list, name) != list.end();
}

} // namespace

void ShelfKeeper::changeSet(const QString& set, const Fonts& fonts, bool is_in)
{
    const std::string name = set.simplified().toStdString();
    if (name.empty() || fonts.empty())
        return;
    const auto make_change = [name, fonts, is_in](OpenShelf& shelf) -> Result<Change> {
        const auto ids = changing(
            shelf.store, fonts, [&](const ShelfFont& font) { return holds(font.sets, name); }, is_in);
        if (!ids)
            return fail(ids.error());
        if (ids->empty())
            return Change();
        if (auto done = shelf.store.changeSet(name, *ids, is_in); !done)
            return fail(done.error());
        return Change(
            [name, ids = *ids, is_in](OpenShelf& open) { return open.store.changeSet(name, ids, !is_in); });
    };
    const QString names = namesOf(*m_contents, fonts);
    const QString in = tr("%1: in the set “%2”.").arg(names, text(name));
    const QString out = tr("%1: no longer in the set “%2”.").arg(names, text(name));
    make({is_in ? in : out, is_in ? out : in, make_change});
}

void ShelfKeeper::changeTag(const QString& tag, const Fonts& fonts, bool is_tagged)
{
    const std::string name = tag.simplified().toStdString();
    if (name.empty() || fonts.empty())
        return;
    const auto make_change = [name, fonts, is_tagged](OpenShelf& shelf) -> Result<Change> {
        const auto ids = changing(
            shelf.store, fonts, [&](const ShelfFont& font) { return holds(font.tags, name); }, is_tagged);
        if (!ids)
            return fail(ids.error());
        if (ids->empty())
            return Change();
        if (auto done = shelf.store.changeTag(name, *ids, is_tagged); !done)
            return fail(done.error());
        return Change([name, ids = *ids, is_tagged](OpenShelf& open) {
            return open.store.changeTag(name, ids, !is_tagged);
        });
    };
    const QString names = namesOf(*m_contents, fonts);
    const QString on = tr("%1: tagged “%2”.").arg(names, text(name));
    const QString off = tr("%1: no longer tagged “%2”.").arg(names, text(name));
    make({is_tagged ? on : off, is_tagged ? off : on, make_change});
}

void ShelfKeeper::setNote(std::int64_t font, const QString& note)
{
    const auto make_change = [font, after = note.toStdString()](OpenShelf& shelf) -> Result<Change> {
        const auto now = shelf.store.fonts();
        if (!now)
            return fail(now.error());
        const auto it = std::ranges::find(*now, font, &ShelfFont::id);
        if (it == now->end() || it->note == after)
            return Change();
        if (auto done = shelf.store.setNote(font, after); !done)
            return fail(done.error());
        return Change(
            [font, before = it->note](OpenShelf& open) { return open.store.setNote(font, before); });
    };
    // A note that is as it was, or as it is about to be, is no step.
    const std::string wanted = note.toStdString();
    const auto asked = m_asked_notes.find(font);
    const auto known =
        std::ranges::find_if(m_contents->fonts(), [&](const auto& one) { return one->id == font; });
    if (asked != m_asked_notes.end() ? asked->second == wanted
                                     : known != m_contents->fonts().end() && (*known)->note == wanted)
        return;
    m_asked_notes[font] = wanted;
    const QString names = namesOf(*m_contents, {font});
    make({tr("Kept the note on %1.").arg(names), tr("The note on %1 is as before.").arg(names), make_change});
}

void ShelfKeeper::putLettersRight(const std::string& sha256, const Alphabet& letters)
{
    const auto make_change = [sha256, letters](OpenShelf& shelf) -> Result<Change> {
        const auto now = shelf.store.fonts();
        if (!now)
            return fail(now.error());
        const auto old = std::ranges::find(*now, sha256, &ShelfFont::sha256);
        const auto digest = ink::putLettersRight(shelf.store, shelf.rights, sha256, letters, today());
        if (!digest)
            return fail(digest.error());
        if (*digest == sha256)
            return Change();
        const auto fresh = shelf.store.idOf(*digest);
        if (!fresh)
            return fail(fresh.error());
        const auto was = std::ranges::find(*now, *digest, &ShelfFont::sha256);
        // Undone, they are set aside: what carries their digest, a job or a set, still finds them.
        const std::map<std::int64_t, Standing> before{
            {old->id, standingOf(*old)},
            {*fresh, was == now->end() ? Standing{ShelfState::SetAside, {}, {}} : standingOf(*was)}};
        const std::map<std::int64_t, Standing> after{{*fresh, standingOf(*old)},
                                                     {old->id, {ShelfState::SetAside, {}, {}}}};
        if (auto done = bringAll(shelf, after); !done)
            return fail(done.error());
        return Change([before](OpenShelf& open) { return bringAll(open, before); });
    };
    make({tr("The letters are put right. Those they were before are set aside."),
          tr("The letters are as before. Those that were put right are set aside."), make_change});
}

void ShelfKeeper::used(const std::string& sha256, const QString& project)
{
    const auto font = m_contents->fontWith(sha256);
    if (!font)
        return;
    run<bool>(
        [id = font->id, name = project.toStdString()](OpenShelf& shelf) -> Result<bool> {
            const auto done = shelf.store.used(id, name, today());
            return done ? Result<bool>(true) : fail(done.error());
        },
        [this](const Result<bool>& done) {
            if (!done)
                emit problem(done.error());
        });
}

} // namespace ink::ui
