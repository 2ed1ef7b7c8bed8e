#include "core/alphabet/alphabet.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <optional>

namespace ink {
namespace {

constexpr std::string_view kHanging = "gjpqy", kFlatSmall = "acemnorsuvwxz", kTall = "bdfhklt",
                           kExpected =
                               "ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789&.,!?'-";
/// Lines within this part of the size are one line.
constexpr double kSameLine = 0.04;
/// Share of the letters that have to stand on it.
constexpr double kMost = 0.6;
/// Room between letters that stand apart, and how far joined ones reach into each other, as part of the size; signs keep as much
/// (common practice, no source).
constexpr double kApart = 0.08, kInto_mm = 0.3;
/// First and last stitch within this part of the width from the edges: one letter leads into the next.
constexpr double kAtEdge = 0.12;
/// A tip, as parts of the small letters' height: how far from the edge it is looked at, and how high it is at most. Letters that end in a stem
/// or in nothing else where they do not join.
constexpr double kTipEdge = 0.12, kTipHeight = 0.5;
constexpr std::string_view kStemmed = "adhilmntu";

bool isIn(std::string_view letters, std::string_view letter)
{
    return letter.size() == 1 && letters.find(letter) != std::string_view::npos;
}

double median(std::vector<double> values)
{
    if (values.empty())
        return 0.0;
    const auto middle = values.begin() + static_cast<std::ptrdiff_t>(values.size() / 2);
    std::nth_element(values.begin(), middle, values.end());
    return *middle;
}

double heightOf(const Alphabet& alphabet, const auto& wanted)
{
    std::vector<double> heights;
    for (const auto& letter : alphabet.letters)
        if (letter.variant.empty() && wanted(letter.letter))
            heights.push_back(letter.box_mm.height());
    return median(std::move(heights));
}

/// The line most letters stand on in their own files, where there is one.
std::optional<double> sharedLine(const Alphabet& alphabet)
{
    std::vector<double> bottoms;
    for (const auto& letter : alphabet.letters)
        if (letter.letter.size() == 1 && std::isalnum(static_cast<unsigned char>(letter.letter[0])) &&
            !isIn(kHanging, letter.letter) && !isIn("JQf", letter.letter))
            bottoms.push_back(letter.box_mm.y0);
    // Two heights tell lines from middles: a set of capitals alone, all as high, stands on either.
    if (bottoms.size() < 3)
        return std::nullopt;
    const double line = median(bottoms);
    const auto near = std::ranges::count_if(
        bottoms, [&](double y) { return std::abs(y - line) <= kSameLine * alphabet.size_mm; });
    return static_cast<double>(near) >= kMost * static_cast<double>(bottoms.size()) ? std::optional(line)
                                                                                    : std::nullopt;
}

/// Where the foot of a letter lies in its own file, told from the letter alone.
double footOf(const SewnLetter& letter, const Alphabet& alphabet, double x_height_mm, double hang_mm)
{
    const Box& box = letter.box_mm;
    if (isIn(kHanging, letter.letter))
        return box.y0 + hang_mm;
    if (isIn("-+=~", letter.letter))
        return (box.y0 + box.y1) / 2.0 - (x_height_mm > 0.0 ? x_height_mm : 0.7 * alphabet.size_mm) / 2.0;
    if (isIn("'\"*", letter.letter))
        return box.y1 - alphabet.size_mm;
    if (isIn(",;", letter.letter))
        return box.y1 -
               (letter.letter == "," ? 0.15 : 0.7) * (x_height_mm > 0.0 ? x_height_mm : alphabet.size_mm);
    return box.y0;
}

bool leadsOn(const SewnLetter& letter)
{
    const NeedleStep *first = nullptr, *last = nullptr;
    for (const auto& step : letter.work)
        if (step.kind == NeedleStep::Kind::Stitch) {
            first = first ? first : &step;
            last = &step;
        }
    const double edge = kAtEdge * letter.box_mm.width();
    return first && first->at.x - letter.box_mm.x0 <= edge && letter.box_mm.x1 - last->at.x <= edge;
}

/// It ends in a stroke towards the next letter and not in a stem: the threads at its right edge are low.
bool endsInTip(const SewnLetter& letter, double x_height_mm)
{
    const double edge = letter.box_mm.x1 - kTipEdge * x_height_mm;
    Box tip;
    for (const auto& step : letter.work)
        if (step.kind == NeedleStep::Kind::Stitch && step.at.x >= edge)
            tip.add(step.at);
    return !tip.isEmpty() && tip.height() <= kTipHeight * x_height_mm;
}

} // namespace

const SewnLetter* Alphabet::find(std::string_view letter, std::string_view variant) const
{
    const SewnLetter* usual = nullptr;
    for (const auto& one : letters)
        if (one.letter == letter) {
            if (one.variant == variant)
                return &one;
            if (!usual || one.variant.empty())
                usual = &one;
        }
    return usual;
}

double spaceWidth_mm(const Alphabet& alphabet)
{
    constexpr double kSpace = 0.45; // of the size (common practice, no source)
    return kSpace * alphabet.size_mm;
}

void measure(Alphabet& alphabet)
{
    for (auto& letter : alphabet.letters)
        letter.box_mm = boxOf(letter.work);
    std::erase_if(alphabet.letters, [](const SewnLetter& letter) { return letter.box_mm.isEmpty(); });
    if (alphabet.letters.empty())
        return;
    const auto is_capital = [](const std::string& c) {
        return c.size() == 1 && c[0] >= 'A' && c[0] <= 'Z' && c != "Q" && c != "J";
    };
    alphabet.size_mm = heightOf(alphabet, is_capital);
    if (alphabet.size_mm <= 0.0)
        alphabet.size_mm =
            heightOf(alphabet, [](const std::string& c) { return isIn(kTall, c) || isIn("0123456789", c); });
    if (alphabet.size_mm <= 0.0)
        alphabet.size_mm = heightOf(alphabet, [](const std::string&) { return true; });
    const double x_height_mm = heightOf(alphabet, [](const std::string& c) { return isIn(kFlatSmall, c); });
    const double hanging_mm = heightOf(alphabet, [](const std::string& c) { return isIn("gpqy", c); });
    const double hang_mm =
        x_height_mm > 0.0 && hanging_mm > x_height_mm ? hanging_mm - x_height_mm : 0.25 * alphabet.size_mm;
    const auto line = sharedLine(alphabet);
    std::size_t small = 0, leading = 0, stemmed = 0, tipped = 0;
    for (auto& letter : alphabet.letters) {
        const double foot = line ? *line : footOf(letter, alphabet, x_height_mm, hang_mm);
        const Point by{-letter.box_mm.x0, -foot};
        for (auto& step : letter.work)
            step.at = step.at + by;
        letter.box_mm = boxOf(letter.work);
        if (letter.letter.size() == 1 && std::islower(static_cast<unsigned char>(letter.letter[0]))) {
            ++small;
            leading += leadsOn(letter);
            stemmed += isIn(kStemmed, letter.letter);
            tipped += isIn(kStemmed, letter.letter) && endsInTip(letter, x_height_mm);
        }
    }
    const auto most = [](std::size_t of, std::size_t all) {
        return all >= 5 && static_cast<double>(of) >= kMost * static_cast<double>(all);
    };
    alphabet.joins = most(leading, small) || (x_height_mm > 0.0 && most(tipped, stemmed));
    for (auto& letter : alphabet.letters)
        letter.before_mm = letter.after_mm =
            alphabet.joins && std::islower(static_cast<unsigned char>(letter.letter[0])) &&
                    letter.letter.size() == 1
                ? -kInto_mm / 2.0
                : kApart * alphabet.size_mm / 2.0;
    std::ranges::sort(alphabet.letters, [](const SewnLetter& a, const SewnLetter& b) {
        return std::tie(a.letter, a.variant, a.file) < std::tie(b.letter, b.variant, b.file);
    });
}

std::string missingOf(const Alphabet& alphabet)
{
    // An alphabet of capitals alone lacks no small letters.
    const auto has = [&](std::string_view of) {
        return std::ranges::any_of(of,
                                   [&](char c) { return alphabet.find(std::string_view(&c, 1)) != nullptr; });
    };
    const bool has_small = has("abcdefghijklmnopqrstuvwxyz"), has_large = has("ABCDEFGHIJKLMNOPQRSTUVWXYZ"),
               has_figures = has("0123456789"), has_signs = has("&.,!?'-");
    std::string missing;
    for (const char c : kExpected) {
        const auto u = static_cast<unsigned char>(c);
        const bool is_wanted = std::isupper(u)   ? has_large
                               : std::islower(u) ? has_small
                               : std::isdigit(u) ? has_figures
                                                 : has_signs;
        if (is_wanted && !alphabet.find(std::string_view(&c, 1)))
            missing.push_back(c);
    }
    return missing;
}

} // namespace ink
