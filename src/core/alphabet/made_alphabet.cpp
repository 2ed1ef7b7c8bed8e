#include "core/alphabet/made_alphabet.h"

#include "core/base/told.h"
#include "core/geometry/weld.h"
#include "core/stitch/stitch_planner.h"
#include "core/type/shape.h"

#include <algorithm>

namespace ink {
namespace {

constexpr double kLeastSize_mm = 5.0, kMostSize_mm = 200.0;

} // namespace

std::string usualLetters()
{
    return "ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789&.,!?'-";
}

Result<MadeAlphabet> madeAlphabet(const FontFace& face, double size_mm, const StitchSettings& settings,
                                  const std::string& letters, const CancelToken& cancel)
{
    if (!(size_mm >= kLeastSize_mm && size_mm <= kMostSize_mm))
        return fail(ErrorCode::SizeOutOfRange, {}, "5 to 200 mm for stitched letters");
    if (!isValidUtf8(letters))
        return fail(ErrorCode::TextNotUtf8);
    const double scale = size_mm / face.capHeight_fu(), em_mm = face.info().units_per_em * scale;
    MadeAlphabet out;
    out.alphabet.name = face.info().readableName();
    out.alphabet.source = face.info().readableName();
    std::u32string asked = toUtf32(letters);
    std::ranges::sort(asked);
    asked.erase(std::unique(asked.begin(), asked.end()), asked.end());
    for (const char32_t c : asked) {
        if (cancel.isCancelled())
            return fail(ErrorCode::Cancelled);
        if (c <= U' ')
            continue;
        const auto glyph = face.glyphOf(c);
        if (glyph == 0) {
            out.missing.push_back({toUtf8(c), std::string(told("the font lacks it"))});
            continue;
        }
        const Paths drawn = transformed(face.glyphOutline(glyph), Affine{scale, 0, 0, scale, 0, 0});
        const auto welded = weld(std::vector<Paths>{drawn}, Unit::ofEm(em_mm));
        auto plan = welded ? planStitches(welded->outline, Unit::ofEm(em_mm), settings, cancel)
                           : Result<StitchPlan>(fail(welded.error()));
        if (!plan) {
            if (plan.error().code == ErrorCode::Cancelled)
                return fail(plan.error());
            out.missing.push_back({toUtf8(c), std::string(errorText(plan.error().code))});
            continue;
        }
        SewnLetter letter;
        letter.letter = toUtf8(c);
        for (const auto& step : workOf(*plan)) // from (0, 0); its first move is the way there
            letter.work.push_back(step);
        const auto first = std::ranges::find(letter.work, NeedleStep::Kind::Stitch, &NeedleStep::kind);
        if (first == letter.work.end())
            continue;
        if (first - letter.work.begin() > 1)
            letter.work.erase(letter.work.begin(), std::prev(first));
        while (letter.work.back().kind != NeedleStep::Kind::Stitch)
            letter.work.pop_back();
        letter.box_mm = boxOf(letter.work);
        // The room of the font, measured from the threads instead of the ink.
        letter.before_mm = letter.box_mm.x0;
        letter.after_mm = face.advance_fu(glyph) * scale - letter.box_mm.x1;
        for (auto& step : letter.work)
            step.at.x -= letter.before_mm;
        letter.box_mm = boxOf(letter.work);
        out.alphabet.letters.push_back(std::move(letter));
    }
    if (out.alphabet.letters.empty())
        return fail(ErrorCode::NoGlyphs, face.info().readableName());
    out.alphabet.size_mm = size_mm;
    out.alphabet.joins =
        std::ranges::count_if(out.alphabet.letters,
                              [](const SewnLetter& l) { return l.before_mm <= 0.0 && l.after_mm <= 0.0; }) *
            2 >
        static_cast<std::ptrdiff_t>(out.alphabet.letters.size());
    return out;
}

} // namespace ink
