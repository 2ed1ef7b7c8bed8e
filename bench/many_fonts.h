// Many fonts made from one of the demo: the same letters, each under a name of its own.
#pragma once

#include "core/base/file_copy.h"
#include "core/base/file_output.h"

#include <array>
#include <cstdio>
#include <cstdlib>
#include <filesystem>
#include <string>

namespace ink::bench {

/// "Gatepost Plain" in the name table becomes "Gatepost000042".
inline std::string numbered(const std::string& font, int number)
{
    const auto utf16 = [](const std::string& text) {
        std::string wide;
        for (const char c : text) {
            wide += '\0';
            wide += c;
        }
        return wide;
    };
    std::array<char, 16> name{};
    std::snprintf(name.data(), name.size(), "Gatepost%06d", number);
    const std::string from = utf16("Gatepost Plain"), to = utf16(name.data());
    std::string out = font;
    for (auto at = out.find(from); at != std::string::npos; at = out.find(from, at + 1))
        out.replace(at, from.size(), to);
    return out;
}

/// Those from `first` up to, and without, `last`.
inline void writeFonts(const std::filesystem::path& demo_fonts, const std::filesystem::path& folder,
                       int first, int last)
{
    const std::string font = *readFile(demo_fonts / "GatepostPlain.ttf", 1 << 24);
    std::filesystem::create_directories(folder);
    for (int i = first; i < last; ++i)
        if (!writeBytes(folder / ("Gatepost" + std::to_string(i) + ".ttf"), numbered(font, i)))
            std::exit(1);
}

} // namespace ink::bench
