#include "ui/compose/material_section.h"

#include "ui/compose/lettering_view.h"
#include "ui/widgets/swatches.h"

#include <QCheckBox>
#include <QLabel>
#include <QVBoxLayout>

namespace ink::ui {
namespace {

struct Material
{
    const char* name;
    const char* colour;
};
constexpr Material kMaterials[] = {
    {QT_TRANSLATE_NOOP("ink::ui::MaterialSection", "Deep ink"), "#1d2333"},
    {QT_TRANSLATE_NOOP("ink::ui::MaterialSection", "Brick"), "#c4503b"},
    {QT_TRANSLATE_NOOP("ink::ui::MaterialSection", "Moss"), "#4f7350"},
    {QT_TRANSLATE_NOOP("ink::ui::MaterialSection", "Honey"), "#d99a26"},
    {QT_TRANSLATE_NOOP("ink::ui::MaterialSection", "Lavender"), "#7d72a8"},
    {QT_TRANSLATE_NOOP("ink::ui::MaterialSection", "Slate"), "#6b7480"},
    {QT_TRANSLATE_NOOP("ink::ui::MaterialSection", "Chalk"), "#f6f4ee"},
    {QT_TRANSLATE_NOOP("ink::ui::MaterialSection", "Kraft"), "#b58a5a"},
};

} // namespace

MaterialSection::MaterialSection(JobModel& model, LetteringView& view, const Theme& theme, QWidget* parent)
    : PanelSection(model, view, theme, parent)
{
    m_material = new Swatches(m_theme, this);
    m_material->setObjectName(QStringLiteral("material"));
    m_material->setAccessibleName(tr("Colour of the material"));
    for (const auto& material : kMaterials)
        m_material->addColour(tr(material.name), QColor(QLatin1String(material.colour)));
    m_mirrored = new QCheckBox(tr("Mirrored in the file"), this);
    m_mirrored->setObjectName(QStringLiteral("mirrored"));
    m_overlaps = new QCheckBox(tr("Show the overlaps"), this);
    m_overlaps->setObjectName(QStringLiteral("showOverlaps"));
    m_overlaps->setToolTip(tr("How the letters lay over each other before they were welded"));
    m_nodes = new QCheckBox(tr("Show the nodes"), this);
    m_nodes->setObjectName(QStringLiteral("showNodes"));
    m_nodes->setToolTip(
        tr("Corners, smooth nodes, and the places where strokes met before they were welded"));
    m_node_figures = softLabel({});
    m_node_figures->setObjectName(QStringLiteral("nodeFigures"));
    m_node_figures->setFont(m_theme.text(TextSize::Small));
    m_node_figures->setWordWrap(true);
    column()->addWidget(caption(tr("Material"), m_material));
    for (QWidget* widget :
         std::initializer_list<QWidget*>{m_material, m_mirrored, m_overlaps, m_nodes, m_node_figures})
        column()->addWidget(widget);
    view.setMaterial(m_material->colour());
    connect(m_material, &Swatches::chosen, this, [this](const QColor& colour) {
        m_view.setMaterial(colour);
        emit changed();
    });
    connect(m_mirrored, &QCheckBox::clicked, &m_job, &JobModel::setMirrored);
    connect(m_overlaps, &QCheckBox::toggled, this, [this](bool on) { m_view.setOverlapsShown(on); });
    connect(m_nodes, &QCheckBox::toggled, this, [this](bool on) {
        m_view.setNodesShown(on);
        showNow();
    });
}

QColor MaterialSection::colour() const
{
    return m_material->colour();
}

QString MaterialSection::name() const
{
    for (const auto& material : kMaterials)
        if (QColor(QLatin1String(material.colour)) == m_material->colour())
            return tr(material.name);
    return m_material->colour().name();
}

/// What the marks on the outline are, in words, with their numbers.
void MaterialSection::showValues()
{
    m_mirrored->setChecked(m_job.job().is_mirrored);
    m_node_figures->setVisible(composed() && m_nodes->isChecked());
    if (!composed() || !m_nodes->isChecked())
        return;
    const auto marks = m_view.nodeCounts();
    const auto line = [](const QString& mark, const QString& words) {
        return mark + QLatin1Char(' ') + words;
    };
    m_node_figures->setText(QStringList{
        line(QStringLiteral("□"), tr("%n corner(s)", nullptr, static_cast<int>(marks.corners))),
        line(QStringLiteral("○"), tr("%n smooth node(s)", nullptr, static_cast<int>(marks.smooth))),
        line(QStringLiteral("◆"),
             tr("%n place(s) where strokes meet", nullptr, static_cast<int>(marks.crossings)))}
                                .join(QLatin1Char('\n')));
}

} // namespace ink::ui
