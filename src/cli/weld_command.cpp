#include "cli/commands.h"
#include "cli/output.h"

#include "core/design/composed_design.h"
#include "core/formats/svg_writer.h"

#include <CLI/CLI.hpp>

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
    CLI::Option *close_up_option = nullptr, *shape_option = nullptr;
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

Result<DesignRequest> requestOf(const WeldArguments& a)
{
    DesignRequest request{withLineBreaks(a.text), {a.features, a.tracking_em}, sizeOf(a), a.is_mirrored};
    request.finishing.bridge_touching_mm = a.bridge_touching_mm;
    request.finishing.fill_middles_mm2 = a.fill_middles_mm2;
    request.finishing.reduce_mm = a.reduce_mm;
    if (!a.offset.empty())
        if (auto ok = readOffset(a.offset, request.finishing); !ok)
            return fail(ok.error());
    for (const std::size_t letter : a.kept_apart) // counted from 1 on the command line
        request.kept_apart.push_back(letter - 1);
    return request;
}

/// Words with a close-up or a shape go the way of the window's lettering.
Result<ComposedDesign> makeLettering(const std::shared_ptr<const FontFace>& face, const WeldArguments& a,
                                     const DesignRequest& request)
{
    Job job;
    job.words = request.words;
    job.size = request.size;
    job.is_mirrored = request.is_mirrored;
    job.tracking_em = request.shaping.tracking_em;
    job.font = {a.font, a.face, a.instance};
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
        job.lettering.blocks.resize(
            blocksOf(toUtf32(job.words)).empty() ? 1 : blocksOf(toUtf32(job.words)).back() + 1);
        for (auto& block : job.lettering.blocks)
            block.shape = *shape;
    }
    const auto source = lettersOf(face);
    ComposeOptions options;
    options.finishing = request.finishing;
    return composeDesign(
        job, [&](const FontRef&) -> Result<std::shared_ptr<const LetterSource>> { return source; }, options);
}

Result<void> runWeld(const WeldArguments& a)
{
    const auto face = FontFace::open(a.font, {a.face, a.instance});
    if (!face)
        return fail(face.error());
    const auto request = requestOf(a);
    if (!request)
        return fail(request.error());
    const bool is_lettering = a.close_up_option->count() > 0 || a.shape_option->count() > 0;
    Result<ComposedDesign> composed = ComposedDesign();
    if (is_lettering)
        composed = makeLettering(*face, a, *request);
    Result<Design> design = Design();
    if (!is_lettering)
        design = makeDesign(**face, *request);
    else if (composed)
        design = composed->design;
    else
        design = fail(composed.error());
    if (!design) {
        Error error = design.error();
        if (error.subject.find(a.font) == std::string::npos)
            error.subject = error.subject.empty() ? a.font : a.font + ", " + error.subject;
        return fail(std::move(error));
    }
    for (const auto& warning : design->warnings)
        std::cerr << "uink: " << a.font << ": " << warning << '\n';
    if (!a.out.empty()) {
        const auto& info = (*face)->info();
        const SvgOptions options{request->words,
                                 info.readableName() + ". " + info.copyright + " " + info.licence, "#1d2333"};
        auto done =
            writeTo(a.out, [&](std::ostream& out) { return writeSvg(out, design->outline_mm, options); });
        if (!done)
            return done;
    }
    if (!a.report.empty() || a.with_method)
        return writeTo(a.report.empty() ? "-" : a.report, [&](std::ostream& out) -> Result<void> {
            if (is_lettering)
                writeReport(out, *composed, a.with_method);
            else
                writeReport(out, *design, a.with_method);
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
    command->add_option("--out", a->out, "SVG file to write; - is standard output");
    command->add_option("--report", a->report, "JSON file to write; - is standard output");
    return [a] { return runWeld(*a); };
}

} // namespace ink::cli
