// What a person chose for the sheet and the run.
#pragma once

#include "core/cut/placing.h"
#include "core/cut/tool_path.h"

#include <optional>
#include <string>
#include <vector>

namespace ink {

struct SheetSettings
{
    /// Of the card; empty for the first that is for the process.
    std::string material;
    /// Another width, length or margin than the card's.
    std::optional<SheetSize> size = {};
    double spacing_mm = 5.0;
    Turns turns = Turns::None;
    bool as_rows = false;
    /// Of a job of one word; a list says how many of each.
    int copies = 1;
    /// As many as the sheet takes, or this length of a roll.
    bool fills_sheet = false;
    double filled_length_mm = 300.0;
    /// A frame round all that lies on a sheet; 0 for none. One round each is the job's weeding frame.
    double frame_mm = 0.0;
    /// What the letters are: cut, scored or drawn; nothing for what the process usually does.
    std::optional<Operation> operation = {};
    /// A border behind the words, of another material; 0 for none.
    double border_mm = 0.0;
    std::string border_material;
    double overcut_mm = 0.0, blade_mm = 0.0, kerf_mm = 0.0;
    /// Outer edges are gone round clockwise and middles the other way, instead of the reverse.
    bool is_clockwise = false;
    /// Gaps that hold a piece in the sheet.
    int tabs = 0;
    double tab_mm = 0.6;
    /// Where things were put by hand, by number of the thing on the sheets; the others are placed as ever.
    std::vector<Placement> by_hand = {};

    friend bool operator==(const SheetSettings&, const SheetSettings&) = default;
};

/// Largest of the lengths of the settings.
inline constexpr double kMostSheetLength_mm = 200.0;
inline constexpr int kMostTabs = 50;
/// Each figure brought into its range.
SheetSettings sensible(SheetSettings settings);

} // namespace ink
