#include "core/rights/language.h"

#include <cld2/public/compact_lang_det.h>
#include <unicode/locid.h>

#include <algorithm>
#include <array>
#include <cctype>
#include <map>

namespace ink {
namespace {

std::string nameIn(const icu::Locale& language, const icu::Locale& in)
{
    icu::UnicodeString name;
    std::string out;
    return language.getDisplayLanguage(in, name).toUTF8String(out);
}

} // namespace

std::string unreadLanguageOf(std::string_view utf8)
{
    /// Longer texts tell no more.
    constexpr std::size_t kEnough = 4000;
    // Malay and Indonesian are told apart by few words; what is left out here is read as Indonesian.
    static constexpr std::array kRead{CLD2::ENGLISH,    CLD2::GERMAN,  CLD2::FRENCH,
                                      CLD2::SPANISH,    CLD2::ITALIAN, CLD2::PORTUGUESE,
                                      CLD2::INDONESIAN, CLD2::MALAY,   CLD2::UNKNOWN_LANGUAGE};
    const auto part = utf8.substr(0, kEnough);
    bool is_reliable = false;
    CLD2::Language three[3]{};
    int percent[3]{}, bytes = 0;
    // What of the last character is cut off is passed over by the detector.
    const auto language = CLD2::DetectLanguageSummary(part.data(), static_cast<int>(part.size()), true, three,
                                                      percent, &bytes, &is_reliable);
    if (!is_reliable || std::ranges::find(kRead, language) != kRead.end())
        return {};
    std::string name = CLD2::LanguageName(language);
    std::transform(std::next(name.begin()), name.end(), std::next(name.begin()),
                   [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    return name;
}

std::string languageNamed(std::string_view english, const std::string& in_locale)
{
    static const auto codes = [] {
        std::map<std::string, const char*, std::less<>> by_name;
        for (const char* const* code = icu::Locale::getISOLanguages(); *code; ++code)
            by_name.emplace(nameIn(icu::Locale(*code), icu::Locale::getEnglish()), *code);
        return by_name;
    }();
    const auto found = codes.find(english);
    return found == codes.end() ? std::string()
                                : nameIn(icu::Locale(found->second), icu::Locale(in_locale.c_str()));
}

} // namespace ink
