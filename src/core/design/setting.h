// Words set as the person chose: every letter's glyphs with their places, before they are welded.
#pragma once

#include "core/base/cancel.h"
#include "core/base/recent.h"
#include "core/design/job.h"
#include "core/design/letter_source.h"
#include "core/geometry/side_gap.h"
#include "core/geometry/weld.h"

#include <algorithm>
#include <memory>
#include <mutex>
#include <string>
#include <unordered_map>
#include <vector>

namespace ink {

/// 1 u in mm: across, and up, which differs where a job's proportions are not kept.
struct MmPerU
{
    double across = 0.0, up = 0.0;

    MmPerU(double both = 0.0) : across(both), up(both) {}
    MmPerU(double across_mm, double up_mm) : across(across_mm), up(up_mm) {}
    /// What strokes are as thin by as they get.
    double least() const { return std::min(across, up); }
};

/// One letter with its marks, a ligature, or a motif in the line.
struct SetLetter
{
    /// Characters of the words it stands for.
    std::size_t first = 0, count = 1;
    std::size_t block = 0, line = 0;
    /// The base glyph; 0 for a motif.
    std::uint32_t glyph_id = 0;
    FontRef font;
    /// Base first, then marks; empty for spaces. In u: 1/1000 of the job's em, y up.
    std::vector<PlacedPaths> glyphs;
    Box ink;
    /// Where the pen stood and how far it goes; the foot is the middle of the two, on the baseline.
    double pen_x = 0.0, advance = 0.0, baseline = 0.0;
    /// Font units to u for the glyphs, as they were drawn, and how much wider than high.
    double scale = 1.0;
    double stretch = 1.0;
    /// How the base glyph is drawn, from font units to u about its origin: sized, turned, and along its shape.
    Affine drawn;
    /// It comes as stitches: turned, and never bent.
    bool is_sewn = false;
    bool is_right_to_left = false;

    bool hasInk() const { return !glyphs.empty(); }
    Point foot() const { return {pen_x + advance / 2, baseline}; }
};

struct SetLine
{
    std::size_t block = 0;
    /// Characters, without the line break.
    std::size_t first = 0, end = 0;
    double baseline = 0.0, left = 0.0, right = 0.0;
    double ascent = 0.0, descent = 0.0, x_height = 0.0;
    Box ink;
};

/// Two letters of one word that stand side by side.
struct ClosePair
{
    std::size_t left = 0, right = 0;
    /// How far the right one was moved, in u; negative to the left.
    double moved = 0.0;
    /// What is left between the two then, in u; negative where they overlap.
    double gap = 0.0;
    enum class State { Joins, Apart, NoCommonHeight, LeftAsDrawn };
    State state = State::Apart;
    /// Where they meet first, in u: straight as the letters, or where letters kept along a shape stand.
    Point at;
};

struct SetBlock
{
    std::size_t block = 0;
    /// As it stands, bent where it is bent.
    Box ink;
    WordShape shape;
    /// Where the block's own origin, on its first baseline, came to stand.
    Point origin;
    /// Before it was shaped, about its own origin: what the shape's map is made for.
    Box straight_ink;
};

struct PlacedOutline
{
    std::vector<PlacedPaths> glyphs;
    /// As it stands.
    Box ink;
    /// Which piece of the lettering; nothing for the tail of a block.
    std::optional<std::size_t> piece;
    /// The block it goes along with.
    std::size_t block = 0;
    /// Its glyphs are straight yet, to be bent with the block.
    bool bends = false;
};

struct Setting
{
    std::vector<SetLetter> letters;
    std::vector<SetLine> lines;
    std::vector<SetBlock> blocks;
    std::vector<PlacedOutline> pieces;
    std::vector<ClosePair> pairs;
    std::u32string missing;
    /// Fonts that are not here; their letters are as they were stored, or left out.
    std::vector<FontRef> missing_fonts;
    Box ink;

    /// Of a character; null where it leaves no trace of its own (line breaks).
    const SetLetter* letterAt(std::size_t character) const;
};

/// Outlines and side profiles that are used again from one setting to the next. Safe to use from several
/// threads.
class SettingCache
{
public:
    SettingCache();
    ~SettingCache();
    struct State;
    State& state() { return *m_state; }

private:
    std::unique_ptr<State> m_state;
};

struct SettingRequest
{
    /// 1 u in mm, for what is asked in mm; 0 when nothing is.
    double mm_per_u = 0.0;
    CancelToken cancel = {};
    std::shared_ptr<SettingCache> cache = {};
    /// Taken from the space before every letter of a line but the first, in u of a block of its usual size.
    double tighter_u = 0.0;
};

/// Sets the job's words: shapes every run, places what was chosen, closes letters up, puts lines and blocks
/// under each other, and keeps letters along shapes. Blocks whose letters bend are still straight here.
/// Errors: those of checkWords and of the sources; NoGlyphs, NothingToCut, Cancelled. A font that is not
///         found is no error while others are.
Result<Setting> setLettering(const Job& job, const FindLetters& letters, const SettingRequest& request);

} // namespace ink
