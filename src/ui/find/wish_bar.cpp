#include "ui/find/wish_bar.h"

#include "ui/core_words.h"

#include "ui/widgets/flow_row.h"

#include <QLabel>
#include <QMenu>
#include <QPushButton>

namespace ink::ui {

WishBar::WishBar(FindFilter& filter, FontListModel& fonts, const Theme& theme, bool of_catalogue,
                 QWidget* parent)
    : QWidget(parent), m_filter(filter), m_fonts(fonts)
{
    auto* row = new FlowRow(this, 2 * kGrid);
    auto* lead = new QLabel(tr("Show me fonts that"), this);
    lead->setProperty("role", QStringLiteral("soft"));
    row->addWidget(lead);
    for (int i = 0; i < kFirstWishes; ++i) {
        auto* button = new QPushButton(this);
        button->setObjectName(
            (of_catalogue ? QStringLiteral("wish%1") : QStringLiteral("shelfWish%1")).arg(i));
        button->setCheckable(true);
        button->setProperty("role", QStringLiteral("wish"));
        button->setFont(theme.text(TextSize::Small));
        connect(button, &QPushButton::toggled, this, [this, i](bool is_on) {
            m_filter.setWish(static_cast<FindWish>(i), is_on);
            emit changed();
        });
        const bool is_offered = of_catalogue || static_cast<FindWish>(i) != FindWish::AreMine;
        is_offered ? row->addWidget(button) : button->hide();
        m_wishes[static_cast<std::size_t>(i)] = button;
    }
    m_look = new QPushButton(this);
    m_look->setObjectName(of_catalogue ? QStringLiteral("wishLook") : QStringLiteral("shelfWishLook"));
    m_look->setProperty("role", QStringLiteral("wish"));
    m_look->setFont(theme.text(TextSize::Small));
    m_look->setCheckable(true);
    m_look->hide(); // as long as nobody offers it
    row->addWidget(m_look);
    m_kinds = new QPushButton(this);
    m_kinds->setObjectName(of_catalogue ? QStringLiteral("wishKinds") : QStringLiteral("shelfWishKinds"));
    m_kinds->setProperty("role", QStringLiteral("wish"));
    m_kinds->setFont(theme.text(TextSize::Small));
    m_kind_menu = new QMenu(m_kinds);
    for (int kind = 0; kind <= static_cast<int>(FontKind::PictureFont); ++kind) {
        auto* action = m_kind_menu->addAction(said(nameOf(static_cast<FontKind>(kind))));
        action->setCheckable(true);
        action->setData(QString::fromUtf8(idOf(static_cast<FontKind>(kind)).data()));
        connect(action, &QAction::toggled, this, [this] {
            QSet<QString> chosen;
            for (const auto* a : m_kind_menu->actions())
                if (a->isChecked())
                    chosen.insert(a->data().toString());
            m_filter.setKinds(chosen);
            showKinds();
            emit changed();
        });
    }
    m_kinds->setMenu(m_kind_menu);
    row->addWidget(m_kinds);
    m_more = new QPushButton(this);
    m_more->setObjectName(of_catalogue ? QStringLiteral("wishMore") : QStringLiteral("shelfWishMore"));
    m_more->setProperty("role", QStringLiteral("wish"));
    m_more->setFont(theme.text(TextSize::Small));
    m_more_menu = new QMenu(m_more);
    for (int i = kFirstWishes; i < kFindWishes; ++i) {
        auto* action = m_more_menu->addAction(inWords(static_cast<FindWish>(i), m_fonts.job(), m_fonts));
        action->setCheckable(true);
        action->setVisible(of_catalogue || static_cast<FindWish>(i) < FindWish::CostNothing);
        connect(action, &QAction::toggled, this, [this, i](bool is_on) {
            m_filter.setWish(static_cast<FindWish>(i), is_on);
            showMore();
            emit this->changed();
        });
    }
    // Counting goes through all fonts, so it waits until somebody looks.
    connect(m_more_menu, &QMenu::aboutToShow, this, &WishBar::showMoreCounts);
    m_more->setMenu(m_more_menu);
    row->addWidget(m_more);
    m_looked_at = new QLabel(this);
    m_looked_at->setObjectName(QStringLiteral("lookedAt"));
    m_looked_at->setProperty("role", QStringLiteral("soft"));
    row->addWidget(m_looked_at);
    showMore();
    showKinds();
    showCounts();
}

void WishBar::offerLikeness(LikenessModel& likeness)
{
    m_likeness = &likeness;
    m_look->show();
    auto* menu = new QMenu(m_look);
    const auto add = [&](const char* name, const QString& words, auto action) {
        auto* a = menu->addAction(words);
        a->setObjectName(QLatin1String(name));
        connect(a, &QAction::triggered, this, action);
        return a;
    };
    add("lookPicture", tr("lettering in a picture…"), [this] { emit pictureWanted(); });
    add("lookChosen", tr("the font chosen here"), [this] { emit likeChosenWanted(); });
    menu->addSeparator();
    auto* wished =
        add("lookWished", tr("only these"), [this] { m_likeness->setWished(!m_likeness->isWished()); });
    wished->setCheckable(true);
    auto* nothing = add("lookNothing", tr("take this wish back"), [this] { m_likeness->clear(); });
    connect(menu, &QMenu::aboutToShow, this, [this, wished, nothing] {
        const bool is_something = m_likeness->wanted() != LikenessModel::Wanted::Nothing;
        wished->setVisible(is_something);
        wished->setChecked(m_likeness->isWished());
        nothing->setVisible(is_something);
    });
    m_look->setMenu(menu);
    for (auto signal : {&LikenessModel::wantedChanged, &LikenessModel::found})
        connect(m_likeness, signal, this, &WishBar::showLikeness);
    showLikeness();
}

void WishBar::showLikeness()
{
    const bool is_something = m_likeness->wanted() != LikenessModel::Wanted::Nothing;
    m_look->setChecked(m_likeness->isWished());
    m_look->setText(
        !is_something
            ? tr("look like …")
            : tr("look like %1  %2").arg(m_likeness->inWords()).arg(m_likeness->likestRows().size()));
    m_look->setAccessibleName(tr("Show me fonts that %1").arg(m_look->text()));
}

void WishBar::showCounts()
{
    for (int i = 0; i < kFirstWishes; ++i) {
        const auto wish = static_cast<FindWish>(i);
        const QString text =
            QStringLiteral("%1  %2").arg(inWords(wish, m_fonts.job(), m_fonts)).arg(m_filter.countOf(wish));
        auto* button = m_wishes[static_cast<std::size_t>(i)];
        if (button->text() != text)
            button->setText(text);
        button->setAccessibleName(tr("Show me fonts that %1").arg(text));
    }
    showLookedAt();
}

/// Of how many the counts speak, as long as they do not speak of all.
void WishBar::showLookedAt()
{
    const auto [looked_at, all] = m_filter.lookedAt();
    m_looked_at->setVisible(looked_at < all);
    m_looked_at->setText(tr("among %1 of %n font(s) so far", nullptr, all).arg(looked_at));
}

void WishBar::showMoreCounts()
{
    for (int i = kFirstWishes; i < kFindWishes; ++i) {
        const auto wish = static_cast<FindWish>(i);
        m_more_menu->actions()[i - kFirstWishes]->setText(
            QStringLiteral("%1  %2").arg(inWords(wish, m_fonts.job(), m_fonts)).arg(m_filter.countOf(wish)));
    }
}

void WishBar::showMore()
{
    QStringList wishes;
    for (int i = kFirstWishes; i < kFindWishes; ++i)
        if (m_more_menu->actions()[i - kFirstWishes]->isChecked())
            wishes.append(inWords(static_cast<FindWish>(i), m_fonts.job(), m_fonts));
    m_more->setText(wishes.isEmpty() ? tr("more …") : wishes.join(tr(" and ")));
    m_more->setAccessibleName(tr("More wishes: %1").arg(m_more->text()));
}

void WishBar::showKinds()
{
    QStringList names;
    for (const auto* action : m_kind_menu->actions())
        if (action->isChecked())
            names.append(action->text().toLower());
    m_kinds->setText(names.isEmpty() ? tr("are of any kind") : tr("are %1").arg(names.join(tr(" or "))));
    m_kinds->setAccessibleName(tr("Kinds of font: %1").arg(m_kinds->text()));
}

} // namespace ink::ui
