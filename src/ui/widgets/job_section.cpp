#include "ui/widgets/job_section.h"

#include "ui/widgets/undo_through.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QPushButton>
#include <QScopedValueRollback>
#include <QVBoxLayout>

namespace ink::ui {

JobSection::JobSection(JobModel& job, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_job(job), m_theme(theme), m_column(new QVBoxLayout(this))
{
    m_column->setContentsMargins(0, 0, 0, 0);
    m_column->setSpacing(2 * kGrid);
    connect(&m_job, &JobModel::changed, this, &JobSection::showNow);
}

double JobSection::perUnit(Measure measure) const
{
    const double length = toMm(1.0, m_job.job().unit);
    return measure == Measure::Length || measure == Measure::MmPerSecond ? length
           : measure == Measure::Area                                    ? length * length
                                                                         : 1.0;
}

QDoubleSpinBox* JobSection::figureBox(const QString& caption, const char* name)
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

QDoubleSpinBox* JobSection::addFigure(const QString& caption, const char* name, Measure measure, double most,
                                      const QString& step, Read read, Write write)
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

QAbstractButton* JobSection::addSwitch(const QString& caption, const char* name, const QString& step,
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

QComboBox* JobSection::addChoice(const QString& caption, const char* name, const QStringList& choices,
                                 const QString& step, std::function<int(const Job&)> read,
                                 std::function<void(Job&, int)> write)
{
    auto* box = new QComboBox(this);
    box->setObjectName(QLatin1String(name));
    box->setAccessibleName(caption);
    box->addItems(choices);
    auto* line = new QHBoxLayout;
    auto* label = new QLabel(caption, this);
    label->setProperty("role", QStringLiteral("soft"));
    label->setBuddy(box);
    line->addWidget(label, 1);
    line->addWidget(box);
    m_column->addLayout(line);
    m_choices.push_back({box, std::move(read)});
    connect(box, &QComboBox::activated, this, [this, step, write = std::move(write)](int index) {
        m_job.endRun();
        m_job.changeLettering(step, [&](Job& job) { write(job, index); });
        m_job.endRun();
    });
    return box;
}

QPushButton* JobSection::addButton(const QString& words, const char* name,
                                   const std::function<void()>& pressed)
{
    auto* button = new QPushButton(words, this);
    button->setObjectName(QLatin1String(name));
    button->setProperty("role", QStringLiteral("quiet"));
    m_column->addWidget(button, 0, Qt::AlignLeading);
    connect(button, &QPushButton::clicked, this, pressed);
    return button;
}

void JobSection::addHint(const QString& words)
{
    auto* label = new QLabel(words, this);
    label->setProperty("role", QStringLiteral("soft"));
    label->setFont(m_theme.text(TextSize::Small));
    label->setWordWrap(true);
    label->setMinimumWidth(m_theme.scaled(300));
    m_column->addWidget(label);
}

void JobSection::showNow()
{
    const QScopedValueRollback showing(m_is_showing, true);
    const Job& job = m_job.job();
    const bool inches = job.unit == LengthUnit::Inch;
    for (const auto& [box, measure, read, most] : m_figures) {
        const double unit = perUnit(measure);
        const bool is_count = measure == Measure::Count;
        box->setDecimals(is_count ? 0 : inches && measure != Measure::Seconds ? 3 : 2);
        box->setRange(0.0, most / unit);
        box->setSingleStep(is_count ? 1.0 : measure == Measure::Seconds ? 0.5 : inches ? 0.005 : 0.1);
        box->setSuffix(is_count                      ? QString()
                       : measure == Measure::Length  ? (inches ? tr(" in") : tr(" mm"))
                       : measure == Measure::Area    ? (inches ? tr(" in²") : tr(" mm²"))
                       : measure == Measure::Seconds ? tr(" s")
                                                     : (inches ? tr(" in a s") : tr(" mm a s")));
        box->setValue(read(job) / unit);
    }
    for (const auto& [button, read] : m_switches)
        button->setChecked(read(job));
    for (const auto& [box, read] : m_choices)
        box->setCurrentIndex(read(job));
}

} // namespace ink::ui
