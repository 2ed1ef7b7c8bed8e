#include "ui/needle/cloth_tiles.h"

#include "core/stitch/thread_raster.h"

#include <QElapsedTimer>
#include <QPainter>

#include <algorithm>
#include <cmath>

namespace ink::ui {
namespace {

/// Of a tile, in pixels; and the steps that are looked for together.
constexpr int kTile_px = 128;
constexpr std::size_t kBlock = 64;
/// Tiles further off than this many from what is seen are let go where there are many.
constexpr int kFar = 6;
constexpr std::size_t kMostTiles = 1200;

} // namespace

QColor withSheen(const QColor& thread, double sheen)
{
    const auto part = [&](int v) { return std::clamp(int(std::lround(v * sheen)), 0, 255); };
    return {part(thread.red()), part(thread.green()), part(thread.blue())};
}

void ClothTiles::clear()
{
    m_work = {};
    m_blocks.clear();
    m_tiles.clear();
    m_before.clear();
    m_scale = m_scale_before = 0.0;
}

void ClothTiles::setWork(std::span<const NeedleStep> work, std::vector<QColor> threads)
{
    clear();
    m_work = work;
    m_threads = std::move(threads);
    std::size_t layer = 0;
    for (std::size_t first = 0; first < work.size(); first += kBlock) {
        const std::size_t from = first > 0 ? first - 1 : 0, end = std::min(work.size(), first + kBlock);
        Block block{work[from].at.x, work[from].at.y, work[from].at.x, work[from].at.y, layer};
        for (std::size_t i = from; i < end; ++i) {
            block.x0 = std::min(block.x0, work[i].at.x);
            block.x1 = std::max(block.x1, work[i].at.x);
            block.y0 = std::min(block.y0, work[i].at.y);
            block.y1 = std::max(block.y1, work[i].at.y);
        }
        for (std::size_t i = first; i < end; ++i)
            layer += work[i].kind == NeedleStep::Kind::Stop;
        m_blocks.push_back(block);
    }
}

ClothTiles::Range ClothTiles::placesIn(const QRectF& area, const QPointF& origin)
{
    const auto place = [](double px) { return int(std::floor(px / kTile_px)); };
    return {place(area.left() - origin.x()), place(area.right() - origin.x()), place(area.top() - origin.y()),
            place(area.bottom() - origin.y())};
}

/// Threads between two steps that may lie in the area, onto a painter whose units are mm, y up.
void ClothTiles::sew(QPainter& painter, const QRectF& area_mm, std::size_t from, std::size_t to) const
{
    const auto threadOf = [this](std::size_t layer) {
        return m_threads.empty() ? QColor(Qt::black) : m_threads[std::min(layer, m_threads.size() - 1)];
    };
    QPen pen(Qt::black, kThread_mm, Qt::SolidLine, Qt::RoundCap);
    for (std::size_t b = from / kBlock; b < m_blocks.size() && b * kBlock < to; ++b) {
        const Block& block = m_blocks[b];
        if (block.x1 < area_mm.left() || block.x0 > area_mm.right() || block.y1 < area_mm.top() ||
            block.y0 > area_mm.bottom())
            continue;
        std::size_t layer = block.layer;
        QColor thread = threadOf(layer);
        for (std::size_t i = b * kBlock; i < std::min({to, m_work.size(), (b + 1) * kBlock}); ++i) {
            if (m_work[i].kind == NeedleStep::Kind::Stop)
                thread = threadOf(++layer);
            if (i < std::max<std::size_t>(1, from) || m_work[i].kind != NeedleStep::Kind::Stitch ||
                m_work[i - 1].kind != NeedleStep::Kind::Stitch)
                continue;
            const Point a = m_work[i - 1].at, z = m_work[i].at;
            pen.setColor(withSheen(thread, sheenOf(z - a)));
            painter.setPen(pen);
            painter.drawLine(QPointF(a.x, a.y), QPointF(z.x, z.y));
        }
    }
}

void ClothTiles::bringUp(Tile& tile, Place place, const Seen& seen) const
{
    const int side = int(std::ceil(kTile_px * seen.device_ratio));
    if (tile.image.isNull() || tile.steps > seen.steps) {
        tile.image = QImage(side, side, QImage::Format_ARGB32_Premultiplied);
        tile.image.setDevicePixelRatio(seen.device_ratio);
        tile.image.fill(Qt::transparent);
        tile.steps = 0;
    }
    if (tile.steps == seen.steps)
        return;
    QPainter painter(&tile.image);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.translate(-place.first * double(kTile_px), -place.second * double(kTile_px));
    painter.scale(seen.pixels_per_mm, -seen.pixels_per_mm);
    const double tile_mm = kTile_px / seen.pixels_per_mm;
    const QRectF area_mm(place.first * tile_mm, -(place.second + 1) * tile_mm, tile_mm, tile_mm);
    sew(painter, area_mm.adjusted(-kThread_mm, -kThread_mm, kThread_mm, kThread_mm), tile.steps, seen.steps);
    tile.steps = seen.steps;
}

/// At another scale, until they are made at this one.
void ClothTiles::paintBefore(QPainter& painter, const Seen& seen) const
{
    if (m_scale_before <= 0.0)
        return;
    const double factor = seen.pixels_per_mm / m_scale_before, side = kTile_px * factor;
    for (const auto& [place, tile] : m_before) {
        const QRectF where(seen.origin + QPointF(place.first, place.second) * side, QSizeF(side, side));
        if (where.intersects(seen.area))
            painter.drawImage(where, tile.image);
    }
}

void ClothTiles::forgetFar(const Range& seen)
{
    if (m_tiles.size() < kMostTiles)
        return;
    std::erase_if(m_tiles, [&](const auto& entry) {
        const auto& [x, y] = entry.first;
        return x < seen.left - kFar || x > seen.right + kFar || y < seen.top - kFar || y > seen.bottom + kFar;
    });
}

bool ClothTiles::paint(QPainter& painter, const Seen& seen, int budget_ms)
{
    if (seen.pixels_per_mm != m_scale || seen.device_ratio != m_ratio) {
        // What was half made at a scale in between is less than what was whole before it.
        if (m_tiles.size() >= m_before.size() || budget_ms < 0) {
            m_before = std::move(m_tiles);
            m_scale_before = m_scale;
        }
        m_tiles.clear();
        m_scale = seen.pixels_per_mm;
        m_ratio = seen.device_ratio;
    }
    const Range range = placesIn(seen.area, seen.origin);
    QElapsedTimer clock;
    clock.start();
    bool is_whole = true;
    for (int y = range.top; y <= range.bottom && is_whole; ++y)
        for (int x = range.left; x <= range.right; ++x) {
            if (budget_ms >= 0 && clock.elapsed() >= budget_ms) {
                const auto known = m_tiles.find({x, y});
                if (known == m_tiles.end() || known->second.steps != seen.steps) {
                    is_whole = false;
                    break;
                }
                continue;
            }
            bringUp(m_tiles[{x, y}], {x, y}, seen);
        }
    if (!is_whole)
        paintBefore(painter, seen);
    for (int y = range.top; y <= range.bottom; ++y)
        for (int x = range.left; x <= range.right; ++x)
            if (const auto tile = m_tiles.find({x, y}); tile != m_tiles.end())
                painter.drawImage(seen.origin + QPointF(x, y) * kTile_px, tile->second.image);
    if (is_whole)
        m_before.clear();
    forgetFar(range);
    return is_whole;
}

} // namespace ink::ui
