#include "core/match/likeness_words.h"

#include <array>
#include <cmath>
#include <utility>

namespace ink {
namespace {

constexpr std::array<std::string_view, 5> kIds{"same", "nearly", "like", "manner", "unlike"};

using Steps = std::array<std::pair<double, LikenessWord>, 4>;
constexpr Steps kLettering{{{0.030, LikenessWord::Same},
                            {0.065, LikenessWord::Nearly},
                            {0.120, LikenessWord::Like},
                            {0.200, LikenessWord::Manner}}};
constexpr Steps kFaces{{{0.012, LikenessWord::Same},
                        {0.045, LikenessWord::Nearly},
                        {0.080, LikenessWord::Like},
                        {0.155, LikenessWord::Manner}}};
/// The distance at which likeness has fallen to 1/e.
constexpr double kFall = 0.15;

LikenessWord wordAt(const Steps& steps, double distance)
{
    for (const auto& [most, word] : steps)
        if (distance <= most)
            return word;
    return LikenessWord::Unlike;
}

} // namespace

std::string_view idOf(LikenessWord word)
{
    return kIds[static_cast<std::size_t>(word)];
}

LikenessWord wordForLettering(double distance)
{
    return wordAt(kLettering, distance);
}

LikenessWord wordForFaces(double distance)
{
    return wordAt(kFaces, distance);
}

double likenessOf(double distance)
{
    return std::exp(-distance / kFall);
}

} // namespace ink
