// Rights slips: what a job hands off, what counts as the same goods, and both files of it.
#include "core/base/digest.h"
#include "core/handoff/rights_slip.h"
#include "tests/support/environment.h"

#include <sstream>
#include <streambuf>

using namespace ink;

namespace {

Job job(const char* words)
{
    Job out;
    out.words = words;
    out.font.path = test::demoFont("Larkmallow.ttf").string();
    return out;
}

/// A disk that is full after so many bytes.
class FullAfter : public std::streambuf
{
public:
    explicit FullAfter(std::streamsize bytes) : m_left(bytes) {}

protected:
    std::streamsize xsputn(const char*, std::streamsize count) override
    {
        if (count > m_left)
            return 0;
        m_left -= count;
        return count;
    }
    int overflow(int c) override { return m_left-- > 0 ? c : traits_type::eof(); }

private:
    std::streamsize m_left;
};

std::string pdfOf(const RightsSlip& slip)
{
    std::ostringstream out;
    if (!writeSlipPdf(out, slip))
        qFatal("no slip");
    return out.str();
}

} // namespace

class TestSlip : public QObject
{
    Q_OBJECT
private slots:
    void aJobOfOneWordAndAList()
    {
        const auto one = slipOf(job("Ada"), 4, "2026-11-28");
        QCOMPARE(one.copies(), 4);
        QCOMPARE(one.designs.size(), std::size_t(1));
        QVERIFY(one.is_for_sale);
        QCOMPARE(one.verdict(), Verdict::AskFirst); // nothing is known yet
        Job list = job("Ada");
        setNames(list, {{"Ada", 2}, {"Bo"}, {"Zoë", 3}});
        list.purpose = Purpose::Gift;
        const auto slip = slipOf(list, 4, "2026-11-28");
        QCOMPARE(slip.copies(), 6);
        QCOMPARE(slip.designs.back(), (std::pair<std::string, int>("Zoë", 3)));
        QVERIFY(!slip.is_for_sale);
    }

    void everyFontIsToldOnce()
    {
        Job mixed = job("Ada");
        const FontRef other{test::demoFont("GatepostPlain.ttf").string(), 0, {}};
        mixed.lettering.letters[0].font = other;
        mixed.lettering.letters[2].font = other;
        const auto slip = withDigests(slipOf(mixed, 1, "2026-11-28"));
        QCOMPARE(slip.fonts.size(), std::size_t(2));
        QCOMPARE(slip.fonts[1].name, std::string("GatepostPlain.ttf"));
        for (const auto& font : slip.fonts)
            QCOMPARE(font.sha256, *sha256OfFile(font.font.path));
        // One that is not there has none, and nothing fails.
        RightsSlip gone = slip;
        gone.fonts[0].font.path = "/nowhere.ttf";
        gone.fonts[0].sha256.clear();
        QVERIFY(withDigests(gone).fonts[0].sha256.empty());
    }

    void whatAreTheSameGoods()
    {
        const auto slip = slipOf(job("Ada"), 4, "2026-11-28");
        QVERIFY(areSameGoods(slip, slipOf(job("Ada"), 4, "2026-11-29")));
        QVERIFY(!areSameGoods(slip, slipOf(job("Ada"), 5, "2026-11-28")));
        QVERIFY(!areSameGoods(slip, slipOf(job("Bo"), 4, "2026-11-28")));
        Job other = job("Ada");
        other.font.path = test::demoFont("TansyCord.ttf").string();
        QVERIFY(!areSameGoods(slip, slipOf(other, 4, "2026-11-28")));
    }

    void soldIsToldOnlyWhereThereIsALimit()
    {
        auto slip = slipOf(job("Ada"), 4, "2026-11-28");
        std::ostringstream without, with;
        writeSlipJson(without, slip);
        QVERIFY(without.str().find("\"sold\"") == std::string::npos);
        slip.fonts[0].dossier.units = 250;
        slip.fonts[0].sold_before = 33;
        writeSlipJson(with, slip);
        QVERIFY(with.str().find("\"units\": 250") != std::string::npos);
        QVERIFY(with.str().find("\"sold\": 37") != std::string::npos);
    }

    void itIsReadable()
    {
        auto slip = slipOf(job("Ada %2 %1"), 1, "2026-11-28");
        slip.ground = "She wrote me: 100 % yes";
        const auto short_one = pdfOf(slip);
        QVERIFY(short_one.starts_with("%PDF-"));
        // As many pages as it takes: a licence of a thousand sentences goes on, words of any length are broken.
        Quote quote;
        quote.sentence = "You may sell what you make with it.";
        quote.document = "licence.txt";
        slip.fonts[0].dossier.deciding.assign(1000, quote);
        slip.designs.emplace_back(std::string(5000, 'm'), 1);
        QVERIFY(pdfOf(slip).size() > 4 * short_one.size());
        slip.designs.emplace_back("\xff\xfe no UTF-8", 1);
        QVERIFY(pdfOf(slip).starts_with("%PDF-"));
    }

    void aFullDiskIsTold()
    {
        const auto slip = slipOf(job("Ada"), 1, "2026-11-28");
        for (const std::streamsize bytes : {0, 1, 64, 500}) {
            FullAfter disk(bytes);
            std::ostream out(&disk);
            QVERIFY2(!writeSlipPdf(out, slip), qPrintable(QString::number(bytes)));
        }
    }
};

INK_TEST_CORE_MAIN(TestSlip)
#include "test_slip.moc"
