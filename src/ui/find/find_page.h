// Find: which font suits these words, and may goods made with it be sold?
#pragma once

#include "ui/catalogue_feed.h"
#include "ui/find/arrivals.h"
#include "ui/find/card_page.h"
#include "ui/find/find_filter.h"
#include "ui/find/font_panel.h"
#include "ui/station.h"

#include <QTimer>

class QListView;
class QStackedWidget;

namespace ink::ui {

class Choice;
class ComparePage;
class FontLineDelegate;
class PicturePage;
class WishBar;

struct FindServices
{
    JobModel& job;
    FontListModel& fonts;
    CatalogueClient& catalogue;
    CatalogueFeed& feed;
    ShelfKeeper& shelf;
    /// Where fetched packages lie.
    std::filesystem::path inbox;
    RightsQuestions rights_questions;
    /// The person's download folder.
    QString downloads;
    /// A package to open; empty when the person changed their mind.
    std::function<QString(QWidget* parent)> package;
    /// A picture of lettering; empty when the person changed their mind.
    std::function<QString(QWidget* parent)> lettering;
};

class FindPage : public Station
{
    Q_OBJECT
public:
    enum Place { List, Card, Compare, Intake, Lettering };

    FindPage(FindServices services, const Theme& theme, QWidget* parent = nullptr);

    QString title() const override { return tr("Find"); }
    QString handbookPage() const override { return QStringLiteral("find.md"); }
    QString figure() const override { return tr("%n font(s)", nullptr, shownCount()); }
    void activate() override { focusList(); }
    bool isIdle() const override;

    int shownCount() const { return m_filter.rowCount(); }
    void setSearching(bool is_searching);
    void focusList();
    /// The marks of fonts out of sight are there as well.
    bool hasLookedAhead() const;
    void openPackage(const QString& path);
    /// A picture of lettering: what is it, and what looks like it?
    void openPicture(const QString& path);
    /// Fonts that look like the one whose card is open, or else the chosen one.
    void lookLikeChosen();
    LikenessModel& likeness() { return m_likeness; }
    void openCard(CardPage::Tab tab);
    void openCard(int row, CardPage::Tab tab);
    /// As CardPage::keepRecordOf().
    void keepRecord(int row, const RightsRecord& record, const QString& what)
    {
        m_card->keepRecordOf(row, record, what);
    }
    /// Fonts come, go, or are set aside: the chosen one stays as long as it is there.
    void changeFonts(const std::function<void()>& change);

signals:
    void folderWanted();
    void limitsWanted();

protected:
    void resizeEvent(QResizeEvent* event) override;
    void showEvent(QShowEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    QWidget* buildList();
    QWidget* buildHead(QWidget* parent);
    QWidget* buildFoot(QWidget* parent);
    void connectPages();
    void choose(const QModelIndex& current);
    void chooseFirstShown();
    void refilter(const std::function<void()>& change);
    void showJob();
    void showPanel();
    void showCount();
    void showFeed();
    void learn();
    void setShownMark(std::optional<FitMarkKind> kind);
    void show(Place place);
    void showStyles(int row);
    void toggleCompared();
    void connectLikeness();
    void wishLikeness(bool is_wished);
    int currentRow() const;

    FindServices m_services;
    JobModel& m_job;
    FontListModel& m_fonts;
    const Theme& m_theme;
    FindFilter m_filter;
    LikenessModel m_likeness;
    QTimer m_learn_timer;
    QTimer m_ahead_timer;
    bool m_has_to_learn = false;
    bool m_is_searching = false;
    bool m_is_filtering = false;
    std::vector<FontRow> m_compared;

    QStackedWidget* m_stack = nullptr;
    CardPage* m_card = nullptr;
    ComparePage* m_compare_page = nullptr;
    PicturePage* m_picture_page = nullptr;
    Arrivals* m_arrivals = nullptr;
    WishBar* m_wishes = nullptr;
    FontLineDelegate* m_delegate = nullptr;

    QLabel* m_count = nullptr;
    QLineEdit* m_search = nullptr;
    Choice* m_order = nullptr;
    QListView* m_list = nullptr;
    QLabel* m_feed = nullptr;
    QPushButton* m_retry = nullptr;
    FontPanel* m_panel = nullptr;
    QLabel* m_empty = nullptr;
    QPushButton* m_compare_open = nullptr;
};

} // namespace ink::ui
