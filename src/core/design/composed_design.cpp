#include "core/design/composed_design.h"

#include "core/base/told.h"
#include "core/design/along_shape.h"
#include "core/design/design_proof.h"
#include "core/design/drawings.h"
#include "core/design/placed_glyphs.h"
#include "core/design/try_on.h"
#include "core/geometry/nesting.h"
#include "core/geometry/weld_cache.h"

#include <cmath>
#include <map>

namespace ink {
namespace {

/// Size and close-up agree after this many rounds to far below a thousandth of a millimetre.
constexpr int kRounds = 8;
constexpr double kAgreed = 1e-7;

/// mm for one u, across and up, when the inked shape is as large as `ink`.
struct Scale
{
    double across = 0.0, up = 0.0;
    /// Of the size that was asked for.
    double made_smaller = 1.0;
    double closed_up_mm = 0.0;
};

Result<Scale> askedScale(const Job& job, const FindLetters& letters, const Box& ink)
{
    const auto alike = [](double scale) { return Scale{scale, scale}; };
    const auto& size = job.size;
    switch (size.by) {
    case SizeBy::Height: {
        const double up = size.value_mm / ink.height();
        return Scale{size.other_mm ? *size.other_mm / ink.width() : up, up};
    }
    case SizeBy::Width: {
        const double across = size.value_mm / ink.width();
        return Scale{across, size.other_mm ? *size.other_mm / ink.height() : across};
    }
    case SizeBy::Em:
        break;
    case SizeBy::CapHeight:
    case SizeBy::XHeight: {
        const auto source = letters(job.font);
        if (!source)
            return fail(source.error());
        const double height_fu =
            job.size.by == SizeBy::CapHeight ? (*source)->capHeight_fu() : (*source)->xHeight_fu();
        return alike(size.value_mm / (height_fu / (*source)->unitsPerEm() * kU_per_em));
    }
    }
    return alike(size.value_mm / kU_per_em);
}

/// Words too wide for the widest width are made smaller, but not beyond what can be taken for the same size.
Result<Scale> scaleOf(const Job& job, const FindLetters& letters, const Box& ink)
{
    auto scale = askedScale(job, letters, ink);
    const double widest_mm = job.size.widest_mm, width_mm = scale ? scale->across * ink.width() : 0.0;
    if (scale && widest_mm > 0.0 && width_mm > widest_mm) {
        const double share = std::max(kLeastShare, widest_mm / width_mm);
        scale = Scale{scale->across * share, scale->up * share, share};
    }
    return scale;
}

/// No more is taken from the space between letters than this, nor more than this share of the narrowest: they stay as far from
/// touching as they look (common practice, no source).
constexpr double kMostTighter_u = 60.0, kMostTighterShare = 0.5;

/// How much nearer the letters of words that are too wide may stand: nothing where letters join, or were closed up already.
double tighterFor(const Job& job, const Setting& setting, double width_u, double widest_u)
{
    if (job.lettering.close_up.depth_mm || widest_u <= 0.0 || width_u <= widest_u)
        return 0.0;
    for (const auto& block : setting.blocks)
        if (block.shape.kind != ShapeKind::None)
            return 0.0;
    double narrowest_u = kMostTighter_u / kMostTighterShare;
    for (const auto& pair : setting.pairs) {
        if (pair.state == ClosePair::State::NoCommonHeight)
            continue;
        if (pair.gap <= 0.0)
            return 0.0;
        narrowest_u = std::min(narrowest_u, pair.gap);
    }
    std::map<std::size_t, std::size_t> letters;
    std::size_t most = 0;
    for (const auto& letter : setting.letters)
        most = std::max(most, ++letters[letter.line]);
    return most < 2 ? 0.0
                    : std::min(kMostTighterShare * narrowest_u, (width_u - widest_u) / double(most - 1));
}

/// Sets the words until the size that the close-up was made for is the size they come to.
Result<std::pair<Setting, Scale>> setToSize(const Job& job, const FindLetters& letters,
                                            const ComposeOptions& options)
{
    double mm_per_u = 0.0, tighter_u = 0.0;
    for (int round = 0;; ++round) {
        auto setting = setLettering(job, letters, {mm_per_u, options.cancel, options.settings, tighter_u});
        if (!setting)
            return fail(setting.error());
        if (setting->ink.width() <= 0.0 || setting->ink.height() <= 0.0)
            return fail(ErrorCode::NothingToCut, job.font.path);
        auto next = scaleOf(job, letters, setting->ink);
        if (!next)
            return fail(next.error());
        if (next->made_smaller < 1.0 && tighter_u == 0.0) {
            const double asked = next->across / next->made_smaller;
            tighter_u = tighterFor(job, *setting, setting->ink.width(), job.size.widest_mm / asked);
            if (tighter_u > 0.0)
                continue;
        }
        next->closed_up_mm = tighter_u * next->across;
        const bool needs_size = job.lettering.close_up.depth_mm.has_value();
        const bool is_agreed = mm_per_u > 0.0 && std::abs(next->across - mm_per_u) <= kAgreed * mm_per_u;
        mm_per_u = next->across; // letters close up across
        if (!needs_size || is_agreed || round >= kRounds)
            return std::pair(std::move(*setting), *next);
    }
}

/// The words as their list dresses them: afresh for each name. Nothing where the job is dressed by hand only.
Result<std::optional<Job>> dressedForList(const Job& job, const FindLetters& letters,
                                          const ComposeOptions& options)
{
    if (!job.names.is_dressed_quietly)
        return std::optional<Job>();
    const auto source = letters(job.font);
    detail::Drawings drawings(options.settings);
    const auto forms = source ? drawings.forms(*source) : nullptr;
    if (!forms)
        return std::optional<Job>();
    const auto set = setToSize(job, letters, options);
    if (!set)
        return fail(set.error());
    TryOnRequest request;
    request.job = job;
    request.letters = letters;
    request.forms = forms;
    request.mm_per_u = {set->second.across, set->second.up};
    request.strokes = drawings.strokes();
    request.settings = options.settings;
    request.cancel = options.cancel;
    auto dressed = dressedQuietly(request);
    if (!dressed)
        return fail(dressed.error());
    return std::optional(std::move(*dressed));
}

/// Brings the lower left corner of `ink` to the origin; `across` and `up` are mm for a unit.
Affine placeAt(const Box& ink, double across, double up, bool is_mirrored)
{
    return {is_mirrored ? -across : across,
            0,
            0,
            up,
            is_mirrored ? ink.x1 * across : -ink.x0 * across,
            -ink.y0 * up};
}

/// With the finishing and the mendings of the job.
Result<Finished> finishedAs(const Job& job, const ComposedDesign& composed, const Outline& welded_mm,
                            const CancelToken& cancel)
{
    std::vector<PlacedMending> mendings;
    MendingRequest request;
    request.is_stencil = job.process == Process::Stencil;
    if (!job.lettering.mendings.empty()) { // whose letters are only looked for then
        mendings = placedMendings(composed, job);
        request = mendingRequest(composed, job, cancel);
    }
    return finish(welded_mm, job.finishing, composed.design.em_mm, mendings, request, cancel);
}

/// The welded words at their finished size, and what is done to them there.
Result<void> finishInto(ComposedDesign& composed, Welded welded, const Job& job, const CancelToken& cancel)
{
    const Affine& place = composed.to_mm;
    const Box ink = bounds(welded.outline);
    const double larger_mm = std::max(std::abs(place.a) * ink.width(), place.d * ink.height());
    if (larger_mm > kMaxSize_mm)
        return fail(ErrorCode::SizeOutOfRange, {},
                    told("the longer side would be {} m", std::lround(larger_mm / 1000.0)));
    Design& design = composed.design;
    design.em_mm = kU_per_em * std::min(std::abs(place.a), place.d); // tolerances follow the smaller side
    for (const Point p : welded.crossings)
        design.crossings_mm.push_back(place.map(p));
    auto finished = finishedAs(job, composed, transformed(welded.outline, place), cancel);
    if (!finished)
        return fail(finished.error());
    tellCharacters(finished->mended, composed.setting);
    design.weld = welded.stats;
    design.finished = std::move(*finished);
    design.outline_mm = std::move(design.finished.outline_mm);
    design.figures_mm = measure(design.outline_mm);
    design.missing = composed.setting.missing;
    design.is_mirrored = job.is_mirrored;
    if (!design.finished.is_reduced_everywhere)
        design.warnings.emplace_back(
            told("some nodes stayed: without them the outline would have crossed itself"));
    if (!design.missing.empty())
        design.warnings.push_back(told("the font lacks {}; left out", listed(design.missing)));
    return {};
}

/// Everything by how it is made; mendings at a place go to what their letter belongs to.
Result<std::vector<DesignPart>> partsOf(const ComposedDesign& composed,
                                        const std::vector<PlacedPaths>& glyphs, Unit unit, const Job& job,
                                        const ComposeOptions& options)
{
    const auto others = handlingsOf(job.lettering);
    std::vector<DesignPart> parts;
    std::vector<Handling> handlings{Handling()};
    handlings.insert(handlings.end(), others.begin(), others.end());
    for (const auto& handling : handlings) {
        std::vector<PlacedPaths> alike;
        std::ranges::copy_if(glyphs, std::back_inserter(alike), [&](const PlacedPaths& glyph) {
            return handlingOf(job.lettering, others, glyph.layer) == handling;
        });
        if (alike.empty())
            continue;
        auto welded = weld(alike, unit, {options.cancel, options.welds});
        if (!welded)
            return fail(welded.error());
        Job own = job;
        std::erase_if(own.lettering.mendings, [&](const Mending& mending) {
            return mending.place && job.lettering.letter(mending.place->letter).handling != handling;
        });
        auto finished =
            finishedAs(own, composed, transformed(welded->outline, composed.to_mm), options.cancel);
        if (!finished)
            return fail(finished.error());
        parts.push_back({handling, std::move(finished->outline_mm)});
    }
    return parts;
}

/// By how it is made, and what of it comes as stitches.
Result<void> addParts(ComposedDesign& composed, const std::vector<PlacedPaths>& glyphs,
                      const std::vector<PlacedPaths>& planned, Unit unit, const Job& job,
                      const FindLetters& letters, const ComposeOptions& options)
{
    if (!handlingsOf(job.lettering).empty()) {
        auto parts = partsOf(composed, glyphs, unit, job, options);
        if (!parts)
            return fail(parts.error());
        composed.design.parts = std::move(*parts);
    }
    if (std::ranges::none_of(composed.setting.letters, &SetLetter::is_sewn))
        return {};
    composed.design.sewn_letters = sewnLettersOf(composed.setting, composed.to_mm, job.lettering, letters);
    auto parts = partsOf(composed, planned, unit, job, options);
    if (!parts)
        return fail(parts.error());
    composed.design.planned = std::move(*parts);
    return {};
}

/// Letters at their own size stand on whole font units.
Unit unitOf(const Job& job, const FindLetters& letters)
{
    Unit unit = kJobUnit;
    if (const auto source = letters(job.font))
        unit.lattice = kU_per_em / (*source)->unitsPerEm();
    return unit;
}

std::size_t nodesOf(const Setting& setting)
{
    std::size_t nodes = 0;
    const auto add = [&nodes](const std::vector<PlacedPaths>& glyphs) {
        for (const auto& glyph : glyphs)
            nodes += nodeCount(*glyph.paths);
    };
    for (const auto& letter : setting.letters)
        add(letter.glyphs);
    for (const auto& piece : setting.pieces)
        add(piece.glyphs);
    return nodes;
}

} // namespace

Point ComposedDesign::placeOf(const ClosePair& pair) const
{
    const auto& left = setting.letters[pair.left];
    return bending(setting, left) ? placed(left.block, pair.at) : to_mm.map(pair.at);
}

Point ComposedDesign::placed(std::size_t number, Point straight_u) const
{
    for (const auto& block : setting.blocks)
        if (block.block == number && block.shape.kind != ShapeKind::None)
            return to_mm.map(shapeMap(block.shape, block.straight_ink)(straight_u - block.origin) +
                             block.origin);
    return to_mm.map(straight_u);
}

Result<ComposedDesign> composeDesign(const Job& asked, const FindLetters& letters,
                                     const ComposeOptions& options)
{
    if (auto ok = checkSize(asked.size); !ok)
        return fail(ok.error());
    if (auto ok = checkFinishing(asked.finishing); !ok)
        return fail(ok.error());
    const auto dressed = dressedForList(asked, letters, options);
    if (!dressed)
        return fail(dressed.error());
    const Job& job = *dressed ? **dressed : asked;
    auto set = setToSize(job, letters, options);
    if (!set)
        return fail(set.error());
    ComposedDesign composed;
    composed.setting = std::move(set->first);
    const Unit unit = unitOf(job, letters);
    const double rough_mm_per_u = std::max(set->second.across, set->second.up);

    const auto glyphs = placedGlyphs(composed.setting, unit, rough_mm_per_u, options);
    if (!glyphs)
        return fail(glyphs.error());
    auto welded = weld(glyphs->all, unit, {options.cancel, options.welds});
    if (!welded)
        return fail(welded.error());
    const Box ink = bounds(welded->outline);
    if (ink.width() <= 0.0 || ink.height() <= 0.0)
        return fail(ErrorCode::NothingToCut, job.font.path);
    const auto scale = scaleOf(job, letters, ink);
    if (!scale)
        return fail(scale.error());
    composed.mm_per_u = scale->across;
    composed.mm_per_u_up = scale->up;
    composed.design.made_smaller = scale->made_smaller;
    composed.design.closed_up_mm = set->second.closed_up_mm;
    if (const auto source = letters(job.font)) {
        const double mm_per_fu = scale->up * kU_per_em / (*source)->unitsPerEm();
        composed.cap_height_mm = (*source)->capHeight_fu() * mm_per_fu;
        composed.x_height_mm = (*source)->xHeight_fu() * mm_per_fu;
    }
    composed.to_mm = placeAt(ink, scale->across, scale->up, job.is_mirrored);
    if (auto done = finishInto(composed, std::move(*welded), job, options.cancel); !done) {
        Error error = done.error();
        if (error.subject.empty())
            error.subject = job.font.path;
        return fail(std::move(error));
    }
    if (auto done = addParts(composed, glyphs->all, glyphs->planned, unit, job, letters, options); !done)
        return fail(done.error());
    for (const auto& glyph : glyphs->all)
        composed.design.glyphs_mm.push_back(transformed(*glyph.paths, composed.to_mm.after(glyph.at)));
    composed.design.weld.nodes_before = nodesOf(composed.setting); // also of what was bent first
    for (const auto& font : composed.setting.missing_fonts)
        composed.design.warnings.push_back(told("{}: the font is not here", font.path));
    return composed;
}

} // namespace ink
