// Faces described, and a picture answered, beside reading the same fonts: for a thousand faces.
//   build/dev/bench/bench_match [FOLDER OF FONTS]      default: /usr/share/fonts
#include "bench/measured.h"
#include "core/base/on_threads.h"
#include "core/match/face_likeness.h"
#include "core/match/picture_match.h"

#include <filesystem>

using namespace ink;
using namespace ink::bench;
namespace fs = std::filesystem;

namespace {

std::vector<fs::path> fontsIn(const fs::path& folder)
{
    std::vector<fs::path> fonts;
    for (const auto& entry : fs::recursive_directory_iterator(folder))
        if (entry.is_regular_file() && looksLikeFontFile(entry.path()) && FontFace::open(entry.path()))
            fonts.push_back(entry.path());
    return fonts;
}

PictureInk drawn(const std::string& words)
{
    const auto set =
        mustBe(setWord(mustBe(FontFace::open(std::string(INK_DEMO_FONTS) + "/HartsorrelScript.ttf")), words));
    Picture picture{900, 300, std::vector<std::uint8_t>(900 * 300 * 3, 240)};
    for (std::size_t i = 0; i < set.glyphs.size(); ++i) {
        const auto letter = set.word.draw(i, 150.0);
        const int x0 = 60 + static_cast<int>(set.word.letters[i].x_em * 150.0);
        for (int y = letter.bottom; y < letter.bottom + letter.height; ++y)
            for (int x = letter.left; x < letter.left + letter.width; ++x)
                if (const auto at = (200 - y) * 900 + x0 + x;
                    letter.at(x, y) > 0 && at >= 0 && at < 900 * 300)
                    for (std::size_t c = 0; c < 3; ++c)
                        picture.rgb[static_cast<std::size_t>(at) * 3 + c] =
                            static_cast<std::uint8_t>(240 - letter.at(x, y) * 210 / 255);
    }
    return mustBe(inkOf(picture));
}

} // namespace

int main(int argc, char** argv)
{
    const auto fonts = fontsIn(argc > 1 ? argv[1] : "/usr/share/fonts");
    const double per_thousand = 1000.0 / static_cast<double>(fonts.size());
    std::vector<std::shared_ptr<const FaceDescriptor>> faces(fonts.size());
    const double opened = quickest_ms(
        [&] { onThreads(2, fonts.size(), {}, [&](std::size_t i) { FontFace::open(fonts[i]).has_value(); }); },
        1);
    const double described = quickest_ms(
        [&] {
            onThreads(2, fonts.size(), {}, [&](std::size_t i) {
                faces[i] = std::make_shared<FaceDescriptor>(descriptorOf(*mustBe(FontFace::open(fonts[i]))));
            });
        },
        1);
    std::printf("%zu faces on two cores: opened in %.0f ms, described in %.0f ms (%.1f times): %.1f s for a "
                "thousand\n",
                fonts.size(), opened, described, described / opened, described * per_thousand / 1000.0);
    // As many as a thousand by taking them again.
    std::vector<MatchFace> all;
    for (std::size_t i = 0; i < 1000; ++i)
        all.push_back({faces[i % faces.size()], [&font = fonts[i % fonts.size()]](std::string_view words) {
                           return setWord(font, {}, words);
                       }});
    const auto ink = drawn("Honey");
    const auto match = mustBe(PictureMatch::of(ink, "Honey"));
    double first_ms = 0.0;
    const double answered = quickest_ms(
        [&] {
            const auto begin = std::chrono::steady_clock::now();
            bool is_told = false;
            mustBe(likest(match, all, {}, {}, [&](const std::vector<FaceMatch>&) {
                if (!std::exchange(is_told, true))
                    first_ms =
                        std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - begin)
                            .count();
            }));
        },
        3);
    std::printf("a picture among 1000 faces: first ones told after %.0f ms, answered in %.0f ms\n", first_ms,
                answered);
    std::vector<std::unique_ptr<FaceLook>> looks(faces.size());
    const double prepared = quickest_ms(
        [&] {
            onThreads(2, faces.size(), {},
                      [&](std::size_t i) { looks[i] = std::make_unique<FaceLook>(*faces[i]); });
        },
        1);
    double sum = 0.0;
    const double compared = quickest_ms([&] {
        for (const auto& look : looks)
            sum += looks[0]->distanceTo(*look);
    });
    std::printf("like one face: prepared in %.0f ms, compared in %.0f ms for a thousand (%.3f)\n",
                prepared * per_thousand, compared * per_thousand, sum);
    return 0;
}
