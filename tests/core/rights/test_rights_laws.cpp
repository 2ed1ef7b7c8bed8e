// What holds for the verdict on any statement: however it is laid out, in whatever order the papers lie, and whatever is said
// besides.
// Source: T. Y. Chen, S. C. Cheung, S. M. Yiu, "Metamorphic testing: a new approach for generating next test cases",
//         HKUST-CS98-01, 1998, for the way of testing; the statements are those of tests/data/rights.
#include "core/rights/dossier.h"
#include "tests/support/environment.h"

#include <QtTest>

#include <algorithm>
#include <fstream>

using namespace ink;

namespace {

std::vector<std::string> statements()
{
    std::vector<std::string> texts;
    for (const char* file : {"statements.tsv", "statements-tried.tsv"}) {
        std::ifstream in(std::string(INK_TEST_DATA) + "/rights/" + file);
        for (std::string line; std::getline(in, line);)
            if (const auto parts = QString::fromStdString(line).split('\t');
                parts.size() == 3 && !line.starts_with('#'))
                texts.push_back(QString(parts[2]).replace("\\n", "\n").toStdString());
    }
    return texts;
}

EvidenceText paper(const char* name, std::string text)
{
    return {EvidenceKind::Document, name, std::move(text)};
}

Dossier judged(std::vector<EvidenceText> evidence)
{
    return judge(evidence);
}

Dossier judged(const std::string& text)
{
    return judged({paper("readme.txt", text)});
}

bool isYes(Verdict verdict)
{
    return verdict == Verdict::MaySell || verdict == Verdict::SellWithinLimits;
}

/// How much it allows; disagreement and asking are alike.
int freedom(Verdict verdict)
{
    return verdict == Verdict::MaySell ? 2 : verdict == Verdict::SellWithinLimits ? 1 : 0;
}

std::string replaced(std::string text, const std::string& what, const std::string& by)
{
    return QString::fromStdString(text)
        .replace(QString::fromStdString(what), QString::fromStdString(by))
        .toStdString();
}

QByteArray told(const std::string& text, Verdict here, Verdict there)
{
    return QByteArray::fromStdString(text + "\n" + std::string(idOf(here)) + ", and not " +
                                     std::string(idOf(there)));
}

} // namespace

class TestRightsLaws : public QObject
{
    Q_OBJECT
private slots:
    void initTestCase()
    {
        m_statements = statements();
        QVERIFY(m_statements.size() > 500);
        for (const auto& text : m_statements)
            m_verdicts.push_back(judged(text).verdict);
        QVERIFY(std::ranges::count_if(m_verdicts, isYes) > 100);
    }

    /// As other editors and systems lay it out.
    void layoutChangesNothing_data()
    {
        QTest::addColumn<int>("layout");
        QTest::newRow("lines end as on another system") << 0;
        QTest::newRow("a mark of the byte order in front") << 1;
        QTest::newRow("blank lines round it") << 2;
        QTest::newRow("indented") << 3;
        QTest::newRow("curly apostrophes") << 4;
        QTest::newRow("ruled off") << 5;
        QTest::newRow("spaces at the ends of lines") << 6;
    }
    void layoutChangesNothing()
    {
        QFETCH(int, layout);
        const auto laidOut = [layout](const std::string& text) {
            switch (layout) {
            case 0:
                return replaced(text, "\n", "\r\n");
            case 1:
                return "\xef\xbb\xbf" + text;
            case 2:
                return "\n\n\n" + text + "\n\n";
            case 3:
                return "    " + replaced(text, "\n", "\n    ");
            case 4:
                return replaced(text, "'", "’");
            case 5:
                return "==========\n\n" + text + "\n\n----------\n";
            default:
                return replaced(text, "\n", "  \n") + "  ";
            }
        };
        for (std::size_t i = 0; i < m_statements.size(); ++i) {
            const auto here = judged(laidOut(m_statements[i])).verdict;
            QVERIFY2(here == m_verdicts[i], told(m_statements[i], here, m_verdicts[i]));
        }
    }

    void saidTwiceIsSaidOnce()
    {
        for (std::size_t i = 0; i < m_statements.size(); ++i) {
            const auto apart =
                judged({paper("readme.txt", m_statements[i]), paper("copy.txt", m_statements[i])}).verdict;
            QVERIFY2(apart == m_verdicts[i], told(m_statements[i], apart, m_verdicts[i]));
        }
    }

    /// The papers of a package lie in no order.
    void orderOfPapersChangesNothing()
    {
        for (std::size_t i = 0; i < m_statements.size(); ++i) {
            const auto& other = m_statements[(i * 7 + 3) % m_statements.size()];
            const auto one = judged({paper("a.txt", m_statements[i]), paper("b.txt", other)}),
                       two = judged({paper("b.txt", other), paper("a.txt", m_statements[i])});
            QVERIFY2(one.verdict == two.verdict,
                     told(m_statements[i] + "\n" + other, one.verdict, two.verdict));
            QCOMPARE(one.units, two.units);
            auto limits_one = one.limits, limits_two = two.limits;
            std::ranges::sort(limits_one);
            std::ranges::sort(limits_two);
            QCOMPARE(limits_one, limits_two);
        }
    }

    /// What has nothing to do with it neither gives nor takes.
    void smallTalkChangesNothing_data()
    {
        QTest::addColumn<QByteArray>("talk");
        for (const char* talk : {"Thank you for downloading!", "Install it by a double click on the file.",
                                 "The letters were drawn with a brush on rough paper.", "It has 245 glyphs.",
                                 "Merci de votre visite.", "Viel Spaß damit!"})
            QTest::addRow("%s", talk) << QByteArray(talk);
    }
    void smallTalkChangesNothing()
    {
        QFETCH(QByteArray, talk);
        for (std::size_t i = 0; i < m_statements.size(); ++i) {
            const auto behind = judged(m_statements[i] + "\n\n" + talk.toStdString()).verdict;
            QVERIFY2(behind == m_verdicts[i], told(m_statements[i], behind, m_verdicts[i]));
            const auto before = judged(talk.toStdString() + "\n\n" + m_statements[i]).verdict;
            QVERIFY2(before == m_verdicts[i], told("before: " + m_statements[i], before, m_verdicts[i]));
        }
    }

    /// One plain refusal in another paper, or below it, and nothing is sold on its ground.
    void aRefusalIsNeverOverheard_data()
    {
        QTest::addColumn<QByteArray>("refusal");
        for (const char* refusal :
             {"You may not sell anything made with this font.", "Free for personal use only.",
              "Commercial use is not allowed.", "Not for commercial use.",
              "Die kommerzielle Nutzung ist nicht erlaubt.", "Nur für den privaten Gebrauch.",
              "L'usage commercial est interdit.", "No se permite el uso comercial.",
              "Solo per uso personale.", "Somente para uso pessoal."})
            QTest::addRow("%s", refusal) << QByteArray(refusal);
    }
    void aRefusalIsNeverOverheard()
    {
        QFETCH(QByteArray, refusal);
        const auto alone = judged(refusal.toStdString()).verdict;
        QVERIFY2(!isYes(alone), refusal + " " + std::string(idOf(alone)).c_str());
        for (std::size_t i = 0; i < m_statements.size(); ++i)
            for (const bool is_apart : {false, true}) {
                const auto both = is_apart ? judged({paper("readme.txt", m_statements[i]),
                                                     paper("licence.txt", refusal.toStdString())})
                                           : judged(m_statements[i] + "\n\n" + refusal.toStdString());
                QVERIFY2(both.verdict != Verdict::MaySell || m_verdicts[i] != Verdict::MaySell ||
                             both.licences.size() > 0,
                         told(m_statements[i] + "\n" + refusal.toStdString(), both.verdict, alone));
                QVERIFY2(freedom(both.verdict) <= freedom(m_verdicts[i]),
                         told(m_statements[i] + "\n" + refusal.toStdString(), both.verdict, m_verdicts[i]));
            }
    }

    /// Of a listing alone nothing is sold, whatever it says; beside papers it allows no more than they do.
    void aListingAllowsNothing()
    {
        for (std::size_t i = 0; i < m_statements.size(); ++i) {
            const EvidenceText listing{EvidenceKind::Listing, "the listing", m_statements[i]};
            const auto alone = judged(std::vector{listing}).verdict;
            QVERIFY2(!isYes(alone), told(m_statements[i], alone, Verdict::AskFirst));
            const auto& other = m_statements[(i * 5 + 1) % m_statements.size()];
            const auto with = judged({paper("readme.txt", other), listing}).verdict,
                       without = judged(other).verdict;
            QVERIFY2(freedom(with) <= freedom(without),
                     told(other + "\nlisting: " + m_statements[i], with, without));
        }
    }

    /// Every sentence that is shown stands in the paper, in the line that is named.
    void whatIsQuotedStandsThere()
    {
        // Marks of lists are left out, what leads a list stands before each of its items, and rows and columns of a table are put
        // together: every word of it is the paper's.
        const auto standsIn = [](const std::string& paper_text, const std::string& sentence) {
            const QString whole = QString::fromStdString(paper_text);
            const auto words = QString::fromStdString(sentence).simplified().split(QLatin1Char(' '));
            return std::ranges::all_of(words, [&](QString word) {
                return whole.contains(word) ||
                       (word.endsWith(QLatin1Char(':')) && whole.contains(word.chopped(1)));
            });
        };
        for (const auto& text : m_statements) {
            const auto dossier = judged("Larch and Pail\n\n" + text);
            const auto lines = std::count(text.begin(), text.end(), '\n') + 3;
            std::vector<Quote> quotes = dossier.deciding;
            quotes.insert(quotes.end(), dossier.set_aside.begin(), dossier.set_aside.end());
            for (const auto& unclear : dossier.not_understood)
                quotes.push_back(unclear.quote);
            for (const auto& quote : quotes) {
                QVERIFY2(standsIn("Larch and Pail\n\n" + text, quote.sentence),
                         (text + "\n" + quote.sentence).c_str());
                QVERIFY2(quote.line >= 1 && quote.line <= lines, quote.sentence.c_str());
                QCOMPARE(quote.document, std::string("readme.txt"));
            }
            // A yes always says on what ground, and asking never has limits.
            QVERIFY2(!isYes(dossier.verdict) || !dossier.deciding.empty(), text.c_str());
            QVERIFY2(isYes(dossier.verdict) || dossier.limits.empty(), text.c_str());
            QVERIFY(!dossier.reason.empty());
        }
    }

    /// "Up to n" is n, of several the least.
    void numbersAreTakenAsTheyStand()
    {
        for (const unsigned n : {1u, 25u, 250u, 500u, 1000u, 99999u}) {
            const auto text = "You may sell up to " + std::to_string(n) + " items made with this font.";
            const auto dossier = judged(text);
            QVERIFY2(dossier.verdict == Verdict::SellWithinLimits,
                     told(text, dossier.verdict, Verdict::SellWithinLimits));
            QCOMPARE(dossier.units, n);
            const auto both = judged({paper("a.txt", text), paper("b.txt", "You may sell up to 300 items.")});
            QCOMPARE(both.units, std::min(n, 300u));
        }
    }

private:
    std::vector<std::string> m_statements;
    std::vector<Verdict> m_verdicts;
};

INK_TEST_CORE_MAIN(TestRightsLaws)
#include "test_rights_laws.moc"
