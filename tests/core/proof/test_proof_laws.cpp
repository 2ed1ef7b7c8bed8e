// What holds for the findings of any word: moved, mirrored, turned, larger, beside another, or asked more strictly.
// Source: T. Y. Chen, S. C. Cheung, S. M. Yiu, "Metamorphic testing: a new approach for generating next test cases",
//         HKUST-CS98-01, 1998, for the way of testing.
#include "core/proof/outline_proof.h"
#include "tests/support/lettering.h"

#include <QTest>

#include <cmath>
#include <map>

using namespace ink;

namespace {

OutlineProof lookedAt(const Outline& outline, double em_mm)
{
    auto proof = OutlineProof::of(outline, Unit::ofEm(em_mm));
    if (!proof)
        qFatal("%s", proof.error().message().c_str());
    return std::move(*proof);
}

constexpr ProcessLimits kLimits{1.2, 0.6, 0.7, 3.0, 2.0, 2.0};
constexpr double kEm_mm = 30.0;
constexpr double kNotch_mm = 0.2;
constexpr double kEndOfRun =
    0.25; // the share by which the end of a stretch may be off the place that is measured

ProcessLimits larger(const ProcessLimits& l, double by)
{
    return {l.stroke_comfortable_mm * by,   l.stroke_floor_mm * by,          l.gap_mm * by,
            l.smallest_piece_mm2 * by * by, l.smallest_middle_mm2 * by * by, l.bridge_mm * by};
}

/// Those measured against limits that grow with the word: edges cut twice and nodes have their limit in mm for good.
std::vector<ProofFinding> ofSize(std::vector<ProofFinding> all)
{
    std::erase_if(all, [](const ProofFinding& f) {
        return f.kind == FindingKind::CutTwice || f.kind == FindingKind::Nodes;
    });
    return all;
}

using Counts = std::map<std::pair<FindingKind, FindingLevel>, int>;
Counts counted(const std::vector<ProofFinding>& findings)
{
    Counts counts;
    for (const auto& f : findings)
        ++counts[{f.kind, f.level}];
    return counts;
}

std::string told(const Counts& counts)
{
    std::string out;
    for (const auto& [what, count] : counts)
        out += std::string(idOf(what.first)) + " " + std::string(idOf(what.second)) + ": " +
               std::to_string(count) + "; ";
    return out;
}

/// By kind and from the smallest on: what stays where places do not.
std::multimap<FindingKind, double> measuresOf(const std::vector<ProofFinding>& findings)
{
    std::multimap<FindingKind, double> measures;
    std::vector<std::pair<FindingKind, double>> sorted;
    for (const auto& f : findings)
        sorted.emplace_back(f.kind, f.measured);
    std::ranges::sort(sorted);
    measures.insert(sorted.begin(), sorted.end());
    return measures;
}

/// Empty where both find the same, each measure within `within_share` of `by` (areas of its square) times the other.
std::string difference(const std::vector<ProofFinding>& a, const std::vector<ProofFinding>& b, double by,
                       double within_share)
{
    const auto counts_a = counted(a), counts_b = counted(b);
    if (counts_a != counts_b)
        return told(counts_a) + " and " + told(counts_b);
    const auto of_a = measuresOf(a), of_b = measuresOf(b);
    for (auto at_a = of_a.begin(), at_b = of_b.begin(); at_a != of_a.end(); ++at_a, ++at_b) {
        const bool is_area = at_a->first == FindingKind::Speck || at_a->first == FindingKind::SmallMiddle;
        const double scale = at_a->first == FindingKind::SharpPoint ? 1.0 : is_area ? by * by : by;
        const double wanted = at_a->second * scale;
        if (std::abs(at_b->second - wanted) > within_share * std::abs(wanted) + 1e-9)
            return std::string(idOf(at_a->first)) + ": " + std::to_string(at_b->second) + " and not " +
                   std::to_string(wanted);
    }
    return {};
}

/// What is narrow in the ink, or beside it, whatever it is called: how much of it, and how narrow.
struct Narrow
{
    double strokes_mm = 0.0, gaps_mm = 0.0;
    double thinnest_mm = 1e9;
    double narrowest_mm = 1e9; // between two walls: a notch is measured where the limit ends it
    std::size_t specks = 0, middles = 0;

    explicit Narrow(const std::vector<ProofFinding>& findings)
    {
        for (const auto& f : findings) {
            if (f.kind == FindingKind::ThinStroke || f.kind == FindingKind::Hanging ||
                f.kind == FindingKind::SharpPoint)
                strokes_mm += f.length;
            if (f.kind == FindingKind::ThinStroke || f.kind == FindingKind::Hanging)
                thinnest_mm = std::min(thinnest_mm, f.measured);
            if (f.kind == FindingKind::NarrowGap) {
                gaps_mm += f.length;
                if (f.measured > kNotch_mm)
                    narrowest_mm = std::min(narrowest_mm, f.measured);
            }
            specks += f.kind == FindingKind::Speck;
            middles += f.kind == FindingKind::SmallMiddle;
        }
    }
    /// `times` as much of it, within what a stretch at the very limit makes.
    std::string differenceFrom(const Narrow& other, double times) const
    {
        const auto told = [](const char* what, double here, double there) {
            return std::string(what) + ": " + std::to_string(here) + " and " + std::to_string(there);
        };
        const auto isFar = [](double a, double b, double share) {
            return std::abs(a - b) > share * b + 0.05;
        };
        if (isFar(strokes_mm, times * other.strokes_mm, 0.03))
            return told("strokes, mm", strokes_mm, times * other.strokes_mm);
        if (std::abs(gaps_mm - times * other.gaps_mm) > times) // a short one at the limit
            return told("gaps, mm", gaps_mm, times * other.gaps_mm);
        if (isFar(thinnest_mm, other.thinnest_mm, 0.02) || isFar(narrowest_mm, other.narrowest_mm, kEndOfRun))
            return told("thinnest", thinnest_mm, other.thinnest_mm) +
                   told(", narrowest", narrowest_mm, other.narrowest_mm);
        if (double(specks) != times * double(other.specks) ||
            double(middles) != times * double(other.middles))
            return told("specks and middles", double(specks + middles),
                        times * double(other.specks + other.middles));
        return {};
    }
};

} // namespace

class TestProofLaws : public QObject
{
    Q_OBJECT
private slots:
    void initTestCase()
    {
        m_words = {{"Larkmallow", test::outlineOf("Ottilie", "Larkmallow.ttf", 60)},
                   {"Hartsorrel", test::outlineOf("Bram & Zoë", "HartsorrelScript.ttf", 55)},
                   {"Wickerby", test::outlineOf("Mo", "WickerbyBroad.ttf", 30)}};
        for (const auto& [name, word] : m_words)
            m_findings[name] = lookedAt(word, kEm_mm).findings(1.0, {kLimits});
    }

    void thereIsSomethingToFind()
    {
        std::size_t found = 0;
        for (const auto& [name, findings] : m_findings) {
            found += findings.size();
            // Sorted: what fails first.
            QVERIFY(std::ranges::is_sorted(findings, std::greater{}, &ProofFinding::level));
        }
        QVERIFY2(found > 10, qPrintable(QString::number(found)));
    }

    void whereItStandsChangesNothing_data()
    {
        QTest::addColumn<double>("a");
        QTest::addColumn<double>("b");
        QTest::addColumn<double>("c");
        QTest::addColumn<double>("d");
        QTest::addColumn<Point>("by");
        const Point none{};
        QTest::newRow("moved") << 1.0 << 0.0 << 0.0 << 1.0 << Point{40.25, -17.5};
        QTest::newRow("mirrored") << -1.0 << 0.0 << 0.0 << 1.0 << none;
        QTest::newRow("upside down") << -1.0 << 0.0 << 0.0 << -1.0 << none;
        QTest::newRow("upright") << 0.0 << 1.0 << -1.0 << 0.0 << none;
        QTest::newRow("at 33 degrees")
            << 0.8386705679454240 << 0.5446390350150271 << -0.5446390350150271 << 0.8386705679454240 << none;
    }
    void whereItStandsChangesNothing()
    {
        QFETCH(double, a);
        QFETCH(double, b);
        QFETCH(double, c);
        QFETCH(double, d);
        QFETCH(Point, by);
        const Affine change{a, b, c, d, by.x, by.y};
        for (const auto& [name, word] : m_words) {
            const auto changed = lookedAt(transformed(word, change), kEm_mm).findings(1.0, {kLimits});
            const auto why = Narrow(changed).differenceFrom(Narrow(m_findings[name]), 1.0);
            QVERIFY2(why.empty(), (name.toStdString() + ": " + why).c_str());
            // Each at its place: what was found here is found there, near enough for the eye.
            for (const auto& here : m_findings[name])
                QVERIFY2(std::ranges::any_of(changed,
                                             [&](const ProofFinding& there) {
                                                 return there.level == here.level &&
                                                        length(there.at - change.map(here.at)) <
                                                            0.5 + 0.5 * (here.length + there.length);
                                             }),
                         (name.toStdString() + ": " + std::string(idOf(here.kind))).c_str());
        }
    }

    /// A word twice as large, asked for twice as much, lacks what it lacked.
    void sizeAndLimitsGoTogether_data()
    {
        QTest::addColumn<double>("by");
        for (const double by : {0.5, 1.7, 4.0})
            QTest::addRow("%g", by) << by;
    }
    void sizeAndLimitsGoTogether()
    {
        QFETCH(double, by);
        for (const auto& [name, word] : m_words) {
            const auto small = ofSize(m_findings[name]);
            const auto once = lookedAt(word, kEm_mm);
            const auto grown = ofSize(once.findings(by, {larger(kLimits, by)}));
            auto why = difference(small, grown, by, 1e-6);
            QVERIFY2(why.empty(), (name.toStdString() + ": " + why).c_str());
            // The same as looking at the larger word.
            const auto again = lookedAt(transformed(word, {by, 0, 0, by, 0, 0}), kEm_mm * by);
            why = difference(small, ofSize(again.findings(1.0, {larger(kLimits, by)})), by, 0.02);
            QVERIFY2(why.empty(), (name.toStdString() + ", drawn larger: " + why).c_str());
        }
    }

    void twoWordsLackTwiceAsMuch()
    {
        for (const auto& [name, word] : m_words) {
            Outline both = word;
            for (const auto& piece : transformed(word, {1, 0, 0, 1, 500, 0}).pieces)
                both.pieces.push_back(piece);
            const auto found = lookedAt(both, kEm_mm).findings(1.0, {kLimits});
            const auto why = Narrow(found).differenceFrom(Narrow(m_findings[name]), 2.0);
            QVERIFY2(why.empty(), (name.toStdString() + ": " + why).c_str());
        }
    }

    /// Asking for more never finds less ink too thin; asking for nothing finds nothing.
    void strictnessOnlyAdds()
    {
        for (const auto& [name, word] : m_words) {
            const auto proof = lookedAt(word, kEm_mm);
            Narrow before({});
            for (const double by : {0.25, 0.5, 1.0, 1.5, 2.0, 3.0}) {
                const auto findings = proof.findings(1.0, {larger(kLimits, by)});
                for (const auto& f : findings)
                    if (f.kind != FindingKind::SharpPoint && f.kind != FindingKind::Nodes)
                        QVERIFY2(f.measured < f.wanted, std::string(idOf(f.kind)).c_str());
                const Narrow here(findings);
                const QByteArray figures = QStringLiteral("%1 at %2: %3 after %4 mm, %5 after %6 mm")
                                               .arg(name)
                                               .arg(by)
                                               .arg(here.strokes_mm)
                                               .arg(before.strokes_mm)
                                               .arg(here.gaps_mm)
                                               .arg(before.gaps_mm)
                                               .toUtf8();
                // Longer stretches may be told as fewer, and ends as points; the thinnest place stays the thinnest.
                QVERIFY2(here.thinnest_mm <= before.thinnest_mm * 1.02 + 0.01, figures);
                QVERIFY2(here.specks >= before.specks && here.middles >= before.middles, figures);
                before = here;
            }
            for (const auto& f :
                 ofSize(proof.findings(1.0, {larger(kLimits, 1e-6)}))) // notches end in nothing
                QVERIFY2(f.kind == FindingKind::SharpPoint || f.kind == FindingKind::NarrowGap,
                         std::string(idOf(f.kind)).c_str());
        }
    }

    /// Whatever is worn off a word by its size is not worn off by a larger one.
    void largerIsNeverWorse()
    {
        for (const auto& [name, word] : m_words) {
            const auto proof = lookedAt(word, kEm_mm);
            int before = int(ProofVerdict::Not);
            for (const double scale : {0.3, 0.6, 1.0, 2.0, 5.0, 20.0, 60.0}) {
                const int verdict = int(verdictOf(ofSize(proof.findings(scale, {kLimits}))));
                QVERIFY2(verdict <= before, qPrintable(QStringLiteral("%1 at %2: %3, before %4")
                                                           .arg(name)
                                                           .arg(scale)
                                                           .arg(verdict)
                                                           .arg(before)));
                before = verdict;
            }
        }
    }

    void aSheetIsLargeEnoughToTheMillimetre()
    {
        for (const auto& [name, word] : m_words) {
            const auto proof = lookedAt(word, kEm_mm);
            const Box box = bounds(word);
            const auto isTooLarge = [&](double width_mm, double height_mm) {
                OutlineProof::Asked asked{kLimits};
                asked.most_width_mm = width_mm;
                asked.most_height_mm = height_mm;
                return counted(proof.findings(1.0, asked))
                    .contains({FindingKind::TooLarge, FindingLevel::Fails});
            };
            const double wide = box.x1 - box.x0, high = box.y1 - box.y0;
            QVERIFY(!isTooLarge(wide + 0.01, high + 0.01));
            QVERIFY(isTooLarge(wide - 0.01, high - 0.01));
            QVERIFY(!isTooLarge(0.0, 0.0)); // not known
        }
    }

private:
    std::map<QString, Outline> m_words;
    std::map<QString, std::vector<ProofFinding>> m_findings;
};

INK_TEST_CORE_MAIN(TestProofLaws)
#include "test_proof_laws.moc"
