// What the person said about the forms of fonts: read once for each font, kept on the shelf by the font's content.
#pragma once

#include "ui/compose/lettering_service.h"
#include "ui/job_model.h"
#include "ui/shelf_keeper.h"

#include <QObject>

#include <set>
#include <string>

namespace ink::ui {

class FormMemory : public QObject
{
    Q_OBJECT
public:
    FormMemory(JobModel& job, ShelfKeeper& shelf, LetteringService& lettering, QObject* parent = nullptr);

    void correct(const FontRef& font, std::uint32_t glyph_id, const std::u32string& letters);

signals:
    /// Forms are told from each other in another way now.
    void changed();
    void problem(const ink::Error& error);

private:
    void readForJob();

    JobModel& m_job;
    ShelfKeeper& m_shelf;
    LetteringService& m_lettering;
    std::set<std::string> m_read;
};

} // namespace ink::ui
