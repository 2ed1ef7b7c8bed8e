#include "ui/compose/close_up_section.h"

#include "ui/measures.h"

#include <QCheckBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QSlider>
#include <QVBoxLayout>

namespace ink::ui {
namespace {

/// The close-up goes in steps of 0.05 mm.
constexpr double kDepthStep_mm = 0.05;
constexpr int kDepthSteps = 40;
constexpr double kUsualDepth_mm = 0.3;

} // namespace

CloseUpSection::CloseUpSection(JobModel& model, LetteringView& view, const Theme& theme, QWidget* parent)
    : PanelSection(model, view, theme, parent)
{
    m_closes = new QCheckBox(tr("Close up, overlapping by"), this);
    m_closes->setObjectName(QStringLiteral("closeUp"));
    m_depth = new QSlider(Qt::Horizontal, this);
    m_depth->setObjectName(QStringLiteral("closeUpDepth"));
    m_depth->setAccessibleName(tr("How deep letters overlap"));
    m_depth->setRange(0, kDepthSteps);
    m_depth->setPageStep(4);
    m_depth_value = new QLabel(this);
    m_depth_value->setObjectName(QStringLiteral("closeUpValue"));
    m_depth_value->setFont(m_theme.text(TextSize::Body, true));
    m_pairs = new QLabel(this);
    m_pairs->setObjectName(QStringLiteral("closeUpPairs"));
    m_pairs->setWordWrap(true);
    m_pairs->setProperty("role", QStringLiteral("soft"));
    m_evenly = new QCheckBox(tr("by one equal step"), this);
    m_evenly->setObjectName(QStringLiteral("closeUpEvenly"));
    auto* row = new QHBoxLayout;
    row->addWidget(m_depth, 1);
    row->addWidget(m_depth_value);
    column()->addWidget(m_closes);
    column()->addLayout(row);
    column()->addWidget(m_pairs);
    column()->addWidget(m_evenly);

    connect(m_closes, &QCheckBox::clicked, this, [this](bool on) {
        m_job.endRun();
        m_job.changeLettering(tr("close up"), [&](Job& job) {
            job.lettering.close_up.depth_mm = on ? std::optional(kUsualDepth_mm) : std::nullopt;
        });
        m_job.endRun();
    });
    connect(m_depth, &QSlider::valueChanged, this, [this](int steps) {
        if (!isShowing())
            m_job.changeLettering(tr("close up"),
                                  [&](Job& job) { job.lettering.close_up.depth_mm = steps * kDepthStep_mm; });
    });
    connect(m_depth, &QSlider::sliderReleased, this, [this] { m_job.endRun(); });
    connect(m_evenly, &QCheckBox::clicked, this, [this](bool on) {
        m_job.changeLettering(tr("close up evenly"), [&](Job& job) {
            job.lettering.close_up.by = on ? CloseUp::By::Line : CloseUp::By::Pair;
            if (!job.lettering.close_up.depth_mm)
                job.lettering.close_up.depth_mm = kUsualDepth_mm;
        });
    });
}

void CloseUpSection::showValues()
{
    const auto& job = m_job.job();
    const auto& close_up = job.lettering.close_up;
    m_closes->setChecked(close_up.depth_mm.has_value());
    m_depth->setEnabled(close_up.depth_mm.has_value());
    m_evenly->setEnabled(close_up.depth_mm.has_value());
    m_evenly->setChecked(close_up.by == CloseUp::By::Line);
    const double depth = close_up.depth_mm.value_or(kUsualDepth_mm);
    m_depth->setValue(qRound(depth / kDepthStep_mm));
    m_depth_value->setText(fineLength(depth, job.unit));
    showPairs();
}

void CloseUpSection::showPairs()
{
    const auto& depth = m_job.job().lettering.close_up.depth_mm;
    if (!depth || !composed()) {
        m_pairs->setText(tr("Letters stand as the font spaces them."));
        return;
    }
    std::size_t joins = 0;
    QStringList apart;
    for (const auto& pair : composed()->setting.pairs) {
        joins += pair.state == ClosePair::State::Joins ? 1 : 0;
        if (pair.state == ClosePair::State::Joins)
            continue;
        const auto words = toUtf32(m_job.job().words);
        const auto& left = composed()->setting.letters[pair.left];
        const auto& right = composed()->setting.letters[pair.right];
        if (left.first < words.size() && right.first < words.size())
            apart << QString::fromUcs4(&words[left.first], 1) + QString::fromUcs4(&words[right.first], 1);
    }
    const auto all = composed()->setting.pairs.size();
    m_pairs->setText(apart.isEmpty() ? tr("✓ %1 of %2 join").arg(joins).arg(all)
                                     : tr("%1 of %2 join; left as drawn: %3")
                                           .arg(joins)
                                           .arg(all)
                                           .arg(apart.mid(0, 6).join(QStringLiteral(", "))));
}

} // namespace ink::ui
