// A package of stitched letters: taken in with letters told from names, or with its own description; and written.
#pragma once

#include "core/alphabet/alphabet.h"
#include "core/base/cancel.h"

#include <filesystem>
#include <string>
#include <string_view>
#include <vector>

namespace ink {

/// A stitch file that is in no alphabet, and why.
struct LeftOut
{
    std::string file, reason;
};

struct AlphabetPackage
{
    /// One for each size that is told, the largest set first.
    std::vector<Alphabet> alphabets;
    std::vector<LeftOut> left_out;
    /// It came with a description of its own (docs/formats/alphabet.md).
    bool is_described = false;
};

/// A file of a package: a stitch file, the description of those beside it, or a document.
struct AlphabetFile
{
    /// With "/" between folders.
    std::string name;
    std::string bytes;
};
inline constexpr std::string_view kAlphabetDescription = "alphabet.json";

/// Of files that were read already; `source` is the package's name. Each description speaks of the files in its folder, the
/// others are told from their names. Empty where nothing is a letter.
AlphabetPackage alphabetsOf(const std::vector<AlphabetFile>& files, const std::filesystem::path& source);

/// Reads a folder, a package, a single stitch file, or a font with stitches (alphabet_font.h). Of a letter that is there as DST and as EXP the DST is taken. Letters that are not
/// told surely are in it with their confidence; files of which no letter is told, and files cut short, are left out with the reason.
/// Errors: FileNotFound, AlphabetEmpty, those of readArchive(), Cancelled.
Result<AlphabetPackage> readAlphabets(const std::filesystem::path& path, const CancelToken& cancel = {});

/// The same of a package in memory; `name` is for messages.
/// Errors: AlphabetEmpty, PackageDamaged.
Result<AlphabetPackage> alphabetsInPackage(std::string_view bytes, const std::string& name);

/// An open package as bytes, its letters as DST alone; the same letters give the same bytes.
/// Errors: those of writeStitches() and writeZip().
Result<std::string> alphabetPackage(const Alphabet& alphabet);

/// Writes a folder, or a package where `path` ends in ".zip": each letter as DST and as EXP, alphabet.json, and beside them the
/// documents of the font it was made of, by the last part of their names.
/// Errors: FileUnwritable, DiskFull, AlphabetEmpty.
Result<void> writeAlphabet(const std::filesystem::path& path, const Alphabet& alphabet,
                           const std::vector<AlphabetFile>& documents = {});

} // namespace ink
