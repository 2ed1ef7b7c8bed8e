#include "ui/form_memory.h"

#include "core/base/digest.h"

namespace ink::ui {
namespace {

/// Of a font that may lie on the shelf; else its file is read: not for the interface thread.
std::string contentOf(const std::string& on_shelf, const std::string& path)
{
    return on_shelf.empty() ? sha256OfFile(path).value_or(std::string()) : on_shelf;
}

} // namespace

FormMemory::FormMemory(JobModel& job, ShelfKeeper& shelf, LetteringService& lettering, QObject* parent)
    : QObject(parent), m_job(job), m_shelf(shelf), m_lettering(lettering)
{
    connect(&m_job, &JobModel::changed, this, &FormMemory::readForJob);
    connect(&m_shelf, &ShelfKeeper::changed, this, &FormMemory::readForJob);
}

void FormMemory::readForJob()
{
    const std::string path = m_job.job().font.path;
    if (path.empty() || m_read.contains(path) || !m_shelf.isKnown() || m_shelf.refusal())
        return;
    m_read.insert(path);
    const auto on_shelf = m_shelf.contents()->fontAt(path);
    m_shelf.run<FormCorrections>(
        [sha256 = on_shelf ? on_shelf->sha256 : std::string(), path](OpenShelf& shelf) {
            return shelf.store.formCorrections(contentOf(sha256, path));
        },
        [this, path](const Result<FormCorrections>& said) {
            if (!said)
                return emit problem(said.error());
            if (!said->empty()) {
                m_lettering.setCorrections(path, *said);
                emit changed();
            }
        });
}

void FormMemory::correct(const FontRef& font, std::uint32_t glyph_id, const std::u32string& letters)
{
    auto said = m_lettering.corrections(font.path);
    said[glyph_id] = letters;
    m_lettering.setCorrections(font.path, said);
    const auto on_shelf = m_shelf.contents()->fontAt(font.path);
    m_shelf.run<bool>(
        [sha256 = on_shelf ? on_shelf->sha256 : std::string(), path = font.path, glyph_id,
         letters](OpenShelf& shelf) -> Result<bool> {
            if (auto done = shelf.store.correctForm(contentOf(sha256, path), glyph_id, letters); !done)
                return fail(done.error());
            return true;
        },
        [this](const Result<bool>& done) {
            if (!done)
                emit problem(done.error());
        });
    emit changed();
}

} // namespace ink::ui
