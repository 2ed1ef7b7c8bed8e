#include "core/handoff/sheet_layers.h"

#include "core/base/text.h"
#include "core/geometry/measure.h"
#include "core/geometry/nesting.h"
#include "core/geometry/offset.h"

#include <algorithm>

namespace ink::detail {
namespace {

/// What takes room on the sheet: the thing with what is cut round it.
Outline footprintOf(const Outline& outline, const WeedingHelp& weeding)
{
    if (weeding.frame_mm <= 0.0)
        return outline;
    const Box ink = bounds(outline);
    return boxOutline({ink.x0 - weeding.frame_mm, ink.y0 - weeding.frame_mm, ink.x1 + weeding.frame_mm,
                       ink.y1 + weeding.frame_mm});
}

/// The card that the person's word for a colour means: its id, or a card for the process that has the word in its name.
MaterialCard materialOfColour(const SheetRequest& request, const MaterialCard& usual,
                              const std::string& colour)
{
    if (colour.empty())
        return usual;
    if (const auto* card = materialCalled(request.materials, colour))
        return *card;
    const std::string word = lowered(colour);
    for (const auto& card : request.materials)
        if (isFor(card, request.process) && lowered(card.name).find(word) != std::string::npos)
            return card;
    MaterialCard unknown = usual;
    unknown.id = word;
    unknown.name = colour;
    return unknown;
}

Result<SharedOutline> grown(const SharedOutline& outline, double em_mm, double by_mm,
                            const CancelToken& cancel)
{
    if (by_mm <= 0.0)
        return outline;
    OffsetOptions options;
    options.cancel = cancel;
    auto made = offset(*outline, by_mm, Unit::ofEm(em_mm), options);
    if (!made)
        return fail(made.error());
    return SharedOutline(std::make_shared<const Outline>(std::move(*made)));
}

} // namespace

/// A filled frame: what is round it may not come into it.
Outline boxOutline(const Box& box)
{
    const Point corners[]{{box.x0, box.y0}, {box.x1, box.y0}, {box.x1, box.y1}, {box.x0, box.y1}};
    Contour ring;
    for (std::size_t i = 0; i < 4; ++i)
        ring.segments.push_back(Segment::line(corners[i], corners[(i + 1) % 4]));
    return {{Piece{std::move(ring), {}}}};
}

Result<ThingLayers> layersOf(const SheetThing& thing, const SheetRequest& request,
                             const SheetSettings& settings, const MaterialCard& usual)
{
    ThingLayers made;
    const double kerf_mm = settings.kerf_mm / 2.0;
    auto whole = grown(thing.outline, thing.em_mm, settings.border_mm + kerf_mm, request.cancel);
    if (!whole)
        return fail(whole.error());
    if (settings.border_mm > 0.0)
        made.layers.push_back(
            {materialOfColour(request, usual, settings.border_material), {{Operation::Cut, *whole}}, true});
    const std::vector<ThingPart> alike{{Handling(), thing.outline}};
    for (const auto& part : thing.parts.empty() ? alike : thing.parts) {
        const auto& handling = part.handling;
        const auto material =
            materialOfColour(request, usual, handling.colour.empty() ? thing.colour : handling.colour);
        const Operation operation =
            handling.operation.value_or(settings.operation.value_or(usualOperation(request.process)));
        auto outline =
            grown(part.outline, thing.em_mm, operation == Operation::Cut ? kerf_mm : 0.0, request.cancel);
        if (!outline)
            return fail(outline.error());
        auto layer = std::ranges::find_if(
            made.layers, [&](const MaterialLayer& l) { return !l.is_border && l.material == material; });
        if (layer == made.layers.end())
            layer = made.layers.insert(layer, {material, {}, false});
        layer->parts.emplace_back(operation, *outline);
    }
    made.footprint = request.weeding.frame_mm > 0.0
                         ? std::make_shared<const Outline>(footprintOf(**whole, request.weeding))
                         : *whole;
    return made;
}

} // namespace ink::detail
