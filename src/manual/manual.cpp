#include "manual/manual.h"

#include <CLI/CLI.hpp>

#include <algorithm>
#include <iostream>
#include <optional>
#include <string>
#include <vector>

namespace ink {
namespace {

std::vector<const CLI::App*> commandsOf(const CLI::App& app)
{
    return app.get_subcommands([](const CLI::App*) { return true; });
}

/// Those that are named, in the order of --help; positional ones are told by where they stand.
std::vector<const CLI::Option*> optionsOf(const CLI::App& app, bool positional)
{
    return app.get_options([positional](const CLI::Option* option) {
        const bool is_named = !option->get_lnames().empty() || !option->get_snames().empty();
        return positional ? !is_named && option->get_positional() : is_named;
    });
}

std::vector<std::string> namesOf(const CLI::Option& option)
{
    std::vector<std::string> names;
    for (const auto& name : option.get_snames())
        names.push_back("-" + name);
    for (const auto& name : option.get_lnames())
        names.push_back("--" + name);
    return names;
}

bool takesValue(const CLI::Option& option)
{
    return option.get_expected_max() > 0 && option.get_type_size_max() > 0;
}

/// The words one can choose from, as its check tells them: "TEXT:{cut,score,pen}".
std::vector<std::string> choicesOf(const CLI::Option& option)
{
    const std::string type = option.get_type_name();
    const auto from = type.find('{'), to = type.find('}', from == std::string::npos ? 0 : from);
    if (from == std::string::npos || to == std::string::npos)
        return {};
    std::vector<std::string> choices;
    std::string word;
    for (std::size_t i = from + 1; i <= to; ++i)
        if (type[i] == ',' || type[i] == '}') {
            if (const auto arrow = word.find("->"); arrow != std::string::npos)
                word.resize(arrow); // a name for a number
            choices.push_back(std::exchange(word, {}));
        } else {
            word.push_back(type[i]);
        }
    std::erase(choices, std::string());
    return choices;
}

std::string joined(const std::vector<std::string>& words, const std::string& between)
{
    std::string out;
    for (const auto& word : words)
        out += (out.empty() ? "" : between) + word;
    return out;
}

std::string replaced(std::string text, const std::string& from, const std::string& to)
{
    for (std::size_t at = 0; (at = text.find(from, at)) != std::string::npos; at += to.size())
        text.replace(at, from.size(), to);
    return text;
}

std::string forMan(std::string text)
{
    text = replaced(replaced(std::move(text), "\\", "\\e"), "-", "\\-");
    return text.starts_with('.') || text.starts_with('\'') ? "\\&" + text : text;
}

class Man
{
public:
    Man(std::ostream& out, std::string_view version) : m_out(out), m_version(version) {}

    void write(const CLI::App& app)
    {
        std::string capitals = app.get_name();
        std::ranges::transform(capitals, capitals.begin(),
                               [](unsigned char c) { return char(std::toupper(c)); });
        m_out << ".TH " << forMan(capitals) << " 1 \"\" \"Under Ink " << m_version
              << "\" \"Under Ink\"\n.SH NAME\n"
              << forMan(app.get_name()) << " \\- " << forMan(app.get_description()) << "\n.SH SYNOPSIS\n";
        synopsis(app, app.get_name());
        const auto commands = commandsOf(app);
        for (const auto* command : commands)
            synopsis(*command, app.get_name() + " " + command->get_name());
        m_out << ".SH OPTIONS\n";
        options(app);
        if (!commands.empty()) {
            m_out << ".SH COMMANDS\n";
            for (const auto* command : commands)
                this->command(*command, command->get_name());
        }
        m_out << ".SH EXIT STATUS\n0 where it was done, 1 where it could not be, 2 where it was asked for "
                 "wrongly; why stands on standard "
                 "error.\n.SH SEE ALSO\n.BR under\\-ink (1),\n.BR uink (1)\n";
    }

private:
    void synopsis(const CLI::App& app, const std::string& name)
    {
        if (!commandsOf(app).empty() && name.find(' ') == std::string::npos)
            m_out << ".B " << forMan(name) << "\n.I COMMAND\n[\\fIOPTIONS\\fR]\n.br\n";
        else {
            m_out << ".B " << forMan(name) << "\n[\\fIOPTIONS\\fR]";
            for (const auto* option : optionsOf(app, true))
                m_out << " \\fI" << forMan(option->get_name(true)) << "\\fR";
            m_out << "\n.br\n";
        }
    }
    void command(const CLI::App& app, const std::string& path)
    {
        m_out << ".SS " << forMan(path) << '\n' << forMan(app.get_description()) << '\n';
        options(app);
        for (const auto* inner : commandsOf(app))
            command(*inner, path + " " + inner->get_name());
    }
    void options(const CLI::App& app)
    {
        for (const bool positional : {true, false})
            for (const auto* option : optionsOf(app, positional)) {
                m_out << ".TP\n";
                if (positional)
                    m_out << "\\fI" << forMan(option->get_name(true)) << "\\fR";
                else
                    m_out << "\\fB" << forMan(joined(namesOf(*option), ", ")) << "\\fR";
                if (const auto choices = choicesOf(*option); !choices.empty())
                    m_out << " \\fI" << forMan(joined(choices, "|")) << "\\fR";
                else if (!positional && takesValue(*option))
                    m_out << " \\fI" << forMan(option->get_type_name()) << "\\fR";
                m_out << '\n'
                      << forMan(option->get_description().empty() ? "Needed." : option->get_description())
                      << '\n';
            }
    }

    std::ostream& m_out;
    std::string_view m_version;
};

/// What can be typed after a chain of commands: "/alphabet/make".
struct Place
{
    std::string path;
    const CLI::App* app;
};

void addPlaces(std::vector<Place>& places, const CLI::App& app, const std::string& path)
{
    places.push_back({path, &app});
    for (const auto* command : commandsOf(app))
        addPlaces(places, *command, path + "/" + command->get_name());
}

std::vector<Place> placesOf(const CLI::App& app)
{
    std::vector<Place> places;
    addPlaces(places, app, "");
    return places;
}

std::string functionName(const CLI::App& app)
{
    return "_" + replaced(app.get_name(), "-", "_");
}

/// Follows the commands that were typed; the same in bash and zsh.
std::string pathLoop(const std::vector<Place>& places, const std::string& words)
{
    std::vector<std::string> paths;
    for (const auto& place : places)
        if (!place.path.empty())
            paths.push_back(place.path);
    if (paths.empty())
        return {};
    return "    for word in " + words + "; do\n        case \"$at/$word\" in\n            " +
           joined(paths, "|") + ") at=\"$at/$word\" ;;\n        esac\n    done\n";
}

void writeBash(std::ostream& out, const CLI::App& app)
{
    const auto places = placesOf(app);
    const std::string function = functionName(app);
    out << function
        << "()\n{\n    local cur=${COMP_WORDS[COMP_CWORD]} prev=${COMP_WORDS[COMP_CWORD-1]} at= word "
           "offers=\n"
        << pathLoop(places, "\"${COMP_WORDS[@]:1:COMP_CWORD-1}\"") << "    case \"$at $prev\" in\n";
    for (const auto& place : places)
        for (const auto* option : optionsOf(*place.app, false)) {
            if (!takesValue(*option))
                continue;
            std::vector<std::string> patterns;
            for (const auto& name : namesOf(*option))
                patterns.push_back("\"" + place.path + " " + name + "\"");
            const auto choices = choicesOf(*option);
            out << "        " << joined(patterns, "|") << ") COMPREPLY=($(compgen "
                << (choices.empty() ? "-f" : "-W \"" + joined(choices, " ") + "\"")
                << " -- \"$cur\")); return ;;\n";
        }
    out << "    esac\n    case \"$at\" in\n";
    for (const auto& place : places) {
        std::vector<std::string> offers;
        for (const auto* command : commandsOf(*place.app))
            offers.push_back(command->get_name());
        for (const auto* option : optionsOf(*place.app, false))
            for (const auto& name : namesOf(*option))
                offers.push_back(name);
        out << "        \"" << place.path << "\") offers=\"" << joined(offers, " ") << "\" ;;\n";
    }
    out << "    esac\n    COMPREPLY=($(compgen -W \"$offers\" -- \"$cur\"))\n"
           "    [ ${#COMPREPLY[@]} -gt 0 ] || COMPREPLY=($(compgen -f -- \"$cur\"))\n}\ncomplete -o "
           "filenames -F "
        << function << ' ' << app.get_name() << '\n';
}

std::string forZsh(std::string text)
{
    for (const char* c : {"\\", "[", "]", ":"})
        text = replaced(std::move(text), c, std::string("\\") + c);
    return replaced(std::move(text), "'", "'\\''");
}

void writeZsh(std::ostream& out, const CLI::App& app)
{
    const auto places = placesOf(app);
    out << "#compdef " << app.get_name() << "\n\n"
        << functionName(app) << "()\n{\n    local at= word\n    local -a commands\n"
        << pathLoop(places, "${words[2,CURRENT-1]}") << "    case \"$at\" in\n";
    for (const auto& place : places) {
        out << "        '" << place.path << "')\n";
        const auto commands = commandsOf(*place.app);
        if (!commands.empty()) {
            out << "            commands=(";
            for (const auto* command : commands)
                out << "'" << command->get_name() << ":" << forZsh(command->get_description()) << "' ";
            out << ")\n            _describe command commands\n";
        }
        out << "            _arguments";
        for (const auto* option : optionsOf(*place.app, false))
            for (const auto& name : namesOf(*option)) {
                out << " \\\n                '" << name << "[" << forZsh(option->get_description()) << "]";
                if (takesValue(*option)) {
                    const auto choices = choicesOf(*option);
                    out << ":value:" << (choices.empty() ? "_files" : "(" + joined(choices, " ") + ")");
                }
                out << "'";
            }
        out << (commands.empty() ? " \\\n                '*:file:_files'" : "") << " ;;\n";
    }
    out << "    esac\n}\n\n" << functionName(app) << " \"$@\"\n";
}

std::string forFish(std::string text)
{
    return replaced(replaced(std::move(text), "\\", "\\\\"), "'", "\\'");
}

void writeFish(std::ostream& out, const CLI::App& app)
{
    const std::string name = app.get_name();
    for (const auto& place : placesOf(app)) {
        std::vector<std::string> seen;
        std::string word;
        for (const char c : place.path + "/")
            if (c == '/') {
                if (!word.empty())
                    seen.push_back("__fish_seen_subcommand_from " + std::exchange(word, {}));
            } else {
                word.push_back(c);
            }
        std::vector<std::string> inner;
        for (const auto* command : commandsOf(*place.app))
            inner.push_back(command->get_name());
        auto before = seen;
        if (!inner.empty())
            before.push_back("not __fish_seen_subcommand_from " + joined(inner, " "));
        const std::string condition = before.empty() ? "" : " -n '" + joined(before, "; and ") + "'";
        for (const auto* command : commandsOf(*place.app))
            out << "complete -c " << name << condition << " -f -a " << command->get_name() << " -d '"
                << forFish(command->get_description()) << "'\n";
        const std::string here = seen.empty() ? condition : " -n '" + joined(seen, "; and ") + "'";
        for (const auto* option : optionsOf(*place.app, false)) {
            out << "complete -c " << name << here;
            for (const auto& one : option->get_snames())
                out << " -s " << one;
            for (const auto& one : option->get_lnames())
                out << " -l " << one;
            if (const auto choices = choicesOf(*option); !choices.empty())
                out << " -x -a '" << joined(choices, " ") << "'";
            else if (takesValue(*option))
                out << " -r";
            out << " -d '" << forFish(option->get_description()) << "'\n";
        }
    }
}

} // namespace

void writeManual(std::ostream& out, const CLI::App& program, std::string_view version, ManualKind kind)
{
    switch (kind) {
    case ManualKind::Man:
        Man(out, version).write(program);
        break;
    case ManualKind::Bash:
        writeBash(out, program);
        break;
    case ManualKind::Zsh:
        writeZsh(out, program);
        break;
    case ManualKind::Fish:
        writeFish(out, program);
        break;
    }
}

bool wroteManual(const CLI::App& program, std::string_view version, int argc, const char* const* argv)
{
    constexpr std::pair<std::string_view, ManualKind> kKinds[]{{"man", ManualKind::Man},
                                                               {"bash", ManualKind::Bash},
                                                               {"zsh", ManualKind::Zsh},
                                                               {"fish", ManualKind::Fish}};
    if (argc != 3 || std::string_view(argv[1]) != "--write-manual")
        return false;
    for (const auto& [id, kind] : kKinds)
        if (id == argv[2]) {
            writeManual(std::cout, program, version, kind);
            return true;
        }
    return false;
}

} // namespace ink
