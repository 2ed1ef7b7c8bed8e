// The rights of an opened font: its dossier, and what the person adds to it.
#include "ui/find/card_page.h"
#include "ui/find/find_filter.h"
#include "ui/find/font_line_delegate.h"
#include "ui/measures.h"
#include "ui/text.h"

#include <QDate>
#include <QFileInfo>

#include <algorithm>

namespace ink::ui {
namespace {

/// What was added to a font's rights, undone and redone like every other edit.
class ChangeRights : public QUndoCommand
{
public:
    /// What the store holds now, where it could be saved.
    using Saved = std::function<void(const Result<RightsRecord>&)>;
    ChangeRights(const RightsStore& store, std::string sha256, RightsRecord before, RightsRecord after,
                 Saved saved, const QString& what)
        : QUndoCommand(what), m_store(store), m_sha256(std::move(sha256)), m_before(std::move(before)),
          m_after(std::move(after)), m_saved(std::move(saved))
    {
    }
    void undo() override { save(m_before); }
    void redo() override { save(m_after); }

private:
    void save(const RightsRecord& record)
    {
        const auto saved = m_store.save(m_sha256, record);
        m_saved(saved ? Result<RightsRecord>(record) : fail(saved.error()));
    }

    RightsStore m_store;
    std::string m_sha256;
    RightsRecord m_before, m_after;
    Saved m_saved;
};

} // namespace

void CardPage::showRights()
{
    if (m_fonts.isListing(m_row))
        return m_dossier->setListing(m_fonts.listing(m_row));
    const auto& info = m_fonts.entry(m_row).info;
    const auto& job = m_job.job();
    const LetterFacts facts{info.readableName(), info.version, info.manufacturer,
                            "goods with the words \xE2\x80\x9C" + job.words + "\xE2\x80\x9D, " +
                                std::string(infoOf(job.process).tool) + " " +
                                std::string(infoOf(job.process).in_what)};
    m_dossier->setRights(m_fonts.rights(m_row), facts, {});
}

void CardPage::keepRecord(const RightsRecord& record, const QString& what)
{
    keepRecordOf(m_row, record, what);
}

void CardPage::keepRecordOf(int of, const RightsRecord& record, const QString& what)
{
    const auto* rights = of >= 0 ? m_fonts.knownRights(of) : nullptr;
    if (!rights)
        return;
    const auto font = refOf(m_fonts.entry(of));
    m_job.undoStack().push(new ChangeRights(
        m_fonts.rightsReader().store(), rights->sha256, rights->record, record,
        [this, font](const Result<RightsRecord>& saved) {
            if (!saved)
                emit problem(saved.error());
            const int row = m_fonts.rowOf(font);
            if (row < 0)
                return;
            if (saved) // the next change builds on this one, whether its verdict was read again or not
                m_fonts.setRecord(row, *saved);
            if (row == m_row && isVisible())
                m_dossier->setRights(nullptr, {}, {}); // read again, then shown
            m_fonts.forgetRights(row);
        },
        what));
}

void CardPage::attach(const QString& file, const QString& for_what)
{
    if (!m_fonts.knownRights(m_row))
        return;
    AttachedPaper paper;
    paper.name = QFileInfo(file).fileName().toStdString();
    paper.for_what = for_what.trimmed().toStdString();
    paper.date = QDate::currentDate().toString(Qt::ISODate).toStdString();
    // A paper may be a large scan: it is copied and read away from the interface, and lands on the font it was meant for.
    m_writes.add([this, file, paper, font = m_row,
                  store = m_fonts.rightsReader().store()]() mutable -> WriteQueue::Answer {
        const auto kept = store.keepPaper(file.toStdString());
        if (!kept)
            return [this, error = kept.error()] { emit problem(error); };
        paper.sha256 = *kept;
        if (const auto contents = inspectPackage(file.toStdString()))
            for (const auto& entry : contents->entries)
                paper.text += entry.text;
        return [this, paper = std::move(paper), font = std::move(font)] {
            const auto* rights = font >= 0 ? m_fonts.knownRights(font) : nullptr;
            if (!rights)
                return;
            RightsRecord record = rights->record;
            record.papers.push_back(paper);
            keepRecordOf(font, record, tr("attach a paper"));
        };
    });
}

} // namespace ink::ui
