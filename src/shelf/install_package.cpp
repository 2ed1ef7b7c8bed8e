#include "shelf/install_package.h"

#include "core/base/file_copy.h"
#include "core/base/file_output.h"
#include "core/intake/safe_name.h"
#include "core/package/archive.h"

#include <set>

namespace ink {
namespace {

namespace fs = std::filesystem;

/// A name for each file that no other has.
std::string unused(const std::string& wanted, std::set<std::string>& names)
{
    const fs::path path(wanted);
    std::string name = wanted;
    for (int number = 2; !names.insert(name).second; ++number)
        name = (path.parent_path() / path.stem()).string() + "-" + std::to_string(number) +
               path.extension().string();
    return name;
}

std::string instructions(const std::string& package, const std::vector<ShelfFont>& fonts)
{
    // Source: fonts.conf of fontconfig names /usr/local/share/fonts; Filesystem Hierarchy Standard 3.0, 4.9.
    std::string text =
        "Fonts for everybody who uses this computer\n"
        "==========================================\n\n"
        "Unpack this file, open a terminal in the folder it made, and give these commands.\n"
        "They ask for the password of somebody who may look after the computer.\n\n"
        "    unzip " +
        package +
        " -d under-ink-fonts\n"
        "    cd under-ink-fonts\n"
        "    sudo install -d /usr/local/share/fonts/under-ink\n"
        "    sudo install -m 644 fonts/* /usr/local/share/fonts/under-ink/\n"
        "    sudo fc-cache /usr/local/share/fonts\n\n"
        "Programs that are open know the fonts once they are started again.\n"
        "To take them away:\n\n"
        "    sudo rm -r /usr/local/share/fonts/under-ink\n"
        "    sudo fc-cache /usr/local/share/fonts\n\n"
        "A licence for one person may not cover a whole computer: read the documents that came\n"
        "with each font, in the folder documents.\n\nWhat is in it:\n";
    for (const auto& font : fonts)
        text += "  " + font.readableName() + " (" + font.file_name + ")\n";
    return text;
}

} // namespace

Result<void> writeInstallPackage(const fs::path& file, const ShelfStore& store,
                                 const std::vector<ShelfFont>& fonts)
{
    std::vector<NewArchiveEntry> entries{
        {"READ-ME-FIRST.txt",
         [text = instructions(file.filename().string(), fonts)]() -> Result<std::string> { return text; }}};
    std::set<std::string> names;
    const auto add = [&](const std::string& name, const std::string& sha256) {
        entries.push_back({unused(name, names),
                           [path = store.fileOf(sha256)] { return readFile(path, kLargestShelfFile); }});
    };
    for (const auto& font : fonts) {
        const std::string font_name = fs::path(font.file_name).filename().string();
        add("fonts/" + font_name, font.sha256);
        for (const auto& document : font.documents)
            add("documents/" + fs::path(font_name).stem().string() + "/" +
                    fs::path(document.name).filename().string(),
                document.sha256);
    }
    return writeFile(file, [&](std::ostream& out) { return writeZip(out, entries); });
}

} // namespace ink
