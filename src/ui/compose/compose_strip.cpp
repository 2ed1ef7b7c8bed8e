// What stands below the words at Compose: forms and pieces tried on, and the motif tray.
#include "ui/compose/compose_page.h"

#include "ui/compose/lettering_view.h"
#include "ui/compose/motif_tray.h"
#include "ui/compose/try_on_strip.h"
#include "ui/measures.h"
#include "ui/text.h"

#include <QButtonGroup>
#include <QHBoxLayout>
#include <QInputDialog>
#include <QLabel>
#include <QMenu>
#include <QPushButton>
#include <QScopedValueRollback>
#include <QStackedWidget>
#include <QVBoxLayout>

#include <algorithm>

namespace ink::ui {

QWidget* ComposePage::buildStrip()
{
    auto* lower = new QWidget(this);
    lower->setObjectName(QStringLiteral("lowerStrip"));
    lower->setAttribute(Qt::WA_StyledBackground);
    lower->setStyleSheet(QStringLiteral("#lowerStrip { background: %1; border-top: 1px solid %2; }")
                             .arg(m_theme.colours().paper.name(), m_theme.colours().rule.name()));
    auto* column = new QVBoxLayout(lower);
    column->setContentsMargins(kMargin, kGrid, kMargin, kGrid);
    column->setSpacing(kGrid);
    auto* head = new QHBoxLayout;
    head->setSpacing(kMargin);
    auto* group = new QButtonGroup(lower);
    const auto addTab = [&](const QString& text, const char* name, bool is_first) {
        auto* tab = new QPushButton(text, lower);
        tab->setObjectName(QLatin1String(name));
        tab->setProperty("role", QStringLiteral("tab"));
        tab->setCheckable(true);
        tab->setChecked(is_first);
        group->addButton(tab);
        head->addWidget(tab);
        return tab;
    };
    m_tries_tab = addTab(tr("Try on"), "tabTries", true);
    m_tray_tab = addTab(tr("Motif tray"), "tabTray", false);
    m_strip_title = new QLabel(lower);
    m_strip_title->setObjectName(QStringLiteral("stripTitle"));
    head->addWidget(m_strip_title);
    head->addStretch(1);
    m_strip_keys = new QLabel(tr("← → to try, Enter to keep, Backspace to take off"), lower);
    m_strip_keys->setProperty("role", QStringLiteral("soft"));
    m_strip_keys->setFont(m_theme.text(TextSize::Small));
    head->addWidget(m_strip_keys);
    column->addLayout(head);
    m_lower = new QStackedWidget(lower);
    m_strip = new TryOnStrip(m_theme, m_lower);
    m_strip->setObjectName(QStringLiteral("tryOnStrip"));
    m_lower->addWidget(m_strip);
    m_lower->addWidget(m_tray);
    column->addWidget(m_lower);
    m_lower->setFixedHeight(m_strip->sizeHint().height());
    connect(m_tries_tab, &QPushButton::clicked, this, [this] { showTray(false); });
    connect(m_tray_tab, &QPushButton::clicked, this, [this] { showTray(true); });
    connect(m_strip, &TryOnStrip::chosen, this, &ComposePage::wearTry);
    connect(m_strip, &TryOnStrip::settled, this, [this] { m_kept.reset(); });
    connect(m_strip, &TryOnStrip::takenOff, this, &ComposePage::takeOffPiece);
    connect(m_strip, &TryOnStrip::correctionWanted, this, &ComposePage::askForCorrection);
    connect(m_strip, &TryOnStrip::kept, this, [this] {
        m_job.endRun();
        m_before_tries.reset();
        m_kept.reset();
        m_view->setFocus();
    });
    connect(m_strip, &TryOnStrip::left, this, [this] {
        if (m_before_tries && m_before_tries->lettering != m_job.job().lettering) {
            const auto before = m_before_tries->lettering;
            m_job.changeLettering(tr("try a form on"), [&](Job& job) { job.lettering = before; });
        }
        m_before_tries.reset();
        m_kept.reset();
        m_job.endRun();
        m_view->setFocus();
    });
    return lower;
}

void ComposePage::showTray(bool shown)
{
    (shown ? m_tray_tab : m_tries_tab)->setChecked(true);
    m_lower->setCurrentWidget(shown ? static_cast<QWidget*>(m_tray) : m_strip);
    fitLower();
    m_strip_title->setVisible(!shown);
    fitKeys();
}

/// What the keys do is said where there is room to say all of it.
void ComposePage::fitKeys()
{
    const int taken = m_tries_tab->sizeHint().width() + m_tray_tab->sizeHint().width() +
                      m_strip_title->sizeHint().width() + m_strip_keys->sizeHint().width() + 6 * kMargin;
    m_strip_keys->setVisible(m_lower->currentWidget() == m_strip && taken < width());
}

/// Large text leaves the words more than half of the room all the same.
void ComposePage::fitLower()
{
    const bool is_tray = m_lower->currentWidget() == m_tray;
    const int wanted = is_tray ? m_theme.scaled(236) : m_strip->sizeHint().height();
    m_lower->setFixedHeight(std::min(wanted, height() * (is_tray ? 38 : 26) / 100));
}

std::optional<std::size_t> ComposePage::triedCharacter() const
{
    const auto letters = m_view->letters();
    const auto words = toUtf32(m_job.job().words);
    if (letters.empty() || m_view->piece() || letters.front() >= words.size() ||
        words[letters.front()] == kMotifCharacter)
        return {};
    // Within a ligature that is worn, the whole of it is meant.
    for (const auto& [at, choice] : m_job.job().lettering.letters)
        if (choice.worn && letters.front() >= at && letters.front() < at + choice.worn->characters)
            return at;
    return letters.front();
}

void ComposePage::askForTriesSoon()
{
    m_lettering.stopTrying(); // an answer about the words before would put the strip back
    if (const auto character = triedCharacter(); character != m_tried) {
        m_before_tries.reset();
        m_kept.reset();
        m_tried = character;
    }
    if (isVisible())
        m_rest.start();
}

void ComposePage::askForTries()
{
    // Looking at fonts elsewhere, nobody needs the forms of each of them.
    if (!isVisible())
        return m_lettering.stopTrying();
    const auto character = m_tried;
    if (!character || !m_composed || m_job.job().font.path.empty()) {
        m_lettering.stopTrying();
        m_strip_title->clear();
        m_strip->setMessage(m_composed
                                ? tr("Put the caret behind a letter to see its other forms.")
                                : tr("Other forms of a letter stand here once there are words in a font."));
        return;
    }
    const std::size_t count = m_view->hasSelection() ? m_view->letters().size() : 1;
    m_lettering.tryOn(m_job.job(), *character, count, m_composed->unitSize(),
                      [this](const Result<std::shared_ptr<const LetteringService::Tries>>& result) {
                          if (result)
                              return showTries(**result);
                          m_strip_title->clear();
                          m_strip->setMessage(text(result.error().message()));
                      });
}

FontRef ComposePage::fontTried() const
{
    const auto& job = m_job.job();
    const auto& choice = job.lettering.letter(m_tried.value_or(0));
    return choice.font ? *choice.font : job.font;
}

void ComposePage::showTries(const LetteringService::Tries& tries)
{
    if (tries.character != m_tried || !m_composed)
        return;
    const auto words = toUtf32(m_job.job().words);
    if (tries.character >= words.size())
        return;
    const QString letter = QString::fromUcs4(&words[tries.character], 1);
    auto items = tries.tries;
    // The first answer has no pieces yet: those of the answer before stand where they stood, so that nobody
    // loses their place.
    if (!tries.is_whole)
        for (const auto& before : m_strip->tries())
            if (before.piece && before.piece->placed.letter == tries.character &&
                m_strip_font == fontTried()) {
                items.push_back(before);
                items.back().is_worn = hasPiece(m_job.job(), *before.piece);
            }
    m_strip_font = fontTried();
    const auto pieces =
        static_cast<int>(std::ranges::count_if(items, [](const TryOn& t) { return t.piece.has_value(); }));
    const int forms = static_cast<int>(items.size()) - pieces;
    QString title = forms > 1
                        ? tr("<b>%1</b> · %2").arg(letter.toHtmlEscaped(), counted(forms, "form", "forms"))
                        : tr("<b>%1</b> · one form only").arg(letter.toHtmlEscaped());
    if (pieces > 0)
        title += QStringLiteral(" · ") + counted(pieces, "piece", "pieces");
    m_strip_title->setText(title);
    fitKeys();
    m_strip->setTries(items, m_job.job().unit, m_composed->mm_per_u);
}

void ComposePage::wearTry(int index)
{
    const auto& tries = m_strip->tries();
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

void ComposePage::takeOffPiece(int index)
{
    const auto piece = m_strip->tries()[static_cast<std::size_t>(index)].piece;
    if (!piece)
        return;
    m_kept.reset();
    m_job.changeLettering(tr("try a form on"), [&](Job& job) {
        if (hasPiece(job, *piece))
            changePiece(job, *piece);
    });
}

/// The selected letters, welded, become a motif.
void ComposePage::keepLettersAsMotif()
{
    const auto letters = m_view->letters();
    if (!m_composed || letters.empty())
        return;
    QString name;
    const auto words = toUtf32(m_job.job().words);
    for (const auto& letter : m_composed->setting.letters)
        if (letter.hasInk() && std::ranges::any_of(letters, [&](std::size_t i) {
                return i >= letter.first && i < letter.first + letter.count;
            }))
            for (std::size_t i = letter.first; i < std::min(letter.first + letter.count, words.size()); ++i)
                name += QString::fromUcs4(&words[i], 1);
    keepMade(motifOfLetters(m_composed->setting, letters), name);
}

/// What is inside of a frame on the paper becomes a motif.
void ComposePage::keepPartAsMotif(const QRectF& frame_mm)
{
    if (!m_composed)
        return;
    Box frame;
    frame.add(m_composed->inU({frame_mm.left(), -frame_mm.top()}));
    frame.add(m_composed->inU({frame_mm.right(), -frame_mm.bottom()}));
    const QString words = QString::fromStdString(withoutMotifs(m_job.job().words)).simplified();
    keepMade(motifOfPart(m_composed->setting, frame), tr("Part of %1").arg(words.left(24)));
}

void ComposePage::keepMade(const Result<MadeMotif>& made, const QString& name)
{
    if (!made)
        return emit refused(made.error());
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
        const auto& placed = m_composed->setting.pieces[i];
        takeRights(placed.piece ? lettering.pieces[*placed.piece].motif
                                : lettering.block(placed.block).tail_motif);
    }
    emit keepDrawingWanted(drawing, fonts);
}

void ComposePage::askForCorrection(int index, QPoint global)
{
    const auto& tries = m_strip->tries();
    if (index <= 0 || index >= static_cast<int>(tries.size()) || !m_tried)
        return;
    const auto form = tries[static_cast<std::size_t>(index)].form;
    const bool is_piece = tries[static_cast<std::size_t>(index)].piece.has_value();
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

void ComposePage::placeMotif(qlonglong id, const std::function<void(Job&, const std::string&)>& place)
{
    const auto drawing = m_tray->drawing(id);
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

} // namespace ink::ui
