#include "ui/compose/lines_section.h"

#include "ui/compose/lettering_view.h"
#include "ui/measures.h"
#include "ui/widgets/choice.h"

#include <QCheckBox>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QVBoxLayout>

#include <algorithm>
#include <cmath>

namespace ink::ui {

LinesSection::LinesSection(JobModel& model, LetteringView& view, const Theme& theme, QWidget* parent)
    : PanelSection(model, view, theme, parent)
{
    m_align = new Choice(m_theme, this, Choice::Ground::Paper);
    m_align->setObjectName(QStringLiteral("lineAlign"));
    m_align->setAccessibleName(tr("How the lines stand under each other"));
    m_align->addChoice(tr("left edges"), {}, static_cast<int>(Align::Left));
    m_align->addChoice(tr("middles"), {}, static_cast<int>(Align::Middle));
    m_align->addChoice(tr("right edges"), {}, static_cast<int>(Align::Right));
    m_one_width = new QCheckBox(tr("lines of one width"), this);
    m_one_width->setObjectName(QStringLiteral("oneWidth"));
    auto* row = new QHBoxLayout;
    row->addWidget(caption(tr("Lines meet at their"), m_align));
    row->addWidget(m_align, 1);
    column()->addLayout(row);
    column()->addWidget(m_one_width);
    m_line_gap = figureBox("lineGap", tr("Distance of the lines, of the font's own"), 1.0, 400.0,
                           QStringLiteral(" %"));
    m_line_gap->setMinimum(20.0);
    m_size = figureBox("blockSize", tr("Size of these lines beside the others"), 1.0, 1000.0,
                       QStringLiteral(" %"));
    m_size->setMinimum(5.0);
    m_stretch = figureBox("blockStretch", tr("Width of the letters beside their own proportions"), 1.0, 500.0,
                          QStringLiteral(" %"));
    m_stretch->setMinimum(20.0);
    addRow(softLabel(tr("line to line"), m_line_gap), m_line_gap);
    addRow(softLabel(tr("size of these lines"), m_size), m_size);
    addRow(softLabel(tr("width of their letters"), m_stretch), m_stretch);
    buildProportions();

    connect(m_align, &QComboBox::activated, this, [this] {
        changeBlock(tr("align lines"),
                    [&](Block& b) { b.align = static_cast<Align>(m_align->currentData().toInt()); });
    });
    connect(m_line_gap, &QDoubleSpinBox::valueChanged, this, [this](double v) {
        if (!isShowing())
            changeBlock(tr("line distance"), [&](Block& b) { b.line_gap = v / 100.0; });
    });
    connect(m_size, &QDoubleSpinBox::valueChanged, this, [this](double v) {
        if (!isShowing())
            changeBlock(tr("size of lines"), [&](Block& b) { b.size = v / 100.0; });
    });
    connect(m_stretch, &QDoubleSpinBox::valueChanged, this, [this](double v) {
        if (!isShowing())
            changeBlock(tr("width of letters"), [&](Block& b) { b.stretch = v / 100.0; });
    });
    connect(m_one_width, &QCheckBox::clicked, this, [this](bool on) {
        changeBlock(tr("lines of one width"), [&](Block& b) { b.has_one_width = on; });
    });
}

/// The other side of the finished size, where it is told otherwise than the proportions would have it.
void LinesSection::buildProportions()
{
    m_proportions = new QCheckBox(tr("keeps its proportions"), this);
    m_proportions->setObjectName(QStringLiteral("keepsProportions"));
    m_other_side = lengthBox("otherSideFigure", tr("The other side of the finished size"), 99999.0);
    m_other_side->setMinimum(0.0);
    m_other_name = softLabel({}, m_other_side);
    column()->addWidget(m_proportions);
    addRow(m_other_name, m_other_side);
    connect(m_proportions, &QCheckBox::clicked, this, [this](bool kept) {
        FinishedSize size = m_job.job().size;
        size.other_mm = kept ? std::nullopt : otherSide_mm();
        m_job.endRun();
        m_job.setSize(size);
    });
    connect(m_other_side, &QDoubleSpinBox::valueChanged, this, [this](double value) {
        if (isShowing())
            return;
        FinishedSize size = m_job.job().size;
        size.other_mm = toMm(value, m_job.job().unit);
        m_job.setSize(size);
    });
}

std::optional<double> LinesSection::otherSide_mm() const
{
    if (!composed())
        return {};
    const Box& box = composed()->design.figures_mm.box;
    return m_job.job().size.by == SizeBy::Width ? box.height() : box.width();
}

void LinesSection::showValues()
{
    const auto& b = m_job.job().lettering.block(m_view.block());
    m_align->setCurrentIndex(std::max(0, m_align->findData(static_cast<int>(b.align))));
    m_one_width->setChecked(b.has_one_width);
    m_line_gap->setValue(b.line_gap * 100.0);
    m_size->setValue(b.size * 100.0);
    m_stretch->setValue(b.stretch * 100.0);
    showProportions();
}

void LinesSection::showProportions()
{
    const auto& size = m_job.job().size;
    const bool can = size.by == SizeBy::Width || size.by == SizeBy::Height;
    m_proportions->setVisible(can);
    m_other_name->setVisible(can);
    m_other_side->setVisible(can);
    m_proportions->setChecked(!size.isOutOfProportion());
    m_proportions->setEnabled(composed() || size.isOutOfProportion());
    m_other_name->setText(size.by == SizeBy::Width ? tr("height of the whole") : tr("width of the whole"));
    m_other_side->setEnabled(size.isOutOfProportion());
    const auto shown = size.isOutOfProportion() ? size.other_mm : otherSide_mm();
    const double least = 0.5 * std::pow(10.0, -m_other_side->decimals()); // half-typed figures stay
    if (shown && std::abs(m_other_side->value() - fromMm(*shown, m_job.job().unit)) > least)
        m_other_side->setValue(fromMm(*shown, m_job.job().unit));
}

} // namespace ink::ui
