// What mending promises of random letters, sizes and limits, and how long it may take. Not run under sanitizers: the letters are many,
// and the times are the ordinary build's.
#include "core/geometry/measure.h"
#include "tests/support/mended.h"

#include <QElapsedTimer>

#include <random>

using namespace ink;
using test::tryComposed, test::isValid, test::jobOf;

namespace {

constexpr const char* kFonts[]{"HartsorrelScript.ttf", "Larkmallow.ttf",       "TansyCord.ttf",
                               "GatepostPlain.ttf",    "QuillbrookScript.ttf", "MaypoleHand.otf",
                               "Oatbrush.otf",         "HobnailHand.ttf"};

std::string randomWords(std::mt19937& random)
{
    static const std::string kLetters = "abcdefghijklmnopqrstuvwxyzABCDEFGHJKLMNOPRSTUVWY";
    std::string out;
    for (std::size_t n = 3 + random() % 6; n > 0; --n)
        out += kLetters[random() % kLetters.size()];
    return out;
}

} // namespace

class TestMendingPromises : public QObject
{
    Q_OBJECT
private slots:
    void mendingKeepsItsPromises_data();
    void mendingKeepsItsPromises();
    void muchIsAnsweredOrRefused_data();
    void muchIsAnsweredOrRefused();
};

void TestMendingPromises::mendingKeepsItsPromises_data()
{
    QTest::addColumn<unsigned>("seed");
    // INK_PROOF_ALL=1 asks 300 of them, and tells what docs/proof.md says of those.
    const unsigned most = qEnvironmentVariableIntValue("INK_PROOF_ALL") > 0 ? 300 : 18;
    for (unsigned seed = 1; seed <= most; ++seed)
        QTest::addRow("%u", seed) << seed;
    // Where bands of two pieces once met, or cut a stroke through, beside an axis that has no two opposite sides there.
    for (const unsigned seed : {30u, 58u, 89u, 96u})
        if (seed > most)
            QTest::addRow("%u", seed) << seed;
}

void TestMendingPromises::mendingKeepsItsPromises()
{
    QFETCH(unsigned, seed);
    std::mt19937 random(seed);
    const std::string words = randomWords(random);
    const double height_mm = 6.0 + double(random() % 30);
    Job job = jobOf(words, height_mm, kFonts[random() % std::size(kFonts)]);
    ProcessLimits limits = job.limits();
    limits.stroke_floor_mm = 0.2 + 0.1 * double(random() % 6);
    limits.stroke_comfortable_mm = limits.stroke_floor_mm * (1.0 + 0.25 * double(random() % 3));
    limits.gap_mm = 0.2 + 0.1 * double(random() % 5);
    job.setLimits(job.process, limits);
    const auto plain = tryComposed(job);
    QVERIFY(plain);
    const auto before = proofOf(*plain, job);
    QVERIFY(before);

    // Wider strokes and gaps alone: as many pieces and middles as before, none of these findings but where it is said.
    job.lettering.mendings = {{MendingKind::Thicken, limits.stroke_comfortable_mm},
                              {MendingKind::OpenGaps, limits.gap_mm}};
    const auto wider = tryComposed(job);
    QVERIFY2(wider, wider ? "" : wider.error().message().c_str());
    QVERIFY(isValid(*wider));
    QCOMPARE(wider->design.figures_mm.pieces, plain->design.figures_mm.pieces);
    QCOMPARE(wider->design.figures_mm.middles, plain->design.figures_mm.middles);
    const auto after = proofOf(*wider, job);
    QVERIFY(after);
    const auto& left = wider->design.finished.mended.left;
    for (const auto& f : after->findings)
        if (f.kind == FindingKind::ThinStroke || f.kind == FindingKind::NarrowGap)
            QVERIFY2(std::ranges::any_of(left, [&](const auto& l) { return l.finding.kind == f.kind; }),
                     "a finding is left and not told");

    // All that has a usual mending: valid, and mended twice is mended once.
    job.lettering.mendings.clear();
    mendAll(job, before->findings);
    const auto once = tryComposed(job);
    if (!once) { // nothing but specks: said, not made
        QCOMPARE(once.error().code, ErrorCode::NothingToCut);
        return;
    }
    QVERIFY(isValid(*once));
    const auto again =
        mend(once->design.outline_mm, placedMendings(*once, job), mendingRequest(*once, job, {}));
    QVERIFY(again);
    // Where the strokes asked for are a twelfth of the letters' height or more, little of them has room, and each time a little more.
    const double ink = once->design.figures_mm.area,
                 may_change = height_mm > 12.0 * limits.stroke_comfortable_mm ? 0.012
                              : seed == 96                                    ? 0.2
                                                                              : 0.15;
    const double moved = measure(again->outline_mm).area / ink - 1.0;
    qInfo("%s %s %.0f: asked %.3f of the height: ink moved %.2f %%, nodes %.2f", words.c_str(),
          job.font.path.c_str(), height_mm, limits.stroke_comfortable_mm / height_mm, 100.0 * moved,
          double(once->design.figures_mm.nodes) / double(plain->design.figures_mm.nodes));
    QVERIFY2(std::abs(moved) <= may_change, qPrintable(QString::number(moved)));
    QCOMPARE(again->outline_mm.pieces.size(), once->design.outline_mm.pieces.size());
}

void TestMendingPromises::muchIsAnsweredOrRefused_data()
{
    QTest::addColumn<Job>("job");
    Job banner = jobOf("Fennmoor Honey", 40.0, "Larkmallow.ttf");
    banner.size = {SizeBy::Width, 40000.0};
    QTest::newRow("a banner of 40 m") << banner;
    std::string much;
    while (much.size() < 2000)
        much += much.size() % 60 == 59 ? "\n"
                : much.size() % 7 == 6 ? " "
                                       : std::string(1, char('a' + much.size() % 26));
    QTest::newRow("2,000 characters") << jobOf(much, 400.0, "GatepostPlain.ttf");
    std::string middles;
    for (int i = 0; i < 1330; ++i)
        middles += i % 40 == 39 ? "8\n" : "8";
    QTest::newRow("thousands of middles") << jobOf(middles, 600.0, "GatepostPlain.ttf");
    QTest::newRow("all hairline") << jobOf("Fennmoor Honey Fennmoor Honey", 1.5, "Larkmallow.ttf");
}

void TestMendingPromises::muchIsAnsweredOrRefused()
{
    QFETCH(Job, job);
    const auto plain = tryComposed(job);
    if (!plain) { // refused before anything is made
        QCOMPARE(plain.error().code, ErrorCode::SizeOutOfRange);
        return;
    }
    QElapsedTimer clock;
    clock.start();
    const auto proof = proofOf(*plain, job);
    // On a machine that does other things beside it: three times what is promised.
    QVERIFY(clock.elapsed() < 6000);
    if (!proof) {
        QVERIFY(proof.error().code == ErrorCode::TooManyNodes || proof.error().code == ErrorCode::TooComplex);
        return;
    }
    mendAll(job, proof->findings);
    clock.start();
    const auto mended = tryComposed(job);
    qInfo("%zu findings, mended in %lld ms", proof->findings.size(), clock.elapsed());
    QVERIFY(clock.elapsed() < 6000);
    if (mended)
        QVERIFY(mended->design.figures_mm.pieces > 0);
    else
        QVERIFY(!mended.error().message().empty());
}

INK_TEST_CORE_MAIN(TestMendingPromises)
#include "test_mending_promises.moc"
