#include "ui/find/likeness_model.h"

#include "ui/outline_paths.h"

#include <QCoreApplication>

#include <algorithm>
#include <atomic>
#include <cmath>
#include <mutex>
#include <thread>

namespace ink::ui {
namespace {

constexpr quint64 kInkSlot = 1, kLookSlot = 2;
/// Fonts come in many at a time, and letters are typed one after the other.
constexpr int kLookAfter_ms = 200;
/// Listings whose letters are asked for; the catalogue sends them one by one.
constexpr int kMostListings = 300;
/// Candidates that can be laid over the picture.
constexpr std::size_t kMostOutlines = 40;
/// Progress is told after so many faces.
constexpr std::size_t kTellAfter = 16;

using Outlines = std::shared_ptr<const std::vector<NamedOutline>>;

/// Letters of a match, each moved to where `at` says.
template <class At>
QPainterPath lettersOf(const FaceMatch& match, const SetWord& set, const Outlines& outlines, const At& at)
{
    QPainterPath all;
    const double units = set.face ? static_cast<double>(set.face->info().units_per_em) : 1.0;
    const double scale = match.fit.px_per_em / units;
    for (std::size_t i = 0; i < match.fit.letters.size(); ++i) {
        const auto glyph = match.glyphs[i].glyph_id;
        const QPainterPath letter =
            toPainterPath(set.face ? set.face->glyphOutline(glyph) : (*outlines)[glyph].outline_em);
        const Point origin = at(i);
        all.addPath(QTransform(scale, 0, 0, scale, origin.x, origin.y).map(letter));
    }
    all.setFillRule(Qt::WindingFill);
    return all;
}

} // namespace

struct LikenessModel::Candidate
{
    QString key;
    std::filesystem::path path;
    FaceChoice choice;
    /// Of a listing.
    std::shared_ptr<const std::vector<NamedOutline>> outlines;

    std::shared_ptr<const FaceDescriptor> describe(DescriptorStore& store) const
    {
        if (outlines)
            return std::make_shared<FaceDescriptor>(descriptorOf(*outlines));
        auto made = store.of(path, choice);
        return made ? *made : nullptr;
    }
    Result<SetWord> set(std::string_view words) const
    {
        if (outlines)
            return setWord(outlines, words);
        const auto face = FontFace::open(path, choice);
        return face ? setWord(*face, words) : fail(face.error());
    }
};

/// One look at all candidates, on threads of the pool.
struct LikenessModel::Round
{
    LikenessModel& model;
    quint64 number;
    std::vector<Candidate> faces;
    std::shared_ptr<DescriptorStore> store;
    CancelToken cancel;

    /// Tells the model, on its thread, as long as this round is the newest.
    template <class Tell>
    void tell(Tell what) const
    {
        QMetaObject::invokeMethod(
            &model,
            [&m = model, n = number, what = std::move(what)] {
                if (m.m_round == n)
                    what();
            },
            Qt::QueuedConnection);
    }

    /// One damaged or huge font never holds up the rest: two threads take the next one each.
    std::vector<std::shared_ptr<const FaceDescriptor>> describeAll() const
    {
        std::vector<std::shared_ptr<const FaceDescriptor>> all(faces.size());
        onThreads([&](std::size_t i) {
            all[i] = faces[i].describe(*store);
            if (i % kTellAfter == 0)
                tell([&m = model, i, count = faces.size()] {
                    m.m_described = {static_cast<int>(i), static_cast<int>(count)};
                    emit m.progressed();
                });
        });
        return all;
    }

    /// `work(i)` for every face, until it is cancelled.
    template <class Work>
    void onThreads(const Work& work) const
    {
        std::atomic<std::size_t> next = 0;
        const auto run = [&] {
            for (std::size_t i = next++; i < faces.size() && !cancel.isCancelled(); i = next++)
                work(i);
        };
        const std::jthread other(run);
        run();
    }
};

LikenessModel::LikenessModel(FontListModel& fonts, CatalogueClient& catalogue, QObject* parent)
    : QObject(parent), m_fonts(fonts), m_catalogue(catalogue),
      m_store(std::make_shared<DescriptorStore>(DescriptorStore::usualFolder()))
{
    m_look_timer.setSingleShot(true);
    m_look_timer.setInterval(kLookAfter_ms);
    connect(&m_look_timer, &QTimer::timeout, this, &LikenessModel::look);
    for (auto signal : {&QAbstractItemModel::rowsInserted, &QAbstractItemModel::rowsRemoved})
        connect(&m_fonts, signal, this, [this] {
            if (m_wanted != Wanted::Nothing)
                askToLook();
        });
}

LikenessModel::~LikenessModel() = default;

QString LikenessModel::inWords() const
{
    switch (m_wanted) {
    case Wanted::Picture:
        return tr("this picture");
    case Wanted::Font:
        return m_font_name;
    case Wanted::Nothing:
        break;
    }
    return {};
}

QString LikenessModel::keyOf(int row) const
{
    if (m_fonts.isListing(row))
        return QStringLiteral("listing:") + m_fonts.listing(row).id;
    const auto& entry = m_fonts.entry(row);
    return QStringLiteral("%1|%2|%3")
        .arg(QString::fromStdString(entry.path.string()))
        .arg(entry.info.choice.face)
        .arg(QString::fromStdString(entry.info.choice.instance));
}

void LikenessModel::clear()
{
    stop();
    m_wanted = Wanted::Nothing;
    m_is_wished = false;
    m_picture.reset();
    m_ink.reset();
    m_trouble.reset();
    m_words.clear();
    m_found.clear();
    emit wantedChanged();
    emit found();
}

void LikenessModel::stop()
{
    ++m_round;
    m_look_timer.stop();
    m_pool.cancel(kInkSlot);
    m_pool.cancel(kLookSlot);
    m_described = {0, 0};
    emit progressed();
}

void LikenessModel::setWished(bool is_wished)
{
    m_is_wished = is_wished;
    emit wantedChanged();
    emit found();
}

void LikenessModel::lookLike(int row)
{
    clear();
    m_wanted = Wanted::Font;
    m_is_wished = true;
    m_font_key = keyOf(row);
    m_font_name = m_fonts.name(row);
    emit wantedChanged();
    askForOutlines();
    look();
}

void LikenessModel::setPicture(std::shared_ptr<const Picture> picture)
{
    clear();
    m_wanted = Wanted::Picture;
    m_picture = std::move(picture);
    m_wishes = {};
    emit wantedChanged();
    askForOutlines();
    m_is_levelled = false;
    readInk(m_wishes);
}

void LikenessModel::openPicture(const QString& path)
{
    stop();
    m_pool.run(kInkSlot, 1, [this, path](const CancelToken&) {
        auto read = readPictureFile(path.toStdString());
        auto picture = read ? std::make_shared<Picture>(std::move(*read)) : nullptr;
        return [this, picture = std::move(picture), error = read ? Error() : read.error()] {
            if (picture)
                return setPicture(picture);
            // The picture that was there stays.
            m_trouble = error;
            emit inkChanged();
        };
    });
}

void LikenessModel::setReading(const InkWishes& wishes)
{
    m_wishes = wishes;
    m_is_levelled = false;
    readInk(wishes);
}

void LikenessModel::setWords(const QString& words)
{
    if (m_words == words)
        return;
    m_words = words;
    askToLook();
}

void LikenessModel::readInk(const InkWishes& wishes)
{
    m_pool.run(kInkSlot, 1, [this, picture = m_picture, wishes](const CancelToken& cancel) {
        auto ink = inkOf(*picture, wishes, cancel);
        return [this, ink = std::move(ink)] {
            m_ink = ink ? std::make_shared<PictureInk>(*ink) : nullptr;
            m_trouble = ink ? std::nullopt : std::optional(ink.error());
            emit inkChanged();
            askToLook();
        };
    });
}

void LikenessModel::askToLook()
{
    m_look_timer.start();
    emit progressed();
}

/// Letters of listings, once each: they are compared like the fonts that are here.
void LikenessModel::askForOutlines()
{
    int asked = 0;
    for (int row = 0; row < m_fonts.rowCount() && asked < kMostListings; ++row) {
        if (!m_fonts.isListing(row))
            continue;
        const Listing& listing = m_fonts.listing(row);
        if (m_outlines.contains(listing.id))
            continue;
        ++asked;
        ++m_asked_outlines;
        m_outlines.insert(listing.id, nullptr);
        m_catalogue.keyMap(listing.id, listing.styles.value(0),
                           [this, id = listing.id](const Result<std::shared_ptr<const RemoteKeyMap>>& map) {
                               --m_asked_outlines;
                               if (!map) {
                                   m_outlines.remove(id); // asked again with the next look
                                   emit progressed();
                                   return;
                               }
                               auto letters = std::make_shared<std::vector<NamedOutline>>();
                               const double scale = 1.0 / (*map)->units_per_em;
                               for (const auto& key : (*map)->keys)
                                   letters->push_back(
                                       {key.character, key.advance_fu * scale,
                                        transformed(key.outline_fu, Affine{scale, 0, 0, scale, 0, 0})});
                               m_outlines.insert(id, std::move(letters));
                               if (m_wanted != Wanted::Nothing)
                                   askToLook();
                           });
    }
}

std::vector<LikenessModel::Candidate> LikenessModel::candidates() const
{
    std::vector<Candidate> faces;
    for (int row = 0; row < m_fonts.rowCount(); ++row) {
        if (m_fonts.isListing(row)) {
            if (auto outlines = m_outlines.value(m_fonts.listing(row).id))
                faces.push_back({keyOf(row), {}, {}, std::move(outlines)});
            continue;
        }
        const auto& entry = m_fonts.entry(row);
        faces.push_back({keyOf(row), entry.path, entry.info.choice, nullptr});
    }
    return faces;
}

void LikenessModel::look()
{
    ++m_round;
    if (m_wanted == Wanted::Font)
        return lookLikeFont(candidates());
    if (m_wanted == Wanted::Picture && m_ink)
        return lookLikePicture(candidates());
    m_pool.cancel(kLookSlot);
    take({}, true);
}

void LikenessModel::lookLikePicture(std::vector<Candidate> faces)
{
    auto picture = PictureMatch::of(*m_ink, m_words.toStdString());
    if (!picture) {
        // Nothing was typed yet: that is no trouble.
        if (picture.error().code != ErrorCode::EmptyText)
            m_trouble = picture.error();
        m_pool.cancel(kLookSlot);
        return take({}, true);
    }
    m_trouble.reset();
    m_pool.run(
        kLookSlot, 0,
        [this, number = m_round, faces = std::move(faces), store = m_store,
         match = std::make_shared<PictureMatch>(std::move(*picture))](const CancelToken& cancel) {
            const Round round{*this, number, faces, store, cancel};
            const auto descriptors = round.describeAll();
            std::vector<MatchFace> all;
            for (std::size_t i = 0; i < round.faces.size(); ++i)
                all.push_back({descriptors[i],
                               [&face = round.faces[i]](std::string_view words) { return face.set(words); }});
            const auto likenesses = [&round, &match](const std::vector<FaceMatch>& some) {
                QHash<QString, Likeness> out;
                for (const auto& found : some) {
                    const auto& face = round.faces[found.face];
                    Likeness one{
                        found.likeness, found.words, QString::fromStdString(found.worst_letter), {}, {}};
                    if (static_cast<std::size_t>(out.size()) < kMostOutlines)
                        if (const auto set = face.set(match->words())) {
                            one.outline_px = lettersOf(found, *set, face.outlines, [&](std::size_t i) {
                                return found.fit.letters[i].origin_px;
                            });
                            one.words_px = lettersOf(found, *set, face.outlines, [&](std::size_t i) {
                                return Point{set->word.letters[i].x_em * found.fit.px_per_em, 0.0};
                            });
                        }
                    out.insert(face.key, std::move(one));
                }
                return out;
            };
            const auto found = likest(*match, all, {}, cancel, [&](const std::vector<FaceMatch>& so_far) {
                auto first = so_far;
                first.resize(std::min(first.size(), kMostOutlines / 2));
                round.tell([this, some = likenesses(first)] { take(some, false); });
            });
            QHash<QString, Likeness> last;
            if (found)
                last = likenesses(*found);
            const double slope_left_deg = found && !found->empty() ? slopeLeft_deg(found->front()) : 0.0;
            return [this, last = std::move(last), number, slope_left_deg] {
                if (number != m_round)
                    return;
                take(last, true);
                level(slope_left_deg);
            };
        });
}

/// Once for each reading, and never against what the person says.
void LikenessModel::level(double slope_left_deg)
{
    if (m_is_levelled || m_wishes.slope_deg || !m_ink || std::abs(slope_left_deg) <= kLevel_deg)
        return;
    m_is_levelled = true;
    InkWishes levelled = m_wishes;
    levelled.slope_deg = m_ink->slope_deg + slope_left_deg;
    readInk(levelled);
}

void LikenessModel::lookLikeFont(std::vector<Candidate> faces)
{
    m_pool.run(kLookSlot, 0,
               [this, number = m_round, faces = std::move(faces), store = m_store, key = m_font_key,
                words = toUtf32(m_fonts.job().words)](const CancelToken& cancel) {
                   const Round round{*this, number, faces, store, cancel};
                   QHash<QString, Likeness> out;
                   const auto wanted =
                       std::ranges::find(round.faces, key, [](const Candidate& face) { return face.key; });
                   const auto descriptor = wanted == round.faces.end() ? nullptr : wanted->describe(*store);
                   if (descriptor) {
                       const FaceLook look(*descriptor);
                       const auto descriptors = round.describeAll();
                       std::vector<double> distances(descriptors.size(), 1.0);
                       round.onThreads([&](std::size_t i) {
                           if (descriptors[i])
                               distances[i] = look.distanceTo(FaceLook(*descriptors[i]), words);
                       });
                       for (std::size_t i = 0; i < descriptors.size(); ++i)
                           if (const double distance = distances[i]; descriptors[i]) {
                               out.insert(round.faces[i].key,
                                          {likenessOf(distance), wordForFaces(distance), {}, {}, {}});
                           }
                   }
                   return [this, out = std::move(out), number] {
                       if (number == m_round)
                           take(out, true);
                   };
               });
}

void LikenessModel::take(const QHash<QString, Likeness>& likenesses, bool is_all)
{
    if (is_all) {
        m_found = likenesses;
        m_described = {0, 0};
    } else {
        for (auto it = likenesses.begin(); it != likenesses.end(); ++it)
            m_found.insert(it.key(), it.value());
    }
    emit found();
    emit progressed();
}

const LikenessModel::Likeness* LikenessModel::of(int row) const
{
    const auto at = m_found.constFind(keyOf(row));
    return at == m_found.constEnd() ? nullptr : &*at;
}

std::vector<int> LikenessModel::likestRows() const
{
    std::vector<std::pair<double, int>> rows;
    for (int row = 0; row < m_fonts.rowCount(); ++row)
        if (const auto* likeness = of(row); likeness && likeness->words != LikenessWord::Unlike)
            rows.emplace_back(-likeness->likeness, row);
    std::ranges::sort(rows);
    std::vector<int> out;
    for (const auto& [likeness, row] : rows)
        out.push_back(row);
    return out;
}

QString inWords(LikenessWord word)
{
    switch (word) {
    case LikenessWord::Same:
        return QCoreApplication::translate("Likeness", "the same");
    case LikenessWord::Nearly:
        return QCoreApplication::translate("Likeness", "nearly the same");
    case LikenessWord::Like:
        return QCoreApplication::translate("Likeness", "like it");
    case LikenessWord::Manner:
        return QCoreApplication::translate("Likeness", "in its manner");
    case LikenessWord::Unlike:
        return QCoreApplication::translate("Likeness", "unlike");
    }
    return {};
}

} // namespace ink::ui
