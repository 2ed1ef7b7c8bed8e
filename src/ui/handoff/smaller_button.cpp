#include "ui/handoff/smaller_button.h"

#include "ui/job_model.h"
#include "ui/measures.h"

#include <cmath>

namespace ink::ui {
namespace {

constexpr double kLeastShareOffered = 0.05;

/// Down to whole millimetres, of small things to tenths.
FinishedSize smaller(FinishedSize size, double share)
{
    const auto down = [share](double mm) {
        const double steps_per_mm = mm * share >= 20.0 ? 1.0 : 10.0;
        return std::floor(mm * share * steps_per_mm + 1e-9) / steps_per_mm;
    };
    size.value_mm = down(size.value_mm);
    if (size.other_mm)
        size.other_mm = down(*size.other_mm);
    return size;
}

} // namespace

SmallerButton::SmallerButton(JobModel& job, QWidget* parent) : QPushButton(parent), m_job(job)
{
    setProperty("role", QStringLiteral("quiet"));
    connect(this, &QPushButton::clicked, this, [this] {
        m_job.endRun(); // a step of its own, also after a size that was typed
        m_job.setSize(m_offered);
        m_job.endRun();
    });
    hide();
}

void SmallerButton::offer(double share)
{
    const auto& job = m_job.job();
    m_offered = smaller(job.size, share);
    const QString size = figureWithUnit(m_offered.value_mm, job.unit);
    setText(job.size.by == SizeBy::Width    ? tr("Make it %1 wide").arg(size)
            : job.size.by == SizeBy::Height ? tr("Make it %1 high").arg(size)
                                            : tr("Make its letters %1").arg(size));
    setVisible(share > kLeastShareOffered && share < 1.0);
}

} // namespace ink::ui
