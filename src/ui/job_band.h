// The job, always in sight: words, finished size, what makes it, for sale or a gift.
#pragma once

#include "ui/job_model.h"
#include "ui/theme.h"

#include <QWidget>

#include <map>

class QDoubleSpinBox;
class QLabel;
class QPushButton;

namespace ink::ui {

class Choice;
class WordsEdit;

class JobBand : public QWidget
{
    Q_OBJECT
public:
    JobBand(JobModel& model, const Theme& theme, QWidget* parent = nullptr);

    /// What the finished thing measures in each way a size can be asked for; what is not known is left out.
    void showMeasures(const std::map<SizeBy, double>& measures_mm);
    void focusWords();

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    void build();
    QWidget* buildSize();
    QWidget* section(const QString& caption, QWidget* content);
    void showJob();
    void showOther();

    JobModel& m_model;
    const Theme& m_theme;
    WordsEdit* m_words = nullptr;
    QDoubleSpinBox* m_size = nullptr;
    Choice* m_unit = nullptr;
    Choice* m_by = nullptr;
    QLabel* m_other = nullptr;
    Choice* m_process = nullptr;
    QPushButton* m_sale = nullptr;
    QPushButton* m_gift = nullptr;
    std::map<SizeBy, double> m_measures_mm;
    std::vector<QWidget*> m_sections;
    std::vector<QLabel*> m_captions;
};

} // namespace ink::ui
