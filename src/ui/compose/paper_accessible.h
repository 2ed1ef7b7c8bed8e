// The words on the paper as text that a screen reader reads: caret, selection, letters and where they stand.
#pragma once

namespace ink::ui {

/// Once for the application; more calls do nothing.
void makePaperAccessible();

} // namespace ink::ui
