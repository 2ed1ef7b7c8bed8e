#include "core/handoff/sheet_fit.h"

#include <algorithm>
#include <limits>
#include <tuple>

namespace ink {
namespace {

bool mayTurn(Turns turns)
{
    return turns == Turns::Quarter || turns == Turns::Free;
}

/// What a thing may take of a sheet, in mm; a roll goes on as far as is needed.
Point roomOf(const SheetSize& size)
{
    return {size.width_mm - 2.0 * size.margin_mm,
            size.isRoll() ? std::numeric_limits<double>::infinity() : size.length_mm - 2.0 * size.margin_mm};
}

double shareAcross(double room_mm, double thing_mm, double footprint_mm)
{
    const double kept_mm = footprint_mm - thing_mm; // borders and frames
    return thing_mm > 0.0 ? std::clamp((room_mm - kept_mm) / thing_mm, 0.0, 1.0) : 1.0;
}

bool fits(const Box& box, const SheetSize& size, bool may_turn)
{
    const Point room = roomOf(size);
    return (box.width() <= room.x && box.height() <= room.y) ||
           (may_turn && box.height() <= room.x && box.width() <= room.y);
}

} // namespace

double fittingShare(const Box& thing_mm, const Box& footprint_mm, const SheetSize& sheet, bool may_turn)
{
    const Point room = roomOf(sheet);
    const auto share = [&](double across_mm, double along_mm) {
        return std::min(shareAcross(across_mm, thing_mm.width(), footprint_mm.width()),
                        shareAcross(along_mm, thing_mm.height(), footprint_mm.height()));
    };
    const double straight = share(room.x, room.y);
    return may_turn ? std::max(straight, share(room.y, room.x)) : straight;
}

double fittingShare(const SheetPlan& plan, Turns turns)
{
    double share = 1.0;
    for (const auto& out : plan.left_out)
        share = std::min(share, fittingShare(out.thing_mm, out.footprint_mm, out.sheet, mayTurn(turns)));
    return share;
}

std::optional<MaterialCard> roomierMaterial(const std::vector<MaterialCard>& cards, const SheetPlan& plan,
                                            const SheetSettings& settings, Process process)
{
    const MaterialCard chosen = chosenMaterial(cards, settings, process);
    if (plan.left_out.empty() || std::ranges::any_of(plan.left_out, [&](const ThingLeftOut& out) {
            return out.material != chosen.id;
        }))
        return {};
    const auto rank = [&](const MaterialCard& card) {
        const Point room = roomOf(card.sheet);
        return std::tuple(card.colour != chosen.colour, room.x * room.y, room.x);
    };
    const MaterialCard* best = nullptr;
    for (const auto& card : cards) {
        // The chosen card itself may have a sheet of the person's own size, smaller than it is sold.
        const bool is_other = card.id != chosen.id || settings.size;
        const bool takes_all = std::ranges::all_of(plan.left_out, [&](const ThingLeftOut& out) {
            return fits(out.footprint_mm, sizeOnSheet(card, plan.has_crosses), mayTurn(settings.turns));
        });
        if (isFor(card, process) && is_other && takes_all && (!best || rank(card) < rank(*best)))
            best = &card;
    }
    return best ? std::optional(*best) : std::nullopt;
}

} // namespace ink
