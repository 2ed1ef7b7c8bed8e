// A stitched alphabet as a font: taken for one, composed like one, and sewn as it came.
#include "core/alphabet/alphabet_font.h"
#include "core/alphabet/made_alphabet.h"
#include "core/alphabet/thread_outline.h"
#include "core/alphabet/typed.h"
#include "core/geometry/measure.h"
#include "core/handoff/sewn_together.h"
#include "core/intake/font_check.h"
#include "core/project/project.h"
#include "core/type/letter_forms.h"
#include "core/type/shape.h"
#include "tests/support/environment.h"

#include <QtTest>

#include <cmath>
#include <fstream>
#include <sstream>

using namespace ink;

namespace {

using Kind = NeedleStep::Kind;
constexpr double kSize_mm = 25.0;

Alphabet made(const std::string& letters, const char* font = "GatepostPlain.ttf")
{
    auto alphabet = madeAlphabet(**FontFace::open(test::demoFont(font)), kSize_mm, StitchSettings(), letters);
    return alphabet ? std::move(alphabet->alphabet) : Alphabet();
}

std::filesystem::path put(const test::TempFolder& folder, const Alphabet& alphabet,
                          const char* name = "letters.ttf")
{
    const auto font = alphabetFont(alphabet);
    std::ofstream(folder.path() / name, std::ios::binary) << *font;
    return folder.path() / name;
}

/// Sources by path, as the window hands them out.
FindLetters fonts()
{
    return [known = std::make_shared<std::map<std::string, std::shared_ptr<const LetterSource>>>()](
               const FontRef& font) -> Result<std::shared_ptr<const LetterSource>> {
        auto& source = (*known)[font.path];
        if (!source) {
            const auto face = FontFace::open(font.path);
            if (!face)
                return fail(face.error());
            source = lettersOf(*face);
        }
        return source;
    };
}

Job jobOf(const std::filesystem::path& font, const std::string& words)
{
    Job job;
    job.words = words;
    job.font.path = font.string();
    job.process = Process::Satin;
    job.size = {SizeBy::CapHeight, kSize_mm, {}, 0.0};
    return job;
}

MadeName nameOf(const Job& job)
{
    return makeName(job, {job.words, 1, {}, {}}, fonts(), {}, false);
}

std::vector<Point> stitchesOf(const NeedleWork& work)
{
    std::vector<Point> out;
    for (const auto& step : work)
        if (step.kind == Kind::Stitch)
            out.push_back(step.at);
    return out;
}

Point middleOf(const Box& box)
{
    return {(box.x0 + box.x1) / 2, (box.y0 + box.y1) / 2};
}

/// How far a stitch of one is from the nearest of the other, once the middles of both lie on each other.
double furthest(const NeedleWork& a, const NeedleWork& b)
{
    const auto p = stitchesOf(a), q = stitchesOf(b);
    const Point by = middleOf(boxOf(b)) - middleOf(boxOf(a));
    double most = p.empty() || q.empty() ? 1e9 : 0.0;
    const auto look = [&](const std::vector<Point>& from, const std::vector<Point>& to, Point move) {
        for (const Point x : from) {
            double least = 1e9;
            for (const Point y : to)
                least = std::min(least, length(x + move - y));
            most = std::max(most, least);
        }
    };
    look(p, q, by);
    look(q, p, by * -1.0);
    return most;
}

} // namespace

class TestAlphabetFont : public QObject
{
    Q_OBJECT
private slots:
    void threadsBecomeTheInkTheyCover();
    void itIsAFontThatPassesAsOne();
    void itsStitchesComeBack();
    void whatIsUnsureIsOnNoKey();
    void composedAndSewnItIsTheWordTyped();
    void sizesSpacingAndNudgesFollowCompose();
    void onAShapeLettersAreTurnedAndNeverBent();
    void runsMixWithPlannedLetters();
    void beyondItsSizesItIsRefusedWithTheNearest();
    void coloursOfLettersAreBroughtTogether();
    void severalNamesLieInOneHoop();
    void aProjectKeepsTheStitchesOfItsLetters();
};

void TestAlphabetFont::threadsBecomeTheInkTheyCover()
{
    // A square of rows 0.4 apart, 20 by 10: the threads are 0.2 wider on every side.
    NeedleWork rows;
    for (int i = 0; i <= 25; ++i) {
        rows.push_back({Kind::Stitch, {i % 2 == 0 ? 0.0 : 20.0, 0.4 * i}});
        rows.push_back({Kind::Stitch, {i % 2 == 0 ? 20.0 : 0.0, 0.4 * i}});
    }
    const auto ink = threadOutline(rows);
    QCOMPARE(ink.pieces.size(), std::size_t{1});
    QVERIFY(ink.pieces[0].middles.empty());
    const Box box = bounds(ink);
    QVERIFY(std::abs(box.x0 + 0.2) < 0.06 && std::abs(box.x1 - 20.2) < 0.06);
    QVERIFY(std::abs(box.y0 + 0.2) < 0.06 && std::abs(box.y1 - 10.2) < 0.06);
    QVERIFY(std::abs(measure(ink).area - 20.4 * 10.4) < 2.0);
    // A ring keeps its middle; two strokes are two pieces; nothing is nothing.
    NeedleWork ring;
    for (int i = 0; i <= 60; ++i)
        ring.push_back({Kind::Stitch, {10 * std::cos(i * M_PI / 30), 10 * std::sin(i * M_PI / 30)}});
    QCOMPARE(threadOutline(ring).pieces.at(0).middles.size(), std::size_t{1});
    NeedleWork strokes{
        {Kind::Stitch, {0, 0}}, {Kind::Stitch, {0, 5}}, {Kind::Jump, {4, 0}}, {Kind::Stitch, {4, 5}}};
    QCOMPARE(threadOutline(strokes).pieces.size(), std::size_t{2});
    QVERIFY(threadOutline({}).pieces.empty());
}

void TestAlphabetFont::itIsAFontThatPassesAsOne()
{
    const test::TempFolder folder;
    Alphabet alphabet = made("AHaghx&");
    alphabet.name = "Rosehip 25 mm";
    alphabet.rights = "May sell; the letters themselves not.";
    const auto path = put(folder, alphabet);
    QVERIFY(checkFontFile(path)); // opentype-sanitizer, from Debian
    const auto face = FontFace::open(path);
    QVERIFY(face);
    const auto& info = (*face)->info();
    QVERIFY(info.isSewn());
    QCOMPARE(info.sewn_size_mm, alphabet.size_mm);
    QCOMPARE(info.readableName(), std::string("Rosehip 25 mm"));
    QCOMPARE(info.licence, alphabet.rights);
    QVERIFY(!info.is_picture_font);
    const double mm = mmPerFontUnit(alphabet);
    QVERIFY(std::abs((*face)->capHeight_fu() * mm - alphabet.size_mm) < 0.5);
    for (const auto& letter : alphabet.letters) {
        const auto glyph = (*face)->glyphOf(toUtf32(letter.letter)[0]);
        QVERIFY(glyph != 0);
        QVERIFY(std::abs((*face)->advance_fu(glyph) * mm - letter.advance_mm()) < 0.02);
        const Box ink = bounds((*face)->glyphOutline(glyph));
        QVERIFY(std::abs(ink.x0 * mm - letter.before_mm + 0.2) < 0.1);
        QVERIFY(std::abs(ink.y1 * mm - letter.box_mm.y1 - 0.2) < 0.1);
    }
    QVERIFY(!FontFace::open(test::demoFont("GatepostPlain.ttf")).value()->info().isSewn());
    QCOMPARE(*alphabetFont(alphabet), *alphabetFont(alphabet)); // the same letters are the same file
    QVERIFY(alphabetFont(Alphabet()).error().code == ErrorCode::AlphabetEmpty);
}

void TestAlphabetFont::itsStitchesComeBack()
{
    const test::TempFolder folder;
    Alphabet alphabet = made("AHg");
    auto swash = *alphabet.find("A");
    swash.variant = "swash";
    alphabet.letters.push_back(swash);
    const auto face = *FontFace::open(put(folder, alphabet));
    const auto again = alphabetIn(*face);
    QVERIFY(again && *again);
    QCOMPARE((*again)->letters.size(), alphabet.letters.size());
    for (const auto& letter : (*again)->letters) {
        const auto* before = alphabet.find(letter.letter, letter.variant);
        QVERIFY(before);
        QCOMPARE(furthest(letter.work, before->work) < 0.06, true);
        QVERIFY(std::abs(letter.box_mm.y0 - before->box_mm.y0) < 0.06);
        QVERIFY(std::abs(letter.before_mm - before->before_mm) < 0.006);
        QVERIFY(letter.glyph_id > 1);
        if (letter.variant.empty())
            QCOMPARE(letter.glyph_id, face->glyphOf(toUtf32(letter.letter)[0]));
    }
    // The other form is offered for its letter.
    QVERIFY(std::ranges::any_of(FormTable(*face).of(U"A"), [&](const auto& form) {
        return form.glyph_id == (*again)->find("A", "swash")->glyph_id;
    }));
    // A font that was cut short in its stitches says so, and other fonts have none.
    std::string bytes = test::slurp(folder.path() / "letters.ttf");
    const auto at = bytes.find("PK\3\4");
    QVERIFY(at != std::string::npos);
    for (std::size_t i = at; i < std::min(bytes.size(), at + 2000); i += 7)
        bytes[i] = '?';
    folder.write("damaged.ttf", bytes);
    if (const auto damaged = FontFace::open(folder.path() / "damaged.ttf")) {
        const auto stitches = alphabetIn(**damaged);
        QVERIFY(!stitches && stitches.error().code == ErrorCode::DocumentDamaged);
    }
    QVERIFY(!*alphabetIn(**FontFace::open(test::demoFont("GatepostPlain.ttf"))));
}

void TestAlphabetFont::whatIsUnsureIsOnNoKey()
{
    const test::TempFolder folder;
    Alphabet alphabet = made("AB");
    alphabet.letters[1].confidence = 0.4;
    const auto face = *FontFace::open(put(folder, alphabet));
    QVERIFY(face->hasCharacter(U'A') && !face->hasCharacter(U'B'));
    QCOMPARE((*alphabetIn(*face))->find("B")->confidence, 0.4); // there, to be put right
    QCOMPARE(typed(alphabet, "AB")->missing, std::string("B"));
}

void TestAlphabetFont::composedAndSewnItIsTheWordTyped()
{
    const test::TempFolder folder;
    const Alphabet alphabet = made("Hamgx");
    const auto name = nameOf(jobOf(put(folder, alphabet), "Hamx ag"));
    QVERIFY2(!name.error, name.error ? name.error->message().c_str() : "");
    QCOMPARE(name.sewn_letters.size(), std::size_t{6});
    QVERIFY(name.planned.empty());
    StitchSettings no_hoop; // else it is turned to fit
    no_hoop.hoop_width_mm = no_hoop.hoop_height_mm = 0.0;
    const auto sewn = sewName(name, no_hoop);
    QVERIFY2(!sewn.error, sewn.error ? sewn.error->message().c_str() : "");
    const auto words = typed(alphabet, "Hamx ag");
    // Capitals of 25 mm are told from ink here and from threads there: the same to a part in a hundred, which is moved along.
    const auto scale = scaleOf(name.sewn_letters[0].to_mm);
    QVERIFY(std::abs(scale.least - 1.0) < 0.02 && std::abs(scale.most - scale.least) < 1e-9);
    const auto same = typed(alphabet, "Hamx ag", {.size_mm = alphabet.size_mm * scale.least});
    QVERIFY2(furthest(workOf(sewn.plan), same->work) < 0.15,
             qPrintable(QString::number(furthest(workOf(sewn.plan), same->work))));
    QVERIFY(words);
    // What machine files hold is what was sewn; a figure for it is there.
    QCOMPARE(sewn.figures.stitches, stitchesOf(workOf(sewn.plan)).size());
    QVERIFY(
        std::ranges::none_of(sewn.findings, [](const auto& f) { return f.kind == StitchFindingKind::Open; }));
}

void TestAlphabetFont::sizesSpacingAndNudgesFollowCompose()
{
    const test::TempFolder folder;
    const Alphabet alphabet = made("Ham");
    Job job = jobOf(put(folder, alphabet), "Ham");
    const auto before = nameOf(job);
    job.lettering.letters[1].dy_em = 0.1;
    job.lettering.letters[1].turn_deg = 20.0;
    const auto nudged = nameOf(job);
    const double em_mm = nudged.em_mm;
    const Affine &a = before.sewn_letters[1].to_mm, &b = nudged.sewn_letters[1].to_mm;
    QVERIFY(std::abs(std::atan2(b.b, b.a) - 20.0 * M_PI / 180.0) < 1e-6);
    // Its foot is moved by a tenth of the em, beside what turning about it does.
    const Point foot_before = a.map({alphabet.find("a")->box_mm.width() / 2, 0}),
                foot_after = b.map({alphabet.find("a")->box_mm.width() / 2, 0});
    const double down = nudged.sewn_letters[0].to_mm.f -
                        before.sewn_letters[0].to_mm.f; // the whole stands on its lowest stitch
    QVERIFY(std::abs(foot_after.y - foot_before.y - down - 0.1 * em_mm) < 0.05 * em_mm);
    job = jobOf(job.font.path, "Ham");
    job.lettering.close_up.depth_mm = 0.4;
    const auto close = nameOf(job);
    QVERIFY(bounds(*close.outline_mm).width() < bounds(*before.outline_mm).width() - 1.0);
    // A letter that ends where the next begins leads into it.
    Alphabet strokes;
    strokes.name = "Strokes";
    strokes.size_mm = kSize_mm;
    for (const char* c : {"H", "a"}) {
        SewnLetter letter;
        letter.letter = c;
        for (int i = 0; i <= 25; ++i)
            letter.work.push_back({Kind::Stitch, {0.8 * i, kSize_mm * (1.0 - std::abs(i - 12.5) / 12.5)}});
        letter.box_mm = boxOf(letter.work);
        letter.before_mm = letter.after_mm = 2.0;
        strokes.letters.push_back(letter);
    }
    Job led = jobOf(put(folder, strokes, "strokes.ttf"), "HaH");
    QCOMPARE(sewName(nameOf(led), StitchSettings()).figures.trims, std::size_t{2});
    led.lettering.close_up.depth_mm = 0.4;
    QCOMPARE(sewName(nameOf(led), StitchSettings()).figures.trims, std::size_t{0});
}

void TestAlphabetFont::onAShapeLettersAreTurnedAndNeverBent()
{
    const test::TempFolder folder;
    const Alphabet alphabet = made("Ham");
    Job job = jobOf(put(folder, alphabet), "HamHam");
    Block block;
    block.shape.kind = ShapeKind::Arch;
    block.shape.amount = 120.0;
    block.shape.bends = true;
    job.lettering.blocks = {block};
    const auto name = nameOf(job);
    QVERIFY(!name.error);
    QCOMPARE(name.sewn_letters.size(), std::size_t{6});
    for (const auto& letter : name.sewn_letters) {
        const auto scale = scaleOf(letter.to_mm);
        QVERIFY(std::abs(scale.most - scale.least) < 1e-6); // no more than turned and moved
    }
    const auto turn = [&](std::size_t i) {
        return std::atan2(name.sewn_letters[i].to_mm.b, name.sewn_letters[i].to_mm.a);
    };
    QVERIFY(turn(0) > 0.05 && turn(5) < -0.05);
    // Each lies where its ink lies.
    const auto sewn = sewName(name, StitchSettings());
    QVERIFY(!sewn.error);
    QVERIFY2(sewn.figures.outside < 0.005, qPrintable(QString::number(sewn.figures.outside)));
    QVERIFY(sewn.figures.covers > 0.93);
}

void TestAlphabetFont::runsMixWithPlannedLetters()
{
    const test::TempFolder folder;
    const Alphabet alphabet = made("HA");
    Job job = jobOf(test::demoFont("GatepostPlain.ttf"), "Ham");
    job.lettering.letters[0].font = FontRef{put(folder, alphabet).string(), 0, {}};
    const auto name = nameOf(job);
    QVERIFY(!name.error);
    QCOMPARE(name.sewn_letters.size(), std::size_t{1});
    QCOMPARE(name.planned.size(), std::size_t{1});
    const auto sewn = sewName(name, StitchSettings());
    QVERIFY2(!sewn.error, sewn.error ? sewn.error->message().c_str() : "");
    QCOMPARE(sewn.plan.layers.size(), std::size_t{1}); // one thread, no stop
    QVERIFY(!sewn.plan.columns.empty());
    QVERIFY(std::ranges::all_of(sewn.plan.columns, [&](const StitchColumn& c) {
        return c.from.x > sewn.figures.box_mm.x0 + 5.0; // the H is not planned again
    }));
    QVERIFY(sewn.figures.outside < 0.01);
    // Of another thread: a layer of its own.
    job.lettering.letters[0].handling.colour = "blue";
    const auto two = sewName(nameOf(job), StitchSettings());
    QCOMPARE(two.plan.layers.size(), std::size_t{2});
    QCOMPARE(two.plan.layers[1].colour, std::string("#0000ff"));
}

void TestAlphabetFont::beyondItsSizesItIsRefusedWithTheNearest()
{
    const test::TempFolder folder;
    Job job = jobOf(put(folder, made("Ham")), "Ham");
    for (const double size : {0.87 * kSize_mm, 1.18 * kSize_mm}) {
        job.size.value_mm = size;
        QVERIFY(!sewName(nameOf(job), StitchSettings()).error);
    }
    for (const double size : {0.8 * kSize_mm, 1.3 * kSize_mm}) {
        job.size.value_mm = size;
        const auto sewn = sewName(nameOf(job), StitchSettings());
        QVERIFY(sewn.error && sewn.error->code == ErrorCode::AlphabetSize);
        QVERIFY2(sewn.error->message().find(size < kSize_mm ? "21.3 mm is the nearest"
                                                            : "30 mm is the nearest") != std::string::npos,
                 sewn.error->message().c_str());
    }
    // Stretched beyond it one way counts as well.
    job.size = {
        SizeBy::Width, bounds(*nameOf(jobOf(job.font.path, "Ham")).outline_mm).width() * 1.3, {}, 0.0};
    job.size.other_mm = bounds(*nameOf(jobOf(job.font.path, "Ham")).outline_mm).height();
    QVERIFY(sewName(nameOf(job), StitchSettings()).error);
}

void TestAlphabetFont::coloursOfLettersAreBroughtTogether()
{
    const test::TempFolder folder;
    Alphabet alphabet = made("H");
    auto& work = alphabet.letters[0].work;
    work.push_back({Kind::Stop, work.back().at});
    work.push_back({Kind::Jump, {2, 2}});
    for (int i = 0; i < 8; ++i)
        work.push_back({Kind::Stitch, {2.0 + i % 2, 2.0 + 0.4 * i}});
    const auto path = put(folder, alphabet);
    const auto apart = sewName(nameOf(jobOf(path, "HHH")), StitchSettings());
    QCOMPARE(apart.figures.stops, std::size_t{1});
    QVERIFY(apart.plan.layers[0].colour != apart.plan.layers[1].colour);
    Job close = jobOf(path, "HHH");
    close.tracking_em = -0.4; // over each other
    QCOMPARE(sewName(nameOf(close), StitchSettings()).figures.stops, std::size_t{5});
}

void TestAlphabetFont::severalNamesLieInOneHoop()
{
    const test::TempFolder folder;
    const auto path = put(folder, made("Ham"));
    std::vector<MadeName> names{nameOf(jobOf(path, "Ham")), nameOf(jobOf(path, "mam"))};
    StitchSettings settings;
    settings.hoop_width_mm = 160;
    settings.hoop_height_mm = 200;
    const auto hoops = sewnTogether(names, settings);
    QVERIFY(hoops);
    QCOMPARE(hoops->hoops.size(), std::size_t{1});
    const auto& sewn = hoops->hoops[0].sewn;
    QVERIFY(!sewn.error);
    QVERIFY2(sewn.figures.outside < 0.005, qPrintable(QString::number(sewn.figures.outside)));
    QCOMPARE(sewn.plan.layers.size(), std::size_t{1});
}

void TestAlphabetFont::aProjectKeepsTheStitchesOfItsLetters()
{
    const test::TempFolder folder;
    const auto path = put(folder, made("Ham"));
    const Job job = jobOf(path, "Ham");
    const auto before = sewName(nameOf(job), StitchSettings());
    const auto project = makeProject(job, fonts(), [](const FontRef&) { return std::string("0"); }, {});
    QVERIFY(project);
    std::ostringstream out;
    QVERIFY(writeProject(out, *project));
    const auto again = readProject(out.str(), "ham.uink");
    QVERIFY(again);
    std::filesystem::remove(path); // the letters are not here any more
    const auto letters = ink::lettersOf(*again, fonts());
    const auto name = makeName(again->job, {"Ham", 1, {}, {}}, letters, {}, false);
    QVERIFY2(!name.error, name.error ? name.error->message().c_str() : "");
    QCOMPARE(name.sewn_letters.size(), std::size_t{3});
    const auto after = sewName(name, StitchSettings());
    QVERIFY(!after.error);
    QVERIFY(furthest(workOf(before.plan), workOf(after.plan)) < 0.11);
}

INK_TEST_CORE_MAIN(TestAlphabetFont)
#include "test_alphabet_font.moc"
