// What the words do, as a sentence above them: each underlined part opens its few controls right under it.
#pragma once

#include "core/proof/outline_proof.h"
#include "core/rights/dossier.h"
#include "ui/compose/lettering_service.h"
#include "ui/design_model.h"
#include "ui/job_model.h"
#include "ui/theme.h"

#include <QWidget>

#include <map>
#include <optional>
#include <vector>

class QBoxLayout;
class QLabel;
class QPushButton;

namespace ink::ui {

class Leaf;
class LetteringView;
class LetterSection;
class MarkLabel;
class MaterialSection;
class PanelSection;
class SentenceBar;

class ComposeSentence : public QWidget
{
    Q_OBJECT
public:
    /// Leaves open over `page`.
    ComposeSentence(JobModel& job, DesignModel& design, LetteringService& lettering, LetteringView& view,
                    const Theme& theme, QWidget* page);

    SentenceBar& sentence() { return *m_sentence; }
    MaterialSection& material() { return *m_material; }
    LetterSection& letter() { return *m_letter; }
    Leaf& leaf() { return *m_leaf; }
    /// Large text in a low window: smaller type, and the buttons under each other.
    void setTight(bool is_tight);
    /// Opens the controls of a phrase under `under`, by default under the phrase itself.
    void openLeaf(const QString& key, QWidget* under = nullptr);
    /// Opens the leaf that holds a control, where it is not open.
    void openLeafWith(const QWidget* control);
    /// Of the job's font; nothing while it is not known.
    /// The worst of them is said where nothing keeps the words from being made.
    void showProof(const std::vector<ProofFinding>& findings);
    void showRight(const QString& font, std::optional<Verdict> verdict);

signals:
    void handOffWanted();
    void dressWanted();
    void fontWanted();
    void rightsWanted();

private:
    void addSections(LetteringService& lettering, LetteringView& view, QWidget* page);
    void addMore(QWidget* page);
    QWidget* buildButtons();
    void say();
    void sayFinding();
    void fillMore();

    JobModel& m_job;
    DesignModel& m_design;
    const Theme& m_theme;
    SentenceBar* m_sentence = nullptr;
    MarkLabel* m_finding_mark = nullptr;
    QLabel* m_finding = nullptr;
    QPushButton *m_hand_off = nullptr, *m_dress = nullptr;
    QBoxLayout* m_buttons = nullptr;
    Leaf* m_leaf = nullptr;
    std::map<QString, QWidget*> m_leaves;
    std::vector<PanelSection*> m_sections;
    MaterialSection* m_material = nullptr;
    LetterSection* m_letter = nullptr;
    QString m_font;
    std::optional<Verdict> m_verdict;
    std::vector<ProofFinding> m_findings;
    /// Where Escape goes back to.
    int m_opened_at = 0;
};

/// The parts of the sentence, by key; those that say nothing of their own are empty.
/// The keys: close-up, shape, lines, worn, spacing, tail, guides, mirrored.
std::map<QString, QString> composePhrases(const Job& job, std::size_t block);

} // namespace ink::ui
