// Names of licences and links to them.
#pragma once

#include "core/rights/known_licences.h"
#include "core/rights/reading.h"

#include <span>
#include <string_view>
#include <vector>

namespace ink {

/// A licence named in a sentence: tokens [begin, end), its version among them.
struct NamedLicence
{
    const KnownLicence* licence = nullptr;
    std::size_t begin = 0, end = 0;
};

/// From left to right. A Creative Commons name is one only when every part of it is understood ("BY-NonComm"
/// is not).
/// Source: SPDX License List 3 for the names; how they are shortened is common practice, no source.
std::vector<NamedLicence> licencesNamedIn(std::span<const Token> tokens);

/// The licence an address leads to; null when it is none of the known ones.
const KnownLicence* licenceLinkedIn(std::string_view text);

} // namespace ink
