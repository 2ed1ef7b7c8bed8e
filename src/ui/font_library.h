// All fonts that can be chosen, found without holding up the window.
#pragma once

#include "shelf/font_sources.h"

#include <QObject>
#include <QStringList>
#include <QThreadPool>

#include <vector>

namespace ink::ui {

class FontLibrary : public QObject
{
    Q_OBJECT
public:
    explicit FontLibrary(QObject* parent = nullptr);
    ~FontLibrary() override;

    /// Look through these in the background; results arrive with found().
    void addFolder(const QString& folder, FontOrigin origin);
    void addFiles(const QStringList& files);
    void addSystemFonts();

    bool isSearching() const { return m_running > 0; }

signals:
    /// Faces not yet told of, in order, and what could not be used.
    void found(const std::vector<ink::FontEntry>& entries, const std::vector<ink::Error>& refused);
    /// The last running search ended.
    void searchEnded();

private:
    void run(std::function<FontFindings(const CancelToken&)> search);

    QThreadPool m_pool;
    CancelSource m_cancel;
    int m_running = 0;
};

} // namespace ink::ui
