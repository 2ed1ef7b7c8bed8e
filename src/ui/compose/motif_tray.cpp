#include "ui/compose/motif_tray.h"

#include "core/formats/path_data.h"
#include "core/geometry/nesting.h"
#include "core/geometry/weld.h"
#include "core/type/key_map.h"
#include "shelf/shelf_intake.h"
#include "ui/compose/motif_step.h"
#include "ui/compose/svg_outlines.h"
#include "ui/measures.h"
#include "ui/outline_paths.h"
#include "ui/text.h"
#include "ui/widgets/choice.h"
#include "ui/widgets/flow_row.h"

#include <QDialog>
#include <QDialogButtonBox>
#include <QFileInfo>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QMimeData>
#include <QPainter>
#include <QPointer>
#include <QPushButton>
#include <QUndoStack>
#include <QVBoxLayout>

#include <algorithm>
#include <map>
#include <utility>

namespace ink::ui {
namespace {

constexpr int kPicture_px = 58;

QIcon pictureOf(const Motif& motif, const Theme& theme)
{
    const int side = theme.scaled(kPicture_px);
    QPixmap pixmap(side * 2, side * 2);
    pixmap.setDevicePixelRatio(2.0);
    pixmap.fill(Qt::transparent);
    const auto outline = pathsFromData(motif.outline);
    if (!outline || outline->empty())
        return QIcon(pixmap);
    const QPainterPath path = toPainterPath(*outline);
    const QRectF box = path.boundingRect();
    QPainter painter(&pixmap);
    painter.setRenderHint(QPainter::Antialiasing);
    const double scale = (side - 8) / std::max({box.width(), box.height(), 1.0});
    QTransform place;
    place.translate(side / 2.0, side / 2.0);
    place.scale(scale, scale);
    place.translate(-box.center().x(), -box.center().y());
    painter.fillPath(place.map(path), theme.colours().ink);
    return QIcon(pixmap);
}

/// The list hands out the motif that is dragged.
class MotifList : public QListWidget
{
public:
    using QListWidget::QListWidget;

protected:
    QStringList mimeTypes() const override { return {QStringLiteral("application/x-under-ink-motif")}; }
    QMimeData* mimeData(const QList<QListWidgetItem*>& items) const override
    {
        auto* dragged = new QMimeData;
        if (!items.isEmpty())
            dragged->setData(mimeTypes().front(), items.front()->data(Qt::UserRole).toByteArray());
        return dragged;
    }
};

} // namespace

MotifTray::MotifTray(std::filesystem::path shelf_folder, QUndoStack& undo, const Theme& theme,
                     QWidget* parent)
    : QWidget(parent), m_folder(std::move(shelf_folder)), m_undo(undo), m_theme(theme)
{
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(kGrid);
    auto* head_box = new QWidget(this);
    auto* head = new FlowRow(head_box, 2 * kGrid);
    m_search = new QLineEdit(this);
    m_search->setObjectName(QStringLiteral("motifSearch"));
    m_search->setPlaceholderText(tr("A name or a tag"));
    m_search->setAccessibleName(
        tr("Find a motif by name, tag or collection; Enter puts the first into the line"));
    m_search->setClearButtonEnabled(true);
    m_search->setMaximumWidth(m_theme.scaled(280));
    m_collection = new Choice(m_theme, this, Choice::Ground::Paper);
    m_collection->setObjectName(QStringLiteral("motifCollection"));
    m_collection->setAccessibleName(tr("Collection"));
    head->addWidget(m_search);
    head->addWidget(m_collection);
    const auto addButton = [&](const QString& text, const char* name, const QString& spoken,
                               bool needs_choice, auto action) {
        auto* button = new QPushButton(text, this);
        button->setObjectName(QLatin1String(name));
        button->setProperty("role", QStringLiteral("quiet"));
        button->setToolTip(spoken);
        head->addWidget(button);
        if (needs_choice)
            m_needs_choice.push_back(button);
        connect(button, &QPushButton::clicked, this, action);
    };
    const auto first = [this](auto signal) {
        return [this, signal] {
            if (const auto ids = chosen(); !ids.empty())
                emit(this->*signal)(ids.front());
        };
    };
    addButton(tr("Into the line"), "motifIntoLine", tr("At the caret, as large as the letters"), true,
              first(&MotifTray::intoLineWanted));
    addButton(tr("Beside the letter"), "motifBeside", tr("Free beside the letter at the caret"), true,
              first(&MotifTray::besideWanted));
    addButton(tr("As the tail"), "motifTail", tr("Under the words, stretched to suit them"), true,
              first(&MotifTray::tailWanted));
    addButton(tr("Mirror"), "motifMirror", tr("Left and right changed over"), true, [this] {
        changeOutlines([](const Paths& p) -> Result<Paths> {
            const Box box = bounds(p);
            return transformed(p, {-1, 0, 0, 1, box.x0 + box.x1, 0});
        });
    });
    addButton(tr("Weld"), "motifWeld", tr("Overlapping parts become one outline"), true, [this] {
        changeOutlines([](const Paths& p) -> Result<Paths> {
            const auto welded = weld(std::vector<Paths>{p}, kJobUnit);
            if (!welded)
                return fail(welded.error());
            return toPaths(welded->outline);
        });
    });
    addButton(tr("Take apart"), "motifApart", tr("Each piece becomes a motif of its own"), true,
              [this] { takeApart(); });
    addButton(tr("Sort…"), "motifSort", tr("Their collection and their tags"), true,
              [this] { askWhereTheyBelong(); });
    addButton(tr("Remove"), "motifRemove", tr("Out of the tray"), true, [this] {
        change(tr("remove motifs"), [ids = chosen()](MotifStore& store) { return store.remove(ids); });
    });
    addButton(tr("Take in this font"), "motifTakeFont", tr("Every picture of the job's font becomes a motif"),
              false, [this] { emit fontWanted(); });
    addButton(tr("From an SVG…"), "motifTakeSvg", tr("The filled outlines of a picture file"), false,
              [this] { emit svgWanted(); });

    buildList();
    column->addWidget(head_box);
    column->addWidget(m_note);
    column->addWidget(m_list, 1);
    column->addStretch(0);

    connect(m_search, &QLineEdit::textChanged, this, &MotifTray::readAgain);
    // Typed by name and put into the line: the first that is found.
    connect(m_search, &QLineEdit::returnPressed, this, [this] {
        m_types_into_line = true;
        readAgain();
    });
    connect(m_collection, &QComboBox::activated, this, &MotifTray::readAgain);
    connect(m_list, &QListWidget::itemSelectionChanged, this, [this] {
        for (auto* button : m_needs_choice)
            button->setEnabled(!m_list->selectedItems().isEmpty());
    });
    connect(m_list, &QListWidget::itemActivated, this,
            [this](QListWidgetItem* item) { emit intoLineWanted(item->data(Qt::UserRole).toLongLong()); });
    connect(m_list, &QListWidget::itemChanged, this, &MotifTray::edited);
    show({}, {});
}

void MotifTray::buildList()
{
    m_list = new MotifList(this);
    m_list->setObjectName(QStringLiteral("motifList"));
    m_list->setAccessibleName(tr("Motifs"));
    m_list->setViewMode(QListView::IconMode);
    m_list->setFlow(QListView::LeftToRight);
    m_list->setWrapping(true);
    m_list->setResizeMode(QListView::Adjust);
    m_list->setIconSize(QSize(m_theme.scaled(kPicture_px), m_theme.scaled(kPicture_px)));
    m_list->setGridSize(QSize(m_theme.scaled(104), m_theme.scaled(kPicture_px + 26)));
    m_list->setSelectionMode(QAbstractItemView::ExtendedSelection);
    m_list->setDragEnabled(true);
    m_list->setMovement(QListView::Snap);
    m_list->setDragDropMode(QAbstractItemView::DragOnly);
    m_list->setEditTriggers(QAbstractItemView::EditKeyPressed);
    m_list->setTextElideMode(Qt::ElideRight);
    m_list->setFont(m_theme.text(TextSize::Small));
    m_note = new QLabel(this);
    m_note->setObjectName(QStringLiteral("motifNote"));
    m_note->setWordWrap(true);
    m_note->setProperty("role", QStringLiteral("soft"));
}

void MotifTray::showEvent(QShowEvent* event)
{
    QWidget::showEvent(event);
    if (!m_was_read)
        readAgain();
    m_was_read = true;
}

void MotifTray::readAgain()
{
    struct Read
    {
        std::vector<Motif> motifs;
        std::vector<std::string> collections;
    };
    m_pool.run(1, 1,
               [this, folder = m_folder,
                words = m_search->text().toStdString()](const CancelToken&) -> SlotPool::Answer {
                   auto read = [&]() -> Result<Read> {
                       const auto store = MotifStore::open(folder);
                       if (!store)
                           return fail(store.error());
                       auto motifs = (*store)->motifs(words);
                       auto collections = (*store)->collections();
                       if (!motifs)
                           return fail(motifs.error());
                       if (!collections)
                           return fail(collections.error());
                       return Read{std::move(*motifs), std::move(*collections)};
                   }();
                   return [this, read] {
                       if (read)
                           show(read->motifs, read->collections);
                       else
                           emit refused(read.error());
                   };
               });
}

void MotifTray::show(std::vector<Motif> motifs, std::vector<std::string> collections)
{
    m_is_showing = true;
    const QString kept = m_collection->currentData().toString();
    m_collection->clear();
    m_collection->addChoice(tr("all collections"), {}, QString());
    for (const auto& name : collections)
        m_collection->addChoice(text(name), {}, text(name));
    m_collection->setCurrentIndex(std::max(0, m_collection->findData(kept)));
    const std::string only = m_collection->currentData().toString().toStdString();
    std::erase_if(motifs, [&](const Motif& m) { return !only.empty() && m.collection != only; });
    m_motifs = std::move(motifs);
    m_list->clear();
    for (const auto& motif : m_motifs) {
        auto* item = new QListWidgetItem(pictureFor(motif), text(motif.name), m_list);
        item->setData(Qt::UserRole, static_cast<qlonglong>(motif.id));
        item->setFlags(item->flags() | Qt::ItemIsEditable);
        QString about = tr("%1, in %2%3. F2 renames it.")
                            .arg(text(motif.name), text(motif.collection),
                                 motif.is_others_mark ? tr("; somebody else's mark") : QString());
        if (!motif.rights.empty())
            about += QLatin1Char('\n') + text(motif.rights);
        item->setToolTip(about);
        item->setData(Qt::AccessibleDescriptionRole, about);
    }
    const bool is_empty = m_motifs.empty();
    m_note->setVisible(is_empty);
    m_note->setText(
        collections.empty()
            ? tr("Nothing lies in the tray yet. Choose a picture font in Find and take it in here at one "
                 "stroke, or bring outlines from an SVG file.")
            : tr("No motif is called so."));
    m_list->setVisible(!is_empty);
    for (auto* button : m_needs_choice)
        button->setEnabled(false);
    m_is_showing = false;
    if (std::exchange(m_types_into_line, false) && !m_motifs.empty() && !m_search->text().isEmpty())
        emit intoLineWanted(m_motifs.front().id);
    emit changed();
}

void MotifTray::change(const QString& name, ChangeMotifs changing)
{
    m_undo.push(new MotifStep(name, std::move(changing),
                              [tray = QPointer(this)](ChangeMotifs todo, std::function<void(bool)> then) {
                                  if (tray)
                                      tray->write(std::move(todo), std::move(then));
                              }));
}

void MotifTray::write(ChangeMotifs todo, std::function<void(bool)> then)
{
    m_writes.add(
        [this, folder = m_folder, todo = std::move(todo), then = std::move(then)]() -> WriteQueue::Answer {
            auto done = [&]() -> Result<void> {
                const auto store = MotifStore::open(folder);
                return store ? todo(**store) : Result<void>(fail(store.error()));
            }();
            return [this, done, then] {
                then(done.has_value());
                if (!done)
                    emit refused(done.error());
                readAgain();
            };
        });
}

/// Drawn once for each outline.
QIcon MotifTray::pictureFor(const Motif& motif)
{
    constexpr std::size_t kMostPictures = 4000;
    if (const auto it = m_pictures.find(motif.outline); it != m_pictures.end())
        return it->second;
    if (m_pictures.size() >= kMostPictures)
        m_pictures.clear();
    return m_pictures.emplace(motif.outline, pictureOf(motif, m_theme)).first->second;
}

/// Where the chosen motifs belong: their collection, and the tags all of them have.
void MotifTray::askWhereTheyBelong()
{
    std::vector<Motif> motifs;
    for (const auto id : chosen())
        if (const auto it = std::ranges::find(m_motifs, id, &Motif::id); it != m_motifs.end())
            motifs.push_back(*it);
    if (motifs.empty())
        return;
    QStringList common;
    for (const auto& tag : motifs.front().tags)
        if (std::ranges::all_of(
                motifs, [&](const Motif& m) { return std::ranges::find(m.tags, tag) != m.tags.end(); }))
            common << text(tag);
    const bool is_one = std::ranges::all_of(
        motifs, [&](const Motif& m) { return m.collection == motifs.front().collection; });

    auto* dialog = new QDialog(this);
    dialog->setObjectName(QStringLiteral("motifBelongs"));
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    dialog->setWindowTitle(
        tr("Where %n motif(s) (belongs|belong)", nullptr, static_cast<int>(motifs.size())));
    auto* form = new QFormLayout(dialog);
    auto* collection = new QLineEdit(is_one ? text(motifs.front().collection) : QString(), dialog);
    collection->setObjectName(QStringLiteral("motifBelongsCollection"));
    collection->setPlaceholderText(is_one ? QString() : tr("as they are"));
    auto* tags = new QLineEdit(common.join(QStringLiteral(", ")), dialog);
    tags->setObjectName(QStringLiteral("motifBelongsTags"));
    tags->setPlaceholderText(tr("winter, bees"));
    form->addRow(tr("Collection: a season, a theme"), collection);
    form->addRow(tr("Tags, with commas between"), tags);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, dialog);
    form->addRow(buttons);
    connect(buttons, &QDialogButtonBox::accepted, dialog, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, dialog, &QDialog::reject);
    connect(dialog, &QDialog::accepted, this, [this, collection, tags, common, ids = chosen()] {
        QStringList wanted;
        for (const auto& tag : tags->text().split(QLatin1Char(',')))
            if (const auto clean = tag.simplified(); !clean.isEmpty())
                wanted << clean;
        change(tr("sort motifs"),
               [ids, wanted, common,
                to = collection->text().simplified().toStdString()](MotifStore& store) -> Result<void> {
                   if (!to.empty())
                       if (auto done = store.moveTo(to, ids); !done)
                           return done;
                   for (const auto& tag : wanted)
                       if (auto done = store.changeTag(tag.toStdString(), ids, true); !done)
                           return done;
                   for (const auto& tag : common)
                       if (!wanted.contains(tag))
                           if (auto done = store.changeTag(tag.toStdString(), ids, false); !done)
                               return done;
                   return {};
               });
    });
    dialog->open();
}

std::vector<std::int64_t> MotifTray::chosen() const
{
    std::vector<std::int64_t> ids;
    for (const auto* item : m_list->selectedItems())
        ids.push_back(item->data(Qt::UserRole).toLongLong());
    return ids;
}

void MotifTray::edited(QListWidgetItem* item)
{
    if (m_is_showing)
        return;
    change(tr("rename a motif"),
           [id = item->data(Qt::UserRole).toLongLong(),
            name = item->text().simplified().toStdString()](MotifStore& store) -> Result<void> {
               return name.empty() ? Result<void>() : store.rename(id, name);
           });
}

void MotifTray::changeOutlines(const std::function<Result<Paths>(const Paths&)>& change_one)
{
    change(tr("change motifs"), [ids = chosen(), change_one](MotifStore& store) -> Result<void> {
        const auto motifs = store.motifs(); // as they are when their turn comes
        if (!motifs)
            return fail(motifs.error());
        for (const auto& motif : *motifs) {
            if (std::ranges::find(ids, motif.id) == ids.end())
                continue;
            const auto outline = pathsFromData(motif.outline);
            if (!outline)
                return fail(outline.error());
            const auto changed_outline = change_one(*outline);
            if (!changed_outline)
                return fail(changed_outline.error());
            if (auto done = store.setOutline(motif.id, pathData(*changed_outline)); !done)
                return done;
        }
        return {};
    });
}

void MotifTray::takeApart()
{
    std::vector<Motif> whole;
    for (const auto id : chosen())
        if (const auto it = std::ranges::find(m_motifs, id, &Motif::id); it != m_motifs.end())
            whole.push_back(*it);
    change(tr("take motifs apart"), [whole = std::move(whole)](MotifStore& store) -> Result<void> {
        std::vector<Motif> parts;
        for (const auto& motif : whole) {
            const auto outline = pathsFromData(motif.outline);
            if (!outline)
                return fail(outline.error());
            const auto welded = weld(std::vector<Paths>{*outline}, kJobUnit);
            if (!welded)
                return fail(welded.error());
            if (welded->outline.pieces.size() < 2)
                continue;
            for (const auto& piece : welded->outline.pieces) {
                Motif part = motif;
                part.id = 0;
                part.outline = pathData(toPaths(Outline{{piece}}));
                parts.push_back(std::move(part));
            }
        }
        if (parts.empty())
            return {};
        const auto added = store.add(parts);
        return added ? Result<void>() : Result<void>(fail(added.error()));
    });
}

} // namespace ink::ui
