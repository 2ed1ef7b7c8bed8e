// Which fonts of the collection are shown: by where they are, and by what the person made of them.
#pragma once

#include "ui/find/find_filter.h"

#include <optional>

namespace ink::ui {

/// Where a font is, as the person sees it.
enum class ShelfPlace {
    OnShelf,
    Installed,
    SetAside,
    /// Not on the shelf: installed by other software, in a folder, or coming with Under Ink. Shown, and never
    /// touched.
    Elsewhere
};
inline constexpr int kShelfPlaces = 4;

/// When something was done the last time.
enum class ShelfSpan { AnyTime, ThisMonth, ThisYear, Never, LongAgo };

class ShelfFilter : public FindFilter
{
    Q_OBJECT
public:
    explicit ShelfFilter(FontListModel& fonts, QObject* parent = nullptr);

    void setPlace(ShelfPlace place, bool is_shown);
    bool shows(ShelfPlace place) const { return m_places.contains(static_cast<int>(place)); }
    /// Any when empty.
    void setSet(const QString& set);
    void setPackage(const QString& package);
    void setUsed(ShelfSpan span);
    void setTakenIn(ShelfSpan span);
    bool isNarrowed() const;

    ShelfPlace placeOf(int source_row) const;
    int countIn(ShelfPlace place) const;

protected:
    bool isAtHand(int source_row) const override;

private:
    FontListModel& m_fonts;
    QSet<int> m_places{static_cast<int>(ShelfPlace::OnShelf), static_cast<int>(ShelfPlace::Installed)};
    std::string m_set, m_package;
    ShelfSpan m_used = ShelfSpan::AnyTime, m_taken_in = ShelfSpan::AnyTime;
};

QString inWords(ShelfPlace place);
/// Whether the day, "2026-11-25" or empty, lies within the span, seen from `today`.
bool isWithin(const std::string& day, ShelfSpan span, const QDate& today);

} // namespace ink::ui
