#include "shelf/font_sources.h"

#include "core/intake/font_check.h"

#include <fontconfig/fontconfig.h>

#include <algorithm>
#include <memory>
#include <set>
#include <tuple>

namespace ink {
namespace {

void addFile(const std::filesystem::path& path, FontOrigin origin, FontFindings& findings)
{
    // What comes from outside is checked before it is read; demo fonts, installed ones and what was taken in
    // are not from outside any more.
    if (origin == FontOrigin::Dropped || origin == FontOrigin::Folder)
        if (auto checked = checkIfFont(path); !checked) {
            findings.refused.push_back(checked.error());
            return;
        }
    const auto faces = FontFace::list(path);
    if (!faces) {
        findings.refused.push_back(faces.error());
        return;
    }
    for (const auto& info : *faces)
        findings.entries.push_back({path, info, origin});
}

void sortEntries(FontFindings& findings)
{
    std::ranges::sort(findings.entries, {}, [](const FontEntry& e) {
        return std::tuple(e.info.family, e.info.style, e.path.string(), e.info.choice.face);
    });
}

} // namespace

Result<FontFindings> fontsInFolder(const std::filesystem::path& folder, FontOrigin origin,
                                   const CancelToken& cancel)
{
    std::error_code error;
    if (!std::filesystem::is_directory(folder, error))
        return fail(ErrorCode::FileNotFound, folder.string(), "no such folder");
    FontFindings findings;
    using Walk = std::filesystem::recursive_directory_iterator;
    Walk walk(folder, std::filesystem::directory_options::skip_permission_denied, error);
    for (; !error && walk != Walk(); walk.increment(error)) {
        if (cancel.isCancelled())
            break;
        std::error_code ignored;
        if (walk->is_regular_file(ignored) && looksLikeFontFile(walk->path()))
            addFile(walk->path(), origin, findings);
    }
    sortEntries(findings);
    return findings;
}

FontFindings fontsInFiles(const std::vector<std::filesystem::path>& files, FontOrigin origin,
                          const CancelToken& cancel)
{
    FontFindings findings;
    for (const auto& path : files) {
        if (cancel.isCancelled())
            break;
        std::error_code ignored;
        if (!std::filesystem::is_directory(path, ignored)) {
            addFile(path, origin, findings);
            continue;
        }
        auto folder = fontsInFolder(path, origin, cancel);
        if (!folder) {
            findings.refused.push_back(folder.error());
            continue;
        }
        findings.entries.insert(findings.entries.end(), folder->entries.begin(), folder->entries.end());
        findings.refused.insert(findings.refused.end(), folder->refused.begin(), folder->refused.end());
    }
    sortEntries(findings);
    return findings;
}

FontFindings systemFonts(const CancelToken& cancel)
{
    // A configuration of our own: fontconfig's global one is not ours to initialise from a worker thread.
    const std::unique_ptr<FcConfig, decltype(&FcConfigDestroy)> config(FcInitLoadConfigAndFonts(),
                                                                       FcConfigDestroy);
    const std::unique_ptr<FcPattern, decltype(&FcPatternDestroy)> any(FcPatternCreate(), FcPatternDestroy);
    const std::unique_ptr<FcObjectSet, decltype(&FcObjectSetDestroy)> wanted(
        FcObjectSetBuild(FC_FILE, nullptr), FcObjectSetDestroy);
    const std::unique_ptr<FcFontSet, decltype(&FcFontSetDestroy)> set(
        FcFontList(config.get(), any.get(), wanted.get()), FcFontSetDestroy);
    std::set<std::filesystem::path> files;
    for (int i = 0; set && i < set->nfont; ++i) {
        FcChar8* file = nullptr;
        if (FcPatternGetString(set->fonts[i], FC_FILE, 0, &file) == FcResultMatch)
            files.insert(reinterpret_cast<const char*>(file));
    }
    FontFindings findings;
    for (const auto& path : files) {
        if (cancel.isCancelled())
            break;
        if (looksLikeFontFile(path))
            addFile(path, FontOrigin::System, findings);
    }
    std::erase_if(findings.refused, [](const Error& e) {
        return e.code == ErrorCode::FontWithoutOutlines || e.code == ErrorCode::FontColourOnly;
    });
    sortEntries(findings);
    return findings;
}

} // namespace ink
