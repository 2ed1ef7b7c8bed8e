// Needle work as the records of a machine's file, DST and EXP, both ways (docs/formats/stitch-files.md).
#pragma once

#include "core/formats/stitch_file.h"

namespace ink::detail {

/// Errors: CoordinateOutOfRange.
Result<void> writeDst(std::ostream& out, const NeedleWork& work, const std::string& title);
Result<void> writeExp(std::ostream& out, const NeedleWork& work);

/// Errors: DocumentDamaged.
Result<ReadStitches> readDst(std::string_view bytes);
Result<ReadStitches> readExp(std::string_view bytes);

} // namespace ink::detail
