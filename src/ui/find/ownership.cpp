// Does the person have this font already, in some form?
#include "ui/find/intake_page.h"

#include "core/base/digest.h"

#include <filesystem>
#include <system_error>

namespace ink::ui {

OwnershipFound ownershipOf(const PackageEntry& font, const std::vector<OwnedFont>& owned)
{
    OwnershipFound best;
    std::error_code problem;
    for (const auto& own : owned) {
        if (!own.sha256.empty() ? own.sha256 == font.sha256
                                : std::filesystem::file_size(own.path, problem) == font.bytes && !problem &&
                                      hasContent(own.path, font.sha256))
            return {Ownership::SameContent, own};
        const auto& face = font.faces.front();
        if (own.family != face.family || own.style != face.style ||
            best.ownership == Ownership::SameNameAndVersion)
            continue;
        best = {own.version == face.version ? Ownership::SameNameAndVersion : Ownership::OtherVersion, own};
    }
    return best;
}

} // namespace ink::ui
