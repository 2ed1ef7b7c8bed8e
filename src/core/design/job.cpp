#include "core/design/job.h"

#include "core/base/json_text.h"
#include "core/base/told.h"
#include "core/design/lettering_json.h"
#include "core/design/list_json.h"
#include "core/type/shape.h"

#include <algorithm>
#include <array>
#include <istream>
#include <ostream>

namespace ink {
namespace {

constexpr std::array<std::string_view, 5> kSizeNames{"height", "width", "em", "cap_height", "x_height"};

std::string trimmed(double value)
{
    std::string text = std::to_string(value);
    text.erase(text.find_last_not_of('0') + 1);
    if (text.ends_with('.'))
        text.pop_back();
    return text;
}

std::size_t characterCount(std::string_view utf8)
{
    return static_cast<std::size_t>(
        std::ranges::count_if(utf8, [](char c) { return (static_cast<unsigned char>(c) & 0xC0) != 0x80; }));
}

nlohmann::ordered_json limitsJson(const Job& job)
{
    auto json = nlohmann::ordered_json::object();
    for (const auto& [process, limits] : job.own_limits)
        json[std::string(infoOf(process).id)] = {{"stroke_comfortable_mm", limits.stroke_comfortable_mm},
                                                 {"stroke_floor_mm", limits.stroke_floor_mm},
                                                 {"gap_mm", limits.gap_mm},
                                                 {"smallest_piece_mm2", limits.smallest_piece_mm2},
                                                 {"smallest_middle_mm2", limits.smallest_middle_mm2},
                                                 {"bridge_mm", limits.bridge_mm}};
    return json;
}

ProcessLimits limitsFrom(const nlohmann::json& json, const ProcessLimits& usual)
{
    return sensible({json.value("stroke_comfortable_mm", usual.stroke_comfortable_mm),
                     json.value("stroke_floor_mm", usual.stroke_floor_mm), json.value("gap_mm", usual.gap_mm),
                     json.value("smallest_piece_mm2", usual.smallest_piece_mm2),
                     json.value("smallest_middle_mm2", usual.smallest_middle_mm2),
                     json.value("bridge_mm", usual.bridge_mm)});
}

nlohmann::ordered_json finishingJson(const Finishing& f)
{
    return {{"bridge_touching_mm", f.bridge_touching_mm},
            {"fill_middles_mm2", f.fill_middles_mm2},
            {"offset_mm", f.offset_mm},
            {"offset_join", idOf(f.offset_join)},
            {"reduce_mm", f.reduce_mm}};
}

/// Nothing is done where a length is out of range.
Finishing finishingFrom(const nlohmann::json& json)
{
    Finishing f;
    f.bridge_touching_mm = json.value("bridge_touching_mm", 0.0);
    f.fill_middles_mm2 = json.value("fill_middles_mm2", 0.0);
    f.offset_mm = json.value("offset_mm", 0.0);
    f.offset_join = joinOf(json.value("offset_join", "round")).value_or(Join::Round);
    f.reduce_mm = json.value("reduce_mm", 0.0);
    return checkFinishing(f) ? f : Finishing();
}

} // namespace

ProcessLimits Job::limits() const
{
    const auto own = own_limits.find(process);
    return own == own_limits.end() ? defaultLimits(process) : own->second;
}

StitchSettings Job::sewing() const
{
    StitchSettings s = stitches;
    if (process == Process::Applique)
        s.as = SewnAs::Applique;
    else if (s.as == SewnAs::Applique)
        s.as = SewnAs::Satin;
    return s;
}

void Job::setLimits(Process of, const ProcessLimits& limits)
{
    if (limits == defaultLimits(of))
        own_limits.erase(of);
    else
        own_limits[of] = limits;
}

void followLimits(Job& job, const ProcessLimits& before)
{
    const ProcessLimits now = job.limits();
    const auto follow = [&](Mending& mending) {
        const auto limit = limitOf(mending.kind);
        if (limit && mending.to == before.*limit && now.*limit > 0.0)
            mending.to = now.*limit;
    };
    std::ranges::for_each(job.lettering.mendings, follow);
    for (auto& name : job.names.names)
        std::ranges::for_each(name.mendings, follow);
}

Result<void> checkSize(const FinishedSize& size)
{
    for (const double side : {size.value_mm, size.isOutOfProportion() ? *size.other_mm : size.value_mm})
        if (!(side >= kMinSize_mm && side <= kMaxSize_mm))
            return fail(ErrorCode::SizeOutOfRange, told("{} mm", trimmed(side)));
    return {};
}

Result<void> checkWords(std::string_view words)
{
    if (!isValidUtf8(words))
        return fail(ErrorCode::TextNotUtf8);
    if (words.find_first_not_of(" \t\r\n") == std::string_view::npos)
        return fail(ErrorCode::EmptyText);
    if (const auto n = characterCount(words); n > kMaxCharacters)
        return fail(ErrorCode::TextTooLong, {}, told("{} characters, at most {}", n, kMaxCharacters));
    return {};
}

void beginUsually(Job& job)
{
    static constexpr std::array kCut{Process::KnifeVinyl, Process::KnifeHeatTransfer, Process::KnifeCard,
                                     Process::LaserWood, Process::Stencil};
    if (std::ranges::find(kCut, job.process) != kCut.end())
        job.finishing.reduce_mm = kUsualReduction_mm;
}

void writeJob(std::ostream& out, const Job& job)
{
    nlohmann::ordered_json json{
        {"format", "under-ink-job"},
        {"version", 1},
        {"words", job.words},
        {"size",
         {{"by", kSizeNames[static_cast<std::size_t>(job.size.by)]}, {"value_mm", job.size.value_mm}}},
        {"unit", job.unit == LengthUnit::Inch ? "in" : "mm"},
        {"process", infoOf(job.process).id},
        {"purpose", job.purpose == Purpose::Sale ? "sale" : "gift"},
        {"mirrored", job.is_mirrored},
        {"tracking_em", job.tracking_em},
        {"limits", limitsJson(job)},
        {"font", detail::fontJson(job.font)},
    };
    if (job.size.other_mm)
        json["size"]["other_mm"] = *job.size.other_mm;
    if (job.size.widest_mm > 0.0)
        json["size"]["widest_mm"] = job.size.widest_mm;
    if (!job.names.isEmpty())
        json["list"] = detail::namesJson(job.names);
    if (job.sheet != SheetSettings())
        json["sheet"] = detail::sheetJson(job.sheet);
    if (job.pattern != PatternSettings())
        json["pattern"] = detail::patternJson(job.pattern);
    if (job.stitches != StitchSettings())
        json["stitches"] = detail::stitchesJson(job.stitches);
    if (!job.features.empty())
        json["features"] = job.features;
    if (job.is_one_piece)
        json["one_piece"] = true;
    if (job.material.width_mm > 0.0 || job.material.height_mm > 0.0)
        json["material"] = {{"width_mm", job.material.width_mm}, {"height_mm", job.material.height_mm}};
    if (job.weeding != WeedingHelp()) {
        const auto& rule = job.weeding.rule;
        json["weeding"] = {{"frame_mm", job.weeding.frame_mm}, {"parting_mm", job.weeding.parting_mm}};
        if (rule != WeedingRule())
            json["weeding"]["rule"] = {{"s_a_part", rule.s_a_part},
                                       {"small_mm2", rule.small_mm2},
                                       {"s_more_when_small", rule.s_more_when_small},
                                       {"mm_a_s", rule.mm_a_s}};
    }
    if (job.finishing != Finishing())
        json["finishing"] = finishingJson(job.finishing);
    if (!job.lettering.isPlain())
        json["lettering"] = detail::letteringJson(job.lettering);
    out << jsonText(json, 2) << '\n';
}

namespace {

WeedingRule weedingRuleFrom(const nlohmann::json& weeding)
{
    WeedingRule rule;
    const auto given = weeding.value("rule", nlohmann::json::object());
    for (auto [name, figure] : {std::pair{"s_a_part", &rule.s_a_part},
                                {"small_mm2", &rule.small_mm2},
                                {"s_more_when_small", &rule.s_more_when_small},
                                {"mm_a_s", &rule.mm_a_s}})
        if (const double value = given.value(name, *figure); value >= 0.0 && value <= kMostWeedingFigure)
            *figure = value;
    return rule;
}

} // namespace

Result<Job> readJob(std::istream& in)
{
    const auto json = jsonFrom(std::string(std::istreambuf_iterator<char>(in), {}));
    if (!json.is_object() || json.value("format", nlohmann::json()) != "under-ink-job")
        return fail(ErrorCode::DocumentDamaged);
    try {
        Job job;
        job.words = json.value("words", "");
        const auto size = json.value("size", nlohmann::json::object());
        const auto by = std::ranges::find(kSizeNames, size.value("by", "width"));
        if (by != kSizeNames.end())
            job.size.by = static_cast<SizeBy>(by - kSizeNames.begin());
        FinishedSize stored{job.size.by, size.value("value_mm", job.size.value_mm)};
        if (size.contains("other_mm"))
            stored.other_mm = size.at("other_mm").get<double>();
        const auto can_be_typed = [](double mm) { return mm >= 0.0 && mm <= kMostTypedSize_mm; };
        if (can_be_typed(stored.value_mm) && can_be_typed(stored.other_mm.value_or(0.0)))
            job.size = stored;
        if (const double widest = size.value("widest_mm", 0.0);
            widest >= kMinSize_mm && widest <= kMaxSize_mm)
            job.size.widest_mm = widest;
        if (const auto list = json.find("list"); list != json.end())
            job.names = detail::namesFrom(*list);
        if (const auto sheet = json.find("sheet"); sheet != json.end())
            job.sheet = detail::sheetFrom(*sheet);
        if (const auto pattern = json.find("pattern"); pattern != json.end())
            job.pattern = detail::patternFrom(*pattern);
        if (const auto stitches = json.find("stitches"); stitches != json.end())
            job.stitches = detail::stitchesFrom(*stitches);
        job.unit = json.value("unit", "mm") == "in" ? LengthUnit::Inch : LengthUnit::Millimetre;
        const auto process = std::ranges::find(allProcesses(), json.value("process", ""), &ProcessInfo::id);
        if (process != allProcesses().end())
            job.process = process->process;
        job.purpose = json.value("purpose", "sale") == "gift" ? Purpose::Gift : Purpose::Sale;
        job.is_mirrored = json.value("mirrored", false);
        if (const double tracking = json.value("tracking_em", 0.0);
            tracking >= kMinTracking_em && tracking <= kMaxTracking_em)
            job.tracking_em = tracking;
        const auto limits = json.value("limits", nlohmann::json::object());
        for (const auto& [id, given] : limits.items())
            if (const auto of = std::ranges::find(allProcesses(), id, &ProcessInfo::id);
                of != allProcesses().end())
                job.setLimits(of->process, limitsFrom(given, defaultLimits(of->process)));
        job.is_one_piece = json.value("one_piece", false);
        const auto length = [](const nlohmann::json& from, const char* name) {
            const double mm = from.value(name, 0.0);
            return mm > 0.0 && mm <= kMaxSize_mm ? mm : 0.0;
        };
        if (const auto material = json.find("material"); material != json.end())
            job.material = {length(*material, "width_mm"), length(*material, "height_mm")};
        if (const auto weeding = json.find("weeding"); weeding != json.end())
            job.weeding = {length(*weeding, "frame_mm"), length(*weeding, "parting_mm"),
                           weedingRuleFrom(*weeding)};
        const auto font = json.value("font", nlohmann::json::object());
        job.font = detail::fontFrom(font);
        job.features = json.value("features", "");
        if (const auto finishing = json.find("finishing"); finishing != json.end())
            job.finishing = finishingFrom(*finishing);
        if (const auto lettering = json.find("lettering"); lettering != json.end())
            job.lettering = detail::letteringFrom(*lettering);
        return job;
    } catch (const nlohmann::json::exception&) { // something in it is of another kind than it should be
        return fail(ErrorCode::DocumentDamaged);
    }
}

} // namespace ink
