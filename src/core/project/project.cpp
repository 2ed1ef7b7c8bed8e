#include "core/project/project.h"

#include "core/base/file_output.h"
#include "core/base/json_number.h"
#include "core/base/json_text.h"
#include "core/base/told.h"
#include "core/formats/svg_writer.h"
#include "core/package/archive.h"

#include <algorithm>
#include <map>
#include <sstream>

namespace ink {
namespace {

constexpr std::string_view kMimeType = "application/x-under-ink-project";
constexpr std::string_view kEvidence = "evidence/";
constexpr std::size_t kMostBytes = 256u << 20;

Result<std::vector<StoredFont>> fontsFrom(const std::string& text, const std::string& name)
{
    const auto json = jsonFrom(text);
    if (!json.is_object())
        return fail(ErrorCode::ProjectDamaged, name, "letters.json");
    std::vector<StoredFont> fonts;
    try {
        for (const auto& item : json.value("fonts", nlohmann::json::array()))
            fonts.push_back(detail::storedFontFrom(item));
    } catch (const nlohmann::json::exception&) {
        return fail(ErrorCode::ProjectDamaged, name, "letters.json");
    }
    return fonts;
}

Result<void> checkVersion(const std::string& text, const std::string& name)
{
    const auto json = jsonFrom(text);
    if (!json.is_object() || json.value("format", nlohmann::json()) != "under-ink-project" ||
        !json.value("version", nlohmann::json()).is_number_integer())
        return fail(ErrorCode::ProjectDamaged, name, "project.json");
    const int version = wholeNumber<int>(json["version"]);
    if (version > kProjectVersion)
        return fail(ErrorCode::ProjectTooNew, name, told("it is version {}", version));
    return {};
}

bool isOwnPart(const std::string& name)
{
    return name == "mimetype" || name == "project.json" || name == "job.json" || name == "letters.json" ||
           name == "preview.svg";
}

} // namespace

Result<Project> makeProject(const Job& job, const FindLetters& letters,
                            const std::function<std::string(const FontRef&)>& digest,
                            std::vector<ProjectDocument> evidence, const CancelToken& cancel)
{
    LetterRecorder recorder(letters, digest);
    ComposeOptions options;
    options.cancel = cancel;
    const auto composed = composeDesign(job, recorder.letters(), options);
    if (!composed)
        return fail(composed.error());
    // A list takes the letters of all its names; one that cannot be set is told where it is made.
    const JobsOfNames jobs(job);
    for (std::size_t name = 0; name < jobs.count() && !job.names.isEmpty(); ++name) {
        if (cancel.isCancelled())
            return fail(ErrorCode::Cancelled);
        (void)setLettering(jobs.at(name), recorder.letters(), {0.0, cancel, {}});
    }
    Project project;
    project.job = job;
    project.fonts = recorder.fonts();
    project.evidence = std::move(evidence);
    std::ostringstream svg;
    std::string rights;
    for (const auto& font : project.fonts)
        rights += (rights.empty() ? "" : " ") + font.info.name + ". " + font.info.copyright + " " +
                  font.info.licence;
    if (auto done = writeSvg(svg, composed->design.outline_mm, {withoutMotifs(job.words), rights, "#1d2333"});
        !done)
        return fail(done.error());
    project.preview_svg = svg.str();
    return project;
}

Result<void> writeProject(std::ostream& out, const Project& project)
{
    std::ostringstream job;
    writeJob(job, project.job);
    auto fonts = nlohmann::ordered_json::array();
    for (const auto& font : project.fonts)
        fonts.push_back(detail::storedFontJson(font));
    const nlohmann::ordered_json head{{"format", "under-ink-project"}, {"version", kProjectVersion}};
    std::vector<NewArchiveEntry> entries;
    const auto add = [&](std::string name, std::string bytes) {
        entries.push_back(
            {std::move(name), [bytes = std::move(bytes)]() -> Result<std::string> { return bytes; }});
    };
    add("mimetype", std::string(kMimeType));
    add("project.json", jsonText(head, 1) + "\n");
    add("job.json", job.str());
    add("letters.json", jsonText(nlohmann::ordered_json{{"fonts", fonts}}, 1) + "\n");
    add("preview.svg", project.preview_svg);
    for (const auto& document : project.evidence)
        add(std::string(kEvidence) + document.name, document.bytes);
    for (const auto& other : project.others) {
        add(other.name, other.bytes);
        entries.back().link_target = other.link_target;
    }
    return writeZip(out, entries);
}

Result<Project> readProject(std::string_view bytes, const std::string& name)
{
    // A file that breaks off in its list of contents would still unpack.
    constexpr std::string_view kLastRecord{"PK\x05\x06", 4};
    constexpr std::size_t kLastRecordBytes = 22;
    if (bytes.size() < kLastRecordBytes || bytes.substr(bytes.size() - kLastRecordBytes, 4) != kLastRecord)
        return fail(ErrorCode::ProjectDamaged, name, "its end is missing");
    Project project;
    std::map<std::string, std::string> entries;
    std::string stopped;
    PackageUse use;
    // Nothing is unpacked to the disk, so documents may be as large, and as well packed, as they are.
    PackageLimits limits;
    limits.entry_bytes = limits.total_bytes;
    limits.ratio = PackageLimits::lifted().ratio;
    limits.keeps_refused = true;
    const auto take = [&](ArchiveEntry entry) {
        if (entry.is_folder)
            return;
        if (entry.refusal != Refusal::None) {
            project.warnings.push_back(told("{}: {}", entry.name, entry.reason));
            project.others.push_back({entry.name, std::move(entry.bytes), entry.link_target});
        } else if (entry.name.starts_with(kEvidence)) {
            project.evidence.push_back({entry.name.substr(kEvidence.size()), std::move(entry.bytes)});
        } else if (isOwnPart(entry.name)) {
            entries[entry.name] = std::move(entry.bytes);
        } else {
            project.others.push_back({entry.name, std::move(entry.bytes), {}});
        }
    };
    if (auto read = readArchive(bytes, name, limits, use, take, stopped, {}); !read)
        return fail(ErrorCode::ProjectDamaged, name, read.error().detail);
    if (!stopped.empty())
        project.warnings.push_back(stopped);
    for (const char* part : {"project.json", "job.json", "letters.json"})
        if (!entries.contains(part))
            return fail(ErrorCode::ProjectDamaged, name, told("it lacks {}", part));
    if (auto ok = checkVersion(entries["project.json"], name); !ok)
        return fail(ok.error());
    std::istringstream job_text(entries["job.json"]);
    auto job = readJob(job_text);
    if (!job)
        return fail(ErrorCode::ProjectDamaged, name, "job.json");
    project.job = std::move(*job);
    auto fonts = fontsFrom(entries["letters.json"], name);
    if (!fonts)
        return fail(fonts.error());
    project.fonts = std::move(*fonts);
    project.preview_svg = entries["preview.svg"];
    return project;
}

Result<void> saveProject(const std::filesystem::path& path, const Project& project)
{
    return writeFile(path, [&](std::ostream& out) { return writeProject(out, project); });
}

Result<Project> openProject(const std::filesystem::path& path)
{
    const auto bytes = readFile(path, kMostBytes);
    if (!bytes)
        return fail(bytes.error());
    return readProject(*bytes, path.string());
}

FindLetters lettersOf(const Project& project, FindLetters fonts)
{
    std::vector<std::shared_ptr<const StoredFont>> stored;
    for (const auto& font : project.fonts)
        stored.push_back(std::make_shared<const StoredFont>(font));
    return [stored = std::move(stored),
            fonts = std::move(fonts)](const FontRef& font) -> Result<std::shared_ptr<const LetterSource>> {
        auto found = fonts(font);
        if (found)
            return found;
        const auto kept = std::ranges::find_if(stored, [&](const auto& s) { return s->font == font; });
        if (kept == stored.end())
            return found;
        return lettersOf(*kept);
    };
}

} // namespace ink
