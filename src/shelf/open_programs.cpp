#include "shelf/open_programs.h"

#include "core/base/user_folders.h"

#include <algorithm>
#include <array>
#include <charconv>
#include <cstdlib>
#include <fstream>
#include <map>
#include <sstream>

#include <sys/stat.h>
#include <unistd.h>

namespace ink {
namespace {

namespace fs = std::filesystem;

constexpr std::array kDisplayServers{"Xorg", "Xvfb", "Xwayland", "Xephyr", "Xnest", "Xvnc"};

std::vector<fs::path> applicationFolders()
{
    std::vector<fs::path> folders{userDataFolder() / "applications"};
    const char* set = std::getenv("XDG_DATA_DIRS");
    std::istringstream in(set && *set != '\0' ? set : "/usr/local/share:/usr/share");
    for (std::string folder; std::getline(in, folder, ':');)
        folders.push_back(fs::path(folder) / "applications");
    return folders;
}

/// "drawing-board" of "env LANG=C /usr/bin/drawing-board --new %U".
std::string programOf(const std::string& exec)
{
    std::istringstream in(exec);
    for (std::string word; in >> word;) {
        const bool is_setting = word.find('=') != std::string::npos;
        const std::string name = fs::path(word).filename().string();
        if (!is_setting && name != "env")
            return name;
    }
    return {};
}

/// Names of menus by what they start; the first folder wins, as in menus.
std::map<std::string, std::string> menuNames(const std::vector<fs::path>& folders)
{
    std::map<std::string, std::string> names;
    for (const auto& folder : folders) {
        std::error_code problem;
        for (fs::directory_iterator it(folder, problem), end; !problem && it != end; it.increment(problem)) {
            if (it->path().extension() != ".desktop")
                continue;
            std::ifstream in(it->path());
            std::string name, exec;
            bool is_entry = false;
            for (std::string line; std::getline(in, line);) {
                if (line.starts_with('['))
                    is_entry = line == "[Desktop Entry]";
                else if (is_entry && line.starts_with("Name="))
                    name = line.substr(5);
                else if (is_entry && line.starts_with("Exec="))
                    exec = line.substr(5);
            }
            if (const std::string program = programOf(exec); !program.empty() && !name.empty())
                names.emplace(program, name);
        }
    }
    return names;
}

bool hasFontLibrary(const fs::path& process)
{
    std::ifstream maps(process / "maps");
    for (std::string line; std::getline(maps, line);)
        if (line.find("/libfontconfig.so") != std::string::npos ||
            line.find("/libfreetype.so") != std::string::npos)
            return true;
    return false;
}

bool isOurChild(const fs::path& process)
{
    std::ifstream status(process / "status");
    for (std::string line; std::getline(status, line);)
        if (line.starts_with("PPid:"))
            return std::atoi(line.c_str() + 5) == ::getpid();
    return false;
}

} // namespace

std::vector<OpenProgram> programsToRestart(const fs::path& proc, std::vector<fs::path> applications)
{
    if (applications.empty())
        applications = applicationFolders();
    const auto names = menuNames(applications);
    std::vector<OpenProgram> programs;
    std::error_code problem;
    const std::string ourselves = fs::read_symlink("/proc/self/exe", problem).filename().string();
    for (fs::directory_iterator it(proc, problem), end; !problem && it != end; it.increment(problem)) {
        const std::string number = it->path().filename().string();
        OpenProgram program;
        const auto read = std::from_chars(number.data(), number.data() + number.size(), program.process);
        struct stat owner
        {
        };
        if (read.ec != std::errc{} || read.ptr != number.data() + number.size() ||
            program.process == ::getpid() || ::stat(it->path().c_str(), &owner) != 0 ||
            owner.st_uid != ::getuid() || isOurChild(it->path()) || !hasFontLibrary(it->path()))
            continue;
        std::ifstream comm(it->path() / "comm");
        std::getline(comm, program.name);
        if (std::ranges::find(kDisplayServers, program.name) != kDisplayServers.end())
            continue;
        std::error_code none;
        const std::string executable = fs::read_symlink(it->path() / "exe", none).filename().string();
        if (!executable.empty() && executable == ourselves)
            continue; // other windows of ours learn of it by themselves
        for (const auto& known_as : {executable, program.name})
            if (const auto named = names.find(known_as); named != names.end()) {
                program.name = named->second;
                break;
            }
        if (!program.name.empty() &&
            std::ranges::find(programs, program.name, &OpenProgram::name) == programs.end())
            programs.push_back(std::move(program));
    }
    std::ranges::sort(programs, {}, &OpenProgram::name);
    return programs;
}

} // namespace ink
