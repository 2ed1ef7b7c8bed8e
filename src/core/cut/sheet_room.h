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

    /// The lines that a thing came to rest on: an edge of another, the distance from it, or a margin; in mm.
    struct Rest
    {
        Placement there;
        std::optional<double> x_mm = {}, y_mm = {};
    };
    /// The nearest place where its box stands in line with another, or at the distance from it, no further away than `reach_mm` across
    /// and up; the place itself where that would not be free.
    Rest atRest(std::size_t place, const Placement& there, double reach_mm) const;

private:
    struct Lying;
    std::unique_ptr<Lying> m_lying;
};

} // namespace ink
