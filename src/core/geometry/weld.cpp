#include "core/geometry/weld.h"

#include "core/geometry/curve_trace.h"

#include <polyclipping/clipper.hpp>

#include <algorithm>
#include <cmath>

namespace ink {
namespace {

constexpr double kGridPer_u = 256.0;
// Beyond this the clipping library switches to slow wide arithmetic.
constexpr double kGridLimit = 1 << 30;
constexpr double kMaxEm = 4000.0;
constexpr std::size_t kMaxNodes = 2'000'000;
constexpr double kSmallestArea_u2 = 1.0;
constexpr double kSmallestThickness_u = 0.3;

ClipperLib::Path toClipper(const std::vector<detail::GridPoint>& ring)
{
    ClipperLib::Path out;
    out.reserve(ring.size());
    for (const auto p : ring)
        out.emplace_back(p.x, p.y);
    return out;
}

bool unite(const ClipperLib::Paths& in, ClipperLib::PolyTree& out)
{
    ClipperLib::Clipper clipper;
    clipper.PreserveCollinear(true);
    if (!clipper.AddPaths(in, ClipperLib::ptSubject, true)) // nothing there has an area
        return true;
    return clipper.Execute(ClipperLib::ctUnion, out, ClipperLib::pftNonZero, ClipperLib::pftNonZero);
}

/// Largest coordinate in em, or an error when one is not a number.
Result<double> reach_em(std::span<const Paths> glyphs, double units_per_em)
{
    double reach = 0.0;
    for (const auto& paths : glyphs)
        for (const auto& contour : paths)
            for (const auto& s : contour.segments) {
                if (!s.isFinite())
                    return fail(ErrorCode::NonFinite);
                for (std::size_t i = 0; i <= s.degree(); ++i)
                    reach = std::max({reach, std::abs(s.p[i].x), std::abs(s.p[i].y)});
            }
    return reach / units_per_em;
}

/// Turns a ring of the union into curves; nothing when it is a speck that no knife can follow.
Contour ringFrom(const ClipperLib::Path& path, const detail::CurveTrace& trace, double u, bool is_middle,
                 WeldStats& stats)
{
    std::vector<detail::GridPoint> ring;
    ring.reserve(path.size());
    for (const auto& p : path)
        ring.push_back({p.X, p.Y});
    Contour contour = trace.rebuild(ring, stats);
    const double area = contour.signedArea();
    const double around = contour.arcLength();
    if (std::abs(area) < kSmallestArea_u2 * u * u || 2.0 * std::abs(area) < kSmallestThickness_u * u * around)
        return {};
    return (area > 0.0) == is_middle ? contour.reversed() : contour;
}

void collectPieces(const ClipperLib::PolyNode& parent, const detail::CurveTrace& trace, double u,
                   Outline& outline, WeldStats& stats)
{
    for (const auto* outer : parent.Childs) {
        Piece piece{ringFrom(outer->Contour, trace, u, false, stats), {}};
        for (const auto* middle : outer->Childs) {
            if (auto ring = ringFrom(middle->Contour, trace, u, true, stats); !ring.isEmpty())
                piece.middles.push_back(std::move(ring));
            collectPieces(*middle, trace, u, outline, stats);
        }
        if (!piece.outer.isEmpty())
            outline.pieces.push_back(std::move(piece));
    }
}

Result<Outline> weldChecked(std::span<const Paths> glyphs, const WeldOptions& options, double grid,
                            WeldStats& stats)
{
    const double u = options.units_per_em / 1000.0;
    detail::CurveTrace trace(grid, u);
    ClipperLib::Paths all;
    for (const auto& paths : glyphs) {
        if (options.cancel.isCancelled())
            return fail(ErrorCode::Cancelled);
        stats.nodes_before += nodeCount(paths);
        ClipperLib::Paths rings;
        for (const auto& contour : paths)
            rings.push_back(toClipper(trace.add(contour)));
        ClipperLib::PolyTree tree;
        if (!unite(rings, tree))
            return fail(ErrorCode::WeldFailed);
        ClipperLib::Paths united;
        ClipperLib::PolyTreeToPaths(tree, united);
        all.insert(all.end(), united.begin(), united.end());
    }
    ClipperLib::PolyTree tree;
    if (!unite(all, tree))
        return fail(ErrorCode::WeldFailed);
    if (options.cancel.isCancelled())
        return fail(ErrorCode::Cancelled);

    Outline outline;
    collectPieces(tree, trace, u, outline, stats);
    std::ranges::stable_sort(outline.pieces, {}, [](const Piece& piece) { return piece.outer.bounds().x0; });
    return outline;
}

} // namespace

Result<Outline> weld(std::span<const Paths> glyphs, const WeldOptions& options, WeldStats* stats)
{
    WeldStats unused;
    WeldStats& figures = stats ? *stats : unused;
    figures = {};
    const auto reach = reach_em(glyphs, options.units_per_em);
    if (!reach)
        return fail(reach.error());
    if (*reach > kMaxEm)
        return fail(ErrorCode::CoordinateOutOfRange);
    std::size_t nodes = 0;
    for (const auto& paths : glyphs)
        nodes += nodeCount(paths);
    if (nodes > kMaxNodes)
        return fail(ErrorCode::TooManyNodes);

    const double grid_per_em = std::min(kGridPer_u * 1000.0, kGridLimit / std::max(*reach * 1.01, 1.0));
    try {
        return weldChecked(glyphs, options, grid_per_em / options.units_per_em, figures);
    } catch (const ClipperLib::clipperException& e) {
        return fail(ErrorCode::WeldFailed, {}, e.what());
    }
}

} // namespace ink
