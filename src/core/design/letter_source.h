// Where shaped letters and their outlines come from: a font that is open, or what a project stored of one.
#pragma once

#include "core/alphabet/alphabet.h"
#include "core/design/font_ref.h"
#include "core/type/font_face.h"
#include "core/type/shape.h"

#include <functional>
#include <memory>
#include <string>
#include <string_view>
#include <vector>

namespace ink {

/// What a font says of itself.
struct LetterSourceInfo
{
    std::string name, version, copyright, licence;
    /// Content of its file, where that is known.
    std::string sha256;
};

/// Safe to use from several threads.
class LetterSource
{
public:
    virtual ~LetterSource() = default;

    /// Errors: those of shapeLine.
    virtual Result<ShapedLine> shape(std::string_view line, const ShapeOptions& options) const = 0;
    /// In font units, y up.
    virtual Paths outline(std::uint32_t glyph_id) const = 0;
    virtual std::string glyphName(std::uint32_t glyph_id) const = 0;
    virtual double advance_fu(std::uint32_t glyph_id) const = 0;
    virtual LetterSourceInfo info() const = 0;
    virtual double unitsPerEm() const = 0;
    virtual double lineSpacing_fu() const = 0;
    /// Of capitals, and of small letters without strokes up or down.
    virtual double capHeight_fu() const = 0;
    virtual double xHeight_fu() const = 0;
    /// False for what was stored: letters that were not stored cannot be set.
    virtual bool isWhole() const = 0;
    /// Glyphs that can stand as a tail below words (type/letter_forms.h). Slow for an open font.
    virtual std::vector<std::uint32_t> tails() const = 0;
    /// The stitches its letters come as; null for a font that is drawn.
    virtual std::shared_ptr<const Alphabet> alphabet() const { return nullptr; }
    /// The open font, null for what was stored.
    virtual std::shared_ptr<const FontFace> face() const { return nullptr; }
};

/// Hands out the source for a font, and opens it where it has to.
using FindLetters = std::function<Result<std::shared_ptr<const LetterSource>>(const FontRef&)>;

std::shared_ptr<const LetterSource> lettersOf(std::shared_ptr<const FontFace> face);
/// This font, whichever is asked for.
FindLetters alwaysLettersOf(std::shared_ptr<const FontFace> face);

} // namespace ink
