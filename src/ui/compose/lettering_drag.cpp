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

/// The slot of the ends that a dragged piece grows on.
constexpr quint64 kEndsSlot = 1;

/// A press that moves less than this is a click.
constexpr double kDragFrom_px = 4.0;
constexpr double kSnap_px = 7.0;
constexpr double kHandleReach_px = 9.0;
/// The brackets that size the words stand this far off their box.
constexpr double kSizeBracket_px = 10.0;
/// Bent ink is measured on chords this near, in u.
constexpr double kBent_u = 0.25;

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
    m_composed_before_drag = m_composed;
    m_scale_at_press = pixelsPerMm();
    m_job.endRun();
    if (m_part.isOpen()) {
        m_part.drawFrom(toMm(m_press));
        m_drag = Drag::Part;
        return;
    }
    if (takeGuide(m_press))
        return;
    for (const bool is_width : {false, true})
        if (blockAtCaret() && QLineF(sizeHandle(is_width), m_press).length() < kHandleReach_px) {
            m_drag = is_width ? Drag::Width : Drag::Size;
            m_dragged_block = *blockAtCaret();
            m_sized_box = boxOnScreen(m_composed->setting.blocks[m_dragged_block].ink);
            return;
        }
    for (std::size_t i = 0; i < m_composed->setting.blocks.size(); ++i)
        for (std::size_t k = 0; const auto& handle : handlesOf(i)) {
            if (QLineF(handle, m_press).length() < kHandleReach_px) {
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
        if (event->buttons() == Qt::NoButton && m_composed && !m_part.isOpen()) {
            for (const bool is_width : {false, true})
                if (blockAtCaret() && QLineF(sizeHandle(is_width), m_last).length() < kHandleReach_px)
                    return setCursor(is_width ? Qt::SizeHorCursor : Qt::SizeBDiagCursor);
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
    // Dragged so far that nothing can be made of it, the words are gone until the hand is back or undoes it.
    if (!m_composed && m_drag != Drag::Size && m_drag != Drag::Width)
        return;
    const QPointF by_mm = (screen - m_press) / pixelsPerMm();
    const QString name = tr("move letters");
    switch (m_drag) {
    case Drag::Letters: {
        const auto chosen = letters();
        m_job.changeLettering(name, [&](Job& job) {
            for (const auto letter : chosen) {
                const auto& before = m_before_drag.lettering.letter(letter);
                const Point by = letterMove(*m_composed_before_drag, letter, {by_mm.x(), -by_mm.y()});
                job.lettering.letters[letter].dx_em = before.dx_em + by.x;
                job.lettering.letters[letter].dy_em = before.dy_em + by.y;
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
    case Drag::Size:
    case Drag::Width:
        dragSize(screen);
        break;
    case Drag::Part:
        m_part.drawTo(toMm(screen));
        m_note = sizeText(m_part.rect().size());
        break;
    case Drag::None:
        break;
    }
    update();
}

QString LetteringView::sizeText(QSizeF mm) const
{
    return tr("%1 wide, %2 high").arg(fineLength(mm.width(), unit()), fineLength(mm.height(), unit()));
}

std::optional<std::size_t> LetteringView::blockAtCaret() const
{
    const auto* place = m_composed ? caretPlace(m_caret) : nullptr;
    if (!place)
        return {};
    const auto& blocks = m_composed->setting.blocks;
    for (std::size_t i = 0; i < blocks.size(); ++i)
        if (blocks[i].block == place->block && !blocks[i].ink.isEmpty())
            return i;
    return {};
}

QPointF LetteringView::sizeHandle(bool is_width) const
{
    const auto block = blockAtCaret();
    if (!block)
        return {};
    const QRectF box = boxOnScreen(m_composed->setting.blocks[*block].ink);
    return is_width ? QPointF(box.right() + kSizeBracket_px, box.center().y())
                    : box.topRight() + QPointF(kSizeBracket_px, -kSizeBracket_px);
}

/// The lower left corner stays. Of several blocks one grows beside the others; a block that is alone is the
/// whole, and the finished size follows the hand.
void LetteringView::dragSize(QPointF screen)
{
    const bool is_width = m_drag == Drag::Width;
    const QPointF from = m_sized_box.bottomLeft(), was = m_press - from, is = screen - from;
    double factor = is_width ? is.x() / std::max(1.0, was.x())
                             : QPointF::dotProduct(is, was) / std::max(1.0, QPointF::dotProduct(was, was));
    factor = std::clamp(factor, 0.05, 20.0);
    if (m_composed_before_drag->setting.blocks.size() < 2) {
        resizeWhole(factor, is_width);
    } else {
        const auto number = m_composed_before_drag->setting.blocks[m_dragged_block].block;
        const Block& before = m_before_drag.lettering.block(number);
        changeBlock(is_width ? tr("width of letters") : tr("size of lines"), number, [&](Block& block) {
            if (is_width)
                block.stretch = std::clamp(before.stretch * factor, 0.2, 5.0);
            else
                block.size = std::clamp(before.size * factor, 0.05, 10.0);
        });
    }
    const QSizeF mm = m_sized_box.size() / m_scale_at_press;
    m_note = sizeText({mm.width() * factor, is_width ? mm.height() : mm.height() * factor});
}

void LetteringView::resizeWhole(double factor, bool is_width)
{
    const auto grown = [factor](double mm) {
        return std::clamp(std::round(mm * factor * 10.0) / 10.0, kMinSize_mm, kMaxSize_mm);
    };
    FinishedSize size = m_before_drag.size;
    const Box& ink = m_composed_before_drag->design.figures_mm.box;
    if (!is_width) {
        size.value_mm = grown(size.value_mm);
        if (size.other_mm)
            size.other_mm = grown(*size.other_mm);
    } else if (size.by == SizeBy::Width) {
        size.other_mm = ink.height();
        size.value_mm = grown(size.value_mm);
    } else if (size.by == SizeBy::Height) {
        size.other_mm = grown(ink.width());
    } else {
        const auto number = m_composed_before_drag->setting.blocks[m_dragged_block].block;
        changeBlock(tr("width of letters"), number, [&](Block& block) {
            block.stretch = std::clamp(m_before_drag.lettering.block(number).stretch * factor, 0.2, 5.0);
        });
        return;
    }
    m_job.setSize(size);
}

void LetteringView::paintSizeHandles(QPainter& painter) const
{
    if (!blockAtCaret() || m_part.isOpen())
        return;
    painter.setPen(QPen(theme().colours().soft_ink, 2));
    const QPointF corner = sizeHandle(false), side = sizeHandle(true);
    painter.drawPolyline(QPolygonF{corner + QPointF(-8, 0), corner, corner + QPointF(0, 8)});
    painter.drawPolyline(QPolygonF{side + QPointF(0, -8), side + QPointF(0, 8)});
}

void LetteringView::frameAPart()
{
    if (!m_composed)
        return;
    QRectF box;
    for (const auto character : letters())
        if (const auto* letter = m_composed->setting.letterAt(character); letter && letter->hasInk()) {
            const auto shape = bending(m_composed->setting, *letter);
            const Box ink = shape ? shape->bentBox(letter->glyphs.front()) : letter->ink;
            const QRectF screen = boxOnScreen(ink);
            box |= QRectF(toMm(screen.topLeft()), toMm(screen.bottomRight()));
        }
    m_part.open(box);
    setFocus();
    setCursor(Qt::CrossCursor);
    update();
}

void LetteringView::takePart()
{
    const QRectF frame = m_part.rect();
    m_part.close();
    unsetCursor();
    update();
    if (!frame.isEmpty())
        emit partFramed(frame);
}

bool LetteringView::partKey(QKeyEvent* event)
{
    if (!m_part.isOpen())
        return false;
    if (event->key() == Qt::Key_Escape) {
        m_part.close();
        unsetCursor();
    } else if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) {
        takePart();
    } else if (!m_part.moveBy(*event)) {
        return false;
    }
    update();
    return true;
}

void LetteringView::paintPart(QPainter& painter) const
{
    if (!m_part.isOpen())
        return;
    const auto& c = theme().colours();
    const QRectF frame(toScreen(m_part.rect().topLeft()), toScreen(m_part.rect().bottomRight()));
    painter.setPen(QPen(c.madder, 1.6, Qt::DashLine));
    painter.setBrush(Qt::NoBrush);
    painter.drawRect(frame);
    if (m_drag == Drag::Part)
        return;
    const QString hint =
        tr("Draw a frame, or move it with the arrows (with Shift: its size). Enter takes it.");
    painter.setFont(theme().text(TextSize::Small));
    const QFontMetrics metrics(painter.font());
    QRectF room(0, 0, metrics.horizontalAdvance(hint) + 16, metrics.height() + 8);
    room.moveTopLeft(paperArea().topLeft() + QPointF(8, 8));
    painter.setPen(Qt::NoPen);
    painter.setBrush(c.ink);
    painter.drawRoundedRect(room, 5, 5);
    painter.setPen(c.card);
    painter.drawText(room, Qt::AlignCenter, hint);
}

void LetteringView::dragBlock(QPointF by_mm)
{
    const auto& setting = m_composed->setting;
    const auto number = setting.blocks[m_dragged_block].block;
    const auto& before = m_before_drag.lettering.block(number);
    // What is shown has followed the hand part of the way: the rest of it is what snaps.
    const Point shown = setting.blocks[m_dragged_block].origin - m_press_origin;
    const auto snap = snapped(setting, m_dragged_block, m_job.job().lettering.guides,
                              m_composed->moveInU({by_mm.x(), -by_mm.y()}) - shown, kSnap_px / pixelsPerU());
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
    const auto onPaper = [&](QPointF p) { return placeInU(p) - block.origin; };
    const auto shape = pulled(block, m_before_drag.lettering.block(block.block).shape, m_dragged_handle,
                              onPaper(m_press), onPaper(screen));
    changeBlock(tr("bend the words"), block.block, [&](Block& changed) { changed.shape = shape; });
    const QPointF by = (screen - m_press) / pixelsPerMm();
    m_note =
        shape.kind == ShapeKind::Corners
            ? tr("%1 across, %2 up").arg(signedFineLength(by.x(), unit()), signedFineLength(-by.y(), unit()))
            : QString::number(shape.amount) +
                  (infoOf(shape.kind).unit == "deg" ? QStringLiteral("°") : QStringLiteral(" %"));
}

void LetteringView::mouseReleaseEvent(QMouseEvent* event)
{
    const bool was_click = m_drag == Drag::None && !m_has_moved && event->button() == Qt::LeftButton &&
                           !(event->modifiers() & Qt::ShiftModifier);
    if (m_drag == Drag::Guide && m_has_moved)
        dropGuide(event->position());
    if (m_drag == Drag::Part && m_has_moved)
        takePart();
    if (m_drag == Drag::Size || m_drag == Drag::Width)
        stopFollowing();
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
        tr("%1 across, %2 up").arg(signedFineLength(by_mm.x(), unit()), signedFineLength(-by_mm.y(), unit()));
    if (const auto gap = distanceOfDragged())
        note += QStringLiteral(" · ") +
                (*gap > 0.0 ? tr("%1 to the next ink").arg(fineLength(*gap, unit())) : tr("touches"));
    return note;
}

/// From the ink that is dragged to all other, as they stand on the paper now.
std::optional<double> LetteringView::distanceOfDragged()
{
    const auto& setting = m_composed->setting;
    std::vector<PlacedPaths> dragged, others;
    const auto chosen = letters();
    for (const auto& letter : setting.letters) {
        const bool is_dragged =
            m_drag == Drag::Block
                ? letter.block == setting.blocks[m_dragged_block].block
                : m_drag == Drag::Letters && std::ranges::any_of(chosen, [&](std::size_t i) {
                      return i >= letter.first && i < letter.first + letter.count;
                  });
        for (const auto& glyph : letter.glyphs)
            (is_dragged ? dragged : others).push_back(asItStands(setting, letter, glyph, kBent_u));
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
        for (const auto& glyph : placed.glyphs)
            (is_dragged ? dragged : others).push_back(asItStands(setting, placed, glyph, kBent_u));
    }
    if (const double wider = m_composed->mm_per_u / m_composed->mm_per_u_up; std::abs(wider - 1.0) > 1e-9) {
        // Out of proportion: measured as it is on the paper, in units that are as long across as up.
        for (auto* glyphs : {&dragged, &others})
            for (auto& glyph : *glyphs)
                glyph = {std::make_shared<const Paths>(transformed(*glyph.paths, {wider, 0, 0, 1, 0, 0})),
                         {glyph.at.x * wider, glyph.at.y},
                         glyph.layer};
    }
    const auto apart = m_distances.between(dragged, others);
    return apart ? std::optional(*apart * m_composed->mm_per_u_up) : std::nullopt;
}

/// Where the piece could grow on: ends of the strokes of everything else, welded.
void LetteringView::findEnds()
{
    m_ends.clear();
    m_piece_ends.clear();
    std::vector<PlacedPaths> rest, own;
    const auto& setting = m_composed->setting;
    for (const auto& letter : setting.letters)
        for (const auto& glyph : letter.glyphs)
            rest.push_back(asItStands(setting, letter, glyph, kBent_u));
    for (const auto& placed : setting.pieces)
        for (const auto& glyph : placed.glyphs)
            (placed.piece == m_piece ? own : rest).push_back(asItStands(setting, placed, glyph, kBent_u));
    // The hand goes on meanwhile; the piece grows on once its ends are known.
    m_work.run(
        kEndsSlot, 1,
        [this, rest = std::move(rest), own = std::move(own)](const CancelToken& token) -> SlotPool::Answer {
            const auto endsOf = [&](const std::vector<PlacedPaths>& of) {
                const auto welded = weld(of, kJobUnit, {token, {}});
                return welded ? strokeEnds(welded->outline, 1.0) : std::vector<StrokeEnd>{};
            };
            return [this, ends = endsOf(rest), piece_ends = endsOf(own)] {
                m_ends = ends;
                m_piece_ends = piece_ends;
            };
        });
}

void LetteringView::dragPiece(QPointF by_mm)
{
    if (!m_piece || *m_piece >= m_before_drag.lettering.pieces.size())
        return;
    const auto& then = *m_composed_before_drag;
    Point by_u = then.moveInU({by_mm.x(), -by_mm.y()});
    const auto grown = grownNear(m_ends, m_piece_ends, by_u, kSnap_px / pixelsPerU());
    by_u = grown.value_or(by_u);
    const Point by = pieceMove(then, *m_piece, {by_u.x * then.to_mm.a, by_u.y * then.to_mm.d});
    m_job.changeLettering(tr("move a piece"), [&](Job& job) {
        const auto& before = m_before_drag.lettering.pieces[*m_piece];
        job.lettering.pieces[*m_piece].x_em = before.x_em + by.x;
        job.lettering.pieces[*m_piece].y_em = before.y_em + by.y;
    });
    m_note = grown ? tr("grows on") : movedBy(by_mm);
}

} // namespace ink::ui
