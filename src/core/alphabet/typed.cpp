#include "core/alphabet/typed.h"

#include "core/type/shape.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace ink {
namespace {

constexpr std::size_t kMostTyped = 300;
/// Of the size: between words.
constexpr double kSpace = 0.45;
/// Up to here a stitch leads from one letter to the next; further apart the thread is cut (common practice, no source).
constexpr double kStitchOver_mm = 2.0;
using Kind = NeedleStep::Kind;

std::string rounded(double mm)
{
    auto text = std::to_string(std::round(mm * 10.0) / 10.0);
    text.erase(text.find_last_not_of('0') + 1);
    if (text.ends_with('.'))
        text.pop_back();
    return text;
}

/// The letter's steps, parted where its threads change.
std::vector<NeedleWork> layersOf(const NeedleWork& work)
{
    std::vector<NeedleWork> layers(1);
    for (const auto& step : work)
        if (step.kind == Kind::Stop)
            layers.emplace_back();
        else
            layers.back().push_back(step);
    return layers;
}

/// No stitch longer than a record holds: moved points may have stretched one.
void add(NeedleWork& work, const NeedleStep& step)
{
    if (!work.empty()) {
        const Point from = work.back().at;
        const double length = std::max(std::abs(step.at.x - from.x), std::abs(step.at.y - from.y));
        const int parts = static_cast<int>(std::ceil(length / kLongestStitch_mm - 1e-9));
        for (int i = 1; i < parts; ++i)
            work.push_back({step.kind == Kind::Stitch ? Kind::Stitch : Kind::Jump,
                            onGrid(from + (step.at - from) * (static_cast<double>(i) / parts))});
    }
    work.push_back(step);
}

/// From where the needle is to where the next part begins: a stitch where that is near, else the thread is cut.
void sew(NeedleWork& work, const NeedleWork& part)
{
    const auto first = std::ranges::find(part, Kind::Stitch, &NeedleStep::kind);
    if (first == part.end())
        return;
    const Point begin = first == part.begin() ? first->at : std::prev(first)->at;
    if (work.empty()) {
        work.push_back({Kind::Jump, begin});
    } else {
        const auto last = work.back();
        const double away = std::hypot(begin.x - last.at.x, begin.y - last.at.y);
        if (away > kStitchOver_mm || last.kind == Kind::Stop || last.kind == Kind::Trim) {
            if (last.kind == Kind::Stitch)
                work.push_back({Kind::Trim, last.at});
            add(work, {Kind::Jump, begin});
        } else if (away > 0.0) {
            add(work, {Kind::Stitch, begin});
        }
    }
    for (auto step = first; step != part.end(); ++step)
        add(work, *step);
}

bool lieOver(const Box& a, const Box& b)
{
    return a.x0 < b.x1 && b.x0 < a.x1 && a.y0 < b.y1 && b.y0 < a.y1;
}

} // namespace

Result<TypedWords> typed(const Alphabet& alphabet, std::string_view words, const TypedOptions& options)
{
    if (!isValidUtf8(words))
        return fail(ErrorCode::TextNotUtf8);
    const auto characters = toUtf32(words);
    if (std::ranges::all_of(characters, [](char32_t c) { return c <= U' '; }))
        return fail(ErrorCode::EmptyText);
    if (characters.size() > kMostTyped)
        return fail(ErrorCode::TextTooLong);
    TypedWords out;
    out.scale = options.size_mm.value_or(alphabet.size_mm) / alphabet.size_mm;
    if (!(out.scale >= kLeastScale - 1e-9 && out.scale <= kMostScale + 1e-9))
        return fail(ErrorCode::AlphabetSize, alphabet.name,
                    rounded(alphabet.size_mm * std::clamp(out.scale, kLeastScale, kMostScale)) +
                        " mm is the nearest");

    // Along a straight line first: where each letter's room begins.
    struct OnLine
    {
        std::size_t letter;
        double x_mm, room_mm;
    };
    std::vector<OnLine> line;
    double x = 0.0;
    for (const char32_t c : characters) {
        if (c <= U' ') {
            x += kSpace * alphabet.size_mm * out.scale + options.tracking_mm;
            continue;
        }
        const auto* letter = alphabet.find(toUtf8(c));
        if (!letter) {
            if (out.missing.find(toUtf8(c)) == std::string::npos)
                out.missing += toUtf8(c);
            continue;
        }
        const double room = letter->advance_mm() * out.scale;
        line.push_back({static_cast<std::size_t>(letter - alphabet.letters.data()), x, room});
        x += room + options.tracking_mm;
    }
    if (line.empty())
        return fail(ErrorCode::NoGlyphs, alphabet.name);
    const double length = x - options.tracking_mm;
    if (options.radius_mm != 0.0 && length > 2.0 * std::numbers::pi * std::abs(options.radius_mm))
        return fail(ErrorCode::ShapeUnknown, {},
                    "the words are " + rounded(length) + " mm long, more than the circle is round");

    std::vector<NeedleWork> pieces; // each letter where it lies, with its stops
    for (const auto& [index, x_mm, room_mm] : line) {
        const auto& letter = alphabet.letters[index];
        // The middle of its room stands on the line; turned about it, and never bent.
        const double along = x_mm + room_mm / 2.0 - length / 2.0;
        const double angle = options.radius_mm == 0.0 ? 0.0 : -along / options.radius_mm;
        const Point middle = options.radius_mm == 0.0 ? Point{along, 0.0}
                                                      : Point{-options.radius_mm * std::sin(angle),
                                                              options.radius_mm * (std::cos(angle) - 1.0)};
        const double c = std::cos(angle), s = std::sin(angle);
        const auto place = [&](Point p) {
            const double dx = (letter.before_mm + p.x) * out.scale - room_mm / 2.0, dy = p.y * out.scale;
            return Point{middle.x + c * dx - s * dy, middle.y + s * dx + c * dy};
        };
        NeedleWork piece;
        PlacedLetter placed{index, place({-letter.before_mm, 0.0}), angle * 180.0 / std::numbers::pi, {}};
        for (const auto& step : letter.work) {
            piece.push_back({step.kind, onGrid(place(step.at))});
            if (step.kind == Kind::Stitch)
                placed.box_mm.add(piece.back().at);
        }
        pieces.push_back(std::move(piece));
        out.letters.push_back(placed);
    }

    // What is of the same thread goes at one go, unless letters lie over each other: then what is above has to stay above.
    std::size_t layers = 1;
    bool is_apart = true;
    std::vector<std::vector<NeedleWork>> parted;
    for (const auto& piece : pieces) {
        parted.push_back(layersOf(piece));
        layers = std::max(layers, parted.back().size());
    }
    for (std::size_t i = 0; i + 1 < out.letters.size() && layers > 1; ++i)
        is_apart = is_apart && !lieOver(out.letters[i].box_mm, out.letters[i + 1].box_mm);
    const auto stop = [&] {
        if (!out.work.empty())
            out.work.push_back({Kind::Stop, out.work.back().at});
    };
    if (options.brings_colours_together && is_apart) {
        for (std::size_t layer = 0; layer < layers; ++layer) {
            if (layer > 0)
                stop();
            for (const auto& part : parted)
                if (layer < part.size())
                    sew(out.work, part[layer]);
        }
    } else {
        for (std::size_t i = 0; i < parted.size(); ++i)
            for (std::size_t layer = 0; layer < parted[i].size(); ++layer) {
                if (i > 0 || layer > 0)
                    if (layers > 1)
                        stop();
                sew(out.work, parted[i][layer]);
            }
    }
    // The middle of all at (0, 0), on the grid as it was.
    const Box box = boxOf(out.work);
    const Point by = onGrid({-(box.x0 + box.x1) / 2.0, -(box.y0 + box.y1) / 2.0});
    for (auto& step : out.work)
        step.at = onGrid(step.at + by);
    for (auto& letter : out.letters) {
        letter.foot_mm = letter.foot_mm + by;
        letter.box_mm = {letter.box_mm.x0 + by.x, letter.box_mm.y0 + by.y, letter.box_mm.x1 + by.x,
                         letter.box_mm.y1 + by.y};
    }
    return out;
}

} // namespace ink
