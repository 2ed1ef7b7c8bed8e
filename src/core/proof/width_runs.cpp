#include "core/proof/width_runs.h"

#include <algorithm>
#include <cmath>

namespace ink {
namespace {

/// A stretch that narrows evenly to a point, no longer than this in widths, is the point's own.
constexpr double kPointLength = 4.0;

/// Widths that are tried for the steps, in u: 0.5 mm is 2 u of letters 250 mm high, and 500 u of letters 1 mm high.
constexpr double kLeastWidth_u = 2.0, kMostWidth_u = 500.0;
constexpr double kWider = 1.05;
/// Widths that differ by less than this share are the same step. Of a point only the tip is told, which moves with the width.
constexpr double kSameRun = 0.02, kSamePoint = 0.1;

AxisPlace narrowestPlace(const Branch& branch, const BranchRun& run, bool is_point, MeasuredSteps& measured)
{
    const BranchPlace thinnest = narrowestOf(branch, run);
    if (is_point) {
        const auto from = placeAt(branch, run.from), to = placeAt(branch, run.to);
        const Point tip = (from.width <= to.width ? from : to).centre;
        return {thinnest.width, tip, tip, tip};
    }
    const AxisStep& step = *branch.steps[thinnest.step];
    const auto place = step.is_stroke ? measured.of(step) : step.narrowest;
    if (std::abs(place.width - thinnest.width) <= 0.25 * thinnest.width + measured.unit().u)
        return place;
    // A place beyond a shortened end is not what the run is about.
    return {thinnest.width, placeAt(branch, 0.5 * (run.from + run.to)).centre, step.narrowest.a,
            step.narrowest.b};
}

struct NarrowBranch
{
    const Branch* branch;
    double least;
};

/// What is found for `width`; `order` from the narrowest on.
WidthStep foundOn(const std::vector<NarrowBranch>& order, double width, MeasuredSteps& measured)
{
    WidthStep found;
    for (const auto& [branch, least] : order) {
        // What was found is narrower than all that is left.
        if (least >= (found.run ? std::min(width, found.run->width) : width))
            break;
        for (const auto& run : widthRuns(*branch, width, measured)) {
            if (isSharpPoint(*branch, run, width))
                continue;
            auto& best = run.is_point ? found.point : found.run;
            if (!best || run.narrowest.width < best->width)
                best = run.narrowest;
        }
    }
    return found;
}

bool isAlike(const std::optional<AxisPlace>& a, const std::optional<AxisPlace>& b, double share)
{
    if (!a || !b)
        return !a && !b;
    return std::abs(a->width - b->width) <= share * std::max(a->width, b->width);
}

} // namespace

const AxisPlace& MeasuredSteps::of(const AxisStep& step)
{
    const auto [place, is_new] = m_places.try_emplace(&step);
    if (is_new)
        place->second = measuredOnCurves(step, m_curves, m_unit);
    return place->second;
}

std::vector<WidthRun> widthRuns(const Branch& branch, double width, MeasuredSteps& measured)
{
    std::vector<WidthRun> out;
    for (const auto& run : narrowRuns(branch, width)) {
        if (!isLost(branch, run, width))
            continue;
        WidthRun found{run, {}, endsOf(branch, run, width).is_taper};
        found.narrowest = narrowestPlace(branch, run, found.is_point, measured);
        if (found.narrowest.width < width)
            out.push_back(found);
    }
    return out;
}

bool isSharpPoint(const Branch& branch, const WidthRun& run, double width)
{
    return branch.is_ink && run.is_point && run.run.length() <= kPointLength * width;
}

const WidthStep* WidthSteps::foundFor(double width) const
{
    const auto beyond = std::ranges::upper_bound(steps, width, {}, &WidthStep::from);
    if (beyond == steps.begin())
        return nullptr;
    const WidthStep& step = *(beyond - 1);
    return step.run || step.point ? &step : nullptr;
}

Result<WidthSteps> widthSteps(const std::vector<Branch>& branches, bool is_ink, MeasuredSteps& measured,
                              const CancelToken& cancel)
{
    std::vector<NarrowBranch> order;
    for (const auto& branch : branches)
        if (branch.is_ink == is_ink && !branch.places.empty())
            order.push_back(
                {&branch, std::ranges::min_element(branch.places, {}, &BranchPlace::width)->width});
    std::ranges::stable_sort(order, {}, &NarrowBranch::least);

    WidthSteps out;
    WidthStep last;
    for (double width = kLeastWidth_u * measured.unit().u; width <= kMostWidth_u * measured.unit().u;
         width *= kWider) {
        if (cancel.isCancelled())
            return fail(ErrorCode::Cancelled);
        WidthStep found = foundOn(order, width, measured);
        if (isAlike(found.run, last.run, kSameRun) && isAlike(found.point, last.point, kSamePoint))
            continue;
        found.from = width / std::sqrt(kWider); // half way to the width before
        out.steps.push_back(found);
        last = found;
    }
    return out;
}

} // namespace ink
