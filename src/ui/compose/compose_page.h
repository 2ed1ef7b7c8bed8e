// Compose: the words in the chosen font, welded, at true size; and the cut file from it.
#pragma once

#include "ui/design_service.h"
#include "ui/job_model.h"
#include "ui/theme.h"

#include <QWidget>

#include <memory>
#include <vector>

class QCheckBox;
class QLabel;
class QPushButton;
class QSlider;

namespace ink::ui {

class MarkLabel;
class Swatches;
class WeldView;

class ComposePage : public QWidget
{
    Q_OBJECT
public:
    ComposePage(JobModel& job, DesignService& designs, const Theme& theme, QWidget* parent = nullptr);

    WeldView& view() { return *m_view; }
    /// The newest finished design; null while there is none for this job.
    std::shared_ptr<const Design> design() const { return m_design; }
    /// False while the design of an older job is still shown.
    bool isUpToDate() const { return m_is_up_to_date; }
    /// Fill colour of the chosen material, as SVG writes it.
    QString materialColour() const;

signals:
    void designChanged();
    void saveWanted();

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    QWidget* buildHead();
    QWidget* buildPanel();
    void jobChanged();
    void show(const DesignResult& result);
    void showFigures();
    void showNodeFigures();
    QWidget* buildSpacing(QWidget* panel);
    void showZoom(double zoom);

    JobModel& m_job;
    DesignService& m_designs;
    const Theme& m_theme;
    Job m_last_job;
    bool m_is_up_to_date = true;
    std::shared_ptr<const Design> m_design;

    WeldView* m_view = nullptr;
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
