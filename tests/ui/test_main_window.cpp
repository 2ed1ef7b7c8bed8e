#include "tests/support/gui.h"

#include "ui/compose/compose_page.h"
#include "ui/compose/compose_sentence.h"
#include "ui/compose/weld_view.h"
#include "ui/first_start.h"
#include "ui/handbook_window.h"
#include "ui/proof/proof_view.h"
#include "ui/questions.h"

#include <csignal>
#include <sys/resource.h>

#include <QAbstractButton>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QFileDialog>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QMessageBox>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QSet>
#include <QSlider>
#include <QTextBrowser>
#include <QTimer>
#include <QUrl>
#include <QXmlStreamReader>

using namespace ink;
using namespace ink::ui;

namespace {

void typeWords(test::WindowFixture& f, const QString& words)
{
    auto* edit = f.find<QPlainTextEdit>("words");
    edit->setFocus();
    edit->selectAll();
    if (words.size() > 200)
        edit->insertPlainText(words); // pasted
    else
        QTest::keyClicks(edit, words);
    f.rest();
}

void typeSize(test::WindowFixture& f, const QString& figure)
{
    auto* size = f.find<QDoubleSpinBox>("size");
    size->setFocus();
    size->selectAll();
    QTest::keyClicks(size, figure);
    QTest::keyClick(size, Qt::Key_Return);
    f.rest();
}

void chooseByKey(QComboBox* box, const QString& text)
{
    box->setFocus();
    for (int i = 0; i < box->count() && box->currentText() != text; ++i)
        QTest::keyClick(box, Qt::Key_Down);
    for (int i = 0; i < box->count() && box->currentText() != text; ++i)
        QTest::keyClick(box, Qt::Key_Up);
    QCOMPARE(box->currentText(), text);
}

QString message(test::WindowFixture& f)
{
    auto* line = f.find<QWidget>("messageLine");
    return line->isVisible() ? f.find<QLabel>("messageText")->accessibleName() : QString();
}

WeldView& view(test::WindowFixture& f)
{
    return *f.find<WeldView>("weldView");
}

} // namespace

class TestMainWindow : public QObject
{
    Q_OBJECT
private slots:
    void whatIsSavedHasItsEnding_data();
    void whatIsSavedHasItsEnding();
    void theHandbookOpensAtItsPage();
    void theHandbookSpeaksTheLanguageOfTheWindow();
    void theFirstStartAsksOneThing();
    void letterSpacingWeldsLive();
    void nodesAndCrossingsAreShownOnRequest();
    void firstStartShowsTheDemoJob();
    void wordsFontSizeUnitSaveReadBack();
    void everyEditIsUndoneFromTheKeyboard();
    void droppedFontIsTakenInAndChosen();
    void badFilesAreToldAndChangeNothing_data();
    void badFilesAreToldAndChangeNothing();
    void wordsThatCannotBeMadeStayAsTyped_data();
    void wordsThatCannotBeMadeStayAsTyped();
    void sizesThatCannotBeMadeAreSaid_data();
    void sizesThatCannotBeMadeAreSaid();
    void missingLettersAreShown();
    void severalLines();
    void heatTransferIsMirroredInTheFile();
    void unwritableFolderIsToldAndKeepsTheWork();
    void fullDiskIsToldAndKeepsTheOldFile();
    void changingOnesMindWritesNothing();
    void dialogAsksBeforeItReplacesAFile();
    void dialogOpensAtHomeWithoutDocuments();
    void nothingOldIsSaved();
    void searchNarrowsWithoutChangingTheFont();
    void emptyStatesSayWhatToDo();
    void closingKeepsTheJob();
    void everythingHasANameAndIsReachedByTab();
    void largeTextFits_data();
    void largeTextFits();
    void aMessageMovesNothing_data();
    void aMessageMovesNothing();
};

void TestMainWindow::firstStartShowsTheDemoJob()
{
    test::WindowFixture f;
    QCOMPARE(f.find<QPlainTextEdit>("words")->toPlainText(), QStringLiteral("Fennmoor Honey"));
    QCOMPARE(f.find<QLabel>("fontName")->text(), QStringLiteral("Hartsorrel Script"));
    QCOMPARE(f.window->fonts().rowCount(), 16);
    QVERIFY(f.find<QLabel>("otherSide")->text().contains(QStringLiteral("high")));
    QVERIFY(f.find<QLabel>("footerLeft")->text().contains(QStringLiteral("3 pieces")));
}

void TestMainWindow::wordsFontSizeUnitSaveReadBack()
{
    test::WindowFixture f;
    typeWords(f, QStringLiteral("Garden Supper"));
    f.window->openStation(MainWindow::Find);
    auto* list = f.find<QListView>("fontList");
    QVERIFY(list->hasFocus());
    QTest::keyClick(list, Qt::Key_Home);
    for (int i = 0; i < 20 && f.find<QLabel>("fontName")->text() != QStringLiteral("Tansy Cord"); ++i)
        QTest::keyClick(list, Qt::Key_Down);
    QCOMPARE(f.find<QLabel>("fontName")->text(), QStringLiteral("Tansy Cord"));
    QTest::keyClick(list, Qt::Key_Return);
    QVERIFY(view(f).isVisible());
    f.rest();

    chooseByKey(f.find<QComboBox>("unit"), QStringLiteral("in"));
    typeSize(f, QStringLiteral("4.5"));
    QCOMPARE(f.window->jobModel().job().size.value_mm, 4.5 * 25.4);

    f.save_path = QString::fromStdString((f.folder.path() / "garden.svg").string());
    QTest::keyClick(f.window.get(), Qt::Key_S, Qt::ControlModifier);
    f.rest();
    QVERIFY(f.suggested_path.endsWith(QStringLiteral("garden-supper.svg")));
    QVERIFY2(message(f).startsWith(QStringLiteral("Saved garden.svg: 4.50 in wide")), qPrintable(message(f)));

    QXmlStreamReader xml(QString::fromStdString(test::slurp(f.folder.path() / "garden.svg")));
    QVERIFY(xml.readNextStartElement());
    QCOMPARE(xml.attributes().value("width").toString(), QStringLiteral("114.3mm"));
    std::size_t paths = 0;
    QString title;
    while (!xml.atEnd())
        if (xml.readNext() == QXmlStreamReader::StartElement) {
            paths += xml.name() == QStringLiteral("path");
            if (xml.qualifiedName() == QStringLiteral("title"))
                title = xml.readElementText();
        }
    QVERIFY(!xml.hasError());
    QCOMPARE(title, QStringLiteral("Garden Supper"));
    QCOMPARE(paths, f.find<ComposePage>("page") ? f.window->design().design()->figures_mm.pieces : 0);
}

void TestMainWindow::everyEditIsUndoneFromTheKeyboard()
{
    test::WindowFixture f;
    const Job start = f.window->jobModel().job();
    typeWords(f, QStringLiteral("Bram"));
    typeSize(f, QStringLiteral("55"));
    chooseByKey(f.find<QComboBox>("process"), QStringLiteral("Knife in heat-transfer material"));
    QTest::mouseClick(f.find<QAbstractButton>("purposeGift"), Qt::LeftButton);
    f.window->openStation(MainWindow::Compose);
    QTest::mouseClick(f.find<QAbstractButton>("mirrored"), Qt::LeftButton, {}, QPoint(6, 8));
    QVERIFY(!f.window->jobModel().job().is_mirrored);
    f.find<QPlainTextEdit>("words")->setFocus();
    for (int i = 0; i < 5; ++i)
        QTest::keyClick(QApplication::focusWidget(), Qt::Key_Z, Qt::ControlModifier);
    QVERIFY(f.window->jobModel().job() == start);
    f.rest();
    QCOMPARE(f.find<QPlainTextEdit>("words")->toPlainText(), QStringLiteral("Fennmoor Honey"));
    QCOMPARE(f.find<QDoubleSpinBox>("size")->value(), 120.0);
    QTest::keyClick(QApplication::focusWidget(), Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
    QCOMPARE(f.find<QPlainTextEdit>("words")->toPlainText(), QStringLiteral("Bram"));
}

void TestMainWindow::droppedFontIsTakenInAndChosen()
{
    test::WindowFixture f;
    f.drop(QString::fromStdString((test::dataFile("two-faces.ttc")).string()));
    f.rest();
    QCOMPARE(f.window->fonts().rowCount(), 18);
    QCOMPARE(f.find<QLabel>("fontName")->text(), QStringLiteral("Saltglaze Ornaments"));
    QVERIFY(f.find<QLabel>("fontFacts")->text().contains(QStringLiteral("pictures on the keys")));
    QVERIFY(f.find<QLabel>("fontFacts")->text().contains(QStringLiteral("dropped in")));
}

void TestMainWindow::badFilesAreToldAndChangeNothing_data()
{
    QTest::addColumn<QString>("name");
    QTest::addColumn<QByteArray>("bytes");
    QTest::addColumn<QString>("said");
    const auto whole = QByteArray::fromStdString(test::slurp(test::demoFont("SaltglazeOrnaments.ttf")));
    QByteArray colour = whole, bitmap = whole;
    colour.replace(colour.indexOf("glyf"), 4, "CBDT");
    bitmap.replace(bitmap.indexOf("glyf"), 4, "EBDT");
    QTest::newRow("not a font") << "letter.ttf" << QByteArray("Dear customer") << "this is not a font";
    QTest::newRow("truncated") << "half.ttf" << whole.left(3000) << "ends too early";
    QTest::newRow("bitmap only") << "pixels.ttf" << bitmap << "pixels, not outlines";
    QTest::newRow("colour only") << "emoji.ttf" << colour << "colour pictures only";
    QTest::newRow("empty") << "empty.otf" << QByteArray() << "the file is empty";
}

void TestMainWindow::badFilesAreToldAndChangeNothing()
{
    QFETCH(QString, name);
    QFETCH(QByteArray, bytes);
    QFETCH(QString, said);
    test::WindowFixture f;
    const Job before = f.window->jobModel().job();
    f.drop(QString::fromStdString((f.folder.write(name.toStdString(), bytes.toStdString())).string()));
    f.rest();
    QVERIFY2(message(f).contains(said) && message(f).contains(name), qPrintable(message(f)));
    QVERIFY(f.window->jobModel().job() == before);
    QCOMPARE(f.window->fonts().rowCount(), 16);
}

void TestMainWindow::wordsThatCannotBeMadeStayAsTyped_data()
{
    QTest::addColumn<QString>("words");
    QTest::addColumn<QString>("said");
    QTest::newRow("none") << " "
                          << "There are no words yet";
    QTest::newRow("10,000 characters") << QString(10000, QLatin1Char('a')) << "too long";
    QTest::newRow("letters no font has") << QString::fromUtf8("漢字漢字") << "none of these letters";
}

void TestMainWindow::wordsThatCannotBeMadeStayAsTyped()
{
    QFETCH(QString, words);
    QFETCH(QString, said);
    test::WindowFixture f;
    f.window->openStation(MainWindow::Compose);
    auto* edit = f.find<QPlainTextEdit>("words");
    edit->setPlainText(words);
    f.rest();
    QCOMPARE(edit->toPlainText(), words);
    QVERIFY2(view(f).message().contains(said), qPrintable(view(f).message()));
    // It is no fault of the font's file, and Proof says the same.
    QVERIFY2(!view(f).message().contains(QLatin1Char('/')), qPrintable(view(f).message()));
    f.window->openStation(MainWindow::Proof);
    f.rest();
    QCOMPARE(f.window->findChild<ProofView*>()->message(), view(f).message());
    f.window->openStation(MainWindow::Compose);
    QVERIFY(!f.find<QAbstractButton>("handItOff")->isEnabled());
    QTest::keyClick(edit, Qt::Key_Z, Qt::ControlModifier);
    f.rest();
    QVERIFY(view(f).message().isEmpty());
}

void TestMainWindow::sizesThatCannotBeMadeAreSaid_data()
{
    QTest::addColumn<QString>("typed");
    QTest::newRow("zero") << "0";
    QTest::newRow("a kilometre") << "999999";
}

void TestMainWindow::sizesThatCannotBeMadeAreSaid()
{
    QFETCH(QString, typed);
    test::WindowFixture f;
    f.window->openStation(MainWindow::Compose);
    typeSize(f, typed);
    QVERIFY2(view(f).message().contains(QStringLiteral("cannot be made")), qPrintable(view(f).message()));
    QVERIFY(view(f).message().contains(QStringLiteral("0.5 mm to 10 m")));
    typeSize(f, QStringLiteral("90"));
    QVERIFY(view(f).message().isEmpty());
}

void TestMainWindow::missingLettersAreShown()
{
    test::WindowFixture f;
    f.window->openStation(MainWindow::Compose);
    f.find<QPlainTextEdit>("words")->setPlainText(QString::fromUtf8("Honey ☃"));
    f.rest();
    QVERIFY(f.find<QLabel>("finding")->text().contains(QString::fromUtf8("☃")));
    QVERIFY(f.find<QLabel>("finding")->text().startsWith(QStringLiteral("Letters are missing")));
}

void TestMainWindow::severalLines()
{
    test::WindowFixture f;
    auto* edit = f.find<QPlainTextEdit>("words");
    edit->setFocus();
    edit->moveCursor(QTextCursor::End);
    const double before = f.window->design().design()->figures_mm.box.height();
    QTest::keyClick(edit, Qt::Key_Return);
    QTest::keyClicks(edit, QStringLiteral("Late Summer"));
    f.rest();
    QCOMPARE(f.window->jobModel().job().words, std::string("Fennmoor Honey\nLate Summer"));
    QVERIFY(f.window->design().design()->figures_mm.box.height() > 1.8 * before);
}

void TestMainWindow::heatTransferIsMirroredInTheFile()
{
    test::WindowFixture f;
    f.window->openStation(MainWindow::Compose);
    chooseByKey(f.find<QComboBox>("process"), QStringLiteral("Knife in heat-transfer material"));
    f.rest();
    QVERIFY(f.find<QAbstractButton>("mirrored")->isChecked());
    QVERIFY(f.window->design().design()->is_mirrored);
    f.save_path = QString::fromStdString((f.folder.path() / "m.svg").string());
    QTest::keyClick(f.window.get(), Qt::Key_S, Qt::ControlModifier);
    f.rest();
    QVERIFY2(message(f).contains(QStringLiteral("mirrored")), qPrintable(message(f)));
}

void TestMainWindow::unwritableFolderIsToldAndKeepsTheWork()
{
    test::WindowFixture f;
    f.save_path = QString::fromStdString((f.folder.path() / "no" / "such" / "folder.svg").string());
    QTest::keyClick(f.window.get(), Qt::Key_S, Qt::ControlModifier);
    f.rest();
    QVERIFY2(message(f).contains(QStringLiteral("could not be written")) &&
                 message(f).contains(QStringLiteral("folder.svg")),
             qPrintable(message(f)));
    QCOMPARE(f.find<QPlainTextEdit>("words")->toPlainText(), QStringLiteral("Fennmoor Honey"));
}

void TestMainWindow::fullDiskIsToldAndKeepsTheOldFile()
{
    test::WindowFixture f;
    const auto old = f.folder.write("old.svg", "the old file");
    f.save_path = QString::fromStdString(old.string());
    // A file that may grow no further is what a full disk is to a program.
    std::signal(SIGXFSZ, SIG_IGN);
    rlimit before{};
    QCOMPARE(getrlimit(RLIMIT_FSIZE, &before), 0);
    rlimit full = before;
    full.rlim_cur = 100;
    QCOMPARE(setrlimit(RLIMIT_FSIZE, &full), 0);
    QTest::keyClick(f.window.get(), Qt::Key_S, Qt::ControlModifier);
    const bool is_told =
        QTest::qWaitFor([&] { return message(f).contains(QStringLiteral("disk is full")); }, 10000);
    QCOMPARE(setrlimit(RLIMIT_FSIZE, &before), 0);
    f.rest();
    QVERIFY2(is_told, qPrintable(message(f)));
    QCOMPARE(test::slurp(old), std::string("the old file"));
    // With room again it is written, and nothing of the first try lies about.
    QTest::keyClick(f.window.get(), Qt::Key_S, Qt::ControlModifier);
    f.rest();
    QVERIFY(test::slurp(old).starts_with("<?xml"));
    QVERIFY(std::ranges::none_of(std::filesystem::directory_iterator(f.folder.path()), [](const auto& entry) {
        return entry.path().filename().string().starts_with("old.svg.");
    }));
}

void TestMainWindow::changingOnesMindWritesNothing()
{
    test::WindowFixture f;
    const auto files = [&] {
        std::vector<std::string> names;
        for (const auto& entry : std::filesystem::directory_iterator(f.folder.path()))
            names.push_back(entry.path().filename().string());
        std::ranges::sort(names);
        return names;
    };
    f.save_path = QString::fromStdString((f.folder.path() / "garden.svg").string());
    f.suggested_path.clear();
    const auto before = files();
    f.save_path.clear(); // the dialog is left
    QTest::keyClick(f.window.get(), Qt::Key_S, Qt::ControlModifier);
    f.rest();
    QVERIFY(f.suggested_path.endsWith(QStringLiteral("fennmoor-honey.svg"))); // it was asked
    QVERIFY(message(f).isEmpty());
    QCOMPARE(files(), before);
    f.save_path = QString::fromStdString((f.folder.path() / "garden.svg").string());
    QTest::keyClick(f.window.get(), Qt::Key_S, Qt::ControlModifier);
    f.rest();
    QCOMPARE(files().size(), before.size() + 1); // what the check looks at does appear
}

void TestMainWindow::dialogAsksBeforeItReplacesAFile()
{
    const test::TempFolder folder;
    folder.write("garden.svg", "the old file");
    bool was_typed = false, was_asked = false;
    QTimer answer;
    connect(&answer, &QTimer::timeout, this, [&] {
        auto* shown = QApplication::activeModalWidget();
        if (auto* question = qobject_cast<QMessageBox*>(shown)) {
            was_asked = true;
            question->button(QMessageBox::No)->click();
        } else if (shown && was_asked) {
            shown->close();
        } else if (shown && !was_typed) {
            was_typed = true;
            auto* name = shown->findChild<QLineEdit*>();
            name->setText(QStringLiteral("garden")); // without its ending
            // From an event of its own: the question then waits inside it while this timer goes on.
            QTimer::singleShot(0, name, [name] { QTest::keyClick(name, Qt::Key_Return); });
        }
    });
    answer.start(100);
    QApplication::setAttribute(Qt::AA_DontUseNativeDialogs);
    const QString suggested = QString::fromStdString((folder.path() / "other.svg").string());
    QVERIFY(Questions::asDialogs().save_path(nullptr, suggested).isEmpty());
    QVERIFY(was_asked);
}

void TestMainWindow::dialogOpensAtHomeWithoutDocuments()
{
    test::WindowFixture f; // the test's home folder has no Documents
    QTest::keyClick(f.window.get(), Qt::Key_S, Qt::ControlModifier);
    QCOMPARE(QFileInfo(f.suggested_path).absolutePath(), QDir::homePath());
}

void TestMainWindow::nothingOldIsSaved()
{
    test::WindowFixture f;
    f.save_path = QString::fromStdString((f.folder.path() / "old.svg").string());
    f.window->jobModel().setWords(QStringLiteral("Bram"));
    QTest::keyClick(f.window.get(), Qt::Key_S, Qt::ControlModifier); // before the weld is there
    QVERIFY2(message(f).contains(QStringLiteral("still being welded")), qPrintable(message(f)));
    f.rest();
    QVERIFY(!std::filesystem::exists(f.folder.path() / "old.svg"));
    QTest::keyClick(f.window.get(), Qt::Key_S, Qt::ControlModifier);
    f.rest();
    QVERIFY(message(f).startsWith(QStringLiteral("Saved old.svg")));
}

void TestMainWindow::searchNarrowsWithoutChangingTheFont()
{
    test::WindowFixture f;
    auto* search = f.find<QLineEdit>("fontSearch");
    QTest::keyClicks(search, QStringLiteral("tansy"));
    QCOMPARE(f.find<QListView>("fontList")->model()->rowCount(), 1);
    QVERIFY(QString::fromStdString(f.window->jobModel().job().font.path)
                .endsWith(QStringLiteral("HartsorrelScript.ttf")));
    QTest::keyClick(search, Qt::Key_Return); // on to the list
    QVERIFY(QString::fromStdString(f.window->jobModel().job().font.path)
                .endsWith(QStringLiteral("TansyCord.ttf")));
}

void TestMainWindow::emptyStatesSayWhatToDo()
{
    test::WindowFixture f(Job{});
    QCOMPARE(f.find<QLabel>("fontName")->text(), QStringLiteral("No font chosen"));
    const QImage words = f.find<QPlainTextEdit>("words")->grab().toImage();
    const QColor invitation = f.theme.colours().on_band_soft;
    int painted = 0;
    for (int y = 0; y < words.height(); ++y)
        for (int x = 0; x < words.width(); ++x)
            painted += words.pixelColor(x, y) == invitation;
    QVERIFY2(painted > 200, qPrintable(QString::number(painted))); // full contrast, in the words' own type
    QTest::keyClicks(f.find<QLineEdit>("fontSearch"), QStringLiteral("zzz"));
    QVERIFY(f.find<QLabel>("findEmpty")->isVisible());
    QVERIFY(f.find<QLabel>("findEmpty")->text().startsWith(QStringLiteral("“zzz” is in no font's name")));
    QVERIFY(f.find<QLabel>("findEmpty")->text().contains(QStringLiteral("Clear the search")));
    f.window->openStation(MainWindow::Compose);
    QVERIFY(view(f).message().contains(QStringLiteral("Choose a font in Find")));
    QTest::keyClick(f.window.get(), Qt::Key_S, Qt::ControlModifier);
    QVERIFY(message(f).contains(QStringLiteral("nothing to save yet")));
}

void TestMainWindow::closingKeepsTheJob()
{
    test::WindowFixture f;
    typeWords(f, QStringLiteral("Ottilie"));
    f.window->close();
    QCOMPARE((*f.store.load())->job.words, std::string("Ottilie"));
}

void TestMainWindow::everythingHasANameAndIsReachedByTab()
{
    test::WindowFixture f;
    for (const auto station : {MainWindow::Find, MainWindow::Shelf, MainWindow::Compose}) {
        f.window->openStation(station);
        QSet<QWidget*> reached;
        auto* start = f.find<QPlainTextEdit>("words");
        start->setFocus();
        for (int i = 0; i < 80; ++i) {
            QTest::keyClick(QApplication::focusWidget(), Qt::Key_Tab);
            reached.insert(QApplication::focusWidget());
        }
        QVERIFY(reached.contains(start)); // round, not into a trap
        for (auto* widget : f.window->findChildren<QWidget*>()) {
            if (!widget->isVisible() || !widget->isEnabled() || !(widget->focusPolicy() & Qt::TabFocus) ||
                widget->focusProxy())
                continue;
            auto* button = qobject_cast<QAbstractButton*>(widget);
            const QString name =
                widget->accessibleName().isEmpty() && button ? button->text() : widget->accessibleName();
            QVERIFY2(!name.isEmpty(), widget->metaObject()->className());
            // Of an exclusive group Tab reaches the chosen button, arrow keys the others.
            if (button && button->isCheckable() && !button->isChecked() &&
                (button->group() || button->autoExclusive()))
                continue;
            QVERIFY2(reached.contains(widget), qPrintable(name));
        }
    }
}

void TestMainWindow::largeTextFits_data()
{
    QTest::addColumn<double>("scale");
    QTest::addColumn<QSize>("size");
    QTest::newRow("100 %, small window") << 1.0 << QSize(1100, 700);
    QTest::newRow("150 %") << 1.5 << QSize(1280, 800);
    QTest::newRow("200 %") << 2.0 << QSize(1920, 1080);
    QTest::newRow("200 %, small screen") << 2.0 << QSize(1280, 800);
}

void TestMainWindow::largeTextFits()
{
    QFETCH(double, scale);
    QFETCH(QSize, size);
    test::WindowFixture f(test::WindowFixture::firstJob(), scale);
    f.window->resize(size);
    f.rest();
    QVERIFY2(f.window->width() <= size.width() && f.window->height() <= size.height(),
             "the window had to grow");
    for (const auto station : {MainWindow::Find, MainWindow::Shelf, MainWindow::Compose}) {
        f.window->openStation(station);
        f.rest();
        for (auto* button : f.window->findChildren<QAbstractButton*>())
            if (button->isVisible() && !button->text().isEmpty())
                QVERIFY2(button->width() >= button->minimumSizeHint().width() &&
                             button->height() >= button->minimumSizeHint().height(),
                         qPrintable(button->text()));
        for (auto* label : f.window->findChildren<QLabel*>())
            if (label->isVisible() && !label->text().isEmpty() && !label->wordWrap() &&
                label->objectName() != QLatin1String("footerLeft"))
                QVERIFY2(label->width() >= label->sizeHint().width(), qPrintable(label->text()));
    }
}

void TestMainWindow::aMessageMovesNothing_data()
{
    QTest::addColumn<double>("scale");
    QTest::addColumn<QSize>("size");
    QTest::addColumn<bool>("is_over_figures");
    QTest::newRow("as it starts") << 1.0 << QSize(1280, 800) << true;
    QTest::newRow("small window") << 1.0 << QSize(960, 600) << true;
    QTest::newRow("200 %") << 2.0 << QSize(1280, 800) << true;
    QTest::newRow("200 %, small window") << 2.0 << QSize(960, 600) << false;
}

/// The button under the pointer is still there after a message came, and after it went.
void TestMainWindow::aMessageMovesNothing()
{
    QFETCH(double, scale);
    QFETCH(QSize, size);
    QFETCH(bool, is_over_figures);
    test::WindowFixture f(test::WindowFixture::firstJob(), scale);
    f.window->resize(size);
    f.rest();
    const auto placeOf = [&](const QWidget* widget) {
        return QRect(widget->mapTo(f.window.get(), QPoint()), widget->size());
    };
    auto* line = f.find<QWidget>("messageLine");
    for (const auto station :
         {MainWindow::Find, MainWindow::Shelf, MainWindow::Compose, MainWindow::Proof, MainWindow::HandOff}) {
        f.window->openStation(station);
        f.rest();
        // By what they say: a sentence makes its buttons anew when it is laid out.
        const auto buttons = [&] {
            QList<std::pair<QString, QRect>> out;
            for (const auto* button : f.window->findChildren<QAbstractButton*>())
                if (button->isVisible() && !line->isAncestorOf(button))
                    out.emplace_back(button->text(), placeOf(button));
            return out;
        };
        const auto before = buttons();
        QVERIFY(before.size() > 5);
        f.find<QAction>("copySvg")->trigger();
        f.rest();
        QVERIFY(line->isVisible());
        QCOMPARE(buttons(), before);
        const QRect place = placeOf(line), footer = placeOf(f.find<QWidget>("footer"));
        QVERIFY(f.window->rect().contains(place));
        QCOMPARE(place.bottom(), is_over_figures ? footer.bottom() : footer.top() - 1);
        for (const char* name : {"undo", "redo", "badge", "footerRight"})
            if (const auto* other = f.find<QWidget>(name); other->isVisible())
                QVERIFY2(!place.intersects(placeOf(other)), name);
        auto* text = f.find<QLabel>("messageText");
        QVERIFY(text->height() >= text->heightForWidth(text->width()));
        f.window->resize(size - QSize(0, 20)); // it stays at the foot
        f.rest();
        QVERIFY(f.window->rect().contains(placeOf(line)));
        f.window->resize(size);
        f.rest();
        QTest::mouseClick(line->findChild<QPushButton*>(), Qt::LeftButton);
        f.rest();
        QVERIFY(!line->isVisible());
        QCOMPARE(buttons(), before);
    }
}

void TestMainWindow::theFirstStartAsksOneThing()
{
    const Theme theme;
    theme.applyTo(*qApp);
    for (const bool wants_demo : {true, false}) {
        FirstStart first(theme);
        first.show();
        QCOMPARE(first.findChildren<QPushButton*>().size(), qsizetype(2));
        auto* button = first.findChild<QPushButton*>(wants_demo ? "beginWithDemo" : "beginWithOwn");
        QVERIFY(!button->accessibleDescription().isEmpty());
        QTest::keyClick(button, Qt::Key_Space);
        QCOMPARE(first.isDemo(), wants_demo);
        QVERIFY(!first.isVisible());
    }
    FirstStart closed(theme);
    closed.show();
    QTest::keyClick(&closed, Qt::Key_Escape);
    QVERIFY(!closed.isDemo() && !closed.isVisible());
}

void TestMainWindow::whatIsSavedHasItsEnding_data()
{
    QTest::addColumn<QString>("typed");
    QTest::addColumn<QString>("saved");
    QTest::newRow("with it") << "Ottilie.svg"
                             << "Ottilie.svg";
    QTest::newRow("in capitals") << "Ottilie.SVG"
                                 << "Ottilie.SVG";
    QTest::newRow("without") << "Ottilie"
                             << "Ottilie.svg";
    QTest::newRow("a point in the name") << "Ottilie 1.2"
                                         << "Ottilie 1.2.svg";
    QTest::newRow("that of something else") << "Ottilie.dxf"
                                            << "Ottilie.dxf.svg";
    QTest::newRow("a file that is there already") << "Bram.dxf"
                                                  << "";
}

void TestMainWindow::whatIsSavedHasItsEnding()
{
    QFETCH(QString, typed);
    QFETCH(QString, saved);
    const test::TempFolder temporary;
    const QDir folder(QString::fromStdString(temporary.path().string()));
    QFile there(folder.filePath("Bram.dxf.svg"));
    QVERIFY(there.open(QIODevice::WriteOnly));
    const auto dialog = [] { return qobject_cast<QFileDialog*>(QApplication::activeModalWidget()); };
    const auto field = [&] { return dialog()->findChild<QLineEdit*>("fileNameEdit"); };
    QString asked_again;
    QTimer::singleShot(0, this, [&] {
        field()->setText(typed);
        // What is there would be written over: it is asked once more, with the whole name.
        QTimer::singleShot(0, dialog(), [&] {
            asked_again = field()->text();
            dialog()->reject();
        });
        static_cast<QDialog*>(dialog())->accept();
    });
    const QString path = askWhereTo(nullptr, "Save", folder.filePath("suggested.svg"));
    QCOMPARE(path, saved.isEmpty() ? QString() : folder.filePath(saved));
    QCOMPARE(asked_again, saved.isEmpty() ? QStringLiteral("Bram.dxf.svg") : QString());
}

void TestMainWindow::theHandbookOpensAtItsPage()
{
    test::WindowFixture f(test::WindowFixture::firstJob(), 1.0, false);
    f.window->openHandbook(); // it is not installed: nothing happens
    QVERIFY(!f.window->findChild<QDialog*>("handbook"));
    f.window->setHandbook(QStringLiteral(INK_TEST_DATA "/../../docs/handbook"));
    const auto page = [&] {
        auto* book = f.window->findChild<HandbookWindow*>("handbook");
        return book && book->isVisible() ? book->page() : QString();
    };
    for (const auto& [station, process, wanted] :
         {std::tuple(MainWindow::Find, Process::KnifeVinyl, "find.md"),
          {MainWindow::Shelf, Process::KnifeVinyl, "shelf.md"},
          {MainWindow::Compose, Process::KnifeVinyl, "compose.md"},
          {MainWindow::Proof, Process::KnifeVinyl, "proof.md"},
          {MainWindow::HandOff, Process::KnifeVinyl, "hand-off.md"},
          {MainWindow::HandOff, Process::Satin, "embroidery.md"}}) {
        f.window->jobModel().setProcess(process);
        f.window->openStation(station);
        QTest::keyClick(f.window.get(), Qt::Key_F1);
        QCOMPARE(page(), QString::fromLatin1(wanted));
    }
    auto* text = f.find<QTextBrowser>("handbookText");
    QVERIFY(text->toPlainText().contains(QStringLiteral("Embroidery")));
    QTest::keyClick(f.find<QPushButton>("handbookKeys"), Qt::Key_Space);
    QCOMPARE(page(), QStringLiteral("keys.md"));
    QVERIFY(f.find<QPushButton>("handbookBack")->isEnabled());
    QTest::keyClick(f.find<QPushButton>("handbookBack"), Qt::Key_Space);
    QCOMPARE(page(), QStringLiteral("embroidery.md"));
    QVERIFY(!f.window->findChild<HandbookWindow*>("handbook")->grab().isNull());
}

void TestMainWindow::theHandbookSpeaksTheLanguageOfTheWindow()
{
    const QString folder = QStringLiteral(INK_TEST_DATA "/../../docs/handbook");
    QCOMPARE(handbookIn(folder, QLocale(QStringLiteral("en_GB"))), folder);
    QCOMPARE(handbookIn(folder, QLocale(QStringLiteral("tr_TR"))), folder); // not spoken: English
    for (const auto& [locale, heading] : {std::pair("de_AT", "Stickerei"), {"fr_CA", "Broderie"}}) {
        const Theme theme(Theme::Tone::Light);
        HandbookWindow book(handbookIn(folder, QLocale(QString::fromLatin1(locale))), theme);
        book.openPage(QStringLiteral("embroidery.md"));
        auto* text = book.findChild<QTextBrowser*>();
        QVERIFY(text->toPlainText().startsWith(QLatin1String(heading)));
        const QUrl picture(QStringLiteral("../../screenshots/handoff-stitches.png"));
        QVERIFY(!text->loadResource(QTextDocument::ImageResource, text->source().resolved(picture))
                     .value<QImage>()
                     .isNull());
    }
}

void TestMainWindow::letterSpacingWeldsLive()
{
    test::WindowFixture f;
    f.window->openStation(MainWindow::Compose);
    f.rest();
    f.window->composePage().sentence().openLeafWith(f.find<QSlider>("letterSpacing"));
    auto* slider = f.find<QSlider>("letterSpacing");
    auto* reset = f.find<QPushButton>("letterSpacingReset");
    const auto pieces = [&f] { return f.window->design().design()->figures_mm.pieces; };
    const auto before = pieces();
    QVERIFY(!reset->isEnabled());

    // Dragged in many small steps, as a hand does: the newest wins, and all of it undoes at once.
    const int undo_before = f.window->jobModel().undoStack().count();
    for (int step = 0; step <= 150; step += 5)
        slider->setValue(step);
    f.rest();
    QVERIFY(f.window->design().isUpToDate());
    QVERIFY(pieces() > before); // letters of the script have come apart
    QCOMPARE(f.window->jobModel().undoStack().count(), undo_before + 1);
    QVERIFY(f.find<QLabel>("letterSpacingValue")->text().startsWith(QLatin1Char('+')));
    QVERIFY(reset->isEnabled());
    QCOMPARE(f.window->jobModel().job().tracking_em, 0.15);
    f.window->jobModel().undoStack().undo();
    f.rest();
    QCOMPARE(pieces(), before);
    QCOMPARE(slider->value(), 0);

    // By keyboard, and back to what the font says.
    slider->setFocus();
    QTest::keyClick(slider, Qt::Key_Left);
    f.rest();
    QCOMPARE(f.window->jobModel().job().tracking_em, -0.005);
    QVERIFY(f.find<QLabel>("letterSpacingValue")->text().contains(QStringLiteral("mm")));
    QTest::mouseClick(reset, Qt::LeftButton);
    f.rest();
    QCOMPARE(f.window->jobModel().job().tracking_em, 0.0);
}

void TestMainWindow::nodesAndCrossingsAreShownOnRequest()
{
    test::WindowFixture f;
    f.window->openStation(MainWindow::Compose);
    f.rest();
    auto* figures = f.find<QLabel>("nodeFigures");
    f.window->composePage().sentence().openLeafWith(figures);
    QVERIFY(!figures->isVisible());
    const QImage without = view(f).grab().toImage();
    auto* box = f.find<QAbstractButton>("showNodes");
    box->setFocus();
    QTest::keyClick(box, Qt::Key_Space);
    QVERIFY(figures->isVisible());
    QVERIFY(view(f).grab().toImage() != without);
    const auto counts = view(f).nodeCounts();
    const auto& design = *f.window->design().design();
    QCOMPARE(counts.corners + counts.smooth + counts.crossings, qulonglong(design.figures_mm.nodes));
    QCOMPARE(counts.crossings, qulonglong(design.crossings_mm.size()));
    QVERIFY(figures->text().contains(QString::number(counts.crossings)));
    typeWords(f, QStringLiteral("Bram")); // the figures follow
    QVERIFY(view(f).nodeCounts().smooth < counts.smooth);
    QVERIFY(figures->text().contains(QString::number(view(f).nodeCounts().smooth)));
}

INK_TEST_GUI_MAIN(TestMainWindow)
#include "test_main_window.moc"
