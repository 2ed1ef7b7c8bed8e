// Hand off: what goes onto the material, what the tool does, and the files.
#pragma once

#include "core/handoff/rights_slip.h"
#include "services/cutter_queue.h"
#include "ui/handoff/handoff_model.h"

#include "ui/handoff/name_list.h"
#include "ui/handoff/sheet_view.h"
#include "ui/station.h"
#include "ui/write_queue.h"

class QComboBox;
class QLabel;
class QPushButton;
class QScrollArea;
class QTimer;

namespace ink::ui {

class FlowRow;
class Leaf;
class NamesSection;
class RunRibbon;
class SentenceBar;

class HandOffPage : public Station
{
    Q_OBJECT
public:
    struct Needs
    {
        JobModel& job;
        HandOffModel& model;
        WriteQueue& writes;
        CutterQueue& cutter;

        /// A path to save to from a suggested one, and a list to read; empty when the person changed their mind.
        std::function<QString(const QString& suggested)> save_path;
        std::function<QString()> list_to_read;
        /// Where a sale is not plainly allowed it asks, once; false when the person changed their mind.
        std::function<bool()> may_hand_off;
        /// Kept beside what is handed off for sale.
        std::function<RightsSlip()> slip;
        /// What the font says of its rights, for the file.
        std::function<std::string(const FontRef&)> rights;
    };
    HandOffPage(Needs needs, const Theme& theme, QWidget* parent = nullptr);

    QString title() const override { return tr("Hand off"); }
    QString figure() const override;
    void activate() override;
    bool isIdle() const override { return m_needs.model.isIdle() && !m_player_runs; }

    SheetView& sheetView() { return *m_view; }
    RunRibbon& ribbon() { return *m_ribbon; }
    NameList& list() { return *m_list; }
    SentenceBar& sentence() { return *m_sentence; }
    Leaf& leaf() { return *m_leaf; }

    enum class Look { Sheet, Run };
    void setLook(Look look);
    void openLeaf(const QString& key);
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
    QWidget* buildHead();
    QWidget* buildTabs();
    QWidget* buildRun();
    QWidget* buildPanel();
    void connectParts();
    void modelChanged();
    void say();
    void showSheet();
    void showPanel();
    void showMoment();
    void play(bool is_wanted);
    void changeSheet(const QString& name, const std::function<void(SheetSettings&)>& change);
    void moveThing(std::size_t laid, const Placement& there);
    QString sayMoment() const;
    bool mayLie(std::size_t laid, const Placement& there);

    Needs m_needs;
    const Theme& m_theme;
    SentenceBar* m_sentence = nullptr;
    Leaf* m_leaf = nullptr;
    std::map<QString, QWidget*> m_leaves;
    NamesSection* m_names_section = nullptr;
    std::vector<QPushButton*> m_tabs;
    QPushButton *m_previous = nullptr, *m_next = nullptr;
    QLabel *m_which = nullptr, *m_mirrored = nullptr;
    SheetView* m_view = nullptr;
    QLabel *m_run_heading = nullptr, *m_run_words = nullptr, *m_moment = nullptr;
    RunRibbon* m_ribbon = nullptr;
    QPushButton* m_play = nullptr;
    QComboBox* m_speed = nullptr;
    QTimer* m_player = nullptr;
    bool m_player_runs = false;
    QWidget* m_play_row = nullptr;
    QScrollArea* m_panel = nullptr;
    QLabel *m_heading = nullptr, *m_material = nullptr, *m_left_out = nullptr, *m_right = nullptr;
    NameList* m_list = nullptr;
    std::vector<QPushButton*> m_files;
    QPushButton* m_send = nullptr;
    Look m_look = Look::Sheet;
    std::size_t m_sheet = 0;
    /// Of the plan and the sheet that are shown, once something is moved.
    std::unique_ptr<SheetMoves> m_moves;
    std::optional<Verdict> m_verdict;
    QString m_last_folder;
    int m_opened_at = 0;
};

} // namespace ink::ui
