// The opened font in its sizes.
#include "ui/find/card_page.h"
#include "ui/find/find_filter.h"
#include "ui/find/font_line_delegate.h"
#include "ui/measures.h"
#include "ui/text.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QScrollArea>

#include <algorithm>

namespace ink::ui {

QWidget* CardPage::buildSizes()
{
    m_sizes = new QWidget(this);
    m_sizes->setLayout(new QVBoxLayout);
    m_sizes->layout()->setContentsMargins(kMargin, kMargin, kMargin, kMargin);
    return scrolled(m_sizes, "sizesScroll", tr("The words in several sizes"));
}

void CardPage::showSizes()
{
    qDeleteAll(m_sizes->findChildren<QWidget*>(QString(), Qt::FindDirectChildrenOnly));
    if (!m_card)
        return;
    auto* column = static_cast<QVBoxLayout*>(m_sizes->layout());
    while (auto* item = column->takeAt(0))
        delete item;
    const double px_per_mm = logicalDpiX() / 25.4;
    for (const double height_mm : {6.0, 12.0, 20.0, 35.0, 60.0}) {
        const auto card = cardOf(m_card->shape, {SizeBy::Height, height_mm});
        if (!card)
            continue;
        const auto lines = fitMarkLines(**card, m_job.job());
        const auto stroke = std::ranges::find(lines, FitMarkKind::Stroke, &FitMarkLine::kind);
        auto* row_widget = new QWidget(m_sizes);
        auto* row = new QHBoxLayout(row_widget);
        row->setContentsMargins(0, 0, 0, 0);
        auto* mark = new MarkLabel(m_theme, row_widget);
        if (stroke != lines.end())
            mark->setMark(stroke->mark);
        auto* figures =
            new QLabel(QStringLiteral("<b>%1</b> %2<br>%3")
                           .arg(figureWithUnit(height_mm, m_job.job().unit), tr("high"),
                                stroke == lines.end() ? QString() : tr("thinnest %1").arg(stroke->figure)),
                       row_widget);
        figures->setFont(m_theme.text(TextSize::Small));
        figures->setFixedWidth(m_theme.scaled(150));
        auto* view = new WordsView(m_theme, row_widget);
        view->setCard(*card, m_job.job().words);
        view->setScale(px_per_mm);
        view->setFixedHeight(view->sizeHint().height());
        row->addWidget(mark, 0, Qt::AlignTop);
        row->addWidget(figures, 0, Qt::AlignTop);
        row->addWidget(view, 1);
        column->addWidget(row_widget);
    }
    column->addStretch(1);
}

} // namespace ink::ui
