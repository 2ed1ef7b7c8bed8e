// The fit marks of one font as a list; pressing one shows where it comes from.
#pragma once

#include "ui/find/fit_mark_list.h"

#include <QWidget>

#include <optional>

class QButtonGroup;
class QVBoxLayout;

namespace ink::ui {

class MarkPanel : public QWidget
{
    Q_OBJECT
public:
    explicit MarkPanel(const Theme& theme, QWidget* parent = nullptr);

    void setLines(const std::vector<FitMarkLine>& lines);
    void setShown(std::optional<FitMarkKind> kind);

signals:
    /// Nothing when the pressed one was shown already.
    void shownChanged(std::optional<ink::ui::FitMarkKind> kind);

private:
    const Theme& m_theme;
    QVBoxLayout* m_column;
    std::vector<std::pair<FitMarkKind, class QPushButton*>> m_buttons;
    std::vector<QString> m_key;
    std::optional<FitMarkKind> m_shown;
};

} // namespace ink::ui
