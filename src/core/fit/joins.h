// Which neighbouring letters hang together once they are welded.
#pragma once

#include "core/base/cancel.h"
#include "core/design/set_words.h"

#include <memory>
#include <vector>

namespace ink {

/// Two letters next to each other on a line, with no space between.
struct LetterPair
{
    LetterRef left, right;
    bool joins = false;
    /// Between the two, in the unit of the placed glyphs.
    Point between;
};

/// Letters join when their union has fewer pieces than the two apart.
/// Units:  font units.
/// Errors: those of weld.
Result<std::vector<LetterPair>> letterPairs(const SetWords& set, Unit unit, const WeldOptions& options);

} // namespace ink
