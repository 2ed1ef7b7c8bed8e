#include "core/match/word_likeness.h"

#include "core/match/ink_rows.h"

#include <opencv2/imgproc.hpp>

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>

namespace ink {

/// On a grid of its own, y up as in fonts.
struct PictureWord::Prepared
{
    /// Grid px for each px of the PictureInk.
    double scale = 1.0;
    /// Of the PictureInk: grid (0, 0) is its pixel (left, bottom), y down there.
    double left_px = 0.0, bottom_px = 0.0;
    bool is_fine = false;
    /// Of 255: what counts as ink on this grid.
    int least_ink = 128;
    /// Distance to the nearest edge, grid px.
    cv::Mat distance;
    std::vector<cv::Point> edges;
    double left = 0.0, right = 0.0;
    /// Sum of the grey values: tells thin strokes apart whose edges cannot be.
    double ink = 0.0;
    InkRows rows;
    /// Further apart than this is just far apart.
    double cap = 1.0;
};

namespace {

constexpr double kCoarseSpread_px = 8.0, kFineSpread_px = 17.0, kFinestSpread_px = 44.0;
/// Of 255: a pixel that is this much ink is ink. Half of it where the grid is fine, which smeared edges do not move; less where
/// it is coarse, or hairlines would vanish.
constexpr int kInkCoarse = 80, kInkFine = 110, kInkFinest = 128;
constexpr double kCap_spreads = 0.8;
/// A letter may stand this far from where the font's spacing has it, beyond what all letters are apart.
constexpr double kReach_spreads = 0.9, kRise_spreads = 0.3;
/// What moving a letter against the one before costs, beside the distance of its edges.
constexpr double kMoveCost = 0.06, kRiseCost = 0.12;
/// What other amounts of ink cost beside the distance of the edges, for each step of e.
constexpr double kOfInk = 0.06;
constexpr std::size_t kMostEdges_coarse = 64, kMostEdges_fine = 160;

std::vector<cv::Point> edgesOf(const cv::Mat& mask)
{
    std::vector<cv::Point> edges;
    for (int y = 0; y < mask.rows; ++y)
        for (int x = 0; x < mask.cols; ++x)
            if (mask.at<std::uint8_t>(y, x) &&
                (x == 0 || y == 0 || x + 1 == mask.cols || y + 1 == mask.rows ||
                 !mask.at<std::uint8_t>(y, x - 1) || !mask.at<std::uint8_t>(y, x + 1) ||
                 !mask.at<std::uint8_t>(y - 1, x) || !mask.at<std::uint8_t>(y + 1, x)))
                edges.emplace_back(x, y);
    return edges;
}

cv::Mat distanceTo(const std::vector<cv::Point>& edges, cv::Size size)
{
    cv::Mat none(size, CV_8U, cv::Scalar(255)), distance;
    for (const auto& p : edges)
        none.at<std::uint8_t>(p) = 0;
    cv::distanceTransform(none, distance, cv::DIST_L2, cv::DIST_MASK_5);
    return distance;
}

struct DrawnLetter
{
    InkPicture ink;
    /// Relative to the letter's origin; and as steps in the picture's grid, with the box they lie in.
    std::vector<Pixel> edges;
    std::vector<int> steps;
    int left = 0, right = -1, bottom = 0, top = -1;

    void stepOn(const cv::Mat& grid)
    {
        left = bottom = std::numeric_limits<int>::max();
        right = top = std::numeric_limits<int>::min();
        for (const auto& p : edges) {
            steps.push_back(p.y * grid.cols + p.x);
            left = std::min(left, p.x), right = std::max(right, p.x);
            bottom = std::min(bottom, p.y), top = std::max(top, p.y);
        }
    }
};

void thinOut(std::vector<Pixel>& edges, std::size_t most)
{
    if (edges.size() <= most)
        return;
    for (std::size_t i = 0; i < most; ++i)
        edges[i] = edges[i * edges.size() / most];
    edges.resize(most);
}

float at(const cv::Mat& distance, int x, int y, float cap)
{
    if (x < 0 || y < 0 || x >= distance.cols || y >= distance.rows)
        return cap;
    return std::min(cap, distance.at<float>(y, x));
}

/// Of a letter's edges at a place; quick where all of it lies on the grid.
float meanDistance(const cv::Mat& distance, const DrawnLetter& letter, int x, int y, float cap)
{
    if (letter.edges.empty())
        return 0.0F;
    float sum = 0.0F;
    if (x + letter.left >= 0 && x + letter.right < distance.cols && y + letter.bottom >= 0 &&
        y + letter.top < distance.rows) {
        const float* origin = distance.ptr<float>(0) + static_cast<std::ptrdiff_t>(y) * distance.cols + x;
        for (const int step : letter.steps)
            sum += origin[step];
    } else {
        for (const auto& p : letter.edges)
            sum += at(distance, p.x + x, p.y + y, cap);
    }
    return sum / static_cast<float>(letter.edges.size());
}

struct Hypothesis
{
    double px_per_em = 0.0, foot = 0.0;
};

/// Letters of the word as they lie on the line at one size.
struct DrawnWord
{
    std::vector<DrawnLetter> letters;
    InkRows rows;
    double left = 0.0, right = 0.0;
};

DrawnWord drawn(const WordInFont& word, double px_per_em, std::size_t most_edges, int least_ink,
                const cv::Mat& grid, bool is_measured)
{
    DrawnWord out;
    int bottom = std::numeric_limits<int>::max(), top = std::numeric_limits<int>::min();
    out.left = 1e300, out.right = -1e300;
    for (std::size_t i = 0; i < word.letters.size(); ++i) {
        DrawnLetter letter;
        letter.ink = word.draw(i, px_per_em);
        letter.edges = edgePixelsOf(letter.ink, least_ink);
        thinOut(letter.edges, most_edges);
        letter.stepOn(grid);
        if (!letter.ink.isEmpty()) {
            const double x = word.letters[i].x_em * px_per_em;
            bottom = std::min(bottom, letter.ink.bottom);
            top = std::max(top, letter.ink.bottom + letter.ink.height);
            out.left = std::min(out.left, x + letter.ink.left);
            out.right = std::max(out.right, x + letter.ink.left + letter.ink.width - 1);
        }
        out.letters.push_back(std::move(letter));
    }
    if (is_measured && top > bottom) {
        std::vector<double> sums(static_cast<std::size_t>(top - bottom), 0.0);
        for (const auto& letter : out.letters) {
            std::size_t i = 0;
            for (int y = 0; y < letter.ink.height; ++y)
                for (int x = 0; x < letter.ink.width; ++x, ++i)
                    sums[static_cast<std::size_t>(letter.ink.bottom + y - bottom)] += letter.ink.grey[i];
        }
        out.rows = rowsOf(sums, bottom);
    }
    return out;
}

/// Sizes and heights at which the word's rows lie over the picture's: by their spread, by top and bottom, and by what is
/// left without the outermost tenths, so that one swash or one speck does not decide.
std::vector<Hypothesis> hypotheses(const InkRows& picture, const InkRows& word, double px_per_em)
{
    std::vector<Hypothesis> out;
    const auto offer = [&](double factor, double at_picture, double at_word) {
        if (!(factor > 0.4 && factor < 2.5))
            return;
        const Hypothesis h{px_per_em * factor, at_picture - factor * at_word};
        for (const auto& other : out)
            if (std::abs(other.px_per_em / h.px_per_em - 1.0) < 0.015 && std::abs(other.foot - h.foot) < 0.8)
                return;
        out.push_back(h);
    };
    if (word.top > word.bottom)
        offer((picture.top - picture.bottom) / (word.top - word.bottom), picture.bottom, word.bottom);
    if (word.spread > 0.0)
        offer(picture.spread / word.spread, picture.mean, word.mean);
    if (word.nine_tenths > word.tenth)
        offer((picture.nine_tenths - picture.tenth) / (word.nine_tenths - word.tenth), picture.tenth,
              word.tenth);
    return out;
}

struct Place
{
    int x = 0, y = 0;
};

/// The best place of every letter along the line. Returns the mean distance, grid px.
double placed(const PictureWord::Prepared& picture, const WordInFont& word, const DrawnWord& drawn,
              const Hypothesis& h, std::vector<Place>& places)
{
    const std::size_t n = word.letters.size();
    const double spread = picture.rows.spread;
    const double apart = n < 2 ? 0.0
                               : std::clamp(((picture.right - picture.left) - (drawn.right - drawn.left)) /
                                                static_cast<double>(n - 1),
                                            -1.2 * spread, 3.0 * spread);
    const int reach = static_cast<int>(std::ceil(kReach_spreads * spread)),
              rise = static_cast<int>(std::ceil(kRise_spreads * spread)), rise_step = picture.is_fine ? 2 : 1;
    const auto width = static_cast<std::size_t>(2 * reach + 1);
    std::vector<std::vector<float>> cost(n, std::vector<float>(width));
    std::vector<std::vector<int>> rises(n, std::vector<int>(width, 0)), from(n, std::vector<int>(width, 0));
    const double shift = n < 2 ? ((picture.right + picture.left) - (drawn.right + drawn.left)) / 2.0
                               : picture.left - drawn.left;
    const int foot = static_cast<int>(std::lround(h.foot));
    std::vector<int> middle(n);
    double edges = 0.0;
    for (std::size_t i = 0; i < n; ++i) {
        middle[i] = static_cast<int>(
            std::lround(word.letters[i].x_em * h.px_per_em + shift + apart * static_cast<double>(i)));
        const auto& letter = drawn.letters[i];
        const double weight = static_cast<double>(letter.edges.size());
        edges += weight;
        for (int dx = -reach; dx <= reach; ++dx) {
            float best = std::numeric_limits<float>::max();
            int best_dy = 0;
            for (int dy = -rise; dy <= rise; dy += rise_step) {
                const double d = meanDistance(picture.distance, letter, middle[i] + dx, foot + dy,
                                              static_cast<float>(picture.cap)) +
                                 kRiseCost * std::abs(dy);
                if (static_cast<float>(d * weight) < best)
                    best = static_cast<float>(d * weight), best_dy = dy;
            }
            cost[i][static_cast<std::size_t>(dx + reach)] = best;
            rises[i][static_cast<std::size_t>(dx + reach)] = best_dy;
        }
    }
    auto sum = cost;
    for (std::size_t i = 1; i < n; ++i) {
        const auto move = static_cast<float>(kMoveCost * static_cast<double>(drawn.letters[i].edges.size()));
        for (std::size_t to = 0; to < width; ++to) {
            float best = std::numeric_limits<float>::max();
            for (std::size_t k = 0; k < width; ++k) {
                const float d = sum[i - 1][k] + move * static_cast<float>(to > k ? to - k : k - to);
                if (d < best)
                    best = d, from[i][to] = static_cast<int>(k);
            }
            sum[i][to] += best;
        }
    }
    if (n == 0 || edges == 0.0)
        return picture.cap;
    auto k = static_cast<std::size_t>(std::ranges::min_element(sum[n - 1]) - sum[n - 1].begin());
    const double total = sum[n - 1][k];
    places.resize(n);
    for (std::size_t i = n; i-- > 0;) {
        places[i] = {middle[i] + static_cast<int>(k) - reach, foot + rises[i][k]};
        k = static_cast<std::size_t>(from[i][k]);
    }
    return total / edges;
}

/// Both ways between all of the picture's edges and those of the letters where they lie together.
void judge(const PictureWord::Prepared& picture, const DrawnWord& drawn, const std::vector<Place>& places,
           WordFit& fit)
{
    const int pad = static_cast<int>(std::ceil(picture.cap)) + 2;
    cv::Mat drawn_ink(picture.distance.rows + 2 * pad, picture.distance.cols + 2 * pad, CV_8U, cv::Scalar(0));
    std::vector<std::pair<double, double>> spans; // of each letter along the line
    for (std::size_t i = 0; i < places.size(); ++i) {
        const auto& ink = drawn.letters[i].ink;
        std::size_t k = 0;
        for (int y = 0; y < ink.height; ++y)
            for (int x = 0; x < ink.width; ++x, ++k) {
                const int at_x = places[i].x + ink.left + x + pad, at_y = places[i].y + ink.bottom + y + pad;
                if (ink.grey[k] > 0 && at_x >= 0 && at_y >= 0 && at_x < drawn_ink.cols &&
                    at_y < drawn_ink.rows) {
                    auto& there = drawn_ink.at<std::uint8_t>(at_y, at_x);
                    there = std::max(there, ink.grey[k]);
                }
            }
        spans.emplace_back(places[i].x + ink.left, places[i].x + ink.left + ink.width);
    }
    const cv::Mat mask = drawn_ink >= picture.least_ink;
    auto edges = edgesOf(mask);
    if (edges.empty() || picture.edges.empty())
        return;
    const cv::Mat distance = distanceTo(edges, mask.size());
    std::vector<double> sums(places.size(), 0.0), counts(places.size(), 0.0);
    const auto letterAt = [&spans](double x) {
        std::size_t best = 0;
        double nearest = 1e300;
        for (std::size_t i = 0; i < spans.size(); ++i) {
            const double beyond = std::max({0.0, spans[i].first - x, x - spans[i].second});
            const double off = beyond * 1e3 + std::abs(x - (spans[i].first + spans[i].second) / 2.0);
            if (spans[i].second > spans[i].first && off < nearest)
                nearest = off, best = i;
        }
        return best;
    };
    const auto cap = static_cast<float>(picture.cap);
    double there = 0.0, back = 0.0;
    for (const auto& p : edges) {
        const double d = at(picture.distance, p.x - pad, p.y - pad, cap);
        const auto i = letterAt(p.x - pad);
        there += d, sums[i] += d, ++counts[i];
    }
    for (const auto& p : picture.edges) {
        const double d = at(distance, p.x + pad, p.y + pad, cap);
        const auto i = letterAt(p.x);
        back += d, sums[i] += d, ++counts[i];
    }
    const double spread = std::max(1.0, picture.rows.spread);
    fit.distance =
        (there / static_cast<double>(edges.size()) + back / static_cast<double>(picture.edges.size())) / 2.0 /
            spread +
        kOfInk *
            std::min(1.0,
                     std::abs(std::log(std::max(1.0, picture.ink) / std::max(1.0, cv::sum(drawn_ink)[0]))));
    fit.letters.resize(places.size());
    for (std::size_t i = 0; i < places.size(); ++i) {
        fit.letters[i].distance = counts[i] > 0.0 ? sums[i] / counts[i] / spread : 0.0;
        fit.letters[i].origin_px = {picture.left_px + places[i].x / picture.scale,
                                    picture.bottom_px - places[i].y / picture.scale};
    }
}

} // namespace

PictureWord::PictureWord(const PictureInk& ink, Fineness fineness) : m_prepared(std::make_unique<Prepared>())
{
    auto& p = *m_prepared;
    p.is_fine = fineness != Fineness::Coarse;
    p.least_ink = fineness == Fineness::Coarse ? kInkCoarse
                  : fineness == Fineness::Fine ? kInkFine
                                               : kInkFinest;
    const cv::Mat all(ink.height_px, ink.width_px, CV_8U, const_cast<std::uint8_t*>(ink.ink.data()));
    std::vector<cv::Point> points;
    cv::findNonZero(all >= kInkFine, points);
    if (points.empty())
        return;
    const cv::Rect box = cv::boundingRect(points);
    cv::Mat part = all(box).clone();
    const auto rowsOfMat = [](const cv::Mat& upward) {
        std::vector<double> sums;
        for (int y = 0; y < upward.rows; ++y)
            sums.push_back(cv::sum(upward.row(y))[0]);
        return rowsOf(sums, 0.0);
    };
    cv::Mat upward;
    cv::flip(part, upward, 0);
    const double spread = std::max(0.5, rowsOfMat(upward).spread);
    const double wanted = fineness == Fineness::Coarse ? kCoarseSpread_px
                          : fineness == Fineness::Fine ? kFineSpread_px
                                                       : kFinestSpread_px;
    p.scale = std::clamp(wanted / spread, 0.02, 4000.0 / std::max(box.width, box.height));
    cv::resize(upward, upward, {}, p.scale, p.scale, p.scale < 1.0 ? cv::INTER_AREA : cv::INTER_CUBIC);
    p.left_px = box.x;
    p.bottom_px = box.y + box.height;
    p.rows = rowsOfMat(upward);
    p.cap = kCap_spreads * p.rows.spread;
    p.right = upward.cols - 1.0;
    p.ink = cv::sum(upward)[0];
    const cv::Mat mask = upward >= p.least_ink;
    p.edges = edgesOf(mask);
    p.distance = distanceTo(p.edges, mask.size());
    cv::min(p.distance, p.cap, p.distance);
}

double PictureWord::spread_px() const
{
    return m_prepared->rows.spread / m_prepared->scale;
}

double PictureWord::gridPx(double picture_px) const
{
    return picture_px * m_prepared->scale;
}

PictureWord::~PictureWord() = default;
PictureWord::PictureWord(PictureWord&&) noexcept = default;

WordFit fitted(const PictureWord& picture, const WordInFont& word)
{
    const auto& p = picture.prepared();
    WordFit best;
    if (p.edges.empty() || word.letters.empty() || !(word.x_height_em > 0.01))
        return best;
    const std::size_t most_edges = p.is_fine ? kMostEdges_fine : kMostEdges_coarse;
    const double usual = p.rows.spread / 0.6 / word.x_height_em;
    const auto measured = drawn(word, usual, most_edges, p.least_ink, p.distance, true);
    struct Tried
    {
        double distance;
        Hypothesis hypothesis;
        DrawnWord drawn;
        std::vector<Place> places;
    };
    std::optional<Tried> found;
    const auto tried = [&](const Hypothesis& h) {
        Tried t{0.0, h, drawn(word, h.px_per_em, most_edges, p.least_ink, p.distance, false), {}};
        t.distance = placed(p, word, t.drawn, h, t.places);
        if (!t.places.empty() && (!found || t.distance < found->distance))
            found = std::move(t);
    };
    for (const auto& h : hypotheses(p.rows, measured.rows, usual))
        tried(h);
    if (!found)
        return best;
    if (p.is_fine) // a little larger or smaller about the middle of the rows
        for (const double factor : {0.975, 1.025}) {
            const auto h = found->hypothesis;
            tried({h.px_per_em * factor, p.rows.mean - (p.rows.mean - h.foot) * factor});
        }
    best.px_per_em = found->hypothesis.px_per_em / p.scale;
    judge(p, found->drawn, found->places, best);
    return best;
}

double distanceAt(const PictureWord& picture, const InkPicture& letter, const WordFit& fit, std::size_t index)
{
    const auto& p = picture.prepared();
    const auto& origin = fit.letters[index].origin_px;
    const int x = static_cast<int>(std::lround((origin.x - p.left_px) * p.scale)),
              y = static_cast<int>(std::lround((p.bottom_px - origin.y) * p.scale));
    DrawnLetter drawn_letter;
    drawn_letter.edges = edgePixelsOf(letter, p.least_ink);
    if (drawn_letter.edges.empty() || p.edges.empty())
        return 1.0;
    thinOut(drawn_letter.edges, kMostEdges_fine);
    drawn_letter.stepOn(p.distance);
    const int reach = std::max(1, static_cast<int>(0.3 * p.rows.spread));
    const auto cap = static_cast<float>(p.cap);
    float best = cap;
    for (int dx = -reach; dx <= reach; ++dx)
        for (int dy = -2; dy <= 2; ++dy)
            best = std::min(best, meanDistance(p.distance, drawn_letter, x + dx, y + dy, cap));
    return best / std::max(1.0, p.rows.spread);
}

} // namespace ink
