#include "ui/compose/compose_page.h"

#include "ui/compose/weld_view.h"
#include "ui/measures.h"
#include "ui/widgets/marks.h"
#include "ui/widgets/swatches.h"

#include <QButtonGroup>
#include <QCheckBox>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <QSlider>
#include <QVBoxLayout>

#include <algorithm>

namespace ink::ui {
namespace {

/// The letter spacing goes in steps of 1/1000 em; further than this it leaves what a word can bear.
constexpr int kTightest_steps = -150;
constexpr int kWidest_steps = 300;

/// The slot of the design that is looked at; the fonts of the list have slots of their own.
constexpr quint64 kSlot = 1;

struct Material
{
    const char* name;
    const char* colour;
};
constexpr Material kMaterials[] = {
    {"Deep ink", "#1d2333"}, {"Brick", "#c4503b"}, {"Moss", "#4f7350"},  {"Honey", "#d99a26"},
    {"Lavender", "#7d72a8"}, {"Slate", "#6b7480"}, {"Chalk", "#f6f4ee"}, {"Kraft", "#b58a5a"},
};

} // namespace

ComposePage::ComposePage(JobModel& job, DesignService& designs, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_job(job), m_designs(designs), m_theme(theme)
{
    setObjectName(QStringLiteral("page"));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(0);
    auto* column = new QVBoxLayout;
    column->setSpacing(0);
    column->addWidget(buildHead());
    m_view = new WeldView(m_theme, this);
    m_view->setObjectName(QStringLiteral("weldView"));
    column->addWidget(m_view, 1);
    row->addLayout(column, 1);
    row->addWidget(buildPanel());

    m_view->setMaterial(m_material->colour());
    connect(m_view, &WeldView::zoomChanged, this, &ComposePage::showZoom);
    connect(&m_job, &JobModel::changed, this, &ComposePage::jobChanged);
    jobChanged();
}

QWidget* ComposePage::buildHead()
{
    auto* head = new QWidget(this);
    auto* row = new QHBoxLayout(head);
    row->setContentsMargins(kMargin, 4, kMargin, 0);
    row->setSpacing(kMargin);
    auto* group = new QButtonGroup(head);
    const auto addTab = [&](const QString& text, const char* name, WeldView::Look look, bool is_first) {
        auto* tab = new QPushButton(text, head);
        tab->setObjectName(QLatin1String(name));
        tab->setProperty("role", QStringLiteral("tab"));
        tab->setCheckable(true);
        tab->setChecked(is_first);
        group->addButton(tab);
        row->addWidget(tab);
        connect(tab, &QPushButton::clicked, this, [this, look] { m_view->setLook(look); });
    };
    addTab(tr("In the material"), "lookMaterial", WeldView::Look::Material, true);
    addTab(tr("Outline only"), "lookOutline", WeldView::Look::Outline, false);
    row->addStretch(1);
    m_zoom = new QLabel(head);
    m_zoom->setObjectName(QStringLiteral("zoomText"));
    m_zoom->setProperty("role", QStringLiteral("soft"));
    row->addWidget(m_zoom);
    const auto addButton = [&](const QString& text, const char* name, const QString& spoken, auto action) {
        auto* button = new QPushButton(text, head);
        button->setObjectName(QLatin1String(name));
        button->setProperty("role", QStringLiteral("quiet"));
        button->setAccessibleName(spoken);
        button->setToolTip(spoken);
        row->addWidget(button);
        connect(button, &QPushButton::clicked, this, action);
    };
    addButton(tr("True size"), "trueSize", tr("Show the words as large as they will be (1)"),
              [this] { m_view->setZoom(1.0); });
    addButton(tr("All of it"), "zoomFit", tr("Show all of the words (0)"), [this] { m_view->zoomToFit(); });
    return head;
}

QWidget* ComposePage::buildPanel()
{
    auto* frame = new QScrollArea(this); // large text in a small window scrolls
    frame->setObjectName(QStringLiteral("sidePanel"));
    frame->setWidgetResizable(true);
    frame->setFrameShape(QFrame::NoFrame);
    frame->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    frame->setFocusPolicy(Qt::NoFocus);
    auto* panel = new QWidget(frame);
    frame->setWidget(panel);
    m_panel = frame;
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(kMargin, kMargin, kMargin, kMargin);
    column->setSpacing(2 * kGrid);
    const auto caption = [&](const QString& text, QWidget* buddy) {
        auto* label = new QLabel(text, panel);
        label->setProperty("role", QStringLiteral("caption"));
        label->setFont(m_theme.text(TextSize::Small));
        label->setBuddy(buddy);
        return label;
    };

    m_title = new QLabel(panel);
    m_title->setObjectName(QStringLiteral("panelTitle"));
    m_title->setFont(m_theme.heading(TextSize::Title));
    m_title->setWordWrap(true);
    m_figures = new QWidget(panel);
    m_figures->setObjectName(QStringLiteral("figures"));
    auto* grid = new QGridLayout(m_figures);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setVerticalSpacing(2 * kGrid);
    for (const QString& name : {tr("pieces"), tr("open middles"), tr("nodes"), tr("to cut"), tr("covers")}) {
        auto* label = new QLabel(name, m_figures);
        label->setProperty("role", QStringLiteral("soft"));
        auto* value = new QLabel(m_figures);
        value->setFont(m_theme.text(TextSize::Body, true));
        value->setAlignment(Qt::AlignRight);
        value->setAccessibleName(name);
        grid->addWidget(label, static_cast<int>(m_values.size()), 0);
        grid->addWidget(value, static_cast<int>(m_values.size()), 1);
        m_values.push_back(value);
    }
    m_finding_mark = new MarkLabel(m_theme, panel);
    m_finding = new QLabel(panel);
    m_finding->setObjectName(QStringLiteral("finding"));
    m_finding->setWordWrap(true);
    auto* finding_row = new QHBoxLayout;
    finding_row->setSpacing(2 * kGrid);
    finding_row->addWidget(m_finding_mark, 0, Qt::AlignTop);
    finding_row->addWidget(m_finding, 1);

    m_material = new Swatches(m_theme, panel);
    m_material->setObjectName(QStringLiteral("material"));
    m_material->setAccessibleName(tr("Colour of the material"));
    for (const auto& material : kMaterials)
        m_material->addColour(tr(material.name), QColor(QLatin1String(material.colour)));
    connect(m_material, &Swatches::chosen, this,
            [this](const QColor& colour) { m_view->setMaterial(colour); });

    m_mirrored = new QCheckBox(tr("Mirrored in the file"), panel);
    m_mirrored->setObjectName(QStringLiteral("mirrored"));
    connect(m_mirrored, &QCheckBox::clicked, &m_job, &JobModel::setMirrored);

    auto* overlaps = new QCheckBox(tr("Show the overlaps"), panel);
    overlaps->setObjectName(QStringLiteral("showOverlaps"));
    overlaps->setToolTip(tr("How the letters lay over each other before they were welded"));
    connect(overlaps, &QCheckBox::toggled, this, [this](bool on) { m_view->setOverlapsShown(on); });

    m_nodes = new QCheckBox(tr("Show the nodes"), panel);
    m_nodes->setObjectName(QStringLiteral("showNodes"));
    m_nodes->setToolTip(
        tr("Corners, smooth nodes, and the places where strokes met before they were welded"));
    m_node_figures = new QLabel(panel);
    m_node_figures->setObjectName(QStringLiteral("nodeFigures"));
    m_node_figures->setProperty("role", QStringLiteral("soft"));
    m_node_figures->setFont(m_theme.text(TextSize::Small));
    m_node_figures->setWordWrap(true);
    connect(m_nodes, &QCheckBox::toggled, this, [this](bool on) {
        m_view->setNodesShown(on);
        showNodeFigures();
    });

    m_save = new QPushButton(tr("Save the cut file…"), panel);
    m_save->setObjectName(QStringLiteral("saveCutFile"));
    m_save->setProperty("role", QStringLiteral("main"));
    m_save->setToolTip(tr("An SVG at true size, one path for each piece (Ctrl+S)"));
    connect(m_save, &QPushButton::clicked, this, &ComposePage::saveWanted);

    column->addWidget(m_title);
    column->addLayout(finding_row);
    column->addWidget(m_figures);
    column->addSpacing(2 * kGrid);
    auto* spacing = buildSpacing(panel);
    column->addWidget(caption(tr("Letter spacing"), m_spacing));
    column->addWidget(spacing);
    column->addSpacing(2 * kGrid);
    column->addWidget(caption(tr("Material"), m_material));
    column->addWidget(m_material);
    column->addWidget(overlaps);
    column->addWidget(m_nodes);
    column->addWidget(m_node_figures);
    column->addWidget(m_mirrored);
    column->addSpacing(2 * kGrid);
    column->addWidget(m_save);
    column->addStretch(1);
    return frame;
}

QWidget* ComposePage::buildSpacing(QWidget* panel)
{
    auto* spacing = new QWidget(panel);
    auto* grid = new QGridLayout(spacing);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setVerticalSpacing(kGrid);
    m_spacing = new QSlider(Qt::Horizontal, spacing);
    m_spacing->setObjectName(QStringLiteral("letterSpacing"));
    m_spacing->setAccessibleName(tr("Letter spacing"));
    m_spacing->setRange(kTightest_steps, kWidest_steps);
    m_spacing->setSingleStep(5);
    m_spacing->setPageStep(25);
    m_spacing_value = new QLabel(spacing);
    m_spacing_value->setObjectName(QStringLiteral("letterSpacingValue"));
    m_spacing_value->setFont(m_theme.text(TextSize::Body, true));
    m_spacing_reset = new QPushButton(tr("As drawn"), spacing);
    m_spacing_reset->setObjectName(QStringLiteral("letterSpacingReset"));
    m_spacing_reset->setProperty("role", QStringLiteral("quiet"));
    m_spacing_reset->setToolTip(tr("The spacing the font was drawn with"));
    grid->addWidget(m_spacing, 0, 0, 1, 2);
    grid->addWidget(m_spacing_value, 1, 0);
    grid->addWidget(m_spacing_reset, 1, 1, Qt::AlignRight);
    // Welds again at every step; what is shown meanwhile is the weld before.
    connect(m_spacing, &QSlider::valueChanged, this,
            [this](int steps) { m_job.setTracking(steps / 1000.0); });
    connect(m_spacing, &QSlider::sliderReleased, this, [this] { m_job.endRun(); });
    connect(m_spacing_reset, &QPushButton::clicked, this, [this] {
        m_job.endRun();
        m_job.setTracking(0.0);
        m_job.endRun();
    });
    return spacing;
}

QString ComposePage::materialColour() const
{
    return m_material->colour().name();
}

void ComposePage::resizeEvent(QResizeEvent* event)
{
    QWidget::resizeEvent(event);
    m_panel->setFixedWidth(std::min(m_theme.scaled(250), width() * 34 / 100));
    m_zoom->setVisible(width() > m_theme.scaled(600));
}

void ComposePage::jobChanged()
{
    const auto& job = m_job.job();
    m_mirrored->setChecked(job.is_mirrored);
    if (const QSignalBlocker quiet(m_spacing); true)
        m_spacing->setValue(qRound(job.tracking_em * 1000.0));
    m_spacing_reset->setVisible(job.tracking_em != 0.0);
    m_view->setUnit(job.unit);
    const bool same = job.words == m_last_job.words && job.size == m_last_job.size &&
                      job.is_mirrored == m_last_job.is_mirrored &&
                      job.tracking_em == m_last_job.tracking_em && job.font == m_last_job.font;
    m_last_job = job;
    if (same && m_design) {
        showFigures();
        return;
    }
    if (job.font.path.empty()) {
        m_designs.cancel(kSlot);
        m_is_up_to_date = true;
        m_design.reset();
        m_view->showMessage(tr("Choose a font in Find: the words appear here as one welded shape."));
        showFigures();
        emit designChanged();
        return;
    }
    // The old shape stays in sight until the new one is there, but it can no longer be saved.
    m_is_up_to_date = false;
    m_save->setEnabled(false);
    m_designs.request(kSlot, job, job.font, 1, [this](const DesignResult& result) { show(result); });
}

void ComposePage::show(const DesignResult& result)
{
    m_is_up_to_date = true;
    if (result) {
        m_design = *result;
        m_view->showDesign(m_design);
    } else {
        m_design.reset();
        const Error& error = result.error();
        const auto sentence = [](std::string_view s) {
            return QString::fromUtf8(s.data(), static_cast<qsizetype>(s.size()));
        };
        QString what = sentence(errorText(error.code));
        what[0] = what[0].toUpper();
        if (!error.detail.empty())
            what += QStringLiteral(" (%1)").arg(QString::fromStdString(error.detail));
        QString message = what + QStringLiteral(".\n") + sentence(errorAdvice(error.code));
        if (error.code < ErrorCode::EmptyText) // about a file: say which
            message = QString::fromStdString(error.subject) + QStringLiteral("\n") + message;
        m_view->showMessage(message);
    }
    showFigures();
    emit designChanged();
}

void ComposePage::showFigures()
{
    m_save->setEnabled(m_design != nullptr && m_is_up_to_date);
    m_title->setText(!m_design                   ? tr("Nothing to cut yet")
                     : m_design->missing.empty() ? tr("Ready to cut")
                                                 : tr("Letters are missing"));
    m_finding_mark->setVisible(m_design != nullptr);
    m_finding->setVisible(m_design != nullptr);
    m_figures->setVisible(m_design != nullptr);
    showNodeFigures();
    if (!m_design) {
        m_spacing_value->clear();
        return;
    }
    const auto unit = m_job.job().unit;
    const auto& f = m_design->figures_mm;
    const QStringList values{QString::number(f.pieces), QString::number(f.middles),
                             QStringLiteral("%1 → %2").arg(m_design->weld.nodes_before).arg(f.nodes),
                             longLength(f.cut_length, unit), area(f.area, unit)};
    // Signed, as it is added: less than nothing closes the letters up.
    const double spacing_mm = m_job.job().tracking_em * m_design->em_mm;
    m_spacing_value->setText(spacing_mm == 0.0
                                 ? tr("as drawn")
                                 : (spacing_mm > 0.0 ? QStringLiteral("+") : QStringLiteral("−")) +
                                       fineLength(qAbs(spacing_mm), unit));
    for (std::size_t i = 0; i < m_values.size(); ++i)
        m_values[i]->setText(values[static_cast<qsizetype>(i)]);
    QString letters;
    for (const char32_t ch : m_design->missing)
        letters += QStringLiteral(" ") + QString::fromUcs4(&ch, 1);
    m_finding_mark->setMark(letters.isEmpty() ? Mark::InOrder : Mark::Wrong);
    m_finding->setText(
        letters.isEmpty()
            ? tr("Letters that touch are one piece.")
            : tr("This font lacks%1. They are left out. Choose another font or other words.").arg(letters));
}

/// What the marks on the outline are, in words, with their numbers.
void ComposePage::showNodeFigures()
{
    m_node_figures->setVisible(m_design != nullptr && m_nodes->isChecked());
    if (!m_node_figures->isVisibleTo(this))
        return;
    const auto marks = m_view->nodeCounts();
    m_node_figures->setText(
        tr("□ %1\n○ %2\n◆ %3")
            .arg(counted(marks.corners, "corner", "corners"),
                 counted(marks.smooth, "smooth node", "smooth nodes"),
                 counted(marks.crossings, "place where strokes meet", "places where strokes meet")));
}

void ComposePage::showZoom(double zoom)
{
    m_zoom->setText(qAbs(zoom - 1.0) < 0.005 ? tr("true size")
                                             : tr("×%1 true size")
                                                   .arg(zoom, 0, 'f',
                                                        zoom < 0.1  ? 3
                                                        : zoom < 10 ? 2
                                                                    : 0));
}

} // namespace ink::ui
