// DST and EXP: round trips, every prefix and thousands of mutated files, and a device that fails.
#include "core/formats/stitch_file.h"
#include "tests/support/environment.h"
#include "tests/support/failing_stream.h"

#include <QTest>

#include <random>
#include <sstream>

using namespace ink;

namespace {

NeedleWork randomWork(unsigned seed)
{
    std::mt19937 random(seed);
    std::uniform_int_distribution<int> step(-120, 120), what(0, 60);
    NeedleWork out;
    long x = 0, y = 0;
    const auto here = [&] { return Point{double(x) * 0.1, double(y) * 0.1}; };
    out.push_back({NeedleStep::Kind::Stitch, here()});
    for (int k = 0; k < 300; ++k) {
        const int kind = what(random);
        if (kind == 0) {
            out.push_back({NeedleStep::Kind::Stop, here()});
        } else if (kind == 1) {
            out.push_back({NeedleStep::Kind::Trim, here()});
            x += step(random) * 5;
            y += step(random) * 5;
            out.push_back({NeedleStep::Kind::Jump, here()});
        } else {
            x += step(random);
            y += step(random);
        }
        out.push_back({NeedleStep::Kind::Stitch, here()});
    }
    return out;
}

std::string bytesOf(const NeedleWork& work, StitchFormat format)
{
    std::ostringstream out;
    if (!writeStitches(out, {work, "Zoë & Co <1>", {"#102030", "#405060"}, "#ffffff"}, format))
        qFatal("not written");
    return out.str();
}

bool isSame(const NeedleWork& a, const NeedleWork& b)
{
    return std::ranges::equal(a, b, [](const NeedleStep& p, const NeedleStep& q) {
        return p.kind == q.kind && length(p.at - q.at) < 1e-6;
    });
}

} // namespace

class TestStitchFiles : public QObject
{
    Q_OBJECT
private slots:
    void whatIsWrittenIsRead()
    {
        for (unsigned seed = 1; seed <= 40; ++seed)
            for (const auto format : {StitchFormat::Dst, StitchFormat::Exp}) {
                const auto work = randomWork(seed);
                const auto read = readStitches(bytesOf(work, format), format);
                QVERIFY(read && !read->is_cut_short);
                QVERIFY(isSame(read->work, work));
                if (format == StitchFormat::Dst)
                    QCOMPARE(read->title, std::string("Zo__ _ Co _1_"));
            }
    }

    void recordsAreTheTables()
    {
        // Balanced ternary from the table: x +1 is 01 00, x -1 is 02 00, y +1 is 80; 121 sets every plus.
        const auto record = [](double x, double y) {
            const auto bytes = bytesOf({{NeedleStep::Kind::Stitch, {x, y}}}, StitchFormat::Dst);
            return bytes.substr(512, 3);
        };
        QCOMPARE(record(0.1, 0), std::string("\x01\x00\x03", 3));
        QCOMPARE(record(-0.1, 0), std::string("\x02\x00\x03", 3));
        QCOMPARE(record(0, 0.1), std::string("\x80\x00\x03", 3));
        QCOMPARE(record(12.1, 0), std::string("\x05\x05\x07", 3));
        QCOMPARE(record(0, -12.1), std::string("\x50\x50\x13", 3));
        const auto exp =
            bytesOf({{NeedleStep::Kind::Stitch, {1.2, -0.5}}, {NeedleStep::Kind::Stop, {1.2, -0.5}}},
                    StitchFormat::Exp);
        QCOMPARE(exp, std::string("\x0C\xFB\x80\x01\x00\x00", 6));
    }

    void everyPrefixGivesAMessage()
    {
        for (const auto format : {StitchFormat::Dst, StitchFormat::Exp}) {
            const auto bytes = bytesOf(randomWork(3), format);
            for (std::size_t n = 0; n < bytes.size(); ++n) {
                const auto read = readStitches(std::string_view(bytes).substr(0, n), format);
                // A shorter EXP is whole where a step ends; a DST tells its end.
                QVERIFY(!read || read->is_cut_short || format == StitchFormat::Exp);
                QVERIFY(read || !read.error().message().empty());
            }
        }
    }

    void mutatedFilesNeverCrash()
    {
        std::mt19937 random(11);
        for (const auto format : {StitchFormat::Dst, StitchFormat::Exp}) {
            const auto whole = bytesOf(randomWork(5), format);
            for (int k = 0; k < 5000; ++k) {
                auto bytes = whole;
                for (int n = 0; n < 1 + k % 8; ++n)
                    bytes[random() % bytes.size()] = char(random());
                const auto read = readStitches(bytes, format);
                if (read) {
                    for (const auto& step : read->work)
                        QVERIFY(isFinite(step.at));
                    std::ostringstream again;
                    const auto done = writeStitches(again, {read->work, {}, {}, "#ffffff"}, format);
                    QVERIFY(done || !done.error().message().empty());
                }
            }
        }
    }

    void longStitchesAreSplitForTheMachine()
    {
        const NeedleWork work{{NeedleStep::Kind::Stitch, {0, 0}}, {NeedleStep::Kind::Stitch, {30, 0}}};
        const auto read = readStitches(bytesOf(work, StitchFormat::Dst), StitchFormat::Dst);
        QVERIFY(read.has_value());
        QVERIFY(length(read->work.back().at - Point{30, 0}) < 1e-9);
    }

    void whatCannotBeIsRefused()
    {
        std::ostringstream out;
        QVERIFY(writeStitches(out, {}, StitchFormat::Dst).error().code == ErrorCode::NothingToCut);
        const NeedleWork far{{NeedleStep::Kind::Stitch, {1e9, 0}}};
        QVERIFY(writeStitches(out, {far, {}, {}, {}}, StitchFormat::Dst).error().code ==
                ErrorCode::CoordinateOutOfRange);
        const NeedleWork none{{NeedleStep::Kind::Stitch, {std::nan(""), 0}}};
        QVERIFY(writeStitches(out, {none, {}, {}, {}}, StitchFormat::Exp).error().code ==
                ErrorCode::CoordinateOutOfRange);
        QVERIFY(readStitches("<svg/>", StitchFormat::Svg).error().code == ErrorCode::DocumentDamaged);
        QVERIFY(!readStitches(std::string(600, 'x'), StitchFormat::Dst));
        QVERIFY(stitchFormatOf("A.DST") == StitchFormat::Dst && stitchFormatOf("a.exp") == StitchFormat::Exp);
        QVERIFY(!stitchFormatOf(".dst") && !stitchFormatOf("a.dxf"));
    }

    void aFullDiskIsSaid()
    {
        for (const auto format : kStitchFormats) {
            const auto whole = bytesOf(randomWork(2), format).size();
            for (const std::size_t room : {std::size_t(0), std::size_t(1), whole / 2, whole - 1}) {
                test::FailingBuffer buffer(room);
                std::ostream out(&buffer);
                const auto done = writeStitches(
                    out, {randomWork(2), "Zoë & Co <1>", {"#102030", "#405060"}, "#ffffff"}, format);
                QVERIFY2(
                    !done && done.error().code == ErrorCode::FileUnwritable,
                    qPrintable(
                        QStringLiteral("%1 of %2 bytes of format %3").arg(room).arg(whole).arg(int(format))));
            }
        }
    }

    void colourNoteNamesEachLayer()
    {
        std::ostringstream out;
        writeColourNote(
            out,
            {{{NeedleStep::Kind::Stitch, {}}, {NeedleStep::Kind::Stop, {}}, {NeedleStep::Kind::Stitch, {}}},
             "x",
             {"#102030", "#405060"},
             "#ffffff"});
        QCOMPARE(out.str(), std::string("1\t#102030\n2\t#405060\n"));
    }
};

INK_TEST_CORE_MAIN(TestStitchFiles)
#include "test_stitch_files.moc"
