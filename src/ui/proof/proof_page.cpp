#include "ui/proof/proof_page.h"

#include "ui/core_words.h"

#include "ui/measures.h"
#include "ui/proof/pieces_view.h"
#include "ui/proof/proof_section.h"
#include "ui/proof/proof_view.h"
#include "ui/text.h"
#include "ui/widgets/leaf.h"
#include "ui/widgets/page_stack.h"
#include "ui/widgets/sentence_bar.h"
#include "ui/widgets/sentence_head.h"
#include "ui/widgets/tab_row.h"

#include <QLabel>
#include <QPushButton>
#include <QShortcut>
#include <QVBoxLayout>

#include <algorithm>
#include <cmath>

namespace ink::ui {
namespace {

const QString kMended = QStringLiteral("mended");
const QString kWhole = QStringLiteral("whole");
const QString kSheet = QStringLiteral("sheet");
const QString kWeeding = QStringLiteral("weeding");
const QString kNodes = QStringLiteral("nodes");

constexpr int kFindings_px = 344;
constexpr int kNarrowFindings_px = 270;
constexpr int kNarrowPage_px = 980;
/// More mendings than these are counted, not listed, in the sentence.
constexpr std::size_t kMostNamed = 3;
/// Of LetteringService::sketch.
constexpr int kUnmendedSlot = 900;

/// What the finding is about is all of the words, not a place of them.
bool isOfTheWhole(FindingKind kind)
{
    return kind == FindingKind::Nodes || kind == FindingKind::TooLarge || kind == FindingKind::Missing ||
           kind == FindingKind::Rights || kind == FindingKind::ThickThread ||
           kind == FindingKind::ShortStitches;
}

} // namespace

ProofPage::ProofPage(JobModel& job, DesignModel& design, ProofModel& proof, LetteringService& lettering,
                     const Theme& theme, QWidget* parent)
    : Station(parent), m_job(job), m_design(design), m_proof(proof), m_lettering(lettering), m_theme(theme)
{
    auto* row = new QHBoxLayout;
    row->setSpacing(0);
    auto* left = new QVBoxLayout;
    left->setSpacing(0);
    left->addWidget(buildTabs());
    m_views = new PageStack(this);
    m_view = new ProofView(theme, m_views);
    m_pieces = new PiecesView(theme, m_views);
    m_views->addWidget(m_view);
    m_views->addWidget(m_pieces);
    m_callout = new QPushButton(m_view);
    m_callout->setObjectName(QStringLiteral("proofCallout"));
    m_callout->setProperty("role", QStringLiteral("main"));
    m_callout->setFont(theme.text(TextSize::Small));
    m_callout->hide();
    left->addWidget(m_views, 1);
    left->addWidget(buildFoot());
    row->addLayout(left, 1);
    row->addWidget(buildPanel());
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    column->addWidget(buildHead());
    column->addLayout(row, 1);
    setTabOrder(&m_head->sentence(), m_list);
    connectParts();
    proofChanged();
}

QWidget* ProofPage::buildHead()
{
    m_head = new SentenceHead(m_job, m_theme, "proofSentence", this);
    m_head->add(kMended, new MendingsSection(m_job, m_theme, this));
    m_head->add(kWhole, makeWholeSection(m_job, m_theme, this));
    m_head->add(kSheet, makeSheetSection(m_job, m_theme, this));
    m_head->add(kWeeding, makeWeedingSection(m_job, m_theme, this));
    m_head->add(kNodes, makeNodesSection(m_job, m_theme, this));
    return m_head;
}

QWidget* ProofPage::buildTabs()
{
    m_tabs = new TabRow("proofTabs", this);
    const auto tab = [this](const QString& words, const char* name, Look look) {
        m_tabs->addTab(words, name, [this, look] { setLook(look); });
    };
    tab(tr("In the material"), "proofInMaterial", Look::InMaterial);
    tab(tr("Outline and nodes"), "proofOutline", Look::Outline);
    tab(tr("Before the weld"), "proofBeforeWeld", Look::BeforeTheWeld);
    tab(tr("Pieces"), "proofPieces", Look::Pieces);
    auto* fit = m_tabs->addQuiet(tr("All of it"), tr("Show all of the words (Ctrl+0)"), "proofFit");
    fit->setFont(m_theme.text(TextSize::Small));
    connect(fit, &QPushButton::clicked, this, [this] { m_view->zoomToFit(); });
    return m_tabs;
}

QWidget* ProofPage::buildFoot()
{
    auto* foot = new QWidget(this);
    foot->setObjectName(QStringLiteral("proofFoot"));
    auto* row = new QHBoxLayout(foot);
    row->setContentsMargins(kMargin, 2 * kGrid, kMargin, 2 * kGrid);
    row->setSpacing(3 * kGrid);
    m_minutes = new QLabel(foot);
    m_minutes->setObjectName(QStringLiteral("weedingMinutes"));
    m_minutes->setFont(m_theme.heading(TextSize::Lead));
    m_weeding = new QLabel(foot);
    m_weeding->setObjectName(QStringLiteral("weedingWords"));
    m_weeding->setProperty("role", QStringLiteral("soft"));
    m_weeding->setWordWrap(true);
    row->addWidget(m_minutes);
    row->addWidget(m_weeding, 1);
    return foot;
}

QWidget* ProofPage::buildPanel()
{
    m_panel = new QWidget(this);
    m_panel->setObjectName(QStringLiteral("proofPanel"));
    m_panel->setAttribute(Qt::WA_StyledBackground);
    m_panel->setStyleSheet(
        QStringLiteral(
            "#proofPanel { background: %1; border-left: 1px solid %2; } #proofList { background: %1; }")
            .arg(m_theme.colours().card.name(), m_theme.colours().rule.name()));
    auto* column = new QVBoxLayout(m_panel);
    column->setContentsMargins(1, 3 * kGrid, 0, 0);
    column->setSpacing(kGrid);
    auto* head = new QVBoxLayout;
    head->setContentsMargins(kMargin, 0, kMargin, 2 * kGrid);
    head->setSpacing(kGrid);
    m_heading = new QLabel(m_panel);
    m_heading->setObjectName(QStringLiteral("proofHeading"));
    m_heading->setFont(m_theme.heading(TextSize::Lead));
    m_heading->setWordWrap(true);
    m_holds = new QLabel(m_panel);
    m_holds->setObjectName(QStringLiteral("proofHolds"));
    m_holds->setProperty("role", QStringLiteral("soft"));
    m_holds->setFont(m_theme.text(TextSize::Small));
    m_holds->setWordWrap(true);
    auto* actions = new QHBoxLayout;
    m_mend_all = new QPushButton(tr("Mend all"), m_panel);
    m_mend_all->setObjectName(QStringLiteral("mendAll"));
    m_mend_all->setToolTip(tr("All that has a usual mending, each kind as one rule (Ctrl+Enter)"));
    m_mend_all->setFont(m_theme.text(TextSize::Small));
    auto* limits = new QPushButton(tr("What it holds…"), m_panel);
    limits->setObjectName(QStringLiteral("proofLimits"));
    limits->setProperty("role", QStringLiteral("link"));
    limits->setFont(m_theme.text(TextSize::Small));
    actions->addWidget(m_mend_all);
    actions->addStretch(1);
    actions->addWidget(limits);
    head->addWidget(m_heading);
    head->addWidget(m_holds);
    head->addLayout(actions);
    column->addLayout(head);
    m_list = new ProofList(m_theme, m_panel);
    column->addWidget(m_list, 1);
    connect(m_mend_all, &QPushButton::clicked, this, &ProofPage::mendAll);
    connect(limits, &QPushButton::clicked, this, &ProofPage::limitsWanted);
    return m_panel;
}

void ProofPage::connectParts()
{
    connect(&m_proof, &ProofModel::changed, this, &ProofPage::proofChanged);
    connect(&m_job, &JobModel::changed, this, &ProofPage::say);

    connect(m_list, &ProofList::currentMoved, this, &ProofPage::currentMoved);
    connect(m_list, &ProofList::placeWanted, this, [this] {
        m_view->showPlace(true);
        placeCallout();
    });
    connect(m_list, &ProofList::offerTaken, this, &ProofPage::take);
    connect(m_list, &ProofList::leaveWanted, this, &ProofPage::leave);
    connect(m_list, &ProofList::unmendedWanted, this, &ProofPage::showUnmended);
    connect(m_list, &ProofList::bridgeOffWanted, this, [this](std::size_t bridge) {
        change(tr("take a bridge off"), [&](Job& job) { takeBridgeOff(job, bridge); });
    });
    connect(m_list, &ProofList::bridgeMoveWanted, this, [this](std::size_t bridge, double mm) {
        const auto& at = m_list->contents().bridges[bridge];
        const Point across = at.to - at.from;
        const double wide = std::max(length(across), 1e-9);
        // Ways that lead to the right, or upwards, are on.
        Point along{-across.y / wide, across.x / wide};
        if (along.x < -1e-9 || (std::abs(along.x) <= 1e-9 && along.y < 0.0))
            along = along * -1.0;
        moveBridge(bridge, lerp(at.from, at.to, 0.5) + along * mm);
    });
    connect(m_list, &ProofList::bridgeOppositeWanted, this, [this](std::size_t bridge) {
        const auto& at = m_list->contents().bridges[bridge];
        change(tr("add a bridge"),
               [&](Job& job) { addBridge(job, at.island * 2.0 - lerp(at.from, at.to, 0.5)); });
    });

    connect(m_view, &ProofView::findingPressed, m_list, &ProofList::chooseFinding);
    connect(m_view, &ProofView::bridgePressed, m_list, &ProofList::chooseBridge);
    connect(m_view, &ProofView::bridgeDragged, this, &ProofPage::moveBridge);
    connect(m_view, &ProofView::bridgeWanted, this, [this](Point at_mm) {
        if (m_job.job().process == Process::Stencil)
            change(tr("add a bridge"), [&](Job& job) { addBridge(job, at_mm); });
    });
    connect(m_view, &ProofView::unmendedWanted, this, &ProofPage::showUnmended);
    connect(m_view, &ProofView::stepWanted, this, [this](int by) {
        const auto row = m_list->currentIndex().row() + by;
        if (row >= 0 && row < m_list->model()->rowCount())
            m_list->setCurrentIndex(m_list->model()->index(row, 0));
    });
    connect(m_view, &ProofView::usualWanted, m_list, &ProofList::takeUsual);
    connect(m_view, &ProofView::leaveWanted, m_list, &ProofList::leaveCurrent);
    connect(m_view, &WeldView::zoomChanged, this, &ProofPage::placeCallout);
    connect(m_view, &WeldView::painted, this, &ProofPage::placeCallout);
    connect(m_callout, &QPushButton::clicked, m_view, &ProofView::usualWanted);
    for (const auto key : {Qt::CTRL | Qt::Key_Return, Qt::CTRL | Qt::Key_Enter})
        connect(new QShortcut(QKeySequence(key), this, nullptr, nullptr, Qt::WidgetWithChildrenShortcut),
                &QShortcut::activated, this, &ProofPage::mendAll);
    connect(new QShortcut(QKeySequence(Qt::CTRL | Qt::Key_0), this, nullptr, nullptr,
                          Qt::WidgetWithChildrenShortcut),
            &QShortcut::activated, m_view, &WeldView::zoomToFit);
}

QString ProofPage::figure() const
{
    if (!m_proof.proof())
        return m_design.composed() ? tr("looking …") : tr("not yet");
    const auto n = m_proof.findings().size();
    return n == 0 ? tr("in order") : tr("%n to look at", nullptr, static_cast<int>(n));
}

void ProofPage::activate()
{
    prepareUnmended();
    m_list->setFocus();
}

void ProofPage::setMaterial(const QColor& colour)
{
    m_view->setMaterial(colour);
    m_pieces->setMaterial(colour);
}

void ProofPage::setLook(Look look)
{
    m_look = look;
    m_tabs->choose(static_cast<std::size_t>(look));
    m_views->setCurrentWidget(look == Look::Pieces ? static_cast<QWidget*>(m_pieces) : m_view);
    m_view->setLook(look == Look::InMaterial ? WeldView::Look::Material : WeldView::Look::Outline);
    m_view->setNodesShown(look == Look::Outline);
    m_view->setOverlapsShown(look == Look::BeforeTheWeld);
    placeCallout();
}

void ProofPage::resizeEvent(QResizeEvent* event)
{
    m_panel->setFixedWidth(
        m_theme.scaled(width() < m_theme.scaled(kNarrowPage_px) ? kNarrowFindings_px : kFindings_px));
    Station::resizeEvent(event);
}

void ProofPage::proofChanged()
{
    const auto& proof = m_proof.proof();
    ProofList::Contents contents;
    contents.job = m_job.job();
    contents.findings = m_proof.findings();
    if (proof) {
        contents.left = m_proof.composed()->design.finished.mended.left;
        contents.bridges = m_proof.composed()->design.finished.mended.bridges;
        contents.in_order = inOrderOf(*proof, contents.findings, *m_proof.composed(), contents.job, true);
    }
    showPaper(); // before the list, whose current row is looked for on it
    m_list->show(std::move(contents));
    showPanelHead();
    showFoot();
    say();
    currentMoved();
    if (m_proof.isUpToDate()) {
        prepareUnmended();
        if (!mendsMore())
            tellWhatWasDone();
    }
    emit figureChanged();
}

void ProofPage::showPaper()
{
    const auto& proof = m_proof.proof();
    if (!proof) {
        const auto& refusal = m_proof.refusal() ? m_proof.refusal() : m_design.refusal();
        m_view->showFindings({});
        m_view->showMessage(refusal ? said(*refusal)
                            : m_design.composed()
                                ? tr("Looking at the words …")
                                : tr("Choose a font in Find: here you see what its words hold."));
        return m_pieces->showPieces({});
    }
    const Job& job = m_job.job();
    const auto& composed = m_proof.composed();
    m_view->setUnit(job.unit);
    m_view->showFindings({m_proof.findings(), composed->design.finished.mended.bridges,
                          weedingLines(composed->design.outline_mm, job.weeding), m_proof.scale()});
    if (!m_view->isUnmended() && m_view->design().get() != &composed->design)
        m_view->showDesign({composed, &composed->design});
    m_pieces->showPieces({proof, m_proof.findings(), job.unit, job.process == Process::Stencil});
}

void ProofPage::showPanelHead()
{
    const Job& job = m_job.job();
    const auto findings = m_proof.findings().size();
    const auto in_order = m_list->contents().in_order.size();
    if (!m_proof.proof())
        m_heading->setText(tr("Nothing to look at yet"));
    else if (findings == 0)
        m_heading->setText(tr("All in order"));
    else
        m_heading->setText(tr("%1, %2").arg(tr("%n to look at", nullptr, static_cast<int>(findings)),
                                            tr("%n in order", nullptr, static_cast<int>(in_order))));
    const auto limits = job.limits();
    const auto& process = infoOf(job.process);
    if (limits.stroke_comfortable_mm <= limits.stroke_floor_mm)
        m_holds->setText(tr("%1 %2 holds %3.")
                             .arg(said(process.tool), said(process.in_what),
                                  fineLength(limits.stroke_floor_mm, job.unit)));
    else
        m_holds->setText(tr("%1 %2 holds %3 well, %4 at the least.")
                             .arg(said(process.tool), said(process.in_what),
                                  fineLength(limits.stroke_comfortable_mm, job.unit),
                                  fineLength(limits.stroke_floor_mm, job.unit)));
    m_mend_all->setEnabled(std::ranges::any_of(m_proof.findings(), [&](const ProofFinding& f) {
        return usualMending(f, limits) || f.kind == FindingKind::Nodes;
    }));
}

void ProofPage::showFoot()
{
    const auto& proof = m_proof.proof();
    m_minutes->setVisible(proof != nullptr);
    if (!proof)
        return m_weeding->clear();
    const auto unit = m_job.job().unit;
    const auto weeding = m_proof.weeding();
    const auto& figures = proof->outline->figures();
    if (isWeeded(m_job.job().process)) {
        const int minutes = std::max(1, static_cast<int>(std::lround(weeding.minutes)));
        m_minutes->setText(tr("about %n min to weed", nullptr, minutes));
        m_weeding->setText(weeding.smallest_mm2 > 0.0
                               ? tr("%1, the smallest middle %2, %3 of edge")
                                     .arg(tr("%n part(s) to pick", nullptr, static_cast<int>(weeding.parts)),
                                          area(weeding.smallest_mm2, unit), longLength(weeding.edge_mm, unit))
                               : tr("%1, %2 of edge")
                                     .arg(tr("%n part(s) to pick", nullptr, static_cast<int>(weeding.parts)),
                                          longLength(weeding.edge_mm, unit)));
    } else {
        m_minutes->setText(tr("%n piece(s)", nullptr, static_cast<int>(figures.pieces)));
        m_weeding->setText(
            (isCut(m_job.job().process) ? tr("%1, %2, %3 to cut") : tr("%1, %2, %3 of outline"))
                .arg(tr("%n middle(s)", nullptr, static_cast<int>(figures.middles)), area(figures.area, unit),
                     longLength(figures.cut_length, unit)));
    }
}

/// Grows only by what differs from the usual.
void ProofPage::say()
{
    const Job& job = m_job.job();
    std::map<QString, QString> phrases;
    auto mendings = job.lettering.mendings;
    if (job.process != Process::Stencil) // kept for the day that it is one again
        std::erase_if(mendings, [](const Mending& m) {
            return m.kind == MendingKind::Bridges || m.kind == MendingKind::NoBridge;
        });
    // Each of a few is a phrase of its own, so that a long sentence wraps.
    QStringList mended;
    if (mendings.size() <= kMostNamed)
        for (std::size_t i = 0; i < mendings.size(); ++i) {
            const QString key =
                i == 0 ? kMended : kMended + QLatin1Char('-') + QLatin1Char(static_cast<char>('a' + i));
            phrases[key] = nameOf(mendings[i], job);
            mended << QStringLiteral("{%1}").arg(key);
        }
    else
        phrases[kMended] = tr("%n mending(s)", nullptr, static_cast<int>(mendings.size()));
    if (mendings.empty())
        phrases[kMended] = tr("are cut as they are drawn");
    const QString first =
        mendings.empty() ? tr("These words {mended}, {whole}, and keep {nodes}.")
        : mendings.size() > kMostNamed
            ? tr("These words have {mended}, {whole}, and keep {nodes}.")
            : tr("These words have %1, {whole}, and keep {nodes}.").arg(mended.join(tr(", ")));
    phrases[kWhole] = job.is_one_piece ? tr("hang together as one") : tr("may be of several pieces");
    phrases[kNodes] = job.finishing.reduce_mm > 0.0
                          ? tr("fewer nodes, within %1").arg(fineLength(job.finishing.reduce_mm, job.unit))
                          : tr("every node as drawn");
    const auto& sheet = job.material;
    phrases[kSheet] =
        sheet.width_mm > 0.0 && sheet.height_mm > 0.0
            ? tr("a sheet of %1 × %2")
                  .arg(ink::ui::figure(sheet.width_mm, job.unit), figureWithUnit(sheet.height_mm, job.unit))
        : sheet.width_mm > 0.0  ? tr("a sheet %1 wide").arg(figureWithUnit(sheet.width_mm, job.unit))
        : sheet.height_mm > 0.0 ? tr("a sheet %1 high").arg(figureWithUnit(sheet.height_mm, job.unit))
                                : tr("any sheet");
    QStringList sentences{first, tr("They come from {sheet}.")};
    if (isWeeded(job.process)) {
        phrases[kWeeding] = job.weeding.frame_mm <= 0.0    ? tr("without a frame")
                            : job.weeding.parting_mm > 0.0 ? tr("inside a frame with parting lines")
                                                           : tr("inside a frame");
        sentences.back() = tr("They come from {sheet}, {weeding}.");
    }
    m_head->sentence().setSentence(sentences.join(QLatin1Char(' ')), phrases);
    m_head->leaf().fit();
}

void ProofPage::currentMoved()
{
    m_view->choose(m_list->currentFinding(), m_list->currentBridge());
    m_view->showPlace(false);
    placeCallout();
}

/// The usual mending stands at the place as well.
void ProofPage::placeCallout()
{
    const auto finding = m_list->currentFinding();
    const auto& contents = m_list->contents();
    if (!finding || m_list->isGroupCurrent() || m_view->isUnmended() ||
        *finding >= contents.findings.size() || m_look == Look::BeforeTheWeld ||
        isOfTheWhole(contents.findings[*finding].kind))
        return m_callout->hide();
    const auto& f = contents.findings[*finding];
    const auto offers = m_list->offersFor(*finding);
    if (offers.empty() || !offers.front().mending)
        return m_callout->hide();
    if (m_callout->text() != offers.front().words) {
        m_callout->setText(offers.front().words);
        m_callout->adjustSize();
    }
    const QPointF at = m_view->placeOf(f);
    const QRect room = m_view->rect().adjusted(kGrid, kGrid, -kGrid, -kGrid);
    if (!room.contains(at.toPoint()))
        return m_callout->hide();
    const int beside = m_theme.scaled(20);
    const int x = std::clamp(qRound(at.x()) - m_callout->width() / 2, room.left(),
                             std::max(room.left(), room.right() - m_callout->width()));
    int y = qRound(at.y()) + beside;
    if (y + m_callout->height() > room.bottom())
        y = qRound(at.y()) - beside - m_callout->height() - m_theme.scaled(24);
    if (m_callout->pos() != QPoint(x, y))
        m_callout->move(x, y);
    m_callout->show();
}

void ProofPage::change(const QString& name, const std::function<void(Job&)>& change, Ends ends)
{
    if (!m_proof.composed() || !m_proof.isUpToDate())
        return; // places are those of another shape
    const auto& design = m_proof.composed()->design;
    const Job before = m_job.job();
    m_job.endRun();
    m_job.changeLettering(name, change);
    if (ends == Ends::Here)
        m_job.endRun();
    if (m_job.job() != before)
        m_before = Before{design.finished.mended, design.figures_mm.area};
}

void ProofPage::take(std::size_t number, const Offer& offer)
{
    if (number >= m_list->contents().findings.size())
        return;
    const ProofFinding finding = m_list->contents().findings[number];
    if (!offer.mending)
        return doErrand(offer);
    change(tr("mend %1").arg(namesOf(finding.kind)), [&](Job& job) {
        Mending mending = *offer.mending;
        if (offer.where == Offer::Where::Here) {
            mending.place = mendingPlaceAt(*m_proof.composed(), finding.at * (1.0 / m_proof.scale()));
            if (!mending.place)
                return;
        } else {
            std::erase_if(job.lettering.mendings,
                          [&](const Mending& m) { return m.kind == mending.kind && !m.place; });
        }
        job.lettering.mendings.push_back(mending);
    });
}

void ProofPage::doErrand(const Offer& offer)
{
    using Errand = Offer::Errand;
    switch (offer.errand) {
    case Errand::AllThicker:
        return change(tr("everything thicker"), [&](Job& job) { job.finishing.offset_mm += offer.to / 2.0; });
    case Errand::FewerNodes:
        return change(tr("fewer nodes"), [&](Job& job) { job.finishing.reduce_mm = offer.to; });
    case Errand::Resize: {
        double by = offer.to;
        if (by < 1.0) // too large both ways: small enough for both
            for (const auto& f : m_proof.findings())
                if (f.kind == FindingKind::TooLarge)
                    by = std::min(by, f.wanted / f.measured);
        auto size = m_job.job().size;
        size.value_mm *= by;
        if (size.other_mm)
            size.other_mm = *size.other_mm * by;
        m_job.endRun();
        m_job.setSize(size);
        return m_job.endRun();
    }
    case Errand::SewLines:
        return change(tr("sew low letters as lines"), [&](Job& job) {
            for (const auto& f : m_proof.findings())
                if (f.kind == FindingKind::LowLetters)
                    for (const auto letter : f.letters)
                        job.lettering.letters[letter].sewn_as = SewnAs::Running;
            tidy(job.lettering);
        });
    case Errand::NoUnderlay:
        return change(tr("no underlay"), [](Job& job) { job.stitches.has_underlay = false; });
    case Errand::WiderApart:
        return change(tr("stitches wider apart"), [&](Job& job) {
            job.stitches.spacing_mm *= offer.to;
            job.stitches = sensible(std::move(job.stitches));
        });
    case Errand::ChooseFont:
        return emit fontWanted();
    case Errand::OpenRight:
        return emit rightsWanted();
    case Errand::Compose:
        return emit composeWanted();
    case Errand::None:
        break;
    }
}

void ProofPage::leave(std::size_t number, bool is_everywhere)
{
    if (number >= m_list->contents().findings.size())
        return;
    const ProofFinding finding = m_list->contents().findings[number];
    if (finding.kind == FindingKind::Rights || finding.kind == FindingKind::Missing)
        return; // what is so stays told
    change(tr("leave %1 as they are").arg(namesOf(finding.kind)), [&](Job& job) {
        Mending mending;
        mending.kind = MendingKind::Leave;
        mending.leaves = finding.kind;
        if (!is_everywhere && !isOfTheWhole(finding.kind)) {
            mending.place = mendingPlaceAt(*m_proof.composed(), finding.at * (1.0 / m_proof.scale()));
            if (!mending.place)
                return;
        }
        job.lettering.mendings.push_back(mending);
    });
    m_before.reset(); // nothing was mended
}

void ProofPage::mendAll()
{
    if (!m_proof.proof() || !m_proof.isUpToDate())
        return;
    const auto findings = m_proof.findings();
    const Job before = m_job.job();
    m_list->setCurrentIndex(m_list->model()->index(0, 0)); // what is left comes first
    change(
        tr("mend all"), [&](Job& job) { ink::mendAll(job, findings); }, Ends::Later);
    if (m_job.job() != before)
        m_mending_all = m_job.job();
    else
        emit told(findings.empty() ? tr("Nothing has to be mended.")
                                   : tr("What is left has no usual mending: choose for each."));
}

/// Whether there is more to mend of what mending all has made: part of the same step to undo.
bool ProofPage::mendsMore()
{
    const auto mended = std::exchange(m_mending_all, std::nullopt);
    if (!mended)
        return false;
    const Job now = m_job.job();
    if (now == *mended)
        m_job.changeLettering(tr("mend all"), [&](Job& job) { mendWhatItMade(job, m_proof.findings()); });
    m_job.endRun();
    return m_job.job() != now;
}

void ProofPage::tellWhatWasDone()
{
    if (!m_before || !m_proof.composed())
        return;
    const auto before = *std::exchange(m_before, std::nullopt);
    const auto& design = m_proof.composed()->design;
    emit told(
        sayWhatWasMended(before.mended, design.finished.mended, before.area_mm2, design.figures_mm.area));
}

void ProofPage::takeBridgeOff(Job& job, std::size_t bridge) const
{
    const auto& bridges = m_list->contents().bridges;
    if (bridge >= bridges.size())
        return;
    const auto& composed = *m_proof.composed();
    const Point at = lerp(bridges[bridge].from, bridges[bridge].to, 0.5);
    auto& mendings = job.lettering.mendings;
    // One that was put by hand is simply gone; one that came by itself has to stay away.
    const auto put = std::ranges::find_if(mendings, [&](const Mending& m) {
        const auto place =
            m.kind == MendingKind::Bridges && m.place ? ink::placeOf(composed, *m.place) : std::nullopt;
        return place && length(*place - at) < m.to + length(bridges[bridge].to - bridges[bridge].from);
    });
    if (put != mendings.end()) {
        mendings.erase(put);
        return;
    }
    Mending off;
    off.kind = MendingKind::NoBridge;
    off.place = mendingPlaceAt(composed, at);
    if (off.place)
        mendings.push_back(off);
}

void ProofPage::addBridge(Job& job, Point at_mm) const
{
    Mending bridge;
    bridge.kind = MendingKind::Bridges;
    bridge.to = job.limits().bridge_mm;
    bridge.place = mendingPlaceAt(*m_proof.composed(), at_mm);
    if (bridge.place)
        job.lettering.mendings.push_back(bridge);
}

void ProofPage::moveBridge(std::size_t bridge, Point to_mm)
{
    change(tr("move a bridge"), [&](Job& job) {
        takeBridgeOff(job, bridge);
        addBridge(job, to_mm);
    });
}

/// Made beforehand, so that Space shows it at once.
void ProofPage::prepareUnmended()
{
    Job plain = m_job.job();
    plain.lettering.mendings.clear();
    if (!isVisible() || !m_proof.composed() || m_job.job().lettering.mendings.empty()) {
        m_unmended.reset();
        m_unmended_of.reset();
        return;
    }
    if (m_unmended_of == plain)
        return; // made, or on its way
    m_unmended.reset();
    m_unmended_of = plain;
    m_lettering.sketch(kUnmendedSlot, plain, [this](const ComposedResult& result) {
        if (!result || m_job.job().lettering.mendings.empty())
            return;
        m_unmended = {*result, &(*result)->design};
        if (m_unmended_held)
            showUnmended(true);
    });
}

void ProofPage::showUnmended(bool is_wanted)
{
    if (is_wanted == m_unmended_held && !(is_wanted && m_unmended && !m_view->isUnmended()))
        return;
    m_unmended_held = is_wanted;
    m_view->showUnmended(is_wanted ? m_unmended : nullptr);
    if (!is_wanted)
        showPaper();
    placeCallout();
}

} // namespace ink::ui
