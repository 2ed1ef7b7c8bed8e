#include "core/proof/mending.h"

#include "core/base/told.h"
#include "core/geometry/boolean.h"
#include "core/geometry/box.h"
#include "core/geometry/bridge.h"
#include "core/geometry/distance.h"
#include "core/geometry/nesting.h"
#include "core/geometry/stroke.h"
#include "core/proof/asked_mendings.h"
#include "core/proof/changed_outline.h"
#include "core/proof/hanging.h"
#include "core/proof/one_piece.h"
#include "core/proof/stencil.h"
#include "core/proof/widen.h"
#include "core/proof/widening_rounds.h"

#include <algorithm>
#include <cmath>

namespace ink {
namespace {

/// Share of the largest limit that an axis may be off by.
constexpr double kUnitOfLimit = 1.0 / 25.0;
/// A finding after mending is one that was there before when it is no further off, in widths of what was asked.
constexpr double kSamePlace = 1.5;

Contour scaledAbout(const Contour& ring, Point centre, double factor)
{
    return transformed(ring,
                       Affine{factor, 0, 0, factor, centre.x * (1.0 - factor), centre.y * (1.0 - factor)});
}

Point centreOf(const Box& box)
{
    return {(box.x0 + box.x1) / 2, (box.y0 + box.y1) / 2};
}

class Mender
{
public:
    Mender(const Outline& outline, std::span<const PlacedMending> mendings, const MendingRequest& request)
        : m_outline(outline), m_mendings(mendings), m_asked(mendings), m_request(request)
    {
    }

    Result<Mended> run()
    {
        for (const auto& m : m_mendings)
            if (!(m.to >= 0.0 && m.to <= kMostMending_mm2))
                return fail(ErrorCode::DistanceOutOfRange, {}, "a mending is 0 to 100 mm");
        const auto nodes = nodeCount(toPaths(m_outline)),
                   most = m_asked.widens() ? kMostMendedNodes : kMostProofNodes;
        if (nodes > most)
            return fail(ErrorCode::TooComplex, {},
                        told("this mending takes up to {} nodes at once, and these have {}", most, nodes));
        if (auto ok = look(); !ok)
            return fail(ok.error());
        const auto before = m_proof.findings(1.0, m_asked.asWanted(m_request));
        Mended out;
        if (auto ok = tie(); !ok)
            return fail(ok.error());
        if (auto ok = part(before); !ok)
            return fail(ok.error());
        if (m_asked.widens())
            if (auto ok = widen(); !ok)
                return fail(ok.error());
        if (auto ok = mendMiddles(); !ok)
            return fail(ok.error());
        if (auto ok = mendSpecks(); !ok)
            return fail(ok.error());
        if (auto ok = blunt(); !ok)
            return fail(ok.error());
        if (auto ok = tieWhatParted(); !ok)
            return fail(ok.error());
        if (auto ok = bridge(out); !ok)
            return fail(ok.error());
        if (m_request.then && !m_outline.pieces.empty()) {
            auto last = m_request.then(std::move(m_outline));
            if (!last)
                return fail(last.error());
            take(std::move(*last));
        }
        if (auto ok = look(); !ok)
            return fail(ok.error());
        if (m_outline.pieces.empty())
            return fail(ErrorCode::NothingToCut, {}, "the mending leaves nothing of them");
        out.touched = m_touched;
        compare(before, m_proof.findings(1.0, m_asked.asWanted(m_request)), out);
        out.outline_mm = std::move(m_outline);
        out.proof = std::make_shared<const OutlineProof>(std::move(m_proof));
        return out;
    }

private:
    Result<void> look()
    {
        if (m_is_looked_at)
            return {};
        if (m_request.is_stencil)
            m_outline = asStencil(std::move(m_outline));
        auto proof = OutlineProof::of(m_outline, m_request.unit, m_request.letters, m_request.cancel);
        if (!proof)
            return fail(proof.error());
        m_proof = std::move(*proof);
        m_is_looked_at = true;
        return {};
    }
    void take(Outline outline)
    {
        m_outline = std::move(outline);
        m_is_looked_at = false;
    }
    Result<void> tie()
    {
        const auto& r = m_request;
        for (const auto& m : m_mendings) {
            if (m.kind != MendingKind::TieAll && m.kind != MendingKind::Bar && m.kind != MendingKind::Plate)
                continue;
            auto made = m.kind == MendingKind::TieAll ? tiedTogether(m_outline, m.to, r.unit, {}, r.cancel)
                        : m.kind == MendingKind::Bar
                            ? onBar(m_outline, m.to, r.baselines_mm, r.unit, r.cancel)
                            : onPlate(m_outline, r.unit, r.cancel);
            if (!made)
                return fail(made.error());
            take(std::move(*made));
        }
        return {};
    }

    /// Where hardly more than a hair was in a crowd of gaps, opening them may have parted it.
    Result<void> tieWhatParted()
    {
        for (const auto& m : m_mendings)
            if ((m.kind == MendingKind::TieAll || m.kind == MendingKind::Bar) &&
                m_outline.pieces.size() > 1) {
                auto made = tiedTogether(m_outline, m.to, m_request.unit, {}, m_request.cancel);
                if (!made)
                    return fail(made.error());
                take(std::move(*made));
            }
        return {};
    }

    /// What hangs by a thread, where that was asked for.
    Result<void> part(const std::vector<ProofFinding>& before)
    {
        for (const auto& m : m_mendings) {
            if (m.kind != MendingKind::Part || !m.at_mm || m.to <= 0.0)
                continue;
            const ProofFinding* nearest = nullptr;
            const auto away = [&](const ProofFinding& f) { return length(f.at - *m.at_mm); };
            for (const auto& f : before)
                if (f.kind == FindingKind::Hanging && AskedMendings::isAgainst(m, f) &&
                    (!nearest || away(f) < away(*nearest)))
                    nearest = &f;
            if (!nearest)
                continue;
            if (auto ok = look(); !ok)
                return ok;
            auto made = partedAt(m_proof, nearest->at, m.to, m_request.cancel);
            if (!made)
                return fail(made.error());
            m_touched.push_back(grownBy(nearest->box, nearest->measured + 2.0 * m.to));
            take(std::move(*made));
        }
        return {};
    }

    /// Where ink touches ink, before strokes are looked at: they reach over such points then.
    Result<void> join()
    {
        const Box whole = m_proof.figures().box;
        const auto widthAt = [&](Point p) {
            const Box box{p.x, p.y, p.x, p.y};
            const double width =
                m_asked.at(MendingKind::Thicken, box, m_request.limits.stroke_comfortable_mm);
            return width > std::max(whole.width(), whole.height()) ||
                           m_asked.isLeft(FindingKind::Hanging, box, width)
                       ? 0.0
                       : width;
        };
        auto made = joinTouching(m_proof, widthAt, m_request.cancel);
        if (!made)
            return fail(made.error());
        if (made->places == 0)
            return {};
        m_touched.insert(m_touched.end(), made->boxes.begin(), made->boxes.end());
        take(std::move(made->outline));
        return look();
    }

    Result<void> widen()
    {
        if (auto ok = look(); !ok)
            return ok;
        if (!m_request.is_stencil)
            if (auto ok = join(); !ok)
                return ok;
        auto made = widenedInRounds(m_proof, m_mendings, m_request);
        if (!made)
            return fail(made.error());
        m_widened = std::move(made->widened);
        if (!made->touched.empty())
            take(std::move(made->outline));
        m_touched.insert(m_touched.end(), made->touched.begin(), made->touched.end());
        return {};
    }

    Result<void> mendMiddles()
    {
        Outline larger;
        bool any = false;
        Outline out = m_outline;
        for (auto& piece : out.pieces)
            std::erase_if(piece.middles, [&](const Contour& middle) {
                const Box box = middle.bounds();
                const double area = -middle.signedArea();
                if (m_asked.isLeft(FindingKind::SmallMiddle, box, 0.0))
                    return false;
                if (area < m_asked.at(MendingKind::FillMiddles, box, 0.0))
                    return any = true;
                if (const double to = m_asked.at(MendingKind::EnlargeMiddles, box, 0.0); area < to)
                    larger.pieces.push_back(
                        {scaledAbout(middle.reversed(), centreOf(box), 1.01 * std::sqrt(to / area)), {}});
                return false;
            });
        if (any)
            take(std::move(out));
        if (larger.pieces.empty())
            return {};
        if (auto ok = look(); !ok)
            return ok;
        auto clear =
            offTheAxis(larger, m_proof, true, m_request.limits.stroke_comfortable_mm, m_request.cancel);
        if (!clear)
            return fail(clear.error());
        auto made = combine(m_outline, *clear, BooleanOp::Subtract, m_request.unit, m_request.cancel);
        if (!made)
            return fail(made.error());
        take(withCurvesOf(m_outline, std::move(*made), 0.1 * m_request.unit.u));
        return {};
    }

    Result<void> mendSpecks()
    {
        Outline out;
        std::vector<bool> is_tied;
        bool ties = false, any = false;
        double width = 0.0;
        for (auto& piece : m_outline.pieces) {
            double area = piece.outer.signedArea();
            for (const auto& middle : piece.middles)
                area += middle.signedArea();
            const Box box = piece.outer.bounds();
            const double limit = m_request.limits.smallest_piece_mm2;
            const auto at = [&](MendingKind kind, bool& is_here) {
                is_here = std::ranges::any_of(m_mendings, [&](const PlacedMending& m) {
                    return m.kind == kind && m.at_mm && distanceTo(box, *m.at_mm) <= 0.0;
                });
                return m_asked.at(kind, box, 0.0);
            };
            bool is_here = false;
            is_tied.push_back(false);
            if (m_asked.isLeft(FindingKind::Speck, box, 0.0)) {
                out.pieces.push_back(piece);
                continue;
            }
            if (const double most = at(MendingKind::LeaveOut, is_here); is_here || area < most) {
                is_tied.pop_back();
                any = true;
                continue;
            }
            const double to = at(MendingKind::Enlarge, is_here);
            if (area < to) {
                const double factor = 1.01 * std::sqrt(to / area);
                Piece larger{scaledAbout(piece.outer, centreOf(box), factor), {}};
                for (const auto& middle : piece.middles)
                    larger.middles.push_back(scaledAbout(middle, centreOf(box), factor));
                out.pieces.push_back(std::move(larger));
                any = true;
                continue;
            }
            const double tie_mm = at(MendingKind::Tie, is_here);
            if (tie_mm > 0.0 && (is_here || area < limit)) {
                is_tied.back() = ties = true;
                width = tie_mm;
            }
            out.pieces.push_back(piece);
        }
        if (any) { // what was enlarged may meet its neighbour
            auto united = combine(out, Outline{}, BooleanOp::Union, m_request.unit, m_request.cancel);
            if (!united)
                return fail(united.error());
            if (united->pieces.size() == out.pieces.size())
                take(std::move(out)); // nothing met: the curves as they were
            else
                take(std::move(*united));
        }
        if (!ties)
            return {};
        auto made = tiedTogether(
            m_outline, width, m_request.unit,
            [&](std::size_t piece) { return piece < is_tied.size() && is_tied[piece]; }, m_request.cancel);
        if (!made)
            return fail(made.error());
        take(withCurvesOf(m_outline, std::move(*made), 0.1 * m_request.unit.u));
        return {};
    }

    Result<void> blunt()
    {
        if (std::ranges::none_of(m_mendings, [](const auto& m) { return m.kind == MendingKind::Blunt; }))
            return {};
        if (auto ok = look(); !ok)
            return ok;
        Outline rounds;
        for (const auto& point : m_proof.points()) {
            const Box box{point.at.x, point.at.y, point.at.x, point.at.y};
            const double across = m_asked.at(MendingKind::Blunt, box, m_request.limits.stroke_comfortable_mm);
            if (across <= 0.0 || m_asked.isLeft(FindingKind::SharpPoint, box, across))
                continue;
            const Point centre = point.at + point.inwards * (0.5 * across);
            rounds.pieces.push_back({stadium(centre, centre, across), {}});
        }
        if (rounds.pieces.empty())
            return {};
        auto clear = offTheAxis(rounds, m_proof, false, m_request.limits.gap_mm, m_request.cancel);
        if (!clear)
            return fail(clear.error());
        auto made = combine(m_outline, *clear, BooleanOp::Union, m_request.unit, m_request.cancel);
        if (!made)
            return fail(made.error());
        Outline blunted = withCurvesOf(m_outline, std::move(*made), 0.1 * m_request.unit.u);
        std::vector<Box> pockets;
        auto whole = withoutNewMiddles(m_proof, std::move(blunted), m_request.limits.stroke_comfortable_mm,
                                       m_request.cancel, pockets);
        if (!whole)
            return fail(whole.error());
        take(std::move(*whole));
        return {};
    }

    Result<void> bridge(Mended& out)
    {
        StencilAsked asked;
        asked.is_by_itself = false;
        bool any = false;
        for (const auto& m : m_mendings) {
            if (m.kind == MendingKind::NoBridge && m.at_mm)
                asked.taken_off.push_back(*m.at_mm);
            if (m.kind != MendingKind::Bridges || m.to <= 0.0)
                continue;
            any = true;
            asked.width_mm = m.to;
            if (m.at_mm)
                asked.added.push_back(*m.at_mm);
            else
                asked.is_by_itself = true;
        }
        if (!any || !m_request.is_stencil)
            return {};
        if (auto ok = look(); !ok)
            return ok;
        auto made = bridgeMiddles(m_proof, asked, m_request.cancel);
        if (!made)
            return fail(made.error());
        out.bridges = std::move(made->bridges);
        take(std::move(made->outline_mm));
        return {};
    }

    void compare(const std::vector<ProofFinding>& before, const std::vector<ProofFinding>& after,
                 Mended& out) const
    {
        const auto withWidened = [&](ProofFinding f) {
            const Box found = f.box;
            for (const auto& box : m_widened)
                if (box.x0 <= found.x1 && found.x0 <= box.x1 && box.y0 <= found.y1 && found.y0 <= box.y1)
                    f.box.add(box);
            return f;
        };
        const auto isStillThere = [&](const ProofFinding& f) {
            return std::ranges::any_of(after, [&](const ProofFinding& a) {
                return a.kind == f.kind && distanceTo(a.box, f.at) <= kSamePlace * std::max(f.wanted, 0.1);
            });
        };
        for (const auto& f : before)
            if (const auto* mending = m_asked.against(f);
                mending && !m_asked.isLeft(f.kind, f.box, 0.0) && !isStillThere(f))
                out.done.push_back({withWidened(f), mending->kind, mending->to});
        for (const auto& f : after)
            if (m_asked.isAskedInFull(f) && !m_asked.isLeft(f.kind, f.box, 0.0))
                out.left.push_back(
                    {withWidened(f), f.kind == FindingKind::StencilMiddle ? kNoPlaceForBridge : kNoRoom});
    }

    Outline m_outline;
    std::span<const PlacedMending> m_mendings;
    AskedMendings m_asked;
    const MendingRequest& m_request;
    /// Along the axis of what was widened.
    std::vector<Box> m_widened, m_touched;
    OutlineProof m_proof;
    bool m_is_looked_at = false;
};

} // namespace

Unit proofUnit(double em_mm, const ProcessLimits& limits)
{
    double least = em_mm / 1000.0;
    for (const double mm : {limits.stroke_comfortable_mm, limits.gap_mm})
        if (mm > 0.0)
            least = std::min(least, mm * kUnitOfLimit);
    return {least, 0.0};
}

Result<Mended> mend(const Outline& outline_mm, std::span<const PlacedMending> mendings,
                    const MendingRequest& request)
{
    return Mender(outline_mm, mendings, request).run();
}

} // namespace ink
