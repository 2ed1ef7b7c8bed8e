#include "core/design/drawings.h"

#include "core/design/close_up.h"
#include "core/design/try_on.h"

namespace ink {

namespace detail {

/// What one glyph looks like at one size and turn.
struct DrawnKey
{
    const void* source = nullptr;
    std::uint32_t glyph_id = 0;
    double a = 1.0, b = 0.0, c = 0.0, d = 1.0;

    friend bool operator==(const DrawnKey&, const DrawnKey&) = default;
};

struct DrawnKeyHash
{
    std::size_t operator()(const DrawnKey& key) const
    {
        std::size_t hash = std::hash<const void*>()(key.source) ^ key.glyph_id * 0x9E3779B97F4A7C15ull;
        for (const double part : {key.a, key.b, key.c, key.d})
            hash = (hash ^ std::hash<double>()(part)) * 0x100000001B3ull;
        return hash;
    }
};

using DrawnRecent = Recent<DrawnKey, std::shared_ptr<Drawn>, DrawnKeyHash>;

/// What a run of letters was shaped from.
struct ShapedKey
{
    const void* source = nullptr;
    std::string text, features;
    double tracking_em = 0.0;
    std::vector<WornGlyph> worn;

    friend bool operator==(const ShapedKey&, const ShapedKey&) = default;
};

struct ShapedKeyHash
{
    std::size_t operator()(const ShapedKey& key) const
    {
        std::size_t hash = std::hash<std::string>()(key.text) ^ std::hash<const void*>()(key.source) * 31;
        for (const auto& worn : key.worn)
            hash = (hash ^ worn.glyph_id ^ worn.byte * 131) * 0x100000001B3ull;
        return hash;
    }
};

struct ShapedRun
{
    std::shared_ptr<const void> keeps_source;
    std::shared_ptr<const ShapedLine> line;
};

/// Two drawings side by side, the right one higher by dy.
struct GapKey
{
    const void *left = nullptr, *right = nullptr;
    double dy = 0.0;

    friend bool operator==(const GapKey&, const GapKey&) = default;
};

struct GapKeyHash
{
    std::size_t operator()(const GapKey& key) const
    {
        return std::hash<const void*>()(key.left) * 31 + std::hash<const void*>()(key.right) * 7 +
               std::hash<double>()(key.dy);
    }
};

struct Gap
{
    /// Kept, so that no other drawing comes to lie at their address.
    std::shared_ptr<const Paths> left, right;
    std::optional<SideGap> gap;
};

} // namespace detail

using namespace detail;

struct SettingCache::State
{
    std::mutex mutex;
    DrawnRecent drawn{4000};
    Recent<GapKey, Gap, GapKeyHash> gaps{8000};
    Recent<ShapedKey, ShapedRun, ShapedKeyHash> shaped{500};
    Recent<const void*, std::pair<std::shared_ptr<const void>, std::vector<std::uint32_t>>,
           std::hash<const void*>>
        tails{200};
    Recent<const void*, std::pair<std::shared_ptr<const void>, std::shared_ptr<const FormTable>>,
           std::hash<const void*>>
        forms{20};
    StrokeWidths strokes;
};

SettingCache::SettingCache() : m_state(std::make_unique<State>()) {}
SettingCache::~SettingCache() = default;

namespace detail {
namespace {

/// Side profiles follow the curves within this, in u: 0.001 mm at an em of 50 mm.
constexpr double kProfileTolerance_u = 0.02;

/// An open font is the same source however often it is asked for.
const void* identity(const std::shared_ptr<const LetterSource>& source)
{
    const auto face = source->face();
    return face ? static_cast<const void*>(face.get()) : source.get();
}
std::shared_ptr<const void> anchor(const std::shared_ptr<const LetterSource>& source)
{
    const auto face = source->face();
    return face ? std::shared_ptr<const void>(face) : std::shared_ptr<const void>(source);
}

} // namespace

Drawings::Drawings(std::shared_ptr<SettingCache> cache)
    : m_cache(cache ? std::move(cache) : std::make_shared<SettingCache>())
{
}

template <class Make>
std::shared_ptr<Drawn> Drawings::drawn(const DrawnKey& key, std::shared_ptr<const void> keep, Make make)
{
    auto& state = m_cache->state();
    {
        const std::scoped_lock lock(state.mutex);
        if (const auto known = state.drawn.find(key))
            return *known;
    }
    // Drawn without the lock: other threads need not wait for it.
    const Affine by{key.a, key.b, key.c, key.d, 0, 0};
    auto fresh = std::make_shared<Drawn>();
    fresh->keeps_source = std::move(keep);
    fresh->paths = std::make_shared<const Paths>(transformed(make(), by));
    fresh->ink = bounds(*fresh->paths);
    const std::scoped_lock lock(state.mutex);
    if (const auto known = state.drawn.find(key)) // another thread was faster
        return *known;
    state.drawn.insert(key, fresh, 1);
    return fresh;
}

std::shared_ptr<Drawn> Drawings::glyph(const std::shared_ptr<const LetterSource>& source,
                                       std::uint32_t glyph_id, const Affine& by)
{
    return drawn({identity(source), glyph_id, by.a, by.b, by.c, by.d}, anchor(source),
                 [&] { return source->outline(glyph_id); });
}
std::shared_ptr<Drawn> Drawings::motif(const MotifDrawing& motif, const Affine& by)
{
    return drawn({motif.outline.get(), 0, by.a, by.b, by.c, by.d}, motif.outline,
                 [&] { return *motif.outline; });
}
Result<std::shared_ptr<const ShapedLine>> Drawings::shaped(const std::shared_ptr<const LetterSource>& source,
                                                           const std::string& text,
                                                           const ShapeOptions& options)
{
    const ShapedKey key{identity(source), text, options.features, options.tracking_em, options.worn};
    {
        const std::scoped_lock lock(m_cache->state().mutex);
        if (const auto known = m_cache->state().shaped.find(key))
            return known->line;
    }
    auto line = source->shape(text, options);
    if (!line)
        return fail(line.error());
    auto kept = std::make_shared<const ShapedLine>(std::move(*line));
    const std::scoped_lock lock(m_cache->state().mutex);
    m_cache->state().shaped.insert(key, {anchor(source), kept}, 1);
    return kept;
}
std::optional<SideGap> Drawings::gap(const SetLetter& left, const SetLetter& right)
{
    const auto &l = left.glyphs.front(), &r = right.glyphs.front();
    const Point apart = r.at - l.at;
    auto& state = m_cache->state();
    const GapKey key{l.paths.get(), r.paths.get(), apart.y};
    std::optional<Gap> known;
    {
        const std::scoped_lock lock(state.mutex);
        known = state.gaps.find(key);
    }
    if (!known) {
        known = Gap{l.paths, r.paths, sideGap(*profile(l.paths), *profile(r.paths), {0.0, apart.y})};
        const std::scoped_lock lock(state.mutex);
        state.gaps.insert(key, *known, 1);
    }
    if (!known->gap)
        return {};
    return SideGap{known->gap->distance + apart.x, known->gap->at + l.at};
}
std::vector<std::uint32_t> Drawings::tails(const std::shared_ptr<const LetterSource>& source)
{
    const void* key = identity(source);
    {
        const std::scoped_lock lock(m_cache->state().mutex);
        if (const auto known = m_cache->state().tails.find(key))
            return known->second;
    }
    auto glyphs = source->tails();
    const std::scoped_lock lock(m_cache->state().mutex);
    m_cache->state().tails.insert(key, {anchor(source), glyphs}, 1);
    return glyphs;
}

std::shared_ptr<const FormTable> Drawings::forms(const std::shared_ptr<const LetterSource>& source)
{
    if (!source->face())
        return nullptr;
    const void* key = identity(source);
    {
        const std::scoped_lock lock(m_cache->state().mutex);
        if (const auto known = m_cache->state().forms.find(key))
            return known->second;
    }
    auto table = std::make_shared<const FormTable>(*source->face());
    const std::scoped_lock lock(m_cache->state().mutex);
    m_cache->state().forms.insert(key, {anchor(source), table}, 1);
    return table;
}

std::shared_ptr<StrokeWidths> Drawings::strokes() const
{
    return {m_cache, &m_cache->state().strokes};
}

std::shared_ptr<const SideProfile> Drawings::profile(const std::shared_ptr<const Paths>& paths)
{
    auto& made = m_profiles[paths.get()];
    if (!made)
        made = std::make_shared<const SideProfile>(bodyOf(*paths), kProfileTolerance_u);
    return made;
}

} // namespace detail
} // namespace ink
