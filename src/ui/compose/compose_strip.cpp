#include "ui/compose/compose_strip.h"

#include "ui/core_words.h"

#include "ui/compose/dressing_strip.h"
#include "ui/compose/lettering_view.h"
#include "ui/compose/motif_tray.h"
#include "ui/compose/tail_section.h"
#include "ui/compose/try_on_strip.h"
#include "ui/measures.h"
#include "ui/text.h"
#include "ui/widgets/page_stack.h"
#include "ui/widgets/sentence_bar.h"

#include <QButtonGroup>
#include <QHBoxLayout>
#include <QInputDialog>
#include <QLabel>
#include <QLocale>
#include <QMenu>
#include <QPushButton>
#include <QScopedValueRollback>
#include <QScrollArea>
#include <QVBoxLayout>

#include <algorithm>

namespace ink::ui {
namespace {

/// Longer than between two moves of a hand.
constexpr int kRest_ms = 40;
/// The slots of dressings' drawings; plain words beside dressed ones have the first.
constexpr int kFirstDressingSketch = 1;

} // namespace

ComposeStrip::ComposeStrip(JobModel& job, DesignModel& design, LetteringService& lettering,
                           LetteringView& view, const std::filesystem::path& shelf_folder, const Theme& theme,
                           QWidget* parent)
    : QWidget(parent), m_job(job), m_design(design), m_lettering(lettering), m_view(view), m_theme(theme),
      m_last_job(job.job())
{
    setObjectName(QStringLiteral("lowerStrip"));
    setAttribute(Qt::WA_StyledBackground);
    setStyleSheet(QStringLiteral("#lowerStrip { background: %1; border-top: 1px solid %2; }")
                      .arg(m_theme.colours().paper.name(), m_theme.colours().rule.name()));
    m_tray = new MotifTray(shelf_folder, m_job.undoStack(), m_theme, this);
    m_tray->setObjectName(QStringLiteral("motifTray"));
    build();
    connectTries();
    m_rest.setSingleShot(true);
    m_rest.setInterval(kRest_ms);
    connect(&m_rest, &QTimer::timeout, this, &ComposeStrip::askForTries);
    connect(&m_view, &LetteringView::caretMoved, this, &ComposeStrip::askForTriesSoon);
    connect(&m_view, &LetteringView::stripWanted, this, &ComposeStrip::focusTries);
    connect(&m_job, &JobModel::changed, this, &ComposeStrip::jobChanged);
    connect(&m_design, &DesignModel::changed, this, [this] {
        m_tail->showComposed(m_design.composed());
        askForTriesSoon();
        sayLetter();
    });
    open(Forms);
}

void ComposeStrip::build()
{
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(kMargin, kGrid, kMargin, kGrid);
    column->setSpacing(kGrid);
    auto* head = new QHBoxLayout;
    head->setSpacing(kMargin);
    m_letter = new SentenceBar(m_theme, TextSize::Body, this);
    m_letter->setObjectName(QStringLiteral("stripTitle"));
    head->addWidget(m_letter, 1, Qt::AlignVCenter);
    m_keys = new QLabel(tr("← → to try, Enter to keep, Backspace to take off"), this);
    m_keys->setProperty("role", QStringLiteral("soft"));
    m_keys->setFont(m_theme.text(TextSize::Small));
    head->addWidget(m_keys);
    auto* group = new QButtonGroup(this);
    const std::tuple<StripLeaf, QString, const char*> tabs[] = {{Forms, tr("Forms"), "tabTries"},
                                                                {Pieces, tr("Pieces"), "tabPieces"},
                                                                {Motifs, tr("Motifs"), "tabTray"},
                                                                {Tails, tr("Tails"), "tabTails"},
                                                                {Dressings, tr("Dressings"), "tabDressings"}};
    for (const auto& [leaf, name, object] : tabs) {
        auto* tab = new QPushButton(name, this);
        tab->setObjectName(QLatin1String(object));
        tab->setProperty("role", QStringLiteral("tab"));
        tab->setCheckable(true);
        group->addButton(tab);
        head->addWidget(tab);
        m_tabs[leaf] = tab;
        connect(tab, &QPushButton::clicked, this, [this, leaf = leaf] { open(leaf); });
    }
    m_tabs[Dressings]->hide();
    column->addLayout(head);
    m_stack = new PageStack(this);
    m_tries = new TryOnStrip(m_theme, m_stack);
    m_tries->setObjectName(QStringLiteral("tryOnStrip"));
    auto* tails = new QScrollArea(m_stack);
    tails->setWidgetResizable(true);
    tails->setFrameShape(QFrame::NoFrame);
    tails->setFocusPolicy(Qt::NoFocus);
    m_tail = new TailSection(m_job, m_view, m_theme, tails);
    m_tail->setMaximumWidth(m_theme.scaled(520));
    tails->setWidget(m_tail);
    m_dressings = new DressingStrip(m_theme, m_stack);
    m_dressings->setObjectName(QStringLiteral("dressings"));
    for (QWidget* page : std::initializer_list<QWidget*>{m_tries, m_tray, tails, m_dressings})
        m_stack->addWidget(page);
    column->addWidget(m_stack, 1);
    connect(m_letter, &SentenceBar::chosen, this,
            [this](const QString& key) { emit letterWanted(m_letter->phrase(key), key); });
}

void ComposeStrip::connectTries()
{
    connect(m_tries, &TryOnStrip::chosen, this, &ComposeStrip::wearTry);
    connect(m_tries, &TryOnStrip::settled, this, [this] { m_kept.reset(); });
    connect(m_tries, &TryOnStrip::takenOff, this, &ComposeStrip::takeOffPiece);
    connect(m_tries, &TryOnStrip::correctionWanted, this, &ComposeStrip::askForCorrection);
    connect(m_tries, &TryOnStrip::kept, this, &ComposeStrip::endTrying);
    connect(m_tries, &TryOnStrip::left, this, &ComposeStrip::goBack);
    connect(m_dressings, &DressingStrip::chosen, this, &ComposeStrip::wearDressing);
    connect(m_dressings, &DressingStrip::kept, this, &ComposeStrip::endTrying);
    connect(m_dressings, &DressingStrip::left, this, &ComposeStrip::goBack);
}

void ComposeStrip::open(StripLeaf leaf)
{
    m_leaf = leaf;
    m_tabs[leaf]->setChecked(true);
    m_stack->setCurrentIndex(leaf == Motifs ? 1 : leaf == Tails ? 2 : leaf == Dressings ? 3 : 0);
    showTries();
    if (parentWidget())
        fit(parentWidget()->height());
    fitKeys();
}

bool ComposeStrip::isIdle() const
{
    return m_tray->isIdle() && !m_rest.isActive();
}

void ComposeStrip::fit(int page_height)
{
    const bool is_tray = m_leaf == Motifs;
    const int head = m_tabs[Forms]->sizeHint().height() + 4 * kGrid;
    const int wanted = head + (is_tray ? m_theme.scaled(236) : m_tries->sizeHint().height());
    setFixedHeight(
        std::min(wanted, std::max(page_height * (is_tray ? 44 : 32) / 100, head + m_theme.scaled(60))));
}

void ComposeStrip::resizeEvent(QResizeEvent* event)
{
    QWidget::resizeEvent(event);
    fitKeys();
    sayLetter();
}

/// What the keys do is said where there is room to say all of it.
void ComposeStrip::fitKeys()
{
    int taken = m_keys->sizeHint().width() + 8 * kMargin + m_theme.scaled(420);
    for (const auto& [leaf, tab] : m_tabs)
        taken += tab->isVisibleTo(this) ? tab->sizeHint().width() + kMargin : 0;
    const bool has_keys = m_leaf != Motifs && m_leaf != Tails;
    m_keys->setVisible(has_keys && taken < width());
}

void ComposeStrip::showEvent(QShowEvent* event)
{
    QWidget::showEvent(event);
    askForTriesSoon();
}

void ComposeStrip::focusTries()
{
    if (m_leaf == Dressings)
        return m_dressings->setFocus();
    if (m_leaf != Pieces)
        open(Forms);
    m_tries->setFocus();
}

void ComposeStrip::jobChanged()
{
    const auto& job = m_job.job();
    // What was kept is no longer all there is: the next try must not take another edit back.
    if (!m_is_trying && job.lettering != m_last_job.lettering) {
        m_before_tries.reset();
        m_kept.reset();
    }
    // What was proposed for other words is nothing for these.
    if ((job.words != m_last_job.words || job.font != m_last_job.font) &&
        m_tabs[Dressings]->isVisibleTo(this)) {
        m_dressings->setMessage({});
        m_tabs[Dressings]->hide();
        if (m_leaf == Dressings)
            open(Forms);
    }
    const bool holds_otherwise = job.process != m_last_job.process || job.own_limits != m_last_job.own_limits;
    m_last_job = job;
    m_dressings->showWorn(job);
    if (holds_otherwise)
        askForTriesSoon();
}

void ComposeStrip::lookAgain()
{
    askForTriesSoon();
}

std::optional<std::size_t> ComposeStrip::triedCharacter() const
{
    const auto letters = m_view.letters();
    const auto words = toUtf32(m_job.job().words);
    if (letters.empty() || m_view.piece() || letters.front() >= words.size() ||
        words[letters.front()] == kMotifCharacter)
        return {};
    // Within a ligature that is worn, the whole of it is meant.
    for (const auto& [at, choice] : m_job.job().lettering.letters)
        if (choice.worn && letters.front() >= at && letters.front() < at + choice.worn->characters)
            return at;
    return letters.front();
}

void ComposeStrip::askForTriesSoon()
{
    m_lettering.stopTrying(); // an answer about the words before would put the strip back
    if (const auto character = triedCharacter(); character != m_tried) {
        m_before_tries.reset();
        m_kept.reset();
        m_tried = character;
    }
    sayLetter();
    if (isVisible())
        m_rest.start();
}

void ComposeStrip::askForTries()
{
    // Looking at fonts elsewhere, nobody needs the forms of each of them.
    if (!isVisible())
        return m_lettering.stopTrying();
    const auto character = m_tried;
    const auto& composed = m_design.composed();
    if (!character || !composed || m_job.job().font.path.empty()) {
        m_lettering.stopTrying();
        m_all.clear();
        m_message = composed ? tr("Put the caret behind a letter to see its other forms.")
                             : tr("Other forms of a letter stand here once there are words in a font.");
        return showTries();
    }
    const std::size_t count = m_view.hasSelection() ? m_view.letters().size() : 1;
    m_lettering.tryOn(m_job.job(), *character, count, composed->unitSize(),
                      [this](const Result<std::shared_ptr<const LetteringService::Tries>>& result) {
                          if (result)
                              return take(**result);
                          m_all.clear();
                          m_message = said(result.error());
                          showTries();
                      });
}

FontRef ComposeStrip::fontTried() const
{
    const auto& job = m_job.job();
    const auto& choice = job.lettering.letter(m_tried.value_or(0));
    return choice.font ? *choice.font : job.font;
}

void ComposeStrip::take(const LetteringService::Tries& tries)
{
    if (tries.character != m_tried || !m_design.composed())
        return;
    auto items = tries.tries;
    // The first answer has no pieces yet: those of the answer before stand where they stood, so that nobody
    // loses their place.
    if (!tries.is_whole)
        for (const auto& before : m_all)
            if (before.piece && before.piece->placed.letter == tries.character && m_all_font == fontTried()) {
                items.push_back(before);
                items.back().is_worn = hasPiece(m_job.job(), *before.piece);
            }
    m_all = std::move(items);
    m_all_font = fontTried();
    showTries();
}

/// The forms, or the pieces: each kind on a leaf of its own.
void ComposeStrip::showTries()
{
    sayLetter();
    const auto& composed = m_design.composed();
    if (m_leaf != Forms && m_leaf != Pieces)
        return;
    std::vector<TryOn> shown;
    std::ranges::copy_if(m_all, std::back_inserter(shown),
                         [this](const TryOn& item) { return item.piece.has_value() == (m_leaf == Pieces); });
    if (shown.empty() || !composed)
        return m_tries->setMessage(!m_all.empty()
                                       ? tr("This font has no pieces that belong to no letter. Motifs can be "
                                            "put beside a letter, too.")
                                       : m_message);
    m_tries->setTries(std::move(shown), m_job.job().unit, composed->mm_per_u);
}

/// "y: 6 forms, 3 pieces · moved 0.0, 0.0 mm · turned 0.0° · size 100 % · before it 0.0 mm"
void ComposeStrip::sayLetter()
{
    const auto& job = m_job.job();
    const auto words = toUtf32(job.words);
    const auto letters = m_view.letters();
    const auto& composed = m_design.composed();
    const bool is_piece = m_view.piece() && *m_view.piece() < job.lettering.pieces.size();
    if (!composed || (!is_piece && (letters.empty() || letters.front() >= words.size())))
        return m_letter->setSentence(QString(), {});
    const int forms =
        static_cast<int>(std::ranges::count_if(m_all, [](const TryOn& t) { return !t.piece.has_value(); }));
    const int pieces = static_cast<int>(m_all.size()) - forms;
    QString name;
    if (is_piece)
        name = tr("This piece");
    else if (letters.size() > 1)
        name = tr("%n letter(s)", nullptr, static_cast<int>(letters.size()));
    else
        name = words[letters.front()] == kMotifCharacter ? tr("This motif")
                                                         : QString::fromUcs4(&words[letters.front()], 1);
    QStringList parts;
    if (!is_piece && m_tried && forms > 0)
        parts << (pieces > 0
                      ? tr("%1: %2, %3")
                            .arg(name, tr("%n form(s)", nullptr, forms), tr("%n piece(s)", nullptr, pieces))
                      : tr("%1: %2").arg(name, tr("%n form(s)", nullptr, forms)));
    else
        parts << name;
    const double em_mm = composed->mm_per_u * kU_per_em, em_up_mm = composed->mm_per_u_up * kU_per_em;
    const LetterChoice none;
    const auto& choice = is_piece ? none : job.lettering.letter(letters.front());
    const auto* piece = is_piece ? &job.lettering.pieces[*m_view.piece()] : nullptr;
    const auto length = [&](double mm) { return fineLength(mm, job.unit); };
    std::map<QString, QString> phrases{
        {QStringLiteral("moved"), tr("%1, %2").arg(length((piece ? piece->x_em : choice.dx_em) * em_mm),
                                                   length((piece ? piece->y_em : choice.dy_em) * em_up_mm))},
        {QStringLiteral("turned"),
         tr("%1°").arg(QLocale().toString(piece ? piece->turn_deg : choice.turn_deg, 'f', 1))},
        {QStringLiteral("size"),
         tr("%1 %").arg(QLocale().toString((piece ? piece->size : choice.size) * 100.0, 'f', 0))},
        {QStringLiteral("before"), length(choice.before_em * em_mm)}};
    // Where there is little room, one phrase leads to all of them.
    if (width() < m_theme.scaled(760)) {
        const bool is_placed = piece ? piece->turn_deg != 0.0 || piece->size != 1.0 : choice.isPlaced();
        phrases = {{QStringLiteral("moved"), is_placed ? tr("placed by hand") : tr("as it falls")}};
        parts << QStringLiteral("{moved}");
    } else {
        parts << tr("moved {moved}") << tr("turned {turned}") << tr("size {size}");
        if (!is_piece)
            parts << tr("before it {before}");
    }
    m_letter->setSentence(parts.join(QStringLiteral(" · ")), phrases);
}

void ComposeStrip::wearTry(int index)
{
    const auto& tries = m_tries->tries();
    if (!m_tried || index < 0 || index >= static_cast<int>(tries.size()))
        return;
    if (!m_before_tries)
        m_before_tries = m_job.job();
    const auto item = tries[static_cast<std::size_t>(index)];
    if (!m_kept)
        m_kept = m_job.job().lettering;
    const QScopedValueRollback trying(m_is_trying, true);
    m_job.changeLettering(tr("try a form on"), [&](Job& job) {
        job.lettering = *m_kept; // what was tried before goes
        if (item.piece && !hasPiece(job, *item.piece))
            changePiece(job, *item.piece);
        else if (!item.piece)
            wear(job, *m_tried, item.is_plain ? nullptr : &item.form);
    });
}

void ComposeStrip::takeOffPiece(int index)
{
    const auto piece = m_tries->tries()[static_cast<std::size_t>(index)].piece;
    if (!piece)
        return;
    m_kept.reset();
    m_job.changeLettering(tr("try a form on"), [&](Job& job) {
        if (hasPiece(job, *piece))
            changePiece(job, *piece);
    });
}

void ComposeStrip::endTrying()
{
    m_job.endRun();
    m_before_tries.reset();
    m_kept.reset();
    m_view.setFocus();
}

void ComposeStrip::goBack()
{
    if (m_before_tries && m_before_tries->lettering != m_job.job().lettering) {
        const auto before = m_before_tries->lettering;
        m_job.changeLettering(tr("try a form on"), [&](Job& job) { job.lettering = before; });
    }
    endTrying();
}

void ComposeStrip::askForCorrection(int index, QPoint global)
{
    const auto& tries = m_tries->tries();
    if (index < 0 || index >= static_cast<int>(tries.size()) || !m_tried)
        return;
    const auto form = tries[static_cast<std::size_t>(index)].form;
    const bool is_piece = tries[static_cast<std::size_t>(index)].piece.has_value();
    if (tries[static_cast<std::size_t>(index)].is_plain)
        return;
    const FontRef font = fontTried();
    QMenu menu(this);
    if (!is_piece)
        menu.addAction(tr("It belongs to no letter"), this, [&] { emit corrected(font, form.glyph_id, {}); });
    menu.addAction(is_piece ? tr("It belongs to a letter…") : tr("It belongs to another letter…"), this, [&] {
        const QString letter = QInputDialog::getText(this, tr("Which letter?"), tr("This form is a"));
        if (!letter.trimmed().isEmpty())
            emit corrected(font, form.glyph_id, toUtf32(letter.trimmed().toStdString()));
    });
    menu.exec(global);
}

void ComposeStrip::dress()
{
    const auto& composed = m_design.composed();
    if (!composed)
        return;
    m_tabs[Dressings]->show();
    m_dressings->setMessage(tr("Looking for forms that join and hold …"));
    open(Dressings);
    m_lettering.dress(m_job.job(), composed->unitSize(),
                      [this, asked = m_job.job()](const Result<std::vector<Dressing>>& found) {
                          showDressings(asked, found);
                      });
}

void ComposeStrip::showDressings(const Job& asked, const Result<std::vector<Dressing>>& dressings)
{
    if (!dressings) {
        m_dressings->setMessage(said(dressings.error()));
        if (dressings.error().code != ErrorCode::Cancelled)
            emit problem(dressings.error());
        return;
    }
    Job plain = asked;
    for (auto& [character, choice] : plain.lettering.letters)
        choice.worn.reset();
    tidy(plain.lettering);
    m_dressings->setDressings(plain, *dressings, m_job.job().unit);
    m_dressings->showWorn(m_job.job());
    for (int i = 0; i < m_dressings->count(); ++i)
        m_lettering.sketch(kFirstDressingSketch + i, m_dressings->job(i),
                           [this, i](const ComposedResult& result) {
                               if (result)
                                   m_dressings->setDrawing(i, *result);
                           });
    m_dressings->setFocus();
}

void ComposeStrip::wearDressing(int index)
{
    const auto& dressed = m_dressings->job(index);
    if (dressed.words != m_job.job().words || dressed.font != m_job.job().font)
        return; // the words went on
    if (!m_before_tries)
        m_before_tries = m_job.job();
    const QScopedValueRollback trying(m_is_trying, true);
    m_job.changeLettering(tr("dress the words"), [&](Job& job) {
        for (auto& [character, choice] : job.lettering.letters)
            choice.worn.reset();
        for (const auto& [character, choice] : dressed.lettering.letters)
            if (choice.worn)
                job.lettering.letters[character].worn = choice.worn;
    });
}

} // namespace ink::ui
