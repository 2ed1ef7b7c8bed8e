#include "core/alphabet/letter_order.h"

#include <algorithm>
#include <optional>

namespace ink {
namespace {

using Kind = NeedleStep::Kind;

/// The letter's steps, parted where its threads change.
std::vector<NeedleWork> partsOf(const NeedleWork& work)
{
    std::vector<NeedleWork> parts(1);
    for (const auto& step : work)
        if (step.kind == Kind::Stop)
            parts.emplace_back();
        else
            parts.back().push_back(step);
    return parts;
}

bool lieOver(const Box& a, const Box& b)
{
    return a.x0 < b.x1 && b.x0 < a.x1 && a.y0 < b.y1 && b.y0 < a.y1;
}

std::optional<Point> endOf(const StitchLayer& layer)
{
    for (auto run = layer.runs.rbegin(); run != layer.runs.rend(); ++run)
        if (!run->points.empty())
            return run->points.back();
    return {};
}

/// As they came; a stitch leads on where that is near, else the thread is cut.
void sew(StitchLayer& layer, const NeedleWork& part)
{
    bool is_down = false;
    for (std::size_t i = 0; i < part.size(); ++i) {
        if (part[i].kind != Kind::Stitch) {
            is_down = false;
            continue;
        }
        if (!is_down) {
            const Point begin = i > 0 ? part[i - 1].at : part[i].at;
            const auto end = endOf(layer);
            const bool was_cut = i > 1 && part[i - 2].kind == Kind::Trim;
            layer.runs.push_back(
                {StitchKind::AsMade, 0, {begin}, was_cut || !end || length(begin - *end) > kStitchOver_mm});
            is_down = true;
        }
        layer.runs.back().points.push_back(part[i].at);
    }
}

StitchLayer& layerOf(std::vector<StitchLayer>& layers, std::size_t from, const std::string& thread)
{
    for (std::size_t i = from; i < layers.size(); ++i)
        if (layers[i].kind == LayerKind::Letters && layers[i].colour == thread)
            return layers[i];
    layers.push_back({LayerKind::Letters, thread, {}});
    return layers.back();
}

} // namespace

void addLetters(std::vector<StitchLayer>& layers, const std::vector<LyingLetter>& letters,
                bool brings_colours_together)
{
    std::vector<std::vector<NeedleWork>> parted;
    std::size_t most = 1;
    for (const auto& letter : letters) {
        parted.push_back(partsOf(letter.work));
        most = std::max(most, parted.back().size());
    }
    const auto threadOf = [&](std::size_t letter, std::size_t part) {
        const auto& threads = letters[letter].threads;
        return threads.empty() ? std::string() : threads[std::min(part, threads.size() - 1)];
    };
    bool is_over = false;
    for (std::size_t i = 0; i + 1 < letters.size() && most > 1; ++i)
        is_over = is_over || lieOver(boxOf(letters[i].work), boxOf(letters[i + 1].work));
    if (brings_colours_together && !is_over) {
        std::size_t from = 0;
        for (std::size_t part = 0; part < most; ++part) {
            for (std::size_t i = 0; i < parted.size(); ++i)
                if (part < parted[i].size())
                    sew(layerOf(layers, from, threadOf(i, part)), parted[i][part]);
            from = layers.size(); // what comes later lies above
        }
        return;
    }
    for (std::size_t i = 0; i < parted.size(); ++i)
        for (std::size_t part = 0; part < parted[i].size(); ++part) {
            const bool goes_on = most == 1 || (i == 0 && part == 0);
            sew(layerOf(layers, goes_on ? 0 : layers.size(), threadOf(i, part)), parted[i][part]);
        }
}

} // namespace ink
