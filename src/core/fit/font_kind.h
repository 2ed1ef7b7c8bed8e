// What kind of font it is, told from its outlines and names, with the reason.
#pragma once

#include "core/geometry/weld_cache.h"
#include "core/type/font_face.h"

#include <memory>
#include <string>
#include <string_view>
#include <vector>

namespace ink {

enum class FontKind { JoiningScript, Hand, Serif, Sans, FixedWidth, Decorative, PictureFont };

/// "joining-script", as reports hold it.
std::string_view idOf(FontKind kind);
/// "Joining script", as the person reads it.
std::string_view nameOf(FontKind kind);

struct KindFound
{
    FontKind kind = FontKind::Decorative;
    /// One sentence: "23 of 24 pairs of small letters touch."
    std::string reason;
};

/// How many neighbours among common small letters hang together when welded.
struct JoinSample
{
    std::size_t joins = 0;
    std::size_t pairs = 0;

    /// A joining script joins most of its small letters; a few, such as b and o, may stay apart.
    bool isJoiningScript() const { return pairs > 0 && 10 * joins >= 7 * pairs; }
};

/// Common small letters, each between two n: what the sample is taken of.
inline constexpr std::string_view kJoinSampleWords = "naneninonrnsntnlnunmndnhn";
JoinSample sampleJoins(const FontFace& face, const std::shared_ptr<WeldCache>& welds = {});

/// What a kind is told from; of a listing only a part of it is known.
struct KindFacts
{
    /// Family and style.
    std::string name;
    JoinSample joins;
    bool is_picture_font = false;
    bool has_letters = true;
    bool is_fixed_width = false;
    /// `OS/2` PANOSE family kind and serif style; 0 says nothing.
    unsigned panose_kind = 0;
    unsigned panose_serif = 0;
    /// A capital I, or a small l.
    Paths stem;
    double units_per_em = 1000.0;
};

/// Letters whose widths tell a font of fixed width, and the I whose foot tells serifs.
inline constexpr std::string_view kKindSampleWords = "Iimlwn";
/// True for at least four widths that are all the same.
bool areEquallyWide(const std::vector<double>& advances_fu);

KindFacts kindFactsOf(const FontFace& face, const JoinSample& joins);
/// Source: OpenType 1.9, `OS/2` PANOSE and `post` isFixedPitch; the outlines decide where those are silent.
KindFound kindOf(const KindFacts& facts);

} // namespace ink
