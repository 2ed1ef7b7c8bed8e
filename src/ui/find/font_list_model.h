// The fonts as a list, own ones and the catalogue's, each with what the job's words become in it.
#pragma once

#include "shelf/font_sources.h"
#include "ui/fit_service.h"
#include "ui/job_model.h"

#include <QAbstractListModel>

#include <memory>
#include <optional>
#include <string>
#include <unordered_map>
#include <unordered_set>
#include <vector>

namespace ink::ui {

/// The words in one font, ready to paint.
struct FontPreview
{
    /// Null with an error.
    std::shared_ptr<const FitCard> card;
    std::optional<Error> error;
};

class FontListModel : public QAbstractListModel
{
    Q_OBJECT
public:
    FontListModel(JobModel& job, FitService& fits, std::shared_ptr<FontRightsReader> rights,
                  QObject* parent = nullptr);

    int rowCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;

    /// Adds faces that are not there yet; demo fonts stand first, the system's last.
    void addEntries(const std::vector<FontEntry>& entries);
    /// The catalogue's, behind the person's own fonts.
    void addListings(const std::vector<Listing>& listings);
    void removeListings();
    /// Files that are not there any more; what is on the shelf stays.
    void removeFiles(const std::vector<std::filesystem::path>& files);
    /// What is on the shelf now: its fonts join the list or leave it.
    void setShelf(const std::shared_ptr<const ShelfContents>& shelf);
    /// A file lies elsewhere now, and so does the font of the job.
    void moveFile(const std::filesystem::path& before, const std::filesystem::path& after);

    bool isListing(int row) const { return at(row).listing != nullptr; }
    const FontEntry& entry(int row) const { return at(row).entry; }
    const Listing& listing(int row) const { return *at(row).listing; }
    /// What the shelf knows of it; null for what does not lie there.
    const ShelfFont* shelf(int row) const { return at(row).shelf.get(); }
    bool isSetAside(int row) const { return shelf(row) && shelf(row)->state == ShelfState::SetAside; }
    QString name(int row) const;
    /// As it was called when it came; on the shelf, files have other names.
    QString fileName(int row) const;
    /// What a search looks at, in small letters: the name, and of a listing its foundry and tags.
    const QString& searchText(int row) const { return at(row).search_text; }
    /// What the catalogue asks for it, as a number of whatever money; what is here costs nothing any more.
    double price(int row) const { return at(row).price; }
    /// The day it was published, 20261125; 0 for own fonts.
    int publishedDay(int row) const { return at(row).published_day; }
    /// Styles of the same family: of a listing, or among the person's own fonts.
    int stylesOf(int row) const;
    /// -1 when the font is not in the list.
    int rowOf(const FontRef& font) const;

    /// The last preview made, even when the job has changed since; null before the first. Asks for a
    /// new one where it is out of date.
    const FontPreview* preview(int row);
    /// The same without asking.
    const FontPreview* known(int row) const { return at(row).preview.get(); }
    /// The known one is of the job as it is now.
    bool isFresh(int row) const { return at(row).preview && at(row).made_for == m_job_serial; }
    /// Null as long as it is being read, for listings, and where it cannot be read. Asks for it.
    const FontRights* rights(int row);
    const FontRights* knownRights(int row) const { return at(row).rights.get(); }
    void forgetRights(int row);
    /// What the person added, where the rights are known: the verdict follows when it was read again.
    void setRecord(int row, const RightsRecord& record);
    /// Of fonts of the shelf.
    void forgetRightsOf(const std::vector<std::string>& sha256s);
    /// Glyphs that the person flagged as somebody else's mark.
    std::vector<std::uint32_t> othersMarks(int row) const;
    /// Once more for the listings whose last answer was an error, as they come into sight.
    void askAgainForFailedListings();
    /// Asks for the marks of rows out of sight as well, up to `most`: filters need them.
    void askForAll(int most);

    FitService& fits() { return m_fits; }
    /// As it was told the last time; null before.
    const ShelfContents* shelfContents() const { return m_shelf.get(); }
    FontRightsReader& rightsReader() { return *m_rights; }
    const Job& job() const { return m_job.job(); }

signals:
    /// Marks or rights arrived: filters may want another look.
    void learned();

private:
    struct Row
    {
        FontEntry entry;
        std::shared_ptr<const Listing> listing;
        std::shared_ptr<const ShelfFont> shelf;
        quint64 slot = 0;
        quint64 asked_for = 0; // the job's serial the newest request was made for
        quint64 made_for = 0;
        bool asked_for_rights = false;
        std::shared_ptr<FontPreview> preview = nullptr;
        std::shared_ptr<const FontRights> rights = nullptr;
        /// What tells fonts of one name apart: "maypole-heavy".
        QString qualifier = {};
        QString search_text = {};
        double price = 0.0;
        int published_day = 0;
    };
    const Row& at(int row) const { return m_rows[static_cast<std::size_t>(row)]; }
    void jobChanged();
    int rowOfSlot(quint64 slot) const;
    void took(quint64 slot, const FitResult& result);
    void insert(std::vector<Row> added);
    void qualifyNames();
    int rowOfFile(const std::filesystem::path& path) const;
    Row rowFor(const FontEntry& entry, std::shared_ptr<const ShelfFont> shelf);
    template <class Gone>
    void removeRowsIf(const Gone& isGone);

    JobModel& m_job;
    FitService& m_fits;
    std::shared_ptr<FontRightsReader> m_rights;
    std::shared_ptr<const ShelfContents> m_shelf;
    std::vector<Row> m_rows;
    std::unordered_set<std::string> m_known;
    /// Files of the shelf by the face they hold.
    std::unordered_map<std::string, std::filesystem::path> m_shelf_faces;
    QHash<quint64, int> m_row_of_slot;
    quint64 m_next_slot = 1000;
    quint64 m_job_serial = 1;
    Job m_last_job;
};

FontRef refOf(const FontEntry& entry);

/// One font of the list, wherever its row goes while others come and go; -1 once it is gone.
class FontRow
{
public:
    FontRow() = default;
    FontRow(const FontListModel& fonts, int row) : m_index(fonts.index(row)) {}
    operator int() const { return m_index.isValid() ? m_index.row() : -1; }

private:
    QPersistentModelIndex m_index;
};

} // namespace ink::ui
