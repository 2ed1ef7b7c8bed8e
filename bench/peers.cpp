#include "bench/peers.h"

#include "core/geometry/flatten.h"

#include <2geom/intersection-graph.h>
#include <2geom/pathvector.h>
#include <QPainterPath>
#include <geos_c.h>
#include <polyclipping/clipper.hpp>

#include <cmath>
#include <memory>

namespace ink::bench {
namespace {

constexpr double kTolerance_u = 0.25; // the chords of the weld
constexpr double kGridPer_u = 256.0;

Contour ringOf(const std::vector<Point>& points)
{
    Contour out;
    for (std::size_t i = 0; i < points.size(); ++i)
        if (points[i] != points[(i + 1) % points.size()])
            out.segments.push_back(Segment::line(points[i], points[(i + 1) % points.size()]));
    return out;
}

PeerResult withClipper(const std::vector<Paths>& glyphs, double u)
{
    const double grid = kGridPer_u / u;
    ClipperLib::Clipper clipper;
    for (const auto& paths : glyphs)
        for (const auto& contour : paths) {
            ClipperLib::Path ring;
            for (const Point p : flattened(contour, kTolerance_u * u))
                ring.emplace_back(std::llround(p.x * grid), std::llround(p.y * grid));
            clipper.AddPath(ring, ClipperLib::ptSubject, true);
        }
    ClipperLib::Paths united;
    PeerResult out;
    out.is_failed =
        !clipper.Execute(ClipperLib::ctUnion, united, ClipperLib::pftNonZero, ClipperLib::pftNonZero);
    for (const auto& ring : united) {
        std::vector<Point> points;
        for (const auto& p : ring)
            points.push_back({static_cast<double>(p.X) / grid, static_cast<double>(p.Y) / grid});
        out.rings.push_back(ringOf(points));
    }
    return out;
}

QPainterPath qtPath(const Paths& paths)
{
    QPainterPath out;
    out.setFillRule(Qt::WindingFill);
    const auto point = [](Point p) { return QPointF(p.x, p.y); };
    for (const auto& contour : paths) {
        out.moveTo(point(contour.segments.front().start()));
        for (const auto& s : contour.segments)
            switch (s.kind) {
            case SegmentKind::Line:
                out.lineTo(point(s.p[1]));
                break;
            case SegmentKind::Quadratic:
                out.quadTo(point(s.p[1]), point(s.p[2]));
                break;
            case SegmentKind::Cubic:
                out.cubicTo(point(s.p[1]), point(s.p[2]), point(s.p[3]));
            }
        out.closeSubpath();
    }
    return out;
}

PeerResult fromQt(const QPainterPath& path)
{
    ContourPen pen;
    const auto at = [&](int i) { return Point{path.elementAt(i).x, path.elementAt(i).y}; };
    for (int i = 0; i < path.elementCount(); ++i)
        switch (path.elementAt(i).type) {
        case QPainterPath::MoveToElement:
            pen.moveTo(at(i));
            break;
        case QPainterPath::LineToElement:
            pen.lineTo(at(i));
            break;
        case QPainterPath::CurveToElement:
            pen.cubicTo(at(i), at(i + 1), at(i + 2));
            break;
        case QPainterPath::CurveToDataElement:
            break;
        }
    return {pen.take(), false};
}

PeerResult withQtSimplified(const std::vector<Paths>& glyphs, double)
{
    QPainterPath all;
    all.setFillRule(Qt::WindingFill);
    for (const auto& paths : glyphs)
        all.addPath(qtPath(paths));
    return fromQt(all.simplified());
}

PeerResult withQtUnited(const std::vector<Paths>& glyphs, double)
{
    QPainterPath all;
    for (const auto& paths : glyphs)
        all = all.united(qtPath(paths));
    return fromQt(all);
}

/// Polygons of the chords, one for each contour that runs as the glyph's largest one does, less the others:
/// what a library without a non-zero rule needs to be given.
PeerResult withGeos(const std::vector<Paths>& glyphs, double u)
{
    const std::unique_ptr<GEOSContextHandle_HS, void (*)(GEOSContextHandle_t)> context(GEOS_init_r(),
                                                                                       GEOS_finish_r);
    auto* c = context.get();
    const auto polygonOf = [&](const Contour& contour) {
        auto points = flattened(contour, kTolerance_u * u);
        points.push_back(points.front());
        auto* sequence = GEOSCoordSeq_create_r(c, static_cast<unsigned>(points.size()), 2);
        for (unsigned i = 0; i < points.size(); ++i)
            GEOSCoordSeq_setXY_r(c, sequence, i, points[i].x, points[i].y);
        auto* raw = GEOSGeom_createPolygon_r(c, GEOSGeom_createLinearRing_r(c, sequence), nullptr, 0);
        auto* valid = GEOSMakeValid_r(c, raw);
        GEOSGeom_destroy_r(c, raw);
        return valid;
    };
    std::vector<GEOSGeometry*> shapes;
    PeerResult out;
    for (const auto& paths : glyphs) {
        double largest = 0.0;
        for (const auto& contour : paths)
            if (const double a = contour.signedArea(); std::abs(a) > std::abs(largest))
                largest = a;
        std::vector<GEOSGeometry*> ink, paper;
        for (const auto& contour : paths)
            (contour.signedArea() * largest > 0.0 ? ink : paper).push_back(polygonOf(contour));
        const auto united = [c](std::vector<GEOSGeometry*>& parts) {
            auto* all = GEOSGeom_createCollection_r(c, GEOS_GEOMETRYCOLLECTION, parts.data(),
                                                    static_cast<unsigned>(parts.size()));
            auto* one = GEOSUnaryUnion_r(c, all);
            GEOSGeom_destroy_r(c, all);
            return one;
        };
        auto* outer = united(ink);
        auto* holes = united(paper);
        auto* shape = outer && holes ? GEOSDifference_r(c, outer, holes) : nullptr;
        for (auto* g : {outer, holes})
            if (g)
                GEOSGeom_destroy_r(c, g);
        if (shape)
            shapes.push_back(shape);
        else
            out.is_failed = true;
    }
    auto* all = GEOSGeom_createCollection_r(c, GEOS_GEOMETRYCOLLECTION, shapes.data(),
                                            static_cast<unsigned>(shapes.size()));
    auto* one = GEOSUnaryUnion_r(c, all);
    GEOSGeom_destroy_r(c, all);
    if (!one)
        return {{}, true};
    const auto addRing = [&](const GEOSGeometry* ring) {
        const auto* sequence = GEOSGeom_getCoordSeq_r(c, ring);
        unsigned n = 0;
        GEOSCoordSeq_getSize_r(c, sequence, &n);
        std::vector<Point> points(n > 0 ? n - 1 : 0);
        for (unsigned i = 0; i < points.size(); ++i)
            GEOSCoordSeq_getXY_r(c, sequence, i, &points[i].x, &points[i].y);
        out.rings.push_back(ringOf(points));
    };
    for (int i = 0; i < GEOSGetNumGeometries_r(c, one); ++i) {
        const auto* part = GEOSGetGeometryN_r(c, one, i);
        if (GEOSGeomTypeId_r(c, part) != GEOS_POLYGON)
            continue;
        addRing(GEOSGetExteriorRing_r(c, part));
        for (int k = 0; k < GEOSGetNumInteriorRings_r(c, part); ++k)
            addRing(GEOSGetInteriorRingN_r(c, part, k));
    }
    GEOSGeom_destroy_r(c, one);
    return out;
}

Geom::PathVector geomPath(const Paths& paths)
{
    const auto point = [](Point p) { return Geom::Point(p.x, p.y); };
    Geom::PathVector out;
    for (const auto& contour : paths) {
        Geom::Path path(point(contour.segments.front().start()));
        for (const auto& s : contour.segments)
            switch (s.kind) {
            case SegmentKind::Line:
                path.appendNew<Geom::LineSegment>(point(s.p[1]));
                break;
            case SegmentKind::Quadratic:
                path.appendNew<Geom::QuadraticBezier>(point(s.p[1]), point(s.p[2]));
                break;
            case SegmentKind::Cubic:
                path.appendNew<Geom::CubicBezier>(point(s.p[1]), point(s.p[2]), point(s.p[3]));
            }
        path.close(true);
        out.push_back(path);
    }
    return out;
}

PeerResult with2Geom(const std::vector<Paths>& glyphs, double)
{
    PeerResult out;
    Geom::PathVector all;
    try {
        for (const auto& paths : glyphs) {
            const auto next = geomPath(paths);
            all = all.empty() ? next : Geom::PathIntersectionGraph(all, next).getUnion();
        }
    } catch (...) { // it throws things of its own, too
        return {{}, true};
    }
    ContourPen pen;
    const auto point = [](Geom::Point p) { return Point{p[Geom::X], p[Geom::Y]}; };
    for (const auto& path : all) {
        pen.moveTo(point(path.initialPoint()));
        for (const auto& curve : path) {
            const auto* bezier = dynamic_cast<const Geom::BezierCurve*>(&curve);
            if (!bezier || bezier->order() > 3)
                return {{}, true};
            const auto at = [&](unsigned i) { return point(bezier->controlPoint(i)); };
            if (bezier->order() == 1)
                pen.lineTo(at(1));
            else if (bezier->order() == 2)
                pen.quadraticTo(at(1), at(2));
            else
                pen.cubicTo(at(1), at(2), at(3));
        }
    }
    out.rings = pen.take();
    return out;
}

} // namespace

std::vector<Peer> peers()
{
    return {{"clipping library alone, 0.25 u", withClipper, 1000},
            {"QPainterPath, simplified", withQtSimplified, 100},
            {"QPainterPath, united", withQtUnited, 10},
            {"GEOS unary union, 0.25 u", withGeos, 1000},
            {"lib2geom PathIntersectionGraph", with2Geom, 100}};
}

} // namespace ink::bench
