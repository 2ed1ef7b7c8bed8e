// The rights slip of what a command hands off.
#pragma once

#include "cli/job_arguments.h"
#include "core/handoff/rights_slip.h"

namespace ink::cli {

struct SlipArguments
{
    /// FILE.pdf; FILE.json is written beside it.
    std::string file;
    /// On what ground it is sold although that is not plainly allowed.
    std::string ground;

    /// Both files, or none.
    std::vector<std::string> outputs() const;
};

void addSlipOptions(CLI::App& command, SlipArguments& a);

/// Writes both, where a slip is asked for. What is not plainly allowed, and has no ground, is said on standard error.
/// Errors: those of writing.
Result<void> writeSlip(const SlipArguments& a, const Job& job);

} // namespace ink::cli
