#include "ui/compose/svg_outlines.h"

#include <QFile>
#include <QPaintDevice>
#include <QPaintEngine>
#include <QPainter>
#include <QPainterPathStroker>
#include <QSvgRenderer>

namespace ink::ui {
namespace {

/// Takes the paths that a picture is painted with, and paints nothing.
class PathTaker : public QPaintEngine
{
public:
    PathTaker() : QPaintEngine(QPaintEngine::AllFeatures) {}
    bool begin(QPaintDevice*) override { return true; }
    bool end() override { return true; }
    void updateState(const QPaintEngineState& now) override
    {
        if (now.state() & DirtyTransform)
            m_transform = now.transform();
        if (now.state() & DirtyBrush)
            m_is_filled = now.brush().style() != Qt::NoBrush;
        if (now.state() & DirtyPen)
            m_pen = now.pen();
    }
    void drawPath(const QPainterPath& path) override
    {
        if (m_is_filled)
            take(path);
        if (m_pen.style() != Qt::NoPen && m_pen.widthF() > 0.0) {
            QPainterPathStroker stroker(m_pen);
            take(stroker.createStroke(path));
        }
    }
    void drawPolygon(const QPointF* points, int count, PolygonDrawMode mode) override
    {
        QPainterPath path;
        path.addPolygon(QPolygonF(QList<QPointF>(points, points + count)));
        if (mode != PolylineMode)
            path.closeSubpath();
        drawPath(path);
    }
    void drawPixmap(const QRectF&, const QPixmap&, const QRectF&) override {}
    Type type() const override { return User; }

    Paths taken() { return m_pen_out.take(); }

private:
    void take(const QPainterPath& drawn)
    {
        const QPainterPath path = m_transform.map(drawn);
        const auto at = [&](int i) {
            const auto e = path.elementAt(i);
            return Point{e.x, -e.y};
        };
        for (int i = 0; i < path.elementCount(); ++i) {
            switch (path.elementAt(i).type) {
            case QPainterPath::MoveToElement:
                m_pen_out.moveTo(at(i));
                break;
            case QPainterPath::LineToElement:
                m_pen_out.lineTo(at(i));
                break;
            case QPainterPath::CurveToElement:
                m_pen_out.cubicTo(at(i), at(i + 1), at(i + 2));
                i += 2;
                break;
            default:
                break;
            }
        }
        m_pen_out.close();
    }

    QTransform m_transform;
    bool m_is_filled = false;
    QPen m_pen{Qt::NoPen};
    ContourPen m_pen_out;
};

class PathDevice : public QPaintDevice
{
public:
    explicit PathDevice(QSize size) : m_size(size) {}
    QPaintEngine* paintEngine() const override { return &m_taker; }
    PathTaker& taker() { return m_taker; }

protected:
    int metric(PaintDeviceMetric metric) const override
    {
        switch (metric) {
        case PdmWidth:
            return m_size.width();
        case PdmHeight:
            return m_size.height();
        case PdmDevicePixelRatio:
            return 1;
        case PdmDevicePixelRatioScaled:
            return static_cast<int>(devicePixelRatioFScale());
        case PdmDepth:
            return 32;
        default:
            return 96;
        }
    }

private:
    QSize m_size;
    mutable PathTaker m_taker;
};

/// Of a capital, in 1/1000 em (common practice, no source).
constexpr double kMotifHeight_u = 700.0;

} // namespace

Result<Paths> outlinesOfSvg(const QString& file)
{
    if (!QFile::exists(file))
        return fail(ErrorCode::FileNotFound, file.toStdString());
    QSvgRenderer renderer(file);
    if (!renderer.isValid())
        return fail(ErrorCode::DocumentDamaged, file.toStdString());
    const QSize size = renderer.viewBoxF().size().toSize().expandedTo(QSize(1, 1));
    PathDevice device(size);
    {
        QPainter painter(&device);
        renderer.render(&painter, renderer.viewBoxF());
    }
    auto paths = device.taker().taken();
    const Box box = bounds(paths);
    if (paths.empty() || box.width() <= 0.0 || box.height() <= 0.0)
        return fail(ErrorCode::PictureWithoutOutlines, file.toStdString());
    return paths;
}

Paths asMotif(const Paths& outline)
{
    const Box box = bounds(outline);
    if (box.isEmpty() || box.height() <= 0.0)
        return outline;
    const double scale = kMotifHeight_u / box.height();
    return transformed(outline, {scale, 0, 0, scale, -box.x0 * scale, -box.y0 * scale});
}

} // namespace ink::ui
