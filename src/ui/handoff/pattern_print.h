// A paper pattern onto a printer.
#pragma once

#include "core/formats/pattern_file.h"

class QFont;
class QPrinter;

namespace ink::ui {

/// Each page at its true size, whatever margins the printer has. False where the printer takes nothing.
bool printPattern(QPrinter& printer, const Pattern& pattern, const PatternWords& words, const QFont& font);

} // namespace ink::ui
