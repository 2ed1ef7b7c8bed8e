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

ProofSection::ProofSection(JobModel& job, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_job(job), m_theme(theme), m_column(new QVBoxLayout(this))
{
    m_column->setContentsMargins(0, 0, 0, 0);
    m_column->setSpacing(2 * kGrid);
    connect(&m_job, &JobModel::changed, this, &ProofSection::showNow);
}

double ProofSection::perUnit(Measure measure) const
{
    const double length = toMm(1.0, m_job.job().unit);
    return measure == Measure::Length || measure == Measure::MmPerSecond ? length
           : measure == Measure::Area                                    ? length * length
                                                                         : 1.0;
}

QDoubleSpinBox* ProofSection::figureBox(const QString& caption, const char* name)
{
    auto* box = new QDoubleSpinBox(this);
    box->setObjectName(QLatin1String(name));
    box->setAccessibleName(caption);
    box->setKeyboardTracking(false);
    box->setButtonSymbols(QAbstractSpinBox::NoButtons);
    box->setAlignment(Qt::AlignRight);
    box->setFixedWidth(m_theme.scaled(96));
    new UndoThrough(box);
    return box;
}

QDoubleSpinBox* ProofSection::addFigure(const QString& caption, const char* name, Measure measure,
                                        double most, const QString& step, Read read, Write write)
{
    auto* box = figureBox(caption, name);
    auto* line = new QHBoxLayout;
    auto* label = new QLabel(caption, this);
    label->setProperty("role", QStringLiteral("soft"));
    label->setBuddy(box);
    line->addWidget(label, 1);
    line->addWidget(box);
    m_column->addLayout(line);
    m_figures.push_back({box, measure, std::move(read), most});
    connect(box, &QDoubleSpinBox::valueChanged, this,
            [this, measure, step, write = std::move(write)](double value) {
                if (m_is_showing)
                    return;
                m_job.changeLettering(step, [&](Job& job) { write(job, value * perUnit(measure)); });
            });
    return box;
}

QAbstractButton* ProofSection::addSwitch(const QString& caption, const char* name, const QString& step,
                                         std::function<bool(const Job&)> read,
                                         std::function<void(Job&, bool)> write)
{
    auto* button = new QCheckBox(caption, this);
    button->setObjectName(QLatin1String(name));
    m_column->addWidget(button);
    m_switches.push_back({button, std::move(read)});
    connect(button, &QCheckBox::toggled, this, [this, step, write = std::move(write)](bool is_on) {
        if (m_is_showing)
            return;
        m_job.endRun();
        m_job.changeLettering(step, [&](Job& job) { write(job, is_on); });
        m_job.endRun();
    });
    return button;
}

QPushButton* ProofSection::addButton(const QString& words, const char* name,
                                     const std::function<void()>& pressed)
{
    auto* button = new QPushButton(words, this);
    button->setObjectName(QLatin1String(name));
    button->setProperty("role", QStringLiteral("quiet"));
    m_column->addWidget(button, 0, Qt::AlignLeading);
    connect(button, &QPushButton::clicked, this, pressed);
    return button;
}

void ProofSection::addHint(const QString& words)
{
    auto* label = new QLabel(words, this);
    label->setProperty("role", QStringLiteral("soft"));
    label->setFont(m_theme.text(TextSize::Small));
    label->setWordWrap(true);
    label->setMinimumWidth(m_theme.scaled(300));
    m_column->addWidget(label);
}

void ProofSection::addMending(std::size_t number)
{
    const Job& job = m_job.job();
    const Mending mending = job.lettering.mendings[number];
    auto* row = new QWidget(this);
    auto* line = new QHBoxLayout(row);
    line->setContentsMargins(0, 0, 0, 0);
    const QString name = nameOf(mending, job);
    line->addWidget(new QLabel(name, row), 1);
    if (hasFigure(mending.kind)) {
        const auto measure = isOfArea(mending.kind) ? Measure::Area : Measure::Length;
        auto* box = figureBox(name, "mendingTo");
        line->addWidget(box);
        m_figures.push_back({box, measure,
                             [number](const Job& now) {
                                 return number < now.lettering.mendings.size()
                                            ? now.lettering.mendings[number].to
                                            : 0.0;
                             },
                             measure == Measure::Area ? kMostMending_mm2 : kMostMending_mm});
        connect(box, &QDoubleSpinBox::valueChanged, this, [this, number, measure](double value) {
            if (m_is_showing)
                return;
            m_job.changeLettering(tr("change a mending"), [&](Job& changed) {
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
        m_job.endRun();
        m_job.changeLettering(tr("take back a mending"), [&](Job& changed) {
            auto& mendings = changed.lettering.mendings;
            if (number < mendings.size())
                mendings.erase(mendings.begin() + static_cast<std::ptrdiff_t>(number));
        });
        m_job.endRun();
    });
    m_column->insertWidget(static_cast<int>(m_rows.size()), row);
    m_rows.push_back(row);
    row->show();
}

void ProofSection::removeRows()
{
    std::erase_if(m_figures, [&](const Figure& figure) {
        return std::ranges::any_of(m_rows, [&](QWidget* row) { return row->isAncestorOf(figure.box); });
    });
    for (auto* row : std::exchange(m_rows, {})) {
        row->hide();
        row->deleteLater(); // a press of its own button may have taken it away
    }
}

void ProofSection::showNow()
{
    const QScopedValueRollback showing(m_is_showing, true);
    const Job& job = m_job.job();
    const bool inches = job.unit == LengthUnit::Inch;
    for (const auto& [box, measure, read, most] : m_figures) {
        const double unit = perUnit(measure);
        box->setDecimals(inches && measure != Measure::Seconds ? 3 : 2);
        box->setRange(0.0, most / unit);
        box->setSingleStep(measure == Measure::Seconds ? 0.5 : inches ? 0.005 : 0.1);
        box->setSuffix(measure == Measure::Length    ? (inches ? tr(" in") : tr(" mm"))
                       : measure == Measure::Area    ? (inches ? tr(" in²") : tr(" mm²"))
                       : measure == Measure::Seconds ? tr(" s")
                                                     : (inches ? tr(" in a s") : tr(" mm a s")));
        box->setValue(read(job) / unit);
    }
    for (const auto& [button, read] : m_switches)
        button->setChecked(read(job));
}

MendingsSection::MendingsSection(JobModel& job, const Theme& theme, QWidget* parent)
    : ProofSection(job, theme, parent), m_all_of(job)
{
    setFocusPolicy(Qt::StrongFocus);
    m_take_back_all = addButton(tr("Take all of it back"), "takeBackAll", [this] {
        m_all_of.endRun();
        m_all_of.changeLettering(tr("take all mendings back"),
                                 [](Job& changed) { changed.lettering.mendings.clear(); });
        m_all_of.endRun();
    });
    addHint(tr("Enter mends the finding that is chosen, Delete leaves it as it is, Ctrl+Enter mends all that "
               "has a usual "
               "mending. Hold Space to see the words as they were."));
    connect(&job, &JobModel::changed, this, &MendingsSection::showMendings);
    showMendings();
}

void MendingsSection::showMendings()
{
    const auto& mendings = m_all_of.job().lettering.mendings;
    const auto kinds = [](const std::vector<Mending>& all) {
        std::vector<Mending> out = all;
        for (auto& m : out)
            m.to = 0.0; // a figure that is being typed keeps its field
        return out;
    };
    if (kinds(mendings) != kinds(m_shown) || m_unit != m_all_of.job().unit) {
        const bool had_focus = isAncestorOf(QApplication::focusWidget());
        removeRows();
        for (std::size_t i = 0; i < mendings.size(); ++i)
            addMending(i);
        if (had_focus) // what had it may be gone, and Escape has to be heard
            (mendings.empty() ? this : firstRow()->nextInFocusChain())->setFocus();
    }
    m_shown = mendings;
    m_unit = m_all_of.job().unit;
    m_take_back_all->setVisible(mendings.size() > 1);
    showNow();
}

ProofSection* makeWholeSection(JobModel& job, const Theme& theme, QWidget* parent)
{
    auto* section = new ProofSection(job, theme, parent);
    section->addSwitch(
        ProofSection::tr("All of it hangs together"), "onePiece", ProofSection::tr("ask for one piece"),
        [](const Job& now) { return now.is_one_piece; },
        [](Job& changed, bool is_on) { changed.is_one_piece = is_on; });
    section->addHint(ProofSection::tr(
        "For a name sign, a topper or a tag. Loose pieces become findings, with what ties them beside."));
    section->showNow();
    return section;
}

ProofSection* makeSheetSection(JobModel& job, const Theme& theme, QWidget* parent)
{
    using Measure = ProofSection::Measure;
    auto* section = new ProofSection(job, theme, parent);
    const QString step = ProofSection::tr("choose the sheet");
    section->addFigure(
        ProofSection::tr("Width of the sheet, mat or hoop"), "sheetWidth", Measure::Length, kMaxSize_mm, step,
        [](const Job& now) { return now.material.width_mm; },
        [](Job& changed, double mm) { changed.material.width_mm = mm; });
    section->addFigure(
        ProofSection::tr("Its height"), "sheetHeight", Measure::Length, kMaxSize_mm, step,
        [](const Job& now) { return now.material.height_mm; },
        [](Job& changed, double mm) { changed.material.height_mm = mm; });
    section->addHint(ProofSection::tr("0 is any size."));
    section->showNow();
    return section;
}

ProofSection* makeWeedingSection(JobModel& job, const Theme& theme, QWidget* parent)
{
    using Measure = ProofSection::Measure;
    auto* section = new ProofSection(job, theme, parent);
    const QString frame = ProofSection::tr("change what is cut along"),
                  rule = ProofSection::tr("change how weeding is told");
    section->addFigure(
        ProofSection::tr("A frame round the words, off them by"), "weedingFrame", Measure::Length,
        kMostFrame_mm, frame, [](const Job& now) { return now.weeding.frame_mm; },
        [](Job& changed, double mm) { changed.weeding.frame_mm = mm; });
    section->addFigure(
        ProofSection::tr("Parting lines, off the words by"), "weedingParting", Measure::Length, kMostFrame_mm,
        frame, [](const Job& now) { return now.weeding.parting_mm; },
        [](Job& changed, double mm) { changed.weeding.parting_mm = mm; });
    section->addHint(ProofSection::tr("0 is none. How long weeding takes is told by your own hands:"));
    section->addFigure(
        ProofSection::tr("For each part"), "weedingPart", Measure::Seconds, kMostWeedingFigure, rule,
        [](const Job& now) { return now.weeding.rule.s_a_part; },
        [](Job& changed, double s) { changed.weeding.rule.s_a_part = s; });
    section->addFigure(
        ProofSection::tr("More for small parts"), "weedingSmallPart", Measure::Seconds, kMostWeedingFigure,
        rule, [](const Job& now) { return now.weeding.rule.s_more_when_small; },
        [](Job& changed, double s) { changed.weeding.rule.s_more_when_small = s; });
    section->addFigure(
        ProofSection::tr("Small is under"), "weedingSmall", Measure::Area, kMostWeedingFigure, rule,
        [](const Job& now) { return now.weeding.rule.small_mm2; },
        [](Job& changed, double mm2) { changed.weeding.rule.small_mm2 = mm2; });
    section->addFigure(
        ProofSection::tr("Edge lifted"), "weedingSpeed", Measure::MmPerSecond, kMostWeedingFigure, rule,
        [](const Job& now) { return now.weeding.rule.mm_a_s; },
        [](Job& changed, double mm) { changed.weeding.rule.mm_a_s = mm; });
    section->showNow();
    return section;
}

ProofSection* makeNodesSection(JobModel& job, const Theme& theme, QWidget* parent)
{
    auto* section = new ProofSection(job, theme, parent);
    section->addSwitch(
        ProofSection::tr("Fewer nodes"), "fewerNodes", ProofSection::tr("change the nodes"),
        [](const Job& now) { return now.finishing.reduce_mm > 0.0; },
        [](Job& changed, bool is_on) { changed.finishing.reduce_mm = is_on ? kUsualReduction_mm : 0.0; });
    section->addFigure(
        ProofSection::tr("No further from the drawn curves than"), "reduceWithin",
        ProofSection::Measure::Length, kMostReduction_mm, ProofSection::tr("change the nodes"),
        [](const Job& now) { return now.finishing.reduce_mm; },
        [](Job& changed, double mm) { changed.finishing.reduce_mm = mm; });
    section->showNow();
    return section;
}

} // namespace ink::ui
