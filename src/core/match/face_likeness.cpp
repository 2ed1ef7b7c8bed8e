#include "core/match/face_likeness.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace ink {
namespace {

constexpr double kSize_px = 22.0;
constexpr std::u32string_view kTall = U"bdfhkl";
/// Weight and slant count beside the letters: sizes of distance for a stroke one size wider, and for ten degrees.
constexpr double kOfWeight = 0.5, kOfTenDegrees = 0.06;
constexpr double kOfWords = 4.0;
/// Fewer letters than this share of the smaller face tell nothing.
constexpr double kLeastShared = 0.4;
/// Letters with a stem, by which a lean is told.
constexpr std::u32string_view kStems = U"EHILThilmn1";

/// Half-way between small and tall letters, 1/1000 em: scripts have small ones that are a third of the tall ones, and would be
/// blown up by x-heights alone.
double sizeOf(const FaceDescriptor& face)
{
    double tall = 0.0, letters = 0.0;
    for (const char32_t c : kTall)
        if (const auto* letter = face.find(c))
            tall += letter->top, ++letters;
    return (face.x_height + (letters > 0.0 ? tall / letters : face.cap_height)) / 2.0;
}

/// Sheared back by the lean that is right, stems stand in few columns.
double uprightness(const InkPicture& ink, double shear)
{
    std::vector<double> columns(static_cast<std::size_t>(ink.width + 2 * ink.height) + 4, 0.0);
    std::size_t i = 0;
    for (int y = 0; y < ink.height; ++y)
        for (int x = 0; x < ink.width; ++x, ++i)
            if (ink.grey[i] > 127) {
                const double at =
                    std::clamp(x - y * shear + ink.height, 0.0, static_cast<double>(columns.size()) - 2.0);
                const auto column = static_cast<std::size_t>(at);
                columns[column] += 1.0 - (at - std::floor(at));
                columns[column + 1] += at - std::floor(at);
            }
    double sum = 0.0, squares = 0.0;
    for (const double c : columns)
        sum += c, squares += c * c;
    return sum > 0.0 ? squares / sum / std::max(1, ink.height) : 0.0;
}

double slantOf(const std::vector<InkPicture>& stems)
{
    int best = 0;
    double most = -1.0;
    const auto tried = [&](int deg) {
        const double shear = std::tan(deg * std::numbers::pi / 180.0);
        double sum = deg == 0 ? 1e-3 : 0.0;
        for (const auto& ink : stems)
            sum += uprightness(ink, shear);
        if (sum > most)
            most = sum, best = deg;
    };
    for (int deg = -12; deg <= 45; deg += 3)
        tried(deg);
    for (const int deg : {best - 2, best - 1, best + 1, best + 2})
        tried(deg);
    return best;
}

} // namespace

FaceLook::FaceLook(const FaceDescriptor& face)
{
    const double size = sizeOf(face);
    if (size <= 0.0)
        return;
    const double px_per_em = kSize_px * 1000.0 / size;
    std::map<char32_t, std::vector<Pixel>> edges;
    std::vector<InkPicture> stems;
    double ink = 0.0, edge = 0.0;
    for (const auto& letter : face.letters) {
        // Letters a hundred x-heights large are somebody's joke, and would take the time of all others.
        if ((letter.right - letter.left) > 30 * size || (letter.top - letter.bottom) > 30 * size)
            continue;
        auto drawn = drawnFrom(letter, px_per_em);
        auto points = edgePixelsOf(drawn, 128);
        if (points.empty())
            continue;
        ink += static_cast<double>(drawn.ink) / 255.0;
        edge += static_cast<double>(points.size());
        edges[letter.letter] = std::move(points);
        if (kStems.find(letter.letter) != std::u32string_view::npos)
            stems.push_back(std::move(drawn));
    }
    if (edges.empty())
        return;
    m_weight = 2.0 * ink / edge / kSize_px;
    m_slant_deg = slantOf(stems);
    const double shear = std::tan(m_slant_deg * std::numbers::pi / 180.0);
    for (const auto& [letter, points] : edges) {
        Edge out;
        double left = 1e300, right = -1e300;
        for (const auto& p : points) {
            left = std::min(left, p.x - p.y * shear);
            right = std::max(right, p.x - p.y * shear);
        }
        for (std::size_t i = 0; i < Edge::kPoints; ++i) {
            const auto& p = points[i * points.size() / Edge::kPoints];
            out.x[i] = static_cast<float>((p.x - p.y * shear - (left + right) / 2.0) / kSize_px);
            out.y[i] = static_cast<float>(p.y / kSize_px);
        }
        m_letters.emplace(letter, out);
    }
}

double FaceLook::distanceTo(const FaceLook& other, const std::u32string& words) const
{
    const auto apart = [](const Edge& a, const Edge& b) {
        float sum = 0.0F;
        for (std::size_t i = 0; i < Edge::kPoints; ++i) {
            float nearest = 1e9F;
            for (std::size_t k = 0; k < Edge::kPoints; ++k) {
                const float dx = a.x[i] - b.x[k], dy = a.y[i] - b.y[k];
                nearest = std::min(nearest, dx * dx + dy * dy);
            }
            sum += std::sqrt(nearest);
        }
        return sum / static_cast<float>(Edge::kPoints);
    };
    double sum = 0.0, weights = 0.0;
    std::size_t shared = 0;
    for (const auto& [letter, edge] : m_letters) {
        const auto at = other.m_letters.find(letter);
        if (at == other.m_letters.end())
            continue;
        ++shared;
        const double weight = words.find(letter) != std::u32string::npos ? kOfWords : 1.0;
        sum += weight * (apart(edge, at->second) + apart(at->second, edge)) / 2.0;
        weights += weight;
    }
    const auto smaller = std::min(m_letters.size(), other.m_letters.size());
    if (shared == 0 || static_cast<double>(shared) < kLeastShared * static_cast<double>(smaller))
        return 1.0;
    return std::min(1.0, sum / weights + kOfWeight * std::abs(m_weight - other.m_weight) +
                             kOfTenDegrees * std::abs(m_slant_deg - other.m_slant_deg) / 10.0);
}

} // namespace ink
