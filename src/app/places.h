// Where the demo and the programs beside this one lie: where they were installed, or in the tree that they were built in.
#pragma once

#include <QString>

namespace ink::app {

/// Empty where the demo was not installed.
QString demoFonts();
QString demoCatalogue();

/// Its pages; empty where they are not here.
QString handbook();

/// A stand-in by its name, "standin-cutter"; empty where the demo was not installed.
QString standIn(const QString& name);

} // namespace ink::app
