// Colours, type and spacing of the whole window, in one place.
#pragma once

#include <QColor>
#include <QFont>
#include <QString>

class QApplication;

namespace ink::ui {

struct Colours
{
    QColor paper, card, ink, soft_ink, rule, wash, madder, leaf, ochre, honey;
    /// Text and quiet text on the ink of the job band.
    QColor band, on_band, on_band_soft;
    /// Text on madder.
    QColor on_madder;
};

/// Steps of the type scale, in px at 100 % text.
enum class TextSize { Tiny, Small, Body, Lead, Title, Display };

/// Spacing steps on the 4 px grid.
inline constexpr int kGrid = 4;
inline constexpr int kMargin = 20;
inline constexpr int kRadius = 8;
/// The window is whole from this size on: a laptop of 1366 x 768 at 125 % has a little more.
inline constexpr int kLeastWidth = 960;
inline constexpr int kLeastHeight = 600;

class Theme
{
public:
    enum class Tone { Light, Dark };

    /// `text_scale` is 1 for the desktop's usual text; the words grow first.
    explicit Theme(Tone tone = Tone::Light, double text_scale = 1.0);

    const Colours& colours() const { return m_colours; }
    double textScale() const { return m_text_scale; }
    int px(TextSize size) const;
    /// Lengths that have to grow with the text.
    int scaled(int px) const;
    /// Lato, for everything but headings.
    QFont text(TextSize size, bool is_bold = false) const;
    /// Vollkorn, for headings and names.
    QFont heading(TextSize size) const;
    QString styleSheet() const;

    /// Loads the fonts that ship inside the program; sets palette, font and style sheet.
    void applyTo(QApplication& app) const;

    static Colours coloursOf(Tone tone);
    /// What the desktop asks for, read from the palette it gave the application.
    static Tone desktopTone();
    static double desktopTextScale();

private:
    double m_text_scale;
    Colours m_colours;
};

/// Installs, once, the plural forms of the sentences with a number, which English needs a table for too.
void loadSentences(QApplication& app);

/// Contrast of two colours, 1 to 21.
/// Source: WCAG 2.1, relative luminance and contrast ratio.
double contrast(const QColor& a, const QColor& b);

} // namespace ink::ui
