// Threads as pictures in tiles: what was painted once is moved, not painted again.
#pragma once

#include "core/stitch/stitch_plan.h"

#include <QColor>
#include <QImage>

#include <map>
#include <span>
#include <utility>
#include <vector>

class QPainter;

namespace ink::ui {

/// Steps of a machine at a scale, y down on the screen. Not safe to use from several threads.
class ClothTiles
{
public:
    /// Forgets what was painted. `work` stays where it is.
    void setWork(std::span<const NeedleStep> work, std::vector<QColor> threads);
    void clear();

    struct Seen
    {
        double pixels_per_mm = 1.0, device_ratio = 1.0;
        /// Where (0, 0) lies, and what is seen, in pixels.
        QPointF origin;
        QRectF area;
        /// As many steps as are sewn.
        std::size_t steps = 0;
    };
    /// Paints what is seen. With a budget it stops making tiles after that many ms and returns false: what is missing shows as it was
    /// at the scale before, and is made the next time.
    bool paint(QPainter& painter, const Seen& seen, int budget_ms = -1);

    /// Tiles that are kept.
    std::size_t count() const { return m_tiles.size(); }

private:
    struct Tile
    {
        QImage image;
        /// Steps that are painted in it.
        std::size_t steps = 0;
    };
    using Place = std::pair<int, int>;
    using Tiles = std::map<Place, Tile>;
    struct Range
    {
        int left, right, top, bottom;
    };

    static Range placesIn(const QRectF& area, const QPointF& origin);
    void bringUp(Tile& tile, Place place, const Seen& seen) const;
    void sew(QPainter& painter, const QRectF& area_mm, std::size_t from, std::size_t to) const;
    void paintBefore(QPainter& painter, const Seen& seen) const;
    void forgetFar(const Range& seen);

    std::span<const NeedleStep> m_work;
    std::vector<QColor> m_threads;
    /// Of every kBlock steps: what they cover in mm, y up, and which thread they begin with.
    struct Block
    {
        double x0, y0, x1, y1;
        std::size_t layer;
    };
    std::vector<Block> m_blocks;
    Tiles m_tiles, m_before;
    double m_scale = 0.0, m_ratio = 1.0, m_scale_before = 0.0;
};

/// Lighter and darker by the direction it lies in.
QColor withSheen(const QColor& thread, double sheen);

} // namespace ink::ui
