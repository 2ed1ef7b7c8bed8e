#include "core/type/ownership_trial.h"

#include <algorithm>
#include <array>
#include <map>
#include <string_view>

namespace ink {
namespace {

/// Features that dress a letter.
bool isDecorative(const LetterForm& form)
{
    static constexpr std::array<std::string_view, 12> kDressing{
        "swsh", "cswh", "salt", "init", "medi", "fina", "falt", "titl", "hist", "ornm", "calt", "rand"};
    return form.feature.starts_with("ss") || form.feature.starts_with("cv") ||
           std::ranges::find(kDressing, form.feature) != kDressing.end();
}

OwnershipFigures compare(const std::map<std::uint32_t, std::u32string>& truth, const FormTable& guesses,
                         std::vector<OwnershipTrial::Wrong>* wrong)
{
    std::map<std::uint32_t, std::pair<std::u32string, double>> guessed;
    for (const auto& [first, forms] : guesses.all())
        for (const auto& form : forms)
            guessed.try_emplace(form.glyph_id, form.letters, form.confidence);
    OwnershipFigures figures;
    figures.told = truth.size();
    for (const auto& [glyph, letters] : truth) {
        const auto it = guessed.find(glyph);
        if (it == guessed.end())
            continue;
        ++figures.guessed;
        if (it->second.first == letters)
            ++figures.right;
        else if (wrong)
            wrong->push_back({glyph, letters, it->second.first, it->second.second});
    }
    return figures;
}

} // namespace

OwnershipTrial tryOwnership(const FontFace& face)
{
    std::map<std::uint32_t, std::u32string> truth;
    std::map<std::uint32_t, int> times;
    FormOptions told;
    told.reads_names = told.reads_shapes = false;
    const FormTable tables(face, told);
    for (const auto& [first, forms] : tables.all()) {
        if (first >= 0x80 || first == U' ')
            continue;
        for (const auto& form : forms)
            if (form.letters.size() == 1 && isDecorative(form) && form.glyph_id != face.glyphOf(first) &&
                !face.glyphOutline(form.glyph_id).empty() &&
                truth.try_emplace(form.glyph_id, form.letters).second)
                ++times[form.glyph_id];
            else if (const auto it = truth.find(form.glyph_id);
                     it != truth.end() && it->second != form.letters)
                ++times[form.glyph_id];
    }
    // A glyph that the font itself gives to several letters, or that has a key, has no one truth.
    std::erase_if(truth, [&](const auto& entry) { return times[entry.first] > 1; });
    for (char32_t c = 0x20; c < 0x3000; ++c)
        truth.erase(face.glyphOf(c));

    FormOptions hidden;
    hidden.reads_substitutions = false;
    OwnershipTrial trial;
    trial.by_names_and_shapes = compare(truth, FormTable(face, hidden), nullptr);
    hidden.reads_names = false;
    trial.by_shapes = compare(truth, FormTable(face, hidden), &trial.wrong);
    return trial;
}

} // namespace ink
