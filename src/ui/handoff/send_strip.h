// What the cutter is doing, part by part, and what can be done about it.
#pragma once

#include "services/cutter_queue.h"
#include "ui/theme.h"

#include <QWidget>

class QLabel;
class QProgressBar;
class QPushButton;

namespace ink::ui {

class SendStrip : public QWidget
{
    Q_OBJECT
public:
    SendStrip(CutterQueue& queue, const Theme& theme, QWidget* parent = nullptr);

private:
    void showState();
    QString sayState() const;

    CutterQueue& m_queue;
    QLabel* m_words = nullptr;
    QProgressBar* m_progress = nullptr;
    QPushButton *m_pause = nullptr, *m_go_on = nullptr, *m_again = nullptr, *m_cancel = nullptr;
};

} // namespace ink::ui
