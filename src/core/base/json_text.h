// JSON as text, and back. All readers and reports come here: the parser and the writer are templates of thousands of lines, and
// compiled once they take none of the others' time.
#pragma once

#include <nlohmann/json.hpp>

#include <string>
#include <string_view>

namespace ink {

/// What `text` says: a discarded value (`is_discarded()`, and neither object nor array) where it is no JSON.
nlohmann::json jsonFrom(std::string_view text);
/// The same, with members in the order of the text.
nlohmann::ordered_json orderedJsonFrom(std::string_view text);

inline constexpr int kOneLine = -1;

/// `json` as text in UTF-8 without an end of line, `indent` spaces a level or all in one line. Names of files may hold any bytes:
/// what is no UTF-8 becomes U+FFFD.
std::string jsonText(const nlohmann::json& json, int indent);
std::string jsonText(const nlohmann::ordered_json& json, int indent);

} // namespace ink
