// A package opened: what is in it, what of it is taken, and what it says about selling.
#pragma once

#include "core/intake/package_rights.h"
#include "ui/slot_pool.h"
#include "ui/theme.h"

#include <QWidget>

class QLabel;
class QProgressBar;
class QPushButton;
class QTreeWidget;
class QTreeWidgetItem;

namespace ink::ui {

class Choice;

/// A font the person has already.
struct OwnedFont
{
    std::filesystem::path path;
    std::string family, style, version;
};

/// How a font of a package relates to those the person has.
enum class Ownership { New, SameContent, SameNameAndVersion, OtherVersion };

struct OwnershipFound
{
    Ownership ownership = Ownership::New;
    std::filesystem::path owned;
};

/// A font that gave way to another one.
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
    IntakePage(SlotPool& pool, const Theme& theme, std::filesystem::path inbox, QWidget* parent = nullptr);

    /// Looks into a package in the background; `listing` is what the catalogue said of it, empty otherwise.
    void open(const QString& path, std::vector<OwnedFont> owned, const QString& listing = {},
              bool lift_limits = false);
    bool isIdle() const { return !m_is_busy; }

signals:
    void backWanted();
    /// Fonts now lie in `folder`; the fonts' digests with what the listing said.
    void taken(const QString& folder, const std::vector<std::string>& sha256s, const QString& listing,
               const std::vector<ink::ui::ReplacedFont>& replaced);
    void problem(const ink::Error& error);

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    struct Looked
    {
        PackageContents contents;
        std::vector<OwnershipFound> ownership;
        std::vector<Dossier> dossiers; // of fonts, in the order of contents.fonts()
    };
    static std::vector<ReplacedFont> moveReplaced(const Looked& looked, const Taken& taken,
                                                  const std::filesystem::path& inbox);
    void show(std::shared_ptr<const Looked> looked);
    void fill();
    void take();
    void setBusy(bool is_busy, const QString& words);
    std::vector<std::size_t> chosen() const;
    void showChoice();
    void tickOwned();
    void layoutColumns();

    SlotPool& m_pool;
    const Theme& m_theme;
    std::filesystem::path m_inbox;
    QString m_path, m_listing;
    std::vector<OwnedFont> m_owned;
    std::shared_ptr<const Looked> m_looked;
    bool m_is_busy = false;
    bool m_is_filling = false;

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
