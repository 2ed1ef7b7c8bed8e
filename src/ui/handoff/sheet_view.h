// The sheet in its material's colour, from the edge of the roll downwards: what lies on it, and how far the tool has come.
#pragma once

#include "core/base/units.h"
#include "core/cut/sheet_room.h"
#include "core/handoff/sheet_plan.h"
#include "ui/theme.h"

#include <QPainterPath>
#include <QWidget>

#include <memory>
#include <optional>
#include <vector>

namespace ink::ui {

class SheetView : public QWidget
{
    Q_OBJECT
public:
    explicit SheetView(const Theme& theme, QWidget* parent = nullptr);

    struct Shown
    {
        std::shared_ptr<const SheetPlan> plan;
        std::size_t sheet = 0;
        /// Of each thing of the plan.
        std::vector<QString> words;
        LengthUnit unit{};
    };
    void show(Shown shown);
    /// Instead of a sheet: what to do, or what went wrong.
    void showMessage(const QString& message);
    QString message() const { return m_message; }
    /// The run seen at a time; nothing shows the sheet as it is before.
    void showTime(std::optional<double> time_s);
    std::optional<double> time() const { return m_time_s; }

    /// Index into SheetPlan::laid.
    std::optional<std::size_t> chosen() const { return m_chosen; }
    void choose(std::optional<std::size_t> laid);
    /// Where a thing is painted, in widget coordinates.
    QRectF rectOf(std::size_t laid) const;
    double pixelsPerMm() const;
    QSize sizeHint() const override { return {640, 420}; }

signals:
    void chosenChanged();
    /// A thing is to lie elsewhere; whoever hears of it looks whether there is room.
    void moveWanted(std::size_t laid, const Placement& there);
    /// It is held there: may it lie there, and is there a line within `reach_mm` to come to rest on?
    void dragged(std::size_t laid, const Placement& there, double reach_mm);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;
    void changeEvent(QEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

public:
    /// Where what is dragged comes to rest; refused where it cannot lie.
    void setDrag(const SheetRoom::Rest& rest, bool is_refused);

private:
    struct Piece
    {
        std::size_t laid;
        /// What lies there, and as much of it as is cut.
        QPainterPath path_mm, cut_mm;
        QRectF box_mm;
    };
    const PlannedSheet* sheet() const;
    QRectF room() const;
    QRectF paper() const;
    /// How much of the sheet's length is shown, in mm.
    double shownLength() const;
    QPointF toScreen(Point mm) const;
    Point toMm(QPointF screen) const;
    std::optional<std::size_t> laidAt(QPointF screen) const;
    void paintSheet(QPainter& painter) const;
    void paintThings(QPainter& painter) const;
    void paintLines(QPainter& painter) const;
    void paintRun(QPainter& painter) const;
    void paintRulers(QPainter& painter) const;
    void paintRest(QPainter& painter) const;
    QColor inkOn(const QColor& material) const;
    void tellChosen();

    const Theme& m_theme;
    Shown m_shown;
    QString m_message;
    std::vector<Piece> m_pieces;
    /// Paths of the run, painted once.
    std::vector<QPainterPath> m_run_mm;
    std::optional<double> m_time_s;
    std::optional<std::size_t> m_chosen;
    std::optional<QPointF> m_drag_from;
    Point m_drag_by;
    std::optional<double> m_rest_x_mm, m_rest_y_mm;
    bool m_is_dragging = false, m_is_refused = false;
};

} // namespace ink::ui
