// Errors are values. One table holds every code with its number and its two sentences:
// what happened, and what to do now.
#pragma once

#include <string>
#include <string_view>

namespace ink {

enum class ErrorCode {
    FileNotFound = 100,
    FileUnreadable,
    FileUnwritable,
    DiskFull,
    OutputIsInput,
    OutputsAlike,
    FileChangedSince,
    NotAFont = 200,
    FontTruncated,
    FontDamaged,
    FontWithoutOutlines,
    FontColourOnly,
    NoSuchFace,
    NoSuchInstance,
    BadFeature,
    FontUnsafe,
    EmptyText = 300,
    TextTooLong,
    TextNotUtf8,
    NoGlyphs,
    NothingToCut,
    SizeOutOfRange,
    TrackingOutOfRange,
    DistanceOutOfRange,
    ShapeUnknown,
    SettingUnknown,
    LetterUnknown,
    DateUnknown,
    NameEmpty,
    CoordinateOutOfRange = 400,
    NonFinite,
    TooManyNodes,
    WeldFailed,
    TooComplex,
    Cancelled = 500,
    DocumentDamaged = 600,
    DocumentUnreadable,
    ProjectTooNew,
    ProjectDamaged,
    FontMissing,
    PictureWithoutOutlines,
    StoreTooNew = 650,
    StoreDamaged,
    StoreBusy,
    FontNotOnShelf,
    FontInstalled,
    MotifNotInTray,
    ShelfFileMissing,
    PackageDamaged = 700,
    PackageLocked,
    HelperFailed,
    ServiceUnreachable = 800,
    ServiceSilent,
    ServiceFault,
    DownloadCutOff,
    DownloadWrong,
    PictureUnreadable = 820,
    PictureCutShort,
    PictureTooLarge,
    PictureMoves,
    PictureOneTone,
    PictureWithoutLettering,
    FrameTooSmall,
    AlphabetEmpty = 840,
    AlphabetSize,
    AlphabetNotInstalled,
    AlphabetUnknown,
    DeviceUnreachable = 850,
    DeviceBusy,
    DeviceLineLost,
    Internal = 900,
};

/// What went wrong, to what. `subject` names the file, font or words concerned and may be empty;
/// `detail` is the part only the place of failure knows, in plain words.
struct Error
{
    ErrorCode code = ErrorCode::Internal;
    std::string subject;
    std::string detail;

    /// Sentence for the person: subject, what happened, what to do. One line, no line breaks.
    std::string message() const;
};

/// Number of the code, stable across versions, as `uink` uses in its exit status documentation.
int errorNumber(ErrorCode code);
/// "It is not a font …": what happened, without subject.
std::string_view errorText(ErrorCode code);
/// "Choose a …": what to do now.
std::string_view errorAdvice(ErrorCode code);

} // namespace ink
