#include "core/alphabet/alphabet_package.h"

#include "core/alphabet/alphabet_font.h"
#include "core/alphabet/letter_names.h"
#include "core/base/file_output.h"
#include "core/base/json_text.h"
#include "core/base/told.h"
#include "core/formats/stitch_file.h"
#include "core/package/archive.h"
#include "core/type/shape.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <optional>
#include <set>

namespace ink {
namespace {

namespace fs = std::filesystem;
using Json = nlohmann::ordered_json;

constexpr std::size_t kMostFiles = 4000;
constexpr std::size_t kMostDescription_bytes = 4u << 20;
constexpr double kMostRoom_mm = 500.0;
/// A told size is the one of the capitals where it is this near, as a part of it: round ones reach beyond.
constexpr double kSameSize = 0.08;

using File = AlphabetFile;

bool isStitchFile(const std::string& name)
{
    const auto format = stitchFormatOf(name);
    return format == StitchFormat::Dst || format == StitchFormat::Exp;
}

std::string baseName(const std::string& path)
{
    const auto slash = path.rfind('/');
    return slash == std::string::npos ? path : path.substr(slash + 1);
}

bool isWanted(const std::string& name)
{
    return isStitchFile(name) || baseName(name) == kAlphabetDescription;
}

auto takerOf(std::vector<File>& files)
{
    return [&files](ArchiveEntry entry) {
        if (!entry.is_folder && entry.refusal == Refusal::None && isWanted(entry.name) &&
            files.size() < kMostFiles)
            files.push_back({std::move(entry.name), std::move(entry.bytes)});
    };
}

Result<std::vector<File>> filesOf(const fs::path& path, const CancelToken& cancel)
{
    std::vector<File> files;
    std::error_code code;
    if (!fs::exists(path, code))
        return fail(ErrorCode::FileNotFound, path.string());
    if (fs::is_directory(path, code)) {
        std::vector<fs::path> found;
        fs::recursive_directory_iterator at(path, fs::directory_options::skip_permission_denied, code);
        for (; !code && at != fs::recursive_directory_iterator() && found.size() < kMostFiles;
             at.increment(code))
            if (std::error_code ignored; at->is_regular_file(ignored) && isWanted(at->path().string()))
                found.push_back(at->path());
        std::ranges::sort(found);
        for (const auto& file : found) {
            if (cancel.isCancelled())
                return fail(ErrorCode::Cancelled);
            if (auto bytes = readFile(file, kMostStitchFile_bytes))
                files.push_back({file.lexically_relative(path).generic_string(), std::move(*bytes)});
        }
        return files;
    }
    if (isStitchFile(path.string())) {
        auto bytes = readFile(path, kMostStitchFile_bytes);
        if (!bytes)
            return fail(bytes.error());
        files.push_back({path.filename().string(), std::move(*bytes)});
        return files;
    }
    PackageUse use;
    std::string stopped;
    const auto done = readArchive(path, {}, use, takerOf(files), stopped, cancel);
    if (!done)
        return fail(done.error());
    std::ranges::sort(files, {}, &File::name);
    return files;
}

/// From the first stitch to the last; where the thread begins stands before it as a jump.
NeedleWork sewnPart(const NeedleWork& work)
{
    using Kind = NeedleStep::Kind;
    const auto first = std::ranges::find(work, Kind::Stitch, &NeedleStep::kind);
    const auto last =
        std::find_if(work.rbegin(), work.rend(), [](const NeedleStep& s) { return s.kind == Kind::Stitch; });
    if (first == work.end())
        return {};
    NeedleWork out;
    if (first != work.begin())
        out.push_back({Kind::Jump, std::prev(first)->at});
    out.insert(out.end(), first, last.base());
    return out;
}

/// The letter's stitches, or why there are none.
std::optional<std::string> sewnIn(const File& file, SewnLetter& letter)
{
    const auto read = readStitches(file.bytes, *stitchFormatOf(file.name));
    if (!read)
        return std::string(errorText(read.error().code));
    if (read->is_cut_short)
        return std::string(told("the file ends before its end"));
    letter.work = sewnPart(read->work);
    if (letter.work.empty())
        return std::string(told("there is no stitch in it"));
    letter.file = file.name;
    return {};
}

/// As people write it: "Fennel Row stitched" for fennel-row_stitched.
std::string readable(std::string name)
{
    if (name.find(' ') != std::string::npos)
        return name;
    bool begins = true;
    for (char& c : name) {
        if (c == '-' || c == '_')
            c = ' ';
        else if (begins)
            c = static_cast<char>(std::toupper(static_cast<unsigned char>(c)));
        begins = c == ' ';
    }
    return name;
}

/// The folder that all files share says it better than the package.
std::string nameOf(const std::vector<File>& files, const fs::path& path)
{
    const auto top = [](const std::string& name) { return name.substr(0, name.find('/')); };
    const std::string folder =
        files.front().name.find('/') == std::string::npos ? "" : top(files.front().name);
    const bool is_shared =
        !folder.empty() && lettersTold({folder + "/A.dst"}).front().size_mm == 0.0 &&
        std::ranges::all_of(files, [&](const File& f) { return f.name.starts_with(folder + "/"); });
    if (is_shared)
        return readable(folder);
    return readable(fs::is_directory(path) ? fs::absolute(path).lexically_normal().filename().string()
                                           : path.stem().string());
}

AlphabetPackage lettersOf(const std::vector<File>& files, const fs::path& path)
{
    AlphabetPackage out;
    std::vector<std::string> names;
    for (const auto& file : files)
        names.push_back(file.name);
    const auto guesses = lettersTold(names);
    std::map<double, std::vector<SewnLetter>, std::greater<>> sizes;
    std::set<std::tuple<double, std::string, std::string>> as_dst;
    const auto take = [&](bool takes_dst) {
        for (std::size_t i = 0; i < files.size(); ++i) {
            const bool is_dst = stitchFormatOf(files[i].name) == StitchFormat::Dst;
            const auto& guess = guesses[i];
            const std::tuple key{guess.size_mm, guess.letter, guess.variant};
            if (is_dst != takes_dst || (!is_dst && !guess.letter.empty() && as_dst.contains(key)))
                continue;
            SewnLetter letter;
            letter.letter = guess.letter;
            letter.variant = guess.variant;
            letter.confidence = guess.confidence;
            if (auto reason = guess.letter.empty()
                                  ? std::optional<std::string>(told("no letter is told by its name"))
                                  : sewnIn(files[i], letter)) {
                out.left_out.push_back({files[i].name, *reason});
                continue;
            }
            if (is_dst)
                as_dst.insert(key);
            sizes[guess.size_mm].push_back(std::move(letter));
        }
    };
    take(true);
    take(false);
    for (auto& [size_mm, letters] : sizes) {
        Alphabet alphabet;
        alphabet.name = nameOf(files, path);
        if (sizes.size() > 1 && size_mm > 0.0)
            alphabet.name += " " + std::to_string(std::lround(size_mm)) + " mm";
        alphabet.letters = std::move(letters);
        measure(alphabet);
        // What the package calls its size, where that is what they measure.
        if (std::abs(size_mm - alphabet.size_mm) <= kSameSize * size_mm)
            alphabet.size_mm = size_mm;
        if (!alphabet.letters.empty())
            out.alphabets.push_back(std::move(alphabet));
    }
    std::ranges::stable_sort(out.alphabets, std::greater{},
                             [](const Alphabet& a) { return a.letters.size(); });
    return out;
}

double figure(const Json& json, const char* name, double usual, double most)
{
    const auto at = json.find(name);
    if (at == json.end() || !at->is_number())
        return usual;
    const double value = at->get<double>();
    return std::isfinite(value) ? std::clamp(value, -most, most) : usual;
}

std::string text(const Json& json, const char* name)
{
    const auto at = json.find(name);
    return at != json.end() && at->is_string() ? at->get<std::string>() : std::string();
}

/// By a description; nothing where that is none.
std::optional<AlphabetPackage> described(const std::vector<File>& files, const File& description)
{
    if (description.bytes.size() > kMostDescription_bytes)
        return {};
    const auto json = orderedJsonFrom(description.bytes);
    if (!json.is_object() || text(json, "format") != "under-ink-alphabet" || !json.contains("letters") ||
        !json["letters"].is_array())
        return {};
    const std::string folder =
        description.name.substr(0, description.name.size() - kAlphabetDescription.size());
    AlphabetPackage out;
    out.is_described = true;
    Alphabet alphabet;
    alphabet.name = text(json, "name");
    alphabet.source = text(json, "source");
    alphabet.rights = text(json, "rights");
    const auto joins = json.find("joins");
    const double size_mm = figure(json, "size_mm", 0.0, kMostRoom_mm);
    struct Own
    {
        double foot_mm, before_mm, after_mm;
    };
    std::map<std::string, Own> own;
    for (const auto& one : json["letters"]) {
        if (!one.is_object())
            continue;
        SewnLetter letter;
        letter.letter = text(one, "letter");
        letter.variant = text(one, "variant");
        letter.called = text(one, "called");
        letter.confidence = std::clamp(figure(one, "confidence", 1.0, 1.0), 0.0, 1.0);
        letter.glyph_id = static_cast<std::uint32_t>(std::max(0.0, figure(one, "glyph", 0.0, 65535.0)));
        const std::string name = folder + text(one, "file");
        const auto file = std::ranges::find(files, name, &File::name);
        if (letter.letter.empty() || toUtf32(letter.letter).size() != 1 || file == files.end() ||
            !isStitchFile(name)) {
            out.left_out.push_back(
                {name, std::string(told("the description names no letter, or the file is not there"))});
            continue;
        }
        if (const auto reason = sewnIn(*file, letter)) {
            out.left_out.push_back({name, *reason});
            continue;
        }
        own[name] = {figure(one, "foot_mm", 0.0, kMostRoom_mm), figure(one, "before_mm", 0.0, kMostRoom_mm),
                     figure(one, "after_mm", 0.0, kMostRoom_mm)};
        alphabet.letters.push_back(std::move(letter));
    }
    if (alphabet.letters.empty())
        return out;
    measure(alphabet);
    if (size_mm > 0.0)
        alphabet.size_mm = size_mm;
    if (joins != json.end() && joins->is_boolean())
        alphabet.joins = joins->get<bool>();
    for (auto& letter : alphabet.letters) {
        const auto& [foot_mm, before_mm, after_mm] = own.at(letter.file);
        // The foot is told from the file's own lowest stitch.
        const double up = -foot_mm - letter.box_mm.y0;
        for (auto& step : letter.work)
            step.at.y += up;
        letter.box_mm = boxOf(letter.work);
        letter.before_mm = before_mm;
        letter.after_mm = after_mm;
    }
    out.alphabets.push_back(std::move(alphabet));
    return out;
}

/// Why a whole package has no letters.
Result<AlphabetPackage> unlessEmpty(AlphabetPackage package, const std::string& name)
{
    if (package.alphabets.empty())
        return fail(ErrorCode::AlphabetEmpty, name,
                    package.left_out.empty()
                        ? std::string()
                        : told("{}: {}", package.left_out.front().file, package.left_out.front().reason));
    return package;
}

} // namespace

AlphabetPackage alphabetsOf(const std::vector<AlphabetFile>& files, const fs::path& source)
{
    AlphabetPackage out;
    std::vector<File> rest = files;
    const auto take = [&](AlphabetPackage&& some) {
        std::ranges::move(some.alphabets, std::back_inserter(out.alphabets));
        std::ranges::move(some.left_out, std::back_inserter(out.left_out));
    };
    for (const auto& file : files) {
        if (baseName(file.name) != kAlphabetDescription)
            continue;
        const std::string folder = file.name.substr(0, file.name.size() - kAlphabetDescription.size());
        if (auto own = described(rest, file)) {
            take(std::move(*own));
            out.is_described = true;
            std::erase_if(rest, [&](const File& f) { return f.name.starts_with(folder); });
        }
    }
    std::erase_if(rest, [](const File& f) { return !isStitchFile(f.name); });
    if (!rest.empty())
        take(lettersOf(rest, source));
    return out;
}

Result<AlphabetPackage> readAlphabets(const fs::path& path, const CancelToken& cancel)
{
    if (looksLikeFontFile(path)) {
        const auto face = FontFace::open(path);
        if (!face)
            return fail(face.error());
        const auto alphabet = alphabetIn(**face);
        if (!alphabet)
            return fail(alphabet.error());
        if (!*alphabet)
            return fail(ErrorCode::AlphabetEmpty, path.string(), "the font has no stitches");
        return AlphabetPackage{{**alphabet}, {}, true};
    }
    const auto files = filesOf(path, cancel);
    return files ? unlessEmpty(alphabetsOf(*files, path), path.string()) : fail(files.error());
}

Result<AlphabetPackage> alphabetsInPackage(std::string_view bytes, const std::string& name)
{
    PackageUse use;
    std::string stopped;
    std::vector<File> files;
    if (const auto done = readArchive(bytes, name, {}, use, takerOf(files), stopped); !done)
        return fail(done.error());
    std::ranges::sort(files, {}, &File::name);
    return unlessEmpty(alphabetsOf(files, name), name);
}

} // namespace ink
