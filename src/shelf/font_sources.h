// Where fonts come from: folders, single files, and what the system has installed.
#pragma once

#include "core/base/cancel.h"
#include "core/base/result.h"
#include "core/type/font_face.h"

#include <filesystem>
#include <vector>

namespace ink {

enum class FontOrigin { Demo, Folder, Dropped, System, TakenIn };

/// A face that can be chosen.
struct FontEntry
{
    std::filesystem::path path;
    FaceInfo info;
    FontOrigin origin = FontOrigin::Folder;

    friend bool operator==(const FontEntry& a, const FontEntry& b)
    {
        return a.path == b.path && a.info.choice.face == b.info.choice.face &&
               a.info.choice.instance == b.info.choice.instance;
    }
};

struct FontFindings
{
    /// Sorted by family, then style.
    std::vector<FontEntry> entries;
    /// Files that look like fonts and could not be used, each with its reason.
    std::vector<Error> refused;
};

/// All faces of a folder and the folders below it. A file that cannot be used is named in `refused` and hides
/// nothing else.
/// Errors: FileNotFound.
Result<FontFindings> fontsInFolder(const std::filesystem::path& folder, FontOrigin origin,
                                   const CancelToken& cancel = {});

/// All faces of the given files, and of the folders among them.
FontFindings fontsInFiles(const std::vector<std::filesystem::path>& files, FontOrigin origin,
                          const CancelToken& cancel = {});

/// Every font file that fontconfig knows. Bitmap fonts are left out silently: nobody chose them.
FontFindings systemFonts(const CancelToken& cancel = {});

} // namespace ink
