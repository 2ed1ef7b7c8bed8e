#include "core/match/picture_match.h"

#include "core/base/on_threads.h"
#include "core/base/told.h"
#include "core/type/alternates.h"
#include "core/type/shape.h"

#include <algorithm>
#include <cmath>
#include <mutex>
#include <numbers>
#include <numeric>

namespace ink {
namespace {

/// A letter that is further off than this is tried in its other forms.
constexpr double kBadLetter = 0.09;
/// Another form has to be this much nearer.
constexpr double kBetterForm = 0.75;
constexpr std::size_t kMostForms = 24;
/// Faces that are looked at most closely at last.
constexpr std::size_t kMostClosely = 12;
/// Others are told of after so many faces.
constexpr std::size_t kTellAfter = 24;

void describe(FaceMatch& match, double sharpness)
{
    const double beyond = std::max(0.0, match.fit.distance - sharpness);
    match.words = wordForLettering(beyond);
    match.likeness = likenessOf(beyond);
    double worst = -1.0;
    for (std::size_t i = 0; i < match.fit.letters.size(); ++i)
        if (match.fit.letters[i].distance > worst) {
            worst = match.fit.letters[i].distance;
            match.worst_letter = match.glyphs[i].characters;
        }
}

} // namespace

double slopeLeft_deg(const FaceMatch& match)
{
    const auto& letters = match.fit.letters;
    if (letters.size() < 3 || match.words > LikenessWord::Like)
        return 0.0;
    double x = 0.0, y = 0.0;
    for (const auto& letter : letters)
        x += letter.origin_px.x, y += letter.origin_px.y;
    x /= static_cast<double>(letters.size());
    y /= static_cast<double>(letters.size());
    double xx = 0.0, xy = 0.0;
    for (const auto& letter : letters) {
        xx += (letter.origin_px.x - x) * (letter.origin_px.x - x);
        xy += (letter.origin_px.x - x) * (letter.origin_px.y - y);
    }
    return xx > 0.0 ? -std::atan2(xy, xx) * 180.0 / std::numbers::pi : 0.0;
}

PictureMatch::PictureMatch(const PictureInk& ink, std::string words)
    : m_words(std::move(words)), m_characters(toUtf32(m_words)), m_coarse(ink, PictureWord::Fineness::Coarse),
      m_fine(ink, PictureWord::Fineness::Fine), m_finest(ink, PictureWord::Fineness::Finest)
{
    // An edge that is smeared over w pixels can be told to about an eighth of that.
    m_sharpness = ink.edge_px / 8.0 / std::max(1.0, m_fine.spread_px());
}

Result<PictureMatch> PictureMatch::of(const PictureInk& ink, const std::string& words)
{
    if (!isValidUtf8(words))
        return fail(ErrorCode::TextNotUtf8);
    std::string line = words;
    std::ranges::replace_if(
        line, [](char c) { return c == '\n' || c == '\r' || c == '\t'; }, ' ');
    const auto first = line.find_first_not_of(' ');
    if (first == std::string::npos)
        return fail(ErrorCode::EmptyText);
    line = line.substr(first, line.find_last_not_of(' ') - first + 1);
    if (const auto n = toUtf32(line).size(); n > kMostMatchLetters)
        return fail(ErrorCode::TextTooLong, {}, told("{} characters, at most {}", n, kMostMatchLetters));
    return PictureMatch(ink, line);
}

double PictureMatch::roughDistance(const FaceDescriptor& face) const
{
    return fitted(m_coarse, roughWord(face, m_characters)).distance;
}

FaceMatch PictureMatch::compared(const SetWord& set, const PictureWord& picture) const
{
    FaceMatch match;
    match.fit = fitted(picture, set.word);
    match.glyphs = set.glyphs;
    if (match.fit.letters.empty()) // nothing of the word could be drawn
        return match;
    if (set.face)
        tryOtherForms(set, picture, match);
    describe(match, m_sharpness);
    return match;
}

/// A swash in the picture does not throw the font out: its other forms are tried where a letter fits badly.
void PictureMatch::tryOtherForms(const SetWord& set, const PictureWord& picture, FaceMatch& match)
{
    const auto& face = set.face;
    std::optional<AlternateTable> forms;
    bool is_other = false;
    for (std::size_t i = 0; i < match.glyphs.size(); ++i) {
        if (match.fit.letters[i].distance < kBadLetter)
            continue;
        if (!forms)
            forms.emplace(*face);
        double nearest = kBetterForm * distanceAt(picture,
                                                  drawnGlyph(*face, match.glyphs[i].glyph_id,
                                                             picture.gridPx(match.fit.px_per_em)),
                                                  match.fit, i);
        auto others = forms->of(*face, match.glyphs[i].glyph_id);
        others.resize(std::min(others.size(), kMostForms));
        for (const auto& other : others) {
            const double d =
                distanceAt(picture, drawnGlyph(*face, other.glyph_id, picture.gridPx(match.fit.px_per_em)),
                           match.fit, i);
            if (d < nearest)
                nearest = d, match.glyphs[i].glyph_id = other.glyph_id, is_other = true;
        }
    }
    if (!is_other)
        return;
    auto word = set.word;
    word.draw = [&face, &match](std::size_t letter, double px_per_em) {
        return drawnGlyph(*face, match.glyphs[letter].glyph_id, px_per_em);
    };
    if (auto fit = fitted(picture, word); fit.distance < match.fit.distance)
        match.fit = std::move(fit);
    else
        match.glyphs = set.glyphs;
}

Result<std::vector<FaceMatch>> likest(const PictureMatch& picture, std::span<const MatchFace> faces,
                                      const MatchLimits& limits, const CancelToken& cancel,
                                      const std::function<void(std::vector<FaceMatch>)>& found)
{
    std::vector<double> rough(faces.size(), 1.0);
    onThreads(limits.threads, faces.size(), cancel, [&](std::size_t i) {
        if (faces[i].descriptor)
            rough[i] = picture.roughDistance(*faces[i].descriptor);
    });
    std::vector<std::size_t> order(faces.size());
    std::iota(order.begin(), order.end(), std::size_t{0});
    std::ranges::stable_sort(order, {}, [&rough](std::size_t i) { return rough[i]; });
    order.resize(std::min(order.size(), limits.closely));

    std::vector<FaceMatch> matches;
    std::mutex guard;
    std::size_t untold = 0;
    const auto likestFirst = [](std::span<FaceMatch> some) {
        std::ranges::sort(some, [](const FaceMatch& a, const FaceMatch& b) {
            return std::tie(a.fit.distance, a.face) < std::tie(b.fit.distance, b.face);
        });
    };
    onThreads(limits.threads, order.size(), cancel, [&](std::size_t i) {
        const auto set = faces[order[i]].set(picture.words());
        if (!set)
            return;
        auto match = picture.closely(*set);
        match.face = order[i];
        const std::lock_guard lock(guard);
        matches.push_back(std::move(match));
        if (found && ++untold >= kTellAfter) {
            untold = 0;
            auto so_far = matches;
            likestFirst(so_far);
            found(std::move(so_far));
        }
    });
    if (cancel.isCancelled())
        return fail(ErrorCode::Cancelled);
    likestFirst(matches);
    // Weights of one family lie closer together than the grid is fine.
    const std::size_t best = std::min(matches.size(), kMostClosely);
    onThreads(limits.threads, best, cancel, [&](std::size_t i) {
        if (const auto set = faces[matches[i].face].set(picture.words())) {
            const auto face = matches[i].face;
            matches[i] = picture.mostClosely(*set);
            matches[i].face = face;
        }
    });
    if (cancel.isCancelled())
        return fail(ErrorCode::Cancelled);
    likestFirst(std::span(matches).first(best));
    return matches;
}

} // namespace ink
