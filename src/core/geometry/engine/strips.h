// A union taken apart into strips across its length, and put together again. Internal to the weld and its
// family.
//
// Most of a word is nobody's business: between two joins a letter meets no other, and its chords can pass as
// they are. Only the strips in which the boxes of two shapes meet go through the clipping library. A long
// line becomes many small unions instead of one large one, which keeps the time linear and lets a cancelled
// weld stop between two of them.
#pragma once

#include "core/base/cancel.h"
#include "core/geometry/engine/chords.h"
#include "core/geometry/engine/clip.h"

#include <cstdint>
#include <optional>
#include <span>
#include <vector>

namespace ink::detail {

/// A ring of chords at its place, in a frame whose y runs along the length of all of them.
struct FramedRing
{
    GridRing points;
    /// The number of its first chord among the chords of all rings.
    int first_edge = 0;
    /// x and y are exchanged, and the points run backwards, so that what was counter-clockwise still is.
    bool is_turned = false;
    bool is_clip = false;
    std::int64_t y0 = 0, y1 = 0;

    /// The chord that leaves point k.
    int edgeFrom(std::size_t k) const;
};

/// A point of a result, and the chord that leaves it where that is known; -1 where it is not.
struct TracedPoint
{
    GridPoint at;
    int edge = -1;
};
using TracedRing = std::vector<TracedPoint>;

class StripUnion
{
public:
    /// `boxes` are those of the shapes, in the frame. Where the shapes are clean (PlacedChords::is_clean) and
    /// the operation is a union, strips without two shapes pass as they are.
    StripUnion(std::span<const FramedRing> rings, std::span<const GridBox> boxes, bool may_pass);

    /// Errors: WeldFailed, TooComplex (more than a million crossings in one strip), Cancelled.
    Result<std::vector<TracedRing>> run(BooleanOp op, FillRule rule, const CancelToken& cancel);

    /// Chords that went through the clipping library, and may have been cut by it.
    const std::vector<int>& clippedEdges() const { return m_clipped_edges; }
    /// Somewhere in the result a point is passed twice.
    bool hasTouching() const { return m_has_touching; }

private:
    struct Interval
    {
        std::int64_t y0, y1;
    };
    /// Consecutive points of one ring within one strip; `from` and `to` lie on its cuts.
    struct Chain
    {
        std::size_t ring = 0, strip = 0;
        std::size_t first = 0, count = 0;
        std::optional<GridPoint> from, to; // none for a ring that crosses no cut
    };
    /// A chain of the result, to be linked at its ends.
    struct Link
    {
        GridPoint from, to;
        TracedRing inner;
    };

    std::vector<Interval> busyIntervals() const;
    void plan();
    void cutWithin(const Interval& busy);
    void cut(std::int64_t y, bool is_clipped_below);
    std::optional<std::int64_t> cleanCut(std::int64_t lowest, std::int64_t highest, bool from_below,
                                         bool is_strict) const;
    bool isClean(std::int64_t y, bool is_strict) const;
    std::size_t stripOf(std::int64_t y) const;
    void forget();

    std::vector<Chain> chains() const;
    void addChains(std::size_t ring, std::vector<Chain>& out) const;
    Result<void> clipStrip(std::size_t strip, std::span<const Chain> chains, BooleanOp op, FillRule rule);
    void pass(const Chain& chain);
    void takeClipped(std::size_t strip, const GridRing& ring);
    bool link();
    Result<bool> tryRun(BooleanOp op, FillRule rule, const CancelToken& cancel);

    std::span<const FramedRing> m_rings;
    std::span<const GridBox> m_boxes;
    bool m_may_pass;
    GridBox m_whole;
    std::size_t m_chord_count = 0;
    /// m_is_clipped[i] is of the strip below m_cuts[i]; the last one is above all cuts.
    std::vector<std::int64_t> m_cuts;
    std::vector<bool> m_is_clipped;

    std::vector<int> m_clipped_edges;
    std::vector<Link> m_links;
    std::vector<TracedRing> m_result;
    bool m_has_touching = false;
};

} // namespace ink::detail
