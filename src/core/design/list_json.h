// The list of names and the settings of the sheet and the paper pattern as JSON (docs/formats/job.md). Internal to the job's file.
#pragma once

#include "core/cut/pattern.h"
#include "core/cut/sheet_settings.h"
#include "core/design/name_list.h"
#include "core/stitch/stitch_settings.h"

#include <nlohmann/json_fwd.hpp>

namespace ink::detail {

nlohmann::ordered_json namesJson(const NameList& list);
/// Names beyond kMostNames are left out. Throws what the JSON library throws for values of another kind.
NameList namesFrom(const nlohmann::json& json);

nlohmann::ordered_json sheetJson(const SheetSettings& settings);
SheetSettings sheetFrom(const nlohmann::json& json);

nlohmann::ordered_json patternJson(const PatternSettings& settings);
PatternSettings patternFrom(const nlohmann::json& json);

nlohmann::ordered_json stitchesJson(const StitchSettings& settings);
StitchSettings stitchesFrom(const nlohmann::json& json);

} // namespace ink::detail
