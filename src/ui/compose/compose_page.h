// Compose: the words at true size, their letters tried on, closed up, bent and dressed; and the cut file from
// it.
#pragma once

#include "core/design/motif_making.h"
#include "ui/compose/lettering_service.h"
#include "ui/job_model.h"
#include "ui/theme.h"

#include <QTimer>
#include <QWidget>

#include <memory>
#include <vector>

class QButtonGroup;
class QCheckBox;
class QLabel;
class QPushButton;
class QSlider;
class QStackedWidget;

namespace ink::ui {

class LetteringPanel;
class LetteringView;
class MarkLabel;
class MotifTray;
class Swatches;
class TryOnStrip;
class WordsLine;

class ComposePage : public QWidget
{
    Q_OBJECT
public:
    ComposePage(JobModel& job, LetteringService& lettering, const std::filesystem::path& shelf_folder,
                const Theme& theme, QWidget* parent = nullptr);

    LetteringView& view() { return *m_view; }
    LetteringPanel& panel() { return *m_lettering_panel; }
    TryOnStrip& strip() { return *m_strip; }
    MotifTray& tray() { return *m_tray; }
    /// The newest finished design; null while there is none for this job.
    std::shared_ptr<const Design> design() const;
    std::shared_ptr<const ComposedDesign> composed() const { return m_composed; }
    void showTray(bool shown);
    bool isIdle() const;
    /// False while the design of an older job is still shown.
    bool isUpToDate() const { return m_is_up_to_date; }
    /// Fill colour of the chosen material, as SVG writes it.
    QString materialColour() const;

signals:
    void designChanged();
    void saveWanted();
    void refused(const Error& error);
    /// The person said which letters a glyph of a font belongs to.
    void corrected(const FontRef& font, std::uint32_t glyph_id, const std::u32string& letters);
    /// Motifs of the job's font, and of a picture file, are to be taken in.
    void takeFontWanted();
    void takeSvgWanted();
    /// Letters of the job are to be kept in the tray as one motif, with the rights of their font.
    void keepDrawingWanted(const MotifDrawing& drawing, const std::vector<FontRef>& fonts);

protected:
    void resizeEvent(QResizeEvent* event) override;
    void showEvent(QShowEvent* event) override;

private:
    QWidget* buildHead();
    QWidget* buildPanel();
    void jobChanged();
    void show(const ComposedResult& result);
    QWidget* buildStrip();
    void fitLower();
    void fitKeys();
    /// When the hand rests: a letter that is being dragged needs all there is for its weld.
    void askForTriesSoon();
    void askForTries();
    void showTries(const LetteringService::Tries& tries);
    void wearTry(int index);
    void takeOffPiece(int index);
    void keepLettersAsMotif();
    void keepPartAsMotif(const QRectF& frame_mm);
    void keepMade(const Result<MadeMotif>& made, const QString& name);
    void askForCorrection(int index, QPoint global);
    void showDressings(const Result<std::vector<Dressing>>& dressings);
    void wearDressing(int index);
    void placeMotif(qlonglong id, const std::function<void(Job&, const std::string&)>& place);
    void showPlain();
    /// The letter that is tried on: the one the caret stands behind.
    std::optional<std::size_t> triedCharacter() const;
    FontRef fontTried() const;
    void showFigures();
    void showNodeFigures();
    QWidget* buildSpacing(QWidget* panel);
    void showZoom(double zoom);

    JobModel& m_job;
    LetteringService& m_lettering;
    const Theme& m_theme;
    Job m_last_job;
    bool m_is_up_to_date = true;
    std::shared_ptr<const ComposedDesign> m_composed;
    std::vector<Dressing> m_dressings;
    /// What Escape goes back to, and what each try goes on from.
    std::optional<Job> m_before_tries;
    std::optional<Lettering> m_kept;
    bool m_is_trying = false;
    std::optional<std::size_t> m_tried;
    FontRef m_strip_font;
    QTimer m_rest;

    LetteringView* m_view = nullptr;
    LetteringPanel* m_lettering_panel = nullptr;
    TryOnStrip* m_strip = nullptr;
    MotifTray* m_tray = nullptr;
    QStackedWidget* m_lower = nullptr;
    QPushButton *m_tries_tab = nullptr, *m_tray_tab = nullptr;
    QLabel *m_strip_title = nullptr, *m_strip_keys = nullptr;
    WordsLine* m_plain = nullptr;
    QWidget* m_panel = nullptr;
    QLabel* m_zoom = nullptr;
    Swatches* m_material = nullptr;
    QCheckBox* m_mirrored = nullptr;
    QSlider* m_spacing = nullptr;
    QLabel* m_spacing_value = nullptr;
    QPushButton* m_spacing_reset = nullptr;
    QCheckBox* m_nodes = nullptr;
    QLabel* m_node_figures = nullptr;
    QWidget* m_figures = nullptr;
    std::vector<QLabel*> m_values;
    QLabel* m_title = nullptr;
    MarkLabel* m_finding_mark = nullptr;
    QLabel* m_finding = nullptr;
    QPushButton* m_save = nullptr;
};

} // namespace ink::ui
