// Fonts of the shelf that are the same in some way: told by what they draw and say, never by their file.
#pragma once

#include "core/base/cancel.h"
#include "core/type/outline_print.h"
#include "shelf/shelf_store.h"

#include <functional>
#include <map>
#include <memory>

namespace ink {

enum class TwinKind {
    /// The same outlines and name in another format (TrueType and CFF, plain and packed).
    OtherFormat,
    /// The same outlines and name, and a different file: another version, or other tables.
    SameOutlines,
    /// The same outlines under another name.
    OtherName,
    /// The same name, and drawn differently.
    OtherVersion
};
std::string_view idOf(TwinKind kind);

using PrintPtr = std::shared_ptr<const OutlinePrint>;
/// By the id of the font.
using FontPrints = std::map<std::int64_t, PrintPtr>;

struct TwinGroup
{
    /// How the second and the following relate to the first; that of the first means nothing.
    std::vector<TwinKind> kinds;
    /// Two or more, as indices into the fonts.
    std::vector<std::size_t> fonts;
};

/// The prints of the first face of each font: kept ones, and what is missing is made and kept. `progress` is
/// called with the number done.
/// Errors: those of ShelfStore; Cancelled, what was made until then is kept.
Result<FontPrints> fontPrints(ShelfStore& store, const std::vector<ShelfFont>& fonts,
                              const CancelToken& cancel = {},
                              const std::function<void(std::size_t)>& progress = {});

/// Every font is in one group at most. Fonts without a print are compared by name only.
std::vector<TwinGroup> findTwins(const std::vector<ShelfFont>& fonts, const FontPrints& prints);

/// One line for each thing that differs, the same lines for each font of a group.
struct TwinFact
{
    std::string what;
    /// One for each font.
    std::vector<std::string> values;
    bool differs = false;
};
std::vector<TwinFact> twinFacts(const std::vector<const ShelfFont*>& fonts,
                                const std::vector<PrintPtr>& prints);

/// "TrueType", "OpenType (CFF)", "WOFF2, TrueType curves".
std::string formatOf(const FaceInfo& face);

} // namespace ink
