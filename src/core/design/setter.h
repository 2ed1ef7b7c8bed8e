// Sets one block of words after the other. Internal to setting; each noun has a file of its own:
// set_lines.cpp shapes runs and spaces letters out, set_blocks.cpp puts lines under each other,
// set_pieces.cpp hangs tails and pieces.
#pragma once

#include "core/design/close_up.h"
#include "core/design/drawings.h"
#include "core/design/setting.h"

#include <optional>
#include <span>
#include <string>
#include <utility>
#include <vector>

namespace ink::detail {

/// How large the letters of a block are drawn, of the job's em, and how wide beside their own proportions.
struct DrawnSize
{
    double size = 1.0, stretch = 1.0;
};

Affine turnedAndSized(double turn_deg, double size, bool is_mirrored = false);

/// Holds what is being set: one use, one setting.
class Setter
{
public:
    Setter(const Job& job, const FindLetters& find, const SettingRequest& request);
    Result<Setting> set();

private:
    using Source = std::shared_ptr<const LetterSource>;
    struct Line
    {
        std::size_t first = 0, end = 0;
        std::vector<SetLetter> letters;
        double advance = 0.0, spacing = 0.0, ascent = 0.0, descent = 0.0, x_height = 0.0;
        std::vector<ClosePair> pairs;
        bool is_right_to_left = false;

        Box ink() const
        {
            Box box;
            for (const auto& letter : letters)
                box.add(letter.ink);
            return box;
        }
    };
    struct Run
    {
        std::size_t first = 0, end = 0;
        FontRef font;
        double size = 1.0;
        bool is_motif = false;
    };

    // set_lines.cpp
    Source source(const FontRef& font);
    std::vector<Run> runsOf(std::size_t first, std::size_t end) const;
    Result<Line> setLine(std::size_t first, std::size_t end, const DrawnSize& drawn);
    /// What the person added before letters, then the close-up.
    void spaceOut(Line& line, double size);
    Result<std::vector<SetLetter>> setMotif(const Run& run, const DrawnSize& drawn, double& advance);
    /// Where a glyph's origin goes when its letter is turned and sized about the letter's foot. `by` brings
    /// the glyph to u.
    static Point aboutFoot(Point origin, const SetLetter& letter, const Affine& by);
    static void addDrawn(SetLetter& letter, const std::shared_ptr<Drawn>& drawn, Point at);
    Result<std::vector<SetLetter>> setRun(const Run& run, const DrawnSize& drawn, Line& line,
                                          double& advance);
    void addGlyphs(SetLetter& letter, const Source& from, std::span<const PlacedGlyph> glyphs);

    // set_blocks.cpp
    Result<std::vector<Line>> setLines(const Block& block, std::size_t first, std::size_t end);
    Result<void> setBlock(std::size_t number, std::size_t first, std::size_t end, double& cursor,
                          bool is_first);
    static double maxWidth(const std::vector<Line>& lines);
    static Box bentInk(const std::vector<Line>& lines, const SetBlock& placed);
    /// Letters turned against each other touch elsewhere: the close-up is made again where they stand, until
    /// it holds there.
    void closeUpAlong(std::vector<Line>& lines, SetBlock& placed);
    void takeOver(std::vector<Line>& lines, std::size_t block, Point origin);

    // set_pieces.cpp
    struct TailDrawing
    {
        std::shared_ptr<const Paths> outline; // in u at size 1
        Box ink;
    };
    std::vector<TailDrawing> tailsFor(const Block& block);
    /// The tail whose width is nearest to the words', stretched to it within limits, hung under their feet;
    /// it bends with them, also where the letters are kept as drawn.
    void addTail(const Block& block, SetBlock& placed, double baseline);
    void placePieces();
    /// A piece goes along with the letter it hangs on: turned with it, or bent with its block.
    static void followShape(PlacedOutline& placed, const SetLetter& letter, const SetBlock& block);

    // setting.cpp
    Result<void> checkResult() const;

    const Job& m_job;
    const FindLetters& m_find;
    const SettingRequest& m_request;
    std::u32string m_words;
    std::vector<Handling> m_handlings;
    Drawings m_drawings;
    std::vector<std::pair<FontRef, Source>> m_sources;
    std::optional<Error> m_refusal;
    Setting m_setting;
};

} // namespace ink::detail
