// From finished words to sheets: what lies where, on which material, and what the tool does.
#pragma once

#include "core/cut/material_card.h"
#include "core/cut/sheet_settings.h"
#include "core/formats/sheet_file.h"
#include "core/proof/weeding.h"

#include <memory>
#include <string>
#include <vector>

namespace ink {

struct SheetThing
{
    std::string words;
    /// mm, mirrored already where it is to be.
    SharedOutline outline;
    double em_mm = 0.0;
    /// As the person calls it; empty for the job's material.
    std::string colour;
    int copies = 1;
};

struct SheetRequest
{
    std::vector<SheetThing> things;
    SheetSettings settings;
    WeedingHelp weeding;
    /// Cards to choose from.
    std::vector<MaterialCard> materials;
    Process process = Process::KnifeVinyl;
    /// A quick look: one order of placing, and none of improving the run.
    bool is_quick = false;
    CancelToken cancel = {};
};

struct LaidThing
{
    /// Which thing, and which of its copies from 0.
    std::size_t thing = 0;
    int copy = 0;
    /// Its number among all things on all sheets, which SheetSettings::by_hand and ToolPath::design speak of.
    std::size_t number = 0;
    std::size_t sheet = 0;
    Placement place;
    /// As it lies, in mm; a border behind words is a thing of its own sheet.
    Outline on_sheet;
    Box box_mm;
    bool is_border = false;
};

struct PlannedSheet
{
    MaterialCard material;
    /// The whole sheet, or what is used of the roll.
    Box page_mm;
    double used_length_mm = 0.0;
    /// Ink, by what is used of the width and length.
    double covered = 0.0;
    /// In the maker's money; 0 where the card has no price.
    double cost = 0.0;
    /// Of the sheets above it on the same goods, the one it goes onto: crosses lie in the same place.
    std::optional<std::size_t> registered_with = {};
    Run run;
};

struct SheetPlan
{
    std::vector<PlannedSheet> sheets;
    std::vector<LaidThing> laid;
    /// Things that are larger than the sheet, with how many copies.
    std::vector<std::pair<std::size_t, int>> left_out;
    /// The ink by the width that can be used: no way of placing is shorter.
    double least_length_mm = 0.0;

    double usedLength_mm() const;
    double cutLength_mm() const;
    double airLength_mm() const;
    double duration_s() const;
    double cost() const;
    std::size_t parts() const;
};

/// Places, adds frames, crosses and lines, and orders the run; kerf, tabs, overcut and the way ahead of a drag knife come last.
/// Errors: NothingToCut without a thing; those of place() and offset().
Result<SheetPlan> planSheets(const SheetRequest& request);

/// The card of the settings with their own size, the first for the process where they name none, a plain roll where none is.
MaterialCard chosenMaterial(const std::vector<MaterialCard>& cards, const SheetSettings& settings,
                            Process process);

/// Where things of one sheet may be moved to by hand: made once, then asked as often as a hand moves.
class SheetMoves
{
public:
    SheetMoves(const SheetPlan& plan, const SheetSettings& settings, const WeedingHelp& weeding,
               std::size_t sheet);
    ~SheetMoves();

    /// False where the thing would lie on another, or beyond the edge; `laid` is one of this sheet.
    bool mayLie(std::size_t laid, const Placement& there) const;

private:
    struct Lying;
    std::unique_ptr<Lying> m_lying;
};

/// A sheet of the plan for a file.
SheetDrawing drawingOf(const SheetPlan& plan, std::size_t sheet, const std::string& title,
                       const std::string& rights);

/// What the process does to letters when nobody says otherwise.
Operation usualOperation(Process process);

} // namespace ink
