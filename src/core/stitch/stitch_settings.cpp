#include "core/stitch/stitch_settings.h"

#include <algorithm>
#include <array>
#include <cctype>
#include <cmath>

namespace ink {
namespace {

constexpr std::array<std::string_view, 4> kAs{"satin", "fill", "running", "applique"};
constexpr std::array<std::string_view, 2> kCovers{"satin", "blanket"};

template <class Kind, std::size_t N>
std::optional<Kind> ofId(const std::array<std::string_view, N>& ids, std::string_view id)
{
    const auto at = std::ranges::find(ids, id);
    return at == ids.end() ? std::nullopt : std::optional(Kind(at - ids.begin()));
}

double within(double value, double least, double most, double usual)
{
    return std::isfinite(value) ? std::clamp(value, least, most) : usual;
}

bool isColour(const std::string& text)
{
    return text.size() == 7 && text[0] == '#' &&
           std::all_of(text.begin() + 1, text.end(), [](unsigned char c) { return std::isxdigit(c) != 0; });
}

} // namespace

std::string_view idOf(SewnAs as)
{
    return kAs[std::size_t(as)];
}

std::optional<SewnAs> sewnAsOf(std::string_view id)
{
    return ofId<SewnAs>(kAs, id);
}

std::string_view idOf(EdgeCover cover)
{
    return kCovers[std::size_t(cover)];
}

std::optional<EdgeCover> edgeCoverOf(std::string_view id)
{
    return ofId<EdgeCover>(kCovers, id);
}

StitchSettings sensible(StitchSettings s)
{
    const StitchSettings usual;
    s.spacing_mm = within(s.spacing_mm, kLeastSpacing_mm, kMostSpacing_mm, usual.spacing_mm);
    s.pull_mm = within(s.pull_mm, 0.0, kMostPull_mm, usual.pull_mm);
    s.fill_angle_deg = within(s.fill_angle_deg, -180.0, 180.0, usual.fill_angle_deg);
    s.cover_mm = within(s.cover_mm, 1.0, 10.0, usual.cover_mm);
    s.cover_inside = within(s.cover_inside, 0.0, 1.0, usual.cover_inside);
    s.tack_mm = within(s.tack_mm, 0.2, 5.0, usual.tack_mm);
    s.blanket_mm = within(s.blanket_mm, 1.0, 10.0, usual.blanket_mm);
    s.hoop_width_mm = within(s.hoop_width_mm, 0.0, kMostHoop_mm, usual.hoop_width_mm);
    s.hoop_height_mm = within(s.hoop_height_mm, 0.0, kMostHoop_mm, usual.hoop_height_mm);
    s.stitches_a_minute = within(s.stitches_a_minute, 50.0, 2000.0, usual.stitches_a_minute);
    if (!isColour(s.thread))
        s.thread = usual.thread;
    if (!isColour(s.cloth))
        s.cloth = usual.cloth;
    return s;
}

} // namespace ink
