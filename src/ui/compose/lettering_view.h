// The words on their paper, to be typed, chosen and moved: caret, selection, letters and blocks under the
// pointer.
#pragma once

#include "core/design/along_shape.h"
#include "core/design/composed_design.h"
#include "core/design/snapping.h"
#include "ui/compose/part_frame.h"
#include "ui/compose/weld_view.h"
#include "ui/job_model.h"
#include "ui/slot_pool.h"

#include <QTimer>

#include <functional>
#include <memory>
#include <optional>
#include <vector>

namespace ink::ui {

class LetteringView : public WeldView
{
    Q_OBJECT
public:
    LetteringView(JobModel& job, const Theme& theme, QWidget* parent = nullptr);

    void showComposed(std::shared_ptr<const ComposedDesign> composed);
    void showNothing(const QString& message);
    std::shared_ptr<const ComposedDesign> composed() const { return m_composed; }

    /// Characters of the words: where the caret stands, and the other end of the selection.
    std::size_t caret() const { return m_caret; }
    std::size_t anchor() const { return m_anchor; }
    /// The block that the caret is in.
    std::size_t block() const;
    void setCaret(std::size_t caret, bool extends = false);
    bool hasSelection() const { return m_caret != m_anchor; }
    std::pair<std::size_t, std::size_t> selection() const;
    /// The letters that "this letter" means: those selected, else the one before the caret, else the one
    /// after it.
    std::vector<std::size_t> letters() const;
    /// A free piece that is chosen.
    std::optional<std::size_t> piece() const { return m_piece; }
    void choosePiece(std::optional<std::size_t> piece);

    /// Steps in mm and degrees, of the letters or the chosen piece.
    void nudge(double dx_mm, double dy_mm);
    void turn(double deg);
    void scaleBy(double factor);
    void spaceBefore(double mm);
    void resetLetters();

    /// The guide that was set or pressed last, and its place on the ruler in mm.
    std::optional<std::size_t> guide() const;
    std::optional<double> guideFigure() const;
    void setGuideFigure(double mm);
    /// At the caret, or on the baseline of its line.
    void addGuide(bool is_upright);
    void removeGuide();

    /// A frame is drawn over a part of the words, with the pointer or, from the chosen letters' box on, with
    /// the arrows: Enter takes what is inside, Escape leaves it.
    void frameAPart();
    bool isFramingAPart() const { return m_part.isOpen(); }
    /// Where the words' size is drawn with the pointer: both sides together, or the width alone.
    QPointF sizeHandle(bool is_width) const;

    QString words() const
    {
        return QString::fromUcs4(m_words.data(), static_cast<qsizetype>(m_words.size()));
    }
    /// Where the caret stands before a character, and the character whose caret is nearest to a place.
    QRectF caretRect(std::size_t character) const;
    std::size_t characterAt(QPointF screen) const { return caretNear(screen); }
    /// Where a character's letter stands on the screen, for tests and for what is dropped.
    QPointF placeOf(std::size_t character) const;
    /// Nothing is worked out for the hand.
    bool isIdle() const { return m_work.isIdle(); }
    /// What is said while something is dragged.
    QString dragNote() const { return m_note; }

signals:
    void caretMoved();
    void guidesChanged();
    /// mm, y downwards.
    void partFramed(const QRectF& frame);
    /// Down from the words: to the strip.
    void stripWanted();
    void motifDropped(const QString& id, QPointF mm, std::optional<std::size_t> letter);

protected:
    QRectF boxToShow() const override;
    void paintOver(QPainter& painter) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;
    bool event(QEvent* event) override;
    void inputMethodEvent(QInputMethodEvent* event) override;
    QVariant inputMethodQuery(Qt::InputMethodQuery query) const override;

private:
    /// Radius of the round handle that moves a block.
    static constexpr double kGrip_px = 9.0;
    enum class Drag { None, Letters, Block, Piece, Handle, Guide, Size, Width, Part };
    struct CaretPlace
    {
        std::size_t character = 0;
        std::size_t block = 0, line = 0;
        QPointF foot, head; // mm, y downwards
    };
    void jobChanged();
    void findCarets();
    const CaretPlace* caretPlace(std::size_t character) const;
    std::optional<std::size_t> letterUnder(QPointF screen) const;
    std::optional<std::size_t> pieceUnder(QPointF screen) const;
    std::optional<std::size_t> blockGripUnder(QPointF screen) const;
    std::size_t caretNear(QPointF screen) const;
    QPointF gripOf(std::size_t block) const;
    /// The handles of the block's shape: the one its amount is drawn with, or its four corners.
    std::vector<QPointF> handlesOf(std::size_t block) const;
    QPointF screenOf(std::size_t block, Point straight_u) const;
    QRectF boxOnScreen(const Box& u) const;
    void dragTo(QPointF screen);
    void dragBlock(QPointF by_mm);
    void changeBlock(const QString& name, std::size_t number, const std::function<void(Block&)>& change);
    void dragHandle(QPointF screen);
    void dragSize(QPointF screen);
    void resizeWhole(double factor, bool is_width);
    QString sizeText(QSizeF mm) const;
    /// Of the setting's blocks, the one that the caret is in.
    std::optional<std::size_t> blockAtCaret() const;
    void paintSizeHandles(QPainter& painter) const;
    void paintPart(QPainter& painter) const;
    void takePart();
    bool partKey(QKeyEvent* event);
    void dragPiece(QPointF by_mm);
    QString movedBy(QPointF by_mm);
    std::optional<double> distanceOfDragged();
    void findEnds();
    std::optional<std::size_t> guideUnder(QPointF screen) const;
    QPointF guideOnScreen(const Guide& guide) const;
    Point placeInU(QPointF screen) const;
    double guideAt(QPointF screen, bool is_upright) const;
    double guideFigure(std::size_t index) const;
    bool takeGuide(QPointF screen);
    void dragGuide(QPointF screen);
    void dropGuide(QPointF screen);
    void paintGuides(QPainter& painter) const;
    double emMm() const;
    double pixelsPerU() const;
    Point letterMove(const ComposedDesign& in, std::size_t letter, Point by_mm) const;
    Point pieceMove(const ComposedDesign& in, std::size_t piece, Point by_mm) const;
    /// Moves up and down keep to this.
    std::size_t caretOnLine(int lines) const;
    std::size_t wordEdge(int direction) const;
    /// The next place between two letters as people see them, an accent and its letter being one.
    std::size_t letterEdge(int direction) const;
    /// 1 where the line at the caret is written from left to right, else -1.
    int forwards() const;
    QString lineText(std::size_t& first) const;
    void insert(const QString& text);
    void erase(std::size_t from, std::size_t to);
    bool moveKey(QKeyEvent* event);
    bool editKey(QKeyEvent* event);
    void paintPairs(QPainter& painter) const;
    void paintHandles(QPainter& painter) const;
    bool placeKey(QKeyEvent* event);

    JobModel& m_job;
    std::shared_ptr<const ComposedDesign> m_composed;
    std::u32string m_words;
    /// What an input method is composing, shown at the caret and not yet part of the words.
    QString m_composing;
    std::size_t m_caret = 0, m_anchor = 0;
    std::optional<std::size_t> m_piece;
    std::vector<CaretPlace> m_carets;
    bool m_caret_shown = true;
    QTimer m_blink;

    Drag m_drag = Drag::None;
    bool m_has_moved = false;
    std::size_t m_dragged_block = 0, m_dragged_handle = 0;
    QPointF m_press, m_last;
    Point m_press_origin;
    Job m_before_drag;
    std::shared_ptr<const ComposedDesign> m_composed_before_drag;
    QString m_note;
    std::vector<QLineF> m_snap_lines; // mm, y downwards
    /// In u; of the rest and of the piece that is dragged.
    std::vector<StrokeEnd> m_ends, m_piece_ends;
    SlotPool m_work;
    InkDistances m_distances;
    PartFrame m_part;
    double m_scale_at_press = 1.0; // pixels for a mm
    QRectF m_sized_box;            // on the screen, when the drag began
    std::optional<std::size_t> m_guide, m_dragged_guide;
    bool m_new_guide_is_upright = false;
};

} // namespace ink::ui
