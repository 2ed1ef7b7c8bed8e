#include "ui/find/find_filter.h"

#include <QDate>

#include <limits>

namespace ink::ui {
namespace {

/// A listing that was fetched so often is in much use already.
constexpr qint64 kOften = 4000;
constexpr double kFewNodes = 40.0;
/// 20261125 of "2026-11-25"; 0 of nothing.
int dayNumber(const std::string& day)
{
    return QString::fromStdString(day).remove(QLatin1Char('-')).toInt();
}

constexpr double kUnknown = std::numeric_limits<double>::max();

} // namespace

FindFilter::FindFilter(FontListModel& fonts, QObject* parent) : QSortFilterProxyModel(parent), m_fonts(fonts)
{
    setSourceModel(&fonts);
    setDynamicSortFilter(
        false); // marks arrive one by one; looking again after each would scroll the list away
}

void FindFilter::setWords(const QString& words)
{
    m_words = words.toLower().split(QLatin1Char(' '), Qt::SkipEmptyParts);
    invalidateFilter();
}

void FindFilter::setWish(FindWish wish, bool is_on)
{
    is_on ? void(m_wishes.insert(static_cast<int>(wish))) : void(m_wishes.remove(static_cast<int>(wish)));
    invalidateFilter();
}

void FindFilter::setKinds(const QSet<QString>& kinds)
{
    m_kinds = kinds;
    invalidateFilter();
}

void FindFilter::clearWishes()
{
    m_wishes.clear();
    m_kinds.clear();
    invalidateFilter();
}

void FindFilter::setOrder(FindOrder order)
{
    m_order = order;
    sort(order == FindOrder::AsTheyCame ? -1 : 0);
    invalidate();
}

bool FindFilter::followsLikeness() const
{
    return m_order == FindOrder::Likest || (m_likeness && m_likeness->isWished());
}

bool FindFilter::hasWishes() const
{
    return !m_wishes.isEmpty() || !m_kinds.isEmpty() || (m_likeness && m_likeness->isWished());
}

bool FindFilter::isFiltering() const
{
    return !m_words.isEmpty() || hasWishes();
}

bool FindFilter::needsMarks() const
{
    const bool sorts_by_marks =
        m_order == FindOrder::Fit || (m_order >= FindOrder::ThinnestStroke && m_order != FindOrder::Likest);
    const bool asks_for_marks = std::ranges::any_of(
        m_wishes, [](int wish) { return static_cast<FindWish>(wish) != FindWish::AreMine; });
    return sorts_by_marks || asks_for_marks || !m_kinds.isEmpty();
}

bool FindFilter::fulfils(int row, FindWish wish) const
{
    if (wish == FindWish::AreMine)
        return !m_fonts.isListing(row);
    const auto* rights = m_fonts.knownRights(row);
    const auto hasVerdict = [&](Verdict verdict) { return rights && rights->dossier.verdict == verdict; };
    const bool is_listing = m_fonts.isListing(row);
    switch (wish) {
    case FindWish::MaySell:
        return hasVerdict(Verdict::MaySell);
    case FindWish::MaySellWithinLimits:
        return hasVerdict(Verdict::SellWithinLimits);
    case FindWish::AreGiftsOnly:
        return hasVerdict(Verdict::GiftsOnly);
    case FindWish::AreToBeAsked:
        return hasVerdict(Verdict::AskFirst) || hasVerdict(Verdict::EvidenceDisagrees);
    case FindWish::CostNothing:
        return m_fonts.price(row) == 0.0;
    case FindWish::AreOfThisYear:
        return m_fonts.publishedDay(row) / 10000 == QDate::currentDate().year();
    case FindWish::AreOftenFetched:
        return is_listing && m_fonts.listing(row).popularity >= kOften;
    default:
        break;
    }
    const auto* preview = m_fonts.known(row);
    if (!preview || !preview->card)
        return false;
    const FitMarks& marks = preview->card->marks;
    const Job& job = m_fonts.job();
    switch (wish) {
    case FindWish::HoldInProcess:
        return holds(marks, job.limits(), job.process) != Holds::Not;
    case FindWish::Join:
        return !marks.pairs.empty() && marks.joins == marks.pairs.size();
    case FindWish::HaveSwash:
        return marks.hasSwash();
    case FindWish::HaveEveryLetter:
        return marks.missing.empty();
    case FindWish::StrokesHold:
        return holdsStroke(marks, job.limits(), job.process) != Holds::Not;
    case FindWish::GapsStayOpen:
        return holdsGap(marks, job.limits()) != Holds::Not;
    case FindWish::PiecesHold:
        return holdsPieces(marks, job.limits()) != Holds::Not;
    case FindWish::HaveFewNodes:
        return marks.nodesPerLetter() < kFewNodes;
    case FindWish::HaveNoSharpPoints:
        return marks.sharp_points.empty();
    case FindWish::HaveNoMiddles:
        return marks.middles.empty();
    case FindWish::HaveHiddenForms:
        return !marks.traits.private_only.empty();
    default:
        return false;
    }
}

int FindFilter::countOf(FindWish wish) const
{
    int count = 0;
    for (int row = 0; row < m_fonts.rowCount(); ++row)
        count += isAtHand(row) && fulfils(row, wish);
    return count;
}

std::pair<int, int> FindFilter::lookedAt() const
{
    int looked_at = 0, all = 0;
    for (int row = 0; row < m_fonts.rowCount(); ++row)
        if (isAtHand(row)) {
            ++all;
            looked_at += m_fonts.isFresh(row) ? 1 : 0;
        }
    return {looked_at, all};
}

QString FindFilter::kindOf(int row) const
{
    if (m_fonts.isListing(row) && !m_fonts.listing(row).kinds.isEmpty())
        return m_fonts.listing(row).kinds.first();
    const auto* preview = m_fonts.known(row);
    if (!preview || !preview->card)
        return {};
    const auto& traits = preview->card->marks.traits;
    return QString::fromUtf8(idOf(traits.kind.kind).data());
}

bool FindFilter::isAtHand(int row) const
{
    return !m_fonts.isSetAside(row);
}

bool FindFilter::filterAcceptsRow(int row, const QModelIndex&) const
{
    if (!isAtHand(row))
        return false;
    for (const auto& word : m_words)
        if (!m_fonts.searchText(row).contains(word))
            return false;
    if (!m_kinds.isEmpty() && !m_kinds.contains(kindOf(row)))
        return false;
    if (m_likeness && m_likeness->isWished()) {
        const auto* likeness = m_likeness->of(row);
        if (!likeness || likeness->words == LikenessWord::Unlike)
            return false;
    }
    return std::ranges::all_of(m_wishes, [&](int wish) { return fulfils(row, static_cast<FindWish>(wish)); });
}

double FindFilter::keyOf(int row) const
{
    const bool is_listing = m_fonts.isListing(row);
    switch (m_order) {
    case FindOrder::Price:
        return is_listing ? m_fonts.price(row) : -1.0;
    case FindOrder::Newest:
        return -double(m_fonts.publishedDay(row));
    case FindOrder::Popular:
        return is_listing ? -double(m_fonts.listing(row).popularity) : 0.0;
    case FindOrder::LastUsed:
        return m_fonts.shelf(row) ? -double(dayNumber(m_fonts.shelf(row)->last_used)) : 1.0;
    case FindOrder::LastTakenIn:
        return m_fonts.shelf(row) ? -double(dayNumber(m_fonts.shelf(row)->added)) : 1.0;
    case FindOrder::Likest: {
        const auto* likeness = m_likeness ? m_likeness->of(row) : nullptr;
        return likeness ? -likeness->likeness : kUnknown;
    }
    case FindOrder::BestVerdict: {
        const auto* rights = m_fonts.knownRights(row);
        return rights ? double(rights->dossier.verdict) : kUnknown;
    }
    default:
        break;
    }
    const auto* preview = m_fonts.known(row);
    if (!preview || !preview->card)
        return kUnknown;
    const FitMarks& marks = preview->card->marks;
    const auto limits = m_fonts.job().limits();
    const auto stroke = [&] {
        const auto mark = strokeMark(marks, limits, m_fonts.job().process);
        return mark ? mark->narrowest.width : 0.0;
    };
    switch (m_order) {
    case FindOrder::Fit: {
        const int faults = 2 * static_cast<int>(holds(marks, limits, m_fonts.job().process)) +
                           4 * static_cast<int>(marks.missing.size());
        return faults - std::min(stroke(), 10.0) / 100.0;
    }
    case FindOrder::ThinnestStroke:
        return -stroke();
    case FindOrder::NarrowestGap: {
        const auto gap = gapMark(marks, limits);
        return gap ? -gap->narrowest.width : -1000.0;
    }
    case FindOrder::FewestPieces:
        return double(marks.pieces);
    case FindOrder::FewestNodes:
        return marks.nodesPerLetter();
    case FindOrder::FewestMiddles:
        return double(marks.middles.size());
    case FindOrder::FewestSharpPoints:
        return double(marks.sharp_points.size());
    case FindOrder::MostJoins:
        return marks.pairs.empty() ? 0.0 : -double(marks.joins) / double(marks.pairs.size());
    case FindOrder::MostForms: {
        double forms = 0;
        for (const auto& letter : marks.alternates)
            forms -= double(letter.forms.size());
        return forms;
    }
    case FindOrder::FewestMissing:
        return double(marks.missing.size());
    default:
        return 0.0;
    }
}

bool FindFilter::lessThan(const QModelIndex& left, const QModelIndex& right) const
{
    if (m_order == FindOrder::Name)
        return m_fonts.name(left.row()).localeAwareCompare(m_fonts.name(right.row())) < 0;
    const double a = keyOf(left.row()), b = keyOf(right.row());
    return a != b ? a < b : left.row() < right.row();
}

QString inWords(FindWish wish, const Job& job, const FontListModel&)
{
    switch (wish) {
    case FindWish::HoldInProcess: {
        static const QHash<int, QString> kWords{
            {int(Process::KnifeVinyl), QObject::tr("cut in this vinyl")},
            {int(Process::KnifeHeatTransfer), QObject::tr("cut in heat-transfer material")},
            {int(Process::KnifeCard), QObject::tr("cut in card")},
            {int(Process::LaserWood), QObject::tr("hold in wood")},
            {int(Process::Stencil), QObject::tr("hold as a stencil")},
            {int(Process::Pen), QObject::tr("can be drawn with a pen")},
            {int(Process::Applique), QObject::tr("hold as appliqué")},
            {int(Process::Satin), QObject::tr("can be stitched in satin")},
            {int(Process::PaperPattern), QObject::tr("can be traced")}};
        return kWords.value(int(job.process));
    }
    case FindWish::MaySell:
        return QObject::tr("may be sold");
    case FindWish::Join:
        return QObject::tr("join every letter");
    case FindWish::HaveSwash:
        return QObject::tr("have a swash for these letters");
    case FindWish::HaveEveryLetter:
        return QObject::tr("have every letter");
    case FindWish::AreMine:
        return QObject::tr("are mine already");
    case FindWish::StrokesHold:
        return QObject::tr("have strokes that hold");
    case FindWish::GapsStayOpen:
        return QObject::tr("have gaps that stay open");
    case FindWish::PiecesHold:
        return QObject::tr("have no piece that is too small");
    case FindWish::HaveFewNodes:
        return QObject::tr("have fewer than 40 nodes a letter");
    case FindWish::HaveNoSharpPoints:
        return QObject::tr("have no sharp points");
    case FindWish::HaveNoMiddles:
        return QObject::tr("have no middles to weed");
    case FindWish::HaveHiddenForms:
        return QObject::tr("have hidden forms");
    case FindWish::MaySellWithinLimits:
        return QObject::tr("may be sold within limits");
    case FindWish::AreGiftsOnly:
        return QObject::tr("are for gifts only");
    case FindWish::AreToBeAsked:
        return QObject::tr("need a question first");
    case FindWish::CostNothing:
        return QObject::tr("cost nothing");
    case FindWish::AreOfThisYear:
        return QObject::tr("are of this year");
    case FindWish::AreOftenFetched:
        return QObject::tr("are often fetched");
    }
    return {};
}

QString inWords(FindOrder order)
{
    switch (order) {
    case FindOrder::AsTheyCame:
        return QObject::tr("mine first");
    case FindOrder::Fit:
        return QObject::tr("best fit first");
    case FindOrder::Name:
        return QObject::tr("by name");
    case FindOrder::Price:
        return QObject::tr("cheapest first");
    case FindOrder::Newest:
        return QObject::tr("newest first");
    case FindOrder::Popular:
        return QObject::tr("most fetched first");
    case FindOrder::LastUsed:
        return QObject::tr("last used first");
    case FindOrder::LastTakenIn:
        return QObject::tr("last taken in first");
    case FindOrder::ThinnestStroke:
        return QObject::tr("thickest strokes first");
    case FindOrder::NarrowestGap:
        return QObject::tr("widest gaps first");
    case FindOrder::FewestPieces:
        return QObject::tr("fewest pieces first");
    case FindOrder::FewestNodes:
        return QObject::tr("fewest nodes first");
    case FindOrder::FewestMiddles:
        return QObject::tr("fewest middles first");
    case FindOrder::FewestSharpPoints:
        return QObject::tr("fewest sharp points first");
    case FindOrder::MostJoins:
        return QObject::tr("best joined first");
    case FindOrder::MostForms:
        return QObject::tr("most other forms first");
    case FindOrder::FewestMissing:
        return QObject::tr("most complete first");
    case FindOrder::BestVerdict:
        return QObject::tr("freest to sell first");
    case FindOrder::Likest:
        return QObject::tr("likest first");
    }
    return {};
}

} // namespace ink::ui
