#include "shelf/installer.h"

#include "core/base/digest.h"
#include "core/base/file_copy.h"
#include "core/base/user_folders.h"
#include "core/intake/run_program.h"
#include "core/intake/safe_name.h"
#include "shelf/change_lock.h"

#include <algorithm>
#include <chrono>

namespace ink {
namespace {

namespace fs = std::filesystem;

/// What writing a file leaves behind when it is cut off: "NAME.XXXXXX".
void removeUnfinished(const fs::path& file)
{
    constexpr std::size_t kSuffix = 7;
    std::error_code none;
    const std::string name = file.filename().string();
    std::vector<fs::path> unfinished;
    for (fs::directory_iterator it(file.parent_path(), none), end; !none && it != end; it.increment(none)) {
        const std::string other = it->path().filename().string();
        if (other.size() == name.size() + kSuffix && other.starts_with(name + "."))
            unfinished.push_back(it->path());
    }
    for (const auto& path : unfinished)
        fs::remove(path, none);
}

} // namespace

Installer::Installer(ShelfStore& store, fs::path folder) : m_store(store), m_folder(std::move(folder))
{
    // What cannot be mended now is tried again the next time.
    static_cast<void>(recover());
}

fs::path Installer::usualFolder()
{
    return userDataFolder() / "fonts" / "under-ink";
}

Result<void> Installer::recover()
{
    const auto lock = ChangeLock::tryTake(m_store.folder());
    if (!lock)
        return {}; // another window is at work; what it does is not cut off
    const auto installs = m_store.installs();
    if (!installs)
        return fail(installs.error());
    for (const auto& install : *installs) {
        if (install.phase == "placed")
            continue;
        removeUnfinished(install.path);
        const auto done = install.phase == "placing" && hasContent(install.path, install.sha256)
                              ? m_store.placed(install.font)
                              : takeAway(install);
        if (!done)
            return done;
    }
    return {};
}

Result<void> Installer::takeAway(const PendingInstall& install)
{
    std::error_code problem;
    const fs::path path = install.path;
    if (hasContent(path, install.sha256) && !fs::remove(path, problem))
        return fail(ErrorCode::FileUnwritable, path.string(), problem.message());
    if (fs::is_empty(path.parent_path(), problem) && !problem)
        fs::remove(path.parent_path(), problem); // ours, and empty again
    return m_store.removed(install.font);
}

Result<std::optional<PendingInstall>> Installer::installOf(const ShelfFont& font) const
{
    const auto installs = m_store.installs();
    if (!installs)
        return fail(installs.error());
    const auto own = std::ranges::find(*installs, font.id, &PendingInstall::font);
    return own == installs->end() ? std::nullopt : std::optional(*own);
}

Result<fs::path> Installer::install(const ShelfFont& font, const std::string& project,
                                    const std::string& until)
{
    if (std::ranges::any_of(font.faces, &FaceInfo::isSewn))
        return fail(ErrorCode::AlphabetNotInstalled, font.readableName());
    const auto lock = ChangeLock::take(m_store.folder());
    if (!lock)
        return fail(lock.error());
    const auto own = installOf(font);
    if (!own)
        return fail(own.error());
    if (*own && hasContent((*own)->path, font.sha256)) {
        if (auto changed = m_store.setInstallEnd(font.id, project, until); !changed)
            return fail(changed.error());
        return fs::path((*own)->path);
    }
    if (*own) // gone, or somebody's own by now: then it stays, and ours goes beside it
        if (auto forgotten = takeAway(**own); !forgotten)
            return fail(forgotten.error());
    std::error_code problem;
    fs::create_directories(m_folder, problem);
    if (!fs::is_directory(m_folder, problem))
        return fail(ErrorCode::FileUnwritable, m_folder.string(), "it is not a folder");
    const fs::path target = freeName(m_folder / fs::path(font.file_name).filename());
    if (auto begun = m_store.beginPlacing(font.id, target.string(), project, until); !begun)
        return fail(begun.error());
    if (auto copied = copyFile(m_store.fileOf(font), target, kLargestShelfFile); !copied) {
        static_cast<void>(takeAway({font.id, font.sha256, target.string(), "removing"}));
        return copied.error().code == ErrorCode::FileNotFound
                   ? fail(ErrorCode::ShelfFileMissing, font.readableName())
                   : fail(copied.error());
    }
    if (auto placed = m_store.placed(font.id); !placed)
        return fail(placed.error());
    return target;
}

Result<void> Installer::remove(const ShelfFont& font)
{
    const auto lock = ChangeLock::take(m_store.folder());
    if (!lock)
        return fail(lock.error());
    const auto own = installOf(font);
    if (!own)
        return fail(own.error());
    if (!*own)
        return {};
    if (auto begun = m_store.beginRemoving(font.id); !begun)
        return begun;
    return takeAway(**own);
}

Result<std::size_t> Installer::removeExpired(const std::string& today, const std::string& closed_project)
{
    const auto fonts = m_store.fonts();
    if (!fonts)
        return fail(fonts.error());
    std::size_t count = 0;
    for (const auto& font : *fonts) {
        const bool is_over = !font.until.empty() && font.until < today;
        const bool is_closed = !closed_project.empty() && font.project == closed_project;
        if (font.state != ShelfState::Installed || !(is_over || is_closed))
            continue;
        if (auto done = remove(font); !done)
            return fail(done.error());
        ++count;
    }
    return count;
}

void Installer::refresh() const
{
    using namespace std::chrono_literals;
    // A fresh process of fontconfig looks at the folders and writes down what it finds. fc-cache does the
    // same and then waits two seconds; without any of them, the next program finds out by itself.
    static_cast<void>(detail::runProgram({"fc-list", ":", "file"}, 60s, std::size_t{64} << 20));
}

} // namespace ink
