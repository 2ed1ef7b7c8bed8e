#include "ui/find/transfers.h"

#include "ui/core_words.h"

#include <QFileInfo>
#include <QHBoxLayout>
#include <QLabel>
#include <QProgressBar>
#include <QPushButton>
#include <QVBoxLayout>

#include <algorithm>

namespace ink::ui {

Transfers::Transfers(CatalogueClient& catalogue, QString folder, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_catalogue(catalogue), m_folder(std::move(folder)), m_theme(theme),
      m_column(new QVBoxLayout(this))
{
    setObjectName(QStringLiteral("transfers"));
    m_column->setContentsMargins(kMargin, kGrid, kMargin, kGrid);
    m_column->setSpacing(kGrid);
    setVisible(false);
}

bool Transfers::isIdle() const
{
    return std::ranges::none_of(m_downloads,
                                [](const Download* d) { return d->state() == Download::State::Running; });
}

void Transfers::start(const Download::Wanted& wanted, const QString& listing)
{
    for (auto* download : m_downloads)
        if (download->name() == wanted.name && download->state() != Download::State::Cancelled) {
            if (download->state() == Download::State::Done)
                emit openWanted(download->file(), listing);
            else
                download->resume();
            return;
        }
    auto* download = new Download(m_catalogue.network(), wanted, m_folder, this);
    m_downloads.append(download);
    addRow(download, listing);
    download->start();
}

void Transfers::addRow(Download* download, const QString& listing)
{
    auto* line = new QWidget(this);
    auto* row = new QHBoxLayout(line);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(3 * kGrid);
    auto* name = new QLabel(download->name(), line);
    name->setFont(m_theme.text(TextSize::Small, true));
    auto* bar = new QProgressBar(line);
    bar->setTextVisible(false);
    bar->setFixedHeight(8);
    bar->setAccessibleName(tr("Progress of %1").arg(download->name()));
    auto* state = new QLabel(line);
    state->setObjectName(QStringLiteral("transferState"));
    state->setFont(m_theme.text(TextSize::Small));
    state->setWordWrap(true);
    const auto button = [&](const char* object_name, const QString& words) {
        auto* b = new QPushButton(words, line);
        b->setObjectName(QLatin1String(object_name));
        b->setProperty("role", QStringLiteral("quiet"));
        b->setAccessibleName(words + QLatin1Char(' ') + download->name());
        return b;
    };
    auto* pause = button("transferPause", tr("Pause"));
    auto* resume = button("transferResume", tr("Go on"));
    auto* cancel = button("transferCancel", tr("Cancel"));
    auto* open = button("transferOpen", tr("Open the package"));
    open->setProperty("role", QStringLiteral("main"));
    row->addWidget(name);
    row->addWidget(bar, 1);
    row->addWidget(state, 2);
    for (auto* b : {pause, resume, cancel, open})
        row->addWidget(b);
    m_column->addWidget(line);
    setVisible(true);

    const auto show = [=] {
        const auto s = download->state();
        bar->setRange(0, static_cast<int>(std::max<qint64>(1, download->total())));
        bar->setValue(static_cast<int>(download->received()));
        pause->setVisible(s == Download::State::Running);
        resume->setVisible(s == Download::State::Paused || s == Download::State::Failed);
        resume->setText(s == Download::State::Failed ? tr("Try again") : tr("Go on"));
        cancel->setVisible(s != Download::State::Done && s != Download::State::Cancelled);
        open->setVisible(s == Download::State::Done);
        if (s == Download::State::Running)
            state->setText(
                tr("%1 of %2 kB").arg(download->received() / 1000).arg((download->total() + 999) / 1000));
        if (s == Download::State::Paused)
            state->setText(tr("Paused at %1 of %2 kB")
                               .arg(download->received() / 1000)
                               .arg((download->total() + 999) / 1000));
        if (s == Download::State::Done)
            state->setText(tr("Here, and its checksum is right"));
        if (s == Download::State::Failed)
            state->setText(said(*download->error()));
        if (s == Download::State::Cancelled)
            line->setVisible(false);
    };
    connect(download, &Download::changed, line, show);
    connect(pause, &QPushButton::clicked, download, &Download::pause);
    connect(resume, &QPushButton::clicked, download, &Download::resume);
    connect(cancel, &QPushButton::clicked, download, &Download::cancel);
    connect(open, &QPushButton::clicked, this,
            [this, download, listing] { emit openWanted(download->file(), listing); });
    show();
}

void Transfers::offer(const QString& file)
{
    if (m_offered.contains(file))
        return;
    m_offered.append(file);
    auto* line = new QWidget(this);
    auto* row = new QHBoxLayout(line);
    row->setContentsMargins(0, 0, 0, 0);
    auto* name = new QLabel(tr("In your download folder: %1").arg(QFileInfo(file).fileName()), line);
    name->setFont(m_theme.text(TextSize::Small));
    auto* open = new QPushButton(tr("Open the package"), line);
    open->setObjectName(QStringLiteral("offerOpen"));
    open->setProperty("role", QStringLiteral("quiet"));
    auto* away = new QPushButton(tr("Not now"), line);
    away->setProperty("role", QStringLiteral("quiet"));
    row->addWidget(name, 1);
    row->addWidget(open);
    row->addWidget(away);
    m_column->addWidget(line);
    setVisible(true);
    connect(open, &QPushButton::clicked, this, [this, file, line] {
        line->setVisible(false);
        emit openWanted(file, {});
    });
    connect(away, &QPushButton::clicked, line, &QWidget::hide);
}

} // namespace ink::ui
