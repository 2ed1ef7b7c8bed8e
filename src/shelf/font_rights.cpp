#include "shelf/font_rights.h"

#include "core/base/digest.h"
#include "core/intake/document_text.h"

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

/// What the faces of a file say, each sentence once.
void addNameTables(std::vector<EvidenceText>& texts, const std::vector<FaceInfo>& faces)
{
    std::set<std::string> seen;
    for (const auto& face : faces)
        for (auto& text : evidenceIn(face))
            if (seen.insert(text.name + text.text).second)
                texts.push_back(std::move(text));
}

} // namespace

Result<FontRightsReader::Evidence> FontRightsReader::evidenceFor(const fs::path& font,
                                                                 const CancelToken& cancel)
{
    const std::lock_guard lock(m_mutex);
    if (const auto it = m_evidence.find(font); it != m_evidence.end())
        return it->second;
    if (m_shelf)
        if (const auto shelved = m_shelf->fontAt(font))
            return m_evidence[font] = evidenceOnShelf(*m_shelf, *shelved);
    const fs::path folder = font.parent_path();
    if (!m_looked_at[folder] && hasFewFiles(folder)) {
        m_looked_at[folder] = true;
        InspectOptions options;
        options.cancel = cancel;
        if (auto contents = inspectPackage(folder, options)) {
            contents->is_plain_folder = true;
            for (const std::size_t i : contents->fonts()) {
                const auto& entry = contents->entries[i];
                Evidence evidence{entry.sha256, documentsFor(*contents, i), factsOf(*contents, entry)};
                addNameTables(evidence.texts, entry.faces);
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
        PackageContents alone;
        PackageEntry own;
        own.path = font;
        own.faces = *faces;
        evidence.facts = factsOf(alone, own);
    }
    m_evidence[font] = evidence;
    return evidence;
}

FontRightsReader::Evidence FontRightsReader::evidenceOnShelf(const ShelfContents& shelf,
                                                             const ShelfFont& font)
{
    PackageContents package;
    package.source = font.package;
    PackageEntry own;
    own.path = font.file_name;
    own.faces = font.faces;
    Evidence evidence{font.sha256, {}, {}};
    for (const auto& document : font.documents) {
        const auto file = shelf.fileOf(document.sha256);
        const auto kind = contentKindOf(firstBytes(file, 4096), document.name);
        if (!isDocument(kind))
            continue;
        PackageEntry entry;
        entry.name = document.name;
        entry.path = document.name;
        if (auto text = documentText(file, kind); text && !text->empty())
            evidence.texts.push_back({isReceipt(entry) ? EvidenceKind::Permission : EvidenceKind::Document,
                                      document.name, std::move(*text)});
    }
    addNameTables(evidence.texts, font.faces);
    evidence.facts = factsOf(package, own);
    return evidence;
}

void FontRightsReader::setShelf(std::shared_ptr<const ShelfContents> shelf)
{
    const std::lock_guard lock(m_mutex);
    std::swap(m_shelf, shelf);
    // A set or a tag changes nothing of what was read; documents that came or went do.
    std::erase_if(m_evidence, [&](const auto& read) {
        const auto before = shelf ? shelf->fontAt(read.first) : nullptr, now = m_shelf->fontAt(read.first);
        return (before || now) && !(before && now && before->documents == now->documents);
    });
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

void addRights(std::string& rights, const std::string& more)
{
    if (rights.find(more) == std::string::npos)
        rights += (rights.empty() ? "" : " ") + more;
}

DrawingOrigin originOf(FontRightsReader& reader, const std::filesystem::path& font, const CancelToken& cancel)
{
    const auto rights = reader.read(font, cancel);
    if (!rights)
        return {sha256OfFile(font).value_or(std::string()), {}};
    return {rights->sha256, std::string(nameOf(rights->dossier.verdict)) + ". " + rights->dossier.reason};
}

} // namespace ink
