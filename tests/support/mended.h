// Words in a demo font at a height, composed; refusals are values, for jobs that ask for too much.
#pragma once

#include "core/design/design_proof.h"
#include "core/geometry/validity.h"
#include "tests/support/lettering.h"

namespace ink::test {

inline Job jobOf(const std::string& words, double height_mm, const char* font = "HartsorrelScript.ttf")
{
    Job job = jobOf(words.c_str(), font);
    job.size = {SizeBy::Height, height_mm};
    return job;
}

inline Result<ComposedDesign> tryComposed(const Job& job)
{
    return composeDesign(job, demoLetters());
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
