#include "ui/compose/compose_page.h"

#include "ui/compose/compose_sentence.h"
#include "ui/compose/compose_strip.h"
#include "ui/compose/letter_section.h"
#include "ui/compose/lettering_view.h"
#include "ui/compose/material_section.h"
#include "ui/compose/motif_tray.h"
#include "ui/compose/pair_callout.h"
#include "ui/compose/try_on_strip.h"
#include "ui/core_words.h"
#include "ui/widgets/leaf.h"
#include "ui/widgets/sentence_bar.h"

#include <QButtonGroup>
#include <QDoubleSpinBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

#include <algorithm>

namespace ink::ui {
namespace {

/// In a lower page, at the usual text, what stands round the words takes less room.
constexpr int kTight_px = 430;

} // namespace

ComposePage::ComposePage(JobModel& job, DesignModel& design, LetteringService& lettering,
                         const std::filesystem::path& shelf_folder, const Theme& theme, QWidget* parent)
    : Station(parent), m_job(job), m_design(design), m_theme(theme)
{
    setObjectName(QStringLiteral("page"));
    m_view = new LetteringView(m_job, m_theme, this);
    m_view->setObjectName(QStringLiteral("weldView"));
    // Before anything that says what the paper shows.
    connect(&m_design, &DesignModel::changed, this, &ComposePage::designChanged);
    m_sentence = new ComposeSentence(m_job, m_design, lettering, *m_view, m_theme, this);
    m_strip = new ComposeStrip(m_job, m_design, lettering, *m_view, shelf_folder, m_theme, this);
    m_callout = new PairCallout(m_job, m_design, *m_view, m_theme);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    column->addWidget(m_sentence);
    column->addWidget(m_view, 1);
    column->addWidget(m_strip);
    buildPaperHead();
    setTabOrder(m_sentence, m_view);
    setTabOrder(m_view, m_callout);
    connectParts();
    connectTray();
    designChanged();
}

QString ComposePage::figure() const
{
    const auto design = m_design.design();
    return design ? tr("%n piece(s)", nullptr, static_cast<int>(design->figures_mm.pieces)) : tr("not yet");
}

void ComposePage::activate()
{
    m_view->setFocus();
}

bool ComposePage::isIdle() const
{
    return m_strip->isIdle() && m_view->isIdle();
}

TryOnStrip& ComposePage::strip()
{
    return m_strip->tries();
}

MotifTray& ComposePage::tray()
{
    return m_strip->tray();
}

void ComposePage::lookAgain()
{
    m_strip->lookAgain();
}

QString ComposePage::materialColour() const
{
    return m_sentence->material().colour().name();
}

void ComposePage::setFonts(const std::vector<std::pair<QString, FontRef>>& fonts)
{
    m_sentence->letter().setFonts(fonts);
}

void ComposePage::setMaterials(const std::vector<MaterialCard>& cards)
{
    m_view->setMaterials(cards);
    m_sentence->letter().setMaterials(cards);
}

void ComposePage::showProof(const std::vector<ProofFinding>& findings)
{
    m_sentence->showProof(findings);
}

void ComposePage::showRight(const QString& font, std::optional<Verdict> verdict)
{
    m_sentence->showRight(font, verdict);
}

void ComposePage::buildPaperHead()
{
    m_paper_head = new QWidget(m_view);
    m_paper_head->setObjectName(QStringLiteral("paperHead"));
    auto* row = new QHBoxLayout(m_paper_head);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(2 * kGrid);
    m_zoom = new QLabel(m_paper_head);
    m_zoom->setObjectName(QStringLiteral("zoomText"));
    m_zoom->setProperty("role", QStringLiteral("soft"));
    m_zoom->setFont(m_theme.text(TextSize::Small));
    row->addWidget(m_zoom);
    auto* group = new QButtonGroup(m_paper_head);
    const auto add = [&](const QString& words, const char* name, const QString& spoken, const char* role) {
        auto* button = new QPushButton(words, m_paper_head);
        button->setObjectName(QLatin1String(name));
        button->setProperty("role", QLatin1String(role));
        button->setFont(m_theme.text(TextSize::Small));
        button->setAccessibleName(spoken);
        button->setToolTip(spoken);
        row->addWidget(button);
        return button;
    };
    const auto addLook = [&](const QString& words, const char* name, const QString& spoken,
                             WeldView::Look look) {
        auto* button = add(words, name, spoken, "wish");
        button->setCheckable(true);
        button->setChecked(look == WeldView::Look::Material);
        group->addButton(button);
        connect(button, &QPushButton::clicked, this, [this, look] { m_view->setLook(look); });
    };
    addLook(tr("Material"), "lookMaterial", tr("Show the words in their material"), WeldView::Look::Material);
    addLook(tr("Outline"), "lookOutline", tr("Show what the knife follows"), WeldView::Look::Outline);
    connect(add(tr("True size"), "trueSize", tr("Show the words as large as they will be (Ctrl+1)"), "quiet"),
            &QPushButton::clicked, this, [this] { m_view->setZoom(1.0); });
    connect(add(tr("All of it"), "zoomFit", tr("Show all of the words (Ctrl+0)"), "quiet"),
            &QPushButton::clicked, this, [this] { m_view->zoomToFit(); });
}

void ComposePage::placePaperHead()
{
    m_zoom->setVisible(width() > m_theme.scaled(700));
    m_paper_head->adjustSize();
    const int ruler = m_view->rulerSize();
    const int x = isRightToLeft() ? ruler + 2 * kGrid : m_view->width() - m_paper_head->width() - 2 * kGrid;
    m_paper_head->move(std::max(0, x), ruler + kGrid);
    m_view->setTopRoom(m_paper_head->height() + 2 * kGrid);
}

void ComposePage::resizeEvent(QResizeEvent* event)
{
    Station::resizeEvent(event);
    m_sentence->setTight(height() < m_theme.scaled(kTight_px));
    m_strip->fit(height());
    layout()->activate();
    placePaperHead();
}

void ComposePage::connectParts()
{
    connect(&m_job, &JobModel::changed, this, [this] { m_view->setUnit(m_job.job().unit); });
    connect(m_view, &WeldView::zoomChanged, this, &ComposePage::showZoom);
    connect(m_view, &LetteringView::partFramed, this, &ComposePage::keepPartAsMotif);
    connect(m_view, &LetteringView::motifDropped, this, &ComposePage::dropped);
    connect(m_sentence, &ComposeSentence::handOffWanted, this, &ComposePage::handOffWanted);
    connect(m_sentence, &ComposeSentence::rightsWanted, this, &ComposePage::rightsWanted);
    connect(m_sentence, &ComposeSentence::fontWanted, this, &ComposePage::fontWanted);
    connect(m_sentence, &ComposeSentence::dressWanted, m_strip, &ComposeStrip::dress);
    connect(&m_sentence->letter(), &LetterSection::keepLettersWanted, this, &ComposePage::keepLettersAsMotif);
    connect(&m_sentence->letter(), &LetterSection::keepPartWanted, this, [this] {
        m_sentence->leaf().close();
        m_view->frameAPart();
    });
    connect(m_strip, &ComposeStrip::problem, this, &Station::problem);
    connect(m_strip, &ComposeStrip::corrected, this, &ComposePage::corrected);
    connect(m_strip, &ComposeStrip::letterWanted, this, [this](QWidget* under, const QString& figure) {
        m_sentence->openLeaf(QStringLiteral("letter"), under);
        static const std::map<QString, const char*> kFields{
            {QStringLiteral("moved"), "letterDx"},
            {QStringLiteral("turned"), "letterTurn"},
            {QStringLiteral("size"), "letterSize"},
            {QStringLiteral("before"), "letterBefore"},
        };
        if (const auto field = kFields.find(figure); field != kFields.end())
            if (auto* box = m_sentence->letter().findChild<QDoubleSpinBox*>(QLatin1String(field->second))) {
                box->setFocus();
                box->selectAll();
            }
    });
    m_view->setUnit(m_job.job().unit);
}

void ComposePage::connectTray()
{
    auto& motifs = tray();
    connect(&motifs, &MotifTray::refused, this, &Station::problem);
    connect(&motifs, &MotifTray::fontWanted, this, &ComposePage::takeFontWanted);
    connect(&motifs, &MotifTray::svgWanted, this, &ComposePage::takeSvgWanted);
    connect(&motifs, &MotifTray::intoLineWanted, this, &ComposePage::intoLine);
    connect(&motifs, &MotifTray::besideWanted, this, &ComposePage::besideLetter);
    connect(&motifs, &MotifTray::tailWanted, this, [this](qlonglong id) {
        const auto block = m_view->block();
        placeMotif(id, [block](Job& changed, const std::string& motif) {
            if (changed.lettering.blocks.size() <= block)
                changed.lettering.blocks.resize(block + 1);
            changed.lettering.blocks[block].has_tail = true;
            changed.lettering.blocks[block].tail_motif = motif;
        });
    });
}

/// The old shape stays in sight until the new one is there.
void ComposePage::designChanged()
{
    if (m_design.composed()) {
        m_view->showComposed(m_design.composed());
    } else if (const auto& error = m_design.refusal()) {
        m_view->showNothing(said(*error));
    } else {
        m_view->showNothing(tr("Choose a font in Find: the words appear here as one welded shape."));
    }
    emit figureChanged();
}

void ComposePage::dropped(const QString& id, QPointF mm, std::optional<std::size_t> letter)
{
    placeMotif(id.toLongLong(), [&](Job& changed, const std::string& motif) {
        PlacedPiece piece;
        piece.motif = motif;
        piece.letter = letter;
        if (const auto& composed = m_design.composed()) {
            Point at = composed->inU({mm.x(), -mm.y()});
            if (const auto* own = letter ? composed->setting.letterAt(*letter) : nullptr)
                at = offsetFrom(composed->setting, *own, at);
            piece.x_em = at.x / kU_per_em;
            piece.y_em = at.y / kU_per_em;
        }
        changed.lettering.pieces.push_back(piece);
    });
}

void ComposePage::intoLine(qlonglong id)
{
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
}

void ComposePage::besideLetter(qlonglong id)
{
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
}

/// The selected letters, welded, become a motif.
void ComposePage::keepLettersAsMotif()
{
    const auto letters = m_view->letters();
    if (!m_design.composed() || letters.empty())
        return;
    QString name;
    const auto words = toUtf32(m_job.job().words);
    for (const auto& letter : m_design.composed()->setting.letters)
        if (letter.hasInk() && std::ranges::any_of(letters, [&](std::size_t i) {
                return i >= letter.first && i < letter.first + letter.count;
            }))
            for (std::size_t i = letter.first; i < std::min(letter.first + letter.count, words.size()); ++i)
                name += QString::fromUcs4(&words[i], 1);
    keepMade(motifOfLetters(m_design.composed()->setting, letters), name);
}

/// What is inside of a frame on the paper becomes a motif.
void ComposePage::keepPartAsMotif(const QRectF& frame_mm)
{
    if (!m_design.composed())
        return;
    Box frame;
    frame.add(m_design.composed()->inU({frame_mm.left(), -frame_mm.top()}));
    frame.add(m_design.composed()->inU({frame_mm.right(), -frame_mm.bottom()}));
    const QString words = QString::fromStdString(withoutMotifs(m_job.job().words)).simplified();
    keepMade(motifOfPart(m_design.composed()->setting, frame), tr("Part of %1").arg(words.left(24)));
}

void ComposePage::keepMade(const Result<MadeMotif>& made, const QString& name)
{
    if (!made)
        return emit problem(made.error());
    const auto& lettering = m_job.job().lettering;
    MotifDrawing drawing;
    drawing.name = name.toStdString();
    drawing.from_font = tr("Own letters").toStdString();
    drawing.outline = std::make_shared<const Paths>(made->outline);
    drawing.advance = made->advance;
    auto fonts = made->fonts;
    const auto takeRights = [&](const std::string& motif) {
        if (const auto own = lettering.motifs.find(motif); own == lettering.motifs.end())
            fonts.push_back(m_job.job().font); // a tail of the font itself
        else
            addRights(drawing.rights, own->second.rights);
    };
    for (const auto character : made->motifs)
        takeRights(lettering.letter(character).motif);
    for (const auto i : made->pieces) {
        const auto& placed = m_design.composed()->setting.pieces[i];
        takeRights(placed.piece ? lettering.pieces[*placed.piece].motif
                                : lettering.block(placed.block).tail_motif);
    }
    emit keepDrawingWanted(drawing, fonts);
}

void ComposePage::placeMotif(qlonglong id, const std::function<void(Job&, const std::string&)>& place)
{
    const auto drawing = tray().drawing(id);
    if (!drawing)
        return;
    m_job.endRun();
    m_job.changeLettering(tr("place a motif"), [&](Job& job) {
        const std::string key = motifOf(job.lettering, *drawing);
        place(job, key);
        job.lettering.motifs[key] = *drawing; // tidied away while nothing referred to it
    });
    m_job.endRun();
}

void ComposePage::showZoom(double zoom)
{
    m_zoom->setText(qAbs(zoom - 1.0) < 0.005 ? tr("true size")
                                             : tr("×%1 true size")
                                                   .arg(QLocale().toString(zoom, 'f',
                                                                           zoom < 0.1  ? 3
                                                                           : zoom < 10 ? 2
                                                                                       : 0)));
    placePaperHead();
}

} // namespace ink::ui
