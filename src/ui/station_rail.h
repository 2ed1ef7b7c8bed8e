// The stations in working order: a word and one living figure each.
#pragma once

#include "ui/theme.h"

#include <QAbstractButton>
#include <QWidget>

#include <vector>

class QVBoxLayout;

namespace ink::ui {

class StationButton : public QAbstractButton
{
    Q_OBJECT
public:
    StationButton(const Theme& theme, const QString& name, QWidget* parent = nullptr);
    void setFigure(const QString& figure);
    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    const Theme& m_theme;
    QString m_figure;
};

class StationRail : public QWidget
{
    Q_OBJECT
public:
    explicit StationRail(const Theme& theme, QWidget* parent = nullptr);

    void addStation(const QString& object_name, const QString& name);
    void setFigure(int station, const QString& figure);
    void setCurrent(int station);

signals:
    void chosen(int station);

protected:
    void keyPressEvent(QKeyEvent* event) override;
    void paintEvent(QPaintEvent* event) override;

private:
    const Theme& m_theme;
    QVBoxLayout* m_layout;
    std::vector<StationButton*> m_buttons;
};

} // namespace ink::ui
