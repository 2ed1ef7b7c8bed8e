// A package opened: what is in it, what of it is taken, and what it says about selling.
#pragma once

#include "core/intake/package_rights.h"
#include "ui/job_model.h"
#include "ui/shelf_keeper.h"
#include "ui/slot_pool.h"
#include "ui/theme.h"

#include <QPainterPath>
#include <QWidget>

class QLabel;
class QProgressBar;
class QPushButton;
class QStackedLayout;
class QTreeWidget;
class QTreeWidgetItem;

namespace ink::ui {

class Choice;
class LettersPage;

/// A font the person has already.
struct OwnedFont
{
    std::filesystem::path path;
    std::string family, style, version;
    /// As it was called when it came.
    std::string file_name = {};
    /// On the shelf; 0 when it lies elsewhere.
    std::int64_t shelf_id = 0;
    std::string sha256 = {};
};

/// How a font of a package relates to those the person has.
enum class Ownership { New, SameContent, SameNameAndVersion, OtherVersion };

struct OwnershipFound
{
    Ownership ownership = Ownership::New;
    OwnedFont owned = {};
};

/// A font of the shelf that gave way to another one, by the files of both.
struct ReplacedFont
{
    std::filesystem::path before, after;
};

/// Reads owned files of the same size for their digest. Errors are taken as "not the same".
OwnershipFound ownershipOf(const PackageEntry& font, const std::vector<OwnedFont>& owned);

class IntakePage : public QWidget
{
    Q_OBJECT
public:
    IntakePage(JobModel& job, SlotPool& pool, ShelfKeeper& shelf, const Theme& theme,
               QWidget* parent = nullptr);

    /// Looks into a package in the background; `listing` is what the catalogue said of it, empty otherwise.
    void open(const QString& path, std::vector<OwnedFont> owned, const QString& listing = {},
              bool lift_limits = false);
    bool isIdle() const { return !m_is_busy; }

signals:
    void backWanted();
    /// Fonts are on the shelf now; with what the listing said.
    void taken(const std::vector<std::string>& sha256s, const QString& listing,
               const std::vector<ink::ui::ReplacedFont>& replaced);
    /// The words are to be set in a font that was taken in.
    void setWanted(const std::string& sha256);
    void problem(const ink::Error& error);

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    struct Looked
    {
        PackageContents contents;
        std::vector<OwnershipFound> ownership;
        std::vector<Dossier> dossiers; // of fonts, in the order of contents.fonts()
        /// The job's words in each font, of those that come first.
        std::vector<QPainterPath> words;
    };
    static std::vector<QPainterPath> wordsIn(const PackageContents& contents, const std::string& words,
                                             const CancelToken& token);
    QIcon pictureOf(const QPainterPath& words) const;
    void show(std::shared_ptr<const Looked> looked);
    void fill();
    void take();
    void setBusy(bool is_busy, const QString& words);
    std::vector<std::size_t> chosen() const;
    void showChoice();
    void tickOwned();
    void layoutColumns();
    /// Stitched letters of the package: looked through, and put right.
    void lookAtLetters();
    void putRight(const Alphabet& letters);
    std::optional<std::size_t> lettersEntry() const;

    JobModel& m_job;
    SlotPool& m_pool;
    const Theme& m_theme;
    ShelfKeeper& m_shelf;
    QString m_path, m_listing;
    std::vector<OwnedFont> m_owned;
    std::shared_ptr<const Looked> m_looked;
    bool m_is_busy = false;
    bool m_is_filling = false;
    /// The font that the words can be set in next; empty before one was taken in.
    std::string m_set_next;

    QStackedLayout* m_stack = nullptr;
    LettersPage* m_letters = nullptr;
    /// The entry whose letters are looked at.
    std::size_t m_letters_entry = 0;
    QPushButton* m_look = nullptr;
    QLabel* m_name = nullptr;
    QLabel* m_notes = nullptr;
    QPushButton* m_lift = nullptr;
    QTreeWidget* m_tree = nullptr;
    Choice* m_conflict = nullptr;
    QPushButton* m_take = nullptr;
    QPushButton* m_stop = nullptr;
    QLabel* m_state = nullptr;
};

} // namespace ink::ui
