// The lettering of a picture as it was understood, with a candidate's outline over it; what is no lettering is painted out.
#pragma once

#include "core/match/picture_ink.h"
#include "ui/find/fitted_part.h"
#include "ui/theme.h"

#include <QImage>
#include <QPainterPath>
#include <QWidget>

#include <memory>
#include <optional>

namespace ink::ui {

class InkView : public QWidget
{
    Q_OBJECT
public:
    InkView(const Theme& theme, QWidget* parent = nullptr);

    void setInk(const std::shared_ptr<const PictureInk>& ink);
    /// In px of the ink; empty for none. `name` is what the screen reader says of it.
    void setOutline(const QPainterPath& outline_px, const QString& name);
    /// Instead of ink.
    void setProblem(const QString& problem);
    /// Where a place of the ink lies in the widget.
    QPointF onScreen(Point ink_px) const;

    QSize sizeHint() const override { return {420, 200}; }

signals:
    /// A stroke of the brush: all of its blots.
    void paintedOut(const std::vector<ink::Blot>& blots);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    FittedPart fitted() const;
    double brush_px() const;
    void blot(QPointF screen);

    const Theme& m_theme;
    std::shared_ptr<const PictureInk> m_ink;
    QImage m_image;
    /// What is shown of it: the ink and a little round it.
    QRectF m_part;
    QPainterPath m_outline;
    QString m_problem;
    std::vector<Blot> m_blots;
    /// The brush that keys move, in px of the ink.
    Point m_brush{};
};

} // namespace ink::ui
