#include "ui/shelf/shelf_filter.h"

#include <QDate>

#include <algorithm>

namespace ink::ui {

ShelfFilter::ShelfFilter(FontListModel& fonts, QObject* parent) : FindFilter(fonts, parent), m_fonts(fonts)
{
    setOrder(FindOrder::Name);
}

void ShelfFilter::setPlace(ShelfPlace place, bool is_shown)
{
    is_shown ? void(m_places.insert(static_cast<int>(place)))
             : void(m_places.remove(static_cast<int>(place)));
    look();
}

void ShelfFilter::setSet(const QString& set)
{
    m_set = set.toStdString();
    look();
}

void ShelfFilter::setPackage(const QString& package)
{
    m_package = package.toStdString();
    look();
}

void ShelfFilter::setUsed(ShelfSpan span)
{
    m_used = span;
    look();
}

void ShelfFilter::setTakenIn(ShelfSpan span)
{
    m_taken_in = span;
    look();
}

bool ShelfFilter::isNarrowed() const
{
    return isFiltering() || !m_set.empty() || !m_package.empty() || m_used != ShelfSpan::AnyTime ||
           m_taken_in != ShelfSpan::AnyTime;
}

ShelfPlace ShelfFilter::placeOf(int row) const
{
    const auto* font = m_fonts.shelf(row);
    if (!font)
        return ShelfPlace::Elsewhere;
    return font->state == ShelfState::Installed  ? ShelfPlace::Installed
           : font->state == ShelfState::SetAside ? ShelfPlace::SetAside
                                                 : ShelfPlace::OnShelf;
}

int ShelfFilter::countIn(ShelfPlace place) const
{
    int count = 0;
    for (int row = 0; row < m_fonts.rowCount() && !m_fonts.isListing(row); ++row)
        count += placeOf(row) == place;
    return count;
}

bool ShelfFilter::isAtHand(int row) const
{
    if (m_fonts.isListing(row) || !shows(placeOf(row)))
        return false;
    const auto* font = m_fonts.shelf(row);
    if (!font) // nothing is known of it that these could ask for
        return m_set.empty() && m_package.empty() && m_used == ShelfSpan::AnyTime &&
               m_taken_in == ShelfSpan::AnyTime;
    const QDate today = QDate::currentDate();
    return (m_set.empty() || std::ranges::find(font->sets, m_set) != font->sets.end()) &&
           (m_package.empty() || font->package == m_package) && isWithin(font->last_used, m_used, today) &&
           isWithin(font->added, m_taken_in, today);
}

QString inWords(ShelfPlace place)
{
    switch (place) {
    case ShelfPlace::OnShelf:
        return QObject::tr("on the shelf");
    case ShelfPlace::Installed:
        return QObject::tr("installed");
    case ShelfPlace::SetAside:
        return QObject::tr("set aside");
    case ShelfPlace::Elsewhere:
        return QObject::tr("elsewhere");
    }
    return {};
}

bool isWithin(const std::string& text, ShelfSpan span, const QDate& today)
{
    const QDate day = QDate::fromString(QString::fromStdString(text), Qt::ISODate);
    // A clock that went backwards makes days of the future; they are recent all the same.
    const qint64 days_ago = std::max<qint64>(0, day.isValid() ? day.daysTo(today) : 0);
    switch (span) {
    case ShelfSpan::AnyTime:
        return true;
    case ShelfSpan::Never:
        return !day.isValid();
    case ShelfSpan::ThisMonth:
        return day.isValid() && days_ago <= 31;
    case ShelfSpan::ThisYear:
        return day.isValid() && days_ago <= 366;
    case ShelfSpan::LongAgo:
        return day.isValid() && days_ago > 366;
    }
    return true;
}

} // namespace ink::ui
