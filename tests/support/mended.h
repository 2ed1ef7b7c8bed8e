// Words in a demo font at a height, composed; refusals are values, for jobs that ask for too much.
#pragma once

#include "core/design/design_proof.h"
#include "core/geometry/validity.h"
#include "tests/support/environment.h"

namespace ink::test {

inline Job jobOf(const std::string& words, double height_mm, const char* font = "HartsorrelScript.ttf")
{
    Job job;
    job.words = words;
    job.size = {SizeBy::Height, height_mm};
    job.font.path = demoFont(font);
    return job;
}

inline Result<ComposedDesign> composed(const Job& job)
{
    const auto face = FontFace::open(job.font.path);
    if (!face)
        return fail(face.error());
    return composeDesign(job, alwaysLettersOf(*face), {});
}

inline bool isValid(const ComposedDesign& design)
{
    const double u = design.design.em_mm / kU_per_em;
    const auto judged = validityOf(design.design.outline_mm, u);
    if (!judged.isValid(0.05 * u))
        qWarning("%s", judged.inWords().c_str());
    return judged.isValid(0.05 * u);
}

} // namespace ink::test
