#include "ui/compose/spacing_section.h"

#include "ui/measures.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QSignalBlocker>
#include <QSlider>
#include <QVBoxLayout>

namespace ink::ui {
namespace {

/// The letter spacing goes in steps of 1/1000 em; further than this it leaves what a word can bear.
constexpr int kTightest_steps = -150;
constexpr int kWidest_steps = 300;

} // namespace

SpacingSection::SpacingSection(JobModel& model, LetteringView& view, const Theme& theme, QWidget* parent)
    : PanelSection(model, view, theme, parent)
{
    m_spacing = new QSlider(Qt::Horizontal, this);
    m_spacing->setObjectName(QStringLiteral("letterSpacing"));
    m_spacing->setAccessibleName(tr("Letter spacing"));
    m_spacing->setRange(kTightest_steps, kWidest_steps);
    m_spacing->setSingleStep(5);
    m_spacing->setPageStep(25);
    m_value = new QLabel(this);
    m_value->setObjectName(QStringLiteral("letterSpacingValue"));
    m_value->setFont(m_theme.text(TextSize::Body, true));
    m_reset = new QPushButton(tr("As drawn"), this);
    m_reset->setObjectName(QStringLiteral("letterSpacingReset"));
    m_reset->setProperty("role", QStringLiteral("quiet"));
    m_reset->setToolTip(tr("The spacing the font was drawn with"));
    column()->addWidget(caption(tr("Letter spacing"), m_spacing));
    column()->addWidget(m_spacing);
    auto* row = new QHBoxLayout;
    row->addWidget(m_value, 1);
    row->addWidget(m_reset);
    column()->addLayout(row);
    // Welds again at every step; what is shown meanwhile is the weld before.
    connect(m_spacing, &QSlider::valueChanged, this,
            [this](int steps) { m_job.setTracking(steps / 1000.0); });
    connect(m_spacing, &QSlider::sliderReleased, this, [this] { m_job.endRun(); });
    connect(m_reset, &QPushButton::clicked, this, [this] {
        m_job.endRun();
        m_job.setTracking(0.0);
        m_job.endRun();
    });
}

void SpacingSection::showValues()
{
    const auto& job = m_job.job();
    if (const QSignalBlocker quiet(m_spacing); true)
        m_spacing->setValue(qRound(job.tracking_em * 1000.0));
    m_reset->setEnabled(job.tracking_em != 0.0);
    // Signed, as it is added: less than nothing closes the letters up.
    const double spacing_mm = composed() ? job.tracking_em * composed()->design.em_mm : 0.0;
    m_value->setText(!composed()         ? QString()
                     : spacing_mm == 0.0 ? tr("as drawn")
                                         : signedFineLength(spacing_mm, job.unit));
}

} // namespace ink::ui
