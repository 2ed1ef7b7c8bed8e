// The one window: job band on top, stations at the left, the open station beside them.
#pragma once

#include "shelf/job_store.h"
#include "ui/catalogue_feed.h"
#include "ui/compose/lettering_service.h"
#include "ui/find/dossier_view.h"
#include "ui/font_library.h"
#include "ui/job_model.h"
#include "ui/project_keeper.h"
#include "ui/shelf/shelf_page.h"
#include "ui/theme.h"

#include <QThreadPool>
#include <QTimer>
#include <QWidget>

#include <set>
#include <string>

#include <functional>

class QLabel;
class QStackedWidget;

namespace ink::ui {

class ComposePage;
class FindPage;
class ShelfPage;
class JobBand;
class JobMenu;
class MessageLine;
class StationRail;

/// Questions that open a dialog; tests put their answers here.
struct Questions
{
    /// A file to save to, from a suggested path; empty when the person changed their mind.
    std::function<QString(QWidget* parent, const QString& suggested)> save_path;
    /// A folder to take fonts from; empty when the person changed their mind.
    std::function<QString(QWidget* parent)> font_folder;
    /// A package to look into; empty when the person changed their mind.
    std::function<QString(QWidget* parent)> package;
    /// The job's file: one to open, one to save to from a suggested name, a name for a template, a picture
    /// file with outlines; empty when the person changed their mind.
    std::function<QString(QWidget* parent)> job_to_open;
    std::function<QString(QWidget* parent, const QString& suggested)> job_to_save;
    std::function<QString(QWidget* parent)> template_name;
    std::function<QString(QWidget* parent)> picture;
    RightsQuestions rights;
    ShelfQuestions shelf;
    /// Fonts were installed for this job only, and the window closes: true takes them away, false leaves them
    /// for good.
    std::function<bool(QWidget* parent, const QStringList& fonts)> takes_away;
    /// The person's download folder, looked into when they switch that on.
    QString downloads = {};

    static Questions asDialogs();
};

class MainWindow : public QWidget
{
    Q_OBJECT
public:
    enum Station { Find, Shelf, Compose };

    /// `folder` keeps the job, the shelf and the rights between starts; fonts are installed to `font_folder`.
    /// The theme has to outlive the window.
    MainWindow(Job job, const std::filesystem::path& folder, const Theme& theme,
               Questions questions = Questions::asDialogs(),
               const std::filesystem::path& font_folder = Installer::usualFolder());
    ~MainWindow() override;

    FontLibrary& library() { return m_library; }
    FitService& fits() { return m_fits; }
    JobModel& jobModel() { return m_job; }
    FontListModel& fonts() { return m_fonts; }
    CatalogueFeed& feed() { return m_feed; }
    FindPage& findPage() { return *m_find; }
    ShelfPage& shelfPage() { return *m_shelf_page; }
    ShelfKeeper& shelf() { return m_shelf; }
    ComposePage& composePage() { return *m_compose; }
    JobMenu& jobMenu() { return *m_job_menu; }
    void openStation(Station station);
    /// Files dropped on the window or named at the start: a package is looked into, fonts join the list.
    void bring(const QStringList& files);
    /// Something that has to be told once the window is there, a damaged file for example.
    void tell(const Error& error);
    /// Nothing is being searched, made or written.
    bool isIdle() const;

protected:
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;
    void closeEvent(QCloseEvent* event) override;

private:
    void build();
    void addShortcuts();
    void found(const std::vector<FontEntry>& entries, const std::vector<Error>& refused);
    void jobChanged();
    void designChanged();
    void showFooter();
    void saveCutFile();
    void openFolder();
    void keepJob();
    void shelfChanged();
    void moveInbox();
    void askAboutThisJob();
    JobMenu* buildJobMenu(QWidget* parent);
    void copyAsSvg();
    void takeJobsFontIntoTray();
    void readCorrections();
    void offerFonts();
    std::vector<ProjectDocument> evidence() const;

    const Theme& m_theme;
    Questions m_questions;
    JobStore m_store;
    JobModel m_job;
    std::filesystem::path m_inbox;
    std::shared_ptr<FaceCache> m_faces;
    CatalogueClient m_catalogue;
    std::shared_ptr<FontRightsReader> m_rights;
    LetteringService m_lettering;
    ProjectKeeper m_projects;
    FitService m_fits;
    ShelfKeeper m_shelf;
    FontLibrary m_library;
    FontListModel m_fonts;
    CatalogueFeed m_feed;
    QThreadPool m_writers;
    QTimer m_keep_timer;
    int m_writing = 0;
    bool m_keeping_failed = false;
    std::set<std::string> m_corrections_read;
    QString m_last_folder;

    JobBand* m_band = nullptr;
    JobMenu* m_job_menu = nullptr;
    StationRail* m_rail = nullptr;
    QStackedWidget* m_stack = nullptr;
    FindPage* m_find = nullptr;
    ShelfPage* m_shelf_page = nullptr;
    ComposePage* m_compose = nullptr;
    MessageLine* m_message = nullptr;
    QLabel* m_footer_left = nullptr;
    QLabel* m_footer_right = nullptr;
};

} // namespace ink::ui
