#include "core/alphabet/typed.h"

#include "core/alphabet/letter_names.h"
#include "core/alphabet/letter_order.h"
#include "core/base/told.h"
#include "core/type/shape.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace ink {
namespace {

constexpr std::size_t kMostTyped = 300;
using Kind = NeedleStep::Kind;

std::string rounded(double mm)
{
    auto text = std::to_string(std::round(mm * 10.0) / 10.0);
    text.erase(text.find_last_not_of('0') + 1);
    if (text.ends_with('.'))
        text.pop_back();
    return text;
}

/// Where each letter's room begins along a straight line.
struct OnLine
{
    std::size_t letter;
    double x_mm, room_mm;
};

struct Line
{
    std::vector<OnLine> letters;
    double length_mm = 0.0;
    /// Characters that the alphabet has no letter for, each once.
    std::string missing;
};

Line lineOf(const Alphabet& alphabet, const std::u32string& characters, double scale, double tracking_mm)
{
    Line line;
    double x = 0.0;
    for (const char32_t c : characters) {
        if (c <= U' ') {
            x += spaceWidth_mm(alphabet) * scale + tracking_mm;
            continue;
        }
        const auto* letter = alphabet.find(toUtf8(c));
        if (!letter ||
            letter->confidence < kSureOfLetter) { // nothing is typed before somebody said what it is
            if (line.missing.find(toUtf8(c)) == std::string::npos)
                line.missing += toUtf8(c);
            continue;
        }
        const double room = letter->advance_mm() * scale;
        line.letters.push_back({static_cast<std::size_t>(letter - alphabet.letters.data()), x, room});
        x += room + tracking_mm;
    }
    line.length_mm = x - tracking_mm;
    return line;
}

/// Moves all by whole steps of the grid, so that its middle lies at (0, 0).
void centre(TypedWords& words)
{
    const Box box = boxOf(words.work);
    const Point by = onGrid({-(box.x0 + box.x1) / 2.0, -(box.y0 + box.y1) / 2.0});
    for (auto& step : words.work)
        step.at = onGrid(step.at + by);
    for (auto& letter : words.letters) {
        letter.foot_mm = letter.foot_mm + by;
        letter.box_mm = {letter.box_mm.x0 + by.x, letter.box_mm.y0 + by.y, letter.box_mm.x1 + by.x,
                         letter.box_mm.y1 + by.y};
    }
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
                    told("{} mm is the nearest",
                         rounded(alphabet.size_mm * std::clamp(out.scale, kLeastScale, kMostScale))));

    Line line = lineOf(alphabet, characters, out.scale, options.tracking_mm);
    if (line.letters.empty())
        return fail(ErrorCode::NoGlyphs, alphabet.name);
    out.missing = std::move(line.missing);
    const double length = line.length_mm;
    if (options.radius_mm != 0.0 && length > 2.0 * std::numbers::pi * std::abs(options.radius_mm))
        return fail(ErrorCode::ShapeUnknown, {},
                    told("the words are {} mm long, more than the circle is round", rounded(length)));

    std::vector<LyingLetter> lying;
    for (const auto& [index, x_mm, room_mm] : line.letters) {
        const auto& letter = alphabet.letters[index];
        // The middle of its room stands on the line; turned about it, and never bent.
        const double along = x_mm + room_mm / 2.0 - length / 2.0;
        const double angle = options.radius_mm == 0.0 ? 0.0 : -along / options.radius_mm;
        const Point middle = options.radius_mm == 0.0 ? Point{along, 0.0}
                                                      : Point{-options.radius_mm * std::sin(angle),
                                                              options.radius_mm * (std::cos(angle) - 1.0)};
        const double c = std::cos(angle), s = std::sin(angle);
        const auto place = [&, half_room_mm = room_mm / 2.0](Point p) {
            const double dx = (letter.before_mm + p.x) * out.scale - half_room_mm, dy = p.y * out.scale;
            return Point{middle.x + c * dx - s * dy, middle.y + s * dx + c * dy};
        };
        NeedleWork piece;
        std::vector<std::string> threads{"0"}; // told apart by their numbers: stitch files know no colours
        PlacedLetter placed{index, place({-letter.before_mm, 0.0}), angle * 180.0 / std::numbers::pi, {}};
        for (const auto& step : letter.work) {
            piece.push_back({step.kind, onGrid(place(step.at))});
            if (step.kind == Kind::Stop)
                threads.push_back(std::to_string(threads.size()));
            if (step.kind == Kind::Stitch)
                placed.box_mm.add(piece.back().at);
        }
        lying.push_back({std::move(piece), threads});
        out.letters.push_back(placed);
    }

    StitchPlan plan;
    addLetters(plan.layers, lying, options.brings_colours_together);
    out.work = workOf(plan);
    centre(out);
    return out;
}

} // namespace ink
