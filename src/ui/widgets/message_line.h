// What just happened, in words, at the foot of the window: no dialog, nothing to click away.
#pragma once

#include "ui/widgets/marks.h"

#include <QWidget>

class QLabel;
class QPushButton;

namespace ink::ui {

class MessageLine : public QWidget
{
    Q_OBJECT
public:
    explicit MessageLine(const Theme& theme, QWidget* parent = nullptr);

    void show(Mark mark, const QString& text);
    /// Takes away what told that something was done; what went wrong stays until it is closed.
    void withdraw();

private:
    const Theme& m_theme;
    MarkLabel* m_mark;
    QLabel* m_text;
    QPushButton* m_close;
    bool m_tells_done = false;
};

} // namespace ink::ui
