#include "cli/commands.h"
#include "cli/output.h"

#include "core/base/json_text.h"
#include "core/base/on_threads.h"
#include "core/base/user_folders.h"
#include "core/match/face_likeness.h"
#include "core/match/picture_match.h"
#include "shelf/descriptor_store.h"
#include "shelf/font_sources.h"

#include <CLI/CLI.hpp>

#include <algorithm>
#include <cmath>
#include <iostream>
#include <memory>

namespace ink::cli {
namespace {

using Json = nlohmann::ordered_json;

constexpr unsigned kThreads = 2;

struct MatchArguments
{
    std::string picture, text, like, ink, report = "-";
    std::vector<double> frame, corners;
    std::string tone = "auto";
    bool finds_plate = false;
    std::optional<double> slope_deg;
    std::vector<std::string> fonts;
    std::size_t top = 10;
    unsigned face = 0;
};

Json entryJson(const FontEntry& entry)
{
    return {{"family", entry.info.family},
            {"style", entry.info.style},
            {"path", entry.path.string()},
            {"face", entry.info.choice.face},
            {"instance", entry.info.choice.instance}};
}

/// All faces within reach, each described; those that cannot be are left out and counted.
struct Faces
{
    std::vector<FontEntry> entries;
    std::vector<std::shared_ptr<const FaceDescriptor>> descriptors;
    std::size_t refused = 0;
};

Faces facesFor(const MatchArguments& a)
{
    FontFindings found;
    if (a.fonts.empty())
        found = systemFonts();
    else
        found = fontsInFiles({a.fonts.begin(), a.fonts.end()}, FontOrigin::Folder);
    DescriptorStore store(userCacheFolder());
    std::vector<std::shared_ptr<const FaceDescriptor>> all(found.entries.size());
    onThreads(kThreads, all.size(), {}, [&](std::size_t i) {
        if (auto made = store.of(found.entries[i].path, found.entries[i].info.choice))
            all[i] = *made;
    });
    Faces out;
    out.refused = found.refused.size();
    for (std::size_t i = 0; i < all.size(); ++i)
        if (all[i]) {
            out.entries.push_back(found.entries[i]);
            out.descriptors.push_back(all[i]);
        } else {
            ++out.refused;
        }
    return out;
}

Result<void> matchLike(const MatchArguments& a)
{
    const auto face = FontFace::open(a.like, {a.face, {}});
    if (!face)
        return fail(face.error());
    const FaceLook wanted(descriptorOf(**face));
    if (wanted.isEmpty())
        return fail(ErrorCode::NoGlyphs, a.like);
    const auto faces = facesFor(a);
    std::vector<std::pair<double, std::size_t>> order;
    const auto words = toUtf32(a.text);
    for (std::size_t i = 0; i < faces.entries.size(); ++i)
        order.emplace_back(wanted.distanceTo(FaceLook(*faces.descriptors[i]), words), i);
    std::ranges::sort(order);
    order.resize(std::min(order.size(), a.top));
    Json found = Json::array();
    for (const auto& [distance, i] : order) {
        auto one = entryJson(faces.entries[i]);
        one["likeness"] = roundedTo(likenessOf(distance), 4);
        one["words"] = idOf(wordForFaces(distance));
        found.push_back(std::move(one));
    }
    return writeTo(a.report, [&](std::ostream& out) -> Result<void> {
        const Json json{{"format", "under-ink-match"},
                        {"version", 1},
                        {"like", a.like},
                        {"weight", roundedTo(wanted.weight(), 4)},
                        {"slant_deg", wanted.slant_deg()},
                        {"faces", faces.entries.size()},
                        {"refused", faces.refused},
                        {"found", std::move(found)}};
        out << jsonText(json, 1) << '\n';
        return {};
    });
}

/// `levelled_deg`: the slope that the letters of the best face told, where nobody said one.
Result<PictureInk> inkFor(const MatchArguments& a, std::optional<double> levelled_deg = {})
{
    const auto picture = readPictureFile(a.picture);
    if (!picture)
        return fail(picture.error());
    InkWishes wishes;
    if (a.frame.size() == 4) {
        // The part of the picture; nothing of it where the frame lies beside.
        const auto within = [](double at, int most) {
            return std::clamp(at, 0.0, static_cast<double>(most));
        };
        wishes.corners =
            cornersOf({within(a.frame[0], picture->width_px), within(a.frame[1], picture->height_px),
                       within(a.frame[0] + a.frame[2], picture->width_px),
                       within(a.frame[1] + a.frame[3], picture->height_px)});
    }
    if (a.corners.size() == 8) {
        FrameCorners corners;
        for (std::size_t i = 0; i < 4; ++i)
            corners[i] = {a.corners[2 * i], a.corners[2 * i + 1]};
        wishes.corners = corners;
    }
    if (a.finds_plate) {
        wishes.corners = plateIn(*picture);
        if (!wishes.corners)
            return fail(ErrorCode::PictureWithoutLettering, a.picture,
                        "no label or sign stands out; --corners says where it is");
    }
    if (a.tone != "auto")
        wishes.is_light_on_dark = a.tone == "light";
    wishes.slope_deg = a.slope_deg ? a.slope_deg : levelled_deg;
    auto ink = inkOf(*picture, wishes);
    if (!ink)
        ink.error().subject = a.picture;
    return ink;
}

struct Told
{
    PictureInk ink;
    std::vector<FaceMatch> matches;
};

Result<Told> tell(PictureInk ink, const MatchArguments& a, const std::vector<MatchFace>& candidates)
{
    const auto picture = PictureMatch::of(ink, a.text);
    if (!picture)
        return fail(picture.error());
    auto matches = likest(*picture, candidates);
    if (!matches)
        return fail(matches.error());
    return Told{std::move(ink), std::move(*matches)};
}

Result<void> matchPicture(const MatchArguments& a)
{
    auto ink = inkFor(a);
    if (!ink)
        return fail(ink.error());
    if (auto checked = PictureMatch::of(*ink, a.text); !checked)
        return fail(checked.error());
    const auto faces = facesFor(a);
    std::vector<MatchFace> candidates;
    for (std::size_t i = 0; i < faces.entries.size(); ++i)
        candidates.push_back({faces.descriptors[i], [&entry = faces.entries[i]](std::string_view words) {
                                  return setWord(entry.path, entry.info.choice, words);
                              }});
    auto told = tell(std::move(*ink), a, candidates);
    for (int again = 0; again < kMostLevellings && told && !a.slope_deg && !told->matches.empty(); ++again) {
        const double left = slopeLeft_deg(told->matches.front());
        if (std::abs(left) <= kLevel_deg)
            break;
        auto levelled = inkFor(a, told->ink.slope_deg + left);
        if (!levelled)
            break;
        told = tell(std::move(*levelled), a, candidates);
    }
    if (!told)
        return fail(told.error());
    if (!a.ink.empty())
        if (auto ok = writeTo(a.ink, [&](std::ostream& out) { return writeInkPng(out, told->ink); }); !ok)
            return ok;
    Json found = Json::array();
    for (const auto& match : std::span(told->matches).first(std::min(told->matches.size(), a.top))) {
        auto one = entryJson(faces.entries[match.face]);
        one["likeness"] = roundedTo(match.likeness, 4);
        one["words"] = idOf(match.words);
        one["worst_letter"] = match.worst_letter;
        one["distance"] = roundedTo(match.fit.distance, 4);
        found.push_back(std::move(one));
    }
    Json corners = Json::array();
    for (const auto& c : told->ink.corners)
        corners.push_back({roundedTo(c.x, 4), roundedTo(c.y, 4)});
    return writeTo(a.report, [&](std::ostream& out) -> Result<void> {
        const Json json{{"format", "under-ink-match"},
                        {"version", 1},
                        {"text", a.text},
                        {"reading",
                         {{"corners_px", corners},
                          {"light_on_dark", told->ink.is_light_on_dark},
                          {"slope_deg", roundedTo(told->ink.slope_deg, 4)},
                          {"edge_px", roundedTo(told->ink.edge_px, 4)}}},
                        {"faces", faces.entries.size()},
                        {"refused", faces.refused},
                        {"found", std::move(found)}};
        out << jsonText(json, 1) << '\n';
        return {};
    });
}

Result<void> runMatch(const MatchArguments& a)
{
    if (auto ok = checkOutputs({a.picture, a.like}, {a.ink, a.report}); !ok)
        return ok;
    for (const auto& path : a.fonts)
        if (std::error_code code; !std::filesystem::exists(path, code))
            return fail(ErrorCode::FileNotFound, path);
    if (!a.like.empty())
        return matchLike(a);
    if (a.text.empty())
        return fail(ErrorCode::EmptyText, {}, "--text says what the lettering says");
    return matchPicture(a);
}

} // namespace

Command addMatchCommand(CLI::App& app)
{
    auto a = std::make_shared<MatchArguments>();
    auto* command = app.add_subcommand(
        "match", "Which font is this lettering, and which fonts look like it? As JSON, the likest first");
    auto* of = command->add_option_group("what", "One of");
    of->add_option("picture", a->picture, "PNG, JPEG or WebP picture of lettering");
    of->add_option("--like", a->like, "Font file that others are to look like");
    of->require_option(1);
    command->add_option("--text", a->text,
                        "What the lettering says; with --like, letters that count more than others");
    command->add_option("--face", a->face, "Face of the font of --like, counted from 0");
    command->add_option("--frame", a->frame, "The part with the lettering, px: X,Y,WIDTH,HEIGHT")
        ->delimiter(',')
        ->expected(4);
    command
        ->add_option(
            "--corners", a->corners,
            "Its corners where it is seen at an angle, px, from the top left clockwise: X,Y,X,Y,X,Y,X,Y")
        ->delimiter(',')
        ->expected(8)
        ->excludes("--frame");
    command->add_flag("--plate", a->finds_plate, "Find the corners of the label or sign that is seen")
        ->excludes("--frame")
        ->excludes("--corners");
    command->add_option("--ink", a->ink, "Write what was understood: black ink on white, a PNG file");
    command->add_option("--tone", a->tone, "Whether the lettering is dark or light; auto finds it")
        ->check(CLI::IsMember({"auto", "dark", "light"}));
    command->add_option("--slope-deg", a->slope_deg, "How far the line rises to the right; found if not said")
        ->check(CLI::Range(-45.0, 45.0));
    command->add_option("--fonts", a->fonts, "Fonts and folders to look in; the system's if not said");
    command->add_option("--top", a->top, "How many are told")->check(CLI::Range(1, 1000));
    command->add_option("--report", a->report, "JSON file to write; - is standard output");
    return [a] { return runMatch(*a); };
}

} // namespace ink::cli
