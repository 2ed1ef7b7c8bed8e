// The weld beside other ways to unite letters, on the same words, in one run. Prints the tables of
// docs/weld.md; tools/weld-table runs it, and Skia beside it.
//   bench_peers --dump WORDS.json          the words as SVG path data, for Skia under node
//   bench_peers [--skia RESULT.json]       the tables
#include "bench/peers.h"

#include "core/design/set_words.h"
#include "core/geometry/engine/curve_engine.h"
#include "core/geometry/measure.h"
#include "core/geometry/nesting.h"
#include "core/geometry/reduce.h"
#include "core/geometry/weld_cache.h"
#include "tests/support/oracle.h"

#include <nlohmann/json.hpp>

#include <algorithm>
#include <cstdio>
#include <fstream>
#include <sstream>

using namespace ink;
using bench::PeerResult;

namespace {

const char* const kFonts[] = {INK_DEMO_FONTS "/HartsorrelScript.ttf",
                              INK_DEMO_FONTS "/Pennyfold.ttf",
                              INK_DEMO_FONTS "/QuillbrookScript.ttf",
                              INK_DEMO_FONTS "/Larkmallow.ttf",
                              INK_DEMO_FONTS "/TansyCord.ttf",
                              INK_DEMO_FONTS "/FennelRow.ttf",
                              INK_DEMO_FONTS "/WickerbyBroad.ttf",
                              INK_DEMO_FONTS "/MaypoleHand.otf",
                              INK_DEMO_FONTS "/Oatbrush.otf",
                              "/usr/share/fonts/opentype/lobster/lobster.otf",
                              "/usr/share/fonts/opentype/lobstertwo/LobsterTwo-BoldItalic.otf",
                              "/usr/share/fonts/truetype/leckerli-one/LeckerliOne-Regular.ttf"};
const char* const kWords[] = {"Fennmoor", "Late Summer", "Beeswax", "Bookkeeper",
                              "Zephyr",   "Xoxo Buffy",  "Ottilie"};
const double kTracking_em[] = {-0.03, -0.06, -0.1};
const int kGrowth[] = {1, 10, 100, 1000};

struct Word
{
    std::vector<PlacedPaths> placed;
    std::vector<Paths> glyphs;
    double units_per_em;
    /// Font, words and tracking, for what is wrong.
    std::string name;
    double u() const { return units_per_em / 1000.0; }
    Unit unit() const { return Unit::ofFont(units_per_em); }
};

Word wordOf(const FontFace& face, const std::string& text, double tracking_em)
{
    Word out{{},
             {},
             static_cast<double>(face.info().units_per_em),
             face.info().readableName() + ", " + text + ", " + std::to_string(tracking_em)};
    const auto set = setWords(face, text, {{}, tracking_em});
    if (!set)
        return out;
    out.placed = set->glyphs_fu;
    for (const auto& glyph : set->glyphs_fu)
        out.glyphs.push_back(transformed(*glyph.paths, Affine{}.after(glyph.at)));
    return out;
}

std::vector<Word> allWords()
{
    std::vector<Word> out;
    for (const char* path : kFonts) {
        const auto face = FontFace::open(path);
        if (!face) {
            std::fprintf(stderr, "%s\n", face.error().message().c_str());
            std::exit(1);
        }
        for (const char* text : kWords)
            for (const double tracking : kTracking_em)
                if (auto word = wordOf(**face, text, tracking); !word.glyphs.empty())
                    out.push_back(std::move(word));
    }
    return out;
}

std::vector<Word> growingWords()
{
    const auto face = FontFace::open(kFonts[0]);
    std::vector<Word> out;
    for (const int n : kGrowth) {
        std::string text;
        while (static_cast<int>(text.size()) < n)
            text += "fennmoorhone";
        text.resize(static_cast<std::size_t>(n));
        out.push_back(wordOf(**face, text, -0.03));
    }
    return out;
}

std::string svgOf(const Paths& paths)
{
    std::ostringstream out;
    out.precision(12);
    for (const auto& contour : paths) {
        out << 'M' << contour.segments.front().start().x << ' ' << contour.segments.front().start().y;
        for (const auto& s : contour.segments) {
            out << (s.degree() == 1 ? 'L' : s.degree() == 2 ? 'Q' : 'C');
            for (std::size_t i = 1; i <= s.degree(); ++i)
                out << (i > 1 ? " " : "") << s.p[i].x << ' ' << s.p[i].y;
        }
        out << 'Z';
    }
    return out.str();
}

/// M, L, Q, C, H, V and Z with absolute numbers, as Skia writes them.
Paths fromSvg(const std::string& d)
{
    ContourPen pen;
    std::istringstream in(d);
    Point at;
    char command = 0;
    const auto point = [&in] {
        Point p;
        in >> p.x;
        if (in.peek() == ',')
            in.get();
        in >> p.y;
        return p;
    };
    while (in >> std::ws && in.peek() != EOF) {
        if (std::isalpha(in.peek()))
            in >> command;
        else if (in.peek() == ',')
            in.get();
        if (command == 'M') {
            pen.moveTo(at = point());
            command = 'L';
        } else if (command == 'L') {
            if (!std::isalpha((in >> std::ws).peek()))
                pen.lineTo(at = point());
        } else if (command == 'Q') {
            const Point c = point();
            pen.quadraticTo(c, at = point());
        } else if (command == 'C') {
            const Point a = point(), b = point();
            pen.cubicTo(a, b, at = point());
        } else if (command == 'H' || command == 'V') {
            double& v = command == 'H' ? at.x : at.y;
            in >> v;
            pen.lineTo(at);
        } else {
            pen.close();
        }
    }
    return pen.take();
}

nlohmann::json asJson(const std::vector<Word>& words)
{
    auto out = nlohmann::json::array();
    for (const auto& word : words) {
        auto glyphs = nlohmann::json::array();
        for (const auto& paths : word.glyphs)
            glyphs.push_back(svgOf(paths));
        out.push_back({{"glyphs", glyphs}});
    }
    return out;
}

template <class Work>
double best_ms(int repeats, Work work)
{
    double best = 1e300;
    for (int i = 0; i < repeats; ++i) {
        const detail::Stopwatch watch;
        work();
        best = std::min(best, watch.elapsed_ms());
    }
    return best;
}

/// Area and counts of rings by how deep they lie in each other; rings below 1 u² or thinner than 0.3 u do not
/// count.
struct Figures
{
    double area = 0.0;
    std::size_t pieces = 0, middles = 0, nodes = 0;
};

Figures figuresOf(const Paths& rings, double u)
{
    Figures out;
    for (const auto& ring : rings) {
        out.nodes += ring.segments.size();
        const double area = std::abs(ring.signedArea());
        if (area < u * u || 2.0 * area < 0.3 * u * ring.arcLength())
            continue;
        // A point just inside decides, so that rings which touch do not confuse each other.
        const Point middle = ring.segments.front().pointAt(0.5);
        const Point d = ring.segments.front().derivativeAt(0.5);
        const double side = (ring.signedArea() > 0.0 ? 1.0 : -1.0) * 0.05 * u / std::max(length(d), 1e-9);
        const Point inside{middle.x - d.y * side, middle.y + d.x * side};
        int depth = 0;
        const Box box = ring.bounds();
        for (const auto& other : rings) {
            const Box around = other.bounds();
            if (&other != &ring && around.x0 <= box.x0 && around.x1 >= box.x1 && around.y0 <= box.y0 &&
                around.y1 >= box.y1 && encloses(other, inside))
                ++depth;
        }
        out.area += depth % 2 == 0 ? area : -area;
        ++(depth % 2 == 0 ? out.pieces : out.middles);
    }
    return out;
}

/// What is true: the clipping library in two stages on two much finer sets of chords, extrapolated, since the
/// error of the area is proportional to the tolerance (second-order chords).
struct Truth
{
    double area;
    std::size_t pieces, middles;
};

Truth truthOf(const Word& word)
{
    const detail::Grid grid(word.unit());
    double area[2] = {};
    std::size_t pieces = 0, middles = 0;
    for (int level = 0; level < 2; ++level) {
        const double tolerance = (level == 0 ? 0.016 : 0.004) * word.u();
        std::vector<detail::ChordShape> shapes;
        shapes.reserve(2 * word.glyphs.size());
        std::vector<detail::PlacedChords> placed;
        for (const auto& paths : word.glyphs) {
            shapes.push_back(detail::chordsOf(paths, grid, tolerance));
            const detail::PlacedChords one{&shapes.back(), {}, false};
            auto united =
                detail::combineRings({&one, 1}, BooleanOp::Union, detail::FillRule::NonZero, {}, {});
            shapes.push_back({{}, {}, {}, {}, 0});
            for (auto& ring : united->rings)
                shapes.back().rings.push_back(std::move(ring));
            for (const auto& ring : shapes.back().rings)
                shapes.back().chord_count += ring.points.size();
            placed.push_back({&shapes.back(), {}, false});
        }
        const auto all = detail::combineRings(placed, BooleanOp::Union, detail::FillRule::NonZero,
                                              {grid.per_u() * grid.per_u(), 0.3 * grid.per_u()}, {});
        pieces = middles = 0;
        for (const auto& ring : all->rings) {
            area[level] += ring.area_grid2 * grid.step() * grid.step();
            ++(ring.area_grid2 > 0.0 ? pieces : middles);
        }
    }
    return {area[1] + (area[1] - area[0]) / 3.0, pieces, middles};
}

struct Row
{
    std::string name;
    double total_ms = 0.0;
    double worst_area_ppm = 0.0;
    double worst_deviation_u = 0.0;
    std::size_t nodes = 0;
    int wrong = 0;
    int failed = 0;
    std::vector<double> growth_ms;
};

/// Area within 2,000 ppm and pieces and middles as they should be: else the rings are wrong.
void judge(Row& row, const PeerResult& result, const Word& word, const Truth& truth, bool measures_deviation)
{
    if (result.is_failed) {
        ++row.failed;
        return;
    }
    const auto f = figuresOf(result.rings, word.u());
    row.nodes += f.nodes;
    const double off_ppm = std::abs(f.area / truth.area - 1.0) * 1e6;
    if (off_ppm > 2000.0 || f.pieces != truth.pieces || f.middles != truth.middles) {
        ++row.wrong;
        if (row.wrong <= 3)
            std::fprintf(stderr, "%s: %s: %zu pieces, %zu middles, %.0f ppm; true %zu, %zu\n",
                         row.name.c_str(), word.name.c_str(), f.pieces, f.middles, off_ppm, truth.pieces,
                         truth.middles);
        return;
    }
    row.worst_area_ppm = std::max(row.worst_area_ppm, off_ppm);
    if (!measures_deviation)
        return;
    Outline outline; // the judge looks at rings, whatever they are to each other
    for (const auto& ring : result.rings)
        outline.pieces.push_back({ring, {}});
    row.worst_deviation_u =
        std::max(row.worst_deviation_u, test::deviation(word.glyphs, outline, 2) / word.u());
}

Row measureWeld(const char* name, const std::vector<Word>& words, const std::vector<Truth>& truths,
                const std::vector<Word>& growth, bool is_warm)
{
    Row row;
    row.name = name;
    // Glyphs are kept where it is warm, groups never: every word is welded.
    const auto cache = std::make_shared<WeldCache>(4'000'000, 0);
    const auto welded = [&](const Word& word) {
        return weld(word.placed, word.unit(), {{}, is_warm ? cache : nullptr});
    };
    for (std::size_t i = 0; i < words.size(); ++i) {
        auto made = welded(words[i]);
        row.total_ms += best_ms(3, [&] { made = welded(words[i]); });
        PeerResult result;
        result.is_failed = !made;
        if (made)
            result.rings = toPaths(made->outline);
        judge(row, result, words[i], truths[i], i % 4 == 0);
    }
    for (const auto& word : growth) {
        static_cast<void>(welded(word));
        row.growth_ms.push_back(best_ms(3, [&] { static_cast<void>(welded(word)); }));
    }
    return row;
}

Row measurePeer(const bench::Peer& peer, const std::vector<Word>& words, const std::vector<Truth>& truths,
                const std::vector<Word>& growth)
{
    Row row;
    row.name = peer.name;
    const int repeats = peer.most_letters < 1000 ? 1 : 3; // what takes long is known well enough after one
    for (std::size_t i = 0; i < words.size(); ++i) {
        PeerResult result;
        row.total_ms += best_ms(repeats, [&] { result = peer.unite(words[i].glyphs, words[i].u()); });
        judge(row, result, words[i], truths[i], i % 4 == 0);
    }
    for (std::size_t i = 0; i < growth.size() && kGrowth[i] <= peer.most_letters; ++i)
        row.growth_ms.push_back(best_ms(repeats, [&] { peer.unite(growth[i].glyphs, growth[i].u()); }));
    return row;
}

std::vector<Row> skiaRows(const std::string& file, const std::vector<Word>& words,
                          const std::vector<Truth>& truths)
{
    std::ifstream in(file);
    const auto results = nlohmann::json::parse(in);
    std::vector<Row> rows;
    for (const auto& [name, result] : results.items()) {
        Row row;
        row.name = name;
        for (std::size_t i = 0; i < words.size(); ++i) {
            const auto& word = result["words"][i];
            row.total_ms += word["ms"].get<double>();
            PeerResult rings;
            rings.is_failed = word["d"].is_null();
            if (!rings.is_failed)
                rings.rings = fromSvg(word["d"].get<std::string>());
            judge(row, rings, words[i], truths[i], i % 4 == 0);
        }
        row.growth_ms = result["growth"].get<std::vector<double>>();
        rows.push_back(std::move(row));
    }
    return rows;
}

void printTables(const std::vector<Row>& rows, std::size_t words)
{
    const double unit = rows.front().total_ms;
    std::printf("%zu words (%zu fonts, %zu words, tracking -0.03, -0.06 and -0.10 em). Time as a ratio to "
                "the first row.\n\n",
                words, std::size(kFonts), std::size(kWords));
    std::printf("| method | time | worst area error, ppm | worst deviation, u | nodes | wrong | failed |\n"
                "| --- | --- | --- | --- | --- | --- | --- |\n");
    for (const auto& r : rows)
        std::printf("| %s | %.2f | %.0f | %.3f | %zu | %d | %d |\n", r.name.c_str(), r.total_ms / unit,
                    r.worst_area_ppm, r.worst_deviation_u, r.nodes, r.wrong, r.failed);
    std::printf("\nGrowth with the letters of one word, as a ratio to the first row at ten letters."
                "\n\n| method |");
    for (const int n : kGrowth)
        std::printf(" %d |", n);
    std::printf("\n| --- | --- | --- | --- | --- |\n");
    for (const auto& r : rows) {
        std::printf("| %s |", r.name.c_str());
        for (std::size_t i = 0; i < std::size(kGrowth); ++i)
            if (i < r.growth_ms.size())
                std::printf(" %.1f |", r.growth_ms[i] / rows.front().growth_ms[1]);
            else
                std::printf(" – |");
        std::printf("\n");
    }
}

void printReduction(const std::vector<Word>& words)
{
    std::size_t before = 0, after = 0;
    double deviation_mm = 0.0;
    for (const auto& word : words) {
        const auto made = weld(word.placed, word.unit());
        const double scale = 30.0 / word.units_per_em; // an em of 30 mm: capitals of 20 mm
        const auto reduced =
            reduceNodes(transformed(made->outline, {scale, 0, 0, scale, 0, 0}), Unit::ofEm(30.0), {0.02, {}});
        before += reduced->nodes_before;
        after += reduced->nodes_after;
        deviation_mm = std::max(deviation_mm, reduced->largest_deviation);
    }
    std::printf("\nNode reduction within 0.02 mm at an em of 30 mm: %zu nodes become %zu, %.0f %% fewer; "
                "largest deviation "
                "%.4f mm.\n",
                before, after, 100.0 - 100.0 * static_cast<double>(after) / static_cast<double>(before),
                deviation_mm);
}

} // namespace

int main(int argc, char** argv)
{
    const auto words = allWords();
    const auto growth = growingWords();
    if (argc == 3 && std::string(argv[1]) == "--dump") {
        std::ofstream(argv[2]) << nlohmann::json{{"words", asJson(words)}, {"growth", asJson(growth)}};
        return 0;
    }
    std::vector<Truth> truths;
    for (const auto& word : words)
        truths.push_back(truthOf(word));
    std::vector<Row> rows{measureWeld("**the weld**, glyphs kept", words, truths, growth, true),
                          measureWeld("the weld, nothing kept", words, truths, growth, false)};
    for (const auto& peer : bench::peers()) {
        std::fprintf(stderr, "%s\n", peer.name.c_str());
        rows.push_back(measurePeer(peer, words, truths, growth));
    }
    if (argc == 3 && std::string(argv[1]) == "--skia")
        for (auto& row : skiaRows(argv[2], words, truths))
            rows.push_back(std::move(row));
    printTables(rows, words.size());
    printReduction(words);
    return 0;
}
