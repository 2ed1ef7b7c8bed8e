#include "core/project/stored_letters.h"

#include "core/base/json_number.h"
#include "core/design/lettering_json.h"
#include "core/formats/path_data.h"

#include <nlohmann/json.hpp>

#include <algorithm>
#include <cmath>
#include <optional>

namespace ink {
namespace {

/// The stitches that were stored; null for a font that is drawn.
std::shared_ptr<const Alphabet> alphabetOf(const StoredFont& stored)
{
    if (stored.sewn_size_mm <= 0.0)
        return nullptr;
    auto alphabet = std::make_shared<Alphabet>();
    alphabet->name = stored.info.name;
    alphabet->size_mm = stored.sewn_size_mm;
    for (const auto& [id, glyph] : stored.glyphs) {
        if (glyph.work.empty())
            continue;
        SewnLetter letter;
        letter.letter = glyph.name;
        letter.work = glyph.work;
        letter.box_mm = boxOf(letter.work);
        letter.before_mm = glyph.before_mm;
        letter.after_mm = glyph.after_mm;
        letter.glyph_id = id;
        alphabet->letters.push_back(std::move(letter));
    }
    return alphabet;
}

class StoredLetters : public LetterSource
{
public:
    explicit StoredLetters(std::shared_ptr<const StoredFont> stored)
        : m_stored(std::move(stored)), m_alphabet(alphabetOf(*m_stored))
    {
    }

    Result<ShapedLine> shape(std::string_view line, const ShapeOptions& options) const override
    {
        if (!isValidUtf8(line))
            return fail(ErrorCode::TextNotUtf8);
        for (const auto& run : m_stored->runs)
            if (run.text == line && run.options.features == options.features &&
                run.options.tracking_em == options.tracking_em && run.options.worn == options.worn)
                return run.shaped;
        return letterByLetter(line, options);
    }
    Paths outline(std::uint32_t glyph_id) const override
    {
        const auto it = m_stored->glyphs.find(glyph_id);
        return it == m_stored->glyphs.end() ? Paths{} : it->second.outline;
    }
    std::string glyphName(std::uint32_t glyph_id) const override
    {
        const auto it = m_stored->glyphs.find(glyph_id);
        return it == m_stored->glyphs.end() ? std::string() : it->second.name;
    }
    double advance_fu(std::uint32_t glyph_id) const override
    {
        const auto it = m_stored->glyphs.find(glyph_id);
        return it == m_stored->glyphs.end() ? 0.0 : it->second.advance_fu;
    }
    LetterSourceInfo info() const override { return m_stored->info; }
    double unitsPerEm() const override { return m_stored->units_per_em; }
    double lineSpacing_fu() const override { return m_stored->line_spacing_fu; }
    double capHeight_fu() const override { return m_stored->cap_height_fu; }
    double xHeight_fu() const override { return m_stored->x_height_fu; }
    bool isWhole() const override { return false; }
    std::vector<std::uint32_t> tails() const override { return m_stored->tails; }
    std::shared_ptr<const Alphabet> alphabet() const override { return m_alphabet; }

private:
    /// The glyph a character was drawn with somewhere in the job, by itself.
    std::optional<PlacedGlyph> glyphOf(std::string_view character) const
    {
        for (const auto& run : m_stored->runs)
            for (std::size_t g = 0; g < run.shaped.glyphs.size(); ++g) {
                const auto& glyph = run.shaped.glyphs[g];
                if (run.text.compare(glyph.cluster, character.size(), character) != 0)
                    continue;
                // Not part of a ligature: the next cluster begins with the next character.
                const auto end = glyph.cluster + character.size();
                const bool is_alone =
                    end == run.text.size() ||
                    std::ranges::any_of(run.shaped.glyphs, [&](const auto& o) { return o.cluster == end; });
                if (is_alone)
                    return glyph;
            }
        return {};
    }

    ShapedLine letterByLetter(std::string_view line, const ShapeOptions& options) const
    {
        ShapedLine shaped;
        const auto characters = toUtf32(line);
        std::uint32_t byte = 0;
        for (const char32_t c : characters) {
            const auto text = toUtf8(c);
            if (auto glyph = glyphOf(text)) {
                for (const auto& worn : options.worn)
                    if (worn.byte == byte && m_stored->glyphs.contains(worn.glyph_id))
                        glyph->glyph_id = worn.glyph_id;
                glyph->cluster = byte;
                glyph->x_fu = shaped.advance_fu;
                glyph->advance_fu =
                    advance_fu(glyph->glyph_id) + options.tracking_em * m_stored->units_per_em;
                shaped.advance_fu += glyph->advance_fu;
                shaped.glyphs.push_back(*glyph);
            } else if (shaped.missing.find(c) == std::u32string::npos) {
                shaped.missing += c;
            }
            byte += static_cast<std::uint32_t>(text.size());
        }
        return shaped;
    }

    std::shared_ptr<const StoredFont> m_stored;
    std::shared_ptr<const Alphabet> m_alphabet;
};

} // namespace

std::shared_ptr<const LetterSource> lettersOf(std::shared_ptr<const StoredFont> stored)
{
    return std::make_shared<StoredLetters>(std::move(stored));
}

struct LetterRecorder::State
{
    struct Font
    {
        StoredFont stored;
        std::shared_ptr<const LetterSource> source;
        std::shared_ptr<const LetterSource> noting;
    };

    FindLetters letters;
    std::function<std::string(const FontRef&)> digest;
    std::vector<std::unique_ptr<Font>> fonts;
};

namespace {

/// Hands through, and notes runs and glyphs. It shows no face, so that every outline goes through it.
class NotingLetters : public LetterSource
{
public:
    NotingLetters(std::shared_ptr<const LetterSource> source, StoredFont& notes)
        : m_source(std::move(source)), m_notes(notes)
    {
    }

    Result<ShapedLine> shape(std::string_view line, const ShapeOptions& options) const override
    {
        auto shaped = m_source->shape(line, options);
        if (!shaped)
            return shaped;
        const bool is_noted = std::ranges::any_of(m_notes.runs, [&](const StoredFont::Run& run) {
            return run.text == line && run.options.worn == options.worn &&
                   run.options.features == options.features && run.options.tracking_em == options.tracking_em;
        });
        if (!is_noted)
            m_notes.runs.push_back({std::string(line), options, *shaped});
        for (const auto& glyph : shaped->glyphs)
            note(glyph.glyph_id);
        return shaped;
    }
    Paths outline(std::uint32_t glyph_id) const override
    {
        note(glyph_id);
        return m_notes.glyphs[glyph_id].outline;
    }
    std::string glyphName(std::uint32_t glyph_id) const override { return m_source->glyphName(glyph_id); }
    double advance_fu(std::uint32_t glyph_id) const override { return m_source->advance_fu(glyph_id); }
    LetterSourceInfo info() const override { return m_source->info(); }
    double unitsPerEm() const override { return m_source->unitsPerEm(); }
    double lineSpacing_fu() const override { return m_source->lineSpacing_fu(); }
    double capHeight_fu() const override { return m_source->capHeight_fu(); }
    double xHeight_fu() const override { return m_source->xHeight_fu(); }
    bool isWhole() const override { return m_source->isWhole(); }
    std::vector<std::uint32_t> tails() const override
    {
        m_notes.tails = m_source->tails();
        return m_notes.tails;
    }
    std::shared_ptr<const FontFace> face() const override { return m_source->face(); }
    std::shared_ptr<const Alphabet> alphabet() const override { return m_source->alphabet(); }

private:
    void note(std::uint32_t glyph_id) const
    {
        if (m_notes.glyphs.contains(glyph_id))
            return;
        auto& glyph = m_notes.glyphs[glyph_id];
        glyph = {m_source->glyphName(glyph_id), m_source->advance_fu(glyph_id), m_source->outline(glyph_id)};
        const auto alphabet = m_source->alphabet();
        if (!alphabet)
            return;
        m_notes.sewn_size_mm = alphabet->size_mm;
        const auto sewn = std::ranges::find(alphabet->letters, glyph_id, &SewnLetter::glyph_id);
        if (sewn == alphabet->letters.end())
            return;
        glyph.work = sewn->work;
        glyph.before_mm = sewn->before_mm;
        glyph.after_mm = sewn->after_mm;
    }

    std::shared_ptr<const LetterSource> m_source;
    StoredFont& m_notes;
};

} // namespace

LetterRecorder::LetterRecorder(FindLetters letters, std::function<std::string(const FontRef&)> digest)
    : m_state(std::make_shared<State>())
{
    m_state->letters = std::move(letters);
    m_state->digest = std::move(digest);
}

LetterRecorder::~LetterRecorder() = default;

FindLetters LetterRecorder::letters()
{
    return [state = m_state](const FontRef& font) -> Result<std::shared_ptr<const LetterSource>> {
        for (const auto& known : state->fonts)
            if (known->stored.font == font)
                return known->noting;
        auto source = state->letters(font);
        if (!source)
            return source;
        auto noted = std::make_unique<State::Font>();
        auto& stored = noted->stored;
        stored.font = font;
        stored.units_per_em = (*source)->unitsPerEm();
        stored.line_spacing_fu = (*source)->lineSpacing_fu();
        stored.cap_height_fu = (*source)->capHeight_fu();
        stored.x_height_fu = (*source)->xHeight_fu();
        stored.info = (*source)->info();
        if (stored.info.sha256.empty() && state->digest)
            stored.info.sha256 = state->digest(font);
        noted->source = *source;
        noted->noting = std::make_shared<NotingLetters>(*source, stored);
        state->fonts.push_back(std::move(noted));
        return state->fonts.back()->noting;
    };
}

std::vector<StoredFont> LetterRecorder::fonts() const
{
    std::vector<StoredFont> fonts;
    for (const auto& font : m_state->fonts)
        fonts.push_back(font->stored);
    return fonts;
}

namespace detail {

nlohmann::ordered_json storedFontJson(const StoredFont& font)
{
    using Json = nlohmann::ordered_json;
    auto glyphs = Json::array();
    for (const auto& [id, glyph] : font.glyphs) {
        glyphs.push_back({{"glyph", id},
                          {"name", glyph.name},
                          {"advance", glyph.advance_fu},
                          {"outline", pathData(glyph.outline)}});
        if (glyph.work.empty())
            continue;
        auto steps = Json::array(); // kind, x, y in units of the needle's grid
        for (const auto& step : glyph.work)
            steps.push_back({int(step.kind), std::lround(step.at.x / kNeedleGrid_mm),
                             std::lround(step.at.y / kNeedleGrid_mm)});
        glyphs.back()["stitches"] = std::move(steps);
        glyphs.back()["before_mm"] = glyph.before_mm;
        glyphs.back()["after_mm"] = glyph.after_mm;
    }
    auto runs = Json::array();
    for (const auto& run : font.runs) {
        auto placed = Json::array();
        for (const auto& g : run.shaped.glyphs)
            placed.push_back({g.glyph_id, g.cluster, g.x_fu, g.y_fu, g.advance_fu});
        auto worn = Json::array();
        for (const auto& w : run.options.worn)
            worn.push_back({w.byte, w.bytes, w.glyph_id});
        Json missing = Json::array();
        for (const char32_t c : run.shaped.missing)
            missing.push_back(unsigned(c));
        runs.push_back({{"text", run.text},
                        {"features", run.options.features},
                        {"tracking_em", run.options.tracking_em},
                        {"worn", worn},
                        {"glyphs", placed},
                        {"advance", run.shaped.advance_fu},
                        {"right_to_left", run.shaped.is_right_to_left},
                        {"missing", missing}});
    }
    auto tails = Json::array();
    for (const auto glyph : font.tails)
        tails.push_back(glyph);
    Json json{{"path", font.font.path},
              {"face", font.font.face},
              {"instance", font.font.instance},
              {"name", font.info.name},
              {"version", font.info.version},
              {"copyright", font.info.copyright},
              {"licence", font.info.licence},
              {"sha256", font.info.sha256},
              {"units_per_em", font.units_per_em},
              {"line_spacing", font.line_spacing_fu},
              {"cap_height", font.cap_height_fu},
              {"x_height", font.x_height_fu},
              {"glyphs", glyphs},
              {"tails", tails},
              {"runs", runs}};
    if (font.sewn_size_mm > 0.0)
        json["sewn_size_mm"] = font.sewn_size_mm;
    return json;
}

namespace {

/// No font is drawn that large.
double bounded(const nlohmann::json& json)
{
    constexpr double kMost_fu = 1e8;
    const double value = json.get<double>();
    return std::isfinite(value) ? std::clamp(value, -kMost_fu, kMost_fu) : 0.0;
}

double length(const nlohmann::json& json, const char* name)
{
    const auto it = json.find(name);
    return it == json.end() ? 0.0 : bounded(*it);
}

} // namespace

/// Bounded like what a stitch file may hold.
NeedleWork workFrom(const nlohmann::json& steps)
{
    constexpr double kFurthest_mm = 1000.0;
    constexpr std::size_t kMostSteps = 200000;
    NeedleWork work;
    for (const auto& step : steps) {
        const int kind = wholeNumber<int>(step.at(0));
        if (kind < 0 || kind > int(NeedleStep::Kind::Stop) || work.size() >= kMostSteps)
            continue;
        const auto place = [&](std::size_t i) {
            const double mm = step.at(i).get<double>() * kNeedleGrid_mm;
            return std::isfinite(mm) ? std::clamp(mm, -kFurthest_mm, kFurthest_mm) : 0.0;
        };
        work.push_back({NeedleStep::Kind(kind), {place(1), place(2)}});
    }
    return work;
}

StoredFont storedFontFrom(const nlohmann::json& json)
{
    StoredFont font;
    if (const double size_mm = json.value("sewn_size_mm", 0.0); size_mm > 0.0 && size_mm < 1000.0)
        font.sewn_size_mm = size_mm;
    font.font = detail::fontFrom(json);
    font.info.name = json.value("name", "");
    font.info.version = json.value("version", "");
    font.info.copyright = json.value("copyright", "");
    font.info.licence = json.value("licence", "");
    font.info.sha256 = json.value("sha256", "");
    const auto positive = [&](const char* name, double usual) {
        const double value = json.value(name, usual);
        return value > 0.0 && value < 1e6 ? value : usual;
    };
    font.units_per_em = positive("units_per_em", 1000.0);
    font.line_spacing_fu = positive("line_spacing", 1200.0);
    for (const auto& glyph : json.value("tails", nlohmann::json::array()))
        font.tails.push_back(wholeNumber<std::uint32_t>(glyph));
    font.cap_height_fu = positive("cap_height", 700.0);
    font.x_height_fu = positive("x_height", 500.0);
    for (const auto& item : json.value("glyphs", nlohmann::json::array())) {
        auto outline = pathsFromData(item.value("outline", ""));
        if (outline)
            font.glyphs[wholeNumber(item, "glyph", 0u)] = {
                item.value("name", ""),    length(item, "advance"),
                std::move(*outline),       workFrom(item.value("stitches", nlohmann::json::array())),
                length(item, "before_mm"), length(item, "after_mm")};
    }
    for (const auto& item : json.value("runs", nlohmann::json::array())) {
        StoredFont::Run run;
        run.text = item.value("text", "");
        run.options.features = item.value("features", "");
        run.options.tracking_em = item.value("tracking_em", 0.0);
        for (const auto& w : item.value("worn", nlohmann::json::array()))
            run.options.worn.push_back({wholeNumber<std::uint32_t>(w.at(0)),
                                        wholeNumber<std::uint32_t>(w.at(1)),
                                        wholeNumber<std::uint32_t>(w.at(2))});
        for (const auto& g : item.value("glyphs", nlohmann::json::array()))
            if (const auto cluster = wholeNumber<std::uint32_t>(g.at(1)); cluster < run.text.size())
                run.shaped.glyphs.push_back({wholeNumber<std::uint32_t>(g.at(0)), cluster, bounded(g.at(2)),
                                             bounded(g.at(3)), bounded(g.at(4))});
        run.shaped.advance_fu = length(item, "advance");
        run.shaped.is_right_to_left = item.value("right_to_left", false);
        for (const auto& c : item.value("missing", nlohmann::json::array()))
            if (const auto character = wholeNumber<unsigned>(c); character <= 0x10FFFF)
                run.shaped.missing += static_cast<char32_t>(character);
        font.runs.push_back(std::move(run));
    }
    return font;
}

} // namespace detail

} // namespace ink
