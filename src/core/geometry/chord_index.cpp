#include "core/geometry/chord_index.h"

#include <boost/geometry/geometries/box.hpp>
#include <boost/geometry/geometries/point.hpp>
#include <boost/geometry/index/rtree.hpp>
#include <boost/geometry/strategies/strategies.hpp> // the rtree of Boost 1.83 wants those of boxes, and does not say so

#include <boost/iterator/function_output_iterator.hpp>

namespace ink {
namespace {

namespace bg = boost::geometry;
using TreePoint = bg::model::point<double, 2, bg::cs::cartesian>;
using TreeBox = bg::model::box<TreePoint>;
using Entry = std::pair<TreeBox, std::uint32_t>;

TreeBox toTree(const Box& box)
{
    return {{box.x0, box.y0}, {box.x1, box.y1}};
}

} // namespace

struct ChordIndex::Tree
{
    bg::index::rtree<Entry, bg::index::quadratic<16>> entries;
};

ChordIndex::ChordIndex(std::span<const Chord> chords) : m_tree(std::make_unique<Tree>())
{
    std::vector<Entry> entries;
    entries.reserve(chords.size());
    for (std::size_t i = 0; i < chords.size(); ++i) {
        Box box;
        box.add(chords[i].a);
        box.add(chords[i].b);
        entries.emplace_back(toTree(box), static_cast<std::uint32_t>(i));
    }
    m_tree->entries = decltype(m_tree->entries)(entries); // packed, because all are known
}

ChordIndex::~ChordIndex() = default;
ChordIndex::ChordIndex(ChordIndex&&) noexcept = default;
ChordIndex& ChordIndex::operator=(ChordIndex&&) noexcept = default;

void ChordIndex::near(const Box& box, std::vector<std::uint32_t>& out) const
{
    out.clear();
    m_tree->entries.query(
        bg::index::intersects(toTree(box)),
        boost::make_function_output_iterator([&out](const Entry& e) { out.push_back(e.second); }));
}

} // namespace ink
