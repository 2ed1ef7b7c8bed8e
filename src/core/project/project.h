// A project: one file with the job, the letters it needs where its fonts are missing, the documents that
// speak of its rights, and a preview (docs/formats/project.md).
#pragma once

#include "core/design/composed_design.h"
#include "core/project/stored_letters.h"

#include <filesystem>
#include <string>
#include <vector>

namespace ink {

struct ProjectDocument
{
    /// Below "evidence/" in the file.
    std::string name;
    std::string bytes;

    friend bool operator==(const ProjectDocument&, const ProjectDocument&) = default;
};

struct ProjectEntry
{
    std::string name;
    std::string bytes;
    /// A symbolic link, which is never followed.
    std::string link_target;
};

struct Project
{
    Job job;
    std::vector<StoredFont> fonts;
    std::vector<ProjectDocument> evidence;
    /// The finished shape as SVG.
    std::string preview_svg;
    /// What else its file holds, from a newer version or from elsewhere: kept when it is saved.
    std::vector<ProjectEntry> others;
    /// What could not be read of it, for the person: "evidence/mail.txt: It is a link, …".
    std::vector<std::string> warnings;
};

inline constexpr std::string_view kProjectSuffix = ".uink";
inline constexpr int kProjectVersion = 1;

/// What a project is made of now: sets the job once more and notes what it takes.
/// Errors: those of composeDesign.
Result<Project> makeProject(const Job& job, const FindLetters& letters,
                            const std::function<std::string(const FontRef&)>& digest,
                            std::vector<ProjectDocument> evidence, const CancelToken& cancel = {});

/// The same project gives the same bytes.
Result<void> writeProject(std::ostream& out, const Project& project);
/// `name` is for messages.
/// Errors: ProjectDamaged, ProjectTooNew, Cancelled.
Result<Project> readProject(std::string_view bytes, const std::string& name);

/// Through a temporary file.
/// Errors: those of writeFile and readFile.
Result<void> saveProject(const std::filesystem::path& path, const Project& project);
Result<Project> openProject(const std::filesystem::path& path);

/// The font of the computer where it is, else what the project stored of it. A font whose file has another
/// content than the project's counts as missing only when it cannot be opened.
FindLetters lettersOf(const Project& project, FindLetters fonts);

} // namespace ink
