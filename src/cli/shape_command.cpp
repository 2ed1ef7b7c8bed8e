#include "cli/commands.h"

#include "core/base/json_text.h"
#include "core/design/set_words.h"

#include <CLI/CLI.hpp>

#include <array>
#include <iostream>
#include <memory>

namespace ink::cli {
namespace {

struct ShapeArguments
{
    std::string font;
    unsigned face = 0;
    std::string instance;
    std::string text;
    std::string features;
    double tracking_em = 0.0;
    bool with_outlines = false;
};

/// [["M",x,y],["Q",cx,cy,x,y],…,["Z"],…] in font units, y up.
nlohmann::json outlineJson(const Paths& paths)
{
    static constexpr std::array kCommand{"", "L", "Q", "C"};
    auto out = nlohmann::json::array();
    for (const auto& contour : paths) {
        const Point start = contour.segments.front().start();
        out.push_back({"M", start.x, start.y});
        for (const auto& s : contour.segments) {
            nlohmann::json command{kCommand[s.degree()]};
            for (std::size_t i = 1; i <= s.degree(); ++i) {
                command.push_back(s.p[i].x);
                command.push_back(s.p[i].y);
            }
            out.push_back(command);
        }
        out.push_back(nlohmann::json::array({"Z"}));
    }
    return out;
}

Result<void> runShape(const ShapeArguments& a)
{
    const auto face = FontFace::open(a.font, {a.face, a.instance});
    if (!face)
        return fail(face.error());
    const auto line = shapeLine(**face, a.text, {a.features, a.tracking_em});
    if (!line)
        return fail(line.error());
    auto glyphs = nlohmann::ordered_json::array();
    for (const auto& g : line->glyphs) {
        nlohmann::ordered_json item{{"glyph", g.glyph_id},  {"name", (*face)->glyphName(g.glyph_id)},
                                    {"cluster", g.cluster}, {"x", g.x_fu},
                                    {"y", g.y_fu},          {"advance", g.advance_fu}};
        if (a.with_outlines)
            item["outline"] = outlineJson((*face)->glyphOutline(g.glyph_id));
        glyphs.push_back(std::move(item));
    }
    auto missing = nlohmann::ordered_json::array();
    for (const char32_t c : line->missing)
        missing.push_back(toUtf8(c));
    const nlohmann::ordered_json json{{"units_per_em", (*face)->info().units_per_em},
                                      {"advance", line->advance_fu},
                                      {"right_to_left", line->is_right_to_left},
                                      {"missing", missing},
                                      {"glyphs", glyphs}};
    std::cout << jsonText(json, 1) << '\n';
    return {};
}

} // namespace

Command addShapeCommand(CLI::App& app)
{
    auto a = std::make_shared<ShapeArguments>();
    auto* command = app.add_subcommand("shape", "Glyphs and advances of one line, as JSON in font units");
    command->add_option("--font", a->font, "Font file")->required();
    command->add_option("--face", a->face, "Which face of a collection, counted from 0");
    command->add_option("--instance", a->instance, "Named instance of a variable font");
    command->add_option("--text", a->text, "One line of words")->required();
    command->add_option("--features", a->features, "Font features, as in ss01,swsh=1");
    command->add_option("--tracking-em", a->tracking_em, "Added after every letter, in em");
    command->add_flag("--outlines", a->with_outlines, "Tell the outlines of the glyphs as well");
    return [a] { return runShape(*a); };
}

} // namespace ink::cli
