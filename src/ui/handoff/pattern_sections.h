// The controls under the phrases of the paper pattern.
#pragma once

#include "core/cut/blanks.h"
#include "ui/widgets/job_section.h"

#include <filesystem>

namespace ink::ui {

JobSection* makePaperSection(JobModel& job, const Theme& theme, QWidget* parent);

/// The thing it goes onto; sizes that the maker keeps lie in a file.
class BlankSection : public JobSection
{
    Q_OBJECT
public:
    BlankSection(JobModel& job, std::filesystem::path file, const Theme& theme, QWidget* parent);

signals:
    void problem(const ink::Error& error);

private:
    void keep();

    std::filesystem::path m_file;
    /// The shipped ones, then the person's own.
    std::vector<Blank> m_blanks, m_own;
    QComboBox* m_choice = nullptr;
};

} // namespace ink::ui
