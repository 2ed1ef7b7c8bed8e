// What a face looks like, in few bytes: made once for each face, compared with thousands in a moment.
#pragma once

#include "core/type/font_face.h"
#include "core/type/ink_picture.h"

#include <array>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace ink {

/// Units of a sketch in an em.
inline constexpr double kSketchUnits = 1000.0;

/// One letter on a grid that fills its own box.
struct LetterSketch
{
    static constexpr int kCells = 32;

    char32_t letter = 0;
    /// Of the ink, and the advance, in 1/1000 em from the letter's origin.
    std::int16_t left = 0, bottom = 0, right = 0, top = 0, advance = 0;
    /// From the lowest row up; the lowest bit is the leftmost cell.
    std::array<std::uint32_t, kCells> rows{};

    bool isInk(int x, int y) const { return (rows[static_cast<std::size_t>(y)] >> x) & 1U; }
    friend bool operator==(const LetterSketch&, const LetterSketch&) = default;
};

struct FaceDescriptor
{
    /// Changes when faces are described in another way; kept ones are then made again.
    static constexpr int kVersion = 1;

    /// Of the common letters those the face has, in Unicode's order.
    std::vector<LetterSketch> letters;
    /// In 1/1000 em.
    std::int16_t x_height = 0, cap_height = 0;

    const LetterSketch* find(char32_t letter) const;
    friend bool operator==(const FaceDescriptor&, const FaceDescriptor&) = default;
};

/// Letters, digits, the ampersand and the commonest letters with marks.
std::u32string_view commonLetters();

/// At most 200 glyphs are drawn, however many the face has. Glyphs that cannot be drawn are left out.
FaceDescriptor descriptorOf(const FontFace& face);
/// Of outlines that somebody else sends. Units: em, at each letter's own origin.
struct NamedOutline
{
    char32_t letter = 0;
    double advance_em = 0.0;
    Paths outline_em;
};
FaceDescriptor descriptorOf(const std::vector<NamedOutline>& letters);

std::string bytesOf(const FaceDescriptor& descriptor);
/// Nothing when these are not the bytes of a descriptor of this version.
std::optional<FaceDescriptor> faceDescriptorFrom(std::string_view bytes);

/// The letter as ink again. Units: px for each em.
InkPicture drawnFrom(const LetterSketch& letter, double px_per_em);

} // namespace ink
