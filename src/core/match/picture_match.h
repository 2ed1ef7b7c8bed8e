// What is this lettering, among faces: first all of them roughly, then the best closely.
#pragma once

#include "core/base/cancel.h"
#include "core/match/likeness_words.h"
#include "core/match/set_word.h"

#include <functional>
#include <span>
#include <string>
#include <vector>

namespace ink {

struct FaceMatch
{
    /// Of the faces that were given.
    std::size_t face = 0;
    /// 1: the same, falling towards 0.
    double likeness = 0.0;
    LikenessWord words = LikenessWord::Unlike;
    /// Characters of the letter that agrees least.
    std::string worst_letter;
    WordFit fit;
    /// Of each letter of `fit`; a form of the font that fits better than the usual one stands in its place.
    std::vector<SetWord::Glyph> glyphs;
};

/// A face to be compared.
struct MatchFace
{
    /// Null where there is none: then it is looked at closely only after all that have one.
    std::shared_ptr<const FaceDescriptor> descriptor;
    std::function<Result<SetWord>(std::string_view words)> set;
};

/// How far the line still rises where the letters lie: the baseline that the font knows tells it better than the picture alone
/// can. 0 where fewer than three letters, or letters that fit badly, tell nothing.
double slopeLeft_deg(const FaceMatch& match);
/// Less than this is level.
inline constexpr double kLevel_deg = 0.3;
/// A line that rises much is half level after one look: so often it is looked at again.
inline constexpr int kMostLevellings = 3;

class PictureMatch
{
public:
    /// Errors: EmptyText, TextTooLong (more than 40 letters), TextNotUtf8.
    static Result<PictureMatch> of(const PictureInk& ink, const std::string& words);

    /// Distance as in WordFit; 1 where the face cannot set the words.
    double roughDistance(const FaceDescriptor& face) const;
    /// With the forms of the face that fit best. `set` are words() in it.
    FaceMatch closely(const SetWord& set) const { return compared(set, m_fine); }
    /// The same, for the last difference between faces that are all alike.
    FaceMatch mostClosely(const SetWord& set) const { return compared(set, m_finest); }

    const std::string& words() const { return m_words; }

private:
    PictureMatch(const PictureInk& ink, std::string words);
    FaceMatch compared(const SetWord& set, const PictureWord& picture) const;
    static void tryOtherForms(const SetWord& set, const PictureWord& picture, FaceMatch& match);

    std::string m_words;
    std::u32string m_characters;
    PictureWord m_coarse, m_fine, m_finest;
    double m_sharpness = 0.0; // of the picture, as a distance
};

struct MatchLimits
{
    /// Faces that are looked at closely.
    std::size_t closely = 200;
    unsigned threads = 2;
};

/// The faces that were looked at closely, the likest first. `found` is called, from one thread at a time, with the likest so
/// far, now and then.
/// Errors: Cancelled. A face that cannot be opened or set is left out.
Result<std::vector<FaceMatch>> likest(const PictureMatch& picture, std::span<const MatchFace> faces,
                                      const MatchLimits& limits = {}, const CancelToken& cancel = {},
                                      const std::function<void(std::vector<FaceMatch>)>& found = {});

} // namespace ink
