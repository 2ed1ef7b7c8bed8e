#include "ui/compose/panel_section.h"

#include "ui/compose/lettering_view.h"
#include "ui/widgets/undo_through.h"

#include <QDoubleSpinBox>
#include <QLabel>
#include <QScopedValueRollback>
#include <QVBoxLayout>

namespace ink::ui {

PanelSection::PanelSection(JobModel& job, LetteringView& view, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_job(job), m_view(view), m_theme(theme), m_column(new QVBoxLayout(this))
{
    m_column->setContentsMargins(0, 0, 0, 0);
    m_column->setSpacing(2 * kGrid);
    // The caret is told of after every change of the job as well.
    connect(&m_view, &LetteringView::caretMoved, this, &PanelSection::showNow);
}

void PanelSection::showComposed(std::shared_ptr<const ComposedDesign> composed)
{
    m_composed = std::move(composed);
    showNow();
}

void PanelSection::showNow()
{
    const QScopedValueRollback showing(m_is_showing, true);
    const bool inches = m_job.job().unit == LengthUnit::Inch;
    for (auto* box : m_lengths) {
        box->setDecimals(inches ? 3 : 1);
        box->setSingleStep(inches ? 0.005 : 0.1);
        box->setSuffix(inches ? tr(" in") : tr(" mm"));
    }
    showValues();
}

std::size_t PanelSection::block() const
{
    return m_view.block();
}

void PanelSection::changeBlock(const QString& name, const std::function<void(Block&)>& change)
{
    const auto number = m_view.block();
    m_job.changeLettering(name, [&](Job& job) {
        if (job.lettering.blocks.size() <= number)
            job.lettering.blocks.resize(number + 1);
        change(job.lettering.blocks[number]);
    });
}

QLabel* PanelSection::caption(const QString& text, QWidget* buddy)
{
    auto* label = new QLabel(text, this);
    label->setProperty("role", QStringLiteral("caption"));
    label->setFont(m_theme.text(TextSize::Small));
    label->setBuddy(buddy);
    return label;
}

QLabel* PanelSection::softLabel(const QString& text, QWidget* buddy)
{
    auto* label = new QLabel(text, this);
    label->setProperty("role", QStringLiteral("soft"));
    label->setWordWrap(m_theme.textScale() >= 1.4); // large text
    label->setBuddy(buddy);
    return label;
}

QDoubleSpinBox* PanelSection::figureBox(const char* name, const QString& spoken, double step, double most,
                                        const QString& unit)
{
    auto* box = new QDoubleSpinBox(this);
    box->setObjectName(QLatin1String(name));
    box->setAccessibleName(spoken);
    box->setToolTip(spoken);
    box->setRange(-most, most);
    box->setDecimals(1);
    box->setSingleStep(step);
    box->setSuffix(unit);
    box->setButtonSymbols(QAbstractSpinBox::NoButtons);
    box->setAlignment(Qt::AlignRight);
    box->setFixedWidth(m_theme.scaled(70)); // "999.9 mm"
    new UndoThrough(box);
    return box;
}

QDoubleSpinBox* PanelSection::lengthBox(const char* name, const QString& spoken, double most)
{
    auto* box = figureBox(name, spoken, 0.1, most, {});
    m_lengths.push_back(box);
    return box;
}

void PanelSection::addRow(QWidget* name, QWidget* control)
{
    auto* row = new QHBoxLayout;
    row->addWidget(name, 1);
    row->addWidget(control);
    m_column->addLayout(row);
}

} // namespace ink::ui
