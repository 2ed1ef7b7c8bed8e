// Jobs in the demo fonts, composed; what cannot be composed ends the test.
#pragma once

#include "core/design/composed_design.h"
#include "tests/support/environment.h"

#include <memory>

namespace ink::test {

inline FindLetters demoLetters()
{
    return [](const FontRef& font) -> Result<std::shared_ptr<const LetterSource>> {
        const auto face = FontFace::open(font.path, {font.face, font.instance});
        if (!face)
            return fail(face.error());
        return lettersOf(*face);
    };
}

inline Job jobOf(const char* words, const char* font = "Larkmallow.ttf")
{
    Job job;
    job.words = words;
    job.font.path = demoFont(font).string();
    return job;
}

inline ComposedDesign composed(const Job& job)
{
    auto design = composeDesign(job, demoLetters());
    if (!design)
        qFatal("%s", design.error().message().c_str());
    return std::move(*design);
}

/// The words at this width.
inline Outline outlineOf(const char* words, const char* font, double width_mm)
{
    Job job = jobOf(words, font);
    job.size = {SizeBy::Width, width_mm, {}, 0.0};
    return composed(job).design.outline_mm;
}

/// Counter-clockwise, its lower left corner at the origin.
inline Paths rectangle(double width, double height)
{
    ContourPen pen;
    pen.moveTo({0, 0});
    pen.lineTo({width, 0});
    pen.lineTo({width, height});
    pen.lineTo({0, height});
    pen.close();
    return pen.take();
}

inline MotifDrawing motifDrawing(const char* name, Paths outline, double advance)
{
    return {name, std::make_shared<const Paths>(std::move(outline)), advance, {}, {}, {}};
}

} // namespace ink::test
