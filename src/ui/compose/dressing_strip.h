// Dressings as cards: the whole line in each, plain first, with what it changes.
#pragma once

#include "core/design/composed_design.h"
#include "core/design/try_on.h"
#include "ui/theme.h"

#include <QAbstractScrollArea>
#include <QPainterPath>

#include <memory>
#include <vector>

namespace ink::ui {

class DressingStrip : public QAbstractScrollArea
{
    Q_OBJECT
public:
    explicit DressingStrip(const Theme& theme, QWidget* parent = nullptr);

    /// The words plain, and what they can be dressed in; drawings come later.
    void setDressings(const Job& plain, std::vector<Dressing> dressings, LengthUnit unit);
    void setMessage(const QString& message);
    void setDrawing(int index, const std::shared_ptr<const ComposedDesign>& composed);
    /// Marks the one that the job wears.
    void showWorn(const Job& job);
    int count() const { return static_cast<int>(m_cards.size()); }
    int current() const { return m_current; }
    const Job& job(int index) const { return m_cards[static_cast<std::size_t>(index)].job; }
    /// "Rich: 6 letters dressed, 9.1 mm wider, all joined".
    QString textOf(int index) const;
    QString message() const { return m_message; }
    QRect cardRect(int index) const;

signals:
    void chosen(int index);
    /// Enter: done. Escape: back to what was worn before.
    void kept();
    void left();

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;

private:
    struct Card
    {
        QString name;
        Job job;
        std::size_t dressed = 0;
        QPainterPath path;
        double width_u = 0.0;
        std::size_t joined = 0, pairs = 0;
        double mm_per_u = 0.0;
    };
    void choose(int index);
    void layOut();
    QString whatItChanges(const Card& card) const;

    const Theme& m_theme;
    std::vector<Card> m_cards;
    QString m_message;
    LengthUnit m_unit = LengthUnit::Millimetre;
    int m_current = -1;
};

} // namespace ink::ui
