#include "core/design/placed_glyphs.h"

#include "core/design/along_shape.h"
#include "core/geometry/bend.h"
#include "core/geometry/reduce.h"
#include "core/geometry/weld_cache.h"

#include <map>
#include <set>

namespace ink {
namespace {

bool bends(const SetBlock& block)
{
    return block.shape.kind != ShapeKind::None && block.shape.bends;
}

/// Letters and pieces of a block that bend with it, by layer.
std::map<int, std::vector<PlacedPaths>> toBend(const Setting& setting, const SetBlock& block)
{
    std::map<int, std::vector<PlacedPaths>> layers;
    const auto add = [&](const std::vector<PlacedPaths>& glyphs) {
        for (const auto& glyph : glyphs)
            layers[glyph.layer].push_back(glyph);
    };
    if (bends(block))
        for (const auto& letter : setting.letters)
            if (letter.block == block.block)
                add(letter.glyphs);
    for (const auto& piece : setting.pieces)
        if (piece.bends && piece.block == block.block)
            add(piece.glyphs);
    return layers;
}

/// Welds what bends with a block in one layer, and bends it.
Result<PlacedPaths> bentBlock(const std::vector<PlacedPaths>& glyphs, const SetBlock& block,
                              double tolerance_u, Unit unit, const ComposeOptions& options)
{
    auto welded = weld(glyphs, unit, {options.cancel, options.welds});
    if (!welded)
        return fail(welded.error());
    const auto map = shapeMap(block.shape, block.straight_ink);
    const Outline straight =
        transformed(welded->outline, Affine{1, 0, 0, 1, -block.origin.x, -block.origin.y});
    const bool turns_over = block.shape.kind == ShapeKind::Mirror;
    Outline bent_outline;
    for (const auto& piece : straight.pieces) {
        Piece image{bent(piece.outer, map, tolerance_u / 2),
                    bent(piece.middles, map, tolerance_u / 2, options.cancel)};
        if (turns_over) {
            image.outer = image.outer.reversed();
            for (auto& middle : image.middles)
                middle = middle.reversed();
        }
        bent_outline.pieces.push_back(std::move(image));
    }
    if (options.cancel.isCancelled())
        return fail(ErrorCode::Cancelled);
    // What bends little needs fewer nodes than the letters had.
    auto reduced = reduceNodes(bent_outline, unit, {tolerance_u / 2, options.cancel});
    if (!reduced)
        return fail(reduced.error());
    return PlacedPaths{std::make_shared<const Paths>(toPaths(reduced->outline)), block.origin,
                       glyphs.front().layer};
}

} // namespace

Result<PlacedGlyphs> placedGlyphs(const Setting& setting, const Unit& unit, double rough_mm_per_u,
                                  const ComposeOptions& options)
{
    PlacedGlyphs out;
    std::set<std::size_t> bent_blocks;
    for (const auto& block : setting.blocks) {
        if (bends(block))
            bent_blocks.insert(block.block);
        for (const auto& [layer, straight] : toBend(setting, block)) {
            auto outline =
                bentBlock(straight, block, options.bend_tolerance_mm / rough_mm_per_u, unit, options);
            if (!outline)
                return fail(outline.error());
            out.all.push_back(std::move(*outline));
        }
    }
    out.planned = out.all;
    for (const auto& letter : setting.letters) {
        if (bent_blocks.contains(letter.block))
            continue;
        out.all.insert(out.all.end(), letter.glyphs.begin(), letter.glyphs.end());
        if (!letter.is_sewn)
            out.planned.insert(out.planned.end(), letter.glyphs.begin(), letter.glyphs.end());
    }
    for (const auto& piece : setting.pieces)
        if (!piece.bends)
            for (auto* glyphs : {&out.all, &out.planned})
                glyphs->insert(glyphs->end(), piece.glyphs.begin(), piece.glyphs.end());
    return out;
}

} // namespace ink
