// Compose: the words at true size, what they do as a sentence above them, what their letters could wear below; and the cut
// file from it.
#pragma once

#include "core/cut/material_card.h"
#include "core/design/motif_making.h"
#include "core/rights/dossier.h"
#include "ui/design_model.h"
#include "ui/station.h"
#include "ui/theme.h"

#include <functional>
#include <memory>
#include <optional>
#include <vector>

class QLabel;

namespace ink::ui {

class ComposeSentence;
class ComposeStrip;
class LetteringView;
class MotifTray;
class PairCallout;
class TryOnStrip;

class ComposePage : public Station
{
    Q_OBJECT
public:
    ComposePage(JobModel& job, DesignModel& design, LetteringService& lettering,
                const std::filesystem::path& shelf_folder, const Theme& theme, QWidget* parent = nullptr);

    QString title() const override { return tr("Compose"); }
    QString handbookPage() const override { return QStringLiteral("compose.md"); }
    QString figure() const override;
    void activate() override;
    bool isIdle() const override;

    LetteringView& view() { return *m_view; }
    ComposeSentence& sentence() { return *m_sentence; }
    ComposeStrip& lower() { return *m_strip; }
    TryOnStrip& strip();
    MotifTray& tray();
    PairCallout& pairCallout() { return *m_callout; }
    std::shared_ptr<const ComposedDesign> composed() const { return m_design.composed(); }
    /// Fill colour of the chosen material, as SVG writes it.
    QString materialColour() const;
    /// Fonts that letters can be set in beside the job's: name and file.
    void setFonts(const std::vector<std::pair<QString, FontRef>>& fonts);
    /// Materials that letters can be made of beside the job's; they stay where they are.
    void setMaterials(const std::vector<MaterialCard>& cards);
    /// The worst of them stands beside the sentence.
    void showProof(const std::vector<ProofFinding>& findings);
    /// Of the job's font; nothing while it is not known.
    void showRight(const QString& font, std::optional<Verdict> verdict);
    /// Forms are told from each other in another way now.
    void lookAgain();

signals:
    void handOffWanted();
    void rightsWanted();
    void fontWanted();
    /// The person said which letters a glyph of a font belongs to.
    void corrected(const FontRef& font, std::uint32_t glyph_id, const std::u32string& letters);
    /// Motifs of the job's font, and of a picture file, are to be taken in.
    void takeFontWanted();
    void takeSvgWanted();
    /// Letters of the job are to be kept in the tray as one motif, with the rights of their font.
    void keepDrawingWanted(const MotifDrawing& drawing, const std::vector<FontRef>& fonts);

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void buildPaperHead();
    void placePaperHead();
    void connectParts();
    void connectTray();
    void designChanged();
    void keepLettersAsMotif();
    void keepPartAsMotif(const QRectF& frame_mm);
    void keepMade(const Result<MadeMotif>& made, const QString& name);
    void placeMotif(qlonglong id, const std::function<void(Job&, const std::string&)>& place);
    void intoLine(qlonglong id);
    void besideLetter(qlonglong id);
    void dropped(const QString& id, QPointF mm, std::optional<std::size_t> letter);
    void showZoom(double zoom);

    JobModel& m_job;
    DesignModel& m_design;
    const Theme& m_theme;
    LetteringView* m_view = nullptr;
    ComposeSentence* m_sentence = nullptr;
    ComposeStrip* m_strip = nullptr;
    PairCallout* m_callout = nullptr;
    /// On the paper, in its upper corner.
    QWidget* m_paper_head = nullptr;
    QLabel* m_zoom = nullptr;
};

} // namespace ink::ui
