#include "shelf/font_rights.h"

#include "core/base/digest.h"

#include <set>

namespace ink {
namespace {

namespace fs = std::filesystem;

/// In folders with more files than this nobody can tell which document belongs to which font.
constexpr std::size_t kMostFiles = 400;

bool hasFewFiles(const fs::path& folder)
{
    std::size_t files = 0;
    std::error_code problem;
    for (fs::recursive_directory_iterator it(folder, fs::directory_options::skip_permission_denied, problem),
         end;
         !problem && it != end; it.increment(problem))
        if (++files > kMostFiles)
            return false;
    return !problem;
}

/// The package's own folder below the inbox; empty when the font does not lie there.
fs::path packageFolder(const fs::path& font, const fs::path& inbox)
{
    const auto relative = font.lexically_relative(inbox);
    if (inbox.empty() || relative.empty() || *relative.begin() == ".." ||
        std::distance(relative.begin(), relative.end()) < 2)
        return {};
    return inbox / *relative.begin();
}

} // namespace

Result<FontRightsReader::Evidence> FontRightsReader::evidenceFor(const fs::path& font,
                                                                 const CancelToken& cancel)
{
    const std::lock_guard lock(m_mutex);
    if (const auto it = m_evidence.find(font); it != m_evidence.end())
        return it->second;
    const fs::path package = packageFolder(font, m_inbox);
    const fs::path folder = package.empty() ? font.parent_path() : package;
    if (!m_looked_at[folder] && hasFewFiles(folder)) {
        m_looked_at[folder] = true;
        InspectOptions options;
        options.cancel = cancel;
        if (auto contents = inspectPackage(folder, options)) {
            contents->is_plain_folder = package.empty();
            for (const std::size_t i : contents->fonts()) {
                const auto& entry = contents->entries[i];
                Evidence evidence{entry.sha256,
                                  documentsFor(*contents, i),
                                  {entry.faces.front().fs_type, isDemo(*contents, entry)}};
                std::set<std::string> seen;
                for (const auto& face : entry.faces)
                    for (auto& text : evidenceIn(face))
                        if (seen.insert(text.name + text.text).second)
                            evidence.texts.push_back(std::move(text));
                m_evidence[folder / entry.path] = std::move(evidence);
            }
        } else if (contents.error().code == ErrorCode::Cancelled) {
            m_looked_at[folder] = false;
            return fail(contents.error());
        }
        if (const auto it = m_evidence.find(font); it != m_evidence.end())
            return it->second;
    }
    const auto digest = sha256OfFile(font);
    if (!digest)
        return fail(digest.error());
    Evidence evidence{*digest, {}, {}};
    if (const auto faces = FontFace::list(font)) {
        evidence.texts = evidenceIn(faces->front());
        evidence.facts.fs_type = faces->front().fs_type;
    }
    m_evidence[font] = evidence;
    return evidence;
}

Result<FontRights> FontRightsReader::read(const fs::path& font, const CancelToken& cancel)
{
    const auto evidence = evidenceFor(font, cancel);
    if (!evidence)
        return fail(evidence.error());
    auto record = m_store.load(evidence->sha256);
    if (!record)
        return fail(record.error());
    auto texts = evidenceOf(*record);
    texts.insert(texts.end(), evidence->texts.begin(), evidence->texts.end());
    return FontRights{evidence->sha256, std::move(*record), judge(texts, evidence->facts)};
}

void FontRightsReader::forget()
{
    const std::lock_guard lock(m_mutex);
    m_evidence.clear();
    m_looked_at.clear();
}

} // namespace ink
