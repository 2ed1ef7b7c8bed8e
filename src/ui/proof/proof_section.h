// The few controls under each phrase of Proof's sentence.
#pragma once

#include "ui/job_model.h"
#include "ui/theme.h"

#include <QWidget>

#include <functional>
#include <vector>

class QAbstractButton;
class QDoubleSpinBox;
class QPushButton;
class QVBoxLayout;

namespace ink::ui {

class ProofSection : public QWidget
{
    Q_OBJECT
public:
    ProofSection(JobModel& job, const Theme& theme, QWidget* parent);

    enum class Measure { Length, Area, Seconds, MmPerSecond };
    using Read = std::function<double(const Job&)>;
    using Write = std::function<void(Job&, double)>;
    QDoubleSpinBox* addFigure(const QString& caption, const char* name, Measure measure, double most,
                              const QString& step, Read read, Write write);
    QAbstractButton* addSwitch(const QString& caption, const char* name, const QString& step,
                               std::function<bool(const Job&)> read, std::function<void(Job&, bool)> write);
    QPushButton* addButton(const QString& words, const char* name, const std::function<void()>& pressed);
    void addHint(const QString& words);
    /// One rule, with its name before it; gone again at removeRows().
    void addMending(std::size_t number);
    void removeRows();
    QWidget* firstRow() const { return m_rows.front(); }
    void showNow();

private:
    struct Figure
    {
        QDoubleSpinBox* box = nullptr;
        Measure measure{};
        Read read;
        double most = 0.0;
    };
    struct Switch
    {
        QAbstractButton* button = nullptr;
        std::function<bool(const Job&)> read;
    };
    QDoubleSpinBox* figureBox(const QString& caption, const char* name);
    double perUnit(Measure measure) const;

    JobModel& m_job;
    const Theme& m_theme;
    QVBoxLayout* m_column = nullptr;
    std::vector<Figure> m_figures;
    std::vector<Switch> m_switches;
    std::vector<QWidget*> m_rows;
    bool m_is_showing = false;
};

/// What is mended, each to be changed or taken back.
class MendingsSection : public ProofSection
{
    Q_OBJECT
public:
    MendingsSection(JobModel& job, const Theme& theme, QWidget* parent);
    void showMendings();

private:
    JobModel& m_all_of;
    QPushButton* m_take_back_all = nullptr;
    std::vector<Mending> m_shown;
    LengthUnit m_unit{};
};

ProofSection* makeWholeSection(JobModel& job, const Theme& theme, QWidget* parent);
ProofSection* makeSheetSection(JobModel& job, const Theme& theme, QWidget* parent);
ProofSection* makeWeedingSection(JobModel& job, const Theme& theme, QWidget* parent);
ProofSection* makeNodesSection(JobModel& job, const Theme& theme, QWidget* parent);

} // namespace ink::ui
