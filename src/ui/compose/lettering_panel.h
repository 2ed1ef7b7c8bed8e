// What can be done to the words, beside them: close-up, shape, this letter, lines, guides, dress.
#pragma once

#include "core/design/composed_design.h"
#include "core/design/try_on.h"
#include "ui/job_model.h"
#include "ui/theme.h"

#include <QWidget>

#include <memory>
#include <vector>

class QLabel;
class QVBoxLayout;

namespace ink::ui {

class LetterSection;
class LetteringView;
class PanelSection;

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

signals:
    void dressWanted();
    void dressingChosen(int index);
    void keepLettersWanted();
    void keepPartWanted();

private:
    void buildDress(QVBoxLayout* column);

    std::vector<PanelSection*> m_sections;
    LetterSection* m_letter = nullptr;
    QWidget* m_dressings = nullptr;
    QLabel* m_dress_note = nullptr;
};

} // namespace ink::ui
