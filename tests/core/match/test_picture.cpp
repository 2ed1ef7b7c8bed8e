// Pictures of lettering: read without trust, set right, and told.
#include "tests/support/drawn_words.h"

#include <QtTest>

#include <cmath>
#include <fstream>
#include <numeric>
#include <random>
#include <sstream>

using namespace ink;
using test::distance;
using test::Drawn;
using test::pictureOf;

namespace {

std::string demoPicture(const char* name)
{
    std::ifstream in(test::demoFontFolder() / ".." / "pictures" / name, std::ios::binary);
    std::ostringstream all;
    all << in.rdbuf();
    return all.str();
}

} // namespace

class TestPicture : public QObject
{
    Q_OBJECT
private slots:
    void inkIsWhatWasDrawn();
    void lightOnDarkIsFound();
    void theSlopeIsFound();
    void theRightFontIsNearest();
    void spacingDoesNotCount();
    void whatIsSaidOverrulesWhatIsFound();
    void badPicturesAreSaid_data();
    void badPicturesAreSaid();
    void everyPrefixIsAnswered();
    void mutatedFilesAreAnswered();
    void badWordsAreSaid();
    void lookingCanBeCancelled();
};

void TestPicture::inkIsWhatWasDrawn()
{
    const Picture picture = pictureOf("GatepostPlain.ttf", "Honey");
    const auto ink = inkOf(picture);
    QVERIFY(ink);
    QVERIFY(!ink->is_light_on_dark);
    QCOMPARE(ink->width_px, picture.width_px);
    double drawn = 0.0, understood = 0.0;
    for (std::size_t i = 0; i < ink->ink.size(); ++i) {
        drawn += (240.0 - picture.rgb[3 * i]) / 210.0;
        understood += ink->ink[i] / 255.0;
    }
    QVERIFY2(std::abs(understood / drawn - 1.0) < 0.02, qPrintable(QString::number(understood / drawn)));
}

void TestPicture::lightOnDarkIsFound()
{
    const auto ink = inkOf(pictureOf("GatepostPlain.ttf", "Honey", {.paper = 40, .ink = 230}));
    QVERIFY(ink && ink->is_light_on_dark);
    QVERIFY(distance(*ink, "GatepostPlain.ttf", "Honey") < 0.02);
}

void TestPicture::theSlopeIsFound()
{
    for (const double deg : {-9.0, -4.0, 6.0, 12.0}) {
        const auto ink = inkOf(pictureOf("GatepostPlain.ttf", "Lavender", {.turn_deg = deg}));
        QVERIFY(ink);
        QVERIFY2(std::abs(ink->slope_deg - deg) < 0.7,
                 qPrintable(QStringLiteral("%1 for %2").arg(ink->slope_deg).arg(deg)));
    }
}

void TestPicture::theRightFontIsNearest()
{
    const std::vector<const char*> fonts{"GatepostPlain.ttf", "HartsorrelScript.ttf", "Larkmallow.ttf",
                                         "Pennyfold.ttf",     "QuillbrookScript.ttf", "SextonCourt.otf",
                                         "Oatbrush.otf",      "TansyCord.ttf"};
    for (const auto* drawn : fonts) {
        const auto ink = inkOf(pictureOf(drawn, "Amber"));
        QVERIFY(ink);
        for (const auto* other : fonts)
            if (other != drawn)
                QVERIFY2(
                    distance(*ink, drawn, "Amber") < distance(*ink, other, "Amber"),
                    qPrintable(
                        QStringLiteral("%1 against %2").arg(QLatin1String(drawn), QLatin1String(other))));
    }
}

void TestPicture::spacingDoesNotCount()
{
    // The same letters twice as far apart: the maker's spacing, not the font's.
    const auto face = *FontFace::open(test::demoFont("GatepostPlain.ttf"));
    auto set = *setWord(face, "Honey");
    const auto match = PictureMatch::of(*inkOf(pictureOf("GatepostPlain.ttf", "Honey")), "Honey");
    for (std::size_t i = 0; i < set.word.letters.size(); ++i)
        set.word.letters[i].x_em += 0.12 * static_cast<double>(i);
    QVERIFY(match->mostClosely(set).fit.distance < 0.02);
}

void TestPicture::whatIsSaidOverrulesWhatIsFound()
{
    const Picture picture = pictureOf("GatepostPlain.ttf", "Honey");
    const auto all = inkOf(picture);
    InkWishes wishes;
    wishes.slope_deg = 10.0;
    const auto turned = inkOf(picture, wishes);
    QVERIFY(turned && turned->slope_deg == 10.0 && turned->height_px > all->height_px);
    wishes = {};
    wishes.painted_out = {{{all->width_px * 0.25, all->height_px * 0.5}, all->height_px * 0.4}};
    const auto painted = inkOf(picture, wishes);
    const auto sum = [](const PictureInk& ink) {
        return std::accumulate(ink.ink.begin(), ink.ink.end(), 0LL);
    };
    QVERIFY(painted && sum(*painted) < sum(*all) * 9 / 10);
    // A frame round the last letters alone.
    wishes = {};
    wishes.corners =
        cornersOf({picture.width_px * 0.6, 0.0, picture.width_px * 1.0, picture.height_px * 1.0});
    const auto part = inkOf(picture, wishes);
    QVERIFY(part && part->width_px < all->width_px / 2);
}

void TestPicture::badPicturesAreSaid_data()
{
    QTest::addColumn<QByteArray>("bytes");
    QTest::addColumn<int>("code");
    const auto row = [](const char* name, const std::string& bytes, ErrorCode code) {
        QTest::newRow(name) << QByteArray::fromStdString(bytes) << static_cast<int>(code);
    };
    const std::string png = demoPicture("screenshot.png"), jpeg = demoPicture("label.jpg");
    row("empty", "", ErrorCode::PictureUnreadable);
    row("text", "no picture at all", ErrorCode::PictureUnreadable);
    row("a GIF, whatever it is called", "GIF89a\x01\x01", ErrorCode::PictureUnreadable);
    row("PNG cut off", png.substr(0, png.size() / 2), ErrorCode::PictureCutShort);
    row("JPEG cut off", jpeg.substr(0, jpeg.size() / 2), ErrorCode::PictureCutShort);
    // A header that lies about its size: 60,000 x 60,000.
    std::string large = png;
    for (std::size_t i : {16U, 20U})
        large.replace(i, 4, std::string("\x00\x00\xea\x60", 4));
    // The checksum of the header no longer agrees, which is said first; either way nothing of that size is made.
    const auto read = readPicture(large);
    QVERIFY(!read);
    std::string moving = png;
    moving.insert(33, std::string("\x00\x00\x00\x08"
                                  "acTL"
                                  "\x00\x00\x00\x02\x00\x00\x00\x00"
                                  "\xf3\x8d\x93\x70",
                                  20));
    row("a PNG that moves", moving, ErrorCode::PictureMoves);
}

void TestPicture::badPicturesAreSaid()
{
    QFETCH(QByteArray, bytes);
    QFETCH(int, code);
    const auto picture = readPicture(bytes.toStdString());
    QVERIFY(!picture);
    QCOMPARE(static_cast<int>(picture.error().code), code);
    QVERIFY(!picture.error().message().empty());
}

void TestPicture::everyPrefixIsAnswered()
{
    for (const char* name : {"screenshot.png", "label.jpg"}) {
        const std::string bytes = demoPicture(name);
        for (std::size_t n = 0; n < 600; n += 7)
            QVERIFY(!readPicture(std::string_view(bytes).substr(0, n)));
        QVERIFY(readPicture(bytes));
    }
}

void TestPicture::mutatedFilesAreAnswered()
{
    std::mt19937 random(5);
    const std::string bytes = demoPicture("screenshot.png");
    for (int i = 0; i < 150; ++i) {
        std::string mutated = bytes;
        for (int k = 0; k < 4; ++k)
            mutated[random() % mutated.size()] = static_cast<char>(random());
        if (const auto picture = readPicture(mutated))
            QCOMPARE(picture->rgb.size(), static_cast<std::size_t>(picture->width_px) *
                                              static_cast<std::size_t>(picture->height_px) * 3);
    }
}

void TestPicture::badWordsAreSaid()
{
    const auto ink = inkOf(pictureOf("GatepostPlain.ttf", "Honey"));
    const auto codeOf = [&](const std::string& words) { return PictureMatch::of(*ink, words).error().code; };
    QVERIFY(codeOf("") == ErrorCode::EmptyText);
    QVERIFY(codeOf(" \n ") == ErrorCode::EmptyText);
    QVERIFY(codeOf("\xff") == ErrorCode::TextNotUtf8);
    QVERIFY(codeOf(std::string(41, 'a')) == ErrorCode::TextTooLong);
    // Other words than the picture's: found to be unlike, not refused.
    QVERIFY(distance(*ink, "GatepostPlain.ttf", "Xylophone") > 0.1);
    // Nothing but one tone, and a frame of nothing.
    Picture grey{60, 40, std::vector<std::uint8_t>(60 * 40 * 3, 128)};
    QVERIFY(inkOf(grey).error().code == ErrorCode::PictureOneTone);
    InkWishes wishes;
    wishes.corners = cornersOf({5, 5, 6, 6});
    QVERIFY(inkOf(pictureOf("GatepostPlain.ttf", "Honey"), wishes).error().code == ErrorCode::FrameTooSmall);
}

void TestPicture::lookingCanBeCancelled()
{
    const auto match = PictureMatch::of(*inkOf(pictureOf("GatepostPlain.ttf", "Honey")), "Honey");
    CancelSource cancel;
    int asked = 0;
    std::vector<MatchFace> faces(
        50, MatchFace{nullptr, [&](std::string_view words) {
                          if (++asked == 3)
                              cancel.cancel();
                          return setWord(*FontFace::open(test::demoFont("GatepostPlain.ttf")), words);
                      }});
    const auto found = likest(*match, faces, {.threads = 1}, cancel.token());
    QVERIFY(!found && found.error().code == ErrorCode::Cancelled);
    QVERIFY(asked < 6);
}

INK_TEST_CORE_MAIN(TestPicture)
#include "test_picture.moc"
