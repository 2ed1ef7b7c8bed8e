#include "core/intake/font_check.h"

#include "core/base/told.h"
#include "core/intake/content_kind.h"
#include "core/intake/run_program.h"

#include <algorithm>
#include <array>
#include <cstdint>
#include <fstream>
#include <vector>

namespace ink {
namespace {

constexpr auto kPatience = std::chrono::seconds(30);
constexpr std::size_t kMostWords = 1 << 20, kMostTables = 512;

struct Table
{
    std::string tag;
    std::uint64_t end = 0;
};

/// Empty for what is no plain font (collections, WOFF).
std::vector<Table> tablesOf(const std::string& head)
{
    const auto u32 = [&](std::size_t at) {
        std::uint64_t value = 0;
        for (std::size_t i = 0; i < 4; ++i)
            value = value << 8 | static_cast<unsigned char>(head[at + i]);
        return value;
    };
    std::vector<Table> tables;
    if (head.size() < 12)
        return tables;
    for (std::size_t i = 0;
         i < std::min<std::size_t>(u32(4) >> 16, kMostTables) && 28 + 16 * i <= head.size(); ++i)
        tables.push_back({head.substr(12 + 16 * i, 4), u32(12 + 16 * i + 8) + u32(12 + 16 * i + 12)});
    return tables;
}

bool hasOneOf(const std::vector<Table>& tables, std::initializer_list<std::string_view> tags)
{
    return std::ranges::any_of(tables,
                               [&](const Table& t) { return std::ranges::find(tags, t.tag) != tags.end(); });
}

/// "ERROR: GDEF: invalid table offset" and more: the first complaint, without its mark.
std::string firstComplaint(const std::string& said)
{
    const auto at = said.find("ERROR: ");
    const auto begin = at == std::string::npos ? 0 : at + 7;
    std::string line = said.substr(begin, said.find('\n', begin) - begin);
    return line.empty() ? std::string(told("it gave no reason")) : line;
}

} // namespace

Result<void> checkFontFile(const std::filesystem::path& path)
{
    const auto checked = detail::runProgram({"ots-sanitize", path.string()}, kPatience, kMostWords);
    if (!checked && checked.error().detail == "it took too long")
        return fail(ErrorCode::FontUnsafe, path.string(), "the check did not come to an end");
    if (!checked)
        return fail(checked.error());
    if (checked->status == 0)
        return {};
    const auto tables = tablesOf(firstBytes(path, 12 + 16 * kMostTables));
    std::error_code problem;
    const auto size = std::filesystem::file_size(path, problem);
    if (!problem && std::ranges::any_of(tables, [&](const Table& t) { return t.end > size; }))
        return fail(ErrorCode::FontTruncated, path.string());
    if (!hasOneOf(tables, {"glyf", "CFF ", "CFF2"})) {
        if (hasOneOf(tables, {"CBDT", "sbix", "SVG "}))
            return fail(ErrorCode::FontColourOnly, path.string());
        if (hasOneOf(tables, {"EBDT", "bdat"}))
            return fail(ErrorCode::FontWithoutOutlines, path.string());
    }
    return fail(ErrorCode::FontUnsafe, path.string(), firstComplaint(checked->err + checked->out));
}

Result<void> checkIfFont(const std::filesystem::path& path)
{
    const ContentKind kind = contentKindOf(firstBytes(path, 64), path.string());
    return isFont(kind) ? checkFontFile(path) : Result<void>{};
}

} // namespace ink
