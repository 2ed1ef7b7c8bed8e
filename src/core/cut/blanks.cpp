#include "core/cut/blanks.h"

#include "core/base/file_output.h"
#include "core/base/json_text.h"

#include <ostream>

namespace ink {
namespace {

constexpr std::size_t kMostBytes = 1 << 20;

} // namespace

std::vector<Blank> shippedBlanks()
{
    return {{"a square to try on", 100, 100}, {"a tote bag", 380, 420},    {"an apron", 700, 850},
            {"a tea towel", 500, 700},        {"a cushion", 400, 400},     {"a mug, unrolled", 230, 90},
            {"a wooden board", 300, 200},     {"a card, folded", 105, 148}};
}

std::vector<Blank> shippedHoops()
{
    return {{"100 × 100 mm", 100, 100},
            {"130 × 180 mm", 130, 180},
            {"160 × 260 mm", 160, 260},
            {"200 × 300 mm", 200, 300},
            {"a cap's front, 130 × 60 mm", 130, 60}};
}

Result<std::vector<Blank>> readBlanks(const std::filesystem::path& file)
{
    std::error_code error;
    if (!std::filesystem::exists(file, error))
        return std::vector<Blank>();
    const auto bytes = readFile(file, kMostBytes);
    if (!bytes)
        return fail(bytes.error());
    const auto document = jsonFrom(*bytes);
    if (!document.is_object())
        return fail(ErrorCode::DocumentDamaged, file.string());
    std::vector<Blank> out;
    try {
        for (const auto& json : document.at("blanks")) {
            PatternSettings s;
            s.blank =
                Blank{json.value("name", ""), json.value("width_mm", 0.0), json.value("height_mm", 0.0)};
            if (const auto kept = sensible(s).blank; kept && out.size() < kMostBlanks)
                out.push_back(*kept);
        }
    } catch (const nlohmann::json::exception& problem) {
        return fail(ErrorCode::DocumentDamaged, file.string(), problem.what());
    }
    return out;
}

Result<void> writeBlanks(const std::filesystem::path& file, const std::vector<Blank>& blanks)
{
    auto json = nlohmann::ordered_json::array();
    for (const auto& blank : blanks)
        json.push_back({{"name", blank.name}, {"width_mm", blank.width_mm}, {"height_mm", blank.height_mm}});
    return writeFile(file.string(), [&](std::ostream& out) -> Result<void> {
        out << jsonText(nlohmann::ordered_json{{"blanks", json}}, 2) << '\n';
        return {};
    });
}

} // namespace ink
