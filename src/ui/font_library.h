// All fonts that can be chosen, found without holding up the window, and looked for again where their folders change.
#pragma once

#include "shelf/font_sources.h"

#include <QFileSystemWatcher>
#include <QObject>
#include <QStringList>
#include <QThreadPool>
#include <QTimer>

#include <functional>
#include <set>
#include <vector>

namespace ink::ui {

class FontLibrary : public QObject
{
    Q_OBJECT
public:
    explicit FontLibrary(QObject* parent = nullptr);
    ~FontLibrary() override;

    /// Look through these in the background; results arrive with found(). Folders, but those that came with us, and what the
    /// system has are looked through again when they change.
    void addFolder(const QString& folder, FontOrigin origin);
    void addFiles(const QStringList& files);
    void addSystemFonts();

    bool isSearching() const { return m_running > 0; }

signals:
    /// Faces in order, and what could not be used; of a place that changed, all its faces and what is refused since.
    void found(const std::vector<ink::FontEntry>& entries, const std::vector<ink::Error>& refused);
    /// Files that were told of and are not there any more.
    void vanished(const std::vector<std::filesystem::path>& files);
    /// The last running search ended.
    void searchEnded();

private:
    struct Looked
    {
        FontFindings findings;
        /// Where a change would be one of this place.
        QStringList folders;
    };
    using Search = std::function<Looked(const CancelToken&)>;
    /// What is looked through again when it changes.
    struct Place
    {
        Search search;
        std::set<std::filesystem::path> files;
        std::set<std::string> refused;
        QStringList folders;
        bool has_changed = false;
    };

    static constexpr std::size_t kOnce = ~std::size_t{0};
    void addPlace(Search search);
    void run(const Search& search, std::size_t place);
    void take(Looked looked, std::size_t place);
    void watch(Place& place, const QStringList& folders);
    void lookAgain();

    QThreadPool m_pool;
    CancelSource m_cancel;
    int m_running = 0;
    std::vector<Place> m_places;
    QFileSystemWatcher m_watcher;
    /// Files are copied one after the other: changes are waited for until there are no more.
    QTimer m_settled;
};

} // namespace ink::ui
