// What the machine is doing, stitch by stitch, and what can be done about it.
#pragma once

#include "services/stitcher_line.h"
#include "ui/theme.h"

#include <QWidget>

class QLabel;
class QProgressBar;
class QPushButton;

namespace ink::ui {

class SewStrip : public QWidget
{
    Q_OBJECT
public:
    SewStrip(StitcherLine& machine, const Theme& theme, QWidget* parent = nullptr);

private:
    void showState();
    QString sayState() const;
    QString sayFault() const;

    StitcherLine& m_machine;
    QLabel* m_words = nullptr;
    QProgressBar* m_progress = nullptr;
    QPushButton *m_pause = nullptr, *m_go_on = nullptr, *m_again = nullptr, *m_cancel = nullptr;
};

} // namespace ink::ui
