#include "core/base/error.h"

#include <algorithm>
#include <array>

namespace ink {
namespace {

struct Row
{
    ErrorCode code;
    std::string_view text;
    std::string_view advice;
};

constexpr std::array kTable{
    Row{ErrorCode::FileNotFound, "there is no such file", "Check the name and the folder."},
    Row{ErrorCode::FileUnreadable, "the file could not be read", "Check that you may read it."},
    Row{ErrorCode::FileUnwritable, "the file could not be written",
        "Choose a folder you may write to; nothing there was changed."},
    Row{ErrorCode::DiskFull, "the disk is full",
        "Make room or choose another place; the old file, if any, is untouched."},
    Row{ErrorCode::OutputIsInput, "that is the file it is made from",
        "Write to another name; nothing was written."},
    Row{ErrorCode::OutputsAlike, "two results would go to one place",
        "Give each a place of its own; nothing was written."},
    Row{ErrorCode::FileChangedSince, "somebody else changed the file since it was opened here",
        "Save it under another name, or open it again; nothing was written over."},
    Row{ErrorCode::NotAFont, "this is not a font", "Choose a TTF, OTF, TTC, WOFF or WOFF2 file."},
    Row{ErrorCode::FontTruncated, "the font file ends too early", "Fetch it again: a part of it is missing."},
    Row{ErrorCode::FontDamaged, "the font is damaged", "Fetch it again or choose another font."},
    Row{ErrorCode::FontWithoutOutlines, "the font holds pixels, not outlines, so there is nothing to cut",
        "Choose an outline font."},
    Row{ErrorCode::FontColourOnly, "the font holds colour pictures only, no outlines to cut",
        "Choose an outline font."},
    Row{ErrorCode::NoSuchFace, "the file has no face of that number", "Faces are counted from 0."},
    Row{ErrorCode::NoSuchInstance, "the font has no instance of that name",
        "Use one of the names the font gives."},
    Row{ErrorCode::BadFeature, "a font feature is not written as expected",
        "Write features like ss01,swsh=1."},
    Row{ErrorCode::FontUnsafe, "the font did not pass the safety check for fonts from outside",
        "Fetch it again, or ask its author for a sound copy."},
    Row{ErrorCode::PictureUnreadable, "this is no picture that can be read",
        "Choose a PNG, JPEG or WebP file."},
    Row{ErrorCode::PictureCutShort, "the picture is damaged or ends too early",
        "Fetch it again: a part of it is missing."},
    Row{ErrorCode::PictureTooLarge, "the picture is too large",
        "Cut out the part with the lettering; a thousand pixels are plenty."},
    Row{ErrorCode::PictureMoves, "the picture moves", "Save one still of it and choose that."},
    Row{ErrorCode::PictureOneTone, "the picture is all of one tone",
        "Choose a picture, or a frame, that shows lettering."},
    Row{ErrorCode::PictureWithoutLettering, "there is no lettering to be told from its ground",
        "Draw the frame closer round the lettering, or say whether it is light or dark."},
    Row{ErrorCode::FrameTooSmall, "the frame is too small to hold lettering",
        "Draw it round the lettering; 8 pixels are the least."},
    Row{ErrorCode::AlphabetEmpty, "it holds no stitched letters",
        "Choose a folder or a package with one DST or EXP file for each letter."},
    Row{ErrorCode::AlphabetSize, "stitched letters cannot be made that much larger or smaller",
        "Choose 85 to 120 % of their size, or letters of another size from the package."},
    Row{ErrorCode::AlphabetNotInstalled, "stitched letters are not installed",
        "Other programs would show their outlines and sew none of their stitches; type them in Compose."},
    Row{ErrorCode::AlphabetUnknown, "there is no stitched alphabet of that name",
        "uink alphabet list names those that are kept."},
    Row{ErrorCode::EmptyText, "there are no words yet", "Type the words of the job."},
    Row{ErrorCode::TextTooLong, "the words are too long for one job",
        "Split them over several jobs; nothing was shortened."},
    Row{ErrorCode::TextNotUtf8, "the words are not valid UTF-8", "Type them again."},
    Row{ErrorCode::NoGlyphs, "the font has none of these letters", "Choose another font or other words."},
    Row{ErrorCode::NothingToCut, "these words leave no ink in this font",
        "Choose another font or other words."},
    Row{ErrorCode::SizeOutOfRange, "the finished size cannot be made", "Choose 0.5 mm to 10 m."},
    Row{ErrorCode::ShapeUnknown, "there is no such shape",
        "Write a name and a number, as in arch:120, hill:18 or taper:50; uink weld --help lists them."},
    Row{ErrorCode::SettingUnknown, "a job has no such setting",
        "Write words=… or a size, as in width_mm=120; uink compose --help lists them."},
    Row{ErrorCode::LetterUnknown, "there is no such letter",
        "Count the letters of the words from 1, spaces left out."},
    Row{ErrorCode::DateUnknown, "there is no such day", "Write it as year-month-day, as in 2027-01-31."},
    Row{ErrorCode::NameEmpty, "it has no name", "Give it one."},
    Row{ErrorCode::ProjectTooNew, "a newer Under Ink saved this job",
        "Open it with that version; nothing was changed."},
    Row{ErrorCode::ProjectDamaged, "the file of this job is damaged",
        "Open an earlier version of it from the job's menu, or a copy; the file was left as it is."},
    Row{ErrorCode::FontMissing, "the font is not here, so its letters stay as they were stored",
        "Bring the font back through Find to change them."},
    Row{ErrorCode::PictureWithoutOutlines, "the picture holds no filled outlines",
        "Turn its strokes and pixels into outlines in the program it comes from, then try again."},
    Row{ErrorCode::TrackingOutOfRange, "the letter spacing cannot be made", "Choose -1 to 10 em."},
    Row{ErrorCode::DistanceOutOfRange, "a distance cannot be made", "Choose another one."},
    Row{ErrorCode::CoordinateOutOfRange, "the outline is too large to compute with",
        "Use fewer words or a smaller spacing."},
    Row{ErrorCode::NonFinite, "the outline has a coordinate that is not a number",
        "Choose another font; this one is damaged."},
    Row{ErrorCode::TooManyNodes, "the outline has too many nodes", "Use fewer words or a simpler font."},
    Row{ErrorCode::TooComplex, "this would take minutes, not moments",
        "Use fewer words, a smaller distance, or round corners."},
    Row{ErrorCode::WeldFailed, "the letters could not be joined",
        "Choose another font; please report this one."},
    Row{ErrorCode::Cancelled, "stopped", "Start it again when you like."},
    Row{ErrorCode::DocumentDamaged, "the saved job cannot be read",
        "It was put aside under that name; a new job has been started."},
    Row{ErrorCode::DocumentUnreadable, "the document cannot be read here",
        "Open it in another program and read it yourself."},
    Row{ErrorCode::StoreTooNew, "the shelf was written by a newer version of Under Ink",
        "Open it with that version; nothing was touched."},
    Row{ErrorCode::StoreDamaged, "the shelf cannot be read",
        "Put back the newest copy from the folder 'backups' beside it; the fonts themselves lie in 'files'."},
    Row{ErrorCode::StoreBusy, "another window is changing the shelf",
        "Try again when it is done; nothing was changed."},
    Row{ErrorCode::FontNotOnShelf, "no font on the shelf fits", "Give its full name, or more of its digest."},
    Row{ErrorCode::FontInstalled, "the font is installed", "Remove it from the other programs first."},
    Row{ErrorCode::ShelfFileMissing, "its file is missing from the shelf",
        "Look at the shelf's health: it finds the file again by its content, wherever it lies."},
    Row{ErrorCode::MotifNotInTray, "the motif is no longer in the tray",
        "Look for it again: another window may have removed it."},
    Row{ErrorCode::PackageDamaged, "the package cannot be unpacked",
        "Fetch it again: it may be damaged or only half here."},
    Row{ErrorCode::PackageLocked, "the package is locked with a password",
        "Unpack it with its password, then choose the folder."},
    Row{ErrorCode::HelperFailed, "a small program that Under Ink needs did not do its work",
        "Run ./start once more; it installs what is missing."},
    Row{ErrorCode::ServiceUnreachable, "it cannot be reached",
        "Check the connection, then try again; your own fonts are all here."},
    Row{ErrorCode::ServiceSilent, "it does not answer", "Try again in a while; your own fonts are all here."},
    Row{ErrorCode::ServiceFault, "it has a problem of its own", "Try again in a while."},
    Row{ErrorCode::DownloadCutOff, "the transfer broke off", "Go on with it: what is here is kept."},
    Row{ErrorCode::DownloadWrong, "what came is not what the listing says, so it was thrown away",
        "Try again; if it happens twice, tell the author."},
    Row{ErrorCode::DeviceUnreachable, "no machine answers there",
        "Look whether it is on and the address is right, then send again."},
    Row{ErrorCode::DeviceBusy, "the machine is busy with somebody else", "Send again when it is free."},
    Row{ErrorCode::DeviceLineLost, "the line to the machine broke, or something was lost on it",
        "Look at what it has done before you send again."},
    Row{ErrorCode::Internal, "something went wrong inside Under Ink", "Please report it."},
};

const Row& row(ErrorCode code)
{
    const auto* it = std::ranges::find(kTable, code, &Row::code);
    return it == kTable.end() ? kTable.back() : *it;
}

} // namespace

int errorNumber(ErrorCode code)
{
    return static_cast<int>(code);
}

std::string_view errorText(ErrorCode code)
{
    return row(code).text;
}

std::string_view errorAdvice(ErrorCode code)
{
    return row(code).advice;
}

std::string Error::message() const
{
    std::string out;
    if (!subject.empty())
        out += subject + ": ";
    out += errorText(code);
    if (!detail.empty())
        out += " (" + detail + ")";
    out += ". ";
    out += errorAdvice(code);
    std::ranges::replace(out, '\n', ' ');
    return out;
}

} // namespace ink
