// Stitch files of a package that are letters: made into fonts that can be taken in like the others.
#pragma once

#include "core/intake/package.h"

namespace ink {

/// Gives the contents an entry for each alphabet that is told from the stitch files, staged as a font; the files themselves become
/// `Stitches`, those that are no letters `Damaged` with the reason.
/// Errors: Cancelled; FileUnwritable, DiskFull.
Result<void> addStitchedLetters(PackageContents& contents, const CancelToken& cancel);

/// Writes the letters of an entry as a font again, after they were put right: content, faces, digest and note follow.
/// Errors: those of alphabetFont(); FileUnwritable, DiskFull.
Result<void> stageLetters(PackageEntry& entry, std::shared_ptr<const Alphabet> letters,
                          const std::filesystem::path& folder);

} // namespace ink
