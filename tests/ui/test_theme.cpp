#include "tests/support/gui.h"
#include "ui/measures.h"

#include <QFontInfo>

using namespace ink;
using namespace ink::ui;

class TestTheme : public QObject
{
    Q_OBJECT
private slots:
    void contrastOfKnownPairs();
    void textCanBeRead_data();
    void textCanBeRead();
    void typeGrowsWithTheDesktop();
    void shippedFontsAreUsed();
    void measuresInBothUnits();
};

void TestTheme::contrastOfKnownPairs()
{
    // WCAG 2.1: black on white is 21:1; #767676 on white is the well-known 4.54:1.
    QVERIFY(qAbs(contrast(Qt::black, Qt::white) - 21.0) < 1e-9);
    QVERIFY(qAbs(contrast(QColor("#767676"), Qt::white) - 4.54) < 0.01);
}

void TestTheme::textCanBeRead_data()
{
    QTest::addColumn<int>("tone");
    QTest::newRow("light") << int(Theme::Tone::Light);
    QTest::newRow("dark") << int(Theme::Tone::Dark);
}

void TestTheme::textCanBeRead()
{
    QFETCH(int, tone);
    const auto c = Theme::coloursOf(Theme::Tone(tone));
    const auto check = [](const char* what, const QColor& text, const QColor& ground) {
        const double ratio = contrast(text, ground);
        QVERIFY2(ratio >= 4.5, qPrintable(QStringLiteral("%1: %2").arg(QLatin1String(what)).arg(ratio)));
    };
    for (const auto& [name, ground] :
         {std::pair{"paper", c.paper}, {"card", c.card}, {"honey", c.honey}, {"wash", c.wash}}) {
        check(name, c.ink, ground);
        check(name, c.soft_ink, ground);
    }
    for (const auto& ground : {c.paper, c.card, c.honey}) {
        check("madder", c.madder, ground);
        check("leaf", c.leaf, ground);
        check("ochre", c.ochre, ground);
    }
    check("on band", c.on_band, c.band);
    check("on band, soft", c.on_band_soft, c.band);
    check("on madder", c.on_madder, c.madder);
    check("chosen in the band", QColor("#1d2333"), QColor("#f5d9a6"));
}

void TestTheme::typeGrowsWithTheDesktop()
{
    QCOMPARE(Theme(Theme::Tone::Light, 1.0).px(TextSize::Display), 32);
    QCOMPARE(Theme(Theme::Tone::Light, 2.0).px(TextSize::Display), 64);
    QCOMPARE(Theme(Theme::Tone::Light, 2.0).px(TextSize::Tiny), 23);
    QCOMPARE(Theme(Theme::Tone::Light, 9.0).textScale(), 2.5); // beyond that nothing fits any more
}

void TestTheme::shippedFontsAreUsed()
{
    const Theme theme;
    theme.applyTo(*qApp);
    QCOMPARE(QFontInfo(theme.text(TextSize::Body)).family(), QStringLiteral("Lato"));
    QCOMPARE(QFontInfo(theme.heading(TextSize::Title)).family(), QStringLiteral("Vollkorn"));
}

void TestTheme::measuresInBothUnits()
{
    QCOMPARE(figureWithUnit(120.04, LengthUnit::Millimetre), QStringLiteral("120.0 mm"));
    QCOMPARE(figureWithUnit(25.4, LengthUnit::Inch), QStringLiteral("1.00 in")); // the international inch
    QCOMPARE(priceInWords({}), QStringLiteral("free of charge"));
    QCOMPARE(priceInWords("$ 20"), QStringLiteral("$ 20"));
    QCOMPARE(priceInWords("1,200.00 EUR"), QStringLiteral("1,200.00 EUR")); // not read wrongly: as it stands
    const QLocale before;
    QLocale::setDefault(QLocale(QLocale::German, QLocale::Germany));
    QCOMPARE(priceInWords("14.50 EUR"), QStringLiteral("14,50 EUR"));
    QCOMPARE(dayInWords("2026-03-14"), QStringLiteral("14.03.26")); // CLDR: de, short
    QCOMPARE(dayInWords("soon"), QStringLiteral("soon"));
    QLocale::setDefault(before);
    QCOMPARE(longLength(1240, LengthUnit::Millimetre), QStringLiteral("1.24 m"));
    QCOMPARE(longLength(742.4, LengthUnit::Millimetre), QStringLiteral("742 mm"));
    QCOMPARE(area(645.16, LengthUnit::Inch), QStringLiteral("1.00 in²"));
    QCOMPARE(shownValue(36.44, LengthUnit::Millimetre), 36.4);
}

INK_TEST_GUI_MAIN(TestTheme)
#include "test_theme.moc"
