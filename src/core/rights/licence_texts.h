// The texts of data/licences, built in.
#pragma once

#include <string_view>

namespace ink {

/// Text by SPDX identifier; empty when none is built in.
std::string_view licenceText(std::string_view id);

} // namespace ink
