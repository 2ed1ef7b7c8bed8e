// The rights of a font on this computer: on the shelf, or in a folder.
#pragma once

#include "core/base/cancel.h"
#include "core/intake/package_rights.h"
#include "shelf/rights_store.h"
#include "shelf/shelf_contents.h"

#include <map>
#include <memory>
#include <mutex>

namespace ink {

struct FontRights
{
    std::string sha256;
    RightsRecord record;
    Dossier dossier;
};

/// Looks at the documents beside fonts, once for each folder, and at those the shelf keeps. Safe to use from
/// several threads.
class FontRightsReader
{
public:
    explicit FontRightsReader(RightsStore store) : m_store(std::move(store)) {}

    const RightsStore& store() const { return m_store; }
    /// The shelf as it is from now on.
    void setShelf(std::shared_ptr<const ShelfContents> shelf);

    /// Errors: FileNotFound, FileUnreadable, DocumentDamaged (of the record).
    Result<FontRights> read(const std::filesystem::path& font, const CancelToken& cancel = {});
    /// After something was taken in or removed there.
    void forget();

private:
    struct Evidence
    {
        std::string sha256;
        std::vector<EvidenceText> texts;
        FontFacts facts;
    };
    Result<Evidence> evidenceFor(const std::filesystem::path& font, const CancelToken& cancel);
    static Evidence evidenceOnShelf(const ShelfContents& shelf, const ShelfFont& font);

    RightsStore m_store;
    std::shared_ptr<const ShelfContents> m_shelf;
    std::mutex m_mutex;
    std::map<std::filesystem::path, Evidence> m_evidence;
    std::map<std::filesystem::path, bool> m_looked_at;
};

/// What a drawing taken from a font carries of the font, for when the font is gone.
struct DrawingOrigin
{
    std::string sha256;
    /// The verdict and why: "May sell. The licence says so."
    std::string rights;
};

/// Adds what is said of one more source of a drawing, unless it is said already.
void addRights(std::string& rights, const std::string& more);

/// Empty where the font cannot be read.
DrawingOrigin originOf(FontRightsReader& reader, const std::filesystem::path& font,
                       const CancelToken& cancel = {});

} // namespace ink
