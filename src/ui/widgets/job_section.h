// A few controls of the job, one under the other: what opens under a phrase of a station's sentence.
#pragma once

#include "ui/job_model.h"
#include "ui/theme.h"

#include <QWidget>

#include <functional>
#include <vector>

class QAbstractButton;
class QComboBox;
class QDoubleSpinBox;
class QPushButton;
class QVBoxLayout;

namespace ink::ui {

class JobSection : public QWidget
{
    Q_OBJECT
public:
    JobSection(JobModel& job, const Theme& theme, QWidget* parent);

    enum class Measure { Length, Area, Seconds, MmPerSecond, Count };
    using Read = std::function<double(const Job&)>;
    using Write = std::function<void(Job&, double)>;
    QDoubleSpinBox* addFigure(const QString& caption, const char* name, Measure measure, double most,
                              const QString& step, Read read, Write write);
    QAbstractButton* addSwitch(const QString& caption, const char* name, const QString& step,
                               std::function<bool(const Job&)> read, std::function<void(Job&, bool)> write);
    /// One of several; `read` gives the number of the one that is chosen.
    QComboBox* addChoice(const QString& caption, const char* name, const QStringList& choices,
                         const QString& step, std::function<int(const Job&)> read,
                         std::function<void(Job&, int)> write);
    QPushButton* addButton(const QString& words, const char* name, const std::function<void()>& pressed);
    void addHint(const QString& words);
    /// Brings the controls up to date; what they say meanwhile changes nothing.
    void showNow();

protected:
    struct Figure
    {
        QDoubleSpinBox* box = nullptr;
        Measure measure{};
        Read read;
        double most = 0.0;
    };
    QDoubleSpinBox* figureBox(const QString& caption, const char* name);
    double perUnit(Measure measure) const;
    bool isShowing() const { return m_is_showing; }
    JobModel& job() const { return m_job; }
    const Theme& theme() const { return m_theme; }
    QVBoxLayout* column() const { return m_column; }
    std::vector<Figure>& figures() { return m_figures; }

private:
    struct Switch
    {
        QAbstractButton* button = nullptr;
        std::function<bool(const Job&)> read;
    };
    struct OneOf
    {
        QComboBox* box = nullptr;
        std::function<int(const Job&)> read;
    };

    JobModel& m_job;
    const Theme& m_theme;
    QVBoxLayout* m_column = nullptr;
    std::vector<Figure> m_figures;
    std::vector<Switch> m_switches;
    std::vector<OneOf> m_choices;
    bool m_is_showing = false;
};

} // namespace ink::ui
