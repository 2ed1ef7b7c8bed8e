// Things placed on sheets by their true outlines, so that tails reach into each other's gaps.
#pragma once

#include "core/base/cancel.h"
#include "core/base/result.h"
#include "core/cut/sheet.h"

#include <functional>
#include <memory>
#include <optional>
#include <span>
#include <string_view>

namespace ink {

/// How things may be turned to save material: not, by half a turn, by quarters, or in steps of 15 degrees.
enum class Turns { None, Half, Quarter, Free };
/// "none", "180", "90", "free", as files and commands hold it.
std::string_view idOf(Turns turns);
std::optional<Turns> turnsOf(std::string_view id);

using SharedOutline = std::shared_ptr<const Outline>;

struct Placed
{
    /// In the order of the items.
    std::vector<Placement> places;
    /// Too large for a sheet of their own, whichever way they are turned.
    std::vector<std::size_t> left_out;
    /// Of each sheet, from its edge to below the lowest thing, margin included.
    std::vector<double> used_length_mm;

    double usedLength_mm() const;
};

struct PlacingOptions
{
    Turns turns = Turns::None;
    /// Between any two things.
    double spacing_mm = 3.0;
    /// Rows of boxes, each as calm as a line of words, instead of true outlines.
    bool as_rows = false;
    /// Orders that are tried; 0 for as many as take a few seconds.
    int orders = 0;
    /// At most so many sheets; what is beyond is left out. 0 for any number.
    std::size_t most_sheets = 0;
    CancelToken cancel = {};
    /// Told of each better way, from the calling thread; the first comes soon. May be empty.
    std::function<void(const Placed&)> on_better = {};
};

/// Most things that are placed at once.
inline constexpr std::size_t kMostPlaced = 5000;

/// Places each thing highest, then furthest left, where it fits; in several orders, the best is drawn together exactly. Rows of
/// boxes come out where they are shorter.
/// Units:  mm. Outlines anywhere; the same outline several times is worked out once.
/// Shape:  inside the margins, any two at least `spacing_mm` apart, whatever lies in a middle of another included.
/// Errors: DistanceOutOfRange for a sheet or a spacing that is none; TooComplex beyond kMostPlaced; Cancelled.
/// Source: bottom-left placing after B. S. Baker, E. G. Coffman, R. L. Rivest, "Orthogonal packings in two dimensions", SIAM J.
///         Comput. 9(4), 1980, on cells instead of boxes; orders exchanged by hill climbing.
Result<Placed> place(std::span<const SharedOutline> items, const SheetSize& sheet,
                     const PlacingOptions& options = {});

/// As many of `item` as one sheet, or `length_mm` of a roll, takes.
/// Errors: as place().
Result<Placed> filled(const SharedOutline& item, SheetSize sheet, double length_mm,
                      const PlacingOptions& options = {});

/// Sheets come no shorter: the area of the ink by the width that can be used.
double leastLength_mm(std::span<const SharedOutline> items, const SheetSize& sheet);

} // namespace ink
