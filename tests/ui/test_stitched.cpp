// Whole sittings with letters that come as stitches: taken in, looked through, typed, brought to a size, sewn, put right on the shelf.
#include "core/alphabet/alphabet_font.h"
#include "core/base/file_output.h"
#include "tests/support/gui.h"

#include "ui/alphabet/letters_page.h"
#include "ui/find/glyph_grid.h"
#include "ui/handoff/handoff_page.h"
#include "ui/needle/needle_page.h"
#include "ui/proof/proof_page.h"
#include "ui/shelf/shelf_page.h"

#include <QDoubleSpinBox>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QPushButton>
#include <QTest>
#include <QTreeWidget>

using namespace ink;
using namespace ink::ui;

namespace {

Job sewn(const char* words = "Honey")
{
    Job job;
    job.words = words;
    job.process = Process::Satin;
    job.size = {SizeBy::CapHeight, 25.0, {}, 0.0};
    return job;
}

struct Sitting : test::WindowFixture
{
    explicit Sitting(Job job = sewn(), double text_scale = 1.0)
        : WindowFixture(std::move(job), text_scale, false)
    {
    }

    void dropLetters()
    {
        drop(QString::fromStdString(
            (test::demoFontFolder() / ".." / "catalogue" / "packages" / "fennel-row-stitched.zip").string()));
    }
    void press(const char* name)
    {
        auto* button = find<QAbstractButton>(name);
        if (!button->isVisible() || !button->isEnabled())
            qFatal("%s cannot be pressed", name);
        button->setFocus();
        QTest::keyClick(button, Qt::Key_Space);
        rest();
    }
    /// Types what the letter is, as somebody does with the keyboard.
    void say(const char* letter)
    {
        auto* field = page().findChild<QLineEdit*>("lettersIs");
        field->setFocus();
        field->selectAll();
        QTest::keyClicks(field, letter);
        QTest::keyClick(field, Qt::Key_Return);
        rest();
    }
    LettersPage& page()
    {
        for (auto* page : window->findChildren<LettersPage*>())
            if (page->isVisible())
                return *page;
        qFatal("no letters are looked at");
    }
    QString state() { return page().findChild<QLabel*>("lettersState")->text(); }
    QStringList inTree(const QString& heading, int column)
    {
        const auto* tree = find<QTreeWidget>("intakeTree");
        QStringList texts;
        for (int g = 0; g < tree->topLevelItemCount(); ++g)
            if (tree->topLevelItem(g)->text(0).startsWith(heading))
                for (int i = 0; i < tree->topLevelItem(g)->childCount(); ++i)
                    texts << tree->topLevelItem(g)->child(i)->text(column);
        return texts;
    }
    /// From the package to the words set in it, the letter that is unsure put right.
    void takeIn()
    {
        dropLetters();
        press("intakeLetters");
        say("y");
        press("lettersKeep");
        press("intakeTake");
        press("intakeTake"); // "Set the words in …"
        rest();
    }
    NeedlePage& needle() { return window->handOffPage().needle(); }
    const SewnName& name() { return *needle().model().sewn(); }
};

} // namespace

class TestStitched : public QObject
{
    Q_OBJECT
private slots:
    void lettersAreLookedThroughAndTypedAndSewn()
    {
        Sitting s;
        s.dropLetters();
        QCOMPARE(s.inTree("Fonts", 0).size(), qsizetype(1));
        QVERIFY2(s.inTree("Fonts", 0).first().startsWith("Fennel Row stitched 25 mm"),
                 qPrintable(s.inTree("Fonts", 0).first()));
        QCOMPARE(s.inTree("Fonts", 1).first(), QStringLiteral("May sell"));
        QVERIFY(s.inTree("Fonts", 2).first().contains("1 not told surely"));
        QCOMPARE(s.inTree("Stitch files", 0).size(), qsizetype(68));
        s.press("intakeLetters");
        QVERIFY2(s.state().startsWith("1 letter to look at"), qPrintable(s.state()));
        QVERIFY(s.state().contains("Missing: Q"));
        QVERIFY(s.page().findChild<QLabel*>("lettersTold")->text().contains(QStringLiteral("v or y.dst")));
        QVERIFY(!s.page().grab().isNull());
        QVERIFY(!s.page().findChild<QPushButton*>("lettersKeep")->isEnabled());
        s.say("y");
        QVERIFY2(s.state().startsWith("Every letter is told."), qPrintable(s.state()));
        s.press("lettersTakeBack");
        QVERIFY(s.state().startsWith("1 letter"));
        s.say("y");
        s.press("lettersKeep");
        QVERIFY2(s.inTree("Fonts", 2).first().startsWith("Stitched letters: 68. It lacks Q."),
                 qPrintable(s.inTree("Fonts", 2).first()));
        s.press("intakeTake");
        QVERIFY(s.find<QLabel>("intakeState")->text().startsWith("Taken in: 1 font"));
        s.press("intakeTake");
        QVERIFY(s.window->jobModel().job().font.path.find("shelf") != std::string::npos);
        // Typed in Compose: all of its letters are there.
        s.window->openStation(MainWindow::Compose);
        s.rest();
        QVERIFY(s.window->design().composed() && s.window->design().composed()->design.missing.empty());
        QCOMPARE(s.window->design().composed()->design.sewn_letters.size(), std::size_t{5});
        // Sewn as they came, and saved.
        s.window->openStation(MainWindow::HandOff);
        s.rest();
        QVERIFY2(!s.name().error, s.name().error ? s.name().error->message().c_str() : "");
        QVERIFY(s.name().plan.columns.empty() && s.name().figures.stitches > 500);
        QVERIFY(s.name().figures.outside < 0.01);
        s.save_path = QString::fromStdString((s.folder.path() / "honey.dst").string());
        s.press("sewdst");
        const auto bytes = ink::readFile(s.save_path.toStdString(), 10'000'000);
        QVERIFY(bytes);
        const auto read = readStitches(*bytes, StitchFormat::Dst);
        QVERIFY(read && !read->is_cut_short);
        QVERIFY(std::abs(boxOf(read->work).width() - s.name().figures.box_mm.width()) < 0.2);
    }

    void aLetterThatIsNotTakenForSureIsMissing()
    {
        Sitting s;
        s.dropLetters();
        s.press("intakeTake");
        s.press("intakeTake");
        s.window->openStation(MainWindow::Compose);
        s.rest();
        QCOMPARE(s.window->design().composed()->design.missing, std::u32string(U"y"));
    }

    /// From outlines to letters that are looked through, taken in and typed.
    void anyFontBecomesStitchedLetters()
    {
        Sitting s;
        s.drop(QString::fromStdString(
            (test::demoFontFolder() / ".." / "catalogue" / "packages" / "hobnail-donate.zip").string()));
        s.press("intakeTake");
        s.window->openStation(MainWindow::Shelf);
        s.rest();
        auto* shelf = s.find<QListView>("shelfList");
        QCOMPARE(shelf->model()->rowCount(), 2);
        shelf->setCurrentIndex(shelf->model()->index(0, 0));
        s.rest();
        s.letters_mm = 20.0;
        s.save_path = QString::fromStdString((s.state_folder / "plain.zip").string());
        s.press("shelfStitches");
        QCOMPARE(s.suggested_path, QStringLiteral("Hobnail Hand Bold stitched 20 mm.zip"));
        // The package is opened where all are, and its letters are looked through.
        QCOMPARE(s.inTree("Fonts", 2).size(), 1);
        QVERIFY2(s.inTree("Fonts", 2).first().startsWith("Stitched letters: 69."),
                 qPrintable(s.inTree("Fonts", 2).first()));
        // What came with the font lies beside the letters, and speaks of them.
        QCOMPARE(s.inTree("Documents", 0).size(), 2);
        QCOMPARE(s.inTree("Fonts", 1), QStringList(QStringLiteral("May sell")));
        s.press("intakeLetters");
        QVERIFY2(!s.state().contains("to look at"), qPrintable(s.state()));
        s.press("lettersBack");
        s.press("intakeTake");
        s.press("intakeTake"); // "Set the words in …"
        s.rest();
        s.window->jobModel().setWords(QStringLiteral("Honey"));
        s.window->jobModel().setSize({SizeBy::CapHeight, 20.0, {}, 0.0});
        s.window->openStation(MainWindow::HandOff);
        s.rest();
        QVERIFY(!s.name().error);
    }

    void aSizeItCannotBeMovedToIsFoundAndMended()
    {
        Sitting s;
        s.takeIn();
        s.window->jobModel().setSize({SizeBy::CapHeight, 40.0, {}, 0.0});
        s.window->openStation(MainWindow::Proof);
        s.rest();
        const auto& findings = s.window->proof().findings();
        // What stitches tell is told as soon as they are asked for, and still there when something else changed.
        s.window->jobModel().setProcess(Process::KnifeVinyl);
        s.rest();
        QVERIFY(std::ranges::find(findings, FindingKind::StitchedSize, &ProofFinding::kind) ==
                findings.end());
        s.window->jobModel().setProcess(Process::Satin);
        s.rest();
        s.window->jobModel().setPurpose(Purpose::Gift);
        s.rest();
        s.window->jobModel().setPurpose(Purpose::Sale);
        s.rest();
        s.window->proof().showRight(Verdict::AskFirst);
        s.rest();
        QVERIFY(std::ranges::find(findings, FindingKind::Rights, &ProofFinding::kind) != findings.end());
        s.window->proof().showRight(Verdict::MaySell);
        s.rest();
        const auto found = std::ranges::find(findings, FindingKind::StitchedSize, &ProofFinding::kind);
        QVERIFY(found != findings.end());
        QVERIFY(std::abs(found->wanted - 30.0) < 0.1 && found->measured > 36.0 && found->measured < 40.5);
        QVERIFY(
            std::ranges::none_of(findings, [](const auto& f) { return f.kind == FindingKind::ThinStroke; }));
        s.window->openStation(MainWindow::HandOff);
        s.rest();
        QVERIFY(s.name().error && s.name().error->code == ErrorCode::AlphabetSize);
        QVERIFY(s.needle().cloth().message().contains(QStringLiteral("30 mm is the nearest")));
        s.window->openStation(MainWindow::Proof);
        s.rest();
        auto* offer = [&]() -> QAbstractButton* {
            for (auto* button : s.window->proofPage().findChildren<QAbstractButton*>())
                if (button->isVisible() && button->text().startsWith(QStringLiteral("Bring it to 30")))
                    return button;
            return nullptr;
        }();
        QVERIFY(offer);
        QTest::mouseClick(offer, Qt::LeftButton);
        s.rest();
        QVERIFY(std::ranges::none_of(s.window->proof().findings(),
                                     [](const auto& f) { return f.kind == FindingKind::StitchedSize; }));
        QVERIFY(s.window->jobModel().job().size.value_mm < 33.0);
        s.window->openStation(MainWindow::HandOff);
        s.rest();
        QVERIFY(!s.name().error);
    }

    void onTheShelfItIsInstalledNowhereAndPutRight()
    {
        Sitting s;
        s.takeIn();
        s.window->openStation(MainWindow::Shelf);
        s.rest();
        auto* list = s.find<QListView>("shelfList");
        QCOMPARE(list->model()->rowCount(), 1);
        list->setCurrentIndex(list->model()->index(0, 0));
        s.rest();
        QVERIFY(!s.find<QPushButton>("shelfInstall")->isVisible());
        QVERIFY2(s.find<QLabel>("shelfState")->text().contains(QStringLiteral("capitals of 25")),
                 qPrintable(s.find<QLabel>("shelfState")->text()));
        // Asked for all the same, from elsewhere, it is refused with the reason.
        const auto id = s.window->shelf().contents()->fonts().front()->id;
        const std::string before_sha256 = s.window->shelf().contents()->fonts().front()->sha256;
        s.window->shelf().move({id}, {ShelfState::Installed, {}, {}});
        s.rest();
        QVERIFY(s.find<QLabel>("messageText")->text().contains(QStringLiteral("not installed")));
        s.find<QLineEdit>("shelfNewSet")->setFocus();
        QTest::keyClicks(s.find<QLineEdit>("shelfNewSet"), "Towels");
        QTest::keyClick(s.find<QLineEdit>("shelfNewSet"), Qt::Key_Return);
        s.rest();
        s.press("shelfLetters");
        // More room before the H: typed words are wider by it.
        auto* grid = s.page().findChild<GlyphGrid*>("keptLettersGrid");
        std::size_t h = 0;
        while (s.page().letters().letters[h].letter != "H")
            ++h;
        grid->choose(std::uint32_t(h + 1));
        const double before_mm = s.page().letters().letters[h].after_mm;
        s.page().findChild<QDoubleSpinBox*>("keptLettersAfter")->setValue(before_mm + 5.0);
        QVERIFY(s.page().isChanged());
        s.press("keptLettersKeep");
        QVERIFY2(
            s.find<QLabel>("messageText")->text().startsWith(QStringLiteral("The letters are put right.")),
            qPrintable(s.find<QLabel>("messageText")->text()));
        const auto& fonts = s.window->shelf().contents()->fonts();
        QCOMPARE(fonts.size(), std::size_t{2});
        int aside = 0;
        for (const auto& font : fonts) {
            aside += font->state == ShelfState::SetAside;
            QCOMPARE(font->sets, std::vector<std::string>{"Towels"});
            QCOMPARE(font->documents.size(), std::size_t{1});
            if (font->state != ShelfState::OnShelf)
                continue;
            const auto face = FontFace::open(shelfFile(s.state_folder / "shelf", font->sha256));
            QVERIFY(face);
            QVERIFY(std::abs((*alphabetIn(**face))->find("H")->after_mm - before_mm - 5.0) < 0.06);
        }
        QCOMPARE(aside, 1);
        // Taken back and done again, like every other change of the shelf.
        const auto onShelf = [&] {
            std::vector<std::string> out;
            for (const auto& font : s.window->shelf().contents()->fonts())
                if (font->state == ShelfState::OnShelf)
                    out.push_back(font->sha256);
            return out;
        };
        const auto put_right = onShelf();
        list->setFocus();
        QTest::keyClick(list, Qt::Key_Z, Qt::ControlModifier);
        s.rest();
        QCOMPARE(onShelf(), std::vector<std::string>{before_sha256});
        QTest::keyClick(list, Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
        s.rest();
        QCOMPARE(onShelf(), put_right);
        QCOMPARE(s.window->shelf().contents()->fonts().size(), std::size_t{2});
    }

    void atTwiceTheTextEverythingIsThere()
    {
        Sitting s(sewn(), 2.0);
        s.window->resize(kLeastWidth, kLeastHeight);
        s.dropLetters();
        s.press("intakeLetters");
        for (const char* name : {"lettersIs", "lettersFoot", "lettersKeep", "lettersSay"}) {
            auto* part = s.page().findChild<QWidget*>(name);
            QVERIFY2(part->isVisible() && part->width() > 20 && part->height() > 10, name);
            QVERIFY2(!part->accessibleName().isEmpty() || qobject_cast<QAbstractButton*>(part), name);
        }
        QVERIFY(s.window->width() <= kLeastWidth + 1);
    }
};

INK_TEST_GUI_MAIN(TestStitched)
#include "test_stitched.moc"
