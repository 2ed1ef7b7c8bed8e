// How a job is sewn.
#pragma once

#include <optional>
#include <string>
#include <string_view>

namespace ink {

/// What letters become.
enum class SewnAs { Satin, Fill, Running, Applique };
std::string_view idOf(SewnAs as);
std::optional<SewnAs> sewnAsOf(std::string_view id);

/// Over the edge of cloth that is laid on.
enum class EdgeCover { Satin, Blanket };
std::string_view idOf(EdgeCover cover);
std::optional<EdgeCover> edgeCoverOf(std::string_view id);

/// All from memory of the trade, no published source; the person may change them.
struct StitchSettings
{
    SewnAs as = SewnAs::Satin;
    EdgeCover cover = EdgeCover::Satin;
    double spacing_mm = 0.4;
    double pull_mm = 0.2;
    bool has_underlay = true;
    double fill_angle_deg = 45.0;
    /// Of an appliqué: how wide its cover is, what share of that lies inside, and how far inside it is tacked down.
    double cover_mm = 3.5, cover_inside = 0.6, tack_mm = 0.8;
    double blanket_mm = 3.0;
    std::string thread = "#a23a2b", cloth = "#e6ddc9";
    /// Room of the hoop; 0 for none.
    double hoop_width_mm = 130.0, hoop_height_mm = 180.0;
    double stitches_a_minute = 800.0;
    /// Names of a list: together in a hoop as far as they fit, instead of one by one.
    bool is_together = false;

    friend bool operator==(const StitchSettings&, const StitchSettings&) = default;
};

/// Each figure brought into its range.
StitchSettings sensible(StitchSettings settings);

inline constexpr double kLeastSpacing_mm = 0.2, kMostSpacing_mm = 5.0, kMostPull_mm = 2.0,
                        kMostHoop_mm = 2000.0;

} // namespace ink
