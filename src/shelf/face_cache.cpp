#include "shelf/face_cache.h"

#include <algorithm>

namespace ink {

Result<std::shared_ptr<const FontFace>> FaceCache::open(const std::filesystem::path& path,
                                                        const FaceChoice& choice)
{
    std::error_code ignored;
    const auto changed = std::filesystem::last_write_time(path, ignored);
    const auto isSame = [&](const Kept& k) {
        return k.path == path && k.choice.face == choice.face && k.choice.instance == choice.instance &&
               k.changed == changed;
    };
    {
        const std::scoped_lock lock(m_mutex);
        if (const auto found = std::ranges::find_if(m_kept, isSame); found != m_kept.end()) {
            m_kept.splice(m_kept.begin(), m_kept, found);
            return m_kept.front().face;
        }
    }
    // Read outside the lock: a slow disk holds up nobody else.
    auto face = FontFace::open(path, choice);
    if (!face)
        return fail(face.error());
    const std::scoped_lock lock(m_mutex);
    m_kept.push_front({path, choice, changed, *face});
    if (m_kept.size() > m_capacity)
        m_kept.pop_back();
    return *face;
}

} // namespace ink
