// Pages one behind the other, of which one is seen.
#pragma once

#include <QStackedWidget>

namespace ink::ui {

/// A stack of pages that fill what room there is. The window does not ask all of them, at every change of a word in any of them, how
/// high they would be at each width: that is the most of the time it takes to lay the window out. What a page in sight does with its
/// height is settled by its own layout.
class PageStack : public QStackedWidget
{
public:
    using QStackedWidget::QStackedWidget;

    bool hasHeightForWidth() const override { return false; }
};

} // namespace ink::ui
