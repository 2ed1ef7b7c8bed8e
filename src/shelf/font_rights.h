// The rights of a font that lies in a folder of this computer.
#pragma once

#include "core/base/cancel.h"
#include "core/intake/package_rights.h"
#include "shelf/rights_store.h"

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

/// Looks at the documents beside fonts, once for each folder. Safe to use from several threads.
class FontRightsReader
{
public:
    /// Fonts below `inbox` lie in folders that were packages, one package each.
    FontRightsReader(RightsStore store, std::filesystem::path inbox)
        : m_store(std::move(store)), m_inbox(std::move(inbox))
    {
    }

    const RightsStore& store() const { return m_store; }
    const std::filesystem::path& inbox() const { return m_inbox; }

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

    RightsStore m_store;
    std::filesystem::path m_inbox;
    std::mutex m_mutex;
    std::map<std::filesystem::path, Evidence> m_evidence;
    std::map<std::filesystem::path, bool> m_looked_at;
};

} // namespace ink
