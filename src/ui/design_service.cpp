#include "ui/design_service.h"

#include <new>

namespace ink::ui {
namespace {

DesignResult makeFor(FaceCache& faces, const FontRef& font, const DesignRequest& request)
{
    try {
        const auto face = faces.open(font.path, {font.face, font.instance});
        if (!face)
            return fail(face.error());
        auto design = makeDesign(**face, request);
        if (!design)
            return fail(design.error());
        return std::shared_ptr<const Design>(std::make_shared<Design>(std::move(*design)));
    } catch (const std::bad_alloc&) {
        return fail(ErrorCode::TooManyNodes, font.path, "there is not enough memory");
    }
}

} // namespace

DesignService::DesignService(std::shared_ptr<FaceCache> faces, QObject* parent)
    : QObject(parent), m_faces(std::move(faces)), m_welds(std::make_shared<WeldCache>())
{
}

void DesignService::request(quint64 slot, const Job& job, const FontRef& font, int priority, Done done)
{
    DesignRequest request{job.words, {{}, job.tracking_em}, job.size, job.is_mirrored};
    request.cache = m_welds;
    m_pool.run(slot, priority,
               [request, font, faces = m_faces,
                done = std::move(done)](const CancelToken& token) -> SlotPool::Answer {
                   DesignRequest own = request;
                   own.cancel = token;
                   return [result = makeFor(*faces, font, own), done] { done(result); };
               });
}

} // namespace ink::ui
