// Makes designs away from the interface thread. The newest request of a slot wins; an older one that
// still runs is cancelled.
#pragma once

#include "core/design/composition.h"
#include "core/geometry/weld_cache.h"
#include "shelf/face_cache.h"

#include <QHash>
#include <QObject>
#include <QThreadPool>

#include <functional>
#include <memory>

namespace ink::ui {

using DesignResult = Result<std::shared_ptr<const Design>>;

class DesignService : public QObject
{
    Q_OBJECT
public:
    explicit DesignService(std::shared_ptr<FaceCache> faces, QObject* parent = nullptr);
    ~DesignService() override;

    using Done = std::function<void(const DesignResult&)>;
    /// Calls `done` on this object's thread, unless a newer request of the same slot came first.
    /// A higher priority runs earlier.
    void request(quint64 slot, const Job& job, const FontRef& font, int priority, Done done);
    void cancel(quint64 slot);
    bool isIdle() const { return m_pending.isEmpty(); }

private:
    struct Pending
    {
        CancelSource cancel;
        quint64 serial = 0;
    };
    std::shared_ptr<FaceCache> m_faces;
    /// Glyphs and groups welded for one request serve the next.
    std::shared_ptr<WeldCache> m_welds;
    QThreadPool m_pool;
    QHash<quint64, Pending> m_pending;
    quint64 m_serial = 0;
};

} // namespace ink::ui
