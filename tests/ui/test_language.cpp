// The whole window in German and in French: nothing is left in English, nothing is cut off, figures are those of the place.
#include "core/base/error.h"
#include "tests/support/gui.h"

#include "ui/core_words.h"
#include "ui/handoff/handoff_page.h"

#include <QAbstractButton>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QLocale>
#include <QScrollArea>
#include <QTest>
#include <QTextDocumentFragment>
#include <QTranslator>
#include <QXmlStreamReader>

using namespace ink;
using namespace ink::ui;

namespace {

/// A language for as long as it lives.
class Spoken
{
public:
    explicit Spoken(const QString& language)
    {
        if (!m_translator.load(QStringLiteral(":/translations/under-ink_%1.qm").arg(language)))
            qFatal("no %s", qPrintable(language));
        QLocale::setDefault(QLocale(language));
        QCoreApplication::installTranslator(&m_translator);
    }
    ~Spoken()
    {
        QCoreApplication::removeTranslator(&m_translator);
        QLocale::setDefault(QLocale::c());
    }

private:
    QTranslator m_translator;
};

/// Sentences of the window in English that are told otherwise there.
QSet<QString> englishSentences(const QString& language)
{
    QFile file(QStringLiteral(INK_TEST_DATA "/../../translations/under-ink_%1.ts").arg(language));
    if (!file.open(QIODevice::ReadOnly))
        qFatal("no translations");
    QSet<QString> found;
    QString source;
    for (QXmlStreamReader xml(&file); !xml.atEnd();)
        if (xml.readNextStartElement()) {
            if (xml.name() == QStringLiteral("source"))
                source = xml.readElementText();
            else if (xml.name() == QStringLiteral("translation") &&
                     xml.readElementText(QXmlStreamReader::IncludeChildElements).trimmed() != source &&
                     source.size() > 3) // "in" is a word of German, too
                found.insert(source);
        }
    return found;
}

QString textOf(const QWidget& widget)
{
    if (const auto* label = qobject_cast<const QLabel*>(&widget))
        return label->text();
    if (const auto* button = qobject_cast<const QAbstractButton*>(&widget))
        return button->text();
    if (const auto* box = qobject_cast<const QComboBox*>(&widget))
        return box->currentText();
    if (const auto* edit = qobject_cast<const QLineEdit*>(&widget))
        return edit->placeholderText();
    return {};
}

Job job()
{
    Job job;
    job.words = "Ottilie";
    job.font.path = test::demoFont("Larkmallow.ttf").string();
    job.size = {SizeBy::Width, 110.0, {}, 0.0};
    return job;
}

} // namespace

class TestLanguage : public QObject
{
    Q_OBJECT
private slots:
    void everyStationIsTranslated_data()
    {
        QTest::addColumn<QString>("language");
        QTest::addColumn<QString>("find");
        QTest::newRow("German") << "de"
                                << "Finden";
        QTest::newRow("French") << "fr"
                                << "Trouver";
    }
    void everyStationIsTranslated()
    {
        QFETCH(QString, language);
        QFETCH(QString, find);
        const Spoken spoken(language);
        const auto english = englishSentences(language);
        QVERIFY(english.size() > 1500);
        for (const auto process : {Process::KnifeVinyl, Process::Stencil, Process::Satin}) {
            Job own = job();
            own.process = process;
            test::WindowFixture f(own, 1.0, false);
            f.window->resize(kLeastWidth, kLeastHeight);
            int looked = 0;
            for (const int station : {MainWindow::Find, MainWindow::Shelf, MainWindow::Compose,
                                      MainWindow::Proof, MainWindow::HandOff}) {
                f.window->openStation(station);
                f.rest();
                for (const auto* widget : f.window->findChildren<QWidget*>()) {
                    if (!widget->isVisible())
                        continue;
                    for (const QString& said :
                         {textOf(*widget), widget->accessibleName(), widget->toolTip()}) {
                        looked += !said.isEmpty();
                        QVERIFY2(
                            !english.contains(said),
                            qPrintable(
                                QStringLiteral("%1, %2: %3").arg(station).arg(widget->objectName(), said)));
                    }
                }
            }
            QVERIFY(looked > 100);
            QVERIFY(f.window->findChild<QWidget*>("rail"));
            bool is_told = false;
            for (const auto* part : f.window->findChildren<QWidget*>())
                is_told = is_told || textOf(*part) == find || part->accessibleName().startsWith(find);
            QVERIFY(is_told);
        }
    }

    void nothingIsCutOff_data() { everyStationIsTranslated_data(); }
    void nothingIsCutOff()
    {
        QFETCH(QString, language);
        const Spoken spoken(language);
        Job own = job();
        own.names.names = {{"Ottilie", 1, {}, {}}, {"Bram", 2, {}, {}}};
        test::WindowFixture f(own, 1.0, false);
        f.window->resize(kLeastWidth, kLeastHeight);
        for (const int station : {MainWindow::Find, MainWindow::Shelf, MainWindow::Compose, MainWindow::Proof,
                                  MainWindow::HandOff}) {
            f.window->openStation(station);
            f.rest();
            QVERIFY2(f.window->width() <= kLeastWidth, qPrintable(QString::number(f.window->width())));
            for (const auto* part : f.window->findChildren<QWidget*>()) {
                QString said = textOf(*part).remove(QLatin1Char('&'));
                if (Qt::mightBeRichText(said))
                    said = QTextDocumentFragment::fromHtml(said).toPlainText();
                const auto* label = qobject_cast<const QLabel*>(part);
                const bool is_shown = part->isVisible() && !said.isEmpty() &&
                                      !said.contains(QLatin1Char('\n')) && !part->visibleRegion().isEmpty();
                if (!is_shown || qobject_cast<const QLineEdit*>(part) || (label && label->wordWrap()))
                    continue;
                const int wanted = part->fontMetrics().horizontalAdvance(said),
                          has = part->visibleRegion().boundingRect().width();
                QVERIFY2(wanted <= has + 2, qPrintable(QStringLiteral("%1, %2: %3 (%4 of %5 px)")
                                                           .arg(station)
                                                           .arg(part->objectName(), said)
                                                           .arg(has)
                                                           .arg(wanted)));
            }
        }
    }

    void errorsAndFiguresAreOfThePlace()
    {
        const Spoken spoken(QStringLiteral("de"));
        QCOMPARE(said(Error{ErrorCode::FileNotFound, "/a/b.ttf", {}}),
                 QStringLiteral("/a/b.ttf: es gibt keine solche Datei. Prüfen Sie Name und Ordner."));
        QCOMPARE(said("May sell"), QStringLiteral("Verkauf erlaubt"));
        QCOMPARE(said("somebody's own words"), QStringLiteral("somebody's own words"));
        test::WindowFixture f(job(), 1.0, false);
        f.window->openStation(MainWindow::Compose);
        f.rest();
        f.save_path = QString::fromStdString((f.folder.path() / "ottilie.svg").string());
        QTest::keyClick(f.window.get(), Qt::Key_S, Qt::ControlModifier);
        f.rest();
        const QString told = f.find<QLabel>("messageText")->text();
        QVERIFY2(told.startsWith(QStringLiteral("ottilie.svg gespeichert: 110,0")), qPrintable(told));
        QVERIFY(told.contains(QStringLiteral("Teile")));
        // What a machine reads knows no language.
        const auto svg = test::slurp(f.folder.path() / "ottilie.svg");
        QVERIFY(svg.find("width=\"110mm\"") != std::string::npos);
    }
};

INK_TEST_GUI_MAIN(TestLanguage)
#include "test_language.moc"
