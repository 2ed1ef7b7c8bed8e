// The run as a ribbon of its parts in order of time, with a handle that shows any moment of it.
#pragma once

#include "core/cut/run_time.h"
#include "ui/theme.h"

#include <QColor>
#include <QWidget>

#include <vector>

namespace ink::ui {

/// A stretch of time, as it is painted.
struct RibbonPart
{
    double from_s = 0.0, to_s = 0.0;
    QColor colour;
    /// Not by colour alone: what goes before is lower, what is beside the work is striped.
    enum class Look { Full, Low, Striped } look = Look::Full;
};

class RunRibbon : public QWidget
{
    Q_OBJECT
public:
    explicit RunRibbon(const Theme& theme, QWidget* parent = nullptr);

    /// In order of time.
    void show(std::vector<RibbonPart> parts, double duration_s);
    double time() const { return m_time_s; }
    double duration() const { return m_duration_s; }
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
    std::vector<RibbonPart> m_parts;
    double m_duration_s = 0.0;
    double m_time_s = 0.0;
};

/// The parts of a tool's run: middles low, frames striped.
std::vector<RibbonPart> ribbonParts(const Run& run, const QColor& material, const Theme& theme);

/// "1 min 12 s".
QString duration(double seconds);

} // namespace ink::ui
