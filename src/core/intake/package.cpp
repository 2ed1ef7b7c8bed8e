#include "core/intake/package.h"

#include "core/base/digest.h"
#include "core/base/file_copy.h"
#include "core/base/text.h"
#include "core/base/told.h"
#include "core/intake/document_text.h"
#include "core/intake/entry_names.h"
#include "core/intake/font_check.h"
#include "core/intake/safe_name.h"
#include "core/intake/same_fonts.h"
#include "core/intake/stitched_entries.h"
#include "core/package/text_encoding.h"

#include <algorithm>
#include <array>
#include <cctype>
#include <cerrno>
#include <cstdlib>
#include <fstream>
#include <map>
#include <optional>

#include <unistd.h>

namespace ink {
namespace {

namespace fs = std::filesystem;

/// Left behind by systems and programs; nobody made it.
bool isJunk(const fs::path& path)
{
    static constexpr std::array<std::string_view, 6> kNames{".ds_store",  "thumbs.db", "desktop.ini",
                                                            ".directory", "__macosx",  "ehthumbs.db"};
    return std::ranges::any_of(path, [](const fs::path& part) {
        const std::string name = lowered(part.string());
        return name.starts_with("._") || std::ranges::find(kNames, name) != kNames.end();
    });
}

bool isNamedLikeFont(const fs::path& path)
{
    return looksLikeFontFile(path);
}

bool isKeyMapName(const fs::path& path)
{
    const std::string name = lowered(path.stem().string());
    return std::ranges::any_of(std::array{"keymap", "key map", "key-map", "key_map", "charmap",
                                          "character map", "glyphs", "glyph map", "chart", "map"},
                               [&](const char* word) { return name.find(word) != std::string::npos; });
}

std::string cannotBeRead(const Error& error)
{
    return error.detail.empty() ? told("It cannot be read: {}.", errorText(error.code))
                                : told("It cannot be read: {} ({}).", errorText(error.code), error.detail);
}

class Inspector
{
public:
    Inspector(PackageContents& contents, const InspectOptions& options)
        : m_contents(contents), m_options(options)
    {
    }

    Result<void> archive(const fs::path& path)
    {
        std::string stopped;
        const auto read = readArchive(
            path, m_options.limits, m_contents.use,
            [&](ArchiveEntry entry) { take(std::move(entry), {}, 1); }, stopped, m_options.cancel);
        if (!m_problem && !read && read.error().code != ErrorCode::Cancelled && !m_contents.entries.empty())
            m_contents.notes.push_back(
                told("The package breaks off: {}. What came before is listed.", read.error().detail));
        else if (!read)
            return fail(read.error());
        noteStop(stopped);
        return finished();
    }

    Result<void> folder(const fs::path& path)
    {
        std::error_code problem;
        std::vector<fs::path> files;
        for (fs::recursive_directory_iterator
                 it(path, fs::directory_options::skip_permission_denied, problem),
             end;
             !problem && it != end; it.increment(problem)) {
            if (m_options.cancel.isCancelled())
                return fail(ErrorCode::Cancelled, path.string());
            if (it->is_symlink(problem)) {
                addRefused(it->path().lexically_relative(path).string(),
                           "It is a link, which could lead anywhere.");
                continue;
            }
            if (it->is_regular_file(problem))
                files.push_back(it->path());
            if (files.size() > m_options.limits.entries) {
                noteStop(told("It has more than {} files; the rest was not read.", m_options.limits.entries));
                break;
            }
        }
        std::ranges::sort(files);
        std::vector<std::string> names;
        for (const auto& file : files)
            names.push_back(file.lexically_relative(path).string());
        const std::string encoding = encodingOfNames(names);
        for (std::size_t i = 0; i < files.size(); ++i) {
            addFile(files[i], nameToUtf8(names[i], encoding));
            noteEncoding(names[i], encoding);
        }
        return finished();
    }

    Result<void> file(const fs::path& path)
    {
        addFile(path, path.filename());
        return finished();
    }

private:
    Result<void> finished()
    {
        if (m_problem)
            return fail(*m_problem);
        if (m_options.cancel.isCancelled())
            return fail(ErrorCode::Cancelled, m_contents.source.string());
        if (auto done = addStitchedLetters(m_contents, m_options.cancel); !done)
            return done;
        tellNamesApart(m_contents);
        compareFonts(m_contents);
        return {};
    }

    /// Of the entry that was added last, if one was.
    void noteEncoding(const std::string& raw_name, const std::string& encoding)
    {
        if (!encoding.empty() && !isUtf8(raw_name) && !m_contents.entries.empty())
            addNote(m_contents.entries.back(), told("Its name was written in {}.", encoding));
    }

    void noteStop(const std::string& stopped)
    {
        if (stopped.empty())
            return;
        m_contents.notes.push_back(stopped + " " +
                                   std::string(told("A package with so much in it is seldom a font package; "
                                                    "you can lift the limits for this one.")));
        m_contents.is_limited = true;
    }

    void addRefused(const std::string& name, std::string reason)
    {
        PackageEntry entry;
        entry.name = shownName(name);
        entry.role = EntryRole::Refused;
        entry.note = std::move(reason);
        m_contents.entries.push_back(std::move(entry));
    }

    void take(ArchiveEntry source, const std::string& prefix, unsigned depth)
    {
        if (source.is_folder || m_problem)
            return;
        const std::string full_name = prefix + source.name;
        const CheckedName checked = checkName(source.name);
        if (!checked.refusal.empty())
            return addRefused(full_name, checked.refusal);
        const CheckedName whole = checkName(full_name);
        if (isJunk(checked.path)) {
            addPlain(full_name, whole.path, EntryRole::Junk, "Left behind by a file manager.",
                     source.bytes.size());
            return;
        }
        if (source.refusal != Refusal::None) {
            const bool is_damaged = source.refusal == Refusal::Damaged;
            addPlain(full_name, is_damaged ? whole.path : fs::path(),
                     is_damaged ? EntryRole::Damaged : EntryRole::Refused, source.reason, 0);
            m_contents.is_limited = m_contents.is_limited || source.refusal == Refusal::OverLimit;
            return;
        }
        const ContentKind kind = contentKindOf(std::string_view(source.bytes).substr(0, 4096), source.name);
        if (kind == ContentKind::Archive)
            return nested(source, full_name, whole.path, depth);
        // The ending stays: it tells Markdown from plain text.
        const fs::path staged = m_contents.staging->folder() / (std::to_string(m_contents.entries.size()) +
                                                                checked.path.extension().string());
        // Not through writeFile: what is only looked at need not survive a power cut.
        std::ofstream out(staged, std::ios::binary);
        out.write(source.bytes.data(), static_cast<std::streamsize>(source.bytes.size()));
        if (!out.flush()) {
            m_problem =
                Error{errno == ENOSPC ? ErrorCode::DiskFull : ErrorCode::FileUnwritable, staged.string(), {}};
            return;
        }
        out.close();
        addStaged(full_name, whole.path, staged, source.bytes.size());
        if (!source.name_encoding.empty())
            addNote(m_contents.entries.back(), told("Its name was written in {}.", source.name_encoding));
    }

    void nested(const ArchiveEntry& source, const std::string& name, const fs::path& path, unsigned depth)
    {
        if (depth > m_options.limits.nesting) {
            addPlain(name, {}, EntryRole::Refused,
                     told("It is a package inside packages, deeper than {}.", m_options.limits.nesting),
                     source.bytes.size());
            m_contents.is_limited = true;
            return;
        }
        std::string stopped;
        const auto read = readArchive(
            source.bytes, name, m_options.limits, m_contents.use,
            [&](ArchiveEntry entry) { take(std::move(entry), name + "/", depth + 1); }, stopped,
            m_options.cancel);
        if (!read)
            addPlain(name, path, EntryRole::Damaged,
                     told("This package inside cannot be unpacked: {}.", read.error().detail),
                     source.bytes.size());
        noteStop(stopped);
    }

    void addPlain(const std::string& name, const fs::path& path, EntryRole role, std::string note,
                  std::uint64_t bytes)
    {
        PackageEntry entry;
        entry.name = shownName(name);
        entry.path = path;
        entry.role = role;
        entry.note = std::move(note);
        entry.bytes = bytes;
        m_contents.entries.push_back(std::move(entry));
        tick();
    }

    void addFile(const fs::path& file, const fs::path& relative)
    {
        if (m_problem || m_options.cancel.isCancelled())
            return;
        std::error_code problem;
        const auto size = fs::file_size(file, problem);
        if (isJunk(relative)) {
            addPlain(relative.string(), relative, EntryRole::Junk, "Left behind by a file manager.", size);
            return;
        }
        if (problem || size > m_options.limits.entry_bytes) {
            addPlain(relative.string(), {}, EntryRole::Refused,
                     problem ? "It cannot be read." : "It is larger than any font.", size);
            return;
        }
        const auto bytes = firstBytes(file, 4096);
        if (contentKindOf(bytes, relative.string()) == ContentKind::Archive) {
            std::string stopped;
            const auto read = readArchive(
                file, m_options.limits, m_contents.use,
                [&](ArchiveEntry entry) { take(std::move(entry), relative.string() + "/", 2); }, stopped,
                m_options.cancel);
            if (!read)
                addPlain(relative.string(), relative, EntryRole::Damaged,
                         told("This package cannot be unpacked: {}.", read.error().detail), size);
            noteStop(stopped);
            return;
        }
        addStaged(relative.string(), relative, file, size);
    }

    void addStaged(const std::string& name, const fs::path& path, const fs::path& staged, std::uint64_t size)
    {
        PackageEntry entry;
        entry.name = shownName(name);
        entry.path = path;
        entry.staged = staged;
        entry.bytes = size;
        entry.content = contentKindOf(firstBytes(staged, 4096), name);
        if (isFont(entry.content)) {
            describeFont(entry);
        } else if (entry.content == ContentKind::Empty) {
            entry.role = EntryRole::Damaged;
            entry.note = "It is empty.";
        } else if (isPicture(entry.content)) {
            entry.role = isKeyMapName(path) ? EntryRole::KeyMap : EntryRole::Preview;
        } else if (isDocument(entry.content)) {
            describeDocument(entry);
        } else {
            entry.note = told("It is {}; Under Ink has no use for it.", inWords(entry.content));
        }
        if (isNamedLikeFont(path) && !isFont(entry.content) && entry.content != ContentKind::Empty)
            entry.note = told("It is called a font, but it is {}.", inWords(entry.content));
        m_contents.entries.push_back(std::move(entry));
        tick();
    }

    void describeFont(PackageEntry& entry)
    {
        entry.role = EntryRole::Damaged;
        if (const auto checked = checkFontFile(entry.staged); !checked) {
            const Error& error = checked.error();
            if (error.code == ErrorCode::HelperFailed)
                m_problem = error; // without the check no font is read
            else if (error.code == ErrorCode::FontTruncated)
                entry.note = "It ends too early: a part of it is missing.";
            else if (error.code == ErrorCode::FontUnsafe)
                entry.note =
                    told("It did not pass the safety check for fonts from outside: {}.", error.detail);
            else
                entry.note = told("It cannot be cut: {}.", errorText(error.code));
            return;
        }
        auto faces = FontFace::list(entry.staged);
        auto digest = sha256OfFile(entry.staged);
        if (!faces || !digest) {
            const Error& error = faces ? digest.error() : faces.error();
            entry.note = cannotBeRead(error);
            return;
        }
        entry.role = EntryRole::Font;
        entry.faces = std::move(*faces);
        entry.sha256 = std::move(*digest);
        const std::string ending = lowered(entry.path.extension().string());
        const bool is_named_otf = ending == ".otf", is_named_ttf = ending == ".ttf";
        if (is_named_otf && entry.content == ContentKind::TrueType)
            entry.note = "It is called .otf, but its outlines are TrueType.";
        else if (is_named_ttf && entry.content == ContentKind::OpenTypeCff)
            entry.note = "It is called .ttf, but its outlines are OpenType (CFF).";
        else if (!looksLikeFontFile(entry.path))
            entry.note = "It is not called a font, but it is one.";
    }

    void describeDocument(PackageEntry& entry)
    {
        const std::string ending = lowered(entry.path.extension().string());
        static constexpr std::array kNotProse{".json",  ".css", ".js",   ".xml",
                                              ".plist", ".fea", ".glif", ".sfd"};
        if (entry.content == ContentKind::Text && std::ranges::find(kNotProse, ending) != kNotProse.end()) {
            entry.note = "It is a file for programs.";
            return;
        }
        entry.role = EntryRole::Document;
        auto text = documentText(entry.staged, entry.content);
        if (text)
            entry.text = std::move(*text);
        else
            entry.note = cannotBeRead(text.error());
    }

    void tick() const
    {
        if (m_options.progress)
            m_options.progress(m_contents.entries.size());
    }

    PackageContents& m_contents;
    const InspectOptions& m_options;
    std::optional<Error> m_problem;
};

} // namespace

std::string_view idOf(EntryRole role)
{
    static constexpr std::array kIds{"font", "document", "key-map", "preview", "stitches",
                                     "junk", "damaged",  "refused", "other"};
    return kIds[static_cast<std::size_t>(role)];
}

Result<std::shared_ptr<Staging>> Staging::make(const fs::path& parent)
{
    std::error_code problem;
    const fs::path base = parent.empty() ? fs::temp_directory_path(problem) : parent;
    fs::create_directories(base, problem);
    std::string name = (base / "under-ink-XXXXXX").string();
    if (!::mkdtemp(name.data()))
        return fail(ErrorCode::FileUnwritable, base.string());
    return std::shared_ptr<Staging>(new Staging(name));
}

Staging::~Staging()
{
    std::error_code problem;
    fs::remove_all(m_folder, problem);
}

std::vector<std::size_t> PackageContents::fonts() const
{
    std::vector<std::size_t> found;
    for (std::size_t i = 0; i < entries.size(); ++i)
        if (entries[i].role == EntryRole::Font)
            found.push_back(i);
    return found;
}

Result<PackageContents> inspectPackage(const fs::path& path, const InspectOptions& options)
{
    std::error_code problem;
    if (!fs::exists(path, problem))
        return fail(ErrorCode::FileNotFound, path.string());
    PackageContents contents;
    contents.source = path;
    auto staging = Staging::make(options.staging_parent);
    if (!staging)
        return fail(staging.error());
    contents.staging = std::move(*staging);
    Inspector inspector(contents, options);
    Result<void> done;
    if (fs::is_directory(path, problem)) {
        contents.is_plain_folder = true;
        done = inspector.folder(path);
    } else {
        if (!fs::is_regular_file(path, problem))
            return fail(ErrorCode::FileUnreadable, path.string(), "it is not a file");
        if (::access(path.c_str(), R_OK) != 0)
            return fail(ErrorCode::FileUnreadable, path.string());
        const ContentKind kind = contentKindOf(firstBytes(path, 4096), path.string());
        done = kind == ContentKind::Archive ? inspector.archive(path) : inspector.file(path);
    }
    if (!done)
        return fail(done.error());
    return contents;
}

} // namespace ink
