// Programs that are open and know only the fonts of the time when they were started.
#pragma once

#include <filesystem>
#include <string>
#include <vector>

namespace ink {

struct OpenProgram
{
    int process = 0;
    /// As menus have it, "Drawing Board"; the name of the process where no menu has it.
    std::string name;
};

/// Programs of this person that have a font library mapped. By name, each once; without ourselves, what we
/// started, and display servers, which show no text of their own. `applications` are folders of desktop
/// entries; those of the system and of the person when empty.
/// Source: proc(5), maps, comm, exe and status; Desktop Entry Specification 1.5, Exec and Name.
std::vector<OpenProgram> programsToRestart(const std::filesystem::path& proc = "/proc",
                                           std::vector<std::filesystem::path> applications = {});

} // namespace ink
