// What a job's mendings ask for, and where: their own at a place, else the rule.
#pragma once

#include "core/proof/mending.h"

namespace ink {

class AskedMendings
{
public:
    explicit AskedMendings(std::span<const PlacedMending> mendings) : m_mendings(mendings) {}

    /// Somebody decided that this stays as it is.
    bool isLeft(FindingKind kind, const Box& box, double within) const;
    /// The mending's measure at this place: its own there, else the rule; 0 for nothing.
    double at(MendingKind kind, const Box& box, double within) const;
    /// This one is against the finding, and at its place.
    static bool isAgainst(const PlacedMending& mending, const ProofFinding& finding);
    /// What is asked against it: its own at a place, else the rule; null where nothing is.
    const PlacedMending* against(const ProofFinding& finding) const;
    /// One of them is, and to as much as the finding wants: a rule that was made for finer work has not failed where more is wanted now.
    bool isAskedInFull(const ProofFinding& finding) const;
    /// The axis is made again after each step of these.
    bool widens() const;
    /// What to look for: the limits, and what is asked for where that is more.
    OutlineProof::Asked asWanted(const MendingRequest& request) const;

private:
    std::span<const PlacedMending> m_mendings;
};

} // namespace ink
