// A page of a station behind its main one: a way back and a title on top.
#pragma once

#include "ui/theme.h"

#include <QWidget>

class QHBoxLayout;
class QLabel;
class QVBoxLayout;

namespace ink::ui {

class SubPage : public QWidget
{
    Q_OBJECT
public:
    /// `name` begins the names of its parts: "twinsBack", "twinsTitle", "twinsScroll".
    SubPage(const QString& name, const QString& back, const Theme& theme, QWidget* parent);

signals:
    void backWanted();

protected:
    /// Below the head; what does not fit scrolls.
    QVBoxLayout* addScrolledColumn(const QString& spoken);

    const Theme& m_theme;
    QString m_name;
    QVBoxLayout* m_page_column;
    QHBoxLayout* m_head;
    QLabel* m_title;
};

} // namespace ink::ui
