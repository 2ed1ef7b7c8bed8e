#include "core/design/letter_source.h"

#include "core/alphabet/alphabet_font.h"
#include "core/type/letter_forms.h"

#include <mutex>
#include <utility>

namespace ink {
namespace {

class FaceLetters : public LetterSource
{
public:
    explicit FaceLetters(std::shared_ptr<const FontFace> face) : m_face(std::move(face)) {}

    Result<ShapedLine> shape(std::string_view line, const ShapeOptions& options) const override
    {
        return shapeLine(*m_face, line, options);
    }
    Paths outline(std::uint32_t glyph_id) const override { return m_face->glyphOutline(glyph_id); }
    std::string glyphName(std::uint32_t glyph_id) const override { return m_face->glyphName(glyph_id); }
    double advance_fu(std::uint32_t glyph_id) const override { return m_face->advance_fu(glyph_id); }
    LetterSourceInfo info() const override
    {
        const auto& i = m_face->info();
        return {i.readableName(), i.version, i.copyright, i.licence, {}};
    }
    double unitsPerEm() const override { return m_face->info().units_per_em; }
    double lineSpacing_fu() const override { return m_face->lineSpacing_fu(); }
    double capHeight_fu() const override { return m_face->capHeight_fu(); }
    double xHeight_fu() const override { return m_face->xHeight_fu(); }
    bool isWhole() const override { return true; }
    std::vector<std::uint32_t> tails() const override
    {
        std::vector<std::uint32_t> glyphs;
        for (const auto& piece : tailsOf(*m_face))
            glyphs.push_back(piece.glyph_id);
        return glyphs;
    }
    std::shared_ptr<const FontFace> face() const override { return m_face; }
    std::shared_ptr<const Alphabet> alphabet() const override
    {
        if (!m_face->info().isSewn())
            return nullptr;
        std::call_once(m_stitches_read, [this] {
            if (auto read = alphabetIn(*m_face)) // what cannot be read is sewn as it is drawn
                m_alphabet = std::move(*read);
        });
        return m_alphabet;
    }

private:
    std::shared_ptr<const FontFace> m_face;
    mutable std::once_flag m_stitches_read;
    mutable std::shared_ptr<const Alphabet> m_alphabet;
};

} // namespace

std::shared_ptr<const LetterSource> lettersOf(std::shared_ptr<const FontFace> face)
{
    return std::make_shared<FaceLetters>(std::move(face));
}

FindLetters alwaysLettersOf(std::shared_ptr<const FontFace> face)
{
    return [source = lettersOf(std::move(face))](
               const FontRef&) -> Result<std::shared_ptr<const LetterSource>> { return source; };
}

} // namespace ink
