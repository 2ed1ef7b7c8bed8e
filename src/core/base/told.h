// Sentences for people that are put together of parts. They are English text from then on, kept in reports, projects and on the
// shelf; the window finds the form in it again and says it in the person's language (docs/decisions/0017).
#pragma once

#include <initializer_list>
#include <optional>
#include <string>
#include <string_view>
#include <type_traits>
#include <vector>

namespace ink {

/// A sentence without places, marked for tools/translations.
constexpr std::string_view told(std::string_view sentence)
{
    return sentence;
}

/// `form` with its places {} filled from the left; what is left over is left out.
std::string filled(std::string_view form, std::initializer_list<std::string> parts);

/// What was put into the places of `form`, where `text` was made of it; of several ways, each part as short as can be.
std::optional<std::vector<std::string>> partsOf(std::string_view form, std::string_view text);

/// told("It unpacks to more than {} MB.", 40). Parts are whole numbers and text.
template <class... Parts>
std::string told(std::string_view form, const Parts&... parts) requires(sizeof...(Parts) > 0)
{
    const auto asText = [](const auto& part) {
        if constexpr (std::is_integral_v<std::decay_t<decltype(part)>>)
            return std::to_string(part);
        else
            return std::string(part);
    };
    return filled(form, {asText(parts)...});
}

} // namespace ink
