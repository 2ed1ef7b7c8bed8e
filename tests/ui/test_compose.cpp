// Whole sittings at the Compose station, by keyboard and by mouse.
#include "tests/support/sitting.h"
#include "ui/compose/dressing_strip.h"
#include "ui/compose/pair_callout.h"
#include "ui/compose/svg_outlines.h"
#include "ui/job_menu.h"

#include <QAccessible>
#include <QCheckBox>
#include <QClipboard>
#include <QDialog>
#include <QDialogButtonBox>
#include <QDoubleSpinBox>
#include <QFile>
#include <QInputMethodEvent>
#include <QLabel>
#include <QLayout>
#include <QListWidget>
#include <QMimeData>
#include <QPushButton>
#include <QSlider>

using namespace ink;
using namespace ink::ui;
using test::larkmallow;
using test::Sitting;

class TestCompose : public QObject
{
    Q_OBJECT
private slots:
    void aSittingByKeyboardAlone();
    void aSittingByMouse();
    void typingKeepsWhatWasChosen();
    void caretAndSelectionGoAsInAnyEditor();
    void inputMethodsComposeOnThePaper();
    void accentsAndEmojiAreOneStep();
    void rightToLeftLinesGoWhereArrowsPoint();
    void aScreenReaderReadsThePaper();
    void thePairAtTheCaretIsJoinedWhereItStands();
    void whatALeafDidIsTakenBackByEscape();
    void theSentenceGrowsByWhatDiffers();
    void theClipboardHoldsWords();
    void triesAreWornTakenOffAndLeft();
    void dressingsAreChoicesThatUndoAsOne();
    void lettersInAnotherFont();
    void aCorrectionIsKeptWithTheFont();
    void motifsOfAFontAreTakenInAtOneStroke();
    void outlinesOfAnSvgBecomeAMotif();
    void aJobIsAFileWithVersionsAndTemplates();
    void aJobOpensWithoutItsFont();
    void badJobFilesAreToldAndChangeNothing();
    void theSvgOnTheClipboardIsTheDesign();
    void whatWasDoneIsThereAfterAStart();
    void everythingHasANameAndSurvivesLargeText();
    void emptyWordsSayWhatToDo();
    void askingForAnotherMeasureKeepsTheSize();
    void piecesAreTriedKeptAndTakenOff();
    void motifsAreSortedTypedIntoTheLineAndUndone();
};

void TestCompose::aSittingByKeyboardAlone()
{
    Sitting s;
    QVERIFY(s.view().hasFocus());
    s.key(Qt::Key_End);
    QTest::keyClicks(&s.view(), " Jar");
    s.rest();
    QCOMPARE(s.job().words, std::string("Fennmoor Honey Jar"));
    for (int i = 0; i < 4; ++i)
        s.key(Qt::Key_Backspace);
    s.rest();
    QCOMPARE(s.job().words, std::string("Fennmoor Honey"));
    // Down to the strip, two forms further, kept.
    s.key(Qt::Key_Down);
    QVERIFY(s.strip().hasFocus());
    s.key(Qt::Key_Right);
    s.rest();
    const auto first = s.job().lettering.letter(13).worn;
    QVERIFY(first);
    s.key(Qt::Key_Right);
    s.rest();
    QVERIFY(s.job().lettering.letter(13).worn->glyph_id != first->glyph_id);
    s.key(Qt::Key_Return);
    QVERIFY(s.view().hasFocus());
    QVERIFY(s.said().contains(QStringLiteral("wear 1 other form")));
    // Plain beside dressed.
    s.pressPhrase("worn");
    QVERIFY(s.find<QWidget>("plainWords")->isVisible());
    s.key(Qt::Key_Escape);
    QVERIFY(s.page().sentence().sentence().phrase(QStringLiteral("worn"))->hasFocus());
    // Close-up by its box and slider, shape by its tile: each under the words that say it.
    s.pressPhrase("close-up");
    auto* closes = s.find<QCheckBox>("closeUp");
    QVERIFY(closes->hasFocus());
    s.key(Qt::Key_Space);
    s.rest();
    QCOMPARE(s.job().lettering.close_up.depth_mm, std::optional(0.3));
    auto* depth = s.find<QSlider>("closeUpDepth");
    depth->setFocus();
    s.key(Qt::Key_Right);
    s.rest();
    QVERIFY(std::abs(*s.job().lettering.close_up.depth_mm - 0.35) < 1e-9);
    for (const auto& pair : s.setting().pairs)
        QVERIFY(pair.state == ClosePair::State::Joins || pair.state == ClosePair::State::LeftAsDrawn);
    s.find<QPushButton>("shape_arch")->setFocus();
    s.key(Qt::Key_Space);
    s.rest();
    QCOMPARE(s.job().lettering.block(0).shape.kind, ShapeKind::Arch);
    QVERIFY(s.page().composed()->design.figures_mm.box.height() > 60.0);
    s.save_path = s.file("cut.svg");
    QTest::keyClick(s.window.get(), Qt::Key_S, Qt::ControlModifier);
    s.rest();
    QVERIFY(QFile::exists(s.save_path));
    // Every step back.
    while (s.window->jobModel().undoStack().canUndo())
        QTest::keyClick(s.window.get(), Qt::Key_Z, Qt::ControlModifier);
    s.rest();
    QCOMPARE(s.job(), larkmallow());
}

void TestCompose::aSittingByMouse()
{
    Sitting s;
    // On a letter, the caret stands behind it.
    QTest::mouseClick(&s.view(), Qt::LeftButton, {}, s.view().placeOf(9).toPoint());
    QCOMPARE(s.view().caret(), std::size_t(10));
    QCOMPARE(s.find<QLabel>("letterTitle")->text(), QStringLiteral("This letter: H"));
    s.rest();
    // Dragged, it moves by what the hand moved, and nothing else does.
    const double em = s.page().composed()->design.em_mm;
    const QPointF from = s.view().placeOf(9).toPoint();
    const auto before = s.setting().letterAt(12)->pen_x;
    s.press(from, from + QPointF(0, -30));
    const auto& moved = s.job().lettering.letter(9);
    QVERIFY(moved.dy_em * em > 5.0);
    QVERIFY(std::abs(moved.dx_em) < 1e-9);
    QCOMPARE(s.setting().letterAt(12)->pen_x, before);
    QCOMPARE(s.view().dragNote(), QString());
    s.window->jobModel().undoStack().undo();
    s.rest();
    QCOMPARE(s.job(), larkmallow()); // one drag, one step
    // A form is worn by a click and taken off by a second.
    QTest::mouseClick(&s.view(), Qt::LeftButton, {}, s.view().placeOf(13).toPoint());
    s.rest();
    QVERIFY(s.strip().tries().size() >= 5);
    const QPoint second(s.strip().viewport()->width() / 3, s.strip().viewport()->height() / 2);
    QTest::mouseClick(s.strip().viewport(), Qt::LeftButton, {}, second);
    s.rest();
    QVERIFY(s.job().lettering.letter(13).worn);
    QTest::mouseClick(s.strip().viewport(), Qt::LeftButton, {}, second);
    s.rest();
    QVERIFY(!s.job().lettering.letter(13).worn);
    QTest::mouseDClick(&s.view(), Qt::LeftButton, {}, s.view().placeOf(2).toPoint());
    QCOMPARE(s.view().selection(), std::pair(std::size_t(0), std::size_t(8)));
}

void TestCompose::typingKeepsWhatWasChosen()
{
    Sitting s;
    s.view().setCaret(14);
    s.view().nudge(0.0, 2.0);
    s.rest();
    s.view().setCaret(0);
    QTest::keyClicks(&s.view(), "The ");
    s.rest();
    QCOMPARE(s.job().lettering.letters.size(), std::size_t(1));
    QVERIFY(s.job().lettering.letter(17).dy_em > 0.0);
    // Also when the words change in the band.
    s.window->jobModel().setWords(QStringLiteral("Fennmoor Honey"));
    s.rest();
    QVERIFY(s.job().lettering.letter(13).dy_em > 0.0);
}

void TestCompose::caretAndSelectionGoAsInAnyEditor()
{
    Sitting s(larkmallow("Late Summer\nBatch"));
    s.view().setCaret(0);
    s.key(Qt::Key_Right, Qt::ControlModifier);
    QCOMPARE(s.view().caret(), std::size_t(4));
    s.key(Qt::Key_End);
    QCOMPARE(s.view().caret(), std::size_t(11));
    s.key(Qt::Key_Down);
    QVERIFY(s.view().caret() > 11);
    s.key(Qt::Key_Home);
    QCOMPARE(s.view().caret(), std::size_t(12));
    s.key(Qt::Key_Up);
    QVERIFY(s.view().caret() < 3);
    s.key(Qt::Key_End, Qt::ControlModifier | Qt::ShiftModifier);
    QCOMPARE(s.view().selection().second, std::size_t(17));
    s.key(Qt::Key_Left);
    QVERIFY(!s.view().hasSelection());
    s.key(Qt::Key_A, Qt::ControlModifier);
    QCOMPARE(s.view().letters().size(), std::size_t(16));
    s.key(Qt::Key_Delete);
    s.rest();
    QCOMPARE(s.job().words, std::string());
    QTest::keyClick(s.window.get(), Qt::Key_Z, Qt::ControlModifier);
    s.rest();
    QCOMPARE(s.job().words, std::string("Late Summer\nBatch"));
    s.view().setCaret(4);
    s.key(Qt::Key_Return);
    s.rest();
    QCOMPARE(s.job().words, std::string("Late\n Summer\nBatch"));
    QCOMPARE(s.setting().lines.size(), std::size_t(3));
}

void TestCompose::inputMethodsComposeOnThePaper()
{
    Sitting s(larkmallow("Caf"));
    QVERIFY(s.view().testAttribute(Qt::WA_InputMethodEnabled));
    const auto ask = [&](Qt::InputMethodQuery what) {
        QInputMethodQueryEvent query(what);
        QApplication::sendEvent(&s.view(), &query);
        return query.value(what);
    };
    QVERIFY(ask(Qt::ImEnabled).toBool());
    QCOMPARE(ask(Qt::ImSurroundingText).toString(), QStringLiteral("Caf"));
    QCOMPARE(ask(Qt::ImCursorPosition).toInt(), 3);
    QVERIFY(s.view().rect().contains(ask(Qt::ImCursorRectangle).toRectF().toAlignedRect()));
    // A dead key: the accent waits at the caret, and is no part of the words yet.
    QInputMethodEvent waiting(QStringLiteral("´"), {});
    QApplication::sendEvent(&s.view(), &waiting);
    QCOMPARE(s.job().words, std::string("Caf"));
    QInputMethodEvent settled;
    settled.setCommitString(QStringLiteral("é"));
    QApplication::sendEvent(&s.view(), &settled);
    s.rest();
    QCOMPARE(s.job().words, std::string("Caf\xC3\xA9"));
    QCOMPARE(s.view().caret(), std::size_t(4));
    // An input method puts another word in the place of what stands before the caret.
    QInputMethodEvent replaced;
    replaced.setCommitString(QStringLiteral("fee"), -2, 2);
    QApplication::sendEvent(&s.view(), &replaced);
    s.rest();
    QCOMPARE(s.job().words, std::string("Cafee"));
    // Composing is one undo like any typing.
    s.window->jobModel().undoStack().undo();
    QVERIFY(s.job().words != "Cafee");
    s.rest();
}

void TestCompose::accentsAndEmojiAreOneStep()
{
    // e with two accents, and a family of three: three letters to whoever looks at them.
    Sitting s(larkmallow("ae\xCC\x82\xCC\x81\xF0\x9F\x91\xA9\xE2\x80\x8D\xF0\x9F\x91\xA7"
                         "b"));
    s.view().setCaret(0);
    std::vector<std::size_t> stops;
    for (int i = 0; i < 4; ++i) {
        s.key(Qt::Key_Right);
        stops.push_back(s.view().caret());
    }
    QCOMPARE(stops, (std::vector<std::size_t>{1, 4, 7, 8}));
    s.key(Qt::Key_Left);
    s.key(Qt::Key_Left);
    QCOMPARE(s.view().caret(), std::size_t(4));
    s.key(Qt::Key_Delete); // the whole family
    s.rest();
    QCOMPARE(s.job().words, std::string("ae\xCC\x82\xCC\x81"
                                        "b"));
}

void TestCompose::rightToLeftLinesGoWhereArrowsPoint()
{
    Job job = larkmallow("");
    job.font.path = "/usr/share/fonts/opentype/fonts-hosny-amiri/Amiri-Regular.ttf";
    QVERIFY(QFile::exists(QString::fromStdString(job.font.path)));
    Sitting s(job);
    for (const char* word : {"محمد", "Honey"}) {
        s.key(Qt::Key_A, Qt::ControlModifier);
        s.key(Qt::Key_Backspace);
        QInputMethodEvent typed;
        typed.setCommitString(QString::fromUtf8(word));
        QApplication::sendEvent(&s.view(), &typed);
        s.rest();
        const bool is_arabic = QString::fromUtf8(word).isRightToLeft();
        QVERIFY(s.page().composed());
        const std::size_t end = s.view().caret();
        s.key(is_arabic ? Qt::Key_Right : Qt::Key_Left); // back over the last letter
        QCOMPARE(s.view().caret(), end - 1);
        const double before = s.view().caretRect(end).center().x(),
                     after = s.view().caretRect(end - 1).center().x();
        QVERIFY(is_arabic ? after > before : after < before);
        s.key(is_arabic ? Qt::Key_Left : Qt::Key_Right);
        QCOMPARE(s.view().caret(), end);
        s.key(is_arabic ? Qt::Key_Right : Qt::Key_Left, Qt::ControlModifier); // a word at a time
        QCOMPARE(s.view().caret(), std::size_t(0));
    }
}

void TestCompose::aScreenReaderReadsThePaper()
{
    Sitting s(larkmallow("Honey\nJar"));
    auto* paper = QAccessible::queryAccessibleInterface(&s.view());
    QVERIFY(paper);
    QCOMPARE(paper->role(), QAccessible::EditableText);
    QVERIFY(paper->text(QAccessible::Name).contains(QStringLiteral("words")));
    QCOMPARE(paper->text(QAccessible::Value), QStringLiteral("Honey\nJar"));
    auto* text = paper->textInterface();
    QVERIFY(text);
    QCOMPARE(text->characterCount(), 9);
    QCOMPARE(text->text(0, 5), QStringLiteral("Honey"));
    text->setCursorPosition(2);
    QCOMPARE(s.view().caret(), std::size_t(2));
    text->setSelection(0, 1, 4);
    int from = 0, to = 0;
    text->selection(0, &from, &to);
    QCOMPARE(std::pair(from, to), std::pair(1, 4));
    QVERIFY(text->characterRect(3).left() > text->characterRect(1).left());
    QCOMPARE(text->offsetAtPoint(text->characterRect(3).center()), 3);
}

void TestCompose::thePairAtTheCaretIsJoinedWhereItStands()
{
    Sitting s;
    s.find<QCheckBox>("closeUp")->click();
    s.rest();
    s.view().setCaret(14);
    s.rest();
    QVERIFY(!s.page().pairCallout().isVisible());
    s.view().setCaret(1); // between F and e, which the close-up leaves as drawn
    s.rest();
    auto& callout = s.page().pairCallout();
    QVERIFY(callout.isVisible());
    QVERIFY(callout.findChild<QLabel*>()->text().startsWith(QStringLiteral("F and e")));
    const auto pieces = s.page().composed()->design.figures_mm.pieces;
    const Job before = s.job();
    auto* join = s.find<QPushButton>("joinPair");
    join->setFocus();
    QTest::keyClick(join, Qt::Key_Space);
    s.rest();
    QVERIFY(!callout.isVisible());
    QCOMPARE(s.page().composed()->design.figures_mm.pieces, pieces - 1);
    // As deep as the others overlap.
    const auto& pair = s.setting().pairs.front();
    QVERIFY(pair.state == ClosePair::State::Joins);
    QVERIFY(std::abs(-pair.gap * s.page().composed()->mm_per_u - 0.3) < 0.02);
    s.window->jobModel().undoStack().undo(); // one action, one step
    QCOMPARE(s.job(), before);
    s.rest();
    QVERIFY(callout.isVisible());
}

void TestCompose::whatALeafDidIsTakenBackByEscape()
{
    Sitting s;
    const Job before = s.job();
    s.pressPhrase("shape");
    QVERIFY(s.page().sentence().leaf().isVisible());
    s.click("shape_arch");
    QVERIFY(s.said().contains(QStringLiteral("on an arch of")));
    s.find<QDoubleSpinBox>("shapeAmount")->setValue(150.0);
    s.rest();
    QVERIFY(s.said().contains(QString::fromUtf8("150°")));
    s.key(Qt::Key_Escape);
    s.rest();
    QCOMPARE(s.job(), before);
    QVERIFY(!s.page().sentence().leaf().isVisible());
    QVERIFY(s.page().sentence().sentence().phrase(QStringLiteral("shape"))->hasFocus());
    // Closed by a press beside it, what was done stays.
    s.pressPhrase("shape");
    s.click("shape_arch");
    QTest::mouseClick(&s.view(), Qt::LeftButton, {}, QPoint(40, s.view().height() - 20));
    s.rest();
    QVERIFY(!s.page().sentence().leaf().isVisible());
    QVERIFY(s.job().lettering.block(0).shape.kind == ShapeKind::Arch);
}

void TestCompose::theSentenceGrowsByWhatDiffers()
{
    Sitting s;
    const auto& sentence = s.page().sentence().sentence();
    QCOMPARE(
        s.said().section(QLatin1Char('.'), 0, 0),
        QStringLiteral(
            "These words stand as the font spaces them, run straight in one line, and wear nothing more"));
    for (const char* key : {"spacing", "tail", "guides", "material"})
        QVERIFY2(!sentence.phrase(QLatin1String(key)), key);
    s.window->jobModel().setTracking(0.05);
    s.window->jobModel().setMirrored(true);
    s.view().addGuide(true);
    s.window->jobModel().setWords(QStringLiteral("Fennmoor\nHoney"));
    s.rest();
    QVERIFY(s.said().contains(QStringLiteral("2 lines, left edges in line")));
    QVERIFY(s.said().contains(QStringLiteral("5.0 % of the em further apart")));
    QVERIFY(s.said().contains(QStringLiteral("1 guide")));
    QVERIFY(s.said().contains(QStringLiteral("The file is mirrored")));
    // What it does not say is behind "and more…", and only that.
    s.pressPhrase("more");
    QVERIFY(s.find<QPushButton>("more_tail")->isVisible());
    QVERIFY(!s.find<QPushButton>("more_guides")->isVisible());
    s.key(Qt::Key_Escape);
    // However wide it is, no line of it begins with a full stop.
    SentenceBar bar(s.theme, TextSize::Body);
    bar.setSentence(QStringLiteral("These words {a}, and {b}. {c}"),
                    {{QStringLiteral("a"), QStringLiteral("stand as the font spaces them")},
                     {QStringLiteral("b"), QStringLiteral("wear nothing more")},
                     {QStringLiteral("c"), QStringLiteral("and more")}});
    for (int width = 240; width < 700; width += 7) {
        bar.resize(width, 200);
        bar.layout()->activate();
        bar.layout()->setGeometry(bar.rect());
        for (auto* label : bar.findChildren<QLabel*>())
            if (label->text().startsWith(QLatin1Char('.')) || label->text().startsWith(QLatin1Char(',')))
                QVERIFY2(label->x() > 40, qPrintable(QString::number(width)));
    }
    // Every phrase is reached by Tab and opens something, by keyboard alone.
    for (auto* phrase : sentence.findChildren<Phrase*>()) {
        QVERIFY(phrase->focusPolicy() & Qt::TabFocus);
        QVERIFY(!phrase->accessibleName().isEmpty());
    }
}

void TestCompose::theClipboardHoldsWords()
{
    Sitting s;
    s.view().setCaret(0);
    s.view().setCaret(8, true);
    s.key(Qt::Key_X, Qt::ControlModifier);
    QCOMPARE(QApplication::clipboard()->text(), QStringLiteral("Fennmoor"));
    s.rest();
    QCOMPARE(s.job().words, std::string(" Honey"));
    s.key(Qt::Key_End);
    s.key(Qt::Key_V, Qt::ControlModifier);
    s.rest();
    QCOMPARE(s.job().words, std::string(" HoneyFennmoor"));
    QApplication::clipboard()->setText(QString(5000, QLatin1Char('m')));
    s.key(Qt::Key_V, Qt::ControlModifier); // too much: said, not crashed
    s.rest();
    QVERIFY(!s.page().composed());
    QTest::keyClick(s.window.get(), Qt::Key_Z, Qt::ControlModifier);
    s.rest();
    QVERIFY(s.page().composed());
}

void TestCompose::triesAreWornTakenOffAndLeft()
{
    Sitting s;
    s.view().setCaret(14);
    s.rest();
    auto& strip = s.strip();
    QVERIFY(strip.verdictOf(0).startsWith(QStringLiteral("plain")));
    strip.setFocus();
    s.key(Qt::Key_Right);
    s.key(Qt::Key_Right);
    s.rest();
    QVERIFY(s.job().lettering.letter(13).worn);
    s.key(Qt::Key_Backspace);
    s.rest();
    QVERIFY(!s.job().lettering.letter(13).worn);
    s.key(Qt::Key_Right);
    s.rest();
    s.key(Qt::Key_Escape);
    s.rest();
    QVERIFY(!s.job().lettering.letter(13).worn);
    QVERIFY(s.view().hasFocus());
    // What is changed between two tries stays, and Escape does not take it back.
    s.view().setCaret(14);
    s.rest();
    strip.setFocus();
    s.key(Qt::Key_Right);
    s.rest();
    s.find<QCheckBox>("closeUp")->click();
    s.rest();
    strip.setFocus();
    s.key(Qt::Key_Right);
    s.rest();
    QVERIFY(s.job().lettering.close_up.depth_mm);
    s.key(Qt::Key_Escape);
    s.rest();
    QVERIFY(s.job().lettering.close_up.depth_mm);
    // Behind a space there is nothing to try.
    s.view().setCaret(9);
    s.rest();
    QVERIFY(strip.tries().size() <= 1);
}

void TestCompose::dressingsAreChoicesThatUndoAsOne()
{
    Job job = larkmallow();
    job.size.value_mm = 600.0; // large enough for hairlines of swashes
    Sitting s(job);
    s.find<QCheckBox>("closeUp")->click();
    s.rest();
    const Job before = s.job();
    s.find<QPushButton>("dress")->click();
    s.rest();
    auto& cards = s.page().lower().dressings();
    QVERIFY(cards.isVisible() && cards.hasFocus());
    QVERIFY(cards.count() >= 4 && cards.count() <= 6); // plain first
    QVERIFY(cards.textOf(0).startsWith(QStringLiteral("Plain")));
    QCOMPARE(cards.current(), 0);
    for (int i = 1; i < cards.count(); ++i) {
        // What it changes, in words: "Rich: 6 letters dressed, 9.1 mm wider, all joined".
        QVERIFY2(cards.textOf(i).contains(QStringLiteral("dressed")), qPrintable(cards.textOf(i)));
        QVERIFY2(cards.textOf(i).contains(QStringLiteral("joined")), qPrintable(cards.textOf(i)));
    }
    s.key(Qt::Key_Right);
    s.key(Qt::Key_End);
    s.rest();
    std::size_t worn = 0;
    for (const auto& [character, choice] : s.job().lettering.letters)
        worn += choice.worn ? 1 : 0;
    QVERIFY(worn >= 1);
    QCOMPARE(cards.current(), cards.count() - 1);
    // Escape goes back to what was worn before, and so does one undo.
    s.key(Qt::Key_Escape);
    s.rest();
    QCOMPARE(s.job(), before);
    QVERIFY(s.view().hasFocus());
    cards.setFocus();
    s.key(Qt::Key_End);
    s.key(Qt::Key_Return);
    s.rest();
    QVERIFY(!(s.job() == before));
    s.window->jobModel().undoStack().undo();
    QCOMPARE(s.job(), before);
    s.rest();
}

void TestCompose::lettersInAnotherFont()
{
    Sitting s;
    s.window->library().addFiles({QString::fromStdString(test::demoFont("GatepostPlain.ttf").string())});
    s.rest();
    s.window->jobModel().setFont(larkmallow().font);
    s.window->openStation(MainWindow::Compose);
    s.rest();
    s.view().setCaret(9);
    s.view().setCaret(14, true);
    auto* fonts = s.find<QComboBox>("letterFont");
    const int row = fonts->findData(
        QStringList{QString::fromStdString(test::demoFont("GatepostPlain.ttf").string()), "0", ""});
    QVERIFY(row > 0);
    fonts->setCurrentIndex(row);
    emit fonts->activated(row);
    s.rest();
    QCOMPARE(s.job().lettering.letter(9).font->path, test::demoFont("GatepostPlain.ttf").string());
    QVERIFY(!s.job().lettering.letter(8).font);
    QCOMPARE(s.setting().letterAt(10)->font.path, test::demoFont("GatepostPlain.ttf").string());
}

void TestCompose::aCorrectionIsKeptWithTheFont()
{
    Sitting s;
    s.view().setCaret(14);
    s.rest();
    const auto formsOf = [&] {
        return std::ranges::count_if(s.strip().tries(), [](const TryOn& t) { return !t.piece; });
    };
    const auto forms = formsOf();
    const auto glyph = s.strip().tries()[1].form.glyph_id;
    emit s.page().corrected(s.job().font, glyph, std::u32string());
    s.rest();
    QCOMPARE(formsOf(), forms - 1);
    const Job job = s.job();
    s.window.reset();
    s.open(job);
    s.window->openStation(MainWindow::Compose);
    s.view().setCaret(14);
    s.rest();
    QCOMPARE(formsOf(), forms - 1); // after another start as well
}

void TestCompose::motifsOfAFontAreTakenInAtOneStroke()
{
    Job job = larkmallow("Honey");
    job.font.path = test::demoFont("StallholderBits.ttf").string();
    Sitting s(job);
    s.click("tabTray");
    s.click("motifTakeFont");
    auto* list = s.find<QListWidget>("motifList");
    QVERIFY(list->count() > 20);
    QVERIFY(list->item(0)->text().startsWith(QStringLiteral("Stallholder Bits")));
    s.window->jobModel().setFont(larkmallow().font);
    s.rest();
    s.view().setCaret(5);
    list->setCurrentRow(3);
    s.click("motifIntoLine");
    QCOMPARE(s.job().words, std::string("Honey\xEF\xBF\xBC"));
    QCOMPARE(s.job().lettering.motifs.size(), std::size_t(1));
    QVERIFY(s.setting().letterAt(5)->hasInk());
    QVERIFY(s.setting().missing_fonts.empty()); // it works without its font
    s.click("motifBeside");
    QCOMPARE(s.job().lettering.pieces.size(), std::size_t(1));
    QCOMPARE(s.job().lettering.motifs.size(), std::size_t(1)); // the same drawing
    QVERIFY(s.view().piece());
    s.view().setFocus();
    s.key(Qt::Key_Right, Qt::AltModifier);
    s.key(Qt::Key_Delete);
    s.rest();
    QVERIFY(s.job().lettering.pieces.empty());
    // Named at leisure, found by the name.
    list->item(3)->setText(QStringLiteral("Little comb"));
    s.rest();
    s.find<QLineEdit>("motifSearch")->setText(QStringLiteral("comb"));
    s.rest();
    QCOMPARE(list->count(), 1);
    list->setCurrentRow(0);
    const auto before = s.page().tray().motifs().front().outline;
    s.click("motifMirror");
    QVERIFY(s.page().tray().motifs().front().outline != before);
    list->setCurrentRow(0);
    s.click("motifRemove");
    QCOMPARE(list->count(), 0);
    QVERIFY(s.find<QLabel>("motifNote")->isVisible());
}

void TestCompose::outlinesOfAnSvgBecomeAMotif()
{
    Sitting s;
    const QString file = s.file("sprig.svg");
    QFile svg(file);
    QVERIFY(svg.open(QIODevice::WriteOnly));
    svg.write(
        R"svg(<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 50"><g transform="translate(10 5)">
        <rect width="40" height="20"/><circle cx="60" cy="20" r="10" fill="red"/></g></svg>)svg");
    svg.close();
    const auto outline = outlinesOfSvg(file);
    QVERIFY(outline);
    QCOMPARE(outline->size(), std::size_t(2));
    const Box box = bounds(*outline);
    QVERIFY(std::abs(box.width() - 70.0) < 0.01 && std::abs(box.height() - 30.0) < 0.01);
    s.picture = file;
    s.click("tabTray");
    s.click("motifTakeSvg");
    QCOMPARE(s.page().tray().motifs().size(), std::size_t(1));
    QCOMPARE(s.page().tray().motifs().front().name, std::string("sprig"));
    s.find<QListWidget>("motifList")->setCurrentRow(0);
    s.click("motifApart");
    QCOMPARE(s.page().tray().motifs().size(), std::size_t(3));
    s.find<QListWidget>("motifList")->setCurrentRow(0);
    s.click("motifTail");
    QVERIFY(s.job().lettering.block(0).has_tail);
    QCOMPARE(s.setting().pieces.size(), std::size_t(1));
    QCOMPARE(outlinesOfSvg(s.file("none.svg")).error().code, ErrorCode::FileNotFound);
    QFile bad(s.file("bad.svg"));
    QVERIFY(bad.open(QIODevice::WriteOnly));
    bad.write("<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 9 9'/>");
    bad.close();
    QCOMPARE(outlinesOfSvg(bad.fileName()).error().code, ErrorCode::PictureWithoutOutlines);
}

void TestCompose::aJobIsAFileWithVersionsAndTemplates()
{
    Sitting s;
    s.find<QPushButton>("shape_arch")->click();
    s.rest();
    s.job_file = s.file("banner.uink");
    QTest::keyClick(s.window.get(), Qt::Key_S, Qt::ControlModifier | Qt::ShiftModifier);
    s.rest();
    QVERIFY(s.suggested_path.endsWith(QStringLiteral("Fennmoor Honey.uink")));
    QVERIFY(QFile::exists(s.job_file));
    QVERIFY(s.window->jobMenu().text().contains(QStringLiteral("banner")));
    const Job saved = s.job();
    s.window->jobModel().setWords(QStringLiteral("Garden Supper"));
    s.rest();
    s.window->jobMenu().save();
    s.rest();
    const auto versions = ProjectKeeper(s.state_folder).versions(s.job_file);
    QCOMPARE(versions.size(), std::size_t(1));
    QVERIFY(std::abs(versions.front().saved.secsTo(QDateTime::currentDateTime())) < 300);
    s.window->session().openVersion(versions.front().file);
    s.rest();
    QCOMPARE(s.job(), saved);
    QCOMPARE(ProjectKeeper(s.state_folder).recent().size(), 1);
    s.template_name = QStringLiteral("Market / banner");
    s.window->jobMenu().findChild<QAction*>("jobTemplate")->trigger();
    s.rest();
    const auto templates = ProjectKeeper(s.state_folder).templates();
    QCOMPARE(templates.size(), std::size_t(1));
    QCOMPARE(templates.front().first, QStringLiteral("Market - banner"));
    QTest::keyClick(s.window.get(), Qt::Key_N, Qt::ControlModifier);
    s.rest();
    QVERIFY(s.job().words.empty());
    QVERIFY(s.job().lettering.isPlain());
    QTest::keyClick(s.window.get(), Qt::Key_Z, Qt::ControlModifier); // a new job is a step like any other
    QCOMPARE(s.job(), saved);
    s.rest();
}

void TestCompose::aJobOpensWithoutItsFont()
{
    Job job = larkmallow();
    QTemporaryDir elsewhere;
    const QString font = elsewhere.path() + "/Larkmallow.ttf";
    QVERIFY(QFile::copy(QString::fromStdString(job.font.path), font));
    job.font.path = font.toStdString();
    Sitting s(job);
    const double area = s.page().composed()->design.figures_mm.area;
    s.job_file = s.file("banner.uink");
    s.window->jobMenu().save();
    s.rest();
    QVERIFY(QFile::remove(font));
    s.window.reset();
    s.open(larkmallow("Jar"));
    s.window->session().open(s.job_file);
    s.rest();
    QVERIFY(s.page().composed());
    QCOMPARE(s.page().composed()->design.figures_mm.area, area);
    QVERIFY(s.find<QLabel>("finding")->text().contains(QStringLiteral("Larkmallow.ttf")));
    QVERIFY(s.strip().message().contains(QStringLiteral("font is not here"))); // its forms ask for it
    s.view().setCaret(14);
    s.view().nudge(0, 3); // what the letters stand like can still be changed
    s.rest();
    QVERIFY(s.page().composed());
}

void TestCompose::badJobFilesAreToldAndChangeNothing()
{
    Sitting s;
    QFile bad(s.file("bad.uink"));
    QVERIFY(bad.open(QIODevice::WriteOnly));
    bad.write("PK\x03\x04 something else");
    bad.close();
    s.window->session().open(bad.fileName());
    s.rest();
    QCOMPARE(s.job(), larkmallow());
    QVERIFY(s.find<QWidget>("messageLine")->isVisible());
    s.window->session().open(s.file("none.uink"));
    s.rest();
    QCOMPARE(s.job(), larkmallow());
    s.job_file = "/proc/nowhere.uink";
    s.window->jobMenu().saveAs();
    s.rest();
    QVERIFY(s.window->session().file().isEmpty());
}

void TestCompose::theSvgOnTheClipboardIsTheDesign()
{
    Sitting s;
    QTest::keyClick(s.window.get(), Qt::Key_C, Qt::ControlModifier | Qt::ShiftModifier);
    const auto* data = QApplication::clipboard()->mimeData();
    QVERIFY(data->hasFormat("image/svg+xml"));
    QVERIFY(data->data("image/svg+xml").contains("width=\"300mm\""));
}

void TestCompose::whatWasDoneIsThereAfterAStart()
{
    Sitting s;
    s.view().setCaret(14);
    s.view().nudge(0.0, 1.0);
    s.find<QPushButton>("shape_wave")->click();
    QVERIFY(
        QTest::qWaitFor([&] { return s.find<QLabel>("footerRight")->text().contains("moment ago"); }, 5000));
    const Job job = s.job();
    // As after a crash: nothing is closed in order.
    const auto kept = JobStore(s.state_folder).load();
    QVERIFY(kept && *kept);
    QCOMPARE((*kept)->job, job);
    s.rest();
}

void TestCompose::everythingHasANameAndSurvivesLargeText()
{
    Sitting s(larkmallow(), 2.0);
    s.window->resize(1280, 800);
    s.rest();
    for (const auto* widget : s.page().findChildren<QWidget*>()) {
        if (widget->focusPolicy() == Qt::NoFocus || !widget->isVisibleTo(&s.page()))
            continue;
        const auto* button = qobject_cast<const QAbstractButton*>(widget);
        const bool is_named = !widget->accessibleName().isEmpty() || (button && !button->text().isEmpty()) ||
                              qobject_cast<const QAbstractScrollArea*>(widget->parentWidget()) ||
                              widget->objectName().startsWith(QStringLiteral("qt_"));
        QVERIFY2(is_named, qPrintable(widget->objectName() + widget->metaObject()->className()));
    }
    QVERIFY(s.view().height() >= 200);
    // The words stay the largest thing: they fill most of their paper.
    const double wide = s.view().placeOf(13).x() - s.view().placeOf(0).x();
    QVERIFY2(wide > 0.4 * s.view().width(), qPrintable(QString::number(wide)));
    QVERIFY(s.find<QPushButton>("handItOff")->isVisible());
    s.click("tabTray");
    QVERIFY(s.find<QPushButton>("motifTakeFont")->geometry().right() <= s.page().tray().width());
}

void TestCompose::emptyWordsSayWhatToDo()
{
    Sitting s;
    s.key(Qt::Key_A, Qt::ControlModifier);
    s.key(Qt::Key_Backspace);
    s.rest();
    QVERIFY(!s.view().message().isEmpty());
    QVERIFY(!s.strip().message().isEmpty());
    QTest::keyClicks(&s.view(), "Bram");
    s.rest();
    QCOMPARE(s.job().words, std::string("Bram"));
    QVERIFY(s.page().composed());
}

void TestCompose::askingForAnotherMeasureKeepsTheSize()
{
    Sitting s;
    auto* by = s.find<QComboBox>("sizeBy");
    for (const auto asked : {SizeBy::CapHeight, SizeBy::XHeight, SizeBy::Em, SizeBy::Height, SizeBy::Width}) {
        by->setCurrentIndex(by->findData(static_cast<int>(asked)));
        emit by->activated(by->currentIndex());
        s.rest();
        QCOMPARE(s.job().size.by, asked);
        // Within what a figure of one decimal says.
        const double wide = s.page().composed()->design.figures_mm.box.width();
        QVERIFY2(std::abs(wide - 300.0) < 1.5, qPrintable(QString::number(wide)));
        const QString side = asked == SizeBy::Width ? QStringLiteral("high") : QStringLiteral("wide");
        QVERIFY(s.find<QLabel>("otherSide")->text().endsWith(side));
    }
}

void TestCompose::piecesAreTriedKeptAndTakenOff()
{
    Job job = larkmallow("Supper");
    job.font.path = test::demoFont("WickerbyBroad.ttf").string();
    Sitting s(job);
    s.view().setCaret(6);
    s.rest();
    s.click("tabPieces");
    auto& strip = s.strip();
    constexpr int first = 0;
    QVERIFY(strip.tries().size() > 2);
    QVERIFY(std::ranges::all_of(strip.tries(), [](const TryOn& t) { return t.piece.has_value(); }));
    QVERIFY(strip.verdictOf(first).contains(QStringLiteral("grows on")));
    strip.setFocus();
    s.key(Qt::Key_Home);
    s.rest();
    QCOMPARE(strip.current(), first);
    QCOMPARE(s.job().lettering.pieces.size(), std::size_t(1));
    QVERIFY(!s.job().lettering.letter(5).worn); // each try goes on from what was kept
    const auto motif = s.job().lettering.motifs.begin()->second;
    QVERIFY(!motif.font_sha256.empty());
    QVERIFY2(motif.rights.size() > 5, motif.rights.c_str());
    QVERIFY(s.page().composed()->setting.pieces.size() == 1);
    s.key(Qt::Key_Right);
    s.rest();
    QCOMPARE(strip.current(), first + 1);
    QCOMPARE(s.job().lettering.pieces.size(), std::size_t(1)); // the one before is gone
    QVERIFY(!(s.job().lettering.motifs.begin()->second == motif));
    s.key(Qt::Key_Escape);
    s.rest();
    QVERIFY(s.job().lettering.isPlain());
    // Pressed, and pressed again.
    const auto press = [&](int index) {
        strip.setFocus();
        s.key(Qt::Key_Home);
        s.rest();
        for (int i = 0; i < index; ++i)
            s.key(Qt::Key_Right);
        s.rest();
    };
    press(first);
    s.key(Qt::Key_Return);
    QCOMPARE(s.job().lettering.pieces.size(), std::size_t(1));
    strip.setFocus();
    s.key(Qt::Key_Backspace);
    s.rest();
    QVERIFY(s.job().lettering.isPlain());
    // The figures are those of a piece that is chosen.
    press(first);
    s.key(Qt::Key_Return);
    s.view().choosePiece(0);
    auto* turn = s.find<QDoubleSpinBox>("letterTurn");
    QVERIFY(turn->isEnabled());
    turn->setValue(12.5);
    s.find<QDoubleSpinBox>("letterSize")->setValue(150.0);
    s.rest();
    QCOMPARE(s.job().lettering.pieces[0].turn_deg, 12.5);
    QCOMPARE(s.job().lettering.pieces[0].size, 1.5);
    QVERIFY(s.job().lettering.letters.empty());
    s.view().setFocus();
    s.key(Qt::Key_Delete);
    s.rest();
    QVERIFY(s.job().lettering.isPlain());
    s.view().setCaret(6);
    s.rest();
    // A form and a piece together: the form kept first.
    s.click("tabTries");
    strip.setFocus();
    s.key(Qt::Key_Home);
    s.key(Qt::Key_Right);
    s.key(Qt::Key_Return);
    s.rest();
    QVERIFY(s.job().lettering.letter(5).worn);
    s.click("tabPieces");
    strip.setFocus();
    while (strip.current() < first)
        s.key(Qt::Key_Right);
    s.rest();
    QVERIFY(s.job().lettering.letter(5).worn);
    QCOMPARE(s.job().lettering.pieces.size(), std::size_t(1));
}

void TestCompose::motifsAreSortedTypedIntoTheLineAndUndone()
{
    Job job = larkmallow("Honey");
    job.font.path = test::demoFont("StallholderBits.ttf").string();
    Sitting s(job);
    auto& tray = s.page().tray();
    auto& undo = s.window->jobModel().undoStack();
    s.click("tabTray");
    s.click("motifTakeFont");
    const auto all = tray.motifs();
    QVERIFY(all.size() > 20);
    QVERIFY2(all.front().rights.size() > 4, all.front().rights.c_str());
    s.window->jobModel().setFont(larkmallow().font);
    s.rest();
    // Two of them into a collection of the season, with a tag.
    auto* list = s.find<QListWidget>("motifList");
    list->item(3)->setSelected(true);
    list->item(4)->setSelected(true);
    QTest::mouseClick(s.find<QPushButton>("motifSort"), Qt::LeftButton);
    auto* dialog = tray.findChild<QDialog*>(QStringLiteral("motifBelongs"));
    QVERIFY(dialog);
    dialog->findChild<QLineEdit*>(QStringLiteral("motifBelongsCollection"))
        ->setText(QStringLiteral("Winter"));
    dialog->findChild<QLineEdit*>(QStringLiteral("motifBelongsTags"))
        ->setText(QStringLiteral(" fair, cold ,"));
    QTest::mouseClick(dialog->findChild<QDialogButtonBox*>()->button(QDialogButtonBox::Ok), Qt::LeftButton);
    s.rest();
    const auto sorted = [&] {
        return std::ranges::count_if(tray.motifs(), [](const Motif& m) {
            return m.collection == "Winter" && m.tags == std::vector<std::string>{"cold", "fair"};
        });
    };
    QCOMPARE(sorted(), 2);
    // Found by the tag, and put into the line by Enter.
    s.view().setCaret(5);
    auto* search = s.find<QLineEdit>("motifSearch");
    search->setFocus();
    QTest::keyClicks(search, QStringLiteral("cold"));
    s.rest();
    QCOMPARE(tray.motifs().size(), std::size_t(2));
    QTest::keyClick(search, Qt::Key_Return);
    s.rest();
    QCOMPARE(s.job().words, std::string("Honey\xEF\xBF\xBC"));
    undo.undo();
    s.rest();
    QCOMPARE(s.job().words, std::string("Honey"));
    search->clear();
    s.rest();
    // Mirrored, removed, and all of it undone, one after the other.
    list->clearSelection();
    list->setCurrentRow(0);
    s.click("motifMirror");
    list->setCurrentRow(0);
    s.click("motifRemove");
    QCOMPARE(tray.motifs().size(), all.size() - 1);
    undo.undo();
    s.rest();
    QCOMPARE(tray.motifs().size(), all.size());
    undo.undo();
    s.rest();
    QCOMPARE(tray.motifs().front(), all.front());
    QCOMPARE(sorted(), 2);
    while (sorted() > 0 && undo.canUndo()) {
        undo.undo();
        s.rest();
    }
    QCOMPARE(tray.motifs(), all);
    undo.redo();
    s.rest();
    QCOMPARE(sorted(), 2);
}

INK_TEST_GUI_MAIN(TestCompose)
#include "test_compose.moc"
