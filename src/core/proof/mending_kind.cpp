#include "core/proof/mending_kind.h"

#include <algorithm>
#include <array>

namespace ink {
namespace {

struct NamedMending
{
    MendingKind kind;
    std::string_view id;
};
constexpr std::array kNames{
    NamedMending{MendingKind::Thicken, "thicken"},
    NamedMending{MendingKind::OpenGaps, "open-gaps"},
    NamedMending{MendingKind::CloseGaps, "close-gaps"},
    NamedMending{MendingKind::LeaveOut, "leave-out"},
    NamedMending{MendingKind::Enlarge, "enlarge"},
    NamedMending{MendingKind::Tie, "tie"},
    NamedMending{MendingKind::FillMiddles, "fill-middles"},
    NamedMending{MendingKind::EnlargeMiddles, "enlarge-middles"},
    NamedMending{MendingKind::Blunt, "blunt"},
    NamedMending{MendingKind::TieAll, "tie-all"},
    NamedMending{MendingKind::Bar, "bar"},
    NamedMending{MendingKind::Plate, "plate"},
    NamedMending{MendingKind::Part, "part"},
    NamedMending{MendingKind::Bridges, "bridges"},
    NamedMending{MendingKind::NoBridge, "no-bridge"},
    NamedMending{MendingKind::Leave, "leave"},
    NamedMending{MendingKind::SewSatin, "sew-satin"},
    NamedMending{MendingKind::SewRows, "sew-rows"},
    NamedMending{MendingKind::SewLine, "sew-line"},
};

} // namespace

bool isOfStitches(MendingKind kind)
{
    return kind == MendingKind::SewSatin || kind == MendingKind::SewRows || kind == MendingKind::SewLine;
}

std::string_view idOf(MendingKind kind)
{
    return std::ranges::find(kNames, kind, &NamedMending::kind)->id;
}

std::optional<MendingKind> mendingKindOf(std::string_view id)
{
    const auto found = std::ranges::find(kNames, id, &NamedMending::id);
    return found == kNames.end() ? std::nullopt : std::optional(found->kind);
}

std::optional<Mending> usualMending(const ProofFinding& finding, const ProcessLimits& limits)
{
    const auto usual = [&limits](MendingKind kind) { return Mending{kind, limits.*limitOf(kind)}; };
    switch (finding.kind) {
    case FindingKind::ThinStroke:
    case FindingKind::Hanging:
        return usual(MendingKind::Thicken);
    case FindingKind::NarrowGap:
        return usual(MendingKind::OpenGaps);
    case FindingKind::Speck:
        return usual(MendingKind::LeaveOut);
    case FindingKind::SmallMiddle:
        return usual(MendingKind::FillMiddles);
    case FindingKind::SharpPoint:
        return usual(MendingKind::Blunt);
    case FindingKind::LoosePiece:
        return usual(MendingKind::TieAll);
    case FindingKind::StencilMiddle:
        return usual(MendingKind::Bridges);
    default:
        return {};
    }
}

double ProcessLimits::*limitOf(MendingKind kind)
{
    switch (kind) {
    case MendingKind::Thicken:
    case MendingKind::Tie:
    case MendingKind::TieAll:
        return &ProcessLimits::stroke_comfortable_mm;
    case MendingKind::OpenGaps:
    case MendingKind::CloseGaps:
    case MendingKind::Part:
        return &ProcessLimits::gap_mm;
    case MendingKind::LeaveOut:
    case MendingKind::Enlarge:
        return &ProcessLimits::smallest_piece_mm2;
    case MendingKind::FillMiddles:
    case MendingKind::EnlargeMiddles:
        return &ProcessLimits::smallest_middle_mm2;
    case MendingKind::Blunt:
        return &ProcessLimits::stroke_floor_mm;
    case MendingKind::Bridges:
        return &ProcessLimits::bridge_mm;
    default:
        return nullptr;
    }
}

bool answers(MendingKind mending, FindingKind finding)
{
    switch (mending) {
    case MendingKind::Thicken:
        // A pointed end becomes as thick as its stroke.
        return finding == FindingKind::ThinStroke || finding == FindingKind::Hanging ||
               finding == FindingKind::SharpPoint;
    case MendingKind::OpenGaps:
    case MendingKind::CloseGaps:
        return finding == FindingKind::NarrowGap;
    case MendingKind::LeaveOut:
    case MendingKind::Enlarge:
    case MendingKind::Tie:
        return finding == FindingKind::Speck;
    case MendingKind::FillMiddles:
    case MendingKind::EnlargeMiddles:
        return finding == FindingKind::SmallMiddle;
    case MendingKind::Blunt:
        return finding == FindingKind::SharpPoint;
    case MendingKind::TieAll:
    case MendingKind::Bar:
    case MendingKind::Plate:
        return finding == FindingKind::LoosePiece;
    case MendingKind::Part:
        return finding == FindingKind::Hanging;
    case MendingKind::Bridges:
        return finding == FindingKind::StencilMiddle;
    case MendingKind::NoBridge:
    case MendingKind::SewSatin:
    case MendingKind::SewRows:
    case MendingKind::SewLine:
    case MendingKind::Leave:
        break;
    }
    return false;
}

bool isOneMeasure(MendingKind mending, FindingKind finding)
{
    switch (mending) {
    case MendingKind::Thicken:
        return finding != FindingKind::SharpPoint;
    case MendingKind::OpenGaps:
    case MendingKind::CloseGaps:
    case MendingKind::LeaveOut:
    case MendingKind::Enlarge:
    case MendingKind::FillMiddles:
    case MendingKind::EnlargeMiddles:
        return true;
    default:
        return false;
    }
}

} // namespace ink
