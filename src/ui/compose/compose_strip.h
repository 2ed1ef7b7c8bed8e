// What stands below the words: what the letter at the caret is and could wear, the motifs, the tails, and dressings.
#pragma once

#include "ui/compose/lettering_service.h"
#include "ui/design_model.h"
#include "ui/job_model.h"
#include "ui/theme.h"

#include <QTimer>
#include <QWidget>

#include <map>
#include <optional>
#include <vector>

class QLabel;
class QPushButton;
class QStackedWidget;

namespace ink::ui {

class DressingStrip;
class LetteringView;
class MotifTray;
class SentenceBar;
class TailSection;
class TryOnStrip;

class ComposeStrip : public QWidget
{
    Q_OBJECT
public:
    enum StripLeaf { Forms, Pieces, Motifs, Tails, Dressings };

    ComposeStrip(JobModel& job, DesignModel& design, LetteringService& lettering, LetteringView& view,
                 const std::filesystem::path& shelf_folder, const Theme& theme, QWidget* parent = nullptr);

    TryOnStrip& tries() { return *m_tries; }
    MotifTray& tray() { return *m_tray; }
    DressingStrip& dressings() { return *m_dressings; }
    void open(StripLeaf leaf);
    StripLeaf leaf() const { return m_leaf; }
    /// Proposes whole sets of forms, and opens them.
    void dress();
    /// Forms are told from each other in another way, or the process holds something else.
    void lookAgain();
    void focusTries();
    bool isIdle() const;
    /// The height it asks for, of a page so high: large text leaves the words more than half of the room.
    void fit(int page_height);

signals:
    void problem(const ink::Error& error);
    /// The person said which letters a glyph of a font belongs to.
    void corrected(const FontRef& font, std::uint32_t glyph_id, const std::u32string& letters);
    /// What the letter at the caret is like is to be changed, under this place.
    void letterWanted(QWidget* under, const QString& figure);

protected:
    void showEvent(QShowEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    void build();
    void connectTries();
    void jobChanged();
    void fitKeys();
    /// When the hand rests: a letter that is being dragged needs all there is for its weld.
    void askForTriesSoon();
    void askForTries();
    void take(const LetteringService::Tries& tries);
    void showTries();
    void sayLetter();
    void wearTry(int index);
    void takeOffPiece(int index);
    void goBack();
    void endTrying();
    void askForCorrection(int index, QPoint global);
    void showDressings(const Job& asked, const Result<std::vector<Dressing>>& dressings);
    void wearDressing(int index);
    std::optional<std::size_t> triedCharacter() const;
    FontRef fontTried() const;

    JobModel& m_job;
    DesignModel& m_design;
    LetteringService& m_lettering;
    LetteringView& m_view;
    const Theme& m_theme;
    Job m_last_job;
    StripLeaf m_leaf = Forms;
    QTimer m_rest;
    /// What Escape goes back to, and what each try goes on from.
    std::optional<Job> m_before_tries;
    std::optional<Lettering> m_kept;
    bool m_is_trying = false;
    std::optional<std::size_t> m_tried;
    /// All that can be tried on, forms and pieces.
    std::vector<TryOn> m_all;
    FontRef m_all_font;
    QString m_message;

    std::map<StripLeaf, QPushButton*> m_tabs;
    SentenceBar* m_letter = nullptr;
    QLabel* m_keys = nullptr;
    QStackedWidget* m_stack = nullptr;
    TryOnStrip* m_tries = nullptr;
    MotifTray* m_tray = nullptr;
    TailSection* m_tail = nullptr;
    DressingStrip* m_dressings = nullptr;
};

} // namespace ink::ui
