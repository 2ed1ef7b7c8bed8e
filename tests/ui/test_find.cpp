#include "core/base/digest.h"
#include "standins/catalogue/catalogue_server.h"
#include "tests/support/gui.h"
#include "ui/compose/compose_page.h"
#include "ui/find/compare_page.h"
#include "ui/find/find_page.h"
#include "ui/find/wish_bar.h"
#include "ui/widgets/choice.h"

#include <QAbstractButton>
#include <QClipboard>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QMenu>
#include <QPlainTextEdit>
#include <QPointer>
#include <QPushButton>
#include <QScrollBar>
#include <QSpinBox>
#include <QStackedWidget>
#include <QTreeWidget>
#include <QUrlQuery>

using namespace ink;
using namespace ink::ui;

namespace {

QString catalogueFolder()
{
    return QString("%1/../catalogue").arg(INK_TEST_DEMO_FONTS);
}

QString package(const char* name)
{
    return catalogueFolder() + "/packages/" + name;
}

struct FindFixture : test::WindowFixture
{
    using WindowFixture::WindowFixture;

    FindPage& page() { return window->findPage(); }
    QListView* list() { return find<QListView>("fontList"); }

    void select(const QString& name)
    {
        for (int row = 0; row < list()->model()->rowCount(); ++row)
            if (list()->model()->index(row, 0).data().toString() == name) {
                list()->setCurrentIndex(list()->model()->index(row, 0));
                rest();
                return;
            }
        qFatal("no font called %s in the list", qPrintable(name));
    }
    void press(const char* name)
    {
        auto* button = find<QAbstractButton>(name);
        if (!button->isVisible() || !button->isEnabled())
            qFatal("%s cannot be pressed; %s", name, qPrintable(find<QLabel>("intakeState")->text()));
        button->setFocus();
        QTest::keyClick(button, Qt::Key_Space);
        rest();
    }
    QString message()
    {
        auto* line = find<QWidget>("messageLine");
        return line->isVisible() ? find<QLabel>("messageText")->accessibleName() : QString();
    }
    QStringList shown()
    {
        QStringList names;
        for (int row = 0; row < list()->model()->rowCount(); ++row)
            names << list()->model()->index(row, 0).data().toString();
        return names;
    }
    /// Texts of the first column below a heading that starts so.
    QStringList inTree(const QString& heading, int column = 0)
    {
        const auto* tree = find<QTreeWidget>("intakeTree");
        for (int g = 0; g < tree->topLevelItemCount(); ++g)
            if (tree->topLevelItem(g)->text(0).startsWith(heading)) {
                QStringList texts;
                for (int i = 0; i < tree->topLevelItem(g)->childCount(); ++i)
                    texts << tree->topLevelItem(g)->child(i)->text(column);
                return texts;
            }
        return {};
    }
    /// Takes a package in and goes back to the list.
    void takeIn(const char* name)
    {
        drop(::package(name));
        press("intakeTake");
        press("intakeBack");
    }
};

standin::DemoCatalogue demoCatalogue()
{
    return std::move(*standin::DemoCatalogue::open(catalogueFolder().toStdString()));
}

} // namespace

class TestFind : public QObject
{
    Q_OBJECT
private slots:
    void cardsShowMarksAndVerdicts();
    void pressingAMarkShowsWhereItComesFrom();
    void linesAreAsWideAsTheList();
    void wishesNarrowTheListAndSayHowMany();
    void kindsCanBeChosenTogether();
    void aFontFoundBySearchIsChosenByPressingIt();
    void fontsAreSortedByTheirMarks();
    void theCardOpensAndClosesByKeyboard();
    void otherWordsAndSwashesAreTriedInTheCard();
    void fontsAreComparedSideBySide();
    void theDossierQuotesWhatDecides();
    void receiptsAndDecisionsAreKeptAndUndone();
    void papersLandOnTheFontTheyWereMeantForWhateverArrives();
    void soldSoFarIsCounted();
    void fieldsOfTheDossierSurviveTheirOwnSignals();
    void countsSayOfHowManyTheySpeak();
    void aPackageBesideOtherFilesIsOpened();
    void thePackageShowsTheWordsAndLeadsOn();
    void whatWasNotUnderstoodIsUnderlined();
    void theLetterCanBeCopiedSavedAndMailed();
    void packagesShowWhatTheyHold_data();
    void packagesShowWhatTheyHold();
    void whatIsTakenInIsThereAfterARestart();
    void whatTheShelfHasIsSaid();
    void anOlderVersionIsKeptReplacedOrBoth_data();
    void anOlderVersionIsKeptReplacedOrBoth();
    void limitsAreExplainedAndLifted();
    void unreadablePackagesAreSaid();
    void listingsAreSeenAndMeasuredBeforeTheyAreFetched();
    void fetchingTakesAListingAllTheWay();
    void aWrongListingIsSaidToBeWrong();
    void aLicenceCanBeBought();
    void faultsShowWithARetry_data();
    void faultsShowWithARetry();
    void brokenTransfersCanBeTriedAgain();
    void packagesOfTheDownloadFolderAreOffered();
    void allStylesAreShownOnRequest();
    void aListingShowsThePictureOfItsPackage();
    void anUnpackedPackageIsLookedIntoToo();
    void largeTextFits();
    void aPictureIsFlaggedAsSomebodyElses();
    void whatTheProcessHoldsCanBeChanged();
    void aListingThatFailsCanBeTriedAgain();
};

void TestFind::cardsShowMarksAndVerdicts()
{
    FindFixture f;
    f.select("Hartsorrel Script");
    auto& fonts = f.window->fonts();
    const int row = fonts.rowOf(f.window->jobModel().job().font);
    QVERIFY(fonts.known(row) && fonts.known(row)->card);
    QVERIFY(fonts.knownRights(row));
    QCOMPARE(f.find<QLabel>("verdictName")->text(), QStringLiteral("May sell"));
    QVERIFY(f.find<QLabel>("licenceSource")->text().contains("HartsorrelScript-OFL.txt, line"));
    const auto lines = fitMarkLines(*fonts.known(row)->card, f.window->jobModel().job());
    QVERIFY(std::ranges::any_of(lines, [](const auto& l) { return l.kind == FitMarkKind::Joins; }));
    // The same words at twice the size: twice the stroke.
    const double before = fonts.known(row)->card->marks.thinnest_stroke->width;
    f.window->jobModel().setSize({SizeBy::Width, 240});
    f.rest();
    QVERIFY(std::abs(fonts.known(row)->card->marks.thinnest_stroke->width - 2 * before) < 1e-6);
    f.select("Gatepost Plain");
    QCOMPARE(f.find<QLabel>("verdictName")->text(), QStringLiteral("Ask first"));
}

void TestFind::pressingAMarkShowsWhereItComesFrom()
{
    FindFixture f;
    f.select("Hartsorrel Script");
    const QImage before = f.list()->viewport()->grab().toImage();
    auto* mark = f.find<QWidget>("markPanel")->findChild<QAbstractButton*>("mark1");
    QVERIFY(mark && mark->accessibleName().contains("thinnest stroke"));
    mark->setFocus();
    QTest::keyClick(mark, Qt::Key_Space);
    f.rest();
    QVERIFY(mark->isChecked());
    QVERIFY(f.list()->viewport()->grab().toImage() != before);
    QTest::keyClick(mark, Qt::Key_Space);
    f.rest();
    // At another size it says another figure, and whoever reads it with the keyboard is not sent away.
    const QString said = mark->accessibleName();
    f.window->jobModel().setSize({SizeBy::Width, 240});
    f.rest();
    QCOMPARE(f.find<QWidget>("markPanel")->findChild<QAbstractButton*>("mark1"), mark);
    QVERIFY(mark->accessibleName() != said);
    QVERIFY(mark->hasFocus());
    // The mark on the card itself does the same.
    const auto area = f.list()->visualRect(f.list()->currentIndex());
    QTest::mouseClick(f.list()->viewport(), Qt::LeftButton, {}, QPoint(area.left() + 60, area.bottom() - 16));
    f.rest();
    mark = f.find<QWidget>("markPanel")->findChild<QAbstractButton*>("mark1");
    QVERIFY(mark->isChecked());
}

void TestFind::linesAreAsWideAsTheList()
{
    FindFixture f;
    auto* search = f.find<QLineEdit>("fontSearch");
    for (const char* name : {"no such font", "Hartsorrel", ""}) {
        search->setText(QLatin1String(name));
        f.rest();
    }
    QVERIFY(f.list()->verticalScrollBar()->maximum() > 0);
    QCOMPARE(f.list()->horizontalScrollBar()->maximum(), 0);
    f.window->resize(f.window->width() - 100, f.window->height());
    f.rest();
    QCOMPARE(f.list()->horizontalScrollBar()->maximum(), 0);
}

void TestFind::wishesNarrowTheListAndSayHowMany()
{
    FindFixture f;
    QVERIFY(QTest::qWaitFor([&] { return f.page().hasLookedAhead(); }, 30000));
    const auto all = f.shown().size();
    f.press("wish1"); // may be sold
    const auto sellable = f.shown();
    QVERIFY(sellable.contains("Hartsorrel Script") && !sellable.contains("Fennel Row"));
    QVERIFY2(f.find<QAbstractButton>("wish1")->text().endsWith(QString::number(sellable.size())),
             qPrintable(f.find<QAbstractButton>("wish1")->text()));
    f.press("wish2"); // and join every letter
    for (const auto& name : f.shown())
        QVERIFY(sellable.contains(name));
    QVERIFY(f.shown().size() < sellable.size());
    // Where the search and the wishes leave nothing, neither is blamed alone.
    f.find<QLineEdit>("fontSearch")->setText("Fennel");
    f.rest();
    QVERIFY(f.shown().isEmpty());
    QVERIFY(f.find<QLabel>("findEmpty")->text().startsWith("No font with “Fennel” is all of this."));
    f.find<QLineEdit>("fontSearch")->clear();
    f.rest();
    f.press("wish1");
    f.press("wish2");
    QCOMPARE(f.shown().size(), all);
    // The first wish speaks of what it is made with.
    QVERIFY(f.find<QAbstractButton>("wish0")->text().startsWith("cut in this vinyl"));
    f.window->jobModel().setProcess(Process::LaserWood);
    QVERIFY(QTest::qWaitFor(
        [&] { return f.find<QAbstractButton>("wish0")->text().startsWith("hold in wood"); }, 5000));
}

void TestFind::kindsCanBeChosenTogether()
{
    FindFixture f;
    QVERIFY(QTest::qWaitFor([&] { return f.page().hasLookedAhead(); }, 30000));
    auto* menu = f.find<QPushButton>("wishKinds")->menu();
    const auto choose = [&](const char* kind) {
        for (auto* action : menu->actions())
            if (action->data().toString() == kind)
                action->trigger();
        f.rest();
    };
    choose("picture-font");
    QCOMPARE(f.shown(), (QStringList{"Saltglaze Ornaments", "Stallholder Bits"}));
    choose("joining-script");
    QVERIFY(f.shown().contains("Tansy Cord") && f.shown().contains("Stallholder Bits"));
    QVERIFY(f.find<QPushButton>("wishKinds")->text().contains("joining script or picture font"));
}

void TestFind::aFontFoundBySearchIsChosenByPressingIt()
{
    FindFixture f;
    QTest::keyClicks(f.find<QLineEdit>("fontSearch"), "stall");
    f.rest();
    QCOMPARE(f.shown(), QStringList{"Stallholder Bits"});
    const auto chosen = [&] { return QString::fromStdString(f.window->jobModel().job().font.path); };
    QVERIFY(chosen().endsWith("HartsorrelScript.ttf")); // searching alone does not choose
    QTest::mouseClick(f.list()->viewport(), Qt::LeftButton, {},
                      f.list()->visualRect(f.list()->model()->index(0, 0)).center());
    QVERIFY(chosen().endsWith("StallholderBits.ttf"));
}

void TestFind::fontsAreSortedByTheirMarks()
{
    FindFixture f;
    QVERIFY(QTest::qWaitFor([&] { return f.page().hasLookedAhead(); }, 30000));
    f.find<Choice>("fontOrder")->setCurrentIndex(int(FindOrder::ThinnestStroke));
    f.rest();
    auto& fonts = f.window->fonts();
    double before = 1e9;
    const auto* filter = qobject_cast<QSortFilterProxyModel*>(f.list()->model());
    for (int i = 0; i < filter->rowCount(); ++i) {
        const auto* known = fonts.known(filter->mapToSource(filter->index(i, 0)).row());
        if (!known || !known->card)
            continue;
        const Job& job = f.window->jobModel().job();
        const auto mark = strokeMark(known->card->marks, job.limits(), job.process);
        const double stroke = mark ? mark->narrowest.width : 0.0;
        QVERIFY(stroke <= before);
        before = stroke;
    }
    f.find<Choice>("fontOrder")->setCurrentIndex(int(FindOrder::Name));
    f.rest();
    auto names = f.shown();
    auto sorted = names;
    std::ranges::sort(sorted, [](const QString& a, const QString& b) { return a.localeAwareCompare(b) < 0; });
    QCOMPARE(names, sorted);
}

void TestFind::theCardOpensAndClosesByKeyboard()
{
    FindFixture f;
    f.select("Stallholder Bits");
    f.list()->setFocus();
    QTest::keyClick(f.list(), Qt::Key_Return, Qt::ControlModifier);
    f.rest();
    QCOMPARE(f.find<QLabel>("cardName")->text(), QStringLiteral("Stallholder Bits"));
    QVERIFY(f.find<QWidget>("cardName")->isVisible());
    f.press("cardTab2");
    QVERIFY(QTest::qWaitFor(
        [&] {
            return f.find<QWidget>("keyMapScroll")
                ->findChild<GlyphGrid*>()
                ->accessibleName()
                .contains("Letters");
        },
        5000));
    f.press("cardTab3"); // sizes
    QVERIFY(f.find<QWidget>("sizesScroll")->findChildren<WordsView*>().size() >= 4);
    f.press("cardTab4");
    QVERIFY(f.find<QLabel>("cardPackage")->text().contains("StallholderBits"));
    QTest::keyClick(f.find<QAbstractButton>("cardTab4"), Qt::Key_Escape);
    f.rest();
    QVERIFY(f.list()->isVisible() && f.list()->hasFocus());
}

void TestFind::otherWordsAndSwashesAreTriedInTheCard()
{
    FindFixture f;
    f.select("Tansy Cord");
    f.page().openCard(CardPage::Words);
    f.rest();
    auto* view = f.find<WordsView>("cardWords");
    QVERIFY(view->accessibleName().contains("Fennmoor Honey"));
    QTest::keyClicks(f.find<QLineEdit>("cardSample"), "Thyme");
    f.rest();
    QVERIFY(view->accessibleName().contains("Thyme"));
    QCOMPARE(QString::fromStdString(f.window->jobModel().job().words), QStringLiteral("Fennmoor Honey"));
    const QImage plain = view->grab().toImage();
    f.press("cardSwashes");
    QVERIFY(view->grab().toImage() != plain);
}

void TestFind::fontsAreComparedSideBySide()
{
    FindFixture f;
    for (const char* name : {"Tansy Cord", "Hartsorrel Script", "Gatepost Plain"}) {
        f.select(name);
        f.list()->setFocus();
        QTest::keyClick(f.list(), Qt::Key_K, Qt::ControlModifier);
    }
    f.press("compareOpen");
    const auto views = f.find<QWidget>("compareScroll")->findChildren<WordsView*>();
    int shown = 0;
    for (const auto* view : views)
        shown += view->isVisible();
    QVERIFY2(shown >= 4, qPrintable(QString::number(shown))); // three plain, at least one dressed
    f.press("compareBack");
    f.press("compareFont"); // takes the last one out again
    QCOMPARE(f.find<QAbstractButton>("compareOpen")->text(), QStringLiteral("See 2 side by side"));
}

void TestFind::theDossierQuotesWhatDecides()
{
    FindFixture f;
    f.select("Hartsorrel Script");
    f.press("openRights");
    QCOMPARE(f.find<QLabel>("verdict")->text(), QStringLiteral("May sell"));
    auto* quote = f.find<QAbstractButton>("quote");
    QVERIFY(quote->accessibleName().contains("line"));
    quote->setFocus();
    QTest::keyClick(quote, Qt::Key_Space);
    QVERIFY(f.find<QLabel>("documentName")->text().contains("HartsorrelScript-OFL.txt"));
    QVERIFY(f.find<QPlainTextEdit>("documentText")->toPlainText().contains("SIL OPEN FONT LICENSE"));
    QVERIFY(!f.find<QPlainTextEdit>("documentText")->extraSelections().isEmpty());
}

void TestFind::receiptsAndDecisionsAreKeptAndUndone()
{
    FindFixture f;
    f.select("Gatepost Plain");
    f.press("openRights");
    QCOMPARE(f.find<QLabel>("verdict")->text(), QStringLiteral("Ask first"));
    f.paper = QString::fromStdString((f.folder.path() / "reply.txt").string());
    QFile reply(f.paper);
    QVERIFY(reply.open(QIODevice::WriteOnly));
    reply.write("You may sell goods made with Gatepost Plain. Perrin");
    reply.close();
    f.press("attachPaper");
    QVERIFY(QTest::qWaitFor(
        [&] {
            return f.window->findChild<QLabel*>("verdict") && f.find<QLabel>("verdict")->text() == "May sell";
        },
        5000));
    f.rest(); // nothing else of it is on its way
    // The dossier is shown anew under somebody who writes: when another paper has been read, for one.
    QTest::keyClicks(f.find<QLineEdit>("decisionWords"), "Jars only, ");
    f.find<QLineEdit>("decisionWords")->setFocus();
    f.paper = QString::fromStdString((f.folder.path() / "note.txt").string());
    QFile note(f.paper);
    QVERIFY(note.open(QIODevice::WriteOnly));
    note.write("Thank you for the jars. Perrin");
    note.close();
    const QPointer<QLineEdit> before = f.find<QLineEdit>("decisionWords");
    f.press("attachPaper");
    QVERIFY(
        QTest::qWaitFor([&] { return !before && f.window->findChild<QLineEdit*>("decisionWords"); }, 5000));
    f.rest();
    QCOMPARE(f.find<QLineEdit>("decisionWords")->text(), QStringLiteral("Jars only, "));
    QTest::keyClicks(f.find<QLineEdit>("decisionWords"), "he agreed.");
    f.press("keepDecision");
    f.rest();
    // Kept by content: another window on the same folder knows it.
    const FontRightsReader fresh(RightsStore(f.state_folder / "rights"));
    auto& reader = const_cast<FontRightsReader&>(fresh);
    const auto rights = reader.read(test::demoFont("GatepostPlain.ttf"));
    QVERIFY(rights);
    QCOMPARE(rights->dossier.verdict, Verdict::MaySell);
    QCOMPARE(rights->record.decisions.size(), std::size_t(1));
    QCOMPARE(rights->record.decisions.front().words, std::string("Jars only, he agreed."));
    for (int step = 0; step < 3; ++step) {
        QTest::keyClick(f.window.get(), Qt::Key_Z, Qt::ControlModifier);
        f.rest();
    }
    QVERIFY(QTest::qWaitFor(
        [&] {
            return f.window->findChild<QLabel*>("verdict") &&
                   f.find<QLabel>("verdict")->text() == "Ask first";
        },
        5000));
    QVERIFY(reader.read(test::demoFont("GatepostPlain.ttf"))->record == RightsRecord{});
}

void TestFind::papersLandOnTheFontTheyWereMeantForWhateverArrives()
{
    FindFixture f(test::WindowFixture::firstJob(), 1.0, false);
    f.drop(QString::fromStdString(test::demoFont("WickerbyBroad.ttf").string()));
    f.select("Wickerby Broad");
    f.press("openRights");
    const int row = f.window->fonts().rowOf({test::demoFont("WickerbyBroad.ttf").string(), 0, {}});
    // While its card is open, fonts arrive that stand before it.
    f.window->library().addFiles({QString::fromStdString(test::demoFont("GatepostPlain.ttf").string()),
                                  QString::fromStdString(test::demoFont("HartsorrelScript.ttf").string())});
    f.rest();
    QVERIFY(f.window->fonts().rowOf({test::demoFont("WickerbyBroad.ttf").string(), 0, {}}) > row);
    f.paper = QString::fromStdString(f.folder.write("receipt.txt", "Paid for goods. Perrin").string());
    QTest::keyClicks(f.find<QLineEdit>("decisionWords"), "Only for jars.");
    f.press("keepDecision");
    f.press("attachPaper");
    f.rest();
    const RightsStore store(f.state_folder / "rights");
    const auto recordOf = [&](const char* font) { return *store.load(*sha256OfFile(test::demoFont(font))); };
    QCOMPARE(recordOf("WickerbyBroad.ttf").decisions.size(), std::size_t(1));
    QCOMPARE(recordOf("WickerbyBroad.ttf").papers.size(), std::size_t(1));
    for (const char* other : {"GatepostPlain.ttf", "HartsorrelScript.ttf"})
        QVERIFY2(recordOf(other) == RightsRecord{}, other);
}

void TestFind::fieldsOfTheDossierSurviveTheirOwnSignals()
{
    FindFixture f;
    f.takeIn("goosegate-250.zip");
    f.select("Goosegate");
    f.press("openRights");
    // Each shows the dossier anew; the field that said so is still at work then.
    const QPointer<QSpinBox> sold = f.find<QSpinBox>("soldSoFar");
    bool is_there_after = false;
    connect(sold, &QSpinBox::valueChanged, this, [&] { is_there_after = !sold.isNull(); });
    sold->setFocus();
    QTest::keyClick(sold, Qt::Key_Up);
    QVERIFY(is_there_after);
    f.rest();
    const QPointer<QLineEdit> words = f.find<QLineEdit>("decisionWords");
    words->setFocus();
    QTest::keyClicks(words, "Fine");
    QTest::keyClick(words, Qt::Key_Return);
    f.rest();
    const auto record =
        RightsStore(f.state_folder / "rights")
            .load(f.window->fonts().shelf(0) ? f.window->fonts().shelf(0)->sha256 : std::string());
    QVERIFY(record);
    QVERIFY(f.window->findChild<QSpinBox*>("soldSoFar"));
    QCOMPARE(f.find<QSpinBox>("soldSoFar")->value(), 1);
}

void TestFind::countsSayOfHowManyTheySpeak()
{
    FindFixture f;
    auto* looked_at = f.page().findChild<QLabel*>("lookedAt"); // the shelf counts its own
    const auto waitForAll = [&] {
        return QTest::qWaitFor(
            [&] { return f.page().hasLookedAhead() && f.window->isIdle() && !looked_at->isVisible(); },
            60000);
    };
    QVERIFY(waitForAll());
    f.window->jobModel().setWords(QStringLiteral("Other words"));
    QVERIFY2(looked_at->isVisible(), qPrintable(looked_at->text()));
    QVERIFY2(looked_at->text().endsWith(QStringLiteral("fonts so far")), qPrintable(looked_at->text()));
    QVERIFY(waitForAll());
}

void TestFind::aPackageBesideOtherFilesIsOpened()
{
    FindFixture f;
    const auto notes = f.folder.write("notes.txt", "buy honey");
    f.window->bring({QString::fromStdString(notes.string()), ::package("maypole.zip")});
    f.rest();
    QVERIFY(f.find<QTreeWidget>("intakeTree")->isVisible());
    QCOMPARE(f.find<QLabel>("intakeName")->text(), QStringLiteral("maypole.zip"));
    QVERIFY2(f.message().contains(QStringLiteral("notes.txt")),
             qPrintable(f.message())); // and the other is said
}

void TestFind::thePackageShowsTheWordsAndLeadsOn()
{
    FindFixture f(test::WindowFixture::firstJob(), 1.0, false);
    f.drop(::package("quillbrook.zip"));
    const auto* tree = f.find<QTreeWidget>("intakeTree");
    QVERIFY(tree->topLevelItem(0)->text(0).startsWith(QStringLiteral("Fonts")));
    QVERIFY(!tree->topLevelItem(0)->child(0)->icon(0).isNull());
    auto* take = f.find<QPushButton>("intakeTake");
    QVERIFY(take->text().startsWith(QStringLiteral("Take in")));
    f.press("intakeTake");
    QVERIFY2(take->text().startsWith(QStringLiteral("Set the words in Quillbrook")),
             qPrintable(take->text()));
    f.press("intakeTake");
    QVERIFY(f.window->composePage().isVisible());
    const int row = f.window->fonts().rowOf(f.window->jobModel().job().font);
    QVERIFY(f.window->fonts().name(row).startsWith(QStringLiteral("Quillbrook")));
}

void TestFind::soldSoFarIsCounted()
{
    FindFixture f;
    f.takeIn("goosegate-250.zip");
    f.select("Goosegate");
    f.press("openRights");
    QCOMPARE(f.find<QLabel>("verdict")->text(), QStringLiteral("Sell within limits"));
    auto* sold = f.find<QSpinBox>("soldSoFar");
    sold->setValue(40);
    f.rest();
    QVERIFY(QTest::qWaitFor(
        [&] {
            return f.window->findChild<QLabel*>("soldLeft") &&
                   f.find<QLabel>("soldLeft")->text() == "of 250, 210 left";
        },
        5000));
}

void TestFind::whatWasNotUnderstoodIsUnderlined()
{
    FindFixture f;
    f.takeIn("wickerby-market.zip");
    f.select("Wickerby Market");
    f.press("openRights");
    QCOMPARE(f.find<QLabel>("verdict")->text(), QStringLiteral("Ask first"));
    auto* quote = f.find<QPushButton>("unclearQuote");
    // Seen, and heard: the words that stood in the way, and what it would be without them.
    const auto labels = quote->findChildren<QLabel*>();
    QCOMPARE(labels.size(), 2);
    const QString sentence = labels[0]->text();
    QVERIFY2(sentence.count(QStringLiteral("<u ")) == 2 &&
                 sentence.contains(QStringLiteral(">but only hardly ever</u>")),
             qPrintable(sentence));
    QVERIFY2(labels[1]->text().contains(QStringLiteral("Without the underlined words: May sell.")),
             qPrintable(labels[1]->text()));
    QVERIFY2(
        quote->accessibleName().contains(QStringLiteral("not understood: but only hardly ever, Sundays. ")) &&
            quote->accessibleName().contains(QStringLiteral("May sell")),
        qPrintable(quote->accessibleName()));
    // By keyboard: its place in the document.
    quote->setFocus();
    QCOMPARE(QApplication::focusWidget(), static_cast<QWidget*>(quote));
    QTest::keyClick(quote, Qt::Key_Space);
    QCOMPARE(f.find<QLabel>("documentName")->text(), QStringLiteral("readme.txt, line 5"));
    QCOMPARE(f.find<QPlainTextEdit>("documentText")->textCursor().blockNumber(), 4);
    // What the person decides stands beside the verdict, and does not change it.
    f.find<QLineEdit>("decisionWords")->setText("Asked at the stall: every day but Sunday.");
    f.press("keepDecision");
    QVERIFY(QTest::qWaitFor([&] { return f.window->findChild<QLabel*>("lastDecision") != nullptr; }, 5000));
    QVERIFY(f.find<QLabel>("lastDecision")->text().endsWith(QStringLiteral("every day but Sunday.")));
    QCOMPARE(f.find<QLabel>("verdict")->text(), QStringLiteral("Ask first"));
}

void TestFind::theLetterCanBeCopiedSavedAndMailed()
{
    FindFixture f;
    f.select("Gatepost Plain");
    f.press("openRights");
    const QString letter = f.find<QPlainTextEdit>("letter")->toPlainText();
    QVERIFY(letter.contains("Gatepost Plain") && letter.contains("Fennmoor Honey"));
    f.press("copyLetter");
    QCOMPARE(QApplication::clipboard()->text(), letter);
    f.letter_path = QString::fromStdString((f.folder.path() / "letter.txt").string());
    f.press("saveLetter");
    QFile saved(f.letter_path);
    QVERIFY(saved.open(QIODevice::ReadOnly));
    QCOMPARE(QString::fromUtf8(saved.readAll()).trimmed(), letter.trimmed());
    f.press("mailLetter");
    QCOMPARE(f.mail.scheme(), QStringLiteral("mailto"));
    QVERIFY(QUrlQuery(f.mail).queryItemValue("body", QUrl::FullyDecoded).contains("Gatepost Plain"));
}

void TestFind::packagesShowWhatTheyHold_data()
{
    QTest::addColumn<QString>("name");
    QTest::addColumn<int>("fonts");
    QTest::addColumn<QString>("verdict");
    QTest::addColumn<QString>("heading");
    QTest::addColumn<QString>("says");
    const auto row = [](const char* name, int fonts, const char* verdict, const char* heading,
                        const char* says) {
        QTest::newRow(name) << name << fonts << verdict << heading << says;
    };
    row("pennyfold-full.zip", 2, "May sell", "Fonts", "in another format: Pennyfold.otf is recommended");
    row("stallholder-bits.zip", 1, "May sell", "Key maps", "");
    row("fennel-row-personal.zip", 1, "Gifts only", "Documents", "");
    row("Tansy-Cord(1).zip", 1, "Gifts only", "Fonts", "You have it already, byte for byte: TansyCord.ttf");
    row("tansy-cord.zip", 1, "Gifts only", "Junk", "Left behind by a file manager");
    row("gatepost.zip", 1, "Ask first", "Pictures", "");
    row("wickerby.zip", 1, "May sell", "Fonts", "You have one of this name and version");
    row("wickerby-market.zip", 1, "Ask first", "Documents", "");
    row("goosegate-250.zip", 1, "Sell within limits", "Documents", "");
    row("hobnail-donate.zip", 1, "May sell", "Documents", "");
    row("fennel-row-demo.zip", 1, "Gifts only", "Documents", "");
    row("order-20417.zip", 3, "Sell within limits", "Documents", "");
    row("maypole.zip", 4, "May sell", "Fonts", "shares its name");
    row("broken-bramble.zip", 1, "May sell", "Damaged", "It ends too early");
    row("saltglaze.zip", 2, "Ask first", "Pictures", "It is called a font, but it is a JPEG picture");
    row("evil-willow.zip", 1, "May sell", "Refused", "climbs out of the folder");
    row("gingham-nc.zip", 1, "Evidence disagrees", "Fonts", "");
    row("tansy-cord-old.zip", 1, "May sell", "Fonts", "You have another version of it: TansyCord.ttf");
}

void TestFind::packagesShowWhatTheyHold()
{
    QFETCH(QString, name);
    QFETCH(int, fonts);
    QFETCH(QString, verdict);
    QFETCH(QString, heading);
    QFETCH(QString, says);
    FindFixture f;
    f.drop(package(qPrintable(name)));
    QCOMPARE(f.find<QLabel>("intakeName")->text(), name);
    QCOMPARE(f.inTree("Fonts").size(), fonts);
    QCOMPARE(f.inTree("Fonts", 1).first(), verdict);
    QVERIFY(!f.inTree(heading).isEmpty());
    QVERIFY2(f.inTree(heading, 2).join("\n").contains(says), qPrintable(f.inTree(heading, 2).join("\n")));
}

void TestFind::whatIsTakenInIsThereAfterARestart()
{
    FindFixture f;
    f.takeIn("fennel-row-demo.zip");
    QVERIFY(f.shown().contains("Fennel Row Demo"));
    f.select("Fennel Row Demo");
    QCOMPARE(f.find<QLabel>("verdictName")->text(), QStringLiteral("Gifts only"));
    // The font and what it says lie on the shelf.
    int files = 0;
    for (const auto& file : std::filesystem::recursive_directory_iterator(f.state_folder / "shelf" / "files"))
        files += file.is_regular_file();
    QCOMPARE(files, 2);
    f.window.reset();
    Questions questions;
    MainWindow again({test::WindowFixture::firstJob(), {}, {}, {}}, f.store, f.state_folder, f.theme,
                     questions);
    again.show();
    QVERIFY(QTest::qWaitFor([&] { return again.isIdle() && again.fonts().rowCount() == 1; }, 10000));
    QCOMPARE(again.fonts().name(0), QStringLiteral("Fennel Row Demo"));
}

void TestFind::whatTheShelfHasIsSaid()
{
    FindFixture f;
    f.takeIn("tansy-cord-old.zip");
    f.drop(package("tansy-cord-old.zip"));
    QVERIFY(f.inTree("Fonts", 2).first().contains("You have it already, byte for byte"));
    // What is there already is not ticked; taking it all the same keeps the old file.
    auto* tree = f.find<QTreeWidget>("intakeTree");
    auto* font = tree->topLevelItem(0)->child(0);
    QCOMPARE(font->checkState(0), Qt::Unchecked);
    font->setCheckState(0, Qt::Checked);
    f.press("intakeTake");
    QVERIFY(f.find<QLabel>("intakeState")->text().contains("Taken in"));
}

void TestFind::anOlderVersionIsKeptReplacedOrBoth_data()
{
    QTest::addColumn<int>("choice");
    QTest::addColumn<int>("shown");
    QTest::newRow("keep") << int(OnConflict::Keep) << 1;
    QTest::newRow("replace") << int(OnConflict::Replace) << 1;
    QTest::newRow("both") << int(OnConflict::Both) << 2;
}

void TestFind::anOlderVersionIsKeptReplacedOrBoth()
{
    QFETCH(int, choice);
    QFETCH(int, shown);
    FindFixture f;
    f.takeIn("fennel-row-demo.zip"); // "Fennel Row Demo", which is not among the demo fonts
    f.select("Fennel Row Demo");
    // The same name and version with other content, in a package of its own.
    const std::filesystem::path mine = f.window->jobModel().job().font.path;
    const auto my_font = f.window->shelf().contents()->fontAt(mine);
    QVERIFY(my_font);
    const auto other = f.folder.path() / "other" / my_font->file_name;
    std::filesystem::create_directories(other.parent_path());
    std::string bytes = test::slurp(mine);
    bytes += '\0'; // behind the last table
    QFile file(QString::fromStdString(other.string()));
    QVERIFY(file.open(QIODevice::WriteOnly));
    file.write(bytes.data(), static_cast<qint64>(bytes.size()));
    file.close();
    f.page().openPackage(QString::fromStdString(other.parent_path().string()));
    f.rest();
    QVERIFY2(f.inTree("Fonts", 2).first().contains("of this name and version"),
             qPrintable(f.inTree("Fonts", 2).join('|')));
    QCOMPARE(f.find<Choice>("intakeConflict")->currentIndex(), int(OnConflict::Both));
    f.find<Choice>("intakeConflict")->setCurrentIndex(choice);
    const bool takes = choice != int(OnConflict::Keep);
    QCOMPARE(f.find<QAbstractButton>("intakeTake")->isEnabled(), takes);
    if (takes)
        f.press("intakeTake");
    f.press("intakeBack");
    QCOMPARE(f.shown().filter("Fennel Row Demo").size(), shown);
    const bool replaces = choice == int(OnConflict::Replace);
    // Nothing is thrown away: what was replaced is set aside.
    const auto now = f.window->shelf().contents()->fontAt(mine);
    QVERIFY(now && std::filesystem::exists(mine));
    QCOMPARE(now->state == ShelfState::SetAside, replaces);
    // The words that were set in it are set in the new one.
    const auto font = f.window->jobModel().job().font;
    QCOMPARE(font.path == mine.string(), !replaces);
    QVERIFY(std::filesystem::exists(font.path));
}

void TestFind::limitsAreExplainedAndLifted()
{
    FindFixture f;
    f.drop(package("orchard-bundle.zip"));
    QVERIFY(f.find<QLabel>("intakeNotes")->text().contains("more than 5000 entries"));
    QVERIFY(f.inTree("Refused", 2).first().contains("times its packed size"));
    QCOMPARE(f.inTree("Fonts").size(), 25);
    f.press("intakeLift");
    QVERIFY(QTest::qWaitFor([&] { return f.window->isIdle(); }, 60000));
    QVERIFY(!f.find<QWidget>("intakeLift")->isVisible());
    QVERIFY(f.inTree("Refused").isEmpty());
}

void TestFind::unreadablePackagesAreSaid()
{
    FindFixture f;
    f.package = QString::fromStdString((f.folder.path() / "broken.zip").string());
    QFile broken(f.package);
    QVERIFY(broken.open(QIODevice::WriteOnly));
    broken.write("PK\3\4 half of it is missing");
    broken.close();
    f.press("openPackage");
    QVERIFY2(f.find<QLabel>("intakeState")->text().contains("cannot be unpacked"),
             qPrintable(f.find<QLabel>("intakeState")->text()));
    QVERIFY(!f.find<QAbstractButton>("intakeTake")->isEnabled());
}

void TestFind::listingsAreSeenAndMeasuredBeforeTheyAreFetched()
{
    standin::CatalogueServer server(demoCatalogue());
    FindFixture f;
    f.window->feed().useAddress(QUrl(QString("http://127.0.0.1:%1").arg(server.listen())));
    f.rest();
    QCOMPARE(f.window->feed().state(), CatalogueFeed::State::Ready);
    f.select("Goosegate");
    auto& fonts = f.window->fonts();
    const auto* filter = qobject_cast<QSortFilterProxyModel*>(f.list()->model());
    const int row = filter->mapToSource(f.list()->currentIndex()).row();
    QVERIFY(fonts.isListing(row) && fonts.known(row) && fonts.known(row)->card);
    QVERIFY(fonts.known(row)->card->marks.joins > 4);
    QVERIFY(f.find<QLabel>("licenceQuote")->text().contains("Free for up to 250 sales"));
    QCOMPARE(f.find<QAbstractButton>("composeFont")->text(), QStringLiteral("Fetch it"));
    f.press("openCard");
    f.press("cardTab2");
    QVERIFY(QTest::qWaitFor(
        [&] {
            return f.find<QWidget>("keyMapScroll")
                ->findChild<GlyphGrid*>()
                ->accessibleName()
                .contains("Letters");
        },
        5000));
    f.press("cardTab4");
    QVERIFY(f.find<QLabel>("cardPackage")->text().contains("Licence.pdf"));
    f.press("cardTab5");
    QVERIFY(f.find<QLabel>("verdict")->text().contains("250"));
}

void TestFind::fetchingTakesAListingAllTheWay()
{
    standin::CatalogueServer server(demoCatalogue());
    FindFixture f;
    f.window->feed().useAddress(QUrl(QString("http://127.0.0.1:%1").arg(server.listen())));
    f.rest();
    f.select("Goosegate");
    f.press("composeFont");
    f.press("transferOpen");
    QCOMPARE(f.inTree("Fonts", 1).first(), QStringLiteral("Sell within limits"));
    f.press("intakeTake");
    f.press("intakeBack");
    QCOMPARE(f.shown().count("Goosegate"), 2); // in the list, and still in the catalogue
}

void TestFind::aWrongListingIsSaidToBeWrong()
{
    standin::CatalogueServer server(demoCatalogue());
    FindFixture f;
    f.window->feed().useAddress(QUrl(QString("http://127.0.0.1:%1").arg(server.listen())));
    f.rest();
    f.select("Tansy Cord FREE");
    f.press("composeFont");
    f.press("transferOpen");
    QCOMPARE(f.inTree("Fonts", 1).first(), QStringLiteral("Gifts only"));
    QVERIFY2(f.find<QLabel>("intakeNotes")->text().contains("The listing says “100% free”"),
             qPrintable(f.find<QLabel>("intakeNotes")->text()));
}

void TestFind::aLicenceCanBeBought()
{
    standin::CatalogueServer server(demoCatalogue());
    FindFixture f;
    f.window->feed().useAddress(QUrl(QString("http://127.0.0.1:%1").arg(server.listen())));
    f.rest();
    f.find<QLineEdit>("fontSearch")->setText("Fennel Row Demo");
    f.rest();
    f.select("Fennel Row Demo");
    f.press("openCard");
    f.press("cardBuy");
    f.press("transferOpen");
    QCOMPARE(f.inTree("Fonts", 1).first(), QStringLiteral("Sell within limits"));
    QVERIFY(f.inTree("Documents").contains("receipt.txt"));
}

void TestFind::faultsShowWithARetry_data()
{
    QTest::addColumn<int>("fault");
    QTest::newRow("server error") << int(standin::Fault::ServerError);
    QTest::newRow("nobody there") << -1;
}

void TestFind::faultsShowWithARetry()
{
    QFETCH(int, fault);
    standin::CatalogueServer server(demoCatalogue(),
                                    fault < 0 ? standin::Fault::None : static_cast<standin::Fault>(fault));
    const quint16 port = server.listen();
    FindFixture f;
    f.window->feed().useAddress(QUrl(QString("http://127.0.0.1:%1").arg(fault < 0 ? 1 : port)));
    f.rest();
    QCOMPARE(f.window->feed().state(), CatalogueFeed::State::Failed);
    QVERIFY(f.find<QLabel>("feedState")->isVisible());
    QVERIFY(f.find<QLabel>("feedState")->text().startsWith("the catalogue"));
    QVERIFY(f.shown().size() >= 16); // one's own fonts are all there
    if (fault < 0)
        return;
    server.setFault(standin::Fault::None);
    f.press("feedRetry");
    QCOMPARE(f.window->feed().state(), CatalogueFeed::State::Ready);
    QVERIFY(!f.find<QWidget>("feedRetry")->isVisible());
}

void TestFind::brokenTransfersCanBeTriedAgain()
{
    standin::CatalogueServer server(demoCatalogue());
    FindFixture f;
    f.window->feed().useAddress(QUrl(QString("http://127.0.0.1:%1").arg(server.listen())));
    f.rest();
    f.select("Hobnail Hand");
    server.setFault(standin::Fault::CutOff);
    f.press("composeFont");
    QVERIFY(QTest::qWaitFor([&] { return f.find<QLabel>("transferState")->text().contains("broke off"); },
                            10000));
    server.setFault(standin::Fault::None);
    f.press("transferResume");
    QVERIFY(QTest::qWaitFor(
        [&] { return f.find<QLabel>("transferState")->text().contains("checksum is right"); }, 10000));
}

void TestFind::packagesOfTheDownloadFolderAreOffered()
{
    FindFixture f;
    QVERIFY(!f.window->findChild<QPushButton*>("offerOpen")); // not before it is switched on
    f.press("watchDownloads");
    f.press("offerOpen");
    QVERIFY(!f.find<QLabel>("intakeName")->text().isEmpty());
    QVERIFY(f.find<QTreeWidget>("intakeTree")->topLevelItemCount() > 0);
}

void TestFind::allStylesAreShownOnRequest()
{
    standin::CatalogueServer server(demoCatalogue());
    FindFixture f;
    f.window->feed().useAddress(QUrl(QString("http://127.0.0.1:%1").arg(server.listen())));
    f.rest();
    f.find<QLineEdit>("fontSearch")->setText("weights"); // a tag of the listing
    f.rest();
    f.select("Maypole Hand");
    f.press("openCard");
    QCOMPARE(f.find<QAbstractButton>("cardStyles")->text(), QStringLiteral("All 4 styles"));
    f.press("cardStyles");
    int shown = 0;
    for (const auto* view : f.find<QWidget>("compareScroll")->findChildren<WordsView*>())
        shown += view->isVisible();
    QCOMPARE(shown, 4);
    f.press("compareBack");
    f.press("openCard");
    f.press("cardTab4");
    f.select("Maypole Hand");
}

void TestFind::aListingShowsThePictureOfItsPackage()
{
    standin::CatalogueServer server(demoCatalogue());
    FindFixture f;
    f.window->feed().useAddress(QUrl(QString("http://127.0.0.1:%1").arg(server.listen())));
    f.rest();
    f.find<QLineEdit>("fontSearch")->setText("wild"); // a tag of the listing
    f.rest();
    f.select("Larkmallow");
    f.press("openCard");
    f.press("cardTab4");
    const auto* picture = f.find<QLabel>("cardPicture");
    QVERIFY(QTest::qWaitFor([&] { return !picture->pixmap().isNull(); }, 10000));
    QVERIFY(picture->pixmap().width() > 200);
    QVERIFY(f.find<QLabel>("cardPackage")->text().contains("<td>preview.png</td><td>picture</td>"));
}

void TestFind::anUnpackedPackageIsLookedIntoToo()
{
    FindFixture f;
    const auto contents = inspectPackage(::package("stallholder-bits.zip").toStdString());
    QVERIFY(contents);
    const auto folder = f.folder.path() / "unpacked";
    QVERIFY(takeEntries(*contents, usualChoice(*contents), folder, OnConflict::Keep));
    f.drop(QString::fromStdString(folder.string()));
    QCOMPARE(f.inTree("Fonts", 1).first(), QStringLiteral("May sell"));
    QVERIFY(f.inTree("Key maps").first().contains("keymap.png"));
    // Chosen instead of dropped, the same; a collection joins the list as it lies.
    f.press("intakeBack");
    f.font_folder = QString::fromStdString(folder.string());
    f.press("openFolder");
    QCOMPARE(f.find<QLabel>("intakeName")->text(), QStringLiteral("unpacked"));
    QVERIFY(f.find<QTreeWidget>("intakeTree")->isVisible());
    f.press("intakeBack");
    const auto shown = f.shown().size();
    const auto collection = f.folder.path() / "collection";
    std::filesystem::create_directories(collection);
    for (int i = 0; i < 210; ++i)
        std::filesystem::copy_file(test::dataFile("ornaments.ttf"),
                                   collection / ("ornaments-" + std::to_string(i) + ".ttf"));
    f.font_folder = QString::fromStdString(collection.string());
    f.press("openFolder");
    QCOMPARE(f.shown().size(), shown + 210);
}

void TestFind::largeTextFits()
{
    FindFixture f(test::WindowFixture::firstJob(), 2.0);
    f.window->resize(1280, 800);
    f.rest();
    for (const char* name : {"wishBar", "fontList", "composeFont"})
        QVERIFY2(f.find<QWidget>(name)->visibleRegion().boundingRect().height() > 20, name);
    QVERIFY(f.list()->height() > 200);
}

void TestFind::aPictureIsFlaggedAsSomebodyElses()
{
    Job job = test::WindowFixture::firstJob();
    job.words = "abc";
    FindFixture f(job);
    f.select("Stallholder Bits");
    f.page().openCard(CardPage::KeyMapTab);
    f.rest();
    auto* grid = f.find<GlyphGrid>("keyMapGrid");
    grid->setFocus();
    QVERIFY(grid->current());
    QCOMPARE(grid->current()->key, QStringLiteral("A"));
    QTest::keyClick(grid, Qt::Key_Right); // capital and small letter stand side by side
    QCOMPARE(grid->current()->key, QStringLiteral("a"));
    QTest::keyClick(grid, Qt::Key_Down);
    QVERIFY(grid->current()->key != QStringLiteral("a"));
    QTest::keyClick(grid, Qt::Key_Up);
    QCOMPARE(grid->current()->key, QStringLiteral("a"));
    QTest::keyClick(grid, Qt::Key_Left);
    QCOMPARE(grid->current()->key, QStringLiteral("A"));
    QTest::keyClick(grid, Qt::Key_Right);
    const QImage plain = grid->grab().toImage();
    const auto markShown = [&] {
        return f.find<QWidget>("markPanel")
            ->findChild<QAbstractButton*>(QStringLiteral("mark%1").arg(int(FitMarkKind::OthersMark)));
    };
    QVERIFY(!markShown());
    f.press("othersMark");
    QVERIFY(f.find<QLabel>("keyMapKey")->text().contains("somebody else's mark"));
    QVERIFY(grid->grab().toImage() != plain);
    f.press("cardBack");
    QVERIFY(markShown());
    QVERIFY(markShown()->accessibleName().contains("do not sell"));
    f.find<QAbstractButton>("purposeGift")->click();
    f.rest();
    QVERIFY(markShown()->accessibleName().contains("gifts"));
    f.window->jobModel().undoStack().undo(); // for sale again
    f.window->jobModel().undoStack().undo();
    f.rest();
    QVERIFY(QTest::qWaitFor([&] { return !markShown(); }, 5000));
    // Redone, it is in the store, and other words without the picture are free of it.
    f.window->jobModel().undoStack().redo();
    f.rest();
    QVERIFY(QTest::qWaitFor([&] { return markShown() != nullptr; }, 5000));
    f.window->jobModel().setWords("bc");
    f.rest();
    QVERIFY(QTest::qWaitFor([&] { return !markShown(); }, 5000));
}

void TestFind::whatTheProcessHoldsCanBeChanged()
{
    Job job = test::WindowFixture::firstJob();
    job.size = {SizeBy::Width, 1100};
    FindFixture f(job);
    f.select("Hartsorrel Script");
    const auto limits = [&] {
        return f.find<QWidget>("markPanel")->findChild<QAbstractButton*>("processLimits");
    };
    QVERIFY(limits()->accessibleName().contains("Knife in adhesive vinyl"));
    QVERIFY(limits()->accessibleName().contains("strokes from 0.50 mm"));
    const auto stroke = [&] {
        return f.find<QWidget>("markPanel")->findChild<QAbstractButton*>("mark1")->accessibleName();
    };
    QVERIFY(!stroke().contains("Too thin"));
    limits()->setFocus();
    QTest::keyClick(limits(), Qt::Key_Space);
    auto* field = f.find<QDoubleSpinBox>("limitStroke");
    QVERIFY(QTest::qWaitForWindowExposed(field->window()));
    QApplication::setActiveWindow(field->window()); // as a window manager would
    field->setFocus();
    field->selectAll();
    QTest::keyClicks(field, "5");
    QTest::keyClick(field, Qt::Key_Tab);
    f.rest();
    QCOMPARE(f.window->jobModel().job().limits().stroke_floor_mm, 5.0);
    // No care from less than the floor would be nonsense.
    QCOMPARE(f.find<QDoubleSpinBox>("limitComfortable")->value(), 5.0);
    QVERIFY2(stroke().contains("Too thin: this process holds 5.00 mm"), qPrintable(stroke()));
    QVERIFY(limits()->accessibleName().contains("Your own figures"));
    f.press("limitsUsual");
    QVERIFY(!stroke().contains("Too thin"));
    QTest::keyClick(field, Qt::Key_Z, Qt::ControlModifier); // the dialog has undo as well
    f.rest();
    QVERIFY(stroke().contains("Too thin"));
    f.press("limitsDone");
    // Another process keeps its own; the figures stay with the job.
    f.window->jobModel().setProcess(Process::LaserWood);
    f.rest();
    QVERIFY(limits()->accessibleName().contains("Usual figures"));
    f.window->close();
    f.window.reset();
    const auto kept = JobStore(f.state_folder).load();
    QVERIFY(kept && *kept);
    QVERIFY((*kept)->job.own_limits.contains(Process::KnifeVinyl));
}

void TestFind::aListingThatFailsCanBeTriedAgain()
{
    standin::CatalogueServer server(demoCatalogue());
    FindFixture f;
    f.window->feed().useAddress(QUrl(QString("http://127.0.0.1:%1").arg(server.listen())));
    f.rest();
    f.select("Goosegate");
    QVERIFY(!f.find<QWidget>("marksAgain")->isVisible());
    server.setFault(standin::Fault::ServerError);
    f.window->jobModel().setWords("Beeswax");
    f.rest();
    QVERIFY(f.find<QLabel>("marksProblem")->isVisible());
    QVERIFY2(f.find<QLabel>("marksProblem")->text().startsWith("the catalogue"),
             qPrintable(f.find<QLabel>("marksProblem")->text()));
    f.press("openCard");
    QVERIFY(f.find<QAbstractButton>("cardAgain")->isVisible());
    server.setFault(standin::Fault::None);
    f.press("cardAgain");
    QVERIFY(f.find<WordsView>("cardWords")->accessibleName().contains("Beeswax"));
    QVERIFY(!f.find<QAbstractButton>("cardAgain")->isVisible());
    f.press("cardBack");
    f.press("marksAgain");
    QVERIFY(!f.find<QWidget>("marksProblem")->isVisible());
    QVERIFY(f.find<QWidget>("markPanel")->findChild<QAbstractButton*>("mark1"));
}

INK_TEST_GUI_MAIN(TestFind)
#include "test_find.moc"
