#include "core/cut/sheet_settings.h"

#include <algorithm>
#include <cmath>

namespace ink {

SheetSettings sensible(SheetSettings s)
{
    const auto bring = [](double& value, double least, double most, double usual) {
        value = std::isfinite(value) ? std::clamp(value, least, most) : usual;
    };
    const SheetSettings usual;
    bring(s.spacing_mm, 0.0, kMostSheetLength_mm, usual.spacing_mm);
    bring(s.filled_length_mm, kLeastSheet_mm, kMostRoll_mm, usual.filled_length_mm);
    for (double* mm : {&s.frame_mm, &s.border_mm})
        bring(*mm, 0.0, kMostSheetLength_mm, 0.0);
    for (double* mm : {&s.overcut_mm, &s.blade_mm, &s.kerf_mm})
        bring(*mm, 0.0, 20.0, 0.0);
    bring(s.tab_mm, 0.05, 20.0, usual.tab_mm);
    s.copies = std::clamp(s.copies, 1, int(kMostPlaced));
    s.tabs = std::clamp(s.tabs, 0, kMostTabs);
    if (s.size) {
        bring(s.size->width_mm, kLeastSheet_mm, kMostSheetWidth_mm, SheetSize().width_mm);
        bring(s.size->length_mm, 0.0, kMostRoll_mm, 0.0);
        if (s.size->length_mm > 0.0)
            s.size->length_mm = std::max(s.size->length_mm, kLeastSheet_mm);
        const double shorter =
            s.size->isRoll() ? s.size->width_mm : std::min(s.size->width_mm, s.size->length_mm);
        bring(s.size->margin_mm, 0.0, 0.49 * shorter, 0.0);
    }
    std::erase_if(s.by_hand, [](const Placement& p) {
        return !isFinite(p.at_mm) || !std::isfinite(p.turn_deg) || length(p.at_mm) > 2.0 * kMostRoll_mm ||
               p.item >= kMostPlaced || p.sheet >= kMostPlaced;
    });
    return s;
}

} // namespace ink
