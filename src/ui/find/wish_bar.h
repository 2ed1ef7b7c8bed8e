// "Show me fonts that …": the filters as sentences, each with its count.
#pragma once

#include "ui/find/find_filter.h"
#include "ui/theme.h"

#include <QWidget>

#include <array>

class QLabel;
class QMenu;
class QPushButton;

namespace ink::ui {

class WishBar : public QWidget
{
    Q_OBJECT
public:
    /// `of_catalogue`: also wishes that only make sense beside the fonts of others.
    WishBar(FindFilter& filter, FontListModel& fonts, const Theme& theme, bool of_catalogue,
            QWidget* parent = nullptr);

    /// Counts and words of the present job.
    void showCounts();
    /// Of how many fonts the counts speak; quick.
    void showLookedAt();

    /// Offers the wish to look like something, first of all.
    void offerLikeness(LikenessModel& likeness);

signals:
    void changed();
    /// A picture is to be looked at; or the chosen font.
    void pictureWanted();
    void likeChosenWanted();

private:
    void showKinds();
    void showLikeness();
    void showMore();
    void showMoreCounts();

    FindFilter& m_filter;
    FontListModel& m_fonts;
    std::array<QPushButton*, kFirstWishes> m_wishes{};
    LikenessModel* m_likeness = nullptr;
    QPushButton* m_look = nullptr;
    QPushButton* m_more = nullptr;
    QMenu* m_more_menu = nullptr;
    QPushButton* m_kinds = nullptr;
    QLabel* m_looked_at = nullptr;
    QMenu* m_kind_menu = nullptr;
};

} // namespace ink::ui
