#include "ui/shelf/twins_page.h"

#include "ui/core_words.h"
#include "ui/measures.h"
#include "ui/shelf/font_words.h"
#include "ui/text.h"

#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

#include <algorithm>
#include <span>

namespace ink::ui {
namespace {

/// More groups than anybody sorts out in one go.
constexpr std::size_t kMostGroups = 50;
/// More in one group do not fit beside each other.
constexpr std::size_t kMostBeside = 4;

} // namespace

QString inWords(TwinKind kind)
{
    switch (kind) {
    case TwinKind::OtherFormat:
        return QObject::tr("the same font in another format");
    case TwinKind::SameOutlines:
        return QObject::tr("the same letters, another file");
    case TwinKind::OtherName:
        return QObject::tr("the same letters under another name");
    case TwinKind::OtherVersion:
        return QObject::tr("the same name, drawn differently");
    }
    return {};
}

TwinsPage::TwinsPage(FontListModel& fonts, const Theme& theme, QWidget* parent)
    : SubPage(QStringLiteral("twins"), tr("All my fonts"), theme, parent), m_fonts(fonts)
{
    m_stop = new QPushButton(tr("Stop"), this);
    m_stop->setObjectName(QStringLiteral("twinsStop"));
    m_head->addWidget(m_stop);
    m_column = addScrolledColumn(tr("Fonts that are the same in some way"));
    connect(m_stop, &QPushButton::clicked, this, &TwinsPage::stopWanted);
}

void TwinsPage::clear()
{
    delete m_body;
    m_body = new QWidget(this);
    m_column->addWidget(m_body);
    auto* column = new QVBoxLayout(m_body);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6 * kGrid);
}

void TwinsPage::showProgress(std::size_t done, std::size_t of)
{
    clear();
    m_stop->setVisible(true);
    m_title->setText(of == 0 ? tr("Comparing your fonts …")
                             : tr("Comparing your fonts: %1 of %2 …").arg(done).arg(of));
}

void TwinsPage::show(std::vector<TwinsShown> groups)
{
    clear();
    m_stop->setVisible(false);
    m_title->setText(groups.empty() ? tr("No two of your fonts draw the same letters or share a name.")
                                    : tr("%n group(s) of fonts (is|are) the same in some way", nullptr,
                                         static_cast<int>(groups.size())));
    for (std::size_t i = 0; i < std::min(groups.size(), kMostGroups); ++i)
        addGroup(groups[i]);
    auto* column = static_cast<QVBoxLayout*>(m_body->layout());
    if (groups.size() > kMostGroups)
        column->addWidget(new QLabel(
            tr("and %1 more. They come into sight as these are sorted out.").arg(groups.size() - kMostGroups),
            m_body));
    column->addStretch(1);
}

void TwinsPage::addGroup(const TwinsShown& group)
{
    auto* card = new QFrame(m_body);
    card->setObjectName(QStringLiteral("twinGroup"));
    card->setStyleSheet(QStringLiteral("#twinGroup { background: %1; border-top: 2px solid %2; }")
                            .arg(m_theme.colours().card.name(), m_theme.colours().ink.name()));
    auto* grid = new QGridLayout(card);
    grid->setContentsMargins(4 * kGrid, 3 * kGrid, 4 * kGrid, 3 * kGrid);
    grid->setHorizontalSpacing(6 * kGrid);
    grid->setVerticalSpacing(kGrid);
    const auto small = [&](const QString& words, bool is_soft, bool is_bold = false) {
        auto* label = new QLabel(words, card);
        label->setFont(m_theme.text(TextSize::Small, is_bold));
        label->setWordWrap(true);
        if (is_soft)
            label->setProperty("role", QStringLiteral("soft"));
        return label;
    };
    const std::size_t beside = std::min(group.fonts.size(), kMostBeside);
    for (std::size_t i = 0; i < beside; ++i) {
        const int at = static_cast<int>(i) + 1;
        auto* words = new FontWords(m_fonts, group.sha256s[i], m_theme, card);
        grid->addWidget(words, 0, at);
        grid->addWidget(small(i == 0 ? tr("the first one") : inWords(group.kinds[i]), false, true), 1, at);
        grid->setColumnStretch(at, 1);
    }
    int row = 2;
    QStringList same;
    for (const auto& fact : group.facts) {
        const auto shown = std::span(fact.values).first(beside);
        if (std::ranges::count(shown, shown.front()) == std::ssize(shown)) {
            if (!fact.values.front().empty())
                same << said(fact.what);
            continue;
        }
        grid->addWidget(small(said(fact.what), true), row, 0, Qt::AlignTop);
        for (std::size_t i = 0; i < beside; ++i)
            grid->addWidget(small(fact.values[i].empty() ? tr("none") : named(fact.values[i]), false), row,
                            static_cast<int>(i) + 1, Qt::AlignTop);
        ++row;
    }
    if (!same.isEmpty())
        grid->addWidget(small(tr("The same: %1.").arg(same.join(QStringLiteral(", "))), true), row++, 0, 1,
                        static_cast<int>(beside) + 1);
    if (group.fonts.size() > beside)
        grid->addWidget(small(tr("and %1 more of this group").arg(group.fonts.size() - beside), true), row++,
                        0, 1, static_cast<int>(beside) + 1);
    for (std::size_t i = 0; i < beside; ++i) {
        auto* keep = new QPushButton(group.fonts.size() == 2 ? tr("Keep this, set the other aside")
                                                             : tr("Keep this, set the others aside"),
                                     card);
        keep->setObjectName(QStringLiteral("twinKeep"));
        keep->setProperty("role", QStringLiteral("quiet"));
        keep->setAccessibleName(
            tr("Keep %1, set the others of its group aside").arg(text(group.facts.front().values[i])));
        grid->addWidget(keep, row, static_cast<int>(i) + 1, Qt::AlignLeft);
        connect(keep, &QPushButton::clicked, this, [this, fonts = group.fonts, kept = group.fonts[i]] {
            auto others = fonts;
            std::erase(others, kept);
            emit asideWanted(others);
        });
    }
    static_cast<QVBoxLayout*>(m_body->layout())->addWidget(card);
}

} // namespace ink::ui
