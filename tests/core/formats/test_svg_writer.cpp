#include "core/formats/svg_writer.h"
#include "tests/support/environment.h"
#include "tests/support/failing_stream.h"
#include "tests/support/shapes.h"

#include <QRegularExpression>
#include <QXmlStreamReader>

#include <clocale>
#include <fstream>
#include <sstream>

using namespace ink;

namespace {

Outline sample()
{
    Piece ring{test::circle({20, 15}, 15), {test::circle({20, 15}, 5, true)}};
    Piece arch{test::arch({40, 0}, 20, 12), {}};
    return transformed(Outline{{ring, arch}}, {1, 0, 0, 1, -5, 0});
}

QString written(const Outline& outline,
                const SvgOptions& options = {"Honey & <Comb>", "free \"as\" in bees", "#a33b2b"})
{
    std::ostringstream out;
    if (!writeSvg(out, outline, options))
        qFatal("not written");
    return QString::fromStdString(out.str());
}

std::filesystem::path goldenPath()
{
    return std::filesystem::path(INK_TEST_DATA) / ".." / "golden" / "two-pieces.svg";
}

/// INK_WRITE_GOLDEN=1 renews the file; look at the difference before committing it.
void writeGolden(const QString& svg)
{
    std::ofstream(goldenPath()) << svg.toStdString();
}

} // namespace

class TestSvgWriter : public QObject
{
    Q_OBJECT
private slots:
    void trueSizeInMm();
    void onePathForEachPiece();
    void curvesStayCurves();
    void wellFormedWhateverTheWords();
    void pointInNumbersWhateverTheLocale();
    void failingDeviceIsReported();
    void goldenFile();
};

void TestSvgWriter::trueSizeInMm()
{
    QXmlStreamReader xml(written(sample()));
    QVERIFY(xml.readNextStartElement());
    QCOMPARE(xml.name().toString(), QStringLiteral("svg"));
    QCOMPARE(xml.attributes().value("width").toString(), QStringLiteral("55mm"));
    QCOMPARE(xml.attributes().value("height").toString(), QStringLiteral("30mm"));
    QCOMPARE(xml.attributes().value("viewBox").toString(), QStringLiteral("0 0 55 30"));
}

void TestSvgWriter::onePathForEachPiece()
{
    const QString svg = written(sample());
    QCOMPARE(svg.count(QStringLiteral("<path ")), 2);
    QVERIFY(svg.contains(QStringLiteral("<g id=\"cut\" fill=\"#a33b2b\" fill-rule=\"nonzero\"")));
    const auto first =
        QRegularExpression(QStringLiteral("id=\"piece-1\" d=\"([^\"]+)\"")).match(svg).captured(1);
    QCOMPARE(first.count(QLatin1Char('M')), 2); // the ring and its middle
    QCOMPARE(first.count(QLatin1Char('Z')), 2);
}

void TestSvgWriter::curvesStayCurves()
{
    const QString svg = written(sample());
    QCOMPARE(svg.count(QStringLiteral(" C")), 8);
    QCOMPARE(svg.count(QStringLiteral(" Q")), 2);
}

void TestSvgWriter::wellFormedWhateverTheWords()
{
    QXmlStreamReader xml(written(sample()));
    QString title, rights;
    while (!xml.atEnd()) {
        if (xml.readNext() != QXmlStreamReader::StartElement)
            continue;
        if (xml.qualifiedName() == QStringLiteral("title"))
            title = xml.readElementText();
        if (xml.qualifiedName() == QStringLiteral("dc:rights"))
            rights = xml.readElementText();
    }
    QVERIFY2(!xml.hasError(), qPrintable(xml.errorString()));
    QCOMPARE(title, QStringLiteral("Honey & <Comb>"));
    QCOMPARE(rights, QStringLiteral("free \"as\" in bees"));
}

void TestSvgWriter::pointInNumbersWhateverTheLocale()
{
    const QString before = written(sample());
    const std::locale old =
        std::locale::global(std::locale(std::locale(), new std::numpunct_byname<char>("C")));
    std::setlocale(LC_ALL, "de_DE.UTF-8"); // may not exist here; then this repeats the check above
    QCOMPARE(written(sample()), before);
    std::setlocale(LC_ALL, "C");
    std::locale::global(old);
}

void TestSvgWriter::failingDeviceIsReported()
{
    for (const std::size_t room : {0u, 10u, 300u}) {
        test::FailingBuffer buffer(room);
        std::ostream out(&buffer);
        const auto done = writeSvg(out, sample(), {});
        QVERIFY(!done);
        QCOMPARE(done.error().code, ErrorCode::FileUnwritable);
    }
}

void TestSvgWriter::goldenFile()
{
    if (qEnvironmentVariableIsSet("INK_WRITE_GOLDEN"))
        writeGolden(written(sample()));
    const QString golden = QString::fromStdString(test::slurp(goldenPath()));
    QCOMPARE(written(sample()), golden);
}

INK_TEST_CORE_MAIN(TestSvgWriter)
#include "test_svg_writer.moc"
