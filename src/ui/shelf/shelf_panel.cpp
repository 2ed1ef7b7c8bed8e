#include "ui/shelf/shelf_panel.h"

#include "ui/find/font_line_delegate.h"
#include "ui/measures.h"
#include "ui/shelf_keeper.h"
#include "ui/text.h"
#include "ui/widgets/choice.h"
#include "ui/widgets/flow_row.h"

#include <QDateEdit>
#include <QEvent>
#include <QLabel>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QVBoxLayout>

#include <algorithm>
#include <set>

namespace ink::ui {
namespace {

enum Span { ForGood, ForThisJob, UntilDay };

/// Tells when the person leaves it.
class NoteEdit : public QPlainTextEdit
{
public:
    NoteEdit(QWidget* parent, std::function<void()> left) : QPlainTextEdit(parent), m_left(std::move(left)) {}

protected:
    void focusOutEvent(QFocusEvent* event) override
    {
        QPlainTextEdit::focusOutEvent(event);
        m_left();
    }

private:
    std::function<void()> m_left;
};

} // namespace

ShelfPanel::ShelfPanel(FontListModel& fonts, const ShelfFilter& filter, ShelfKeeper& shelf,
                       const Theme& theme, QWidget* parent)
    : QScrollArea(parent), m_fonts(fonts), m_filter(filter), m_shelf(shelf), m_theme(theme)
{
    setObjectName(QStringLiteral("sidePanel"));
    setWidgetResizable(true);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setAccessibleName(tr("The chosen fonts"));
    build();
    show({});
}

QLabel* ShelfPanel::addHeading(const QString& words)
{
    auto* label = new QLabel(words, m_own);
    label->setFont(m_theme.text(TextSize::Small, true));
    m_own->layout()->addWidget(label);
    return label;
}

QPushButton* ShelfPanel::addAction(const char* name, const QString& words, const char* role)
{
    auto* button = new QPushButton(words, m_inside);
    button->setObjectName(QLatin1String(name));
    button->setProperty("role", QLatin1String(role));
    m_column->addWidget(button);
    return button;
}

void ShelfPanel::build()
{
    m_inside = new QWidget(this);
    m_column = new QVBoxLayout(m_inside);
    m_column->setContentsMargins(kMargin, 4 * kGrid, kMargin, 4 * kGrid);
    m_column->setSpacing(2 * kGrid);
    m_name = new QLabel(m_inside);
    m_name->setObjectName(QStringLiteral("shelfName"));
    m_name->setFont(m_theme.heading(TextSize::Title));
    m_name->setWordWrap(true);
    m_state = new QLabel(m_inside);
    m_state->setObjectName(QStringLiteral("shelfState"));
    m_state->setWordWrap(true);
    m_column->addWidget(m_name);
    m_column->addWidget(m_state);

    m_install = addAction("shelfInstall", tr("Install"), "main");
    m_span = new Choice(m_theme, m_inside, Choice::Ground::Paper);
    m_span->setObjectName(QStringLiteral("shelfSpan"));
    m_span->setAccessibleName(tr("How long it stays installed"));
    m_span->addChoice(tr("for good"), {}, ForGood);
    m_span->addChoice(tr("for this job only"), {}, ForThisJob);
    m_span->addChoice(tr("until a day"), {}, UntilDay);
    m_column->addWidget(m_span);
    m_until = new QDateEdit(QDate::currentDate().addDays(30), m_inside);
    m_until->setObjectName(QStringLiteral("shelfUntil"));
    m_until->setAccessibleName(tr("The last day it is needed"));
    m_until->setCalendarPopup(true);
    m_until->setMinimumDate(QDate::currentDate());
    m_column->addWidget(m_until);
    m_remove = addAction("shelfRemove", tr("Take away from other programs"), "");
    m_aside = addAction("shelfAside", tr("Set aside"), "quiet");
    m_back = addAction("shelfBack", tr("Put back on the shelf"), "");
    m_take = addAction("shelfTake", tr("Put on the shelf"), "main");
    m_compose = addAction("shelfCompose", tr("Set the words in it"), "quiet");

    m_own = new QWidget(m_inside);
    auto* own = new QVBoxLayout(m_own);
    own->setContentsMargins(0, 2 * kGrid, 0, 0);
    own->setSpacing(6);
    const auto holder = [&](const char* name) {
        auto* widget = new QWidget(m_own);
        widget->setObjectName(QLatin1String(name));
        new FlowRow(widget, kGrid);
        own->addWidget(widget);
        return widget;
    };
    const auto line = [&](const char* name, const QString& hint) {
        auto* edit = new QLineEdit(m_own);
        edit->setObjectName(QLatin1String(name));
        edit->setPlaceholderText(hint);
        edit->setAccessibleName(hint);
        own->addWidget(edit);
        return edit;
    };
    addHeading(tr("Sets"));
    m_sets = holder("shelfSets");
    m_new_set = line("shelfNewSet", tr("New set: a season, a customer"));
    addHeading(tr("Tags"));
    m_tags = holder("shelfTags");
    m_new_tag = line("shelfNewTag", tr("New tag"));
    m_note_heading = addHeading(tr("Note"));
    m_note = new NoteEdit(m_own, [this] { keepNote(); });
    m_note->setObjectName(QStringLiteral("shelfNote"));
    m_note->setAccessibleName(tr("Note on this font"));
    m_note->setTabChangesFocus(true);
    m_note->setFixedHeight(m_theme.scaled(64));
    own->addWidget(m_note);
    m_facts = new QLabel(m_own);
    m_facts->setObjectName(QStringLiteral("shelfFacts"));
    m_facts->setFont(m_theme.text(TextSize::Small));
    m_facts->setProperty("role", QStringLiteral("soft"));
    m_facts->setWordWrap(true);
    m_facts->setTextFormat(Qt::PlainText);
    own->addWidget(m_facts);
    m_documents = new QWidget(m_own);
    m_documents->setObjectName(QStringLiteral("shelfDocuments"));
    auto* documents = new QVBoxLayout(m_documents);
    documents->setContentsMargins(0, 0, 0, 0);
    documents->setSpacing(kGrid);
    own->addWidget(m_documents);
    m_column->addWidget(m_own);
    m_letters = addAction("shelfLetters", tr("Look at its letters"), "quiet");
    m_stitches = addAction("shelfStitches", {}, "quiet");
    m_key_map = addAction("shelfKeyMap", tr("Key map sheet"), "quiet");
    m_rights = addAction("shelfRights", tr("Rights dossier"), "quiet");
    m_column->addStretch(1);
    setWidget(m_inside);

    connectParts();
}

void ShelfPanel::connectParts()
{
    connect(m_span, &QComboBox::currentIndexChanged, this, &ShelfPanel::showStates);
    connect(m_install, &QPushButton::clicked, this, [this] { move(ShelfState::Installed); });
    connect(m_remove, &QPushButton::clicked, this, [this] { move(ShelfState::OnShelf); });
    connect(m_aside, &QPushButton::clicked, this, [this] { move(ShelfState::SetAside); });
    connect(m_back, &QPushButton::clicked, this, [this] { move(ShelfState::OnShelf); });
    connect(m_take, &QPushButton::clicked, this, [this] {
        QStringList files;
        for (const int row : m_rows)
            if (row >= 0 && !m_fonts.shelf(row))
                files << text(m_fonts.entry(row).path.string());
        files.removeDuplicates();
        emit takeWanted(files);
    });
    connect(m_letters, &QPushButton::clicked, this, [this] { emit lettersWanted(m_rows.front()); });
    connect(m_compose, &QPushButton::clicked, this, &ShelfPanel::composeWanted);
    connect(m_rights, &QPushButton::clicked, this, &ShelfPanel::rightsWanted);
    setMakesStitches(false);
    connect(m_stitches, &QPushButton::clicked, this, [this] {
        if (m_makes_stitches)
            emit stitchesNotWanted();
        else
            emit stitchesWanted(m_rows.front());
    });
    connect(m_key_map, &QPushButton::clicked, this, [this] { emit keyMapWanted(m_rows.front()); });
    connect(m_new_set, &QLineEdit::returnPressed, this, [this] {
        m_shelf.changeSet(m_new_set->text(), ids(), true);
        m_new_set->clear();
    });
    connect(m_new_tag, &QLineEdit::returnPressed, this, [this] {
        m_shelf.changeTag(m_new_tag->text(), ids(), true);
        m_new_tag->clear();
    });
}

std::vector<const ShelfFont*> ShelfPanel::shelfFonts() const
{
    std::vector<const ShelfFont*> fonts;
    for (const int row : m_rows)
        if (const auto* font = row >= 0 ? m_fonts.shelf(row) : nullptr;
            font && std::ranges::find(fonts, font->id, &ShelfFont::id) == fonts.end())
            fonts.push_back(font);
    return fonts;
}

std::vector<std::int64_t> ShelfPanel::ids() const
{
    std::vector<std::int64_t> ids;
    for (const auto* font : shelfFonts())
        ids.push_back(font->id);
    return ids;
}

void ShelfPanel::move(ShelfState state)
{
    Standing to{state, {}, {}};
    if (state == ShelfState::Installed && m_span->currentIndex() == ForThisJob)
        to.project = m_project.toStdString();
    if (state == ShelfState::Installed && m_span->currentIndex() == UntilDay)
        to.until = m_until->date().toString(Qt::ISODate).toStdString();
    m_shelf.move(ids(), to);
}

void ShelfPanel::clear(QWidget* holder)
{
    // Not at once: the button that was pressed may be among them.
    while (auto* item = holder->layout()->takeAt(0)) {
        if (item->widget()) {
            item->widget()->hide();
            item->widget()->deleteLater();
        }
        delete item;
    }
}

void ShelfPanel::show(std::vector<int> rows)
{
    const auto noted_before = m_noted;
    m_rows.clear();
    for (const int row : rows)
        m_rows.emplace_back(m_fonts, row);
    const auto fonts = shelfFonts();
    const std::int64_t noted = fonts.size() == 1 ? fonts.front()->id : 0;
    // The shelf may change while a note is being typed; what is typed stays, and is kept on leaving it.
    const bool is_typing = noted != 0 && noted == noted_before && m_note->hasFocus();
    if (!is_typing)
        keepNote();
    m_noted = noted;
    showHead();
    showStates();
    m_own->setVisible(!fonts.empty());
    showSets();
    showTags();
    m_note_heading->setVisible(m_noted != 0);
    m_note->setVisible(m_noted != 0);
    if (const QString note = m_noted != 0 ? text(fonts.front()->note) : QString();
        !is_typing && m_note->toPlainText() != note)
        m_note->setPlainText(note);
    showFacts();
    m_key_map->setVisible(m_rows.size() == 1);
    m_rights->setVisible(m_rows.size() == 1);
    m_compose->setVisible(m_rows.size() == 1);
}

void ShelfPanel::keepNote()
{
    if (m_noted != 0)
        m_shelf.setNote(m_noted, m_note->toPlainText());
}

void ShelfPanel::showHead()
{
    if (m_rows.empty()) {
        m_name->setText(tr("No font chosen"));
        m_state->setText(
            tr("Choose one, or several with Shift or Ctrl: then install them, set them aside, or "
               "put them into a set."));
        return;
    }
    m_name->setText(m_rows.size() == 1 ? m_fonts.name(m_rows.front())
                                       : tr("%n font(s)", nullptr, static_cast<int>(m_rows.size())));
    if (m_rows.size() > 1) {
        QStringList parts;
        for (int place = 0; place < kShelfPlaces; ++place) {
            const auto count = std::ranges::count_if(
                m_rows, [&](int row) { return m_filter.placeOf(row) == static_cast<ShelfPlace>(place); });
            if (count > 0)
                parts << tr("%1 %2").arg(count).arg(inWords(static_cast<ShelfPlace>(place)));
        }
        m_state->setText(parts.join(QStringLiteral(", ")));
        return;
    }
    const int row = m_rows.front();
    const auto* font = m_fonts.shelf(row);
    if (!font) {
        m_state->setText(m_fonts.entry(row).origin == FontOrigin::System
                             ? tr("Installed by other software. It is shown here and never touched.")
                             : tr("Not on the shelf: it %1.").arg(originInWords(m_fonts.entry(row).origin)));
        return;
    }
    switch (font->state) {
    case ShelfState::OnShelf:
        m_state->setText(
            m_fonts.entry(row).info.isSewn()
                ? tr("On the shelf. Its letters come as stitches, made for capitals of %1; they are typed "
                     "here and "
                     "installed nowhere.")
                      .arg(figureWithUnit(m_fonts.entry(row).info.sewn_size_mm, LengthUnit::Millimetre))
                : tr("On the shelf: only Under Ink sees it."));
        break;
    case ShelfState::SetAside:
        m_state->setText(tr("Set aside: kept, and out of the way."));
        break;
    case ShelfState::Installed:
        m_state->setText(
            !font->until.empty()
                ? tr("Installed until %1: every program of yours sees it.").arg(dayInWords(text(font->until)))
            : !font->project.empty() ? tr("Installed for “%1” only: you are asked when that job is closed.")
                                           .arg(text(font->project))
                                     : tr("Installed: every program of yours sees it."));
    }
}

void ShelfPanel::setMakesStitches(bool makes_stitches)
{
    m_makes_stitches = makes_stitches;
    m_stitches->setText(makes_stitches ? tr("Stop making stitches") : tr("Make stitched letters of it…"));
    showStates();
}

void ShelfPanel::showStates()
{
    const auto fonts = shelfFonts();
    const auto any = [&](ShelfState state) {
        return std::ranges::find(fonts, state, &ShelfFont::state) != fonts.end();
    };
    const bool are_sewn = std::ranges::any_of(
        fonts, [](const ShelfFont* font) { return std::ranges::any_of(font->faces, &FaceInfo::isSewn); });
    const bool can_install = !are_sewn && (any(ShelfState::OnShelf) || any(ShelfState::SetAside));
    m_letters->setVisible(are_sewn && fonts.size() == 1);
    m_stitches->setVisible(m_makes_stitches || (!are_sewn && m_rows.size() == 1));
    m_install->setVisible(can_install);
    m_span->setVisible(can_install);
    m_until->setVisible(can_install && m_span->currentIndex() == UntilDay);
    m_remove->setVisible(any(ShelfState::Installed));
    m_aside->setVisible(any(ShelfState::OnShelf) || any(ShelfState::Installed));
    m_back->setVisible(any(ShelfState::SetAside));
    m_take->setVisible(fonts.size() < m_rows.size() && std::ranges::any_of(m_rows, [this](int row) {
                           return row >= 0 && !m_fonts.shelf(row);
                       }));
}

void ShelfPanel::showSets()
{
    clear(m_sets);
    std::set<std::string> names;
    for (const auto& font : m_shelf.contents()->fonts())
        names.insert(font->sets.begin(), font->sets.end());
    const auto fonts = shelfFonts();
    for (const auto& name : names) {
        const auto in = static_cast<std::size_t>(std::ranges::count_if(fonts, [&](const ShelfFont* font) {
            return std::ranges::find(font->sets, name) != font->sets.end();
        }));
        const bool is_some = in > 0 && in < fonts.size();
        auto* chip =
            new QPushButton(is_some ? tr("%1 (%2 of them)").arg(text(name)).arg(in) : text(name), m_sets);
        chip->setObjectName(QStringLiteral("shelfSet"));
        chip->setProperty("role", QStringLiteral("wish"));
        chip->setFont(m_theme.text(TextSize::Small));
        chip->setCheckable(true);
        chip->setChecked(in == fonts.size() && in > 0);
        chip->setAccessibleName(tr("In the set %1").arg(text(name)));
        connect(chip, &QPushButton::clicked, this,
                [this, name](bool is_on) { m_shelf.changeSet(text(name), ids(), is_on); });
        m_sets->layout()->addWidget(chip);
    }
    m_sets->setVisible(!names.empty());
}

void ShelfPanel::showTags()
{
    clear(m_tags);
    std::set<std::string> names;
    for (const auto* font : shelfFonts())
        names.insert(font->tags.begin(), font->tags.end());
    for (const auto& name : names) {
        auto* chip = new QPushButton(tr("%1  ×").arg(text(name)), m_tags);
        chip->setObjectName(QStringLiteral("shelfTag"));
        chip->setProperty("role", QStringLiteral("wish"));
        chip->setFont(m_theme.text(TextSize::Small));
        chip->setAccessibleName(tr("Take away the tag %1").arg(text(name)));
        connect(chip, &QPushButton::clicked, this,
                [this, name] { m_shelf.changeTag(text(name), ids(), false); });
        m_tags->layout()->addWidget(chip);
    }
    m_tags->setVisible(!names.empty());
}

void ShelfPanel::showFacts()
{
    clear(m_documents);
    const auto fonts = shelfFonts();
    QStringList facts;
    if (fonts.size() == 1) {
        const auto& font = *fonts.front();
        facts << (font.package.empty()
                      ? tr("Taken in on %1.").arg(dayInWords(text(font.added)))
                      : tr("From %1, taken in on %2.").arg(text(font.package), dayInWords(text(font.added))));
        facts << tr("File: %1, %2 kB.").arg(text(font.file_name)).arg((font.bytes + 999) / 1000);
        if (font.uses.empty())
            facts << tr("Not used yet.");
        else {
            QStringList uses;
            for (const auto& use : font.uses)
                uses << tr("“%1” (%2)").arg(text(use.project), dayInWords(text(use.day)));
            facts << tr("Used on %1.").arg(uses.join(QStringLiteral(", ")));
        }
        if (font.documents.empty())
            facts << tr("No document came with it.");
        for (const auto& document : font.documents) {
            auto* open = new QPushButton(text(document.name), m_documents);
            open->setObjectName(QStringLiteral("shelfDocument"));
            open->setProperty("role", QStringLiteral("link"));
            open->setFont(m_theme.text(TextSize::Small));
            open->setAccessibleName(tr("Open the document %1").arg(text(document.name)));
            connect(open, &QPushButton::clicked, this,
                    [this, sha256 = text(document.sha256), name = text(document.name)] {
                        emit documentWanted(sha256, name);
                    });
            m_documents->layout()->addWidget(open);
            m_documents->layout()->setAlignment(open, Qt::AlignLeft);
        }
    }
    m_facts->setText(facts.join(QLatin1Char('\n')));
}

} // namespace ink::ui
