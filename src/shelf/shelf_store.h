// The shelf: fonts by content, the documents that came with them, sets and tags, and where they are
// installed.
//
// SQLite holds what is known, the files lie beside it under their SHA-256. Every change is one transaction;
// what a change was about to do is written down before it touches files, so that the next opening finishes or
// undoes whatever was cut off. Several processes may have the same shelf open.
#pragma once

#include "core/base/result.h"
#include "core/type/font_face.h"
#include "core/type/letter_forms.h"

#include <cstdint>
#include <filesystem>
#include <memory>
#include <string>
#include <vector>

namespace ink {

/// Larger files are no fonts and no documents.
inline constexpr std::size_t kLargestShelfFile = std::size_t{200} << 20;

enum class ShelfState { OnShelf, Installed, SetAside };
/// Where the shelf in `folder` keeps a content.
std::filesystem::path shelfFile(const std::filesystem::path& folder, const std::string& sha256);
/// "on-the-shelf", as reports hold it.
std::string_view idOf(ShelfState state);

struct ShelfDocument
{
    std::string name, sha256;

    friend bool operator==(const ShelfDocument&, const ShelfDocument&) = default;
};

/// A project the font was used on, and the last day of it.
struct ShelfUse
{
    std::string project, day;
};

struct ShelfFont
{
    std::int64_t id = 0;
    std::string sha256;
    /// As it was called when it came.
    std::string file_name;
    std::uint64_t bytes = 0;
    std::string package;
    /// Days, "2026-11-25"; empty when never.
    std::string added, last_used;
    std::string note;
    ShelfState state = ShelfState::OnShelf;
    /// Where it is installed; empty when it is not.
    std::string installed_path;
    /// For one job only: the project and the last day.
    std::string project, until;
    std::vector<FaceInfo> faces;
    std::vector<ShelfDocument> documents;
    std::vector<std::string> sets, tags;
    /// The latest first.
    std::vector<ShelfUse> uses;

    std::string readableName() const;
};

/// A font on its way to the shelf, with what speaks of it.
struct NewFont
{
    std::filesystem::path file;
    std::string file_name;
    std::string sha256;
    std::vector<FaceInfo> faces;
    struct Document
    {
        std::filesystem::path file;
        std::string name;
    };
    std::vector<Document> documents;
};

/// A face's outlines in short, as bytes.
struct StoredPrint
{
    std::int64_t font = 0;
    FaceChoice face;
    std::string bytes;
};

struct PendingInstall
{
    std::int64_t font = 0;
    std::string sha256, path, phase;
};

class ShelfStore
{
public:
    /// Makes the shelf in `folder` when there is none. Undoes what a crash left half done, except installs.
    /// One whose folder cannot be written is opened for reading; every change of it is FileUnwritable.
    /// Errors: StoreTooNew, StoreDamaged, StoreBusy, FileUnwritable, DiskFull.
    static Result<std::unique_ptr<ShelfStore>> open(const std::filesystem::path& folder);
    ~ShelfStore();
    ShelfStore(const ShelfStore&) = delete;
    ShelfStore& operator=(const ShelfStore&) = delete;

    bool isReadOnly() const { return m_is_read_only; }
    /// By family, then style.
    Result<std::vector<ShelfFont>> fonts() const;
    /// The one whose digest begins so, or that has this file name, family, or full name.
    /// Errors: FontNotOnShelf; also when several fit, with their names.
    Result<ShelfFont> find(const std::string& which) const;
    /// Errors: FontNotOnShelf.
    Result<std::int64_t> idOf(const std::string& sha256) const;
    std::filesystem::path fileOf(const ShelfFont& font) const { return fileOf(font.sha256); }
    std::filesystem::path fileOf(const std::string& sha256) const { return shelfFile(m_folder, sha256); }
    const std::filesystem::path& folder() const { return m_folder; }

    /// Adds the fonts of one package, all or none. Returns how many were new; one that is there already gets
    /// the documents it lacks.
    /// Errors: as above, and FileNotFound, FileUnreadable.
    Result<std::size_t> add(const std::vector<NewFont>& fonts, const std::string& package,
                            const std::string& day);
    /// Takes fonts off the shelf with their documents.
    /// Errors: FontInstalled.
    Result<void> discard(const std::vector<std::int64_t>& fonts);
    Result<void> setAside(const std::vector<std::int64_t>& fonts, bool is_aside);
    Result<void> changeSet(const std::string& set, const std::vector<std::int64_t>& fonts, bool is_in);
    Result<void> changeTag(const std::string& tag, const std::vector<std::int64_t>& fonts, bool is_tagged);
    Result<void> setNote(std::int64_t font, const std::string& note);
    /// Which letters a glyph belongs to, as the person said; kept by the content of the font, which need not
    /// be on the shelf.
    Result<void> correctForm(const std::string& font_sha256, std::uint32_t glyph_id,
                             const std::u32string& letters);
    Result<FormCorrections> formCorrections(const std::string& font_sha256) const;
    Result<void> used(std::int64_t font, const std::string& project, const std::string& day);

    /// What twins are found by (shelf/twins.h); those of another `version` are left out.
    Result<std::vector<StoredPrint>> outlinePrints(int version) const;
    Result<void> keepOutlinePrints(const std::vector<StoredPrint>& prints, int version);

    // The two halves of installing and of removing; `Installer` does what lies between them.
    Result<void> beginPlacing(std::int64_t font, const std::string& path, const std::string& project,
                              const std::string& until);
    Result<void> placed(std::int64_t font);
    Result<void> setInstallEnd(std::int64_t font, const std::string& project, const std::string& until);
    Result<void> beginRemoving(std::int64_t font);
    Result<void> removed(std::int64_t font);
    Result<std::vector<PendingInstall>> installs() const;

private:
    struct Inside;
    ShelfStore(std::filesystem::path folder, std::unique_ptr<Inside> inside);
    static Result<std::unique_ptr<ShelfStore>> openForReading(const std::filesystem::path& folder);
    Result<void> clean();
    Result<void> completeFaces();

    std::filesystem::path m_folder;
    std::unique_ptr<Inside> m_inside;
    bool m_is_read_only = false;
};

} // namespace ink
