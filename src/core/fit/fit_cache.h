// Fit shapes kept by content: the same font file, face, words and features give the same shape wherever they
// lie.
#pragma once

#include "core/base/recent.h"
#include "core/fit/fit_marks.h"

#include <memory>
#include <mutex>
#include <string>

namespace ink {

/// Safe to use from several threads.
class FitCache
{
public:
    /// Nodes of the shapes that are kept, and faces whose traits are; a node takes some 100 bytes. What was
    /// used last stays.
    explicit FitCache(std::size_t max_nodes = 1'000'000, std::size_t max_faces = 5'000)
        : m_shapes(max_nodes), m_traits(max_faces)
    {
    }

    std::shared_ptr<const FitShape> find(const std::string& key);
    void keep(const std::string& key, std::shared_ptr<const FitShape> shape);
    std::shared_ptr<const FaceTraits> findTraits(const std::string& key);
    void keepTraits(const std::string& key, FaceTraits traits);

    /// `content` is the file's SHA-256, or any name that changes with the content.
    static std::string keyOf(const std::string& content, const FaceChoice& choice, const std::string& words,
                             const std::string& features, double tracking_em);

private:
    std::mutex m_mutex;
    Recent<std::string, std::shared_ptr<const FitShape>, std::hash<std::string>> m_shapes;
    Recent<std::string, std::shared_ptr<const FaceTraits>, std::hash<std::string>> m_traits;
};

} // namespace ink
