// What `uink sheet`, `uink pattern` and `uink stitch` are told of a list of names, and the names as they are made.
#pragma once

#include "cli/job_arguments.h"
#include "core/handoff/made_names.h"

namespace ink::cli {

void addNamesOption(CLI::App& command, std::string& names);
/// CLI::RequiredError where there are neither words nor names.
void checkWordsOrNames(const JobArguments& job, const std::string& names);

/// The list becomes the job's, each name that many times; nothing happens without one. What is remarked of its lines goes to
/// standard error.
/// Errors: FileNotFound and others of readFile(); EmptyText.
Result<void> takeNames(Job& job, const std::string& names, int copies);

/// Each name made, mended where that is asked for; what could not be made is said on standard error where others could.
std::vector<MadeName> namesOf(Job& job, const FindLetters& letters, bool is_mended);

} // namespace ink::cli
