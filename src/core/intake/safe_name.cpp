#include "core/intake/safe_name.h"

#include <unicode/unistr.h>

#include <algorithm>
#include <array>
#include <cstdio>

namespace ink {

CheckedName checkName(std::string_view name)
{
    constexpr std::size_t kLongestPart = 200, kLongestName = 1000;
    std::string text(name);
    std::ranges::replace(text, '\\', '/');
    if (text.empty())
        return {{}, "It has no name."};
    if (std::ranges::any_of(text, [](unsigned char c) { return c < 32 || c == 127; }))
        return {{}, "Its name holds a line break or another control character."};
    if (text.front() == '/' || (text.size() > 1 && text[1] == ':'))
        return {{}, "Its name points to a fixed place outside the folder."};
    if (text.size() > kLongestName)
        return {{}, "Its name is too long."};
    std::filesystem::path path;
    for (std::size_t at = 0; at <= text.size();) {
        const auto slash = std::min(text.find('/', at), text.size());
        const std::string part = text.substr(at, slash - at);
        at = slash + 1;
        if (part.empty() || part == ".")
            continue;
        if (part == "..")
            return {{}, "Its name climbs out of the folder."};
        if (part.size() > kLongestPart)
            return {{}, "Its name is too long."};
        path /= part;
    }
    if (path.empty())
        return {{}, "It has no name."};
    return {path, {}};
}

std::string shownName(std::string_view name)
{
    const auto text =
        icu::UnicodeString::fromUTF8(icu::StringPiece(name.data(), static_cast<int>(name.size())));
    std::string utf8, out;
    text.toUTF8String(utf8);
    for (const unsigned char c : utf8) {
        if (c == '\n') {
            out += "\\n";
        } else if (c < 32 || c == 127) {
            std::array<char, 8> code{};
            std::snprintf(code.data(), code.size(), "\\x%02x", static_cast<unsigned>(c));
            out += code.data();
        } else {
            out += static_cast<char>(c);
        }
    }
    return out;
}

std::filesystem::path freeName(const std::filesystem::path& path)
{
    std::filesystem::path free = path;
    std::error_code problem;
    for (int n = 2; std::filesystem::exists(std::filesystem::symlink_status(free, problem)); ++n)
        free =
            path.parent_path() / (path.stem().string() + " " + std::to_string(n) + path.extension().string());
    return free;
}

bool isBelow(const std::filesystem::path& path, const std::filesystem::path& root)
{
    std::error_code problem;
    const auto real = std::filesystem::canonical(path, problem);
    const auto real_root = problem ? std::filesystem::path() : std::filesystem::canonical(root, problem);
    if (problem)
        return false;
    const auto relative = real.lexically_relative(real_root);
    return !relative.empty() && *relative.begin() != "..";
}

} // namespace ink
