#include "ui/design_service.h"

#include <QMetaObject>
#include <QRunnable>
#include <QThread>

#include <algorithm>
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
    m_pool.setMaxThreadCount(std::max(1, QThread::idealThreadCount()));
}

DesignService::~DesignService()
{
    m_pool.clear();
    for (auto& pending : m_pending)
        pending.cancel.cancel();
    m_pool.waitForDone();
}

void DesignService::cancel(quint64 slot)
{
    if (const auto it = m_pending.find(slot); it != m_pending.end()) {
        it->cancel.cancel();
        m_pending.erase(it);
    }
}

void DesignService::request(quint64 slot, const Job& job, const FontRef& font, int priority, Done done)
{
    cancel(slot);
    Pending pending;
    pending.serial = ++m_serial;
    DesignRequest request{job.words, {{}, job.tracking_em}, job.size, job.is_mirrored};
    request.cancel = pending.cancel.token();
    request.cache = m_welds;
    m_pending.insert(slot, pending);
    auto work = [this, slot, serial = pending.serial, request, font, faces = m_faces,
                 done = std::move(done)] {
        if (request.cancel.isCancelled())
            return;
        auto result = makeFor(*faces, font, request);
        QMetaObject::invokeMethod(
            this,
            [this, slot, serial, result = std::move(result), done] {
                const auto it = m_pending.find(slot);
                if (it == m_pending.end() || it->serial != serial)
                    return;
                m_pending.erase(it);
                done(result);
            },
            Qt::QueuedConnection);
    };
    m_pool.start(QRunnable::create(std::move(work)), priority);
}

} // namespace ink::ui
