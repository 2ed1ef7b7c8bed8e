#include "core/design/lettering.h"

#include <algorithm>
#include <set>

namespace ink {

const LetterChoice& Lettering::letter(std::size_t character) const
{
    static const LetterChoice kNothing;
    const auto it = letters.find(character);
    return it == letters.end() ? kNothing : it->second;
}

const Block& Lettering::block(std::size_t index) const
{
    static const Block kUsual;
    return index < blocks.size() ? blocks[index] : kUsual;
}

std::string motifOf(Lettering& lettering, const MotifDrawing& drawing)
{
    for (const auto& [known, motif] : lettering.motifs)
        if (motif == drawing)
            return known;
    for (int n = 1;; ++n) {
        auto name = "m" + std::to_string(n);
        if (lettering.motifs.emplace(name, drawing).second)
            return name;
    }
}

void keepNear(Lettering& lettering)
{
    const auto keep = [](double& em) { em = std::clamp(em, -kFurthest_em, kFurthest_em); };
    for (auto& [character, choice] : lettering.letters)
        for (auto* em : {&choice.dx_em, &choice.dy_em, &choice.before_em})
            keep(*em);
    for (auto& block : lettering.blocks)
        keep(block.dx_em), keep(block.dy_em);
    for (auto& piece : lettering.pieces)
        keep(piece.x_em), keep(piece.y_em);
    for (auto& guide : lettering.guides)
        keep(guide.at_em);
}

void tidy(Lettering& lettering)
{
    std::erase_if(lettering.letters, [](const auto& entry) { return entry.second == LetterChoice(); });
    while (!lettering.blocks.empty() && lettering.blocks.back() == Block())
        lettering.blocks.pop_back();
    std::set<std::string> used;
    for (const auto& [character, choice] : lettering.letters)
        used.insert(choice.motif);
    for (const auto& piece : lettering.pieces)
        used.insert(piece.motif);
    for (const auto& block : lettering.blocks)
        used.insert(block.tail_motif);
    std::erase_if(lettering.motifs, [&](const auto& entry) { return !used.contains(entry.first); });
}

std::vector<std::size_t> blocksOf(std::u32string_view words)
{
    std::vector<std::size_t> blocks(words.size());
    std::size_t block = 0;
    bool has_letters = false, line_is_empty = true;
    for (std::size_t i = 0; i < words.size(); ++i) {
        if (words[i] == U'\n') {
            blocks[i] = block;
            if (line_is_empty && has_letters) {
                ++block;
                has_letters = false;
            }
            line_is_empty = true;
            continue;
        }
        blocks[i] = block;
        if (words[i] != U' ' && words[i] != U'\r') {
            line_is_empty = false;
            has_letters = true;
        }
    }
    return blocks;
}

void replaceCharacters(Lettering& lettering, std::u32string_view words, std::size_t at, std::size_t removed,
                       std::u32string_view inserted)
{
    at = std::min(at, words.size());
    removed = std::min(removed, words.size() - at);
    std::u32string after(words.substr(0, at));
    after += inserted;
    after += words.substr(at + removed);
    const auto placeAfter = [&](std::size_t character) -> std::optional<std::size_t> {
        if (character < at)
            return character;
        if (character < at + removed)
            return {};
        return character - removed + inserted.size();
    };

    std::map<std::size_t, LetterChoice> letters;
    for (auto& [character, choice] : lettering.letters) {
        const auto place = placeAfter(character);
        if (!place)
            continue;
        // A form for several letters goes when one of them does.
        const std::size_t end = choice.worn ? character + choice.worn->characters : 0;
        if (choice.worn && character < at && end > at)
            choice.worn.reset();
        letters.emplace(*place, std::move(choice));
    }
    // Typed letters continue the font of the letter before them.
    if (at > 0)
        if (const auto before = letters.find(at - 1); before != letters.end() && before->second.font)
            for (std::size_t i = 0; i < inserted.size(); ++i) {
                letters[at + i].font = before->second.font;
                letters[at + i].font_size = before->second.font_size;
            }

    const auto old_blocks = blocksOf(words), new_blocks = blocksOf(after);
    std::vector<Block> blocks;
    for (std::size_t i = 0; i < words.size(); ++i) {
        const auto place = placeAfter(i);
        if (!place || words[i] == U'\n' || old_blocks[i] >= lettering.blocks.size())
            continue;
        const std::size_t now = new_blocks[*place];
        if (now >= blocks.size()) {
            blocks.resize(now + 1);
            blocks[now] = lettering.blocks[old_blocks[i]];
        }
    }
    if (after.empty() || blocks.empty()) // all was typed anew: the first block stays as it was shaped
        blocks = lettering.blocks;

    std::vector<PlacedPiece> pieces;
    for (auto& piece : lettering.pieces) {
        if (piece.letter)
            piece.letter = placeAfter(*piece.letter);
        pieces.push_back(piece);
    }
    std::erase_if(lettering.mendings, [&](Mending& mending) {
        if (!mending.place)
            return false;
        const auto place = placeAfter(mending.place->letter);
        if (place)
            mending.place->letter = *place;
        return !place;
    });
    lettering.letters = std::move(letters);
    lettering.blocks = std::move(blocks);
    lettering.pieces = std::move(pieces);
    tidy(lettering);
}

void followWords(Lettering& lettering, std::u32string_view before, std::u32string_view after)
{
    const auto differ = std::ranges::mismatch(before, after);
    const auto at = static_cast<std::size_t>(differ.in1 - before.begin());
    std::size_t same = 0;
    while (same < std::min(before.size(), after.size()) - at &&
           before[before.size() - 1 - same] == after[after.size() - 1 - same])
        ++same;
    replaceCharacters(lettering, before, at, before.size() - at - same,
                      after.substr(at, after.size() - at - same));
}

std::string withoutMotifs(const std::string& words)
{
    static const std::string kMotif = "\xEF\xBF\xBC";
    std::string out = words;
    for (auto at = out.find(kMotif); at != std::string::npos; at = out.find(kMotif, at))
        out.erase(at, kMotif.size());
    return out;
}

} // namespace ink
