#include "ui/proof/proof_section.h"

#include "ui/proof/proof_words.h"
#include "ui/widgets/undo_through.h"

#include <QApplication>
#include <QCheckBox>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QPushButton>
#include <QScopedValueRollback>
#include <QVBoxLayout>

#include <algorithm>
#include <utility>

namespace ink::ui {
namespace {

/// Beyond these nothing is a frame or a way of the eye any more.
constexpr double kMostFrame_mm = 500.0;
constexpr double kMostReduction_mm = 1.0;

bool isOfArea(MendingKind kind)
{
    return kind == MendingKind::LeaveOut || kind == MendingKind::Enlarge ||
           kind == MendingKind::FillMiddles || kind == MendingKind::EnlargeMiddles;
}

bool hasFigure(MendingKind kind)
{
    return kind != MendingKind::Leave && kind != MendingKind::NoBridge && kind != MendingKind::Plate;
}

} // namespace

void MendingsSection::addMending(std::size_t number)
{
    const Job& now = job().job();
    const Mending mending = now.lettering.mendings[number];
    auto* row = new QWidget(this);
    auto* line = new QHBoxLayout(row);
    line->setContentsMargins(0, 0, 0, 0);
    const QString name = nameOf(mending, now);
    line->addWidget(new QLabel(name, row), 1);
    if (hasFigure(mending.kind)) {
        const auto measure = isOfArea(mending.kind) ? Measure::Area : Measure::Length;
        auto* box = figureBox(name, "mendingTo");
        line->addWidget(box);
        figures().push_back({box, measure,
                             [number](const Job& later) {
                                 return number < later.lettering.mendings.size()
                                            ? later.lettering.mendings[number].to
                                            : 0.0;
                             },
                             measure == Measure::Area ? kMostMending_mm2 : kMostMending_mm});
        connect(box, &QDoubleSpinBox::valueChanged, this, [this, number, measure](double value) {
            if (isShowing())
                return;
            job().changeLettering(tr("change a mending"), [&](Job& changed) {
                if (number < changed.lettering.mendings.size())
                    changed.lettering.mendings[number].to = value * perUnit(measure);
            });
        });
    }
    auto* back = new QPushButton(tr("take back"), row);
    back->setObjectName(QStringLiteral("takeBackMending"));
    back->setProperty("role", QStringLiteral("link"));
    back->setAccessibleName(tr("Take back: %1").arg(name));
    line->addWidget(back);
    connect(back, &QPushButton::clicked, this, [this, number] {
        job().endRun();
        job().changeLettering(tr("take back a mending"), [&](Job& changed) {
            auto& mendings = changed.lettering.mendings;
            if (number < mendings.size())
                mendings.erase(mendings.begin() + static_cast<std::ptrdiff_t>(number));
        });
        job().endRun();
    });
    column()->insertWidget(static_cast<int>(m_rows.size()), row);
    m_rows.push_back(row);
    row->show();
}

void MendingsSection::removeRows()
{
    std::erase_if(figures(), [&](const Figure& figure) {
        return std::ranges::any_of(m_rows, [&](QWidget* row) { return row->isAncestorOf(figure.box); });
    });
    for (auto* row : std::exchange(m_rows, {})) {
        row->hide();
        row->deleteLater(); // a press of its own button may have taken it away
    }
}

MendingsSection::MendingsSection(JobModel& model, const Theme& theme, QWidget* parent)
    : JobSection(model, theme, parent)
{
    setFocusPolicy(Qt::StrongFocus);
    m_take_back_all = addButton(tr("Take all of it back"), "takeBackAll", [this] {
        job().endRun();
        job().changeLettering(tr("take all mendings back"),
                              [](Job& changed) { changed.lettering.mendings.clear(); });
        job().endRun();
    });
    addHint(tr("Enter mends the finding that is chosen, Delete leaves it as it is, Ctrl+Enter mends all that "
               "has a usual "
               "mending. Hold Space to see the words as they were."));
    connect(&model, &JobModel::changed, this, &MendingsSection::showMendings);
    showMendings();
}

void MendingsSection::showMendings()
{
    const auto& mendings = job().job().lettering.mendings;
    const auto kinds = [](const std::vector<Mending>& all) {
        std::vector<Mending> out = all;
        for (auto& m : out)
            m.to = 0.0; // a figure that is being typed keeps its field
        return out;
    };
    if (kinds(mendings) != kinds(m_shown) || m_unit != job().job().unit) {
        const bool had_focus = isAncestorOf(QApplication::focusWidget());
        removeRows();
        for (std::size_t i = 0; i < mendings.size(); ++i)
            addMending(i);
        if (had_focus) // what had it may be gone, and Escape has to be heard
            (mendings.empty() ? this : m_rows.front()->nextInFocusChain())->setFocus();
    }
    m_shown = mendings;
    m_unit = job().job().unit;
    m_take_back_all->setVisible(mendings.size() > 1);
    showNow();
}

JobSection* makeWholeSection(JobModel& job, const Theme& theme, QWidget* parent)
{
    auto* section = new JobSection(job, theme, parent);
    section->addSwitch(
        JobSection::tr("All of it hangs together"), "onePiece", JobSection::tr("ask for one piece"),
        [](const Job& now) { return now.is_one_piece; },
        [](Job& changed, bool is_on) { changed.is_one_piece = is_on; });
    section->addHint(JobSection::tr(
        "For a name sign, a topper or a tag. Loose pieces become findings, with what ties them beside."));
    section->showNow();
    return section;
}

JobSection* makeSheetSection(JobModel& job, const Theme& theme, QWidget* parent)
{
    using Measure = JobSection::Measure;
    auto* section = new JobSection(job, theme, parent);
    const QString step = JobSection::tr("choose the sheet");
    section->addFigure(
        JobSection::tr("Width of the sheet, mat or hoop"), "sheetWidth", Measure::Length, kMaxSize_mm, step,
        [](const Job& now) { return now.material.width_mm; },
        [](Job& changed, double mm) { changed.material.width_mm = mm; });
    section->addFigure(
        JobSection::tr("Its height"), "sheetHeight", Measure::Length, kMaxSize_mm, step,
        [](const Job& now) { return now.material.height_mm; },
        [](Job& changed, double mm) { changed.material.height_mm = mm; });
    section->addHint(JobSection::tr("0 is any size."));
    section->showNow();
    return section;
}

JobSection* makeWeedingSection(JobModel& job, const Theme& theme, QWidget* parent)
{
    using Measure = JobSection::Measure;
    auto* section = new JobSection(job, theme, parent);
    const QString frame = JobSection::tr("change what is cut along"),
                  rule = JobSection::tr("change how weeding is told");
    section->addFigure(
        JobSection::tr("A frame round the words, off them by"), "weedingFrame", Measure::Length,
        kMostFrame_mm, frame, [](const Job& now) { return now.weeding.frame_mm; },
        [](Job& changed, double mm) { changed.weeding.frame_mm = mm; });
    section->addFigure(
        JobSection::tr("Parting lines, off the words by"), "weedingParting", Measure::Length, kMostFrame_mm,
        frame, [](const Job& now) { return now.weeding.parting_mm; },
        [](Job& changed, double mm) { changed.weeding.parting_mm = mm; });
    section->addHint(JobSection::tr("0 is none. How long weeding takes is told by your own hands:"));
    section->addFigure(
        JobSection::tr("For each part"), "weedingPart", Measure::Seconds, kMostWeedingFigure, rule,
        [](const Job& now) { return now.weeding.rule.s_a_part; },
        [](Job& changed, double s) { changed.weeding.rule.s_a_part = s; });
    section->addFigure(
        JobSection::tr("More for small parts"), "weedingSmallPart", Measure::Seconds, kMostWeedingFigure,
        rule, [](const Job& now) { return now.weeding.rule.s_more_when_small; },
        [](Job& changed, double s) { changed.weeding.rule.s_more_when_small = s; });
    section->addFigure(
        JobSection::tr("Small is under"), "weedingSmall", Measure::Area, kMostWeedingFigure, rule,
        [](const Job& now) { return now.weeding.rule.small_mm2; },
        [](Job& changed, double mm2) { changed.weeding.rule.small_mm2 = mm2; });
    section->addFigure(
        JobSection::tr("Edge lifted"), "weedingSpeed", Measure::MmPerSecond, kMostWeedingFigure, rule,
        [](const Job& now) { return now.weeding.rule.mm_a_s; },
        [](Job& changed, double mm) { changed.weeding.rule.mm_a_s = mm; });
    section->showNow();
    return section;
}

JobSection* makeNodesSection(JobModel& job, const Theme& theme, QWidget* parent)
{
    auto* section = new JobSection(job, theme, parent);
    section->addSwitch(
        JobSection::tr("Fewer nodes"), "fewerNodes", JobSection::tr("change the nodes"),
        [](const Job& now) { return now.finishing.reduce_mm > 0.0; },
        [](Job& changed, bool is_on) { changed.finishing.reduce_mm = is_on ? kUsualReduction_mm : 0.0; });
    section->addFigure(
        JobSection::tr("No further from the drawn curves than"), "reduceWithin", JobSection::Measure::Length,
        kMostReduction_mm, JobSection::tr("change the nodes"),
        [](const Job& now) { return now.finishing.reduce_mm; },
        [](Job& changed, double mm) { changed.finishing.reduce_mm = mm; });
    section->showNow();
    return section;
}

} // namespace ink::ui
