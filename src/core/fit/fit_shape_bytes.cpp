#include "core/fit/fit_shape_bytes.h"

#include <nlohmann/json.hpp>

#include <cmath>

namespace ink {
namespace {

using Cbor = nlohmann::json;

/// Thrown by what reads, and caught in fitShapeFrom(): nothing else is let out.
struct OtherBytes
{
};

double number(const Cbor& json)
{
    const double value = json.get<double>();
    if (!std::isfinite(value))
        throw OtherBytes();
    return value;
}

template <class T>
T count(const Cbor& json)
{
    if (!json.is_number_unsigned())
        throw OtherBytes();
    return json.get<T>();
}

Cbor toCbor(Point p)
{
    return {p.x, p.y};
}

Point pointFrom(const Cbor& json)
{
    return {number(json.at(0)), number(json.at(1))};
}

Cbor toCbor(const AxisPlace& place)
{
    return {place.width, toCbor(place.centre), toCbor(place.a), toCbor(place.b)};
}

AxisPlace placeFrom(const Cbor& json)
{
    return {number(json.at(0)), pointFrom(json.at(1)), pointFrom(json.at(2)), pointFrom(json.at(3))};
}

Cbor toCbor(const std::optional<AxisPlace>& place)
{
    return place ? toCbor(*place) : Cbor();
}

std::optional<AxisPlace> placeOrNone(const Cbor& json)
{
    return json.is_null() ? std::nullopt : std::optional(placeFrom(json));
}

Cbor toCbor(const WidthSteps& steps)
{
    Cbor out = Cbor::array();
    for (const auto& step : steps.steps)
        out.push_back({step.from, toCbor(step.run), toCbor(step.point)});
    return out;
}

WidthSteps stepsFrom(const Cbor& json)
{
    WidthSteps steps;
    for (const auto& step : json)
        steps.steps.push_back({number(step.at(0)), placeOrNone(step.at(1)), placeOrNone(step.at(2))});
    return steps;
}

Cbor toCbor(const SmallPiece& part)
{
    return {part.area, toCbor(part.at)};
}

std::optional<SmallPiece> partFrom(const Cbor& json)
{
    return json.is_null() ? std::nullopt
                          : std::optional(SmallPiece{number(json.at(0)), pointFrom(json.at(1))});
}

Cbor toCbor(const LetterRef& letter)
{
    return {letter.line, letter.glyph};
}

LetterRef letterFrom(const Cbor& json)
{
    return {count<std::size_t>(json.at(0)), count<std::size_t>(json.at(1))};
}

/// Where it starts, then each segment: its degree, and its points but the first.
Cbor toCbor(const Contour& ring)
{
    Cbor out = Cbor::array();
    for (const auto& segment : ring.segments) {
        if (out.empty())
            out = {segment.start().x, segment.start().y};
        out.push_back(segment.degree());
        for (std::size_t i = 1; i <= segment.degree(); ++i) {
            out.push_back(segment.p[i].x);
            out.push_back(segment.p[i].y);
        }
    }
    return out;
}

Contour ringFrom(const Cbor& json)
{
    Contour ring;
    if (json.size() < 2)
        throw OtherBytes();
    Point at{number(json[0]), number(json[1])};
    for (std::size_t i = 2; i < json.size();) {
        const auto degree = count<std::size_t>(json[i]);
        if (degree < 1 || degree > 3 || i + 2 * degree >= json.size())
            throw OtherBytes();
        Segment segment{static_cast<SegmentKind>(degree), {at}};
        for (std::size_t k = 1; k <= degree; ++k)
            segment.p[k] = {number(json[i + 2 * k - 1]), number(json[i + 2 * k])};
        at = segment.end();
        ring.segments.push_back(segment);
        i += 1 + 2 * degree;
    }
    return ring;
}

Cbor toCbor(const Outline& outline)
{
    Cbor out = Cbor::array();
    for (const auto& piece : outline.pieces) {
        Cbor rings = Cbor::array({toCbor(piece.outer)});
        for (const auto& middle : piece.middles)
            rings.push_back(toCbor(middle));
        out.push_back(std::move(rings));
    }
    return out;
}

Outline outlineFrom(const Cbor& json)
{
    Outline outline;
    for (const auto& rings : json) {
        Piece piece{ringFrom(rings.at(0)), {}};
        for (std::size_t i = 1; i < rings.size(); ++i)
            piece.middles.push_back(ringFrom(rings[i]));
        outline.pieces.push_back(std::move(piece));
    }
    return outline;
}

Cbor toCbor(const FaceTraits& traits)
{
    Cbor characters = Cbor::array();
    for (const char32_t c : traits.private_only)
        characters.push_back(static_cast<std::uint32_t>(c));
    return {traits.joins.joins, traits.joins.pairs, static_cast<unsigned>(traits.kind.kind),
            traits.kind.reason, std::move(characters)};
}

FaceTraits traitsFrom(const Cbor& json)
{
    FaceTraits traits;
    traits.joins = {count<std::size_t>(json.at(0)), count<std::size_t>(json.at(1))};
    const auto kind = count<unsigned>(json.at(2));
    if (kind > static_cast<unsigned>(FontKind::PictureFont))
        throw OtherBytes();
    traits.kind = {static_cast<FontKind>(kind), json.at(3).get<std::string>()};
    for (const auto& c : json.at(4))
        traits.private_only += static_cast<char32_t>(count<std::uint32_t>(c));
    return traits;
}

Cbor toCbor(const LetterWithForms& letter)
{
    Cbor forms = Cbor::array();
    for (const auto& form : letter.forms)
        forms.push_back({form.feature, form.value, form.glyph_id, form.glyph_name, form.is_swash});
    return {toCbor(letter.letter), letter.text, letter.cluster, toCbor(letter.at), std::move(forms)};
}

LetterWithForms letterWithFormsFrom(const Cbor& json)
{
    LetterWithForms letter{letterFrom(json.at(0)),
                           json.at(1).get<std::string>(),
                           count<std::uint32_t>(json.at(2)),
                           pointFrom(json.at(3)),
                           {}};
    for (const auto& form : json.at(4))
        letter.forms.push_back({form.at(0).get<std::string>(), count<unsigned>(form.at(1)),
                                count<std::uint32_t>(form.at(2)), form.at(3).get<std::string>(),
                                form.at(4).get<bool>()});
    return letter;
}

template <class Values, class ToCbor>
Cbor listed(const Values& values, const ToCbor& as_cbor)
{
    Cbor out = Cbor::array();
    for (const auto& value : values)
        out.push_back(as_cbor(value));
    return out;
}

Cbor toCbor(const FitMarks& marks)
{
    const auto optional = [](const auto& value, const auto& as_cbor) {
        return value ? as_cbor(*value) : Cbor();
    };
    return {
        {"stroke", toCbor(marks.thinnest_stroke)},
        {"gap", toCbor(marks.narrowest_gap)},
        {"pairs", listed(marks.pairs,
                         [](const LetterPair& p) -> Cbor {
                             return {toCbor(p.left), toCbor(p.right), p.joins, toCbor(p.between)};
                         })},
        {"joins", marks.joins},
        {"letters", listed(marks.letters,
                           [](const GlyphPlace& g) -> Cbor {
                               return {g.glyph_id, toCbor(g.at)};
                           })},
        {"pieces", marks.pieces},
        {"nodes", marks.nodes},
        {"middles", listed(marks.middles, [](Point p) { return toCbor(p); })},
        {"points", listed(marks.sharp_points,
                          [](const PointOfInk& p) -> Cbor {
                              return {toCbor(p.at), p.angle_deg, toCbor(p.inwards)};
                          })},
        {"touching", optional(marks.touching, [](Point p) { return toCbor(p); })},
        {"strokes", toCbor(marks.stroke_steps)},
        {"gaps", toCbor(marks.gap_steps)},
        {"smallest", optional(marks.smallest_piece, [](const SmallPiece& s) { return toCbor(s); })},
        {"smallest-middle", optional(marks.smallest_middle, [](const SmallPiece& s) { return toCbor(s); })},
        {"missing", listed(marks.missing, [](char32_t c) -> Cbor { return static_cast<std::uint32_t>(c); })},
        {"forms", listed(marks.alternates, [](const LetterWithForms& l) { return toCbor(l); })},
        {"traits", toCbor(marks.traits)}};
}

FitMarks marksFrom(const Cbor& json)
{
    FitMarks marks;
    marks.thinnest_stroke = placeOrNone(json.at("stroke"));
    marks.narrowest_gap = placeOrNone(json.at("gap"));
    for (const auto& pair : json.at("pairs"))
        marks.pairs.push_back(
            {letterFrom(pair.at(0)), letterFrom(pair.at(1)), pair.at(2).get<bool>(), pointFrom(pair.at(3))});
    marks.joins = count<std::size_t>(json.at("joins"));
    for (const auto& glyph : json.at("letters"))
        marks.letters.push_back({count<std::uint32_t>(glyph.at(0)), pointFrom(glyph.at(1))});
    marks.pieces = count<std::size_t>(json.at("pieces"));
    marks.nodes = count<std::size_t>(json.at("nodes"));
    for (const auto& point : json.at("middles"))
        marks.middles.push_back(pointFrom(point));
    for (const auto& point : json.at("points"))
        marks.sharp_points.push_back({pointFrom(point.at(0)), number(point.at(1)), pointFrom(point.at(2))});
    if (const auto& touching = json.at("touching"); !touching.is_null())
        marks.touching = pointFrom(touching);
    marks.stroke_steps = stepsFrom(json.at("strokes"));
    marks.gap_steps = stepsFrom(json.at("gaps"));
    marks.smallest_piece = partFrom(json.at("smallest"));
    marks.smallest_middle = partFrom(json.at("smallest-middle"));
    for (const auto& c : json.at("missing"))
        marks.missing += static_cast<char32_t>(count<std::uint32_t>(c));
    for (const auto& letter : json.at("forms"))
        marks.alternates.push_back(letterWithFormsFrom(letter));
    marks.traits = traitsFrom(json.at("traits"));
    return marks;
}

} // namespace

std::string bytesOf(const FitShape& shape)
{
    const Cbor json{{"version", kFitShapeVersion},
                    {"outline", toCbor(shape.outline_fu)},
                    {"ink", {shape.ink_fu.x0, shape.ink_fu.y0, shape.ink_fu.x1, shape.ink_fu.y1}},
                    {"heights", {shape.units_per_em, shape.cap_height_em, shape.x_height_em}},
                    {"marks", toCbor(shape.marks_fu)}};
    std::string bytes;
    Cbor::to_cbor(json, bytes);
    return bytes;
}

std::optional<FitShape> fitShapeFrom(std::string_view bytes)
{
    try {
        const Cbor json = Cbor::from_cbor(bytes, true, false);
        if (json.is_discarded() || json.at("version") != kFitShapeVersion)
            return std::nullopt;
        FitShape shape;
        shape.outline_fu = outlineFrom(json.at("outline"));
        const auto &ink = json.at("ink"), &heights = json.at("heights");
        shape.ink_fu = {number(ink.at(0)), number(ink.at(1)), number(ink.at(2)), number(ink.at(3))};
        shape.units_per_em = number(heights.at(0));
        shape.cap_height_em = number(heights.at(1));
        shape.x_height_em = number(heights.at(2));
        if (!(shape.units_per_em > 0.0) || shape.outline_fu.pieces.empty())
            return std::nullopt;
        shape.marks_fu = marksFrom(json.at("marks"));
        return shape;
    } catch (const Cbor::exception&) {
        return std::nullopt;
    } catch (const OtherBytes&) {
        return std::nullopt;
    }
}

} // namespace ink
