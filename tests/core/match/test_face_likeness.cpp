// Faces described in short, and how much two of them look alike.
#include "core/match/face_likeness.h"
#include "core/match/likeness_words.h"
#include "tests/support/environment.h"

#include <QtTest>

#include <bit>
#include <random>

using namespace ink;

namespace {

FaceDescriptor described(const char* font)
{
    return descriptorOf(**FontFace::open(test::demoFont(font)));
}

Paths box(double x0, double y0, double x1, double y1)
{
    ContourPen pen;
    pen.moveTo({x0, y0}), pen.lineTo({x1, y0}), pen.lineTo({x1, y1}), pen.lineTo({x0, y1}), pen.close();
    return pen.take();
}

/// A face whose letters are bars of this width and lean, "l" one x-height and a half high.
FaceDescriptor bars(double width_em, double lean)
{
    std::vector<NamedOutline> letters;
    for (const char32_t c : std::u32string_view(U"abcdefghijklmnopqrstuvwxyz")) {
        const double top = c == U'l' ? 0.75 : 0.5;
        letters.push_back({c, width_em + 0.1,
                           transformed(box(0.05, 0, 0.05 + width_em, top), Affine{1, 0, lean, 1, 0, 0})});
    }
    return descriptorOf(letters);
}

} // namespace

class TestFaceLikeness : public QObject
{
    Q_OBJECT
private slots:
    void descriptorsSurviveTheirBytes();
    void bytesOfOthersAreRefused();
    void weightAndSlantAreMeasured();
    void itselfIsTheSameAndOrderDoesNotMatter();
    void weightsOfOneFamilyFindEachOther();
    void pictureFontsAreToldFromLetters();
};

void TestFaceLikeness::descriptorsSurviveTheirBytes()
{
    for (const char* font :
         {"GatepostPlain.ttf", "HartsorrelScript.ttf", "StallholderBits.ttf", "Oatbrush.otf"}) {
        const auto face = described(font);
        const auto again = faceDescriptorFrom(bytesOf(face));
        QVERIFY(again);
        QVERIFY(*again == face);
    }
    const auto gatepost = described("GatepostPlain.ttf");
    QVERIFY(gatepost.letters.size() >= 62);
    QVERIFY(gatepost.find(U'H') && !gatepost.find(U'☃'));
    // The bar of an H lies across its middle: more ink there than in the rows of its two stems.
    const auto* h = gatepost.find(U'H');
    const auto most =
        *std::ranges::max_element(h->rows, {}, [](std::uint32_t row) { return std::popcount(row); });
    const auto at = std::ranges::find(h->rows, most) - h->rows.begin();
    QVERIFY(at > 8 && at < 24);
    QVERIFY(std::popcount(most) > 2 * std::popcount(h->rows[4]));
}

void TestFaceLikeness::bytesOfOthersAreRefused()
{
    const auto bytes = bytesOf(described("GatepostPlain.ttf"));
    for (std::size_t n = 0; n < bytes.size(); n += 11)
        QVERIFY(!faceDescriptorFrom(std::string_view(bytes).substr(0, n)));
    QVERIFY(!faceDescriptorFrom(bytes + "x"));
    auto other = bytes;
    ++other[4]; // of another version
    QVERIFY(!faceDescriptorFrom(other));
    std::mt19937 random(3);
    for (int i = 0; i < 300; ++i) {
        auto mutated = bytes;
        mutated[random() % mutated.size()] = static_cast<char>(random());
        if (const auto read = faceDescriptorFrom(mutated))
            FaceLook look(*read); // whatever it holds can be drawn
    }
}

void TestFaceLikeness::weightAndSlantAreMeasured()
{
    // A bar of 0.1 em where small letters are 0.5 em and the tall one 0.75: 0.16 of the size, a little less for its ends.
    const FaceLook upright(bars(0.1, 0.0));
    QVERIFY2(std::abs(upright.weight() - 0.15) < 0.03, qPrintable(QString::number(upright.weight())));
    QVERIFY(std::abs(upright.slant_deg()) <= 1.0);
    // tan 14 degrees = 0.249
    const FaceLook leaning(bars(0.1, 0.249));
    QVERIFY2(std::abs(leaning.slant_deg() - 14.0) <= 2.0, qPrintable(QString::number(leaning.slant_deg())));
    QVERIFY(FaceLook(bars(0.2, 0.0)).weight() > 1.6 * upright.weight());
    QVERIFY(upright.distanceTo(leaning) > 0.05);
}

void TestFaceLikeness::itselfIsTheSameAndOrderDoesNotMatter()
{
    const FaceLook a(described("GatepostPlain.ttf")), b(described("SextonCourt.otf"));
    QCOMPARE(a.distanceTo(a), 0.0);
    QVERIFY(wordForFaces(a.distanceTo(a)) == LikenessWord::Same);
    QVERIFY(std::abs(a.distanceTo(b) - b.distanceTo(a)) < 1e-9);
    QVERIFY(likenessOf(0.0) == 1.0 && likenessOf(0.1) > likenessOf(0.2));
}

void TestFaceLikeness::weightsOfOneFamilyFindEachOther()
{
    const auto faces = *FontFace::list(test::demoFont("HobnailHand.ttf"));
    QVERIFY(faces.size() >= 2);
    const FaceLook first(descriptorOf(**FontFace::open(test::demoFont("HobnailHand.ttf"), faces[0].choice))),
        second(descriptorOf(**FontFace::open(test::demoFont("HobnailHand.ttf"), faces[1].choice)));
    for (const char* other : {"HartsorrelScript.ttf", "SextonCourt.otf", "Oatbrush.otf", "Pennyfold.ttf"})
        QVERIFY2(first.distanceTo(second) < first.distanceTo(FaceLook(described(other))), other);
}

void TestFaceLikeness::pictureFontsAreToldFromLetters()
{
    const FaceLook letters(described("GatepostPlain.ttf")), pictures(described("StallholderBits.ttf"));
    QVERIFY(wordForFaces(letters.distanceTo(pictures)) == LikenessWord::Unlike);
    QVERIFY(FaceLook(FaceDescriptor()).isEmpty());
    QCOMPARE(letters.distanceTo(FaceLook(FaceDescriptor())), 1.0);
}

INK_TEST_CORE_MAIN(TestFaceLikeness)
#include "test_face_likeness.moc"
