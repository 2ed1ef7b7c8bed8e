// Where the commands write to.
#pragma once

#include "core/base/file_output.h"

#include <span>
#include <string>
#include <utility>
#include <vector>

namespace ink::cli {

/// "-" is standard output: the stream that is open, which may be a file somebody redirected to.
Result<void> writeTo(const std::string& target, const StreamWriter& writer);

/// Before anything is made: no output is an input, and no two are one place. `outputs` are paths as they were
/// given, empty where an option was not.
/// Errors: OutputIsInput, OutputsAlike.
Result<void> checkOutputs(const std::vector<std::string>& inputs, const std::vector<std::string>& outputs);

/// What is said of a name that promises another format than the SVG that is written; empty where it does not.
std::string complaintUnlessSvg(const std::string& name);

/// For reports.
double roundedTo(double value, int places);

} // namespace ink::cli
