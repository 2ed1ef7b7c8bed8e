#include "ui/font_library.h"

#include "core/base/user_folders.h"

#include <QMetaObject>
#include <QSet>

#include <algorithm>
#include <iterator>
#include <utility>

namespace ink::ui {
namespace {

namespace fs = std::filesystem;

constexpr int kSettled_ms = 800;
/// The system lets a person watch some thousands, of all programs together.
constexpr std::size_t kMostFolders = 1000;

QStringList foldersBelow(const fs::path& root)
{
    QStringList folders{QString::fromStdString(root.string())};
    std::error_code problem;
    fs::recursive_directory_iterator walk(root, fs::directory_options::skip_permission_denied, problem);
    for (;
         !problem && walk != fs::recursive_directory_iterator() && std::size_t(folders.size()) < kMostFolders;
         walk.increment(problem))
        if (std::error_code ignored; walk->is_directory(ignored))
            folders << QString::fromStdString(walk->path().string());
    return folders;
}

QStringList foldersOf(const std::vector<FontEntry>& entries)
{
    std::set<fs::path> folders{userDataFolder() / "fonts"};
    for (const auto& entry : entries)
        if (folders.size() < kMostFolders)
            folders.insert(entry.path.parent_path());
    QStringList out;
    for (const auto& folder : folders)
        if (std::error_code ignored; fs::is_directory(folder, ignored))
            out << QString::fromStdString(folder.string());
    return out;
}

} // namespace

FontLibrary::FontLibrary(QObject* parent) : QObject(parent)
{
    m_pool.setMaxThreadCount(1); // the disk is the bottleneck, and demo fonts come first
    m_settled.setSingleShot(true);
    m_settled.setInterval(kSettled_ms);
    connect(&m_settled, &QTimer::timeout, this, &FontLibrary::lookAgain);
    connect(&m_watcher, &QFileSystemWatcher::directoryChanged, this, [this](const QString& folder) {
        for (auto& place : m_places)
            place.has_changed = place.has_changed || place.folders.contains(folder);
        m_settled.start();
    });
}

FontLibrary::~FontLibrary()
{
    m_cancel.cancel();
    m_pool.clear();
    m_pool.waitForDone();
}

void FontLibrary::run(const Search& search, std::size_t place)
{
    ++m_running;
    m_pool.start([this, search, place, cancel = m_cancel.token()] {
        auto looked = search(cancel);
        QMetaObject::invokeMethod(
            this,
            [this, place, looked = std::move(looked)]() mutable {
                take(std::move(looked), place);
                if (--m_running == 0)
                    emit searchEnded();
            },
            Qt::QueuedConnection);
    });
}

void FontLibrary::take(Looked looked, std::size_t place)
{
    auto& [entries, refused] = looked.findings;
    if (place == kOnce)
        return void(emit found(entries, refused));
    auto& known = m_places[place];
    std::set<fs::path> files;
    for (const auto& entry : entries)
        files.insert(entry.path);
    std::vector<fs::path> gone;
    std::ranges::set_difference(known.files, files, std::back_inserter(gone));
    known.files = std::move(files);
    std::set<std::string> refused_now;
    for (const auto& error : refused)
        refused_now.insert(error.subject);
    std::erase_if(refused, [&](const Error& error) { return known.refused.contains(error.subject); });
    known.refused = std::move(refused_now);
    watch(known, looked.folders);
    if (!gone.empty())
        emit vanished(gone);
    emit found(entries, refused);
}

void FontLibrary::watch(Place& place, const QStringList& folders)
{
    // One that was taken away and made again is watched no more.
    const auto watched = m_watcher.directories();
    const QSet<QString> known(watched.begin(), watched.end());
    QStringList fresh;
    for (const auto& folder : folders)
        if (!known.contains(folder))
            fresh << folder;
    place.folders = folders;
    if (!fresh.isEmpty())
        m_watcher.addPaths(fresh); // what cannot be watched is found with the next start
}

void FontLibrary::lookAgain()
{
    if (isSearching())
        return m_settled.start();
    for (std::size_t i = 0; i < m_places.size(); ++i)
        if (std::exchange(m_places[i].has_changed, false))
            run(m_places[i].search, i);
}

void FontLibrary::addPlace(Search search)
{
    m_places.push_back({std::move(search), {}, {}, {}, false});
    run(m_places.back().search, m_places.size() - 1);
}

void FontLibrary::addFolder(const QString& folder, FontOrigin origin)
{
    const auto search = [path = fs::path(folder.toStdString()), origin](const CancelToken& cancel) -> Looked {
        auto found = fontsInFolder(path, origin, cancel);
        return {found ? std::move(*found) : FontFindings{{}, {found.error()}}, foldersBelow(path)};
    };
    if (origin == FontOrigin::Demo)
        run(search, kOnce);
    else
        addPlace(search);
}

void FontLibrary::addFiles(const QStringList& files)
{
    std::vector<fs::path> paths;
    for (const auto& file : files)
        paths.emplace_back(file.toStdString());
    run(
        [paths](const CancelToken& cancel) -> Looked {
            return {fontsInFiles(paths, FontOrigin::Dropped, cancel), {}};
        },
        kOnce);
}

void FontLibrary::addSystemFonts()
{
    addPlace([](const CancelToken& cancel) -> Looked {
        auto found = systemFonts(cancel);
        auto folders = foldersOf(found.entries);
        return {std::move(found), std::move(folders)};
    });
}

} // namespace ink::ui
