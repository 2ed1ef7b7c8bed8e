// The fit marks of one font as a list; pressing one shows where it comes from.
#pragma once

#include "ui/find/fit_mark_list.h"

#include <QWidget>

#include <optional>

class QVBoxLayout;

namespace ink::ui {

class MarkPanel : public QWidget
{
    Q_OBJECT
public:
    explicit MarkPanel(const Theme& theme, QWidget* parent = nullptr);

    void setLines(const std::vector<FitMarkLine>& lines);
    void setShown(std::optional<FitMarkKind> kind);
    /// What the marks are judged by, with a way to change it.
    void setLimits(const Job& job);

signals:
    /// Nothing when the pressed one was shown already.
    void shownChanged(std::optional<ink::ui::FitMarkKind> kind);
    void limitsWanted();

private:
    const Theme& m_theme;
    QVBoxLayout* m_column;
    std::vector<std::pair<FitMarkKind, class QPushButton*>> m_buttons;
    std::vector<QString> m_key;
    class QPushButton* m_limits = nullptr;
    QString m_limits_text;
    std::optional<FitMarkKind> m_shown;
};

} // namespace ink::ui
