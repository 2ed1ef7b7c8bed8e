#include "core/alphabet/alphabet_package.h"

#include "core/base/file_output.h"
#include "core/base/json_text.h"
#include "core/formats/stitch_file.h"
#include "core/package/archive.h"
#include "core/type/shape.h"

#include <array>
#include <cmath>
#include <map>
#include <set>
#include <span>
#include <sstream>

namespace ink {
namespace {

namespace fs = std::filesystem;
using Json = nlohmann::ordered_json;
using File = AlphabetFile;

/// "A_upper", "a_lower", "ampersand", "uni00e9": told again by the intake, whatever the disk thinks of capitals.
std::string fileNameOf(const SewnLetter& letter)
{
    static const std::map<std::string_view, std::string_view> kSigns{
        {"&", "ampersand"}, {".", "period"},      {",", "comma"}, {"!", "exclam"},
        {"?", "question"},  {"'", "quotesingle"}, {"-", "hyphen"}};
    std::string name;
    const auto sign = kSigns.find(letter.letter);
    const auto character = toUtf32(letter.letter)[0];
    if (sign != kSigns.end())
        name = sign->second;
    else if (character < 128 && std::isalnum(static_cast<int>(character)))
        name = letter.letter + (std::isupper(static_cast<int>(character))   ? "_upper"
                                : std::islower(static_cast<int>(character)) ? "_lower"
                                                                            : "");
    else {
        char code[16];
        std::snprintf(code, sizeof code, "uni%04X", static_cast<unsigned>(character));
        name = code;
    }
    for (const char c : letter.variant.empty() ? std::string() : "_" + letter.variant)
        name.push_back(std::isalnum(static_cast<unsigned char>(c)) ? c : '_');
    return name;
}

/// The letters in these formats, and their description.
Result<std::vector<File>> writtenFiles(const Alphabet& alphabet, std::span<const StitchFormat> formats)
{
    Json json{{"format", "under-ink-alphabet"}, {"version", 1},
              {"name", alphabet.name},          {"size_mm", alphabet.size_mm},
              {"joins", alphabet.joins},        {"source", alphabet.source},
              {"rights", alphabet.rights},      {"letters", Json::array()}};
    std::vector<File> files;
    std::set<std::string> used;
    for (const auto& letter : alphabet.letters) {
        std::string name = fileNameOf(letter);
        for (int n = 2; !used.insert(name).second; ++n)
            name = fileNameOf(letter) + "_" + std::to_string(n);
        for (const auto format : formats) {
            std::ostringstream out;
            if (auto done = writeStitches(out, {letter.work, alphabet.name, {}}, format); !done)
                return fail(done.error());
            files.push_back({name + std::string(suffixOf(format)), std::move(out).str()});
        }
        const auto round = [](double mm) { return std::round(mm * 100.0) / 100.0; };
        json["letters"].push_back({{"letter", letter.letter},
                                   {"variant", letter.variant},
                                   {"file", name + ".dst"},
                                   // How far the foot lies above the lowest stitch.
                                   {"foot_mm", round(-letter.box_mm.y0)},
                                   {"before_mm", round(letter.before_mm)},
                                   {"after_mm", round(letter.after_mm)},
                                   {"width_mm", round(letter.box_mm.width())},
                                   {"height_mm", round(letter.box_mm.height())}});
        auto& own = json["letters"].back();
        if (letter.confidence < 1.0)
            own["confidence"] = round(letter.confidence);
        if (const std::string& called = letter.called.empty() ? letter.file : letter.called;
            !called.empty() && fs::path(called).filename() != name + ".dst")
            own["called"] = called;
        if (letter.glyph_id != 0)
            own["glyph"] = letter.glyph_id;
    }
    files.push_back({std::string(kAlphabetDescription), jsonText(json, 1) + "\n"});
    return files;
}

std::vector<NewArchiveEntry> entriesOf(const std::vector<File>& files)
{
    std::vector<NewArchiveEntry> entries;
    for (const auto& file : files)
        entries.push_back({file.name, [&file]() -> Result<std::string> { return file.bytes; }});
    return entries;
}

} // namespace

Result<std::string> alphabetPackage(const Alphabet& alphabet)
{
    const auto files = writtenFiles(alphabet, std::array{StitchFormat::Dst});
    if (!files)
        return fail(files.error());
    std::ostringstream out;
    if (auto done = writeZip(out, entriesOf(*files)); !done)
        return fail(done.error());
    return std::move(out).str();
}

Result<void> writeAlphabet(const fs::path& path, const Alphabet& alphabet,
                           const std::vector<AlphabetFile>& documents)
{
    if (alphabet.letters.empty())
        return fail(ErrorCode::AlphabetEmpty, path.string());
    auto files = writtenFiles(alphabet, std::array{StitchFormat::Dst, StitchFormat::Exp});
    if (!files)
        return fail(files.error());
    std::set<std::string> used;
    for (const auto& file : *files)
        used.insert(file.name);
    for (const auto& document : documents) {
        const std::string called = fs::path(document.name).filename();
        std::string name = called;
        for (int n = 2; !used.insert(name).second; ++n)
            name = std::to_string(n) + " " + called;
        files->insert(files->begin(), {name, document.bytes});
    }
    if (path.extension() == ".zip")
        return writeFile(path, [&](std::ostream& out) { return writeZip(out, entriesOf(*files)); });
    std::error_code code;
    fs::create_directories(path, code);
    if (code)
        return fail(ErrorCode::FileUnwritable, path.string());
    for (const auto& file : *files) // the description last: a folder without it is none of ours
        if (auto done = writeFile(path / file.name,
                                  [&](std::ostream& out) -> Result<void> {
                                      out << file.bytes;
                                      return {};
                                  });
            !done)
            return done;
    return {};
}

} // namespace ink
