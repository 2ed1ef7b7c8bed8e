#include "core/design/set_words.h"

#include "core/base/told.h"
#include "core/design/job.h"

#include <algorithm>
#include <sstream>
#include <unordered_map>

namespace ink {
namespace {

std::vector<std::string> splitLines(const std::string& words)
{
    std::vector<std::string> lines;
    std::istringstream in(words);
    for (std::string line; std::getline(in, line);) {
        std::erase(line, '\r');
        std::ranges::replace(line, '\t', ' ');
        lines.push_back(line);
    }
    return lines;
}

} // namespace

Result<SetWords> setWords(const FontFace& face, const std::string& words, const ShapeOptions& options,
                          const CancelToken& cancel)
{
    if (auto ok = checkWords(words); !ok)
        return fail(ok.error());
    SetWords set;
    double baseline_fu = 0.0;
    double widest_fu = 0.0;
    for (const auto& text : splitLines(words)) {
        if (cancel.isCancelled())
            return fail(ErrorCode::Cancelled);
        auto shaped = shapeLine(face, text, options);
        if (!shaped)
            return fail(shaped.error());
        for (const char32_t c : shaped->missing)
            if (set.missing.find(c) == std::u32string::npos)
                set.missing += c;
        widest_fu = std::max(widest_fu, shaped->advance_fu);
        set.lines.push_back({std::move(*shaped), 0.0, baseline_fu});
        baseline_fu -= face.lineSpacing_fu();
    }
    std::unordered_map<std::uint32_t, std::shared_ptr<const Paths>> outlines;
    for (std::size_t l = 0; l < set.lines.size(); ++l) {
        auto& line = set.lines[l];
        if (line.shaped.is_right_to_left)
            line.x_fu = widest_fu - line.shaped.advance_fu;
        for (std::size_t g = 0; g < line.shaped.glyphs.size(); ++g) {
            const auto& glyph = line.shaped.glyphs[g];
            auto& paths = outlines[glyph.glyph_id];
            if (!paths)
                paths = std::make_shared<const Paths>(face.glyphOutline(glyph.glyph_id));
            if (paths->empty())
                continue;
            set.glyphs_fu.push_back({paths, {line.x_fu + glyph.x_fu, line.baseline_fu + glyph.y_fu}, 0});
            set.letters.push_back({l, g});
        }
    }
    if (set.glyphs_fu.empty() && !set.missing.empty())
        return fail(ErrorCode::NoGlyphs, face.path().string(), told("it lacks {}", listed(set.missing)));
    if (set.glyphs_fu.empty())
        return fail(ErrorCode::NothingToCut, face.path().string());
    return set;
}

} // namespace ink
