// The lettering as JSON (docs/formats/project.md). Internal to the job's file.
#pragma once

#include "core/design/lettering.h"

#include <nlohmann/json_fwd.hpp>

namespace ink::detail {

nlohmann::ordered_json fontJson(const FontRef& font);
FontRef fontFrom(const nlohmann::json& json);

nlohmann::ordered_json letteringJson(const Lettering& lettering);
/// Values outside what can be made fall back to the usual ones; motifs whose outline cannot be read are left
/// out. Throws what the JSON library throws for values of another kind.
Lettering letteringFrom(const nlohmann::json& json);

} // namespace ink::detail
