// Reads the steps of the medial axis off a Voronoi diagram. Internal to the medial axis.
#pragma once

#include "core/geometry/axis/diagram.h"

#include <array>
#include <cstdint>
#include <optional>
#include <span>
#include <vector>

namespace ink::detail {

/// Lengths and places in grid steps.
struct RawStep
{
    struct Place
    {
        double radius = 0.0;
        double separation = 0.0; // radians
        Point centre, a, b;
    };
    /// Vertices of the diagram, by number.
    std::array<std::uint32_t, 2> ends{};
    std::array<double, 2> radius{};
    Place narrowest;
    Segment arc;
    std::array<AxisTouch, 2> touches;
    double length = 0.0;
    bool is_ink = false;
    bool is_tip = false;
    bool has_neck = false;
    /// Sides not quite opposite: no stroke, but a tip goes on through it.
    bool is_bridge = false;
};

/// The steps that end at each vertex.
class StepsAt
{
public:
    StepsAt(const std::vector<RawStep>& steps, std::size_t vertices);
    std::span<const std::uint32_t> of(std::uint32_t vertex) const
    {
        return std::span(m_steps).subspan(m_first[vertex], m_first[vertex + 1] - m_first[vertex]);
    }

private:
    std::vector<std::uint32_t> m_first, m_steps;
};

class AxisReader
{
public:
    AxisReader(const Sites& sites, const Diagram& diagram) : m_sites(sites), m_diagram(diagram) {}

    std::vector<RawStep> read();
    /// After read(): what it left out and what still leads on, from one step to another or between two rings.
    std::vector<RawStep> passages() const;

private:
    using Cell = Diagram::cell_type;
    using Place = RawStep::Place;

    /// An edge of the whole diagram inside the frame, kept or not, by its ends.
    struct Link
    {
        std::array<std::uint32_t, 2> ends;
        const Diagram::edge_type* edge;
        std::array<double, 2> radius;
        bool is_kept;
        bool has_step = false;
    };
    struct Walk;

    std::uint32_t numberOf(const Diagram::vertex_type* v) const
    {
        return static_cast<std::uint32_t>(v - m_diagram.vertices().data());
    }
    Point placeOf(std::uint32_t vertex) const
    {
        const auto& v = m_diagram.vertices()[vertex];
        return {v.x(), v.y()};
    }
    bool isFramed(const Cell& cell) const { return cell.source_index() >= m_sites.chord_count; }
    Point pointOf(const Cell& cell) const;
    Point nearestOn(const Cell& cell, Point from) const;
    AxisTouch touchOf(const Cell& cell, Point at) const;
    bool isInk(const Cell& cell, Point p) const;
    Place placeAt(Point centre, const Cell& one, const Cell& other) const;
    std::optional<Point> neckOf(const Cell& one, const Cell& other, Point v0, Point v1) const;
    Segment arcOf(const Cell& one, const Cell& other, Point v0, Point v1) const;
    void collect();
    void addStep(const Diagram::edge_type& edge);
    void addRoundRooms();
    void markTips();
    std::vector<bool> deadEnds() const;
    std::vector<std::size_t> ringsOfChords() const;
    void followTip(std::size_t first, std::size_t from, const StepsAt& at);

    const Sites& m_sites;
    const Diagram& m_diagram;
    std::vector<RawStep> m_steps;
    std::vector<Link> m_links;
};

} // namespace ink::detail
