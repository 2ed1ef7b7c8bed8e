// What was measured is there again after a restart, by content, words and version; anything else is measured anew.
#include "core/fit/fit_cache.h"
#include "core/fit/fit_shape_bytes.h"
#include "shelf/fit_store.h"
#include "tests/support/environment.h"

#include <QtTest>
#include <SQLiteCpp/SQLiteCpp.h>

#include <random>

using namespace ink;
namespace fs = std::filesystem;

namespace {

FitShape measured(const char* font, const char* words)
{
    auto shape = fitShape(**FontFace::open(test::demoFont(font)), words);
    if (!shape)
        qFatal("%s", shape.error().message().c_str());
    return std::move(*shape);
}

std::string keyOf(FitStore& store, const fs::path& font, const char* words)
{
    return FitCache::keyOf(store.contentOf(font), {}, words, {}, 0.0);
}

} // namespace

class TestFitStore : public QObject
{
    Q_OBJECT
private slots:
    void aShapeIsReadAsItWas_data()
    {
        QTest::addColumn<QByteArray>("font");
        QTest::addColumn<QByteArray>("words");
        for (const auto& [font, words] :
             std::vector<std::pair<const char*, const char*>>{{"Larkmallow.ttf", "Ottilie"},
                                                              {"HartsorrelScript.ttf", "Bram & Zoë\nLate"},
                                                              {"FennelRow.ttf", "Quince"},
                                                              {"StallholderBits.ttf", "abc"},
                                                              {"GatepostPlain.ttf", "ΩЖ i"}})
            QTest::addRow("%s", font) << QByteArray(font) << QByteArray(words);
    }
    void aShapeIsReadAsItWas()
    {
        QFETCH(QByteArray, font);
        QFETCH(QByteArray, words);
        const auto shape = measured(font, words);
        const auto read = fitShapeFrom(bytesOf(shape));
        QVERIFY(read);
        QVERIFY(read->outline_fu == shape.outline_fu);
        QVERIFY(read->ink_fu.x0 == shape.ink_fu.x0 && read->ink_fu.y1 == shape.ink_fu.y1);
        QCOMPARE(read->x_height_em, shape.x_height_em);
        // Everything that is told of it, at a size.
        const FinishedSize size{SizeBy::Width, 90.0, {}, 0.0};
        const auto report = [&](const FitShape& one) {
            std::ostringstream out;
            writeFitReport(out, *marksAt(one, size), defaultLimits(Process::KnifeVinyl), Process::KnifeVinyl);
            return out.str();
        };
        QCOMPARE(report(*read), report(shape));
        QVERIFY(report(shape).size() > 300);
        QCOMPARE(read->marks_fu.traits.kind.reason, shape.marks_fu.traits.kind.reason);
        QCOMPARE(read->marks_fu.traits.private_only, shape.marks_fu.traits.private_only);
        QCOMPARE(bytesOf(*read), bytesOf(shape)); // nothing was forgotten
    }

    void anyOtherBytesAreNone()
    {
        const auto bytes = bytesOf(measured("Larkmallow.ttf", "Bo"));
        for (std::size_t length = 0; length < bytes.size(); length += 1 + length / 50)
            QVERIFY(!fitShapeFrom(std::string_view(bytes).substr(0, length)));
        QVERIFY(!fitShapeFrom(bytes + "x"));
        QVERIFY(!fitShapeFrom("{}"));
        std::mt19937 random(7);
        for (int i = 0; i < 600; ++i) {
            std::string mutated = bytes;
            for (int k = 0; k < 3; ++k)
                mutated[random() % mutated.size()] = static_cast<char>(random());
            // Answered: nothing, or a shape that is finite and can be written again.
            if (const auto read = fitShapeFrom(mutated))
                QVERIFY(fitShapeFrom(bytesOf(*read)));
        }
    }

    void itIsThereAfterARestart()
    {
        const test::TempFolder folder;
        const auto font = test::demoFont("Larkmallow.ttf");
        const auto shape = measured("Larkmallow.ttf", "Ottilie");
        std::string key;
        {
            FitStore store(folder.path());
            QVERIFY(!fs::exists(folder.path() / "fits.sqlite")); // made with the first question
            key = keyOf(store, font, "Ottilie");
            QVERIFY(!store.find(key));
            store.keep(key, shape);
        }
        FitStore store(folder.path());
        QCOMPARE(keyOf(store, font, "Ottilie"), key);
        const auto kept = store.find(key);
        QVERIFY(kept && kept->outline_fu == shape.outline_fu);
        QVERIFY(!store.find(keyOf(store, font, "Ottil")));
        QVERIFY(!store.find(keyOf(store, test::demoFont("Pennyfold.ttf"), "Ottilie")));
        // The same content under another name is the same font; another content under the same name is none.
        const auto copy = folder.path() / "other.ttf";
        fs::copy_file(font, copy);
        QVERIFY(store.find(keyOf(store, copy, "Ottilie")));
        fs::copy_file(test::demoFont("Pennyfold.ttf"), copy, fs::copy_options::overwrite_existing);
        QVERIFY(!store.find(keyOf(store, copy, "Ottilie")));
        QCOMPARE(store.contentOf(folder.path() / "not there"), std::string());
        // Nobody reads from it what was made.
        const auto bytes = test::slurp(folder.path() / "fits.sqlite");
        QVERIFY(bytes.find("Ottilie") == std::string::npos);
    }

    void whatIsDamagedOrOfAnotherVersionIsMeasuredAgain()
    {
        const test::TempFolder folder;
        const auto shape = measured("Larkmallow.ttf", "Bo");
        {
            FitStore store(folder.path());
            store.keep("key", shape);
        }
        {
            SQLite::Database database((folder.path() / "fits.sqlite").string(), SQLite::OPEN_READWRITE);
            std::string bytes = bytesOf(shape);
            const auto at = bytes.find("version") + 7;
            bytes[at] = static_cast<char>(kFitShapeVersion + 1); // small numbers are a byte of their own
            QVERIFY(!fitShapeFrom(bytes));
            SQLite::Statement put(database, "UPDATE fit SET shape = ?");
            put.bind(1, bytes.data(), static_cast<int>(bytes.size()));
            QCOMPARE(put.exec(), 1);
        }
        {
            FitStore store(folder.path());
            QVERIFY(!store.find("key"));
            store.keep("key", shape);
            QVERIFY(store.find("key"));
        }
        folder.write("fits.sqlite", "no database at all, and long enough to be taken for a damaged one");
        FitStore store(folder.path());
        QVERIFY(!store.find("key"));
        store.keep("key", shape);
        QVERIFY(store.find("key"));
        // Where nothing can be written, nothing is kept and nothing is lost.
        FitStore nowhere("/proc/nowhere");
        nowhere.keep("key", shape);
        QVERIFY(!nowhere.find("key"));
        QVERIFY(!nowhere.contentOf(test::demoFont("Larkmallow.ttf")).empty());
    }

    void theOldestGo()
    {
        const test::TempFolder folder;
        const auto shape = measured("GatepostPlain.ttf", "l");
        FitStore store(folder.path());
        for (int i = 0; i < FitStore::kMost + 401; ++i)
            store.keep(std::to_string(i), shape);
        QVERIFY(!store.find("0"));
        QVERIFY(store.find(std::to_string(FitStore::kMost + 400)));
        SQLite::Database database((folder.path() / "fits.sqlite").string(), SQLite::OPEN_READONLY);
        const int kept = database.execAndGet("SELECT count(*) FROM fit").getInt();
        QVERIFY2(kept <= FitStore::kMost + 200, qPrintable(QString::number(kept)));
    }
};

INK_TEST_CORE_MAIN(TestFitStore)
#include "test_fit_store.moc"
