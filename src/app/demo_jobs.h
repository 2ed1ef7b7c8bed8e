// Jobs as somebody has them after a season, for a first look: under "Left without saving" in the job's menu.
#pragma once

#include "shelf/job_store.h"

#include <filesystem>

namespace ink::app {

/// Nothing happens where jobs were left before.
/// Errors: FileUnwritable, DiskFull.
Result<void> leaveDemoJobs(const JobStore& store, const std::filesystem::path& fonts);

} // namespace ink::app
