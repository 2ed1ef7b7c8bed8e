#include "ui/process_limits_dialog.h"

#include "ui/core_words.h"

#include "ui/text.h"
#include "ui/widgets/undo_through.h"

#include <QDoubleSpinBox>
#include <QGridLayout>
#include <QLabel>
#include <QPushButton>
#include <QShortcut>
#include <QSignalBlocker>

namespace ink::ui {
namespace {

double perUnit(LengthUnit unit, bool is_area)
{
    const double length = toMm(1.0, unit);
    return is_area ? length * length : length;
}

} // namespace

ProcessLimitsDialog::ProcessLimitsDialog(JobModel& job, const Theme& theme, QWidget* parent)
    : QDialog(parent), m_job(job), m_theme(theme)
{
    setObjectName(QStringLiteral("processLimitsDialog"));
    setWindowTitle(tr("What it holds"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(kMargin, kMargin, kMargin, kMargin);
    column->setSpacing(3 * kGrid);
    m_title = new QLabel(this);
    m_title->setFont(theme.heading(TextSize::Title));
    column->addWidget(m_title);
    auto* hint =
        new QLabel(tr("Every font and every word is judged by these. Cut a test of your own and put in "
                      "what held."),
                   this);
    hint->setWordWrap(true);
    hint->setProperty("role", QStringLiteral("soft"));
    column->addWidget(hint);
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(4 * kGrid);
    grid->setVerticalSpacing(2 * kGrid);
    column->addLayout(grid);
    add(grid, "limitStroke", tr("Thinnest stroke"), tr("thinner ones fail"), false,
        &ProcessLimits::stroke_floor_mm);
    add(grid, "limitComfortable", tr("No care needed from"), tr("between the two, look at it"), false,
        &ProcessLimits::stroke_comfortable_mm);
    add(grid, "limitGap", tr("Narrowest gap"), tr("narrower ones close up"), false, &ProcessLimits::gap_mm);
    add(grid, "limitPiece", tr("Smallest piece"), tr("smaller ones come off"), true,
        &ProcessLimits::smallest_piece_mm2);
    add(grid, "limitMiddle", tr("Smallest middle"), tr("smaller ones close, or cannot be picked"), true,
        &ProcessLimits::smallest_middle_mm2);
    add(grid, "limitBridge", tr("Bridge of a stencil"), tr("as wide as this"), false,
        &ProcessLimits::bridge_mm);
    auto* row = new QHBoxLayout;
    m_usual = new QPushButton(tr("Back to the usual figures"), this);
    m_usual->setObjectName(QStringLiteral("limitsUsual"));
    m_usual->setProperty("role", QStringLiteral("quiet"));
    m_usual->setAutoDefault(false);
    auto* done = new QPushButton(tr("Done"), this);
    done->setObjectName(QStringLiteral("limitsDone"));
    done->setProperty("role", QStringLiteral("main"));
    done->setDefault(true);
    row->addWidget(m_usual);
    row->addStretch(1);
    row->addWidget(done);
    column->addLayout(row);
    connect(m_usual, &QPushButton::clicked, this, [this] {
        m_job.endRun();
        m_job.setLimits(defaultLimits(m_job.job().process));
    });
    connect(done, &QPushButton::clicked, this, &QDialog::accept);
    // The window's own shortcuts do not reach a dialog.
    connect(new QShortcut(QKeySequence::Undo, this), &QShortcut::activated, &m_job.undoStack(),
            &QUndoStack::undo);
    connect(new QShortcut(QKeySequence::Redo, this), &QShortcut::activated, &m_job.undoStack(),
            &QUndoStack::redo);
    connect(&m_job, &JobModel::changed, this, &ProcessLimitsDialog::showLimits);
    showLimits();
}

QDoubleSpinBox* ProcessLimitsDialog::add(QGridLayout* grid, const char* name, const QString& caption,
                                         const QString& meaning, bool is_area, double ProcessLimits::*figure)
{
    const int line = grid->rowCount();
    auto* label = new QLabel(caption, this);
    auto* field = new QDoubleSpinBox(this);
    field->setObjectName(QLatin1String(name));
    field->setAccessibleName(caption);
    field->setAccessibleDescription(meaning);
    field->setKeyboardTracking(false);
    field->setMinimumWidth(m_theme.scaled(120));
    new UndoThrough(field);
    label->setBuddy(field);
    auto* means = new QLabel(meaning, this);
    means->setProperty("role", QStringLiteral("soft"));
    means->setFont(m_theme.text(TextSize::Small));
    grid->addWidget(label, line, 0);
    grid->addWidget(field, line, 1);
    grid->addWidget(means, line, 2);
    m_figures.push_back({field, figure, is_area});
    connect(field, &QDoubleSpinBox::valueChanged, this, [this, figure, is_area](double value) {
        ProcessLimits limits = m_job.job().limits();
        limits.*figure = value * perUnit(m_job.job().unit, is_area);
        m_job.endRun();
        m_job.setLimits(limits);
    });
    return field;
}

void ProcessLimitsDialog::showLimits()
{
    const Job& job = m_job.job();
    const auto& process = infoOf(job.process);
    const bool is_inch = job.unit == LengthUnit::Inch;
    m_title->setText(tr("%1 %2 holds").arg(said(process.tool), said(process.in_what)));
    for (const auto& [field, figure, is_area] : m_figures) {
        const QSignalBlocker blocker(field);
        const double unit = perUnit(job.unit, is_area);
        field->setDecimals(is_inch ? (is_area ? 4 : 3) : 2);
        field->setSingleStep(is_inch ? (is_area ? 0.001 : 0.005) : (is_area ? 0.5 : 0.1));
        field->setRange(0.0, (is_area ? kMaxLimit_mm2 : kMaxLimit_mm) / unit);
        field->setSuffix(is_inch ? (is_area ? tr(" in²") : tr(" in")) : (is_area ? tr(" mm²") : tr(" mm")));
        field->setValue(job.limits().*figure / unit);
    }
    m_usual->setEnabled(job.own_limits.contains(job.process));
}

} // namespace ink::ui
