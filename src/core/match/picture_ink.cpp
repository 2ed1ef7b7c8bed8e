#include "core/match/picture_ink.h"

#include <opencv2/imgproc.hpp>

#include <png.h>

#include <algorithm>
#include <cmath>
#include <numeric>
#include <ostream>

namespace ink {
namespace {

constexpr double kLeastFrame_px = 8.0;
/// Lettering larger than this tells no more.
constexpr double kMostHeight_px = 420.0, kMostWidth_px = 3000.0;
/// Darkest to lightest, of 255: less is one tone.
constexpr double kLeastContrast = 10.0;
constexpr double kMostSlope_deg = 20.0;
/// Of the square of the stroke's width: what is smaller is a speck, and no dot of an i.
constexpr double kSpeck = 0.3;

cv::Mat asMat(const Picture& picture)
{
    return {picture.height_px, picture.width_px, CV_8UC3, const_cast<std::uint8_t*>(picture.rgb.data())};
}

double distanceOf(Point a, Point b)
{
    return std::hypot(a.x - b.x, a.y - b.y);
}

/// The part between the corners as a rectangle.
cv::Mat setUpright(const cv::Mat& picture, const FrameCorners& c)
{
    double width = (distanceOf(c[0], c[1]) + distanceOf(c[3], c[2])) / 2.0;
    double height = (distanceOf(c[0], c[3]) + distanceOf(c[1], c[2])) / 2.0;
    const double smaller = std::min({1.0, kMostHeight_px / height, kMostWidth_px / width});
    cv::Mat from = picture;
    FrameCorners corners = c;
    if (smaller < 0.7) { // averaged first: picking single pixels would leave stairs
        cv::resize(picture, from, {}, smaller, smaller, cv::INTER_AREA);
        for (auto& corner : corners)
            corner = {corner.x * smaller, corner.y * smaller};
    }
    width = std::max(2.0, std::round(width * smaller)), height = std::max(2.0, std::round(height * smaller));
    std::array<cv::Point2f, 4> source, target{cv::Point2f(0, 0),
                                              {static_cast<float>(width), 0},
                                              {static_cast<float>(width), static_cast<float>(height)},
                                              {0, static_cast<float>(height)}};
    for (std::size_t i = 0; i < 4; ++i)
        source[i] = {static_cast<float>(corners[i].x), static_cast<float>(corners[i].y)};
    cv::Mat upright;
    cv::warpPerspective(from, upright, cv::getPerspectiveTransform(source, target),
                        {static_cast<int>(width), static_cast<int>(height)}, cv::INTER_LINEAR,
                        cv::BORDER_REPLICATE);
    return upright;
}

/// One tone from three colours: weights of red, green and blue.
cv::Mat toneBy(const cv::Mat& colours, const cv::Vec3f& weights)
{
    cv::Mat exact, tone;
    colours.convertTo(exact, CV_32F);
    cv::transform(exact, tone, cv::Mat(weights.t()));
    return tone;
}

struct Threshold
{
    double at = 0.0;
    /// Part of the variance that lies between the two classes.
    double split = 0.0;
};

/// Otsu's threshold over 256 steps of a tone from 0 to 255.
Threshold otsu(const cv::Mat& tone)
{
    std::array<double, 256> count{};
    for (int y = 0; y < tone.rows; ++y)
        for (int x = 0; x < tone.cols; ++x)
            ++count[static_cast<std::size_t>(std::clamp(tone.at<float>(y, x), 0.0F, 255.0F))];
    const double all = static_cast<double>(tone.total());
    double sum = 0.0, squares = 0.0;
    for (std::size_t i = 0; i < 256; ++i) {
        sum += static_cast<double>(i) * count[i];
        squares += static_cast<double>(i * i) * count[i];
    }
    const double variance = squares / all - (sum / all) * (sum / all);
    Threshold best;
    double below = 0.0, sum_below = 0.0;
    for (std::size_t i = 0; i < 255; ++i) {
        below += count[i];
        sum_below += static_cast<double>(i) * count[i];
        if (below == 0.0 || below == all)
            continue;
        const double gap = sum_below / below - (sum - sum_below) / (all - below);
        const double between = below / all * (1.0 - below / all) * gap * gap;
        if (variance > 0.0 && between / variance > best.split)
            best = {static_cast<double>(i) + 0.5, between / variance};
    }
    return best;
}

/// From the hundredth part to the ninety-ninth: 0 to 255.
double stretch(cv::Mat& tone)
{
    std::vector<float> values;
    values.reserve(tone.total());
    for (int y = 0; y < tone.rows; ++y)
        values.insert(values.end(), tone.ptr<float>(y), tone.ptr<float>(y) + tone.cols);
    const auto at = [&values](double part) {
        const auto n = static_cast<std::ptrdiff_t>(part * static_cast<double>(values.size() - 1));
        std::nth_element(values.begin(), values.begin() + n, values.end());
        return values[static_cast<std::size_t>(n)];
    };
    const double dark = at(0.01), light = at(0.99), range = light - dark;
    tone.convertTo(tone, CV_32F, 255.0 / std::max(1.0, range), -dark * 255.0 / std::max(1.0, range));
    return range;
}

/// The tone in which ink and ground lie furthest apart: of lightness and the two main directions of the colours.
Result<cv::Mat> mostTellingTone(const cv::Mat& colours)
{
    cv::Mat flat, covariance, mean;
    colours.reshape(1, static_cast<int>(colours.total())).convertTo(flat, CV_32F);
    cv::calcCovarMatrix(flat, covariance, mean, cv::COVAR_NORMAL | cv::COVAR_ROWS | cv::COVAR_SCALE, CV_32F);
    cv::Mat values, directions;
    cv::eigen(covariance, values, directions);
    std::vector<cv::Vec3f> axes{{0.299F, 0.587F, 0.114F}};
    for (int i = 0; i < 2; ++i)
        axes.emplace_back(directions.at<float>(i, 0), directions.at<float>(i, 1), directions.at<float>(i, 2));
    cv::Mat best;
    double best_split = -1.0;
    for (const auto& axis : axes) {
        cv::Mat tone = toneBy(colours, axis);
        const double range = stretch(tone);
        // A colour has to tell a good deal more than lightness does: JPEG keeps colours coarsely.
        const double split = otsu(tone).split * (&axis == axes.data() ? 1.15 : 1.0);
        if (range >= kLeastContrast && split > best_split)
            best_split = split, best = tone;
    }
    if (best.empty())
        return fail(ErrorCode::PictureOneTone);
    return best;
}

/// Part of the frame's edge that is lighter than the threshold: the ground is what the edge mostly is.
double lightOfEdge(const cv::Mat& tone, double threshold)
{
    const int ring = std::max(1, std::min(tone.rows, tone.cols) / 40);
    double light = 0.0, all = 0.0;
    for (int y = 0; y < tone.rows; ++y)
        for (int x = 0; x < tone.cols; ++x)
            if (y < ring || x < ring || y >= tone.rows - ring || x >= tone.cols - ring) {
                ++all;
                light += tone.at<float>(y, x) > threshold;
            }
    return light / all;
}

/// The mean of what is near, by weight.
cv::Mat nearMean(const cv::Mat& tone, const cv::Mat& weights, int reach)
{
    cv::Mat weight = weights.clone(), sum;
    cv::multiply(tone, weight, sum);
    const double everywhere = cv::sum(sum)[0] / std::max(1e-6, cv::sum(weight)[0]);
    const cv::Size window(2 * reach + 1, 2 * reach + 1);
    for (auto* mat : {&sum, &weight})
        for (int i = 0; i < 2; ++i) // twice a box: nearly round
            cv::blur(*mat, *mat, window, {-1, -1}, cv::BORDER_REFLECT);
    cv::Mat mean = sum + everywhere * 1e-3;
    cv::divide(mean, weight + 1e-3, mean);
    return mean;
}

/// 0 on the ground, 255 in the ink, by what ink and ground are like nearby. `tone` has dark ink.
cv::Mat softInk(const cv::Mat& tone, double threshold)
{
    const int reach = std::max(6, std::min(tone.rows, tone.cols) / 3);
    cv::Mat ink = (threshold - tone) / 255.0 + 0.5;
    for (int round = 0; round < 2; ++round) {
        // Full ink counts most: half-filled pixels along the edges would make it look lighter, and strokes bolder.
        cv::Mat dark_weight = ink - 0.5, ground = ink < 0.5, light_weight;
        cv::max(dark_weight, 0.0, dark_weight);
        if (cv::countNonZero(dark_weight) == 0)
            break;
        cv::pow(dark_weight, 3.0, dark_weight);
        cv::erode(ground, ground, cv::getStructuringElement(cv::MORPH_RECT, {3, 3}));
        ground.convertTo(light_weight, CV_32F, 1.0 / 255.0);
        const cv::Mat dark = nearMean(tone, dark_weight, reach), light = nearMean(tone, light_weight, reach);
        cv::Mat contrast = light - dark;
        cv::max(contrast, 24.0, contrast);
        cv::divide(light - tone, contrast, ink);
    }
    cv::Mat out;
    ink.convertTo(out, CV_8U, 255.0);
    return out;
}

/// Twice the area by the length of its edge.
double strokeWidthOf(const cv::Mat& mask)
{
    cv::Mat inner;
    cv::erode(mask, inner, cv::getStructuringElement(cv::MORPH_CROSS, {3, 3}), {-1, -1}, 1,
              cv::BORDER_CONSTANT, 0);
    const double area = cv::countNonZero(mask), edge = area - cv::countNonZero(inner);
    return edge > 0.0 ? 2.0 * area / edge : 0.0;
}

void takeSpecksAway(cv::Mat& ink)
{
    const cv::Mat mask = ink > 127;
    const double stroke = strokeWidthOf(mask), least = std::max(4.0, kSpeck * stroke * stroke);
    cv::Mat labels, figures, centres;
    const int parts = cv::connectedComponentsWithStats(mask, labels, figures, centres, 8, CV_32S);
    std::vector<char> goes(static_cast<std::size_t>(parts), 0);
    for (int i = 1; i < parts; ++i) {
        const int left = figures.at<int>(i, cv::CC_STAT_LEFT), top = figures.at<int>(i, cv::CC_STAT_TOP),
                  width = figures.at<int>(i, cv::CC_STAT_WIDTH),
                  height = figures.at<int>(i, cv::CC_STAT_HEIGHT);
        const int sides = (left <= 0) + (top <= 0) + (left + width >= ink.cols) + (top + height >= ink.rows);
        // What runs along the frame, from side to side, is the edge of a plate or a shadow.
        const bool is_frame = sides >= 2 && (width > ink.cols * 6 / 10 || height > ink.rows * 8 / 10);
        goes[static_cast<std::size_t>(i)] = is_frame || figures.at<int>(i, cv::CC_STAT_AREA) < least;
    }
    // A line drawn round the lettering, as labels have: it is large, and hardly any of it lies inside.
    std::vector<int> inside(static_cast<std::size_t>(parts), 0);
    for (int y = ink.rows * 15 / 100; y < ink.rows * 85 / 100; ++y)
        for (int x = ink.cols * 15 / 100; x < ink.cols * 85 / 100; ++x)
            ++inside[static_cast<std::size_t>(labels.at<int>(y, x))];
    for (int i = 1; i < parts; ++i)
        if (figures.at<int>(i, cv::CC_STAT_WIDTH) > ink.cols * 7 / 10 &&
            figures.at<int>(i, cv::CC_STAT_HEIGHT) > ink.rows * 6 / 10 &&
            inside[static_cast<std::size_t>(i)] * 20 < figures.at<int>(i, cv::CC_STAT_AREA))
            goes[static_cast<std::size_t>(i)] = 1;
    for (int y = 0; y < ink.rows; ++y)
        for (int x = 0; x < ink.cols; ++x) {
            const int label = labels.at<int>(y, x);
            if (label > 0 && goes[static_cast<std::size_t>(label)])
                ink.at<std::uint8_t>(y, x) = 0;
        }
    // The soft rim of a speck that went lies beside nothing now.
    cv::Mat near;
    cv::dilate(ink > 127, near, cv::getStructuringElement(cv::MORPH_RECT, {7, 7}));
    ink.setTo(0, ~near);
}

/// The angle at which rows of the lettering begin and end most sharply: on its baseline and its x-height.
double slopeOf(const cv::Mat& ink)
{
    std::vector<cv::Point> points;
    cv::findNonZero(ink > 127, points);
    const std::size_t step = std::max<std::size_t>(1, points.size() / 6000);
    std::vector<double> rows;
    const auto sharpness = [&](double deg) {
        const double s = std::sin(deg * std::numbers::pi / 180.0),
                     c = std::cos(deg * std::numbers::pi / 180.0);
        const double reach = std::hypot(ink.rows, ink.cols);
        const double bin = std::max(1.0, ink.rows / 120.0);
        rows.assign(static_cast<std::size_t>(2.0 * reach / bin) + 3, 0.0);
        for (std::size_t i = 0; i < points.size(); i += step) {
            const double at = (points[i].y * c + points[i].x * s + reach) / bin;
            const auto row = static_cast<std::size_t>(at);
            rows[row] += 1.0 - (at - std::floor(at));
            rows[row + 1] += at - std::floor(at);
        }
        double sum = 0.0;
        for (std::size_t i = 1; i < rows.size(); ++i)
            sum += (rows[i] - rows[i - 1]) * (rows[i] - rows[i - 1]);
        return sum;
    };
    double best = 0.0, most = sharpness(0.0) * 1.08; // level lettering stays as it is
    for (double step_deg : {1.0, 0.2}) {
        const double middle = best, reach = step_deg == 1.0 ? kMostSlope_deg : 1.0;
        for (double deg = middle - reach; deg <= middle + reach + 1e-9; deg += step_deg)
            if (const double sharp = sharpness(deg); sharp > most)
                most = sharp, best = deg;
    }
    return best;
}

cv::Mat turnedBy(const cv::Mat& picture, double deg, int border)
{
    if (std::abs(deg) < 0.05)
        return picture;
    const cv::Point2d middle(picture.cols / 2.0, picture.rows / 2.0);
    cv::Mat turn = cv::getRotationMatrix2D(middle, -deg, 1.0);
    const double s = std::abs(std::sin(deg * std::numbers::pi / 180.0)),
                 c = std::abs(std::cos(deg * std::numbers::pi / 180.0));
    const int width = static_cast<int>(std::ceil(picture.cols * c + picture.rows * s)),
              height = static_cast<int>(std::ceil(picture.rows * c + picture.cols * s));
    turn.at<double>(0, 2) += width / 2.0 - middle.x;
    turn.at<double>(1, 2) += height / 2.0 - middle.y;
    cv::Mat turned;
    cv::warpAffine(picture, turned, turn, {width, height}, cv::INTER_LINEAR, cv::BORDER_CONSTANT, border);
    return turned;
}

/// Pixels that are neither ink nor ground, for each pixel of edge.
double edgeWidthOf(const cv::Mat& ink)
{
    const cv::Mat mask = ink > 127;
    cv::Mat inner;
    cv::erode(mask, inner, cv::getStructuringElement(cv::MORPH_CROSS, {3, 3}));
    const double edge = cv::countNonZero(mask) - cv::countNonZero(inner);
    const double soft = cv::countNonZero((ink > 38) & (ink < 217));
    return edge > 0.0 ? std::max(1.0, soft / edge) : 1.0;
}

} // namespace

FrameCorners cornersOf(const Box& frame)
{
    return {Point{frame.x0, frame.y0}, {frame.x1, frame.y0}, {frame.x1, frame.y1}, {frame.x0, frame.y1}};
}

Result<PictureInk> inkOf(const Picture& picture, const InkWishes& wishes, const CancelToken& cancel)
{
    PictureInk out;
    out.corners = wishes.corners.value_or(
        cornersOf({0.0, 0.0, static_cast<double>(picture.width_px), static_cast<double>(picture.height_px)}));
    for (std::size_t i = 0; i < 4; ++i)
        if (!(distanceOf(out.corners[i], out.corners[(i + 1) % 4]) >= kLeastFrame_px))
            return fail(ErrorCode::FrameTooSmall);
    const cv::Mat upright = setUpright(asMat(picture), out.corners);
    if (cancel.isCancelled())
        return fail(ErrorCode::Cancelled);
    auto tone = mostTellingTone(upright);
    if (!tone)
        return fail(tone.error());
    if (tone->rows > 60)
        cv::GaussianBlur(*tone, *tone, {3, 3}, 0.7);
    const double threshold = otsu(*tone).at;
    const bool edge_is_light = lightOfEdge(*tone, threshold) >= 0.5;
    // Which end of the tone is light in the picture: directions of colours have no sign.
    cv::Mat grey;
    cv::cvtColor(upright, grey, cv::COLOR_RGB2GRAY);
    const bool tone_is_lightness =
        cv::mean(grey, *tone > threshold)[0] >= cv::mean(grey, *tone <= threshold)[0];
    out.is_light_on_dark = wishes.is_light_on_dark.value_or(edge_is_light != tone_is_lightness);
    const bool ink_is_high = out.is_light_on_dark == tone_is_lightness;
    cv::Mat dark_ink = *tone;
    if (ink_is_high)
        dark_ink = 255.0 - *tone;
    cv::Mat ink = softInk(dark_ink, ink_is_high ? 255.0 - threshold : threshold);
    if (cancel.isCancelled())
        return fail(ErrorCode::Cancelled);
    takeSpecksAway(ink);
    if (cv::countNonZero(ink > 127) < 12)
        return fail(ErrorCode::PictureWithoutLettering);
    out.edge_px = edgeWidthOf(ink);
    out.slope_deg = wishes.slope_deg.value_or(slopeOf(ink));
    ink = turnedBy(ink, out.slope_deg, 0);
    for (const auto& blot : wishes.painted_out)
        cv::circle(ink, {static_cast<int>(blot.centre.x), static_cast<int>(blot.centre.y)},
                   static_cast<int>(std::ceil(blot.radius_px)), 0, cv::FILLED);
    const cv::Mat mask = ink > 127;
    const int count = cv::countNonZero(mask);
    if (count < 12 || count > static_cast<int>(mask.total()) * 9 / 10)
        return fail(ErrorCode::PictureWithoutLettering);
    out.width_px = ink.cols;
    out.height_px = ink.rows;
    out.ink.assign(ink.datastart, ink.dataend);
    return out;
}

Result<void> writeInkPng(std::ostream& out, const PictureInk& ink)
{
    std::vector<std::uint8_t> grey(ink.ink.size());
    std::ranges::transform(ink.ink, grey.begin(),
                           [](std::uint8_t v) { return static_cast<std::uint8_t>(255 - v); });
    png_image image{};
    image.version = PNG_IMAGE_VERSION;
    image.width = static_cast<png_uint_32>(ink.width_px);
    image.height = static_cast<png_uint_32>(ink.height_px);
    image.format = PNG_FORMAT_GRAY;
    png_alloc_size_t bytes = PNG_IMAGE_PNG_SIZE_MAX(image);
    std::string png(bytes, '\0');
    if (!png_image_write_to_memory(&image, png.data(), &bytes, 0, grey.data(), 0, nullptr))
        return fail(ErrorCode::FileUnwritable);
    out.write(png.data(), static_cast<std::streamsize>(bytes));
    return {};
}

std::optional<FrameCorners> plateIn(const Picture& picture)
{
    cv::Mat grey, edges;
    cv::cvtColor(asMat(picture), grey, cv::COLOR_RGB2GRAY);
    const double smaller = std::min(1.0, 500.0 / std::max(grey.rows, grey.cols));
    cv::resize(grey, grey, {}, smaller, smaller, cv::INTER_AREA);
    cv::GaussianBlur(grey, grey, {5, 5}, 0);
    cv::Canny(grey, edges, 40, 120);
    cv::dilate(edges, edges, cv::getStructuringElement(cv::MORPH_RECT, {3, 3}));
    std::vector<std::vector<cv::Point>> lines;
    cv::findContours(edges, lines, cv::RETR_LIST, cv::CHAIN_APPROX_SIMPLE);
    std::optional<FrameCorners> best;
    double largest = 0.2 * static_cast<double>(grey.total());
    for (const auto& line : lines) {
        std::vector<cv::Point> corners;
        cv::approxPolyDP(line, corners, 0.02 * cv::arcLength(line, true), true);
        const double area = cv::contourArea(corners);
        if (corners.size() != 4 || !cv::isContourConvex(corners) || area <= largest ||
            area > 0.97 * static_cast<double>(grey.total()))
            continue;
        largest = area;
        std::array<Point, 4> found;
        for (std::size_t i = 0; i < 4; ++i)
            found[i] = {corners[i].x / smaller, corners[i].y / smaller};
        // From the corner nearest to the top left, clockwise as it is seen (y down).
        if (cv::contourArea(corners, true) < 0.0)
            std::reverse(found.begin(), found.end());
        std::size_t first = 0;
        for (std::size_t i = 1; i < 4; ++i)
            if (found[i].x + found[i].y < found[first].x + found[first].y)
                first = i;
        FrameCorners in_order;
        for (std::size_t i = 0; i < 4; ++i)
            in_order[i] = found[(first + i) % 4];
        best = in_order;
    }
    return best;
}

} // namespace ink
