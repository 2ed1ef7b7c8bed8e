// What holds for the likeness of any picture and any face: larger, lighter, in colour, with more round it, turned; in whatever
// order faces are looked at.
// Source: T. Y. Chen, S. C. Cheung, S. M. Yiu, "Metamorphic testing: a new approach for generating next test cases",
//         HKUST-CS98-01, 1998, for the way of testing.
#include "core/match/face_likeness.h"
#include "tests/support/drawn_words.h"

#include <QtTest>

#include <algorithm>
#include <cmath>
#include <map>

using namespace ink;
using test::distance;
using test::pictureOf;

namespace {

constexpr std::array kFonts{"GatepostPlain.ttf", "HartsorrelScript.ttf", "Larkmallow.ttf",
                            "Pennyfold.ttf",     "QuillbrookScript.ttf", "SextonCourt.otf",
                            "Oatbrush.otf",      "TansyCord.ttf"};
constexpr const char* kWords = "Amber";

PictureInk inkOfWords(const Picture& picture)
{
    auto ink = inkOf(picture);
    if (!ink)
        qFatal("%s", ink.error().message().c_str());
    return std::move(*ink);
}

/// Looked at again where the likest font tells that the line still rises, as the window and `uink match` do.
PictureInk levelledInkOf(const Picture& picture)
{
    auto ink = inkOfWords(picture);
    for (int again = 0; again < kMostLevellings; ++again) {
        const auto match = *PictureMatch::of(ink, kWords);
        FaceMatch likest;
        for (const auto* font : kFonts)
            if (auto one = match.closely(*setWord(*FontFace::open(test::demoFont(font)), kWords));
                one.likeness > likest.likeness)
                likest = std::move(one);
        const double left = slopeLeft_deg(likest);
        if (std::abs(left) <= kLevel_deg)
            break;
        InkWishes wishes;
        wishes.slope_deg = ink.slope_deg + left;
        ink = *inkOf(picture, wishes);
    }
    return ink;
}

/// Each pixel as `as` has it.
template <class As>
Picture changed(Picture picture, const As& as)
{
    for (std::size_t i = 0; i < picture.rgb.size(); i += 3) {
        const auto tone = as(picture.rgb[i]);
        std::copy(tone.begin(), tone.end(), picture.rgb.begin() + static_cast<std::ptrdiff_t>(i));
    }
    return picture;
}

Picture withRoom(const Picture& picture, int left, int top, int right, int bottom)
{
    Picture out{picture.width_px + left + right, picture.height_px + top + bottom, {}};
    out.rgb.assign(static_cast<std::size_t>(out.width_px) * static_cast<std::size_t>(out.height_px) * 3,
                   picture.rgb.front());
    for (int y = 0; y < picture.height_px; ++y) {
        const auto row = picture.rgb.begin() + static_cast<std::ptrdiff_t>(y) * picture.width_px * 3;
        std::copy_n(row, picture.width_px * 3,
                    out.rgb.begin() + (static_cast<std::ptrdiff_t>(y + top) * out.width_px + left) * 3);
    }
    return out;
}

Picture doubled(const Picture& picture)
{
    Picture out{2 * picture.width_px, 2 * picture.height_px, {}};
    for (int y = 0; y < out.height_px; ++y)
        for (int x = 0; x < out.width_px; ++x)
            for (int c = 0; c < 3; ++c)
                out.rgb.push_back(
                    picture.rgb[static_cast<std::size_t>(((y / 2) * picture.width_px + x / 2) * 3 + c)]);
    return out;
}

using Tone = std::array<std::uint8_t, 3>;

} // namespace

class TestMatchLaws : public QObject
{
    Q_OBJECT
private slots:
    void initTestCase()
    {
        for (const auto* font : kFonts)
            m_inks.emplace(font, levelledInkOf(pictureOf(font, kWords)));
    }

    /// Neither how it was taken nor what is round it makes another font of it.
    void howItWasTakenChangesLittle_data()
    {
        QTest::addColumn<QString>("how");
        for (const char* how : {"twice as large", "more paper round it", "light on dark", "pale",
                                "in red on blue", "in white on green", "rising"})
            QTest::addRow("%s", how) << QString::fromLatin1(how);
    }
    void howItWasTakenChangesLittle()
    {
        QFETCH(QString, how);
        for (const auto* font : {"GatepostPlain.ttf", "Pennyfold.ttf"}) {
            const Picture plain = pictureOf(font, kWords);
            const Picture other =
                how == "twice as large"        ? doubled(plain)
                : how == "more paper round it" ? withRoom(plain, 300, 20, 5, 180)
                : how == "light on dark"
                    ? changed(plain,
                              [](int v) {
                                  return Tone{uint8_t(255 - v), uint8_t(255 - v), uint8_t(255 - v)};
                              })
                : how == "pale"
                    ? changed(
                          plain,
                          [](int v) {
                              return Tone{uint8_t(150 + v / 3), uint8_t(150 + v / 3), uint8_t(150 + v / 3)};
                          })
                : how == "in red on blue" ? changed(plain,
                                                    [](int v) {
                                                        return Tone{uint8_t(250 - v), 40, uint8_t(v)};
                                                    })
                : how == "in white on green"
                    ? changed(plain,
                              [](int v) {
                                  return Tone{uint8_t(255 - v), 200, uint8_t(255 - v)};
                              })
                    : pictureOf(font, kWords, {.turn_deg = 8.0});
            const auto ink = levelledInkOf(other);
            std::map<double, QString> nearest;
            for (const auto* one : kFonts) {
                const double here = distance(ink, one, kWords),
                             before = distance(m_inks.at(font), one, kWords);
                nearest.emplace(here, QLatin1String(one));
                QVERIFY2(std::abs(here - before) < 0.02 + (how == "rising" ? 0.25 : 0.15) * before,
                         qPrintable(QStringLiteral("%1, %2 in %3: %4 and %5")
                                        .arg(how, QLatin1String(font), QLatin1String(one))
                                        .arg(here)
                                        .arg(before)));
            }
            QCOMPARE(nearest.begin()->second, QString::fromLatin1(font));
        }
    }

    /// Whatever order they come in, and however many look.
    void orderOfFacesChangesNothing()
    {
        const auto match = *PictureMatch::of(m_inks.at("Larkmallow.ttf"), kWords);
        const auto ranked = [&](std::vector<const char*> fonts, unsigned threads) {
            std::vector<MatchFace> faces;
            for (const auto* font : fonts) {
                const auto face = *FontFace::open(test::demoFont(font));
                faces.push_back({std::make_shared<const FaceDescriptor>(descriptorOf(*face)),
                                 [face](std::string_view words) { return setWord(face, words); }});
            }
            std::vector<FaceMatch> so_far;
            const auto found = likest(match, faces, {.threads = threads}, {},
                                      [&](std::vector<FaceMatch> some) { so_far = std::move(some); });
            std::vector<std::pair<std::string, double>> out;
            for (const auto& one : *found) {
                out.emplace_back(fonts[one.face], one.likeness);
                if (!(one.likeness >= 0.0 && one.likeness <= 1.0) ||
                    one.glyphs.size() != one.fit.letters.size())
                    qFatal("a likeness of %f", one.likeness);
            }
            return out;
        };
        const std::vector<const char*> all(kFonts.begin(), kFonts.end());
        const auto once = ranked(all, 1);
        QCOMPARE(once.size(), kFonts.size());
        QCOMPARE(QString::fromStdString(once.front().first), QStringLiteral("Larkmallow.ttf"));
        QVERIFY(std::ranges::is_sorted(once, std::greater{}, &std::pair<std::string, double>::second));
        QCOMPARE(ranked({all.rbegin(), all.rend()}, 1), once);
        QCOMPARE(ranked(all, 3), once);
        // Without the best, the others are as they were.
        std::vector<const char*> fewer = all;
        std::erase_if(fewer, [](const char* font) { return std::string_view(font) == "Larkmallow.ttf"; });
        const std::vector<std::pair<std::string, double>> rest(once.begin() + 1, once.end());
        QCOMPARE(ranked(fewer, 2), rest);
    }

    /// A letter said wrong, or one too many, makes no font nearer.
    void wordsSaidWrongAreFarther()
    {
        for (const auto* font : {"GatepostPlain.ttf", "Pennyfold.ttf", "SextonCourt.otf"}) {
            const double right = distance(m_inks.at(font), font, kWords);
            for (const char* wrong : {"Ambers", "Amb", "Umber", "AMBER", "rebmA"})
                QVERIFY2(distance(m_inks.at(font), font, wrong) > right,
                         qPrintable(QStringLiteral("%1: %2").arg(QLatin1String(font), QLatin1String(wrong))));
        }
    }

    /// Faces among themselves: as far there as back, none from itself, and size is no difference.
    void facesAreAsFarThereAsBack()
    {
        std::vector<FaceLook> looks;
        for (const auto* font : kFonts)
            looks.emplace_back(descriptorOf(**FontFace::open(test::demoFont(font))));
        for (std::size_t i = 0; i < looks.size(); ++i) {
            QCOMPARE(looks[i].distanceTo(looks[i]), 0.0);
            for (std::size_t k = 0; k < looks.size(); ++k) {
                const double there = looks[i].distanceTo(looks[k]), back = looks[k].distanceTo(looks[i]);
                QVERIFY2(std::abs(there - back) < 1e-9,
                         qPrintable(QStringLiteral("%1 and %2").arg(there).arg(back)));
                QVERIFY(i == k || there > 0.0);
                // No way round by a third is much shorter.
                for (const auto& third : looks)
                    QVERIFY(there <= 1.5 * (looks[i].distanceTo(third) + third.distanceTo(looks[k])) + 1e-9);
            }
        }
    }

private:
    std::map<std::string, PictureInk> m_inks;
};

INK_TEST_CORE_MAIN(TestMatchLaws)
#include "test_match_laws.moc"
