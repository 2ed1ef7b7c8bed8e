#include "ui/widgets/size_section.h"

#include "ui/core_words.h"
#include "ui/measures.h"
#include "ui/text.h"

#include <QComboBox>
#include <QPushButton>
#include <QSignalBlocker>

#include <algorithm>

namespace ink::ui {

SizeSection::SizeSection(JobModel& job, Size size, std::vector<Blank> shipped, std::filesystem::path file,
                         const Theme& theme, QWidget* parent)
    : JobSection(job, theme, parent), m_size(std::move(size)), m_file(std::move(file)),
      m_sizes(std::move(shipped))
{
    if (auto own = readBlanks(m_file))
        m_own = std::move(*own);
    m_sizes.insert(m_sizes.end(), m_own.begin(), m_own.end());
    QStringList names{m_size.none};
    for (const auto& one : m_sizes)
        names << named(one.name);
    m_choice = addChoice(
        m_size.caption, m_size.choice, names, m_size.step,
        [this](const Job& now) {
            const auto is = m_size.read(now);
            const auto at = is ? known(*is) : std::nullopt;
            return !is ? 0 : at ? int(*at) + 1 : -1;
        },
        [this](Job& changed, int index) {
            m_size.write(changed, index == 0 ? std::nullopt : std::optional(m_sizes[std::size_t(index) - 1]));
        });
    const auto side = [&](const QString& caption, const char* name, double Blank::*of) {
        addFigure(
            caption, name, Measure::Length, m_size.most_mm, m_size.step,
            [this, of](const Job& now) {
                const auto is = m_size.read(now);
                return is ? (*is).*of : 0.0;
            },
            [this, of](Job& changed, double mm) {
                // The other side of a new one is as long: with none of it there would be no size.
                Blank blank = m_size.read(changed).value_or(Blank{{}, mm, mm});
                blank.name.clear();
                blank.*of = mm;
                m_size.write(changed, blank);
            });
    };
    side(tr("Width"), m_size.width, &Blank::width_mm);
    side(tr("Height"), m_size.height, &Blank::height_mm);
    m_keep = addButton(tr("Keep this size"), m_size.keep, [this] { keep(); });
    connect(&job, &JobModel::changed, this, &SizeSection::offerToKeep);
    offerToKeep();
    showNow();
}

void SizeSection::offerToKeep()
{
    const auto is = m_size.read(job().job());
    m_keep->setEnabled(is && !known(*is));
}

std::optional<std::size_t> SizeSection::known(const Blank& size) const
{
    const auto at = std::ranges::find_if(m_sizes, [&](const Blank& one) {
        return one.width_mm == size.width_mm && one.height_mm == size.height_mm &&
               (size.name.empty() || one.name == size.name);
    });
    return at == m_sizes.end() ? std::nullopt : std::optional(std::size_t(at - m_sizes.begin()));
}

void SizeSection::keep()
{
    auto size = m_size.read(job().job());
    if (!size || m_own.size() >= kMostBlanks)
        return;
    if (size->name.empty())
        size->name = tr("%1 × %2")
                         .arg(figure(size->width_mm, job().job().unit),
                              figureWithUnit(size->height_mm, job().job().unit))
                         .toStdString();
    m_own.push_back(*size);
    m_sizes.push_back(*size);
    {
        const QSignalBlocker quiet(m_choice);
        m_choice->addItem(text(size->name));
    }
    if (auto done = writeBlanks(m_file, m_own); !done)
        emit problem(done.error());
    job().changeLettering(tr("keep a size"), [&](Job& changed) { m_size.write(changed, size); });
    offerToKeep(); // the job may hold its sizes without a name, and be what it was
}

} // namespace ink::ui
