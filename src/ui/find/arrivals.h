// How packages arrive: fetched, bought, dropped, or found in the download folder; and what is done once their
// fonts are taken in.
#pragma once

#include "ui/find/font_list_model.h"
#include "ui/find/intake_page.h"
#include "ui/find/transfers.h"

#include <QFileSystemWatcher>
#include <QSettings>

namespace ink::ui {

class Arrivals : public QObject
{
    Q_OBJECT
public:
    /// Packages lie under `inbox`/packages, what is taken out of them goes to the shelf. `downloads` is the
    /// person's download folder, empty when there is none. Makes both widgets as children of `parent`.
    Arrivals(JobModel& job, FontListModel& fonts, CatalogueClient& catalogue, ShelfKeeper& shelf,
             std::filesystem::path inbox, QString downloads, const Theme& theme, QWidget* parent);

    IntakePage* intake() { return m_intake; }
    Transfers* transfers() { return m_transfers; }
    bool isIdle() const { return m_transfers->isIdle() && m_intake->isIdle(); }

    void open(const QString& path, const QString& listing = {});
    /// The package of a listing.
    void fetch(int row);
    /// The full package that the listing's shop sells.
    void buy(int row);
    bool watchesDownloads() const;
    void watchDownloads(bool is_on);

signals:
    /// A package is being looked into.
    void opened();
    void composeWanted();
    void problem(const ink::Error& error);

private:
    void lookInDownloads(const QString& folder);
    void took(const std::vector<std::string>& digests, const QString& listing,
              const std::vector<ReplacedFont>& replaced);
    std::vector<OwnedFont> owned() const;
    QSettings settings() const;

    JobModel& m_job;
    FontListModel& m_fonts;
    CatalogueClient& m_catalogue;
    std::filesystem::path m_inbox;
    QString m_downloads;
    IntakePage* m_intake;
    Transfers* m_transfers;
    QFileSystemWatcher m_watcher;
};

} // namespace ink::ui
