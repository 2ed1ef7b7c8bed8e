#include "cli/name_arguments.h"

#include "core/base/file_output.h"
#include "core/geometry/weld_cache.h"
#include "core/handoff/name_reader.h"

#include <CLI/CLI.hpp>

#include <filesystem>
#include <iostream>
#include <memory>

namespace ink::cli {
namespace {

/// A file where there is one of that name, else names between semicolons.
Result<std::vector<ListedName>> listFrom(const std::string& given)
{
    std::error_code error;
    if (!std::filesystem::exists(given, error)) {
        if (given.find(';') == std::string::npos &&
            (given.ends_with(".csv") || given.ends_with(".tsv") || given.ends_with(".txt")))
            return fail(ErrorCode::FileNotFound, given);
        return namesBetweenSemicolons(given);
    }
    const auto bytes = readFile(given, kMostList_bytes);
    if (!bytes)
        return fail(bytes.error());
    auto read = readNames(*bytes);
    if (!read) {
        Error fault = read.error();
        fault.subject = given;
        return fail(std::move(fault));
    }
    for (const auto& remark : read->remarks)
        std::cerr << "uink: " << given << ", line " << remark.line << ": " << idOf(remark.kind)
                  << (remark.words.empty() ? "" : ", ") << remark.words << '\n';
    return std::move(read->names);
}

} // namespace

void addNamesOption(CLI::App& command, std::string& names)
{
    command.add_option("--names", names, "A list: a file of lines or a table, or names as in \"Ada;Bo\"");
}

void checkWordsOrNames(const JobArguments& job, const std::string& names)
{
    job.check();
    if (job.font_option->count() > 0 && job.text_option->count() == 0 && names.empty())
        throw CLI::RequiredError("--text or --names");
}

Result<void> takeNames(Job& job, const std::string& names, int copies)
{
    if (names.empty())
        return {};
    auto list = listFrom(names);
    if (!list)
        return fail(list.error());
    if (list->empty())
        return fail(ErrorCode::EmptyText, names);
    for (auto& name : *list)
        name.copies *= copies;
    setNames(job, std::move(*list));
    return {};
}

std::vector<MadeName> namesOf(Job& job, const FindLetters& letters, bool is_mended)
{
    const ComposeOptions options{{}, std::make_shared<WeldCache>(), std::make_shared<SettingCache>(), 0.02};
    auto names = makeNames(job, letters, options);
    for (const auto mends : {mendAll, mendWhatItMade}) {
        if (!is_mended)
            break;
        const Job before = job;
        for (const auto& name : names)
            mends(job, name.findings);
        if (job == before)
            break;
        names = makeNames(job, letters, options);
    }
    if (names.size() > 1)
        for (const auto& name : names)
            if (name.error)
                std::cerr << "uink: " << name.words << ": " << name.error->message() << '\n';
    return names;
}

} // namespace ink::cli
