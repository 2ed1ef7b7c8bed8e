#include "tests/support/gui.h"
#include "ui/find/find_filter.h"

#include <QDate>
#include <QStandardPaths>

using namespace ink;
using namespace ink::ui;

namespace {

QStringList shown(const FindFilter& filter)
{
    QStringList names;
    for (int row = 0; row < filter.rowCount(); ++row)
        names << filter.index(row, 0).data().toString();
    return names;
}

/// The demo fonts, and listings with nothing behind them.
struct Fixture
{
    JobModel job{test::WindowFixture::firstJob()};
    CatalogueClient catalogue;
    FitService fits{std::make_shared<FaceCache>(), catalogue};
    test::TempFolder folder;
    FontListModel fonts{job, fits, std::make_shared<FontRightsReader>(RightsStore(folder.path() / "rights"))};
    FindFilter filter{fonts};

    Fixture() { fonts.addEntries(fontsInFolder(test::demoFontFolder(), FontOrigin::Demo)->entries); }

    void measure()
    {
        fonts.askForAll(100);
        const auto isMeasured = [this] {
            for (int row = 0; row < fonts.rowCount(); ++row)
                if (!fonts.isListing(row) && (!fonts.known(row) || !fonts.knownRights(row)))
                    return false;
            return fits.isIdle();
        };
        if (!QTest::qWaitFor(isMeasured, 60000))
            qFatal("the fonts are not measured");
    }
    void addListing(const char* name, const char* price, const QString& published, qint64 popularity,
                    const QStringList& kinds = {}, const QStringList& tags = {})
    {
        Listing listing;
        listing.id = listing.name = QLatin1String(name);
        listing.foundry = QStringLiteral("Larch & Pail");
        listing.price = QString::fromUtf8(price);
        listing.published = published;
        listing.popularity = popularity;
        listing.kinds = kinds;
        listing.tags = tags;
        fonts.addListings({listing});
    }
    QStringList shown() const { return ::shown(filter); }
    const FitMarks& marks(int source_row) const { return fonts.known(source_row)->card->marks; }
};

/// Measuring sixteen fonts takes seconds, so it is done once.
Fixture& measured()
{
    static const auto fixture = [] {
        auto made = std::make_unique<Fixture>();
        made->measure();
        return made;
    }();
    return *fixture;
}

} // namespace

class TestFindFilter : public QObject
{
    Q_OBJECT
private slots:
    void searchLooksAtNamesFoundriesAndTags();
    void everyWishIsWhatTheMarksSay();
    void wishesAddUp();
    void limitsOfThePersonDecide();
    void listingsAreToldByPriceDateAndPopularity();
    void kindsOfListingsAreTheirOwnAndOthersAreTold();
    void ordersFollowTheirFigure_data();
    void ordersFollowTheirFigure();
    void pricesAndDatesGiveAnOrder();
    void everyWishAndOrderHasItsWords();
};

void TestFindFilter::searchLooksAtNamesFoundriesAndTags()
{
    Fixture f;
    f.addListing("Bramble Cut", "", "2024-03-01", 10, {}, {"autumn", "jam jars"});
    f.addListing("Sloe Gin", "", "2024-03-01", 10);
    f.filter.setWords(QStringLiteral("larch"));
    QCOMPARE(f.shown(), (QStringList{"Bramble Cut", "Sloe Gin"})); // own fonts are searched by name
    f.filter.setWords(QStringLiteral("  JAR   bram "));
    QCOMPARE(f.shown(), QStringList{"Bramble Cut"});
    f.filter.setWords(QStringLiteral("SCRIPT quill"));
    QCOMPARE(f.shown(), QStringList{"Quillbrook Script"});
    f.filter.setWords(QStringLiteral("no such name"));
    QVERIFY(f.shown().isEmpty());
    f.filter.setWords({});
    QCOMPARE(f.shown().size(), f.fonts.rowCount());
}

void TestFindFilter::everyWishIsWhatTheMarksSay()
{
    Fixture& f = measured();
    FindFilter filter(f.fonts);
    const ProcessLimits limits = f.job.job().limits();
    const Process process = f.job.job().process;
    const auto verdict = [&](int row) { return f.fonts.knownRights(row)->dossier.verdict; };
    const std::vector<std::pair<FindWish, std::function<bool(int)>>> wishes{
        {FindWish::HoldInProcess, [&](int r) { return holds(f.marks(r), limits, process) != Holds::Not; }},
        {FindWish::StrokesHold,
         [&](int r) { return holdsStroke(f.marks(r), limits, process) != Holds::Not; }},
        {FindWish::GapsStayOpen, [&](int r) { return holdsGap(f.marks(r), limits) != Holds::Not; }},
        {FindWish::PiecesHold,
         [&](int r) { return f.marks(r).smallest_piece->area >= limits.smallest_piece_mm2; }},
        {FindWish::Join, [&](int r) { return f.marks(r).joins == f.marks(r).pairs.size(); }},
        {FindWish::HaveSwash, [&](int r) { return f.marks(r).hasSwash(); }},
        {FindWish::HaveEveryLetter, [&](int r) { return f.marks(r).missing.empty(); }},
        {FindWish::HaveNoMiddles, [&](int r) { return f.marks(r).middles.empty(); }},
        {FindWish::HaveNoSharpPoints, [&](int r) { return f.marks(r).sharp_points.empty(); }},
        {FindWish::HaveFewNodes, [&](int r) { return f.marks(r).nodesPerLetter() < 40; }},
        {FindWish::HaveHiddenForms, [&](int r) { return !f.marks(r).traits.private_only.empty(); }},
        {FindWish::MaySell, [&](int r) { return verdict(r) == Verdict::MaySell; }},
        {FindWish::AreGiftsOnly, [&](int r) { return verdict(r) == Verdict::GiftsOnly; }},
        {FindWish::AreToBeAsked,
         [&](int r) { return verdict(r) == Verdict::AskFirst || verdict(r) == Verdict::EvidenceDisagrees; }},
    };
    for (const auto& [wish, expected] : wishes) {
        int count = 0;
        for (int row = 0; row < f.fonts.rowCount(); ++row) {
            QCOMPARE(filter.fulfils(row, wish), expected(row));
            count += expected(row);
        }
        QCOMPARE(filter.countOf(wish), count);
    }
    // A check that could not fail would be none: the demo fonts differ.
    for (const FindWish wish :
         {FindWish::StrokesHold, FindWish::HaveSwash, FindWish::MaySell, FindWish::HaveFewNodes})
        QVERIFY(filter.countOf(wish) > 0 && filter.countOf(wish) < f.fonts.rowCount());
}

void TestFindFilter::wishesAddUp()
{
    Fixture& f = measured();
    FindFilter filter(f.fonts);
    filter.setWish(FindWish::MaySell, true);
    const int sellable = filter.rowCount();
    filter.setWish(FindWish::HaveSwash, true);
    QVERIFY(filter.rowCount() < sellable);
    for (int i = 0; i < filter.rowCount(); ++i) {
        const int row = filter.mapToSource(filter.index(i, 0)).row();
        QVERIFY(filter.fulfils(row, FindWish::MaySell) && filter.fulfils(row, FindWish::HaveSwash));
    }
    QVERIFY(filter.isFiltering() && filter.needsMarks());
    filter.clearWishes();
    QCOMPARE(filter.rowCount(), f.fonts.rowCount());
    QVERIFY(!filter.isFiltering() && !filter.needsMarks());
    filter.setWish(FindWish::AreMine, true);
    QVERIFY(!filter.needsMarks()); // known without measuring
}

void TestFindFilter::limitsOfThePersonDecide()
{
    Fixture& f = measured();
    FindFilter filter(f.fonts);
    const int before = filter.countOf(FindWish::StrokesHold);
    f.job.setLimits({0.0, 0.0, 0.0, 0.0, 0.0});
    QCOMPARE(filter.countOf(FindWish::StrokesHold), f.fonts.rowCount());
    QCOMPARE(filter.countOf(FindWish::HoldInProcess), f.fonts.rowCount());
    QVERIFY(before < f.fonts.rowCount());
    f.job.setLimits({100.0, 100.0, 0.5, 2.0});
    QCOMPARE(filter.countOf(FindWish::StrokesHold), 0);
    f.job.setLimits(defaultLimits(Process::KnifeVinyl));
}

void TestFindFilter::listingsAreToldByPriceDateAndPopularity()
{
    Fixture f;
    const QString this_year = QString::number(QDate::currentDate().year()) + QStringLiteral("-01-09");
    f.addListing("Bought", "14,50 EUR", QStringLiteral("2019-05-01"), 100);
    f.addListing("Given", "", this_year, 5000);
    const int bought = f.fonts.rowCount() - 2, given = bought + 1;
    QCOMPARE(f.fonts.price(bought), 14.5);
    QCOMPARE(f.fonts.publishedDay(bought), 20190501);
    for (const FindWish wish : {FindWish::CostNothing, FindWish::AreOfThisYear, FindWish::AreOftenFetched}) {
        QVERIFY(!f.filter.fulfils(bought, wish));
        QVERIFY(f.filter.fulfils(given, wish));
    }
    QVERIFY(f.filter.fulfils(0, FindWish::CostNothing)); // what is here already
    QVERIFY(!f.filter.fulfils(0, FindWish::AreOfThisYear));
    QVERIFY(f.filter.fulfils(0, FindWish::AreMine) && !f.filter.fulfils(given, FindWish::AreMine));
    // Nothing is claimed of what has not been measured.
    QVERIFY(!f.filter.fulfils(given, FindWish::HoldInProcess));
    QVERIFY(!f.filter.fulfils(given, FindWish::MaySell));
}

void TestFindFilter::kindsOfListingsAreTheirOwnAndOthersAreTold()
{
    Fixture& f = measured();
    f.addListing("Bramble Cut", "", "2024-03-01", 10, {"serif"});
    FindFilter filter(f.fonts);
    QCOMPARE(filter.kindOf(f.fonts.rowCount() - 1), QStringLiteral("serif"));
    filter.setKinds({"picture-font"});
    QCOMPARE(shown(filter), (QStringList{"Saltglaze Ornaments", "Stallholder Bits"}));
    filter.setKinds({"serif", "picture-font"});
    QVERIFY(shown(filter).contains("Bramble Cut") && shown(filter).contains("Stallholder Bits"));
    filter.setKinds({});
    QCOMPARE(shown(filter).size(), f.fonts.rowCount());
    f.fonts.removeListings();
}

void TestFindFilter::ordersFollowTheirFigure_data()
{
    QTest::addColumn<int>("order");
    for (const auto order :
         {FindOrder::ThinnestStroke, FindOrder::NarrowestGap, FindOrder::FewestPieces, FindOrder::FewestNodes,
          FindOrder::FewestMiddles, FindOrder::FewestSharpPoints, FindOrder::MostJoins,
          FindOrder::FewestMissing, FindOrder::BestVerdict, FindOrder::Fit})
        QTest::newRow(qPrintable(inWords(order))) << int(order);
}

void TestFindFilter::ordersFollowTheirFigure()
{
    QFETCH(int, order);
    Fixture& f = measured();
    FindFilter filter(f.fonts);
    filter.setOrder(static_cast<FindOrder>(order));
    const ProcessLimits limits = f.job.job().limits();
    const Process process = f.job.job().process;
    const auto figure = [&](int row) -> double {
        const FitMarks& m = f.marks(row);
        switch (static_cast<FindOrder>(order)) {
        case FindOrder::ThinnestStroke:
            return -strokeMark(m, limits, process)->narrowest.width;
        case FindOrder::NarrowestGap: // nothing that could close up is best
            return gapMark(m, limits) ? -gapMark(m, limits)->narrowest.width : -1e9;
        case FindOrder::FewestPieces:
            return double(m.pieces);
        case FindOrder::FewestNodes:
            return m.nodesPerLetter();
        case FindOrder::FewestMiddles:
            return double(m.middles.size());
        case FindOrder::FewestSharpPoints:
            return double(m.sharp_points.size());
        case FindOrder::MostJoins:
            return -double(m.joins) / double(m.pairs.size());
        case FindOrder::FewestMissing:
            return double(m.missing.size());
        case FindOrder::BestVerdict:
            return double(f.fonts.knownRights(row)->dossier.verdict);
        default: // a font that has every letter and holds stands before one that does not
            return m.missing.empty() && holds(m, limits, process) != Holds::Not ? 0 : 1;
        }
    };
    double before = -1e12;
    for (int i = 0; i < filter.rowCount(); ++i) {
        const double now = figure(filter.mapToSource(filter.index(i, 0)).row());
        QVERIFY(now >= before);
        before = now;
    }
    QVERIFY(filter.needsMarks());
}

void TestFindFilter::pricesAndDatesGiveAnOrder()
{
    Fixture f;
    f.addListing("Dear", "30 EUR", "2020-01-01", 1);
    f.addListing("Cheap", "4.50 EUR", "2024-06-01", 50);
    f.addListing("Free", "", "2022-01-01", 900);
    f.filter.setWish(FindWish::AreMine, false);
    f.filter.setWords(QStringLiteral("larch"));
    f.filter.setOrder(FindOrder::Price);
    QCOMPARE(f.shown(), (QStringList{"Free", "Cheap", "Dear"}));
    f.filter.setOrder(FindOrder::Newest);
    QCOMPARE(f.shown(), (QStringList{"Cheap", "Free", "Dear"}));
    f.filter.setOrder(FindOrder::Popular);
    QCOMPARE(f.shown(), (QStringList{"Free", "Cheap", "Dear"}));
    f.filter.setOrder(FindOrder::Name);
    QCOMPARE(f.shown(), (QStringList{"Cheap", "Dear", "Free"}));
    f.filter.setOrder(FindOrder::AsTheyCame);
    QCOMPARE(f.shown(), (QStringList{"Dear", "Cheap", "Free"}));
}

void TestFindFilter::everyWishAndOrderHasItsWords()
{
    Fixture f;
    QSet<QString> words;
    for (int i = 0; i < kFindWishes; ++i)
        words.insert(inWords(static_cast<FindWish>(i), f.job.job(), f.fonts));
    QCOMPARE(words.size(), kFindWishes);
    QVERIFY(!words.contains(QString()));
    words.clear();
    for (int i = 0; i < kFindOrders; ++i)
        words.insert(inWords(static_cast<FindOrder>(i)));
    QCOMPARE(words.size(), kFindOrders);
    QVERIFY(!words.contains(QString()));
}

INK_TEST_GUI_MAIN(TestFindFilter)
#include "test_find_filter.moc"
