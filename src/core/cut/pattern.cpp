#include "core/cut/pattern.h"

#include <algorithm>
#include <cmath>
#include <functional>
#include <tuple>

namespace ink {
namespace {

/// Between two designs of one pattern.
constexpr double kApart_mm = 10.0;
constexpr double kTick_mm = 4.0, kFromCorner_mm = 20.0;
constexpr double kSquare_mm = 100.0, kSquare_in_mm = 4.0 * 25.4;
constexpr double kText_mm = 5.0, kSmallText_mm = 3.0, kSpeck_mm = 0.01;

std::size_t pagesAlong(double length_mm, double page_mm, double overlap_mm)
{
    if (length_mm <= page_mm + kSpeck_mm)
        return 1;
    return 1 + std::size_t(std::ceil((length_mm - page_mm - kSpeck_mm) / (page_mm - overlap_mm)));
}

/// "A" to "Z", "AA" and so on.
std::string lettersFor(std::size_t number)
{
    std::string out;
    for (++number; number > 0; number = (number - 1) / 26)
        out.insert(out.begin(), char('A' + (number - 1) % 26));
    return out;
}

Box around(Point centre, double width, double height)
{
    return {centre.x - width / 2, centre.y - height / 2, centre.x + width / 2, centre.y + height / 2};
}

bool meet(const Box& a, const Box& b)
{
    return a.x0 < b.x1 && b.x0 < a.x1 && a.y0 < b.y1 && b.y0 < a.y1;
}

/// A design with its blank, before it has a place.
struct Item
{
    const Outline* outline;
    Box ink, taken;
};

class Planner
{
public:
    Planner(std::vector<Item> items, const PatternSettings& settings) : m_items(std::move(items))
    {
        m_out.settings = settings;
        m_out.whole_mm = {0, 0, 0, 0};
    }

    Result<Pattern> plan()
    {
        const auto& paper = paperOf(m_out.settings.paper);
        const double short_mm = paper.width_mm - 2 * kUnprinted_mm,
                     long_mm = paper.height_mm - 2 * kUnprinted_mm;
        const auto fits = [&](double width, double height) {
            return std::ranges::all_of(m_items, [&](const Item& item) {
                return item.taken.width() <= width + kSpeck_mm && item.taken.height() <= height + kSpeck_mm;
            });
        };
        if (fits(short_mm, long_mm))
            return onPages(short_mm, long_mm);
        if (fits(long_mm, short_mm))
            return onPages(long_mm, short_mm);
        return joined(short_mm, long_mm);
    }

private:
    void setPaper(double width_mm, double height_mm)
    {
        m_out.page_width_mm = width_mm + 2 * kUnprinted_mm;
        m_out.page_height_mm = height_mm + 2 * kUnprinted_mm;
    }

    /// With its upper left corner there.
    void lay(const Item& item, double left, double top)
    {
        const Affine to{1, 0, 0, 1, left - item.taken.x0, top - item.taken.y1};
        m_out.designs.push_back(transformed(*item.outline, to));
        if (m_out.settings.blank)
            m_out.blanks.push_back({left, top - item.taken.height(), left + item.taken.width(), top});
        m_out.whole_mm.x1 = std::max(m_out.whole_mm.x1, left + item.taken.width());
        m_out.whole_mm.y0 = std::min(m_out.whole_mm.y0, top - item.taken.height());
    }

    /// In rows no wider than this; a row that would not end on the page it begins on begins on the next.
    void layRows(double width_mm, std::optional<double> page_height_mm)
    {
        double left = 0.0, top = 0.0, height = 0.0;
        for (const auto& item : m_items) {
            if (left > 0.0 && left + item.taken.width() > width_mm + kSpeck_mm) {
                top -= height + kApart_mm;
                left = height = 0.0;
            }
            if (page_height_mm) {
                const double page_top = -*page_height_mm * std::floor((kSpeck_mm - top) / *page_height_mm);
                if (top - item.taken.height() < page_top - *page_height_mm - kSpeck_mm) {
                    top = page_top - *page_height_mm;
                    left = height = 0.0;
                }
            }
            lay(item, left, top);
            left += item.taken.width() + kApart_mm;
            height = std::max(height, item.taken.height());
        }
    }

    Result<Pattern> onPages(double width_mm, double height_mm)
    {
        setPaper(width_mm, height_mm);
        layRows(width_mm, height_mm);
        m_out.columns = 1;
        m_out.rows = pagesAlong(-m_out.whole_mm.y0, height_mm, 0.0);
        return withPages(width_mm, height_mm, 0.0);
    }

    Result<Pattern> joined(double short_mm, double long_mm)
    {
        m_out.is_joined = true;
        double widest = long_mm;
        for (const auto& item : m_items)
            widest = std::max(widest, item.taken.width());
        layRows(widest, {});
        if (std::max(m_out.whole_mm.width(), m_out.whole_mm.height()) > kMostPattern_mm)
            return fail(ErrorCode::DistanceOutOfRange, {},
                        "a paper pattern is at most 3 m long; print fewer designs at a time");
        const double overlap = m_out.settings.overlap_mm;
        const auto count = [&](double width, double height) {
            return std::pair(pagesAlong(m_out.whole_mm.width(), width, overlap),
                             pagesAlong(m_out.whole_mm.height(), height, overlap));
        };
        const auto upright = count(short_mm, long_mm), across = count(long_mm, short_mm);
        const bool is_across = across.first * across.second < upright.first * upright.second;
        std::tie(m_out.columns, m_out.rows) = is_across ? across : upright;
        const double width = is_across ? long_mm : short_mm, height = is_across ? short_mm : long_mm;
        setPaper(width, height);
        return withPages(width, height, overlap);
    }

    Result<Pattern> withPages(double width_mm, double height_mm, double overlap_mm)
    {
        if (m_out.columns * m_out.rows > kMostPatternPages)
            return fail(ErrorCode::DistanceOutOfRange, {},
                        "this takes more than 500 pages; print fewer designs at a time");
        for (std::size_t row = 0; row < m_out.rows; ++row)
            for (std::size_t column = 0; column < m_out.columns; ++column) {
                const double left = double(column) * (width_mm - overlap_mm),
                             top = -double(row) * (height_mm - overlap_mm);
                const PatternPage page{column, row, {left, top - height_mm, left + width_mm, top}};
                if (hasInk(page.area_mm))
                    m_out.pages.push_back(page);
            }
        return std::move(m_out);
    }

    bool hasInk(const Box& area) const
    {
        return std::ranges::any_of(m_out.blanks, [&](const Box& blank) { return meet(blank, area); }) ||
               std::ranges::any_of(m_out.designs, [&](const Outline& design) {
                   return std::ranges::any_of(
                       design.pieces, [&](const Piece& piece) { return meet(piece.outer.bounds(), area); });
               });
    }

    std::vector<Item> m_items;
    Pattern m_out;
};

class PageMaker
{
public:
    PageMaker(const Pattern& pattern) : m_pattern(pattern)
    {
        m_out.line_mm = pattern.settings.line_mm;
        m_out.is_filled = pattern.settings.is_filled;
    }

    PageMarks tile(const PatternPage& page)
    {
        m_out.width_mm = m_pattern.page_width_mm;
        m_out.height_mm = m_pattern.page_height_mm;
        m_out.clip_mm = {kUnprinted_mm, kUnprinted_mm - m_out.height_mm, m_out.width_mm - kUnprinted_mm,
                         -kUnprinted_mm};
        m_to_page = {1, 0, 0, 1, kUnprinted_mm - page.area_mm.x0, -kUnprinted_mm - page.area_mm.y1};
        addDesigns([&](const Box& box) { return meet(box, page.area_mm); });
        if (m_pattern.is_joined)
            addSeams(page);
        text({m_out.width_mm / 2, kUnprinted_mm / 3 - m_out.height_mm}, kSmallText_mm, nameOf(page));
        return std::move(m_out);
    }

    PageMarks cover(const std::string& title, const std::string& advice)
    {
        const auto& paper = paperOf(m_pattern.settings.paper);
        m_out.width_mm = paper.width_mm;
        m_out.height_mm = paper.height_mm;
        m_out.clip_mm = {0, -paper.height_mm, paper.width_mm, 0};
        text({paper.width_mm / 2, -15.0}, 1.2 * kText_mm, title);
        text({paper.width_mm / 2, -22.0}, kSmallText_mm, advice);
        const double left = kUnprinted_mm + 2.0;
        square(left, -28.0, kSquare_mm, "100 mm");
        square(left, -34.0 - kSquare_mm, kSquare_in_mm, "4 in");
        if (m_pattern.is_joined)
            addAssembly({left + kSquare_in_mm + 8.0, -28.0 - kSquare_in_mm,
                         paper.width_mm - kUnprinted_mm - 2.0, -28.0});
        return std::move(m_out);
    }

private:
    void addDesigns(const std::function<bool(const Box&)>& is_wanted)
    {
        for (const auto& design : m_pattern.designs)
            if (is_wanted(bounds(design)))
                m_out.designs.push_back(transformed(design, m_to_page));
        for (const auto& blank : m_pattern.blanks)
            if (is_wanted(blank))
                frame({m_to_page.map({blank.x0, blank.y0}).x, m_to_page.map({blank.x0, blank.y0}).y,
                       m_to_page.map({blank.x1, blank.y1}).x, m_to_page.map({blank.x1, blank.y1}).y},
                      true);
    }

    void line(Point from, Point to, bool is_dashed = false) { m_out.lines.push_back({from, to, is_dashed}); }
    void text(Point at, double height_mm, std::string words)
    {
        m_out.texts.push_back({at, height_mm, std::move(words)});
    }

    void frame(const Box& b, bool is_dashed)
    {
        line({b.x0, b.y0}, {b.x1, b.y0}, is_dashed);
        line({b.x1, b.y0}, {b.x1, b.y1}, is_dashed);
        line({b.x1, b.y1}, {b.x0, b.y1}, is_dashed);
        line({b.x0, b.y1}, {b.x0, b.y0}, is_dashed);
    }

    void square(double left, double top, double side_mm, const std::string& words)
    {
        frame({left, top - side_mm, left + side_mm, top}, false);
        text({left + side_mm / 2, top - side_mm / 2}, kText_mm, words);
    }

    void cross(Point at)
    {
        line({at.x - kTick_mm, at.y}, {at.x + kTick_mm, at.y});
        line({at.x, at.y - kTick_mm}, {at.x, at.y + kTick_mm});
    }

    /// Where it is stuck to its neighbours: along the middle of what both show, with the same crosses and the same sign on both.
    void addSeams(const PatternPage& page)
    {
        const double half = m_pattern.settings.overlap_mm / 2;
        const Box a = page.area_mm;
        const auto upright = [&](double x, std::size_t seam, double sign_by) {
            line(m_to_page.map({x, a.y0}), m_to_page.map({x, a.y1}), true);
            cross(m_to_page.map({x, a.y0 + kFromCorner_mm}));
            cross(m_to_page.map({x, a.y1 - kFromCorner_mm}));
            text(m_to_page.map({x + sign_by, (a.y0 + a.y1) / 2}), kText_mm,
                 std::to_string(1 + seam + page.row * (m_pattern.columns - 1)));
        };
        if (page.column + 1 < m_pattern.columns)
            upright(a.x1 - half, page.column, -kText_mm);
        if (page.column > 0)
            upright(a.x0 + half, page.column - 1, kText_mm);
        const auto level = [&](double y, std::size_t seam, double sign_by) {
            line(m_to_page.map({a.x0, y}), m_to_page.map({a.x1, y}), true);
            cross(m_to_page.map({a.x0 + kFromCorner_mm, y}));
            cross(m_to_page.map({a.x1 - kFromCorner_mm, y}));
            text(m_to_page.map({(a.x0 + a.x1) / 2, y + sign_by}), kText_mm,
                 lettersFor(page.column + seam * m_pattern.columns));
        };
        if (page.row + 1 < m_pattern.rows)
            level(a.y0 + half, page.row, kText_mm / 2);
        if (page.row > 0)
            level(a.y1 - half, page.row - 1, -1.5 * kText_mm);
    }

    void addAssembly(const Box& room)
    {
        const auto& pages = m_pattern.pages;
        Box all = m_pattern.whole_mm;
        for (const auto& page : pages) {
            all.x1 = std::max(all.x1, page.area_mm.x1);
            all.y0 = std::min(all.y0, page.area_mm.y0);
        }
        const double scale = std::min(room.width() / all.width(), room.height() / all.height());
        m_to_page = {scale, 0, 0, scale, room.x0, room.y1};
        addDesigns([](const Box&) { return true; });
        m_out.line_mm = std::min(m_out.line_mm, 0.2);
        for (const auto& page : pages) {
            const Point low = m_to_page.map({page.area_mm.x0, page.area_mm.y0}),
                        high = m_to_page.map({page.area_mm.x1, page.area_mm.y1});
            frame({low.x, low.y, high.x, high.y}, false);
            text({(low.x + high.x) / 2, low.y + 1.0}, std::min(kSmallText_mm, (high.y - low.y) / 4),
                 nameOf(page));
        }
    }

    const Pattern& m_pattern;
    Affine m_to_page;
    PageMarks m_out;
};

} // namespace

const Paper& paperOf(std::string_view name)
{
    const auto* at = std::ranges::find(kPapers, name, &Paper::name);
    return at == std::end(kPapers) ? kPapers[0] : *at;
}

PatternSettings sensible(PatternSettings s)
{
    const auto within = [](double value, double least, double most, double usual) {
        return std::isfinite(value) ? std::clamp(value, least, most) : usual;
    };
    const PatternSettings usual;
    s.paper = paperOf(s.paper).name;
    s.overlap_mm = within(s.overlap_mm, 0.0, kMostOverlap_mm, usual.overlap_mm);
    s.line_mm = within(s.line_mm, 0.05, kMostPatternLine_mm, usual.line_mm);
    if (s.blank) {
        s.blank->width_mm = within(s.blank->width_mm, 0.0, kMostPattern_mm, 0.0);
        s.blank->height_mm = within(s.blank->height_mm, 0.0, kMostPattern_mm, 0.0);
        if (s.blank->width_mm == 0.0 || s.blank->height_mm == 0.0)
            s.blank.reset();
    }
    return s;
}

std::string nameOf(const PatternPage& page)
{
    return lettersFor(page.row) + std::to_string(page.column + 1);
}

Result<Pattern> planPattern(std::span<const std::shared_ptr<const Outline>> designs,
                            const PatternSettings& settings)
{
    const auto wanted = sensible(settings);
    std::vector<Outline> mirrored; // they live as long as the plan is made
    mirrored.reserve(designs.size());
    std::vector<Item> items;
    for (const auto& design : designs) {
        if (!design || design->pieces.empty())
            continue;
        const Outline* outline = design.get();
        if (wanted.is_mirrored)
            outline = &mirrored.emplace_back(transformed(*outline, {-1, 0, 0, 1, 0, 0}));
        Item item{outline, bounds(*outline), bounds(*outline)};
        if (wanted.blank)
            item.taken = around({(item.ink.x0 + item.ink.x1) / 2, (item.ink.y0 + item.ink.y1) / 2},
                                std::max(wanted.blank->width_mm, item.ink.width()),
                                std::max(wanted.blank->height_mm, item.ink.height()));
        items.push_back(item);
    }
    if (items.empty())
        return fail(ErrorCode::NothingToCut);
    return Planner(std::move(items), wanted).plan();
}

PageMarks marksOf(const Pattern& pattern, std::size_t page, const std::string& title,
                  const std::string& advice)
{
    if (pattern.settings.has_cover && page == 0)
        return PageMaker(pattern).cover(title, advice);
    return PageMaker(pattern).tile(pattern.pages[page - (pattern.settings.has_cover ? 1 : 0)]);
}

} // namespace ink
