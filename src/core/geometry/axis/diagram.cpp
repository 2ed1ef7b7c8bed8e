#include "core/geometry/axis/diagram.h"

#include "core/geometry/axis/long_fpt.h"
#include "core/geometry/axis/wide_int.h"

#include <algorithm>
#include <utility>

namespace ink::detail {
namespace {

namespace bp = boost::polygon;

/// The library's exact numbers hold 64 bits for each bit of a coordinate; for words of usual length fewer
/// will do, with quicker ones of our own. Roots are taken of long doubles, whose exponent holds all of them.
constexpr std::int32_t kSmall_grid = 1 << 19;
struct SmallNumbers : bp::detail::voronoi_ctype_traits<std::int32_t>
{
    using fpt_type = long double;
    using big_int_type = WideInt;
    using efpt_type = long double;
    struct ToLongDouble
    {
        long double operator()(const auto& number) const { return static_cast<long double>(number); }
    };
    using to_fpt_converter_type = ToLongDouble;
    using to_efpt_converter_type = ToLongDouble;
    /// Events are told apart as far as doubles are.
    struct ulp_cmp_type : bp::detail::ulp_comparison<double>
    {
        Result operator()(long double a, long double b, unsigned most) const
        {
            return ulp_comparison::operator()(static_cast<double>(a), static_cast<double>(b), most);
        }
    };
};

/// The only way out of the library's loop; it is caught where the loop was entered.
struct CancelledInLoop
{
};

/// What the library hands the edges of the diagram to.
class AskedDiagram
{
public:
    AskedDiagram(Diagram& diagram, const CancelToken& cancel) : m_diagram(diagram), m_cancel(cancel) {}

    void _reserve(std::size_t sites) { m_diagram._reserve(sites); }
    void _process_single_site(const auto& site) { m_diagram._process_single_site(site); }
    template <typename... Parts>
    std::pair<void*, void*> _insert_new_edge(const Parts&... parts)
    {
        if (m_cancel.isCancelled())
            throw CancelledInLoop();
        return m_diagram._insert_new_edge(parts...);
    }
    void _build() { m_diagram._build(); }

private:
    Diagram& m_diagram;
    const CancelToken& m_cancel;
};

} // namespace

bool construct(const Sites& sites, Diagram& diagram, const CancelToken& cancel)
try {
    const auto insertAll = [&](auto& builder) {
        for (const auto& site : sites.segments)
            boost::polygon::insert(site, &builder);
        AskedDiagram asked(diagram, cancel);
        builder.construct(&asked);
    };
    const auto isSmall = [](const Site& s) {
        return std::max({std::abs(s.low().x()), std::abs(s.low().y()), std::abs(s.high().x()),
                         std::abs(s.high().y())}) < kSmall_grid;
    };
    if (std::ranges::all_of(sites.segments, isSmall)) {
        bp::voronoi_builder<std::int32_t, SmallNumbers> builder;
        insertAll(builder);
    } else {
        bp::voronoi_builder<std::int32_t> builder;
        insertAll(builder);
    }
    return true;
} catch (const CancelledInLoop&) {
    return false;
}

} // namespace ink::detail
