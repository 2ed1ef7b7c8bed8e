// A name made into stitches.
#pragma once

#include "core/formats/stitch_file.h"
#include "core/handoff/made_names.h"
#include "core/stitch/stitch_figures.h"
#include "core/stitch/stitch_planner.h"

#include <iosfwd>

namespace ink {

struct SewnName
{
    std::string words;
    /// As it lies in the hoop: its middle at (0, 0), turned by 90 degrees where only so it fits.
    std::shared_ptr<const Outline> outline_mm;
    StitchPlan plan;
    StitchFigures figures;
    std::vector<StitchFinding> findings;
    InHoop in_hoop = InHoop::Fits;
    /// From the design to where it lies; of one name alone.
    Affine to_hoop = {1, 0, 0, 1, 0, 0};
    /// Null plan where it could not be made.
    std::optional<Error> error;
};

/// A name, and where it lies in the hoop.
struct NameInHoop
{
    const MadeName* name = nullptr;
    Affine place;
};
/// Names together, their places as they are: what is of one thread is one layer, whichever name it belongs to. `words` and `in_hoop` are
/// left to the caller.
/// Errors: those of planStitches(), in SewnName::error.
SewnName sewn(const std::vector<NameInHoop>& names, const StitchSettings& settings,
              const CancelToken& cancel = {});

/// "#a23a2b" for itself, "red" by the basic colours of CSS; `usual` for words that name no colour, and for none.
std::string threadCalled(const std::string& word, const std::string& usual);

/// One by itself. Never fails: what goes wrong stands in it.
SewnName sewName(const MadeName& name, const StitchSettings& settings, const CancelToken& cancel = {});

/// For a file: a layer's thread each.
SewnFile sewnFileOf(const SewnName& name, const StitchSettings& settings);

/// The cloth of an appliqué, to be cut: its outline, mirrored where it is fused from the back, as one sheet of its own.
SheetDrawing clothOf(const SewnName& name, bool is_mirrored);

/// `uink stitch`'s report, and what is known of a file that was looked into (docs/formats/stitch-report.md).
void writeStitchReport(std::ostream& out, const SewnName& name, const StitchSettings& settings);
void writeLookReport(std::ostream& out, const ReadStitches& file, const StitchFigures& figures);

} // namespace ink
