// A package of stitched letters: taken in with letters told from names, or with its own description; and written.
#pragma once

#include "core/alphabet/alphabet.h"
#include "core/base/cancel.h"

#include <filesystem>
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

/// Reads a folder, a package or a single stitch file. Of a letter that is there as DST and as EXP the DST is taken. Letters that are not
/// told surely are in it with their confidence; files of which no letter is told, and files cut short, are left out with the reason.
/// Errors: FileNotFound, AlphabetEmpty, those of readArchive(), Cancelled.
Result<AlphabetPackage> readAlphabets(const std::filesystem::path& path, const CancelToken& cancel = {});

/// Writes a folder, or a package where `path` ends in ".zip": each letter as DST and as EXP, and alphabet.json.
/// Errors: FileUnwritable, DiskFull, AlphabetEmpty.
Result<void> writeAlphabet(const std::filesystem::path& path, const Alphabet& alphabet);

} // namespace ink
