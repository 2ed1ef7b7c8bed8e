#include "core/fit/fit_cache.h"

namespace ink {

std::shared_ptr<const FitShape> FitCache::find(const std::string& key)
{
    const std::lock_guard lock(m_mutex);
    return m_shapes.find(key).value_or(nullptr);
}

void FitCache::keep(const std::string& key, std::shared_ptr<const FitShape> shape)
{
    const std::lock_guard lock(m_mutex);
    const std::size_t nodes = 1 + shape->marks_fu.nodes;
    m_shapes.insert(key, std::move(shape), nodes);
}

std::shared_ptr<const FaceTraits> FitCache::findTraits(const std::string& key)
{
    const std::lock_guard lock(m_mutex);
    return m_traits.find(key).value_or(nullptr);
}

void FitCache::keepTraits(const std::string& key, FaceTraits traits)
{
    const std::lock_guard lock(m_mutex);
    m_traits.insert(key, std::make_shared<const FaceTraits>(std::move(traits)), 1);
}

std::string FitCache::keyOf(const std::string& content, const FaceChoice& choice, const std::string& words,
                            const std::string& features, double tracking_em)
{
    return content + '\n' + std::to_string(choice.face) + '\n' + choice.instance + '\n' + features + '\n' +
           std::to_string(tracking_em) + '\n' + words;
}

} // namespace ink
