#include "core/proof/asked_mendings.h"

#include "core/geometry/box.h"

#include <algorithm>

namespace ink {

bool AskedMendings::isLeft(FindingKind kind, const Box& box, double within) const
{
    return std::ranges::any_of(m_mendings, [&](const PlacedMending& m) {
        return m.kind == MendingKind::Leave && m.leaves == kind &&
               (!m.at_mm || distanceTo(box, *m.at_mm) <= within);
    });
}

double AskedMendings::at(MendingKind kind, const Box& box, double within) const
{
    double rule = 0.0;
    for (const auto& m : m_mendings) {
        if (m.kind != kind)
            continue;
        if (!m.at_mm)
            rule = m.to;
        else if (distanceTo(box, *m.at_mm) <= within)
            return m.to;
    }
    return rule;
}

bool AskedMendings::isAgainst(const PlacedMending& m, const ProofFinding& finding)
{
    return answers(m.kind, finding.kind) &&
           (!m.at_mm || distanceTo(finding.box, *m.at_mm) <= std::max(m.to, finding.wanted));
}

bool AskedMendings::isAskedInFull(const ProofFinding& finding) const
{
    return std::ranges::any_of(m_mendings, [&](const PlacedMending& m) {
        return isAgainst(m, finding) &&
               (!isOneMeasure(m.kind, finding.kind) || m.to >= finding.wanted * (1.0 - kMendedShare));
    });
}

const PlacedMending* AskedMendings::against(const ProofFinding& finding) const
{
    const PlacedMending* rule = nullptr;
    for (const auto& m : m_mendings) {
        if (!isAgainst(m, finding))
            continue;
        if (m.at_mm)
            return &m;
        rule = rule ? rule : &m;
    }
    return rule;
}

bool AskedMendings::widens() const
{
    return std::ranges::any_of(m_mendings, [](const PlacedMending& m) {
        return m.kind == MendingKind::Thicken || m.kind == MendingKind::OpenGaps ||
               m.kind == MendingKind::CloseGaps;
    });
}

OutlineProof::Asked AskedMendings::asWanted(const MendingRequest& request) const
{
    OutlineProof::Asked asked{request.limits, request.is_stencil, request.is_one_piece, 0.0, 0.0};
    for (const auto& m : m_mendings) {
        if (m.at_mm)
            continue;
        auto& limits = asked.limits;
        if (m.kind == MendingKind::Thicken)
            limits.stroke_comfortable_mm = std::max(limits.stroke_comfortable_mm, m.to);
        if (m.kind == MendingKind::OpenGaps || m.kind == MendingKind::CloseGaps)
            limits.gap_mm = std::max(limits.gap_mm, m.to);
    }
    return asked;
}

} // namespace ink
