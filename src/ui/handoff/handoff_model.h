// The names of the job made and laid on sheets, away from the interface thread, while Hand off is looked at.
#pragma once

#include "core/handoff/made_names.h"
#include "core/handoff/sheet_plan.h"
#include "ui/compose/lettering_service.h"
#include "ui/job_model.h"
#include "ui/slot_pool.h"

#include <filesystem>
#include <map>

namespace ink::ui {

class HandOffModel : public QObject
{
    Q_OBJECT
public:
    /// Cards of the person lie in `cards`.
    HandOffModel(JobModel& job, LetteringService& lettering, std::filesystem::path cards,
                 QObject* parent = nullptr);

    /// Nothing is made before it is looked at for the first time.
    void setActive();

    using Name = std::shared_ptr<const MadeName>;
    /// In the order of the list, or the one of a job without a list; null where it is not made yet.
    const std::vector<Name>& names() const { return m_names; }
    std::size_t madeCount() const;
    /// Null until something was laid; of an older job while `isUpToDate` is false.
    const std::shared_ptr<const SheetPlan>& plan() const { return m_plan; }
    /// Of a job of one word: how many lie on the sheets, or are to.
    int copiesLaid() const;
    /// The name that each thing of the plan is, as it was when the plan was made.
    const std::vector<Name>& things() const { return m_things; }
    /// Where in the list it stands now; nothing where it is gone.
    std::optional<std::size_t> numberOf(std::size_t thing) const;
    /// The plan is that of the job as it is, and as good as it gets.
    bool isUpToDate() const { return m_is_active && m_is_planned; }
    const std::optional<Error>& refusal() const { return m_refusal; }
    bool isIdle() const { return m_pool.isIdle(); }

    const std::vector<MaterialCard>& materials() const { return m_materials; }
    /// What could not be read of the person's cards.
    const std::vector<Error>& cardFaults() const { return m_card_faults; }
    MaterialCard material() const;

signals:
    void changed();

private:
    void jobChanged();
    void makeNext();
    void lay();
    void layAgain(bool is_quick);

    JobModel& m_job;
    LetteringService& m_lettering;
    SlotPool m_pool;
    std::vector<MaterialCard> m_materials;
    std::vector<Error> m_card_faults;
    /// How many names lay on the sheets when the others were still being made.
    std::size_t m_laid_names = 0;
    bool m_is_active = false;

    /// What the names were asked for, and what was laid last.
    struct Asked
    {
        Job job;
        ListedName listed;
        friend bool operator==(const Asked&, const Asked&) = default;
    };
    std::vector<Asked> m_asked;
    std::vector<Name> m_names;
    struct LaidWith
    {
        SheetSettings sheet;
        WeedingHelp weeding;
        Process process{};
        friend bool operator==(const LaidWith&, const LaidWith&) = default;
    };
    std::optional<LaidWith> m_laid_with;
    std::shared_ptr<const SheetPlan> m_plan;
    std::vector<Name> m_things;
    std::optional<Error> m_refusal;
    bool m_is_planned = false;
    ComposeOptions m_options;
};

/// Only what the outline of a name hangs on.
Job madeOf(Job job);

} // namespace ink::ui
