#include "ui/find/arrivals.h"

#include <QDir>

namespace ink::ui {
namespace {

constexpr auto kWatchKey = "find/watch-downloads";
/// The newest in the download folder; more at once would be a list of their own.
constexpr int kMostOffered = 3;

} // namespace

Arrivals::Arrivals(JobModel& job, FontListModel& fonts, CatalogueClient& catalogue, ShelfKeeper& shelf,
                   std::filesystem::path inbox, QString downloads, const Theme& theme, QWidget* parent)
    : QObject(parent), m_job(job), m_fonts(fonts), m_catalogue(catalogue), m_inbox(std::move(inbox)),
      m_downloads(std::move(downloads)),
      m_intake(new IntakePage(job, fonts.fits().pool(), shelf, theme, parent)),
      m_transfers(
          new Transfers(catalogue, QString::fromStdString((m_inbox / "packages").string()), theme, parent))
{
    connect(m_intake, &IntakePage::problem, this, &Arrivals::problem);
    connect(m_intake, &IntakePage::taken, this, &Arrivals::took);
    connect(m_intake, &IntakePage::setWanted, this, [this](const std::string& sha256) {
        for (int row = 0; row < m_fonts.rowCount() && !m_fonts.isListing(row); ++row)
            if (const auto* on_shelf = m_fonts.shelf(row); on_shelf && on_shelf->sha256 == sha256) {
                m_job.setFont(refOf(m_fonts.entry(row)));
                return emit composeWanted();
            }
    });
    connect(m_transfers, &Transfers::openWanted, this, &Arrivals::open);
    connect(&m_watcher, &QFileSystemWatcher::directoryChanged, this, &Arrivals::lookInDownloads);
    if (watchesDownloads())
        watchDownloads(true);
}

std::vector<OwnedFont> Arrivals::owned() const
{
    std::vector<OwnedFont> fonts;
    for (int row = 0; row < m_fonts.rowCount() && !m_fonts.isListing(row); ++row) {
        const auto& entry = m_fonts.entry(row);
        const auto* shelf = m_fonts.shelf(row);
        fonts.push_back({entry.path, entry.info.family, entry.info.style, entry.info.version,
                         shelf ? shelf->file_name : entry.path.filename().string(), shelf ? shelf->id : 0,
                         shelf ? shelf->sha256 : std::string()});
    }
    return fonts;
}

void Arrivals::open(const QString& path, const QString& listing)
{
    m_intake->open(path, owned(), listing);
    emit opened();
}

void Arrivals::fetch(int row)
{
    const Listing listing = m_fonts.listing(row);
    m_catalogue.details(listing.id, [this, listing](const Result<ListingDetails>& details) {
        if (!details)
            return void(emit problem(details.error()));
        m_transfers->start(
            {m_catalogue.packageUrl(listing.package), listing.package, details->bytes, details->sha256},
            listing.claim);
    });
}

void Arrivals::buy(int row)
{
    m_catalogue.buy(m_fonts.listing(row).id, [this](const Result<Purchase>& purchase) {
        if (!purchase)
            return void(emit problem(purchase.error()));
        // The receipt is in the package as well; the dossier files it as evidence when that is taken in.
        m_transfers->start(
            {m_catalogue.packageUrl(purchase->package), purchase->package, purchase->bytes, purchase->sha256},
            {});
    });
}

void Arrivals::took(const std::vector<std::string>& digests, const QString& listing,
                    const std::vector<ReplacedFont>& replaced)
{
    for (const auto& [before, after] : replaced)
        if (FontRef font = m_job.job().font; font.path == before.string()) { // undo goes back to the old one
            font.path = after.string();
            m_job.setFont(font);
        }
    const auto& store = m_fonts.rightsReader().store();
    if (!listing.isEmpty())
        for (const auto& sha256 : digests)
            if (auto record = store.load(sha256); record && record->listing.empty()) {
                record->listing = listing.toStdString();
                if (const auto saved = store.save(sha256, *record); !saved)
                    emit problem(saved.error());
            }
    if (!listing.isEmpty())
        m_fonts.forgetRightsOf(digests);
}

QSettings Arrivals::settings() const
{
    return QSettings(QString::fromStdString((m_inbox.parent_path() / "settings.ini").string()),
                     QSettings::IniFormat);
}

bool Arrivals::watchesDownloads() const
{
    return settings().value(kWatchKey).toBool();
}

void Arrivals::watchDownloads(bool is_on)
{
    settings().setValue(kWatchKey, is_on);
    if (!m_watcher.directories().isEmpty())
        m_watcher.removePaths(m_watcher.directories());
    if (!is_on || m_downloads.isEmpty())
        return;
    m_watcher.addPath(m_downloads);
    lookInDownloads(m_downloads);
}

void Arrivals::lookInDownloads(const QString& folder)
{
    const auto files = QDir(folder).entryInfoList({QStringLiteral("*.zip"), QStringLiteral("*.7z"),
                                                   QStringLiteral("*.rar"), QStringLiteral("*.tar.gz")},
                                                  QDir::Files | QDir::Readable, QDir::Time);
    for (const auto& file : files.mid(0, kMostOffered))
        m_transfers->offer(file.absoluteFilePath());
}

} // namespace ink::ui
