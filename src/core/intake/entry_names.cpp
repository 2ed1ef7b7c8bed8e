#include "core/intake/entry_names.h"

#include "core/base/digest.h"
#include "core/base/told.h"
#include "core/intake/safe_name.h"

#include <map>
#include <set>
#include <system_error>

namespace ink {

namespace fs = std::filesystem;

void addNote(PackageEntry& entry, const std::string& note)
{
    entry.note += (entry.note.empty() ? "" : " ") + note;
}

bool hasSameContent(const fs::path& a, const fs::path& b)
{
    std::error_code problem;
    if (fs::file_size(a, problem) != fs::file_size(b, problem) || problem)
        return false;
    const auto one = sha256OfFile(a), other = sha256OfFile(b);
    return one && other && *one == *other;
}

void tellNamesApart(PackageContents& contents)
{
    std::set<fs::path> folders;
    for (const auto& entry : contents.entries)
        for (fs::path folder = entry.path.parent_path(); folder.has_relative_path();
             folder = folder.parent_path())
            folders.insert(folder);
    std::map<fs::path, std::size_t> taken;
    std::map<fs::path, int> last_number; // thousands of one name do not count from two each
    for (std::size_t i = 0; i < contents.entries.size(); ++i) {
        auto& entry = contents.entries[i];
        if (entry.path.empty() || entry.staged.empty())
            continue;
        const bool is_folder = folders.contains(entry.path);
        const auto [first, is_new] = taken.try_emplace(entry.path, i);
        if (is_new && !is_folder)
            continue;
        const bool is_same = !is_new && hasSameContent(contents.entries[first->second].staged, entry.staged);
        if (is_same) {
            entry.path.clear();
            entry.role = EntryRole::Junk;
            addNote(entry, "It is in the package twice, byte for byte the same.");
            continue;
        }
        const fs::path old = entry.path;
        int& number = last_number.try_emplace(old, 1).first->second;
        while (taken.contains(entry.path) || folders.contains(entry.path))
            entry.path = old.parent_path() /
                         (old.stem().string() + " " + std::to_string(++number) + old.extension().string());
        if (is_new)
            taken.erase(old);
        taken.emplace(entry.path, i);
        entry.name = shownName(entry.path.string());
        addNote(entry, is_folder ? "A folder in the package has the same name."
                                 : "Another file in the package has the same name.");
        contents.notes.push_back(told(
            is_folder
                ? told("“{}” is a file and a folder in the package; the file is kept as “{}”.")
                : told("“{}” is in the package twice, with different content; the second is kept as “{}”."),
            shownName(old.string()), entry.path.filename().string()));
    }
}

} // namespace ink
