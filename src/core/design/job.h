// The job: what the person is making. Everything in the window answers to it.
#pragma once

#include "core/base/result.h"
#include "core/base/units.h"
#include "core/cut/pattern.h"
#include "core/cut/sheet_settings.h"
#include "core/design/finishing.h"
#include "core/design/font_ref.h"
#include "core/design/lettering.h"
#include "core/design/name_list.h"
#include "core/process/process.h"
#include "core/proof/weeding.h"
#include "core/stitch/stitch_settings.h"

#include <iosfwd>
#include <map>
#include <optional>
#include <string>
#include <string_view>

namespace ink {

enum class SizeBy { Height, Width, Em, CapHeight, XHeight };
enum class Purpose { Sale, Gift };
/// The finished size: of the inked shape (Height, Width), of the em, or of the capitals or small letters
/// without strokes up or down of the job's font.
struct FinishedSize
{
    SizeBy by = SizeBy::Width;
    double value_mm = 120.0;
    /// The other side of the inked shape, where its proportions are not to be kept: the height by Width, the
    /// width by Height, unused by the others.
    std::optional<double> other_mm = {};
    /// Words that come out wider are made smaller, down to kLeastShare; 0 for any width.
    double widest_mm = 0.0;

    /// The other side counts.
    bool isOutOfProportion() const { return other_mm && (by == SizeBy::Width || by == SizeBy::Height); }

    friend bool operator==(const FinishedSize&, const FinishedSize&) = default;
};

/// What it is made from; 0 where that is not known.
struct Material
{
    double width_mm = 0.0, height_mm = 0.0;

    friend bool operator==(const Material&, const Material&) = default;
};

struct Job
{
    /// UTF-8; a line break starts a new line.
    std::string words;
    FinishedSize size;
    LengthUnit unit = LengthUnit::Millimetre;
    Process process = Process::KnifeVinyl;
    Purpose purpose = Purpose::Sale;
    bool is_mirrored = false;
    /// Added after every letter, in em.
    double tracking_em = 0.0;
    FontRef font;
    /// Font features as people write them: "ss01,swsh=1,-liga".
    std::string features;
    /// What the person chose for letters, lines and pieces, beyond what the font does by itself.
    Lettering lettering;
    /// What is done to the welded words at their finished size.
    Finishing finishing;
    /// Where the person's machine and material hold other than is usual.
    std::map<Process, ProcessLimits> own_limits;
    /// A name sign, a topper, a tag: all must hang together.
    bool is_one_piece = false;
    Material material = {};
    /// Cut along with the words.
    WeedingHelp weeding = {};
    /// Where there are some, `words` are those of the one that is shown.
    NameList names = {};
    SheetSettings sheet = {};
    PatternSettings pattern = {};
    StitchSettings stitches = {};

    /// What this job's process holds: the person's own figures, else the usual ones.
    ProcessLimits limits() const;
    /// How it is sewn: an appliqué is one by its process.
    StitchSettings sewing() const;
    /// Figures that are the usual ones are not kept.
    void setLimits(Process of, const ProcessLimits& limits);

    friend bool operator==(const Job&, const Job&) = default;
};

/// Mendings that go to what `before` holds go to what the job holds now; where that is nothing, and where the person gave a figure,
/// they stay.
void followLimits(Job& job, const ProcessLimits& before);

/// Fewer nodes no further than this from the drawn curves are nothing the eye sees, and spare machines from stuttering.
inline constexpr double kUsualReduction_mm = 0.01;
/// What a new job begins with: for knives and lasers, fewer nodes.
void beginUsually(Job& job);

/// Smallest and largest finished size that can be asked for.
inline constexpr double kMinSize_mm = 0.5;
inline constexpr double kMaxSize_mm = 10000.0;
/// Words are made no smaller than this share of their size for a widest width.
inline constexpr double kLeastShare = 0.6;
/// Longest words of one job, in characters.
inline constexpr std::size_t kMaxCharacters = 2000;

/// A job keeps a size as it was typed, also one that cannot be made; larger figures than this are nobody's.
inline constexpr double kMostTypedSize_mm = 1e6;

/// Errors: SizeOutOfRange.
Result<void> checkSize(const FinishedSize& size);
/// Errors: EmptyText (nothing but spaces), TextTooLong, TextNotUtf8.
Result<void> checkWords(std::string_view words);

/// The job as JSON (docs/formats/job.md).
void writeJob(std::ostream& out, const Job& job);
/// Errors: DocumentDamaged. Values this version does not know fall back to the defaults of Job.
Result<Job> readJob(std::istream& in);

} // namespace ink
