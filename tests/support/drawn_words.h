// Pictures of words as the shaper sets them, for tests of what is seen in a picture.
#pragma once

#include "core/match/picture_match.h"
#include "tests/support/environment.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <vector>

namespace ink::test {

struct Drawn
{
    double px_per_em = 120.0, turn_deg = 0.0;
    std::uint8_t paper = 240, ink = 30;
    int margin = 40;
};

/// Words as the shaper sets them, drawn by FreeType; every letter is a picture of its own.
inline Picture pictureOf(const char* font, const char* words, const Drawn& how = {})
{
    const auto face = *FontFace::open(test::demoFont(font));
    const auto set = *setWord(face, words);
    std::vector<InkPicture> letters;
    int left = 1 << 20, right = -left, bottom = left, top = -left;
    for (std::size_t i = 0; i < set.glyphs.size(); ++i) {
        auto letter = set.word.draw(i, how.px_per_em);
        letter.left += static_cast<int>(std::lround(set.word.letters[i].x_em * how.px_per_em));
        left = std::min(left, letter.left), right = std::max(right, letter.left + letter.width);
        bottom = std::min(bottom, letter.bottom), top = std::max(top, letter.bottom + letter.height);
        letters.push_back(std::move(letter));
    }
    const int width = right - left + 2 * how.margin, height = top - bottom + 2 * how.margin;
    Picture picture{width, height, std::vector<std::uint8_t>(static_cast<std::size_t>(width * height) * 3)};
    const double c = std::cos(how.turn_deg * std::numbers::pi / 180.0),
                 s = std::sin(how.turn_deg * std::numbers::pi / 180.0);
    for (int y = 0; y < height; ++y)
        for (int x = 0; x < width; ++x) {
            // Where this pixel lies on the line that is not turned, y up.
            const double dx = x - width / 2.0, dy = height / 2.0 - y;
            const int at_x = static_cast<int>(std::lround(c * dx + s * dy + (left + right) / 2.0)),
                      at_y = static_cast<int>(std::lround(-s * dx + c * dy + (bottom + top) / 2.0));
            int grey = 0;
            for (const auto& letter : letters)
                grey = std::max(grey, letter.at(at_x, at_y));
            const auto tone = static_cast<std::uint8_t>(how.paper + (how.ink - how.paper) * grey / 255);
            for (std::size_t k = 0; k < 3; ++k)
                picture.rgb[static_cast<std::size_t>(y * width + x) * 3 + k] = tone;
        }
    return picture;
}

/// Distance of the words in a font from the picture.
inline double distance(const PictureInk& ink, const char* font, const char* words)
{
    const auto match = PictureMatch::of(ink, words);
    return match->mostClosely(*setWord(*FontFace::open(test::demoFont(font)), match->words())).fit.distance;
}

} // namespace ink::test
