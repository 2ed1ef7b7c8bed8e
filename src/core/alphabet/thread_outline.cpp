#include "core/alphabet/thread_outline.h"

#include "core/geometry/nesting.h"

#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>

#include <algorithm>
#include <cmath>
#include <numbers>

namespace ink {
namespace {

constexpr double kPixel_mm = 0.05;
constexpr double kMostPixels = 2400.0;
/// Between rows of one patch: they lie up to 0.4 mm from middle to middle, and pulled a little apart.
constexpr double kBetweenRows_mm = 0.3;
constexpr double kStraight_px = 1.6;
/// Places of cv::line are given in 1/16 of a pixel.
constexpr int kShift = 4;

Contour polygon(const std::vector<cv::Point>& points, const Box& box, double pixel_mm)
{
    Contour ring;
    const auto place = [&](const cv::Point& p) {
        return Point{box.x0 + p.x * pixel_mm, box.y1 - p.y * pixel_mm};
    };
    for (std::size_t i = 0; i < points.size(); ++i)
        ring.segments.push_back(Segment::line(place(points[i]), place(points[(i + 1) % points.size()])));
    return ring;
}

} // namespace

Outline threadOutline(const NeedleWork& work)
{
    Box box = boxOf(work);
    if (box.isEmpty())
        return {};
    const double around_mm = kThread_mm + 2.0 * kBetweenRows_mm;
    box = {box.x0 - around_mm, box.y0 - around_mm, box.x1 + around_mm, box.y1 + around_mm};
    const double pixel_mm = std::max(kPixel_mm, std::max(box.width(), box.height()) / kMostPixels);
    cv::Mat image = cv::Mat::zeros(static_cast<int>(std::ceil(box.height() / pixel_mm)) + 1,
                                   static_cast<int>(std::ceil(box.width() / pixel_mm)) + 1, CV_8U);
    const auto place = [&](Point p) {
        constexpr double kUnits = 1 << kShift;
        return cv::Point(static_cast<int>(std::lround((p.x - box.x0) / pixel_mm * kUnits)),
                         static_cast<int>(std::lround((box.y1 - p.y) / pixel_mm * kUnits)));
    };
    // A pixel more: contours run through the middles of the outermost ones.
    const int thread_px = std::max(1, static_cast<int>(std::lround(kThread_mm / pixel_mm)) + 1);
    for (std::size_t i = 0; i < work.size(); ++i)
        if (work[i].kind == NeedleStep::Kind::Stitch)
            cv::line(image, place((i > 0 ? work[i - 1] : work[i]).at), place(work[i].at), cv::Scalar(255),
                     thread_px, cv::LINE_8, kShift);
    const int reach_px = std::max(1, static_cast<int>(std::lround(kBetweenRows_mm / 2.0 / pixel_mm)));
    const auto round = cv::getStructuringElement(cv::MORPH_ELLIPSE, {2 * reach_px + 1, 2 * reach_px + 1});
    cv::morphologyEx(image, image, cv::MORPH_CLOSE, round);
    std::vector<std::vector<cv::Point>> contours;
    std::vector<cv::Vec4i> order; // next, previous, first inside, around
    cv::findContours(image, contours, order, cv::RETR_CCOMP, cv::CHAIN_APPROX_NONE);
    std::vector<Contour> rings;
    const double least_mm2 = std::numbers::pi * kThread_mm * kThread_mm / 4.0;
    for (std::size_t i = 0; i < contours.size(); ++i) {
        std::vector<cv::Point> points;
        cv::approxPolyDP(contours[i], points, kStraight_px, true);
        if (points.size() < 3)
            continue;
        Contour ring = polygon(points, box, pixel_mm);
        const bool is_middle = order[i][3] >= 0;
        if (std::abs(ring.signedArea()) < least_mm2)
            continue;
        if ((ring.signedArea() < 0.0) != is_middle)
            ring = ring.reversed();
        rings.push_back(std::move(ring));
    }
    return nested(std::move(rings));
}

} // namespace ink
