// A few controls of what can be done to the words: what the leaves under the sentence share.
#pragma once

#include "core/design/composed_design.h"
#include "ui/job_model.h"
#include "ui/theme.h"

#include <QWidget>

#include <functional>
#include <memory>
#include <vector>

class QDoubleSpinBox;
class QLabel;
class QVBoxLayout;

namespace ink::ui {

class LetteringView;

class PanelSection : public QWidget
{
    Q_OBJECT
public:
    void showComposed(std::shared_ptr<const ComposedDesign> composed);
    /// The job, and what it came to, as they are now.
    void showNow();
    /// The block that the controls speak of: the one that the caret is in.
    std::size_t block() const;

protected:
    PanelSection(JobModel& job, LetteringView& view, const Theme& theme, QWidget* parent);

    /// Brings the controls up to date; what they say meanwhile changes nothing.
    virtual void showValues() = 0;
    bool isShowing() const { return m_is_showing; }
    QVBoxLayout* column() const { return m_column; }
    const ComposedDesign* composed() const { return m_composed.get(); }
    void changeBlock(const QString& name, const std::function<void(Block&)>& change);

    QLabel* caption(const QString& text, QWidget* buddy);
    QLabel* softLabel(const QString& text, QWidget* buddy = nullptr);
    QDoubleSpinBox* figureBox(const char* name, const QString& spoken, double step, double most,
                              const QString& unit);
    /// A length in the job's unit.
    QDoubleSpinBox* lengthBox(const char* name, const QString& spoken, double most);
    /// The control at the right end of its own row, named at the left.
    void addRow(QWidget* name, QWidget* control);

    JobModel& m_job;
    LetteringView& m_view;
    const Theme& m_theme;

private:
    std::shared_ptr<const ComposedDesign> m_composed;
    QVBoxLayout* m_column = nullptr;
    std::vector<QDoubleSpinBox*> m_lengths;
    bool m_is_showing = false;
};

} // namespace ink::ui
