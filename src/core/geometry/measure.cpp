#include "core/geometry/measure.h"

namespace ink {

OutlineFigures measure(const Outline& outline)
{
    OutlineFigures f;
    f.pieces = outline.pieces.size();
    f.box = bounds(outline);
    const auto addRing = [&f](const Contour& ring) {
        f.nodes += ring.segments.size();
        f.area += ring.signedArea();
        f.cut_length += ring.arcLength();
    };
    for (const auto& piece : outline.pieces) {
        addRing(piece.outer);
        f.middles += piece.middles.size();
        for (const auto& middle : piece.middles)
            addRing(middle);
    }
    return f;
}

} // namespace ink
