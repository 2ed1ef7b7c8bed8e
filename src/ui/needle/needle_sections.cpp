#include "ui/needle/needle_sections.h"

#include "ui/measures.h"
#include "ui/needle/needle_model.h"
#include "ui/text.h"
#include "ui/widgets/sentence_bar.h"

#include <algorithm>
#include <map>

namespace ink::ui {
namespace {

using Measure = JobSection::Measure;

/// Our own names of colours; makers' charts are theirs.
struct NamedColour
{
    const char* words;
    const char* colour;
};
constexpr NamedColour kThreads[] = {{QT_TRANSLATE_NOOP("ink::ui::JobSection", "madder"), "#a23a2b"},
                                    {QT_TRANSLATE_NOOP("ink::ui::JobSection", "ink"), "#1d2333"},
                                    {QT_TRANSLATE_NOOP("ink::ui::JobSection", "leaf"), "#2f6b4a"},
                                    {QT_TRANSLATE_NOOP("ink::ui::JobSection", "honey"), "#d89a2b"},
                                    {QT_TRANSLATE_NOOP("ink::ui::JobSection", "lake"), "#2f5c8f"},
                                    {QT_TRANSLATE_NOOP("ink::ui::JobSection", "plum"), "#6c3f6f"},
                                    {QT_TRANSLATE_NOOP("ink::ui::JobSection", "rose"), "#c97b84"},
                                    {QT_TRANSLATE_NOOP("ink::ui::JobSection", "chalk"), "#f4f1e8"}};
constexpr NamedColour kCloths[] = {{QT_TRANSLATE_NOOP("ink::ui::JobSection", "linen"), "#e6ddc9"},
                                   {QT_TRANSLATE_NOOP("ink::ui::JobSection", "white cotton"), "#f7f5ef"},
                                   {QT_TRANSLATE_NOOP("ink::ui::JobSection", "denim"), "#3d4d66"},
                                   {QT_TRANSLATE_NOOP("ink::ui::JobSection", "slate"), "#55585c"},
                                   {QT_TRANSLATE_NOOP("ink::ui::JobSection", "moss"), "#6f7a55"},
                                   {QT_TRANSLATE_NOOP("ink::ui::JobSection", "blush"), "#e3c3bd"}};

template <std::size_t N>
QStringList wordsOf(const NamedColour (&colours)[N])
{
    QStringList out;
    for (const auto& colour : colours)
        out << JobSection::tr(colour.words);
    return out;
}

template <std::size_t N>
int indexOf(const NamedColour (&colours)[N], const std::string& colour)
{
    const auto* at = std::ranges::find_if(colours, [&](const NamedColour& c) { return colour == c.colour; });
    return at == std::end(colours) ? -1 : int(at - std::begin(colours));
}

template <std::size_t N>
QString wordOf(const NamedColour (&colours)[N], const std::string& colour)
{
    const int at = indexOf(colours, colour);
    return at < 0 ? text(colour) : JobSection::tr(colours[at].words);
}

constexpr SewnAs kLetterKinds[] = {SewnAs::Satin, SewnAs::Fill, SewnAs::Running};

} // namespace

std::vector<std::pair<QString, std::string>> threadColours()
{
    std::vector<std::pair<QString, std::string>> out;
    for (const auto& thread : kThreads)
        out.emplace_back(JobSection::tr(thread.words), thread.colour);
    return out;
}

JobSection* makeSewnSection(JobModel& job, const Theme& theme, QWidget* parent)
{
    auto* section = new JobSection(job, theme, parent);
    const QString step = JobSection::tr("change how it is sewn");
    section->addChoice(
        JobSection::tr("Letters are"), "sewnAs",
        {JobSection::tr("satin columns"), JobSection::tr("filled in rows"), JobSection::tr("outlined")}, step,
        [](const Job& now) {
            const auto* at = std::ranges::find(kLetterKinds, now.sewing().as);
            return at == std::end(kLetterKinds) ? -1 : int(at - std::begin(kLetterKinds));
        },
        [](Job& changed, int index) {
            changed.stitches.as = kLetterKinds[index];
            const ProcessLimits before = changed.limits();
            changed.process = Process::Satin; // whoever asks for letters wants no cloth laid on
            followLimits(changed, before);
        });
    section->addChoice(
        JobSection::tr("The edge of cloth laid on"), "edgeCover",
        {JobSection::tr("satin"), JobSection::tr("blanket stitch")}, step,
        [](const Job& now) { return int(now.stitches.cover); },
        [](Job& changed, int index) { changed.stitches.cover = EdgeCover(index); });
    const auto length = [&](const QString& caption, const char* name, double most,
                            double StitchSettings::*of) {
        section->addFigure(
            caption, name, Measure::Length, most, step, [of](const Job& now) { return now.stitches.*of; },
            [of](Job& changed, double mm) {
                changed.stitches.*of = mm;
                changed.stitches = sensible(std::move(changed.stitches));
            });
    };
    length(JobSection::tr("Between stitches"), "stitchSpacing", kMostSpacing_mm, &StitchSettings::spacing_mm);
    length(JobSection::tr("Wider by, since thread pulls"), "stitchPull", kMostPull_mm,
           &StitchSettings::pull_mm);
    length(JobSection::tr("Width over an edge"), "coverWidth", 10.0, &StitchSettings::cover_mm);
    section->addSwitch(
        JobSection::tr("Underlay beneath the cover"), "underlay", step,
        [](const Job& now) { return now.stitches.has_underlay; },
        [](Job& changed, bool is_on) { changed.stitches.has_underlay = is_on; });
    section->addFigure(
        JobSection::tr("Rows at an angle of"), "fillAngle", Measure::Count, 180.0, step,
        [](const Job& now) { return now.stitches.fill_angle_deg; },
        [](Job& changed, double degrees) { changed.stitches.fill_angle_deg = degrees; });
    section->showNow();
    return section;
}

JobSection* makeThreadSection(JobModel& job, const Theme& theme, QWidget* parent)
{
    auto* section = new JobSection(job, theme, parent);
    const QString step = JobSection::tr("change the colours");
    section->addChoice(
        JobSection::tr("Thread"), "threadColour", wordsOf(kThreads), step,
        [](const Job& now) { return indexOf(kThreads, now.stitches.thread); },
        [](Job& changed, int index) { changed.stitches.thread = kThreads[index].colour; });
    section->addChoice(
        JobSection::tr("Cloth"), "clothColour", wordsOf(kCloths), step,
        [](const Job& now) { return indexOf(kCloths, now.stitches.cloth); },
        [](Job& changed, int index) { changed.stitches.cloth = kCloths[index].colour; });
    section->addHint(
        JobSection::tr("Machines' files hold no colours: a note beside the file names them in order."));
    section->showNow();
    return section;
}

SizeSection* makeHoopSection(JobModel& job, std::filesystem::path file, const Theme& theme, QWidget* parent)
{
    const QString step = JobSection::tr("change the hoop");
    SizeSection::Size size{JobSection::tr("Hoop"),
                           JobSection::tr("no hoop"),
                           step,
                           "hoopKept",
                           "hoopWidth",
                           "hoopHeight",
                           "keepHoop",
                           kMostHoop_mm,
                           [](const Job& now) -> std::optional<Blank> {
                               const auto& s = now.stitches;
                               if (s.hoop_width_mm <= 0.0 || s.hoop_height_mm <= 0.0)
                                   return {};
                               return Blank{{}, s.hoop_width_mm, s.hoop_height_mm};
                           },
                           [](Job& changed, const std::optional<Blank>& hoop) {
                               changed.stitches.hoop_width_mm = hoop ? hoop->width_mm : 0.0;
                               changed.stitches.hoop_height_mm = hoop ? hoop->height_mm : 0.0;
                               changed.stitches = sensible(std::move(changed.stitches));
                           }};
    auto* section = new SizeSection(job, std::move(size), shippedHoops(), std::move(file), theme, parent);
    section->addFigure(
        JobSection::tr("Stitches a minute"), "stitchSpeed", Measure::Count, 2000.0, step,
        [](const Job& now) { return now.stitches.stitches_a_minute; },
        [](Job& changed, double n) {
            changed.stitches.stitches_a_minute = n;
            changed.stitches = sensible(std::move(changed.stitches));
        });
    section->addSwitch(
        JobSection::tr("Names of a list together in it, as many as fit"), "sewTogether", step,
        [](const Job& now) { return now.stitches.is_together; },
        [](Job& changed, bool is_on) { changed.stitches.is_together = is_on; });
    section->addHint(JobSection::tr("What is wider than the hoop and fits when it is turned is turned."));
    section->showNow();
    return section;
}

namespace {

bool hasLettersAsMade(const StitchPlan& plan)
{
    return std::ranges::any_of(plan.layers, [](const StitchLayer& layer) {
        return std::ranges::any_of(layer.runs,
                                   [](const StitchRun& r) { return r.kind == StitchKind::AsMade; });
    });
}

} // namespace

void saySewn(SentenceBar& sentence, const Job& job, const SewnName* sewn)
{
    const auto s = job.sewing();
    std::map<QString, QString> phrases;
    const QString apart = JobSection::tr("%1 apart").arg(fineLength(s.spacing_mm, job.unit));
    switch (s.as) {
    case SewnAs::Satin:
        phrases[kSewnKey] = JobSection::tr("satin columns, %1").arg(apart);
        break;
    case SewnAs::Fill:
        phrases[kSewnKey] = JobSection::tr("rows of stitches, %1").arg(apart);
        break;
    case SewnAs::Running:
        phrases[kSewnKey] = JobSection::tr("a line round each");
        break;
    case SewnAs::Applique:
        phrases[kSewnKey] = s.cover == EdgeCover::Satin
                                ? JobSection::tr("cloth laid on in three rounds, edged in satin")
                                : JobSection::tr("cloth laid on in three rounds, edged in blanket stitch");
        break;
    }
    if (sewn && hasLettersAsMade(sewn->plan))
        phrases[kSewnKey] = sewn->plan.columns.empty()
                                ? JobSection::tr("thread, stitched as they came")
                                : JobSection::tr("%1, stitched ones as they came").arg(phrases[kSewnKey]);
    phrases[kThreadKey] =
        JobSection::tr("%1 thread on %2").arg(wordOf(kThreads, s.thread), wordOf(kCloths, s.cloth));
    phrases[kHoopKey] =
        s.hoop_width_mm <= 0.0 || s.hoop_height_mm <= 0.0
            ? JobSection::tr("no hoop")
            : JobSection::tr("a hoop of %1 × %2")
                  .arg(figure(s.hoop_width_mm, job.unit), figureWithUnit(s.hoop_height_mm, job.unit));
    if (s.is_together && job.names.names.size() > 1)
        phrases[kHoopKey] = JobSection::tr("%1, names together").arg(phrases[kHoopKey]);
    sentence.setSentence(JobSection::tr("These letters become {sewn}, in {thread}, in {hoop}."), phrases);
}

} // namespace ink::ui
