// One face of a font file, opened for shaping and outlines. Safe to use from several threads.
#pragma once

#include "core/base/result.h"
#include "core/geometry/path.h"

#include <cstdint>
#include <filesystem>
#include <memory>
#include <string>
#include <string_view>
#include <vector>

struct hb_font_t;

namespace ink {

enum class OutlineKind { TrueType, Cff, Cff2 };
enum class FontContainer { Plain, Collection, Woff, Woff2 };

/// Which face of a file: its number in a collection, and a named instance of a variable font
/// (by its name; empty for the default).
struct FaceChoice
{
    unsigned face = 0;
    std::string instance;
};

/// What can be said of a face without drawing anything.
struct FaceInfo
{
    FaceChoice choice;
    FontContainer container = FontContainer::Plain;
    OutlineKind outlines = OutlineKind::TrueType;
    /// Family and style as people say them (`name` IDs 16 and 17, else 1 and 2); never empty.
    std::string family;
    std::string style;
    std::string manufacturer;
    std::string version;
    std::string copyright;
    std::string licence;
    std::string licence_url;
    std::string trademark;
    std::string description;
    /// `OS/2` fsType (may it be embedded in documents), -1 when the font does not say.
    int fs_type = -1;
    /// `OS/2` PANOSE family kind and serif style (0: any), and `post` isFixedPitch.
    unsigned panose_kind = 0;
    unsigned panose_serif = 0;
    bool is_fixed_width = false;
    unsigned units_per_em = 1000;
    /// Pictures on the keys instead of letters (PANOSE pictorial, or a symbol `cmap`).
    bool is_picture_font = false;
    bool is_variable = false;
    /// Height of the capitals where its letters come as stitches (core/alphabet/alphabet_font.h); 0 for any other font.
    double sewn_size_mm = 0.0;

    bool isSewn() const { return sewn_size_mm > 0.0; }
    /// "Maypole Hand" or "Maypole Hand Bold": the style is left out where it says nothing.
    std::string readableName() const;
};

/// The table of our own in which stitches lie: version (16 bits), 16 bits of nothing, the height of the capitals in thousandths of a mm
/// (32 bits), then a package (docs/formats/alphabet.md).
inline constexpr std::string_view kSewnTable = "UIsw";

class FontFace
{
public:
    /// Reads and checks a font file.
    /// Errors: FileNotFound, FileUnreadable, NotAFont, FontTruncated, FontDamaged, FontWithoutOutlines,
    ///         FontColourOnly, NoSuchFace, NoSuchInstance.
    /// Source: OpenType 1.9 (table directory, `name`, `OS/2`), W3C WOFF 2.0.
    static Result<std::shared_ptr<const FontFace>> open(const std::filesystem::path& path,
                                                        const FaceChoice& choice = {});

    /// Every face of the file and every named instance of each. Errors as for open.
    static Result<std::vector<FaceInfo>> list(const std::filesystem::path& path);

    ~FontFace();
    FontFace(const FontFace&) = delete;
    FontFace& operator=(const FontFace&) = delete;

    const FaceInfo& info() const { return m_info; }
    const std::filesystem::path& path() const { return m_path; }

    /// Outline of one glyph in font units, y up; empty for a space. Curves as the font stores them.
    Paths glyphOutline(std::uint32_t glyph_id) const;
    bool hasCharacter(char32_t character) const;
    /// Distance from one baseline to the next (`hhea`: ascender - descender + line gap).
    double lineSpacing_fu() const;
    /// Ink above the baseline of "H" and "x"; where the font lacks them, what `OS/2` says, else 0.7 and 0.5
    /// em.
    double capHeight_fu() const;
    double xHeight_fu() const;
    std::string glyphName(std::uint32_t glyph_id) const;
    double advance_fu(std::uint32_t glyph_id) const;
    std::uint32_t glyphCount() const;
    /// 0 when the font lacks the character.
    std::uint32_t glyphOf(char32_t character) const;

    /// The bytes of a table, by its tag of four letters; empty where there is none.
    std::string table(std::string_view tag) const;

    /// For the shaper of this layer only.
    hb_font_t* handle() const { return m_font.get(); }

private:
    struct FontDeleter
    {
        void operator()(hb_font_t* font) const;
    };
    FontFace() = default;

    std::filesystem::path m_path;
    FaceInfo m_info;
    std::unique_ptr<hb_font_t, FontDeleter> m_font;
};

/// True for file names that may hold a font (ttf, otf, ttc, otc, woff, woff2), whatever their case.
bool looksLikeFontFile(const std::filesystem::path& path);

} // namespace ink
