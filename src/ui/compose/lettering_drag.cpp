// What the pointer does to the words: letters, blocks, pieces, handles and guides that are dragged.
#include "ui/compose/lettering_view.h"

#include "core/design/shape_handle.h"
#include "ui/measures.h"
#include "ui/text.h"

#include <QMouseEvent>
#include <QPainter>

#include <algorithm>
#include <cmath>

namespace ink::ui {
namespace {

/// A press that moves less than this is a click.
constexpr double kDragFrom_px = 4.0;
constexpr double kSnap_px = 7.0;
constexpr double kGuideReach_px = 4.0;
constexpr double kEndRing_px = 5.0;

QString signedLength(double mm, LengthUnit unit)
{
    return (mm < 0 ? QStringLiteral("−") : QStringLiteral("+")) + fineLength(std::abs(mm), unit);
}

} // namespace

void LetteringView::mousePressEvent(QMouseEvent* event)
{
    m_press = m_last = event->position();
    m_has_moved = false;
    m_drag = Drag::None;
    if (event->button() != Qt::LeftButton || !m_composed) {
        WeldView::mousePressEvent(event);
        return;
    }
    m_before_drag = m_job.job();
    m_job.endRun();
    if (takeGuide(m_press))
        return;
    for (std::size_t i = 0; i < m_composed->setting.blocks.size(); ++i)
        for (std::size_t k = 0; const auto& handle : handlesOf(i)) {
            if (QLineF(handle, m_press).length() < 9.0) {
                m_drag = Drag::Handle;
                m_dragged_block = i;
                m_dragged_handle = k;
                return;
            }
            ++k;
        }
    if (const auto grip = blockGripUnder(m_press)) {
        m_drag = Drag::Block;
        m_dragged_block = *grip;
        m_press_origin = m_composed->setting.blocks[*grip].origin;
        return;
    }
    if (const auto piece = pieceUnder(m_press); piece && !letterUnder(m_press)) {
        choosePiece(piece);
        m_drag = Drag::Piece;
        findEnds();
        return;
    }
    if (event->modifiers() & Qt::ShiftModifier) {
        setCaret(caretNear(m_press), true);
        return;
    }
    if (const auto letter = letterUnder(m_press)) {
        const auto chosen = letters();
        const bool is_in_selection = hasSelection() && std::ranges::find(chosen, *letter) != chosen.end();
        if (!is_in_selection)
            setCaret(*letter + 1);
        m_drag = Drag::Letters;
        return;
    }
    startPanning(event->pos());
}

void LetteringView::mouseMoveEvent(QMouseEvent* event)
{
    m_last = event->position();
    if (m_drag == Drag::None) {
        if (event->buttons() & Qt::LeftButton && event->modifiers() & Qt::ShiftModifier) {
            setCaret(caretNear(m_last), true);
            return;
        }
        if (event->buttons() == Qt::NoButton && m_composed) {
            const bool takes = blockGripUnder(m_last) || pieceUnder(m_last);
            const auto guide = takes || letterUnder(m_last) ? std::nullopt : guideUnder(m_last);
            const bool is_upright = guide && m_job.job().lettering.guides[*guide].is_upright;
            setCursor(takes                 ? Qt::SizeAllCursor
                      : guide               ? (is_upright ? Qt::SplitHCursor : Qt::SplitVCursor)
                      : letterUnder(m_last) ? Qt::PointingHandCursor
                                            : Qt::IBeamCursor);
            return;
        }
        if (event->buttons() & (Qt::LeftButton | Qt::MiddleButton))
            m_has_moved = m_has_moved || QLineF(m_press, m_last).length() > kDragFrom_px;
        WeldView::mouseMoveEvent(event);
        return;
    }
    if (!m_has_moved && QLineF(m_press, m_last).length() < kDragFrom_px)
        return;
    m_has_moved = true;
    dragTo(m_last);
}

void LetteringView::dragTo(QPointF screen)
{
    const QPointF by_mm = (screen - m_press) / pixelsPerMm();
    const double em = emMm();
    const QString name = tr("move letters");
    switch (m_drag) {
    case Drag::Letters: {
        const auto chosen = letters();
        m_job.changeLettering(name, [&](Job& job) {
            for (const auto letter : chosen) {
                const auto& before = m_before_drag.lettering.letter(letter);
                job.lettering.letters[letter].dx_em = before.dx_em + by_mm.x() / em;
                job.lettering.letters[letter].dy_em = before.dy_em - by_mm.y() / em;
            }
        });
        m_note = movedBy(by_mm);
        break;
    }
    case Drag::Piece:
        dragPiece(by_mm);
        break;
    case Drag::Guide:
        dragGuide(screen);
        break;
    case Drag::Block:
        dragBlock(by_mm);
        break;
    case Drag::Handle:
        dragHandle(screen);
        break;
    case Drag::None:
        break;
    }
    update();
}

void LetteringView::dragBlock(QPointF by_mm)
{
    const auto& setting = m_composed->setting;
    const auto number = setting.blocks[m_dragged_block].block;
    const double u = m_composed->mm_per_u;
    const auto& before = m_before_drag.lettering.block(number);
    // What is shown has followed the hand part of the way: the rest of it is what snaps.
    const Point shown = setting.blocks[m_dragged_block].origin - m_press_origin;
    const auto snap = snapped(setting, m_dragged_block, m_job.job().lettering.guides,
                              Point{by_mm.x() / u, -by_mm.y() / u} - shown, kSnap_px / pixelsPerMm() / u);
    const QRectF paper(toMm(paperArea().topLeft()), toMm(paperArea().bottomRight()));
    m_snap_lines.clear();
    if (snap.x) {
        const double x = m_composed->to_mm.map({*snap.x, 0}).x;
        m_snap_lines.emplace_back(x, paper.top(), x, paper.bottom());
    }
    if (snap.y) {
        const double y = -m_composed->to_mm.map({0, *snap.y}).y;
        m_snap_lines.emplace_back(paper.left(), y, paper.right(), y);
    }
    changeBlock(tr("move a block"), number, [&](Block& block) {
        block.dx_em = before.dx_em + (shown + snap.by).x / kU_per_em;
        block.dy_em = before.dy_em + (shown + snap.by).y / kU_per_em;
    });
    m_note = movedBy(by_mm);
}

void LetteringView::changeBlock(const QString& name, std::size_t number,
                                const std::function<void(Block&)>& change)
{
    m_job.changeLettering(name, [&](Job& job) {
        if (job.lettering.blocks.size() <= number)
            job.lettering.blocks.resize(number + 1);
        change(job.lettering.blocks[number]);
    });
}

void LetteringView::dragHandle(QPointF screen)
{
    const auto& block = m_composed->setting.blocks[m_dragged_block];
    const Affine& to_mm = m_composed->to_mm;
    const auto onPaper = [&](QPointF p) {
        const QPointF mm = toMm(p);
        return Point{(mm.x() - to_mm.e) / to_mm.a, (-mm.y() - to_mm.f) / to_mm.d} - block.origin;
    };
    const auto shape = pulled(block, m_before_drag.lettering.block(block.block).shape, m_dragged_handle,
                              onPaper(m_press), onPaper(screen));
    changeBlock(tr("bend the words"), block.block, [&](Block& changed) { changed.shape = shape; });
    const QPointF by = (screen - m_press) / pixelsPerMm();
    m_note = shape.kind == ShapeKind::Corners
                 ? tr("%1 across, %2 up").arg(signedLength(by.x(), unit()), signedLength(-by.y(), unit()))
                 : QString::number(shape.amount) +
                       (infoOf(shape.kind).unit == "deg" ? QStringLiteral("°") : QStringLiteral(" %"));
}

void LetteringView::mouseReleaseEvent(QMouseEvent* event)
{
    const bool was_click = m_drag == Drag::None && !m_has_moved && event->button() == Qt::LeftButton &&
                           !(event->modifiers() & Qt::ShiftModifier);
    if (m_drag == Drag::Guide && m_has_moved)
        dropGuide(event->position());
    m_drag = Drag::None;
    m_note.clear();
    m_snap_lines.clear();
    m_ends.clear();
    m_piece_ends.clear();
    m_job.endRun();
    WeldView::mouseReleaseEvent(event);
    if (was_click && m_composed)
        setCaret(caretNear(event->position()));
    update();
}

/// How far it was moved, and how near it came to the other ink.
QString LetteringView::movedBy(QPointF by_mm)
{
    QString note =
        tr("%1 across, %2 up").arg(signedLength(by_mm.x(), unit()), signedLength(-by_mm.y(), unit()));
    if (const auto gap = distanceOfDragged())
        note += QStringLiteral(" · ") +
                (*gap > 0.0 ? tr("%1 to the next ink").arg(fineLength(*gap, unit())) : tr("touches"));
    return note;
}

/// From the ink that is dragged to all other, as they stand on the paper now; nothing where that is not known
/// exactly: letters that bend stand elsewhere than their outlines say.
std::optional<double> LetteringView::distanceOfDragged()
{
    const auto& setting = m_composed->setting;
    std::vector<PlacedPaths> dragged, others;
    const auto chosen = letters();
    for (const auto& letter : setting.letters) {
        if (m_job.job().lettering.block(letter.block).shape.bends)
            return {};
        const bool is_dragged =
            m_drag == Drag::Block
                ? letter.block == setting.blocks[m_dragged_block].block
                : m_drag == Drag::Letters && std::ranges::any_of(chosen, [&](std::size_t i) {
                      return i >= letter.first && i < letter.first + letter.count;
                  });
        auto& into = is_dragged ? dragged : others;
        into.insert(into.end(), letter.glyphs.begin(), letter.glyphs.end());
    }
    for (const auto& placed : setting.pieces) {
        bool is_dragged = m_drag == Drag::Piece && placed.piece == m_piece;
        // A piece goes with the letter it hangs on.
        const auto* own = placed.piece ? &m_job.job().lettering.pieces[*placed.piece] : nullptr;
        const auto* hung = own && own->letter ? setting.letterAt(*own->letter) : nullptr;
        if (m_drag == Drag::Letters)
            is_dragged = hung && std::ranges::find(chosen, *own->letter) != chosen.end();
        else if (m_drag == Drag::Block)
            is_dragged = (hung ? hung->block : placed.block) == setting.blocks[m_dragged_block].block;
        auto& into = is_dragged ? dragged : others;
        into.insert(into.end(), placed.glyphs.begin(), placed.glyphs.end());
    }
    const auto apart = m_distances.between(dragged, others);
    return apart ? std::optional(*apart * m_composed->mm_per_u) : std::nullopt;
}

/// Where the piece could grow on: ends of the strokes of everything else, welded.
void LetteringView::findEnds()
{
    m_ends.clear();
    m_piece_ends.clear();
    std::vector<PlacedPaths> rest, own;
    for (const auto& letter : m_composed->setting.letters)
        rest.insert(rest.end(), letter.glyphs.begin(), letter.glyphs.end());
    for (const auto& placed : m_composed->setting.pieces)
        (placed.piece == m_piece ? own : rest)
            .insert((placed.piece == m_piece ? own : rest).end(), placed.glyphs.begin(), placed.glyphs.end());
    if (const auto welded = weld(rest, {kU_per_em}))
        m_ends = strokeEnds(*welded, 1.0);
    if (const auto welded = weld(own, {kU_per_em}))
        m_piece_ends = strokeEnds(*welded, 1.0);
}

void LetteringView::dragPiece(QPointF by_mm)
{
    if (!m_piece || *m_piece >= m_before_drag.lettering.pieces.size())
        return;
    const double u = m_composed->mm_per_u;
    Point by{by_mm.x() / u, -by_mm.y() / u};
    const auto grown = grownNear(m_ends, m_piece_ends, by, kSnap_px / pixelsPerMm() / u);
    by = grown.value_or(by);
    m_job.changeLettering(tr("move a piece"), [&](Job& job) {
        const auto& before = m_before_drag.lettering.pieces[*m_piece];
        job.lettering.pieces[*m_piece].x_em = before.x_em + by.x / kU_per_em;
        job.lettering.pieces[*m_piece].y_em = before.y_em + by.y / kU_per_em;
    });
    m_note = grown ? tr("grows on") : movedBy(by_mm);
}

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

double LetteringView::guideAt(QPointF screen, bool is_upright) const
{
    const QPointF mm = toMm(screen);
    const Affine& to_mm = m_composed->to_mm;
    const double u = is_upright ? (mm.x() - to_mm.e) / to_mm.a : (-mm.y() - to_mm.f) / to_mm.d;
    return u / kU_per_em;
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
                            : (u - m_composed->setting.ink.y0) * m_composed->mm_per_u;
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
    const double u = mm / m_composed->mm_per_u;
    m_job.changeLettering(tr("move a guide"), [&](Job& job) {
        auto& changed = job.lettering.guides[*guide()];
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
