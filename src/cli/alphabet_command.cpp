#include "cli/commands.h"
#include "cli/output.h"

#include "core/alphabet/alphabet_package.h"
#include "core/alphabet/letter_names.h"
#include "core/alphabet/made_alphabet.h"
#include "core/alphabet/typed.h"
#include "core/base/json_text.h"
#include "core/base/user_folders.h"
#include "core/formats/stitch_file.h"
#include "core/rights/stitching.h"
#include "core/stitch/stitch_figures.h"
#include "core/type/shape.h"
#include "shelf/alphabet_store.h"
#include "shelf/font_rights.h"

#include <CLI/CLI.hpp>

#include <cmath>
#include <iostream>
#include <memory>

namespace ink::cli {
namespace {

using Json = nlohmann::ordered_json;

struct AlphabetArguments
{
    std::string action, path, name, font, text, letters = usualLetters(), out, report = "-", as = "satin",
                                                rights;
    std::optional<double> size_mm;
    std::optional<double> of_size_mm;
    double tracking_mm = 0.0, radius_mm = 0.0;
    bool is_each_by_itself = false;
    unsigned face = 0;
};

AlphabetStore store()
{
    return AlphabetStore(userDataFolder() / "under-ink" / "alphabets");
}

Json letterJson(const SewnLetter& letter)
{
    return {{"letter", letter.letter},
            {"variant", letter.variant},
            {"file", letter.file},
            {"confidence", roundedTo(letter.confidence, 2)},
            {"is_sure", letter.confidence >= kSureOfLetter},
            {"width_mm", roundedTo(letter.box_mm.width(), 2)},
            {"height_mm", roundedTo(letter.box_mm.height(), 2)},
            {"foot_mm", roundedTo(-letter.box_mm.y0, 2)},
            {"before_mm", roundedTo(letter.before_mm, 2)},
            {"after_mm", roundedTo(letter.after_mm, 2)},
            {"stitches", figuresOf(letter.work, StitchSettings().stitches_a_minute).stitches}};
}

Json alphabetJson(const Alphabet& alphabet, bool with_letters)
{
    Json json{{"name", alphabet.name},          {"size_mm", roundedTo(alphabet.size_mm, 2)},
              {"joins", alphabet.joins},        {"letters", alphabet.letters.size()},
              {"missing", missingOf(alphabet)}, {"source", alphabet.source},
              {"rights", alphabet.rights}};
    if (with_letters) {
        json["told"] = Json::array();
        for (const auto& letter : alphabet.letters)
            json["told"].push_back(letterJson(letter));
    }
    return json;
}

Result<void> report(const AlphabetArguments& a, Json json)
{
    return writeTo(a.report, [&](std::ostream& out) -> Result<void> {
        out << jsonText(json, 1) << '\n';
        return {};
    });
}

Json packageJson(const AlphabetPackage& package)
{
    Json alphabets = Json::array(), left_out = Json::array();
    for (const auto& alphabet : package.alphabets)
        alphabets.push_back(alphabetJson(alphabet, true));
    for (const auto& one : package.left_out)
        left_out.push_back({{"file", one.file}, {"reason", one.reason}});
    return {{"format", "under-ink-alphabets"},
            {"version", 1},
            {"is_described", package.is_described},
            {"alphabets", std::move(alphabets)},
            {"left_out", std::move(left_out)}};
}

Result<void> look(const AlphabetArguments& a)
{
    const auto package = readAlphabets(a.path);
    return package ? report(a, packageJson(*package)) : fail(package.error());
}

Result<void> add(const AlphabetArguments& a)
{
    auto package = readAlphabets(a.path);
    if (!package)
        return fail(package.error());
    Json added = Json::array();
    for (auto& alphabet : package->alphabets) {
        if (!a.name.empty())
            alphabet.name = package->alphabets.size() == 1
                                ? a.name
                                : a.name + " " + std::to_string(std::lround(alphabet.size_mm)) + " mm";
        // Of what is not told surely, nothing is typed before somebody put it right.
        const auto unsure =
            std::erase_if(alphabet.letters, [](const SewnLetter& l) { return l.confidence < kSureOfLetter; });
        if (unsure > 0)
            std::cerr << "uink: " << alphabet.name << ": " << unsure
                      << " letter(s) are not told surely and were left out; uink alphabet look names them\n";
        if (alphabet.letters.empty())
            continue;
        const auto id = store().add(alphabet);
        if (!id)
            return fail(id.error());
        added.push_back({{"id", *id},
                         {"name", alphabet.name},
                         {"letters", alphabet.letters.size()},
                         {"missing", missingOf(alphabet)}});
    }
    if (added.empty())
        return fail(ErrorCode::AlphabetEmpty, a.path);
    return report(a, {{"format", "under-ink-alphabets"}, {"version", 1}, {"added", std::move(added)}});
}

Result<void> list(const AlphabetArguments& a)
{
    Json kept = Json::array();
    for (const auto& one : store().list()) {
        auto json = alphabetJson(one.alphabet, false);
        json["id"] = one.id;
        kept.push_back(std::move(json));
    }
    return report(a, {{"format", "under-ink-alphabets"}, {"version", 1}, {"alphabets", std::move(kept)}});
}

Result<void> make(const AlphabetArguments& a)
{
    if (auto ok = checkOutputs({a.font}, {a.out, a.report}); !ok)
        return ok;
    const auto face = FontFace::open(a.font, {a.face, {}});
    if (!face)
        return fail(face.error());
    StitchSettings settings;
    settings.as = *sewnAsOf(a.as);
    auto made = madeAlphabet(**face, *a.size_mm, settings, a.letters);
    if (!made)
        return fail(made.error());
    if (!a.name.empty())
        made->alphabet.name = a.name;
    FontRightsReader reader(RightsStore(userDataFolder() / "under-ink" / "rights"));
    const auto rights = reader.read(a.font);
    const Dossier dossier = rights ? rights->dossier : Dossier();
    made->alphabet.rights = saidOfStitching(dossier);
    if (forbidsStitching(dossier))
        std::cerr << "uink: " << made->alphabet.rights << '\n';
    if (auto done = writeAlphabet(a.out, made->alphabet); !done)
        return done;
    Json missing = Json::array();
    for (const auto& one : made->missing)
        missing.push_back({{"letter", one.letter}, {"reason", one.reason}});
    auto json = alphabetJson(made->alphabet, true);
    json["left_out"] = std::move(missing);
    json["verdict"] = rights ? Json(std::string(idOf(rights->dossier.verdict))) : Json(nullptr);
    return report(a, std::move(json));
}

/// A path, or the name of one that is kept; of several sizes the one that is asked for or nearest.
Result<Alphabet> alphabetFor(const AlphabetArguments& a)
{
    std::error_code code;
    if (!std::filesystem::exists(a.path, code)) {
        auto kept = store().find(a.path);
        return kept ? Result<Alphabet>(std::move(kept->alphabet)) : fail(kept.error());
    }
    auto package = readAlphabets(a.path);
    if (!package)
        return fail(package.error());
    auto best = package->alphabets.begin();
    if (a.size_mm)
        for (auto at = package->alphabets.begin(); at != package->alphabets.end(); ++at)
            if (std::abs(at->size_mm - *a.size_mm) < std::abs(best->size_mm - *a.size_mm))
                best = at;
    return std::move(*best);
}

Result<void> type(const AlphabetArguments& a)
{
    if (auto ok = checkOutputs({a.path}, {a.out, a.report}); !ok)
        return ok;
    const auto alphabet = alphabetFor(a);
    if (!alphabet)
        return fail(alphabet.error());
    TypedOptions options;
    options.size_mm = a.size_mm;
    options.tracking_mm = a.tracking_mm;
    options.radius_mm = a.radius_mm;
    options.brings_colours_together = !a.is_each_by_itself;
    const auto words = typed(*alphabet, withLineBreaks(a.text), options);
    if (!words)
        return fail(words.error());
    if (!words->missing.empty())
        std::cerr << "uink: " << alphabet->name << " lacks " << words->missing << '\n';
    if (!a.out.empty())
        if (auto done =
                writeTo(a.out,
                        [&](std::ostream& out) {
                            return writeStitches(out, {words->work, a.text, {}}, *stitchFormatOf(a.out));
                        });
            !done)
            return done;
    const auto figures = figuresOf(words->work, StitchSettings().stitches_a_minute);
    Json letters = Json::array();
    for (const auto& one : words->letters)
        letters.push_back({{"letter", alphabet->letters[one.letter].letter},
                           {"foot_mm", {roundedTo(one.foot_mm.x, 2), roundedTo(one.foot_mm.y, 2)}},
                           {"turn_deg", roundedTo(one.turn_deg, 2)},
                           {"box_mm",
                            {roundedTo(one.box_mm.x0, 2), roundedTo(one.box_mm.y0, 2),
                             roundedTo(one.box_mm.x1, 2), roundedTo(one.box_mm.y1, 2)}}});
    return report(a, {{"format", "under-ink-typed"},
                      {"version", 1},
                      {"alphabet", alphabet->name},
                      {"scale", roundedTo(words->scale, 2)},
                      {"missing", words->missing},
                      {"width_mm", roundedTo(figures.box_mm.width(), 2)},
                      {"height_mm", roundedTo(figures.box_mm.height(), 2)},
                      {"stitches", figures.stitches},
                      {"trims", figures.trims},
                      {"stops", figures.stops},
                      {"letters", std::move(letters)}});
}

Result<void> runAlphabet(const AlphabetArguments& a)
{
    if (a.action == "look")
        return look(a);
    if (a.action == "add")
        return add(a);
    if (a.action == "list")
        return list(a);
    if (a.action == "remove")
        return store().remove(a.path);
    if (a.action == "make")
        return make(a);
    return type(a);
}

} // namespace

Command addAlphabetCommand(CLI::App& app)
{
    auto a = std::make_shared<AlphabetArguments>();
    auto* alphabet =
        app.add_subcommand("alphabet", "Letters that come as stitches: taken in, typed, made of a font");
    alphabet->require_subcommand(1);
    const auto action = [&](const char* name, const char* what, bool tells = true) {
        auto* command = alphabet->add_subcommand(name, what);
        command->callback([a, name] { a->action = name; });
        if (tells)
            command->add_option("--report", a->report, "JSON file to write; - is standard output");
        return command;
    };
    auto* look_command =
        action("look", "Which letters a package or a folder holds, told from the names of its files");
    look_command->add_option("PATH", a->path, "A folder, a package or a DST or EXP file")->required();
    auto* add_command = action("add", "Keep a stitched alphabet");
    add_command->add_option("PATH", a->path, "A folder, a package or a DST or EXP file")->required();
    add_command->add_option("--name", a->name, "What it is called");
    action("list", "The stitched alphabets that are kept, as JSON");
    auto* remove_command = action("remove", "Take one away, with its files", false);
    remove_command->add_option("NAME", a->path, "Its name or id")->required();
    auto* type_command = action("type", "Words in stitched letters");
    type_command->add_option("ALPHABET", a->path, "The name of one that is kept, or a folder or package")
        ->required();
    type_command->add_option("--text", a->text, "The words")->required();
    type_command->add_option("--size-mm", a->size_mm,
                             "Height of the capitals, 85 to 120 % of the alphabet's own");
    type_command
        ->add_option("--tracking-mm", a->tracking_mm, "Between letters; closed up where it is negative")
        ->check(CLI::Range(-20.0, 100.0));
    type_command
        ->add_option("--radius-mm", a->radius_mm,
                     "Round a circle of this radius; along its bottom where it is negative")
        ->check(CLI::Range(-5000.0, 5000.0));
    type_command->add_flag("--letter-by-letter", a->is_each_by_itself,
                           "Do not bring the same threads of letters together");
    type_command->add_option("--out", a->out, "DST, EXP, SVG or PNG file to write")
        ->check([](const std::string& name) {
            return stitchFormatOf(name) ? std::string()
                                        : "\"" + name + "\" ends in none of .dst, .exp, .svg and .png";
        });
    auto* make_command = action("make", "A font as a stitched alphabet: DST and EXP files and alphabet.json");
    make_command->add_option("--font", a->font, "Font file")->required();
    make_command->add_option("--face", a->face, "Which face of a collection, counted from 0");
    make_command->add_option("--size-mm", a->size_mm, "Height of the capitals")->required();
    make_command->add_option("--letters", a->letters, "Which letters; the usual ones if not said");
    make_command->add_option("--as", a->as, "What letters become")
        ->check(CLI::IsMember({"satin", "fill", "running"}));
    make_command->add_option("--name", a->name, "What it is called");
    make_command->add_option("--out", a->out, "A folder, or a file that ends in .zip")->required();
    return [a] { return runAlphabet(*a); };
}

} // namespace ink::cli
