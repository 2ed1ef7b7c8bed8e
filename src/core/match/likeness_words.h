// Likeness as people say it.
#pragma once

#include <string_view>

namespace ink {

/// In words, from the best down. "The same" is said only where the letters agree within what a picture's sharpness allows.
enum class LikenessWord { Same, Nearly, Like, Manner, Unlike };

/// For reports: "same", "nearly", "like", "manner", "unlike".
std::string_view idOf(LikenessWord word);

/// Of lettering in a picture (WordFit::distance, beyond what its sharpness hides), and of two faces (FaceLook::distanceTo).
/// Where the words change is ours, no standard: docs/match.md shows what is said of which faces.
LikenessWord wordForLettering(double distance);
LikenessWord wordForFaces(double distance);

/// 1 for the same, falling towards 0.
double likenessOf(double distance);

} // namespace ink
