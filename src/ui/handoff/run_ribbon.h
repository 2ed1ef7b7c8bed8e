// The run as a ribbon of its parts in order of time, with a handle that shows any moment of it.
#pragma once

#include "core/cut/run_time.h"
#include "ui/theme.h"

#include <QColor>
#include <QWidget>

#include <memory>

namespace ink::ui {

class RunRibbon : public QWidget
{
    Q_OBJECT
public:
    explicit RunRibbon(const Theme& theme, QWidget* parent = nullptr);

    /// Null for none. `owner` keeps it.
    void show(std::shared_ptr<const Run> run, const QColor& material);
    double time() const { return m_time_s; }
    double duration() const { return m_run ? m_run->duration_s : 0.0; }
    /// Kept between the beginning and the end.
    void setTime(double time_s);
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return {120, sizeHint().height()}; }

signals:
    void timeChanged(double time_s);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    double timeAt(double x) const;
    double xAt(double time_s) const;

    const Theme& m_theme;
    std::shared_ptr<const Run> m_run;
    QColor m_material;
    double m_time_s = 0.0;
};

/// "1 min 12 s".
QString duration(double seconds);

} // namespace ink::ui
