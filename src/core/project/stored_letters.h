// The letters a project needs where its fonts are missing: what was shaped and drawn, kept with the job.
#pragma once

#include "core/design/letter_source.h"

#include <nlohmann/json_fwd.hpp>

#include <map>
#include <memory>
#include <string>
#include <vector>

namespace ink {

/// What is kept of one font: no more than the job's own letters.
struct StoredFont
{
    FontRef font;
    LetterSourceInfo info;
    double units_per_em = 1000.0, line_spacing_fu = 1200.0, cap_height_fu = 700.0, x_height_fu = 500.0;

    struct Glyph
    {
        std::string name;
        double advance_fu = 0.0;
        Paths outline;
        /// Its stitches, where it comes as such: in mm, as in SewnLetter.
        NeedleWork work = {};
        double before_mm = 0.0, after_mm = 0.0;

        friend bool operator==(const Glyph&, const Glyph&) = default;
    };
    std::map<std::uint32_t, Glyph> glyphs;

    struct Run
    {
        std::string text;
        ShapeOptions options;
        ShapedLine shaped;
    };
    std::vector<Run> runs;
    /// Which of the glyphs can stand as a tail; only noted for a job that has one.
    std::vector<std::uint32_t> tails;
    /// The size its stitches were made for; 0 for a font that is drawn.
    double sewn_size_mm = 0.0;
};

/// Letters from what was stored. Runs that were stored come back as they were; in others each character is
/// drawn as it was drawn elsewhere in the job, and what never was is missing.
std::shared_ptr<const LetterSource> lettersOf(std::shared_ptr<const StoredFont> stored);

/// Hands letters through and notes what is asked for. Not safe to use from several threads at once.
class LetterRecorder
{
public:
    /// `digest` says the content of a font file, empty when it is not known.
    LetterRecorder(FindLetters letters, std::function<std::string(const FontRef&)> digest);
    ~LetterRecorder();

    FindLetters letters();
    /// In the order they were asked for first; a font that was not found is not among them.
    std::vector<StoredFont> fonts() const;

private:
    struct State;
    std::shared_ptr<State> m_state;
};

namespace detail {

nlohmann::ordered_json storedFontJson(const StoredFont& font);
/// Throws what the JSON library throws; glyphs whose outline cannot be read are left out.
StoredFont storedFontFrom(const nlohmann::json& json);

} // namespace detail

} // namespace ink
