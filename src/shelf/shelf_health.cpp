#include "shelf/shelf_health.h"

#include "core/base/digest.h"
#include "core/base/file_copy.h"
#include "core/intake/run_program.h"

#include <algorithm>
#include <cstdlib>

namespace ink {
namespace {

namespace fs = std::filesystem;
using Clock = std::chrono::steady_clock;

/// A file with this content below the folders, or nothing.
std::optional<fs::path> findByContent(const ShelfFont& font, const std::vector<fs::path>& folders)
{
    for (const auto& folder : folders) {
        std::error_code problem;
        for (fs::recursive_directory_iterator
                 it(folder, fs::directory_options::skip_permission_denied, problem),
             end;
             !problem && it != end; it.increment(problem)) {
            std::error_code none;
            if (it->is_regular_file(none) && it->file_size(none) == font.bytes &&
                hasContent(it->path(), font.sha256))
                return it->path();
        }
    }
    return std::nullopt;
}

/// False when it could not be put back.
bool putBack(const ShelfStore& store, const ShelfFont& font, const fs::path& from)
{
    std::error_code none;
    fs::create_directories(store.fileOf(font).parent_path(), none);
    return copyFile(from, store.fileOf(font), kLargestShelfFile).has_value();
}

Result<std::chrono::microseconds> quickestListing(const fs::path& config)
{
    using namespace std::chrono_literals;
    auto best = std::chrono::microseconds::max();
    for (int i = 0; i < 3; ++i) {
        const auto begin = Clock::now();
        const auto ran =
            detail::runProgram({"env", "FONTCONFIG_FILE=" + config.string(), "fc-list", ":", "family"}, 60s,
                               std::size_t{64} << 20);
        if (!ran)
            return fail(ran.error());
        best = std::min(best, std::chrono::duration_cast<std::chrono::microseconds>(Clock::now() - begin));
    }
    return best;
}

} // namespace

Result<ShelfHealth> healthOf(ShelfStore& store, const std::vector<fs::path>& look_in)
{
    const auto fonts = store.fonts();
    if (!fonts)
        return fail(fonts.error());
    ShelfHealth health;
    health.fonts = fonts->size();
    for (const auto& font : *fonts) {
        health.installed += font.state == ShelfState::Installed;
        health.set_aside += font.state == ShelfState::SetAside;
        health.never_used += font.last_used.empty();
        if (font.documents.empty())
            health.without_documents.push_back(font);
        const bool is_installed_whole =
            !font.installed_path.empty() && hasContent(font.installed_path, font.sha256);
        if (font.state == ShelfState::Installed && !is_installed_whole)
            health.not_where_installed.push_back(font);
        if (hasContent(store.fileOf(font), font.sha256))
            continue;
        const auto copy =
            is_installed_whole ? std::optional<fs::path>(font.installed_path) : findByContent(font, look_in);
        std::error_code none;
        if (copy && putBack(store, font, *copy))
            health.found_again.push_back(font);
        else if (fs::exists(store.fileOf(font), none))
            health.damaged.push_back(font);
        else
            health.missing.push_back(font);
    }
    return health;
}

Result<void> measureCost(ShelfHealth& health, const fs::path& folder)
{
    const char* own = std::getenv("FONTCONFIG_FILE");
    const std::string usual = own && *own != '\0' ? own : "/etc/fonts/fonts.conf";
    std::string pattern = (fs::temp_directory_path() / "under-ink-fonts-XXXXXX").string();
    if (!mkdtemp(pattern.data()))
        return fail(ErrorCode::FileUnwritable, pattern);
    const fs::path place = pattern;
    const auto write = [&](const char* name, const std::string& more) {
        return writeFile(place / name, [&](std::ostream& out) -> Result<void> {
            out << "<?xml version=\"1.0\"?>\n<!DOCTYPE fontconfig SYSTEM "
                   "\"fonts.dtd\">\n<fontconfig>\n<include>"
                << usual << "</include>\n"
                << more << "</fontconfig>\n";
            return {};
        });
    };
    const auto measure = [&]() -> Result<void> {
        if (auto done = write("with.conf", {}); !done)
            return done;
        if (auto done = write("without.conf", "<selectfont><rejectfont><glob>" + folder.string() +
                                                  "/*</glob></rejectfont></selectfont>\n");
            !done)
            return done;
        for (const auto& [name, figure] : {std::pair("with.conf", &health.with_installed),
                                           std::pair("without.conf", &health.without_installed)}) {
            const auto taken = quickestListing(place / name);
            if (!taken)
                return fail(taken.error());
            *figure = *taken;
        }
        return {};
    };
    const auto done = measure();
    std::error_code none;
    fs::remove_all(place, none);
    return done;
}

} // namespace ink
