// What lies on the machine: a card for each roll or sheet that the maker keeps (docs/formats/material.md).
#pragma once

#include "core/base/result.h"
#include "core/cut/run_time.h"
#include "core/cut/sheet.h"
#include "core/process/process.h"

#include <filesystem>
#include <iosfwd>
#include <string>
#include <vector>

namespace ink {

/// How it looks on the screen.
enum class Surface { Matt, Gloss, Wood, Paper, Cloth };

struct MaterialCard
{
    /// Names its file; small letters, digits and hyphens.
    std::string id;
    /// "Matt vinyl, red, roll 305 mm".
    std::string name;
    SheetSize sheet;
    /// "#b3352a".
    std::string colour = "#c9c2b4";
    Surface surface = Surface::Matt;
    /// Of a square metre, in the maker's own money; 0 where it is not known.
    double price_per_m2 = 0.0;
    std::vector<Process> processes;
    MachinePace pace;
    /// What the maker noted of pressure, blade or power.
    std::string note;

    friend bool operator==(const MaterialCard&, const MaterialCard&) = default;
};

void writeMaterialCard(std::ostream& out, const MaterialCard& card);
/// Figures out of range become the usual ones; a field that is not known is left alone.
/// Errors: DocumentDamaged for what is no card, or has no name.
Result<MaterialCard> readMaterialCard(std::string_view json, const std::string& id);

/// The few that ship with the application.
std::vector<MaterialCard> shippedMaterials();
/// Those of a folder, by name; what cannot be read is told in `faults`, and the others come all the same.
std::vector<MaterialCard> materialsIn(const std::filesystem::path& folder, std::vector<Error>& faults);
/// Those of the person in place of shipped ones of the same id.
std::vector<MaterialCard> allMaterials(const std::filesystem::path& own, std::vector<Error>& faults);

/// The card of this id, or name; null where none is.
const MaterialCard* materialCalled(const std::vector<MaterialCard>& cards, std::string_view words);

bool isFor(const MaterialCard& card, Process process);
/// The first that is for the process.
const MaterialCard* materialFor(const std::vector<MaterialCard>& cards, Process process);

/// What a stretch of it costs; 0 where the price is not known.
double costOf(const MaterialCard& card, double used_length_mm);

} // namespace ink
