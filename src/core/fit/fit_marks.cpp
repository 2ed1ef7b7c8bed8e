#include "core/fit/fit_marks.h"

#include "core/geometry/measure.h"
#include "core/geometry/nesting.h"
#include "core/geometry/weld.h"
#include "core/type/key_map.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

namespace ink {
namespace {

constexpr double kInkTolerance_u = 0.25;

/// Strokes and gaps, in the unit of the outline.
Result<void> measureShape(const Outline& outline, Unit unit, FitMarks& marks, const CancelToken& cancel)
{
    const auto graph = axisGraph(outline, unit, cancel);
    if (!graph)
        return fail(graph.error());
    const auto axis = medialAxisOf(*graph, outline, unit);
    marks.thinnest_stroke = axis.thinnest_stroke;
    marks.narrowest_gap = axis.narrowest_gap;
    const InkTest ink(outline, kInkTolerance_u * unit.u);
    const auto branches = branchesOf(*graph, ink);
    MeasuredSteps measured(outline, unit);
    auto strokes = widthSteps(branches, true, measured, cancel),
         gaps = widthSteps(branches, false, measured, cancel);
    if (!strokes || !gaps)
        return fail((!strokes ? strokes : gaps).error());
    marks.stroke_steps = std::move(*strokes);
    marks.gap_steps = std::move(*gaps);
    const auto touching = touchingPoints(toPaths(outline));
    marks.touching = touching.empty() ? std::nullopt : std::optional(touching.front().at);
    return {};
}

std::vector<LetterWithForms> formsOf(const FontFace& face, const std::string& words, const SetWords& set)
{
    const AlternateTable table(face);
    std::vector<std::string> lines{{}};
    for (const char c : words)
        c == '\n' ? void(lines.emplace_back())
                  : void(lines.back() += c == '\r' ? std::string() : std::string(1, c));
    std::vector<LetterWithForms> out;
    for (const auto& letter : set.letters) {
        const auto& shaped = set.lines[letter.line].shaped;
        const auto& glyph = shaped.glyphs[letter.glyph];
        auto forms = table.of(face, glyph.glyph_id);
        if (forms.empty())
            continue;
        // The letters of this glyph reach to the next cluster.
        const std::string& line = lines[std::min(letter.line, lines.size() - 1)];
        std::size_t end = line.size();
        for (const auto& other : shaped.glyphs)
            if (other.cluster > glyph.cluster)
                end = std::min<std::size_t>(end, other.cluster);
        out.push_back({letter,
                       line.substr(std::min<std::size_t>(glyph.cluster, line.size()), end - glyph.cluster),
                       glyph.cluster,
                       {},
                       std::move(forms)});
    }
    return out;
}

AxisPlace mapped(const AxisPlace& place, const Affine& by, double scale)
{
    return {place.width * scale, by.map(place.centre), by.map(place.a), by.map(place.b)};
}

Holds worseOf(Holds a, Holds b)
{
    return std::max(a, b);
}

} // namespace

bool FitMarks::hasSwash() const
{
    return std::ranges::any_of(alternates, [](const LetterWithForms& letter) {
        return std::ranges::any_of(letter.forms, &Alternate::is_swash);
    });
}

FaceTraits traitsOf(const FontFace& face, const std::shared_ptr<WeldCache>& welds)
{
    FaceTraits traits;
    traits.joins = sampleJoins(face, welds);
    traits.kind = kindOf(kindFactsOf(face, traits.joins));
    for (const auto& mapped : keyMapOf(face).private_only)
        traits.private_only += mapped.character;
    return traits;
}

Result<void> markOutline(const Outline& outline, Unit unit, FitMarks& marks, const CancelToken& cancel)
{
    if (auto measured = measureShape(outline, unit, marks, cancel); !measured)
        return measured;
    const auto parts = partsOf(outline);
    const auto smallestOf = [](const std::vector<PartSize>& sizes) -> std::optional<SmallPiece> {
        const auto least = std::ranges::min_element(sizes, {}, &PartSize::area);
        return least == sizes.end() ? std::nullopt : std::optional(SmallPiece{least->area, least->at});
    };
    marks.pieces = parts.figures.pieces;
    marks.nodes = parts.figures.nodes;
    marks.sharp_points = parts.points;
    marks.middles.clear();
    for (const auto& middle : parts.middles)
        marks.middles.push_back(middle.at);
    marks.smallest_piece = smallestOf(parts.pieces);
    marks.smallest_middle = smallestOf(parts.middles);
    return {};
}

Result<FitShape> fitShapeOf(const SetWords& set, double units_per_em, std::vector<LetterWithForms> alternates,
                            const FaceTraits& traits, const CancelToken& cancel,
                            const std::shared_ptr<WeldCache>& welds)
{
    FitShape shape;
    shape.units_per_em = units_per_em;
    const Unit unit = Unit::ofFont(units_per_em);
    auto welded = weld(set.glyphs_fu, unit, {cancel, welds});
    if (!welded)
        return fail(welded.error());
    auto pairs = letterPairs(set, unit, {cancel, welds});
    if (!pairs)
        return fail(pairs.error());
    shape.outline_fu = std::move(welded->outline);
    shape.ink_fu = bounds(shape.outline_fu);
    if (shape.ink_fu.width() <= 0.0 || shape.ink_fu.height() <= 0.0)
        return fail(ErrorCode::NothingToCut);

    FitMarks& marks = shape.marks_fu;
    if (auto measured = markOutline(shape.outline_fu, unit, marks, cancel); !measured)
        return fail(measured.error());
    marks.pairs = std::move(*pairs);
    marks.joins = static_cast<std::size_t>(std::ranges::count_if(marks.pairs, &LetterPair::joins));
    marks.missing = set.missing;
    marks.alternates = std::move(alternates);
    for (std::size_t i = 0; i < set.letters.size(); ++i) {
        const auto& [line, glyph] = set.letters[i];
        const Box box = bounds(*set.glyphs_fu[i].paths);
        marks.letters.push_back({set.lines[line].shaped.glyphs[glyph].glyph_id,
                                 set.glyphs_fu[i].at + Point{(box.x0 + box.x1) / 2, (box.y0 + box.y1) / 2}});
        for (auto& letter : marks.alternates)
            if (letter.letter.line == line && letter.letter.glyph == glyph)
                letter.at = marks.letters.back().at;
    }
    marks.traits = traits;
    return shape;
}

Result<FitShape> fitShape(const FontFace& face, const std::string& words, const ShapeOptions& shaping,
                          const FaceTraits* traits, const CancelToken& cancel,
                          const std::shared_ptr<WeldCache>& welds)
{
    const auto set = setWords(face, words, shaping, cancel);
    if (!set)
        return fail(set.error());
    auto shape = fitShapeOf(*set, face.info().units_per_em, formsOf(face, words, *set),
                            traits ? *traits : traitsOf(face, welds), cancel, welds);
    if (!shape && shape.error().subject.empty())
        return fail(shape.error().code, face.path().string(), shape.error().detail);
    if (shape) {
        shape->cap_height_em = face.capHeight_fu() / face.info().units_per_em;
        shape->x_height_em = face.xHeight_fu() / face.info().units_per_em;
    }
    return shape;
}

ShapeScale scaleOf(const FitShape& shape, const FinishedSize& size)
{
    const auto even = [](double scale) { return ShapeScale{scale, scale}; };
    switch (size.by) {
    case SizeBy::Height: {
        const double up = size.value_mm / shape.ink_fu.height();
        return {size.other_mm ? *size.other_mm / shape.ink_fu.width() : up, up};
    }
    case SizeBy::Width: {
        const double across = size.value_mm / shape.ink_fu.width();
        return {across, size.other_mm ? *size.other_mm / shape.ink_fu.height() : across};
    }
    case SizeBy::CapHeight:
        return even(size.value_mm / (shape.cap_height_em * shape.units_per_em));
    case SizeBy::XHeight:
        return even(size.value_mm / (shape.x_height_em * shape.units_per_em));
    case SizeBy::Em:
        break;
    }
    return even(size.value_mm / shape.units_per_em);
}

Result<FitMarks> marksAt(const FitShape& shape, const FinishedSize& size, const CancelToken& cancel)
{
    if (auto ok = checkSize(size); !ok)
        return fail(ok.error());
    const auto [across, up] = scaleOf(shape, size);
    const Affine by{across, 0, 0, up, -shape.ink_fu.x0 * across, -shape.ink_fu.y0 * up};
    FitMarks marks = shape.marks_fu;
    if (across == up) {
        for (auto* place : {&marks.thinnest_stroke, &marks.narrowest_gap})
            if (*place)
                **place = mapped(**place, by, across);
        for (auto* steps : {&marks.stroke_steps, &marks.gap_steps}) {
            for (auto& step : steps->steps) {
                step.from *= across;
                for (auto* place : {&step.run, &step.point})
                    if (*place)
                        **place = mapped(**place, by, across);
            }
        }
        for (auto& point : marks.sharp_points)
            point.at = by.map(point.at);
        if (marks.touching)
            marks.touching = by.map(*marks.touching);
    } else {
        const Outline stretched = transformed(shape.outline_fu, by);
        if (auto measured =
                measureShape(stretched, Unit::ofEm(shape.units_per_em * std::min(across, up)), marks, cancel);
            !measured)
            return fail(measured.error());
        marks.sharp_points = partsOf(stretched).points;
    }
    for (auto& pair : marks.pairs)
        pair.between = by.map(pair.between);
    for (auto& letter : marks.letters)
        letter.at = by.map(letter.at);
    for (auto& letter : marks.alternates)
        letter.at = by.map(letter.at);
    for (auto& middle : marks.middles)
        middle = by.map(middle);
    for (auto* smallest : {&marks.smallest_piece, &marks.smallest_middle})
        if (*smallest)
            *smallest = SmallPiece{(*smallest)->area * across * up, by.map((*smallest)->at)};
    return marks;
}

namespace {

/// `narrowest` is the narrowest place that is no point, found or not; from `comfortable` on no care is needed, below `floor` it fails.
std::optional<WidthMark> widthMark(const std::optional<AxisPlace>& narrowest, const WidthSteps& steps,
                                   double comfortable, double floor)
{
    const double wanted = comfortable * (1.0 - kMendedShare);
    if (const auto* found = steps.foundFor(wanted)) {
        if (found->run)
            return WidthMark{found->run->width < floor ? Holds::Not : Holds::Barely, *found->run, false};
        return WidthMark{Holds::Barely, *found->point, true};
    }
    if (narrowest && narrowest->width >= wanted)
        return WidthMark{Holds::Well, *narrowest, false};
    // A place that is narrower, but too short to matter: how wide a tool would have to be to find one.
    const auto next = std::ranges::find_if(
        steps.steps, [&](const WidthStep& step) { return step.from > wanted && step.run; });
    if (next != steps.steps.end()) {
        AxisPlace place = *next->run;
        place.width = next->from;
        return WidthMark{Holds::Well, place, false};
    }
    return std::nullopt;
}

} // namespace

std::optional<WidthMark> strokeMark(const FitMarks& marks, const ProcessLimits& limits, Process process)
{
    if (const auto& at = marks.touching; at && process != Process::Stencil && limits.stroke_floor_mm > 0.0)
        return WidthMark{Holds::Not, {0.0, *at, *at, *at}, false};
    return widthMark(marks.thinnest_stroke, marks.stroke_steps, limits.stroke_comfortable_mm,
                     limits.stroke_floor_mm);
}

std::optional<WidthMark> gapMark(const FitMarks& marks, const ProcessLimits& limits)
{
    return widthMark(marks.narrowest_gap, marks.gap_steps, limits.gap_mm, limits.gap_mm);
}

Holds holdsStroke(const FitMarks& marks, const ProcessLimits& limits, Process process)
{
    const auto mark = strokeMark(marks, limits, process);
    return mark ? mark->holds : Holds::Well;
}

Holds holdsGap(const FitMarks& marks, const ProcessLimits& limits)
{
    const auto mark = gapMark(marks, limits);
    return mark ? mark->holds : Holds::Well;
}

Holds holdsPieces(const FitMarks& marks, const ProcessLimits& limits)
{
    return !marks.smallest_piece || marks.smallest_piece->area >= limits.smallest_piece_mm2 ? Holds::Well
                                                                                            : Holds::Not;
}

Holds holdsMiddles(const FitMarks& marks, const ProcessLimits& limits)
{
    return !marks.smallest_middle || marks.smallest_middle->area >= limits.smallest_middle_mm2 ? Holds::Well
                                                                                               : Holds::Not;
}

Holds holds(const FitMarks& marks, const ProcessLimits& limits, Process process)
{
    return worseOf(worseOf(holdsStroke(marks, limits, process), holdsGap(marks, limits)),
                   worseOf(holdsPieces(marks, limits), holdsMiddles(marks, limits)));
}

std::string_view idOf(Holds holds)
{
    static constexpr std::array kIds{"well", "barely", "not"};
    return kIds[static_cast<std::size_t>(holds)];
}

} // namespace ink
