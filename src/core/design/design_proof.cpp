#include "core/design/design_proof.h"

#include "core/design/along_shape.h"

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
    std::erase_if(findings, [&](const ProofFinding& f) { return isLeft(composed, job, f); });
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

Result<DesignProof> proofOf(const ComposedDesign& composed, const Job& job, const KnownOfFont& known,
                            const CancelToken& cancel)
{
    if (const auto& nodes = composed.design.figures_mm.nodes; nodes > kMostProofNodes)
        return fail(ErrorCode::TooComplex, {},
                    "Proof looks at up to " + std::to_string(kMostProofNodes) +
                        " nodes at once, and these have " + std::to_string(nodes));
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

void mendAll(Job& job, const std::vector<ProofFinding>& findings)
{
    auto& mendings = job.lettering.mendings;
    for (const auto& finding : findings) {
        if (finding.kind == FindingKind::Nodes && job.finishing.reduce_mm < 0.02)
            job.finishing.reduce_mm = 0.02;
        const auto usual = usualMending(finding, job.limits());
        if (!usual)
            continue;
        const bool is_there = std::ranges::any_of(
            mendings, [&](const Mending& m) { return m.kind == usual->kind && !m.place; });
        if (!is_there)
            mendings.push_back(*usual);
    }
}

} // namespace ink
