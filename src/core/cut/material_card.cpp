#include "core/cut/material_card.h"

#include "core/base/text.h"

#include "core/base/file_output.h"
#include "core/base/json_text.h"
#include "core/cut/material_texts.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <ostream>

namespace ink {
namespace {

constexpr std::array<std::string_view, 5> kSurfaces{"matt", "gloss", "wood", "paper", "cloth"};
constexpr std::array<std::string_view, 13> kShipped{
    "matt-vinyl-red", "matt-vinyl-black",  "heat-transfer-red", "heat-transfer-white", "card-cream",
    "poplar-ply",     "poplar-ply-long",   "stencil-film-a4",   "stencil-film-roll",   "paper-a4",
    "paper-roll",     "cotton-stabilised", "felt-ochre",
};
constexpr std::size_t kMostCard_bytes = 100000;
constexpr std::size_t kMostText = 500;

bool isColour(std::string_view text)
{
    return text.size() == 7 && text.front() == '#' &&
           text.find_first_not_of("0123456789abcdefABCDEF", 1) == std::string_view::npos;
}

/// The value where it lies between the two, else the usual one.
double figure(const nlohmann::json& from, const char* name, double usual, double least, double most)
{
    const double value = from.value(name, usual);
    return value >= least && value <= most ? value : usual;
}

std::string text(const nlohmann::json& from, const char* name, std::string usual)
{
    return from.value(name, std::move(usual)).substr(0, kMostText);
}

MachinePace paceFrom(const nlohmann::json& json)
{
    MachinePace pace;
    pace.cut_mm_s = figure(json, "cut_mm_s", pace.cut_mm_s, 0.1, 5000.0);
    pace.travel_mm_s = figure(json, "travel_mm_s", pace.travel_mm_s, 0.1, 5000.0);
    pace.acceleration_mm_s2 = figure(json, "acceleration_mm_s2", pace.acceleration_mm_s2, 1.0, 50000.0);
    pace.lift_s = figure(json, "lift_s", pace.lift_s, 0.0, 10.0);
    pace.passes = int(figure(json, "passes", pace.passes, 1, 20));
    return pace;
}

MaterialCard cardFrom(const nlohmann::json& json, const std::string& id)
{
    MaterialCard card;
    card.id = id;
    card.name = text(json, "name", {});
    const bool is_roll = json.value("form", "sheet") == "roll";
    SheetSize& sheet = card.sheet;
    sheet.width_mm = figure(json, "width_mm", sheet.width_mm, kLeastSheet_mm, kMostSheetWidth_mm);
    sheet.length_mm = is_roll ? 0.0 : figure(json, "length_mm", 300.0, kLeastSheet_mm, kMostRoll_mm);
    const double shorter = is_roll ? sheet.width_mm : std::min(sheet.width_mm, sheet.length_mm);
    sheet.margin_mm = figure(json, "margin_mm", std::min(5.0, shorter / 4.0), 0.0, shorter * 0.49);
    if (const auto colour = json.value("colour", card.colour); isColour(colour))
        card.colour = colour;
    if (const auto surface = std::ranges::find(kSurfaces, json.value("surface", "matt"));
        surface != kSurfaces.end())
        card.surface = Surface(surface - kSurfaces.begin());
    card.price_per_m2 = figure(json, "price_per_m2", 0.0, 0.0, 1e6);
    for (const auto& name : json.value("processes", nlohmann::json::array()))
        if (const auto known = std::ranges::find(allProcesses(), name.get<std::string>(), &ProcessInfo::id);
            known != allProcesses().end())
            card.processes.push_back(known->process);
    card.pace = paceFrom(json.value("pace", nlohmann::json::object()));
    card.note = text(json, "note", {});
    return card;
}

} // namespace

void writeMaterialCard(std::ostream& out, const MaterialCard& card)
{
    auto processes = nlohmann::ordered_json::array();
    for (const auto process : card.processes)
        processes.push_back(infoOf(process).id);
    nlohmann::ordered_json json{
        {"format", "under-ink-material"},
        {"version", 1},
        {"name", card.name},
        {"form", card.sheet.isRoll() ? "roll" : "sheet"},
        {"width_mm", card.sheet.width_mm},
        {"margin_mm", card.sheet.margin_mm},
        {"colour", card.colour},
        {"surface", kSurfaces[std::size_t(card.surface)]},
        {"price_per_m2", card.price_per_m2},
        {"processes", processes},
        {"pace",
         {{"cut_mm_s", card.pace.cut_mm_s},
          {"travel_mm_s", card.pace.travel_mm_s},
          {"acceleration_mm_s2", card.pace.acceleration_mm_s2},
          {"lift_s", card.pace.lift_s},
          {"passes", card.pace.passes}}},
    };
    if (!card.sheet.isRoll())
        json["length_mm"] = card.sheet.length_mm;
    if (!card.note.empty())
        json["note"] = card.note;
    out << jsonText(json, 2) << '\n';
}

Result<MaterialCard> readMaterialCard(std::string_view json_text, const std::string& id)
{
    const auto json = jsonFrom(json_text);
    try {
        if (!json.is_object() || json.value("format", "") != "under-ink-material")
            return fail(ErrorCode::DocumentDamaged, id, "it is no material card");
        auto card = cardFrom(json, id);
        if (card.name.empty())
            return fail(ErrorCode::DocumentDamaged, id, "the card has no name");
        return card;
    } catch (const nlohmann::json::exception&) { // something in it is of another kind than it should be
        return fail(ErrorCode::DocumentDamaged, id, "a field of the card is of the wrong kind");
    }
}

std::vector<MaterialCard> shippedMaterials()
{
    std::vector<MaterialCard> out;
    for (const auto id : kShipped)
        if (auto card = readMaterialCard(materialText(id), std::string(id)))
            out.push_back(std::move(*card));
    return out;
}

std::vector<MaterialCard> materialsIn(const std::filesystem::path& folder, std::vector<Error>& faults)
{
    std::vector<MaterialCard> out;
    std::error_code error;
    for (std::filesystem::directory_iterator at(folder, error), end; !error && at != end;
         at.increment(error)) {
        if (at->path().extension() != ".json")
            continue;
        const auto bytes = readFile(at->path(), kMostCard_bytes);
        auto card = bytes ? readMaterialCard(*bytes, at->path().stem().string())
                          : Result<MaterialCard>(fail(bytes.error()));
        if (card) {
            out.push_back(std::move(*card));
        } else {
            faults.push_back(card.error());
            faults.back().subject = at->path().string();
        }
    }
    std::ranges::sort(out, {}, &MaterialCard::name);
    return out;
}

std::vector<MaterialCard> allMaterials(const std::filesystem::path& own, std::vector<Error>& faults)
{
    auto out = shippedMaterials();
    for (auto& card : materialsIn(own, faults)) {
        const auto same = std::ranges::find(out, card.id, &MaterialCard::id);
        if (same == out.end())
            out.push_back(std::move(card));
        else
            *same = std::move(card);
    }
    return out;
}

const MaterialCard* materialCalled(const std::vector<MaterialCard>& cards, std::string_view words)
{
    const std::string word = lowered(words);
    const auto found = std::ranges::find_if(
        cards, [&](const MaterialCard& card) { return card.id == word || lowered(card.name) == word; });
    return found == cards.end() ? nullptr : &*found;
}

bool isFor(const MaterialCard& card, Process process)
{
    return std::ranges::find(card.processes, process) != card.processes.end();
}

const MaterialCard* materialFor(const std::vector<MaterialCard>& cards, Process process)
{
    const auto found =
        std::ranges::find_if(cards, [&](const MaterialCard& card) { return isFor(card, process); });
    return found == cards.end() ? nullptr : &*found;
}

double costOf(const MaterialCard& card, double used_length_mm)
{
    return card.price_per_m2 * card.sheet.width_mm * used_length_mm / 1e6;
}

} // namespace ink
