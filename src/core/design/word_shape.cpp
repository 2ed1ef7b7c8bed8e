#include "core/design/word_shape.h"

#include <algorithm>
#include <charconv>
#include <cmath>
#include <numbers>

namespace ink {
namespace {

constexpr double kPi = std::numbers::pi;

constexpr ShapeInfo kShapes[] = {
    {ShapeKind::None, "none", "", 0, 0, 0, false},
    {ShapeKind::Hill, "hill", "%", 18, 1, 100, true},
    {ShapeKind::Valley, "valley", "%", 18, 1, 100, true},
    {ShapeKind::Arch, "arch", "deg", 120, -340, 340, true},
    {ShapeKind::Circle, "circle", "deg", 320, 10, 359, true},
    {ShapeKind::Wave, "wave", "%", 10, -60, 60, true},
    {ShapeKind::Rising, "rising", "%", 20, -100, 100, true},
    {ShapeKind::Taper, "taper", "%", 50, 10, 400, true},
    {ShapeKind::Bulge, "bulge", "%", 40, -80, 200, true},
    {ShapeKind::Slant, "slant", "deg", 12, -60, 60, false},
    {ShapeKind::Mirror, "mirror", "", 0, 0, 0, false},
    {ShapeKind::Corners, "corners", "", 0, 0, 0, false},
};

double radians(double deg)
{
    return deg * kPi / 180.0;
}

/// Angle that the words take on their circle, positive when they stand on its outside.
double sweep(const WordShape& shape)
{
    return radians(shape.kind == ShapeKind::Circle && shape.is_inside ? -shape.amount : shape.amount);
}

/// How far the circle is turned from where an arch stands.
double turn(const WordShape& shape)
{
    if (shape.kind != ShapeKind::Circle)
        return 0.0;
    return -radians(shape.is_inside ? shape.start_deg - 180.0 : shape.start_deg);
}

PointMap arcMap(const WordShape& shape, const Box& ink)
{
    const double angle = sweep(shape), turned = turn(shape);
    const double radius = ink.width() / angle;
    const Point centre{(ink.x0 + ink.x1) / 2, -radius};
    return [=](Point p) {
        const double at = (p.x - centre.x) / radius;
        const Point on{(radius + p.y) * std::sin(at), (radius + p.y) * std::cos(at)};
        return Point{centre.x + on.x * std::cos(turned) - on.y * std::sin(turned),
                     centre.y + on.x * std::sin(turned) + on.y * std::cos(turned)};
    };
}

/// How much higher the words are at `along` (0 to 1) than they were drawn.
double heightAt(const WordShape& shape, double along)
{
    if (shape.kind == ShapeKind::Taper)
        return 1.0 + (shape.amount / 100.0 - 1.0) * along;
    if (shape.kind == ShapeKind::Bulge)
        return 1.0 + shape.amount / 100.0 * std::sin(kPi * std::clamp(along, 0.0, 1.0));
    return 1.0;
}

/// Integral of heightAt from 0.
double widthUpTo(const WordShape& shape, double along)
{
    const double share = shape.amount / 100.0;
    if (shape.kind == ShapeKind::Taper)
        return along + (share - 1.0) * along * along / 2;
    const double within = std::clamp(along, 0.0, 1.0);
    return along + share * (1.0 - std::cos(kPi * within)) / kPi;
}

/// How far the baseline rises at `along`, in widths of the words.
double riseAt(const WordShape& shape, double along)
{
    const double share = shape.amount / 100.0;
    switch (shape.kind) {
    case ShapeKind::Hill:
        return share * std::sin(kPi * along);
    case ShapeKind::Valley:
        return -share * std::sin(kPi * along);
    case ShapeKind::Wave:
        return share / 2 * std::sin(2 * kPi * along);
    case ShapeKind::Rising:
        return share * along;
    default:
        return 0.0;
    }
}

/// The projective map of the box to four points.
PointMap cornersMap(const WordShape& shape, const Box& ink)
{
    const double w = ink.width(), h = ink.height();
    const std::array<Point, 4> box{{{ink.x0, ink.y0}, {ink.x1, ink.y0}, {ink.x1, ink.y1}, {ink.x0, ink.y1}}};
    std::array<Point, 4> q;
    for (std::size_t i = 0; i < 4; ++i)
        q[i] = box[i] + Point{shape.corners[i].x * w, shape.corners[i].y * h};
    const Point d1 = q[1] - q[2], d2 = q[3] - q[2], s = q[0] - q[1] + q[2] - q[3];
    const double den = cross(d1, d2);
    const double g = cross(s, d2) / den, k = cross(d1, s) / den;
    const Point a = q[1] - q[0] + q[1] * g, b = q[3] - q[0] + q[3] * k, c = q[0];
    return [=](Point p) {
        const double u = (p.x - ink.x0) / w, v = (p.y - ink.y0) / h;
        return (a * u + b * v + c) * (1.0 / (g * u + k * v + 1.0));
    };
}

bool isConvex(const std::array<Point, 4>& q)
{
    for (std::size_t i = 0; i < 4; ++i)
        if (cross(q[(i + 1) % 4] - q[i], q[(i + 2) % 4] - q[(i + 1) % 4]) < 0.05)
            return false;
    return true;
}

} // namespace

std::span<const ShapeInfo> allShapes()
{
    return kShapes;
}

const ShapeInfo& infoOf(ShapeKind kind)
{
    return kShapes[static_cast<std::size_t>(kind)];
}

const ShapeInfo* shapeNamed(std::string_view id)
{
    const auto* it = std::ranges::find(kShapes, id, &ShapeInfo::id);
    return it == std::end(kShapes) ? nullptr : it;
}

WordShape sensible(WordShape shape)
{
    const auto& info = infoOf(shape.kind);
    if (!std::isfinite(shape.amount))
        shape.amount = info.usual;
    shape.amount = std::clamp(shape.amount, info.least, info.most);
    if ((shape.kind == ShapeKind::Arch) && std::abs(shape.amount) < 1.0)
        shape.amount = shape.amount < 0 ? -1.0 : 1.0;
    shape.start_deg = std::isfinite(shape.start_deg) ? std::remainder(shape.start_deg, 360.0) : 0.0;
    if (!info.can_keep_letters)
        shape.bends = true;
    std::array<Point, 4> q{{{0, 0}, {1, 0}, {1, 1}, {0, 1}}};
    for (std::size_t i = 0; i < 4; ++i)
        q[i] = q[i] + shape.corners[i];
    const bool is_finite = std::ranges::all_of(q, [](Point p) { return isFinite(p) && length(p) < 100.0; });
    if (!is_finite || !isConvex(q))
        shape.corners = {};
    return shape;
}

Result<WordShape> readShape(std::string_view text)
{
    const auto bad = [&] { return fail(ErrorCode::ShapeUnknown, std::string(text)); };
    WordShape shape;
    const ShapeInfo* info = nullptr;
    int numbers = 0;
    for (std::size_t at = 0; at <= text.size();) {
        const auto end = std::min(text.find(':', at), text.size());
        const auto part = text.substr(at, end - at);
        at = end + 1;
        if (!info) {
            info = shapeNamed(part);
            if (!info)
                return bad();
            shape.kind = info->kind;
            shape.amount = info->usual;
            shape.bends = true;
        } else if (part == "bend" || part == "keep") {
            shape.bends = part == "bend";
        } else if (part == "inside") {
            shape.is_inside = true;
        } else {
            double value = 0.0;
            const auto [stop, error] = std::from_chars(part.data(), part.data() + part.size(), value);
            if (error != std::errc() || stop != part.data() + part.size() || !std::isfinite(value))
                return bad();
            if (numbers == 0 && (value < info->least || value > info->most))
                return bad();
            (numbers == 0 ? shape.amount : shape.start_deg) = value;
            ++numbers;
        }
    }
    if (shape.is_inside && numbers < 2)
        shape.start_deg = 180.0; // at the foot of the circle, where they stand upright
    return sensible(shape);
}

PointMap shapeMap(const WordShape& wanted, const Box& ink)
{
    const WordShape shape = sensible(wanted);
    const double w = ink.width(), middle_y = (ink.y0 + ink.y1) / 2;
    if (ink.isEmpty() || w <= 0.0 || ink.height() <= 0.0)
        return [](Point p) { return p; };
    switch (shape.kind) {
    case ShapeKind::None:
        return [](Point p) { return p; };
    case ShapeKind::Arch:
    case ShapeKind::Circle:
        return arcMap(shape, ink);
    case ShapeKind::Slant:
        return [k = std::tan(radians(shape.amount))](Point p) { return Point{p.x + k * p.y, p.y}; };
    case ShapeKind::Mirror:
        return [both = ink.x0 + ink.x1](Point p) { return Point{both - p.x, p.y}; };
    case ShapeKind::Corners:
        return cornersMap(shape, ink);
    case ShapeKind::Taper:
    case ShapeKind::Bulge:
        return [=, x0 = ink.x0](Point p) {
            return Point{p.x, middle_y + (p.y - middle_y) * heightAt(shape, (p.x - x0) / w)};
        };
    default:
        return [=, x0 = ink.x0](Point p) { return Point{p.x, p.y + w * riseAt(shape, (p.x - x0) / w)}; };
    }
}

Affine shapePlace(const WordShape& wanted, const PointMap& map, const Box& ink, double x)
{
    const WordShape shape = sensible(wanted);
    Point foot = map({x, 0.0});
    const double step = std::max(ink.width(), 1.0) * 1e-5;
    const Point along = map({x + step, 0.0}) - map({x - step, 0.0});
    const double l = length(along);
    Point direction = l > 0.0 ? along * (1.0 / l) : Point{1.0, 0.0};
    double scale = 1.0;
    if (shape.kind == ShapeKind::Taper || shape.kind == ShapeKind::Bulge) {
        // Larger letters take more room: the foot goes where the widths before it add up to.
        const double along_it = (x - ink.x0) / ink.width();
        scale = heightAt(shape, along_it);
        direction = {1.0, 0.0};
        foot = {ink.x0 + ink.width() * widthUpTo(shape, along_it), 0.0};
    }
    const Affine turned{
        direction.x * scale, direction.y * scale, -direction.y * scale, direction.x * scale, 0, 0};
    // The middle foot of the letter, (x, 0), comes to lie on the line.
    const Point moved = foot - turned.map({x, 0.0});
    return {turned.a, turned.b, turned.c, turned.d, moved.x, moved.y};
}

} // namespace ink
