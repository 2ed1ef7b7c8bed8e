// The job's words in one font, large, with the places of a mark on them.
#pragma once

#include "ui/find/fit_mark_list.h"

#include <QWidget>

#include <optional>

namespace ink::ui {

class WordsView : public QWidget
{
    Q_OBJECT
public:
    explicit WordsView(const Theme& theme, QWidget* parent = nullptr);

    void setCard(std::shared_ptr<const FitCard> card, const std::string& words,
                 std::vector<FitMarkLine> lines = {});
    void setProblem(const QString& problem);
    void setShownMark(std::optional<FitMarkKind> kind);
    /// px for one mm; 0 fits the words into the room.
    void setScale(double px_per_mm);
    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    const Theme& m_theme;
    std::shared_ptr<const FitCard> m_card;
    std::vector<FitMarkLine> m_lines;
    QString m_problem;
    std::optional<FitMarkKind> m_shown;
    double m_px_per_mm = 0.0;
};

} // namespace ink::ui
