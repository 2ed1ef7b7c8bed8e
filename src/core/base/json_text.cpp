#include "core/base/json_text.h"

namespace ink {

nlohmann::json jsonFrom(std::string_view text)
{
    return nlohmann::json::parse(text, nullptr, false);
}

nlohmann::ordered_json orderedJsonFrom(std::string_view text)
{
    return nlohmann::ordered_json::parse(text, nullptr, false);
}

std::string jsonText(const nlohmann::json& json, int indent)
{
    return json.dump(indent, ' ', false, nlohmann::json::error_handler_t::replace);
}

std::string jsonText(const nlohmann::ordered_json& json, int indent)
{
    return json.dump(indent, ' ', false, nlohmann::ordered_json::error_handler_t::replace);
}

} // namespace ink
