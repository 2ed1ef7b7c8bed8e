// A shelf as somebody has it after a season, for a first look: the demo packages with sets, tags, notes and
// uses.
#pragma once

#include <filesystem>
#include <vector>

namespace ink::ui {
class MainWindow;
}

namespace ink::app {

/// Fills the shelf when nothing is on it; a shelf that holds something is left as it is.
void fillDemoShelf(ui::MainWindow& window, const std::vector<std::filesystem::path>& packages,
                   const std::filesystem::path& fonts);

} // namespace ink::app
