#include "core/proof/widening_rounds.h"

#include "core/base/on_threads.h"
#include "core/geometry/box.h"
#include "core/geometry/disjoint_sets.h"
#include "core/geometry/distance.h"
#include "core/proof/asked_mendings.h"
#include "core/proof/teeth.h"
#include "core/proof/widen.h"

#include <algorithm>
#include <iterator>
#include <set>

namespace ink {
namespace {

constexpr int kMostRounds = 3;
/// A place is widened again where the round before made it this much wider: it had room on one side.
constexpr double kBetter = 1.05;
constexpr unsigned kMostThreads = 4;

/// The rounds of one outline.
class Rounds
{
public:
    /// `most_width`: what is asked to be wider than that is left as it is.
    Rounds(const OutlineProof& proof, double most_width, std::span<const PlacedMending> mendings,
           const MendingRequest& request)
        : m_proof(proof), m_most_width(most_width), m_mendings(mendings), m_asked(mendings),
          m_request(request)
    {
        m_out.outline = m_drawn = proof.outline();
        for (const auto& m : mendings)
            if (m.to > 0.0 && (m.kind == MendingKind::Thicken || m.kind == MendingKind::CloseGaps ||
                               m.kind == MendingKind::OpenGaps))
                m_least_width = std::min(m_least_width, m.to);
    }

    Result<WidenedOutline> run()
    {
        for (int round = 0; round < kMostRounds; ++round) {
            m_places = 0;
            for (const auto kind : {MendingKind::Thicken, MendingKind::CloseGaps, MendingKind::OpenGaps})
                if (auto ok = widen(kind); !ok)
                    return fail(ok.error());
            if (m_places == 0)
                break;
        }
        if (m_out.touched.empty())
            return std::move(m_out);
        auto even = withoutTeeth(m_drawn, m_out.outline, m_out.touched, m_least_width, m_request.unit,
                                 m_request.cancel);
        if (!even)
            return fail(even.error());
        m_out.outline = std::move(*even);
        return std::move(m_out);
    }

private:
    /// Where something was widened in a round before.
    struct Tried
    {
        MendingKind kind;
        double width, least;
        Box box;
    };

    Result<void> look()
    {
        if (m_is_looked_at)
            return {};
        auto proof = OutlineProof::of(m_out.outline, m_request.unit, nullptr, m_request.cancel);
        if (!proof)
            return fail(proof.error());
        m_proof = std::move(*proof);
        m_is_looked_at = true;
        return {};
    }

    /// What is widened is what is found: no stretch that nobody is told of.
    static bool isFound(const Branch& branch, const BranchRun& stretch, double width)
    {
        const double found = width * (1.0 - kMendedShare);
        return std::ranges::any_of(narrowRuns(branch, found), [&](const BranchRun& run) {
            return run.from <= stretch.to && run.to >= stretch.from && isLost(branch, run, found);
        });
    }

    /// Whether this stretch is widened now; it is then among `trying`.
    bool isChosen(MendingKind kind, double width, const Branch& branch, const BranchRun& stretch,
                  std::vector<Tried>& trying) const
    {
        if (!isFound(branch, stretch, width))
            return false;
        const bool is_ink = kind == MendingKind::Thicken;
        const Point middle = placeAt(branch, 0.5 * (stretch.from + stretch.to)).centre;
        Box box;
        box.add(middle);
        for (const Point p : centresAlong(branch, stretch, width))
            box.add(p);
        const double within = width;
        for (const auto finding :
             {FindingKind::ThinStroke, FindingKind::Hanging, FindingKind::NarrowGap, FindingKind::SharpPoint})
            if ((answers(kind, finding) || (is_ink && finding == FindingKind::SharpPoint)) &&
                m_asked.isLeft(finding, box, within))
                return false;
        const auto narrowest = narrowestOf(branch, stretch);
        const auto was = [&](const Tried& t) {
            return t.kind == kind && t.width == width && distanceTo(t.box, narrowest.centre) <= 0.0 &&
                   narrowest.width < kBetter * t.least;
        };
        if (std::ranges::any_of(m_tried, was))
            return false; // there was no more room
        if (kind == MendingKind::OpenGaps && m_asked.at(MendingKind::CloseGaps, box, within) > 0.0)
            return false; // closed instead
        if (m_asked.at(kind, box, within) != width)
            return false;
        trying.push_back({kind, width, narrowest.width, grownBy(box, 0.5 * width)});
        return true;
    }

    Result<void> widen(MendingKind kind)
    {
        std::vector<double> widths;
        for (const auto& m : m_mendings)
            if (m.kind == kind && m.to > 0.0 && m.to <= m_most_width &&
                std::ranges::find(widths, m.to) == widths.end())
                widths.push_back(m.to);
        std::ranges::sort(widths, std::greater());
        for (const double width : widths) {
            if (auto ok = look(); !ok)
                return ok;
            std::vector<Tried> trying;
            WidenOptions options;
            options.width = width;
            options.cancel = m_request.cancel;
            options.other_width = kind == MendingKind::Thicken ? m_request.limits.gap_mm
                                                               : m_request.limits.stroke_comfortable_mm;
            options.choose = [&](const Branch& branch, const BranchRun& stretch) {
                return isChosen(kind, width, branch, stretch, trying);
            };
            auto made = kind == MendingKind::Thicken    ? thickenStrokes(m_proof, options)
                        : kind == MendingKind::OpenGaps ? openGaps(m_proof, options)
                                                        : closeGaps(m_proof, options);
            if (!made)
                return fail(made.error());
            if (made->places == 0)
                continue;
            m_places += made->places;
            m_out.touched.insert(m_out.touched.end(), made->boxes.begin(), made->boxes.end());
            for (const auto& box : made->boxes)
                m_out.widened.push_back(grownBy(box, -0.5 * width));
            m_tried.insert(m_tried.end(), trying.begin(), trying.end());
            m_out.outline = std::move(made->outline);
            m_is_looked_at = false;
        }
        return {};
    }

    OutlineProof m_proof;
    Outline m_drawn;
    double m_most_width, m_least_width = 1e300;
    std::span<const PlacedMending> m_mendings;
    AskedMendings m_asked;
    const MendingRequest& m_request;
    std::vector<Tried> m_tried;
    WidenedOutline m_out;
    bool m_is_looked_at = true;
    std::size_t m_places = 0;
};

/// The largest width that is asked for of each kind: how far what is done to a piece may reach.
double reachOf(std::span<const PlacedMending> mendings, const MendingRequest& request)
{
    double stroke = request.limits.stroke_comfortable_mm, gap = request.limits.gap_mm;
    for (const auto& m : mendings) {
        if (m.kind == MendingKind::Thicken)
            stroke = std::max(stroke, m.to);
        if (m.kind == MendingKind::CloseGaps || m.kind == MendingKind::OpenGaps)
            gap = std::max(gap, m.to);
    }
    return stroke + gap;
}

/// Places that are narrower than what is asked for anywhere, whatever was decided of them.
std::vector<Point> placesToWiden(const OutlineProof& proof, std::span<const PlacedMending> mendings)
{
    std::set<std::pair<bool, double>> widths;
    for (const auto& m : mendings)
        if (m.kind == MendingKind::Thicken || m.kind == MendingKind::CloseGaps ||
            m.kind == MendingKind::OpenGaps)
            widths.emplace(m.kind == MendingKind::Thicken, m.to);
    std::vector<Point> out;
    for (const auto& [is_ink, width] : widths)
        std::ranges::move(narrowPlaces(proof, is_ink, width), std::back_inserter(out));
    return out;
}

/// Pieces in groups that have no two pieces of different ones within reach, in the order of their first pieces. Of each piece the box
/// that half the reach goes to.
std::vector<std::vector<std::size_t>> groupsOf(std::span<const Box> boxes)
{
    DisjointSets together(boxes.size());
    for (std::size_t i = 0; i < boxes.size(); ++i)
        for (std::size_t k = i + 1; k < boxes.size(); ++k)
            if (boxes[i].x0 <= boxes[k].x1 && boxes[k].x0 <= boxes[i].x1 && boxes[i].y0 <= boxes[k].y1 &&
                boxes[k].y0 <= boxes[i].y1)
                together.join(i, k);
    auto groups = together.sets();
    std::ranges::sort(groups, {}, [](const auto& group) { return group.front(); });
    return groups;
}

} // namespace

Result<WidenedOutline> widenedInRounds(const OutlineProof& proof, std::span<const PlacedMending> mendings,
                                       const MendingRequest& request)
{
    const Outline& outline = proof.outline();
    WidenedOutline out;
    out.outline = outline;
    const auto narrow = placesToWiden(proof, mendings);
    if (narrow.empty())
        return out;
    // A stroke that is longer than all of them has no room, whatever it grows into.
    const Box whole = proof.figures().box;
    const double most_width = std::max(whole.width(), whole.height());
    std::vector<Box> boxes;
    for (const double half = 0.5 * reachOf(mendings, request); const auto& piece : outline.pieces)
        boxes.push_back(grownBy(piece.outer.bounds(), half));
    const auto groups = groupsOf(boxes);
    if (groups.size() < 2)
        return Rounds(proof, most_width, mendings, request).run();
    std::vector<Result<WidenedOutline>> made(groups.size());
    const unsigned threads = std::clamp(std::thread::hardware_concurrency(), 1u, kMostThreads);
    onThreads(threads, groups.size(), request.cancel, [&](std::size_t g) {
        Outline group;
        for (const std::size_t i : groups[g])
            group.pieces.push_back(outline.pieces[i]);
        const bool is_in_order = std::ranges::none_of(groups[g], [&](std::size_t i) {
            return std::ranges::any_of(narrow, [&](Point p) { return distanceTo(boxes[i], p) <= 0.0; });
        });
        if (is_in_order) {
            made[g] = WidenedOutline{std::move(group), {}, {}};
            return;
        }
        auto alone = OutlineProof::of(std::move(group), request.unit, nullptr, request.cancel);
        made[g] = alone ? Rounds(*alone, most_width, mendings, request).run() : fail(alone.error());
    });
    if (request.cancel.isCancelled())
        return fail(ErrorCode::Cancelled);
    out.outline.pieces.clear();
    for (auto& part : made) {
        if (!part)
            return fail(part.error());
        std::ranges::move(part->outline.pieces, std::back_inserter(out.outline.pieces));
        out.widened.insert(out.widened.end(), part->widened.begin(), part->widened.end());
        out.touched.insert(out.touched.end(), part->touched.begin(), part->touched.end());
    }
    return out;
}

} // namespace ink
