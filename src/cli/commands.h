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

/// `uink fit`: fit marks of words in a font at a finished size and process.
Command addFitCommand(CLI::App& app);
/// `uink proof`: what a process will not hold of a finished design, where, and the same mended.
Command addProofCommand(CLI::App& app);
/// `uink sheet`: words or a list of names on sheets, and the run of the tool.
Command addSheetCommand(CLI::App& app);
/// `uink pattern`: words or a list of names at true size on printed pages.
Command addPatternCommand(CLI::App& app);
/// `uink stitch`: words or a list of names as stitches.
Command addStitchCommand(CLI::App& app);
/// `uink alphabet`: letters that come as stitches, taken in, typed and made.
Command addAlphabetCommand(CLI::App& app);
/// `uink match`: which font is this lettering, and which fonts look like it?
Command addMatchCommand(CLI::App& app);
/// `uink keymap`: which glyph sits on which key.
Command addKeymapCommand(CLI::App& app);
/// `uink alternates`: every form a font holds for the letters, and its loose pieces.
Command addAlternatesCommand(CLI::App& app);

/// `uink compose`: a project to a cut file, with other words where asked.
Command addComposeCommand(CLI::App& app);

/// `uink rights`: may goods made with these fonts be sold?
Command addRightsCommand(CLI::App& app);
/// `uink package`: what a font package holds, and unpacking it safely.
Command addPackageCommand(CLI::App& app);

/// `uink shelf`: fonts on the shelf, installed, set aside.
Command addShelfCommand(CLI::App& app);

/// The two characters \n as typed in a shell become a line break; \\ becomes one backslash.
std::string withLineBreaks(const std::string& text);

} // namespace ink::cli
