#include "core/design/setter.h"

#include "core/design/along_shape.h"
#include "core/geometry/box.h"

#include <algorithm>
#include <cmath>

namespace ink::detail {
namespace {

/// Blocks stand this many lines apart.
constexpr double kBlockGap_lines = 1.35;

} // namespace

Result<std::vector<Setter::Line>> Setter::setLines(const Block& block, std::size_t first, std::size_t end)
{
    std::vector<Line> lines;
    std::vector<std::pair<std::size_t, std::size_t>> spans;
    for (std::size_t start = first; start < end;) {
        std::size_t stop = start;
        while (stop < end && m_words[stop] != U'\n')
            ++stop;
        spans.emplace_back(start, stop);
        start = stop + 1;
    }
    // Empty lines at the end only part blocks.
    while (!spans.empty() && spans.back().first == spans.back().second)
        spans.pop_back();
    for (const auto& [start, stop] : spans) {
        auto line = setLine(start, stop, {block.size, block.stretch});
        if (!line)
            return fail(line.error());
        lines.push_back(std::move(*line));
    }
    if (!block.has_one_width)
        return lines;
    double widest = 0.0;
    for (const auto& line : lines)
        widest = std::max(widest, line.ink().width());
    for (auto& line : lines) {
        const double width = line.ink().width();
        if (width <= 0.0 || width == widest)
            continue;
        auto again = setLine(line.first, line.end, {block.size * widest / width, block.stretch});
        if (!again)
            return fail(again.error());
        line = std::move(*again);
    }
    return lines;
}

Result<void> Setter::setBlock(std::size_t number, std::size_t first, std::size_t end, double& cursor,
                              bool is_first)
{
    const Block& block = m_job.lettering.block(number);
    auto lines = setLines(block, first, end);
    if (!lines)
        return fail(lines.error());
    Box whole;
    for (const auto& line : *lines)
        whole.add(line.ink());
    if (lines->empty())
        return {};
    double baseline = 0.0;
    Box ink;
    for (std::size_t l = 0; l < lines->size(); ++l) {
        Line& line = (*lines)[l];
        if (l > 0)
            baseline -= std::max(line.spacing, (*lines)[l - 1].spacing) * block.line_gap;
        const Box own = line.ink();
        double x = 0.0; // by what is inked, not by what the font leaves around it
        if (!own.isEmpty() && !whole.isEmpty()) {
            const double room = maxWidth(*lines) - own.width();
            // Left and right follow the way the line is read.
            const bool is_at_left = (block.align == Align::Left) != line.is_right_to_left;
            x = -own.x0 + (block.align == Align::Middle ? room / 2 : (is_at_left ? 0.0 : room));
        }
        for (auto& letter : line.letters)
            moveLetter(letter, {x, baseline});
        for (auto& pair : line.pairs)
            pair.at = pair.at + Point{x, baseline};
        ink.add(line.ink());
    }
    const double down = is_first ? 0.0 : lines->front().spacing * kBlockGap_lines;
    const Point origin{block.dx_em * kU_per_em, cursor - down + block.dy_em * kU_per_em};
    const double last_baseline = cursor - down + baseline;

    SetBlock placed{number, ink, sensible(block.shape), {}, ink};
    for (const auto& line : *lines)
        if (std::ranges::any_of(line.letters, &SetLetter::is_sewn)) { // turned, never bent
            placed.shape.bends = false;
            if (!infoOf(placed.shape.kind).can_keep_letters)
                placed.shape.kind = ShapeKind::None;
        }
    const bool has_shape = placed.shape.kind != ShapeKind::None && !ink.isEmpty();
    if (has_shape && placed.shape.bends) {
        placed.ink = bentInk(*lines, placed);
    } else if (has_shape) {
        closeUpAlong(*lines, placed);
        const AlongShape shape(placed);
        placed.ink = {};
        const bool was_closed_up = m_job.lettering.close_up.depth_mm && m_request.mm_per_u > 0.0;
        for (auto& line : *lines) {
            meetAlongShape(line.letters, line.pairs, shape, was_closed_up);
            for (auto& letter : line.letters)
                keepAlong(letter, shape);
            placed.ink.add(line.ink());
        }
    }
    takeOver(*lines, number, origin);
    placed.origin = origin;
    placed.ink = movedBy(placed.ink, origin);
    cursor = std::min(last_baseline, placed.ink.isEmpty() ? last_baseline
                                                          : placed.ink.y0 - block.dy_em * kU_per_em -
                                                                lines->back().descent / 2);
    m_setting.blocks.push_back(placed);
    if (block.has_tail)
        addTail(block, m_setting.blocks.back(), last_baseline + block.dy_em * kU_per_em);
    return {};
}

double Setter::maxWidth(const std::vector<Line>& lines)
{
    double widest = 0.0;
    for (const auto& line : lines)
        widest = std::max(widest, line.ink().width());
    return widest;
}

Box Setter::bentInk(const std::vector<Line>& lines, const SetBlock& placed)
{
    const AlongShape shape(placed);
    Box box;
    for (const auto& line : lines)
        for (const auto& letter : line.letters)
            for (const auto& glyph : letter.glyphs)
                box.add(shape.bentBox(glyph));
    return box;
}

/// Letters turned against each other touch elsewhere: the close-up is made again where they stand, until
/// it holds there.
void Setter::closeUpAlong(std::vector<Line>& lines, SetBlock& placed)
{
    const auto& close_up = m_job.lettering.close_up;
    if (!close_up.depth_mm || m_request.mm_per_u <= 0.0)
        return;
    const double depth = *close_up.depth_mm / m_request.mm_per_u;
    constexpr int kMostRounds = 8;
    constexpr double kSettled_u = 0.2;
    for (int round = 0; round < kMostRounds; ++round) {
        double largest = 0.0;
        for (auto& line : lines)
            largest = std::max(largest, closeUpAlongShape(line.letters, line.pairs, placed, depth));
        placed.straight_ink = {};
        for (const auto& line : lines)
            placed.straight_ink.add(line.ink());
        if (largest < kSettled_u)
            return;
    }
}

void Setter::takeOver(std::vector<Line>& lines, std::size_t block, Point origin)
{
    for (auto& line : lines) {
        SetLine set;
        set.block = block;
        set.first = line.first;
        set.end = line.end;
        const std::size_t from = m_setting.letters.size();
        for (auto& letter : line.letters) {
            moveLetter(letter, origin);
            letter.block = block;
            letter.line = m_setting.lines.size();
            const auto& choice = m_job.lettering.letter(letter.first);
            for (auto& glyph : letter.glyphs)
                glyph.layer = choice.is_apart ? static_cast<int>(letter.first) + 1
                                              : layerOf(m_handlings, choice.handling);
            set.ink.add(letter.ink);
            set.baseline = letter.baseline;
            m_setting.letters.push_back(std::move(letter));
        }
        set.ascent = line.ascent;
        set.descent = line.descent;
        set.x_height = line.x_height;
        if (m_setting.letters.size() > from) {
            set.left = m_setting.letters[from].pen_x;
            set.right = m_setting.letters.back().pen_x + m_setting.letters.back().advance;
        }
        for (auto pair : line.pairs) {
            pair.left += from;
            pair.right += from;
            pair.at = pair.at + origin;
            m_setting.pairs.push_back(pair);
        }
        m_setting.lines.push_back(set);
    }
}

} // namespace ink::detail
