// The fonts as a list, each with what the job's words become in it.
#pragma once

#include "core/design/composition.h"
#include "shelf/font_sources.h"
#include "ui/design_service.h"
#include "ui/job_model.h"

#include <QAbstractListModel>
#include <QPainterPath>

#include <memory>
#include <optional>
#include <string>
#include <unordered_set>
#include <vector>

namespace ink::ui {

/// The words in one font, ready to paint.
struct FontPreview
{
    /// Welded, in mm, y down; empty with an error.
    QPainterPath path_mm;
    std::shared_ptr<const Design> design;
    std::optional<Error> error;
};

class FontListModel : public QAbstractListModel
{
    Q_OBJECT
public:
    FontListModel(JobModel& job, DesignService& designs, QObject* parent = nullptr);

    int rowCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;

    /// Adds faces that are not there yet; demo fonts stand first, the system's last.
    void addEntries(const std::vector<FontEntry>& entries);
    const FontEntry& entry(int row) const { return m_rows[static_cast<std::size_t>(row)].entry; }
    /// -1 when the font is not in the list.
    int rowOf(const FontRef& font) const;

    /// The last preview made, even when the job has changed since; null before the first. Asks for a
    /// new one where it is out of date.
    const FontPreview* preview(int row);

private:
    struct Row
    {
        FontEntry entry;
        quint64 slot = 0;
        quint64 asked_for = 0; // the job's serial the newest request was made for
        std::shared_ptr<FontPreview> preview;
    };
    void jobChanged();
    int rowOfSlot(quint64 slot) const;

    JobModel& m_job;
    DesignService& m_designs;
    std::vector<Row> m_rows;
    std::unordered_set<std::string> m_known;
    quint64 m_next_slot = 1000;
    quint64 m_job_serial = 1;
    Job m_last_job;
};

FontRef refOf(const FontEntry& entry);

} // namespace ink::ui
