// The one window: job band on top, stations at the left, the open station beside them.
#pragma once

#include "core/handoff/rights_slip.h"
#include "services/cutter_queue.h"
#include "services/stitcher_line.h"
#include "shelf/job_store.h"
#include "ui/catalogue_feed.h"
#include "ui/cut_files.h"
#include "ui/design_model.h"
#include "ui/find/find_page.h"
#include "ui/font_library.h"
#include "ui/form_memory.h"
#include "ui/handoff/handoff_model.h"
#include "ui/job_session.h"
#include "ui/proof/proof_model.h"
#include "ui/questions.h"
#include "ui/theme.h"

#include <QStringList>
#include <QWidget>

#include <memory>
#include <vector>

class QAction;
class QLabel;
class QPushButton;
class QStackedWidget;

namespace ink::ui {

class ComposePage;
class JobBand;
class JobMenu;
class HandOffPage;
class HandbookWindow;
class ProofPage;
class MessageLine;
class StationRail;

class MainWindow : public QWidget
{
    Q_OBJECT
public:
    /// Places on the rail, in working order.
    enum StationPlace { Find, Shelf, Compose, Proof, HandOff };

    /// `folder` keeps the job, the shelf and the rights between starts; fonts are installed to `font_folder`.
    /// The theme has to outlive the window.
    MainWindow(const KeptJob& kept, const JobStore& store, const std::filesystem::path& folder,
               const Theme& theme, Questions questions = Questions::asDialogs(),
               const std::filesystem::path& font_folder = Installer::usualFolder());
    ~MainWindow() override;

    FontLibrary& library() { return m_library; }
    FitService& fits() { return m_fits; }
    JobModel& jobModel() { return m_job; }
    JobSession& session() { return m_session; }
    DesignModel& design() { return m_design; }
    FontListModel& fonts() { return m_fonts; }
    CatalogueFeed& feed() { return m_feed; }
    FindPage& findPage() { return *m_find; }
    ShelfPage& shelfPage() { return *m_shelf_page; }
    ShelfKeeper& shelf() { return m_shelf; }
    ComposePage& composePage() { return *m_compose; }
    ProofModel& proof() { return m_proof; }
    ProofPage& proofPage() { return *m_proof_page; }
    HandOffModel& handOff() { return m_hand_off; }
    CutterQueue& cutter() { return m_cutter; }
    StitcherLine& stitcher() { return m_stitcher; }
    HandOffPage& handOffPage() { return *m_hand_off_page; }
    JobMenu& jobMenu() { return *m_job_menu; }

    /// A further station, below those that are there; opened with Alt and its number.
    void addStation(Station* station);
    void openStation(int place);
    /// Files dropped on the window or named at the start: a job is opened, a package looked into, fonts join the list.
    void bring(const QStringList& files);
    /// Something that has to be told once the window is there, a damaged file for example.
    void tell(const Error& error);
    /// In the footer, as long as the window is open: that this is a demo.
    void showBadge(const QString& words);
    /// Where the pages of the handbook lie; F1 opens that of the station.
    void setHandbook(const QString& folder) { m_handbook_folder = folder; }
    void openHandbook();
    /// Nothing is being searched, made or written.
    bool isIdle() const { return busyWith().isEmpty(); }
    /// What is still at work, by name.
    QStringList busyWith() const;

protected:
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;
    void closeEvent(QCloseEvent* event) override;

private:
    void build();
    QWidget* buildFooter();
    void addActions();
    QAction* addAction(const char* name, const QString& text, const QList<QKeySequence>& keys,
                       const std::function<void()>& action);
    void connectStations();
    void connectCompose();
    void connectProof();
    void connectHandOff();
    void saveForMachine();
    bool mayHandOff();
    /// Adds what was sold to what each font with a limit counts; the same designs once in a sitting, however often they are saved.
    QString countSold(const RightsSlip& slip);
    bool isCounted(const RightsSlip& slip) const;
    RightsSlip slip() const;
    std::string rightsTold(const FontRef& font) const;
    void editLimits();
    void found(const std::vector<FontEntry>& entries, const std::vector<Error>& refused);
    void designChanged();
    void showFigures();
    void showFooter();
    void showSteps();
    void showRight();
    void showFile();
    void openFolder();
    void shelfChanged();
    void moveInbox();
    void askAboutThisJob();
    void takeJobsFontIntoTray();
    void offerFonts();
    JobSession::Needs sessionNeeds(const JobStore& store, const std::filesystem::path& folder);

    const Theme& m_theme;
    Questions m_questions;
    /// Where jobs, the shelf and what the person keeps lie.
    std::filesystem::path m_folder;
    JobModel m_job;
    std::filesystem::path m_inbox;
    std::shared_ptr<FaceCache> m_faces;
    CatalogueClient m_catalogue;
    RightsStore m_rights_store;
    std::shared_ptr<FontRightsReader> m_rights;
    LetteringService m_lettering;
    WriteQueue m_writes;
    FitService m_fits;
    ShelfKeeper m_shelf;
    JobSession m_session;
    DesignModel m_design;
    ProofModel m_proof;
    HandOffModel m_hand_off;
    CutterQueue m_cutter;
    StitcherLine m_stitcher;

    FontLibrary m_library;
    FontListModel m_fonts;
    CatalogueFeed m_feed;
    FormMemory m_forms;
    CutFiles m_cut_files;

    /// Said last, for a font whose rights are not known here.
    QString m_ground;
    /// What was counted last.
    std::optional<RightsSlip> m_counted;

    std::vector<Station*> m_stations;
    JobBand* m_band = nullptr;
    JobMenu* m_job_menu = nullptr;
    StationRail* m_rail = nullptr;
    QStackedWidget* m_stack = nullptr;
    QString m_handbook_folder;
    HandbookWindow* m_handbook = nullptr;
    FindPage* m_find = nullptr;
    ShelfPage* m_shelf_page = nullptr;
    ComposePage* m_compose = nullptr;
    ProofPage* m_proof_page = nullptr;
    HandOffPage* m_hand_off_page = nullptr;
    MessageLine* m_message = nullptr;
    QAction *m_undo = nullptr, *m_redo = nullptr;
    QPushButton *m_undo_button = nullptr, *m_redo_button = nullptr;
    QLabel* m_badge = nullptr;
    QLabel* m_footer_left = nullptr;
    QLabel* m_footer_right = nullptr;
};

} // namespace ink::ui
