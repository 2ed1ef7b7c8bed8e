#include "shelf/rights_store.h"

#include "core/base/digest.h"
#include "core/base/file_copy.h"
#include "core/base/json_number.h"
#include "core/base/json_text.h"
#include "core/base/told.h"

#include <algorithm>

namespace ink {
namespace {

using Json = nlohmann::json;

constexpr std::size_t kLargestRecord = 4 << 20, kLargestPaper = 64 << 20;

} // namespace

// Found by argument-dependent lookup, so not in the unnamed namespace.
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(RightsDecision, date, words, verdict)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(AttachedPaper, name, sha256, from_whom, for_what, date, text)

void to_json(Json& json, const FlaggedGlyph& glyph)
{
    json = {{"face", glyph.face}, {"glyph_id", glyph.glyph_id}, {"name", glyph.name}};
}

void from_json(const Json& json, FlaggedGlyph& glyph)
{
    glyph = {wholeNumber(json, "face", 0u), wholeNumber(json, "glyph_id", std::uint32_t{0}),
             json.value("name", "")};
}

bool RightsRecord::isOthersMark(unsigned face, std::uint32_t glyph_id) const
{
    return std::ranges::any_of(
        others_marks, [&](const FlaggedGlyph& g) { return g.face == face && g.glyph_id == glyph_id; });
}

std::vector<EvidenceText> evidenceOf(const RightsRecord& record)
{
    std::vector<EvidenceText> evidence;
    for (const auto& paper : record.papers)
        evidence.push_back(
            {EvidenceKind::Permission,
             paper.from_whom.empty() ? paper.name : told("{}, given by {}", paper.name, paper.from_whom),
             paper.for_what.empty() ? paper.text : paper.for_what + "\n\n" + paper.text});
    if (!record.listing.empty())
        evidence.push_back(
            {EvidenceKind::Listing, std::string(told("the catalogue's listing")), record.listing});
    return evidence;
}

std::string rightsRecordText(const RightsRecord& record, const std::string& font_sha256)
{
    const Json json{{"format", "under-ink-rights"},  {"version", 1},
                    {"font_sha256", font_sha256},    {"listing", record.listing},
                    {"sold", record.sold},           {"papers", record.papers},
                    {"decisions", record.decisions}, {"others_marks", record.others_marks}};
    return jsonText(json, 1) + '\n';
}

Result<RightsRecord> rightsRecordFrom(const std::string& text)
{
    const auto json = jsonFrom(text);
    if (!json.is_object())
        return fail(ErrorCode::DocumentDamaged);
    try {
        return RightsRecord{json.value("papers", std::vector<AttachedPaper>{}),
                            json.value("decisions", std::vector<RightsDecision>{}),
                            wholeNumber(json, "sold", 0u), json.value("listing", std::string()),
                            json.value("others_marks", std::vector<FlaggedGlyph>{})};
    } catch (const nlohmann::json::exception&) {
        return fail(ErrorCode::DocumentDamaged);
    }
}

std::filesystem::path RightsStore::paperFile(const AttachedPaper& paper) const
{
    return m_folder / "papers" / (paper.sha256 + std::filesystem::path(paper.name).extension().string());
}

Result<RightsRecord> RightsStore::load(const std::string& font_sha256) const
{
    const auto file = m_folder / (font_sha256 + ".json");
    const auto bytes = readFile(file, kLargestRecord);
    if (!bytes && bytes.error().code == ErrorCode::FileNotFound)
        return RightsRecord{};
    if (!bytes)
        return fail(bytes.error());
    auto record = rightsRecordFrom(*bytes);
    if (!record)
        return fail(ErrorCode::DocumentDamaged, file.string());
    return record;
}

Result<void> RightsStore::save(const std::string& font_sha256, const RightsRecord& record) const
{
    std::error_code problem;
    std::filesystem::create_directories(m_folder, problem);
    return writeFile(m_folder / (font_sha256 + ".json"), [&](std::ostream& out) -> Result<void> {
        out << rightsRecordText(record, font_sha256);
        return {};
    });
}

Result<std::string> RightsStore::keepPaper(const std::filesystem::path& file,
                                           const std::filesystem::path& extension) const
{
    const auto bytes = readFile(file, kLargestPaper);
    if (!bytes)
        return fail(bytes.error());
    const std::string digest = sha256(*bytes);
    std::error_code problem;
    std::filesystem::create_directories(m_folder / "papers", problem);
    const auto target = m_folder / "papers" / (digest + extension.string());
    if (std::filesystem::exists(target, problem))
        return digest;
    const auto written = writeBytes(target, *bytes);
    if (!written)
        return fail(written.error());
    return digest;
}

} // namespace ink
