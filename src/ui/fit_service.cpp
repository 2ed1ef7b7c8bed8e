#include "ui/fit_service.h"

#include "ui/text.h"

#include "core/base/user_folders.h"
#include "ui/outline_paths.h"

#include <new>
#include <set>

namespace ink::ui {
namespace {

/// What is in the file, wherever it lies; what changes with it where it cannot be read.
std::string contentOf(const FontRef& font, FitStore& kept)
{
    if (auto digest = kept.contentOf(font.path); !digest.empty())
        return digest;
    std::error_code problem;
    const auto changed = std::filesystem::last_write_time(font.path, problem).time_since_epoch().count();
    return font.path + '\t' + std::to_string(changed) + '\t' +
           std::to_string(std::filesystem::file_size(font.path, problem));
}

/// From the two lines of kJoinSampleWords and kKindSampleWords.
FaceTraits traitsOfSample(const RemoteWords& remote, std::string name,
                          const std::shared_ptr<WeldCache>& welds)
{
    FaceTraits traits;
    if (const auto pairs = letterPairs(remote.set, Unit::ofFont(remote.units_per_em), {{}, welds}))
        for (const auto& pair : *pairs)
            if (pair.left.line == 0) {
                ++traits.joins.pairs;
                traits.joins.joins += pair.joins;
            }
    KindFacts facts;
    facts.name = std::move(name);
    facts.joins = traits.joins;
    facts.units_per_em = remote.units_per_em;
    facts.has_letters =
        !remote.set.glyphs_fu.empty() && remote.set.missing.find(U'a') == std::u32string::npos;
    std::vector<double> advances;
    if (remote.set.lines.size() > 1)
        for (const auto& glyph : remote.set.lines[1].shaped.glyphs)
            advances.push_back(glyph.advance_fu);
    facts.is_fixed_width = areEquallyWide(advances);
    for (std::size_t i = 0; i < remote.set.letters.size(); ++i)
        if (remote.set.letters[i].line == 1 && remote.set.letters[i].glyph == 0)
            facts.stem = *remote.set.glyphs_fu[i].paths;
    traits.kind = kindOf(facts);
    return traits;
}

Result<std::shared_ptr<const FitShape>> localShape(FaceCache& faces, FitCache& cache, FitStore& store,
                                                   const Job& job, const FontRef& font,
                                                   const std::string& features, const CancelToken& token,
                                                   const std::shared_ptr<WeldCache>& welds)
{
    const std::string content = contentOf(font, store);
    const FaceChoice choice{font.face, font.instance};
    const std::string key =
        FitCache::keyOf(content, choice, withoutMotifs(job.words), features, job.tracking_em);
    if (auto kept = cache.find(key))
        return kept;
    const std::string traits_key = FitCache::keyOf(content, choice, {}, {}, 0.0);
    if (auto kept = store.find(key)) {
        cache.keep(key, kept);
        cache.keepTraits(traits_key,
                         kept->marks_fu.traits); // other words of this font need not find out again
        return kept;
    }
    const auto face = faces.open(font.path, choice);
    if (!face)
        return fail(face.error());
    auto traits = cache.findTraits(traits_key);
    if (!traits) {
        cache.keepTraits(traits_key, traitsOf(**face, welds));
        traits = cache.findTraits(traits_key);
    }
    auto shape =
        fitShape(**face, withoutMotifs(job.words), {features, job.tracking_em}, traits.get(), token, welds);
    if (!shape)
        return fail(shape.error());
    auto shared = std::make_shared<const FitShape>(std::move(*shape));
    cache.keep(key, shared);
    store.keep(key, *shared);
    return shared;
}

/// More than these do not fit below the words.
constexpr std::size_t kMostForms = 24;

FitResult withForms(const FitResult& plain, FaceCache& faces, const FontRef& font)
{
    if (!plain || (*plain)->marks.alternates.empty())
        return plain;
    const auto face = faces.open(font.path, {font.face, font.instance});
    if (!face)
        return plain;
    auto card = std::make_shared<FitCard>(**plain);
    const double scale = 1.0 / (*face)->info().units_per_em;
    std::set<std::uint32_t> shown;
    for (const auto& letter : card->marks.alternates)
        for (const auto& form : letter.forms)
            if (card->forms_em.size() < kMostForms && shown.insert(form.glyph_id).second)
                card->forms_em.push_back(toPainterPath(
                    transformed((*face)->glyphOutline(form.glyph_id), Affine{scale, 0, 0, scale, 0, 0})));
    return std::shared_ptr<const FitCard>(std::move(card));
}

FitResult remoteCard(const RemoteWords& remote, const std::string& key, const FinishedSize& size,
                     const FaceTraits& traits, FitCache& cache, const CancelToken& token,
                     const std::shared_ptr<WeldCache>& welds)
{
    if (remote.set.glyphs_fu.empty())
        return fail(remote.set.missing.empty() ? ErrorCode::NothingToCut : ErrorCode::NoGlyphs);
    auto shape = fitShapeOf(remote.set, remote.units_per_em, remote.alternates, traits, token, welds);
    if (!shape)
        return fail(shape.error());
    auto shared = std::make_shared<const FitShape>(std::move(*shape));
    cache.keep(key, shared);
    return cardOf(std::move(shared), size);
}

} // namespace

FitResult cardOf(std::shared_ptr<const FitShape> shape, const FinishedSize& size)
{
    auto marks = marksAt(*shape, size);
    if (!marks)
        return fail(marks.error());
    auto card = std::make_shared<FitCard>();
    const auto [across, up] = scaleOf(*shape, size);
    card->marks = std::move(*marks);
    card->width_mm = shape->ink_fu.width() * across;
    card->height_mm = shape->ink_fu.height() * up;
    card->em_mm = shape->units_per_em * std::min(across, up);
    card->path_mm = toPainterPath(transformed(
        shape->outline_fu, {across, 0, 0, up, -shape->ink_fu.x0 * across, -shape->ink_fu.y1 * up}));
    card->shape = std::move(shape);
    return std::shared_ptr<const FitCard>(std::move(card));
}

FitService::FitService(std::shared_ptr<FaceCache> faces, CatalogueClient& catalogue, QObject* parent)
    : QObject(parent), m_faces(std::move(faces)), m_catalogue(catalogue),
      m_welds(std::make_shared<WeldCache>()), m_measured(std::make_shared<FitCache>()),
      m_measured_listings(std::make_shared<FitCache>()), m_kept(std::make_shared<FitStore>(userCacheFolder()))
{
}

void FitService::request(quint64 slot, const Job& job, const FontRef& font, const std::string& features,
                         int priority, Done done)
{
    m_newest[slot] = ++m_serial;
    m_pool.run(slot, priority,
               [job, font, features, faces = m_faces, cache = m_measured, kept = m_kept, welds = m_welds,
                done = std::move(done)](const CancelToken& token) -> SlotPool::Answer {
                   const auto result = [&]() -> FitResult {
                       try {
                           auto shape = localShape(*faces, *cache, *kept, job, font, features, token, welds);
                           if (!shape)
                               return fail(shape.error());
                           return withForms(cardOf(std::move(*shape), job.size), *faces, font);
                       } catch (const std::bad_alloc&) {
                           return fail(ErrorCode::TooManyNodes, font.path, "there is not enough memory");
                       }
                   }();
                   return [result, done] { done(result); };
               });
}

/// What is true of a listing's font whatever the words are: asked for once, told from sample letters.
void FitService::askForTraits(const Listing& listing, const QString& style, std::function<void()> then)
{
    const std::string key = (listing.id + QLatin1Char('\n') + style).toStdString();
    const auto sample = text(kJoinSampleWords) + QLatin1Char('\n') + text(kKindSampleWords);
    ++m_asking;
    m_catalogue.words(listing.id, style, sample, {},
                      [this, key, name = listing.name,
                       then = std::move(then)](const Result<std::shared_ptr<const RemoteWords>>& words) {
                          --m_asking;
                          if (!words) { // the words themselves will say what is wrong
                              m_measured_listings->keepTraits(key, {});
                              return then();
                          }
                          m_pool.run(
                              m_next_sample++, 0,
                              [remote = *words, key, name, welds = m_welds, cache = m_measured_listings,
                               then](const CancelToken&) -> SlotPool::Answer {
                                  cache->keepTraits(key, traitsOfSample(*remote, name.toStdString(), welds));
                                  return then;
                              });
                      });
}

void FitService::requestListing(quint64 slot, const Job& job, const Listing& listing, const QString& style,
                                const QString& features, int priority, Done done)
{
    const std::string id = listing.id.toStdString() + '\n' + style.toStdString();
    const std::string key =
        FitCache::keyOf("listing " + id, {}, withoutMotifs(job.words), features.toStdString(), 0.0);
    const quint64 serial = m_newest[slot] = ++m_serial;
    if (auto kept = m_measured_listings->find(key))
        return m_pool.run(slot, priority,
                          [kept, size = job.size, done](const CancelToken&) -> SlotPool::Answer {
                              return [result = cardOf(kept, size), done] { done(result); };
                          });
    auto ask = [this, slot, serial, key, id, job, listing = listing.id, style, features, priority, done] {
        if (m_newest.value(slot) == serial)
            askForWords({slot, serial, key, id, priority}, job, listing, style, features, done);
    };
    if (m_measured_listings->findTraits(id))
        ask();
    else
        askForTraits(listing, style, std::move(ask));
}

void FitService::askForWords(const Asked& asked, const Job& job, const QString& listing, const QString& style,
                             const QString& features, const Done& done)
{
    ++m_asking;
    m_catalogue.words(
        listing, style, QString::fromStdString(withoutMotifs(job.words)), features,
        [this, asked, size = job.size, done](const Result<std::shared_ptr<const RemoteWords>>& words) {
            --m_asking;
            if (m_newest.value(asked.slot) != asked.serial)
                return;
            if (!words)
                return done(fail(words.error()));
            m_pool.run(asked.slot, asked.priority,
                       [remote = *words, key = asked.key, size,
                        traits = m_measured_listings->findTraits(asked.traits_key),
                        cache = m_measured_listings, welds = m_welds,
                        done](const CancelToken& token) -> SlotPool::Answer {
                           return [result = remoteCard(*remote, key, size, *traits, *cache, token, welds),
                                   done] { done(result); };
                       });
        });
}

} // namespace ink::ui
