#include "core/design/setter.h"

#include "core/design/along_shape.h"
#include "core/geometry/box.h"

#include <algorithm>
#include <cmath>

namespace ink::detail {
namespace {

/// A tail is stretched by no more than this to suit the words above it (common practice, no source).
constexpr double kLeastStretch = 0.75, kMostStretch = 1.35;

} // namespace

std::vector<Setter::TailDrawing> Setter::tailsFor(const Block& block)
{
    std::vector<TailDrawing> tails;
    if (const auto it = m_job.lettering.motifs.find(block.tail_motif); it != m_job.lettering.motifs.end())
        return {{it->second.outline, bounds(*it->second.outline)}};
    const Source from = source(m_job.font);
    if (!from)
        return tails;
    const double scale = kU_per_em / from->unitsPerEm();
    for (const auto glyph_id : m_drawings.tails(from)) {
        const auto drawn = m_drawings.glyph(from, glyph_id, {scale, 0, 0, scale, 0, 0});
        tails.push_back({drawn->paths, drawn->ink});
    }
    return tails;
}

/// The tail whose width is nearest to the words', stretched to it within limits, hung under their feet;
/// it bends with them, also where the letters are kept as drawn.
void Setter::addTail(const Block& block, SetBlock& placed, double baseline)
{
    const auto tails = tailsFor(block);
    const double width = placed.straight_ink.width();
    if (tails.empty() || width <= 0.0)
        return;
    const auto off = [&](const TailDrawing& tail) {
        return std::abs(std::log(width / (tail.ink.width() * block.size)));
    };
    const auto& best = *std::ranges::min_element(tails, {}, off);
    const double stretch = std::clamp(width / (best.ink.width() * block.size), kLeastStretch, kMostStretch);
    const Affine by{block.size * stretch, 0, 0, block.size, 0, 0};
    auto paths = std::make_shared<const Paths>(transformed(*best.outline, by));
    const Box ink = bounds(*paths);
    const double x =
        placed.origin.x + (placed.straight_ink.x0 + placed.straight_ink.x1) / 2 - (ink.x0 + ink.x1) / 2;
    const double y = baseline - block.tail_drop_em * kU_per_em * block.size - ink.y1;
    PlacedOutline tail;
    tail.block = placed.block;
    tail.glyphs.push_back({std::move(paths), {x, y}, 0});
    tail.bends = shapedBlock(m_setting, placed.block);
    tail.ink = tail.bends ? AlongShape(placed).bentBox(tail.glyphs.front()) : movedBy(ink, {x, y});
    m_setting.pieces.push_back(std::move(tail));
}

void Setter::placePieces()
{
    for (std::size_t i = 0; i < m_job.lettering.pieces.size(); ++i) {
        const auto& piece = m_job.lettering.pieces[i];
        const auto motif = m_job.lettering.motifs.find(piece.motif);
        if (motif == m_job.lettering.motifs.end())
            continue;
        const auto* letter = piece.letter ? m_setting.letterAt(*piece.letter) : nullptr;
        const Point from = letter ? letter->foot() : Point{};
        const auto drawn =
            m_drawings.motif(motif->second, turnedAndSized(piece.turn_deg, piece.size, piece.is_mirrored));
        const Point at = from + Point{piece.x_em, piece.y_em} * kU_per_em;
        PlacedOutline placed;
        placed.piece = i;
        placed.glyphs.push_back({drawn->paths, at, layerOf(m_handlings, piece.handling)});
        placed.ink = movedBy(drawn->ink, at);
        if (const auto* block = letter ? shapedBlock(m_setting, letter->block) : nullptr)
            followShape(placed, *letter, *block);
        m_setting.pieces.push_back(std::move(placed));
    }
}

/// A piece goes along with the letter it hangs on: turned with it, or bent with its block.
void Setter::followShape(PlacedOutline& placed, const SetLetter& letter, const SetBlock& block)
{
    const AlongShape shape(block);
    placed.block = block.block;
    placed.bends = block.shape.bends;
    if (placed.bends) {
        placed.ink = shape.bentBox(placed.glyphs.front());
        return;
    }
    SetLetter carried;
    carried.pen_x = letter.foot().x;
    carried.baseline = letter.baseline;
    carried.glyphs = std::move(placed.glyphs);
    keepAlong(carried, shape);
    placed.glyphs = std::move(carried.glyphs);
    placed.ink = carried.ink;
}

} // namespace ink::detail
