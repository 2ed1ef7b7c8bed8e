// The try-on strip: every form of the letter at the caret, each inside its whole word, with what it would
// mean.
#pragma once

#include "core/design/try_on.h"
#include "ui/theme.h"

#include <QAbstractScrollArea>
#include <QPainterPath>

#include <memory>
#include <vector>

namespace ink::ui {

class TryOnStrip : public QAbstractScrollArea
{
    Q_OBJECT
public:
    explicit TryOnStrip(const Theme& theme, QWidget* parent = nullptr);

    void setTries(std::vector<TryOn> tries, LengthUnit unit, double mm_per_u);
    /// Nothing to try, and why.
    void setMessage(const QString& message);
    const std::vector<TryOn>& tries() const { return m_tries; }
    /// The one worn; -1 when nothing is shown.
    int current() const { return m_current; }
    QString message() const { return m_message; }

    /// What a try says, in words.
    QString verdictOf(int index) const;

    QSize sizeHint() const override;

signals:
    /// A form is to be worn, the plain one being the first.
    void chosen(int index);
    /// What is worn now counts as kept: the next try goes on from it.
    void settled();
    /// A piece that is there is to go.
    void takenOff(int index);
    /// Enter: done with this letter.
    void kept();
    /// Escape: back to what was worn before.
    void left();
    void correctionWanted(int index, QPoint global);

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;
    void contextMenuEvent(QContextMenuEvent* event) override;
    bool viewportEvent(QEvent* event) override;

private:
    struct Cell
    {
        QPainterPath others, letter;
        QRectF ink;
    };
    int cellWidth() const;
    QRect cellRect(int index) const;
    int cellAt(QPoint place) const;
    void choose(int index);
    void takeOff();
    void layOut();
    void showCurrent();

    const Theme& m_theme;
    std::vector<TryOn> m_tries;
    std::vector<Cell> m_cells;
    QString m_message;
    LengthUnit m_unit = LengthUnit::Millimetre;
    double m_mm_per_u = 0.0;
    int m_current = -1;
};

} // namespace ink::ui
