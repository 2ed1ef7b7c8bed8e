#include "ui/fit_service.h"

#include "core/base/digest.h"
#include "ui/outline_paths.h"

#include <new>

namespace ink::ui {
namespace {

/// Changes whenever the file does; reading every file for its digest would cost more than the marks.
std::string contentOf(const FontRef& font)
{
    std::error_code problem;
    const auto changed = std::filesystem::last_write_time(font.path, problem).time_since_epoch().count();
    return font.path + '\t' + std::to_string(changed) + '\t' +
           std::to_string(std::filesystem::file_size(font.path, problem));
}

Result<std::shared_ptr<const FitShape>> localShape(FaceCache& faces, FitCache& cache, const Job& job,
                                                   const FontRef& font, const std::string& features,
                                                   const CancelToken& token,
                                                   const std::shared_ptr<WeldCache>& welds)
{
    const std::string content = contentOf(font);
    const FaceChoice choice{font.face, font.instance};
    const std::string key = FitCache::keyOf(content, choice, job.words, features, job.tracking_em);
    if (auto kept = cache.find(key))
        return kept;
    const auto face = faces.open(font.path, choice);
    if (!face)
        return fail(face.error());
    const std::string traits_key = FitCache::keyOf(content, choice, {}, {}, 0.0);
    auto traits = cache.findTraits(traits_key);
    if (!traits) {
        cache.keepTraits(traits_key, traitsOf(**face, welds));
        traits = cache.findTraits(traits_key);
    }
    auto shape = fitShape(**face, job.words, {features, job.tracking_em}, traits.get(), token, welds);
    if (!shape)
        return fail(shape.error());
    auto shared = std::make_shared<const FitShape>(std::move(*shape));
    cache.keep(key, shared);
    return shared;
}

} // namespace

FitResult cardOf(std::shared_ptr<const FitShape> shape, const FinishedSize& size)
{
    auto marks = marksAt(*shape, size);
    if (!marks)
        return fail(marks.error());
    auto card = std::make_shared<FitCard>();
    const double scale = scaleOf(*shape, size);
    card->marks = std::move(*marks);
    card->width_mm = shape->ink_fu.width() * scale;
    card->height_mm = shape->ink_fu.height() * scale;
    card->em_mm = shape->units_per_em * scale;
    card->path_mm = toPainterPath(transformed(
        shape->outline_fu, {scale, 0, 0, scale, -shape->ink_fu.x0 * scale, -shape->ink_fu.y1 * scale}));
    card->shape = std::move(shape);
    return std::shared_ptr<const FitCard>(std::move(card));
}

FitService::FitService(std::shared_ptr<FaceCache> faces, CatalogueClient& catalogue, QObject* parent)
    : QObject(parent), m_faces(std::move(faces)), m_catalogue(catalogue),
      m_welds(std::make_shared<WeldCache>()), m_cache(std::make_shared<FitCache>())
{
}

void FitService::request(quint64 slot, const Job& job, const FontRef& font, const std::string& features,
                         int priority, Done done)
{
    m_newest[slot] = ++m_serial;
    m_pool.run(slot, priority,
               [job, font, features, faces = m_faces, cache = m_cache, welds = m_welds,
                done = std::move(done)](const CancelToken& token) -> SlotPool::Answer {
                   const auto result = [&]() -> FitResult {
                       try {
                           auto shape = localShape(*faces, *cache, job, font, features, token, welds);
                           if (!shape)
                               return fail(shape.error());
                           return cardOf(std::move(*shape), job.size);
                       } catch (const std::bad_alloc&) {
                           return fail(ErrorCode::TooManyNodes, font.path, "there is not enough memory");
                       }
                   }();
                   return [result, done] { done(result); };
               });
}

void FitService::askForSample(const QString& listing, const QString& style)
{
    const std::string key = listing.toStdString() + '\n' + style.toStdString();
    ++m_asking;
    m_catalogue.words(
        listing, style,
        QString::fromUtf8(kJoinSampleWords.data(), static_cast<qsizetype>(kJoinSampleWords.size())), {},
        [this, key](const Result<std::shared_ptr<const RemoteWords>>& words) {
            --m_asking;
            FaceTraits traits;
            if (words)
                if (const auto pairs = letterPairs((*words)->set, {(*words)->units_per_em, {}, m_welds}))
                    traits.joins = {
                        static_cast<std::size_t>(std::ranges::count_if(*pairs, &LetterPair::joins)),
                        pairs->size()};
            m_cache->keepTraits(key, std::move(traits));
        });
}

void FitService::requestListing(quint64 slot, const Job& job, const QString& listing, const QString& style,
                                const QString& features, int priority, Done done)
{
    const std::string key = FitCache::keyOf("listing " + listing.toStdString() + '\n' + style.toStdString(),
                                            {}, job.words, features.toStdString(), 0.0);
    const quint64 serial = m_newest[slot] = ++m_serial;
    if (auto kept = m_cache->find(key))
        return m_pool.run(slot, priority,
                          [kept, size = job.size, done](const CancelToken&) -> SlotPool::Answer {
                              return [result = cardOf(kept, size), done] { done(result); };
                          });
    const std::string traits_key = listing.toStdString() + '\n' + style.toStdString();
    if (!m_cache->findTraits(traits_key))
        askForSample(listing, style);
    ++m_asking;
    m_catalogue.words(
        listing, style, QString::fromStdString(job.words), features,
        [this, slot, serial, key, traits_key, job, priority,
         done](const Result<std::shared_ptr<const RemoteWords>>& words) {
            --m_asking;
            if (m_newest.value(slot) != serial)
                return;
            if (!words)
                return done(fail(words.error()));
            const auto traits = m_cache->findTraits(traits_key);
            m_pool.run(slot, priority,
                       [remote = *words, key, size = job.size, traits, cache = m_cache, welds = m_welds,
                        done](const CancelToken& token) -> SlotPool::Answer {
                           const auto result = [&]() -> FitResult {
                               if (remote->set.glyphs_fu.empty())
                                   return fail(remote->set.missing.empty() ? ErrorCode::NothingToCut
                                                                           : ErrorCode::NoGlyphs);
                               auto shape = fitShapeOf(remote->set, remote->units_per_em, remote->alternates,
                                                       traits ? *traits : FaceTraits{}, token, welds);
                               if (!shape)
                                   return fail(shape.error());
                               auto shared = std::make_shared<const FitShape>(std::move(*shape));
                               if (traits)
                                   cache->keep(key, shared);
                               return cardOf(std::move(shared), size);
                           }();
                           return [result, done] { done(result); };
                       });
        });
}

} // namespace ink::ui
