// The welded words at true size on ruled paper: zoom, pan, material or outline, overlaps on request.
#pragma once

#include "core/cut/material_card.h"
#include "core/design/composed_design.h"
#include "ui/theme.h"

#include <QPainterPath>
#include <QWidget>

#include <array>
#include <memory>
#include <optional>
#include <vector>

namespace ink::ui {

class WeldView : public QWidget
{
    Q_OBJECT
public:
    enum class Look { Material, Outline };

    explicit WeldView(const Theme& theme, QWidget* parent = nullptr);

    /// Null shows `message` instead (what to do, or what went wrong).
    void showDesign(std::shared_ptr<const Design> design);
    void showMessage(const QString& message);
    /// Null where there is none.
    const std::shared_ptr<const Design>& design() const { return m_design; }
    void setLook(Look look);
    void setMaterial(const QColor& colour);
    /// Whose colours letters of another material show; they stay where they are.
    void setMaterials(const std::vector<MaterialCard>& cards) { m_cards = &cards; }
    void setOverlapsShown(bool shown);
    /// Corners as squares, smooth nodes as rings, crossings of letters as diamonds.
    void setNodesShown(bool shown);
    struct NodeCounts
    {
        qulonglong corners = 0, smooth = 0, crossings = 0;
    };
    NodeCounts nodeCounts() const;
    void setUnit(LengthUnit unit);

    /// Screen size over true size.
    double zoom() const { return m_zoom; }
    /// Keeps the middle of the view where it is.
    void setZoom(double zoom);
    void zoomToFit();
    /// mm with y downwards; what keeps a part of the words in sight holds.
    void centreOn(QPointF mm);
    QString message() const { return m_message; }
    double pixelsPerMm() const;
    /// What lies over the upper edge of the paper: "all of it" stays below.
    void setTopRoom(int px) { m_top_room = px; }
    /// How wide the rulers at the left and above are.
    int rulerSize() const { return ruler(); }
    /// mm with y downwards, as the shape is painted.
    QPointF toScreen(QPointF mm) const;
    QPointF toMm(QPointF screen) const;

    QSize sizeHint() const override { return {760, 560}; }

signals:
    void zoomChanged(double zoom);
    void painted();

protected:
    /// What lies over the welded words, in a subclass; the painter is clipped to the paper.
    virtual void paintOver(QPainter&) {}
    /// A hand is on the words: the view does not follow what they come to. One that sized them leaves it
    /// where it is.
    void holdView(bool is_held) { m_is_held = is_held; }
    void stopFollowing() { m_follows_fit = false; }
    /// All of the words are shown, whatever they come to.
    bool followsFit() const { return m_follows_fit; }
    /// In mm, y downwards: what "all of it" means.
    virtual QRectF boxToShow() const { return m_box_mm; }
    /// Where the width and the height are written, on the screen: labels keep off them.
    std::array<QRectF, 2> dimensionFigures() const;
    QRectF paperArea() const;
    const Theme& theme() const { return m_theme; }
    LengthUnit unit() const { return m_unit; }
    bool hasDesign() const { return m_design != nullptr; }
    void startPanning(QPoint from);
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    enum class NodeMark { Corner, Smooth, Crossing };
    const std::vector<std::pair<QPointF, NodeMark>>& nodes() const;
    int ruler() const;
    void zoomAbout(double zoom, QPointF screen);
    void keepInSight();
    void paintPaper(QPainter& painter, const QRectF& area) const;
    void paintDesign(QPainter& painter) const;
    QColor colourOf(const Handling& handling) const;
    void paintParts(QPainter& painter, const QTransform& to_screen) const;
    void paintNodes(QPainter& painter) const;
    void paintDimensions(QPainter& painter) const;
    void paintRulers(QPainter& painter) const;
    void paintMessage(QPainter& painter) const;

    const Theme& m_theme;
    std::shared_ptr<const Design> m_design;
    std::vector<QPainterPath> m_pieces_mm;
    /// Where not all is made alike.
    struct Part
    {
        QPainterPath path_mm;
        /// None for the material that is shown.
        QColor colour;
        Operation operation{};
    };
    std::vector<Part> m_parts;
    const std::vector<MaterialCard>* m_cards = nullptr;
    // Made when they are first shown: while a letter is dragged nobody looks at them.
    mutable std::vector<QPainterPath> m_glyphs_mm;
    mutable std::optional<std::vector<std::pair<QPointF, NodeMark>>> m_nodes_mm;
    bool m_nodes_shown = false;
    QRectF m_box_mm;
    QString m_message;
    Look m_look = Look::Material;
    QColor m_material;
    bool m_overlaps_shown = false;
    LengthUnit m_unit = LengthUnit::Millimetre;
    double m_zoom = 1.0;
    int m_top_room = 0;
    bool m_follows_fit = true;
    bool m_is_held = false;
    QPointF m_centre_mm;
    QPoint m_drag_from;
    bool m_is_dragging = false;
};

} // namespace ink::ui
