// The newest finished design of the job, for every station that looks at it.
#pragma once

#include "ui/compose/lettering_service.h"
#include "ui/job_model.h"

#include <QObject>

#include <memory>
#include <optional>

namespace ink::ui {

class DesignModel : public QObject
{
    Q_OBJECT
public:
    DesignModel(JobModel& job, LetteringService& lettering, QObject* parent = nullptr);

    /// Null where there is none: no font, no words, or an error.
    const std::shared_ptr<const ComposedDesign>& composed() const { return m_composed; }
    std::shared_ptr<const Design> design() const;
    /// False while the design of an older job is still shown: it can be looked at, not handed out.
    bool isUpToDate() const { return m_is_up_to_date; }
    /// Why there is no design of a job with a font.
    const std::optional<Error>& refusal() const { return m_refusal; }

    /// What letters are taken from has changed, or what was said about them.
    void makeAgain();

signals:
    /// The job is another one; its design is on the way.
    void outdated();
    void changed();

private:
    void jobChanged();
    void take(const ComposedResult& result);

    JobModel& m_job;
    LetteringService& m_lettering;
    /// What the design was asked for last.
    std::optional<Job> m_asked;
    std::shared_ptr<const ComposedDesign> m_composed;
    std::optional<Error> m_refusal;
    bool m_is_up_to_date = true;
};

} // namespace ink::ui
