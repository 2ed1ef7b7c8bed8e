// What can be done to the words, beside them: close-up, shape, this letter, tail, dress.
#pragma once

#include "core/design/composed_design.h"
#include "core/design/try_on.h"
#include "ui/job_model.h"
#include "ui/theme.h"

#include <QWidget>

#include <array>
#include <memory>
#include <vector>

class QButtonGroup;
class QCheckBox;
class QDoubleSpinBox;
class QLabel;
class QPushButton;
class QSlider;
class QVBoxLayout;

namespace ink::ui {

class Choice;
class LetteringView;

class LetteringPanel : public QWidget
{
    Q_OBJECT
public:
    LetteringPanel(JobModel& job, LetteringView& view, const Theme& theme, QWidget* parent = nullptr);

    void showComposed(std::shared_ptr<const ComposedDesign> composed);
    /// Fonts that letters can be set in beside the job's: name and file.
    void setFonts(const std::vector<std::pair<QString, FontRef>>& fonts);
    /// What the words can be dressed in; none while it is not known.
    void setDressings(const std::vector<Dressing>& dressings, bool is_known);
    /// The block of the caret.
    std::size_t block() const;

signals:
    void dressWanted();
    void dressingChosen(int index);
    void keepLettersWanted();
    void keepPartWanted();

private:
    QLabel* caption(const QString& text, QWidget* buddy);
    void buildCloseUp(QVBoxLayout* column);
    void buildShape(QVBoxLayout* column);
    void buildCorners(QVBoxLayout* column);
    void buildLetter(QVBoxLayout* column);
    void buildLines(QVBoxLayout* column);
    void buildDress(QVBoxLayout* column);
    void buildProportions(QVBoxLayout* column);
    std::optional<double> otherSide_mm() const;
    void showProportions();
    void buildGuides(QVBoxLayout* column);
    void showGuide();
    void showJob();
    void showShape();
    void showLetter();
    void showPairs();
    void changeBlock(const QString& name, const std::function<void(Block&)>& change);
    void changeShape(const std::function<void(WordShape&)>& change);
    QDoubleSpinBox* figureBox(const char* name, const QString& spoken, double step, double most,
                              const QString& unit);

    JobModel& m_job;
    LetteringView& m_view;
    const Theme& m_theme;
    std::shared_ptr<const ComposedDesign> m_composed;
    bool m_is_showing = false;

    QCheckBox* m_closes = nullptr;
    QSlider* m_depth = nullptr;
    QLabel *m_depth_value = nullptr, *m_pairs = nullptr;
    QCheckBox* m_evenly = nullptr;
    QButtonGroup* m_shapes = nullptr;
    QDoubleSpinBox *m_amount = nullptr, *m_start = nullptr;
    QCheckBox *m_bends = nullptr, *m_inside = nullptr;
    QWidget* m_corners = nullptr;
    /// Across and up for each corner, in the order of WordShape::corners.
    std::array<QDoubleSpinBox*, 8> m_corner_figures{};
    QLabel* m_letter_title = nullptr;
    QDoubleSpinBox *m_dx = nullptr, *m_dy = nullptr, *m_turn = nullptr, *m_size = nullptr,
                   *m_before = nullptr;
    QPushButton* m_reset = nullptr;
    Choice* m_font = nullptr;
    Choice* m_align = nullptr;
    QCheckBox *m_one_width = nullptr, *m_tail = nullptr;
    QDoubleSpinBox *m_tail_drop = nullptr, *m_block_size = nullptr, *m_line_gap = nullptr,
                   *m_stretch = nullptr;
    QDoubleSpinBox* m_guide_at = nullptr;
    QPushButton *m_guide_remove = nullptr, *m_keep_letters = nullptr, *m_keep_part = nullptr;
    QCheckBox* m_proportions = nullptr;
    QDoubleSpinBox* m_other_side = nullptr;
    QLabel* m_other_name = nullptr;
    QWidget* m_dressings = nullptr;
    QLabel* m_dress_note = nullptr;
};

} // namespace ink::ui
