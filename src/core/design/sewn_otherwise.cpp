#include "core/design/sewn_otherwise.h"

#include "core/design/along_shape.h"
#include "core/design/design_proof.h"
#include "core/geometry/skeleton.h"

#include <algorithm>

namespace ink {
namespace {

constexpr double kLetterChord_u = 0.25, kLetterInk_mm = 0.02;
/// A stroke is pressed this near to its middle, however thin it is.
constexpr double kPressed_mm = 0.4;

Outline inkOf(const ComposedDesign& composed, const SetLetter& letter)
{
    std::vector<PlacedPaths> glyphs;
    for (const auto& glyph : letter.glyphs) {
        const auto stands = asItStands(composed.setting, letter, glyph, kLetterChord_u);
        glyphs.push_back(
            {std::make_shared<const Paths>(transformed(*stands.paths, composed.to_mm.after(stands.at))),
             {},
             0});
    }
    auto welded = weld(glyphs, Unit::ofEm(composed.design.em_mm));
    return welded ? std::move(welded->outline) : Outline();
}

bool passes(std::span<const Rung> rungs, Point p)
{
    return std::ranges::any_of(rungs, [p](const Rung& rung) {
        return length(rung.centre - p) <= std::max(kPressed_mm, rung.width() / 2);
    });
}

} // namespace

std::optional<SewnAs> sewnAsOf(MendingKind kind)
{
    switch (kind) {
    case MendingKind::SewSatin:
        return SewnAs::Satin;
    case MendingKind::SewRows:
        return SewnAs::Fill;
    case MendingKind::SewLine:
        return SewnAs::Running;
    default:
        return {};
    }
}

MendingKind mendingOf(SewnAs as)
{
    return as == SewnAs::Fill      ? MendingKind::SewRows
           : as == SewnAs::Running ? MendingKind::SewLine
                                   : MendingKind::SewSatin;
}

std::vector<SewnOtherwise> sewnOtherwise(const ComposedDesign& composed, const Job& job)
{
    std::vector<SewnOtherwise> out;
    for (const auto& mending : job.lettering.mendings) {
        const auto as = sewnAsOf(mending.kind);
        const auto at = as && mending.place ? placeOf(composed, *mending.place) : std::nullopt;
        if (at)
            out.push_back({*as, {}, at});
    }
    std::ranges::reverse(out); // what was chosen last counts
    for (const auto& letter : composed.setting.letters)
        if (const auto as = job.lettering.letter(letter.first).sewn_as)
            out.push_back({*as, inkOf(composed, letter), {}});
    return out;
}

SewingOf sewingOf(const std::vector<SewnOtherwise>& otherwise, const Affine& moved)
{
    if (otherwise.empty())
        return {};
    struct Known
    {
        SewnAs as;
        std::shared_ptr<const InkTest> ink;
        Point at;
    };
    std::vector<Known> known;
    for (const auto& o : otherwise)
        known.push_back(
            {o.as,
             o.stroke_mm ? nullptr
                         : std::make_shared<const InkTest>(transformed(o.letter_mm, moved), kLetterInk_mm),
             o.stroke_mm ? moved.map(*o.stroke_mm) : Point()});
    return [known](std::span<const Rung> rungs) -> std::optional<SewnAs> {
        for (const auto& k : known) {
            if (!k.ink && passes(rungs, k.at))
                return k.as;
            // Where letters join, a stroke is of the letter that most of it lies in.
            if (k.ink && 2 * std::ranges::count_if(rungs, [&](const Rung& r) {
                             return k.ink->isInk(r.centre);
                         }) > std::ptrdiff_t(rungs.size()))
                return k.as;
        }
        return {};
    };
}

} // namespace ink
