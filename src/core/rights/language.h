// Which language a text is written in.
#pragma once

#include <string>
#include <string_view>

namespace ink {

/// The English name of the language of a text, when it is one whose permissions are not read ("Swedish");
/// empty for the seven that are, and where it cannot be told.
/// Source: Compact Language Detector 2.
std::string unreadLanguageOf(std::string_view utf8);

/// What a language is called in another: ("Swedish", "de") is "Schwedisch". Empty when `english` is the name of none.
/// Source: ICU, with the names of the Unicode Common Locale Data Repository.
std::string languageNamed(std::string_view english, const std::string& in_locale);

} // namespace ink
