// What `uink proof`, `uink sheet` and `uink pattern` are told of a job: a project, or a font with words, a size and a process.
#pragma once

#include "core/base/result.h"
#include "core/design/design_proof.h"
#include "core/project/project.h"

#include <optional>
#include <string>
#include <vector>

namespace CLI {
class App;
class Option;
} // namespace CLI

namespace ink::cli {

struct JobArguments
{
    std::string project;
    std::string font;
    unsigned face = 0;
    std::string instance;
    std::string text;
    std::string features;
    double tracking_em = 0.0;
    /// In the order of SizeBy.
    std::vector<double> size_mm = std::vector<double>(5);
    std::vector<CLI::Option*> size_options;
    double widest_mm = 0.0;
    std::string process;
    std::optional<double> stroke_floor_mm, stroke_comfortable_mm, gap_mm, smallest_piece_mm2,
        smallest_middle_mm2, bridge_mm;
    bool is_one_piece = false, is_for_sale = false;
    std::vector<std::string> mend;
    /// Other words may come from elsewhere.
    bool may_lack_text = false;
    /// Where the command says what it is made with; else `--process` has to.
    std::string usual_process;
    CLI::Option *project_option = nullptr, *font_option = nullptr, *text_option = nullptr;

    /// What messages speak of.
    const std::string& subject() const { return project.empty() ? font : project; }
    /// Whether `--mend` names it.
    bool asks(std::string_view name) const;
    /// CLI::RequiredError for what is neither whole.
    void check() const;
};

void addJobArguments(CLI::App& command, JobArguments& a);

/// The project that was named, or one made of the words; process, limits and mendings by rule as they were given. Its warnings
/// go to standard error.
/// Errors: those of openProject() and checkWords().
Result<Project> projectOf(const JobArguments& a);

/// Fonts by their files, else what the project stored.
FindLetters lettersFor(const Project& project);

/// A sale is not plainly allowed by what lies beside the font; for gifts nobody asks.
Result<KnownOfFont> knownOf(const Job& job);

} // namespace ink::cli
