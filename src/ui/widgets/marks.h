// The three marks that stand beside words: in order, look at it, wrong. Drawn, so that no font has to hold
// them.
#pragma once

#include "ui/theme.h"

#include <QLabel>

class QPainter;

namespace ink::ui {

enum class Mark { InOrder, LookAt, Wrong };

QColor colourOf(Mark mark, const Colours& colours);
/// Paints the mark as large as `area` (square) allows; shape and colour both tell it apart.
void paintMark(QPainter& painter, const QRectF& area, Mark mark, const Colours& colours);

/// A mark as a widget of its own.
class MarkLabel : public QWidget
{
    Q_OBJECT
public:
    MarkLabel(const Theme& theme, QWidget* parent = nullptr);
    void setMark(Mark mark);
    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    const Theme& m_theme;
    Mark m_mark = Mark::InOrder;
};

} // namespace ink::ui
