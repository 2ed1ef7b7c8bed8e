#include "ui/handoff/pattern_sections.h"

#include "ui/measures.h"
#include "ui/text.h"

#include <QComboBox>
#include <QPushButton>
#include <QSignalBlocker>

#include <algorithm>

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

BlankSection::BlankSection(JobModel& job, std::filesystem::path file, const Theme& theme, QWidget* parent)
    : JobSection(job, theme, parent), m_file(std::move(file)), m_blanks(shippedBlanks())
{
    if (auto own = readBlanks(m_file))
        m_own = std::move(*own);
    m_blanks.insert(m_blanks.end(), m_own.begin(), m_own.end());
    const QString step = tr("change what it goes onto");
    QStringList names{tr("nothing")};
    for (const auto& blank : m_blanks)
        names << text(blank.name);
    m_choice = addChoice(
        tr("Drawn round each"), "patternBlank", names, step,
        [this](const Job& now) {
            if (!now.pattern.blank)
                return 0;
            const auto at = std::ranges::find(m_blanks, *now.pattern.blank);
            return at == m_blanks.end() ? -1 : int(at - m_blanks.begin()) + 1;
        },
        [this](Job& changed, int index) {
            changed.pattern.blank =
                index == 0 ? std::nullopt : std::optional(m_blanks[std::size_t(index) - 1]);
        });
    const auto side = [&](const QString& caption, const char* name, double Blank::*of) {
        addFigure(
            caption, name, Measure::Length, kMostPattern_mm, step,
            [of](const Job& now) { return now.pattern.blank ? (*now.pattern.blank).*of : 0.0; },
            [of](Job& changed, double mm) {
                // The other side of a new one is as long: with none of it there would be no blank.
                Blank blank = changed.pattern.blank.value_or(Blank{{}, mm, mm});
                blank.name.clear();
                blank.*of = mm;
                changed.pattern.blank = blank;
                changed.pattern = sensible(std::move(changed.pattern));
            });
    };
    side(tr("Width"), "blankWidth", &Blank::width_mm);
    side(tr("Height"), "blankHeight", &Blank::height_mm);
    auto* button = addButton(tr("Keep this size"), "keepBlank", [this] { keep(); });
    connect(&job, &JobModel::changed, this, [this, button] {
        const auto& blank = this->job().job().pattern.blank;
        button->setEnabled(blank && std::ranges::find(m_blanks, *blank) == m_blanks.end());
    });
    button->setEnabled(false);
    showNow();
}

void BlankSection::keep()
{
    auto blank = job().job().pattern.blank;
    if (!blank || m_own.size() >= kMostBlanks)
        return;
    if (blank->name.empty())
        blank->name = tr("%1 × %2")
                          .arg(figure(blank->width_mm, job().job().unit),
                               figureWithUnit(blank->height_mm, job().job().unit))
                          .toStdString();
    m_own.push_back(*blank);
    m_blanks.push_back(*blank);
    {
        const QSignalBlocker quiet(m_choice);
        m_choice->addItem(text(blank->name));
    }
    if (auto done = writeBlanks(m_file, m_own); !done)
        emit problem(done.error());
    job().changeLettering(tr("keep a size"), [&](Job& changed) { changed.pattern.blank = blank; });
}

} // namespace ink::ui
