// What a program can be asked, written for `man` and for shells, from the same definition as its --help.
#pragma once

#include <iosfwd>
#include <string_view>

namespace CLI {
class App;
}

namespace ink {

enum class ManualKind { Man, Bash, Zsh, Fish };

/// Source: man-pages(7) for the sections; the shells' own manuals for completion.
void writeManual(std::ostream& out, const CLI::App& program, std::string_view version, ManualKind kind);

/// `PROGRAM --write-manual man|bash|zsh|fish` prints it: for the build, and for those who package. True where that was asked.
bool wroteManual(const CLI::App& program, std::string_view version, int argc, const char* const* argv);

} // namespace ink
