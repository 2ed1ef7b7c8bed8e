#include "ui/handoff/pattern_sections.h"

#include "ui/measures.h"
#include "ui/text.h"

namespace ink::ui {
namespace {

using Measure = JobSection::Measure;

} // namespace

JobSection* makePaperSection(JobModel& job, const Theme& theme, QWidget* parent)
{
    auto* section = new JobSection(job, theme, parent);
    const QString step = JobSection::tr("change the pattern");
    QStringList papers;
    for (const auto& paper : kPapers)
        papers << text(paper.name);
    section->addChoice(
        JobSection::tr("Paper"), "patternPaper", papers, step,
        [](const Job& now) { return int(&paperOf(now.pattern.paper) - std::begin(kPapers)); },
        [](Job& changed, int index) { changed.pattern.paper = kPapers[index].name; });
    const auto figure = [&](const QString& caption, const char* name, double most,
                            double PatternSettings::*of) {
        section->addFigure(
            caption, name, Measure::Length, most, step, [of](const Job& now) { return now.pattern.*of; },
            [of](Job& changed, double mm) {
                changed.pattern.*of = mm;
                changed.pattern = sensible(std::move(changed.pattern));
            });
    };
    figure(JobSection::tr("Pages share"), "patternOverlap", kMostOverlap_mm, &PatternSettings::overlap_mm);
    figure(JobSection::tr("Width of the lines"), "patternLine", kMostPatternLine_mm,
           &PatternSettings::line_mm);
    const auto choice = [&](const QString& words, const char* name, bool PatternSettings::*of) {
        section->addSwitch(
            words, name, step, [of](const Job& now) { return now.pattern.*of; },
            [of](Job& changed, bool is_on) { changed.pattern.*of = is_on; });
    };
    choice(JobSection::tr("Filled lightly"), "patternFilled", &PatternSettings::is_filled);
    choice(JobSection::tr("For the back: mirrored"), "patternMirrored", &PatternSettings::is_mirrored);
    choice(JobSection::tr("A first page with squares to check the printer"), "patternCover",
           &PatternSettings::has_cover);
    section->showNow();
    return section;
}

SizeSection* makeBlankSection(JobModel& job, std::filesystem::path file, const Theme& theme, QWidget* parent)
{
    SizeSection::Size size{JobSection::tr("Drawn round each"),
                           JobSection::tr("nothing"),
                           JobSection::tr("change what it goes onto"),
                           "patternBlank",
                           "blankWidth",
                           "blankHeight",
                           "keepBlank",
                           kMostPattern_mm,
                           [](const Job& now) { return now.pattern.blank; },
                           [](Job& changed, const std::optional<Blank>& blank) {
                               changed.pattern.blank = blank;
                               changed.pattern = sensible(std::move(changed.pattern));
                           }};
    return new SizeSection(job, std::move(size), shippedBlanks(), std::move(file), theme, parent);
}

} // namespace ink::ui
