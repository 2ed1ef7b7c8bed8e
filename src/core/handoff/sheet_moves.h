// Things of a sheet moved by hand.
#pragma once

#include "core/cut/sheet_room.h"
#include "core/handoff/sheet_plan.h"

namespace ink {

/// Where things of one sheet may be moved to by hand: made once, then asked as often as a hand moves.
class SheetMoves
{
public:
    SheetMoves(const SheetPlan& plan, const SheetSettings& settings, std::size_t sheet);
    ~SheetMoves();

    /// False where the thing would lie on another, or beyond the edge; `laid` is one of this sheet.
    bool mayLie(std::size_t laid, const Placement& there) const;
    /// As SheetRoom::atRest().
    SheetRoom::Rest atRest(std::size_t laid, const Placement& there, double reach_mm) const;

private:
    struct Lying;
    std::unique_ptr<Lying> m_lying;
};

} // namespace ink
