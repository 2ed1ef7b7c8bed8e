#include "core/intake/package_rights.h"

#include "core/base/text.h"
#include "core/base/told.h"

#include <algorithm>
#include <array>
#include <cctype>
#include <set>

namespace ink {
namespace {

namespace fs = std::filesystem;

bool isSameOrBelow(const fs::path& path, const fs::path& folder)
{
    return folder.empty() ||
           std::search(path.begin(), path.end(), folder.begin(), folder.end()) == path.begin();
}

/// "demo" as a word of its own: "Fennel Row Demo", "fennel_demo.ttf", but not "democrat".
bool saysDemo(const std::string& text)
{
    const std::string low = lowered(text);
    for (const std::string_view word : {"demo", "trial", "sample", "testversion"})
        for (auto at = low.find(word); at != std::string::npos; at = low.find(word, at + 1)) {
            const auto end = at + word.size();
            const bool starts = at == 0 || !std::isalpha(static_cast<unsigned char>(low[at - 1]));
            if (starts && (end >= low.size() || !std::isalpha(static_cast<unsigned char>(low[end]))))
                return true;
        }
    return false;
}

/// Every folder that has a font in it or below.
std::set<fs::path> foldersWithFonts(const PackageContents& contents)
{
    std::set<fs::path> folders;
    for (const std::size_t i : contents.fonts())
        for (fs::path folder = contents.entries[i].path.parent_path();; folder = folder.parent_path()) {
            folders.insert(folder);
            if (folder.empty())
                break;
        }
    return folders;
}

/// Letters and digits only, small: "Tansy-Cord(1)" is "tansycord1".
std::string bareName(const std::string& text)
{
    std::string bare;
    for (const unsigned char c : text)
        if (std::isalnum(c) || c >= 128)
            bare += static_cast<char>(std::tolower(c));
    return bare;
}

/// A document named after some of the fonts speaks of these only. In a folder that is no package, where fonts
/// of several makers may lie side by side, a document speaks of the fonts it names, or of all if they have
/// one maker.
bool speaksOf(const PackageContents& contents, const PackageEntry& document, const fs::path& folder,
              const PackageEntry& font)
{
    const std::string name = bareName(document.path.stem().string());
    const auto isNamedIn = [&](const PackageEntry& entry) {
        const std::string stem = bareName(entry.path.stem().string()),
                          family = bareName(entry.faces.front().family);
        return (stem.size() > 3 && name.starts_with(stem)) || (family.size() > 3 && name.starts_with(family));
    };
    bool names_some = false, has_one_maker = true;
    for (const std::size_t i : contents.fonts()) {
        const auto& other = contents.entries[i];
        if (!isSameOrBelow(other.path, folder))
            continue;
        names_some = names_some || isNamedIn(other);
        has_one_maker = has_one_maker && (other.faces.front().family == font.faces.front().family ||
                                          other.faces.front().copyright == font.faces.front().copyright);
    }
    if (names_some)
        return isNamedIn(font);
    return !contents.is_plain_folder || has_one_maker ||
           bareName(document.text).find(bareName(font.faces.front().family)) != std::string::npos;
}

} // namespace

bool isReceipt(const PackageEntry& document)
{
    const std::string name = lowered(document.path.stem().string());
    return std::ranges::any_of(std::array{"receipt", "invoice", "rechnung", "quittung", "facture", "factura",
                                          "fattura", "recibo", "kwitansi"},
                               [&](const char* word) { return name.find(word) != std::string::npos; });
}

std::vector<EvidenceText> evidenceIn(const FaceInfo& face)
{
    std::vector<EvidenceText> evidence;
    const auto add = [&](std::string_view what, const std::string& text) {
        if (!text.empty())
            evidence.push_back({EvidenceKind::NameTable, told("the font itself, {}", what), text});
    };
    add(told("licence"), face.licence);
    add(told("licence address"), face.licence_url);
    add(told("copyright"), face.copyright);
    add(told("trademark"), face.trademark);
    add(told("description"), face.description);
    return evidence;
}

std::vector<EvidenceText> documentsFor(const PackageContents& contents, std::size_t font)
{
    const auto with_fonts = foldersWithFonts(contents);
    const PackageEntry& own = contents.entries[font];
    std::vector<EvidenceText> documents;
    for (const auto& entry : contents.entries) {
        if (entry.role != EntryRole::Document || entry.text.empty())
            continue;
        fs::path folder = entry.path.parent_path();
        while (!folder.empty() && !with_fonts.contains(folder))
            folder = folder.parent_path();
        // It can refuse wherever it lies; it frees what lies in its own folder and below.
        if (isSameOrBelow(own.path, folder) && speaksOf(contents, entry, folder, own))
            documents.push_back({isReceipt(entry) ? EvidenceKind::Permission : EvidenceKind::Document,
                                 entry.name, entry.text, isSameOrBelow(own.path, entry.path.parent_path())});
    }
    return documents;
}

bool isDemo(const PackageContents& contents, const PackageEntry& font)
{
    return saysDemo(contents.source.filename().string()) || saysDemo(font.path.string()) ||
           std::ranges::any_of(font.faces,
                               [](const FaceInfo& face) { return saysDemo(face.family + " " + face.style); });
}

FontFacts factsOf(const PackageContents& contents, const PackageEntry& font)
{
    FontFacts facts{font.faces.empty() ? -1 : font.faces.front().fs_type, isDemo(contents, font)};
    for (const auto& face : font.faces) {
        facts.names.push_back(face.readableName());
        facts.names.push_back(face.family);
    }
    facts.names.push_back(font.path.stem().string());
    return facts;
}

Dossier dossierOf(const PackageContents& contents, std::size_t font, const std::string& listing)
{
    const auto& entry = contents.entries[font];
    auto evidence = documentsFor(contents, font);
    std::set<std::string> seen;
    for (const auto& face : entry.faces)
        for (auto& text : evidenceIn(face))
            if (seen.insert(text.name + text.text).second)
                evidence.push_back(std::move(text));
    if (!listing.empty())
        evidence.push_back({EvidenceKind::Listing, std::string(told("the catalogue's listing")), listing});
    return judge(evidence, factsOf(contents, entry));
}

RightsOfPath rightsOf(const PackageContents& contents)
{
    RightsOfPath rights{contents.source, {}, {}};
    for (const std::size_t i : contents.fonts()) {
        const auto& entry = contents.entries[i];
        rights.fonts.push_back({entry.name, entry.sha256, dossierOf(contents, i)});
    }
    if (!rights.fonts.empty()) {
        rights.dossier = std::ranges::max_element(rights.fonts, {}, [](const auto& f) {
                             return f.dossier.verdict;
                         })->dossier;
        return rights;
    }
    std::vector<EvidenceText> evidence;
    for (const auto& entry : contents.entries)
        if (entry.role == EntryRole::Document && !entry.text.empty())
            evidence.push_back({EvidenceKind::Document, entry.name, entry.text});
    rights.dossier = judge(evidence, {-1, saysDemo(contents.source.filename().string())});
    return rights;
}

} // namespace ink
