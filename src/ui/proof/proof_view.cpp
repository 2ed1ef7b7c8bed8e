#include "ui/proof/proof_view.h"

#include "ui/outline_paths.h"
#include "ui/proof/proof_words.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>

#include <algorithm>
#include <cmath>

namespace ink::ui {
namespace {

constexpr int kRing_px = 11;
constexpr int kHandle_px = 6;
/// As much of the words stays in sight about a place.
constexpr double kAbout_mm = 12.0;
/// Where places lie closer than this, one ring stands for them.
constexpr double kSamePlace_px = 10.0;
/// More labels than these hide the words.
constexpr std::size_t kMostLabels = 8;
/// So much smaller are rings that would hide them.
constexpr double kCrowded = 0.3;

} // namespace

ProofView::ProofView(const Theme& theme, QWidget* parent) : WeldView(theme, parent)
{
    setObjectName(QStringLiteral("proofPaper"));
}

void ProofView::showFindings(Shown shown)
{
    m_shown = std::move(shown);
    if (m_finding && *m_finding >= m_shown.findings.size())
        m_finding.reset();
    if (m_bridge && *m_bridge >= m_shown.bridges.size())
        m_bridge.reset();
    if (m_dragged && *m_dragged >= m_shown.bridges.size())
        m_dragged.reset();
    update();
}

void ProofView::choose(std::optional<std::size_t> finding, std::optional<std::size_t> bridge)
{
    m_finding = finding && *finding < m_shown.findings.size() ? finding : std::nullopt;
    m_bridge = bridge && *bridge < m_shown.bridges.size() ? bridge : std::nullopt;
    update();
}

QPointF ProofView::placeOf(const ProofFinding& finding) const
{
    return toScreen(QPointF(finding.at.x, -finding.at.y) / m_shown.scale);
}

QPointF ProofView::placeOf(const StencilBridge& bridge) const
{
    const Point at = lerp(bridge.from, bridge.to, 0.5);
    return toScreen({at.x, -at.y});
}

bool ProofView::isInSight(QPointF px) const
{
    const double air = theme().scaled(4 * kRing_px);
    return paperArea().adjusted(air, air, -air, -air).contains(px);
}

void ProofView::showPlace(bool is_large)
{
    std::optional<QPointF> px;
    double extent_mm = 0.0;
    if (m_finding) {
        const auto& f = m_shown.findings[*m_finding];
        px = placeOf(f);
        extent_mm = std::hypot(f.box.width(), f.box.height()) / m_shown.scale;
    } else if (m_bridge) {
        px = placeOf(m_shown.bridges[*m_bridge]);
    }
    if (!px || !hasDesign() || (!is_large && (followsFit() || isInSight(*px))))
        return;
    const QPointF mm = toMm(*px);
    if (is_large) {
        const double wanted_px_per_mm =
            std::min(paperArea().width(), paperArea().height()) / std::max(kAbout_mm, 2.0 * extent_mm);
        if (wanted_px_per_mm > pixelsPerMm())
            setZoom(zoom() * wanted_px_per_mm / pixelsPerMm());
    }
    centreOn(mm);
}

void ProofView::showUnmended(std::shared_ptr<const Design> design)
{
    if (design && !m_mended) {
        m_mended = this->design();
        holdView(true);
        if (m_mended)
            showDesign(std::move(design));
    } else if (!design && m_mended) {
        showDesign(std::move(m_mended));
        m_mended.reset();
        holdView(false);
    }
}

QRectF ProofView::boxToShow() const
{
    QRectF box = WeldView::boxToShow();
    for (const auto& line : m_shown.lines_mm)
        box |= toRect(line.bounds());
    return box;
}

void ProofView::paintOver(QPainter& painter)
{
    paintLines(painter);
    if (m_mended)
        return; // nothing but the words as they were
    paintBridges(painter);
    paintFindings(painter);
}

void ProofView::paintLines(QPainter& painter) const
{
    painter.setPen(QPen(theme().colours().soft_ink, 1.2, Qt::DashLine));
    for (const auto& line : m_shown.lines_mm)
        for (const auto& s : line.segments)
            painter.drawLine(toScreen({s.start().x, -s.start().y}), toScreen({s.end().x, -s.end().y}));
}

void ProofView::paintBridges(QPainter& painter) const
{
    const auto& c = theme().colours();
    const double r = theme().scaled(kHandle_px);
    for (std::size_t i = 0; i < m_shown.bridges.size(); ++i) {
        const auto& bridge = m_shown.bridges[i];
        const bool is_chosen = m_bridge == i;
        const QPointF at = m_dragged == i ? m_drag_px : placeOf(bridge);
        painter.setPen(QPen(is_chosen ? c.madder : c.leaf, is_chosen ? 2.5 : 1.5));
        painter.setBrush(is_chosen ? c.honey : c.card);
        painter.drawRoundedRect(QRectF(at.x() - r, at.y() - r, 2 * r, 2 * r), 3, 3);
    }
}

void ProofView::paintFindings(QPainter& painter) const
{
    const auto& c = theme().colours();
    const double r = theme().scaled(kRing_px);
    painter.setFont(theme().text(TextSize::Small, true));
    const QFontMetrics metrics(painter.font());
    const auto figures = dimensionFigures();
    std::vector<QRectF> taken(figures.begin(), figures.end());
    std::vector<QPointF> rings;
    const auto isFree = [&](const QRectF& box) {
        return std::ranges::none_of(taken, [&](const QRectF& other) { return other.intersects(box); });
    };
    // Beside the ring where there is room: above, below, right, left.
    const auto labelFor = [&](QPointF at, const QString& figure) -> std::optional<QRectF> {
        const QSizeF size(metrics.horizontalAdvance(figure) + 3 * kGrid, metrics.height() + kGrid);
        for (const QPointF corner : {QPointF(at.x() + 0.5 * r, at.y() - r - size.height() - 2),
                                     QPointF(at.x() + 0.5 * r, at.y() + r + 2),
                                     QPointF(at.x() - 0.5 * r - size.width(), at.y() - r - size.height() - 2),
                                     QPointF(at.x() - 0.5 * r - size.width(), at.y() + r + 2)})
            if (const QRectF label(corner, size); paperArea().contains(label) && isFree(label)) {
                taken.push_back(label);
                return label;
            }
        return {};
    };
    // What is chosen has the first choice, and lies above.
    std::optional<QRectF> chosen_label;
    if (m_finding)
        if (const auto& f = m_shown.findings[*m_finding]; !figureOf(f, unit()).isEmpty())
            if (chosen_label = labelFor(placeOf(f), figureOf(f, unit())); !chosen_label) {
                taken.clear(); // where there is no other room, over the dimensions
                chosen_label = labelFor(placeOf(f), figureOf(f, unit()));
            }
    const bool is_crowded = m_shown.findings.size() > kMostLabels;
    const double small = is_crowded ? kCrowded * r : r;
    const auto paint = [&](const ProofFinding& f, bool is_chosen) {
        const QString figure = figureOf(f, unit());
        if (figure.isEmpty())
            return; // about all of the words
        const QPointF at = placeOf(f);
        if (!paperArea().adjusted(-r, -r, r, r).contains(at))
            return;
        if (!is_chosen && std::ranges::any_of(rings, [&](QPointF other) {
                return std::hypot(other.x() - at.x(), other.y() - at.y()) < kSamePlace_px;
            }))
            return;
        rings.push_back(at);
        const bool fails = f.level == FindingLevel::Fails;
        const QColor colour = fails ? c.madder : c.ochre;
        if (is_crowded && !is_chosen) { // pressed, each says its figure
            painter.setPen(QPen(c.card, 1.5));
            painter.setBrush(fails ? colour : c.card);
            painter.drawEllipse(at, small + 1, small + 1);
            painter.setPen(QPen(colour, 1.5));
            painter.drawEllipse(at, small, small);
            return;
        }
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(c.card, is_chosen ? 6 : 4));
        painter.drawEllipse(at, r, r);
        painter.setPen(QPen(colour, is_chosen ? 3 : 2, fails ? Qt::SolidLine : Qt::DotLine));
        painter.drawEllipse(at, r, r);
        if (fails)
            painter.drawEllipse(at, r - 4, r - 4);
        const auto label = is_chosen ? chosen_label : labelFor(at, figure);
        if (!label)
            return;
        painter.setPen(is_chosen ? QPen(c.ink, 1) : QPen(c.rule, 1));
        painter.setBrush(is_chosen ? c.band : c.card);
        painter.drawRoundedRect(*label, 4, 4);
        painter.setPen(is_chosen ? c.on_band : c.ink);
        painter.drawText(*label, Qt::AlignCenter, figure);
    };
    for (std::size_t i = 0; i < m_shown.findings.size(); ++i)
        if (m_finding != i)
            paint(m_shown.findings[i], false);
    if (m_finding)
        paint(m_shown.findings[*m_finding], true);
}

std::optional<std::size_t> ProofView::findingAt(QPointF px) const
{
    const double within = theme().scaled(kRing_px) + 3;
    std::optional<std::size_t> found;
    double least = within;
    for (std::size_t i = 0; i < m_shown.findings.size(); ++i) {
        if (figureOf(m_shown.findings[i], unit()).isEmpty())
            continue;
        const QPointF at = placeOf(m_shown.findings[i]);
        if (const double away = std::hypot(at.x() - px.x(), at.y() - px.y()); away < least) {
            least = away;
            found = i;
        }
    }
    return found;
}

std::optional<std::size_t> ProofView::bridgeAt(QPointF px) const
{
    const double within = theme().scaled(kHandle_px) + 4;
    for (std::size_t i = 0; i < m_shown.bridges.size(); ++i) {
        const QPointF at = placeOf(m_shown.bridges[i]);
        if (std::abs(at.x() - px.x()) <= within && std::abs(at.y() - px.y()) <= within)
            return i;
    }
    return {};
}

void ProofView::mousePressEvent(QMouseEvent* event)
{
    m_pressed_px = event->position();
    if (event->button() == Qt::LeftButton && !m_mended) {
        if (const auto bridge = bridgeAt(event->position())) {
            m_dragged = bridge;
            m_drag_px = event->position();
            emit bridgePressed(*bridge);
            return;
        }
        if (const auto finding = findingAt(event->position())) {
            emit findingPressed(*finding);
            return;
        }
    }
    WeldView::mousePressEvent(event);
}

void ProofView::mouseMoveEvent(QMouseEvent* event)
{
    if (!m_dragged)
        return WeldView::mouseMoveEvent(event);
    m_drag_px = event->position();
    update();
}

void ProofView::mouseReleaseEvent(QMouseEvent* event)
{
    if (!m_dragged)
        return WeldView::mouseReleaseEvent(event);
    const auto dragged = *std::exchange(m_dragged, std::nullopt);
    const QPointF way = event->position() - m_pressed_px;
    const QPointF mm = toMm(event->position());
    update();
    if (std::hypot(way.x(), way.y()) > 4.0)
        emit bridgeDragged(dragged, {mm.x(), -mm.y()});
}

void ProofView::mouseDoubleClickEvent(QMouseEvent* event)
{
    if (bridgeAt(event->position()) || findingAt(event->position()))
        return;
    const QPointF mm = toMm(event->position());
    emit bridgeWanted({mm.x(), -mm.y()});
}

void ProofView::keyPressEvent(QKeyEvent* event)
{
    switch (event->key()) {
    case Qt::Key_Space:
        if (!event->isAutoRepeat())
            emit unmendedWanted(true);
        return;
    case Qt::Key_Up:
        return emit stepWanted(-1);
    case Qt::Key_Down:
        return emit stepWanted(1);
    case Qt::Key_Return:
    case Qt::Key_Enter:
        return emit usualWanted();
    case Qt::Key_Delete:
        return emit leaveWanted();
    case Qt::Key_Escape:
        if (m_dragged) {
            m_dragged.reset();
            return update();
        }
        break;
    default:
        break;
    }
    WeldView::keyPressEvent(event);
}

void ProofView::keyReleaseEvent(QKeyEvent* event)
{
    if (event->key() == Qt::Key_Space && !event->isAutoRepeat())
        return emit unmendedWanted(false);
    WeldView::keyReleaseEvent(event);
}

void ProofView::focusOutEvent(QFocusEvent* event)
{
    emit unmendedWanted(false); // the key is let go elsewhere
    WeldView::focusOutEvent(event);
}

} // namespace ink::ui
