#include "ui/compose/weld_view.h"

#include "core/geometry/nesting.h"
#include "core/geometry/reduce.h"
#include "ui/measures.h"
#include "ui/outline_paths.h"
#include "ui/text.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QScreen>
#include <QWheelEvent>

#include <algorithm>
#include <array>
#include <cmath>

namespace ink::ui {
namespace {

/// How far off the words their width and height are written; what sizes them stands between.
constexpr int kWidthOff_px = 34;
constexpr double kHeightOff_px = 22.0;

constexpr int kRuler_px = 20; // at 100 % text
constexpr double kMinZoom = 0.01;
constexpr double kMaxZoom = 200.0;
constexpr double kStep = 1.25;

bool comesBefore(Point a, Point b)
{
    return std::pair(a.x, a.y) < std::pair(b.x, b.y);
}

} // namespace

WeldView::WeldView(const Theme& theme, QWidget* parent)
    : QWidget(parent), m_theme(theme), m_material(theme.colours().ink)
{
    setFocusPolicy(Qt::StrongFocus);
    setMouseTracking(false);
    setMinimumSize(320, 240);
    setAccessibleName(tr("The welded words at true size"));
    setCursor(Qt::OpenHandCursor);
}

void WeldView::showDesign(std::shared_ptr<const Design> design)
{
    m_design = std::move(design);
    m_message.clear();
    m_glyphs_mm.clear();
    m_pieces_mm = piecePaths(m_design->outline_mm);
    m_parts.clear();
    for (const auto& part : m_design->parts)
        m_parts.push_back({toPainterPath(part.outline_mm), colourOf(part.handling),
                           part.handling.operation.value_or(Operation::Cut)});
    m_nodes_mm.reset();
    m_box_mm = toRect(m_design->figures_mm.box);
    const auto& f = m_design->figures_mm;
    setAccessibleDescription(tr("%1, %2, %3 wide, %4 high")
                                 .arg(tr("%n piece(s)", nullptr, static_cast<int>(f.pieces)),
                                      tr("%n middle(s)", nullptr, static_cast<int>(f.middles)),
                                      figureWithUnit(f.box.width(), m_unit),
                                      figureWithUnit(f.box.height(), m_unit)));
    if (m_follows_fit && !m_is_held)
        zoomToFit();
    keepInSight();
    update();
}

void WeldView::showMessage(const QString& message)
{
    m_design.reset();
    m_pieces_mm.clear();
    m_parts.clear();
    m_glyphs_mm.clear();
    m_message = message;
    setAccessibleDescription(message);
    update();
}

void WeldView::setLook(Look look)
{
    m_look = look;
    update();
}

void WeldView::setMaterial(const QColor& colour)
{
    m_material = colour;
    update();
}

/// None for the job's own material; words that no card knows show in a paler ink.
QColor WeldView::colourOf(const Handling& handling) const
{
    if (handling.colour.empty())
        return {};
    if (const QColor thread(text(handling.colour)); handling.colour.starts_with('#') && thread.isValid())
        return thread;
    if (m_cards)
        if (const auto* card = materialCalled(*m_cards, handling.colour))
            return QColor(text(card->colour));
    return m_theme.colours().soft_ink;
}

/// What is drawn or scored is a line.
void WeldView::paintParts(QPainter& painter, const QTransform& to_screen) const
{
    const auto& c = m_theme.colours();
    for (const auto& part : m_parts) {
        const QPainterPath path = to_screen.map(part.path_mm);
        const QColor colour = part.colour.isValid() ? part.colour : m_material;
        if (part.operation == Operation::Cut)
            painter.fillPath(path, colour);
        const bool is_pale = contrast(colour, c.card) < 1.6;
        if (part.operation != Operation::Cut || is_pale)
            painter.strokePath(path, QPen(is_pale ? c.ink : colour, 2.0,
                                          part.operation == Operation::Score ? Qt::DashLine : Qt::SolidLine));
    }
}

void WeldView::setOverlapsShown(bool shown)
{
    m_overlaps_shown = shown;
    update();
}

void WeldView::setNodesShown(bool shown)
{
    m_nodes_shown = shown;
    update();
}

const std::vector<std::pair<QPointF, WeldView::NodeMark>>& WeldView::nodes() const
{
    if (m_nodes_mm)
        return *m_nodes_mm;
    auto& found = m_nodes_mm.emplace();
    if (!m_design)
        return found;
    auto crossings = m_design->crossings_mm;
    std::ranges::sort(crossings, comesBefore);
    for (const auto& ring : toPaths(m_design->outline_mm))
        for (std::size_t i = 0; i < ring.segments.size(); ++i) {
            const Point p = ring.segments[i].start();
            const auto mark = std::ranges::binary_search(crossings, p, comesBefore) ? NodeMark::Crossing
                              : nodeKind(ring, i) == NodeKind::Corner               ? NodeMark::Corner
                                                                                    : NodeMark::Smooth;
            found.emplace_back(QPointF(p.x, -p.y), mark);
        }
    return found;
}

WeldView::NodeCounts WeldView::nodeCounts() const
{
    NodeCounts out;
    for (const auto& node : nodes())
        ++(node.second == NodeMark::Corner   ? out.corners
           : node.second == NodeMark::Smooth ? out.smooth
                                             : out.crossings);
    return out;
}

void WeldView::setUnit(LengthUnit unit)
{
    if (unit == m_unit)
        return; // every edit of the job passes here
    m_unit = unit;
    update();
}

double WeldView::pixelsPerMm() const
{
    const double dpi = screen() ? screen()->physicalDotsPerInch() : 96.0;
    // Screens that do not know their size say nonsense; 96 is what CSS takes a pixel for.
    const double believable_dpi = dpi > 50.0 && dpi < 600.0 ? dpi : 96.0;
    return m_zoom * believable_dpi / kMmPerInch;
}

int WeldView::ruler() const
{
    return m_theme.scaled(kRuler_px);
}

QRectF WeldView::paperArea() const
{
    return QRectF(rect()).adjusted(ruler(), ruler(), 0, 0);
}

QPointF WeldView::toScreen(QPointF mm) const
{
    return paperArea().center() + (mm - m_centre_mm) * pixelsPerMm();
}

QPointF WeldView::toMm(QPointF screen_point) const
{
    return (screen_point - paperArea().center()) / pixelsPerMm() + m_centre_mm;
}

void WeldView::startPanning(QPoint from)
{
    m_is_dragging = true;
    m_drag_from = from;
    setCursor(Qt::ClosedHandCursor);
}

void WeldView::zoomAbout(double zoom, QPointF screen_point)
{
    m_follows_fit = false;
    const QPointF before = (screen_point - paperArea().center()) / pixelsPerMm();
    m_zoom = std::clamp(zoom, kMinZoom, kMaxZoom);
    const QPointF after = (screen_point - paperArea().center()) / pixelsPerMm();
    m_centre_mm += before - after;
    keepInSight();
    update();
    emit zoomChanged(m_zoom);
}

void WeldView::setZoom(double zoom)
{
    zoomAbout(zoom, paperArea().center());
}

void WeldView::zoomToFit()
{
    m_follows_fit = true;
    if (!m_design)
        return;
    // Room for the figures, but never so much that none is left for the words.
    const QRectF paper = paperArea();
    const double side = std::min<double>(m_theme.scaled(64), 0.16 * std::min(paper.width(), paper.height()));
    const QFontMetrics metrics(m_theme.text(TextSize::Small, true));
    const double right = metrics.horizontalAdvance(QStringLiteral("000.0 mm")) + kHeightOff_px + kGrid;
    const double below = m_theme.scaled(kWidthOff_px) + metrics.height() / 2.0 + kGrid;
    const double above = std::max(side, std::min<double>(m_top_room, paper.height() / 4));
    const QRectF area =
        paper.adjusted(side, above, -std::max(1.5 * side, right), -std::max(1.5 * side, below));
    const QRectF box = boxToShow();
    m_zoom = 1.0;
    const double fit = std::min(area.width() / box.width(), area.height() / box.height()) / pixelsPerMm();
    m_zoom = std::clamp(fit, kMinZoom, kMaxZoom);
    m_centre_mm = box.center() + (paper.center() - area.center()) / pixelsPerMm();
    update();
    emit zoomChanged(m_zoom);
}

void WeldView::centreOn(QPointF mm)
{
    m_follows_fit = false;
    m_centre_mm = mm;
    keepInSight();
    update();
    emit zoomChanged(m_zoom); // what stands at its place on the paper moves along
}

void WeldView::keepInSight()
{
    // A part of the words always stays on the paper: nobody has to search for them.
    if (!m_design)
        return;
    const QSizeF half = paperArea().size() / (2.0 * pixelsPerMm());
    const double dx = half.width() * 0.9, dy = half.height() * 0.9;
    m_centre_mm.setX(std::clamp(m_centre_mm.x(), m_box_mm.left() - dx, m_box_mm.right() + dx));
    m_centre_mm.setY(std::clamp(m_centre_mm.y(), m_box_mm.top() - dy, m_box_mm.bottom() + dy));
}

void WeldView::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const QRectF area = paperArea();
    painter.fillRect(rect(), m_theme.colours().card);
    painter.save();
    painter.setClipRect(area);
    paintPaper(painter, area);
    if (m_design) {
        paintDesign(painter);
        if (m_nodes_shown)
            paintNodes(painter);
        paintDimensions(painter);
        paintOver(painter);
    }
    painter.restore();
    paintRulers(painter);
    if (!m_design)
        paintMessage(painter);
    if (hasFocus()) {
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(m_theme.colours().madder, 2));
        painter.drawRect(QRectF(rect()).adjusted(1, 1, -1, -1));
    }
    emit painted();
}

void WeldView::paintPaper(QPainter& painter, const QRectF& area) const
{
    const double per_unit = pixelsPerMm() * (m_unit == LengthUnit::Inch ? kMmPerInch : 1.0);
    const double step = tickStep(per_unit, 34) * per_unit;
    const QPointF origin = toScreen({0, 0});
    // Hairlines on whole pixels: without smoothing they cost next to nothing.
    painter.setRenderHint(QPainter::Antialiasing, false);
    painter.setPen(m_theme.colours().wash);
    for (double x = origin.x() - std::floor((origin.x() - area.left()) / step) * step; x <= area.right();
         x += step)
        painter.drawLine(QPointF(std::round(x) + 0.5, area.top()),
                         QPointF(std::round(x) + 0.5, area.bottom()));
    for (double y = origin.y() - std::floor((origin.y() - area.top()) / step) * step; y <= area.bottom();
         y += step)
        painter.drawLine(QPointF(area.left(), std::round(y)), QPointF(area.right(), std::round(y)));
    painter.setRenderHint(QPainter::Antialiasing, true);
}

void WeldView::paintDesign(QPainter& painter) const
{
    const auto& c = m_theme.colours();
    // Mapped to pixels first: filling a path through a scaled painter takes Qt ten times as long. Piece by
    // piece: a path with many nodes takes its rasteriser several rounds, all of them through the whole path.
    const QPointF origin = toScreen({0, 0});
    const QTransform to_screen(pixelsPerMm(), 0, 0, pixelsPerMm(), origin.x(), origin.y());
    std::vector<QPainterPath> welded;
    for (const auto& piece : m_pieces_mm)
        if (QPainterPath path = to_screen.map(piece); path.controlPointRect().intersects(paperArea()))
            welded.push_back(std::move(path));
    std::vector<QPainterPath> letters;
    if (m_overlaps_shown && m_glyphs_mm.empty())
        for (const auto& glyph : m_design->glyphs_mm)
            m_glyphs_mm.push_back(toPainterPath(glyph));
    if (m_overlaps_shown)
        for (const auto& glyph : m_glyphs_mm)
            letters.push_back(to_screen.map(glyph));

    painter.save();
    if (m_look == Look::Material && !m_parts.empty()) {
        paintParts(painter, to_screen);
    } else if (m_look == Look::Material) {
        for (const auto& piece : welded)
            painter.fillPath(piece, m_material);
        if (contrast(m_material, c.card) < 1.6) // a pale material still has an edge
            for (const auto& piece : welded)
                painter.strokePath(piece, QPen(c.ink, 1.5));
    } else {
        QColor tint = c.madder; // see-through letters: darker where two of them lie on each other
        tint.setAlphaF(0.22f);
        for (const auto& letter : letters)
            painter.fillPath(letter, tint);
        for (const auto& piece : welded)
            painter.strokePath(piece, QPen(c.ink, 1.6));
    }
    if (m_overlaps_shown) {
        const bool on_dark = m_look == Look::Material && contrast(m_material, QColor(Qt::white)) >= 3.0;
        QPainterPath ink;
        ink.setFillRule(Qt::WindingFill);
        for (const auto& piece : welded)
            ink.addPath(piece);
        painter.setClipPath(ink, Qt::IntersectClip);
        for (const auto& letter : letters)
            painter.strokePath(letter, QPen(on_dark ? QColor(Qt::white) : c.madder, 1.4, Qt::DashLine));
    }
    painter.restore();
}

void WeldView::paintNodes(QPainter& painter) const
{
    const auto& c = m_theme.colours();
    // Where nodes would cover each other they shrink, down to what can still be told apart.
    const double r = std::clamp(pixelsPerMm() * 0.3, 2.0, 4.0);
    painter.setPen(QPen(c.ink, 1.2));
    for (const auto& [place, mark] : nodes()) {
        const QPointF p = toScreen(place);
        if (!rect().contains(p.toPoint()))
            continue;
        painter.setBrush(mark == NodeMark::Crossing ? c.madder : c.card);
        if (mark == NodeMark::Corner)
            painter.drawRect(QRectF(p.x() - r, p.y() - r, 2 * r, 2 * r));
        else if (mark == NodeMark::Smooth)
            painter.drawEllipse(p, r, r);
        else
            painter.drawPolygon(QPolygonF{{p.x(), p.y() - 1.6 * r},
                                          {p.x() + 1.6 * r, p.y()},
                                          {p.x(), p.y() + 1.6 * r},
                                          {p.x() - 1.6 * r, p.y()}});
    }
}

std::array<QRectF, 2> WeldView::dimensionFigures() const
{
    const QPointF low_left = toScreen(m_box_mm.bottomLeft());
    const QPointF low_right = toScreen(m_box_mm.bottomRight());
    const QPointF top_right = toScreen(m_box_mm.topRight());
    const QFontMetrics metrics(m_theme.text(TextSize::Small, true));
    const auto at = [&](QPointF middle, int width) {
        const QSizeF size(width, metrics.height() + 8);
        return QRectF(middle - QPointF(size.width() / 2, size.height() / 2), size);
    };
    const int width = metrics.horizontalAdvance(figureWithUnit(m_box_mm.width(), m_unit));
    const int height = metrics.horizontalAdvance(figureWithUnit(m_box_mm.height(), m_unit));
    return {at({(low_left.x() + low_right.x()) / 2, low_left.y() + m_theme.scaled(kWidthOff_px)}, width + 16),
            at({top_right.x() + height / 2.0 + kHeightOff_px, (top_right.y() + low_right.y()) / 2}, height)};
}

void WeldView::paintDimensions(QPainter& painter) const
{
    const auto& c = m_theme.colours();
    const QRectF box(toScreen(m_box_mm.topLeft()), toScreen(m_box_mm.bottomRight()));
    const auto [width, height] = dimensionFigures();
    const double y = width.center().y(), x = height.center().x();
    painter.setFont(m_theme.text(TextSize::Small, true));
    painter.setPen(QPen(c.soft_ink, 1));
    painter.drawLine(QPointF(box.left(), y - 5), QPointF(box.left(), y + 5));
    painter.drawLine(QPointF(box.right(), y - 5), QPointF(box.right(), y + 5));
    painter.drawLine(QPointF(box.left(), y), QPointF(width.left(), y));
    painter.drawLine(QPointF(width.right(), y), QPointF(box.right(), y));
    painter.drawLine(QPointF(x - 5, box.top()), QPointF(x + 5, box.top()));
    painter.drawLine(QPointF(x - 5, box.bottom()), QPointF(x + 5, box.bottom()));
    if (box.height() > height.height()) {
        painter.drawLine(QPointF(x, box.top()), QPointF(x, height.top()));
        painter.drawLine(QPointF(x, height.bottom()), QPointF(x, box.bottom()));
    }
    painter.setPen(c.ink);
    const auto write = [&](const QRectF& at, double mm) {
        painter.drawText(at.adjusted(-60, -12, 60, 12), Qt::AlignCenter, figureWithUnit(mm, m_unit));
    };
    write(width, m_box_mm.width());
    write(height, m_box_mm.height());
}

void WeldView::resizeEvent(QResizeEvent* event)
{
    QWidget::resizeEvent(event);
    if (m_follows_fit)
        zoomToFit();
}

void WeldView::wheelEvent(QWheelEvent* event)
{
    if (event->modifiers() & Qt::ControlModifier) {
        zoomAbout(m_zoom * std::pow(kStep, event->angleDelta().y() / 120.0), event->position());
    } else {
        const QPointF delta =
            event->pixelDelta().isNull() ? QPointF(event->angleDelta()) / 2.0 : QPointF(event->pixelDelta());
        m_follows_fit = false;
        m_centre_mm -= delta / pixelsPerMm();
        keepInSight();
        update();
    }
    event->accept();
}

void WeldView::mousePressEvent(QMouseEvent* event)
{
    m_is_dragging = event->button() == Qt::LeftButton || event->button() == Qt::MiddleButton;
    m_drag_from = event->pos();
    if (m_is_dragging)
        setCursor(Qt::ClosedHandCursor);
}

void WeldView::mouseMoveEvent(QMouseEvent* event)
{
    if (!m_is_dragging)
        return;
    m_follows_fit = false;
    m_centre_mm -= QPointF(event->pos() - m_drag_from) / pixelsPerMm();
    m_drag_from = event->pos();
    keepInSight();
    update();
}

void WeldView::mouseReleaseEvent(QMouseEvent*)
{
    m_is_dragging = false;
    setCursor(Qt::OpenHandCursor);
}

void WeldView::keyPressEvent(QKeyEvent* event)
{
    constexpr double kPan_px = 40.0;
    static const std::array<std::pair<int, QPointF>, 4> kPans{
        {{Qt::Key_Left, {-1, 0}}, {Qt::Key_Right, {1, 0}}, {Qt::Key_Up, {0, -1}}, {Qt::Key_Down, {0, 1}}}};
    for (const auto& [key, direction] : kPans) {
        if (event->key() != key)
            continue;
        m_follows_fit = false;
        m_centre_mm += direction * kPan_px / pixelsPerMm();
        keepInSight();
        update();
        return;
    }
    if (event->key() == Qt::Key_Plus || event->key() == Qt::Key_Equal)
        setZoom(m_zoom * kStep);
    else if (event->key() == Qt::Key_Minus)
        setZoom(m_zoom / kStep);
    else if (event->key() == Qt::Key_0)
        zoomToFit();
    else if (event->key() == Qt::Key_1)
        setZoom(1.0);
    else
        QWidget::keyPressEvent(event);
}

} // namespace ink::ui
