// The pieces lifted apart from each other, numbered, each with its size. Of a stencil: the sheet, and what falls out of it.
#pragma once

#include "core/design/design_proof.h"
#include "ui/theme.h"

#include <QPainterPath>
#include <QWidget>

#include <memory>
#include <vector>

namespace ink::ui {

class PiecesView : public QWidget
{
    Q_OBJECT
public:
    explicit PiecesView(const Theme& theme, QWidget* parent = nullptr);

    struct Shown
    {
        std::shared_ptr<const DesignProof> proof;
        std::vector<ProofFinding> findings;
        LengthUnit unit = LengthUnit::Millimetre;
        bool is_stencil = false;
    };
    void showPieces(Shown shown);
    void setMaterial(const QColor& colour);
    /// The piece that is told of, from 0.
    std::size_t piece() const { return m_piece; }

protected:
    void paintEvent(QPaintEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;

private:
    struct Tile
    {
        std::size_t piece = 0;
        QRectF room;
    };
    std::vector<Tile> tiles(double& px_per_mm) const;
    QString captionOf(std::size_t piece) const;
    bool isSpeck(std::size_t piece) const;
    void tellPiece();
    void paintTiles(QPainter& painter) const;
    void paintSheet(QPainter& painter) const;

    const Theme& m_theme;
    QColor m_material;
    Shown m_shown;
    std::vector<QPainterPath> m_paths;
    /// Pieces in sight: the largest, from left to right.
    std::vector<std::size_t> m_in_sight;
    std::size_t m_piece = 0;
};

} // namespace ink::ui
