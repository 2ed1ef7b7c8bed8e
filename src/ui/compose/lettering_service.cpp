#include "ui/compose/lettering_service.h"

#include <algorithm>
#include <iterator>
#include <mutex>
#include <new>

namespace ink::ui {
namespace {

/// Slots of the pool: a newer request of the same takes the place of an older one.
enum Slot : quint64 { kCompose = 1, kTry, kTryWidths, kDress, kSketch = 100 };

FindLetters lettersFrom(std::shared_ptr<FaceCache> faces)
{
    return [faces = std::move(faces)](const FontRef& font) -> Result<std::shared_ptr<const LetterSource>> {
        const auto face = faces->open(font.path, {font.face, font.instance});
        if (!face)
            return fail(face.error());
        return lettersOf(*face);
    };
}

/// Memory that runs out is told like any other refusal.
template <class T, class Make>
Result<T> made(Make make)
{
    try {
        return make();
    } catch (const std::bad_alloc&) {
        return fail(ErrorCode::TooManyNodes, {}, "there is not enough memory");
    }
}

ComposedResult composedBy(const Job& job, const FindLetters& letters, const ComposeOptions& options)
{
    return made<std::shared_ptr<const ComposedDesign>>([&]() -> ComposedResult {
        auto composed = composeDesign(job, letters, options);
        if (!composed)
            return fail(composed.error());
        return std::shared_ptr<const ComposedDesign>(std::make_shared<ComposedDesign>(std::move(*composed)));
    });
}

} // namespace

/// Tables of forms, made once for a font and what was said about it.
struct LetteringService::Forms
{
    std::mutex mutex;
    std::vector<
        std::tuple<std::shared_ptr<const FontFace>, FormCorrections, std::shared_ptr<const FormTable>>>
        made;

    std::map<std::string, DrawingOrigin> origins;

    /// As it was known when the font was first tried on: reading and weighing its documents takes longer than
    /// the tries.
    DrawingOrigin originOf(FontRightsReader& rights, const std::string& font, const CancelToken& token)
    {
        {
            const std::scoped_lock lock(mutex);
            if (const auto it = origins.find(font); it != origins.end())
                return it->second;
        }
        auto origin = ink::originOf(rights, font, token);
        const std::scoped_lock lock(mutex);
        if (!token.isCancelled())
            origins[font] = origin;
        return origin;
    }

    std::shared_ptr<const FormTable> of(const std::shared_ptr<const FontFace>& face,
                                        const FormCorrections& corrections)
    {
        {
            const std::scoped_lock lock(mutex);
            for (const auto& [known, said, table] : made)
                if (known == face && said == corrections)
                    return table;
        }
        FormOptions options;
        options.corrections = corrections;
        auto table = std::make_shared<const FormTable>(*face, options);
        const std::scoped_lock lock(mutex);
        constexpr std::size_t kMostTables = 12;
        if (made.size() >= kMostTables)
            made.erase(made.begin());
        made.emplace_back(face, corrections, table);
        return table;
    }
};

LetteringService::LetteringService(std::shared_ptr<FaceCache> faces, std::shared_ptr<FontRightsReader> rights,
                                   QObject* parent)
    : QObject(parent), m_faces(std::move(faces)), m_rights(std::move(rights)),
      m_welds(std::make_shared<WeldCache>()), m_settings(std::make_shared<SettingCache>()),
      m_strokes(std::make_shared<StrokeWidths>()), m_forms(std::make_shared<Forms>())
{
}

void LetteringService::setCorrections(const std::string& font_path, FormCorrections corrections)
{
    m_corrections[font_path] = std::move(corrections);
}

const FormCorrections& LetteringService::corrections(const std::string& font_path) const
{
    static const FormCorrections kNone;
    const auto it = m_corrections.find(font_path);
    return it == m_corrections.end() ? kNone : it->second;
}

FindLetters LetteringService::letters() const
{
    auto fonts = lettersFrom(m_faces);
    return m_stored ? lettersOf(*m_stored, std::move(fonts)) : fonts;
}

void LetteringService::make(quint64 slot, int priority, const Job& job,
                            std::function<void(const ComposedResult&)> done)
{
    m_pool.run(
        slot, priority,
        [job, letters = letters(), welds = m_welds, settings = m_settings,
         done = std::move(done)](const CancelToken& token) -> SlotPool::Answer {
            return [result = composedBy(job, letters, {token, welds, settings}), done] { done(result); };
        });
}

void LetteringService::compose(const Job& job, std::function<void(const ComposedResult&)> done)
{
    make(kCompose, 2, job, std::move(done));
}

void LetteringService::sketch(int slot, const Job& job, std::function<void(const ComposedResult&)> done)
{
    make(kSketch + static_cast<quint64>(slot), 0, job, std::move(done));
}

TryOnRequest LetteringService::requestFor(const Job& job, std::size_t character, MmPerU mm_per_u) const
{
    TryOnRequest request;
    request.job = job;
    request.letters = letters();
    request.character = character;
    request.mm_per_u = mm_per_u;
    request.settings = m_settings;
    return request;
}

void LetteringService::tryOn(const Job& job, std::size_t character, std::size_t count, MmPerU mm_per_u,
                             std::function<void(const Result<std::shared_ptr<const Tries>>&)> done)
{
    const auto& choice = job.lettering.letter(character);
    const FontRef font = choice.font ? *choice.font : job.font;
    auto request = requestFor(job, character, mm_per_u);
    request.count = count;
    const auto run = [this, request = std::move(request), font, forms = m_forms, faces = m_faces,
                      corrections = corrections(font.path), rights = m_rights,
                      done](Slot slot, std::shared_ptr<StrokeWidths> strokes) {
        m_pool.run(slot, slot == kTry ? 1 : 0,
                   [request, font, forms, faces, corrections, rights, strokes,
                    done](const CancelToken& token) -> SlotPool::Answer {
                       auto own = request;
                       own.cancel = token;
                       own.strokes = strokes;
                       auto result =
                           made<std::shared_ptr<const Tries>>([&]() -> Result<std::shared_ptr<const Tries>> {
                               const auto face = faces->open(font.path, {font.face, font.instance});
                               if (!face)
                                   return fail(ErrorCode::FontMissing, font.path);
                               own.forms = forms->of(*face, corrections);
                               auto tries = ink::tryOn(own);
                               if (!tries)
                                   return fail(tries.error());
                               auto pieces = tryPieces(own);
                               if (!pieces)
                                   return fail(pieces.error());
                               if (rights && !pieces->empty()) {
                                   const auto origin = forms->originOf(*rights, font.path, token);
                                   for (auto& item : *pieces) {
                                       item.piece->drawing.font_sha256 = origin.sha256;
                                       item.piece->drawing.rights = origin.rights;
                                   }
                               }
                               std::ranges::move(*pieces, std::back_inserter(*tries));
                               return std::shared_ptr<const Tries>(std::make_shared<Tries>(Tries{
                                   own.character, std::move(*tries), own.forms, own.strokes != nullptr}));
                           });
                       return [result, done] { done(result); };
                   });
    };
    run(kTry, nullptr);
    run(kTryWidths, m_strokes);
}

void LetteringService::stopTrying()
{
    m_pool.cancel(kTry);
    m_pool.cancel(kTryWidths);
}

void LetteringService::dress(const Job& job, MmPerU mm_per_u,
                             std::function<void(const Result<std::vector<Dressing>>&)> done)
{
    m_pool.run(
        kDress, 0,
        [request = requestFor(job, 0, mm_per_u), forms = m_forms, faces = m_faces, strokes = m_strokes,
         corrections = corrections(job.font.path),
         done = std::move(done)](const CancelToken& token) -> SlotPool::Answer {
            auto own = request;
            own.cancel = token;
            own.strokes = strokes;
            auto result = made<std::vector<Dressing>>([&]() -> Result<std::vector<Dressing>> {
                const auto face = faces->open(own.job.font.path, {own.job.font.face, own.job.font.instance});
                if (!face)
                    return fail(face.error());
                own.forms = forms->of(*face, corrections);
                return ink::dress(own);
            });
            return [result, done] { done(result); };
        });
}

} // namespace ink::ui
