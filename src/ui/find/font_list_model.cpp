#include "ui/find/font_list_model.h"

#include "ui/measures.h"
#include "ui/outline_paths.h"

#include <algorithm>
#include <iterator>
#include <tuple>

namespace ink::ui {
namespace {

auto sortKey(const FontEntry& e)
{
    static constexpr int kOrder[] = {0, 2, 1, 3}; // demo, dropped, folder, system
    return std::tuple(kOrder[static_cast<int>(e.origin)], e.info.family, e.info.style, e.path.string(),
                      e.info.choice.face, e.info.choice.instance);
}

std::string keyOf(const FontRef& font)
{
    return font.path + '\n' + std::to_string(font.face) + '\n' + font.instance;
}

/// What the words come to in this font, for those who listen instead of look.
QString spoken(const FontPreview& preview)
{
    if (preview.error)
        return QString::fromStdString(preview.error->message());
    const auto& f = preview.design->figures_mm;
    return counted(f.pieces, "piece", "pieces") + QStringLiteral(", ") +
           counted(f.middles, "middle", "middles") + QStringLiteral(", ") + counted(f.nodes, "node", "nodes");
}

} // namespace

FontRef refOf(const FontEntry& entry)
{
    return {entry.path.string(), entry.info.choice.face, entry.info.choice.instance};
}

FontListModel::FontListModel(JobModel& job, DesignService& designs, QObject* parent)
    : QAbstractListModel(parent), m_job(job), m_designs(designs), m_last_job(job.job())
{
    connect(&m_job, &JobModel::changed, this, &FontListModel::jobChanged);
}

int FontListModel::rowCount(const QModelIndex& parent) const
{
    return parent.isValid() ? 0 : static_cast<int>(m_rows.size());
}

QVariant FontListModel::data(const QModelIndex& index, int role) const
{
    if (!checkIndex(index, CheckIndexOption::IndexIsValid))
        return {};
    const auto& row = m_rows[static_cast<std::size_t>(index.row())];
    switch (role) {
    case Qt::DisplayRole:
        return QString::fromStdString(row.entry.info.readableName());
    case Qt::AccessibleTextRole: {
        const QString name = QString::fromStdString(row.entry.info.readableName());
        return row.preview ? name + QStringLiteral(", ") + spoken(*row.preview) : name;
    }
    case Qt::ToolTipRole:
        return QString::fromStdString(row.entry.path.string());
    default:
        return {};
    }
}

void FontListModel::addEntries(const std::vector<FontEntry>& entries)
{
    std::vector<Row> added;
    for (const auto& entry : entries)
        if (m_known.insert(keyOf(refOf(entry))).second)
            added.push_back(Row{entry, m_next_slot++, 0, nullptr});
    const auto key = [](const Row& r) { return sortKey(r.entry); };
    std::ranges::sort(added, {}, key);
    // Thousands of system fonts arrive at once: what stands together goes in together.
    for (auto first = added.begin(); first != added.end();) {
        const auto at = std::ranges::lower_bound(m_rows, key(*first), {}, key);
        auto last = first + 1;
        while (last != added.end() && (at == m_rows.end() || key(*last) < key(*at)))
            ++last;
        const auto row = static_cast<int>(at - m_rows.begin());
        beginInsertRows({}, row, row + static_cast<int>(last - first) - 1);
        m_rows.insert(at, std::make_move_iterator(first), std::make_move_iterator(last));
        endInsertRows();
        first = last;
    }
}

int FontListModel::rowOf(const FontRef& font) const
{
    const auto found = std::ranges::find_if(m_rows, [&](const Row& r) { return refOf(r.entry) == font; });
    return found == m_rows.end() ? -1 : static_cast<int>(found - m_rows.begin());
}

int FontListModel::rowOfSlot(quint64 slot) const
{
    const auto found = std::ranges::find(m_rows, slot, &Row::slot);
    return found == m_rows.end() ? -1 : static_cast<int>(found - m_rows.begin());
}

void FontListModel::jobChanged()
{
    // Only what the words look like asks for new previews; the rest of the job does not redraw them.
    const auto& job = m_job.job();
    const bool same = job.words == m_last_job.words && job.size == m_last_job.size &&
                      job.is_mirrored == m_last_job.is_mirrored && job.tracking_em == m_last_job.tracking_em;
    const bool repaint = job.unit != m_last_job.unit;
    m_last_job = job;
    if (same && !repaint)
        return;
    if (!same)
        ++m_job_serial;
    if (!m_rows.empty())
        emit dataChanged(index(0), index(rowCount() - 1));
}

const FontPreview* FontListModel::preview(int row)
{
    auto& r = m_rows[static_cast<std::size_t>(row)];
    if (r.asked_for != m_job_serial) {
        r.asked_for = m_job_serial;
        Job upright = m_job.job();
        upright.is_mirrored = false; // words in a list are there to be read
        m_designs.request(r.slot, upright, refOf(r.entry), -1,
                          [this, slot = r.slot](const DesignResult& result) {
                              const int at = rowOfSlot(slot);
                              if (at < 0)
                                  return;
                              auto preview = std::make_shared<FontPreview>();
                              if (result) {
                                  preview->design = *result;
                                  preview->path_mm = toPainterPath((*result)->outline_mm);
                              } else {
                                  preview->error = result.error();
                              }
                              m_rows[static_cast<std::size_t>(at)].preview = std::move(preview);
                              emit dataChanged(index(at), index(at));
                          });
    }
    return r.preview.get();
}

} // namespace ink::ui
