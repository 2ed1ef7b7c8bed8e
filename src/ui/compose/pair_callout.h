// At a pair of letters that do not join: what stands there, and the one thing to do about it.
#pragma once

#include "ui/design_model.h"
#include "ui/job_model.h"
#include "ui/theme.h"

#include <QFrame>

#include <optional>

class QLabel;
class QPushButton;

namespace ink::ui {

class LetteringView;

class PairCallout : public QFrame
{
    Q_OBJECT
public:
    /// Lies on the paper.
    PairCallout(JobModel& job, DesignModel& design, LetteringView& view, const Theme& theme);

    /// The pair that the caret stands at, of those that do not join; nothing when there is none.
    std::optional<std::size_t> pair() const { return m_pair; }
    void join();

private:
    void follow();
    void place();

    JobModel& m_job;
    DesignModel& m_design;
    LetteringView& m_view;
    std::optional<std::size_t> m_pair;
    QLabel* m_words = nullptr;
    QPushButton* m_join = nullptr;
};

} // namespace ink::ui
