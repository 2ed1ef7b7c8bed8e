// What is in a font package, by content, before any of it is taken.
#pragma once

#include "core/alphabet/alphabet.h"
#include "core/base/cancel.h"
#include "core/base/result.h"
#include "core/intake/content_kind.h"
#include "core/package/archive.h"
#include "core/type/font_face.h"

#include <filesystem>
#include <functional>
#include <map>
#include <memory>
#include <string>
#include <vector>

namespace ink {

/// Stitches: stitch files whose letters are in a font that was made of them.
enum class EntryRole { Font, Document, KeyMap, Preview, Stitches, Junk, Damaged, Refused, Other };
std::string_view idOf(EntryRole role);

struct PackageEntry
{
    /// As it can be shown; parts of nested packages stand behind the name of their package.
    std::string name;
    /// Where it may be written below a chosen folder; empty when it is refused.
    std::filesystem::path path;
    /// Where its content lies now.
    std::filesystem::path staged;
    std::uint64_t bytes = 0;
    ContentKind content = ContentKind::Unknown;
    EntryRole role = EntryRole::Other;
    /// Why it is damaged, refused, junk, or not what it is called.
    std::string note;
    /// Of fonts.
    std::string sha256;
    std::vector<FaceInfo> faces;
    /// Of a font that was made of the package's stitch files.
    std::shared_ptr<const Alphabet> letters;
    /// The entry that holds the same face in a better format, or the same bytes; -1 when there is none.
    int better = -1;
    /// Of documents: the words, UTF-8.
    std::string text;
};

/// A folder of its own, removed with the last user.
class Staging
{
public:
    static Result<std::shared_ptr<Staging>> make(const std::filesystem::path& parent);
    ~Staging();
    Staging(const Staging&) = delete;
    Staging& operator=(const Staging&) = delete;
    const std::filesystem::path& folder() const { return m_folder; }

private:
    explicit Staging(std::filesystem::path folder) : m_folder(std::move(folder)) {}
    std::filesystem::path m_folder;
};

struct PackageContents
{
    std::filesystem::path source;
    /// A folder somebody keeps files in, not a package that one maker put together.
    bool is_plain_folder = false;
    std::vector<PackageEntry> entries;
    /// Sentences about the whole: formats to choose from, fonts that share a name, limits that were reached.
    std::vector<std::string> notes;
    /// A limit was reached that the person can lift for this package.
    bool is_limited = false;
    PackageUse use;
    std::shared_ptr<Staging> staging;

    std::vector<std::size_t> fonts() const;
};

struct InspectOptions
{
    PackageLimits limits;
    /// Where packages are unpacked to be looked at; the system's temporary folder when empty.
    std::filesystem::path staging_parent;
    CancelToken cancel = {};
    /// Called with the number of entries looked at so far, on the calling thread.
    std::function<void(std::size_t)> progress = {};
};

/// Looks into a package, a folder, or a single file. Fonts pass opentype-sanitizer before anything else reads
/// them. A damaged, refused or unknown entry is listed with its reason and hides nothing else.
/// Errors: those of readArchive when nothing at all could be read; HelperFailed; FileUnwritable, DiskFull.
Result<PackageContents> inspectPackage(const std::filesystem::path& path, const InspectOptions& options = {});

enum class OnConflict { Keep, Replace, Both };

struct Taken
{
    std::vector<std::filesystem::path> written;
    /// Files that were there already and were kept.
    std::vector<std::filesystem::path> kept;
    /// What could not be written because of what stands there, and why: "a/b.ttf: a file stands where its
    /// folder would be."
    std::vector<std::string> left_out;
    /// Where each chosen entry lies now.
    std::map<std::size_t, std::filesystem::path> places;
};

/// Copies the chosen entries below `folder`, which is made when needed. Nothing is written outside of it, not
/// through links either. A file with the same content counts as kept.
/// Errors: FileUnwritable, DiskFull, FileUnreadable, Cancelled; what was written before stays.
Result<Taken> takeEntries(const PackageContents& contents, const std::vector<std::size_t>& chosen,
                          const std::filesystem::path& folder, OnConflict on_conflict,
                          const CancelToken& cancel = {});

/// Fonts (the better of two formats), documents, key maps and previews.
std::vector<std::size_t> usualChoice(const PackageContents& contents);

} // namespace ink
