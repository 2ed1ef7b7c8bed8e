// The shelf as the window has it: what is on it now, and every change to it, away from the interface thread
// and undoable.
#pragma once

#include "core/alphabet/alphabet.h"
#include "core/base/cancel.h"
#include "shelf/installer.h"
#include "shelf/rights_store.h"
#include "shelf/shelf_contents.h"

#include <QObject>
#include <QThreadPool>
#include <QUndoStack>

#include <functional>
#include <map>
#include <optional>
#include <type_traits>

namespace ink::ui {

/// What work on the shelf has at hand, on the worker's thread.
struct OpenShelf
{
    ShelfStore& store;
    Installer& installer;
    const RightsStore& rights;
    CancelToken cancel;
};

/// Where a font is, and for how long it is installed.
struct Standing
{
    ShelfState state = ShelfState::OnShelf;
    std::string project, until;
};

class ShelfKeeper : public QObject
{
    Q_OBJECT
public:
    using Fonts = std::vector<std::int64_t>;

    /// `font_folder` is where fonts are installed. Opens the shelf in the background.
    ShelfKeeper(std::filesystem::path folder, std::filesystem::path font_folder, RightsStore rights,
                QUndoStack& undo, QObject* parent = nullptr);
    ~ShelfKeeper() override;

    const std::filesystem::path& folder() const { return m_folder; }
    const std::filesystem::path& fontFolder() const { return m_font_folder; }
    /// Never null.
    const std::shared_ptr<const ShelfContents>& contents() const { return m_contents; }
    /// True once the shelf was read, or could not be opened.
    bool isKnown() const { return m_is_known; }
    /// Why there is no shelf.
    const std::optional<Error>& refusal() const { return m_refusal; }
    bool isIdle() const { return m_pending == 0; }

    /// As it is on the disk: another window, or `uink`, may have changed it.
    void readAgain();
    /// Moves fonts to a state: installs, removes and sets aside as it takes.
    void move(const Fonts& fonts, const Standing& to);
    void changeSet(const QString& set, const Fonts& fonts, bool is_in);
    void changeTag(const QString& tag, const Fonts& fonts, bool is_tagged);
    void setNote(std::int64_t font, const QString& note);
    /// Stitched letters as they are now take the place of those with this digest, which are set aside.
    void putLettersRight(const std::string& sha256, const Alphabet& letters);
    /// The words were handed out in this font.
    void used(const std::string& sha256, const QString& project);

    /// Any other work, one after the other; `done` is called on this object's thread, with what the shelf is
    /// then already known.
    template <class Value>
    void run(std::function<Result<Value>(OpenShelf&)> work, std::function<void(const Result<Value>&)> done)
    {
        post([work = std::move(work), done = std::move(done)](const Result<OpenShelf*>& shelf) -> Answer {
            auto result =
                std::make_shared<Result<Value>>(shelf ? work(**shelf) : Result<Value>(fail(shelf.error())));
            return [result, done] { done(*result); };
        });
    }
    /// Stops what runs now.
    void cancel();

signals:
    void changed();
    /// A change was made: what it was, in words, and programs that know the fonts only after a restart.
    void told(const QString& words);
    void problem(const ink::Error& error);

private:
    using Answer = std::function<void()>;
    using Work = std::function<Answer(const Result<OpenShelf*>&)>;
    using Change = std::function<Result<void>(OpenShelf&)>;
    /// Makes a change to the shelf as it is when its turn comes, and says how to take it back; nothing where it changed nothing.
    using MakeChange = std::function<Result<Change>(OpenShelf&)>;
    struct Undoable;
    class Command;

    void post(Work work);
    void make(Undoable change);
    void bring(const std::shared_ptr<Undoable>& change, bool is_wanted);
    void take(const Result<std::shared_ptr<const ShelfContents>>& contents);

    struct Worker;
    std::filesystem::path m_folder, m_font_folder;
    QUndoStack& m_undo;
    std::shared_ptr<const ShelfContents> m_contents = std::make_shared<const ShelfContents>();
    std::optional<Error> m_refusal;
    bool m_is_known = false;
    int m_pending = 0;
    /// Notes that were asked for and are on their way: the same is not asked for again.
    std::map<std::int64_t, std::string> m_asked_notes;
    CancelSource m_cancel;
    /// Used by the worker's thread alone.
    std::unique_ptr<Worker> m_worker;
    QThreadPool m_pool;
};

} // namespace ink::ui
