// From labelled rings of chords back to rings of the original curves. Internal to the weld and its family.
#pragma once

#include "core/geometry/engine/chords.h"

#include <optional>
#include <span>
#include <vector>

namespace ink::detail {

struct RebuildStats
{
    /// Where the outline changes from one curve to another away from their ends.
    std::vector<Point> crossings;
    /// Crossings between curves that are tangent there: they lie halfway between the two curves.
    std::size_t unrefined = 0;
    /// Where curves had to be bent to meet, and how far, in the units of the coordinates.
    std::vector<std::pair<Point, double>> bends;
    /// Stretches that lay on the neighbour's curve and were given to it.
    std::size_t absorbed = 0;
    /// Stretches that went there and back again.
    std::size_t spikes = 0;
};

struct RebuiltRing
{
    Contour contour;
    /// For each segment the clean shape it is a whole curve of; -1 where it was cut, bent or joined.
    std::vector<int> untouched;
};

class CurveRebuilder
{
public:
    /// The shapes have to be the ones the rings were combined from.
    CurveRebuilder(std::span<const PlacedChords> shapes, const Grid& grid) : m_shapes(shapes), m_grid(grid) {}

    /// The ring of curves behind a ring of chords; empty when nothing is left of it.
    RebuiltRing rebuild(const ChordRing& ring, RebuildStats& stats) const;

private:
    /// A stretch of one curve, walked from t0 to t1 (backwards when t0 > t1); curve -1 is a plain line.
    struct Run
    {
        int shape = 0;
        int curve = -1;
        double t0 = 0.0, t1 = 1.0;
        Point start, end;

        bool isForward() const { return t1 >= t0; }
    };
    /// Runs that follow each other along one contour, node by node as the font has them.
    using Span = std::vector<Run>;
    /// A place on a contour.
    struct Place
    {
        int shape = 0;
        int curve = -1;
        double t = 0.0;
    };

    static void turnRound(Span& span);
    Segment curve(int shape, int index) const;
    Segment curve(const Place& place) const { return curve(place.shape, place.curve); }
    int neighbour(int shape, int index, bool forward) const;
    bool continues(const Run& before, const Run& after) const;
    Point pointOf(const Run& run, double t) const;

    std::vector<Run> runsOf(const ChordRing& ring) const;
    void dropShortRuns(std::vector<Run>& runs) const;
    void dropSpikes(std::vector<Run>& runs, RebuildStats& stats) const;
    bool dropOneSpike(std::vector<Run>& runs, std::size_t out, std::size_t back) const;
    std::vector<Span> spansOf(std::vector<Run> runs) const;
    void absorb(std::vector<Span>& spans, RebuildStats& stats) const;
    bool giveToTheOneBefore(Span& before, const Span& lost) const;
    void joinToNext(std::vector<Span>& spans, std::size_t at) const;
    std::optional<std::pair<Place, Place>> crossing(Place a, Place b, Point vertex) const;
    std::optional<std::pair<Place, Place>> shallowCrossing(Place a, Place b) const;
    bool moveEnd(Span& span, const Place& to) const;
    bool moveEnds(Span& before, Span& after, const std::pair<Place, Place>& to) const;
    Point join(Span& before, Span& after, RebuildStats& stats) const;
    RebuiltRing assemble(const std::vector<Span>& spans, const std::vector<Point>& joints) const;

    std::span<const PlacedChords> m_shapes;
    Grid m_grid;
};

} // namespace ink::detail
