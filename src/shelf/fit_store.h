// What was measured of words in fonts, kept over restarts by the content of the font, the words and how they were set.
#pragma once

#include "core/base/cancel.h"
#include "core/fit/fit_marks.h"

#include <filesystem>
#include <memory>
#include <string>

namespace ink {

/// A cache: what is damaged or of another version is measured again. Safe to use from several threads.
class FitStore
{
public:
    /// The newest so many stay: a screenful of fonts for some hundred words, about 50 MB.
    static constexpr int kMost = 5000;

    explicit FitStore(const std::filesystem::path& folder);
    ~FitStore();
    FitStore(const FitStore&) = delete;
    FitStore& operator=(const FitStore&) = delete;

    /// What the file holds, as part of a FitCache key; empty where it cannot be read.
    std::string contentOf(const std::filesystem::path& font);

    /// By FitCache::keyOf; null where nothing is kept.
    std::shared_ptr<const FitShape> find(const std::string& key);
    void keep(const std::string& key, const FitShape& shape);

private:
    struct Inside;
    std::unique_ptr<Inside> m_inside;
};

} // namespace ink
