#include "ui/handoff/pattern_print.h"

#include "ui/handoff/pattern_view.h"

#include <QPainter>
#include <QtPrintSupport/QPrinter>

namespace ink::ui {

bool printPattern(QPrinter& printer, const Pattern& pattern, const PatternWords& words, const QFont& font)
{
    printer.setFullPage(true);
    printer.setDocName(QString::fromStdString(words.title));
    QPainter painter;
    for (std::size_t i = 0; i < pattern.pageCount(); ++i) {
        const auto page = marksOf(pattern, i, words.title, words.advice);
        const bool is_across = page.width_mm > page.height_mm;
        const QSizeF upright(std::min(page.width_mm, page.height_mm),
                             std::max(page.width_mm, page.height_mm));
        printer.setPageSize(QPageSize(upright, QPageSize::Millimeter));
        printer.setPageOrientation(is_across ? QPageLayout::Landscape : QPageLayout::Portrait);
        if (i == 0 ? !painter.begin(&printer) : !printer.newPage())
            return false;
        painter.save();
        painter.setRenderHint(QPainter::Antialiasing);
        const double dots_per_mm = printer.resolution() / 25.4;
        painter.scale(dots_per_mm, dots_per_mm);
        paintPage(painter, page, font);
        painter.restore();
    }
    return painter.end();
}

} // namespace ink::ui
