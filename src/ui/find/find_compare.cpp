// Fonts put side by side.
#include "ui/find/compare_page.h"
#include "ui/find/find_page.h"
#include "ui/find/font_line_delegate.h"
#include "ui/find/wish_bar.h"
#include "ui/measures.h"
#include "ui/widgets/choice.h"
#include "ui/widgets/flow_row.h"

#include <QPushButton>

#include <algorithm>

namespace ink::ui {

void FindPage::toggleCompared()
{
    const int row = currentRow();
    if (row < 0)
        return;
    if (const auto it = std::ranges::find(m_compared, row); it != m_compared.end())
        m_compared.erase(it);
    else if (m_compared.size() < kMostCompared)
        m_compared.emplace_back(m_fonts, row);
    m_compare_open->setText(tr("See %1 side by side").arg(m_compared.size()));
    m_compare_open->setVisible(m_compared.size() > 1);
    showPanel();
}

void FindPage::showStyles(int row)
{
    std::vector<ComparePage::Pick> picks;
    if (m_fonts.isListing(row)) {
        for (const auto& style : m_fonts.listing(row).styles)
            picks.push_back({FontRow(m_fonts, row), style});
    } else {
        for (int other = 0; other < m_fonts.rowCount(); ++other)
            if (!m_fonts.isListing(other) &&
                m_fonts.entry(other).info.family == m_fonts.entry(row).info.family)
                picks.push_back({FontRow(m_fonts, other), {}});
    }
    m_compare_page->open(std::move(picks));
    show(Compare);
}

} // namespace ink::ui
