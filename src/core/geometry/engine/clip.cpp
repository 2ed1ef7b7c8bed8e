#include "core/geometry/engine/clip.h"

#include <polyclipping/clipper.hpp>

namespace ink::detail {
namespace {

ClipperLib::ClipType clipType(BooleanOp op)
{
    switch (op) {
    case BooleanOp::Union:
        return ClipperLib::ctUnion;
    case BooleanOp::Subtract:
        return ClipperLib::ctDifference;
    case BooleanOp::Intersect:
        return ClipperLib::ctIntersection;
    }
    return ClipperLib::ctUnion;
}

} // namespace

Result<std::vector<GridRing>> clip(const std::vector<GridRing>& subject, const std::vector<GridRing>& clip,
                                   BooleanOp op, FillRule rule)
{
    std::vector<GridRing> out;
    const auto fill = rule == FillRule::NonZero ? ClipperLib::pftNonZero : ClipperLib::pftPositive;
    try {
        ClipperLib::Clipper clipper;
        clipper.PreserveCollinear(true);
        bool has_area = false;
        ClipperLib::Path path;
        const auto add = [&](const std::vector<GridRing>& rings, ClipperLib::PolyType type) {
            for (const auto& ring : rings) {
                path.clear();
                for (const auto p : ring)
                    path.emplace_back(p.x, p.y);
                has_area |= clipper.AddPath(path, type, true);
            }
        };
        add(subject, ClipperLib::ptSubject);
        add(clip, ClipperLib::ptClip);
        if (!has_area) // the library takes nothing to do for a failure
            return out;
        ClipperLib::Paths united;
        if (!clipper.Execute(clipType(op), united, fill, fill))
            return fail(ErrorCode::WeldFailed);
        out.reserve(united.size());
        for (const auto& ring : united) {
            auto& points = out.emplace_back();
            points.reserve(ring.size());
            for (const auto& p : ring)
                points.push_back({p.X, p.Y});
        }
    } catch (const ClipperLib::clipperException&) {
        return fail(ErrorCode::WeldFailed);
    }
    return out;
}

} // namespace ink::detail
