#include "core/base/file_copy.h"
#include "core/base/told.h"
#include "core/intake/package.h"
#include "core/intake/safe_name.h"

namespace ink {

namespace fs = std::filesystem;

std::vector<std::size_t> usualChoice(const PackageContents& contents)
{
    std::vector<std::size_t> chosen;
    for (std::size_t i = 0; i < contents.entries.size(); ++i) {
        const auto& entry = contents.entries[i];
        const bool is_kept = entry.role == EntryRole::Document || entry.role == EntryRole::KeyMap ||
                             entry.role == EntryRole::Preview;
        if (is_kept || (entry.role == EntryRole::Font && entry.better < 0))
            chosen.push_back(i);
    }
    return chosen;
}

Result<Taken> takeEntries(const PackageContents& contents, const std::vector<std::size_t>& chosen,
                          const fs::path& folder, OnConflict on_conflict, const CancelToken& cancel)
{
    std::error_code problem;
    fs::create_directories(folder, problem);
    if (!fs::is_directory(folder, problem))
        return fail(ErrorCode::FileUnwritable, folder.string(), "it is not a folder");
    Taken taken;
    for (const std::size_t i : chosen) {
        if (cancel.isCancelled())
            return fail(ErrorCode::Cancelled, contents.source.string());
        const auto& entry = contents.entries[i];
        if (entry.path.empty() || entry.staged.empty())
            continue;
        fs::path target = folder / entry.path;
        fs::create_directories(target.parent_path(), problem);
        if (!fs::is_directory(target.parent_path(), problem)) { // this one only
            taken.left_out.push_back(told("{}: a file stands where its folder would be.", entry.name));
            continue;
        }
        if (!isBelow(target.parent_path(), folder))
            return fail(ErrorCode::FileUnwritable, target.string(), "a link there leads out of the folder");
        if (fs::is_directory(target, problem)) {
            target = freeName(target);
        } else if (fs::exists(fs::symlink_status(target, problem))) {
            if (on_conflict == OnConflict::Keep || hasSameContent(target, entry.staged)) {
                taken.kept.push_back(target);
                taken.places[i] = target;
                continue;
            }
            if (on_conflict == OnConflict::Both)
                target = freeName(target);
            else if (fs::is_symlink(fs::symlink_status(target, problem)))
                fs::remove(target, problem); // the link goes, what it points to stays
        }
        if (auto copied = copyFile(entry.staged, target, std::size_t{4} << 30); !copied)
            return fail(copied.error());
        taken.written.push_back(target);
        taken.places[i] = target;
    }
    return taken;
}

} // namespace ink
