#include "core/proof/widen.h"

#include "core/geometry/boolean.h"
#include "core/geometry/box.h"
#include "core/geometry/distance.h"
#include "core/geometry/nesting.h"
#include "core/geometry/offset.h"
#include "core/geometry/stroke.h"
#include "core/proof/changed_outline.h"
#include "core/proof/meant_runs.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <map>
#include <numbers>
#include <optional>
#include <set>
#include <unordered_set>

namespace ink {
namespace {

/// A little more than asked, so that what was mended is found in order again.
constexpr double kSurplus = 0.01;
/// Of a stroke (a gap) that is narrower than its limit, this much is kept when the other kind is mended beside it.
constexpr double kKept = 1.0 - kMendedShare;
constexpr double kKeptWhole_u = 8.0;
constexpr double kEdge_u = 2.0;
/// Of the width: what is kept where sides are not opposite, but bands on both of them could meet.
constexpr double kKeptOpen = 0.4;
/// Of the width squared: what comes off smaller than this when a gap is opened is a crumb, no piece.
constexpr double kCrumb = 0.2;

OpenPath pathOf(const Branch& branch, const BranchRun& run, double width, Unit unit)
{
    const double tolerance = bandTolerance(width, unit);
    auto centres = centresAlong(branch, run, 0.25 * width);
    if (branch.is_ring && run.length() >= branch.length() - 1e-9 * width)
        centres.back() = centres.front();
    if (centres.size() < 2)
        return OpenPath{{Segment::line(centres.front(), centres.front())}};
    return smoothed(centres, tolerance);
}

/// The ring of each segment, counted as toPaths() orders them.
std::vector<std::size_t> ringsOf(const Outline& outline)
{
    std::vector<std::size_t> out;
    std::size_t number = 0;
    for (const auto& ring : toPaths(outline))
        out.insert(out.end(), ring.segments.size(), number++);
    return out;
}

/// What a change keeps off.
struct Guards
{
    std::vector<PenWay> ways;
    /// Specks (middles) that no disc of the width fits into, as they are.
    Outline small_parts;
};

template <typename RadiusAt>
PenWay wayAlong(const Segment& arc, const std::array<double, 2>& width, const RadiusAt& radiusAt)
{
    constexpr int kSteps = 4; // of a parabola
    const int steps = arc.kind == SegmentKind::Line ? 1 : kSteps;
    PenWay way;
    for (int i = 0; i <= steps; ++i) {
        const double t = double(i) / steps;
        way.centres.push_back(arc.pointAt(t));
        way.radii.push_back(radiusAt(std::lerp(width[0], width[1], t)));
    }
    return way;
}

/// Pieces, or middles, that hold no more than a disc of this width.
template <typename IsNear>
Outline smallParts(const Outline& outline, bool is_ink, double width, const IsNear& isNear)
{
    Outline out;
    const double small = std::numbers::pi / 4.0 * width * width;
    const auto keepWhole = [&](const Contour& ring, double area, const Box& box) {
        const Point middle{(box.x0 + box.x1) / 2, (box.y0 + box.y1) / 2};
        if (area < small && isNear(middle, middle, 0.5 * std::hypot(box.width(), box.height())))
            out.pieces.push_back({area == ring.signedArea() ? ring : ring.reversed(), {}});
    };
    for (const auto& piece : outline.pieces) {
        if (is_ink)
            keepWhole(piece.outer, piece.outer.signedArea(), piece.outer.bounds());
        else
            for (const auto& middle : piece.middles)
                keepWhole(middle, -middle.signedArea(), middle.bounds());
    }
    return out;
}

/// Of each place of a branch, the widest there is in the one direction; no end to it where that leads to a fork, or out where no sides
/// are opposite any more: the branch widens to its end.
std::vector<double> widestFrom(const Branch& branch, bool is_forward)
{
    const auto& places = branch.places;
    const std::size_t count = places.size();
    const auto at = [&](std::size_t n) { return is_forward ? count - 1 - n : n; };
    const bool leads_on = branch.is_ring || (is_forward ? branch.end : branch.start).is_fork ||
                          (count > 1 && places[at(0)].width > places[at(1)].width);
    double widest = leads_on ? std::numeric_limits<double>::infinity() : 0.0;
    std::vector<double> out(count);
    for (std::size_t n = 0; n < count; ++n)
        out[at(n)] = widest = std::max(widest, places[at(n)].width);
    return out;
}

/// From each place of a branch to the next: how much of the width is to be kept there. All of it where sides are opposite. Where sides are
/// not, but it is as wide or wider further on in both directions, as in the mouth of a bowl: enough that bands of `band_width` on
/// both sides do not meet. Into a notch, or off a corner, there is nothing to keep apart.
template <typename Parts>
std::vector<double> sharesToKeep(const Branch& branch, double band_width, const Parts& parts)
{
    const auto& places = branch.places;
    const auto before = widestFrom(branch, false), behind = widestFrom(branch, true);
    std::vector<double> keeps(places.size() - 1, 0.0);
    for (std::size_t i = 0; i < keeps.size(); ++i) {
        const AxisStep& step = *branch.steps[places[i + 1].step];
        const bool is_parting = parts(step);
        // Where the chords of two rings touch, their curves may not.
        const bool is_point = std::min(places[i].width, places[i + 1].width) <= 0.0 && !is_parting;
        if (is_point)
            keeps[i] = 0.0;
        else if (step.is_stroke || step.has_neck || is_parting)
            keeps[i] = 1.0;
        else if (const double room = std::min(band_width, std::max(places[i].width, places[i + 1].width));
                 before[i] >= room && behind[i + 1] >= room)
            keeps[i] = kKeptOpen;
    }
    return keeps;
}

/// What is kept of the strokes, or the gaps, of one kind where bands change something beside them: as wide as `width`, or nearly as
/// wide as they are where they are narrower. `isNear` is asked with a stretch and half the width kept there.
template <typename IsNear>
Guards guardsOf(const OutlineProof& proof, bool is_ink, double width, double band_width, const IsNear& isNear)
{
    Guards guards;
    std::vector<PenWay>& out = guards.ways;
    // What is so narrow that a change would close it by what it may stray is kept whole, with its edges.
    const double whole = kKeptWhole_u * proof.unit().u;
    const auto radiusAt = [&](double w, double share = 1.0) {
        return 0.5 * (w < whole ? w + kEdge_u * proof.unit().u : share * std::min(width, kKept * w));
    };
    const auto rings = ringsOf(proof.outline());
    // What parts two rings is kept whatever it looks like.
    const auto parts = [&](const AxisStep& step) {
        const int a = step.touches[0].segment, b = step.touches[1].segment;
        return a >= 0 && b >= 0 && rings[std::size_t(a)] != rings[std::size_t(b)];
    };
    std::unordered_set<const AxisStep*> walked;
    for (const auto& branch : proof.branches()) {
        if (branch.is_ink != is_ink || branch.places.empty())
            continue;
        walked.insert(branch.steps.begin(), branch.steps.end());
        if (branch.places.size() == 1) { // a dot, or a middle, without two sides
            const auto& place = branch.places.front();
            if (place.width > 0.0 && isNear(place.centre, place.centre, radiusAt(place.width)))
                out.push_back({{place.centre}, {radiusAt(place.width)}});
            continue;
        }
        PenWay way;
        double share = 0.0;
        const auto end = [&] {
            if (way.centres.size() > 1)
                out.push_back(std::move(way));
            way = {};
        };
        const auto add = [&](Point centre, double w) {
            way.centres.push_back(centre);
            way.radii.push_back(radiusAt(w, share));
        };
        const auto keeps = sharesToKeep(branch, band_width, parts);
        for (std::size_t i = 0; i + 1 < branch.places.size(); ++i) {
            const auto &a = branch.places[i], &b = branch.places[i + 1];
            const double next =
                isNear(a.centre, b.centre, radiusAt(std::max(a.width, b.width))) ? keeps[i] : 0.0;
            if (next != share)
                end();
            share = next;
            if (share <= 0.0)
                continue;
            if (way.centres.empty())
                add(a.centre, a.width);
            // Where the kept width stops growing with the stroke.
            if (const double w = width / kKept; (a.width - w) * (b.width - w) < 0.0)
                add(lerp(a.centre, b.centre, (w - a.width) / (b.width - a.width)), w);
            add(b.centre, b.width);
        }
        end();
    }
    const auto keep = [&](const Segment& arc, const std::array<double, 2>& width_there, double share_there) {
        if (isNear(arc.start(), arc.end(), radiusAt(std::max(width_there[0], width_there[1]))))
            out.push_back(wayAlong(arc, width_there, [&](double w) { return radiusAt(w, share_there); }));
    };
    for (const auto& passage : proof.graph().passages)
        if (passage.is_ink == is_ink)
            keep(passage.arc, passage.width, 1.0);
    // What leads between two rings and looked like a corner to the branches: it ends where only passages go on.
    for (const auto& edge : proof.graph().edges)
        if (edge.is_ink == is_ink)
            for (const auto& step : edge.steps)
                if (!walked.contains(&step) && parts(step))
                    keep(step.arc, step.width, kKeptOpen);
    guards.small_parts = smallParts(proof.outline(), is_ink, width, isNear);
    return guards;
}

/// The middle that a smaller one lies in: the innermost that is large enough, where letters stand in frames. A place inside its ring may
/// lie in what stands in it.
std::optional<std::size_t> middleAround(const OutlineProof& proof, const PartSize& part)
{
    const Point p = part.at;
    constexpr double kAsLarge = 0.98; // what came through a union is fitted anew
    const double least_area = kAsLarge * part.area;
    std::optional<std::size_t> innermost;
    std::size_t number = 0;
    for (const auto& piece : proof.outline().pieces)
        for (const auto& middle : piece.middles) {
            const PartSize& size = proof.middles()[number];
            const Box& box = size.box;
            if (size.area >= least_area && p.x > box.x0 && p.x < box.x1 && p.y > box.y0 && p.y < box.y1 &&
                encloses(middle, p) && (!innermost || size.area < proof.middles()[*innermost].area))
                innermost = number;
            ++number;
        }
    return innermost;
}

/// `change` without its guards.
Result<Outline> guarded(Outline change, const Guards& guards, double width, Unit unit,
                        const CancelToken& cancel)
{
    if (!guards.ways.empty()) {
        OffsetOptions pen;
        pen.tolerance = bandTolerance(width, unit);
        pen.cancel = cancel;
        auto guard = stroked(guards.ways, unit, pen);
        if (!guard)
            return guard;
        auto left = combine(change, *guard, BooleanOp::Subtract, unit, cancel);
        if (!left)
            return left;
        change = std::move(*left);
    }
    return guards.small_parts.pieces.empty()
               ? change
               : combine(change, guards.small_parts, BooleanOp::Subtract, unit, cancel);
}

/// Without the pieces that none of the runs runs through.
Outline onRuns(Outline band, const std::vector<MeantRun>& runs, double width)
{
    std::vector<Point> seeds;
    for (const auto& [branch, run] : runs) {
        const auto centres = centresAlong(*branch, run, 0.5 * width);
        seeds.insert(seeds.end(), centres.begin(), centres.end());
    }
    std::erase_if(band.pieces, [&](const Piece& piece) {
        const Box box = piece.outer.bounds();
        const InkTest test(Outline{{piece}}, 0.01 * width);
        return std::ranges::none_of(seeds, [&](Point p) {
            return p.x >= box.x0 && p.x <= box.x1 && p.y >= box.y0 && p.y <= box.y1 && test.isInk(p);
        });
    });
    return band;
}

/// Crumbs that an opened gap cut off are cut away: no piece comes where none was.
Result<Outline> withoutCrumbs(const OutlineProof& proof, Outline outline, double width)
{
    if (outline.pieces.size() <= proof.pieces().size())
        return outline;
    const auto is_old = [&](const Box& box) {
        return std::ranges::any_of(proof.pieces(), [&](const PartSize& old) {
            return old.area < kCrumb * width * width && distanceTo(box, old.at) <= 0.0;
        });
    };
    std::erase_if(outline.pieces, [&](const Piece& piece) {
        return piece.outer.signedArea() < kCrumb * width * width && !is_old(piece.outer.bounds());
    });
    return outline;
}

Result<Widening> widened(const OutlineProof& proof, bool is_ink, const WidenOptions& options)
{
    const Unit unit = proof.unit();
    Widening out{proof.outline(), 0, {}};
    const auto runs = meantRuns(proof, is_ink, options.width, options.choose);
    if (runs.empty())
        return out;
    const double width = options.width * (1.0 + kSurplus);
    OffsetOptions pen;
    pen.tolerance = bandTolerance(width, unit);
    pen.cancel = options.cancel;
    std::vector<OpenPath> paths;
    for (const auto& [branch, run] : runs) {
        paths.push_back(pathOf(*branch, run, width, unit));
        out.boxes.push_back(grownBy(paths.back().bounds(), 0.5 * width + pen.tolerance));
    }
    auto band = stroked(paths, width, unit, pen);
    if (!band)
        return fail(band.error());
    std::vector<Chord> way;
    for (const auto& [branch, run] : runs) {
        const auto centres = centresAlong(*branch, run, 0.5 * width);
        for (std::size_t i = 0; i < centres.size(); ++i)
            way.push_back({centres[i], centres[std::min(i + 1, centres.size() - 1)]});
    }
    const ChordIndex index(way);
    std::vector<std::uint32_t> near;
    const auto isNear = [&](Point a, Point b, double kept) {
        const double reach = 0.5 * width + kept;
        Box box;
        box.add(a);
        box.add(b);
        index.near(grownBy(box, reach), near);
        return std::ranges::any_of(
            near, [&](std::uint32_t k) { return nearestEnds(a, b, way[k].a, way[k].b).distance < reach; });
    };
    band = guarded(std::move(*band), guardsOf(proof, !is_ink, options.other_width, width, isNear),
                   options.other_width, unit, options.cancel);
    if (!band)
        return fail(band.error());
    *band = onRuns(std::move(*band), runs, width);
    auto made = changedBy(proof.outline(), *band, out.boxes, is_ink ? BooleanOp::Union : BooleanOp::Subtract,
                          unit, options.cancel);
    if (!made)
        return fail(made.error());
    auto whole = is_ink ? withoutNewMiddles(proof, std::move(*made), options.width, options.cancel, out.boxes)
                        : withoutCrumbs(proof, std::move(*made), options.width);
    if (!whole)
        return fail(whole.error());
    out.outline = std::move(*whole);
    out.places = runs.size();
    return out;
}

} // namespace

Result<Outline> withoutNewMiddles(const OutlineProof& proof, Outline outline, double width,
                                  const CancelToken& cancel, std::vector<Box>& boxes)
{
    std::size_t middles = 0;
    for (const auto& piece : outline.pieces)
        middles += piece.middles.size();
    if (middles <= proof.middles().size())
        return outline;
    const auto parts = partsOf(outline).middles;
    std::map<std::size_t, std::size_t> kept; // of each middle that was there, the largest part
    for (std::size_t i = 0; i < parts.size(); ++i)
        if (const auto old = middleAround(proof, parts[i]))
            if (const auto [it, is_first] = kept.emplace(*old, i);
                !is_first && parts[it->second].area < parts[i].area)
                it->second = i;
    std::set<std::size_t> stays;
    for (const auto& [old, now] : kept)
        stays.insert(now);
    OffsetOptions options;
    options.tolerance = bandTolerance(width, proof.unit());
    options.cancel = cancel;
    std::size_t number = 0;
    for (auto& piece : outline.pieces) {
        std::vector<Contour> staying;
        for (auto& middle : piece.middles) {
            if (!stays.contains(number++)) {
                const auto holds = holdsDisc(middle, width, proof.unit(), options);
                if (!holds)
                    return fail(holds.error());
                if (!*holds) {
                    boxes.push_back(middle.bounds());
                    continue;
                }
            }
            staying.push_back(std::move(middle));
        }
        piece.middles = std::move(staying);
    }
    return outline;
}

Result<Outline> offTheAxis(const Outline& change, const OutlineProof& proof, bool is_ink, double width,
                           const CancelToken& cancel)
{
    std::vector<Box> boxes;
    for (const auto& piece : change.pieces)
        boxes.push_back(piece.outer.bounds());
    const auto isNear = [&](Point a, Point b, double kept) {
        Box box;
        box.add(a);
        box.add(b);
        box = grownBy(box, kept);
        return std::ranges::any_of(boxes, [&](const Box& other) {
            return other.x0 <= box.x1 && other.x1 >= box.x0 && other.y0 <= box.y1 && other.y1 >= box.y0;
        });
    };
    constexpr double kAnyWidth = std::numeric_limits<double>::infinity();
    return guarded(change, guardsOf(proof, is_ink, width, kAnyWidth, isNear), width, proof.unit(), cancel);
}

std::vector<Point> narrowPlaces(const OutlineProof& proof, bool is_ink, double width)
{
    std::vector<Point> out;
    for (const auto& [branch, run] : meantRuns(proof, is_ink, width, {}))
        out.push_back(narrowestOf(*branch, run).centre);
    return out;
}

Result<Widening> thickenStrokes(const OutlineProof& proof, const WidenOptions& options)
{
    return widened(proof, true, options);
}

Result<Widening> openGaps(const OutlineProof& proof, const WidenOptions& options)
{
    return widened(proof, false, options);
}

} // namespace ink
