// From finished words to sheets: what lies where, on which material, and what the tool does.
#pragma once

#include "core/cut/material_card.h"
#include "core/cut/sheet_settings.h"
#include "core/design/handling.h"
#include "core/formats/sheet_file.h"
#include "core/proof/weeding.h"

#include <memory>
#include <string>
#include <vector>

namespace ink {

/// What is made alike of a thing, in the place it has in the whole.
struct ThingPart
{
    Handling handling;
    SharedOutline outline;
};

struct SheetThing
{
    std::string words;
    /// mm, mirrored already where it is to be.
    SharedOutline outline;
    double em_mm = 0.0;
    /// As the person calls it; empty for the job's material.
    std::string colour;
    int copies = 1;
    /// Where not all of it is made alike: all of it by how it is made.
    std::vector<ThingPart> parts = {};
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

/// Made alike, and done alike by the tool.
struct LaidPart
{
    Operation operation{};
    Outline on_sheet;
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
    /// What is of this sheet's material, as it lies, in mm.
    std::vector<LaidPart> parts;
    Box box_mm;
    bool is_border = false;
    /// What takes room for it before it is placed: the whole thing, whatever it is made of, with its border and frame.
    SharedOutline footprint;
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

/// A thing that is larger than its sheet.
struct ThingLeftOut
{
    std::size_t thing = 0;
    int copies = 1;
    /// The thing alone, and what it takes of a sheet with its border and frame.
    Box thing_mm, footprint_mm;
    /// What it was to lie on.
    std::string material;
    SheetSize sheet;
};

struct SheetPlan
{
    std::vector<PlannedSheet> sheets;
    std::vector<LaidThing> laid;
    std::vector<ThingLeftOut> left_out;
    /// Some of them would fit if they might be turned by a quarter.
    bool would_fit_turned = false;
    /// The ink by the width that can be used: no way of placing is shorter.
    double least_length_mm = 0.0;
    /// Some things are of more than one material: crosses tell where the sheets meet, and take room at the edges.
    bool has_crosses = false;

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

/// The card's sheet, with room for crosses where there are some.
SheetSize sizeOnSheet(const MaterialCard& material, bool has_crosses);

/// A sheet of the plan for a file.
SheetDrawing drawingOf(const SheetPlan& plan, std::size_t sheet, const std::string& title,
                       const std::string& rights);

/// What the process does to letters when nobody says otherwise.
Operation usualOperation(Process process);

} // namespace ink
