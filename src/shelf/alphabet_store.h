// Stitched alphabets that are kept: each an open package in a folder of its own, installed nowhere.
#pragma once

#include "core/alphabet/alphabet.h"

#include <filesystem>
#include <string>
#include <vector>

namespace ink {

class AlphabetStore
{
public:
    /// Made when the first one is kept.
    explicit AlphabetStore(std::filesystem::path folder) : m_folder(std::move(folder)) {}

    struct Kept
    {
        /// The name of its folder.
        std::string id;
        Alphabet alphabet;
    };
    /// By name; what cannot be read is left out.
    std::vector<Kept> list() const;
    /// Whole or not at all. One of the same name gets a number behind its own; one with the same letters is not kept twice. Returns its id.
    /// Errors: those of writeAlphabet().
    Result<std::string> add(const Alphabet& alphabet);
    /// By id or by name. Errors: AlphabetUnknown.
    Result<Kept> find(const std::string& name) const;
    /// Without a trace. Errors: AlphabetUnknown, FileUnwritable.
    Result<void> remove(const std::string& name);

private:
    std::filesystem::path m_folder;
};

} // namespace ink
