#include "core/geometry/boolean.h"
#include "core/geometry/box.h"
#include "core/geometry/offset.h"
#include "core/geometry/stroke.h"
#include "core/proof/changed_outline.h"
#include "core/proof/meant_runs.h"
#include "core/proof/widen.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <iterator>
#include <map>
#include <optional>
#include <set>

namespace ink {
namespace {

/// What fills a gap reaches this far into its sides, both together; at its mouth a little more comes off, or horns would be left there.
constexpr double kOver = 0.06, kOverMouth = 0.08;
/// Of the width: where a gap is this wide it is not closed.
constexpr double kWideAgain = 0.98;
/// A tie, and what hollows leave at the least between them without one; from disc to disc; the thinnest of them.
constexpr double kTie = 0.5, kDiscStep = 0.1, kThinnestDisc = 0.05;

/// The gaps of an outline, each by the nodes it ends at.
class GapEnds
{
public:
    explicit GapEnds(const OutlineProof& proof)
    {
        for (const auto& branch : proof.branches())
            if (!branch.is_ink && !branch.is_ring && branch.places.size() > 1) {
                m_at.emplace(branch.start.node, End{&branch, false});
                m_at.emplace(branch.end.node, End{&branch, true});
            }
    }

    /// Where discs of the width lie beyond an end of this run: the gap is wide enough again there, in the same branch, in one that it
    /// forks into, or where it opens so fast that its axis ends before.
    std::vector<BranchPlace> mouthsBeyond(const Branch& branch, const BranchRun& run, bool is_end,
                                          double width) const
    {
        const auto place = placeAt(branch, is_end ? run.to : run.from);
        if (place.width >= kWideAgain * width)
            return {place};
        const auto& end = is_end ? branch.end : branch.start;
        if (end.is_free || branch.is_ring ||
            length(place.centre - placeAt(branch, is_end ? branch.length() : 0.0).centre) > 0.01 * width)
            return {};
        if (!end.is_fork)
            return {openingBeyond(branch, is_end, width)};
        std::vector<BranchPlace> out;
        const auto [first, last] = m_at.equal_range(end.node);
        for (auto it = first; it != last; ++it) {
            const End& other = it->second;
            if (other.branch == &branch && other.is_end == is_end)
                continue;
            const auto fromNode = [&](const BranchPlace& p) {
                return other.is_end ? other.branch->length() - p.along : p.along;
            };
            const BranchPlace* nearest = nullptr;
            for (const auto& p : other.branch->places)
                if (p.width >= kWideAgain * width && fromNode(p) <= width &&
                    (!nearest || fromNode(p) < fromNode(*nearest)))
                    nearest = &p;
            if (nearest)
                out.push_back(*nearest);
        }
        return out;
    }

private:
    struct End
    {
        const Branch* branch;
        bool is_end;
    };

    /// As far beyond the end as the gap takes to become that wide when it goes on as before; no further than a disc goes that lies on
    /// two corners.
    static BranchPlace openingBeyond(const Branch& branch, bool is_end, double width)
    {
        const double along = is_end ? branch.length() : 0.0;
        const auto last = placeAt(branch, along),
                   before = placeAt(branch, along + (is_end ? -0.5 : 0.5) * last.width);
        const Point way = last.centre - before.centre;
        const double l = length(way), grown = 0.5 * (last.width - before.width),
                     to_grow = 0.5 * (width - last.width);
        double ahead = 0.5 * std::sqrt(width * width - last.width * last.width);
        if (grown > 0.0)
            ahead = std::min(ahead, to_grow * l / grown);
        return {l > 0.0 ? last.centre + way * (ahead / l) : last.centre, width, along, last.step};
    }

    std::multimap<std::size_t, End> m_at;
};

/// What fills a gap.
struct Filling
{
    /// A little larger than the circles of the gap.
    PenWay discs;
    /// Where the gap is wide enough again.
    std::vector<PenWay> hollows;
    /// From side to side where the hollows leave next to nothing between them.
    std::optional<PenWay> tie;
    Box box;
};

/// Steps no longer than `step` that a run takes.
int looksAlong(const BranchRun& run, double step)
{
    return std::max(1, static_cast<int>(std::ceil(run.length() / step)));
}

/// In the middle of where the gap is about as narrow as it gets.
PenWay tieAcross(const Branch& branch, const BranchRun& run, double width)
{
    constexpr double kAsNarrow = 1.1;
    constexpr int kLooks = 64;
    const BranchPlace narrowest = narrowestOf(branch, run);
    double first = narrowest.along, last = first;
    for (int k = 0; k <= kLooks; ++k)
        if (const auto place = placeAt(branch, std::lerp(run.from, run.to, double(k) / kLooks));
            place.width <= kAsNarrow * narrowest.width) {
            first = std::min(first, place.along);
            last = std::max(last, place.along);
        }
    const BranchPlace middle = placeAt(branch, 0.5 * (first + last));
    const AxisPlace& sides = branch.steps[narrowest.step]->narrowest;
    const Point across = unitVector(sides.b - sides.a, {}) * (0.5 * middle.width);
    const double radius = 0.5 * kTie * width;
    return {{middle.centre - across, middle.centre + across}, {radius, radius}};
}

/// The whole narrow stretch: with what was shortened so that nothing be cut too deep, and without where the gap is wide enough in between.
std::vector<BranchRun> narrowParts(const MeantRun& meant, double width)
{
    const Branch& branch = *meant.branch;
    BranchRun whole = meant.run;
    if (branch.start.is_free && whole.from <= 0.5 * width)
        whole.from = 0.0;
    if (branch.end.is_free && branch.length() - whole.to <= 0.5 * width)
        whole.to = branch.length();
    std::vector<BranchRun> out;
    bool was_narrow = false;
    const int looks = looksAlong(whole, 0.25 * kDiscStep * width);
    for (int k = 0; k <= looks; ++k) {
        const double along = std::lerp(whole.from, whole.to, double(k) / looks);
        const bool is_narrow = placeAt(branch, along).width < width;
        if (is_narrow && !was_narrow)
            out.push_back({k > 0 ? std::lerp(whole.from, whole.to, double(k - 1) / looks) : along, along});
        if (is_narrow || was_narrow) // to where it is wide again
            out.back().to = along;
        was_narrow = is_narrow;
    }
    return out;
}

Filling fillingOf(const Branch* branch, const BranchRun& whole, const GapEnds& ends, double width,
                  double tolerance)
{
    Filling out;
    const int steps = looksAlong(whole, kDiscStep * width);
    for (int k = 0; k <= steps; ++k) {
        const auto place = placeAt(*branch, std::lerp(whole.from, whole.to, double(k) / steps));
        out.box.add(place.centre);
        out.discs.centres.push_back(place.centre);
        out.discs.radii.push_back(0.5 * (1.0 + kOver) * std::max(place.width, kThinnestDisc * width));
    }
    // All of the last disc, also what reaches into the sides of the gap: no thread of it is left across its mouth.
    std::array<std::vector<BranchPlace>, 2> mouths;
    for (const bool is_end : {false, true}) {
        mouths[is_end] = ends.mouthsBeyond(*branch, whole, is_end, width);
        for (const auto& mouth : mouths[is_end])
            out.hollows.push_back({{mouth.centre}, {0.5 * (mouth.width + kOverMouth * width) + tolerance}});
    }
    for (const auto& a : mouths[0])
        for (const auto& b : mouths[1])
            if (length(b.centre - a.centre) - 0.5 * (a.width + b.width) < kTie * width)
                out.tie = tieAcross(*branch, whole, width);
    out.box = grownBy(out.box, 0.65 * width);
    if (out.tie)
        for (const Point p : out.tie->centres)
            out.box.add(grownBy({p.x, p.y, p.x, p.y}, out.tie->radii.front() + tolerance));
    return out;
}

/// Middles that came by what was closed, and that hold no disc of the width, are closed too; `boxes` gets theirs.
Result<Outline> withoutPockets(const OutlineProof& proof, Outline outline, double width,
                               const OffsetOptions& pen, std::vector<Box>& boxes)
{
    std::set<std::array<double, 4>> old;
    for (const auto& middle : proof.middles())
        old.insert({middle.box.x0, middle.box.y0, middle.box.x1, middle.box.y1});
    for (auto& piece : outline.pieces)
        for (std::size_t i = piece.middles.size(); i-- > 0;) {
            const Contour& middle = piece.middles[i];
            const Box box = middle.bounds();
            if (old.contains({box.x0, box.y0, box.x1, box.y1}))
                continue;
            const auto holds = holdsDisc(middle, kWideAgain * width, proof.unit(), pen);
            if (!holds)
                return fail(holds.error());
            if (*holds)
                continue;
            boxes.push_back(box);
            piece.middles.erase(piece.middles.begin() + std::ptrdiff_t(i));
        }
    return outline;
}

} // namespace

Result<Widening> closeGaps(const OutlineProof& proof, const WidenOptions& options)
{
    const Unit unit = proof.unit();
    Widening out{proof.outline(), 0, {}};
    const auto runs = meantRuns(proof, false, options.width, options.choose);
    if (runs.empty())
        return out;
    OffsetOptions pen;
    pen.tolerance = bandTolerance(options.width, unit);
    pen.cancel = options.cancel;
    std::vector<PenWay> ways, hollows, ties;
    const GapEnds ends(proof);
    for (const auto& run : runs)
        for (const auto& part : narrowParts(run, options.width)) {
            auto filling = fillingOf(run.branch, part, ends, options.width, pen.tolerance);
            ways.push_back(std::move(filling.discs));
            std::ranges::move(filling.hollows, std::back_inserter(hollows));
            if (filling.tie)
                ties.push_back(std::move(*filling.tie));
            out.boxes.push_back(filling.box);
        }
    auto fill = stroked(ways, unit, pen);
    if (!fill)
        return fail(fill.error());
    auto hollow = stroked(hollows, unit, pen);
    if (!hollow)
        return fail(hollow.error());
    auto rest = combine(*fill, *hollow, BooleanOp::Subtract, unit, options.cancel);
    if (!rest)
        return fail(rest.error());
    if (!ties.empty()) {
        auto tie = stroked(ties, unit, pen);
        if (!tie)
            return fail(tie.error());
        rest = combine(*rest, *tie, BooleanOp::Union, unit, options.cancel);
        if (!rest)
            return fail(rest.error());
    }
    auto made = changedBy(proof.outline(), *rest, out.boxes, BooleanOp::Union, unit, options.cancel);
    if (!made)
        return fail(made.error());
    auto whole = withoutPockets(proof, std::move(*made), options.width, pen, out.boxes);
    if (!whole)
        return fail(whole.error());
    out.outline = std::move(*whole);
    out.places = runs.size();
    return out;
}

} // namespace ink
