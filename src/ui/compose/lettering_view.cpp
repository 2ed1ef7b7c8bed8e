#include "ui/compose/lettering_view.h"

#include "core/design/shape_handle.h"
#include "ui/compose/paper_accessible.h"
#include "ui/measures.h"
#include "ui/outline_paths.h"
#include "ui/text.h"

#include <QAccessible>
#include <QDragEnterEvent>
#include <QGuiApplication>
#include <QInputMethod>
#include <QKeyEvent>
#include <QMimeData>
#include <QMouseEvent>
#include <QPainter>
#include <QStyleHints>

#include <algorithm>
#include <array>
#include <cmath>

namespace ink::ui {
namespace {

/// What is bent is looked at on chords this near.
constexpr double kSeen_px = 0.25;

const char* const kMotifType = "application/x-under-ink-motif";

Box bounds(const Affine& by, const Box& box)
{
    Box mapped;
    for (const Point p :
         {Point{box.x0, box.y0}, Point{box.x1, box.y0}, Point{box.x0, box.y1}, Point{box.x1, box.y1}})
        mapped.add(by.map(p));
    return mapped;
}

} // namespace

LetteringView::LetteringView(JobModel& job, const Theme& theme, QWidget* parent)
    : WeldView(theme, parent), m_job(job)
{
    // A screen reader that runs already was told of the base while it was built; what is kept of that is no text.
    makePaperAccessible();
    if (auto* base = QAccessible::isActive() ? QAccessible::queryAccessibleInterface(this) : nullptr)
        QAccessible::deleteAccessibleInterface(QAccessible::uniqueId(base));
    setAccessibleName(tr("The words. Type to change them; Alt and arrows move a letter."));
    setAttribute(Qt::WA_InputMethodEnabled);
    setAcceptDrops(true);
    setMouseTracking(true);
    m_blink.setInterval(std::max(200, QGuiApplication::styleHints()->cursorFlashTime() / 2));
    connect(&m_blink, &QTimer::timeout, this, [this] {
        m_caret_shown = !m_caret_shown || QGuiApplication::styleHints()->cursorFlashTime() <= 0;
        update();
    });
    connect(&m_job, &JobModel::changed, this, &LetteringView::jobChanged);
    m_words = toUtf32(m_job.job().words);
    m_caret = m_anchor = m_words.size();
}

void LetteringView::jobChanged()
{
    const auto words = toUtf32(m_job.job().words);
    if (words != m_words) {
        m_words = words;
        m_caret = std::min(m_caret, words.size());
        m_anchor = std::min(m_anchor, words.size());
    }
    if (m_piece && *m_piece >= m_job.job().lettering.pieces.size())
        m_piece.reset();
    emit caretMoved();
}

void LetteringView::showComposed(std::shared_ptr<const ComposedDesign> composed)
{
    m_composed = std::move(composed);
    findCarets();
    holdView(m_drag != Drag::None);
    showDesign(std::shared_ptr<const Design>(m_composed, &m_composed->design));
}

void LetteringView::showNothing(const QString& message)
{
    m_composed.reset();
    m_carets.clear();
    showMessage(message);
}

double LetteringView::pixelsPerU() const
{
    return m_composed ? m_composed->mm_per_u * pixelsPerMm() : 1.0;
}

/// In shares of the em, before the shape of the letter's block.
Point LetteringView::letterMove(const ComposedDesign& in, std::size_t letter, Point by_mm) const
{
    const Point by = in.moveInU(by_mm);
    const auto* own = in.setting.letterAt(letter);
    return (own ? straightMove(in.setting, *own, by) : by) * (1.0 / kU_per_em);
}

Point LetteringView::pieceMove(const ComposedDesign& in, std::size_t piece, Point by_mm) const
{
    Point by = in.moveInU(by_mm);
    const auto& hung_on = m_job.job().lettering.pieces[piece].letter;
    const auto* letter = hung_on ? in.setting.letterAt(*hung_on) : nullptr;
    const auto placed = std::ranges::find(in.setting.pieces, std::optional(piece), &PlacedOutline::piece);
    if (letter && placed != in.setting.pieces.end())
        by = straightMove(in.setting, *letter, *placed, by);
    return by * (1.0 / kU_per_em);
}

double LetteringView::emMm() const
{
    return m_composed ? m_composed->mm_per_u * 1000.0 : 1.0;
}

void LetteringView::findCarets()
{
    m_carets.clear();
    const auto& setting = m_composed->setting;
    for (std::size_t l = 0; l < setting.lines.size(); ++l) {
        const auto& line = setting.lines[l];
        const auto add = [&](std::size_t character, double x, double baseline) {
            const auto at = [&](double y) {
                const Point p = m_composed->placed(line.block, {x, y});
                return QPointF(p.x, -p.y);
            };
            m_carets.push_back({character, line.block, l, at(baseline + line.descent * 0.8),
                                at(baseline + std::max(line.ascent, line.x_height) * 1.12)});
        };
        double end_x = line.left, baseline = line.baseline;
        bool is_empty = true;
        for (const auto& letter : setting.letters) {
            if (letter.line != l)
                continue;
            is_empty = false;
            for (std::size_t k = 0; k < letter.count; ++k) {
                const double share = static_cast<double>(k) / static_cast<double>(letter.count);
                const double along = letter.is_right_to_left ? 1.0 - share : share;
                add(letter.first + k, letter.pen_x + letter.advance * along, letter.baseline);
            }
            if (letter.first + letter.count >= line.end) {
                end_x = letter.is_right_to_left ? letter.pen_x : letter.pen_x + letter.advance;
                baseline = letter.baseline;
            }
        }
        add(line.end, is_empty ? line.left : end_x, baseline);
    }
}

const LetteringView::CaretPlace* LetteringView::caretPlace(std::size_t character) const
{
    const auto it = std::ranges::find(m_carets, character, &CaretPlace::character);
    return it == m_carets.end() ? nullptr : &*it;
}

QPointF LetteringView::screenOf(std::size_t block, Point straight_u) const
{
    const Point p = m_composed->placed(block, straight_u);
    return toScreen({p.x, -p.y});
}

QRectF LetteringView::boxOnScreen(const Box& u) const
{
    const Point a = m_composed->to_mm.map({u.x0, u.y0}), b = m_composed->to_mm.map({u.x1, u.y1});
    return QRectF(toScreen({a.x, -a.y}), toScreen({b.x, -b.y})).normalized();
}

std::pair<std::size_t, std::size_t> LetteringView::selection() const
{
    return std::minmax(m_caret, m_anchor);
}

std::vector<std::size_t> LetteringView::letters() const
{
    std::vector<std::size_t> chosen;
    const auto add = [&](std::size_t character) {
        if (character < m_words.size() && m_words[character] != U'\n')
            chosen.push_back(character);
    };
    if (hasSelection()) {
        const auto [from, to] = selection();
        for (std::size_t i = from; i < to; ++i)
            add(i);
    } else {
        if (m_caret > 0)
            add(m_caret - 1);
        if (chosen.empty())
            add(m_caret);
    }
    return chosen;
}

std::size_t LetteringView::block() const
{
    const auto blocks = blocksOf(m_words);
    return blocks.empty() ? 0 : blocks[std::min(m_caret, blocks.size() - 1)];
}

void LetteringView::setCaret(std::size_t caret, bool extends)
{
    m_caret = std::min(caret, m_words.size());
    if (!extends)
        m_anchor = m_caret;
    m_piece.reset();
    m_caret_shown = true;
    m_job.endRun();
    QGuiApplication::inputMethod()->update(Qt::ImQueryInput);
    if (QAccessible::isActive()) {
        QAccessibleTextCursorEvent moved(this, static_cast<int>(m_caret));
        QAccessible::updateAccessibility(&moved);
    }
    emit caretMoved();
    update();
}

void LetteringView::choosePiece(std::optional<std::size_t> piece)
{
    m_piece = piece;
    emit caretMoved();
    update();
}

QPointF LetteringView::placeOf(std::size_t character) const
{
    if (!m_composed)
        return {};
    const auto& letters = m_composed->setting.letters;
    for (std::size_t i = 0; i < letters.size(); ++i)
        if (character >= letters[i].first && character < letters[i].first + letters[i].count &&
            letters[i].hasInk()) {
            // A point on the ink itself: the middle of a thin letter's box may be empty.
            const auto& block = letters[i].block;
            const auto shape = bending(m_composed->setting, letters[i]);
            const Box box = shape ? shape->bentBox(letters[i].glyphs.front()) : letters[i].ink;
            for (int step = 0; step < 400; ++step) {
                const double x = box.x0 + box.width() * ((step * 7) % 20 + 0.5) / 20;
                const double y = box.y0 + box.height() * ((step / 20) + 0.5) / 20;
                const Point mm = m_composed->to_mm.map({x, y});
                const QPointF p = toScreen({mm.x, -mm.y});
                if (letterUnder(p) == std::optional(letters[i].first))
                    return p;
            }
            return screenOf(block, {(box.x0 + box.x1) / 2, (box.y0 + box.y1) / 2});
        }
    return {};
}

std::optional<std::size_t> LetteringView::letterUnder(QPointF screen) const
{
    if (!m_composed)
        return {};
    const QPointF mm = toMm(screen);
    const double near = 3.0 / pixelsPerMm();
    const QRectF spot(mm.x() - near, mm.y() - near, 2 * near, 2 * near);
    const auto& letters = m_composed->setting.letters;
    for (std::size_t i = letters.size(); i-- > 0;) {
        const auto shape = bending(m_composed->setting, letters[i]);
        if (!letters[i].hasInk() ||
            (!shape && !toRect(bounds(m_composed->to_mm, letters[i].ink)).intersects(spot)))
            continue;
        QPainterPath path; // drawn when it is asked for: a letter that is dragged asks for none
        path.setFillRule(Qt::WindingFill);
        for (const auto& glyph : letters[i].glyphs) {
            const auto placed = shape ? shape->bentChords(glyph, kSeen_px / pixelsPerU()) : glyph;
            path.addPath(toPainterPath(transformed(*placed.paths, m_composed->to_mm.after(placed.at))));
        }
        if (path.contains(mm) || path.intersects(spot))
            return letters[i].first;
    }
    return {};
}

std::optional<std::size_t> LetteringView::pieceUnder(QPointF screen) const
{
    if (!m_composed)
        return {};
    for (const auto& placed : m_composed->setting.pieces)
        if (placed.piece && boxOnScreen(placed.ink).adjusted(-3, -3, 3, 3).contains(screen))
            return placed.piece;
    return {};
}

QPointF LetteringView::gripOf(std::size_t index) const
{
    const auto& block = m_composed->setting.blocks[index];
    const QRectF box = boxOnScreen(block.ink);
    return {box.left() - 22, box.center().y()};
}

std::optional<std::size_t> LetteringView::blockGripUnder(QPointF screen) const
{
    if (!m_composed || m_composed->setting.blocks.size() < 2)
        return {};
    for (std::size_t i = 0; i < m_composed->setting.blocks.size(); ++i)
        if (QLineF(gripOf(i), screen).length() <= kGrip_px + 3)
            return i;
    return {};
}

std::vector<QPointF> LetteringView::handlesOf(std::size_t index) const
{
    const auto& block = m_composed->setting.blocks[index];
    std::vector<QPointF> handles;
    for (const Point p : shapeHandles(block))
        handles.push_back(screenOf(block.block, p + block.origin));
    return handles;
}

std::size_t LetteringView::caretNear(QPointF screen) const
{
    double best = 1e300;
    std::size_t character = m_words.size();
    for (const auto& place : m_carets) {
        const QLineF line(toScreen(place.foot), toScreen(place.head));
        const QPointF along = line.p2() - line.p1();
        const double l2 = std::max(1e-9, QPointF::dotProduct(along, along));
        const double t = std::clamp(QPointF::dotProduct(screen - line.p1(), along) / l2, 0.0, 1.0);
        const double d = QLineF(screen, line.pointAt(t)).length();
        if (d < best) {
            best = d;
            character = place.character;
        }
    }
    return character;
}

/// The words and the handles of their shapes.
QRectF LetteringView::boxToShow() const
{
    QRectF box = WeldView::boxToShow();
    if (m_composed)
        for (const auto& block : m_composed->setting.blocks)
            for (const Point handle : shapeHandles(block)) {
                const Point mm = m_composed->placed(block.block, handle + block.origin);
                box.setLeft(std::min(box.left(), mm.x));
                box.setRight(std::max(box.right(), mm.x));
                box.setTop(std::min(box.top(), -mm.y));
                box.setBottom(std::max(box.bottom(), -mm.y));
            }
    return box;
}

void LetteringView::mouseDoubleClickEvent(QMouseEvent* event)
{
    if (!m_composed || event->button() != Qt::LeftButton)
        return;
    const auto at = caretNear(event->position());
    std::size_t from = std::min(at, m_words.size()), to = from;
    while (from > 0 && isWordCharacter(m_words[from - 1]))
        --from;
    while (to < m_words.size() && isWordCharacter(m_words[to]))
        ++to;
    setCaret(from);
    setCaret(to, true);
}

void LetteringView::nudge(double dx_mm, double dy_mm)
{
    if (!m_composed)
        return;
    if (m_piece) {
        const Point by = pieceMove(*m_composed, *m_piece, {dx_mm, dy_mm});
        m_job.changeLettering(tr("move a piece"), [&](Job& job) {
            job.lettering.pieces[*m_piece].x_em += by.x;
            job.lettering.pieces[*m_piece].y_em += by.y;
        });
        return;
    }
    m_job.changeLettering(tr("move letters"), [&](Job& job) {
        for (const auto letter : letters()) {
            const Point by = letterMove(*m_composed, letter, {dx_mm, dy_mm});
            job.lettering.letters[letter].dx_em += by.x;
            job.lettering.letters[letter].dy_em += by.y;
        }
    });
}

void LetteringView::turn(double deg)
{
    m_job.changeLettering(tr("turn letters"), [&](Job& job) {
        if (m_piece)
            job.lettering.pieces[*m_piece].turn_deg =
                std::remainder(job.lettering.pieces[*m_piece].turn_deg + deg, 360.0);
        else
            for (const auto letter : letters())
                job.lettering.letters[letter].turn_deg =
                    std::remainder(job.lettering.letters[letter].turn_deg + deg, 360.0);
    });
}

void LetteringView::scaleBy(double factor)
{
    const auto scaled = [factor](double size) { return std::clamp(size * factor, 0.05, 20.0); };
    m_job.changeLettering(tr("resize letters"), [&](Job& job) {
        if (m_piece)
            job.lettering.pieces[*m_piece].size = scaled(job.lettering.pieces[*m_piece].size);
        else
            for (const auto letter : letters())
                job.lettering.letters[letter].size = scaled(job.lettering.letters[letter].size);
    });
}

void LetteringView::spaceBefore(double mm)
{
    const auto chosen = letters();
    if (chosen.empty())
        return;
    m_job.changeLettering(tr("space before a letter"),
                          [&](Job& job) { job.lettering.letters[chosen.front()].before_em += mm / emMm(); });
}

void LetteringView::resetLetters()
{
    m_job.endRun();
    m_job.changeLettering(tr("put letters back"), [&](Job& job) {
        if (m_piece) {
            job.lettering.pieces[*m_piece].turn_deg = 0.0;
            job.lettering.pieces[*m_piece].size = 1.0;
            return;
        }
        for (const auto letter : letters()) {
            auto& choice = job.lettering.letters[letter];
            choice.dx_em = choice.dy_em = choice.turn_deg = choice.before_em = 0.0;
            choice.size = 1.0;
        }
    });
    m_job.endRun();
}

bool LetteringView::event(QEvent* event)
{
    // The window has Alt and figures for the stations; while the words have the focus, Alt moves letters.
    if (event->type() == QEvent::ShortcutOverride) {
        const auto* key = static_cast<QKeyEvent*>(event);
        const bool is_up_or_down = key->key() == Qt::Key_Up || key->key() == Qt::Key_Down;
        const bool is_ours =
            (key->modifiers() & Qt::AltModifier) &&
            (key->key() == Qt::Key_0 || key->key() == Qt::Key_Comma || key->key() == Qt::Key_Period ||
             // A list is gone through with them: letters are moved up and down with Shift as well.
             (is_up_or_down && m_job.job().names.isEmpty()));
        if (is_ours)
            event->accept();
    }
    return WeldView::event(event);
}

void LetteringView::focusInEvent(QFocusEvent* event)
{
    m_caret_shown = true;
    m_blink.start();
    WeldView::focusInEvent(event);
}

void LetteringView::focusOutEvent(QFocusEvent* event)
{
    m_blink.stop();
    m_job.endRun();
    WeldView::focusOutEvent(event);
    update();
}

void LetteringView::dragEnterEvent(QDragEnterEvent* event)
{
    if (event->mimeData()->hasFormat(QLatin1String(kMotifType)))
        event->acceptProposedAction();
}

void LetteringView::dropEvent(QDropEvent* event)
{
    event->acceptProposedAction();
    const QString id = QString::fromUtf8(event->mimeData()->data(QLatin1String(kMotifType)));
    emit motifDropped(id, toMm(event->position()), letterUnder(event->position()));
}

} // namespace ink::ui
