// A picture with four corners round its lettering, dragged by pointer or moved by keys.
#pragma once

#include "core/match/picture_ink.h"
#include "ui/find/fitted_part.h"
#include "ui/theme.h"

#include <QImage>
#include <QWidget>

#include <memory>
#include <optional>

namespace ink::ui {

class PictureView : public QWidget
{
    Q_OBJECT
public:
    PictureView(const Theme& theme, QWidget* parent = nullptr);

    void setPicture(const std::shared_ptr<const Picture>& picture);
    void setCorners(const FrameCorners& corners);
    FrameCorners wholePicture() const;
    const FrameCorners& corners() const { return m_corners; }
    /// Which corner the arrow keys move, from the top left clockwise.
    int chosenCorner() const { return m_chosen; }
    /// Where a corner lies in the widget.
    QPointF onScreen(int corner) const;

    QSize sizeHint() const override { return {420, 260}; }

signals:
    /// A corner was moved, or a new frame was drawn.
    void cornersChanged(const ink::FrameCorners& corners);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    FittedPart fitted() const;
    Point toPicture(QPointF screen) const;
    void moveCorner(int corner, Point to);
    void say();

    const Theme& m_theme;
    QImage m_image;
    FrameCorners m_corners{};
    int m_chosen = 0;
    std::optional<int> m_dragged;
    std::optional<Point> m_drawn_from;
    bool m_is_moved = false;
};

} // namespace ink::ui
