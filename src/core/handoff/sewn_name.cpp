#include "core/handoff/sewn_name.h"

#include "core/alphabet/letter_order.h"
#include "core/base/told.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <sstream>

namespace ink {
namespace {

/// Letters of one thread, in the hoop.
struct OfOneThread
{
    std::string colour;
    Outline outline;
    double em_mm = 0.0;
    std::vector<SewingOf> sewing;
};

/// CSS Color Module Level 3, 4.1: the sixteen basic colours.
const std::map<std::string_view, std::string_view>& basicColours()
{
    static const std::map<std::string_view, std::string_view> kColours{
        {"black", "#000000"},  {"silver", "#c0c0c0"}, {"gray", "#808080"},   {"white", "#ffffff"},
        {"maroon", "#800000"}, {"red", "#ff0000"},    {"purple", "#800080"}, {"fuchsia", "#ff00ff"},
        {"green", "#008000"},  {"lime", "#00ff00"},   {"olive", "#808000"},  {"yellow", "#ffff00"},
        {"navy", "#000080"},   {"blue", "#0000ff"},   {"teal", "#008080"},   {"aqua", "#00ffff"}};
    return kColours;
}

bool isHexColour(std::string_view word)
{
    return word.size() == 7 && word[0] == '#' &&
           word.find_first_not_of("0123456789abcdefABCDEF", 1) == std::string_view::npos;
}

/// Colours in the order in which they come first: what is of one thread is sewn without a stop.
std::vector<OfOneThread> byThread(const std::vector<NameInHoop>& names, const StitchSettings& settings)
{
    std::vector<OfOneThread> out;
    for (const auto& [name, place] : names) {
        const std::vector<ThingPart> alike{{Handling(), name->outline_mm}};
        const SewingOf sewing = sewingOf(name->sewn_otherwise, place);
        const auto& parts = !name->sewn_letters.empty() ? name->planned
                            : name->parts.empty()       ? alike
                                                        : name->parts;
        for (const auto& part : parts) {
            const auto& word = part.handling.colour.empty() ? name->colour : part.handling.colour;
            const std::string colour = threadCalled(word, settings.thread);
            auto group = std::ranges::find(out, colour, &OfOneThread::colour);
            if (group == out.end())
                group = out.insert(out.end(), {colour, {}, name->em_mm, {}});
            const Outline placed = transformed(*part.outline, place);
            group->outline.pieces.insert(group->outline.pieces.end(), placed.pieces.begin(),
                                         placed.pieces.end());
            group->em_mm = std::min(group->em_mm, name->em_mm);
            if (sewing)
                group->sewing.push_back(sewing);
        }
    }
    return out;
}

SewingOf anyOf(const std::vector<SewingOf>& all)
{
    if (all.empty())
        return {};
    return [all](std::span<const Rung> rungs) -> std::optional<SewnAs> {
        for (const auto& one : all)
            if (const auto as = one(rungs))
                return as;
        return {};
    };
}

} // namespace

std::string threadCalled(const std::string& word, const std::string& usual)
{
    if (word.empty())
        return usual;
    if (isHexColour(word))
        return word;
    const auto known = basicColours().find(word);
    return known == basicColours().end() ? usual : std::string(known->second);
}

/// Threads of a letter that changes them: its own, and one that is told apart from it.
std::vector<std::string> threadsOf(const SewnLetter& letter, const std::string& first)
{
    std::vector<std::string> out{first};
    for (const auto& step : letter.work)
        if (step.kind == NeedleStep::Kind::Stop)
            out.push_back(out.back() == first ? laidClothOn(first) : first);
    return out;
}

/// Where they lie in the hoop; refused where one stands at a size it cannot be moved to.
Result<std::vector<LyingLetter>> lyingIn(const std::vector<NameInHoop>& names, const StitchSettings& settings)
{
    std::vector<LyingLetter> out;
    for (const auto& [name, place] : names)
        for (const auto& letter : name->sewn_letters) {
            if (!scaleOf(letter.to_mm).isWithin()) {
                std::ostringstream nearest;
                nearest << std::round(nearestSize_mm(letter) * 10.0) / 10.0;
                return fail(ErrorCode::AlphabetSize, letter.alphabet->name,
                            told("{} mm is the nearest", nearest.str()));
            }
            const Affine to = place.after(letter.to_mm);
            NeedleWork work;
            for (const auto& step : letter.sewn().work)
                work.push_back({step.kind, to.map(step.at)});
            const auto& word = letter.colour.empty() ? name->colour : letter.colour;
            out.push_back({std::move(work), threadsOf(letter.sewn(), threadCalled(word, settings.thread))});
        }
    return out;
}

SewnName sewn(const std::vector<NameInHoop>& names, const StitchSettings& settings, const CancelToken& cancel)
{
    SewnName out;
    auto whole = std::make_shared<Outline>();
    for (const auto& group : byThread(names, settings)) {
        StitchSettings own = settings;
        own.thread = group.colour;
        auto plan = planStitches(group.outline, Unit::ofEm(group.em_mm), own, cancel, anyOf(group.sewing));
        if (!plan) {
            out.error = plan.error();
            return out;
        }
        const std::size_t pieces = whole->pieces.size();
        for (auto& column : plan->columns)
            column.piece += pieces;
        std::ranges::move(plan->columns, std::back_inserter(out.plan.columns));
        std::ranges::move(plan->layers, std::back_inserter(out.plan.layers));
        whole->pieces.insert(whole->pieces.end(), group.outline.pieces.begin(), group.outline.pieces.end());
    }
    const auto letters = lyingIn(names, settings);
    if (!letters) {
        out.error = letters.error();
        return out;
    }
    if (!letters->empty()) {
        addLetters(out.plan.layers, *letters);
        whole->pieces.clear(); // what is seen is all of it
        for (const auto& [name, place] : names)
            std::ranges::move(transformed(*name->outline_mm, place).pieces,
                              std::back_inserter(whole->pieces));
    }
    out.outline_mm = whole;
    out.figures = figuresOf(out.plan, *whole, settings);
    out.findings = findingsOf(out.plan, out.figures, settings);
    return out;
}

SewnName sewName(const MadeName& name, const StitchSettings& wanted, const CancelToken& cancel)
{
    const auto settings = sensible(wanted);
    SewnName refused;
    refused.words = name.words;
    if (name.error || !name.outline_mm || bounds(*name.outline_mm).isEmpty()) {
        refused.error = name.error ? *name.error : Error{ErrorCode::NothingToCut, {}, {}};
        return refused;
    }
    const Box box = bounds(*name.outline_mm);
    const Point middle{(box.x0 + box.x1) / 2, (box.y0 + box.y1) / 2};
    const InHoop in_hoop = inHoop(box, settings);
    const Affine to_hoop = in_hoop == InHoop::FitsTurned ? Affine{0, 1, -1, 0, middle.y, -middle.x}
                                                         : Affine{1, 0, 0, 1, -middle.x, -middle.y};
    SewnName out = sewn({{&name, to_hoop}}, settings, cancel);
    out.words = name.words;
    // The thread lies round the letters: it may need more than they.
    out.in_hoop = inHoop(out.figures.box_mm, settings) == InHoop::TooLarge ? InHoop::TooLarge : in_hoop;
    out.to_hoop = to_hoop;
    return out;
}

SewnFile sewnFileOf(const SewnName& name, const StitchSettings& settings)
{
    SewnFile out{workOf(name.plan), name.words, {}, settings.cloth};
    for (const auto& layer : name.plan.layers)
        out.threads.push_back(layer.colour);
    if (settings.as == SewnAs::Applique)
        out.laid_cloth = name.outline_mm;
    return out;
}

SheetDrawing clothOf(const SewnName& name, bool is_mirrored)
{
    SheetDrawing out;
    Outline outline = *name.outline_mm;
    if (is_mirrored)
        outline = transformed(outline, {-1, 0, 0, 1, 0, 0});
    const Box box = bounds(outline);
    outline = transformed(outline, {1, 0, 0, 1, -box.x0, -box.y1});
    out.page_mm = {0, -box.height(), box.width(), 0};
    out.title = name.words;
    for (std::size_t p = 0; p < outline.pieces.size(); ++p) {
        const auto add = [&](const Contour& ring, bool is_middle) {
            ToolPath path;
            path.segments = ring.segments;
            path.is_closed = true;
            path.piece = p;
            path.design = 0;
            path.is_middle = is_middle;
            out.paths.push_back(std::move(path));
        };
        for (const auto& middle : outline.pieces[p].middles)
            add(middle, true);
        add(outline.pieces[p].outer, false);
    }
    return out;
}

} // namespace ink
