// The controls under the phrases of the paper pattern.
#pragma once

#include "ui/widgets/size_section.h"

namespace ink::ui {

JobSection* makePaperSection(JobModel& job, const Theme& theme, QWidget* parent);
/// The thing it goes onto; sizes that the maker keeps lie in a file.
SizeSection* makeBlankSection(JobModel& job, std::filesystem::path file, const Theme& theme, QWidget* parent);

} // namespace ink::ui
