#include "core/intake/same_fonts.h"

#include "core/base/told.h"
#include "core/intake/entry_names.h"

#include <algorithm>
#include <array>
#include <map>
#include <string>
#include <vector>

namespace ink {
namespace {

void compareNamesakes(PackageContents& contents, const std::vector<int>& group)
{
    const auto entryAt = [&](int i) -> PackageEntry& {
        return contents.entries[static_cast<std::size_t>(i)];
    };
    static constexpr std::array kBest{ContentKind::OpenTypeCff, ContentKind::TrueType,
                                      ContentKind::Collection, ContentKind::Woff2, ContentKind::Woff};
    std::map<ContentKind, std::vector<int>> by_format;
    for (const int i : group)
        by_format[entryAt(i).content].push_back(i);
    const std::string name = entryAt(group.front()).faces.front().readableName();
    for (const auto& [format, same] : by_format)
        if (same.size() > 1) {
            std::string files;
            for (const int i : same) {
                addNote(entryAt(i), "It shares its name with other fonts here.");
                files += (files.empty() ? "" : ", ") + entryAt(i).path.filename().string();
            }
            contents.notes.push_back(
                told("{} different fonts call themselves “{}”: {}. They are told apart by their file names.",
                     same.size(), name, files));
        }
    if (by_format.size() < 2 ||
        std::ranges::any_of(by_format, [](const auto& f) { return f.second.size() > 1; }))
        return;
    const auto best = std::ranges::find_if(kBest, [&](ContentKind kind) { return by_format.contains(kind); });
    const int chosen = by_format[*best].front();
    for (const int i : group)
        if (i != chosen)
            entryAt(i).better = chosen;
    const bool is_cff = *best == ContentKind::OpenTypeCff;
    contents.notes.push_back(told(is_cff ? told("“{}” is here in {} formats. {} is recommended: OpenType "
                                                "(CFF) keeps the curves as they were drawn, "
                                                "with fewer nodes to cut.")
                                         : told("“{}” is here in {} formats. {} is recommended: other "
                                                "programs can install it, the web formats they "
                                                "cannot."),
                                  name, group.size(), entryAt(chosen).path.filename().string()));
}

} // namespace

void compareFonts(PackageContents& contents)
{
    std::map<std::string, int> by_content;
    std::map<std::string, std::vector<int>> by_name;
    for (const std::size_t i : contents.fonts()) {
        auto& entry = contents.entries[i];
        const auto [first, is_new] = by_content.try_emplace(entry.sha256, static_cast<int>(i));
        if (!is_new) {
            entry.better = first->second;
            addNote(entry, told("It is byte for byte the same as {}.",
                                contents.entries[static_cast<std::size_t>(first->second)].name));
            continue;
        }
        by_name[entry.faces.front().family + "\n" + entry.faces.front().style].push_back(static_cast<int>(i));
    }
    for (const auto& [name, group] : by_name)
        compareNamesakes(contents, group);
}

} // namespace ink
