// Opened faces, kept while they are in use and a little longer. Safe to use from several threads.
#pragma once

#include "core/type/font_face.h"

#include <list>
#include <memory>
#include <mutex>
#include <string>
#include <utility>

namespace ink {

class FaceCache
{
public:
    /// `capacity` is the number of faces kept; a font file in memory takes 50 kB to 20 MB.
    explicit FaceCache(std::size_t capacity = 64) : m_capacity(capacity) {}

    /// The opened face. Errors as FontFace::open; a failure is not remembered.
    Result<std::shared_ptr<const FontFace>> open(const std::filesystem::path& path, const FaceChoice& choice);

private:
    struct Kept
    {
        std::filesystem::path path;
        FaceChoice choice;
        std::filesystem::file_time_type changed;
        std::shared_ptr<const FontFace> face;
    };
    std::size_t m_capacity;
    std::mutex m_mutex;
    std::list<Kept> m_kept; // most recently used first
};

} // namespace ink
