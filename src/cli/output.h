// Where the commands write to.
#pragma once

#include "core/base/file_output.h"

#include <string>

namespace ink::cli {

/// "-" is standard output: the stream that is open, which may be a file somebody redirected to.
Result<void> writeTo(const std::string& target, const StreamWriter& writer);

} // namespace ink::cli
