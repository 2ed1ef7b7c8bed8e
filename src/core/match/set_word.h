// The words of a picture as a font sets them.
#pragma once

#include "core/match/face_descriptor.h"
#include "core/match/word_likeness.h"

#include <memory>
#include <string>
#include <string_view>

namespace ink {

/// Lengths of more than a line tell no more than a word.
inline constexpr std::size_t kMostMatchLetters = 40;

struct SetWord
{
    WordInFont word;
    /// Of each letter of `word`: its glyph and the characters it stands for.
    struct Glyph
    {
        std::uint32_t glyph_id = 0;
        std::string characters;
    };
    std::vector<Glyph> glyphs;
    /// Null for outlines that somebody else sent.
    std::shared_ptr<const FontFace> face;
};

/// With the font's own kerning, ligatures and contextual forms; spaces are left out, their width stays.
/// Errors: NoGlyphs where the font lacks more than a third of the letters; those of shapeLine().
Result<SetWord> setWord(std::shared_ptr<const FontFace> face, std::string_view words);

/// Of a font file, opened for it. Errors: those of FontFace::open() beside them.
Result<SetWord> setWord(const std::filesystem::path& font, const FaceChoice& choice, std::string_view words);

/// From outlines of single letters, one behind the other. Their glyph numbers are places in `letters`.
/// Errors: NoGlyphs, TextNotUtf8.
Result<SetWord> setWord(std::shared_ptr<const std::vector<NamedOutline>> letters, std::string_view words);

/// From sketches alone, roughly; no letters where more than a third are missing.
WordInFont roughWord(const FaceDescriptor& face, const std::u32string& words);

/// A glyph of the face as ink. Units: px for each em.
InkPicture drawnGlyph(const FontFace& face, std::uint32_t glyph_id, double px_per_em);

} // namespace ink
