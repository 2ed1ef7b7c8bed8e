#include "ui/measures.h"

#include <QCoreApplication>
#include <QDate>
#include <QLocale>
#include <QRegularExpression>

#include <cmath>

namespace ink::ui {
namespace {

/// Below this, whole mm² would make a limit and what misses it look the same.
constexpr double kFine_mm2 = 9.95;

} // namespace

double shownValue(double mm, LengthUnit unit)
{
    const double per_unit = unit == LengthUnit::Inch ? 100.0 : 10.0;
    return toMm(std::round(fromMm(mm, unit) * per_unit) / per_unit, unit);
}

QString figure(double mm, LengthUnit unit)
{
    return QLocale().toString(fromMm(mm, unit), 'f', unit == LengthUnit::Inch ? 2 : 1);
}

QString figureWithUnit(double mm, LengthUnit unit)
{
    return figure(mm, unit) + (unit == LengthUnit::Inch ? QStringLiteral(" in") : QStringLiteral(" mm"));
}

QString fineLength(double mm, LengthUnit unit)
{
    const bool is_inch = unit == LengthUnit::Inch;
    return QLocale().toString(fromMm(mm, unit), 'f', is_inch ? 3 : 2) +
           (is_inch ? QStringLiteral(" in") : QStringLiteral(" mm"));
}

QString signedFineLength(double mm, LengthUnit unit)
{
    return (mm < 0.0 ? QStringLiteral("−") : QStringLiteral("+")) + fineLength(qAbs(mm), unit);
}

QString longLength(double mm, LengthUnit unit)
{
    if (unit == LengthUnit::Inch)
        return QLocale().toString(fromMm(mm, unit), 'f', 1) + QStringLiteral(" in");
    if (mm >= 1000.0)
        return QLocale().toString(mm / 1000.0, 'f', 2) + QStringLiteral(" m");
    return QLocale().toString(mm, 'f', 0) + QStringLiteral(" mm");
}

QString area(double mm2, LengthUnit unit)
{
    if (unit == LengthUnit::Inch)
        return QLocale().toString(mm2 / (kMmPerInch * kMmPerInch), 'f', 2) + QStringLiteral(" in²");
    return QLocale().toString(mm2, 'f', mm2 < kFine_mm2 ? 1 : 0) + QStringLiteral(" mm²");
}

QString priceInWords(const QString& written)
{
    if (written.isEmpty())
        return QCoreApplication::translate("Measures", "free of charge");
    static const QRegularExpression number(
        QStringLiteral("(?<![0-9.,])[0-9]+(?:[.,]([0-9]{1,2}))?(?![0-9.,])"));
    const auto match = number.match(written);
    if (!match.hasMatch())
        return written;
    const double value = match.captured().replace(QLatin1Char(','), QLatin1Char('.')).toDouble();
    return QString(written).replace(match.capturedStart(), match.capturedLength(),
                                    QLocale().toString(value, 'f', int(match.capturedLength(1))));
}

QString dayInWords(const QString& iso)
{
    const QDate date = QDate::fromString(iso, Qt::ISODate);
    return date.isValid() ? QLocale().toString(date, QLocale::ShortFormat) : iso;
}

double tickStep(double pixels_per_unit, double pixels)
{
    const double raw = pixels / pixels_per_unit;
    const double power = std::pow(10.0, std::floor(std::log10(raw)));
    for (const double k : {1.0, 2.0, 5.0})
        if (k * power >= raw)
            return k * power;
    return 10.0 * power;
}

} // namespace ink::ui
