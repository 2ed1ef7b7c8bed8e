#include "ui/widgets/flow_row.h"

#include <QStyle>
#include <QWidget>

#include <algorithm>

namespace ink::ui {

FlowRow::FlowRow(QWidget* parent, int gap, int line_gap)
    : QLayout(parent), m_gap(gap), m_line_gap(line_gap < 0 ? gap : line_gap)
{
    setContentsMargins(0, 0, 0, 0);
}

FlowRow::~FlowRow()
{
    qDeleteAll(m_items);
}

void FlowRow::setGeometry(const QRect& area)
{
    QLayout::setGeometry(area);
    place(area.marginsRemoved(contentsMargins()), true);
}

int FlowRow::heightForWidth(int width) const
{
    const QMargins margins = contentsMargins();
    return place(QRect(0, 0, width - margins.left() - margins.right(), 0), false) + margins.top() +
           margins.bottom();
}

QSize FlowRow::minimumSize() const
{
    QSize size;
    for (const auto* item : m_items)
        size = size.expandedTo(item->minimumSize());
    const QMargins margins = contentsMargins();
    return size + QSize(margins.left() + margins.right(), margins.top() + margins.bottom());
}

bool FlowRow::staysWithBefore(qsizetype i) const
{
    const auto* widget = m_items[i]->widget();
    return widget && widget->property(kStaysWithBefore).toBool();
}

int FlowRow::widthWithTail(qsizetype i) const
{
    int width = m_items[i]->sizeHint().width();
    while (++i < m_items.size() && staysWithBefore(i))
        width += m_gap + m_items[i]->sizeHint().width();
    return width;
}

int FlowRow::place(const QRect& area, bool moves) const
{
    int y = area.top();
    for (qsizetype first = 0; first < m_items.size();) {
        // As many as there is room for, then each in the middle of the line.
        qsizetype last = first;
        int x = area.left(), line_height = 0;
        for (; last < m_items.size(); ++last) {
            if (m_items[last]->isEmpty())
                continue;
            const QSize size = m_items[last]->sizeHint();
            if (x > area.left() && !staysWithBefore(last) && x + widthWithTail(last) > area.right() + 1)
                break;
            x += size.width() + m_gap;
            line_height = std::max(line_height, size.height());
        }
        x = area.left();
        for (qsizetype i = first; moves && i < last; ++i) {
            if (m_items[i]->isEmpty())
                continue;
            const QSize size =
                m_items[i]->sizeHint().boundedTo(QSize(std::max(area.width(), 1), QWIDGETSIZE_MAX));
            const QRect straight(QPoint(x, y + (line_height - size.height()) / 2), size);
            m_items[i]->setGeometry(QStyle::visualRect(parentWidget()->layoutDirection(), area, straight));
            x += size.width() + m_gap;
        }
        y += line_height + (last < m_items.size() && line_height > 0 ? m_line_gap : 0);
        first = last;
    }
    return y - area.top();
}

} // namespace ink::ui
