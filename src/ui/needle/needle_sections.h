// The controls under the phrases of what is sewn, and the phrases.
#pragma once

#include "core/handoff/sewn_name.h"
#include "ui/widgets/size_section.h"

#include <string>
#include <utility>
#include <vector>

namespace ink::ui {

class SentenceBar;

inline const QString kSewnKey = QStringLiteral("sewn");
inline const QString kThreadKey = QStringLiteral("thread");
inline const QString kHoopKey = QStringLiteral("hoop");

JobSection* makeSewnSection(JobModel& job, const Theme& theme, QWidget* parent);
JobSection* makeThreadSection(JobModel& job, const Theme& theme, QWidget* parent);
/// Hoops that the maker keeps lie in a file.
SizeSection* makeHoopSection(JobModel& job, std::filesystem::path file, const Theme& theme, QWidget* parent);

/// Threads by our own names.
std::vector<std::pair<QString, std::string>> threadColours();

/// `sewn` may be null, while nothing was sewn yet.
void saySewn(SentenceBar& sentence, const Job& job, const SewnName* sewn);

} // namespace ink::ui
