// Is there room on the sheet, told on the outlines themselves.
#pragma once

#include "core/cut/placing.h"

namespace ink {

/// Would the thing, placed there, be inside the margins and far enough from all others?
/// Ink is compared on chords within 0.01 mm.
class SheetRoom
{
public:
    SheetRoom(std::span<const SharedOutline> items, const Placed& placed, const SheetSize& sheet,
              double spacing_mm);
    ~SheetRoom();
    SheetRoom(SheetRoom&&) noexcept;

    bool isFree(std::size_t place, const Placement& there) const;
    void move(std::size_t place, const Placement& there);

private:
    struct Lying;
    std::unique_ptr<Lying> m_lying;
};

} // namespace ink
