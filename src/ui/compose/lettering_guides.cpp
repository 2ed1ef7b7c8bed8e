// Guides on the paper: pulled from the rulers, moved, drawn to, taken away.
#include "core/design/shape_handle.h"
#include "ui/compose/lettering_view.h"
#include "ui/measures.h"
#include "ui/text.h"

#include <QPainter>

#include <algorithm>
#include <cmath>

namespace ink::ui {
namespace {

constexpr double kGuideReach_px = 4.0;
constexpr double kEndRing_px = 5.0;

} // namespace

std::optional<std::size_t> LetteringView::guideUnder(QPointF screen) const
{
    const auto& guides = m_job.job().lettering.guides;
    for (std::size_t i = guides.size(); i-- > 0;) {
        const QPointF at = guideOnScreen(guides[i]);
        if (std::abs(guides[i].is_upright ? at.x() - screen.x() : at.y() - screen.y()) <= kGuideReach_px)
            return i;
    }
    return {};
}

QPointF LetteringView::guideOnScreen(const Guide& guide) const
{
    const double u = guide.at_em * kU_per_em;
    const Point mm = m_composed->to_mm.map({u, u});
    return toScreen(QPointF(mm.x, -mm.y));
}

Point LetteringView::placeInU(QPointF screen) const
{
    const QPointF mm = toMm(screen);
    return m_composed->inU({mm.x(), -mm.y()});
}

double LetteringView::guideAt(QPointF screen, bool is_upright) const
{
    const Point u = placeInU(screen);
    return (is_upright ? u.x : u.y) / kU_per_em;
}

/// From the left ruler comes an upright guide, from the upper one a level one; a guide that lies there is
/// taken where no letter is.
bool LetteringView::takeGuide(QPointF screen)
{
    const QRectF paper = paperArea();
    const bool from_left = screen.x() < paper.left(), from_top = screen.y() < paper.top();
    if (from_left != from_top) {
        m_dragged_guide.reset();
        m_new_guide_is_upright = from_left;
        m_drag = Drag::Guide;
        return true;
    }
    if (letterUnder(screen) || pieceUnder(screen) || blockGripUnder(screen))
        return false;
    m_dragged_guide = guideUnder(screen);
    if (!m_dragged_guide)
        return false;
    m_guide = m_dragged_guide;
    m_drag = Drag::Guide;
    emit guidesChanged();
    return true;
}

void LetteringView::dragGuide(QPointF screen)
{
    const auto& guides = m_before_drag.lettering.guides;
    const bool is_new = !m_dragged_guide || *m_dragged_guide >= guides.size();
    const bool is_upright = is_new ? m_new_guide_is_upright : guides[*m_dragged_guide].is_upright;
    const Guide guide{is_upright, guideAt(screen, is_upright)};
    m_job.changeLettering(is_new ? tr("set a guide") : tr("move a guide"), [&](Job& job) {
        job.lettering.guides = guides;
        if (is_new)
            job.lettering.guides.push_back(guide);
        else
            job.lettering.guides[*m_dragged_guide] = guide;
    });
    m_guide = is_new ? guides.size() : *m_dragged_guide;
    m_note = fineLength(guideFigure(*m_guide), unit());
    emit guidesChanged();
}

/// Back to its ruler: it is taken away.
void LetteringView::dropGuide(QPointF screen)
{
    if (!paperArea().contains(screen))
        removeGuide();
}

double LetteringView::guideFigure(std::size_t index) const
{
    const auto& guide = m_job.job().lettering.guides[index];
    const double u = guide.at_em * kU_per_em;
    return guide.is_upright ? (u - m_composed->setting.ink.x0) * m_composed->mm_per_u
                            : (u - m_composed->setting.ink.y0) * m_composed->mm_per_u_up;
}

std::optional<double> LetteringView::guideFigure() const
{
    if (!m_composed || !guide())
        return {};
    return guideFigure(*guide());
}

void LetteringView::setGuideFigure(double mm)
{
    if (!m_composed || !guide())
        return;
    m_job.changeLettering(tr("move a guide"), [&](Job& job) {
        auto& changed = job.lettering.guides[*guide()];
        const double u = mm / (changed.is_upright ? m_composed->mm_per_u : m_composed->mm_per_u_up);
        const auto& ink = m_composed->setting.ink;
        changed.at_em = (u + (changed.is_upright ? ink.x0 : ink.y0)) / kU_per_em;
    });
}

std::optional<std::size_t> LetteringView::guide() const
{
    return m_guide && *m_guide < m_job.job().lettering.guides.size() ? m_guide : std::nullopt;
}

void LetteringView::addGuide(bool is_upright)
{
    const auto* place = m_composed ? caretPlace(m_caret) : nullptr;
    if (!place)
        return;
    const auto& line = m_composed->setting.lines[place->line];
    const double at = is_upright ? guideAt(toScreen(place->foot), true) : line.baseline / kU_per_em;
    m_job.endRun();
    m_job.changeLettering(tr("set a guide"), [&](Job& job) {
        job.lettering.guides.push_back({is_upright, at});
    });
    m_job.endRun();
    m_guide = m_job.job().lettering.guides.size() - 1;
    emit guidesChanged();
    update();
}

void LetteringView::removeGuide()
{
    if (!guide())
        return;
    m_job.changeLettering(tr("take a guide away"), [&](Job& job) {
        job.lettering.guides.erase(job.lettering.guides.begin() + static_cast<std::ptrdiff_t>(*guide()));
    });
    m_guide.reset();
    emit guidesChanged();
    update();
}

void LetteringView::paintGuides(QPainter& painter) const
{
    const auto& c = theme().colours();
    const QRectF paper = paperArea();
    const auto& guides = m_job.job().lettering.guides;
    for (std::size_t i = 0; i < guides.size(); ++i) {
        const QPointF at = guideOnScreen(guides[i]);
        painter.setPen(QPen(c.madder, guide() == i ? 1.6 : 0.8));
        guides[i].is_upright
            ? painter.drawLine(QPointF(at.x(), paper.top()), QPointF(at.x(), paper.bottom()))
            : painter.drawLine(QPointF(paper.left(), at.y()), QPointF(paper.right(), at.y()));
    }
    painter.setPen(QPen(c.madder, 1, Qt::DashLine));
    for (const auto& line : m_snap_lines)
        painter.drawLine(toScreen(line.p1()), toScreen(line.p2()));
    painter.setPen(QPen(c.madder, 1.6));
    painter.setBrush(Qt::NoBrush);
    for (const auto& end : m_ends) {
        const Point mm = m_composed->to_mm.map(end.at);
        painter.drawEllipse(toScreen(QPointF(mm.x, -mm.y)), kEndRing_px, kEndRing_px);
    }
}

} // namespace ink::ui
