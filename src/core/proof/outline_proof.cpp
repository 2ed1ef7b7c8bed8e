#include "core/proof/outline_proof.h"

#include "core/geometry/box.h"
#include "core/geometry/distance.h"
#include "core/geometry/flatten.h"
#include "core/geometry/nesting.h"
#include "core/proof/width_runs.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <numbers>

namespace ink {
namespace {

constexpr double kInkTolerance_u = 0.25;
/// Cut twice counts from this length on.
constexpr double kSameWayLength_mm = 1.0;

struct NamedKind
{
    FindingKind kind;
    std::string_view id;
};
constexpr std::array kKinds{
    NamedKind{FindingKind::ThinStroke, "thin-stroke"},
    NamedKind{FindingKind::NarrowGap, "narrow-gap"},
    NamedKind{FindingKind::Speck, "speck"},
    NamedKind{FindingKind::SmallMiddle, "small-middle"},
    NamedKind{FindingKind::SharpPoint, "sharp-point"},
    NamedKind{FindingKind::Hanging, "hanging"},
    NamedKind{FindingKind::LoosePiece, "loose-piece"},
    NamedKind{FindingKind::StencilMiddle, "stencil-middle"},
    NamedKind{FindingKind::Nodes, "nodes"},
    NamedKind{FindingKind::CutTwice, "cut-twice"},
    NamedKind{FindingKind::TooLarge, "too-large"},
    NamedKind{FindingKind::Missing, "missing"},
    NamedKind{FindingKind::Rights, "rights"},
    NamedKind{FindingKind::LowLetters, "low-letters"},
    NamedKind{FindingKind::WideStroke, "wide-stroke"},
    NamedKind{FindingKind::ThickThread, "thick-thread"},
    NamedKind{FindingKind::ShortStitches, "short-stitches"},
    NamedKind{FindingKind::StitchedSize, "stitched-size"},
};

/// A point inside the ring: halfway through the first two crossings of a level near its middle.
Point insideOf(const Contour& ring)
{
    const Box box = ring.bounds();
    const double level = box.y0 + box.height() * 0.4931; // not through a node
    std::vector<double> crossings;
    for (const auto& s : ring.segments) {
        constexpr int kSteps = 32;
        Point before = s.start();
        for (int i = 1; i <= kSteps; ++i) {
            const Point p = s.pointAt(double(i) / kSteps);
            if ((before.y < level) != (p.y < level))
                crossings.push_back(before.x + (p.x - before.x) * (level - before.y) / (p.y - before.y));
            before = p;
        }
    }
    std::ranges::sort(crossings);
    if (crossings.size() < 2)
        return {(box.x0 + box.x1) / 2, (box.y0 + box.y1) / 2};
    return {(crossings[0] + crossings[1]) / 2, level};
}

void addPoints(const Contour& ring, std::vector<PointOfInk>& out)
{
    constexpr double kFurther = 1.0 / 16.0; // of a segment
    for (std::size_t i = 0; i < ring.segments.size(); ++i) {
        const Segment &in = ring.segments[i], &next = ring.segments[(i + 1) % ring.segments.size()];
        const Point a = in.endTangent(), b = next.startTangent(), at = in.end();
        const double turn_deg = std::atan2(cross(a, b), dot(a, b)) * 180 / std::numbers::pi;
        const double angle_deg = 180 - std::abs(turn_deg);
        if (angle_deg >= kSharpPoint_deg)
            continue;
        // Ink on the left: a turn to the left is a point of the ink, one to the right a notch. Where both sides begin in one direction
        // that is told a little further on.
        if (cross(at - in.pointAt(1.0 - kFurther), next.pointAt(kFurther) - at) <= 0.0)
            continue;
        const Point inwards = b * (1.0 / length(b)) - a * (1.0 / length(a));
        const double l = length(inwards);
        out.push_back({at, angle_deg, l > 0.0 ? inwards * (1.0 / l) : a * (-1.0 / length(a))});
    }
}

Point middleOf(const Box& box)
{
    return {(box.x0 + box.x1) / 2, (box.y0 + box.y1) / 2};
}

} // namespace

std::string_view idOf(FindingKind kind)
{
    return std::ranges::find(kKinds, kind, &NamedKind::kind)->id;
}

std::optional<FindingKind> findingKindOf(std::string_view id)
{
    const auto found = std::ranges::find(kKinds, id, &NamedKind::id);
    return found == kKinds.end() ? std::nullopt : std::optional(found->kind);
}

std::string_view idOf(FindingLevel level)
{
    return level == FindingLevel::Fails ? "fails" : "look";
}

ProofVerdict verdictOf(const std::vector<ProofFinding>& findings)
{
    auto worst = ProofVerdict::Holds;
    for (const auto& finding : findings)
        worst =
            std::max(worst, finding.level == FindingLevel::Fails ? ProofVerdict::Not : ProofVerdict::Barely);
    return worst;
}

std::string_view idOf(ProofVerdict verdict)
{
    static constexpr std::array kIds{"holds", "barely", "not"};
    return kIds[static_cast<std::size_t>(verdict)];
}

OutlineParts partsOf(const Outline& outline)
{
    OutlineParts out;
    out.figures = measure(outline);
    for (const auto& piece : outline.pieces) {
        double area = piece.outer.signedArea();
        addPoints(piece.outer, out.points);
        for (const auto& middle : piece.middles) {
            area += middle.signedArea();
            out.middles.push_back(
                {-middle.signedArea(), insideOf(middle), middle.bounds(), middle.segments.front().start()});
            addPoints(middle, out.points);
        }
        out.pieces.push_back(
            {area, insideOf(piece.outer), piece.outer.bounds(), piece.outer.segments.front().start()});
    }
    return out;
}

Result<OutlineProof> OutlineProof::of(Outline outline, Unit unit, std::shared_ptr<const LetterOwners> letters,
                                      const CancelToken& cancel)
{
    OutlineProof out;
    auto graph = axisGraph(outline, unit, cancel, AxisParts::EdgesAndPassages);
    if (!graph)
        return fail(graph.error());
    out.m_unit = unit;
    out.m_letters = std::move(letters);
    out.m_graph = std::make_shared<const AxisGraph>(std::move(*graph));
    out.m_ink = std::make_shared<const InkTest>(outline, kInkTolerance_u * unit.u);
    out.m_branches = branchesOf(*out.m_graph, *out.m_ink);
    out.m_parts = partsOf(outline);
    out.m_touching = touchingPoints(toPaths(outline));
    // Ways of two pieces that run side by side.
    std::vector<std::size_t> piece_of;
    for (std::size_t i = 0; i < outline.pieces.size(); ++i)
        piece_of.insert(piece_of.end(),
                        outline.pieces[i].outer.segments.size() + nodeCount(outline.pieces[i].middles), i);
    for (const auto& branch : out.m_branches) {
        if (branch.is_ink)
            continue;
        std::map<std::pair<std::size_t, std::size_t>, SameWay> ways;
        for (const auto* step : branch.steps) {
            const int a = step->touches[0].segment, b = step->touches[1].segment;
            if (!step->is_stroke || a < 0 || b < 0)
                continue;
            const auto [one, other] = std::minmax(piece_of[std::size_t(a)], piece_of[std::size_t(b)]);
            // Two edges that part further on are as far apart as where they do not run side by side.
            if (one == other ||
                std::max(step->width[0], step->width[1]) > 2.0 * step->narrowest.width + unit.u)
                continue;
            auto& way = ways.try_emplace({one, other}, SameWay{one, other, {}, {}, 1e300, 0.0}).first->second;
            if (step->narrowest.width < way.distance) {
                way.distance = step->narrowest.width;
                way.at = step->narrowest.centre;
            }
            way.box.add(step->arc.bounds());
            way.length += length(step->arc.end() - step->arc.start());
        }
        for (auto& [pieces, way] : ways)
            out.m_same_ways.push_back(way);
    }
    out.m_outline = std::make_shared<const Outline>(std::move(outline));
    return out;
}

/// Finds at one size, in mm.
class OutlineProof::Finder
{
public:
    Finder(const OutlineProof& proof, double scale, const Asked& asked)
        : m_proof(proof), m_scale(scale), m_asked(asked), m_measured(proof.outline(), proof.unit())
    {
    }

    std::vector<ProofFinding> find()
    {
        addWidths();
        addParts();
        addTouching();
        addPoints();
        addWhole();
        std::ranges::stable_sort(m_found, [](const ProofFinding& a, const ProofFinding& b) {
            return std::tuple(a.level != FindingLevel::Fails, a.kind, a.at.x, a.at.y) <
                   std::tuple(b.level != FindingLevel::Fails, b.kind, b.at.x, b.at.y);
        });
        return std::move(m_found);
    }

private:
    Box toMm(Box box) const
    {
        return {box.x0 * m_scale, box.y0 * m_scale, box.x1 * m_scale, box.y1 * m_scale};
    }
    std::vector<std::size_t> lettersAt(std::initializer_list<Point> places) const
    {
        std::vector<std::size_t> out;
        if (m_proof.m_letters)
            for (const Point p : places)
                for (const auto letter : m_proof.m_letters->at(p))
                    if (std::ranges::find(out, letter) == out.end())
                        out.push_back(letter);
        std::ranges::sort(out);
        return out;
    }

    void addWidths()
    {
        const auto& limits = m_asked.limits;
        for (const auto& branch : m_proof.m_branches) {
            const double wanted_mm = branch.is_ink ? limits.stroke_comfortable_mm : limits.gap_mm;
            const double wanted = wanted_mm * (1.0 - kMendedShare) / m_scale;
            for (const auto& run : widthRuns(branch, wanted, m_measured))
                addRun(branch, run, wanted, wanted_mm);
        }
    }

    /// What is under the floor is no longer than it is allowed to be wide, with more ink on both sides.
    static bool isHanging(const Branch& branch, const BranchRun& whole, double floor)
    {
        const BranchPlace thinnest = narrowestOf(branch, whole);
        return !branch.is_ring && std::ranges::any_of(narrowRuns(branch, floor), [&](const BranchRun& run) {
            return run.from <= thinnest.along && thinnest.along <= run.to && run.length() <= floor &&
                   run.from > 0.0 && run.to < branch.length();
        });
    }

    void addRun(const Branch& branch, const WidthRun& found, double wanted, double wanted_mm)
    {
        const auto& [run, place, is_point] = found;
        const double least = place.width, measured_mm = least * m_scale;
        const Point at = place.centre;
        Box box;
        for (const auto& p : centresAlong(branch, run, wanted))
            box.add(p);
        ProofFinding f;
        f.at = at * m_scale;
        f.box = toMm(grownBy(box, 0.5 * least));
        f.measured = measured_mm;
        f.wanted = wanted_mm;
        f.length = run.length() * m_scale;
        f.letters = lettersAt({place.a, place.b});
        if (branch.is_ink) {
            const double floor = m_asked.limits.stroke_floor_mm;
            f.kind = isSharpPoint(branch, found, wanted) ? FindingKind::SharpPoint
                     : measured_mm < floor && isHanging(branch, run, floor / m_scale)
                         ? FindingKind::Hanging
                         : FindingKind::ThinStroke;
            f.level = measured_mm < floor && !is_point ? FindingLevel::Fails : FindingLevel::Look;
            if (f.kind == FindingKind::SharpPoint) {
                f.measured = angleOf(branch, run);
                f.wanted = kSharpPoint_deg;
                // The corner itself, where the ink ends in one.
                for (const auto& point : m_proof.points())
                    if (length(point.at - at) <= wanted) {
                        f.at = point.at * m_scale;
                        f.measured = point.angle_deg;
                    }
            }
        } else {
            f.kind = FindingKind::NarrowGap;
            f.level = is_point ? FindingLevel::Look : FindingLevel::Fails;
        }
        if (f.kind == FindingKind::SharpPoint)
            m_blunted.push_back(f.at);
        m_found.push_back(std::move(f));
    }

    /// Of a pointed end: how fast it widens.
    static double angleOf(const Branch& branch, const BranchRun& run)
    {
        const double way = run.length();
        const double wider = std::abs(placeAt(branch, run.to).width - placeAt(branch, run.from).width);
        return way > 0.0 ? 2.0 * std::atan2(0.5 * wider, way) * 180.0 / std::numbers::pi : 0.0;
    }

    void addParts()
    {
        const double square = m_scale * m_scale;
        const auto& limits = m_asked.limits;
        const auto part = [&](FindingKind kind, const PartSize& size, std::size_t number, double wanted) {
            ProofFinding f;
            f.kind = kind;
            f.level = FindingLevel::Fails;
            f.at = size.at * m_scale;
            f.box = toMm(size.box);
            f.measured = size.area * square;
            f.wanted = wanted;
            f.letters = lettersAt({size.edge, {size.box.x0, size.at.y}, size.at});
            f.parts = {number};
            return f;
        };
        for (std::size_t i = 0; i < m_proof.pieces().size(); ++i)
            if (m_proof.pieces()[i].area * square < limits.smallest_piece_mm2)
                m_found.push_back(
                    part(FindingKind::Speck, m_proof.pieces()[i], i, limits.smallest_piece_mm2));
        for (std::size_t i = 0; i < m_proof.middles().size(); ++i) {
            const auto& middle = m_proof.middles()[i];
            if (m_asked.is_stencil)
                m_found.push_back(part(FindingKind::StencilMiddle, middle, i, 0.0));
            else if (middle.area * square < limits.smallest_middle_mm2)
                m_found.push_back(part(FindingKind::SmallMiddle, middle, i, limits.smallest_middle_mm2));
        }
        if (!m_asked.is_one_piece || m_proof.pieces().size() < 2)
            return;
        const auto largest = std::ranges::max_element(m_proof.pieces(), {}, &PartSize::area);
        for (std::size_t i = 0; i < m_proof.pieces().size(); ++i)
            if (&m_proof.pieces()[i] != &*largest)
                m_found.push_back(part(FindingKind::LoosePiece, m_proof.pieces()[i], i, 0.0));
    }

    /// Where ink touches ink there is nothing to hold it.
    void addTouching()
    {
        if (m_asked.is_stencil || m_asked.limits.stroke_floor_mm <= 0.0)
            return;
        for (const auto& touching : m_proof.touching()) {
            ProofFinding f;
            f.kind = FindingKind::Hanging;
            f.level = FindingLevel::Fails;
            f.at = touching.at * m_scale;
            f.box = {f.at.x, f.at.y, f.at.x, f.at.y};
            f.wanted = m_asked.limits.stroke_comfortable_mm;
            f.letters = lettersAt({touching.at});
            m_found.push_back(std::move(f));
        }
    }

    void addPoints()
    {
        for (const auto& point : m_proof.points()) {
            const Point at = point.at * m_scale;
            const double near = m_asked.limits.stroke_comfortable_mm;
            if (std::ranges::any_of(m_blunted, [&](Point p) { return length(p - at) < near; }))
                continue;
            ProofFinding f;
            f.kind = FindingKind::SharpPoint;
            f.level = FindingLevel::Look;
            f.at = at;
            f.box = {at.x, at.y, at.x, at.y};
            f.measured = point.angle_deg;
            f.wanted = kSharpPoint_deg;
            f.letters = lettersAt({point.at});
            m_found.push_back(std::move(f));
        }
    }

    void addWhole()
    {
        const auto& figures = m_proof.figures();
        const double cm = figures.cut_length * m_scale / 10.0;
        ProofFinding f;
        f.level = FindingLevel::Look;
        f.box = toMm(figures.box);
        f.at = middleOf(f.box);
        if (const double per_cm = cm > 0.0 ? double(figures.nodes) / cm : 0.0; per_cm > kMostNodes_per_cm) {
            f.kind = FindingKind::Nodes;
            f.measured = per_cm;
            f.wanted = kMostNodes_per_cm;
            m_found.push_back(f);
        }
        for (const auto& way : m_proof.m_same_ways) {
            if (way.distance * m_scale > kSameWay_mm || way.length * m_scale < kSameWayLength_mm)
                continue;
            ProofFinding twice;
            twice.kind = FindingKind::CutTwice;
            twice.level = FindingLevel::Look;
            twice.at = way.at * m_scale;
            twice.box = toMm(way.box);
            twice.measured = way.distance * m_scale;
            twice.wanted = kSameWay_mm;
            twice.length = way.length * m_scale;
            twice.letters = lettersAt({way.at});
            twice.parts = {way.one, way.other};
            m_found.push_back(std::move(twice));
        }
        f.kind = FindingKind::TooLarge;
        f.level = FindingLevel::Fails;
        const auto add = [&](double is, double most) {
            if (most <= 0.0 || is <= most)
                return;
            f.measured = is;
            f.wanted = most;
            m_found.push_back(f);
        };
        add(f.box.width(), m_asked.most_width_mm);
        add(f.box.height(), m_asked.most_height_mm);
    }

    const OutlineProof& m_proof;
    double m_scale;
    const Asked& m_asked;
    MeasuredSteps m_measured;
    std::vector<ProofFinding> m_found;
    std::vector<Point> m_blunted;
};

std::vector<ProofFinding> OutlineProof::findings(double scale, const Asked& asked) const
{
    return Finder(*this, scale, asked).find();
}

} // namespace ink
