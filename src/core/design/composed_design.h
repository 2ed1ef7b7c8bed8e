// The whole of the lettering, welded, bent and at its finished size.
#pragma once

#include "core/design/finishing.h"
#include "core/design/setting.h"
#include "core/design/sewn_letters.h"
#include "core/geometry/measure.h"
#include "core/geometry/weld.h"

#include <string>
#include <vector>

namespace ink {

/// What is made alike, welded and finished by itself, in the place it has in the whole.
struct DesignPart
{
    Handling handling;
    Outline outline_mm;
};

/// The finished thing.
struct Design
{
    /// Welded, in mm; the inked shape's lower left corner is the origin.
    Outline outline_mm;
    /// Where letters are made otherwise than the rest: everything by how it is made, the usual first where there is some. Empty
    /// where all is made alike.
    std::vector<DesignPart> parts;
    /// Letters that come as stitches, and by how it is made what is planned beside them. Empty where all is planned.
    std::vector<StandingSewnLetter> sewn_letters;
    std::vector<DesignPart> planned;
    /// The glyphs as drawn, on the same place, to show what overlapped.
    std::vector<Paths> glyphs_mm;
    OutlineFigures figures_mm;
    /// The weld before finishing, and its crossings where they are in the outline.
    WeldStats weld;
    std::vector<Point> crossings_mm;
    Finished finished;
    double em_mm = 0.0;
    /// Share of the size that was asked for, where the words would have been too wide for it.
    double made_smaller = 1.0;
    /// What was taken from the space between letters for the same reason, before that.
    double closed_up_mm = 0.0;
    std::u32string missing;
    std::vector<std::string> warnings;
    bool is_mirrored = false;
};

struct ComposedDesign
{
    Design design;
    Setting setting;
    /// u of the setting to mm of the design.
    Affine to_mm;
    /// 1 u in mm: across, and up, which differs where the proportions are not kept.
    double mm_per_u = 0.0, mm_per_u_up = 0.0;
    MmPerU unitSize() const { return {mm_per_u, mm_per_u_up}; }
    /// Of the job's font as it is set; 0 when the font is not here at all.
    double cap_height_mm = 0.0, x_height_mm = 0.0;

    /// A length or a move on the design, in u.
    Point moveInU(Point by_mm) const { return {by_mm.x / to_mm.a, by_mm.y / to_mm.d}; }
    /// A place on the design, in u of the setting as it stands.
    Point inU(Point mm) const { return moveInU({mm.x - to_mm.e, mm.y - to_mm.f}); }
    /// Where two letters meet, in the design.
    Point placeOf(const ClosePair& pair) const;
    /// Where a point of the straight block comes to stand in the design, shape and all.
    Point placed(std::size_t block, Point straight_u) const;
};

struct ComposeOptions
{
    CancelToken cancel = {};
    std::shared_ptr<WeldCache> welds = {};
    std::shared_ptr<SettingCache> settings = {};
    /// Bent outlines stay within this of their exact image, at the finished size.
    double bend_tolerance_mm = 0.02;
};

/// Sets, bends, welds and finishes the job's lettering.
/// Source: close-up depths are lengths at the finished size, which itself follows from the closed-up words:
///         the two are brought together by repeating, docs/decisions/0008.
/// Errors: those of setLettering, weld, finish and checkSize.
Result<ComposedDesign> composeDesign(const Job& job, const FindLetters& letters,
                                     const ComposeOptions& options = {});

} // namespace ink
