// What is sewn, before it is sewn: on the cloth, the needle's way, how thick it lies; and its files.
#pragma once

#include "services/stitcher_line.h"
#include "ui/handoff/handed_files.h"
#include "ui/handoff/name_list.h"
#include "ui/handoff/run_card.h"
#include "ui/needle/cloth_view.h"
#include "ui/needle/needle_model.h"
#include "ui/needle/stroke_box.h"
#include "ui/widgets/sentence_head.h"

class QLabel;
class QPushButton;
class QScrollArea;
class QVBoxLayout;

namespace ink::ui {

class SmallerButton;
class TabRow;

class NeedlePage : public QWidget
{
    Q_OBJECT
public:
    NeedlePage(JobModel& job, HandOffModel& names, HandedFiles& files, StitcherLine& machine,
               std::function<QString()> stitch_file, StrokeBox::PlaceAt place_at, std::filesystem::path hoops,
               const Theme& theme, QWidget* parent = nullptr);

    ClothView& cloth() { return *m_cloth; }
    RunCard& sewing() { return *m_sewing; }
    SentenceBar& sentence() { return m_head->sentence(); }
    NeedleModel& model() { return m_model; }
    bool isIdle() const { return m_model.isIdle() && m_cloth->isIdle() && !m_sewing->isPlaying(); }
    void setLook(ClothView::Look look);
    void openLeaf(const QString& key) { m_head->open(key); }
    void save(StitchFormat format);
    /// The name that is shown, to the machine.
    void send();
    StrokeBox& stroke() { return *m_stroke; }
    /// Any stitch file, instead of the job's, until the job changes.
    void lookInto(const QString& path);
    QString figure() const;

signals:
    void told(const QString& words);
    void problem(const ink::Error& error);
    void figureChanged();

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    QWidget* buildHead(std::filesystem::path hoops);
    QWidget* buildTabs();
    QWidget* buildPanel(std::function<QString()> stitch_file, StrokeBox::PlaceAt place_at);
    void say();
    void showSewn();
    void showWork(std::shared_ptr<const ClothView::Shown> shown, const StitchFigures& figures,
                  double stitches_a_minute);
    void showFindings();
    void showMoment();
    void addLine(const QString& words, const QString& figure, bool is_fine = true);

    JobModel& m_job;
    HandOffModel& m_names;
    HandedFiles& m_files;
    StitcherLine& m_machine;
    const Theme& m_theme;
    NeedleModel m_model;
    SentenceHead* m_head = nullptr;
    TabRow* m_tabs = nullptr;
    ClothView* m_cloth = nullptr;
    RunCard* m_sewing = nullptr;
    QScrollArea* m_panel = nullptr;
    QLabel *m_heading = nullptr, *m_hoop = nullptr;
    SmallerButton* m_smaller = nullptr;
    QWidget* m_lines = nullptr;
    QVBoxLayout* m_line_column = nullptr;
    NameList* m_list = nullptr;
    std::vector<QPushButton*> m_save;
    QPushButton *m_save_cloth = nullptr, *m_send = nullptr;
    StrokeBox* m_stroke = nullptr;
    /// A file is looked into, not the job.
    bool m_is_looking = false;
    std::shared_ptr<const ClothView::Shown> m_shown;
    std::vector<double> m_times;
    ClothView::Look m_look = ClothView::Look::Cloth;
};

/// What a finding says, in a sentence.
QString sayFinding(const StitchFinding& finding, LengthUnit unit);

} // namespace ink::ui
