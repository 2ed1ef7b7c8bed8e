// Forms tried on: what a letter would do to the line if it wore another form, and whole dressings of a line.
#pragma once

#include "core/design/setting.h"
#include "core/geometry/stroke_ends.h"
#include "core/type/letter_forms.h"

#include <memory>
#include <string>
#include <vector>

namespace ink {

/// How wide strokes of single glyphs are and where they end, kept by glyph. Safe to use from several threads.
class StrokeWidths
{
public:
    StrokeWidths();
    ~StrokeWidths();
    /// Thinnest stroke, in shares of the em; nothing for glyphs without strokes.
    std::optional<double> of(const std::shared_ptr<const FontFace>& face, std::uint32_t glyph_id);
    /// Where the glyph's strokes end, in 1/1000 em.
    std::vector<StrokeEnd> endsOf(const std::shared_ptr<const FontFace>& face, std::uint32_t glyph_id);

private:
    struct State;
    std::unique_ptr<State> m_state;
};

/// What the line with the form would be, against the line as it is.
struct TryOnVerdict
{
    /// Joins that the letter has with its neighbours, of those it had.
    std::size_t joins = 0, joins_before = 0;
    bool collides_with_neighbour = false, collides_with_other = false;
    /// Of the form's thinnest stroke, at the finished size; below 0 when it is not known.
    double thinnest_mm = -1.0;
    bool is_too_thin = false;
    /// How much wider the line of ink becomes at the present size of the letters.
    double wider_mm = 0.0;

    bool keepsJoins() const { return joins >= joins_before; }
    bool isFine() const
    {
        return keepsJoins() && !collides_with_neighbour && !collides_with_other && !is_too_thin;
    }
};

/// A glyph of the font that belongs to no letter, where it would stand beside the letter.
struct PieceOffer
{
    MotifDrawing drawing;
    PlacedPiece placed;
    /// A stroke of it goes on from a stroke of the letter.
    bool grows_on = false;
};

struct TryOn
{
    /// The first is no form at all: the letter as the font draws it by itself. Of a piece, its glyph.
    LetterForm form;
    std::optional<PieceOffer> piece;
    /// The piece in its place, beside the word.
    std::vector<PlacedPaths> piece_paths;
    bool is_plain = false;
    bool is_worn = false;
    TryOnVerdict verdict;
    /// The letters of its word as they would be set, and which of the line's characters is tried on.
    std::size_t character = 0;
    std::vector<SetLetter> word;
    Box word_ink;
};

struct TryOnRequest
{
    Job job;
    FindLetters letters;
    std::shared_ptr<const FormTable> forms;
    /// Character that is tried on, and how many are meant from there on: forms of just these come first.
    std::size_t character = 0;
    std::size_t count = 1;
    /// As the line stands now.
    MmPerU mm_per_u;
    std::shared_ptr<StrokeWidths> strokes;
    std::shared_ptr<SettingCache> settings;
    CancelToken cancel;
};

/// Every form of the letter at `character`, or of the ligature that begins there, in the whole line. Forms
/// that suit the letter's place in its word come first.
/// Errors: those of setLettering.
Result<std::vector<TryOn>> tryOn(const TryOnRequest& request);

/// Wears a form, or takes off what is worn (null).
void wear(Job& job, std::size_t character, const LetterForm* form);

/// The font's pieces that belong to no letter, each beside the letter at `character`: those that can grow on
/// one of its strokes first, at most 24. Lines that follow a shape show them as on a straight line.
/// Errors: those of setLettering.
Result<std::vector<TryOn>> tryPieces(const TryOnRequest& request);

/// Puts the piece beside its letter, or takes it away when it is there.
void changePiece(Job& job, const PieceOffer& offer);
bool hasPiece(const Job& job, const PieceOffer& offer);

struct Dressing
{
    std::string name;
    Job job;
    /// Letters that wear something.
    std::size_t dressed = 0;
};

/// Three to five dressings of the words, from quiet to rich, fewer where the font has little: each keeps
/// every join, collides with nothing, and is thick enough for the process.
/// Errors: those of setLettering.
Result<std::vector<Dressing>> dress(const TryOnRequest& request);
/// The quietest of them, at the end of the words, where nothing is worn there yet; the job as it is where the font has none.
/// Errors: those of setLettering.
Result<Job> dressedQuietly(const TryOnRequest& request);

} // namespace ink
