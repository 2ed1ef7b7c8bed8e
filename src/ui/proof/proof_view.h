// The finished words with their findings at their places, the bridges of a stencil, and what is cut along.
#pragma once

#include "core/design/design_proof.h"
#include "ui/compose/weld_view.h"

#include <optional>
#include <vector>

namespace ink::ui {

class ProofView : public WeldView
{
    Q_OBJECT
public:
    explicit ProofView(const Theme& theme, QWidget* parent = nullptr);

    struct Shown
    {
        std::vector<ProofFinding> findings;
        std::vector<StencilBridge> bridges;
        std::vector<OpenPath> lines_mm;
        /// mm of the findings for a mm of the words in sight.
        double scale = 1.0;
    };
    void showFindings(Shown shown);
    void choose(std::optional<std::size_t> finding, std::optional<std::size_t> bridge);
    /// Moves what is chosen into sight; nearer, where `is_large`.
    void showPlace(bool is_large);
    /// The words as they were before; null for as they are. The view stays where it is.
    void showUnmended(std::shared_ptr<const Design> design);
    bool isUnmended() const { return m_mended != nullptr; }
    /// In the pixels of the view.
    QPointF placeOf(const ProofFinding& finding) const;
    QPointF placeOf(const StencilBridge& bridge) const;

signals:
    void findingPressed(std::size_t finding);
    void bridgePressed(std::size_t bridge);
    /// A bridge was dragged to a place of the design, y up.
    void bridgeDragged(std::size_t bridge, ink::Point to_mm);
    /// A double click on the ink of a stencil.
    void bridgeWanted(ink::Point at_mm);
    void unmendedWanted(bool is_wanted);
    void stepWanted(int by);
    void usualWanted();
    void leaveWanted();

protected:
    void paintOver(QPainter& painter) override;
    QRectF boxToShow() const override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void keyReleaseEvent(QKeyEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;

private:
    std::optional<std::size_t> findingAt(QPointF px) const;
    std::optional<std::size_t> bridgeAt(QPointF px) const;
    void paintLines(QPainter& painter) const;
    void paintBridges(QPainter& painter) const;
    void paintFindings(QPainter& painter) const;
    bool isInSight(QPointF px) const;

    Shown m_shown;
    std::optional<std::size_t> m_finding, m_bridge, m_dragged;
    QPointF m_drag_px, m_pressed_px;
    std::shared_ptr<const Design> m_mended;
};

} // namespace ink::ui
