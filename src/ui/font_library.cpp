#include "ui/font_library.h"

#include <QMetaObject>

#include <functional>

namespace ink::ui {

FontLibrary::FontLibrary(QObject* parent) : QObject(parent)
{
    m_pool.setMaxThreadCount(1); // the disk is the bottleneck, and demo fonts come first
}

FontLibrary::~FontLibrary()
{
    m_cancel.cancel();
    m_pool.clear();
    m_pool.waitForDone();
}

void FontLibrary::run(std::function<FontFindings(const CancelToken&)> search)
{
    ++m_running;
    m_pool.start([this, search = std::move(search), cancel = m_cancel.token()] {
        auto findings = search(cancel);
        QMetaObject::invokeMethod(
            this,
            [this, findings = std::move(findings)] {
                emit found(findings.entries, findings.refused);
                if (--m_running == 0)
                    emit searchEnded();
            },
            Qt::QueuedConnection);
    });
}

void FontLibrary::addFolder(const QString& folder, FontOrigin origin)
{
    run([path = std::filesystem::path(folder.toStdString()), origin](const CancelToken& cancel) {
        auto found = fontsInFolder(path, origin, cancel);
        return found ? std::move(*found) : FontFindings{{}, {found.error()}};
    });
}

void FontLibrary::addFiles(const QStringList& files)
{
    std::vector<std::filesystem::path> paths;
    for (const auto& file : files)
        paths.emplace_back(file.toStdString());
    run([paths](const CancelToken& cancel) { return fontsInFiles(paths, FontOrigin::Dropped, cancel); });
}

void FontLibrary::addSystemFonts()
{
    run([](const CancelToken& cancel) { return systemFonts(cancel); });
}

} // namespace ink::ui
