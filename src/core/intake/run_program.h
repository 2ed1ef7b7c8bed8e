// Runs one of the small helper programs that ship with the system, with an end to its patience.
#pragma once

#include "core/base/result.h"

#include <chrono>
#include <string>
#include <vector>

namespace ink::detail {

struct ProgramOutput
{
    int status = 0;
    std::string out;
    std::string err;
};

/// `arguments[0]` is looked for in the PATH; no shell is involved. Output beyond `max_bytes` ends the
/// program.
/// Errors: HelperFailed (not installed, took longer than `patience`, said too much, crashed).
Result<ProgramOutput> runProgram(const std::vector<std::string>& arguments,
                                 std::chrono::milliseconds patience, std::size_t max_bytes);

} // namespace ink::detail
