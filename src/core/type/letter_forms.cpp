#include "core/type/letter_forms.h"

#include "core/base/told.h"
#include "core/type/glyph_names.h"
#include "core/type/key_map.h"
#include "core/type/letter_likeness.h"
#include "core/type/shape.h"
#include "core/type/substitutions.h"
#include "core/type/swash.h"

#include <hb-ot.h>
#include <unicode/uchar.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <set>

namespace ink {
namespace {

/// Reaching further than this to one side, in em, a form belongs at that end.
constexpr double kSideReach_em = 0.12;
/// Tails are wide and flat (common practice, no source for the figures).
constexpr double kTailWidth_em = 0.6;
constexpr double kTailFlatness = 1.8;
/// A drawn tail has more nodes than the strokes of dashes and bars.
constexpr std::size_t kTailNodes = 8;

/// Source: OpenType 1.9, `GDEF` glyph class 3.
bool isMarkGlyph(const FontFace& face, std::uint32_t glyph)
{
    return hb_ot_layout_get_glyph_class(hb_font_get_face(face.handle()), glyph) ==
           HB_OT_LAYOUT_GLYPH_CLASS_MARK;
}

/// Source: Unicode, general categories Mn, Mc and Me.
bool isCombining(char32_t character)
{
    return (U_GET_GC_MASK(static_cast<UChar32>(character)) & U_GC_M_MASK) != 0;
}

/// Substitutions that fit languages and compose characters: no choice of the person.
bool isChoice(const Substitution& s)
{
    static constexpr std::array<std::string_view, 6> kOthers{"ccmp", "locl", "vert", "vrt2", "vkna", "ljmo"};
    return std::ranges::find(kOthers, s.feature) == kOthers.end();
}

bool contains(const std::string& text, std::initializer_list<std::string_view> words)
{
    return std::ranges::any_of(words, [&](auto word) { return text.find(word) != std::string::npos; });
}

std::string textOf(std::u32string_view letters)
{
    std::string text;
    for (const char32_t c : letters)
        text += toUtf8(c);
    return text;
}

bool isLetterOrDigit(char32_t c)
{
    return (c >= U'0' && c <= U'9') || (c >= U'A' && c <= U'Z') || (c >= U'a' && c <= U'z') || c >= 0xC0;
}

/// Keys that makers put tails on: digits and symbols of the plain keyboard.
bool mayHoldTail(char32_t character)
{
    return character < 0x80 && !((character | 0x20) >= U'a' && (character | 0x20) <= U'z');
}

/// Other drawings first; ornaments on a letter's key, and what only "all forms" names, come last.
bool isLast(const LetterForm& form)
{
    return form.feature == "aalt" || form.feature == "ornm";
}

FormPlace placeOf(const LetterForm& form, const Box& plain, const Box& drawn, double units_per_em)
{
    if (form.feature == "init" || contains(form.glyph_name, {".init", ".beg", ".start", "begin"}))
        return FormPlace::Beginning;
    if (form.feature == "fina" || form.feature == "falt" ||
        contains(form.glyph_name, {".fin", ".end", "ending"}))
        return FormPlace::Ending;
    const double left = (plain.x0 - drawn.x0) / units_per_em, right = (drawn.x1 - plain.x1) / units_per_em;
    if (std::max(left, right) < kSideReach_em || std::abs(left - right) < kSideReach_em / 2)
        return FormPlace::Anywhere;
    return left > right ? FormPlace::Beginning : FormPlace::Ending;
}

std::optional<PieceKind> pieceKind(const Paths& paths, double units_per_em)
{
    const Box ink = bounds(paths);
    if (ink.isEmpty())
        return {};
    const bool is_tail = ink.width() > kTailWidth_em * units_per_em &&
                         ink.width() > kTailFlatness * ink.height() && nodeCount(paths) >= kTailNodes;
    return is_tail ? PieceKind::Tail : PieceKind::Ornament;
}

} // namespace

std::vector<LoosePiece> tailsOf(const FontFace& face)
{
    std::map<std::uint32_t, char32_t> keys;
    for (const auto& key : keyMapOf(face).characters)
        keys.try_emplace(key.glyph_id, key.character);
    std::vector<LoosePiece> tails;
    for (std::uint32_t glyph = 1; glyph < face.glyphCount(); ++glyph) {
        const auto key = keys.find(glyph);
        const char32_t character = key == keys.end() ? 0 : key->second;
        if (character != 0 && !isPrivateUse(character) && !mayHoldTail(character))
            continue;
        const auto paths = face.glyphOutline(glyph);
        const auto name = face.glyphName(glyph);
        // A wide letter without a key is a letter all the same.
        if (pieceKind(paths, face.info().units_per_em) == PieceKind::Tail &&
            (character != 0 || !readGlyphName(name)))
            tails.push_back({glyph, name, character, PieceKind::Tail, bounds(paths)});
    }
    return tails;
}

FormTable::FormTable(const FontFace& face, const FormOptions& options)
{
    for (const auto& key : keyMapOf(face).characters)
        if (!isPrivateUse(key.character))
            m_letters_of.try_emplace(key.glyph_id, std::u32string(1, key.character));
    for (const auto& [glyph, letters] : options.corrections)
        m_letters_of.erase(glyph);
    if (options.reads_substitutions)
        addSubstitutions(face, options.corrections);
    addLoose(face, options);
    for (auto& [first, forms] : m_forms)
        std::ranges::stable_sort(forms, [](const LetterForm& a, const LetterForm& b) {
            return std::tuple(a.source != FormSource::Substitution, isLast(a), -a.confidence) <
                   std::tuple(b.source != FormSource::Substitution, isLast(b), -b.confidence);
        });
}

bool FormTable::isKnown(std::uint32_t glyph, std::u32string_view letters) const
{
    const auto it = m_forms.find(letters.front());
    return it != m_forms.end() && std::ranges::any_of(it->second, [&](const LetterForm& f) {
               return f.glyph_id == glyph && f.letters == letters;
           });
}

void FormTable::add(const FontFace& face, LetterForm form)
{
    const auto plain = bounds(face.glyphOutline(face.glyphOf(form.letters.front())));
    const auto drawn = bounds(face.glyphOutline(form.glyph_id));
    const double units_per_em = face.info().units_per_em;
    form.glyph_name = face.glyphName(form.glyph_id);
    form.place = placeOf(form, plain, drawn, units_per_em);
    // A ligature is wider than its first letter without being a swash for it.
    form.is_swash =
        isSwash(form.feature, form.glyph_name, form.letters.size() == 1 ? plain : drawn, drawn, units_per_em);
    m_forms[form.letters.front()].push_back(std::move(form));
}

void FormTable::addSubstitutions(const FontFace& face, const FormCorrections& corrections)
{
    auto all = substitutionsOf(face);
    std::erase_if(
        all, [&](const Substitution& s) { return !isChoice(s) || s.to == 0 || corrections.contains(s.to); });
    // "All forms" repeats what other features say better.
    std::stable_partition(all.begin(), all.end(), [](const Substitution& s) { return s.feature != "aalt"; });
    std::map<std::string, std::string> names;
    // A form of a form is a form of the letter: until nothing new is reached.
    for (bool grew = true; grew;) {
        grew = false;
        for (const auto& s : all) {
            std::u32string letters;
            for (const auto glyph : s.from) {
                const auto it = m_letters_of.find(glyph);
                if (it == m_letters_of.end())
                    break;
                letters += it->second;
            }
            const bool is_complete =
                std::ranges::all_of(s.from, [&](auto g) { return m_letters_of.contains(g); });
            if (!is_complete || letters.empty() || letters.size() > 8 || isKnown(s.to, letters))
                continue;
            const auto own = m_letters_of.find(s.to);
            if (own != m_letters_of.end() && own->second == letters)
                continue; // back to the plain letter
            if (!names.contains(s.feature))
                names[s.feature] = featureName(face, s.feature);
            LetterForm form;
            form.glyph_id = s.to;
            form.letters = letters;
            form.feature = s.feature;
            form.value = s.value;
            form.feature_name = names[s.feature];
            form.reason = told("the font exchanges it for “{}”", textOf(letters));
            add(face, std::move(form));
            m_letters_of.try_emplace(s.to, letters);
            grew = true;
        }
    }
}

/// What tells which letters a glyph belongs to that the font's tables do not place.
class FormTable::LooseReader
{
public:
    LooseReader(const FontFace& face, const FormOptions& options) : m_face(face), m_options(options)
    {
        for (const auto& key : keyMapOf(face).characters) {
            m_keys.try_emplace(key.glyph_id, key.character);
            if (isLetterOrDigit(key.character) && !isPrivateUse(key.character))
                m_own_names.try_emplace(face.glyphName(key.glyph_id), key.character);
        }
    }

    char32_t keyOf(std::uint32_t glyph) const
    {
        const auto key = m_keys.find(glyph);
        return key == m_keys.end() ? 0 : key->second;
    }

    /// False for a mark, which stands on letters by itself.
    bool readName(LetterForm& form) const
    {
        const auto known = [&](std::string_view part) {
            const auto it = m_own_names.find(part);
            return it == m_own_names.end() ? char32_t(0) : it->second;
        };
        const std::string name = m_face.glyphName(form.glyph_id);
        const auto reading = readGlyphName(name, known);
        if (isMarkGlyph(m_face, form.glyph_id) ||
            (reading && std::ranges::all_of(reading->letters, isCombining)))
            return false;
        const bool has_letters = reading && std::ranges::all_of(reading->letters, [&](char32_t c) {
                                     return isLetterOrDigit(c) && !isPrivateUse(c) && m_face.hasCharacter(c);
                                 });
        if (has_letters) {
            form.letters = reading->letters;
            form.confidence = reading->by_rule ? 0.97 : 0.85;
            form.reason = told("it is named {}", name);
        }
        return true;
    }

    void readShape(LetterForm& form, const Paths& paths)
    {
        if (!m_likeness)
            m_likeness.emplace(m_face);
        const auto alike = m_likeness->of(paths);
        if (!alike || alike->confidence() < m_options.least_confidence)
            return;
        form.letters = alike->letter;
        form.confidence = alike->confidence();
        form.reason =
            told("{} % of “{}” lies within it", std::lround(alike->covered * 100), textOf(form.letters));
    }

private:
    const FontFace& m_face;
    const FormOptions& m_options;
    std::map<std::string, char32_t, std::less<>> m_own_names;
    std::map<std::uint32_t, char32_t> m_keys;
    /// Made when the first glyph has to be compared.
    std::optional<LetterLikeness> m_likeness;
};

void FormTable::addLoose(const FontFace& face, const FormOptions& options)
{
    std::set<std::uint32_t> placed;
    for (const auto& [first, forms] : m_forms)
        for (const auto& form : forms)
            placed.insert(form.glyph_id);
    LooseReader reader(face, options);
    for (std::uint32_t glyph = 1; glyph < face.glyphCount(); ++glyph) {
        const char32_t character = reader.keyOf(glyph);
        const bool is_private = character != 0 && isPrivateUse(character);
        const auto correction = options.corrections.find(glyph);
        const bool is_corrected = correction != options.corrections.end();
        if (placed.contains(glyph) && !is_corrected)
            continue;
        const auto paths = face.glyphOutline(glyph);
        const auto kind = pieceKind(paths, face.info().units_per_em);
        if (!kind)
            continue;
        const LoosePiece piece{glyph, face.glyphName(glyph), character, *kind, bounds(paths)};
        LetterForm form;
        form.glyph_id = glyph;
        form.character = character;
        form.source = is_private         ? FormSource::PrivateUse
                      : (character == 0) ? FormSource::Unencoded
                                         : FormSource::Key;
        if (is_corrected) {
            form.letters = correction->second;
            form.reason = told("you said so");
        } else if (character != 0 && !is_private) {
            // A key of its own: a letter, unless it is a digit or a symbol that holds a tail.
            if (mayHoldTail(character) && *kind == PieceKind::Tail)
                m_pieces.push_back(piece);
            continue;
        } else {
            if (options.reads_names && !reader.readName(form))
                continue;
            if (form.letters.empty() && options.reads_shapes && *kind != PieceKind::Tail)
                reader.readShape(form, paths);
        }
        if (form.letters.empty())
            m_pieces.push_back(piece);
        else
            add(face, std::move(form));
    }
}

std::vector<LetterForm> FormTable::of(std::u32string_view text) const
{
    std::vector<LetterForm> found;
    if (text.empty())
        return found;
    if (const auto it = m_forms.find(text.front()); it != m_forms.end())
        std::ranges::copy_if(it->second, std::back_inserter(found),
                             [&](const LetterForm& form) { return text.starts_with(form.letters); });
    return found;
}

} // namespace ink
