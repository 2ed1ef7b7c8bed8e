// Hand off: what goes onto the material, what the tool does, and the files.
#pragma once

#include "core/handoff/sheet_moves.h"
#include "services/cutter_queue.h"
#include "services/stitcher_line.h"
#include "ui/handoff/handed_files.h"
#include "ui/handoff/handoff_model.h"

#include "ui/handoff/name_list.h"
#include "ui/handoff/run_card.h"
#include "ui/handoff/sheet_view.h"
#include "ui/station.h"
#include "ui/widgets/sentence_head.h"

class QLabel;
class QPushButton;
class QScrollArea;
class QStackedWidget;

namespace ink::ui {

class LeftOutCard;
class NeedlePage;
class PatternView;
class RunRibbon;
class TabRow;

class HandOffPage : public Station
{
    Q_OBJECT
public:
    struct Needs
    {
        JobModel& job;
        HandOffModel& model;
        CutterQueue& cutter;
        StitcherLine& stitcher;

        HandedFiles::Needs files;
        /// A list to read; empty when the person changed their mind.
        std::function<QString()> list_to_read;
        /// A stitch file to look into; empty when the person changed their mind.
        std::function<QString()> stitch_file;
        /// Sizes of things that the person keeps.
        std::filesystem::path blanks, hoops;
        /// A place of the design that is shown, by the letter it belongs to.
        std::function<std::optional<MendingPlace>(Point mm)> place_at;
    };
    HandOffPage(Needs needs, const Theme& theme, QWidget* parent = nullptr);

    QString title() const override { return tr("Hand off"); }
    QString handbookPage() const override;
    QString figure() const override;
    void activate() override;
    bool isIdle() const override;
    /// What is sewn has a page of its own.
    NeedlePage& needle() { return *m_needle; }
    /// Any stitch file, until the job changes.
    void lookInto(const QString& path);

    SheetView& sheetView() { return *m_view; }
    RunRibbon& ribbon() { return m_run->ribbon(); }
    PatternView& patternView() { return *m_pattern_view; }
    NameList& list() { return *m_list; }
    SentenceBar& sentence() { return m_head->sentence(); }
    Leaf& leaf() { return m_head->leaf(); }

    enum class Look { Sheet, Run, Pattern };
    void setLook(Look look);
    void openLeaf(const QString& key) { m_head->open(key); }
    void openSheet(std::size_t sheet);
    /// Every sheet, asked for a name by the format's ending.
    void save(SheetFormat format);
    /// Every sheet, to the cutter.
    void send();
    /// Another name of the list is shown everywhere.
    void stepName(int by);
    void showRight(std::optional<Verdict> verdict);

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    QWidget* buildSheets();
    QWidget* buildHead();
    QWidget* buildTabs();
    QWidget* buildPanel();
    QWidget* buildSheetFoot();
    QWidget* buildPatternFoot();
    void openWay();
    void turnTo(Look look);
    void connectParts();
    void connectList();
    void modelChanged();
    void say();
    void showSheet();
    void showPanel();
    void showMoment();
    void showPattern();
    void moveThing(std::size_t laid, const Placement& there);
    QString sayMoment() const;
    /// Made once for what is shown; null where that is gone.
    const SheetMoves* movesFor(std::size_t laid);

    Needs m_needs;
    const Theme& m_theme;
    SentenceHead* m_head = nullptr;
    HandedFiles* m_files = nullptr;
    /// Cut from sheets, or sewn.
    QStackedWidget* m_ways = nullptr;
    NeedlePage* m_needle = nullptr;
    TabRow* m_tabs = nullptr;
    QPushButton *m_previous = nullptr, *m_next = nullptr;
    QLabel *m_which = nullptr, *m_mirrored = nullptr;
    QStackedWidget* m_views = nullptr;
    SheetView* m_view = nullptr;
    PatternView* m_pattern_view = nullptr;
    RunCard* m_run = nullptr;
    QScrollArea* m_panel = nullptr;
    QLabel *m_heading = nullptr, *m_material = nullptr, *m_right = nullptr;
    LeftOutCard* m_left_out = nullptr;
    NameList* m_list = nullptr;
    QStackedWidget* m_foot = nullptr;
    std::vector<QPushButton*> m_save;
    QPushButton *m_send = nullptr, *m_save_pattern = nullptr, *m_print = nullptr;
    QLabel* m_pages = nullptr;
    Look m_look = Look::Sheet;
    std::optional<Process> m_process;
    std::size_t m_sheet = 0;
    /// Of the plan and the sheet that are shown, once something is moved.
    std::unique_ptr<SheetMoves> m_moves;
    std::optional<Verdict> m_verdict;
};

} // namespace ink::ui
