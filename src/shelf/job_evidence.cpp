#include "shelf/job_evidence.h"
#include "core/base/told.h"

#include "core/base/digest.h"
#include "core/base/file_output.h"

#include <algorithm>
#include <set>

namespace ink {
namespace {

constexpr std::size_t kMostBytes_mb = 64;

class Collector
{
public:
    Collector(const ShelfContents& shelf, const RightsStore& rights) : m_shelf(shelf), m_rights(rights) {}

    void take(const FontRef& font)
    {
        const auto on_shelf = m_shelf.fontAt(font.path);
        const std::string sha256 =
            on_shelf ? on_shelf->sha256 : sha256OfFile(font.path).value_or(std::string());
        if (sha256.empty())
            return; // a font that is not here: its papers come from the file
        const std::string folder = sha256.substr(0, 12) + "/";
        if (on_shelf)
            for (const auto& document : on_shelf->documents)
                add(folder, std::filesystem::path(document.name).filename().string(),
                    m_shelf.fileOf(document.sha256));
        const auto record = m_rights.load(sha256);
        if (!record)
            return m_found.left_out.push_back(record.error().message());
        for (const auto& paper : record->papers)
            if (!paper.sha256.empty())
                add(folder, std::filesystem::path(paper.name).filename().string(), m_rights.paperFile(paper));
    }

    JobEvidence found() { return std::move(m_found); }

private:
    void add(const std::string& folder, const std::string& name, const std::filesystem::path& file)
    {
        auto bytes = readFile(file, kMostBytes_mb << 20);
        if (!bytes) {
            std::error_code problem;
            const bool is_large = std::filesystem::file_size(file, problem) > kMostBytes_mb << 20;
            m_found.left_out.push_back(told("{}: {}", name,
                                            is_large && !problem
                                                ? told("it is larger than {} MB", kMostBytes_mb)
                                                : std::string(errorText(bytes.error().code))));
            return;
        }
        std::string whole = folder + name;
        const std::filesystem::path path(whole);
        for (int n = 2; !m_names.insert(whole).second; ++n)
            whole = (path.parent_path() /
                     (path.stem().string() + " " + std::to_string(n) + path.extension().string()))
                        .string();
        m_found.documents.push_back({whole, std::move(*bytes)});
    }

    const ShelfContents& m_shelf;
    const RightsStore& m_rights;
    std::set<std::string> m_names;
    JobEvidence m_found;
};

} // namespace

std::vector<FontRef> fontsOf(const Job& job)
{
    std::vector<FontRef> fonts;
    const auto add = [&](const FontRef& font) {
        if (!font.path.empty() && std::ranges::find(fonts, font) == fonts.end())
            fonts.push_back(font);
    };
    add(job.font);
    for (const auto& [character, choice] : job.lettering.letters)
        if (choice.font)
            add(*choice.font);
    return fonts;
}

JobEvidence jobEvidence(const Job& job, const ShelfContents& shelf, const RightsStore& rights)
{
    Collector collector(shelf, rights);
    std::set<std::string> files;
    for (const auto& font : fontsOf(job))
        if (files.insert(font.path).second)
            collector.take(font);
    return collector.found();
}

} // namespace ink
