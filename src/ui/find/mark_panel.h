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
    class TextButton;
    void makeButtons(const std::vector<FitMarkLine>& lines);

    const Theme& m_theme;
    QVBoxLayout* m_column;
    std::vector<std::pair<FitMarkKind, TextButton*>> m_buttons;
    TextButton* m_limits = nullptr;
    std::optional<FitMarkKind> m_shown;
};

} // namespace ink::ui
