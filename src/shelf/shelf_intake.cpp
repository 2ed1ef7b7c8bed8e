#include "shelf/shelf_intake.h"
#include "core/base/told.h"

#include "core/intake/package_rights.h"
#include "core/intake/safe_name.h"

#include <algorithm>
#include <array>
#include <ctime>

namespace ink {
namespace {

namespace fs = std::filesystem;

/// Documents that speak of the font, and key maps and pictures, which may be of any.
std::vector<NewFont::Document> companionsOf(const PackageContents& contents, std::size_t font)
{
    const auto speaking = documentsFor(contents, font);
    std::vector<NewFont::Document> documents;
    for (const auto& entry : contents.entries) {
        const bool is_companion =
            entry.role == EntryRole::Document
                ? std::ranges::any_of(speaking, [&](const EvidenceText& e) { return e.name == entry.name; })
                : !contents.is_plain_folder &&
                      (entry.role == EntryRole::KeyMap || entry.role == EntryRole::Preview);
        if (is_companion && !entry.staged.empty())
            documents.push_back({entry.staged, entry.name});
    }
    return documents;
}

} // namespace

Result<TakenToShelf> takeToShelf(ShelfStore& store, const PackageContents& contents,
                                 const std::vector<std::size_t>& chosen, const std::string& day)
{
    TakenToShelf taken;
    std::vector<NewFont> fonts;
    for (const std::size_t i : chosen) {
        const auto& entry = contents.entries[i];
        if (entry.role != EntryRole::Font)
            continue;
        fonts.push_back({entry.staged, entry.path.filename().string(), entry.sha256, entry.faces,
                         companionsOf(contents, i)});
    }
    for (const auto& entry : contents.entries)
        if (entry.role == EntryRole::Damaged || entry.role == EntryRole::Refused)
            taken.refused.push_back(told("{}: {}", entry.name, entry.note));
    taken.fonts = fonts.size();
    if (fonts.empty())
        return taken;
    const auto added = store.add(fonts, contents.source.filename().string(), day);
    if (!added)
        return fail(added.error());
    taken.added = *added;
    return taken;
}

Result<std::vector<MovedToShelf>> moveInboxToShelf(ShelfStore& store, const fs::path& inbox,
                                                   const std::string& day)
{
    std::vector<MovedToShelf> moved;
    std::vector<fs::path> folders;
    std::error_code problem;
    for (fs::directory_iterator it(inbox, problem), end; !problem && it != end; it.increment(problem))
        if (it->is_directory() && it->path().filename() != "packages") // fetched ones, still packed
            folders.push_back(it->path());
    for (const auto& folder : folders) {
        const auto contents = inspectPackage(folder);
        if (!contents)
            continue;
        const auto taken = takeToShelf(store, *contents, contents->fonts(), day);
        if (!taken)
            return fail(taken.error());
        for (const std::size_t i : contents->fonts())
            moved.push_back({folder / contents->entries[i].path, store.fileOf(contents->entries[i].sha256)});
        const fs::path kept = inbox.parent_path() / "moved-to-the-shelf";
        fs::create_directories(kept, problem);
        fs::rename(folder, freeName(kept / folder.filename()), problem);
    }
    return moved;
}

std::string today()
{
    const std::time_t now = std::time(nullptr);
    std::tm day{};
    localtime_r(&now, &day);
    std::array<char, 16> text{};
    return {text.data(), std::strftime(text.data(), text.size(), "%Y-%m-%d", &day)};
}

} // namespace ink
