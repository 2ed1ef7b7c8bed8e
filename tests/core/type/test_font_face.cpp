#include "core/type/font_face.h"
#include "tests/support/environment.h"

using namespace ink;

namespace {

/// The demo picture font with one table renamed in its directory.
std::string withTableRenamed(const std::string& from, const std::string& to)
{
    std::string bytes = test::slurp(test::demoFont("SaltglazeOrnaments.ttf"));
    const auto at = bytes.find(from);
    if (at == std::string::npos)
        qFatal("no such table");
    bytes.replace(at, 4, to);
    return bytes;
}

ErrorCode errorOf(const std::filesystem::path& path, const FaceChoice& choice = {})
{
    const auto face = FontFace::open(path, choice);
    if (face)
        qFatal("it opened");
    if (face.error().subject.find(path.string()) == std::string::npos)
        qFatal("the error does not name the file");
    return face.error().code;
}

} // namespace

class TestFontFace : public QObject
{
    Q_OBJECT
private slots:
    void kindsByContent_data();
    void kindsByContent();
    void readableNames();
    void pictureFontsAreTold();
    void collectionsListEveryFace();
    void namedInstancesChangeTheOutline();
    void sameFaceInEveryContainer();
    void outlinesAreClosed();
    void badFilesAreRefused();
    void truncatedAnywhereNeverCrashes();
    void damagedBytesNeverCrash();
    void fileNamesOfFonts();
};

void TestFontFace::kindsByContent_data()
{
    QTest::addColumn<QString>("file");
    QTest::addColumn<int>("outlines");
    QTest::addColumn<int>("container");
    const auto row = [](const std::filesystem::path& p, OutlineKind o, FontContainer c) {
        QTest::newRow(p.filename().c_str()) << QString::fromStdString(p.string()) << int(o) << int(c);
    };
    row(test::demoFont("HartsorrelScript.ttf"), OutlineKind::TrueType, FontContainer::Plain);
    row(test::demoFont("MaypoleHand.otf"), OutlineKind::Cff, FontContainer::Plain);
    row(test::dataFile("ornaments.woff"), OutlineKind::TrueType, FontContainer::Woff);
    row(test::dataFile("ornaments.woff2"), OutlineKind::TrueType, FontContainer::Woff2);
    row(test::dataFile("two-faces.ttc"), OutlineKind::TrueType, FontContainer::Collection);
}

void TestFontFace::kindsByContent()
{
    QFETCH(QString, file);
    QFETCH(int, outlines);
    QFETCH(int, container);
    // The name says nothing: content decides.
    const test::TempFolder folder;
    const auto renamed = folder.write("a.jpg", test::slurp(file.toStdString()));
    const auto face = FontFace::open(renamed);
    QVERIFY2(face, face ? "" : face.error().message().c_str());
    QCOMPARE(int((*face)->info().outlines), outlines);
    QCOMPARE(int((*face)->info().container), container);
    QCOMPARE((*face)->info().units_per_em, 1000u);
}

void TestFontFace::readableNames()
{
    const auto open = [](const char* file, const FaceChoice& choice = {}) {
        return (*FontFace::open(test::demoFont(file), choice))->info();
    };
    QCOMPARE(open("HartsorrelScript.ttf").readableName(), std::string("Hartsorrel Script"));
    QCOMPARE(open("SextonCourt.otf").readableName(), std::string("Sexton Court Italic"));
    QCOMPARE(open("HobnailHand.ttf", {0, "Bold"}).readableName(), std::string("Hobnail Hand Bold"));
    QCOMPARE(open("TansyCord.ttf").manufacturer, std::string("Millrace Lettering"));
    QVERIFY(open("Oatbrush.otf").licence.find("SIL Open Font License") != std::string::npos);
}

void TestFontFace::pictureFontsAreTold()
{
    QVERIFY((*FontFace::open(test::demoFont("StallholderBits.ttf")))->info().is_picture_font);
    QVERIFY(!(*FontFace::open(test::demoFont("GatepostPlain.ttf")))->info().is_picture_font);
}

void TestFontFace::collectionsListEveryFace()
{
    const auto faces = FontFace::list(test::dataFile("two-faces.ttc"));
    QCOMPARE(faces->size(), std::size_t(2));
    QCOMPARE((*faces)[0].family, std::string("Saltglaze Ornaments"));
    QCOMPARE((*faces)[1].family, std::string("Stallholder Bits"));
    QCOMPARE((*faces)[1].choice.face, 1u);
    QCOMPARE(errorOf(test::dataFile("two-faces.ttc"), {2, {}}), ErrorCode::NoSuchFace);
}

void TestFontFace::namedInstancesChangeTheOutline()
{
    const auto list = FontFace::list(test::demoFont("HobnailHand.ttf"));
    QCOMPARE(list->size(), std::size_t(2));
    QVERIFY((*list)[0].is_variable);
    const auto area = [](const std::string& instance) {
        const auto face = FontFace::open(test::demoFont("HobnailHand.ttf"), {0, instance});
        double sum = 0;
        for (const auto& contour : (*face)->glyphOutline(10))
            sum += std::abs(contour.signedArea());
        return sum;
    };
    QVERIFY(area("Bold") > 1.5 * area("Light"));
    QCOMPARE(errorOf(test::demoFont("HobnailHand.ttf"), {0, "Black"}), ErrorCode::NoSuchInstance);
    QCOMPARE(errorOf(test::demoFont("GatepostPlain.ttf"), {0, "Black"}), ErrorCode::NoSuchInstance);
}

void TestFontFace::sameFaceInEveryContainer()
{
    const auto plain = *FontFace::open(test::dataFile("ornaments.ttf"));
    for (const char* other : {"ornaments.woff", "ornaments.woff2", "two-faces.ttc"}) {
        const auto face = *FontFace::open(test::dataFile(other));
        for (std::uint32_t glyph = 0; glyph < 16; ++glyph) {
            const auto a = plain->glyphOutline(glyph), b = face->glyphOutline(glyph);
            QCOMPARE(a.size(), b.size());
            for (std::size_t i = 0; i < a.size(); ++i)
                QCOMPARE(a[i].signedArea(), b[i].signedArea());
        }
    }
}

void TestFontFace::outlinesAreClosed()
{
    for (const char* file : {"Larkmallow.ttf", "MaypoleHand.otf", "HobnailHand.ttf", "GinghamCaps.ttf"}) {
        const auto face = *FontFace::open(test::demoFont(file));
        for (std::uint32_t glyph = 0; glyph < 120; ++glyph)
            for (const auto& contour : face->glyphOutline(glyph))
                for (std::size_t i = 0; i < contour.segments.size(); ++i)
                    QVERIFY(contour.segments[i].end() ==
                            contour.segments[(i + 1) % contour.segments.size()].start());
    }
}

void TestFontFace::badFilesAreRefused()
{
    const test::TempFolder folder;
    const std::string whole = test::slurp(test::demoFont("SaltglazeOrnaments.ttf"));
    QCOMPARE(errorOf(folder.path() / "none.ttf"), ErrorCode::FileNotFound);
    QCOMPARE(errorOf(folder.path()), ErrorCode::FileUnreadable);
    QCOMPARE(errorOf(folder.write("empty.ttf", "")), ErrorCode::NotAFont);
    QCOMPARE(errorOf(folder.write("letter.ttf", "Dear customer, thank you for the honey.")),
             ErrorCode::NotAFont);
    QCOMPARE(errorOf(folder.write("picture.ttf", "\x89PNG\r\n")), ErrorCode::NotAFont);
    QCOMPARE(errorOf(folder.write("half.ttf", whole.substr(0, whole.size() / 2))), ErrorCode::FontTruncated);
    QCOMPARE(errorOf(folder.write("head.ttf", whole.substr(0, 8))), ErrorCode::FontTruncated);
    QCOMPARE(errorOf(folder.write("bitmap.bdf", "STARTFONT 2.1\nFONT x\n")), ErrorCode::FontWithoutOutlines);
    QCOMPARE(errorOf(folder.write("bitmap.ttf", withTableRenamed("glyf", "EBDT"))),
             ErrorCode::FontWithoutOutlines);
    QCOMPARE(errorOf(folder.write("colour.ttf", withTableRenamed("glyf", "CBDT"))),
             ErrorCode::FontColourOnly);
    QCOMPARE(errorOf(folder.write("nothing.ttf", withTableRenamed("glyf", "XXXX"))), ErrorCode::FontDamaged);
    const std::string woff2 = test::slurp(test::dataFile("ornaments.woff2"));
    QCOMPARE(errorOf(folder.write("half.woff2", woff2.substr(0, woff2.size() / 2))),
             ErrorCode::FontTruncated);
}

void TestFontFace::truncatedAnywhereNeverCrashes()
{
    const test::TempFolder folder;
    for (const auto& source : {test::demoFont("SaltglazeOrnaments.ttf"), test::dataFile("ornaments.woff2"),
                               test::dataFile("two-faces.ttc")}) {
        const std::string whole = test::slurp(source);
        for (std::size_t size = 0; size < whole.size(); size += 97)
            QVERIFY(!FontFace::list(folder.write("cut", whole.substr(0, size))));
    }
}

void TestFontFace::damagedBytesNeverCrash()
{
    const test::TempFolder folder;
    const std::string whole = test::slurp(test::demoFont("SaltglazeOrnaments.ttf"));
    unsigned state = 20261124;
    int opened = 0;
    for (int round = 0; round < 200; ++round) {
        std::string bytes = whole;
        for (int i = 0; i < 20; ++i) {
            state = state * 1664525u + 1013904223u;
            bytes[12 + state % (bytes.size() - 12)] = static_cast<char>(state >> 24);
        }
        const auto face = FontFace::open(folder.write("damaged.ttf", bytes));
        if (!face)
            continue;
        ++opened;
        for (std::uint32_t glyph = 0; glyph < 20; ++glyph)
            (void)(*face)->glyphOutline(glyph);
    }
    QVERIFY(opened > 0);
}

void TestFontFace::fileNamesOfFonts()
{
    for (const char* name : {"a.ttf", "B.OTF", "c.Ttc", "d.woff2", "e.woff", "f.otc"})
        QVERIFY(looksLikeFontFile(name));
    for (const char* name : {"a.txt", "ttf", "b.otf.zip", ""})
        QVERIFY(!looksLikeFontFile(name));
}

INK_TEST_CORE_MAIN(TestFontFace)
#include "test_font_face.moc"
