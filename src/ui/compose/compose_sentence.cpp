#include "ui/compose/compose_sentence.h"

#include "ui/core_words.h"

#include "ui/compose/close_up_section.h"
#include "ui/compose/guide_section.h"
#include "ui/compose/letter_section.h"
#include "ui/compose/lettering_view.h"
#include "ui/compose/lines_section.h"
#include "ui/compose/material_section.h"
#include "ui/compose/shape_section.h"
#include "ui/compose/spacing_section.h"
#include "ui/compose/tail_section.h"
#include "ui/compose/worn_section.h"
#include "ui/proof/proof_words.h"
#include "ui/text.h"
#include "ui/widgets/leaf.h"
#include "ui/widgets/marks.h"
#include "ui/widgets/sentence_bar.h"

#include <QFileInfo>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QUndoStack>
#include <QVBoxLayout>

namespace ink::ui {
namespace {

const QString kMore = QStringLiteral("more"), kFont = QStringLiteral("font"),
              kRight = QStringLiteral("right"), kLetter = QStringLiteral("letter");

/// What "and more…" leads to where the sentence does not say it.
constexpr std::pair<const char*, const char*> kFurther[] = {
    {"spacing", QT_TRANSLATE_NOOP("ink::ui::ComposeSentence", "Letter spacing")},
    {"tail", QT_TRANSLATE_NOOP("ink::ui::ComposeSentence", "A tail under the words")},
    {"guides", QT_TRANSLATE_NOOP("ink::ui::ComposeSentence", "Guides")},
    {"material", QT_TRANSLATE_NOOP("ink::ui::ComposeSentence", "Material, mirrored, overlaps and nodes")},
};

} // namespace

ComposeSentence::ComposeSentence(JobModel& job, DesignModel& design, LetteringService& lettering,
                                 LetteringView& view, const Theme& theme, QWidget* page)
    : QWidget(page), m_job(job), m_design(design), m_theme(theme), m_leaf(new Leaf(theme, page))
{
    setObjectName(QStringLiteral("sentenceHead"));
    setAttribute(Qt::WA_StyledBackground);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(kMargin, 2 * kGrid, kMargin, 2 * kGrid);
    row->setSpacing(kMargin);
    auto* column = new QVBoxLayout;
    column->setSpacing(kGrid);
    m_sentence = new SentenceBar(theme, TextSize::Lead, this);
    m_sentence->setObjectName(QStringLiteral("composeSentence"));
    auto* finding = new QHBoxLayout;
    finding->setSpacing(2 * kGrid);
    m_finding_mark = new MarkLabel(theme, this);
    m_finding = new QLabel(this);
    m_finding->setObjectName(QStringLiteral("finding"));
    m_finding->setWordWrap(true);
    finding->addWidget(m_finding_mark, 0, Qt::AlignTop);
    finding->addWidget(m_finding, 1);
    column->addStretch(1);
    column->addWidget(m_sentence);
    column->addLayout(finding);
    column->addStretch(1);
    row->addLayout(column, 1);
    row->addWidget(buildButtons(), 0, Qt::AlignVCenter);
    addSections(lettering, view, page);
    addMore(page);

    connect(m_sentence, &SentenceBar::chosen, this, [this](const QString& key) {
        if (key == kRight)
            emit rightsWanted();
        else if (key == kFont)
            emit fontWanted();
        else
            openLeaf(key);
    });
    connect(m_leaf, &Leaf::takenBack, this, [this] {
        auto& steps = m_job.undoStack();
        if (steps.index() > m_opened_at)
            steps.setIndex(m_opened_at);
    });
    connect(m_leaf, &Leaf::closed, this, [this] { m_job.endRun(); });
    connect(&m_job, &JobModel::changed, this, &ComposeSentence::sayFinding);
    connect(&view, &LetteringView::caretMoved, this, &ComposeSentence::say);
    connect(&view, &LetteringView::guidesChanged, this, &ComposeSentence::say);
    connect(&m_design, &DesignModel::outdated, this, [this] { m_hand_off->setEnabled(false); });
    connect(&m_design, &DesignModel::changed, this, [this] {
        for (auto* section : m_sections)
            section->showComposed(m_design.composed());
        m_hand_off->setEnabled(m_design.composed() != nullptr);
        m_dress->setEnabled(m_design.composed() != nullptr);
        m_leaf->fit();
        sayFinding();
    });
    m_hand_off->setEnabled(false);
    m_dress->setEnabled(false);
    sayFinding();
    say();
}

QWidget* ComposeSentence::buildButtons()
{
    auto* buttons = new QWidget(this);
    m_buttons = new QHBoxLayout(buttons);
    m_buttons->setContentsMargins(0, 0, 0, 0);
    m_buttons->setSpacing(2 * kGrid);
    m_hand_off = new QPushButton(tr("Hand it off"), buttons);
    m_hand_off->setObjectName(QStringLiteral("handItOff"));
    m_hand_off->setToolTip(
        tr("Onto the material, and into a file for your machine (Ctrl+S saves an SVG at once)"));
    m_dress = new QPushButton(tr("Dress the words"), buttons);
    m_dress->setObjectName(QStringLiteral("dress"));
    m_dress->setProperty("role", QStringLiteral("main"));
    m_dress->setToolTip(tr("Whole sets of beginnings, endings and loops that join and can be cut"));
    m_buttons->addWidget(m_hand_off);
    m_buttons->addWidget(m_dress);
    connect(m_hand_off, &QPushButton::clicked, this, &ComposeSentence::handOffWanted);
    connect(m_dress, &QPushButton::clicked, this, &ComposeSentence::dressWanted);
    return buttons;
}

void ComposeSentence::setTight(bool is_tight)
{
    m_sentence->setTextSize(is_tight ? TextSize::Body : TextSize::Lead);
    m_buttons->setDirection(is_tight ? QBoxLayout::TopToBottom : QBoxLayout::LeftToRight);
    const int air = is_tight ? kGrid : 2 * kGrid;
    layout()->setContentsMargins(kMargin, air, kMargin, air);
}

void ComposeSentence::addSections(LetteringService& lettering, LetteringView& view, QWidget* page)
{
    const auto add = [&](const QString& key, PanelSection* section) {
        section->hide();
        m_leaves[key] = section;
        m_sections.push_back(section);
        section->showNow();
    };
    add(QStringLiteral("close-up"), new CloseUpSection(m_job, view, m_theme, page));
    add(QStringLiteral("shape"), new ShapeSection(m_job, view, m_theme, page));
    add(QStringLiteral("lines"), new LinesSection(m_job, view, m_theme, page));
    add(QStringLiteral("spacing"), new SpacingSection(m_job, view, m_theme, page));
    add(QStringLiteral("tail"), new TailSection(m_job, view, m_theme, page));
    add(QStringLiteral("guides"), new GuideSection(m_job, view, m_theme, page));
    m_material = new MaterialSection(m_job, view, m_theme, page);
    add(QStringLiteral("material"), m_material);
    m_letter = new LetterSection(m_job, view, m_theme, page);
    add(kLetter, m_letter);
    auto* worn = new WornSection(m_job, lettering, view, m_theme, page);
    add(QStringLiteral("worn"), worn);
    connect(worn, &WornSection::dressWanted, this, [this] {
        m_leaf->close();
        emit dressWanted();
    });
}

void ComposeSentence::addMore(QWidget* page)
{
    auto* more = new QWidget(page);
    auto* column = new QVBoxLayout(more);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(2 * kGrid);
    for (const auto& [key, name] : kFurther) {
        auto* button = new QPushButton(tr(name), more);
        button->setObjectName(QStringLiteral("more_") + QLatin1String(key));
        button->setProperty("role", QStringLiteral("link"));
        column->addWidget(button, 0, Qt::AlignLeading);
        connect(button, &QPushButton::clicked, this,
                [this, key = QString::fromLatin1(key)] { openLeaf(key, m_sentence->phrase(kMore)); });
    }
    more->hide();
    m_leaves[kMore] = more;
}

/// Only what the sentence does not say already.
void ComposeSentence::fillMore()
{
    for (const auto& [key, name] : kFurther)
        m_leaves[kMore]
            ->findChild<QPushButton*>(QStringLiteral("more_") + QLatin1String(key))
            ->setVisible(!m_sentence->phrase(QLatin1String(key)));
}

void ComposeSentence::openLeaf(const QString& key, QWidget* under)
{
    const auto controls = m_leaves.find(key);
    if (controls == m_leaves.end())
        return;
    if (!under)
        under = m_sentence->phrase(key);
    if (!under)
        return;
    const bool was_open = m_leaf->controls() == controls->second;
    m_leaf->close();
    if (was_open) // pressed again
        return;
    if (key == kMore)
        fillMore();
    m_job.endRun();
    m_opened_at = m_job.undoStack().index();
    m_leaf->open(controls->second, under);
}

void ComposeSentence::openLeafWith(const QWidget* control)
{
    for (const auto& [key, controls] : m_leaves)
        if (controls->isAncestorOf(control) && m_leaf->controls() != controls) {
            auto* own = m_sentence->phrase(key);
            openLeaf(key, own ? own : m_sentence->phrase(kMore));
            return;
        }
}

void ComposeSentence::showRight(const QString& font, std::optional<Verdict> verdict)
{
    if (font == m_font && verdict == m_verdict)
        return;
    m_font = font;
    m_verdict = verdict;
    say();
    sayFinding();
}

/// Grows only by what differs from the usual. Each sentence is whole, so that it can be translated.
void ComposeSentence::say()
{
    const Job& job = m_job.job();
    auto phrases = composePhrases(job, m_sections.empty() ? 0 : m_sections.front()->block());
    const auto has = [&](const char* key) { return phrases.contains(QLatin1String(key)); };
    QStringList sentences{tr("These words {close-up}, run {shape} in {lines}, and {worn}.")};
    if (has("spacing"))
        sentences << (job.tracking_em > 0.0 ? tr("Their letters stand {spacing} further apart.")
                                            : tr("Their letters stand {spacing} nearer to each other."));
    if (has("tail"))
        sentences << tr("There is {tail} under them.");
    if (has("guides"))
        sentences << tr("Moves stop at {guides}.");
    if (has("material"))
        sentences << tr("The file is {material}.");
    if (!m_font.isEmpty()) {
        phrases[kFont] = m_font;
        const bool is_sale = job.purpose == Purpose::Sale;
        if (m_verdict) {
            phrases[kRight] = said(nameOf(*m_verdict));
            sentences << (is_sale ? tr("Sold in {font}: {right}.") : tr("A gift in {font}: {right}."));
        } else {
            sentences << (is_sale ? tr("Sold in {font}.") : tr("A gift in {font}."));
        }
    }
    phrases[kMore] = tr("and more…");
    sentences << QStringLiteral("{more}");
    m_sentence->setSentence(sentences.join(QLatin1Char(' ')), phrases);
    m_leaf->fit();
}

void ComposeSentence::showProof(const std::vector<ProofFinding>& findings)
{
    m_findings = findings;
    sayFinding();
}

/// What keeps the words from being handed out as they are meant.
void ComposeSentence::sayFinding()
{
    QString words;
    Mark mark = Mark::Wrong;
    if (m_job.job().purpose == Purpose::Sale && m_verdict == Verdict::GiftsOnly)
        words = tr("%1 is for gifts only, and this job is for sale. Open its right, or choose another font.")
                    .arg(m_font);
    if (const auto& composed = m_design.composed()) {
        QString letters;
        for (const char32_t ch : composed->design.missing)
            letters += QStringLiteral(" ") + QString::fromUcs4(&ch, 1);
        if (!letters.isEmpty())
            words =
                tr("Letters are missing: this font lacks%1. They are left out. Choose another font or other "
                   "words.")
                    .arg(letters);
        if (!composed->setting.missing_fonts.empty()) {
            mark = Mark::LookAt;
            words =
                tr("%1 is missing: its letters stand as they were stored. Bring the font back through Find "
                   "to change them.")
                    .arg(QFileInfo(text(composed->setting.missing_fonts.front().path)).fileName());
        }
    }
    const auto worst = std::ranges::find_if(m_findings, [](const ProofFinding& f) {
        return f.kind != FindingKind::Missing && f.kind != FindingKind::Rights; // said above, in more words
    });
    if (words.isEmpty() && worst != m_findings.end()) {
        mark = markOf(*worst);
        words = m_findings.size() == 1
                    ? tr("%1. %2 Proof mends it.")
                          .arg(titleOf(*worst, m_job.job()), detailOf(*worst, m_job.job()))
                    : tr("%1, and %n more in Proof.", nullptr, static_cast<int>(m_findings.size()) - 1)
                          .arg(titleOf(*worst, m_job.job()));
    }
    m_finding->setText(words);
    m_finding->setVisible(!words.isEmpty());
    m_finding_mark->setVisible(!words.isEmpty());
    m_finding_mark->setMark(mark);
}

} // namespace ink::ui
