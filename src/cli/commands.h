// The commands of `uink`: each adds itself to the command line and runs from it.
#pragma once

#include "core/base/result.h"

#include <functional>
#include <string>

namespace CLI {
class App;
}

namespace ink::cli {

using Command = std::function<Result<void>()>;

/// `uink weld`: words in a font to one welded outline and a cut file.
Command addWeldCommand(CLI::App& app);
/// `uink shape`: glyphs, advances and outlines as the core sees them, as JSON.
Command addShapeCommand(CLI::App& app);

/// The two characters \n as typed in a shell become a line break; \\ becomes one backslash.
std::string withLineBreaks(const std::string& text);

} // namespace ink::cli
