// The pieces of a font that belong to no letter, tried beside one.
#include "core/design/line_look.h"
#include "core/design/try_on.h"

#include <algorithm>
#include <numeric>

namespace ink {
using namespace detail;

namespace {

constexpr std::size_t kMostPieces = 24;
/// Between the word and a piece that does not grow on.
constexpr double kAir_u = 80.0;

bool isOf(const PieceOffer& offer, const PlacedPiece& piece, const Lettering& lettering)
{
    if (piece.letter != offer.placed.letter)
        return false;
    const auto motif = lettering.motifs.find(piece.motif);
    // What is known of the rights may have changed since; the drawing is the same.
    return motif != lettering.motifs.end() && motif->second.from_font == offer.drawing.from_font &&
           *motif->second.outline == *offer.drawing.outline;
}

class PieceTrier
{
public:
    PieceTrier(const TryOnRequest& request, const Setting& setting, const SetLetter& letter,
               const LetterSource& source)
        : m_request(request), m_setting(setting), m_letter(letter), m_source(source),
          m_choice(request.job.lettering.letter(letter.first))
    {
        if (const auto welded = weld(letter.glyphs, kJobUnit))
            m_ends = strokeEnds(welded->outline, 1.0);
        for (const auto& other : setting.letters)
            if (other.line == letter.line && other.block == letter.block)
                m_line.add(other.ink);
    }

    TryOn tried(const LoosePiece& piece)
    {
        TryOn item;
        item.form.glyph_id = piece.glyph_id;
        item.form.glyph_name = piece.glyph_name;
        item.form.character = piece.character;
        item.character = m_letter.first;
        item.piece = offerOf(piece);
        item.is_worn = hasPiece(m_request.job, *item.piece);
        if (item.is_worn)
            for (const auto& there : m_request.job.lettering.pieces)
                if (isOf(*item.piece, there, m_request.job.lettering))
                    item.piece->placed = there;
        place(item);
        judge(item, piece);
        return item;
    }

private:
    double size() const { return m_choice.font_size * m_choice.size; }

    PieceOffer offerOf(const LoosePiece& piece) const
    {
        PieceOffer offer;
        const auto& face = m_source.face();
        const double scale = kU_per_em / m_source.unitsPerEm();
        offer.drawing.name = piece.glyph_name.empty() ? "piece" : piece.glyph_name;
        offer.drawing.from_font = face->info().readableName();
        offer.drawing.outline = std::make_shared<const Paths>(
            transformed(face->glyphOutline(piece.glyph_id), {scale, 0, 0, scale, 0, 0}));
        const Box ink = bounds(*offer.drawing.outline);
        offer.drawing.advance = ink.x1 + kAir_u;
        offer.placed.letter = m_letter.first;
        offer.placed.size = size();

        auto ends = m_request.strokes->endsOf(face, piece.glyph_id);
        for (auto& end : ends) {
            end.at = end.at * size();
            end.width *= size();
        }
        Point at{m_line.x1 + kAir_u - ink.x0 * size(), m_letter.baseline};
        for (const auto& growth : growths(m_ends, ends, 1.0)) {
            // Away from the words; a piece that grows back over them covers what is to be read.
            const Box grown = boxOf(ink, growth.is_mirrored, growth.move);
            if (overlapShare(grown) > kMostOverWords)
                continue;
            offer.grows_on = true;
            offer.placed.is_mirrored = growth.is_mirrored;
            at = growth.move;
            break;
        }
        const Point arm = (at - m_letter.foot()) * (1.0 / kU_per_em);
        offer.placed.x_em = arm.x;
        offer.placed.y_em = arm.y;
        return offer;
    }

    Box boxOf(const Box& ink, bool is_mirrored, Point move) const
    {
        Box box;
        const double side = is_mirrored ? -size() : size();
        box.add(Point{ink.x0 * side, ink.y0 * size()} + move);
        box.add(Point{ink.x1 * side, ink.y1 * size()} + move);
        return box;
    }

    /// How much of the piece's box lies over letters other than its own.
    double overlapShare(const Box& box) const
    {
        double over = 0.0;
        for (const auto& letter : m_setting.letters) {
            if (letter.first == m_letter.first || !letter.hasInk())
                continue;
            const double w = std::min(box.x1, letter.ink.x1) - std::max(box.x0, letter.ink.x0);
            const double h = std::min(box.y1, letter.ink.y1) - std::max(box.y0, letter.ink.y0);
            if (w > 0.0 && h > 0.0)
                over += w * h;
        }
        return over / std::max(1.0, box.width() * box.height());
    }

    void place(TryOn& item) const
    {
        const auto& placed = item.piece->placed;
        const double side = placed.is_mirrored ? -placed.size : placed.size;
        auto paths = std::make_shared<const Paths>(
            transformed(*item.piece->drawing.outline, {side, 0, 0, placed.size, 0, 0}));
        item.piece_paths.push_back(
            {std::move(paths), m_letter.foot() + Point{placed.x_em, placed.y_em} * kU_per_em, 0});
    }

    void judge(TryOn& item, const LoosePiece& piece)
    {
        SetLetter as_letter;
        as_letter.glyphs = item.piece_paths;
        for (const auto& glyph : as_letter.glyphs) {
            Box ink = bounds(*glyph.paths);
            as_letter.ink.add(Point{ink.x0, ink.y0} + glyph.at);
            as_letter.ink.add(Point{ink.x1, ink.y1} + glyph.at);
        }
        auto& v = item.verdict;
        const auto standing = standingOf(m_chords, m_setting, m_letter);
        v.joins = v.joins_before = standing.joins;
        for (const auto& other : m_setting.letters) {
            if (other.line == m_letter.line && other.block == m_letter.block && wordHolds(other)) {
                item.word.push_back(other);
                item.word_ink.add(other.ink);
            }
            if (other.first != m_letter.first && meeting(m_chords, as_letter, other).touches())
                v.collides_with_other = true;
        }
        if (item.piece->grows_on && !meeting(m_chords, as_letter, m_letter).touches())
            item.piece->grows_on = false;
        item.word_ink.add(as_letter.ink);
        Box wider = m_setting.ink;
        wider.add(as_letter.ink);
        v.wider_mm = item.is_worn ? 0.0 : (wider.width() - m_setting.ink.width()) * m_request.mm_per_u.across;
        if (const auto width = m_request.strokes->of(m_source.face(), piece.glyph_id)) {
            v.thinnest_mm = *width * kU_per_em * item.piece->placed.size * m_request.mm_per_u.least();
            v.is_too_thin = v.thinnest_mm < m_request.job.limits().stroke_floor_mm;
        }
    }

    bool wordHolds(const SetLetter& other) const
    {
        const auto [first, last] = std::minmax({other.first, m_letter.first});
        for (std::size_t i = first; i <= last; ++i)
            if (m_words[i] == U' ')
                return false;
        return true;
    }

    static constexpr double kMostOverWords = 0.1;

    const TryOnRequest& m_request;
    const Setting& m_setting;
    const SetLetter& m_letter;
    const LetterSource& m_source;
    const LetterChoice& m_choice;
    std::u32string m_words = toUtf32(m_request.job.words);
    std::vector<StrokeEnd> m_ends;
    Box m_line;
    Chords m_chords;
};

} // namespace

bool hasPiece(const Job& job, const PieceOffer& offer)
{
    return std::ranges::any_of(job.lettering.pieces,
                               [&](const PlacedPiece& piece) { return isOf(offer, piece, job.lettering); });
}

void changePiece(Job& job, const PieceOffer& offer)
{
    auto& lettering = job.lettering;
    const auto gone = std::erase_if(lettering.pieces,
                                    [&](const PlacedPiece& piece) { return isOf(offer, piece, lettering); });
    if (gone == 0) {
        PlacedPiece placed = offer.placed;
        placed.motif = motifOf(lettering, offer.drawing);
        lettering.pieces.push_back(placed);
    }
    tidy(lettering);
}

Result<std::vector<TryOn>> tryPieces(const TryOnRequest& request)
{
    std::vector<TryOn> tries;
    if (!request.forms || !request.strokes || request.forms->pieces().empty())
        return tries;
    // A piece goes along with its letter's shape afterwards: it is tried on words that stand straight.
    Job straight = request.job;
    for (auto& block : straight.lettering.blocks)
        block.shape = {};
    const auto setting =
        setLettering(straight, request.letters, {request.mm_per_u.across, request.cancel, request.settings});
    if (!setting)
        return fail(setting.error());
    const auto* letter = setting->letterAt(request.character);
    if (!letter || !letter->hasInk())
        return tries;
    const auto source = request.letters(letter->font);
    if (!source || !(*source)->face())
        return tries;
    PieceTrier trier(request, *setting, *letter, **source);
    for (const auto& piece : request.forms->pieces()) {
        if (request.cancel.isCancelled())
            return fail(ErrorCode::Cancelled);
        tries.push_back(trier.tried(piece));
    }
    // In order by their numbers: gcc 12 warns of the optional's inside when the tries themselves are sorted.
    std::vector<std::size_t> order(tries.size());
    std::iota(order.begin(), order.end(), 0u);
    std::ranges::stable_sort(order, std::ranges::greater(), [&](std::size_t i) {
        return std::pair(tries[i].piece->grows_on, tries[i].verdict.isFine());
    });
    std::vector<TryOn> sorted;
    for (std::size_t i = 0; i < std::min(order.size(), kMostPieces); ++i)
        sorted.push_back(std::move(tries[order[i]]));
    return sorted;
}

} // namespace ink
