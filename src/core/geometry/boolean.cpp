#include "core/geometry/boolean.h"

#include "core/geometry/nesting.h"
#include "core/geometry/ring_engine.h"

#include <algorithm>

namespace ink {

Result<Outline> combine(const Outline& a, const Outline& b, BooleanOp op, const WeldOptions& options,
                        WeldStats* stats)
{
    WeldStats unused;
    WeldStats& figures = stats ? *stats : unused;
    figures = {};
    const detail::Grid grid{options.units_per_em / 1000.0};
    const Paths subject = toPaths(a);
    const Paths clip = toPaths(b);
    for (const auto* paths : {&subject, &clip})
        if (auto ok = detail::checkInput(*paths, {}, grid, figures.nodes_before); !ok)
            return fail(ok.error());
    const detail::EngineShape shapes[] = {{&subject, nullptr, {}, false},
                                          {&clip, nullptr, {}, op != BooleanOp::Union}};
    auto rings = detail::combineCurves(shapes, op, detail::FillRule::NonZero, grid, options.cancel, figures);
    if (!rings)
        return fail(rings.error());
    figures.crossings = figures.crossing_points.size();
    figures.groups = 1;
    return nested(std::move(*rings));
}

Outline withMiddlesFilled(Outline outline, double max_area)
{
    std::vector<Contour> filled;
    for (auto& piece : outline.pieces) {
        std::erase_if(piece.middles, [&](const Contour& middle) {
            const bool is_small = -middle.signedArea() < max_area;
            if (is_small)
                filled.push_back(middle);
            return is_small;
        });
    }
    std::erase_if(outline.pieces, [&filled](const Piece& piece) {
        const Point inside = piece.outer.segments.front().pointAt(0.5);
        return std::ranges::any_of(filled, [&](const Contour& middle) { return encloses(middle, inside); });
    });
    return outline;
}

} // namespace ink
