// The chosen letters, or the chosen piece: their place, turn, size and font, and their way into the tray.
#pragma once

#include "core/cut/material_card.h"
#include "ui/compose/panel_section.h"

class QPushButton;

namespace ink::ui {

class Choice;

class LetterSection : public PanelSection
{
    Q_OBJECT
public:
    LetterSection(JobModel& job, LetteringView& view, const Theme& theme, QWidget* parent = nullptr);

    /// Fonts that letters can be set in beside the job's: name and file.
    void setFonts(const std::vector<std::pair<QString, FontRef>>& fonts);
    /// Materials that letters can be made of beside the job's; they stay where they are.
    void setMaterials(const std::vector<MaterialCard>& cards);

signals:
    void keepLettersWanted();
    void keepPartWanted();

protected:
    void showValues() override;

private:
    void buildActions();
    void buildHandling();
    void offerMaterials(bool is_sewn);
    void connectFigures();
    void change(const QString& name, const std::function<void(LetterChoice&)>& change);

    QLabel* m_title = nullptr;
    QDoubleSpinBox *m_dx = nullptr, *m_dy = nullptr, *m_turn = nullptr, *m_size = nullptr,
                   *m_before = nullptr;
    QPushButton *m_reset = nullptr, *m_keep_letters = nullptr, *m_keep_part = nullptr;
    const std::vector<MaterialCard>* m_cards = nullptr;
    /// What the choice holds.
    std::optional<bool> m_offers_threads;
    Choice *m_font = nullptr, *m_material = nullptr, *m_operation = nullptr, *m_sewn = nullptr;
};

} // namespace ink::ui
