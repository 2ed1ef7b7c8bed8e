#include "core/geometry/boolean.h"

#include "core/geometry/engine/curve_engine.h"
#include "core/geometry/nesting.h"

#include <algorithm>

namespace ink {

Result<Outline> combine(const Outline& a, const Outline& b, BooleanOp op, Unit unit,
                        const CancelToken& cancel)
{
    const Paths subject = toPaths(a);
    const Paths clip = toPaths(b);
    std::size_t nodes = 0;
    for (const auto* paths : {&subject, &clip})
        if (auto ok = detail::checkInput(*paths, {}, unit, nodes); !ok)
            return fail(ok.error());
    const bool is_union = op == BooleanOp::Union;
    const detail::EngineShape shapes[] = {{&subject, nullptr, {}, false, false},
                                          {&clip, nullptr, {}, !is_union, false}};
    detail::EngineStats stats;
    auto rings =
        detail::combineCurves(shapes, op, detail::FillRule::NonZero, detail::Grid(unit), cancel, stats);
    if (!rings)
        return fail(rings.error());
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
