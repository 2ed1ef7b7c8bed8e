// A size of the job, one of those that ship or that the person keeps in a file: goods, hoops.
#pragma once

#include "core/cut/blanks.h"
#include "ui/widgets/job_section.h"

#include <filesystem>
#include <optional>

namespace ink::ui {

class SizeSection : public JobSection
{
    Q_OBJECT
public:
    struct Size
    {
        /// Of the choice, and of its first entry, which is no size at all.
        QString caption, none;
        /// What a change is called.
        QString step;
        /// Object names of the choice, of width and height, and of the button that keeps it.
        const char *choice = nullptr, *width = nullptr, *height = nullptr, *keep = nullptr;
        double most_mm = 0.0;
        std::function<std::optional<Blank>(const Job&)> read;
        std::function<void(Job&, const std::optional<Blank>&)> write;
    };
    SizeSection(JobModel& job, Size size, std::vector<Blank> shipped, std::filesystem::path file,
                const Theme& theme, QWidget* parent);

signals:
    void problem(const ink::Error& error);

private:
    /// Of the shipped ones and the person's own; nothing for another size.
    std::optional<std::size_t> known(const Blank& size) const;
    void keep();
    void offerToKeep();

    Size m_size;
    std::filesystem::path m_file;
    /// The shipped ones, then the person's own.
    std::vector<Blank> m_sizes, m_own;
    QComboBox* m_choice = nullptr;
    QPushButton* m_keep = nullptr;
};

} // namespace ink::ui
