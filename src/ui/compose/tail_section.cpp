#include "ui/compose/tail_section.h"

#include "ui/compose/lettering_view.h"
#include "ui/measures.h"
#include "ui/text.h"

#include <QCheckBox>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QVBoxLayout>

namespace ink::ui {

TailSection::TailSection(JobModel& model, LetteringView& view, const Theme& theme, QWidget* parent)
    : PanelSection(model, view, theme, parent)
{
    m_tail = new QCheckBox(tr("Tail under the words, below them by"), this);
    m_tail->setObjectName(QStringLiteral("tail"));
    m_drop = lengthBox("tailDrop", tr("How far below the letters"), 999.0);
    addRow(m_tail, m_drop);
    m_from = softLabel({});
    m_from->setWordWrap(true);
    column()->addWidget(m_from);
    connect(m_tail, &QCheckBox::clicked, this,
            [this](bool on) { changeBlock(tr("tail under the words"), [&](Block& b) { b.has_tail = on; }); });
    connect(m_drop, &QDoubleSpinBox::valueChanged, this, [this](double v) {
        if (isShowing() || !composed())
            return;
        changeBlock(tr("hang the tail"), [&](Block& b) {
            b.tail_drop_em = toMm(v, m_job.job().unit) / (composed()->mm_per_u_up * 1000.0);
        });
    });
}

void TailSection::showValues()
{
    const auto& lettering = m_job.job().lettering;
    const auto& b = lettering.block(m_view.block());
    m_tail->setChecked(b.has_tail);
    m_drop->setEnabled(b.has_tail);
    if (composed())
        m_drop->setValue(fromMm(b.tail_drop_em * composed()->mm_per_u_up * 1000.0, m_job.job().unit));
    const auto motif = lettering.motifs.find(b.tail_motif);
    const bool is_there =
        composed() && std::ranges::any_of(composed()->setting.pieces, [&](const PlacedOutline& placed) {
            return !placed.piece && placed.block == m_view.block();
        });
    m_from->setText(!b.has_tail ? tr("The font's own tail of the nearest width, or a motif: choose one among "
                                     "the motifs and press “As a tail”.")
                    : motif != lettering.motifs.end()
                        ? tr("It is the motif %1.").arg(text(motif->second.name))
                    : is_there ? tr("It is one of the font's own.")
                               : tr("This font has no tail: choose a motif and press “As a tail”."));
}

} // namespace ink::ui
