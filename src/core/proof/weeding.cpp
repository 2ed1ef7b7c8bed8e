#include "core/proof/weeding.h"

#include <algorithm>

namespace ink {

std::vector<OpenPath> weedingLines(const Outline& outline_mm, const WeedingHelp& help)
{
    std::vector<OpenPath> out;
    const Box ink = bounds(outline_mm);
    if (help.frame_mm <= 0.0 || ink.isEmpty())
        return out;
    const Box frame{ink.x0 - help.frame_mm, ink.y0 - help.frame_mm, ink.x1 + help.frame_mm,
                    ink.y1 + help.frame_mm};
    const Point corners[]{
        {frame.x0, frame.y0}, {frame.x1, frame.y0}, {frame.x1, frame.y1}, {frame.x0, frame.y1}};
    OpenPath round;
    for (std::size_t i = 0; i < 4; ++i)
        round.segments.push_back(Segment::line(corners[i], corners[(i + 1) % 4]));
    out.push_back(std::move(round));
    if (help.parting_mm <= 0.0)
        return out;
    // Uprights where no piece stands.
    std::vector<Box> boxes;
    for (const auto& piece : outline_mm.pieces)
        boxes.push_back(piece.outer.bounds());
    std::ranges::sort(boxes, {}, &Box::x0);
    double right = -1e300;
    for (const auto& box : boxes) {
        if (right > -1e300 && box.x0 - right >= 2.0 * help.parting_mm) {
            const double x = 0.5 * (box.x0 + right);
            out.push_back(OpenPath{{Segment::line({x, frame.y0}, {x, frame.y1})}});
        }
        right = std::max(right, box.x1);
    }
    return out;
}

Weeding weedingOf(const OutlineProof& proof, const WeedingRule& rule, std::span<const OpenPath> lines)
{
    Weeding out;
    out.parts = proof.middles().size() + (proof.pieces().empty() ? 0 : 1);
    out.edge_mm = proof.figures().cut_length;
    if (lines.size() > 1)
        out.parts += lines.size() - 1;
    for (const auto& line : lines)
        out.edge_mm += line.arcLength();
    double seconds =
        double(out.parts) * rule.s_a_part + (rule.mm_a_s > 0.0 ? out.edge_mm / rule.mm_a_s : 0.0);
    for (const auto& middle : proof.middles()) {
        out.smallest_mm2 = out.smallest_mm2 > 0.0 ? std::min(out.smallest_mm2, middle.area) : middle.area;
        if (middle.area < rule.small_mm2)
            seconds += rule.s_more_when_small;
    }
    out.minutes = seconds / 60.0;
    return out;
}

} // namespace ink
