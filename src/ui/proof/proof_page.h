// Proof: what the process will not hold, at its place, with what mends it.
#pragma once

#include "ui/compose/lettering_service.h"
#include "ui/proof/proof_list.h"
#include "ui/proof/proof_model.h"
#include "ui/station.h"
#include "ui/theme.h"
#include "ui/widgets/sentence_head.h"

#include <map>
#include <memory>

class QLabel;
class QPushButton;
class QStackedWidget;

namespace ink::ui {

class MendingsSection;
class PiecesView;
class ProofView;
class TabRow;

class ProofPage : public Station
{
    Q_OBJECT
public:
    ProofPage(JobModel& job, DesignModel& design, ProofModel& proof, LetteringService& lettering,
              const Theme& theme, QWidget* parent = nullptr);

    QString title() const override { return tr("Proof"); }
    QString handbookPage() const override { return QStringLiteral("proof.md"); }
    QString figure() const override;
    void activate() override;
    bool isIdle() const override { return m_proof.isIdle(); }

    ProofList& list() { return *m_list; }
    ProofView& view() { return *m_view; }
    Leaf& leaf() { return m_head->leaf(); }
    SentenceBar& sentence() { return m_head->sentence(); }
    void setMaterial(const QColor& colour);
    void openLeaf(const QString& key) { m_head->open(key); }

    enum class Look { InMaterial, Outline, BeforeTheWeld, Pieces };
    void setLook(Look look);

    void take(std::size_t finding, const Offer& offer);
    void leave(std::size_t finding, bool is_everywhere);
    void mendAll();

signals:
    void limitsWanted();
    void fontWanted();
    void rightsWanted();

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    QWidget* buildHead();
    QWidget* buildTabs();
    QWidget* buildFoot();
    QWidget* buildPanel();
    void connectParts();
    void proofChanged();
    void say();
    void showPanelHead();
    void showFoot();
    void showPaper();
    void currentMoved();
    void placeCallout();
    void prepareUnmended();
    void showUnmended(bool is_wanted);
    bool mendsMore();
    void tellWhatWasDone();
    /// Whether a change is a step to undo, or more of it may follow.
    enum class Ends { Here, Later };
    void change(const QString& name, const std::function<void(Job&)>& change, Ends ends = Ends::Here);
    void doErrand(const Offer& offer);
    void takeBridgeOff(Job& job, std::size_t bridge) const;
    void addBridge(Job& job, Point at_mm) const;
    void moveBridge(std::size_t bridge, Point to_mm);

    JobModel& m_job;
    DesignModel& m_design;
    ProofModel& m_proof;
    LetteringService& m_lettering;
    const Theme& m_theme;

    SentenceHead* m_head = nullptr;
    TabRow* m_tabs = nullptr;
    QStackedWidget* m_views = nullptr;
    ProofView* m_view = nullptr;
    PiecesView* m_pieces = nullptr;
    QPushButton* m_callout = nullptr;
    QLabel *m_minutes = nullptr, *m_weeding = nullptr;
    QWidget* m_panel = nullptr;
    QLabel *m_heading = nullptr, *m_holds = nullptr;
    QPushButton* m_mend_all = nullptr;
    ProofList* m_list = nullptr;
    Look m_look = Look::InMaterial;

    std::shared_ptr<const Design> m_unmended;
    std::optional<Job> m_unmended_of;
    bool m_unmended_held = false;
    /// What the last action has to be told of, once it is made.
    struct Before
    {
        Mended mended;
        double area_mm2 = 0.0;
    };
    std::optional<Before> m_before;
    /// While all is being mended: the job as that left it. What it made is mended with it.
    std::optional<Job> m_mending_all;
};

} // namespace ink::ui
