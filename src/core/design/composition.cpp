#include "core/design/composition.h"

#include <nlohmann/json.hpp>

#include <algorithm>
#include <cmath>
#include <ostream>
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

std::string listed(const std::u32string& characters)
{
    std::string text;
    for (const char32_t c : characters) {
        if (!text.empty())
            text += ' ';
        text += toUtf8(c);
    }
    return text;
}

/// mm per font unit so that the welded shape gets its finished size.
double scaleFor(const FinishedSize& size, const Box& ink_fu, const FontFace& face)
{
    switch (size.by) {
    case SizeBy::Height:
        return size.value_mm / ink_fu.height();
    case SizeBy::Width:
        return size.value_mm / ink_fu.width();
    case SizeBy::CapHeight:
        return size.value_mm / face.capHeight_fu();
    case SizeBy::XHeight:
        return size.value_mm / face.xHeight_fu();
    case SizeBy::Em:
        break;
    }
    return size.value_mm / face.info().units_per_em;
}

double rounded(double value, double step)
{
    return std::round(value / step) * step;
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
        return fail(ErrorCode::NoGlyphs, face.path().string(), "it lacks " + listed(set.missing));
    if (set.glyphs_fu.empty())
        return fail(ErrorCode::NothingToCut, face.path().string());
    return set;
}

Affine placeAt(const Box& ink, double across, double up, bool is_mirrored)
{
    return {is_mirrored ? -across : across,
            0,
            0,
            up,
            is_mirrored ? ink.x1 * across : -ink.x0 * across,
            -ink.y0 * up};
}

Result<Design> finishedDesign(const WeldedShape& welded, const Affine& place, bool is_mirrored,
                              const Finishing& finishing, const CancelToken& cancel)
{
    const Box ink = bounds(welded.welded.outline);
    const double larger_mm = std::max(std::abs(place.a) * ink.width(), place.d * ink.height());
    if (larger_mm > kMaxSize_mm)
        return fail(ErrorCode::SizeOutOfRange, {},
                    "the longer side would be " + std::to_string(std::lround(larger_mm / 1000.0)) + " m");
    Design design;
    design.weld = welded.welded.stats;
    design.em_mm = welded.units_per_em * place.d;
    for (const Point p : welded.welded.crossings)
        design.crossings_mm.push_back(place.map(p));
    auto finished = finish(transformed(welded.welded.outline, place), finishing, design.crossings_mm,
                           design.em_mm, cancel);
    if (!finished)
        return fail(finished.error());
    design.finished = std::move(*finished);
    design.outline_mm = std::move(design.finished.outline_mm);
    for (const auto& glyph : welded.glyphs)
        design.glyphs_mm.push_back(transformed(*glyph.paths, place.after(glyph.at)));
    design.figures_mm = measure(design.outline_mm);
    design.missing = welded.missing;
    design.is_mirrored = is_mirrored;
    if (!design.missing.empty())
        design.warnings.push_back("the font lacks " + listed(design.missing) + "; left out");
    return design;
}

Result<Design> makeDesign(const FontFace& face, const DesignRequest& request)
{
    const auto failFor = [&face](Error error) {
        if (error.subject.empty())
            error.subject = face.path().string();
        return fail(std::move(error));
    };
    if (auto ok = checkSize(request.size); !ok)
        return fail(ok.error());
    if (auto ok = checkFinishing(request.finishing); !ok)
        return fail(ok.error());
    auto set = setWords(face, request.words, request.shaping, request.cancel);
    if (!set)
        return fail(set.error());

    const double units_per_em = face.info().units_per_em;
    for (const std::size_t letter : request.kept_apart)
        if (letter < set->glyphs_fu.size())
            set->glyphs_fu[letter].layer = static_cast<int>(letter) + 1;
    WeldedShape welded;
    auto made = weld(set->glyphs_fu, Unit::ofFont(units_per_em), {request.cancel, request.cache});
    if (!made)
        return failFor(made.error());
    welded.welded = std::move(*made);
    const Box ink_fu = bounds(welded.welded.outline);
    if (ink_fu.width() <= 0.0 || ink_fu.height() <= 0.0)
        return failFor({ErrorCode::NothingToCut, {}, {}});
    welded.glyphs = std::move(set->glyphs_fu);
    welded.missing = set->missing;
    welded.units_per_em = units_per_em;
    const double scale = scaleFor(request.size, ink_fu, face);
    auto design = finishedDesign(welded, placeAt(ink_fu, scale, scale, request.is_mirrored),
                                 request.is_mirrored, request.finishing, request.cancel);
    return design ? std::move(design) : failFor(design.error());
}

void writeReport(std::ostream& out, const Design& design, bool with_method)
{
    const auto& f = design.figures_mm;
    auto missing = nlohmann::ordered_json::array();
    for (const char32_t c : design.missing)
        missing.push_back(toUtf8(c));
    nlohmann::ordered_json json{
        {"pieces", f.pieces},
        {"middles", f.middles},
        {"nodes", f.nodes},
        {"nodes_before", design.weld.nodes_before},
        {"area_mm2", rounded(f.area, 1e-6)},
        {"cut_length_mm", rounded(f.cut_length, 1e-6)},
        {"width_mm", rounded(f.box.width(), 1e-6)},
        {"height_mm", rounded(f.box.height(), 1e-6)},
        {"missing", missing},
        {"warnings", design.warnings},
    };
    if (design.finished.bridges > 0)
        json["bridges"] = design.finished.bridges;
    if (design.finished.nodes_before_reduction > 0)
        json["reduction"] = {{"nodes_before", design.finished.nodes_before_reduction},
                             {"nodes", f.nodes},
                             {"largest_deviation_mm", rounded(design.finished.largest_deviation_mm, 1e-6)}};
    if (with_method) {
        const auto& w = design.weld;
        json["method"] = {{"nodes", f.nodes},
                          {"crossings", design.crossings_mm.size()},
                          {"groups", w.groups},
                          {"repeated_glyphs", w.glyphs_cached},
                          {"absorbed", w.absorbed},
                          {"spikes", w.spikes},
                          {"specks", w.specks},
                          {"fallbacks",
                           {{"tangent_crossings", w.unrefined},
                            {"lost_edges", w.lost_edges},
                            {"finer", w.finer},
                            {"polygonal", w.polygonal}}},
                          {"time_ms",
                           {{"glyphs", rounded(w.glyphs_ms, 1e-3)},
                            {"union", rounded(w.union_ms, 1e-3)},
                            {"curves", rounded(w.curves_ms, 1e-3)},
                            {"check", rounded(w.check_ms, 1e-3)}}}};
    }
    out << json.dump(2) << '\n';
}

} // namespace ink
