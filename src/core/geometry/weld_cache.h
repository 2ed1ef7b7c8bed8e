// What was made of glyphs and of groups of glyphs, kept from one weld to the next.
#pragma once

#include "core/base/recent.h"
#include "core/geometry/engine/curve_engine.h"
#include "core/geometry/weld.h"

#include <memory>
#include <mutex>
#include <vector>

namespace ink {

namespace detail {

/// A piece of one glyph: its outer ring, then its middles, and their chords.
struct InkPiece
{
    Paths rings;
    ChordShape chords;
    Box box;
};

/// What the first stage makes of a glyph.
struct InkShape
{
    std::uint64_t serial = 0;
    std::vector<InkPiece> pieces;
    EngineStats stats;
};

/// A welded group, at the place of its first piece.
struct InkGroup
{
    Outline outline;
    EngineStats stats;
};

struct GlyphKey
{
    double step = 1.0;
    std::shared_ptr<const Paths> paths;
    std::size_t hash = 0;

    GlyphKey(double grid_step, std::shared_ptr<const Paths> paths);
    bool operator==(const GlyphKey& other) const;
};

/// For each piece: the glyph's serial, the piece's number, and its place relative to the first.
using GroupKey = std::vector<std::int64_t>;

struct KeyHash
{
    std::size_t operator()(const GlyphKey& key) const { return key.hash; }
    std::size_t operator()(const GroupKey& key) const;
};

} // namespace detail

/// Safe to use from several threads.
class WeldCache
{
public:
    /// Chords of the glyphs, and nodes of the groups, that are kept; a chord takes some 60 bytes, a node
    /// some 80.
    explicit WeldCache(std::size_t max_chords = 1'000'000, std::size_t max_nodes = 500'000)
        : m_glyphs(max_chords), m_groups(max_nodes)
    {
    }

    std::shared_ptr<const detail::InkShape> findGlyph(const detail::GlyphKey& key);
    /// Gives the shape its serial and hands back the one that is kept (another thread may have been faster).
    std::shared_ptr<const detail::InkShape> keepGlyph(const detail::GlyphKey& key, detail::InkShape shape);
    std::shared_ptr<const detail::InkGroup> findGroup(const detail::GroupKey& key);
    void keepGroup(const detail::GroupKey& key, std::shared_ptr<const detail::InkGroup> group);

private:
    std::mutex m_mutex;
    std::uint64_t m_serial = 0;
    Recent<detail::GlyphKey, std::shared_ptr<const detail::InkShape>, detail::KeyHash> m_glyphs;
    Recent<detail::GroupKey, std::shared_ptr<const detail::InkGroup>, detail::KeyHash> m_groups;
};

} // namespace ink
