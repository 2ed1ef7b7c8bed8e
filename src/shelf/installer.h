// Fonts that every program of this person sees: copies in their font folder, put there and taken away by us.
#pragma once

#include "shelf/shelf_store.h"

#include <filesystem>
#include <optional>
#include <string>
#include <vector>

namespace ink {

class Installer
{
public:
    /// `folder` is a folder of our own among the person's fonts. Finishes, or undoes, what was cut off the
    /// last time. The store has to outlive it.
    Installer(ShelfStore& store, std::filesystem::path folder);

    /// $XDG_DATA_HOME/fonts/under-ink.
    /// Source: XDG Base Directory Specification 0.8; fontconfig looks into XDG_DATA_HOME/fonts (fonts.conf).
    static std::filesystem::path usualFolder();

    /// The font under its own name, or a free one beside it. With a project, it is there for that job only;
    /// `until` is its last day, "2026-12-24", and may be empty. Installing what is installed changes only
    /// these.
    /// Errors: ShelfFileMissing, FileUnreadable, FileUnwritable, DiskFull, StoreBusy.
    Result<std::filesystem::path> install(const ShelfFont& font, const std::string& project = {},
                                          const std::string& until = {});
    /// Takes away what was put there. A file that somebody has changed since is left where it is.
    /// Errors: FileUnwritable, StoreBusy.
    Result<void> remove(const ShelfFont& font);
    /// What was installed for a project that is done, or until a day that is over; returns how many.
    Result<std::size_t> removeExpired(const std::string& today, const std::string& closed_project = {});
    /// Tells fontconfig, so that programs that start from now on need not look themselves.
    void refresh() const;

private:
    Result<void> recover();
    Result<void> takeAway(const PendingInstall& install);
    Result<std::optional<PendingInstall>> installOf(const ShelfFont& font) const;

    ShelfStore& m_store;
    std::filesystem::path m_folder;
};

} // namespace ink
