#include "core/design/lettering_json.h"

#include "core/base/json_number.h"
#include "core/formats/path_data.h"

#include <nlohmann/json.hpp>

#include <algorithm>
#include <array>
#include <cmath>

namespace ink::detail {
namespace {

using Json = nlohmann::json;
using OrderedJson = nlohmann::ordered_json;

constexpr std::array<std::string_view, 3> kAligns{"left", "middle", "right"};
/// Larger figures are no choice of a person.
constexpr std::size_t kMostItems = 10000;

double figure(const Json& json, const char* name, double usual, double least, double most)
{
    const double value = json.value(name, usual);
    return std::isfinite(value) ? std::clamp(value, least, most) : usual;
}

/// Only what differs from the usual is written, so that files stay readable.
template <class T>
void put(OrderedJson& json, const char* name, const T& value, const T& usual)
{
    if (!(value == usual))
        json[name] = value;
}

OrderedJson shapeJson(const WordShape& shape)
{
    OrderedJson json{{"kind", infoOf(shape.kind).id}, {"bends", shape.bends}, {"amount", shape.amount}};
    put(json, "start_deg", shape.start_deg, 0.0);
    put(json, "inside", shape.is_inside, false);
    if (shape.corners != WordShape().corners) {
        auto corners = OrderedJson::array();
        for (const Point p : shape.corners)
            corners.push_back({p.x, p.y});
        json["corners"] = corners;
    }
    return json;
}

WordShape shapeFrom(const Json& json)
{
    WordShape shape;
    if (const auto* info = shapeNamed(json.value("kind", "none")))
        shape.kind = info->kind;
    shape.bends = json.value("bends", false);
    shape.amount = json.value("amount", infoOf(shape.kind).usual);
    shape.start_deg = json.value("start_deg", 0.0);
    shape.is_inside = json.value("inside", false);
    const auto corners = json.value("corners", Json::array());
    for (std::size_t i = 0; i < std::min<std::size_t>(4, corners.size()); ++i)
        if (corners[i].is_array() && corners[i].size() == 2)
            shape.corners[i] = {corners[i][0].get<double>(), corners[i][1].get<double>()};
    return sensible(shape);
}

OrderedJson blockJson(const Block& b)
{
    const Block usual;
    auto json = OrderedJson::object();
    put(json, "dx_em", b.dx_em, usual.dx_em);
    put(json, "dy_em", b.dy_em, usual.dy_em);
    put(json, "size", b.size, usual.size);
    if (b.align != usual.align)
        json["align"] = kAligns[static_cast<std::size_t>(b.align)];
    put(json, "stretch", b.stretch, usual.stretch);
    put(json, "line_gap", b.line_gap, usual.line_gap);
    put(json, "one_width", b.has_one_width, usual.has_one_width);
    if (b.shape.kind != ShapeKind::None)
        json["shape"] = shapeJson(b.shape);
    put(json, "tail", b.has_tail, usual.has_tail);
    put(json, "tail_motif", b.tail_motif, usual.tail_motif);
    put(json, "tail_drop_em", b.tail_drop_em, usual.tail_drop_em);
    return json;
}

Block blockFrom(const Json& json)
{
    Block b;
    b.dx_em = figure(json, "dx_em", 0.0, -kFurthest_em, kFurthest_em);
    b.dy_em = figure(json, "dy_em", 0.0, -kFurthest_em, kFurthest_em);
    b.size = figure(json, "size", 1.0, 0.05, 20.0);
    if (const auto align = std::ranges::find(kAligns, json.value("align", "left")); align != kAligns.end())
        b.align = static_cast<Align>(align - kAligns.begin());
    b.stretch = figure(json, "stretch", 1.0, 0.2, 5.0);
    b.line_gap = figure(json, "line_gap", 1.0, 0.2, 5.0);
    b.has_one_width = json.value("one_width", false);
    if (const auto shape = json.find("shape"); shape != json.end())
        b.shape = shapeFrom(*shape);
    b.has_tail = json.value("tail", false);
    b.tail_motif = json.value("tail_motif", "");
    b.tail_drop_em = figure(json, "tail_drop_em", Block().tail_drop_em, -5.0, 5.0);
    return b;
}

void putHandling(OrderedJson& json, const Handling& handling)
{
    put(json, "colour", handling.colour, std::string());
    if (handling.operation)
        json["operation"] = idOf(*handling.operation);
}

Handling handlingFrom(const Json& json)
{
    return {json.value("colour", ""), letterOperationOf(json.value("operation", ""))};
}

OrderedJson pieceJson(const PlacedPiece& p)
{
    OrderedJson json{{"motif", p.motif}};
    if (p.letter)
        json["letter"] = *p.letter;
    json["x_em"] = p.x_em;
    json["y_em"] = p.y_em;
    put(json, "size", p.size, 1.0);
    put(json, "turn_deg", p.turn_deg, 0.0);
    put(json, "mirrored", p.is_mirrored, false);
    putHandling(json, p.handling);
    return json;
}

PlacedPiece pieceFrom(const Json& json)
{
    PlacedPiece p;
    p.motif = json.value("motif", "");
    if (const auto letter = json.find("letter"); letter != json.end())
        p.letter = wholeNumber<std::size_t>(*letter);
    p.x_em = figure(json, "x_em", 0.0, -kFurthest_em, kFurthest_em);
    p.y_em = figure(json, "y_em", 0.0, -kFurthest_em, kFurthest_em);
    p.size = figure(json, "size", 1.0, 0.01, 100.0);
    p.turn_deg = figure(json, "turn_deg", 0.0, -360.0, 360.0);
    p.is_mirrored = json.value("mirrored", false);
    p.handling = handlingFrom(json);
    return p;
}

OrderedJson guideJson(const Guide& guide)
{
    return {{"upright", guide.is_upright}, {"at_em", guide.at_em}};
}

Guide guideFrom(const Json& json)
{
    return {json.value("upright", false), figure(json, "at_em", 0.0, -kFurthest_em, kFurthest_em)};
}

} // namespace

OrderedJson letterJson(std::size_t character, const LetterChoice& c)
{
    const LetterChoice usual;
    OrderedJson json{{"at", character}};
    if (c.worn)
        json["worn"] = {
            {"glyph", c.worn->glyph_id}, {"name", c.worn->glyph_name}, {"characters", c.worn->characters}};
    put(json, "motif", c.motif, usual.motif);
    if (c.font) {
        json["font"] = fontJson(*c.font);
        json["font_size"] = c.font_size;
    }
    put(json, "dx_em", c.dx_em, usual.dx_em);
    put(json, "dy_em", c.dy_em, usual.dy_em);
    put(json, "turn_deg", c.turn_deg, usual.turn_deg);
    put(json, "size", c.size, usual.size);
    put(json, "before_em", c.before_em, usual.before_em);
    put(json, "apart", c.is_apart, usual.is_apart);
    putHandling(json, c.handling);
    if (c.sewn_as)
        json["sewn_as"] = idOf(*c.sewn_as);
    return json;
}

LetterChoice letterFrom(const Json& json)
{
    LetterChoice c;
    if (const auto worn = json.find("worn"); worn != json.end())
        c.worn = WornForm{wholeNumber(*worn, "glyph", 0u), worn->value("name", ""),
                          std::clamp<std::size_t>(wholeNumber(*worn, "characters", 1u), 1, 8)};
    c.motif = json.value("motif", "");
    if (const auto font = json.find("font"); font != json.end()) {
        c.font = fontFrom(*font);
        c.font_size = figure(json, "font_size", 1.0, 0.05, 20.0);
    }
    c.dx_em = figure(json, "dx_em", 0.0, -kFurthest_em, kFurthest_em);
    c.dy_em = figure(json, "dy_em", 0.0, -kFurthest_em, kFurthest_em);
    c.turn_deg = figure(json, "turn_deg", 0.0, -360.0, 360.0);
    c.size = figure(json, "size", 1.0, 0.05, 20.0);
    c.before_em = figure(json, "before_em", 0.0, -kFurthest_em, kFurthest_em);
    c.is_apart = json.value("apart", false);
    c.handling = handlingFrom(json);
    c.sewn_as = sewnAsOf(json.value("sewn_as", ""));
    return c;
}

OrderedJson fontJson(const FontRef& font)
{
    return {{"path", font.path}, {"face", font.face}, {"instance", font.instance}};
}

FontRef fontFrom(const Json& json)
{
    return {json.value("path", ""), wholeNumber(json, "face", 0u), json.value("instance", "")};
}

OrderedJson motifJson(const std::string& id, const MotifDrawing& m)
{
    return {{"id", id},
            {"name", m.name},
            {"outline", pathData(*m.outline)},
            {"advance", m.advance},
            {"from_font", m.from_font},
            {"font_sha256", m.font_sha256},
            {"rights", m.rights}};
}

/// Nothing where the outline cannot be read.
std::optional<MotifDrawing> motifFrom(const Json& json)
{
    auto outline = pathsFromData(json.value("outline", ""));
    if (!outline || outline->empty())
        return {};
    return MotifDrawing{json.value("name", ""),
                        std::make_shared<const Paths>(std::move(*outline)),
                        figure(json, "advance", 0.0, 0.0, 1e6),
                        json.value("from_font", ""),
                        json.value("font_sha256", ""),
                        json.value("rights", "")};
}

OrderedJson mendingJson(const Mending& m)
{
    OrderedJson json{{"kind", idOf(m.kind)}};
    if (m.to > 0.0)
        json["to"] = m.to;
    if (m.kind == MendingKind::Leave)
        json["leaves"] = idOf(m.leaves);
    if (m.place)
        json["place"] = {{"letter", m.place->letter}, {"x_em", m.place->x_em}, {"y_em", m.place->y_em}};
    return json;
}

/// Nothing for a kind that this version does not know.
std::optional<Mending> mendingFrom(const Json& json)
{
    const auto kind = mendingKindOf(json.value("kind", ""));
    if (!kind)
        return {};
    Mending m{*kind, figure(json, "to", 0.0, 0.0, kMostMending_mm2)};
    if (*kind == MendingKind::Leave) {
        const auto leaves = findingKindOf(json.value("leaves", ""));
        if (!leaves)
            return {};
        m.leaves = *leaves;
    }
    if (const auto place = json.find("place"); place != json.end())
        m.place = MendingPlace{wholeNumber(*place, "letter", std::size_t(0)),
                               figure(*place, "x_em", 0.0, -kFurthest_em, kFurthest_em),
                               figure(*place, "y_em", 0.0, -kFurthest_em, kFurthest_em)};
    return m;
}

OrderedJson letteringJson(const Lettering& lettering)
{
    auto json = OrderedJson::object();
    const auto list = [&](const char* name, const auto& items, auto write) {
        if (items.empty())
            return;
        json[name] = OrderedJson::array();
        for (const auto& item : items)
            json[name].push_back(write(item));
    };
    list("letters", lettering.letters,
         [](const auto& entry) { return letterJson(entry.first, entry.second); });
    list("blocks", lettering.blocks, blockJson);
    if (lettering.close_up.depth_mm)
        json["close_up"] = {{"depth_mm", *lettering.close_up.depth_mm},
                            {"by", lettering.close_up.by == CloseUp::By::Line ? "line" : "pair"}};
    list("motifs", lettering.motifs, [](const auto& entry) { return motifJson(entry.first, entry.second); });
    list("pieces", lettering.pieces, pieceJson);
    list("guides", lettering.guides, guideJson);
    list("mendings", lettering.mendings, mendingJson);
    return json;
}

Lettering letteringFrom(const Json& json)
{
    Lettering lettering;
    const auto each = [&](const char* name, auto take) {
        const auto items = json.value(name, Json::array());
        for (std::size_t i = 0; i < std::min(kMostItems, items.size()); ++i)
            if (items[i].is_object())
                take(items[i]);
    };
    each("letters", [&](const Json& item) {
        lettering.letters[wholeNumber(item, "at", std::size_t(0))] = letterFrom(item);
    });
    each("blocks", [&](const Json& item) { lettering.blocks.push_back(blockFrom(item)); });
    if (const auto close_up = json.find("close_up"); close_up != json.end()) {
        lettering.close_up.depth_mm = figure(*close_up, "depth_mm", 0.3, 0.0, 10.0);
        lettering.close_up.by =
            close_up->value("by", "pair") == "line" ? CloseUp::By::Line : CloseUp::By::Pair;
    }
    each("motifs", [&](const Json& item) {
        const auto id = item.value("id", "");
        if (auto motif = motifFrom(item); motif && !id.empty())
            lettering.motifs[id] = std::move(*motif);
    });
    each("pieces", [&](const Json& item) { lettering.pieces.push_back(pieceFrom(item)); });
    each("guides", [&](const Json& item) { lettering.guides.push_back(guideFrom(item)); });
    each("mendings", [&](const Json& item) {
        if (auto mending = mendingFrom(item))
            lettering.mendings.push_back(*mending);
    });
    tidy(lettering);
    return lettering;
}

} // namespace ink::detail
