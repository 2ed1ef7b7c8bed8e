// Every form a font holds for its letters, wherever it keeps them, and the pieces that belong to no letter.
#pragma once

#include "core/type/font_face.h"
#include "core/type/substitutions.h"

#include <cstdint>
#include <map>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace ink {

/// Where a form was found.
enum class FormSource { Substitution, PrivateUse, Unencoded, Key };
/// Where in a word a form belongs.
enum class FormPlace { Anywhere, Beginning, Ending };

struct LetterForm
{
    std::uint32_t glyph_id = 0;
    std::string glyph_name;
    /// The key that leads to it, 0 when none does.
    char32_t character = 0;
    /// One letter, or those of a ligature.
    std::u32string letters;
    FormSource source = FormSource::Substitution;
    FormPlace place = FormPlace::Anywhere;
    /// For what the font substitutes: how to ask for it, and the font's word for it.
    std::string feature;
    unsigned value = 1;
    std::string feature_name;
    /// How sure it is that the form belongs to the letters: 1 where the font says so itself.
    double confidence = 1.0;
    /// Why, in plain words.
    std::string reason;
    /// As isSwash() has it.
    bool is_swash = false;
};

enum class PieceKind { Ornament, Tail };

/// A glyph that belongs to no letter.
struct LoosePiece
{
    std::uint32_t glyph_id = 0;
    std::string glyph_name;
    /// The key that leads to it, 0 when none does.
    char32_t character = 0;
    PieceKind kind = PieceKind::Ornament;
    /// In font units.
    Box ink_fu;
};

/// Glyphs that are tails by their form: wide, flat and drawn with many nodes, on keys of digits and symbols,
/// in the Private Use Area or on no key. Quick: no glyph is compared with another.
std::vector<LoosePiece> tailsOf(const FontFace& face);

/// What a person said about a glyph: the letters it belongs to, none for a piece.
using FormCorrections = std::map<std::uint32_t, std::u32string>;

/// Which sources a table may use, for measuring each by itself.
struct FormOptions
{
    FormCorrections corrections;
    bool reads_substitutions = true;
    bool reads_names = true;
    bool reads_shapes = true;
    /// Below this a glyph counts as a piece.
    double least_confidence = 0.8;
};

/// Safe to use from several threads once made. Making it draws every glyph without a letter: some ms a glyph.
class FormTable
{
public:
    explicit FormTable(const FontFace& face, const FormOptions& options = {});

    /// Forms whose letters `text` begins with: of single letters and of ligatures, the font's own first, then
    /// by confidence.
    std::vector<LetterForm> of(std::u32string_view text) const;
    const std::vector<LoosePiece>& pieces() const { return m_pieces; }
    /// All of them, by the first letter.
    const std::map<char32_t, std::vector<LetterForm>>& all() const { return m_forms; }

private:
    class LooseReader;

    void addSubstitutions(const FontFace& face, const FormCorrections& corrections);
    void addLoose(const FontFace& face, const FormOptions& options);
    void add(const FontFace& face, LetterForm form);
    bool isKnown(std::uint32_t glyph, std::u32string_view letters) const;

    std::map<char32_t, std::vector<LetterForm>> m_forms;
    std::vector<LoosePiece> m_pieces;
    /// Letters that each glyph stands for, by keys and by the font's tables.
    std::map<std::uint32_t, std::u32string> m_letters_of;
};

} // namespace ink
