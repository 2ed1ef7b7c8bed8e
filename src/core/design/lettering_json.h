// The lettering as JSON (docs/formats/project.md). Internal to the job's file.
#pragma once

#include "core/design/lettering.h"

#include <nlohmann/json_fwd.hpp>

namespace ink::detail {

nlohmann::ordered_json fontJson(const FontRef& font);
FontRef fontFrom(const nlohmann::json& json);

/// `at` is the character.
nlohmann::ordered_json letterJson(std::size_t character, const LetterChoice& choice);
LetterChoice letterFrom(const nlohmann::json& json);

nlohmann::ordered_json motifJson(const std::string& id, const MotifDrawing& motif);
std::optional<MotifDrawing> motifFrom(const nlohmann::json& json);

nlohmann::ordered_json mendingJson(const Mending& mending);
/// Nothing for a kind that this version does not know.
std::optional<Mending> mendingFrom(const nlohmann::json& json);

nlohmann::ordered_json letteringJson(const Lettering& lettering);
/// Values outside what can be made fall back to the usual ones; motifs whose outline cannot be read are left
/// out. Throws what the JSON library throws for values of another kind.
Lettering letteringFrom(const nlohmann::json& json);

} // namespace ink::detail
