// Stitched letters: told from names, brought onto one foot, typed, and made of a font.
#include "core/alphabet/alphabet_package.h"
#include "core/alphabet/letter_names.h"
#include "core/alphabet/made_alphabet.h"
#include "core/alphabet/typed.h"
#include "core/formats/stitch_file.h"
#include "core/geometry/weld.h"
#include "core/stitch/stitch_planner.h"
#include "core/type/shape.h"
#include "shelf/alphabet_store.h"
#include "tests/support/environment.h"

#include <QtTest>

#include <cmath>
#include <fstream>
#include <numbers>
#include <random>

using namespace ink;
namespace fs = std::filesystem;

namespace {

using Kind = NeedleStep::Kind;

/// A box as a letter: a zigzag of this width and height with its lower left corner at a place.
NeedleWork box(double width, double height, Point at = {})
{
    NeedleWork work{{Kind::Jump, at}};
    for (int i = 0; i <= 10; ++i)
        work.push_back({Kind::Stitch, onGrid(at + Point{i % 2 == 0 ? 0.0 : width, height * i / 10.0})});
    return work;
}

void put(const fs::path& path, const NeedleWork& work)
{
    fs::create_directories(path.parent_path());
    std::ofstream out(path, std::ios::binary);
    QVERIFY(writeStitches(out, {work, "x", {}}, *stitchFormatOf(path.string())));
}

LetterGuess guess(const std::string& name, std::vector<std::string> beside = {})
{
    beside.insert(beside.begin(), name);
    return lettersTold(beside).front();
}

} // namespace

class TestAlphabet : public QObject
{
    Q_OBJECT
private slots:
    void lettersAreToldFromNames_data();
    void lettersAreToldFromNames();
    void whatIsUnsureIsSaid();
    void centredLettersFindTheirFoot();
    void aSharedLineIsTheFoot();
    void sizesArePartedAndDamageIsLeftOut();
    void lettersThatLeadOnAreTold();
    void wordsStandWhereTheyShould();
    void circlesTurnAndNeverBend();
    void sizesHaveTheirLimits();
    void coloursAreBroughtTogether();
    void aFontMadeAndTypedIsTheWordPlanned();
    void packagesComeBackAsTheyWere();
    void keptAndRemovedWithoutATrace();
};

void TestAlphabet::lettersAreToldFromNames_data()
{
    QTest::addColumn<QString>("name");
    QTest::addColumn<QString>("letter");
    QTest::addColumn<QString>("variant");
    QTest::addColumn<double>("size_mm");
    const auto row = [](const char* name, const char* letter, const char* variant = "",
                        double size_mm = 0.0) {
        QTest::newRow(name) << QString::fromUtf8(name) << QString::fromUtf8(letter)
                            << QString::fromUtf8(variant) << size_mm;
    };
    row("A.dst", "A");
    row("a.exp", "a");
    row("a_lower.exp", "a");
    row("A lower.exp", "a");
    row("b-uppercase.dst", "B");
    row("letter-e-acute 2in.dst", "é", "", 50.8);
    row("eacute.dst", "é");
    row("uni00E9.dst", "é");
    row("amp.dst", "&");
    row("ampersand.dst", "&");
    row("&.dst", "&");
    row("seven.dst", "7");
    row("7.dst", "7");
    row("Q_swash.dst", "Q", "swash");
    row("1.5 inch/k.dst", "k", "", 38.1);
    row("upper/k.dst", "K");
    row("lowercase 50mm/K.dst", "k", "", 50.0);
    row("question.dst", "?");
    row("ß.dst", "ß");
    row("letterB.dst", "B");
    row("03_C.dst", "C");
}

void TestAlphabet::lettersAreToldFromNames()
{
    QFETCH(QString, name);
    const auto told = guess(name.toStdString());
    QTEST(QString::fromStdString(told.letter), "letter");
    QTEST(QString::fromStdString(told.variant), "variant");
    QFETCH(double, size_mm);
    QVERIFY(std::abs(told.size_mm - size_mm) < 1e-9);
    QVERIFY2(told.confidence >= kSureOfLetter, qPrintable(QString::number(told.confidence)));
}

void TestAlphabet::whatIsUnsureIsSaid()
{
    QVERIFY(guess("065.dst").confidence < kSureOfLetter); // perhaps a code
    QVERIFY(guess("readme.dst").letter.empty());
    QVERIFY(guess("a b.dst").confidence < kSureOfLetter);
    // The same letter twice: neither is sure. As DST and as EXP it is one letter.
    const auto twice = lettersTold({"x/A.dst", "y/A.dst", "B.dst", "B.exp"});
    QVERIFY(twice[0].confidence < kSureOfLetter && twice[1].confidence < kSureOfLetter);
    QVERIFY(twice[2].confidence >= kSureOfLetter && twice[3].confidence >= kSureOfLetter);
    // What most names share says nothing.
    const auto shared = lettersTold({"Rosehip A.dst", "Rosehip B.dst", "Rosehip C.dst", "Rosehip D.dst"});
    QCOMPARE(shared[2].letter, std::string("C"));
    QVERIFY(shared[2].confidence >= kSureOfLetter);
}

void TestAlphabet::centredLettersFindTheirFoot()
{
    Alphabet alphabet;
    const auto add = [&](const char* letter, double height) {
        SewnLetter one;
        one.letter = letter;
        one.work = box(8, height, {-4, -height / 2}); // each about its own middle
        alphabet.letters.push_back(one);
    };
    for (const char* c : {"H", "A", "E"})
        add(c, 20);
    for (const char* c : {"a", "e", "n", "x"})
        add(c, 12);
    for (const char* c : {"g", "p"})
        add(c, 18); // hang by 6
    add("d", 20);
    add("-", 1);
    measure(alphabet);
    QCOMPARE(alphabet.size_mm, 20.0);
    QVERIFY(std::abs(alphabet.find("H")->box_mm.y0) < 0.11);
    QVERIFY(std::abs(alphabet.find("g")->box_mm.y0 + 6.0) < 0.11);
    QVERIFY(std::abs(alphabet.find("n")->box_mm.y1 - 12.0) < 0.11);
    QVERIFY(std::abs(alphabet.find("-")->box_mm.y0 - 5.5) < 0.11); // half-way up a small letter
    QVERIFY(std::abs(alphabet.find("H")->box_mm.x0) < 1e-9);
    QCOMPARE(QString::fromStdString(missingOf(alphabet)).left(3), QStringLiteral("BCD"));
}

void TestAlphabet::aSharedLineIsTheFoot()
{
    Alphabet alphabet;
    for (const auto& [letter, height, hangs] : std::vector<std::tuple<const char*, double, double>>{
             {"H", 20, 0}, {"a", 12, 0}, {"n", 12, 0}, {"d", 20, 0}, {"g", 17, 5}}) {
        SewnLetter one;
        one.letter = letter;
        one.work = box(8, height, {3, 40 - hangs});
        alphabet.letters.push_back(one);
    }
    measure(alphabet);
    QVERIFY(std::abs(alphabet.find("g")->box_mm.y0 + 5.0) < 0.11);
    QVERIFY(std::abs(alphabet.find("d")->box_mm.y0) < 0.11);
}

void TestAlphabet::sizesArePartedAndDamageIsLeftOut()
{
    const test::TempFolder folder;
    for (const char c : std::string("ABCD"))
        put(folder.path() / "set" / "1in" / (std::string(1, c) + ".dst"), box(10, 25));
    for (const char c : std::string("ABC"))
        put(folder.path() / "set" / "2in" / (std::string(1, c) + ".exp"), box(20, 50));
    put(folder.path() / "set" / "2in" / "D.dst", box(20, 50));
    const auto whole = test::slurp(folder.path() / "set" / "2in" / "D.dst");
    folder.write("set/2in/D.dst", whole.substr(0, whole.size() - 5));
    folder.write("set/2in/E.dst", "no stitches");
    folder.write("set/2in/readme.txt", "nothing");
    const auto package = readAlphabets(folder.path() / "set");
    QVERIFY(package);
    QCOMPARE(package->alphabets.size(), std::size_t{2});
    QCOMPARE(package->alphabets[0].letters.size(), std::size_t{4});
    QVERIFY(std::abs(package->alphabets[0].size_mm - 25.4) < 1e-9);
    QCOMPARE(package->alphabets[1].letters.size(), std::size_t{3});
    QCOMPARE(package->left_out.size(), std::size_t{2});
    fs::create_directories(folder.path() / "empty");
    QVERIFY(readAlphabets(folder.path() / "empty").error().code == ErrorCode::AlphabetEmpty);
    QVERIFY(readAlphabets(folder.path() / "nowhere").error().code == ErrorCode::FileNotFound);
}

void TestAlphabet::lettersThatLeadOnAreTold()
{
    for (const auto& [font, joins] : {std::pair{"FennelRow.ttf", true},
                                      {"Larkmallow.ttf", true},
                                      {"GatepostPlain.ttf", false},
                                      {"MaypoleHand.otf", false}}) {
        const test::TempFolder folder;
        const auto made = madeAlphabet(**FontFace::open(test::demoFont(font)), 25.0, StitchSettings(),
                                       "HEnmhuadiltxoecgpyb");
        QVERIFY(made && writeAlphabet(folder.path() / "letters", made->alphabet));
        fs::remove(folder.path() / "letters" / kAlphabetDescription); // told from the stitches alone
        const auto package = readAlphabets(folder.path() / "letters");
        QVERIFY(package);
        QVERIFY2(package->alphabets.front().joins == joins, font);
        const auto* n = package->alphabets.front().find("n");
        QVERIFY2((n->before_mm + n->after_mm < 0.0) == joins, font);
    }
}

void TestAlphabet::wordsStandWhereTheyShould()
{
    Alphabet alphabet;
    for (const char* c : {"H", "i"}) {
        SewnLetter one;
        one.letter = c;
        one.work = box(c[0] == 'H' ? 16 : 4, 20);
        alphabet.letters.push_back(one);
    }
    measure(alphabet);
    for (auto& letter : alphabet.letters)
        letter.before_mm = 1.0, letter.after_mm = 2.0;
    const auto words = typed(alphabet, "Hi?H", {.tracking_mm = 0.5});
    QVERIFY(words);
    QCOMPARE(words->missing, std::string("?"));
    QCOMPARE(words->letters.size(), std::size_t{3});
    const double left = words->letters[0].box_mm.x0;
    // 16 wide, 2 after, 0.5 between, 1 before; and so on.
    QVERIFY(std::abs(words->letters[1].box_mm.x0 - left - 19.5) < 0.11);
    QVERIFY(std::abs(words->letters[2].box_mm.x0 - left - 19.5 - 7.5) < 0.11);
    const Box all = boxOf(words->work);
    QVERIFY(std::abs(all.x0 + all.x1) < 0.11 && std::abs(all.y0 + all.y1) < 0.11);
    for (std::size_t i = 1; i < words->work.size(); ++i)
        QVERIFY(words->work[i].kind != Kind::Stitch ||
                std::abs(words->work[i].at.x - words->work[i - 1].at.x) <= kLongestStitch_mm + 1e-9);
    QVERIFY(typed(alphabet, " ").error().code == ErrorCode::EmptyText);
    QVERIFY(typed(alphabet, "xyz").error().code == ErrorCode::NoGlyphs);
}

void TestAlphabet::circlesTurnAndNeverBend()
{
    Alphabet alphabet;
    SewnLetter one;
    one.letter = "H";
    one.work = box(10, 20);
    alphabet.letters.push_back(one);
    measure(alphabet);
    for (const double radius : {60.0, -60.0}) {
        const auto words = typed(alphabet, "HHHHH", {.radius_mm = radius});
        QVERIFY(words);
        // The middle one is level, those beside it are turned as the circle is, and each keeps its own shape.
        QVERIFY(std::abs(words->letters[2].turn_deg) < 0.5);
        QVERIFY(words->letters[0].turn_deg * radius > 0.0);
        QVERIFY(std::abs(words->letters[0].turn_deg + words->letters[4].turn_deg) < 0.2);
        const double step = (10.0 + 0.08 * 20.0) / 60.0 * 180.0 / std::numbers::pi; // its room on the circle
        QVERIFY2(std::abs(std::abs(words->letters[1].turn_deg) - step) < 0.6,
                 qPrintable(QString::number(words->letters[1].turn_deg)));
    }
    QVERIFY(typed(alphabet, "HHHHHHHHHH", {.radius_mm = 10.0}).error().code == ErrorCode::ShapeUnknown);
}

void TestAlphabet::sizesHaveTheirLimits()
{
    Alphabet alphabet;
    SewnLetter one;
    one.letter = "H";
    one.work = box(10, 20);
    alphabet.letters.push_back(one);
    measure(alphabet);
    QVERIFY(typed(alphabet, "H", {.size_mm = 17.0}) && typed(alphabet, "H", {.size_mm = 24.0}));
    for (const double size : {16.9, 24.1, 0.0, std::nan("")})
        QVERIFY(typed(alphabet, "H", {.size_mm = size}).error().code == ErrorCode::AlphabetSize);
    QVERIFY(typed(alphabet, "H", {.size_mm = 40.0}).error().message().find("24 mm is the nearest") !=
            std::string::npos);
    QVERIFY(std::abs(boxOf(typed(alphabet, "H", {.size_mm = 24.0})->work).height() - 24.0) < 0.11);
}

void TestAlphabet::coloursAreBroughtTogether()
{
    Alphabet alphabet;
    SewnLetter one;
    one.letter = "H";
    one.work = box(10, 20);
    one.work.push_back({Kind::Stop, one.work.back().at});
    for (const auto& step : box(4, 6, {3, 3}))
        one.work.push_back(step);
    alphabet.letters.push_back(one);
    measure(alphabet);
    const auto stops = [&](const TypedOptions& options) {
        return std::ranges::count(typed(alphabet, "HHH", options)->work, Kind::Stop, &NeedleStep::kind);
    };
    QCOMPARE(stops({}), 1);
    QCOMPARE(stops({.brings_colours_together = false}), 5);
    // Where letters lie over each other, what is above has to stay above.
    QCOMPARE(stops({.tracking_mm = -6.0}), 5);
}

void TestAlphabet::aFontMadeAndTypedIsTheWordPlanned()
{
    const auto face = *FontFace::open(test::demoFont("GatepostPlain.ttf"));
    const auto made = madeAlphabet(*face, 25.0, StitchSettings());
    QVERIFY(made && made->missing.empty());
    const auto words = typed(made->alphabet, "Ham");
    QVERIFY(words);
    const double scale = 25.0 / face->capHeight_fu();
    for (std::size_t i = 0; i < 3; ++i) {
        const auto& letter = made->alphabet.letters[words->letters[i].letter];
        // The same letter planned where it stands in the word: each stitch within the needle's grid.
        const Paths drawn = transformed(face->glyphOutline(face->glyphOf(toUtf32(letter.letter)[0])),
                                        Affine{scale, 0, 0, scale, 0, 0});
        const Unit unit = Unit::ofEm(face->info().units_per_em * scale);
        const auto planned =
            workOf(*planStitches(weld(std::vector<Paths>{drawn}, unit)->outline, unit, StitchSettings()));
        std::vector<Point> a, b;
        for (const auto& step : planned)
            if (step.kind == Kind::Stitch)
                a.push_back(step.at);
        for (const auto& step : letter.work)
            if (step.kind == Kind::Stitch)
                b.push_back({step.at.x + letter.before_mm, step.at.y});
        QCOMPARE(a.size(), b.size());
        for (std::size_t k = 0; k < a.size(); ++k)
            QVERIFY(std::hypot(a[k].x - b[k].x, a[k].y - b[k].y) < 0.1);
    }
    // Letters stand apart as the font has them.
    const double apart = face->advance_fu(face->glyphOf(U'H')) * scale;
    QVERIFY(std::abs(words->letters[1].foot_mm.x - words->letters[0].foot_mm.x - apart) < 0.11);
    QVERIFY(madeAlphabet(*face, 2.0, StitchSettings()).error().code == ErrorCode::SizeOutOfRange);
    const auto lacking = madeAlphabet(*face, 25.0, StitchSettings(), "A☃");
    QVERIFY(lacking && lacking->missing.size() == 1 && lacking->missing[0].letter == "☃");
}

void TestAlphabet::packagesComeBackAsTheyWere()
{
    const test::TempFolder folder;
    auto made = madeAlphabet(**FontFace::open(test::demoFont("HartsorrelScript.ttf")), 30.0, StitchSettings(),
                             "ABgyéñ&-'");
    QVERIFY(made);
    made->alphabet.rights = "May sell; the letters themselves not.";
    for (const char* name : {"open", "package.zip"}) {
        QVERIFY(writeAlphabet(folder.path() / name, made->alphabet));
        const auto again = readAlphabets(folder.path() / name);
        QVERIFY(again && again->is_described && again->left_out.empty());
        const auto& alphabet = again->alphabets.front();
        QCOMPARE(alphabet.letters.size(), made->alphabet.letters.size());
        QCOMPARE(alphabet.rights, made->alphabet.rights);
        for (const auto& letter : made->alphabet.letters) {
            const auto* read = alphabet.find(letter.letter);
            QVERIFY(read);
            QVERIFY(std::abs(read->box_mm.y0 - letter.box_mm.y0) < 0.11 &&
                    std::abs(read->box_mm.width() - letter.box_mm.width()) < 0.11);
            QVERIFY(std::abs(read->before_mm - letter.before_mm) < 0.02 &&
                    std::abs(read->after_mm - letter.after_mm) < 0.02);
        }
    }
    // Without its description the letters are told from the names.
    fs::remove(folder.path() / "open" / "alphabet.json");
    const auto told = readAlphabets(folder.path() / "open");
    QVERIFY(told && !told->is_described);
    QCOMPARE(told->alphabets.front().letters.size(), made->alphabet.letters.size());
    for (const auto& letter : told->alphabets.front().letters)
        QVERIFY2(letter.confidence >= kSureOfLetter, letter.file.c_str());
    // A description that is none, or names what is not there.
    folder.write(
        "open/alphabet.json",
        R"({"format":"under-ink-alphabet","letters":[{"letter":"A","file":"../etc.dst"},{"letter":"","file":"A_upper.dst"},7]})");
    QVERIFY(!readAlphabets(folder.path() / "open"));
    std::mt19937 random(9);
    const auto bytes = test::slurp(folder.path() / "package.zip");
    for (int i = 0; i < 60; ++i) {
        auto mutated = bytes;
        for (int k = 0; k < 6; ++k)
            mutated[random() % mutated.size()] = static_cast<char>(random());
        (void)readAlphabets(folder.write("mutated.zip", mutated)); // answered, whatever it is
    }
}

void TestAlphabet::keptAndRemovedWithoutATrace()
{
    const test::TempFolder folder;
    AlphabetStore store(folder.path() / "alphabets");
    QVERIFY(store.list().empty());
    auto made =
        madeAlphabet(**FontFace::open(test::demoFont("GatepostPlain.ttf")), 20.0, StitchSettings(), "ABC");
    const auto id = store.add(made->alphabet);
    QVERIFY(id);
    QCOMPARE(*store.add(made->alphabet), *id); // the same letters once
    made->alphabet.letters.pop_back();
    const auto second = store.add(made->alphabet);
    QVERIFY(second && *second != *id);
    QCOMPARE(store.list().size(), std::size_t{2});
    QCOMPARE(store.find("Gatepost Plain")->alphabet.letters.size(), std::size_t{3});
    QVERIFY(store.remove(*second));
    QVERIFY(store.remove("Gatepost Plain"));
    QVERIFY(store.remove("Gatepost Plain").error().code == ErrorCode::AlphabetUnknown);
    QVERIFY(!fs::exists(folder.path() / "alphabets"));
}

INK_TEST_CORE_MAIN(TestAlphabet)
#include "test_alphabet.moc"
