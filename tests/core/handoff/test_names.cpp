// Lists of names: read as people have them, and made alike by rules.
#include "core/design/job.h"
#include "core/handoff/name_reader.h"
#include "tests/support/environment.h"

#include <sstream>

using namespace ink;

namespace {

QStringList wordsOf(const ReadNames& read)
{
    QStringList out;
    for (const auto& name : read.names)
        out << QString::fromStdString(name.words);
    return out;
}

Job listJob(std::vector<ListedName> names)
{
    Job job;
    job.words = "Honey";
    setNames(job, std::move(names));
    return job;
}

LetterChoice worn(std::uint32_t glyph)
{
    LetterChoice choice;
    choice.worn = WornForm{glyph, "swash", 1};
    return choice;
}

} // namespace

class TestNames : public QObject
{
    Q_OBJECT
private slots:
    void listsAreRead_data()
    {
        QTest::addColumn<QByteArray>("text");
        QTest::addColumn<QStringList>("words");
        QTest::addColumn<QList<int>>("copies");
        QTest::newRow("lines") << QByteArray("Ottilie\nBram\r\nZo\xc3\xab\n")
                               << QStringList{"Ottilie", "Bram", "Zoë"} << QList<int>{1, 1, 1};
        QTest::newRow("lines with commas") << QByteArray("Ada, with love\nBo and Cy\n")
                                           << QStringList{"Ada, with love", "Bo and Cy"} << QList<int>{1, 1};
        QTest::newRow("heading") << QByteArray("Copies,Name,Note\n2,Ada,blue apron\n1,\"Bo, the elder\",\n")
                                 << QStringList{"Ada", "Bo, the elder"} << QList<int>{2, 1};
        QTest::newRow("heading of one column")
            << QByteArray("Name\nAda\nBo\n") << QStringList{"Ada", "Bo"} << QList<int>{1, 1};
        QTest::newRow("tabs") << QByteArray("Ada\t3\nBo\t1\n") << QStringList{"Ada", "Bo"}
                              << QList<int>{3, 1};
        QTest::newRow("numbers behind commas")
            << QByteArray("Ada,3\nBo,1\n") << QStringList{"Ada", "Bo"} << QList<int>{3, 1};
        QTest::newRow("some with a number behind a comma")
            << QByteArray("Ada\nBo, 2\nCy, 3, as a gift\nDi\n") << QStringList{"Ada", "Bo", "Cy", "Di"}
            << QList<int>{1, 2, 3, 1};
        QTest::newRow("a year behind a comma")
            << QByteArray("Class of, 2026\nBo, 2\nCy\n") << QStringList{"Class of, 2026", "Bo, 2", "Cy"}
            << QList<int>{1, 1, 1};
        QTest::newRow("a number, and words behind a comma")
            << QByteArray("Bo, 2\nAda, with love\nCy\n") << QStringList{"Bo, 2", "Ada, with love", "Cy"}
            << QList<int>{1, 1, 1};
        QTest::newRow("semicolons, German heading")
            << QByteArray("Name;Anzahl;Farbe\nAda;2;rot\n") << QStringList{"Ada"} << QList<int>{2};
        QTest::newRow("quotes") << QByteArray("name,qty\n\"Ada \"\"the\"\" Bee\",4\n")
                                << QStringList{"Ada \"the\" Bee"} << QList<int>{4};
        QTest::newRow("windows") << QByteArray("Zo\xeb\nS\xf8ren\nFran\xe7oise\n")
                                 << QStringList{"Zoë", "Søren", "Françoise"} << QList<int>{1, 1, 1};
        QTest::newRow("utf-16") << QByteArray("\xff\xfe"
                                              "A\0d\0a\0\n\0B\0o\0",
                                              14)
                                << QStringList{"Ada", "Bo"} << QList<int>{1, 1};
        QTest::newRow("mark of order") << QByteArray("\xef\xbb\xbf"
                                                     "name,copies\nAda,2\n")
                                       << QStringList{"Ada"} << QList<int>{2};
        QTest::newRow("only blanks") << QByteArray("  \n\t\n") << QStringList{} << QList<int>{};
        QTest::newRow("nothing") << QByteArray() << QStringList{} << QList<int>{};
    }
    void listsAreRead()
    {
        QFETCH(QByteArray, text);
        QFETCH(QStringList, words);
        QFETCH(QList<int>, copies);
        const auto read = readNames(std::string_view(text.constData(), std::size_t(text.size())));
        QVERIFY(read);
        QCOMPARE(wordsOf(*read), words);
        QList<int> got;
        for (const auto& name : read->names)
            got << name.copies;
        QCOMPARE(got, copies);
    }

    void nothingIsLostWithoutAWord()
    {
        std::string text = "name,copies,colour\nAda,2,red\n,1,\nAda,1,red\nBo,many,\n";
        const auto long_name = QString(200, 'x').toStdString();
        text += long_name;
        text += ",1,\n";
        const auto read = readNames(text);
        QVERIFY(read);
        using Kind = NameRemark::Kind;
        const std::vector<NameRemark> expected{{Kind::EmptyLine, 3, ""},
                                               {Kind::TwiceTheSame, 4, "Ada"},
                                               {Kind::NoNumber, 5, "Bo"},
                                               {Kind::LongName, 6, long_name}};
        QCOMPARE(read->remarks, expected);
        QCOMPARE(read->names.size(), std::size_t(4));
        QCOMPARE(read->names[0].colour, std::string("red"));
        QCOMPARE(read->names[2].copies, 1);
    }

    void tooManyAreToldOneByOne()
    {
        std::string text;
        for (std::size_t i = 0; i < kMostNames + 3; ++i)
            text += "Name " + std::to_string(i) + "\n";
        const auto read = readNames(text);
        QVERIFY(read);
        QCOMPARE(read->names.size(), kMostNames);
        QCOMPARE(read->remarks.size(), std::size_t(3));
        QCOMPARE(read->remarks.back().words, "Name " + std::to_string(kMostNames + 2));
    }

    void whatIsNoTextIsRefused()
    {
        QVERIFY(!readNames(std::string_view("\x89PNG\r\n\x1a\n\0\0\0\rIHDR\0\0\1\0\0\1\1\2\3\4\5\6", 28)));
        QVERIFY(!readNames(std::string(kMostList_bytes + 1, 'a')));
    }

    void choicesBecomeRules()
    {
        Job job = listJob({{"yoyo"}, {"bayly"}, {"ay"}});
        // The y in the middle, the first and the last letter wear something each.
        job.lettering.letters = {{0, worn(1)}, {2, worn(2)}, {3, worn(3)}};
        showName(job, 1);
        QCOMPARE(job.words, std::string("bayly"));
        const std::map<std::size_t, LetterChoice> expected{{0, worn(1)}, {2, worn(2)}, {4, worn(3)}};
        QVERIFY(job.lettering.letters == expected);
        showName(job, 2); // first before last where there are two letters
        QVERIFY((job.lettering.letters == std::map<std::size_t, LetterChoice>{{0, worn(1)}, {1, worn(3)}}));
        // Taken off the first letter, it is off everywhere.
        job.lettering.letters.erase(0);
        showName(job, 0);
        QVERIFY((job.lettering.letters == std::map<std::size_t, LetterChoice>{{2, worn(2)}, {3, worn(3)}}));
    }

    void placesStayWithTheirName()
    {
        Job job = listJob({{"Ada"}, {"Bo"}});
        const Mending rule{MendingKind::Thicken, 1.0},
            place{MendingKind::Thicken, 0.8, MendingPlace{1, 0.1, 0.2}};
        job.lettering.mendings = {rule, place};
        showName(job, 1);
        QVERIFY(job.lettering.mendings == std::vector{rule});
        showName(job, 0);
        QVERIFY((job.lettering.mendings == std::vector{rule, place}));
    }

    void wordsAreEditedInTheirPlace()
    {
        Job job = listJob({{"Ada"}, {"Bo"}});
        job.words = "Adele";
        QCOMPARE(JobsOfNames(job).at(1).words, std::string("Bo"));
        QCOMPARE(JobsOfNames(job).at(0).words, std::string("Adele"));
        showName(job, 1);
        QCOMPARE(job.names.names[0].words, std::string("Adele"));
        leaveList(job);
        QVERIFY(job.names.isEmpty());
        QCOMPARE(job.words, std::string("Bo"));
    }

    void aListIsKeptInTheJob()
    {
        Job job = listJob({{"Ada", 3, "red", "for the fair"}, {"Bo"}});
        job.lettering.letters[0] = worn(4);
        job.size = {SizeBy::XHeight, 22.0, {}, 90.0};
        showName(job, 1);
        job.sheet.turns = Turns::Half;
        job.sheet.border_mm = 3.0;
        job.sheet.size = SheetSize{200, 300, 4};
        job.sheet.by_hand = {{1, 0, 90.0, {12, -30}}};
        std::stringstream file;
        writeJob(file, job);
        const auto read = readJob(file);
        QVERIFY(read);
        QVERIFY(*read == job);
    }

    void badListsInAFileAreBounded()
    {
        std::stringstream file(
            R"({"format": "under-ink-job", "words": "Ada", "list": {"shown": 99, "names": [{"words": "Ada", "copies": -4}],
            "rules": [{"of": "sometimes"}, {"of": "every", "letter": "ab"}, {"of": "first", "size": 1e9}]},
            "sheet": {"spacing_mm": 1e300, "turns": "upside", "tabs": -5, "size": {"width_mm": -3}, "by_hand": [{"at_mm": [1e300, 0]}]}})");
        const auto job = readJob(file);
        QVERIFY(job);
        QCOMPARE(job->names.shown, std::size_t(0));
        QCOMPARE(job->names.names.front().copies, 1);
        QCOMPARE(job->names.rules.size(), std::size_t(1));
        QVERIFY(job->sheet.spacing_mm <= kMostSheetLength_mm);
        QCOMPARE(job->sheet.tabs, 0);
        QVERIFY(job->sheet.size->width_mm >= kLeastSheet_mm);
        QVERIFY(job->sheet.by_hand.empty());
    }
};

INK_TEST_CORE_MAIN(TestNames)
#include "test_names.moc"
