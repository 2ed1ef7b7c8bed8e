// One stitched letter, large: its threads, the line it stands on, and its room.
#pragma once

#include "core/alphabet/alphabet.h"
#include "ui/theme.h"

#include <QWidget>

namespace ink::ui {

class LetterView : public QWidget
{
    Q_OBJECT
public:
    explicit LetterView(const Theme& theme, QWidget* parent = nullptr);

    /// Drawn to the scale of the capitals, `size_mm` high; null for nothing.
    void show(const SewnLetter* letter, double size_mm);
    QSize sizeHint() const override { return {320, 260}; }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    const Theme& m_theme;
    SewnLetter m_letter;
    double m_size_mm = 0.0;
};

} // namespace ink::ui
