#include "standins/catalogue/demo_catalogue.h"

#include "core/base/digest.h"
#include "core/base/file_output.h"
#include "core/base/json_text.h"
#include "core/base/text.h"
#include "core/type/alternates.h"
#include "core/type/key_map.h"
#include "core/type/shape.h"

#include <algorithm>
#include <cctype>
#include <sstream>

namespace ink::standin {
namespace {

constexpr std::size_t kLargestPackage = std::size_t{256} << 20;

bool matches(const Json& listing, const Query& query)
{
    if (!query.kinds.empty()) {
        const auto& kinds = listing.at("kinds");
        const bool has_one = std::ranges::any_of(query.kinds, [&](const std::string& kind) {
            return std::ranges::any_of(kinds, [&](const Json& k) { return k == kind; });
        });
        if (!has_one)
            return false;
    }
    const std::string haystack =
        lowered(listing.at("name").get<std::string>() + " " + listing.at("foundry").get<std::string>() + " " +
                listing.at("description").get<std::string>() + " " + jsonText(listing.at("tags"), kOneLine));
    std::istringstream words(lowered(query.words));
    for (std::string word; words >> word;)
        if (haystack.find(word) == std::string::npos)
            return false;
    return true;
}

double priceOf(const Json& listing)
{
    return std::atof(listing.at("price").get<std::string>().c_str());
}

std::string pathData(const Paths& paths)
{
    static constexpr const char* kCommand[] = {"", "L", "Q", "C"};
    std::ostringstream out;
    out.precision(7);
    for (const auto& contour : paths) {
        const Point start = contour.segments.front().start();
        out << "M" << start.x << " " << -start.y;
        for (const auto& s : contour.segments) {
            out << kCommand[s.degree()];
            for (std::size_t i = 1; i <= s.degree(); ++i)
                out << (i > 1 ? " " : "") << s.p[i].x << " " << -s.p[i].y;
        }
        out << "Z";
    }
    return out.str();
}

} // namespace

Result<DemoCatalogue> DemoCatalogue::open(const std::filesystem::path& folder)
{
    const auto bytes = readFile(folder / "listings.json", kLargestPackage);
    if (!bytes)
        return fail(bytes.error());
    const auto json = orderedJsonFrom(*bytes);
    if (json.is_discarded() || !json.contains("listings"))
        return fail(ErrorCode::DocumentDamaged, (folder / "listings.json").string());
    DemoCatalogue catalogue;
    catalogue.m_folder = folder;
    for (const auto& listing : json["listings"]) {
        catalogue.m_by_id[listing.at("id").get<std::string>()] = catalogue.m_listings.size();
        catalogue.m_listings.push_back(listing);
    }
    return catalogue;
}

void DemoCatalogue::multiplyTo(std::size_t count)
{
    const std::size_t originals = m_listings.size();
    for (std::size_t i = originals; i < count && originals > 0; ++i) {
        Json copy = m_listings[i % originals];
        const std::string number = std::to_string(i / originals + 1);
        const std::string id = copy["id"].get<std::string>() + "-" + number;
        copy["id"] = id;
        copy["name"] = copy["name"].get<std::string>() + " " + number;
        m_by_id[id] = m_listings.size();
        m_listings.push_back(std::move(copy));
    }
}

Json DemoCatalogue::page(const Query& query) const
{
    std::vector<const Json*> found;
    for (const auto& listing : m_listings)
        if (matches(listing, query))
            found.push_back(&listing);
    std::ranges::stable_sort(found, [&](const Json* a, const Json* b) {
        if (query.sort == "name")
            return lowered((*a)["name"].get<std::string>()) < lowered((*b)["name"].get<std::string>());
        if (query.sort == "price")
            return priceOf(*a) < priceOf(*b);
        if (query.sort == "date")
            return (*a)["published"] > (*b)["published"];
        return (*a)["popularity"] > (*b)["popularity"];
    });
    auto shown = Json::array();
    for (std::size_t i = query.page * query.per_page;
         i < std::min(found.size(), (query.page + 1) * query.per_page); ++i)
        shown.push_back(*found[i]);
    return {{"total", found.size()}, {"page", query.page}, {"per_page", query.per_page}, {"listings", shown}};
}

const Json* DemoCatalogue::listing(const std::string& id) const
{
    const auto it = m_by_id.find(id);
    return it == m_by_id.end() ? nullptr : &m_listings[it->second];
}

const DemoCatalogue::Package* DemoCatalogue::package(const std::string& name)
{
    if (const auto it = m_packages.find(name); it != m_packages.end())
        return &it->second;
    if (name.find('/') != std::string::npos)
        return nullptr;
    auto bytes = readFile(m_folder / "packages" / name, kLargestPackage);
    if (!bytes)
        return nullptr;
    std::string digest = sha256(*bytes);
    return &(m_packages[name] = {std::move(*bytes), std::move(digest)});
}

Result<const PackageContents*> DemoCatalogue::contents(const std::string& package)
{
    if (const auto it = m_contents.find(package); it != m_contents.end())
        return &it->second;
    auto contents = inspectPackage(m_folder / "packages" / package);
    if (!contents)
        return fail(contents.error());
    return &(m_contents[package] = std::move(*contents));
}

Result<std::shared_ptr<const FontFace>> DemoCatalogue::face(const Json& listing, const std::string& style)
{
    const std::string package = listing.at("package");
    for (const auto& font : listing.at("fonts")) {
        if (!style.empty() && font.at("style") != style)
            continue;
        const std::string file = font.at("file");
        auto& kept = m_faces[package + "\n" + file];
        if (kept)
            return kept;
        const auto held = contents(package);
        if (!held)
            return fail(held.error());
        const auto entry = std::ranges::find((*held)->entries, file, &PackageEntry::name);
        if (entry == (*held)->entries.end() || entry->role != EntryRole::Font)
            return fail(ErrorCode::NoSuchFace, file);
        auto opened = FontFace::open(entry->staged);
        if (!opened)
            return fail(opened.error());
        return kept = std::move(*opened);
    }
    return fail(ErrorCode::NoSuchFace, style);
}

Result<Json> outlinesOf(const FontFace& face, const std::string& text, const std::string& features)
{
    const AlternateTable alternates(face);
    auto lines = Json::array(), missing = Json::array();
    std::u32string lacking;
    std::istringstream in(text);
    for (std::string words; std::getline(in, words);) {
        const auto line = shapeLine(face, words, {features, 0.0});
        if (!line)
            return fail(line.error());
        auto glyphs = Json::array();
        for (const auto& g : line->glyphs) {
            auto forms = Json::array();
            for (const auto& form : alternates.of(face, g.glyph_id))
                forms.push_back({{"feature", form.feature},
                                 {"value", form.value},
                                 {"name", form.glyph_name},
                                 {"swash", form.is_swash}});
            glyphs.push_back({{"path", pathData(face.glyphOutline(g.glyph_id))},
                              {"x", g.x_fu},
                              {"y", -g.y_fu},
                              {"advance", g.advance_fu},
                              {"letter", g.cluster},
                              {"alternates", forms}});
        }
        for (const char32_t c : line->missing)
            if (lacking.find(c) == std::u32string::npos)
                lacking += c;
        lines.push_back(
            {{"advance", line->advance_fu}, {"right_to_left", line->is_right_to_left}, {"glyphs", glyphs}});
    }
    for (const char32_t c : lacking)
        missing.push_back(toUtf8(c));
    return Json{{"units_per_em", face.info().units_per_em},
                {"line_spacing", face.lineSpacing_fu()},
                {"lines", lines},
                {"missing", missing}};
}

Json keyMapJson(const FontFace& face)
{
    const KeyMap map = keyMapOf(face);
    const auto listed = [&](const std::vector<MappedGlyph>& glyphs) {
        auto list = Json::array();
        for (const auto& g : glyphs)
            list.push_back({{"key", g.character == 0 ? std::string() : keyName(g.character)},
                            {"character", static_cast<unsigned>(g.character)},
                            {"name", g.name},
                            {"advance", face.advance_fu(g.glyph_id)},
                            {"path", pathData(face.glyphOutline(g.glyph_id))}});
        return list;
    };
    auto hidden = Json::array();
    for (const auto& g : map.private_only)
        hidden.push_back(static_cast<unsigned>(g.character));
    return {{"units_per_em", face.info().units_per_em},
            {"keys", listed(map.characters)},
            {"without_key", listed(map.without_key)},
            {"private_use_only", hidden}};
}

} // namespace ink::standin
