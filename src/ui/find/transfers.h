// Packages on their way into the inbox, at the foot of Find: progress, pause, go on, cancel, open.
#pragma once

#include "services/download.h"
#include "ui/theme.h"

#include <QWidget>

class QVBoxLayout;

namespace ink::ui {

class Transfers : public QWidget
{
    Q_OBJECT
public:
    Transfers(CatalogueClient& catalogue, QString folder, const Theme& theme, QWidget* parent = nullptr);

    /// `listing` is handed on when the package is opened.
    void start(const Download::Wanted& wanted, const QString& listing);
    /// A package that lies somewhere already.
    void offer(const QString& file);
    bool isIdle() const;

signals:
    void openWanted(const QString& file, const QString& listing);

private:
    void addRow(Download* download, const QString& listing);

    CatalogueClient& m_catalogue;
    QString m_folder;
    const Theme& m_theme;
    QVBoxLayout* m_column;
    QList<Download*> m_downloads;
    QStringList m_offered;
};

} // namespace ink::ui
