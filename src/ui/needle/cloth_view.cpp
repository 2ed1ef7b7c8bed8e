#include "ui/needle/cloth_view.h"

#include "core/geometry/box.h"
#include "ui/outline_paths.h"
#include "ui/text.h"

#include <QApplication>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QWheelEvent>

#include <algorithm>
#include <cmath>
#include <functional>

namespace ink::ui {
namespace {

constexpr double kAround = 1.12, kMostZoom = 40.0, kZoomStep = 1.25;
constexpr int kWeave_px = 4;
constexpr double kPanShare = 0.1;
/// What a picture may take while the hand moves (60 a second, with the rest of the window), and when it rests.
constexpr int kFrame_ms = 9, kRests_ms = 90;

QColor mixed(const QColor& a, const QColor& b, double share)
{
    const auto part = [&](int x, int y) { return int(std::lround(x + (y - x) * share)); };
    return {part(a.red(), b.red()), part(a.green(), b.green()), part(a.blue(), b.blue())};
}

} // namespace

std::vector<ThicknessTone> thicknessTones()
{
    return {{1, ClothView::tr("1 or 2 layers"), 0.15},
            {3, ClothView::tr("3 to 5: as it should be"), 0.4},
            {6, ClothView::tr("6 to 8: thick"), 0.7},
            {9, ClothView::tr("9 and more: the needle may break"), 1.0}};
}

ClothView::ClothView(const Theme& theme, QWidget* parent) : QWidget(parent), m_theme(theme)
{
    setObjectName(QStringLiteral("clothView"));
    setAccessibleName(tr("What is sewn, on the cloth"));
    setFocusPolicy(Qt::StrongFocus);
    setMinimumSize(200, 120);
    m_rests.setSingleShot(true);
    connect(&m_rests, &QTimer::timeout, this, qOverload<>(&QWidget::update));
}

void ClothView::show(std::shared_ptr<const Shown> shown)
{
    const bool is_first = !m_shown;
    m_shown = std::move(shown);
    m_thickness = {};
    m_message.clear();
    std::vector<QColor> threads;
    for (const auto& thread : m_shown->threads)
        threads.emplace_back(text(thread));
    m_box_mm = boxOf(m_shown->work);
    m_tiles.setWork(m_shown->work, std::move(threads));
    if (is_first)
        zoomToFit();
    tell();
    update();
}

void ClothView::showMessage(const QString& message)
{
    m_shown.reset();
    m_thickness = {};
    m_message = message;
    m_tiles.clear();
    tell();
    update();
}

void ClothView::setLook(Look look)
{
    m_look = look;
    tell();
    update();
}

void ClothView::showSteps(std::optional<std::size_t> steps)
{
    if (steps == m_steps)
        return;
    m_steps = steps;
    update();
}

std::size_t ClothView::stepsShown() const
{
    return m_shown ? std::min(m_steps.value_or(m_shown->work.size()), m_shown->work.size()) : 0;
}

/// The view was moved: painted in a hurry until it rests.
void ClothView::moved()
{
    m_rests.start(kRests_ms);
    update();
}

void ClothView::tell()
{
    setAccessibleDescription(!m_shown                ? m_message
                             : m_look == Look::Cloth ? tr("Threads on the cloth, as they will look")
                             : m_look == Look::Way   ? tr("The needle's way, with trims and stops")
                                                     : tr("How many layers of thread lie where"));
}

void ClothView::zoomToFit()
{
    m_zoom = 1.0;
    m_middle = {};
    update();
}

double ClothView::pixelsPerMm() const
{
    if (!m_shown)
        return 1.0;
    // All of the sewing and of the hoop round its middle.
    const Box& box = m_box_mm;
    const double wide = std::max({2 * std::abs(box.x0), 2 * std::abs(box.x1), m_shown->hoop_width_mm, 10.0});
    const double high = std::max({2 * std::abs(box.y0), 2 * std::abs(box.y1), m_shown->hoop_height_mm, 10.0});
    // A hoop far larger than what is sewn in it would make that a speck: it may lie partly out of view.
    const double wide_seen = std::min(wide, 1.9 * std::max(box.width(), 10.0)),
                 high_seen = std::min(high, 2.6 * std::max(box.height(), 10.0));
    return m_zoom * std::min(width() / (wide_seen * kAround), height() / (high_seen * kAround));
}

QPointF ClothView::toScreen(Point mm) const
{
    const double scale = pixelsPerMm();
    return {width() / 2.0 + (mm.x - m_middle.x) * scale, height() / 2.0 - (mm.y - m_middle.y) * scale};
}

Point ClothView::toMm(QPointF screen) const
{
    const double scale = pixelsPerMm();
    return {m_middle.x + (screen.x() - width() / 2.0) / scale,
            m_middle.y - (screen.y() - height() / 2.0) / scale};
}

void ClothView::showStroke(std::optional<Stroke> stroke)
{
    m_stroke = stroke;
    update();
}

/// A line along its middle, and how wide it is there.
void ClothView::paintStroke(QPainter& painter) const
{
    if (!m_stroke)
        return;
    const QPointF from = toScreen(m_stroke->from), middle = toScreen(m_stroke->middle),
                  to = toScreen(m_stroke->to);
    QPainterPath path(from);
    path.quadTo(2.0 * middle - (from + to) / 2.0, to);
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(m_theme.colours().card, 5));
    painter.drawPath(path);
    painter.setPen(QPen(m_theme.colours().band, 2));
    painter.drawPath(path);
    painter.setBrush(m_theme.colours().band);
    for (const QPointF end : {from, to})
        painter.drawEllipse(end, 4, 4);
}

void ClothView::zoomBy(double factor, QPointF about)
{
    const double before = pixelsPerMm();
    m_zoom = std::clamp(m_zoom * factor, 0.5, kMostZoom);
    const double after = pixelsPerMm();
    const QPointF off = about - QPointF(width() / 2.0, height() / 2.0);
    m_middle = m_middle + Point{off.x(), -off.y()} * (1.0 / before - 1.0 / after);
    moved();
}

QColor ClothView::threadOf(std::size_t layer) const
{
    const auto& threads = m_shown->threads;
    return threads.empty() ? QColor(QStringLiteral("#a23a2b"))
                           : QColor(text(threads[std::min(layer, threads.size() - 1)]));
}

void ClothView::paintGround(QPainter& painter) const
{
    painter.fillRect(rect(), m_shown->cloth);
    // Woven, barely.
    painter.setPen(QPen(m_shown->cloth.darker(103), 1));
    for (int y = 0; y < height(); y += kWeave_px)
        painter.drawLine(0, y, width(), y);
}

void ClothView::paintLaidCloth(QPainter& painter) const
{
    const auto& work = m_shown->work;
    const auto end = work.begin() + std::ptrdiff_t(stepsShown());
    if (!m_shown->laid_cloth.isValid() || !m_shown->outline ||
        std::none_of(work.begin(), end, [](const NeedleStep& s) { return s.kind == NeedleStep::Kind::Stop; }))
        return;
    painter.save();
    painter.translate(toScreen({0, 0}));
    painter.scale(pixelsPerMm(), pixelsPerMm());
    painter.setPen(Qt::NoPen);
    painter.setBrush(m_shown->laid_cloth);
    painter.drawPath(toPainterPath(*m_shown->outline));
    painter.restore();
}

void ClothView::paintHoop(QPainter& painter) const
{
    if (m_shown->hoop_width_mm <= 0.0 || m_shown->hoop_height_mm <= 0.0)
        return;
    const QPointF a = toScreen({-m_shown->hoop_width_mm / 2, m_shown->hoop_height_mm / 2}),
                  b = toScreen({m_shown->hoop_width_mm / 2, -m_shown->hoop_height_mm / 2});
    painter.setBrush(Qt::NoBrush);
    const QColor against = m_shown->cloth.lightness() > 128 ? m_theme.colours().band : QColor(Qt::white);
    painter.setPen(QPen(mixed(m_shown->cloth, against, 0.5), 2));
    const double round = 0.12 * std::min(b.x() - a.x(), b.y() - a.y());
    painter.drawRoundedRect(QRectF(a, b), round, round);
}

/// While the hand moves, no longer than it takes for the next picture; what is missing is made when it rests.
void ClothView::paintThreads(QPainter& painter)
{
    const ClothTiles::Seen seen{pixelsPerMm(), devicePixelRatioF(), toScreen({0, 0}), QRectF(rect()),
                                stepsShown()};
    m_tiles.paint(painter, seen, m_rests.isActive() ? kFrame_ms : -1);
}

void ClothView::paintWay(QPainter& painter) const
{
    const auto& work = m_shown->work;
    const auto& c = m_theme.colours();
    const QColor line = mixed(m_shown->cloth, threadOf(0), 0.75);
    const std::size_t steps = stepsShown();
    QPen stitch(line, 1.0), jump(c.madder, 1.4, Qt::DashLine);
    for (std::size_t i = 1; i < steps; ++i) {
        const QPointF from = toScreen(work[i - 1].at), to = toScreen(work[i].at);
        switch (work[i].kind) {
        case NeedleStep::Kind::Stitch:
            painter.setPen(stitch);
            painter.drawLine(from, to);
            break;
        case NeedleStep::Kind::Jump:
            painter.setPen(jump);
            painter.drawLine(from, to);
            break;
        case NeedleStep::Kind::Trim:
            painter.setPen(QPen(c.madder, 2));
            painter.drawLine(to + QPointF(-5, -5), to + QPointF(5, 5));
            painter.drawLine(to + QPointF(-5, 5), to + QPointF(5, -5));
            break;
        case NeedleStep::Kind::Stop:
            painter.setPen(QPen(c.band, 2));
            painter.setBrush(m_shown->cloth);
            painter.drawRect(QRectF(to - QPointF(5, 5), QSizeF(10, 10)));
            break;
        }
    }
    if (steps == 0)
        return;
    painter.setPen(QPen(c.band, 2));
    painter.setBrush(m_shown->cloth);
    painter.drawEllipse(toScreen(work.front().at), 5, 5);
    painter.setBrush(c.band);
    painter.drawEllipse(toScreen(work[steps - 1].at), 5, 5);
}

void ClothView::paintThickness(QPainter& painter)
{
    // Threads are counted once, not each time they are painted.
    if (m_thickness.isNull()) {
        const Box& box = m_box_mm;
        if (box.isEmpty())
            return;
        ThreadRaster raster(box);
        const auto& work = m_shown->work;
        for (std::size_t i = 1; i < work.size(); ++i)
            if (work[i].kind == NeedleStep::Kind::Stitch && work[i - 1].kind == NeedleStep::Kind::Stitch)
                raster.lay(work[i - 1].at, work[i].at);
        m_thickness = QImage(int(raster.columns()), int(raster.rows()), QImage::Format_ARGB32);
        m_thickness.fill(Qt::transparent);
        const auto tones = thicknessTones();
        for (std::size_t row = 0; row < raster.rows(); ++row)
            for (std::size_t column = 0; column < raster.columns(); ++column) {
                const int layers = raster.layers(column, row);
                if (layers == 0)
                    continue;
                double share = 0.0;
                for (const auto& tone : tones)
                    if (layers >= tone.from)
                        share = tone.share;
                m_thickness.setPixelColor(int(column), int(raster.rows() - 1 - row),
                                          mixed(m_shown->cloth.darker(108), m_theme.colours().band, share));
            }
        const Point low = raster.centreOf(0, 0),
                    high = raster.centreOf(raster.columns() - 1, raster.rows() - 1);
        m_thickness_mm = grownBy({low.x, low.y, high.x, high.y}, raster.pixel_mm() / 2);
    }
    const QRectF where(toScreen({m_thickness_mm.x0, m_thickness_mm.y1}),
                       toScreen({m_thickness_mm.x1, m_thickness_mm.y0}));
    painter.setRenderHint(QPainter::SmoothPixmapTransform, where.width() < 4.0 * m_thickness.width());
    painter.drawImage(where, m_thickness);
}

void ClothView::paintLegend(QPainter& painter) const
{
    painter.setFont(m_theme.text(TextSize::Small));
    const int line = painter.fontMetrics().height() + kGrid;
    const auto entry = [&](int number, const QString& words, const std::function<void(const QRectF&)>& sign) {
        const QRectF box(kMargin, height() - kMargin - line * (number + 1), line - kGrid, line - kGrid);
        sign(box);
        painter.setPen(m_shown->cloth.lightness() > 128 ? QColor(m_theme.colours().band) : QColor(Qt::white));
        painter.drawText(QPointF(box.right() + 2 * kGrid, box.bottom() - painter.fontMetrics().descent()),
                         words);
    };
    if (m_look == Look::Thickness) {
        int number = 0;
        for (const auto& tone : thicknessTones())
            entry(number++, tone.words, [&](const QRectF& box) {
                painter.fillRect(box, mixed(m_shown->cloth.darker(108), m_theme.colours().band, tone.share));
            });
    } else if (m_look == Look::Way) {
        const auto& c = m_theme.colours();
        entry(0, tr("a cut of the thread, and the way without it"), [&](const QRectF& box) {
            painter.setPen(QPen(c.madder, 2));
            painter.drawLine(box.center() + QPointF(-5, -5), box.center() + QPointF(5, 5));
            painter.drawLine(box.center() + QPointF(-5, 5), box.center() + QPointF(5, -5));
        });
        entry(1, tr("a stop"), [&](const QRectF& box) {
            painter.setPen(QPen(c.band, 2));
            painter.setBrush(m_shown->cloth);
            painter.drawRect(QRectF(box.center() - QPointF(5, 5), QSizeF(10, 10)));
        });
        entry(2, tr("begins at the ring, ends at the dot"), [&](const QRectF& box) {
            painter.setPen(QPen(c.band, 2));
            painter.setBrush(m_shown->cloth);
            painter.drawEllipse(box.center(), 5, 5);
        });
    }
}

void ClothView::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    if (!m_shown) {
        painter.fillRect(rect(), m_theme.colours().wash);
        painter.setPen(m_theme.colours().soft_ink);
        painter.setFont(m_theme.text(TextSize::Lead));
        painter.drawText(rect().adjusted(kMargin, 0, -kMargin, 0), Qt::AlignCenter | Qt::TextWordWrap,
                         m_message);
        return;
    }
    paintGround(painter);
    paintHoop(painter);
    switch (m_look) {
    case Look::Cloth:
        paintLaidCloth(painter);
        paintThreads(painter);
        break;
    case Look::Way:
        paintWay(painter);
        break;
    case Look::Thickness:
        paintThickness(painter);
        break;
    }
    paintStroke(painter);
    paintLegend(painter);
    if (hasFocus()) {
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(m_theme.colours().madder, 1));
        painter.drawRect(rect().adjusted(0, 0, -1, -1));
    }
}

void ClothView::wheelEvent(QWheelEvent* event)
{
    if (m_shown && event->angleDelta().y() != 0)
        zoomBy(event->angleDelta().y() > 0 ? kZoomStep : 1.0 / kZoomStep, event->position());
    event->accept();
}

void ClothView::mousePressEvent(QMouseEvent* event)
{
    m_drag_from = event->position();
    m_is_panning = false;
    m_drag_middle = m_middle;
}

void ClothView::mouseMoveEvent(QMouseEvent* event)
{
    if (!m_shown || !(event->buttons() & Qt::LeftButton))
        return;
    const QPointF way = event->position() - m_drag_from;
    m_is_panning = m_is_panning || way.manhattanLength() >= QApplication::startDragDistance();
    if (!m_is_panning)
        return;
    const QPointF by = way / pixelsPerMm();
    m_middle = m_drag_middle - Point{by.x(), -by.y()};
    moved();
}

void ClothView::mouseReleaseEvent(QMouseEvent* event)
{
    if (m_shown && event->button() == Qt::LeftButton && !m_is_panning)
        emit pressed(toMm(event->position()));
}

void ClothView::keyPressEvent(QKeyEvent* event)
{
    const QPointF middle(width() / 2.0, height() / 2.0);
    const double step = m_shown ? kPanShare * width() / pixelsPerMm() : 0.0;
    const auto pan = [&](double x, double y) {
        m_middle = m_middle + Point{x * step, y * step};
        moved();
    };
    switch (event->key()) {
    case Qt::Key_Plus:
    case Qt::Key_Equal:
        return zoomBy(kZoomStep, middle);
    case Qt::Key_Minus:
        return zoomBy(1.0 / kZoomStep, middle);
    case Qt::Key_0:
        return zoomToFit();
    case Qt::Key_PageDown:
        return emit stepWanted(1);
    case Qt::Key_PageUp:
        return emit stepWanted(-1);
    case Qt::Key_Left:
        return pan(-1, 0);
    case Qt::Key_Right:
        return pan(1, 0);
    case Qt::Key_Up:
        return pan(0, 1);
    case Qt::Key_Down:
        return pan(0, -1);
    default:
        QWidget::keyPressEvent(event);
    }
}

} // namespace ink::ui
