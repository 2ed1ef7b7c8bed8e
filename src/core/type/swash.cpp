#include "core/type/swash.h"

#include "core/base/text.h"

namespace ink {

bool isSwash(std::string_view feature, std::string_view glyph_name, const Box& plain, const Box& form,
             double units_per_em)
{
    constexpr double kReach_em = 0.2;
    if (feature == "swsh" || feature == "cswh")
        return true;
    const std::string name = lowered(glyph_name);
    if (name.find("swash") != std::string::npos || name.find(".swsh") != std::string::npos)
        return true;
    const double reach = kReach_em * units_per_em;
    return form.width() > plain.width() + reach || form.height() > plain.height() + reach;
}

} // namespace ink
