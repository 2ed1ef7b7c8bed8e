// Questions that open a dialog.
#pragma once

#include "ui/find/dossier_view.h"
#include "ui/shelf/shelf_page.h"

#include <QString>
#include <QStringList>

#include <functional>
#include <memory>
#include <optional>

class QPrinter;

namespace ink::ui {

/// Asks for a file to save to; empty when the person changed their mind. What it returns has the ending of `suggested`, whatever was
/// typed, and a file that is there is asked about first.
QString askWhereTo(QWidget* parent, const QString& title, const QString& suggested,
                   const QString& filter = {});

/// Questions that open a dialog; tests put their answers here.
struct Questions
{
    /// A file to save to, from a suggested path; empty when the person changed their mind.
    std::function<QString(QWidget* parent, const QString& suggested)> save_path;
    /// A folder to take fonts from; empty when the person changed their mind.
    std::function<QString(QWidget* parent)> font_folder;
    /// A package to look into; empty when the person changed their mind.
    std::function<QString(QWidget* parent)> package;
    /// The job's file: one to open, one to save to from a suggested name, a name for a template, a picture
    /// file with outlines; empty when the person changed their mind.
    std::function<QString(QWidget* parent)> job_to_open;
    std::function<QString(QWidget* parent, const QString& suggested)> job_to_save;
    std::function<QString(QWidget* parent)> template_name;
    std::function<QString(QWidget* parent)> picture;
    /// A picture of lettering: PNG, JPEG or WebP.
    std::function<QString(QWidget* parent)> lettering;
    RightsQuestions rights;
    ShelfQuestions shelf;
    /// Fonts were installed for this job only, and the window closes: true takes them away, false leaves them
    /// for good.
    std::function<bool(QWidget* parent, const QStringList& fonts)> takes_away;
    /// Whether the person agrees to something that replaces what was there; `yes` is the button's text.
    std::function<bool(QWidget* parent, const QString& what, const QString& yes)> agrees;
    /// On what ground goods are sold although the font does not plainly allow it; nothing when the person changed their mind.
    std::function<std::optional<QString>(QWidget* parent, const QString& verdict)> sale_ground;
    /// A list of names to read; empty when the person changed their mind.
    std::function<QString(QWidget* parent)> names_to_read;
    /// A stitch file to look into; empty when the person changed their mind.
    std::function<QString(QWidget* parent)> stitch_file;
    /// A printer to print on; null when the person changed their mind.
    std::function<std::shared_ptr<QPrinter>(QWidget* parent)> printer;
    /// The person's download folder, looked into when they switch that on.
    QString downloads = {};

    static Questions asDialogs();
};

} // namespace ink::ui
