#include "core/base/told.h"

namespace ink {
namespace {

constexpr std::string_view kPlace = "{}";

} // namespace

std::string filled(std::string_view form, std::initializer_list<std::string> parts)
{
    std::string text;
    for (const auto& part : parts) {
        const auto at = form.find(kPlace);
        if (at == std::string_view::npos)
            break;
        text += form.substr(0, at);
        text += part;
        form.remove_prefix(at + kPlace.size());
    }
    return text + std::string(form);
}

std::optional<std::vector<std::string>> partsOf(std::string_view form, std::string_view text)
{
    std::vector<std::string> parts;
    auto place = form.find(kPlace);
    if (!text.starts_with(form.substr(0, place)))
        return std::nullopt;
    if (place == std::string_view::npos)
        return text == form ? std::optional(parts) : std::nullopt;
    text.remove_prefix(place);
    while (place != std::string_view::npos) {
        form.remove_prefix(place + kPlace.size());
        place = form.find(kPlace);
        const auto between = form.substr(0, place);
        // What follows the last place is the end of the text.
        const auto end = place != std::string_view::npos ? text.find(between)
                         : text.ends_with(between)       ? text.size() - between.size()
                                                         : std::string_view::npos;
        if (end == std::string_view::npos)
            return std::nullopt;
        parts.emplace_back(text.substr(0, end));
        text.remove_prefix(end + between.size());
    }
    return parts;
}

} // namespace ink
