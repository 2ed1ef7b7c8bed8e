#include "ui/find/compare_page.h"

#include "ui/core_words.h"

#include "ui/find/card_page.h"
#include "ui/measures.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

namespace ink::ui {
namespace {
constexpr quint64 kCompareSlots = 200;
}

ComparePage::ComparePage(JobModel& job, FontListModel& fonts, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_job(job), m_fonts(fonts), m_theme(theme)
{
    setObjectName(QStringLiteral("page"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    auto* head = new QHBoxLayout;
    head->setContentsMargins(kMargin, 2 * kGrid, kMargin, 2 * kGrid);
    auto* back = new QPushButton(tr("All fonts"), this);
    back->setObjectName(QStringLiteral("compareBack"));
    back->setProperty("role", QStringLiteral("quiet"));
    auto* title = new QLabel(tr("Side by side, at true size"), this);
    title->setFont(theme.heading(TextSize::Lead));
    m_swashes = new QPushButton(tr("With swashes below"), this);
    m_swashes->setObjectName(QStringLiteral("compareSwashes"));
    m_swashes->setCheckable(true);
    m_swashes->setChecked(true);
    m_swashes->setProperty("role", QStringLiteral("wish"));
    head->addWidget(back);
    head->addWidget(title, 1);
    head->addWidget(m_swashes);
    column->addLayout(head);
    auto* scroll = new QScrollArea(this);
    scroll->setObjectName(QStringLiteral("compareScroll"));
    scroll->setAccessibleName(tr("Fonts side by side"));
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    auto* holder = new QWidget(scroll);
    m_column = new QVBoxLayout(holder);
    m_column->setContentsMargins(kMargin, 0, kMargin, kMargin);
    scroll->setWidget(holder);
    column->addWidget(scroll, 1);
    connect(back, &QPushButton::clicked, this, &ComparePage::backWanted);
    connect(m_swashes, &QPushButton::toggled, this, &ComparePage::show);
    connect(&m_job, &JobModel::changed, this, [this] {
        if (isVisible())
            show();
    });
}

void ComparePage::open(std::vector<Pick> picks)
{
    m_picks = std::move(picks);
    show();
}

void ComparePage::show()
{
    ++m_opened;
    delete m_body;
    m_lines.clear();
    m_body = new QWidget(this);
    auto* column = new QVBoxLayout(m_body);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(2 * kGrid);
    for (const Pick& pick : m_picks) {
        const FontRow row = pick.row;
        auto* head = new QHBoxLayout;
        auto* name = new QPushButton(pick.style.isEmpty() ? m_fonts.name(row)
                                                          : m_fonts.name(row) + QLatin1Char(' ') + pick.style,
                                     m_body);
        name->setProperty("role", QStringLiteral("link"));
        name->setFont(m_theme.heading(TextSize::Body));
        name->setAccessibleName(tr("Choose %1").arg(m_fonts.name(row)));
        connect(name, &QPushButton::clicked, this, [this, row] {
            if (row >= 0)
                emit chosen(row);
        });
        auto* figures = new QLabel(m_body);
        figures->setProperty("role", QStringLiteral("soft"));
        figures->setFont(m_theme.text(TextSize::Small));
        head->addWidget(name);
        head->addWidget(figures, 1);
        column->addLayout(head);
        Line line{pick, new WordsView(m_theme, m_body), new WordsView(m_theme, m_body), figures};
        for (auto* view : {line.plain, line.dressed}) {
            view->setScale(logicalDpiX() / 25.4);
            view->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
            column->addWidget(view);
        }
        line.dressed->setVisible(false);
        m_lines.push_back(line);
        ask(m_lines.size() - 1, false, {});
    }
    column->addStretch(1);
    m_column->addWidget(m_body);
}

void ComparePage::ask(std::size_t at, bool dressed, const std::string& features)
{
    const Line& line = m_lines[at];
    const auto done = [this, at, dressed, opened = m_opened, job = m_job.job()](const FitResult& result) {
        if (opened != m_opened)
            return;
        const Line& own = m_lines[at];
        auto* view = dressed ? own.dressed : own.plain;
        if (!result)
            return view->setProblem(said(result.error()));
        view->setCard(*result, job.words);
        view->setFixedHeight(view->sizeHint().height());
        view->setMinimumWidth(view->sizeHint().width());
        view->setVisible(true);
        if (dressed)
            return;
        QStringList figures;
        for (const auto& mark : fitMarkLines(**result, job,
                                             own.pick.row >= 0 ? m_fonts.othersMarks(own.pick.row)
                                                               : std::vector<std::uint32_t>{}))
            if (figures.size() < 5)
                figures << mark.figure + QLatin1Char(' ') + mark.words;
        own.figures->setText(figures.join(QStringLiteral(" · ")));
        const std::string dress = swashFeatures((*result)->marks, job.words);
        if (m_swashes->isChecked() && !dress.empty())
            ask(at, true, dress);
    };
    const quint64 slot = kCompareSlots + 2 * at + (dressed ? 1 : 0);
    const int row = line.pick.row;
    if (row < 0) // it was taken away meanwhile
        return;
    if (m_fonts.isListing(row))
        m_fonts.fits().requestListing(slot, m_job.job(), m_fonts.listing(row), line.pick.style,
                                      QString::fromStdString(features), 1, done);
    else
        m_fonts.fits().request(slot, m_job.job(), refOf(m_fonts.entry(row)), features, 1, done);
}

} // namespace ink::ui
