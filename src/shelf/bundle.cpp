#include "shelf/bundle.h"

#include "core/base/digest.h"
#include "core/base/file_copy.h"
#include "core/base/json_number.h"
#include "core/base/json_text.h"
#include "core/base/told.h"
#include "core/intake/package.h"
#include "core/package/archive.h"

#include <algorithm>
#include <map>
#include <set>

namespace ink {
namespace {

namespace fs = std::filesystem;
using OrderedJson = nlohmann::ordered_json;

constexpr int kVersion = 1;
constexpr const char* kManifest = "shelf.json";

/// As it is in the shelf, or an error of what is missing there.
NewArchiveEntry contentEntry(const ShelfStore& store, const std::string& sha256)
{
    return {"files/" + sha256, [path = store.fileOf(sha256)] { return readFile(path, kLargestShelfFile); }};
}

/// What travels with a font, as read from the manifest; nothing of it is trusted.
struct Carried
{
    std::string name, sha256, file_name, note, package;
    bool is_set_aside = false;
    std::vector<std::string> sets, tags;
    std::vector<ShelfDocument> documents;
    RightsRecord rights;
};

bool isDigest(const std::string& text)
{
    return text.size() == 64 && text.find_first_not_of("0123456789abcdef") == std::string::npos;
}

Carried carriedFrom(const OrderedJson& json)
{
    Carried font{json.at("name"),
                 json.at("sha256"),
                 json.at("file_name"),
                 json.value("note", ""),
                 json.value("package", ""),
                 json.value("set_aside", false),
                 json.value("sets", std::vector<std::string>{}),
                 json.value("tags", std::vector<std::string>{}),
                 {},
                 {}};
    for (const auto& document : json.value("documents", OrderedJson::array()))
        font.documents.push_back({document.at("name"), document.at("sha256")});
    if (json.contains("rights"))
        font.rights = rightsRecordFrom(jsonText(json.at("rights"), kOneLine)).value_or(RightsRecord{});
    return font;
}

class BundleReader
{
public:
    BundleReader(const fs::path& file, ShelfStore& store, const RightsStore& rights,
                 const TakesTheirs& takes_theirs)
        : m_file(file), m_store(store), m_rights(rights), m_takes_theirs(takes_theirs)
    {
    }

    Result<BundleRead> read(const std::string& day)
    {
        auto staging = Staging::make({});
        if (!staging)
            return fail(staging.error());
        m_staging = *staging;
        if (auto unpacked = unpack(); !unpacked)
            return fail(unpacked.error());
        auto mine = m_store.fonts();
        if (!mine)
            return fail(mine.error());
        m_mine = std::move(*mine);
        const auto json = orderedJsonFrom(m_manifest);
        if (!json.is_object() || json.value("format", OrderedJson()) != "under-ink-shelf")
            return fail(ErrorCode::PackageDamaged, m_file.string(),
                        "it is not a shelf that was written to a file");
        try {
            if (wholeNumber(json, "version", 0) > kVersion)
                return fail(ErrorCode::StoreTooNew, m_file.string());
            for (const auto& font : json.at("fonts"))
                if (auto done = take(carriedFrom(font), day); !done)
                    return fail(done.error());
        } catch (const OrderedJson::exception&) {
            return fail(ErrorCode::PackageDamaged, m_file.string(), "its list of fonts cannot be read");
        }
        return m_read;
    }

private:
    /// Only files whose name is the digest of their content are kept.
    Result<void> unpack()
    {
        PackageUse use;
        std::string stopped;
        Result<void> written;
        PackageLimits limits = PackageLimits::lifted(); // the person's own file
        limits.nesting = 0;
        const auto done = readArchive(
            m_file, limits, use,
            [&](ArchiveEntry entry) {
                if (entry.name == kManifest)
                    m_manifest = std::move(entry.bytes);
                else if (const std::string digest = entry.name.substr(entry.name.rfind('/') + 1);
                         written && isDigest(digest) && sha256(entry.bytes) == digest) {
                    written = writeBytes(m_staging->folder() / digest, entry.bytes);
                    m_there.insert(digest);
                }
            },
            stopped);
        return done ? written : done;
    }

    Result<void> take(const Carried& font, const std::string& day)
    {
        ++m_read.fonts;
        const auto mine = std::ranges::find(m_mine, font.sha256, &ShelfFont::sha256);
        if (mine != m_mine.end())
            return merge(font, mine->id, mine->note, false);
        const auto refusal = add(font, day);
        if (!refusal)
            return fail(refusal.error());
        if (!refusal->empty()) {
            m_read.refused.push_back(told("{}: {}", font.name, *refusal));
            return {};
        }
        const auto id = m_store.idOf(font.sha256);
        return id ? merge(font, *id, {}, true) : fail(id.error());
    }

    /// Why the font is not taken; empty when it was.
    Result<std::string> add(const Carried& font, const std::string& day)
    {
        if (!m_there.contains(font.sha256))
            return std::string(told("its file is missing, or has other content than it should"));
        const auto contents = inspectPackage(m_staging->folder() / font.sha256);
        if (!contents)
            return std::string(errorText(contents.error().code));
        if (contents->fonts().empty()) {
            const bool has_note = !contents->entries.empty() && !contents->entries.front().note.empty();
            return has_note ? contents->entries.front().note : std::string(told("it is no font"));
        }
        NewFont fresh{m_staging->folder() / font.sha256,
                      fs::path(font.file_name).filename().string(),
                      font.sha256,
                      contents->entries[contents->fonts().front()].faces,
                      {}};
        for (const auto& document : font.documents)
            if (m_there.contains(document.sha256))
                fresh.documents.push_back({m_staging->folder() / document.sha256, document.name});
        const auto added = m_store.add({fresh}, font.package, day);
        if (!added)
            return fail(added.error());
        m_read.added += *added;
        return std::string();
    }

    Result<void> merge(const Carried& font, std::int64_t id, const std::string& my_note, bool is_new)
    {
        for (const auto& set : font.sets)
            if (auto done = m_store.changeSet(set, {id}, true); !done)
                return done;
        for (const auto& tag : font.tags)
            if (auto done = m_store.changeTag(tag, {id}, true); !done)
                return done;
        if (is_new && font.is_set_aside)
            if (auto done = m_store.setAside({id}, true); !done)
                return done;
        if (!font.note.empty() && font.note != my_note) {
            if (my_note.empty() || conflict({font.name, font.sha256, "note", my_note, font.note, false}))
                if (auto done = m_store.setNote(id, font.note); !done)
                    return done;
        }
        return mergeRights(font);
    }

    Result<void> mergeRights(const Carried& font)
    {
        const auto mine = m_rights.load(font.sha256);
        if (!mine)
            return fail(mine.error());
        if (font.rights == RightsRecord{} || font.rights == *mine)
            return {};
        const bool has_own = !(*mine == RightsRecord{});
        if (has_own &&
            !conflict({font.name, font.sha256, "rights", summaryOf(*mine), summaryOf(font.rights), false}))
            return {};
        for (const auto& paper : font.rights.papers)
            if (m_there.contains(paper.sha256))
                if (const auto kept = m_rights.keepPaper(m_staging->folder() / paper.sha256,
                                                         fs::path(paper.name).extension());
                    !kept)
                    return fail(kept.error());
        return m_rights.save(font.sha256, font.rights);
    }

    /// True when theirs is to be taken.
    bool conflict(BundleConflict found)
    {
        found.took_theirs = m_takes_theirs && m_takes_theirs(found);
        m_read.conflicts.push_back(std::move(found));
        return m_read.conflicts.back().took_theirs;
    }

    static std::string summaryOf(const RightsRecord& record)
    {
        return told("papers: {}, decisions: {}, sold: {}", record.papers.size(), record.decisions.size(),
                    record.sold);
    }

    const fs::path& m_file;
    ShelfStore& m_store;
    const RightsStore& m_rights;
    const TakesTheirs& m_takes_theirs;
    std::shared_ptr<Staging> m_staging;
    std::string m_manifest;
    /// As it was before.
    std::vector<ShelfFont> m_mine;
    std::set<std::string> m_there;
    BundleRead m_read;
};

} // namespace

Result<void> writeBundle(const fs::path& file, const ShelfStore& store, const std::vector<ShelfFont>& fonts,
                         const RightsStore& rights)
{
    OrderedJson manifest{
        {"format", "under-ink-shelf"}, {"version", kVersion}, {"fonts", OrderedJson::array()}};
    std::map<std::string, NewArchiveEntry> files; // each content once
    for (const auto& font : fonts) {
        const auto record = rights.load(font.sha256);
        if (!record)
            return fail(record.error());
        OrderedJson json{{"name", font.readableName()},
                         {"sha256", font.sha256},
                         {"file_name", font.file_name},
                         {"note", font.note},
                         {"package", font.package},
                         {"sets", font.sets},
                         {"tags", font.tags},
                         {"set_aside", font.state == ShelfState::SetAside},
                         {"documents", OrderedJson::array()}};
        files.emplace(font.sha256, contentEntry(store, font.sha256));
        for (const auto& document : font.documents) {
            json["documents"].push_back({{"name", document.name}, {"sha256", document.sha256}});
            files.emplace(document.sha256, contentEntry(store, document.sha256));
        }
        if (!(*record == RightsRecord{}))
            json["rights"] = orderedJsonFrom(rightsRecordText(*record, font.sha256));
        for (const auto& paper : record->papers)
            if (!paper.sha256.empty())
                files.emplace(paper.sha256,
                              NewArchiveEntry{"papers/" + paper.sha256, [path = rights.paperFile(paper)] {
                                                  return readFile(path, kLargestShelfFile);
                                              }});
        manifest["fonts"].push_back(std::move(json));
    }
    std::vector<NewArchiveEntry> entries{
        {kManifest, [&manifest]() -> Result<std::string> { return jsonText(manifest, 1) + '\n'; }}};
    for (auto& [digest, entry] : files)
        entries.push_back(std::move(entry));
    return writeFile(file, [&](std::ostream& out) { return writeZip(out, entries); });
}

Result<BundleRead> readBundle(const fs::path& file, ShelfStore& store, const RightsStore& rights,
                              const TakesTheirs& takes_theirs, const std::string& day)
{
    return BundleReader(file, store, rights, takes_theirs).read(day);
}

} // namespace ink
