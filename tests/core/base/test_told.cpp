// Sentences with places: what is filled in is found again.
#include "core/base/told.h"

#include "tests/support/environment.h"

#include <QTest>

#include <random>

using namespace ink;

using Parts = std::vector<std::string>;

class TestTold : public QObject
{
    Q_OBJECT
private slots:
    void placesAreFilledFromTheLeft()
    {
        QCOMPARE(told("It unpacks to more than {} MB.", 40), std::string("It unpacks to more than 40 MB."));
        QCOMPARE(told("{} of {}", std::size_t{3}, std::string("many")), std::string("3 of many"));
        QCOMPARE(told("“{}”", "{}"), std::string("“{}”")); // what is filled in is no place
        QCOMPARE(told("{} and {}", 1), std::string("1 and {}"));
        QCOMPARE(told("as it is", 1), std::string("as it is"));
        static_assert(told("as it is") == "as it is");
    }

    void partsAreFoundAgain_data()
    {
        QTest::addColumn<QByteArray>("form");
        QTest::addColumn<QByteArray>("text");
        QTest::addColumn<bool>("is_of_it");
        QTest::addColumn<QByteArrayList>("parts");
        const auto row = [](const char* form, const char* text, bool is_of_it, const QByteArrayList& parts) {
            QTest::addRow("%s, %s", form, text) << QByteArray(form) << QByteArray(text) << is_of_it << parts;
        };
        row("up to {}", "up to 250", true, {"250"});
        row("up to {}", "up to ", true, {""});
        row("up to {}", "up to", false, {});
        row("{}: {}", "a: b: c", true, {"a", "b: c"});
        row("{} of {} bytes", "3 of 4 bytes", true, {"3", "4"});
        row("{} of {} bytes", "3 of 4 byte", false, {});
        row("It is {}.", "It is a WOFF font.", true, {"a WOFF font"});
        row("It is {}.", "It was.", false, {});
        row("empty.", "empty.", true, {});
        row("empty.", "empty", false, {});
        row("", "", true, {});
        row("{}", "anything", true, {"anything"});
        row("a{}a", "a", false, {}); // the letter is not both ends
        row("a{}a", "aa", true, {""});
        row("{}ab{}b", "ab", false, {});
    }
    void partsAreFoundAgain()
    {
        QFETCH(QByteArray, form);
        QFETCH(QByteArray, text);
        QFETCH(bool, is_of_it);
        QFETCH(QByteArrayList, parts);
        const auto found = partsOf(form.toStdString(), text.toStdString());
        QCOMPARE(found.has_value(), is_of_it);
        if (!found)
            return;
        Parts wanted;
        for (const auto& part : parts)
            wanted.push_back(part.toStdString());
        QCOMPARE(*found, wanted);
    }

    /// Whatever the parts are, filling in what is found gives the same text.
    void whatIsFoundFillsTheSameText()
    {
        std::mt19937 random(20271128);
        const auto any = [&](int most) {
            std::string text;
            for (int n = std::uniform_int_distribution(0, most)(random); n > 0; --n)
                text += "ab: ."[std::uniform_int_distribution(0, 4)(random)];
            return text;
        };
        for (int round = 0; round < 20'000; ++round) {
            const std::string form = any(4) + "{}" + any(4) + "{}" + any(3);
            const std::string text = told(form, any(6), any(6));
            const auto found = partsOf(form, text);
            QVERIFY2(found && found->size() == 2, (form + " | " + text).c_str());
            QCOMPARE(told(form, (*found)[0], (*found)[1]), text);
        }
    }
};

INK_TEST_CORE_MAIN(TestTold)
#include "test_told.moc"
