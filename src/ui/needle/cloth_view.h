// Stitches on the cloth: as threads, as the needle's way, and how thick they lie.
#pragma once

#include "core/handoff/sewn_name.h"
#include "core/stitch/thread_raster.h"
#include "ui/needle/cloth_tiles.h"
#include "ui/theme.h"

#include <QImage>
#include <QTimer>
#include <QWidget>

#include <memory>
#include <optional>

namespace ink::ui {

class ClothView : public QWidget
{
    Q_OBJECT
public:
    explicit ClothView(const Theme& theme, QWidget* parent = nullptr);

    enum class Look { Cloth, Way, Thickness };
    struct Shown
    {
        NeedleWork work;
        std::vector<std::string> threads;
        QColor cloth;
        /// Room of the hoop, in mm; 0 for none.
        double hoop_width_mm = 0.0, hoop_height_mm = 0.0;
        /// What the threads are to cover; none of a file that is only looked into.
        std::shared_ptr<const Outline> outline;
        /// Laid on at the first stop, and trimmed to the outline; none for letters of thread.
        QColor laid_cloth = {};
    };
    void show(std::shared_ptr<const Shown> shown);
    /// Instead: what to do, or what went wrong.
    void showMessage(const QString& message);
    QString message() const { return m_message; }
    void setLook(Look look);
    Look look() const { return m_look; }
    /// As many steps as are sewn; all without a value.
    void showSteps(std::optional<std::size_t> steps);

    /// The stroke that is chosen, by the places it goes through, and how wide it is.
    struct Stroke
    {
        Point from, middle, to;
        double width_mm = 0.0;
    };
    void showStroke(std::optional<Stroke> stroke);

    void zoomToFit();
    double pixelsPerMm() const;
    QPointF toScreen(Point mm) const;
    QSize sizeHint() const override { return {640, 420}; }
    /// All of it is painted as it is to be.
    bool isIdle() const { return !m_rests.isActive(); }

signals:
    /// A place was pressed, in mm.
    void pressed(ink::Point mm);
    /// The next stroke, or the one before, is wanted.
    void stepWanted(int by);

protected:
    void paintEvent(QPaintEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    void moved();
    void zoomBy(double factor, QPointF about);
    std::size_t stepsShown() const;
    void paintGround(QPainter& painter) const;
    void paintLaidCloth(QPainter& painter) const;
    void paintHoop(QPainter& painter) const;
    void paintThreads(QPainter& painter);
    void paintWay(QPainter& painter) const;
    void paintThickness(QPainter& painter);
    void paintLegend(QPainter& painter) const;
    void paintStroke(QPainter& painter) const;
    Point toMm(QPointF screen) const;
    QColor threadOf(std::size_t layer) const;
    void tell();

    const Theme& m_theme;
    std::shared_ptr<const Shown> m_shown;
    QString m_message;
    Look m_look = Look::Cloth;
    std::optional<std::size_t> m_steps;
    /// Of all that is sewn.
    Box m_box_mm;
    ClothTiles m_tiles;
    QTimer m_rests;
    /// Layers of thread as tones, and where they lie.
    QImage m_thickness;
    Box m_thickness_mm;
    /// 1 shows all of it; the middle of the view in mm.
    double m_zoom = 1.0;
    Point m_middle;
    std::optional<Stroke> m_stroke;
    QPointF m_drag_from;
    bool m_is_panning = false;
    Point m_drag_middle;
};

/// Tones of thread that lies thin, well, thick, and too thick, with the layers at which each begins.
struct ThicknessTone
{
    int from = 1;
    QString words;
    double share = 0.0;
};
std::vector<ThicknessTone> thicknessTones();

} // namespace ink::ui
