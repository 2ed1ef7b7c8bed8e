#include "core/intake/stitched_entries.h"

#include "core/alphabet/alphabet_font.h"
#include "core/alphabet/alphabet_package.h"
#include "core/alphabet/letter_names.h"
#include "core/base/digest.h"
#include "core/base/file_output.h"
#include "core/base/told.h"
#include "core/formats/stitch_file.h"

#include <algorithm>
#include <cerrno>
#include <fstream>
#include <map>

namespace ink {
namespace {

namespace fs = std::filesystem;

bool isPart(const PackageEntry& entry)
{
    if (entry.staged.empty() || entry.role == EntryRole::Refused || entry.role == EntryRole::Junk)
        return false;
    return stitchFormatOf(entry.name) == StitchFormat::Dst ||
           stitchFormatOf(entry.name) == StitchFormat::Exp ||
           fs::path(entry.name).filename() == kAlphabetDescription;
}

/// The folder that all of them lie in.
fs::path commonFolder(const std::vector<fs::path>& files)
{
    fs::path common = files.empty() ? fs::path() : files.front().parent_path();
    for (const auto& file : files) {
        const fs::path folder = file.parent_path();
        fs::path both;
        for (auto a = common.begin(), b = folder.begin(); a != common.end() && b != folder.end() && *a == *b;
             ++a, ++b)
            both /= *a;
        common = both;
    }
    return common;
}

std::string fileNameOf(const Alphabet& alphabet)
{
    std::string name;
    for (const char c : alphabet.name)
        name.push_back(c == '/' || static_cast<unsigned char>(c) < ' ' ? '_' : c);
    return (name.empty() ? "letters" : name) + ".ttf";
}

std::string noteOf(const Alphabet& alphabet)
{
    const auto unsure = std::ranges::count_if(
        alphabet.letters, [](const SewnLetter& l) { return l.confidence < kSureOfLetter; });
    std::string note = told("Stitched letters: {}.", alphabet.letters.size());
    if (unsure > 0)
        note += " " + told("{} not told surely: look at the letters before they are typed.", unsure);
    if (const auto missing = missingOf(alphabet); !missing.empty()) {
        std::string letters;
        for (const char c : missing)
            letters += (letters.empty() ? "" : " ") + std::string(1, c);
        note += " " + told("It lacks {}.", letters);
    }
    return note;
}

} // namespace

Result<void> stageLetters(PackageEntry& entry, std::shared_ptr<const Alphabet> letters,
                          const fs::path& folder)
{
    const auto font = alphabetFont(*letters);
    if (!font)
        return fail(font.error());
    const std::string digest = sha256(*font);
    const fs::path staged = folder / ("letters-" + digest.substr(0, 16) + ".ttf");
    std::ofstream out(staged, std::ios::binary);
    out.write(font->data(), static_cast<std::streamsize>(font->size()));
    if (!out.flush())
        return fail(errno == ENOSPC ? ErrorCode::DiskFull : ErrorCode::FileUnwritable, staged.string());
    out.close();
    auto faces = FontFace::list(staged);
    if (!faces)
        return fail(faces.error());
    entry.staged = staged;
    entry.bytes = font->size();
    entry.content = ContentKind::TrueType;
    entry.role = EntryRole::Font;
    entry.faces = std::move(*faces);
    entry.sha256 = digest;
    entry.note = noteOf(*letters);
    entry.letters = std::move(letters);
    return {};
}

Result<void> addStitchedLetters(PackageContents& contents, const CancelToken& cancel)
{
    std::vector<AlphabetFile> files;
    std::map<std::string, std::size_t> entry_of;
    for (std::size_t i = 0; i < contents.entries.size(); ++i) {
        const auto& entry = contents.entries[i];
        if (!isPart(entry) || entry.bytes > kMostStitchFile_bytes)
            continue;
        if (cancel.isCancelled())
            return fail(ErrorCode::Cancelled, contents.source.string());
        auto bytes = readFile(entry.staged, kMostStitchFile_bytes);
        if (!bytes)
            continue; // it is listed as it is
        entry_of.emplace(entry.name, i);
        files.push_back({entry.name, std::move(*bytes)});
    }
    if (files.empty())
        return {};
    const auto package = alphabetsOf(files, contents.source);
    for (const auto& [file, reason] : package.left_out)
        if (const auto at = entry_of.find(file); at != entry_of.end()) {
            contents.entries[at->second].role = EntryRole::Damaged;
            contents.entries[at->second].note = told("It is no letter that could be typed: {}.", reason);
        }
    for (const auto& alphabet : package.alphabets) {
        if (cancel.isCancelled())
            return fail(ErrorCode::Cancelled, contents.source.string());
        std::vector<fs::path> parts;
        for (const auto& letter : alphabet.letters)
            if (const auto at = entry_of.find(letter.file); at != entry_of.end()) {
                auto& part = contents.entries[at->second];
                part.role = EntryRole::Stitches;
                part.note.clear();
                parts.push_back(part.path);
            }
        PackageEntry made;
        made.path = commonFolder(parts) / fileNameOf(alphabet);
        made.name = made.path.string();
        if (auto done =
                stageLetters(made, std::make_shared<const Alphabet>(alphabet), contents.staging->folder());
            !done)
            return done;
        contents.entries.push_back(std::move(made));
    }
    // What lies beside as EXP, and the description, is part of it.
    for (const auto& [name, i] : entry_of)
        if (auto& entry = contents.entries[i]; !package.alphabets.empty() && entry.role == EntryRole::Other) {
            entry.role = EntryRole::Stitches;
            entry.note.clear();
        }
    return {};
}

} // namespace ink
