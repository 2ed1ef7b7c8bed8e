#include "ui/find/intake_page.h"

#include "ui/core_words.h"

#include "core/base/digest.h"
#include "core/design/lettering.h"
#include "core/design/set_words.h"
#include "core/intake/stitched_entries.h"
#include "shelf/shelf_intake.h"
#include "ui/alphabet/letters_page.h"
#include "ui/compose/words_line.h"
#include "ui/find/font_line_delegate.h"
#include "ui/measures.h"
#include "ui/outline_paths.h"
#include "ui/text.h"
#include "ui/widgets/choice.h"

#include <QFileInfo>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QPushButton>
#include <QStackedLayout>
#include <QStyledItemDelegate>
#include <QTreeWidget>
#include <QVBoxLayout>

#include <algorithm>
#include <new>

namespace ink::ui {
namespace {

/// The job's words beside each font.
constexpr int kWordsWide_px = 150, kWordsHigh_px = 30;

constexpr quint64 kIntakeSlot = 300;
constexpr int kEntryRole = Qt::UserRole;
constexpr int kMostShown = 400;

QString headingOf(EntryRole role, std::size_t count)
{
    switch (role) {
    case EntryRole::Font:
        return QObject::tr("Fonts (%1)").arg(count);
    case EntryRole::Document:
        return QObject::tr("Documents, kept with the fonts (%1)").arg(count);
    case EntryRole::KeyMap:
        return QObject::tr("Key maps, kept (%1)").arg(count);
    case EntryRole::Preview:
        return QObject::tr("Pictures, kept (%1)").arg(count);
    case EntryRole::Stitches:
        return QObject::tr("Stitch files, in the letters above (%1)").arg(count);
    case EntryRole::Damaged:
        return QObject::tr("Damaged, not taken (%1)").arg(count);
    case EntryRole::Refused:
        return QObject::tr("Refused (%1)").arg(count);
    case EntryRole::Junk:
        return QObject::tr("Junk, not taken (%1)").arg(count);
    case EntryRole::Other:
        return QObject::tr("Other files, not taken (%1)").arg(count);
    }
    return {};
}

QString ownershipInWords(const OwnershipFound& found)
{
    const QString name = text(found.owned.file_name);
    switch (found.ownership) {
    case Ownership::SameContent:
        return QObject::tr("You have it already, byte for byte: %1.").arg(name);
    case Ownership::SameNameAndVersion:
        return QObject::tr("You have one of this name and version, with other content: %1.").arg(name);
    case Ownership::OtherVersion:
        return QObject::tr("You have another version of it: %1.").arg(name);
    case Ownership::New:
        break;
    }
    return {};
}

/// Rows as high as their wrapped texts: why something was refused is read whole, also in large text.
class WrappedRows : public QStyledItemDelegate
{
public:
    explicit WrappedRows(QTreeWidget* tree) : QStyledItemDelegate(tree), m_tree(tree) {}
    QSize sizeHint(const QStyleOptionViewItem& option, const QModelIndex& index) const override
    {
        QSize size = QStyledItemDelegate::sizeHint(option, index);
        const QString words = index.data().toString();
        if (index.column() == 0 || words.isEmpty())
            return size;
        constexpr int kAround = 8;
        const QRect room(0, 0, std::max(40, m_tree->columnWidth(index.column()) - kAround), 1 << 20);
        size.setHeight(option.fontMetrics.boundingRect(room, Qt::TextWordWrap, words).height() + kAround / 2);
        return size;
    }

private:
    QTreeWidget* m_tree;
};

} // namespace

IntakePage::IntakePage(JobModel& job, SlotPool& pool, ShelfKeeper& shelf, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_job(job), m_pool(pool), m_theme(theme), m_shelf(shelf)
{
    setObjectName(QStringLiteral("page"));
    m_stack = new QStackedLayout(this);
    auto* page = new QWidget(this);
    m_stack->addWidget(page);
    m_letters = new LettersPage(QStringLiteral("letters"), theme, this);
    m_stack->addWidget(m_letters);
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(kMargin, 2 * kGrid, kMargin, 3 * kGrid);
    column->setSpacing(2 * kGrid);
    auto* head = new QHBoxLayout;
    head->setSpacing(3 * kGrid);
    auto* back = new QPushButton(tr("All fonts"), this);
    back->setObjectName(QStringLiteral("intakeBack"));
    back->setProperty("role", QStringLiteral("quiet"));
    m_name = new QLabel(this);
    m_name->setObjectName(QStringLiteral("intakeName"));
    m_name->setFont(theme.heading(TextSize::Title));
    m_name->setMinimumWidth(10);
    head->addWidget(back);
    head->addWidget(m_name, 1);
    column->addLayout(head);
    m_notes = new QLabel(this);
    m_notes->setObjectName(QStringLiteral("intakeNotes"));
    m_notes->setWordWrap(true);
    m_lift = new QPushButton(tr("Lift the limits for this package"), this);
    m_lift->setObjectName(QStringLiteral("intakeLift"));
    column->addWidget(m_notes);
    column->addWidget(m_lift, 0, Qt::AlignLeft);

    m_tree = new QTreeWidget(this);
    m_tree->setObjectName(QStringLiteral("intakeTree"));
    m_tree->setAccessibleName(tr("What is in the package"));
    m_tree->setHeaderLabels({tr("What is in it"), tr("May it be sold?"), tr("What to know")});
    m_tree->setRootIsDecorated(true);
    m_tree->setAlternatingRowColors(false);
    m_tree->setWordWrap(true);
    m_tree->setItemDelegate(new WrappedRows(m_tree));
    m_tree->setFrameShape(QFrame::NoFrame);
    m_tree->setIconSize(QSize(theme.scaled(kWordsWide_px), theme.scaled(kWordsHigh_px)));
    m_tree->header()->setSectionResizeMode(2, QHeaderView::Stretch);
    m_tree->setUniformRowHeights(false);
    column->addWidget(m_tree, 1);

    auto* foot = new QHBoxLayout;
    foot->setSpacing(3 * kGrid);
    m_state = new QLabel(this);
    m_state->setObjectName(QStringLiteral("intakeState"));
    m_state->setWordWrap(true);
    m_stop = new QPushButton(tr("Stop"), this);
    m_stop->setObjectName(QStringLiteral("intakeStop"));
    m_conflict = new Choice(theme, this, Choice::Ground::Paper);
    m_conflict->setObjectName(QStringLiteral("intakeConflict"));
    m_conflict->setAccessibleName(tr("What I have already"));
    for (const auto& [words, value] :
         {std::pair(tr("keep what I have"), 0), std::pair(tr("replace what I have"), 1),
          std::pair(tr("keep both"), 2)})
        m_conflict->addChoice(words, {}, value);
    m_look = new QPushButton(tr("Look at the letters"), this);
    m_look->setObjectName(QStringLiteral("intakeLetters"));
    m_look->setVisible(false);
    m_take = new QPushButton(this);
    m_take->setObjectName(QStringLiteral("intakeTake"));
    m_take->setProperty("role", QStringLiteral("main"));
    foot->addWidget(m_state, 1);
    foot->addWidget(m_stop);
    foot->addWidget(m_look);
    foot->addWidget(m_conflict);
    foot->addWidget(m_take);
    column->addLayout(foot);

    connect(back, &QPushButton::clicked, this, [this] {
        m_pool.cancel(kIntakeSlot);
        setBusy(false, {});
        emit backWanted();
    });
    connect(m_stop, &QPushButton::clicked, this, [this] {
        m_pool.cancel(kIntakeSlot);
        setBusy(false, tr("Stopped. Nothing was taken."));
    });
    connect(m_lift, &QPushButton::clicked, this, [this] { open(m_path, m_owned, m_listing, true); });
    connect(m_take, &QPushButton::clicked, this, [this] {
        if (m_set_next.empty())
            take();
        else
            emit setWanted(m_set_next);
    });
    connect(m_look, &QPushButton::clicked, this, &IntakePage::lookAtLetters);
    connect(m_letters, &LettersPage::backWanted, this, [this] { m_stack->setCurrentIndex(0); });
    connect(m_letters, &LettersPage::kept, this, &IntakePage::putRight);
    connect(m_tree, &QTreeWidget::itemActivated, this, [this](const QTreeWidgetItem* item) {
        const auto entry = item->data(0, kEntryRole);
        if (m_looked && entry.isValid() && m_looked->contents.entries[entry.toULongLong()].letters)
            lookAtLetters();
    });
    connect(m_tree, &QTreeWidget::itemChanged, this, [this] { showChoice(); });
    connect(m_conflict, &QComboBox::currentIndexChanged, this, &IntakePage::tickOwned);
}

void IntakePage::setBusy(bool is_busy, const QString& words)
{
    m_is_busy = is_busy;
    m_stop->setVisible(is_busy);
    m_take->setEnabled(!is_busy && m_looked);
    m_state->setText(words);
}

void IntakePage::open(const QString& path, std::vector<OwnedFont> owned, const QString& listing,
                      bool lift_limits)
{
    m_path = path;
    m_listing = listing;
    m_owned = std::move(owned);
    m_looked.reset();
    m_set_next.clear();
    m_tree->clear();
    m_notes->clear();
    m_lift->setVisible(false);
    m_look->setVisible(false);
    m_stack->setCurrentIndex(0);
    m_name->setText(QFileInfo(path).fileName());
    setBusy(true, tr("Looking into it …"));
    m_pool.run(kIntakeSlot, 2,
               [this, path, owned = m_owned, listing, lift_limits,
                words = m_job.job().words](const CancelToken& token) -> SlotPool::Answer {
                   InspectOptions options;
                   options.cancel = token;
                   if (lift_limits)
                       options.limits = PackageLimits::lifted();
                   options.progress = [this, last = std::size_t{0}](std::size_t entries) mutable {
                       if (entries >= last + 250) {
                           last = entries;
                           QMetaObject::invokeMethod(
                               this,
                               [this, entries] {
                                   m_state->setText(tr("Looking into it: %1 entries so far …").arg(entries));
                               },
                               Qt::QueuedConnection);
                       }
                   };
                   try {
                       auto contents = inspectPackage(path.toStdString(), options);
                       if (!contents)
                           return [this, error = contents.error()] {
                               setBusy(false, said(error));
                               emit problem(error);
                           };
                       auto looked = std::make_shared<Looked>();
                       looked->contents = std::move(*contents);
                       for (const std::size_t i : looked->contents.fonts()) {
                           looked->ownership.push_back(ownershipOf(looked->contents.entries[i], owned));
                           looked->dossiers.push_back(dossierOf(looked->contents, i, listing.toStdString()));
                       }
                       looked->words = wordsIn(looked->contents, words, token);
                       return [this, looked] { show(looked); };
                   } catch (const std::bad_alloc&) {
                       return [this] { setBusy(false, tr("There is not enough memory to look into it.")); };
                   }
               });
}

/// A package of hundreds shows those that come first.
std::vector<QPainterPath> IntakePage::wordsIn(const PackageContents& contents, const std::string& words,
                                              const CancelToken& token)
{
    constexpr std::size_t kMostFonts = 40;
    std::vector<QPainterPath> paths;
    for (const std::size_t i : contents.fonts()) {
        if (paths.size() >= kMostFonts || token.isCancelled())
            break;
        const auto& entry = contents.entries[i];
        paths.emplace_back();
        const auto face = FontFace::open(entry.staged, entry.faces.front().choice);
        const auto set = face ? setWords(**face, withoutMotifs(words), {}, token) : fail(face.error());
        if (!set)
            continue; // what is wrong with the font is said beside it
        paths.back().setFillRule(Qt::WindingFill);
        for (const auto& glyph : set->glyphs_fu)
            paths.back().addPath(toPainterPath(*glyph.paths).translated(glyph.at.x, -glyph.at.y));
    }
    return paths;
}

QIcon IntakePage::pictureOf(const QPainterPath& words) const
{
    const QSize size = m_tree->iconSize();
    QPixmap pixmap(size * 2);
    pixmap.setDevicePixelRatio(2.0);
    pixmap.fill(Qt::transparent);
    QPainter painter(&pixmap);
    painter.setRenderHint(QPainter::Antialiasing);
    fillFitted(painter, words, QRectF(QPointF(0, 0), size).adjusted(2, 2, -2, -2), m_theme.colours().ink);
    return QIcon(pixmap);
}

void IntakePage::show(std::shared_ptr<const Looked> looked)
{
    m_looked = std::move(looked);
    QStringList notes;
    for (const auto& note : m_looked->contents.notes)
        notes.append(said(note));
    QStringList of_rights;
    for (const auto& dossier : m_looked->dossiers)
        for (const auto& note : dossier.notes)
            if (const QString told = said(note); !of_rights.contains(told))
                of_rights.append(told);
    notes += of_rights.mid(0, 3);
    m_notes->setText(notes.mid(0, 8).join(QLatin1Char('\n')));
    m_notes->setVisible(!notes.isEmpty());
    m_lift->setVisible(m_looked->contents.is_limited);
    // Another version beside the old one loses nothing.
    m_conflict->setCurrentIndex(
        static_cast<int>(std::ranges::any_of(m_looked->ownership,
                                             [](const OwnershipFound& found) {
                                                 return found.ownership == Ownership::SameNameAndVersion ||
                                                        found.ownership == Ownership::OtherVersion;
                                             })
                             ? OnConflict::Both
                             : OnConflict::Keep));
    fill();
    m_look->setVisible(lettersEntry().has_value());
    setBusy(false, {});
    showChoice();
    m_tree->setFocus();
}

void IntakePage::fill()
{
    m_is_filling = true;
    m_tree->clear();
    const auto usual = usualChoice(m_looked->contents);
    const auto fonts = m_looked->contents.fonts();
    for (const EntryRole role :
         {EntryRole::Font, EntryRole::Document, EntryRole::KeyMap, EntryRole::Preview, EntryRole::Stitches,
          EntryRole::Damaged, EntryRole::Refused, EntryRole::Other, EntryRole::Junk}) {
        const auto& entries = m_looked->contents.entries;
        const auto count = static_cast<std::size_t>(std::ranges::count(entries, role, &PackageEntry::role));
        if (count == 0)
            continue;
        auto* group = new QTreeWidgetItem(m_tree, {headingOf(role, count)});
        group->setFirstColumnSpanned(true);
        group->setFont(0, m_theme.text(TextSize::Body, true));
        int shown = 0;
        for (std::size_t i = 0; i < entries.size() && shown < kMostShown; ++i) {
            const auto& entry = entries[i];
            if (entry.role != role)
                continue;
            ++shown;
            QString note = said(entry.note);
            QString name = text(entry.name);
            auto* item = new QTreeWidgetItem(group);
            if (role == EntryRole::Font) {
                const auto at = static_cast<std::size_t>(std::ranges::find(fonts, i) - fonts.begin());
                const auto& dossier = m_looked->dossiers[at];
                name =
                    tr("%1  (%2)")
                        .arg(text(entry.faces.front().readableName()), text(entry.path.filename().string()));
                if (at < m_looked->words.size() && !m_looked->words[at].isEmpty())
                    item->setIcon(0, pictureOf(m_looked->words[at]));
                item->setText(1, said(nameOf(dossier.verdict)));
                item->setBackground(1, tintOf(dossier.verdict, m_theme.colours()));
                item->setToolTip(1, dossier.deciding.empty()
                                        ? said(dossier.reason)
                                        : tr("“%1”\n%2")
                                              .arg(text(dossier.deciding.front().sentence),
                                                   named(dossier.deciding.front().document)));
                const QString owned = ownershipInWords(m_looked->ownership[at]);
                if (entry.better >= 0 && note.isEmpty())
                    note = tr("The same face in another format: %1 is recommended.")
                               .arg(text(
                                   entries[static_cast<std::size_t>(entry.better)].path.filename().string()));
                if (!owned.isEmpty())
                    note = owned + (note.isEmpty() ? QString() : QStringLiteral(" ") + note);
                if (!dossier.deciding.empty() && note.isEmpty())
                    note = tr("“%1”").arg(text(dossier.deciding.front().sentence).left(160));
            }
            item->setText(0, name);
            item->setText(2, note);
            item->setToolTip(2, note);
            item->setData(0, kEntryRole, static_cast<qulonglong>(i));
            // Documents stay with their fonts; only fonts are chosen.
            if (role == EntryRole::Font) {
                const bool is_owned =
                    m_looked->ownership[static_cast<std::size_t>(std::ranges::find(fonts, i) - fonts.begin())]
                        .ownership == Ownership::SameContent;
                item->setCheckState(
                    0, std::ranges::find(usual, i) != usual.end() && !is_owned ? Qt::Checked : Qt::Unchecked);
            }
        }
        if (static_cast<std::size_t>(shown) < count)
            new QTreeWidgetItem(group, {tr("and %1 more").arg(count - static_cast<std::size_t>(shown))});
        group->setExpanded(role != EntryRole::Junk && role != EntryRole::Other &&
                           role != EntryRole::Stitches);
    }
    layoutColumns();
    m_is_filling = false;
}

/// Names give way before reasons do.
void IntakePage::layoutColumns()
{
    const int width = m_tree->viewport()->width();
    m_tree->resizeColumnToContents(0);
    m_tree->setColumnWidth(0, std::min({m_tree->columnWidth(0) + 20, m_theme.scaled(430), width * 42 / 100}));
    m_tree->setColumnWidth(1, std::min(m_theme.scaled(160), width * 22 / 100));
    m_tree->doItemsLayout();
}

void IntakePage::resizeEvent(QResizeEvent* event)
{
    QWidget::resizeEvent(event);
    layoutColumns();
}

/// Ticks or unticks the fonts the person has in some form, as they chose.
void IntakePage::tickOwned()
{
    if (!m_looked)
        return;
    const bool takes = m_conflict->currentIndex() != static_cast<int>(OnConflict::Keep);
    const auto fonts = m_looked->contents.fonts();
    for (int g = 0; g < m_tree->topLevelItemCount(); ++g)
        for (int i = 0; i < m_tree->topLevelItem(g)->childCount(); ++i) {
            auto* item = m_tree->topLevelItem(g)->child(i);
            const auto at = std::ranges::find(fonts, item->data(0, kEntryRole).toULongLong());
            if (at == fonts.end() || !item->data(0, Qt::CheckStateRole).isValid())
                continue;
            const auto owned = m_looked->ownership[static_cast<std::size_t>(at - fonts.begin())].ownership;
            if (owned == Ownership::SameNameAndVersion || owned == Ownership::OtherVersion)
                item->setCheckState(0, takes ? Qt::Checked : Qt::Unchecked);
        }
}

std::vector<std::size_t> IntakePage::chosen() const
{
    std::vector<std::size_t> entries;
    for (int g = 0; g < m_tree->topLevelItemCount(); ++g)
        for (int i = 0; i < m_tree->topLevelItem(g)->childCount(); ++i) {
            const auto* item = m_tree->topLevelItem(g)->child(i);
            if (item->data(0, Qt::CheckStateRole).isValid() && item->checkState(0) == Qt::Checked)
                entries.push_back(item->data(0, kEntryRole).toULongLong());
        }
    return entries;
}

void IntakePage::showChoice()
{
    if (m_is_filling || !m_looked)
        return;
    m_set_next.clear(); // another choice: taking in comes first again
    const auto entries = chosen();
    const auto fonts = static_cast<int>(std::ranges::count_if(
        entries, [&](std::size_t i) { return m_looked->contents.entries[i].role == EntryRole::Font; }));
    m_take->setText(fonts > 0 ? tr("Take in %n font(s)", nullptr, fonts) : tr("Take in"));
    m_take->setEnabled(!m_is_busy && !entries.empty());
    if (m_looked->contents.fonts().empty())
        m_state->setText(tr("There is no font in it that could be used."));
}

/// Those of the row that is chosen, else the first.
std::optional<std::size_t> IntakePage::lettersEntry() const
{
    if (!m_looked)
        return {};
    const auto& entries = m_looked->contents.entries;
    if (const auto* item = m_tree->currentItem())
        if (const auto entry = item->data(0, kEntryRole);
            entry.isValid() && entries[entry.toULongLong()].letters)
            return entry.toULongLong();
    const auto first =
        std::ranges::find_if(entries, [](const PackageEntry& e) { return e.letters != nullptr; });
    return first == entries.end() ? std::nullopt : std::optional(std::size_t(first - entries.begin()));
}

void IntakePage::lookAtLetters()
{
    const auto entry = lettersEntry();
    if (!entry || m_is_busy)
        return;
    m_letters_entry = *entry;
    setBusy(true, tr("Drawing the letters …"));
    m_pool.run(kIntakeSlot, 2,
               [this, looked = m_looked, entry = *entry](const CancelToken& token) -> SlotPool::Answer {
                   const auto letters = looked->contents.entries[entry].letters;
                   const auto pictures = LettersPage::picturesOf(*letters, token);
                   return [this, letters, pictures] {
                       setBusy(false, {});
                       m_letters->open(*letters, pictures);
                       m_stack->setCurrentWidget(m_letters);
                   };
               });
}

void IntakePage::putRight(const Alphabet& letters)
{
    m_stack->setCurrentIndex(0);
    setBusy(true, tr("Putting the letters right …"));
    m_pool.run(kIntakeSlot, 2,
               [this, before = m_looked, at = m_letters_entry, owned = m_owned, listing = m_listing,
                words = m_job.job().words, letters = std::make_shared<const Alphabet>(letters)](
                   const CancelToken& token) -> SlotPool::Answer {
                   auto looked = std::make_shared<Looked>(*before);
                   auto& entry = looked->contents.entries[at];
                   if (auto done = stageLetters(entry, letters, looked->contents.staging->folder()); !done)
                       return [this, error = done.error()] {
                           setBusy(false, {});
                           emit problem(error);
                       };
                   const auto fonts = looked->contents.fonts();
                   const auto number = std::size_t(std::ranges::find(fonts, at) - fonts.begin());
                   looked->ownership[number] = ownershipOf(entry, owned);
                   looked->dossiers[number] = dossierOf(looked->contents, at, listing.toStdString());
                   looked->words = wordsIn(looked->contents, words, token);
                   return [this, looked] { show(looked); };
               });
}

void IntakePage::take()
{
    struct Done
    {
        TakenToShelf taken;
        std::vector<ReplacedFont> replaced;
    };
    const auto entries = chosen();
    const bool replaces = m_conflict->currentIndex() == static_cast<int>(OnConflict::Replace);
    setBusy(true, tr("Taking it in …"));
    m_shelf.run<Done>(
        [looked = m_looked, entries, replaces](OpenShelf& shelf) -> Result<Done> {
            auto taken = takeToShelf(shelf.store, looked->contents, entries, today());
            if (!taken)
                return fail(taken.error());
            Done done{std::move(*taken), {}};
            const auto fonts = looked->contents.fonts();
            for (std::size_t i = 0; replaces && i < fonts.size(); ++i) {
                const auto& [ownership, owned] = looked->ownership[i];
                if (std::ranges::find(entries, fonts[i]) == entries.end() || owned.shelf_id == 0 ||
                    ownership == Ownership::SameContent)
                    continue;
                // What is replaced is kept, and out of the way.
                if (auto aside = shelf.store.setAside({owned.shelf_id}, true); !aside)
                    return fail(aside.error());
                done.replaced.push_back(
                    {owned.path, shelf.store.fileOf(looked->contents.entries[fonts[i]].sha256)});
            }
            return done;
        },
        [this, looked = m_looked, entries, listing = m_listing](const Result<Done>& done) {
            if (!done) {
                setBusy(false, said(done.error()));
                return;
            }
            const auto& [taken, replaced] = *done;
            const int fonts = static_cast<int>(taken.fonts);
            const QString what = replaced.empty()
                                     ? tr("Taken in: %n font(s), %1 new on the shelf.", nullptr, fonts)
                                     : tr("Taken in: %n font(s), %1 new on the shelf. What they replace was "
                                          "set aside: you find it on the shelf.",
                                          nullptr, fonts);
            setBusy(false, what.arg(taken.added));
            std::vector<std::string> digests;
            for (const std::size_t i : entries)
                if (looked->contents.entries[i].role == EntryRole::Font)
                    digests.push_back(looked->contents.entries[i].sha256);
            emit this->taken(digests, listing, replaced);
            // The next step is the main button.
            for (const std::size_t i : entries)
                if (const auto& entry = looked->contents.entries[i];
                    entry.role == EntryRole::Font && looked == m_looked) {
                    m_set_next = entry.sha256;
                    m_take->setText(tr("Set the words in %1").arg(text(entry.faces.front().readableName())));
                    m_take->setEnabled(true);
                    m_take->setFocus();
                    break;
                }
        });
}

} // namespace ink::ui
