// Which fonts are shown, and in which order. The filters are sentences: "Show me fonts that cut in this
// vinyl".
#pragma once

#include "ui/find/likeness_model.h"

#include <QSet>
#include <QSortFilterProxyModel>

namespace ink::ui {

/// Continuations of "Show me fonts that …".
enum class FindWish {
    HoldInProcess,
    MaySell,
    Join,
    HaveSwash,
    HaveEveryLetter,
    AreMine,
    // Less often asked for, in a menu.
    StrokesHold,
    GapsStayOpen,
    PiecesHold,
    HaveFewNodes,
    HaveNoSharpPoints,
    HaveNoMiddles,
    HaveHiddenForms,
    MaySellWithinLimits,
    AreGiftsOnly,
    AreToBeAsked,
    CostNothing,
    AreOfThisYear,
    AreOftenFetched
};
inline constexpr int kFindWishes = 19;
/// The first so many stand in the window.
inline constexpr int kFirstWishes = 6;

enum class FindOrder {
    AsTheyCame,
    Fit,
    Name,
    Price,
    Newest,
    Popular,
    LastUsed,
    LastTakenIn,
    ThinnestStroke,
    NarrowestGap,
    FewestPieces,
    FewestNodes,
    FewestMiddles,
    FewestSharpPoints,
    MostJoins,
    MostForms,
    FewestMissing,
    BestVerdict,
    /// Where fonts are to look like something.
    Likest
};
inline constexpr int kFindOrders = 19;

class FindFilter : public QSortFilterProxyModel
{
    Q_OBJECT
public:
    explicit FindFilter(FontListModel& fonts, QObject* parent = nullptr);

    void setWords(const QString& words);
    void setWish(FindWish wish, bool is_on);
    bool wish(FindWish wish) const { return m_wishes.contains(static_cast<int>(wish)); }
    /// Ids of kinds; any when empty.
    void setKinds(const QSet<QString>& kinds);
    const QSet<QString>& kinds() const { return m_kinds; }
    void setOrder(FindOrder order);
    FindOrder order() const { return m_order; }
    /// What fonts are to look like; it has to outlive the filter.
    void setLikeness(const LikenessModel& likeness) { m_likeness = &likeness; }
    /// Which fonts are shown, or in which order, is told by likeness.
    bool followsLikeness() const;
    void clearWishes();
    bool hasWishes() const;
    /// Wishes, or words to search for.
    bool isFiltering() const;
    /// Filters or order need marks of fonts out of sight.
    bool needsMarks() const;

    /// How many fonts fulfil the wish, of those that are known.
    int countOf(FindWish wish) const;
    /// Fonts at hand, and how many of them were looked at for the words as they are: what counts speak of.
    std::pair<int, int> lookedAt() const;
    bool fulfils(int source_row, FindWish wish) const;
    /// The kind the listing gives, else the one told from the outlines; empty while it is not known.
    QString kindOf(int source_row) const;
    void look() { invalidate(); }

protected:
    /// Before anything is asked of it: Find leaves out what was set aside.
    virtual bool isAtHand(int source_row) const;
    bool filterAcceptsRow(int source_row, const QModelIndex& parent) const override;
    bool lessThan(const QModelIndex& left, const QModelIndex& right) const override;

private:
    double keyOf(int source_row) const;

    FontListModel& m_fonts;
    const LikenessModel* m_likeness = nullptr;
    QStringList m_words;
    QSet<int> m_wishes;
    QSet<QString> m_kinds;
    FindOrder m_order = FindOrder::AsTheyCame;
};

/// "cut in this vinyl", "may be sold", "have a swash for F or y": the wish in this job's words.
QString inWords(FindWish wish, const Job& job, const FontListModel& fonts);
QString inWords(FindOrder order);

} // namespace ink::ui
