// The one question of a first start.
#pragma once

#include "ui/theme.h"

#include <QDialog>

namespace ink::ui {

class FirstStart : public QDialog
{
    Q_OBJECT
public:
    explicit FirstStart(const Theme& theme, QWidget* parent = nullptr);

    /// Made-up fonts and jobs in a home of their own; else one's own, also when it was closed.
    bool isDemo() const { return m_is_demo; }

private:
    bool m_is_demo = false;
};

} // namespace ink::ui
