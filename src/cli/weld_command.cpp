#include "cli/commands.h"
#include "cli/output.h"

#include "core/design/design_report.h"
#include "core/formats/svg_writer.h"

#include <CLI/CLI.hpp>

#include <charconv>
#include <iostream>
#include <memory>
#include <vector>

namespace ink::cli {
namespace {

struct WeldArguments
{
    std::string font;
    unsigned face = 0;
    std::string instance;
    std::string text;
    double height_mm = 0.0;
    double width_mm = 0.0;
    double em_mm = 0.0;
    double tracking_em = 0.0;
    std::string features;
    bool is_mirrored = false;
    double bridge_touching_mm = 0.0;
    double fill_middles_mm2 = 0.0;
    std::string offset;
    double reduce_mm = 0.0;
    std::vector<std::size_t> kept_apart;
    std::string shape;
    double close_up_mm = 0.0;
    bool closes_by_line = false;
    CLI::Option *close_up_option = nullptr, *shape_option = nullptr, *offset_option = nullptr;
    std::string out;
    std::string report;
    bool with_method = false;
    CLI::Option* height_option = nullptr;
    CLI::Option* width_option = nullptr;
};

FinishedSize sizeOf(const WeldArguments& a)
{
    if (a.height_option->count() > 0)
        return {SizeBy::Height, a.height_mm};
    if (a.width_option->count() > 0)
        return {SizeBy::Width, a.width_mm};
    return {SizeBy::Em, a.em_mm};
}

/// "0.8", "0.8:mitre", "-0.3:bevel": distance in mm and how corners are joined. Errors: DistanceOutOfRange.
Result<void> readOffset(std::string_view text, Finishing& finishing)
{
    const auto refuse = [text] {
        return fail(ErrorCode::DistanceOutOfRange, {},
                    "\"" + std::string(text) + "\" is not written like 0.8, 0.8:mitre or -0.3:bevel");
    };
    const auto colon = text.find(':');
    const auto number = text.substr(0, colon);
    double mm = 0.0;
    const auto [end, error] = std::from_chars(number.data(), number.data() + number.size(), mm);
    if (error != std::errc{} || end != number.data() + number.size())
        return refuse();
    finishing.offset_mm = mm;
    if (colon == std::string_view::npos)
        return {};
    const auto join = joinOf(text.substr(colon + 1));
    if (!join)
        return refuse();
    finishing.offset_join = *join;
    return {};
}

Result<void> readFinishing(const WeldArguments& a, Finishing& finishing)
{
    finishing.bridge_touching_mm = a.bridge_touching_mm;
    finishing.fill_middles_mm2 = a.fill_middles_mm2;
    finishing.reduce_mm = a.reduce_mm;
    if (a.offset_option->count() > 0)
        if (auto ok = readOffset(a.offset, finishing); !ok)
            return ok;
    return checkFinishing(finishing);
}

bool isBlank(char32_t c)
{
    return c == U' ' || c == U'\t' || c == U'\n' || c == U'\r' || c == U'\u00A0' || c == U'\u3000';
}

/// Letters are counted from 1 on the command line, spaces left out. Errors: LetterUnknown.
Result<void> keepApart(Job& job, const std::vector<std::size_t>& letters)
{
    std::vector<std::size_t> characters;
    const auto words = toUtf32(job.words);
    for (std::size_t i = 0; i < words.size(); ++i)
        if (!isBlank(words[i]))
            characters.push_back(i);
    for (const std::size_t letter : letters) {
        if (letter > characters.size())
            return fail(ErrorCode::LetterUnknown, std::to_string(letter),
                        "the words have " + std::to_string(characters.size()));
        job.lettering.letters[characters[letter - 1]].is_apart = true;
    }
    return {};
}

Result<Job> jobOf(const WeldArguments& a)
{
    Job job;
    job.words = withLineBreaks(a.text);
    job.size = sizeOf(a);
    job.is_mirrored = a.is_mirrored;
    job.tracking_em = a.tracking_em;
    job.features = a.features;
    job.font = {a.font, a.face, a.instance};
    if (auto ok = readFinishing(a, job.finishing); !ok)
        return fail(ok.error());
    if (auto ok = checkWords(job.words); !ok)
        return fail(ok.error());
    if (auto ok = keepApart(job, a.kept_apart); !ok)
        return fail(ok.error());
    if (a.close_up_option->count() > 0) {
        if (!(a.close_up_mm >= 0.0 && a.close_up_mm <= 10.0))
            return fail(ErrorCode::DistanceOutOfRange, "--close-up");
        job.lettering.close_up.depth_mm = a.close_up_mm;
        job.lettering.close_up.by = a.closes_by_line ? CloseUp::By::Line : CloseUp::By::Pair;
    }
    if (a.shape_option->count() > 0) {
        const auto shape = readShape(a.shape);
        if (!shape)
            return fail(shape.error());
        const auto blocks = blocksOf(toUtf32(job.words));
        job.lettering.blocks.resize(blocks.empty() ? 1 : blocks.back() + 1);
        for (auto& block : job.lettering.blocks)
            block.shape = *shape;
    }
    return job;
}

Result<void> runWeld(const WeldArguments& a)
{
    if (auto ok = checkOutputs({a.font}, {a.out, a.report.empty() && a.with_method ? "-" : a.report}); !ok)
        return ok;
    const auto face = FontFace::open(a.font, {a.face, a.instance});
    if (!face)
        return fail(face.error());
    const auto failFor = [&a](Error error) {
        if (error.subject.find(a.font) == std::string::npos)
            error.subject = error.subject.empty() ? a.font : a.font + ", " + error.subject;
        return fail(std::move(error));
    };
    const auto job = jobOf(a);
    if (!job)
        return failFor(job.error());
    const auto composed = composeDesign(*job, alwaysLettersOf(*face));
    if (!composed)
        return failFor(composed.error());
    const Design& design = composed->design;
    for (const auto& warning : design.warnings)
        std::cerr << "uink: " << a.font << ": " << warning << '\n';
    if (!a.out.empty()) {
        const auto& info = (*face)->info();
        const SvgOptions options{job->words, info.readableName() + ". " + info.copyright + " " + info.licence,
                                 "#1d2333"};
        auto done =
            writeTo(a.out, [&](std::ostream& out) { return writeSvg(out, design.outline_mm, options); });
        if (!done)
            return done;
    }
    if (!a.report.empty() || a.with_method)
        return writeTo(a.report.empty() ? "-" : a.report, [&](std::ostream& out) -> Result<void> {
            writeReport(out, *composed, a.with_method);
            return {};
        });
    return {};
}

} // namespace

std::string withLineBreaks(const std::string& text)
{
    std::string out;
    for (std::size_t i = 0; i < text.size(); ++i) {
        const char next = i + 1 < text.size() ? text[i + 1] : '\0';
        if (text[i] == '\\' && (next == 'n' || next == '\\')) {
            out += next == 'n' ? '\n' : '\\';
            ++i;
        } else {
            out += text[i];
        }
    }
    return out;
}

Command addWeldCommand(CLI::App& app)
{
    auto a = std::make_shared<WeldArguments>();
    auto* command = app.add_subcommand("weld", "Words in a font become one welded outline");
    command->add_option("--font", a->font, "Font file: TTF, OTF, TTC, WOFF, WOFF2")->required();
    command->add_option("--face", a->face, "Which face of a collection, counted from 0");
    command->add_option("--instance", a->instance, "Named instance of a variable font");
    command->add_option("--text", a->text, "The words; \\n starts a line")->required();
    auto* size = command->add_option_group("size", "Finished size, one of");
    a->height_option = size->add_option("--height-mm", a->height_mm, "Height of the inked shape");
    a->width_option = size->add_option("--width-mm", a->width_mm, "Width of the inked shape");
    size->add_option("--em-mm", a->em_mm, "Size of the em");
    size->require_option(1);
    command->add_option("--tracking-em", a->tracking_em, "Added after every glyph, in em");
    command->add_option("--features", a->features, "Font features, as in ss01,swsh=1");
    command->add_flag("--mirror", a->is_mirrored, "Mirror left and right");
    command->add_option("--bridge-touching", a->bridge_touching_mm,
                        "Join letters nearer than MM, or hanging together by less, by a bridge of MM");
    command->add_option("--fill-middles", a->fill_middles_mm2, "Fill middles smaller than MM2");
    a->offset_option =
        command->add_option("--offset", a->offset, "Grow (or shrink) by MM[:round|mitre|bevel]");
    command->add_option("--reduce", a->reduce_mm, "Fewer nodes, within MM of the outline");
    command
        ->add_option("--keep-apart", a->kept_apart,
                     "Letters, counted from 1, that are not welded to the others")
        ->delimiter(',')
        ->check(CLI::PositiveNumber);
    a->close_up_option = command->add_option("--close-up", a->close_up_mm,
                                             "Move the letters of words together until they overlap by MM");
    command->add_flag("--close-up-evenly", a->closes_by_line, "Close up by one equal step for each line");
    a->shape_option = command->add_option(
        "--shape", a->shape,
        "Bend the words: hill:18, valley:18, arch:120, circle:320[:START], wave:10, rising:20, "
        "taper:50, bulge:40, slant:12, mirror; :keep leaves letters as drawn, :inside turns them "
        "into the circle");
    command->add_flag("--method-report", a->with_method, "Add to the report how the weld went");
    command->add_option("--out", a->out, "SVG file to write; - is standard output")
        ->check(complaintUnlessSvg);
    command->add_option("--report", a->report, "JSON file to write; - is standard output");
    return [a] { return runWeld(*a); };
}

} // namespace ink::cli
