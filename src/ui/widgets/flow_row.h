// A row of widgets that goes on in the next line where there is no room, as words do.
#pragma once

#include <QLayout>
#include <QList>

namespace ink::ui {

class FlowRow : public QLayout
{
public:
    /// Property of a widget that never begins a line, as a full stop does not.
    static constexpr const char* kStaysWithBefore = "staysWithBefore";

    /// `line_gap` lies between two lines; as much as between two widgets where it is not given.
    FlowRow(QWidget* parent, int gap, int line_gap = -1);
    ~FlowRow() override;

    void addItem(QLayoutItem* item) override { m_items.append(item); }
    int count() const override { return static_cast<int>(m_items.size()); }
    QLayoutItem* itemAt(int index) const override { return m_items.value(index); }
    QLayoutItem* takeAt(int index) override
    {
        return index >= 0 && index < m_items.size() ? m_items.takeAt(index) : nullptr;
    }
    Qt::Orientations expandingDirections() const override { return {}; }
    bool hasHeightForWidth() const override { return true; }
    int heightForWidth(int width) const override;
    void setGeometry(const QRect& area) override;
    QSize sizeHint() const override { return minimumSize(); }
    QSize minimumSize() const override;

private:
    int place(const QRect& area, bool moves) const;
    bool staysWithBefore(qsizetype i) const;
    /// Of an item and of those behind it that stay with it.
    int widthWithTail(qsizetype i) const;

    QList<QLayoutItem*> m_items;
    int m_gap, m_line_gap;
};

} // namespace ink::ui
