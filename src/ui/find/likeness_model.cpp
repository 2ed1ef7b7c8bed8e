#include "ui/find/likeness_model.h"

#include "core/base/on_threads.h"
#include "core/base/user_folders.h"
#include "ui/outline_paths.h"

#include <QCoreApplication>

#include <algorithm>
#include <cmath>
#include <mutex>
#include <span>

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
constexpr unsigned kThreads = 2;

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

/// Of a listing, described once.
struct LikenessModel::SentLetters
{
    explicit SentLetters(std::vector<NamedOutline> sent)
        : letters(std::make_shared<const std::vector<NamedOutline>>(std::move(sent)))
    {
    }
    const std::shared_ptr<const FaceDescriptor>& described() const
    {
        std::call_once(m_once,
                       [this] { m_descriptor = std::make_shared<FaceDescriptor>(descriptorOf(*letters)); });
        return m_descriptor;
    }

    Outlines letters;

private:
    mutable std::once_flag m_once;
    mutable std::shared_ptr<const FaceDescriptor> m_descriptor;
};

struct LikenessModel::Candidate
{
    QString key;
    std::filesystem::path path;
    FaceChoice choice;
    /// Of a listing; null for a font that is here.
    std::shared_ptr<const SentLetters> sent;

    std::shared_ptr<const FaceDescriptor> describe(DescriptorStore& store) const
    {
        if (sent)
            return sent->described();
        auto made = store.of(path, choice);
        return made ? *made : nullptr;
    }
    Result<SetWord> set(std::string_view words) const
    {
        return sent ? setWord(sent->letters, words) : setWord(path, choice, words);
    }
    Outlines letters() const { return sent ? sent->letters : nullptr; }
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
        onThreads(kThreads, faces.size(), cancel, [&](std::size_t i) {
            all[i] = faces[i].describe(*store);
            if (i % kTellAfter == 0)
                tell([&m = model, i, count = faces.size()] {
                    m.m_described = {static_cast<int>(i), static_cast<int>(count)};
                    emit m.progressed();
                });
        });
        return all;
    }

    struct Seen
    {
        QHash<QString, Likeness> likenesses;
        double slope_left_deg = 0.0;
    };
    /// The words in the picture, beside those in all faces. Errors: those of PictureMatch::of(), Cancelled.
    Result<Seen> seenIn(const PictureInk& ink, const std::string& words) const
    {
        const auto picture = PictureMatch::of(ink, words);
        if (!picture)
            return fail(picture.error());
        const auto descriptors = describeAll();
        std::vector<MatchFace> all;
        for (std::size_t i = 0; i < faces.size(); ++i)
            all.push_back(
                {descriptors[i], [&face = faces[i]](std::string_view line) { return face.set(line); }});
        const auto found = likest(*picture, all, {}, cancel, [&](const std::vector<FaceMatch>& so_far) {
            const auto first = std::span(so_far).first(std::min(so_far.size(), kMostOutlines / 2));
            tell([&m = model, some = likenessesOf(*picture, first)] { m.take(some, false); });
        });
        if (!found)
            return fail(found.error());
        return Seen{likenessesOf(*picture, *found), found->empty() ? 0.0 : slopeLeft_deg(found->front())};
    }

    /// With outlines of the likest.
    QHash<QString, Likeness> likenessesOf(const PictureMatch& picture,
                                          std::span<const FaceMatch> matches) const
    {
        QHash<QString, Likeness> out;
        for (const auto& match : matches) {
            const auto& face = faces[match.face];
            Likeness one{match.likeness, match.words, QString::fromStdString(match.worst_letter), {}, {}};
            if (static_cast<std::size_t>(out.size()) < kMostOutlines)
                if (const auto set = face.set(picture.words())) {
                    one.outline_px = lettersOf(match, *set, face.letters(),
                                               [&](std::size_t i) { return match.fit.letters[i].origin_px; });
                    one.words_px = lettersOf(match, *set, face.letters(), [&](std::size_t i) {
                        return Point{set->word.letters[i].x_em * match.fit.px_per_em, 0.0};
                    });
                }
            out.insert(face.key, std::move(one));
        }
        return out;
    }
};

LikenessModel::LikenessModel(FontListModel& fonts, CatalogueClient& catalogue, QObject* parent)
    : QObject(parent), m_fonts(fonts), m_catalogue(catalogue),
      m_store(std::make_shared<DescriptorStore>(userCacheFolder()))
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
    look();
}

void LikenessModel::setPicture(std::shared_ptr<const Picture> picture)
{
    clear();
    m_wanted = Wanted::Picture;
    m_picture = std::move(picture);
    m_wishes = {};
    emit wantedChanged();
    m_levellings = 0;
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
    m_levellings = 0;
    readInk(wishes);
}

void LikenessModel::straightenPlate()
{
    if (!m_picture)
        return;
    m_pool.run(kInkSlot, 1, [this, picture = m_picture](const CancelToken&) {
        return [this, corners = plateIn(*picture)] {
            if (!corners)
                return emit plateMissed();
            InkWishes wishes;
            wishes.corners = corners;
            wishes.is_light_on_dark = m_wishes.is_light_on_dark;
            setReading(wishes);
        };
    });
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
        if (m_sent.contains(listing.id))
            continue;
        ++asked;
        ++m_asked_outlines;
        m_sent.insert(listing.id, nullptr);
        m_catalogue.keyMap(listing.id, listing.styles.value(0),
                           [this, id = listing.id](const Result<std::shared_ptr<const RemoteKeyMap>>& map) {
                               --m_asked_outlines;
                               if (!map || !((*map)->units_per_em > 0.0)) {
                                   m_sent.remove(id); // asked again with the next look
                                   emit progressed();
                                   return;
                               }
                               std::vector<NamedOutline> letters;
                               const double scale = 1.0 / (*map)->units_per_em;
                               for (const auto& key : (*map)->keys)
                                   letters.push_back(
                                       {key.character, key.advance_fu * scale,
                                        transformed(key.outline_fu, Affine{scale, 0, 0, scale, 0, 0})});
                               m_sent.insert(id, std::make_shared<SentLetters>(std::move(letters)));
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
            if (auto sent = m_sent.value(m_fonts.listing(row).id))
                faces.push_back({keyOf(row), {}, {}, std::move(sent)});
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
    askForOutlines(); // of listings that have come since
    if (m_wanted == Wanted::Font)
        return lookLikeFont(candidates());
    if (m_wanted == Wanted::Picture && m_ink)
        return lookLikePicture(candidates());
    m_pool.cancel(kLookSlot);
    take({}, true);
}

void LikenessModel::lookLikePicture(std::vector<Candidate> faces)
{
    m_trouble.reset();
    m_pool.run(kLookSlot, 0,
               [this, number = m_round, faces = std::move(faces), store = m_store, ink = m_ink,
                words = m_words.toStdString()](const CancelToken& cancel) {
                   auto seen = Round{*this, number, faces, store, cancel}.seenIn(*ink, words);
                   return [this, seen = std::move(seen), number] {
                       if (number != m_round)
                           return;
                       // Nothing was typed yet: that is no trouble.
                       if (!seen && seen.error().code != ErrorCode::EmptyText)
                           m_trouble = seen.error();
                       take(seen ? seen->likenesses : QHash<QString, Likeness>(), true);
                       if (seen)
                           level(seen->slope_left_deg);
                   };
               });
}

/// A few times for each reading, and never against what the person says.
void LikenessModel::level(double slope_left_deg)
{
    if (m_levellings == kMostLevellings || m_wishes.slope_deg || !m_ink ||
        std::abs(slope_left_deg) <= kLevel_deg)
        return;
    ++m_levellings;
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
                       onThreads(kThreads, descriptors.size(), cancel, [&](std::size_t i) {
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
