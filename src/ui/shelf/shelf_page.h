// Shelf: what have I got, where is it, and who sees it?
#pragma once

#include "ui/shelf/carry_page.h"
#include "ui/shelf/shelf_delegate.h"
#include "ui/shelf_keeper.h"
#include "ui/station.h"

#include <QTimer>
#include <QUrl>
#include <QWidget>

#include <functional>
#include <optional>

class QLabel;
class QLineEdit;
class QListView;
class QPushButton;
class QStackedWidget;

namespace ink::ui {

class Choice;
class DocumentPage;
class HealthPage;
class LettersPage;
class SheetPage;
class ShelfPanel;
class TwinsPage;
class WishBar;
struct TwinsShown;

/// Questions that open a dialog; tests put their answers here. Empty answers mean a changed mind.
struct ShelfQuestions
{
    /// Where to write a file, from a suggested name.
    std::function<QString(QWidget* parent, const QString& suggested)> save_path;
    /// A carried shelf to read.
    std::function<QString(QWidget* parent)> bundle;
    /// A folder where missing files may lie.
    std::function<QString(QWidget* parent)> look_in;
    /// Opens a file in the program that is meant for it.
    std::function<void(const QUrl& file)> open_file;
    /// How high the capitals of stitched letters are to be, in mm; nothing when the person changed their mind.
    std::function<std::optional<double>(QWidget* parent)> letters_mm = {};

    static ShelfQuestions asDialogs();
};

class ShelfPage : public Station
{
    Q_OBJECT
public:
    enum Place { Collection, TwinsPlace, HealthPlace, SheetPlace, CarryPlace, DocumentPlace, LettersPlace };

    ShelfPage(JobModel& job, FontListModel& fonts, ShelfKeeper& shelf, ShelfQuestions questions,
              const Theme& theme, QWidget* parent = nullptr);

    QString title() const override { return tr("Shelf"); }
    QString handbookPage() const override { return QStringLiteral("shelf.md"); }
    QString figure() const override;
    void activate() override;
    bool isIdle() const override;
    void finish() override { keepNote(); }

    void show(Place place);
    void focusList();
    int shownCount() const { return m_filter.rowCount(); }
    void showTwins();
    void showHealth();
    /// Writes down what is half typed.
    void keepNote();

signals:
    void rightsWanted(int row);
    void packageWanted();
    /// Letters were made into stitches and saved as this package.
    void lettersMade(const QString& path);

protected:
    void resizeEvent(QResizeEvent* event) override;
    void showEvent(QShowEvent* event) override;

private:
    /// Work of the pool that a newer request of the same takes the place of.
    enum Slot : quint64 { kTwinsSlot = 320, kKeyMapSlot = 322, kLettersSlot = 323, kMakeSlot = 324 };
    QWidget* buildCollection();
    QWidget* buildHead(QWidget* parent);
    QWidget* buildPlaces(QWidget* parent);
    QWidget* buildFoot(QWidget* parent);
    void connectPages();
    Choice* addChoice(QWidget* parent, const char* name, const QString& spoken);
    void shelfChanged();
    void refilter(const std::function<void()>& change);
    /// Marks or rights arrived, or the job changed: looked at when the station is open.
    void learnSoon();
    void learn();
    void showCounts();
    void showNames();
    void showPanel();
    void layoutGrid();
    void layoutHead();
    std::vector<int> chosenRows() const;
    /// Those chosen, or all that are shown.
    std::vector<int> theseRows() const;
    std::vector<ShelfFont> theseFonts() const;
    void takeFiles(const QStringList& files);
    void setInJob(int row);
    void showKeyMap(int row);
    void showLetters(int row);
    void putLettersRight(const Alphabet& letters);
    void makeLetters(int row);
    void stopMakingLetters();
    void showSpecimen();
    void makeSpecimen();
    void lookForMissing(const QString& folder);
    void carry();
    void exportForAll();
    void readCarried(const QString& file, CarryPage::Theirs theirs);

    JobModel& m_job;
    FontListModel& m_fonts;
    ShelfKeeper& m_shelf;
    ShelfQuestions m_questions;
    const Theme& m_theme;
    ShelfFilter m_filter;
    QTimer m_learn_timer;
    bool m_has_to_learn = false;
    /// Rows whose words are still being made for the specimen.
    std::vector<FontRow> m_specimen;

    QStackedWidget* m_stack = nullptr;
    TwinsPage* m_twins = nullptr;
    HealthPage* m_health = nullptr;
    SheetPage* m_sheet = nullptr;
    CarryPage* m_carried = nullptr;
    DocumentPage* m_document = nullptr;
    LettersPage* m_letters = nullptr;
    /// The font whose letters are looked at.
    std::string m_letters_of;

    QLabel* m_count = nullptr;
    QLineEdit* m_search = nullptr;
    Choice* m_order = nullptr;
    QPushButton* m_forms = nullptr;
    /// Shows what narrows the collection down, where there is no room for it all the time.
    QPushButton* m_narrow = nullptr;
    QWidget* m_place_row = nullptr;
    std::array<QPushButton*, kShelfPlaces> m_places{};
    Choice* m_set = nullptr;
    Choice* m_package = nullptr;
    Choice* m_used = nullptr;
    Choice* m_taken_in = nullptr;
    WishBar* m_wishes = nullptr;
    QListView* m_list = nullptr;
    ShelfDelegate* m_delegate = nullptr;
    ShelfPanel* m_panel = nullptr;
    QWidget* m_empty = nullptr;
    QLabel* m_empty_text = nullptr;
    QPushButton* m_take_demo = nullptr;
    QPushButton* m_carry = nullptr;
    QPushButton* m_for_all = nullptr;
    QPushButton* m_specimen_open = nullptr;
};

} // namespace ink::ui
