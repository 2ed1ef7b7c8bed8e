#include "core/design/design_proof.h"

#include "core/base/told.h"
#include "core/design/along_shape.h"
#include "core/design/sewn_otherwise.h"
#include "core/stitch/stitch_figures.h"

#include <algorithm>
#include <limits>

namespace ink {
namespace {

/// Bent letters are told apart on chords within this.
constexpr double kOwnerTolerance_u = 0.25;

/// Numbers of letters become characters of the words.
void toCharacters(ProofFinding& finding, const Setting& setting)
{
    for (auto& letter : finding.letters)
        letter = letter < setting.letters.size() ? setting.letters[letter].first : 0;
    std::ranges::sort(finding.letters);
    finding.letters.erase(std::unique(finding.letters.begin(), finding.letters.end()), finding.letters.end());
}

bool isLeft(const ComposedDesign& composed, const Job& job, const ProofFinding& finding)
{
    return std::ranges::any_of(job.lettering.mendings, [&](const Mending& m) {
        if (m.kind != MendingKind::Leave || m.leaves != finding.kind)
            return false;
        if (!m.place)
            return true;
        const auto at = placeOf(composed, *m.place);
        const double within = std::max(finding.wanted, 0.5);
        return at && at->x >= finding.box.x0 - within && at->x <= finding.box.x1 + within &&
               at->y >= finding.box.y0 - within && at->y <= finding.box.y1 + within;
    });
}

/// Letters that come as stitches are sewn as they came: what their outline would not hold is nothing to them.
bool isOfThreads(const ComposedDesign& composed, const Job& job, const ProofFinding& f)
{
    const auto& sewn = composed.design.sewn_letters;
    return isSewn(job.process) && !sewn.empty() && !f.letters.empty() && f.kind != FindingKind::TooLarge &&
           std::ranges::all_of(f.letters, [&](std::size_t character) {
               return std::ranges::find(sewn, character, &StandingSewnLetter::character) != sewn.end();
           });
}

} // namespace

OutlineProof::Asked askedOf(const Job& job)
{
    return {job.limits(), job.process == Process::Stencil, job.is_one_piece, job.material.width_mm,
            job.material.height_mm};
}

std::shared_ptr<const LetterOwners> lettersOf(const ComposedDesign& composed)
{
    std::vector<PlacedPaths> letters;
    for (const auto& letter : composed.setting.letters) {
        auto paths = std::make_shared<Paths>();
        for (const auto& glyph : letter.glyphs) {
            const auto stands = asItStands(composed.setting, letter, glyph, kOwnerTolerance_u);
            std::ranges::move(transformed(*stands.paths, composed.to_mm.after(stands.at)),
                              std::back_inserter(*paths));
        }
        letters.push_back({std::move(paths), {}, 0});
    }
    return std::make_shared<const LetterOwners>(letters, Unit::ofEm(composed.design.em_mm));
}

std::vector<ProofFinding> findingsOf(const OutlineProof& outline, double scale,
                                     const ComposedDesign& composed, const Job& job, const KnownOfFont& known)
{
    auto findings = outline.findings(scale, askedOf(job));
    for (auto& finding : findings)
        toCharacters(finding, composed.setting);
    std::erase_if(findings, [&](const ProofFinding& f) {
        const bool is_of_blades = f.kind == FindingKind::Nodes || f.kind == FindingKind::CutTwice ||
                                  f.kind == FindingKind::SharpPoint;
        return (is_of_blades && isSewn(job.process)) || isOfThreads(composed, job, f) ||
               isLeft(composed, job, f);
    });
    const auto whole = [&](FindingKind kind) {
        ProofFinding f;
        f.kind = kind;
        f.level = FindingLevel::Fails;
        f.box = composed.design.figures_mm.box;
        f.at = {(f.box.x0 + f.box.x1) / 2, (f.box.y0 + f.box.y1) / 2};
        return f;
    };
    if (!composed.setting.missing.empty()) {
        auto f = whole(FindingKind::Missing);
        f.measured = double(composed.setting.missing.size());
        const auto words = toUtf32(job.words);
        for (std::size_t i = 0; i < words.size(); ++i)
            if (composed.setting.missing.find(words[i]) != std::u32string::npos)
                f.letters.push_back(i);
        findings.insert(findings.begin(), std::move(f));
    }
    if (known.may_not_sell)
        findings.insert(findings.begin(), whole(FindingKind::Rights));
    return findings;
}

/// What does not come as stitches.
Outline toBePlanned(const Design& design)
{
    if (design.sewn_letters.empty())
        return design.outline_mm;
    Outline out;
    for (const auto& part : design.planned)
        out.pieces.insert(out.pieces.end(), part.outline_mm.pieces.begin(), part.outline_mm.pieces.end());
    return out;
}

/// The letter that stands furthest beyond the sizes it can be moved to; null where all are within.
const StandingSewnLetter* furthestFromItsSize(const std::vector<StandingSewnLetter>& letters)
{
    const StandingSewnLetter* found = nullptr;
    double furthest = 0.0;
    for (const auto& letter : letters) {
        const auto scale = scaleOf(letter.to_mm);
        const double beyond = std::max(scale.most / kMostScale, kLeastScale / std::max(scale.least, 1e-9));
        if (!scale.isWithin() && beyond > furthest) {
            furthest = beyond;
            found = &letter;
        }
    }
    return found;
}

/// To be looked at, all over `box`.
ProofFinding sewnFinding(FindingKind kind, const Box& box, double measured, double wanted)
{
    ProofFinding f;
    f.kind = kind;
    f.level = FindingLevel::Look;
    f.box = box;
    f.at = {(box.x0 + box.x1) / 2, (box.y0 + box.y1) / 2};
    f.measured = measured;
    f.wanted = wanted;
    return f;
}

std::vector<ProofFinding> lowLetters(const ComposedDesign& composed)
{
    std::vector<ProofFinding> out;
    for (const auto& line : composed.setting.lines) {
        const double high_mm = line.ink.height() * composed.mm_per_u_up;
        if (line.ink.isEmpty() || high_mm >= kLowestLetters_mm)
            continue;
        Box box;
        box.add(composed.to_mm.map({line.ink.x0, line.ink.y0}));
        box.add(composed.to_mm.map({line.ink.x1, line.ink.y1}));
        out.push_back(sewnFinding(FindingKind::LowLetters, box, high_mm, kLowestLetters_mm));
        for (std::size_t i = line.first; i < line.end; ++i)
            out.back().letters.push_back(i);
    }
    return out;
}

/// Stitched letters moved to a size that their stitches do not bear.
std::optional<ProofFinding> wrongSize(const std::vector<StandingSewnLetter>& letters)
{
    const auto* letter = furthestFromItsSize(letters);
    if (!letter)
        return {};
    const Box box = letter->sewn().box_mm;
    Box there;
    for (const Point corner :
         {Point{box.x0, box.y0}, Point{box.x1, box.y0}, Point{box.x0, box.y1}, Point{box.x1, box.y1}})
        there.add(letter->to_mm.map(corner));
    auto finding =
        sewnFinding(FindingKind::StitchedSize, there, letter->alphabet->size_mm * scaleOf(letter->to_mm).most,
                    nearestSize_mm(*letter));
    finding.level = FindingLevel::Fails;
    for (const auto& other : letters)
        finding.letters.push_back(other.character);
    return finding;
}

/// As it lies better in the hoop: the side that is furthest beyond.
std::optional<ProofFinding> beyondHoop(const Box& all, const StitchSettings& settings)
{
    if (inHoop(all, settings) != InHoop::TooLarge)
        return {};
    const double w = settings.hoop_width_mm, h = settings.hoop_height_mm;
    const double upright = std::max(all.width() / w, all.height() / h),
                 turned = std::max(all.width() / h, all.height() / w);
    const double across_mm = upright <= turned ? w : h, up_mm = upright <= turned ? h : w;
    const bool is_across = all.width() / across_mm >= all.height() / up_mm;
    auto finding = sewnFinding(FindingKind::TooLarge, all, is_across ? all.width() : all.height(),
                               is_across ? across_mm : up_mm);
    finding.level = FindingLevel::Fails;
    return finding;
}

/// What the plan of its stitches tells. Empty where there is no plan: why is told where it is sewn.
std::vector<ProofFinding> sewnFindings(const ComposedDesign& composed, const Job& job,
                                       const CancelToken& cancel)
{
    std::vector<ProofFinding> out;
    const auto settings = sensible(job.sewing());
    const Outline outline = toBePlanned(composed.design);
    StitchFigures figures;
    StitchPlan planned;
    if (!outline.pieces.empty()) {
        auto plan = planStitches(outline, Unit::ofEm(composed.design.em_mm), settings, cancel,
                                 sewingOf(sewnOtherwise(composed, job), {1, 0, 0, 1, 0, 0}));
        if (!plan)
            return out;
        planned = std::move(*plan);
        figures = figuresOf(planned, outline, settings);
    }
    const auto find = [&](FindingKind kind, const Box& box, double measured, double wanted) {
        out.push_back(sewnFinding(kind, box, measured, wanted));
    };
    if (settings.as != SewnAs::Applique)
        out = lowLetters(composed);
    for (const auto& column : planned.columns)
        if (settings.as == SewnAs::Satin && column.kind == ColumnKind::Fill &&
            column.most_width_mm > kWidestColumn_mm) {
            Box box;
            box.add(column.from);
            box.add(column.to);
            find(FindingKind::WideStroke, box, column.most_width_mm, kWidestColumn_mm);
            out.back().at = column.middle;
            if (const auto place = mendingPlaceAt(composed, column.middle))
                out.back().letters = {place->letter};
        }
    const Box& all = composed.design.figures_mm.box;
    for (auto&& finding : {wrongSize(composed.design.sewn_letters), beyondHoop(all, settings)})
        if (finding)
            out.push_back(*finding);
    if (figures.thickest > kMostLayers)
        find(FindingKind::ThickThread, all, figures.thickest, kMostLayers);
    if (figures.short_share > kMostShortStitches)
        find(FindingKind::ShortStitches, all, 100.0 * figures.short_share, 100.0 * kMostShortStitches);
    return out;
}

Result<DesignProof> proofOf(const ComposedDesign& composed, const Job& job, const KnownOfFont& known,
                            const CancelToken& cancel)
{
    if (const auto& nodes = composed.design.figures_mm.nodes; nodes > kMostProofNodes)
        return fail(ErrorCode::TooComplex, {},
                    told("Proof looks at up to {} nodes at once, and these have {}", kMostProofNodes, nodes));
    DesignProof proof;
    proof.outline = composed.design.finished.mended.proof;
    if (!proof.outline) {
        auto made =
            OutlineProof::of(composed.design.outline_mm, proofUnit(composed.design.em_mm, job.limits()),
                             lettersOf(composed), cancel);
        if (!made)
            return fail(made.error());
        proof.outline = std::make_shared<const OutlineProof>(std::move(*made));
    }
    proof.findings = findingsOf(*proof.outline, 1.0, composed, job, known);
    if (isSewn(job.process))
        for (auto& finding : sewnFindings(composed, job, cancel))
            if (!isLeft(composed, job, finding))
                proof.findings.push_back(std::move(finding));
    proof.verdict = verdictOf(proof.findings);
    proof.weeding =
        weedingOf(*proof.outline, job.weeding.rule, weedingLines(composed.design.outline_mm, job.weeding));
    return proof;
}

std::optional<Point> placeOf(const ComposedDesign& composed, const MendingPlace& place)
{
    const SetLetter* letter = composed.setting.letterAt(place.letter);
    if (!letter)
        return {};
    const Point u = letter->foot() + Point{place.x_em, place.y_em} * kU_per_em;
    const auto shape = bending(composed.setting, *letter);
    return composed.to_mm.map(shape ? shape->map(u) : u);
}

std::optional<MendingPlace> mendingPlaceAt(const ComposedDesign& composed, Point mm)
{
    const SetLetter* nearest = nullptr;
    double least = std::numeric_limits<double>::max();
    for (const auto& letter : composed.setting.letters) {
        if (!letter.hasInk())
            continue;
        const Point foot = placeOf(composed, {letter.first, 0.0, 0.0}).value_or(Point{});
        if (const double away = length(foot - mm); away < least) {
            least = away;
            nearest = &letter;
        }
    }
    if (!nearest)
        return {};
    const Point u = offsetFrom(composed.setting, *nearest, composed.inU(mm));
    return MendingPlace{nearest->first, u.x / kU_per_em, u.y / kU_per_em};
}

std::vector<PlacedMending> placedMendings(const ComposedDesign& composed, const Job& job)
{
    std::vector<PlacedMending> out;
    for (const auto& m : job.lettering.mendings) {
        if (isOfStitches(m.kind))
            continue;
        PlacedMending placed{m.kind, m.to, {}, m.leaves};
        if (m.place) {
            placed.at_mm = placeOf(composed, *m.place);
            if (!placed.at_mm)
                continue;
        }
        out.push_back(placed);
    }
    return out;
}

MendingRequest mendingRequest(const ComposedDesign& composed, const Job& job, const CancelToken& cancel)
{
    MendingRequest request;
    request.limits = job.limits();
    request.unit = proofUnit(composed.design.em_mm, request.limits);
    request.is_stencil = job.process == Process::Stencil;
    request.is_one_piece = job.is_one_piece;
    for (const auto& line : composed.setting.lines)
        request.baselines_mm.push_back(composed.to_mm.map({line.left, line.baseline}).y);
    request.letters = lettersOf(composed);
    request.cancel = cancel;
    return request;
}

void tellCharacters(Mended& mended, const Setting& setting)
{
    for (auto& done : mended.done)
        toCharacters(done.finding, setting);
    for (auto& left : mended.left)
        toCharacters(left.finding, setting);
}

bool mendAll(Job& job, const std::vector<ProofFinding>& findings)
{
    const Job before = job;
    auto& mendings = job.lettering.mendings;
    for (const auto& finding : findings) {
        if (finding.kind == FindingKind::Nodes && job.finishing.reduce_mm < 0.02)
            job.finishing.reduce_mm = 0.02;
        const auto usual = usualMending(finding, job.limits());
        if (!usual)
            continue;
        const auto rule = std::ranges::find_if(
            mendings, [&](const Mending& m) { return m.kind == usual->kind && !m.place; });
        if (rule == mendings.end())
            mendings.push_back(*usual);
        else if (isOneMeasure(usual->kind, finding.kind)) // it was made for finer work
            rule->to = std::max(rule->to, usual->to);
    }
    return job != before;
}

bool mendWhatItMade(Job& job, const std::vector<ProofFinding>& findings)
{
    std::vector<ProofFinding> made;
    std::ranges::copy_if(findings, std::back_inserter(made), [](const ProofFinding& f) {
        return f.kind != FindingKind::ThinStroke && f.kind != FindingKind::NarrowGap &&
               f.kind != FindingKind::Hanging;
    });
    return mendAll(job, made);
}

} // namespace ink
