#include "cli/commands.h"
#include "cli/output.h"

#include "core/base/json_text.h"
#include "core/type/key_map.h"
#include "core/type/ownership_trial.h"
#include "core/type/shape.h"

#include <CLI/CLI.hpp>

#include <cmath>
#include <memory>

namespace ink::cli {
namespace {

struct AlternatesArguments
{
    std::string font;
    unsigned face = 0;
    std::string instance;
    std::string text;
    bool with_trial = false;
    std::string report = "-";
};

std::string_view idOf(FormSource source)
{
    static constexpr std::string_view kIds[] = {"substitution", "private_use", "unencoded", "key"};
    return kIds[static_cast<int>(source)];
}

std::string_view idOf(FormPlace place)
{
    static constexpr std::string_view kIds[] = {"anywhere", "beginning", "ending"};
    return kIds[static_cast<int>(place)];
}

std::string utf8(std::u32string_view letters)
{
    std::string text;
    for (const char32_t c : letters)
        text += toUtf8(c);
    return text;
}

nlohmann::ordered_json codePoint(char32_t character)
{
    return character == 0 ? nlohmann::ordered_json(nullptr) : nlohmann::ordered_json(unsigned(character));
}

nlohmann::ordered_json described(const LetterForm& form)
{
    return {{"gid", form.glyph_id},
            {"name", form.glyph_name},
            {"code_point", codePoint(form.character)},
            {"letters", utf8(form.letters)},
            {"source", idOf(form.source)},
            {"feature", form.feature},
            {"feature_name", form.feature_name},
            {"value", form.value},
            {"place", idOf(form.place)},
            {"confidence", std::round(form.confidence * 1000.0) / 1000.0},
            {"reason", form.reason}};
}

nlohmann::ordered_json described(const OwnershipFigures& f)
{
    return {{"told", f.told},
            {"guessed", f.guessed},
            {"right", f.right},
            {"precision", std::round(f.precision() * 1e4) / 1e4},
            {"recall", std::round(f.recall() * 1e4) / 1e4}};
}

nlohmann::ordered_json trialOf(const FontFace& face)
{
    const auto trial = tryOwnership(face);
    auto wrong = nlohmann::ordered_json::array();
    for (const auto& w : trial.wrong)
        wrong.push_back({{"gid", w.glyph_id},
                         {"name", face.glyphName(w.glyph_id)},
                         {"told", utf8(w.told)},
                         {"guessed", utf8(w.guessed)},
                         {"confidence", w.confidence}});
    return {{"names_and_shapes", described(trial.by_names_and_shapes)},
            {"shapes", described(trial.by_shapes)},
            {"wrong_by_shapes", wrong}};
}

Result<void> runAlternates(const AlternatesArguments& a)
{
    const auto face = FontFace::open(a.font, {a.face, a.instance});
    if (!face)
        return fail(face.error());
    if (!isValidUtf8(a.text))
        return fail(ErrorCode::TextNotUtf8);
    const FormTable forms(**face);
    const std::u32string text = toUtf32(a.text);
    auto letters = nlohmann::ordered_json::array();
    for (std::size_t i = 0; i < text.size(); ++i) {
        auto list = nlohmann::ordered_json::array();
        for (const auto& form : forms.of(std::u32string_view(text).substr(i)))
            list.push_back(described(form));
        letters.push_back({{"letter", toUtf8(text[i])},
                           {"gid", (*face)->glyphOf(text[i])},
                           {"alternates", std::move(list)}});
    }
    auto pieces = nlohmann::ordered_json::array();
    for (const auto& piece : forms.pieces())
        pieces.push_back({{"gid", piece.glyph_id},
                          {"name", piece.glyph_name},
                          {"code_point", codePoint(piece.character)},
                          {"kind", piece.kind == PieceKind::Tail ? "tail" : "ornament"}});
    nlohmann::ordered_json json{
        {"font", (*face)->info().readableName()}, {"letters", letters}, {"pieces", pieces}};
    if (a.with_trial)
        json["guesses"] = trialOf(**face);
    return writeTo(a.report, [&](std::ostream& out) -> Result<void> {
        out << jsonText(json, 1) << '\n';
        return {};
    });
}

} // namespace

Command addAlternatesCommand(CLI::App& app)
{
    auto a = std::make_shared<AlternatesArguments>();
    auto* command = app.add_subcommand("alternates", "Every form a font holds for the letters, as JSON");
    command->add_option("--font", a->font, "Font file")->required();
    command->add_option("--face", a->face, "Which face of a collection, counted from 0");
    command->add_option("--instance", a->instance, "Named instance of a variable font");
    command->add_option("--text", a->text, "The letters")->required();
    command->add_flag("--try-guesses", a->with_trial,
                      "Hide the font's tables and count how often the guess finds a glyph's letter");
    command->add_option("--report", a->report, "JSON file to write; - is standard output");
    return [a] { return runAlternates(*a); };
}

} // namespace ink::cli
