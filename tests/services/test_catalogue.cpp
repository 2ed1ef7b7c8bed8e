#include "core/base/digest.h"
#include "core/fit/fit_marks.h"
#include "services/catalogue_client.h"
#include "services/download.h"
#include "services/remote_words.h"
#include "standins/catalogue/catalogue_server.h"
#include "tests/support/environment.h"

#include <QDir>
#include <QFile>
#include <QSignalSpy>
#include <QTcpServer>
#include <QTcpSocket>
#include <QTemporaryDir>

using namespace ink;

namespace {

std::string demoCatalogueFolder()
{
    return QString("%1/../catalogue").arg(INK_TEST_DEMO_FONTS).toStdString();
}

struct Service
{
    explicit Service(standin::Fault fault = standin::Fault::None)
        : server(std::move(*standin::DemoCatalogue::open(demoCatalogueFolder())), fault)
    {
        const quint16 port = server.listen();
        client.setAddress(QUrl(QString("http://127.0.0.1:%1").arg(port)));
        client.setPatience(8000);
    }

    /// Waits for the one answer.
    template <class T, class Ask>
    Result<T> answer(Ask ask)
    {
        std::optional<Result<T>> got;
        ask([&](Result<T> result) { got = std::move(result); });
        if (!QTest::qWaitFor([&] { return got.has_value(); }, 20000))
            return fail(ErrorCode::Internal, "no answer reached the test");
        return std::move(*got);
    }
    Result<ListingPage> page(const CatalogueQuery& query = {})
    {
        return answer<ListingPage>([&](auto done) { client.page(query, done); });
    }
    Download::Wanted wanted(const QString& id)
    {
        const auto details = answer<ListingDetails>([&](auto done) { client.details(id, done); });
        if (!details)
            qFatal("%s", details.error().message().c_str());
        return {client.packageUrl(details->listing.package), details->listing.package, details->bytes,
                details->sha256};
    }

    standin::CatalogueServer server;
    CatalogueClient client;
};

bool waitFor(Download& download, Download::State state)
{
    return QTest::qWaitFor([&] { return download.state() == state; }, 20000);
}

} // namespace

class TestCatalogue : public QObject
{
    Q_OBJECT
private slots:
    void listingsComeInPages();
    void searchKindsAndSorting();
    void wordsAreMeasuredBeforeAnythingIsFetched();
    void keyMapsComeWithTheirPictures();
    void picturesOfPackages();
    void longWordsGoThrough();
    void whatIsNoRequestEndsItsConnection();
    void aTakenPortIsSaid();
    void packagesArriveWhole();
    void pausedTransfersGoOnWhereTheyStopped();
    void cancelledTransfersLeaveNothing();
    void faultsOfTheListAreSaid_data();
    void faultsOfTheListAreSaid();
    void faultsOfTransfersAreSaid_data();
    void faultsOfTransfersAreSaid();
    void whatBrokeOffCanBeGoneOnWith();
    void twentyThousandListings();
    void buyingGivesAReceiptAndThePackage();
    void pathDataIsNotTrusted_data();
    void pathDataIsNotTrusted();
    void nobodyThere();
};

void TestCatalogue::listingsComeInPages()
{
    Service service;
    CatalogueQuery query;
    query.per_page = 7;
    QSet<QString> seen;
    qint64 total = 0;
    for (query.page = 0;; ++query.page) {
        const auto page = service.page(query);
        QVERIFY2(page, page ? "" : page.error().message().c_str());
        total = page->total;
        if (page->listings.empty())
            break;
        for (const auto& listing : page->listings)
            seen.insert(listing.id);
    }
    QCOMPARE(qint64(seen.size()), total);
    QVERIFY(total >= 18);
}

void TestCatalogue::searchKindsAndSorting()
{
    Service service;
    auto page = service.page({QStringLiteral("CORD"), {}, QStringLiteral("date"), 0, 50});
    QVERIFY(page && page->listings.size() >= 3);
    for (std::size_t i = 1; i < page->listings.size(); ++i)
        QVERIFY(page->listings[i - 1].published >= page->listings[i].published);
    page = service.page(
        {{}, {QStringLiteral("picture-font"), QStringLiteral("decorative")}, QStringLiteral("name"), 0, 50});
    QVERIFY(page && page->listings.size() == 3);
    QCOMPARE(page->listings.front().name, QStringLiteral("Gingham Caps"));
    page = service.page({QStringLiteral("nothing is called this"), {}, {}, 0, 50});
    QVERIFY(page && page->total == 0);
}

void TestCatalogue::wordsAreMeasuredBeforeAnythingIsFetched()
{
    Service service;
    const auto words = service.answer<std::shared_ptr<const RemoteWords>>([&](auto done) {
        service.client.words(QStringLiteral("tansy-cord"), {}, QStringLiteral("By &\nbees \u2603"), {}, done);
    });
    QVERIFY2(words, words ? "" : words.error().message().c_str());
    QCOMPARE((*words)->set.missing, std::u32string(U"\u2603"));
    QVERIFY(!(*words)->alternates.empty());
    // The same figures as from the font file.
    const auto remote = fitShapeOf((*words)->set, (*words)->units_per_em, {}, {});
    const auto face = FontFace::open(test::demoFont("TansyCord.ttf"));
    const auto local = fitShape(**face, "By &\nbees");
    QVERIFY(remote && local);
    QCOMPARE(remote->marks_fu.pieces, local->marks_fu.pieces);
    QCOMPARE(remote->marks_fu.joins, local->marks_fu.joins);
    QVERIFY(std::abs(remote->marks_fu.thinnest_stroke->width - local->marks_fu.thinnest_stroke->width) < 0.1);
    QVERIFY(std::abs(remote->ink_fu.width() - local->ink_fu.width()) < 0.1);
}

void TestCatalogue::keyMapsComeWithTheirPictures()
{
    Service service;
    const auto map = service.answer<std::shared_ptr<const RemoteKeyMap>>(
        [&](auto done) { service.client.keyMap(QStringLiteral("stallholder"), {}, done); });
    QVERIFY(map);
    QVERIFY((*map)->keys.size() >= 30);
    const auto bee = std::ranges::find((*map)->keys, QStringLiteral("a"), &RemoteKey::key);
    QVERIFY(bee != (*map)->keys.end() && !bee->outline_fu.empty());
}

void TestCatalogue::picturesOfPackages()
{
    Service service;
    const auto picture = [&](const char* id) {
        return service.answer<QByteArray>(
            [&](auto done) { service.client.preview(QLatin1String(id), done); });
    };
    const auto png = picture("pennyfold");
    QVERIFY2(png, png ? "" : png.error().message().c_str());
    QVERIFY(png->startsWith("\x89PNG")); // PNG specification, section 5.2
    QVERIFY(!picture("wickerby"));       // its package holds none
}

void TestCatalogue::longWordsGoThrough()
{
    // Each character is 12 bytes in the address: no server may cut it off there.
    const QString longest(2000, QChar(0x2603));
    Service service;
    const auto words = service.answer<std::shared_ptr<const RemoteWords>>(
        [&](auto done) { service.client.words(QStringLiteral("tansy-cord"), {}, longest, {}, done); });
    QVERIFY2(words, words ? "" : words.error().message().c_str());
    QCOMPARE((*words)->set.missing, std::u32string(U"\u2603"));
}

void TestCatalogue::whatIsNoRequestEndsItsConnection()
{
    Service service;
    QTcpSocket stranger;
    stranger.connectToHost(QHostAddress::LocalHost, quint16(service.client.address().port()));
    QVERIFY(stranger.waitForConnected(5000));
    stranger.write(QByteArray("hello, is this the shop?\r\n\r\n"));
    QTRY_COMPARE_WITH_TIMEOUT(stranger.state(), QAbstractSocket::UnconnectedState, 5000);
    QVERIFY(service.page()); // others are answered as before
}

void TestCatalogue::aTakenPortIsSaid()
{
    QTcpServer other;
    QVERIFY(other.listen(QHostAddress::LocalHost));
    standin::CatalogueServer late(*standin::DemoCatalogue::open(demoCatalogueFolder()));
    QCOMPARE(late.listen(other.serverPort()), std::uint16_t{0});
    QVERIFY(late.listen() != 0);
}

void TestCatalogue::packagesArriveWhole()
{
    Service service;
    QTemporaryDir inbox;
    Download download(service.client.network(), service.wanted(QStringLiteral("pennyfold")), inbox.path());
    QSignalSpy changes(&download, &Download::changed);
    download.start();
    QVERIFY(waitFor(download, Download::State::Done));
    QVERIFY(changes.size() >= 2);
    QVERIFY(QFile::exists(inbox.filePath("pennyfold-full.zip")));
    QCOMPARE(QDir(inbox.path()).entryList(QDir::Files).size(), 1);
    QCOMPARE(download.received(), QFileInfo(download.file()).size());
}

void TestCatalogue::pausedTransfersGoOnWhereTheyStopped()
{
    Service service(standin::Fault::Slow);
    QTemporaryDir inbox;
    Download download(service.client.network(), service.wanted(QStringLiteral("pennyfold")), inbox.path());
    download.start();
    QVERIFY(QTest::qWaitFor([&] { return download.received() > 20000; }, 20000));
    download.pause();
    QCOMPARE(download.state(), Download::State::Paused);
    const qint64 there = download.received();
    QVERIFY(there < download.total());
    QCOMPARE(QFileInfo(download.file() + ".part").size(), there);
    service.server.setFault(standin::Fault::None);
    download.resume();
    QVERIFY(waitFor(download, Download::State::Done));
    QCOMPARE(QString::fromStdString(*sha256OfFile(download.file().toStdString())),
             service.wanted(QStringLiteral("pennyfold")).sha256);
}

void TestCatalogue::cancelledTransfersLeaveNothing()
{
    Service service(standin::Fault::Slow);
    QTemporaryDir inbox;
    Download download(service.client.network(), service.wanted(QStringLiteral("pennyfold")), inbox.path());
    download.start();
    QVERIFY(QTest::qWaitFor([&] { return download.received() > 1000; }, 20000));
    download.cancel();
    QCOMPARE(download.state(), Download::State::Cancelled);
    QVERIFY(QDir(inbox.path()).isEmpty());
}

void TestCatalogue::faultsOfTheListAreSaid_data()
{
    QTest::addColumn<int>("fault");
    QTest::addColumn<int>("code");
    QTest::newRow("no answer") << int(standin::Fault::NoAnswer) << int(ErrorCode::ServiceSilent);
    QTest::newRow("server error") << int(standin::Fault::ServerError) << int(ErrorCode::ServiceFault);
}

void TestCatalogue::faultsOfTheListAreSaid()
{
    QFETCH(int, fault);
    QFETCH(int, code);
    Service service(static_cast<standin::Fault>(fault));
    service.client.setPatience(500);
    const auto page = service.page();
    QVERIFY(!page);
    QCOMPARE(int(page.error().code), code);
    QVERIFY(service.client.isIdle());
    service.server.setFault(standin::Fault::None);
    QVERIFY(service.page()); // trying again works
}

void TestCatalogue::faultsOfTransfersAreSaid_data()
{
    QTest::addColumn<int>("fault");
    QTest::addColumn<int>("code");
    QTest::newRow("cut off") << int(standin::Fault::CutOff) << int(ErrorCode::DownloadCutOff);
    QTest::newRow("wrong length") << int(standin::Fault::WrongLength) << int(ErrorCode::DownloadCutOff);
    QTest::newRow("wrong checksum") << int(standin::Fault::WrongChecksum) << int(ErrorCode::DownloadWrong);
    QTest::newRow("listing and package disagree")
        << int(standin::Fault::Disagree) << int(ErrorCode::DownloadWrong);
    QTest::newRow("server error") << int(standin::Fault::ServerError) << int(ErrorCode::ServiceFault);
    QTest::newRow("no answer") << int(standin::Fault::NoAnswer) << int(ErrorCode::ServiceSilent);
}

void TestCatalogue::faultsOfTransfersAreSaid()
{
    QFETCH(int, fault);
    QFETCH(int, code);
    const auto chosen = static_cast<standin::Fault>(fault);
    Service service(chosen == standin::Fault::Disagree ? chosen : standin::Fault::None);
    QTemporaryDir inbox;
    Download download(service.client.network(), service.wanted(QStringLiteral("hobnail")), inbox.path());
    service.server.setFault(chosen);
    download.setPatience(500);
    download.start();
    QVERIFY(waitFor(download, Download::State::Failed));
    QVERIFY(download.error());
    QCOMPARE(int(download.error()->code), code);
    QVERIFY(!QFile::exists(download.file())); // nothing half done stands under the package's name
}

void TestCatalogue::whatBrokeOffCanBeGoneOnWith()
{
    Service service;
    QTemporaryDir inbox;
    Download download(service.client.network(), service.wanted(QStringLiteral("hobnail")), inbox.path());
    service.server.setFault(standin::Fault::CutOff);
    download.start();
    QVERIFY(waitFor(download, Download::State::Failed));
    const qint64 there = download.received();
    QVERIFY(there > 0);
    service.server.setFault(standin::Fault::None);
    download.resume();
    QVERIFY(waitFor(download, Download::State::Done));
    QVERIFY(QFile::exists(download.file()));
}

void TestCatalogue::twentyThousandListings()
{
    Service service(standin::Fault::Many);
    const auto page = service.page({{}, {}, QStringLiteral("name"), 39, 500});
    QVERIFY(page);
    QCOMPARE(page->total, qint64(20000));
    QCOMPARE(page->listings.size(), std::size_t(500));
}

void TestCatalogue::buyingGivesAReceiptAndThePackage()
{
    Service service;
    const auto bought =
        service.answer<Purchase>([&](auto done) { service.client.buy(QStringLiteral("fennel-row"), done); });
    QVERIFY2(bought, bought ? "" : bought.error().message().c_str());
    QVERIFY(bought->receipt.contains("14.00 EUR"));
    QTemporaryDir inbox;
    Download download(
        service.client.network(),
        {service.client.packageUrl(bought->package), bought->package, bought->bytes, bought->sha256},
        inbox.path());
    download.start();
    QVERIFY(waitFor(download, Download::State::Done));
    const auto nothing =
        service.answer<Purchase>([&](auto done) { service.client.buy(QStringLiteral("gatepost"), done); });
    QVERIFY(!nothing);
}

void TestCatalogue::pathDataIsNotTrusted_data()
{
    QTest::addColumn<QByteArray>("data");
    QTest::addColumn<bool>("is_good");
    QTest::newRow("square") << QByteArray("M0 0L10 0L10 -10L0 -10Z") << true;
    QTest::newRow("curves") << QByteArray("M0 0Q5 5 10 0C1 2 3 4 5 6Z") << true;
    QTest::newRow("nothing") << QByteArray() << true;
    QTest::newRow("no start") << QByteArray("L10 0Z") << false;
    QTest::newRow("half a point") << QByteArray("M0 0L10") << false;
    QTest::newRow("words") << QByteArray("hello") << false;
    QTest::newRow("not a number") << QByteArray("M0 0Lnan 1Z") << false;
    QTest::newRow("huge") << QByteArray("M0 0L1e300 1Z") << false;
    QTest::newRow("relative") << QByteArray("m0 0l1 1z") << false;
}

void TestCatalogue::pathDataIsNotTrusted()
{
    QFETCH(QByteArray, data);
    QFETCH(bool, is_good);
    QCOMPARE(bool(readPathData(data)), is_good);
}

void TestCatalogue::nobodyThere()
{
    Service service;
    service.client.setAddress(QUrl(QStringLiteral("http://127.0.0.1:1")));
    const auto page = service.page();
    QVERIFY(!page);
    QCOMPARE(page.error().code, ErrorCode::ServiceUnreachable);
}

INK_TEST_CORE_MAIN(TestCatalogue)
#include "test_catalogue.moc"
