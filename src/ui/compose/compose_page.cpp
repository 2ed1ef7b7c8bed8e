#include "ui/compose/compose_page.h"

#include "ui/compose/lettering_panel.h"
#include "ui/compose/lettering_view.h"
#include "ui/compose/motif_tray.h"
#include "ui/compose/try_on_strip.h"
#include "ui/measures.h"
#include "ui/outline_paths.h"
#include "ui/text.h"
#include "ui/widgets/marks.h"
#include "ui/widgets/swatches.h"

#include <QButtonGroup>
#include <QCheckBox>
#include <QFileInfo>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QScrollArea>
#include <QSlider>
#include <QStackedWidget>
#include <QVBoxLayout>

#include <algorithm>

namespace ink::ui {
namespace {

/// The letter spacing goes in steps of 1/1000 em; further than this it leaves what a word can bear.
constexpr int kTightest_steps = -150;
constexpr int kWidest_steps = 300;

struct Material
{
    const char* name;
    const char* colour;
};
constexpr Material kMaterials[] = {
    {"Deep ink", "#1d2333"}, {"Brick", "#c4503b"}, {"Moss", "#4f7350"},  {"Honey", "#d99a26"},
    {"Lavender", "#7d72a8"}, {"Slate", "#6b7480"}, {"Chalk", "#f6f4ee"}, {"Kraft", "#b58a5a"},
};

/// Longer than between two moves of a hand.
constexpr int kRest_ms = 40;
/// The slot of the plain words beside dressed ones.
constexpr int kPlainSketch = 0;

} // namespace

/// A design in one quiet line, for comparing.
class WordsLine : public QWidget
{
public:
    WordsLine(const Theme& theme, QWidget* parent) : QWidget(parent), m_theme(theme)
    {
        setObjectName(QStringLiteral("plainWords"));
        setAccessibleName(QObject::tr("The words plain, for comparison"));
    }
    void show(std::shared_ptr<const ComposedDesign> composed)
    {
        m_path = composed ? toPainterPath(composed->design.outline_mm) : QPainterPath();
        setVisible(composed != nullptr);
        update();
    }
    QSize sizeHint() const override { return {300, m_theme.scaled(74)}; }

protected:
    void paintEvent(QPaintEvent*) override
    {
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        painter.fillRect(rect(), m_theme.colours().card);
        painter.setFont(m_theme.text(TextSize::Small));
        painter.setPen(m_theme.colours().soft_ink);
        const int line = QFontMetrics(painter.font()).height();
        painter.drawText(QRect(kMargin, 2, width(), line), Qt::AlignLeft,
                         QObject::tr("Plain, for comparison"));
        const QRectF room = QRectF(rect()).adjusted(kMargin, line + 6, -kMargin, -8);
        const QRectF box = m_path.boundingRect();
        if (box.isEmpty())
            return;
        const double scale = std::min(room.width() / box.width(), room.height() / box.height());
        QTransform place;
        place.translate(room.left(), room.center().y());
        place.scale(scale, scale);
        place.translate(-box.left(), -box.center().y());
        QColor grey = m_theme.colours().soft_ink;
        grey.setAlphaF(0.75f);
        painter.fillPath(place.map(m_path), grey);
    }

private:
    const Theme& m_theme;
    QPainterPath m_path;
};

ComposePage::ComposePage(JobModel& job, LetteringService& lettering,
                         const std::filesystem::path& shelf_folder, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_job(job), m_lettering(lettering), m_theme(theme)
{
    setObjectName(QStringLiteral("page"));
    auto* row = new QHBoxLayout;
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(0);
    auto* column = new QVBoxLayout;
    column->setSpacing(0);
    column->addWidget(buildHead());
    m_view = new LetteringView(m_job, m_theme, this);
    m_view->setObjectName(QStringLiteral("weldView"));
    column->addWidget(m_view, 1);
    m_plain = new WordsLine(m_theme, this);
    m_plain->hide();
    column->addWidget(m_plain);
    m_tray = new MotifTray(shelf_folder, m_job.undoStack(), m_theme, this);
    m_tray->setObjectName(QStringLiteral("motifTray"));
    row->addLayout(column, 1);
    row->addWidget(buildPanel());
    auto* whole = new QVBoxLayout;
    whole->setSpacing(0);
    auto* upper = new QWidget(this);
    upper->setLayout(row);
    whole->addWidget(upper, 1);
    whole->addWidget(buildStrip());
    whole->setContentsMargins(0, 0, 0, 0);
    setLayout(whole);

    m_view->setMaterial(m_material->colour());
    connect(m_view, &WeldView::zoomChanged, this, &ComposePage::showZoom);
    connect(m_view, &LetteringView::caretMoved, this, &ComposePage::askForTriesSoon);
    m_rest.setSingleShot(true);
    m_rest.setInterval(kRest_ms);
    connect(&m_rest, &QTimer::timeout, this, [this] {
        askForTries();
        showPlain();
    });
    connect(m_view, &LetteringView::stripWanted, this, [this] { m_strip->setFocus(); });
    connect(m_view, &LetteringView::motifDropped, this,
            [this](const QString& id, QPointF mm, std::optional<std::size_t> letter) {
                placeMotif(id.toLongLong(), [&](Job& changed, const std::string& motif) {
                    PlacedPiece piece;
                    piece.motif = motif;
                    piece.letter = letter;
                    if (m_composed) {
                        Point at = m_composed->inU({mm.x(), -mm.y()});
                        if (const auto* own = letter ? m_composed->setting.letterAt(*letter) : nullptr)
                            at = offsetFrom(m_composed->setting, *own, at);
                        piece.x_em = at.x / kU_per_em;
                        piece.y_em = at.y / kU_per_em;
                    }
                    changed.lettering.pieces.push_back(piece);
                });
            });
    connect(m_tray, &MotifTray::refused, this, &ComposePage::refused);
    connect(m_tray, &MotifTray::fontWanted, this, &ComposePage::takeFontWanted);
    connect(m_tray, &MotifTray::svgWanted, this, &ComposePage::takeSvgWanted);
    connect(m_tray, &MotifTray::intoLineWanted, this, [this](qlonglong id) {
        const std::size_t at = m_view->caret();
        placeMotif(id, [at](Job& changed, const std::string& motif) {
            std::u32string words = toUtf32(changed.words);
            replaceCharacters(changed.lettering, words, at, 0, std::u32string(1, kMotifCharacter));
            words.insert(std::min(at, words.size()), 1, kMotifCharacter);
            changed.words.clear();
            for (const char32_t c : words)
                changed.words += toUtf8(c);
            changed.lettering.letters[at].motif = motif;
        });
        m_view->setCaret(at + 1);
    });
    connect(m_tray, &MotifTray::besideWanted, this, [this](qlonglong id) {
        const auto letters = m_view->letters();
        placeMotif(id, [&letters](Job& changed, const std::string& motif) {
            PlacedPiece piece;
            piece.motif = motif;
            if (!letters.empty())
                piece.letter = letters.front();
            piece.x_em = 0.3;
            piece.size = 0.6;
            changed.lettering.pieces.push_back(piece);
        });
        if (!m_job.job().lettering.pieces.empty())
            m_view->choosePiece(m_job.job().lettering.pieces.size() - 1);
    });
    connect(m_tray, &MotifTray::tailWanted, this, [this](qlonglong id) {
        const auto block = m_view->block();
        placeMotif(id, [block](Job& changed, const std::string& motif) {
            if (changed.lettering.blocks.size() <= block)
                changed.lettering.blocks.resize(block + 1);
            changed.lettering.blocks[block].has_tail = true;
            changed.lettering.blocks[block].tail_motif = motif;
        });
    });
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
    addTab(tr("Material"), "lookMaterial", WeldView::Look::Material, true);
    addTab(tr("Outline"), "lookOutline", WeldView::Look::Outline, false);
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
    frame->setHorizontalScrollBarPolicy(Qt::ScrollBarAsNeeded);
    frame->setFocusPolicy(Qt::NoFocus);
    auto* panel = new QWidget(frame);
    frame->setWidget(panel);
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(kMargin, kMargin, kGrid, kMargin); // the scroll bar stands in the right margin
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
    m_lettering_panel = new LetteringPanel(m_job, *m_view, m_theme, panel);
    m_lettering_panel->setObjectName(QStringLiteral("letteringPanel"));
    connect(m_lettering_panel, &LetteringPanel::dressWanted, this, [this] {
        if (m_composed)
            m_lettering.dress(m_job.job(), m_composed->unitSize(),
                              [this](const Result<std::vector<Dressing>>& d) { showDressings(d); });
    });
    connect(m_lettering_panel, &LetteringPanel::dressingChosen, this, &ComposePage::wearDressing);
    connect(m_lettering_panel, &LetteringPanel::keepLettersWanted, this, &ComposePage::keepLettersAsMotif);
    connect(m_lettering_panel, &LetteringPanel::keepPartWanted, m_view, &LetteringView::frameAPart);
    connect(m_view, &LetteringView::partFramed, this, &ComposePage::keepPartAsMotif);
    column->addWidget(m_lettering_panel);
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
    column->addWidget(m_figures);
    column->addStretch(1);
    // The main action stays in sight however long the column is.
    auto* side = new QWidget(this);
    auto* side_column = new QVBoxLayout(side);
    side_column->setContentsMargins(0, 0, 0, 0);
    side_column->setSpacing(0);
    side_column->addWidget(frame, 1);
    auto* foot = new QWidget(side);
    foot->setObjectName(QStringLiteral("sideFoot"));
    auto* foot_row = new QHBoxLayout(foot);
    foot_row->setContentsMargins(kMargin, 2 * kGrid, kMargin, 2 * kGrid);
    foot_row->addWidget(m_save);
    side_column->addWidget(foot);
    m_panel = side;
    return side;
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

std::shared_ptr<const Design> ComposePage::design() const
{
    return m_composed ? std::shared_ptr<const Design>(m_composed, &m_composed->design) : nullptr;
}

bool ComposePage::isIdle() const
{
    return m_lettering.isIdle() && m_tray->isIdle() && !m_rest.isActive();
}

void ComposePage::showEvent(QShowEvent* event)
{
    QWidget::showEvent(event);
    askForTriesSoon();
}

void ComposePage::showDressings(const Result<std::vector<Dressing>>& dressings)
{
    if (!dressings) {
        if (dressings.error().code != ErrorCode::Cancelled)
            emit refused(dressings.error());
        return;
    }
    m_dressings = *dressings;
    m_lettering_panel->setDressings(m_dressings, true);
}

void ComposePage::wearDressing(int index)
{
    if (index < 0 || index >= static_cast<int>(m_dressings.size()))
        return;
    const auto& dressed = m_dressings[static_cast<std::size_t>(index)].job;
    if (dressed.words != m_job.job().words || dressed.font != m_job.job().font) { // the words went on
        m_dressings.clear();
        m_lettering_panel->setDressings({}, false);
        return;
    }
    m_job.endRun();
    m_job.changeLettering(tr("dress the words"), [&](Job& job) {
        for (auto& [character, choice] : job.lettering.letters)
            choice.worn.reset();
        for (const auto& [character, choice] : dressed.lettering.letters)
            if (choice.worn)
                job.lettering.letters[character].worn = choice.worn;
    });
    m_job.endRun();
}

/// Plain and dressed side by side, while anything is worn.
void ComposePage::showPlain()
{
    Job plain = m_job.job();
    bool is_dressed = false;
    for (auto& [character, choice] : plain.lettering.letters) {
        is_dressed = is_dressed || choice.worn;
        choice.worn.reset();
    }
    if (!is_dressed || !m_composed || !isVisible()) {
        m_plain->show(nullptr);
        return;
    }
    m_lettering.sketch(kPlainSketch, plain,
                       [this](const ComposedResult& result) { m_plain->show(result ? *result : nullptr); });
}

QString ComposePage::materialColour() const
{
    return m_material->colour().name();
}

void ComposePage::resizeEvent(QResizeEvent* event)
{
    QWidget::resizeEvent(event);
    m_panel->setFixedWidth(std::min(m_theme.scaled(274), width() * 38 / 100));
    m_zoom->setVisible(width() > m_theme.scaled(600));
    fitKeys();
    fitLower();
}

void ComposePage::jobChanged()
{
    const auto& job = m_job.job();
    // What was kept is no longer all there is: the next try must not take another edit back.
    if (!m_is_trying && job.lettering != m_last_job.lettering) {
        m_before_tries.reset();
        m_kept.reset();
    }
    m_mirrored->setChecked(job.is_mirrored);
    if (const QSignalBlocker quiet(m_spacing); true)
        m_spacing->setValue(qRound(job.tracking_em * 1000.0));
    m_spacing_reset->setVisible(job.tracking_em != 0.0);
    m_view->setUnit(job.unit);
    const bool same = job.words == m_last_job.words && job.size == m_last_job.size &&
                      job.is_mirrored == m_last_job.is_mirrored &&
                      job.tracking_em == m_last_job.tracking_em && job.font == m_last_job.font &&
                      job.lettering == m_last_job.lettering;
    if (job.words != m_last_job.words || job.font != m_last_job.font) {
        m_dressings.clear();
        m_lettering_panel->setDressings({}, false);
    }
    m_last_job = job;
    if (same && m_composed) {
        showFigures();
        return;
    }
    if (job.font.path.empty()) {
        m_is_up_to_date = true;
        m_composed.reset();
        m_lettering_panel->showComposed(nullptr);
        m_view->showNothing(tr("Choose a font in Find: the words appear here as one welded shape."));
        showFigures();
        emit designChanged();
        return;
    }
    // The old shape stays in sight until the new one is there, but it can no longer be saved.
    m_is_up_to_date = false;
    m_save->setEnabled(false);
    m_lettering.compose(job, [this](const ComposedResult& result) { show(result); });
}

void ComposePage::show(const ComposedResult& result)
{
    if (m_job.job().font.path.empty())
        return; // it was taken away meanwhile
    m_is_up_to_date = true;
    if (result) {
        m_composed = *result;
        m_view->showComposed(m_composed);
    } else {
        m_composed.reset();
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
        m_view->showNothing(message);
    }
    m_lettering_panel->showComposed(m_composed);
    askForTriesSoon();
    showFigures();
    emit designChanged();
}

void ComposePage::showFigures()
{
    const auto shown = design();
    m_save->setEnabled(shown != nullptr && m_is_up_to_date);
    m_title->setText(!shown                   ? tr("Nothing to cut yet")
                     : shown->missing.empty() ? tr("Ready to cut")
                                              : tr("Letters are missing"));
    m_finding_mark->setVisible(shown != nullptr);
    m_finding->setVisible(shown != nullptr);
    m_figures->setVisible(shown != nullptr);
    showNodeFigures();
    if (!shown) {
        m_spacing_value->clear();
        return;
    }
    const auto unit = m_job.job().unit;
    const auto& f = shown->figures_mm;
    const QStringList values{QString::number(f.pieces), QString::number(f.middles),
                             QStringLiteral("%1 → %2").arg(shown->weld.nodes_before).arg(f.nodes),
                             longLength(f.cut_length, unit), area(f.area, unit)};
    // Signed, as it is added: less than nothing closes the letters up.
    const double spacing_mm = m_job.job().tracking_em * shown->em_mm;
    m_spacing_value->setText(spacing_mm == 0.0
                                 ? tr("as drawn")
                                 : (spacing_mm > 0.0 ? QStringLiteral("+") : QStringLiteral("−")) +
                                       fineLength(qAbs(spacing_mm), unit));
    for (std::size_t i = 0; i < m_values.size(); ++i)
        m_values[i]->setText(values[static_cast<qsizetype>(i)]);
    QString letters;
    for (const char32_t ch : shown->missing)
        letters += QStringLiteral(" ") + QString::fromUcs4(&ch, 1);
    m_finding_mark->setMark(letters.isEmpty() ? Mark::InOrder : Mark::Wrong);
    if (!m_composed->setting.missing_fonts.empty()) {
        m_title->setText(tr("A font is not here"));
        m_finding_mark->setMark(Mark::LookAt);
        m_finding->setText(
            tr("%1 is missing: its letters stand as they were stored. Bring the font back through Find to "
               "change them.")
                .arg(QFileInfo(text(m_composed->setting.missing_fonts.front().path)).fileName()));
        return;
    }
    m_finding->setText(
        letters.isEmpty()
            ? tr("Letters that touch are one piece.")
            : tr("This font lacks%1. They are left out. Choose another font or other words.").arg(letters));
}

/// What the marks on the outline are, in words, with their numbers.
void ComposePage::showNodeFigures()
{
    m_node_figures->setVisible(m_composed != nullptr && m_nodes->isChecked());
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
