// The handbook beside the window: pages of text and pictures that ship with the application.
#pragma once

#include "ui/theme.h"

#include <QDialog>

class QPushButton;
class QTextBrowser;

namespace ink::ui {

/// The pages in the first of the person's languages that `folder` has: its own are English, each other language has a folder in it
/// ("de").
QString handbookIn(const QString& folder, const QLocale& locale);

class HandbookWindow : public QDialog
{
    Q_OBJECT
public:
    /// `folder` holds the pages (docs/handbook).
    HandbookWindow(const QString& folder, const Theme& theme, QWidget* parent = nullptr);

    /// "find.md"; a page that is not there opens the first.
    void openPage(const QString& page);
    QString page() const;

private:
    void showPlace();

    QString m_folder;
    QTextBrowser* m_text = nullptr;
    QPushButton *m_back = nullptr, *m_forward = nullptr;
};

} // namespace ink::ui
