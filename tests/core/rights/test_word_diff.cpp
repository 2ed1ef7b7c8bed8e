#include "core/rights/word_diff.h"
#include "tests/support/environment.h"

#include <random>

using namespace ink;

class TestWordDiff : public QObject
{
    Q_OBJECT
private slots:
    void theWorkedExampleOfThePaper();
    void everyEditTurnsTheOneIntoTheOther();
    void tooManyDifferencesAreNotTold();
};

namespace {

using Words = std::vector<std::string_view>;

/// What the edits make of `before`.
Words applied(const Words& before, const Words& after, const std::vector<WordEdit>& edits)
{
    Words out;
    std::size_t at = 0;
    for (const auto& edit : edits) {
        out.insert(out.end(), before.begin() + static_cast<std::ptrdiff_t>(at),
                   before.begin() + static_cast<std::ptrdiff_t>(edit.old_begin));
        out.insert(out.end(), after.begin() + static_cast<std::ptrdiff_t>(edit.new_begin),
                   after.begin() + static_cast<std::ptrdiff_t>(edit.new_end));
        at = edit.old_end;
    }
    out.insert(out.end(), before.begin() + static_cast<std::ptrdiff_t>(at), before.end());
    return out;
}

std::size_t size(const std::vector<WordEdit>& edits)
{
    std::size_t size = 0;
    for (const auto& edit : edits)
        size += edit.old_end - edit.old_begin + edit.new_end - edit.new_begin;
    return size;
}

} // namespace

/// E. W. Myers, "An O(ND) difference algorithm and its variations", Algorithmica 1, 1986, figure 1: abcabba
/// to cbabac takes five edits.
void TestWordDiff::theWorkedExampleOfThePaper()
{
    const Words before{"a", "b", "c", "a", "b", "b", "a"}, after{"c", "b", "a", "b", "a", "c"};
    const auto edits = wordDiff(before, after, 20);
    QVERIFY(edits.has_value());
    QCOMPARE(size(*edits), std::size_t(5));
    QVERIFY(applied(before, after, *edits) == after);
}

void TestWordDiff::everyEditTurnsTheOneIntoTheOther()
{
    std::mt19937 random(5);
    static constexpr std::array<std::string_view, 4> kWords{"may", "not", "sell", "it"};
    for (int round = 0; round < 400; ++round) {
        Words before, after;
        for (auto n = random() % 30; n > 0; --n)
            before.push_back(kWords[random() % kWords.size()]);
        for (auto n = random() % 30; n > 0; --n)
            after.push_back(kWords[random() % kWords.size()]);
        const auto edits = wordDiff(before, after, 100);
        QVERIFY(edits.has_value());
        QVERIFY(applied(before, after, *edits) == after);
        // Against the length of the longest common subsequence, by its textbook recurrence.
        std::vector<std::vector<std::size_t>> common(before.size() + 1,
                                                     std::vector<std::size_t>(after.size() + 1));
        for (std::size_t i = 1; i <= before.size(); ++i)
            for (std::size_t k = 1; k <= after.size(); ++k)
                common[i][k] = before[i - 1] == after[k - 1] ? common[i - 1][k - 1] + 1
                                                             : std::max(common[i - 1][k], common[i][k - 1]);
        QCOMPARE(size(*edits), before.size() + after.size() - 2 * common.back().back());
    }
}

void TestWordDiff::tooManyDifferencesAreNotTold()
{
    const Words before(50, "a"), after(50, "b");
    QVERIFY(!wordDiff(before, after, 99).has_value());
    QVERIFY(wordDiff(before, after, 100).has_value());
    QVERIFY(wordDiff(before, before, 0)->empty());
}

INK_TEST_CORE_MAIN(TestWordDiff)
#include "test_word_diff.moc"
