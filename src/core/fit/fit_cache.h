// Fit shapes kept by content: the same font file, face, words and features give the same shape wherever they
// lie.
#pragma once

#include "core/fit/fit_marks.h"

#include <list>
#include <memory>
#include <mutex>
#include <string>
#include <unordered_map>

namespace ink {

/// Safe to use from several threads.
class FitCache
{
public:
    /// `capacity` shapes are kept; one takes about 80 kB for a word in a script.
    explicit FitCache(std::size_t capacity = 2000) : m_capacity(capacity) {}

    std::shared_ptr<const FitShape> find(const std::string& key);
    void keep(const std::string& key, std::shared_ptr<const FitShape> shape);
    std::shared_ptr<const FaceTraits> findTraits(const std::string& key) const;
    void keepTraits(const std::string& key, FaceTraits traits);

    /// `content` is the file's SHA-256, or any name that changes with the content.
    static std::string keyOf(const std::string& content, const FaceChoice& choice, const std::string& words,
                             const std::string& features, double tracking_em);

private:
    using Kept = std::list<std::pair<std::string, std::shared_ptr<const FitShape>>>;
    std::size_t m_capacity;
    mutable std::mutex m_mutex;
    Kept m_kept; // most recently used first
    std::unordered_map<std::string, Kept::iterator> m_by_key;
    std::unordered_map<std::string, std::shared_ptr<const FaceTraits>> m_traits;
};

} // namespace ink
