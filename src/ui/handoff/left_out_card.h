// What is larger than its sheet, and what makes it fit: a turn, another sheet, a smaller size.
#pragma once

#include "core/cut/material_card.h"

#include <QWidget>

#include <optional>

class QLabel;
class QPushButton;

namespace ink::ui {

class HandOffModel;
class JobModel;
class SmallerButton;
class Theme;

class LeftOutCard : public QWidget
{
    Q_OBJECT
public:
    LeftOutCard(JobModel& job, const Theme& theme, QWidget* parent = nullptr);

    /// Hidden where the plan leaves nothing out.
    void showPlan(const HandOffModel& model);

private:
    JobModel& m_job;
    QLabel* m_words = nullptr;
    QPushButton *m_turn = nullptr, *m_roomier = nullptr;
    SmallerButton* m_smaller = nullptr;
    std::optional<MaterialCard> m_card;
};

} // namespace ink::ui
