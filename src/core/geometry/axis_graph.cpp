#include "core/geometry/axis_graph.h"

#include "core/geometry/axis/axis_reader.h"

#include <algorithm>
#include <unordered_map>

namespace ink {
namespace {

using detail::RawStep;
using detail::StepsAt;

Segment scaled(Segment arc, double step)
{
    for (std::size_t i = 0; i <= arc.degree(); ++i)
        arc.p[i] = arc.p[i] * step;
    return arc;
}

/// Follows raw steps from fork to fork.
class GraphBuilder
{
public:
    GraphBuilder(const std::vector<RawStep>& steps, std::size_t vertices, double step)
        : m_steps(steps), m_at(steps, vertices), m_step(step), m_is_used(steps.size(), false)
    {
    }

    AxisGraph build()
    {
        for (std::uint32_t i = 0; i < m_steps.size(); ++i)
            for (std::size_t side = 0; side < 2; ++side)
                if (!m_is_used[i] && isNode(m_steps[i].ends[side], i))
                    addEdge(i, side);
        for (std::uint32_t i = 0; i < m_steps.size(); ++i) // rings without a fork begin anywhere
            if (!m_is_used[i])
                addEdge(i, 0);
        return std::move(m_graph);
    }

private:
    bool isAlike(std::uint32_t a, std::uint32_t b) const
    {
        return m_steps[a].is_ink == m_steps[b].is_ink && m_steps[a].is_tip == m_steps[b].is_tip;
    }
    /// The step goes on at this vertex in exactly one other way that is like it.
    bool isNode(std::uint32_t vertex, std::uint32_t step) const
    {
        const auto here = m_at.of(vertex);
        return here.size() != 2 || !isAlike(here[0], here[1]) ||
               m_steps[step].ends[0] == m_steps[step].ends[1];
    }

    std::size_t nodeAt(std::uint32_t vertex, Point place)
    {
        const auto [it, is_new] = m_nodes.emplace(vertex, m_graph.nodes.size());
        if (is_new)
            m_graph.nodes.push_back(place * m_step);
        return it->second;
    }

    AxisStep made(const RawStep& raw, bool is_turned) const
    {
        AxisStep out;
        const auto& place = raw.narrowest;
        out.arc = scaled(is_turned ? raw.arc.reversed() : raw.arc, m_step);
        out.width = {2 * raw.radius[is_turned ? 1 : 0] * m_step, 2 * raw.radius[is_turned ? 0 : 1] * m_step};
        out.narrowest = {2 * place.radius * m_step, place.centre * m_step, place.a * m_step,
                         place.b * m_step};
        out.touches = raw.touches;
        out.has_neck = raw.has_neck;
        out.is_stroke = !raw.is_bridge;
        return out;
    }

    void addEdge(std::uint32_t first, std::size_t side)
    {
        AxisEdge edge;
        edge.is_ink = m_steps[first].is_ink;
        edge.is_tip = m_steps[first].is_tip;
        std::uint32_t at = first;
        edge.from =
            nodeAt(m_steps[at].ends[side], side == 0 ? m_steps[at].arc.start() : m_steps[at].arc.end());
        for (;;) {
            m_is_used[at] = true;
            const RawStep& raw = m_steps[at];
            edge.steps.push_back(made(raw, side == 1));
            const std::uint32_t vertex = raw.ends[1 - side];
            const auto here = m_at.of(vertex);
            if (isNode(vertex, at) || m_is_used[here[0] == at ? here[1] : here[0]]) {
                edge.to = nodeAt(vertex, side == 0 ? raw.arc.end() : raw.arc.start());
                break;
            }
            at = here[0] == at ? here[1] : here[0];
            side = m_steps[at].ends[0] == vertex ? 0 : 1;
        }
        m_graph.edges.push_back(std::move(edge));
    }

    const std::vector<RawStep>& m_steps;
    StepsAt m_at;
    double m_step;
    std::vector<bool> m_is_used;
    std::unordered_map<std::uint32_t, std::size_t> m_nodes;
    AxisGraph m_graph;
};

} // namespace

OpenPath AxisEdge::path() const
{
    OpenPath path;
    for (const auto& step : steps)
        path.segments.push_back(step.arc);
    return path;
}

double AxisEdge::length() const
{
    return path().arcLength();
}

Result<AxisGraph> axisGraph(const Outline& outline, Unit unit, const CancelToken& cancel, AxisParts parts)
{
    if (bounds(outline).isEmpty())
        return AxisGraph{};
    const auto sites = detail::sitesOf(outline, unit, cancel);
    if (!sites)
        return fail(sites.error());
    if (cancel.isCancelled())
        return fail(ErrorCode::Cancelled);
    detail::Diagram diagram;
    if (!detail::construct(*sites, diagram, cancel))
        return fail(ErrorCode::Cancelled);
    detail::AxisReader reader(*sites, diagram);
    const auto steps = reader.read();
    AxisGraph graph = GraphBuilder(steps, diagram.vertices().size(), sites->step).build();
    if (parts == AxisParts::EdgesAndPassages)
        for (const auto& raw : reader.passages())
            graph.passages.push_back({scaled(raw.arc, sites->step),
                                      {2 * raw.radius[0] * sites->step, 2 * raw.radius[1] * sites->step},
                                      raw.is_ink});
    return graph;
}

} // namespace ink
