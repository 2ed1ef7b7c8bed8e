// What the user added to a font's rights: permissions, receipts, decisions, and what was sold. Kept by the
// file's content, so that another version asks again.
#pragma once

#include "core/base/result.h"
#include "core/rights/evidence.h"

#include <filesystem>
#include <string>
#include <vector>

namespace ink {

struct AttachedPaper
{
    std::string name;
    /// SHA-256 of the copy kept under papers/; empty when there is only a text.
    std::string sha256;
    std::string from_whom;
    std::string for_what;
    /// Day it was attached, "2026-11-25".
    std::string date;
    std::string text;

    friend bool operator==(const AttachedPaper&, const AttachedPaper&) = default;
};

struct RightsDecision
{
    std::string date;
    std::string words;
    /// Verdict at that time, as an id.
    std::string verdict;

    friend bool operator==(const RightsDecision&, const RightsDecision&) = default;
};

/// A glyph that shows somebody else's mark or character: that stays theirs, whatever the font's licence.
struct FlaggedGlyph
{
    unsigned face = 0;
    std::uint32_t glyph_id = 0;
    std::string name;

    friend bool operator==(const FlaggedGlyph&, const FlaggedGlyph&) = default;
};

struct RightsRecord
{
    std::vector<AttachedPaper> papers;
    std::vector<RightsDecision> decisions;
    unsigned sold = 0;
    /// What the catalogue's listing said when the font was fetched.
    std::string listing;
    std::vector<FlaggedGlyph> others_marks;

    bool isOthersMark(unsigned face, std::uint32_t glyph_id) const;
    friend bool operator==(const RightsRecord&, const RightsRecord&) = default;
};

/// Papers become evidence of the strongest kind, the listing of the weakest.
std::vector<EvidenceText> evidenceOf(const RightsRecord& record);

/// The record as its file holds it (docs/formats/rights-report.md).
std::string rightsRecordText(const RightsRecord& record, const std::string& font_sha256);
/// Errors: DocumentDamaged.
Result<RightsRecord> rightsRecordFrom(const std::string& text);

class RightsStore
{
public:
    explicit RightsStore(std::filesystem::path folder) : m_folder(std::move(folder)) {}

    /// An empty record when there is none yet.
    /// Errors: FileUnreadable, DocumentDamaged (the file is left as it is).
    Result<RightsRecord> load(const std::string& font_sha256) const;
    /// Errors: FileUnwritable, DiskFull; the record kept before stays.
    Result<void> save(const std::string& font_sha256, const RightsRecord& record) const;
    /// Copies a paper into the store and returns its digest.
    /// Errors: FileNotFound, FileUnreadable, FileUnwritable, DiskFull.
    Result<std::string> keepPaper(const std::filesystem::path& file) const
    {
        return keepPaper(file, file.extension());
    }
    Result<std::string> keepPaper(const std::filesystem::path& file,
                                  const std::filesystem::path& extension) const;
    /// Where the copy of a paper lies.
    std::filesystem::path paperFile(const AttachedPaper& paper) const;

private:
    std::filesystem::path m_folder;
};

} // namespace ink
