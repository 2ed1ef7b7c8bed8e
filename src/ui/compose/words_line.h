// A design in one quiet line, for comparing.
#pragma once

#include "core/design/composed_design.h"
#include "ui/theme.h"

#include <QPainterPath>
#include <QWidget>

#include <memory>

namespace ink::ui {

class WordsLine : public QWidget
{
    Q_OBJECT
public:
    WordsLine(const Theme& theme, const QString& caption, QWidget* parent = nullptr);

    /// Null hides it.
    void show(const std::shared_ptr<const ComposedDesign>& composed);
    QSize sizeHint() const override { return {300, m_theme.scaled(74)}; }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    const Theme& m_theme;
    QString m_caption;
    QPainterPath m_path;
};

/// Fills `path` in the middle of `room`, as large as fits.
void fillFitted(QPainter& painter, const QPainterPath& path, const QRectF& room, const QColor& colour);

} // namespace ink::ui
