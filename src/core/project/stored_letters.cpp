#include "core/project/stored_letters.h"

#include "core/formats/path_data.h"

#include <nlohmann/json.hpp>

#include <algorithm>
#include <cmath>
#include <optional>

namespace ink {
namespace {

class StoredLetters : public LetterSource
{
public:
    explicit StoredLetters(std::shared_ptr<const StoredFont> stored) : m_stored(std::move(stored)) {}

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

private:
    void note(std::uint32_t glyph_id) const
    {
        if (!m_notes.glyphs.contains(glyph_id))
            m_notes.glyphs[glyph_id] = {m_source->glyphName(glyph_id), m_source->advance_fu(glyph_id),
                                        m_source->outline(glyph_id)};
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
    for (const auto& [id, glyph] : font.glyphs)
        glyphs.push_back({{"glyph", id},
                          {"name", glyph.name},
                          {"advance", glyph.advance_fu},
                          {"outline", pathData(glyph.outline)}});
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
    return {{"path", font.font.path},
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

StoredFont storedFontFrom(const nlohmann::json& json)
{
    StoredFont font;
    font.font = {json.value("path", ""), json.value("face", 0u), json.value("instance", "")};
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
        font.tails.push_back(glyph.get<std::uint32_t>());
    font.cap_height_fu = positive("cap_height", 700.0);
    font.x_height_fu = positive("x_height", 500.0);
    for (const auto& item : json.value("glyphs", nlohmann::json::array())) {
        auto outline = pathsFromData(item.value("outline", ""));
        if (outline)
            font.glyphs[item.value("glyph", 0u)] = {item.value("name", ""), length(item, "advance"),
                                                    std::move(*outline)};
    }
    for (const auto& item : json.value("runs", nlohmann::json::array())) {
        StoredFont::Run run;
        run.text = item.value("text", "");
        run.options.features = item.value("features", "");
        run.options.tracking_em = item.value("tracking_em", 0.0);
        for (const auto& w : item.value("worn", nlohmann::json::array()))
            run.options.worn.push_back(
                {w.at(0).get<std::uint32_t>(), w.at(1).get<std::uint32_t>(), w.at(2).get<std::uint32_t>()});
        for (const auto& g : item.value("glyphs", nlohmann::json::array()))
            if (const auto cluster = g.at(1).get<std::uint32_t>(); cluster < run.text.size())
                run.shaped.glyphs.push_back({g.at(0).get<std::uint32_t>(), cluster, bounded(g.at(2)),
                                             bounded(g.at(3)), bounded(g.at(4))});
        run.shaped.advance_fu = length(item, "advance");
        run.shaped.is_right_to_left = item.value("right_to_left", false);
        for (const auto& c : item.value("missing", nlohmann::json::array()))
            if (const auto character = c.get<unsigned>(); character <= 0x10FFFF)
                run.shaped.missing += static_cast<char32_t>(character);
        font.runs.push_back(std::move(run));
    }
    return font;
}

} // namespace detail

} // namespace ink
