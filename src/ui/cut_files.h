// The finished shape as an SVG: into a file, or onto the clipboard.
#pragma once

#include "core/formats/svg_writer.h"
#include "ui/design_model.h"
#include "ui/job_model.h"
#include "ui/write_queue.h"

#include <QObject>
#include <QString>

#include <functional>

namespace ink::ui {

class CutFiles : public QObject
{
    Q_OBJECT
public:
    struct Needs
    {
        JobModel& job;
        DesignModel& design;
        WriteQueue& writes;
        /// A path to save to from a suggested one; empty when the person changed their mind.
        std::function<QString(const QString& suggested)> save_path;
        /// Fill colour of the chosen material, as SVG writes it.
        std::function<QString()> colour;
        /// What the font says of its rights, for the file; empty when it is not known.
        std::function<std::string(const FontRef&)> rights;
    };
    CutFiles(Needs needs, QObject* parent = nullptr);

    void save();
    void copy();

signals:
    void told(const QString& words);
    /// There is nothing to hand out, or not yet.
    void notYet(const QString& words);
    void problem(const ink::Error& error);
    /// The job's font was used for these words.
    void used(const FontRef& font, const QString& words);

private:
    Needs m_needs;
    QString m_last_folder;
};

/// Words as the name of a file, without an ending: letters of any script stay, the rest becomes a dash.
QString fileNameFor(const std::string& words);

} // namespace ink::ui
