// The rights of the fonts in a package: which evidence speaks of which font.
#pragma once

#include "core/intake/package.h"
#include "core/rights/dossier.h"

#include <iosfwd>
#include <string>
#include <vector>

namespace ink {

/// What the font's own name table says: IDs 13, 14, 0, 7, 10.
/// Source: OpenType 1.9, `name`.
std::vector<EvidenceText> evidenceIn(const FaceInfo& face);

/// The documents that speak of the entry `font`: those of its own folder and the folders above it, and those
/// of folders that hold no fonts themselves. A folder with fonts of its own keeps its documents to itself.
std::vector<EvidenceText> documentsFor(const PackageContents& contents, std::size_t font);

/// A document that is called a receipt or an invoice: evidence of a licence that was bought.
bool isReceipt(const PackageEntry& document);

/// What is known of a font besides texts. `source` is the package or folder it comes from.
FontFacts factsOf(const PackageContents& contents, const PackageEntry& font);

/// True for a font or package that calls itself a demo or a trial.
bool isDemo(const PackageContents& contents, const PackageEntry& font);

/// The dossier of one font of the package. `listing` is what the catalogue said, empty when nothing did.
Dossier dossierOf(const PackageContents& contents, std::size_t font, const std::string& listing = {});

/// The dossier of a whole path as `uink rights` tells it: the worst of its fonts, or what a single document
/// says.
struct RightsOfPath
{
    std::filesystem::path path;
    Dossier dossier;
    struct OfFont
    {
        std::string name;
        std::string sha256;
        Dossier dossier;
    };
    std::vector<OfFont> fonts;
};

RightsOfPath rightsOf(const PackageContents& contents);

/// docs/formats/rights-report.md: a JSON array, one object for each path.
void writeRightsReport(std::ostream& out, const std::vector<RightsOfPath>& rights);
/// docs/formats/package-report.md: one JSON object.
void writePackageReport(std::ostream& out, const PackageContents& contents, const Taken* taken);

} // namespace ink
