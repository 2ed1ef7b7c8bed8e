#include "ui/theme.h"

#include "ui/ink_style.h"

#include <QApplication>
#include <QFontDatabase>
#include <QLibraryInfo>
#include <QLocale>
#include <QPalette>
#include <QTranslator>

#include <algorithm>
#include <array>
#include <cmath>

namespace ink::ui {
namespace {

constexpr std::array kScale_px{11.5, 13.0, 14.0, 16.0, 21.0, 32.0};

double luminance(const QColor& colour)
{
    const auto linear = [](double c) {
        return c <= 0.03928 ? c / 12.92 : std::pow((c + 0.055) / 1.055, 2.4);
    };
    return 0.2126 * linear(colour.redF()) + 0.7152 * linear(colour.greenF()) +
           0.0722 * linear(colour.blueF());
}

void loadShippedFonts()
{
    for (const char* name : {"Lato-Regular", "Lato-Bold", "Vollkorn-Medium", "Vollkorn-SemiBold"})
        QFontDatabase::addApplicationFont(QStringLiteral(":/fonts/%1.ttf").arg(QLatin1String(name)));
}

} // namespace

void loadSentences(QApplication& app)
{
    if (app.property("hasSentences").toBool())
        return;
    app.setProperty("hasSentences", true);
    const auto install = [&app](const auto&... where) {
        auto* translator = new QTranslator(&app);
        const bool is_there = translator->load(where...);
        if (is_there)
            QApplication::installTranslator(translator);
        return is_there;
    };
    // English first: its file holds sentences with a number only; what is installed later is asked before it.
    install(QStringLiteral(":/translations/under-ink_en.qm"));
    const QLocale locale;
    if (locale.language() == QLocale::English || locale.language() == QLocale::C)
        return;
    // Qt's own words only where ours are spoken: those of Arabic would turn a window in English round.
    if (install(locale, QStringLiteral("under-ink"), QStringLiteral("_"), QStringLiteral(":/translations")))
        install(locale, QStringLiteral("qtbase"), QStringLiteral("_"),
                QLibraryInfo::path(QLibraryInfo::TranslationsPath));
    // Nor figures in digits that the English sentences round them are not written in.
    else if (locale.zeroDigit() != QStringLiteral("0"))
        QLocale::setDefault(QLocale(QLocale::English));
}

double contrast(const QColor& a, const QColor& b)
{
    const double la = luminance(a), lb = luminance(b);
    return (std::max(la, lb) + 0.05) / (std::min(la, lb) + 0.05);
}

Colours Theme::coloursOf(Tone tone)
{
    if (tone == Tone::Light)
        return {QColor("#f4efe4"), QColor("#fffdf8"), QColor("#1d2333"), QColor("#5d6070"), QColor("#ddd4c2"),
                QColor("#ece4d3"), QColor("#a33b2b"), QColor("#2d6a4c"), QColor("#8a5c0f"), QColor("#fbf3e2"),
                QColor("#1d2333"), QColor("#fffdf8"), QColor("#b9bccb"), QColor("#ffffff")};
    return {QColor("#191c26"), QColor("#20242f"), QColor("#efe9dc"), QColor("#b3b2b8"), QColor("#3a3f4d"),
            QColor("#2a2f3c"), QColor("#e08a74"), QColor("#7cc49b"), QColor("#e0b25e"), QColor("#332f2a"),
            QColor("#0e1017"), QColor("#f7f2e6"), QColor("#a9acbb"), QColor("#1b1412")};
}

Theme::Theme(Tone tone, double text_scale)
    : m_text_scale(std::clamp(text_scale, 0.75, 2.5)), m_colours(coloursOf(tone))
{
}

int Theme::px(TextSize size) const
{
    return static_cast<int>(std::lround(kScale_px[static_cast<std::size_t>(size)] * m_text_scale));
}

int Theme::scaled(int px) const
{
    return static_cast<int>(std::lround(px * m_text_scale));
}

QFont Theme::text(TextSize size, bool is_bold) const
{
    QFont font(QStringLiteral("Lato"));
    font.setPixelSize(px(size));
    font.setBold(is_bold);
    return font;
}

QFont Theme::heading(TextSize size) const
{
    QFont font(QStringLiteral("Vollkorn"));
    font.setPixelSize(px(size));
    font.setWeight(QFont::DemiBold);
    return font;
}

Theme::Tone Theme::desktopTone()
{
    return QApplication::palette().color(QPalette::Window).lightness() < 128 ? Tone::Dark : Tone::Light;
}

double Theme::desktopTextScale()
{
    // 10 pt is what desktops call 100 %; the offscreen platform gives a size of its own.
    constexpr double kUsual_pt = 10.0;
    const double size_pt = QApplication::font().pointSizeF();
    return size_pt > kUsual_pt ? size_pt / kUsual_pt : 1.0;
}

QString Theme::styleSheet() const
{
    const auto& c = m_colours;
    QString sheet = QStringLiteral(R"(
QWidget { color: @ink; selection-background-color: @madder; selection-color: @onMadder; }
QToolTip { background: @band; color: @onBand; border: 0; padding: 4px 8px; }
#mainWindow, #page { background: @paper; }
#sidePanel { background: @paper; border-left: 1px solid @rule; }
#rail { background: @paper; }
QListView { background: @card; border: 0; outline: 0; }
QScrollArea#sidePanel > QWidget > QWidget, QScrollArea#sideScroll > QWidget > QWidget { background: @paper; }
#sideFoot { border-top: 1px solid @rule; }
QLabel[role="soft"] { color: @soft; }
QLabel[role="caption"] { color: @soft; }
QPushButton { background: @card; border: 1px solid @ink; border-radius: 6px; padding: 6px 14px; font-weight: bold; }
QPushButton:hover { background: @honey; }
QPushButton:focus, QComboBox:focus, QLineEdit:focus { border: 2px solid @madder; }
QPushButton:focus { padding: 5px 13px; }
QPushButton:disabled { color: @soft; border-color: @rule; }
QPushButton[role="main"] { background: @madder; border-color: @madder; color: @onMadder; }
QPushButton[role="main"]:focus { border: 2px solid @ink; }
QPushButton[role="main"]:disabled { background: @wash; border-color: @rule; color: @soft; }
QPushButton[role="tab"] { background: transparent; border: 0; border-bottom: 2px solid transparent; border-radius: 0;
  padding: 8px 2px; font-weight: normal; color: @soft; }
QPushButton[role="tab"]:checked { border-bottom: 2px solid @madder; color: @ink; font-weight: bold; }
QPushButton[role="tab"]:hover, QPushButton[role="tab"]:focus { color: @ink; border-bottom: 2px solid @ink; padding: 8px 2px; }
QPushButton[role="tab"]:checked:focus { border-bottom: 4px solid @madder; padding: 8px 2px 6px 2px; }
QDialog { border: 1px solid @rule; }
QPushButton[role="quiet"] { background: transparent; border: 1px solid @rule; font-weight: normal; padding: 4px 10px; }
QPushButton[role="quiet"]:focus { border: 2px solid @madder; padding: 3px 9px; }
QPushButton[role="wish"] { background: transparent; border: 1px solid @rule; border-radius: 10px; font-weight: normal; padding: 3px 10px; }
QPushButton[role="wish"]:hover { background: @honey; }
QPushButton[role="wish"]:checked { background: @ink; color: @paper; border-color: @ink; }
QPushButton[role="wish"]:focus { border: 2px solid @madder; padding: 2px 9px; }
QPushButton[role="wish"]::menu-indicator { width: 0; }
QPushButton[role="tile"] { background: @card; border: 1px solid @rule; border-radius: 6px; padding: 0; }
QPushButton[role="tile"]:hover { background: @honey; }
QPushButton[role="tile"]:checked { border: 2px solid @madder; background: @honey; }
QPushButton[role="tile"]:focus { border: 2px solid @ink; }
QPushButton[role="mark"] { background: transparent; border: 1px solid transparent; border-radius: 6px; padding: 0; font-weight: normal; text-align: left; }
QPushButton[role="mark"]:hover { background: @honey; }
QPushButton[role="mark"]:checked { border: 1px solid @madder; background: @honey; }
QPushButton[role="mark"]:focus { border: 2px solid @madder; padding: 0; }
QPushButton[role="link"] { background: transparent; border: 0; border-bottom: 1px solid @rule; border-radius: 0; padding: 0; font-weight: normal; }
QPushButton[role="link"]:hover, QPushButton[role="link"]:focus { border-bottom: 2px solid @madder; padding: 0; }
QPushButton[role="link"]:disabled { border-bottom: 0; color: @soft; }
QPushButton[role="phrase"] { background: transparent; border: 0; border-bottom: 2px solid @madder; border-radius: 0; padding: 0; font-weight: bold; }
QPushButton[role="phrase"]:hover { background: @honey; }
QPushButton[role="phrase"]:focus { background: @honey; border-bottom: 3px solid @ink; padding: 0; }
#leaf { background: @card; border: 1px solid @ink; border-radius: 8px; }
#leaf QScrollArea > QWidget > QWidget { background: @card; }
#sentenceHead { border-bottom: 1px solid @rule; background: @paper; }
#pairCallout { background: @ink; border-radius: 6px; }
#pairCallout QLabel { color: @paper; }
#pairCallout QPushButton { background: transparent; border: 0; border-bottom: 1px solid @paper; border-radius: 0; padding: 0; font-weight: normal; color: @paper; }
#pairCallout QPushButton:focus { border-bottom: 3px solid @paper; padding: 0; }
QTreeWidget { background: @card; border: 0; outline: 0; }
QTreeWidget::item { padding: 3px 0; }
QTreeWidget::item:selected { background: @honey; color: @ink; }
QHeaderView::section { background: @paper; color: @soft; border: 0; border-bottom: 1px solid @rule; padding: 4px; }
QPlainTextEdit#documentText, QPlainTextEdit#shelfDocumentText, QPlainTextEdit#letter, QPlainTextEdit#shelfNote { background: @card; border: 1px solid @rule; border-radius: 6px; }
QProgressBar { background: @wash; border: 0; border-radius: 4px; }
QProgressBar::chunk { background: @madder; border-radius: 4px; }
QMenu { background: @card; border: 1px solid @rule; padding: 4px; }
QMenu::item { padding: 5px 22px; }
QMenu::item:selected { background: @honey; color: @ink; }
#transfers { border-top: 1px solid @rule; background: @card; }
QScrollArea { background: transparent; border: 0; }
QScrollArea#sidePanel { border-left: 1px solid @rule; }
QComboBox { background: transparent; border: 0; border-bottom: 1px solid @rule; border-radius: 0; padding: 2px 0; }
QComboBox { combobox-popup: 0; } /* a list: as a menu its words would have the colour of the ground that the choice stands on */
QComboBox QAbstractItemView::item { padding: 4px 8px; }
QComboBox:focus { padding: 1px 0 0 0; }
QComboBox QAbstractItemView { background: @card; color: @ink; selection-background-color: @honey; selection-color: @ink; border: 1px solid @rule; }
QDoubleSpinBox:disabled { background: @wash; color: @soft; }
QLineEdit { background: @card; border: 1px solid @rule; border-radius: 6px; padding: 6px 10px; }
QSlider:horizontal { min-height: 26px; }
QSlider::groove:horizontal { height: 2px; background: @ink; }
QSlider::handle:horizontal { background: @card; border: 2px solid @ink; width: 10px; margin: -8px 0; border-radius: 4px; }
QSlider::handle:horizontal:hover, QSlider::handle:horizontal:focus { border-color: @madder; background: @honey; }
QScrollBar:vertical { background: transparent; width: 10px; margin: 0; }
QScrollBar::handle:vertical { background: @rule; border-radius: 5px; min-height: 32px; }
QScrollBar::add-line, QScrollBar::sub-line { height: 0; width: 0; }
QScrollBar:horizontal { background: transparent; height: 10px; }
QScrollBar::handle:horizontal { background: @rule; border-radius: 5px; min-width: 32px; }

#jobBand QWidget { background: transparent; color: @onBand; }
#jobBand QLabel { color: @onBandSoft; }
#jobBand QPlainTextEdit { border: 0; border-bottom: 1px solid transparent; }
#jobBand QPlainTextEdit:focus { border-bottom: 1px solid @onBandSoft; }
#jobBand QDoubleSpinBox { border: 0; border-bottom: 1px solid @onBandSoft; color: @onBand; }
#jobBand QDoubleSpinBox:focus, #jobBand QComboBox:focus { border: 0; border-bottom: 2px solid @honeyOnBand; }
#jobBand QComboBox { border: 0; border-bottom: 1px solid transparent; border-radius: 0; padding: 2px 0; color: @onBand; }
#jobBand QComboBox:hover { border-bottom: 1px solid @onBandSoft; }
#jobBand QComboBox QAbstractItemView { background: @card; color: @ink; selection-background-color: @honey; selection-color: @ink; border: 1px solid @rule; }
#jobBand QPushButton { background: transparent; color: @onBand; border: 1px solid @onBandSoft; padding: 3px 10px; font-weight: normal; }
#jobBand QPushButton:checked { background: @honeyOnBand; color: #1d2333; border-color: @honeyOnBand; font-weight: bold; }
#jobBand QPushButton:focus { border: 2px solid @onBand; }
#jobBand #purposeSale { border-top-right-radius: 0; border-bottom-right-radius: 0; border-top-left-radius: 10px; border-bottom-left-radius: 10px; }
#jobBand #purposeGift { border-top-left-radius: 0; border-bottom-left-radius: 0; border-top-right-radius: 10px; border-bottom-right-radius: 10px; }
)");
    const std::pair<const char*, QColor> names[] = {
        {"@onBandSoft", c.on_band_soft},
        {"@onBand", c.on_band},
        {"@honeyOnBand", QColor("#f5d9a6")},
        {"@band", c.band},
        {"@onMadder", c.on_madder},
        {"@madder", c.madder},
        {"@paper", c.paper},
        {"@card", c.card},
        {"@soft", c.soft_ink},
        {"@rule", c.rule},
        {"@wash", c.wash},
        {"@honey", c.honey},
        {"@ink", c.ink},
    };
    for (const auto& [name, colour] : names)
        sheet.replace(QLatin1String(name), colour.name());
    return sheet;
}

void Theme::applyTo(QApplication& app) const
{
    loadShippedFonts();
    loadSentences(app);
    app.setStyle(new InkStyle(*this));
    const auto& c = m_colours;
    QPalette palette;
    palette.setColor(QPalette::Window, c.paper);
    palette.setColor(QPalette::Base, c.card);
    palette.setColor(QPalette::AlternateBase, c.wash);
    palette.setColor(QPalette::Button, c.card);
    for (const auto role : {QPalette::WindowText, QPalette::Text, QPalette::ButtonText})
        palette.setColor(role, c.ink);
    palette.setColor(QPalette::PlaceholderText, c.soft_ink);
    palette.setColor(QPalette::Highlight, c.madder);
    palette.setColor(QPalette::HighlightedText, c.on_madder);
    app.setPalette(palette);
    app.setFont(text(TextSize::Body));
    app.setStyleSheet(styleSheet());
}

} // namespace ink::ui
