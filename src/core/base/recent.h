// A map that keeps what was used most recently and forgets the rest.
#pragma once

#include <cstddef>
#include <list>
#include <optional>
#include <unordered_map>
#include <utility>

namespace ink {

/// Each value has a cost; the sum stays below the capacity. Not safe to share between threads by itself.
template <class Key, class Value, class Hash>
class Recent
{
public:
    explicit Recent(std::size_t capacity) : m_capacity(capacity) {}

    /// The value, which counts as used now.
    std::optional<Value> find(const Key& key)
    {
        const auto it = m_places.find(key);
        if (it == m_places.end())
            return {};
        m_items.splice(m_items.begin(), m_items, it->second);
        return m_items.front().value;
    }
    void insert(Key key, Value value, std::size_t cost)
    {
        if (cost > m_capacity || m_places.contains(key))
            return;
        m_items.push_front({std::move(key), std::move(value), cost});
        m_places.emplace(m_items.front().key, m_items.begin());
        m_cost += cost;
        while (m_cost > m_capacity) {
            m_cost -= m_items.back().cost;
            m_places.erase(m_items.back().key);
            m_items.pop_back();
        }
    }
    std::size_t size() const { return m_items.size(); }

private:
    struct Item
    {
        Key key;
        Value value;
        std::size_t cost;
    };
    std::size_t m_capacity;
    std::size_t m_cost = 0;
    std::list<Item> m_items; // most recently used first
    std::unordered_map<Key, typename std::list<Item>::iterator, Hash> m_places;
};

} // namespace ink
