// The order of a run beside a long search. Not run under sanitizers: nearly all of it is the search, which is the test's own.
#include "core/geometry/nesting.h"
#include "tests/support/environment.h"
#include "tests/support/squares.h"

#include <cmath>
#include <random>

using namespace ink;
using test::randomSheet;

namespace {

/// A long search by annealing (S. Kirkpatrick et al., Science 220, 1983) over the order and the corners to start at.
/// Shares nothing with inOrder() but the paths.
double annealedAir(const std::vector<ToolPath>& paths, std::mt19937& random, int steps)
{
    const std::size_t n = paths.size();
    std::vector<std::vector<std::size_t>> around(n);
    for (std::size_t i = 0; i < n; ++i)
        for (std::size_t j = 0; j < n; ++j)
            if (i != j && encloses(Contour{paths[j].segments}, paths[i].start()) &&
                std::abs(Contour{paths[j].segments}.signedArea()) >
                    std::abs(Contour{paths[i].segments}.signedArea()))
                around[i].push_back(j);
    std::vector<std::size_t> order(n), corner(n, 0), place(n);
    for (std::size_t i = 0; i < n; ++i)
        order[i] = i;
    std::ranges::stable_sort(order, std::greater(), [&](std::size_t i) { return around[i].size(); });
    const auto at = [&](std::size_t stop) { return paths[stop].segments[corner[stop]].start(); };
    const auto air = [&] {
        Point from{};
        double sum = 0.0;
        for (const auto stop : order) {
            sum += length(at(stop) - from);
            from = at(stop);
        }
        return sum + length(from);
    };
    const auto isAllowed = [&] {
        for (std::size_t k = 0; k < n; ++k)
            place[order[k]] = k;
        for (std::size_t i = 0; i < n; ++i)
            for (const auto j : around[i])
                if (place[j] < place[i])
                    return false;
        return true;
    };
    double now = air(), best = now, heat = now / double(n);
    const double cooling = std::pow(1e-3, 1.0 / steps);
    for (int step = 0; step < steps; ++step, heat *= cooling) {
        const auto keeps = [&](double next) {
            return next < now || double(random() % 100000) / 100000.0 < std::exp((now - next) / heat);
        };
        if (random() % 4 == 0) {
            const std::size_t stop = random() % n, before = corner[stop];
            corner[stop] = random() % paths[stop].segments.size();
            if (const double next = air(); keeps(next))
                now = next;
            else
                corner[stop] = before;
        } else {
            const auto before = order;
            std::size_t a = random() % n, b = random() % n;
            if (a > b)
                std::swap(a, b);
            if (random() % 2)
                std::reverse(order.begin() + std::ptrdiff_t(a), order.begin() + std::ptrdiff_t(b) + 1);
            else
                std::rotate(order.begin() + std::ptrdiff_t(a), order.begin() + std::ptrdiff_t(b),
                            order.begin() + std::ptrdiff_t(b) + 1);
            if (const double next = air(); keeps(next) && isAllowed())
                now = next;
            else
                order = before;
        }
        best = std::min(best, now);
    }
    return best;
}

} // namespace

class TestRunOrder : public QObject
{
    Q_OBJECT
private slots:
    void airIsWithinATenthOfALongSearch()
    {
        std::mt19937 random(5);
        double worst = 0.0;
        for (int sheet = 0; sheet < 30; ++sheet) {
            const auto paths = randomSheet(random);
            const double air = airLength_mm(inOrder(paths)), best = annealedAir(paths, random, 50000);
            worst = std::max(worst, air / best);
            QVERIFY2(air <= 1.1 * best,
                     qPrintable(QString("sheet %1: %2 beside %3").arg(sheet).arg(air).arg(best)));
        }
        qInfo("worst %.3f of a long search", worst);
    }
};

INK_TEST_CORE_MAIN(TestRunOrder)
#include "test_run_order.moc"
