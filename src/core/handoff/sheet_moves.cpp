#include "core/handoff/sheet_moves.h"

#include <map>

namespace ink {

struct SheetMoves::Lying
{
    std::vector<SharedOutline> items;
    /// Which of them each thing of the plan is.
    std::map<std::size_t, std::size_t> item_of;
    std::optional<SheetRoom> room;

    static Placement asItem(Placement place, std::size_t item, std::size_t sheet)
    {
        place.item = item;
        place.sheet = sheet;
        return place;
    }
};

SheetMoves::SheetMoves(const SheetPlan& plan, const SheetSettings& settings, std::size_t sheet)
    : m_lying(std::make_unique<Lying>())
{
    const SheetSize size = sizeOnSheet(plan.sheets[sheet].material, plan.has_crosses);
    Placed placed;
    for (std::size_t i = 0; i < plan.laid.size(); ++i) {
        const auto& laid = plan.laid[i];
        if (laid.sheet != sheet)
            continue;
        m_lying->item_of[i] = m_lying->items.size();
        placed.places.push_back(Lying::asItem(laid.place, m_lying->items.size(), 0));
        m_lying->items.push_back(laid.footprint);
    }
    m_lying->room.emplace(m_lying->items, placed, size, settings.spacing_mm);
}

SheetMoves::~SheetMoves() = default;

bool SheetMoves::mayLie(std::size_t laid, const Placement& there) const
{
    const auto item = m_lying->item_of.find(laid);
    return item != m_lying->item_of.end() &&
           m_lying->room->isFree(item->second, Lying::asItem(there, item->second, 0));
}

SheetRoom::Rest SheetMoves::atRest(std::size_t laid, const Placement& there, double reach_mm) const
{
    const auto item = m_lying->item_of.find(laid);
    if (item == m_lying->item_of.end())
        return {there};
    auto rest = m_lying->room->atRest(item->second, Lying::asItem(there, item->second, 0), reach_mm);
    rest.there = Lying::asItem(rest.there, there.item, there.sheet);
    return rest;
}

} // namespace ink
