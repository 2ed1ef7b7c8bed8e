#include "ui/find/card_page.h"

#include "ui/core_words.h"

#include "ui/find/find_filter.h"
#include "ui/find/font_line_delegate.h"
#include "ui/measures.h"
#include "ui/text.h"
#include "ui/widgets/page_stack.h"

#include <QButtonGroup>
#include <QDate>
#include <QDir>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QUndoCommand>

#include <algorithm>

namespace ink::ui {
namespace {

constexpr quint64 kCardSlot = 100, kKeyMapSlot = 101;

} // namespace

std::string swashFeatures(const FitMarks& marks, const std::string& words)
{
    // A tail in the middle of a word cuts through its neighbours: only the ends are dressed.
    const std::size_t end = std::min(words.find('\n'), words.size());
    const LetterWithForms* first = nullptr;
    const LetterWithForms* last = nullptr;
    for (const auto& letter : marks.alternates) {
        if (letter.letter.line != 0 || std::ranges::none_of(letter.forms, &Alternate::is_swash))
            continue;
        if (letter.cluster == 0)
            first = &letter;
        else if (letter.cluster + std::max<std::size_t>(letter.text.size(), 1) >= end)
            last = &letter;
    }
    const auto featureFor = [&](const LetterWithForms& letter) {
        const auto form = std::ranges::find_if(letter.forms, &Alternate::is_swash);
        // Ranges count in the shaper's units, UTF-16.
        const auto at = QString::fromStdString(words.substr(0, letter.cluster)).size();
        return QStringLiteral("%1[%2:%3]=%4")
            .arg(text(form->feature))
            .arg(at)
            .arg(at + 1)
            .arg(form->value)
            .toStdString();
    };
    std::string features = first ? featureFor(*first) : std::string();
    if (last)
        features += (features.empty() ? "" : ",") + featureFor(*last);
    return features;
}

CardPage::CardPage(JobModel& job, FontListModel& fonts, CatalogueClient& catalogue, const Theme& theme,
                   RightsQuestions questions, QWidget* parent)
    : QWidget(parent), m_job(job), m_fonts(fonts), m_catalogue(catalogue), m_theme(theme)
{
    setObjectName(QStringLiteral("page"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    column->addWidget(buildHead());
    m_stack = new PageStack(this);
    m_alphabet = new GlyphGrid(theme, this);
    m_dossier = new DossierView(theme, std::move(questions), this);
    m_stack->addWidget(buildWords());
    m_stack->addWidget(scrolled(m_alphabet, "alphabetScroll", tr("Alphabet")));
    m_stack->addWidget(buildKeyMap());
    m_stack->addWidget(buildSizes());
    m_stack->addWidget(buildPackage());
    m_stack->addWidget(m_dossier);
    column->addWidget(m_stack, 1);
    connect(&m_fonts, &FontListModel::learned, this, [this] {
        if (m_row >= 0 && m_row < m_fonts.rowCount() && isVisible() && m_tabs->checkedId() == Rights &&
            !m_fonts.isListing(m_row) && m_fonts.knownRights(m_row) &&
            m_dossier->findChild<QWidget*>(QStringLiteral("verdict")) == nullptr)
            showRights();
        if (m_row >= 0 && m_row < m_fonts.rowCount() && isVisible()) {
            m_key_map->setFlagged(m_fonts.othersMarks(m_row));
            showKey();
        }
    });
    connect(&m_job, &JobModel::changed, this, [this] {
        if (m_row >= 0 && isVisible())
            showWords();
    });
    // The font that is open was taken away.
    connect(&m_fonts, &QAbstractItemModel::rowsRemoved, this, [this] {
        if (m_opened > 0 && m_row < 0 && isVisible())
            emit backWanted();
    });
    connect(m_dossier, &DossierView::recordChanged, this, &CardPage::keepRecord);
    connect(m_dossier, &DossierView::paperWanted, this, &CardPage::attach);
}

QWidget* CardPage::buildHead()
{
    auto* head = new QWidget(this);
    auto* column = new QVBoxLayout(head);
    column->setContentsMargins(kMargin, 2 * kGrid, kMargin, 0);
    column->setSpacing(kGrid);
    auto* row = new QHBoxLayout;
    row->setSpacing(3 * kGrid);
    auto* back = new QPushButton(tr("All fonts"), head);
    back->setObjectName(QStringLiteral("cardBack"));
    back->setProperty("role", QStringLiteral("quiet"));
    m_name = new QLabel(head);
    m_name->setObjectName(QStringLiteral("cardName"));
    m_name->setFont(m_theme.heading(TextSize::Title));
    m_about = new QLabel(head);
    m_about->setObjectName(QStringLiteral("cardAbout"));
    m_about->setProperty("role", QStringLiteral("soft"));
    m_about->setFont(m_theme.text(TextSize::Small));
    m_about->setMinimumWidth(10);
    m_buy = new QPushButton(tr("Buy a licence…"), head);
    m_buy->setObjectName(QStringLiteral("cardBuy"));
    m_styles = new QPushButton(head);
    m_styles->setObjectName(QStringLiteral("cardStyles"));
    m_styles->setProperty("role", QStringLiteral("quiet"));
    m_again = new QPushButton(tr("Try again"), head);
    m_again->setObjectName(QStringLiteral("cardAgain"));
    m_again->setVisible(false);
    connect(m_again, &QPushButton::clicked, this, [this] { openTab(static_cast<Tab>(m_tabs->checkedId())); });
    m_main = new QPushButton(head);
    m_main->setObjectName(QStringLiteral("cardMain"));
    m_main->setProperty("role", QStringLiteral("main"));
    row->addWidget(back);
    row->addWidget(m_name);
    row->addWidget(m_about, 1);
    row->addWidget(m_styles);
    row->addWidget(m_again);
    row->addWidget(m_buy);
    row->addWidget(m_main);
    column->addLayout(row);

    auto* tabs = new QHBoxLayout;
    tabs->setSpacing(5 * kGrid);
    m_tabs = new QButtonGroup(this);
    const QStringList names{tr("Your words"), tr("Alphabet"), tr("Key map"),
                            tr("Sizes"),      tr("Package"),  tr("Rights")};
    for (int i = 0; i < names.size(); ++i) {
        auto* tab = new QPushButton(names[i], head);
        tab->setObjectName(QStringLiteral("cardTab%1").arg(i));
        tab->setCheckable(true);
        tab->setProperty("role", QStringLiteral("tab"));
        m_tabs->addButton(tab, i);
        tabs->addWidget(tab);
    }
    tabs->addStretch(1);
    column->addLayout(tabs);
    connect(m_tabs, &QButtonGroup::idClicked, this, [this](int tab) { openTab(static_cast<Tab>(tab)); });
    connect(back, &QPushButton::clicked, this, &CardPage::backWanted);
    connect(m_main, &QPushButton::clicked, this, [this] {
        if (m_fonts.isListing(m_row))
            emit fetchWanted(m_row);
        else {
            m_job.setFont(refOf(m_fonts.entry(m_row)));
            emit composeWanted();
        }
    });
    connect(m_styles, &QPushButton::clicked, this, [this] { emit stylesWanted(m_row); });
    connect(m_buy, &QPushButton::clicked, this, [this] { emit buyWanted(m_row); });
    return head;
}

QScrollArea* CardPage::scrolled(QWidget* inside, const char* name, const QString& spoken)
{
    auto* scroll = new QScrollArea(this);
    scroll->setObjectName(QLatin1String(name));
    scroll->setAccessibleName(spoken);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setWidget(inside);
    return scroll;
}

QWidget* CardPage::buildWords()
{
    auto* page = new QWidget(m_stack);
    auto* row = new QHBoxLayout(page);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(0);
    auto* left = new QWidget(page);
    auto* column = new QVBoxLayout(left);
    column->setContentsMargins(kMargin, 3 * kGrid, kMargin, kMargin);
    auto* line = new QHBoxLayout;
    m_sample = new QLineEdit(left);
    m_sample->setObjectName(QStringLiteral("cardSample"));
    m_sample->setPlaceholderText(tr("Any other words to try; empty shows the job's"));
    m_sample->setAccessibleName(tr("Other words to try in this font"));
    m_sample->setClearButtonEnabled(true);
    m_swashes = new QPushButton(tr("With swashes"), left);
    m_swashes->setObjectName(QStringLiteral("cardSwashes"));
    m_swashes->setCheckable(true);
    m_swashes->setProperty("role", QStringLiteral("wish"));
    line->addWidget(m_sample, 1);
    line->addWidget(m_swashes);
    column->addLayout(line);
    m_view = new WordsView(m_theme, left);
    m_view->setObjectName(QStringLiteral("cardWords"));
    column->addWidget(m_view, 1);
    row->addWidget(left, 1);

    auto* side = new QWidget(page);
    side->setObjectName(QStringLiteral("sidePanel"));
    side->setAttribute(Qt::WA_StyledBackground);
    auto* side_column = new QVBoxLayout(side);
    side_column->setContentsMargins(3 * kGrid, kMargin, 3 * kGrid, kMargin);
    m_marks = new MarkPanel(m_theme, side);
    m_marks->setObjectName(QStringLiteral("cardMarks"));
    side_column->addWidget(m_marks);
    side_column->addStretch(1);
    side->setMinimumWidth(1);
    auto* scroll = scrolled(side, "cardMarksScroll", tr("Fit marks"));
    scroll->setFixedWidth(m_theme.scaled(310));
    row->addWidget(scroll);
    connect(m_marks, &MarkPanel::shownChanged, m_view, &WordsView::setShownMark);
    connect(m_marks, &MarkPanel::limitsWanted, this, &CardPage::limitsWanted);
    connect(m_sample, &QLineEdit::textChanged, this, [this] { showWords(); });
    connect(m_swashes, &QPushButton::toggled, this, [this] { showWords(); });
    return page;
}

QWidget* CardPage::buildKeyMap()
{
    auto* page = new QWidget(m_stack);
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    m_key_map = new GlyphGrid(m_theme, page);
    m_key_map->setObjectName(QStringLiteral("keyMapGrid"));
    column->addWidget(scrolled(m_key_map, "keyMapScroll", tr("Key map")), 1);
    auto* foot = new QWidget(page);
    auto* row = new QHBoxLayout(foot);
    row->setContentsMargins(kMargin, 2 * kGrid, kMargin, 2 * kGrid);
    m_key = new QLabel(foot);
    m_key->setObjectName(QStringLiteral("keyMapKey"));
    m_key->setWordWrap(true);
    m_others_mark = new QPushButton(tr("Somebody else's mark"), foot);
    m_others_mark->setObjectName(QStringLiteral("othersMark"));
    m_others_mark->setCheckable(true);
    m_others_mark->setProperty("role", QStringLiteral("wish"));
    m_others_mark->setToolTip(tr("A picture of somebody else's mark or character stays theirs, whatever the "
                                 "font's licence says"));
    row->addWidget(m_key, 1);
    row->addWidget(m_others_mark);
    column->addWidget(foot);
    connect(m_key_map, &GlyphGrid::currentChanged, this, &CardPage::showKey);
    connect(m_others_mark, &QPushButton::clicked, this, &CardPage::flagKey);
    return page;
}

/// What is known of the key that is chosen in the key map.
void CardPage::showKey()
{
    const GridKey* key = m_key_map->current();
    const bool is_own = m_row >= 0 && m_row < m_fonts.rowCount() && !m_fonts.isListing(m_row);
    const auto flagged = is_own ? m_fonts.othersMarks(m_row) : std::vector<std::uint32_t>{};
    const bool is_flagged = key && std::ranges::find(flagged, key->glyph_id) != flagged.end();
    m_others_mark->setVisible(is_own);
    m_others_mark->setEnabled(key && m_fonts.knownRights(m_row));
    m_others_mark->setChecked(is_flagged);
    if (!key)
        return m_key->setText(tr("Press a key to see what is known of it."));
    const QString what =
        key->key.isEmpty()
            ? tr("<b>%1</b>, without a key").arg(key->name.toHtmlEscaped())
            : tr("<b>%1</b> on the key <b>%2</b>").arg(key->name.toHtmlEscaped(), key->key.toHtmlEscaped());
    m_key->setText(is_flagged ? tr("%1. Flagged as somebody else's mark: not for goods to sell.").arg(what)
                              : what);
}

void CardPage::flagKey(bool is_others)
{
    const GridKey* key = m_key_map->current();
    const auto* rights = m_fonts.knownRights(m_row);
    if (!key || !rights)
        return;
    const unsigned face = m_fonts.entry(m_row).info.choice.face;
    RightsRecord record = rights->record;
    std::erase_if(record.others_marks,
                  [&](const FlaggedGlyph& g) { return g.face == face && g.glyph_id == key->glyph_id; });
    if (is_others)
        record.others_marks.push_back({face, key->glyph_id, key->name.toStdString()});
    keepRecord(record, is_others ? tr("flag a picture as somebody else's") : tr("take back a flag"));
}

void CardPage::open(int row, Tab tab)
{
    m_row = FontRow(m_fonts, row);
    ++m_opened;
    m_card.reset();
    m_sample->clear();
    m_view->setShownMark(std::nullopt);
    m_marks->setShown(std::nullopt);
    m_alphabet->setSections({});
    m_key_map->setSections({});
    m_name->setText(m_fonts.name(row));
    QStringList about;
    const bool is_listing = m_fonts.isListing(row);
    if (is_listing) {
        const auto& listing = m_fonts.listing(row);
        about << tr("%1, by %2").arg(listing.foundry, listing.author) << priceInWords(listing.price)
              << tr("since %1").arg(dayInWords(listing.published))
              << tr("fetched %Ln time(s)", nullptr, int(listing.popularity));
    } else {
        const auto& info = m_fonts.entry(row).info;
        about << text(info.manufacturer) << kindInWords(info) << text(info.version)
              << originInWords(m_fonts.entry(row).origin);
    }
    about.removeAll(QString());
    m_about->setText(about.join(QStringLiteral(" · ")));
    m_main->setText(is_listing ? tr("Fetch it") : tr("Set the words in it"));
    const auto styles = m_fonts.stylesOf(row);
    m_styles->setText(tr("All %1 styles").arg(styles));
    m_styles->setVisible(styles > 1);
    m_buy->setVisible(is_listing && m_fonts.listing(row).has_shop);
    openTab(tab);
}

void CardPage::openTab(Tab tab)
{
    m_again->setVisible(false);
    m_tabs->button(tab)->setChecked(true);
    m_stack->setCurrentIndex(tab);
    showWords();
    if (tab == Alphabet || tab == KeyMapTab)
        showKeyMap();
    if (tab == Package)
        showPackage();
    if (tab == Rights)
        showRights();
}

void CardPage::showWords()
{
    Job job = m_job.job();
    if (!m_sample->text().trimmed().isEmpty())
        job.words = m_sample->text().toStdString();
    const bool dresses = m_swashes->isChecked() && m_card;
    const std::string features = dresses ? swashFeatures(m_card->marks, job.words) : std::string();
    ++m_waiting;
    const auto done = [this, job, opened = m_opened, dresses](const FitResult& result) {
        --m_waiting;
        if (opened != m_opened)
            return;
        if (!result) {
            m_view->setProblem(said(result.error()));
            m_marks->setLines({});
            return showFailure(result.error());
        }
        const auto lines = fitMarkLines(**result, job, m_fonts.othersMarks(m_row));
        m_view->setCard(*result, job.words, lines);
        m_marks->setLines(lines);
        m_marks->setLimits(job);
        if (!dresses) {
            m_card = *result;
            const bool can_dress = !swashFeatures(m_card->marks, job.words).empty();
            m_swashes->setEnabled(can_dress || m_swashes->isChecked());
            if (m_swashes->isChecked() && can_dress)
                return showWords();
            if (m_tabs->checkedId() == Sizes)
                showSizes();
        }
    };
    if (m_fonts.isListing(m_row))
        m_fonts.fits().requestListing(kCardSlot, job, m_fonts.listing(m_row), {},
                                      QString::fromStdString(features), 1, done);
    else
        m_fonts.fits().request(kCardSlot, job, refOf(m_fonts.entry(m_row)), features, 1, done);
    m_waiting = 1; // the newest request of the slot is the only one that answers
}

/// A service that does not answer may answer the next time; a font on this computer says the same again.
void CardPage::showFailure(const Error& error)
{
    m_again->setVisible(m_fonts.isListing(m_row));
    if (m_tabs->checkedId() == Package)
        m_package->setText(said(error).toHtmlEscaped());
    else if (m_tabs->checkedId() == Alphabet || m_tabs->checkedId() == KeyMapTab)
        emit problem(error);
}

void CardPage::showKeyMap()
{
    if (m_fonts.isListing(m_row)) {
        m_catalogue.keyMap(m_fonts.listing(m_row).id, {},
                           [this, opened = m_opened](const Result<std::shared_ptr<const RemoteKeyMap>>& map) {
                               if (opened != m_opened)
                                   return;
                               if (map)
                                   take(*map);
                               else
                                   showFailure(map.error());
                           });
        return;
    }
    const auto font = refOf(m_fonts.entry(m_row));
    m_fonts.fits().pool().run(
        kKeyMapSlot, 1,
        [this, font, opened = m_opened,
         &faces = m_fonts.fits().faces()](const CancelToken&) -> SlotPool::Answer {
            const auto face = faces.open(font.path, {font.face, font.instance});
            const auto map = face ? std::make_shared<const RemoteKeyMap>(localKeyMap(**face)) : nullptr;
            return [this, map, opened] {
                if (map && opened == m_opened)
                    take(map);
            };
        });
}

void CardPage::take(std::shared_ptr<const RemoteKeyMap> map)
{
    m_alphabet->setSections(alphabetSections(*map));
    m_key_map->setSections(keyMapSections(*map));
    if (m_row >= 0 && !m_fonts.isListing(m_row))
        m_fonts.rights(m_row);
    m_key_map->setFlagged(m_row >= 0 ? m_fonts.othersMarks(m_row) : std::vector<std::uint32_t>{});
}

} // namespace ink::ui
