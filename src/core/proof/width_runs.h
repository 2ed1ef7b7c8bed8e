// The stretches of strokes and gaps that are narrower than a width: what Proof tells of, and what Find marks.
#pragma once

#include "core/geometry/medial_axis.h"
#include "core/geometry/skeleton.h"

#include <optional>
#include <unordered_map>
#include <vector>

namespace ink {

/// A stretch too narrow for the width that was asked for.
struct WidthRun
{
    BranchRun run;
    /// The narrowest place, measured on the curves; of a pointed end its tip, with both sides there.
    AxisPlace narrowest;
    /// It narrows evenly to where the ink (the gap) ends: a pointed end, no stroke.
    bool is_point = false;
};

/// Narrowest places of steps on the curves of an outline, each measured once.
class MeasuredSteps
{
public:
    MeasuredSteps(const Outline& outline, Unit unit) : m_curves(outline), m_unit(unit) {}
    const AxisPlace& of(const AxisStep& step);
    Unit unit() const { return m_unit; }

private:
    OutlineCurves m_curves;
    Unit m_unit;
    std::unordered_map<const AxisStep*, AxisPlace> m_places;
};

/// What a disc of `width` is too large for, beyond the crescents at corners.
/// Units:  those of the outline, which `measured` is of.
std::vector<WidthRun> widthRuns(const Branch& branch, double width, MeasuredSteps& measured);

/// A pointed end of a stroke so short that the point is what there is to tell.
bool isSharpPoint(const Branch& branch, const WidthRun& run, double width);

/// What is found from a width on, up to that of the next step.
struct WidthStep
{
    double from = 0.0;
    /// The narrowest of the stretches, and of the pointed ends that are told as a stroke or a gap.
    std::optional<AxisPlace> run, point;
};

/// What widthRuns() finds of a whole outline, for every width: a step begins within 2.5 % of where it does.
struct WidthSteps
{
    std::vector<WidthStep> steps;

    /// Null where nothing is found for a width.
    const WidthStep* foundFor(double width) const;
};

/// Shape:  all branches of an outline; those of the other kind are passed over.
/// Errors: Cancelled.
Result<WidthSteps> widthSteps(const std::vector<Branch>& branches, bool is_ink, MeasuredSteps& measured,
                              const CancelToken& cancel = {});

} // namespace ink
