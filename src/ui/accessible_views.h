// What the views that are drawn and not made of controls are to a screen reader.
#pragma once

namespace ink::ui {

/// Once for the application and before the first view is made; more calls do nothing.
void makeViewsAccessible();

} // namespace ink::ui
