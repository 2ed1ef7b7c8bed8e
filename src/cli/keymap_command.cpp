#include "cli/commands.h"
#include "cli/output.h"

#include "core/base/json_text.h"
#include "core/type/key_map.h"

#include <CLI/CLI.hpp>

#include <memory>

namespace ink::cli {
namespace {

struct KeymapArguments
{
    std::string font;
    unsigned face = 0;
    std::string report = "-";
};

nlohmann::ordered_json listed(const std::vector<MappedGlyph>& glyphs)
{
    auto list = nlohmann::ordered_json::array();
    for (const auto& g : glyphs) {
        nlohmann::ordered_json item;
        if (g.character != 0) {
            item["key"] = keyName(g.character);
            item["character"] = static_cast<unsigned>(g.character);
        }
        item["glyph"] = g.glyph_id;
        item["name"] = g.name;
        list.push_back(std::move(item));
    }
    return list;
}

Result<void> runKeymap(const KeymapArguments& a)
{
    const auto face = FontFace::open(a.font, {a.face, {}});
    if (!face)
        return fail(face.error());
    const KeyMap map = keyMapOf(**face);
    const nlohmann::ordered_json json{{"font", (*face)->info().readableName()},
                                      {"keys", listed(map.characters)},
                                      {"without_key", listed(map.without_key)},
                                      {"private_use_only", listed(map.private_only)}};
    return writeTo(a.report, [&](std::ostream& out) -> Result<void> {
        out << jsonText(json, 1) << '\n';
        return {};
    });
}

} // namespace

Command addKeymapCommand(CLI::App& app)
{
    auto a = std::make_shared<KeymapArguments>();
    auto* command = app.add_subcommand("keymap", "Which letter or picture sits on which key, as JSON");
    command->add_option("FILE", a->font, "Font file")->required();
    command->add_option("--face", a->face, "Which face of a collection, counted from 0");
    command->add_option("--report", a->report, "JSON file to write; - is standard output");
    return [a] { return runKeymap(*a); };
}

} // namespace ink::cli
