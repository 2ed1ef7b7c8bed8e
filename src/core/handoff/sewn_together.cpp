#include "core/handoff/sewn_together.h"

#include "core/cut/placing.h"

#include <algorithm>

namespace ink {
namespace {

/// Orders of placing that are tried: a hoop holds few names.
constexpr int kOrders = 12;

/// As they lie in a hoop, with their middle in its middle.
std::vector<NameInHoop> centred(std::vector<NameInHoop> lying)
{
    Box all;
    for (const auto& [name, place] : lying)
        all.add(bounds(transformed(*name->outline_mm, place)));
    for (auto& one : lying) {
        one.place.e -= (all.x0 + all.x1) / 2;
        one.place.f -= (all.y0 + all.y1) / 2;
    }
    return lying;
}

} // namespace

Result<Hoops> sewnTogether(std::span<const MadeName> names, const StitchSettings& wanted,
                           const CancelToken& cancel)
{
    const auto settings = sensible(wanted);
    Hoops out;
    std::vector<std::size_t> numbers; // of the items
    std::vector<SharedOutline> items;
    std::vector<Affine> turned; // before it is placed: only what fits no other way is turned
    for (std::size_t i = 0; i < names.size(); ++i) {
        if (names[i].error || !names[i].outline_mm || bounds(*names[i].outline_mm).isEmpty()) {
            out.left_out.push_back(i);
            continue;
        }
        const bool fits_turned = inHoop(bounds(*names[i].outline_mm), settings) == InHoop::FitsTurned;
        const Affine turn = fits_turned ? Affine{0, 1, -1, 0, 0, 0} : Affine{1, 0, 0, 1, 0, 0};
        const SharedOutline item =
            fits_turned ? std::make_shared<const Outline>(transformed(*names[i].outline_mm, turn))
                        : names[i].outline_mm;
        for (int copy = 0; copy < names[i].copies; ++copy) {
            numbers.push_back(i);
            items.push_back(item);
            turned.push_back(turn);
        }
    }
    if (items.empty())
        return fail(names.size() == 1 && names[0].error ? *names[0].error
                                                        : Error{ErrorCode::NothingToCut, {}, {}});
    const bool has_hoop = settings.hoop_width_mm > 0.0 && settings.hoop_height_mm > 0.0;
    PlacingOptions options;
    options.spacing_mm = kBetweenNames_mm;
    options.orders = kOrders;
    options.cancel = cancel;
    const SheetSize room = has_hoop ? SheetSize{settings.hoop_width_mm, settings.hoop_height_mm, 0.0}
                                    : SheetSize{kMostHoop_mm, 0.0, 0.0};
    const auto placed = place(items, room, options);
    if (!placed)
        return fail(placed.error());
    for (const auto item : placed->left_out)
        if (std::ranges::find(out.left_out, numbers[item]) == out.left_out.end())
            out.left_out.push_back(numbers[item]);
    for (std::size_t hoop = 0; hoop < placed->used_length_mm.size(); ++hoop) {
        if (cancel.isCancelled())
            return fail(ErrorCode::Cancelled);
        Hoop load;
        std::vector<NameInHoop> lying;
        for (const auto& there : placed->places) {
            if (there.sheet != hoop)
                continue;
            const std::size_t name = numbers[there.item];
            load.names.push_back(name);
            lying.push_back({&names[name], there.toSheet().after(turned[there.item])});
        }
        if (lying.empty())
            continue;
        load.sewn = sewn(centred(std::move(lying)), settings, cancel);
        if (load.sewn.error)
            return fail(*load.sewn.error);
        for (const auto name : load.names)
            load.sewn.words += (load.sewn.words.empty() ? "" : ", ") + names[name].words;
        out.hoops.push_back(std::move(load));
    }
    if (out.hoops.empty())
        return fail(ErrorCode::NothingToCut, {}, "the hoop is smaller than each of them");
    return out;
}

} // namespace ink
