#include "core/fit/fit_cache.h"

namespace ink {

std::shared_ptr<const FitShape> FitCache::find(const std::string& key)
{
    const std::lock_guard lock(m_mutex);
    const auto it = m_by_key.find(key);
    if (it == m_by_key.end())
        return {};
    m_kept.splice(m_kept.begin(), m_kept, it->second);
    return it->second->second;
}

void FitCache::keep(const std::string& key, std::shared_ptr<const FitShape> shape)
{
    const std::lock_guard lock(m_mutex);
    if (m_by_key.contains(key))
        return;
    m_kept.emplace_front(key, std::move(shape));
    m_by_key[key] = m_kept.begin();
    while (m_kept.size() > m_capacity) {
        m_by_key.erase(m_kept.back().first);
        m_kept.pop_back();
    }
}

std::shared_ptr<const FaceTraits> FitCache::findTraits(const std::string& key) const
{
    const std::lock_guard lock(m_mutex);
    const auto it = m_traits.find(key);
    return it == m_traits.end() ? nullptr : it->second;
}

void FitCache::keepTraits(const std::string& key, FaceTraits traits)
{
    const std::lock_guard lock(m_mutex);
    m_traits.emplace(key, std::make_shared<const FaceTraits>(std::move(traits)));
}

std::string FitCache::keyOf(const std::string& content, const FaceChoice& choice, const std::string& words,
                            const std::string& features, double tracking_em)
{
    return content + '\n' + std::to_string(choice.face) + '\n' + choice.instance + '\n' + features + '\n' +
           std::to_string(tracking_em) + '\n' + words;
}

} // namespace ink
