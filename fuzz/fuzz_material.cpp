// Arbitrary bytes as a material card: refused, or a card whose figures can be used and which comes back as it was.
#include "core/cut/material_card.h"

#include <cmath>
#include <cstdint>
#include <cstdlib>
#include <sstream>

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size)
{
    const auto card = ink::readMaterialCard({reinterpret_cast<const char*>(data), size}, "fuzzed");
    if (!card)
        return 0;
    const auto& sheet = card->sheet;
    const double shorter = sheet.isRoll() ? sheet.width_mm : std::min(sheet.width_mm, sheet.length_mm);
    const bool is_usable = sheet.width_mm >= ink::kLeastSheet_mm && 2 * sheet.margin_mm < shorter &&
                           sheet.margin_mm >= 0.0 && card->pace.cut_mm_s > 0.0 &&
                           card->pace.acceleration_mm_s2 > 0.0 && card->pace.passes >= 1 &&
                           std::isfinite(card->price_per_m2);
    if (!is_usable)
        std::abort();
    std::ostringstream out;
    ink::writeMaterialCard(out, *card);
    if (!ink::readMaterialCard(out.str(), "fuzzed"))
        std::abort();
    return 0;
}
