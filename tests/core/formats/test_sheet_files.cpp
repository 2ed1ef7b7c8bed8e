// Files for machines: a device that fails leaves none, and what is written can be read by what the test knows of the format.
#include "core/base/file_output.h"
#include "core/formats/sheet_file.h"
#include "tests/support/environment.h"
#include "tests/support/failing_stream.h"
#include "tests/support/shapes.h"

#include <QFile>
#include <QTemporaryDir>

#include <sstream>

using namespace ink;

namespace {

SheetDrawing drawing()
{
    SheetDrawing d;
    d.page_mm = {0, -80, 120, 0};
    d.title = "Zoë & <Bram>";
    d.rights = "By \x01 permission";
    d.colour = "#b3352a";
    d.paths.push_back({test::circle({40, -40}, 10, true).segments, true, Operation::Cut, 0, 0, true});
    d.paths.push_back({test::circle({40, -40}, 20).segments, true, Operation::Cut, 0, 0, false});
    d.paths.push_back({{Segment::line({10, -70}, {110, -70})}, false, Operation::Frame, kNoDesign, 0, false});
    return d;
}

std::string written(SheetFormat format)
{
    std::ostringstream out;
    const auto done = writeSheet(out, drawing(), format);
    return done ? out.str() : std::string();
}

} // namespace

class TestSheetFiles : public QObject
{
    Q_OBJECT
private slots:
    void formatsAreToldByTheName()
    {
        for (const auto format : kSheetFormats)
            QCOMPARE(formatOf("a/b." + std::string(suffixOf(format).substr(1))), std::optional(format));
        QCOMPARE(formatOf("NAMES.PLT"), std::optional(SheetFormat::Hpgl));
        QCOMPARE(formatOf("names.hpgl"), std::optional(SheetFormat::Hpgl));
        QVERIFY(!formatOf("names.doc"));
        QVERIFY(!formatOf("svg"));
    }

    void nothingToCutIsSaid()
    {
        for (const auto format : kSheetFormats) {
            std::ostringstream out;
            const auto done = writeSheet(out, SheetDrawing{{0, -10, 10, 0}, {}, {}, {}, {}, 0.0}, format);
            QVERIFY(!done);
            QCOMPARE(done.error().code, ErrorCode::NothingToCut);
        }
    }

    void aFailingDeviceLeavesNoFile()
    {
        QTemporaryDir folder;
        for (const auto format : kSheetFormats) {
            const auto whole = written(format).size();
            QVERIFY(whole > 50);
            for (std::size_t room :
                 {std::size_t(0), std::size_t(1), std::size_t(17), whole / 3, whole / 2, whole - 1}) {
                test::FailingBuffer buffer(room);
                std::ostream out(&buffer);
                const auto done = writeSheet(out, drawing(), format);
                QVERIFY2(!done, qPrintable(QString("%1 after %2")
                                               .arg(QString::fromStdString(std::string(suffixOf(format))))
                                               .arg(room)));
                QCOMPARE(done.error().code, ErrorCode::FileUnwritable);
                const auto path =
                    folder.filePath("name" + QString::fromStdString(std::string(suffixOf(format))))
                        .toStdString();
                const auto to_file = writeFile(path, [&](std::ostream&) {
                    test::FailingBuffer full(room);
                    std::ostream device(&full);
                    return writeSheet(device, drawing(), format);
                });
                QVERIFY(!to_file);
                QVERIFY(!QFile::exists(QString::fromStdString(path)));
            }
        }
    }

    void plotterFilesSayPensAndSpeeds()
    {
        auto slow = drawing();
        slow.cut_mm_s = 50;
        std::ostringstream out;
        QVERIFY(writeSheet(out, slow, SheetFormat::Hpgl));
        const auto text = QString::fromStdString(out.str());
        QVERIFY(text.startsWith("IN;PA;SP4;VS5;PU"));
        QVERIFY(
            text.contains("SP5;VS5;PU400,400;PD4400,400;")); // 10 mm and 110 mm, 10 mm above the lower edge
        QVERIFY(text.endsWith("PU0,0;SP0;\n"));
    }

    void piecesKeepTheirMiddles()
    {
        const auto text = QString::fromStdString(written(SheetFormat::Svg));
        QCOMPARE(text.count("<path"), 2);
        QVERIFY(text.contains("<g id=\"cut\"") && text.contains("<g id=\"frame\""));
        QVERIFY(text.contains("width=\"120mm\"") && text.contains("viewBox=\"0 0 120 80\""));
        QVERIFY(text.contains("Zoë &amp; &lt;Bram&gt;"));
    }

    void thePictureTellsItsSize()
    {
        const auto png = written(SheetFormat::Png);
        const auto at = png.find("pHYs");
        QVERIFY(at != std::string::npos);
        const auto number = [&](std::size_t i) {
            unsigned n = 0;
            for (std::size_t k = 0; k < 4; ++k)
                n = n << 8 | static_cast<unsigned char>(png[at + 4 + i + k]);
            return n;
        };
        QCOMPARE(number(0), 7874u); // 200 dpi in dots a metre
        QCOMPARE(number(4), 7874u);
    }

    void theSameSheetGivesTheSameBytes()
    {
        for (const auto format : {SheetFormat::Svg, SheetFormat::Dxf, SheetFormat::Hpgl, SheetFormat::Png})
            QCOMPARE(written(format), written(format));
    }
};

INK_TEST_CORE_MAIN(TestSheetFiles)
#include "test_sheet_files.moc"
