// The job: what the person is making. Everything in the window answers to it.
#pragma once

#include "core/base/result.h"
#include "core/base/units.h"

#include <iosfwd>
#include <span>
#include <string>
#include <string_view>

namespace ink {

enum class SizeBy { Height, Width, Em };
enum class Purpose { Sale, Gift };
enum class Process {
    KnifeVinyl,
    KnifeHeatTransfer,
    KnifeCard,
    LaserWood,
    Stencil,
    Pen,
    Applique,
    Satin,
    PaperPattern,
};

/// How a process is spoken of: "Knife" "in adhesive vinyl". `id` is what files hold.
struct ProcessInfo
{
    Process process;
    std::string_view id;
    std::string_view tool;
    std::string_view in_what;
    /// Heat-transfer material is cut mirrored (common practice, no source).
    bool is_mirrored;
};

std::span<const ProcessInfo> allProcesses();
const ProcessInfo& infoOf(Process process);

/// The finished size: of the inked shape (Height, Width), or of the em.
struct FinishedSize
{
    SizeBy by = SizeBy::Width;
    double value_mm = 120.0;

    friend bool operator==(const FinishedSize&, const FinishedSize&) = default;
};

/// Which face of which file; an empty path means that none is chosen yet.
struct FontRef
{
    std::string path;
    unsigned face = 0;
    std::string instance;

    friend bool operator==(const FontRef&, const FontRef&) = default;
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

    friend bool operator==(const Job&, const Job&) = default;
};

/// Smallest and largest finished size that can be asked for.
inline constexpr double kMinSize_mm = 0.5;
inline constexpr double kMaxSize_mm = 10000.0;
/// Longest words of one job, in characters.
inline constexpr std::size_t kMaxCharacters = 2000;

/// Errors: SizeOutOfRange.
Result<void> checkSize(const FinishedSize& size);
/// Errors: EmptyText (nothing but spaces), TextTooLong, TextNotUtf8.
Result<void> checkWords(std::string_view words);

/// The job as JSON (docs/formats/job.md).
void writeJob(std::ostream& out, const Job& job);
/// Errors: DocumentDamaged. Values this version does not know fall back to the defaults of Job.
Result<Job> readJob(std::istream& in);

} // namespace ink
