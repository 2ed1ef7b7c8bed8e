// The few controls under each phrase of Hand off's sentence.
#pragma once

#include "core/cut/material_card.h"
#include "ui/widgets/job_section.h"

class QLabel;
class QPlainTextEdit;

namespace ink::ui {

JobSection* makeMaterialSection(JobModel& job, const std::vector<MaterialCard>& cards, const Theme& theme,
                                QWidget* parent);
JobSection* makeApartSection(JobModel& job, const Theme& theme, QWidget* parent);
JobSection* makeFramesSection(JobModel& job, const Theme& theme, QWidget* parent);
JobSection* makeToolSection(JobModel& job, const Theme& theme, QWidget* parent);
JobSection* makeBorderSection(JobModel& job, const std::vector<MaterialCard>& cards, const Theme& theme,
                              QWidget* parent);

/// A list, pasted, typed or from a file; what has to be said of its lines is said before it is taken.
class NamesSection : public JobSection
{
    Q_OBJECT
public:
    NamesSection(JobModel& job, std::function<QString()> file_to_read, const Theme& theme, QWidget* parent);
    /// The text is looked at again.
    void setText(const QString& text);

signals:
    /// It is the job's list now.
    void taken();
    void problem(const ink::Error& error);

private:
    void readFile();
    void look();
    void take();

    std::function<QString()> m_file_to_read;
    QPlainTextEdit* m_text = nullptr;
    QLabel* m_remarks = nullptr;
    QPushButton *m_take = nullptr, *m_leave = nullptr;
    /// Of a file, which holds more than its text shows: encodings, for one.
    std::string m_bytes;
};

} // namespace ink::ui
