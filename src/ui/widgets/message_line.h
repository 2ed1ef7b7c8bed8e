// What just happened, in words, at the foot of the window: no dialog, nothing to click away.
#pragma once

#include "ui/widgets/marks.h"

#include <QWidget>

class QLabel;
class QPushButton;

namespace ink::ui {

/// Lies over the window and is part of no layout: no button moves from under the pointer when a message comes or goes. It takes the
/// place of the figures in the footer, which becomes as high as two lines of it; grows upwards where its words are longer, and stands on
/// the footer as wide as the window where the figures have too little room.
class MessageLine : public QWidget
{
    Q_OBJECT
public:
    /// `figures`: what it covers, in a footer of the same window.
    MessageLine(const Theme& theme, QWidget* figures, QWidget* window);

    void show(Mark mark, const QString& text);
    /// Takes away what told that something was done; what went wrong stays until it is closed.
    void withdraw();

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void place();

    const Theme& m_theme;
    QWidget* m_figures;
    QWidget* m_footer;
    MarkLabel* m_mark;
    QLabel* m_text;
    QPushButton* m_close;
    bool m_tells_done = false;
};

} // namespace ink::ui
