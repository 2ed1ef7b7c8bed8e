// Whole numbers of files that anybody may have written: each is the nearest that can be held.
#include "core/base/json_number.h"

#include "tests/support/environment.h"

using namespace ink;
using nlohmann::json;

class TestJsonNumber : public QObject
{
    Q_OBJECT
private slots:
    void theNearestIsHeld();
    void otherKindsThrow();
};

void TestJsonNumber::theNearestIsHeld()
{
    QCOMPARE(wholeNumber<int>(json::parse("7")), 7);
    QCOMPARE(wholeNumber<int>(json::parse("-7")), -7);
    QCOMPARE(wholeNumber<int>(json::parse("7.9")), 7);
    QCOMPARE(wholeNumber<int>(json::parse("1e300")), std::numeric_limits<int>::max());
    QCOMPARE(wholeNumber<int>(json::parse("-1e300")), std::numeric_limits<int>::min());
    QCOMPARE(wholeNumber<int>(json::parse("9999999999")), std::numeric_limits<int>::max());
    QCOMPARE(wholeNumber<int>(json::parse("-9999999999")), std::numeric_limits<int>::min());
    QCOMPARE(wholeNumber<int>(json::parse("18446744073709551615")), std::numeric_limits<int>::max());
    QCOMPARE(wholeNumber<std::uint32_t>(json::parse("-1")), std::uint32_t{0});
    QCOMPARE(wholeNumber<std::uint32_t>(json::parse("1099511627776")),
             std::numeric_limits<std::uint32_t>::max());
    // 2^64 - 1 is no double: what is rounded up to is not cast.
    QCOMPARE(wholeNumber<std::size_t>(json::parse("1.8446744073709552e19")),
             std::numeric_limits<std::size_t>::max());
    QCOMPARE(wholeNumber<std::size_t>(json(std::nan(""))), std::size_t{0});
    QCOMPARE(wholeNumber(json::parse(R"({"at": 1e300})"), "at", std::size_t{3}),
             std::numeric_limits<std::size_t>::max());
    QCOMPARE(wholeNumber(json::parse("{}"), "at", std::size_t{3}), std::size_t{3});
}

void TestJsonNumber::otherKindsThrow()
{
    QVERIFY_THROWS_EXCEPTION(json::type_error, wholeNumber<int>(json::parse("\"7\"")));
    QVERIFY_THROWS_EXCEPTION(json::type_error, wholeNumber(json::parse("[]"), "at", 1));
}

INK_TEST_CORE_MAIN(TestJsonNumber)
#include "test_json_number.moc"
