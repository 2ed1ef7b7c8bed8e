// Lengths, prices and days as people read them.
#pragma once

#include "core/base/units.h"

#include <QString>

namespace ink::ui {

/// The number alone, rounded as shown: 0.1 mm or 0.01 in.
double shownValue(double mm, LengthUnit unit);
/// "36.4" or "1.43".
QString figure(double mm, LengthUnit unit);
/// "36.4 mm" or "1.43 in".
QString figureWithUnit(double mm, LengthUnit unit);
/// "0.62 mm" or "0.024 in": for what is smaller than a letter.
QString fineLength(double mm, LengthUnit unit);
/// "+0.62 mm", "−0.62 mm".
QString signedFineLength(double mm, LengthUnit unit);
/// "742 mm", "1.24 m", "29.2 in".
QString longLength(double mm, LengthUnit unit);
/// "971 mm²" or "1.51 in²".
QString area(double mm2, LengthUnit unit);

/// A price as somebody wrote it ("14.00 EUR", "$ 20"), with its figure as people here write it; "free of charge" when it is empty.
QString priceInWords(const QString& written);
/// "2026-03-14" as people here write days; what is no day stays as it is.
QString dayInWords(const QString& iso);

/// Smallest of 1, 2, 5 times a power of ten (in mm or in) that is at least `pixels` wide: of rulers.
double tickStep(double pixels_per_unit, double pixels);

} // namespace ink::ui
