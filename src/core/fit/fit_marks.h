// Fit marks: what these words in this font mean for the process, computed from the outlines.
#pragma once

#include "core/base/cancel.h"
#include "core/base/result.h"
#include "core/design/job.h"
#include "core/design/set_words.h"
#include "core/fit/font_kind.h"
#include "core/fit/joins.h"
#include "core/geometry/medial_axis.h"
#include "core/process/process.h"
#include "core/proof/outline_proof.h"
#include "core/proof/width_runs.h"
#include "core/type/alternates.h"

#include <iosfwd>
#include <memory>
#include <optional>
#include <string>
#include <vector>

namespace ink {

/// The letter of the words that has other forms, and these.
struct LetterWithForms
{
    LetterRef letter;
    std::string text;
    /// Byte in the line where the letter begins.
    std::uint32_t cluster = 0;
    /// Middle of its ink, in the unit of the marks.
    Point at;
    std::vector<Alternate> forms;
};

/// A glyph with ink, and the middle of its ink.
struct GlyphPlace
{
    std::uint32_t glyph_id = 0;
    Point at;
};

struct SmallPiece
{
    double area = 0.0;
    Point at;
};

/// What is true of a face whatever the words are.
struct FaceTraits
{
    JoinSample joins;
    KindFound kind;
    /// Characters that only the Private Use Area leads to.
    std::u32string private_only;
};

/// Lengths and places in the unit of the outline they were read from: font units in FitShape, mm in marksAt.
struct FitMarks
{
    std::optional<AxisPlace> thinnest_stroke;
    std::optional<AxisPlace> narrowest_gap;
    /// What Proof finds too narrow, for every width.
    WidthSteps stroke_steps, gap_steps;
    std::vector<LetterPair> pairs;
    std::size_t joins = 0;
    /// One for each letter with ink; `glyph_id` is 0 for a listing, whose file is not here.
    std::vector<GlyphPlace> letters;
    std::size_t pieces = 0;
    std::size_t nodes = 0;
    /// One place in each middle that is to be weeded.
    std::vector<Point> middles;
    std::vector<PointOfInk> sharp_points;
    /// The first place where ink only touches ink.
    std::optional<Point> touching;
    std::optional<SmallPiece> smallest_piece, smallest_middle;
    std::u32string missing;
    std::vector<LetterWithForms> alternates;
    FaceTraits traits;

    double nodesPerLetter() const { return letters.empty() ? 0.0 : double(nodes) / double(letters.size()); }
    bool hasSwash() const;
};

/// The words in a font at no particular size; marks for any size follow from it.
struct FitShape
{
    Outline outline_fu;
    Box ink_fu;
    double units_per_em = 1000.0;
    /// Of the capitals and of small letters without strokes up or down, in em; a listing does not say.
    double cap_height_em = 0.7, x_height_em = 0.5;
    FitMarks marks_fu;
};

/// Strokes, gaps, sharp points, middles and pieces of any outline, into `marks`; what belongs to words stays. Lengths and places in the
/// unit of the outline.
/// Errors: those of medialAxis.
Result<void> markOutline(const Outline& outline, Unit unit, FitMarks& marks, const CancelToken& cancel = {});

/// `welds` keeps welded glyphs between calls and may be null.
FaceTraits traitsOf(const FontFace& face, const std::shared_ptr<WeldCache>& welds = {});

/// Errors: those of setWords, weld and medialAxis.
Result<FitShape> fitShape(const FontFace& face, const std::string& words, const ShapeOptions& shaping = {},
                          const FaceTraits* traits = nullptr, const CancelToken& cancel = {},
                          const std::shared_ptr<WeldCache>& welds = {});

/// The same for words that were set elsewhere; `alternates` and `traits` are taken as they are.
Result<FitShape> fitShapeOf(const SetWords& set, double units_per_em, std::vector<LetterWithForms> alternates,
                            const FaceTraits& traits, const CancelToken& cancel = {},
                            const std::shared_ptr<WeldCache>& welds = {});

/// mm for one font unit at a finished size, across and up.
struct ShapeScale
{
    double across = 1.0, up = 1.0;
};
ShapeScale scaleOf(const FitShape& shape, const FinishedSize& size);

/// The shape's marks at a finished size, in mm; the inked shape's lower left corner is the origin, as in
/// Design. Where proportions are not kept, strokes, gaps and points are measured again on the stretched
/// shape.
/// Errors: SizeOutOfRange; those of medialAxis.
Result<FitMarks> marksAt(const FitShape& shape, const FinishedSize& size, const CancelToken& cancel = {});

/// What a process makes of a figure: what Proof would say of it.
enum class Holds { Well, Barely, Not };

/// A width beside a limit.
struct WidthMark
{
    Holds holds = Holds::Well;
    /// What does not hold; where all holds, the narrowest place there is, never under the limit.
    AxisPlace narrowest;
    /// Only where it narrows to a point.
    bool is_point = false;
};
/// Nothing where there is no stroke (no gap). Ink that only touches ink is a stroke of 0 mm, but for what a stencil leaves away.
std::optional<WidthMark> strokeMark(const FitMarks& marks, const ProcessLimits& limits, Process process);
std::optional<WidthMark> gapMark(const FitMarks& marks, const ProcessLimits& limits);

Holds holdsStroke(const FitMarks& marks, const ProcessLimits& limits, Process process);
Holds holdsGap(const FitMarks& marks, const ProcessLimits& limits);
Holds holdsPieces(const FitMarks& marks, const ProcessLimits& limits);
Holds holdsMiddles(const FitMarks& marks, const ProcessLimits& limits);
/// The worst of the four.
Holds holds(const FitMarks& marks, const ProcessLimits& limits, Process process);
std::string_view idOf(Holds holds);

/// The report of `uink fit` (docs/formats/fit-report.md): one JSON object.
void writeFitReport(std::ostream& out, const FitMarks& marks_mm, const ProcessLimits& limits,
                    Process process);

} // namespace ink
