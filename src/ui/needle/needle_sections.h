// The controls under the phrases of what is sewn, and the phrases.
#pragma once

#include "ui/widgets/job_section.h"

namespace ink::ui {

class SentenceBar;

inline const QString kSewnKey = QStringLiteral("sewn");
inline const QString kThreadKey = QStringLiteral("thread");
inline const QString kHoopKey = QStringLiteral("hoop");

JobSection* makeSewnSection(JobModel& job, const Theme& theme, QWidget* parent);
JobSection* makeThreadSection(JobModel& job, const Theme& theme, QWidget* parent);
JobSection* makeHoopSection(JobModel& job, const Theme& theme, QWidget* parent);

void saySewn(SentenceBar& sentence, const Job& job);

} // namespace ink::ui
