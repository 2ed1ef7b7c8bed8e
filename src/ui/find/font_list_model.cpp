#include "ui/find/font_list_model.h"

#include "ui/core_words.h"

#include "ui/measures.h"

#include <QRegularExpression>

#include <algorithm>
#include <iterator>
#include <set>
#include <tuple>

namespace ink::ui {
namespace {

auto sortKey(const FontEntry& e)
{
    static constexpr int kOrder[] = {0, 3, 1, 4, 2}; // demo, dropped, taken in, folder, system
    return std::tuple(kOrder[static_cast<int>(e.origin)], e.info.family, e.info.style, e.path.string(),
                      e.info.choice.face, e.info.choice.instance);
}

std::string keyOf(const FontRef& font)
{
    return font.path + '\n' + std::to_string(font.face) + '\n' + font.instance;
}

/// Which face it is, in whatever file.
std::string faceKeyOf(const FaceInfo& face)
{
    return face.family + '\n' + face.style + '\n' + face.version;
}

/// In small letters; of the shelf, what the person wrote as well.
QString searchTextOf(const FontEntry& entry, const ShelfFont* shelf)
{
    QString words = QString::fromStdString(entry.info.readableName());
    if (shelf) {
        for (const auto& more : {shelf->file_name, shelf->package, shelf->note})
            words += QLatin1Char(' ') + QString::fromStdString(more);
        for (const auto* more : {&shelf->sets, &shelf->tags})
            for (const auto& name : *more)
                words += QLatin1Char(' ') + QString::fromStdString(name);
    }
    return words.toLower();
}

double priceIn(const QString& text)
{
    static const QRegularExpression number(QStringLiteral("[0-9]+([.,][0-9]+)?"));
    const auto match = number.match(text);
    return match.hasMatch() ? match.captured().replace(QLatin1Char(','), QLatin1Char('.')).toDouble() : 0.0;
}

/// What the words come to in this font, for those who listen instead of look.
QString spoken(const FontPreview& preview)
{
    if (preview.error)
        return said(*preview.error);
    const auto& m = preview.card->marks;
    return QStringList{QObject::tr("%n piece(s)", nullptr, static_cast<int>(m.pieces)),
                       QObject::tr("%n middle(s)", nullptr, static_cast<int>(m.middles.size())),
                       QObject::tr("%n node(s)", nullptr, static_cast<int>(m.nodes))}
        .join(QStringLiteral(", "));
}

} // namespace

FontRef refOf(const FontEntry& entry)
{
    return {entry.path.string(), entry.info.choice.face, entry.info.choice.instance};
}

FontListModel::FontListModel(JobModel& job, FitService& fits, std::shared_ptr<FontRightsReader> rights,
                             QObject* parent)
    : QAbstractListModel(parent), m_job(job), m_fits(fits), m_rights(std::move(rights)), m_last_job(job.job())
{
    connect(&m_job, &JobModel::changed, this, &FontListModel::jobChanged);
}

int FontListModel::rowCount(const QModelIndex& parent) const
{
    return parent.isValid() ? 0 : static_cast<int>(m_rows.size());
}

QString FontListModel::name(int row) const
{
    const Row& r = at(row);
    if (r.listing)
        return r.listing->name;
    const QString name = QString::fromStdString(r.entry.info.readableName());
    return r.qualifier.isEmpty() ? name : tr("%1 (%2)").arg(name, r.qualifier);
}

QString FontListModel::fileName(int row) const
{
    return QString::fromStdString(shelf(row) ? shelf(row)->file_name : entry(row).path.filename().string());
}

int FontListModel::stylesOf(int row) const
{
    if (isListing(row))
        return static_cast<int>(listing(row).styles.size());
    return static_cast<int>(std::ranges::count_if(
        m_rows, [&](const Row& r) { return !r.listing && r.entry.info.family == entry(row).info.family; }));
}

QVariant FontListModel::data(const QModelIndex& index, int role) const
{
    if (!checkIndex(index, CheckIndexOption::IndexIsValid))
        return {};
    const Row& row = at(index.row());
    switch (role) {
    case Qt::DisplayRole:
        return name(index.row());
    case Qt::AccessibleTextRole: {
        QStringList said{name(index.row())};
        if (row.listing)
            said << tr("in the catalogue");
        if (row.preview)
            said << spoken(*row.preview);
        if (row.rights)
            said << ink::ui::said(nameOf(row.rights->dossier.verdict));
        return said.join(QStringLiteral(", "));
    }
    case Qt::ToolTipRole:
        return row.listing ? row.listing->description
               : row.shelf ? QString::fromStdString(row.shelf->file_name)
                           : QString::fromStdString(row.entry.path.string());
    default:
        return {};
    }
}

void FontListModel::addEntries(const std::vector<FontEntry>& entries)
{
    std::vector<Row> added;
    for (const auto& entry : entries) {
        if (const auto own = m_shelf_faces.find(faceKeyOf(entry.info));
            entry.origin == FontOrigin::Demo && own != m_shelf_faces.end())
            moveFile(entry.path, own->second);
        else if (m_known.insert(keyOf(refOf(entry))).second)
            added.push_back(rowFor(entry, nullptr));
    }
    insert(std::move(added));
}

FontListModel::Row FontListModel::rowFor(const FontEntry& entry, std::shared_ptr<const ShelfFont> shelf)
{
    Row row{entry, nullptr, std::move(shelf), m_next_slot++};
    row.search_text = searchTextOf(entry, row.shelf.get());
    return row;
}

template <class Gone>
void FontListModel::removeRowsIf(const Gone& isGone)
{
    for (int last = rowCount() - 1; last >= 0; --last) {
        if (!isGone(at(last)))
            continue;
        int first = last; // what stands together goes together
        while (first > 0 && isGone(at(first - 1)))
            --first;
        beginRemoveRows({}, first, last);
        for (int row = first; row <= last; ++row)
            m_known.erase(keyOf(refOf(at(row).entry)));
        m_rows.erase(m_rows.begin() + first, m_rows.begin() + last + 1);
        m_row_of_slot.clear();
        endRemoveRows();
        last = first;
    }
}

void FontListModel::setShelf(const std::shared_ptr<const ShelfContents>& shelf)
{
    m_shelf = shelf;
    m_rights->setShelf(shelf);
    removeRowsIf([&](const Row& r) { return r.shelf && !shelf->fontAt(r.entry.path); });
    for (auto& row : m_rows) {
        if (!row.shelf)
            continue;
        auto now = shelf->fontAt(row.entry.path);
        if (now->documents != row.shelf->documents)
            row.asked_for_rights = false;
        row.search_text = searchTextOf(row.entry, now.get());
        row.shelf = std::move(now);
    }
    std::vector<Row> added;
    for (const auto& font : shelf->fonts())
        for (const auto& face : font->faces) {
            const FontEntry entry{shelf->fileOf(font->sha256), face, FontOrigin::TakenIn};
            if (m_known.insert(keyOf(refOf(entry))).second)
                added.push_back(rowFor(entry, font));
        }
    insert(std::move(added));
    qualifyNames();
    // One that came with us and was put on the shelf stands there once.
    m_shelf_faces.clear();
    for (const auto& row : m_rows)
        if (row.shelf)
            m_shelf_faces[faceKeyOf(row.entry.info)] = row.entry.path;
    std::vector<std::filesystem::path> doubles;
    for (const auto& row : m_rows)
        if (!row.listing && row.entry.origin == FontOrigin::Demo &&
            m_shelf_faces.contains(faceKeyOf(row.entry.info)))
            doubles.push_back(row.entry.path);
    for (const auto& path : doubles)
        if (const int row = rowOfFile(path); row >= 0)
            moveFile(path, m_shelf_faces.at(faceKeyOf(entry(row).info)));
    if (!m_rows.empty())
        emit dataChanged(index(0), index(rowCount() - 1));
    emit learned();
}

/// Several files of the shelf may hold a font of the same name: then their file names tell them apart, and
/// where these are the same too, their versions.
void FontListModel::qualifyNames()
{
    std::unordered_map<std::string, std::vector<Row*>> by_name;
    for (auto& row : m_rows)
        if (row.shelf) {
            row.qualifier.clear();
            by_name[row.entry.info.readableName()].push_back(&row);
        }
    for (auto& [name, rows] : by_name) {
        if (rows.size() < 2)
            continue;
        const auto stemOf = [](const Row* row) {
            return QString::fromStdString(std::filesystem::path(row->shelf->file_name).stem().string());
        };
        for (auto* row : rows) {
            row->qualifier = stemOf(row);
            if (std::ranges::count(rows, row->qualifier, stemOf) > 1)
                row->qualifier = QString::fromStdString(row->entry.info.version);
        }
    }
}

int FontListModel::rowOfFile(const std::filesystem::path& path) const
{
    const auto found =
        std::ranges::find_if(m_rows, [&](const Row& r) { return !r.listing && r.entry.path == path; });
    return found == m_rows.end() ? -1 : static_cast<int>(found - m_rows.begin());
}

void FontListModel::insert(std::vector<Row> added)
{
    const auto key = [](const Row& r) { return sortKey(r.entry); };
    std::ranges::sort(added, {}, key);
    const auto own_end = [this] {
        return std::ranges::find_if(m_rows, [](const Row& r) { return r.listing != nullptr; });
    };
    // Thousands of system fonts arrive at once: what stands together goes in together.
    for (auto first = added.begin(); first != added.end();) {
        const auto end = own_end();
        const auto place = std::ranges::lower_bound(m_rows.begin(), end, key(*first), {}, key);
        auto last = first + 1;
        while (last != added.end() && (place == end || key(*last) < key(*place)))
            ++last;
        const auto row = static_cast<int>(place - m_rows.begin());
        beginInsertRows({}, row, row + static_cast<int>(last - first) - 1);
        m_rows.insert(place, std::make_move_iterator(first), std::make_move_iterator(last));
        m_row_of_slot.clear();
        endInsertRows();
        first = last;
    }
}

void FontListModel::addListings(const std::vector<Listing>& listings)
{
    if (listings.empty())
        return;
    beginInsertRows({}, rowCount(), rowCount() + static_cast<int>(listings.size()) - 1);
    m_rows.reserve(m_rows.size() + listings.size());
    for (const auto& listing : listings) {
        Row row{{}, std::make_shared<const Listing>(listing), nullptr, m_next_slot++};
        row.search_text = QStringList{listing.name, listing.foundry, listing.tags.join(QLatin1Char(' '))}
                              .join(QLatin1Char(' '))
                              .toLower();
        row.price = priceIn(listing.price);
        row.published_day = listing.published.left(10).remove(QLatin1Char('-')).toInt();
        m_rows.push_back(std::move(row));
    }
    m_row_of_slot.clear();
    endInsertRows();
}

void FontListModel::removeListings()
{
    const auto first = std::ranges::find_if(m_rows, [](const Row& r) { return r.listing != nullptr; });
    if (first == m_rows.end())
        return;
    beginRemoveRows({}, static_cast<int>(first - m_rows.begin()), rowCount() - 1);
    m_rows.erase(first, m_rows.end());
    m_row_of_slot.clear();
    endRemoveRows();
}

void FontListModel::removeFiles(const std::vector<std::filesystem::path>& files)
{
    const std::set<std::filesystem::path> gone(files.begin(), files.end());
    removeRowsIf([&](const Row& r) { return !r.listing && !r.shelf && gone.contains(r.entry.path); });
}

void FontListModel::moveFile(const std::filesystem::path& before, const std::filesystem::path& after)
{
    removeRowsIf([&](const Row& r) { return !r.listing && !r.shelf && r.entry.path == before; });
    m_job.fontMoved(before.string(), after.string());
}

int FontListModel::rowOf(const FontRef& font) const
{
    const auto found =
        std::ranges::find_if(m_rows, [&](const Row& r) { return !r.listing && refOf(r.entry) == font; });
    return found == m_rows.end() ? -1 : static_cast<int>(found - m_rows.begin());
}

int FontListModel::rowOfSlot(quint64 slot) const
{
    auto& rows = const_cast<QHash<quint64, int>&>(m_row_of_slot); // made again after rows moved
    if (rows.isEmpty())
        for (std::size_t i = 0; i < m_rows.size(); ++i)
            rows[m_rows[i].slot] = static_cast<int>(i);
    return rows.value(slot, -1);
}

void FontListModel::jobChanged()
{
    // Only what the words look like asks for new previews; the rest of the job does not redraw them.
    const auto& job = m_job.job();
    const bool same = job.words == m_last_job.words && job.size == m_last_job.size &&
                      job.tracking_em == m_last_job.tracking_em;
    const bool repaint = job.unit != m_last_job.unit || job.process != m_last_job.process ||
                         job.purpose != m_last_job.purpose || job.own_limits != m_last_job.own_limits;
    m_last_job = job;
    if (same && !repaint)
        return;
    if (!same)
        ++m_job_serial;
    if (!m_rows.empty())
        emit dataChanged(index(0), index(rowCount() - 1));
    emit learned();
}

void FontListModel::took(quint64 slot, const FitResult& result)
{
    const int row = rowOfSlot(slot);
    if (row < 0)
        return;
    auto preview = std::make_shared<FontPreview>();
    if (result)
        preview->card = *result;
    else
        preview->error = result.error();
    auto& of = m_rows[static_cast<std::size_t>(row)];
    of.preview = std::move(preview);
    of.made_for = of.asked_for; // older requests of a slot give no answer
    emit dataChanged(index(row), index(row));
    emit learned();
}

const FontPreview* FontListModel::preview(int row)
{
    auto& r = m_rows[static_cast<std::size_t>(row)];
    if (r.asked_for != m_job_serial) {
        r.asked_for = m_job_serial;
        const auto done = [this, slot = r.slot](const FitResult& result) { took(slot, result); };
        if (r.listing)
            m_fits.requestListing(r.slot, m_job.job(), *r.listing, {}, {}, -1, done);
        else
            m_fits.request(r.slot, m_job.job(), refOf(r.entry), {}, -1, done);
    }
    return r.preview.get();
}

const FontRights* FontListModel::rights(int row)
{
    auto& r = m_rows[static_cast<std::size_t>(row)];
    if (!r.listing && !r.asked_for_rights) {
        r.asked_for_rights = true;
        constexpr quint64 kRightsSlots = quint64{1} << 40; // beside the marks' slots
        m_fits.pool().run(kRightsSlots + r.slot, -2,
                          [this, slot = r.slot, path = r.entry.path,
                           reader = m_rights](const CancelToken& token) -> SlotPool::Answer {
                              auto read = reader->read(path, token);
                              return [this, slot, read = std::move(read)] {
                                  const int at_row = rowOfSlot(slot);
                                  if (at_row < 0 || !read)
                                      return;
                                  m_rows[static_cast<std::size_t>(at_row)].rights =
                                      std::make_shared<const FontRights>(*read);
                                  emit dataChanged(index(at_row), index(at_row));
                                  emit learned();
                              };
                          });
    }
    return r.rights.get();
}

void FontListModel::forgetRights(int row)
{
    auto& r = m_rows[static_cast<std::size_t>(row)];
    r.asked_for_rights = false;
    rights(row);
}

void FontListModel::setRecord(int row, const RightsRecord& record)
{
    auto& r = m_rows[static_cast<std::size_t>(row)];
    if (!r.rights)
        return;
    auto rights = *r.rights;
    rights.record = record;
    r.rights = std::make_shared<const FontRights>(std::move(rights));
}

void FontListModel::forgetRightsOf(const std::vector<std::string>& sha256s)
{
    for (int row = 0; row < rowCount(); ++row)
        if (shelf(row) && std::ranges::find(sha256s, shelf(row)->sha256) != sha256s.end())
            forgetRights(row);
}

std::vector<std::uint32_t> FontListModel::othersMarks(int row) const
{
    std::vector<std::uint32_t> glyphs;
    if (const Row& r = at(row); r.rights)
        for (const auto& flagged : r.rights->record.others_marks)
            if (flagged.face == r.entry.info.choice.face)
                glyphs.push_back(flagged.glyph_id);
    return glyphs;
}

void FontListModel::askAgainForFailedListings()
{
    // Asking is left to the painting of the rows: thousands of listings may have failed.
    for (Row& r : m_rows)
        if (r.listing && r.preview && r.preview->error)
            r.asked_for = 0;
    if (!m_rows.empty())
        emit dataChanged(index(0), index(rowCount() - 1));
}

void FontListModel::askForAll(int most)
{
    for (int row = 0; row < std::min(most, rowCount()); ++row) {
        preview(row);
        rights(row);
    }
}

} // namespace ink::ui
