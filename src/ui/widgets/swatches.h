// A row of colours to choose one from; the chosen one is named beside the row.
#pragma once

#include "ui/theme.h"

#include <QColor>
#include <QWidget>

class QButtonGroup;
class QHBoxLayout;
class QLabel;

namespace ink::ui {

class Swatches : public QWidget
{
    Q_OBJECT
public:
    explicit Swatches(const Theme& theme, QWidget* parent = nullptr);

    void addColour(const QString& name, const QColor& colour);
    QColor colour() const;

signals:
    void chosen(const QColor& colour);

private:
    const Theme& m_theme;
    QButtonGroup* m_group;
    QHBoxLayout* m_row;
    QLabel* m_name;
};

} // namespace ink::ui
