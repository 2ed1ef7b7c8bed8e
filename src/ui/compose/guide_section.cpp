#include "ui/compose/guide_section.h"

#include "ui/compose/lettering_view.h"
#include "ui/measures.h"

#include <QDoubleSpinBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace ink::ui {

GuideSection::GuideSection(JobModel& model, LetteringView& view, const Theme& theme, QWidget* parent)
    : PanelSection(model, view, theme, parent)
{
    auto* upright = new QPushButton(tr("Upright"), this);
    upright->setObjectName(QStringLiteral("guideUpright"));
    upright->setToolTip(tr("A guide at the caret; or pull one from the left ruler"));
    auto* level = new QPushButton(tr("Level"), this);
    level->setObjectName(QStringLiteral("guideLevel"));
    level->setToolTip(tr("A guide on the baseline; or pull one from the upper ruler"));
    m_at = lengthBox("guideAt", tr("Where the guide stands on its ruler"), 9999.0);
    m_remove = new QPushButton(tr("Take away"), this);
    m_remove->setObjectName(QStringLiteral("guideRemove"));
    for (auto* button : {upright, level, m_remove})
        button->setProperty("role", QStringLiteral("quiet"));
    auto* row = new QHBoxLayout;
    row->addWidget(caption(tr("Guides"), upright), 1);
    row->addWidget(upright);
    row->addWidget(level);
    column()->addLayout(row);
    auto* chosen = new QHBoxLayout;
    chosen->addWidget(m_remove);
    chosen->addStretch(1);
    chosen->addWidget(m_at);
    column()->addLayout(chosen);
    connect(upright, &QPushButton::clicked, this, [this] { m_view.addGuide(true); });
    connect(level, &QPushButton::clicked, this, [this] { m_view.addGuide(false); });
    connect(m_remove, &QPushButton::clicked, this, [this] {
        m_job.endRun();
        m_view.removeGuide();
        m_job.endRun();
    });
    connect(m_at, &QDoubleSpinBox::valueChanged, this, [this](double v) {
        if (!isShowing())
            m_view.setGuideFigure(toMm(v, m_job.job().unit));
    });
    connect(&m_view, &LetteringView::guidesChanged, this, &GuideSection::showNow);
}

void GuideSection::showValues()
{
    const auto at = m_view.guideFigure();
    m_at->setVisible(at.has_value());
    m_remove->setVisible(at.has_value());
    if (at && !m_at->hasFocus())
        m_at->setValue(fromMm(*at, m_job.job().unit));
}

} // namespace ink::ui
