// Takes pictures of the main views of the running window: for docs/screenshots and for machines
// without a display.
#pragma once

#include "ui/main_window.h"

#include <QDir>
#include <QObject>

namespace ink::app {

/// Goes through the main views one after the other; when each has come to rest, its picture is
/// written to `folder` as find.png, compose.png, … Then the application ends, with status 1 when a
/// picture could not be written.
class Pictures : public QObject
{
    Q_OBJECT
public:
    /// `catalogue` is the folder of the demo catalogue.
    Pictures(ui::MainWindow& window, const QDir& folder, const QString& catalogue);
    void start();

private:
    struct View
    {
        QString name;
        std::function<void()> open;
    };
    void openNext();
    void takeWhenAtRest(int calm_checks);

    ui::MainWindow& m_window;
    QDir m_folder;
    std::vector<View> m_views;
    std::size_t m_at = 0;
};

} // namespace ink::app
