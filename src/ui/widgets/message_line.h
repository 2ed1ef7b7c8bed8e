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

private:
    const Theme& m_theme;
    MarkLabel* m_mark;
    QLabel* m_text;
    QPushButton* m_close;
};

} // namespace ink::ui
