// The demo catalogue behind the stand-in: listings from a file, packages from a folder.
#pragma once

#include "core/intake/package.h"
#include "core/type/font_face.h"

#include <nlohmann/json.hpp>

#include <filesystem>
#include <map>
#include <memory>
#include <string>
#include <vector>

namespace ink::standin {

using Json = nlohmann::ordered_json;

struct Query
{
    std::string words;
    std::vector<std::string> kinds;
    /// "popularity", "name", "price" or "date".
    std::string sort = "popularity";
    std::size_t page = 0;
    std::size_t per_page = 50;
};

class DemoCatalogue
{
public:
    /// `folder` holds listings.json and packages/.
    /// Errors: FileNotFound, FileUnreadable, DocumentDamaged.
    static Result<DemoCatalogue> open(const std::filesystem::path& folder);

    /// Repeats the listings until there are `count`, each under a name of its own.
    void multiplyTo(std::size_t count);

    /// {"total", "page", "listings": […]}.
    Json page(const Query& query) const;
    /// Null when there is none.
    const Json* listing(const std::string& id) const;

    /// Bytes and digest of a package, read once. Null when there is none of that name.
    struct Package
    {
        std::string bytes;
        std::string sha256;
    };
    const Package* package(const std::string& name);
    /// What `package` holds.
    /// Errors: those of inspectPackage.
    Result<const PackageContents*> contents(const std::string& package);
    /// A style's font; the first when `style` is empty.
    /// Errors: NoSuchFace, those of inspectPackage and FontFace::open.
    Result<std::shared_ptr<const FontFace>> face(const Json& listing, const std::string& style);

private:
    std::filesystem::path m_folder;
    std::vector<Json> m_listings;
    std::map<std::string, std::size_t> m_by_id;
    std::map<std::string, Package> m_packages;
    std::map<std::string, PackageContents> m_contents;
    std::map<std::string, std::shared_ptr<const FontFace>> m_faces;
};

/// The text set in the font: path data (SVG 1.1 path syntax, y down, font units), places, missing characters,
/// and other forms on offer for each letter.
/// Errors: those of shapeLine.
Result<Json> outlinesOf(const FontFace& face, const std::string& text, const std::string& features);
/// Which glyph sits on which key, with path data.
Json keyMapJson(const FontFace& face);

} // namespace ink::standin
