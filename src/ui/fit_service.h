// Fit marks away from the interface thread, of fonts on this computer and of listings.
#pragma once

#include "core/fit/fit_cache.h"
#include "services/catalogue_client.h"
#include "shelf/face_cache.h"
#include "shelf/fit_store.h"
#include "shelf/font_rights.h"
#include "ui/slot_pool.h"

#include <QPainterPath>

namespace ink::ui {

/// The words in one font, measured, and ready to paint.
struct FitCard
{
    std::shared_ptr<const FitShape> shape;
    /// At the job's size, mm.
    FitMarks marks;
    /// Welded, in mm, y down from the top of the ink.
    QPainterPath path_mm;
    double width_mm = 0.0, height_mm = 0.0, em_mm = 0.0;
    /// The other forms that the font holds for the letters of the words, in em, y down, each at its own
    /// origin; none for a listing.
    std::vector<QPainterPath> forms_em;
};

using FitResult = Result<std::shared_ptr<const FitCard>>;

class FitService : public QObject
{
    Q_OBJECT
public:
    FitService(std::shared_ptr<FaceCache> faces, CatalogueClient& catalogue, QObject* parent = nullptr);

    using Done = std::function<void(const FitResult&)>;
    void request(quint64 slot, const Job& job, const FontRef& font, const std::string& features, int priority,
                 Done done);
    void requestListing(quint64 slot, const Job& job, const Listing& listing, const QString& style,
                        const QString& features, int priority, Done done);
    bool isIdle() const { return m_pool.isIdle() && m_asking == 0; }
    void cancel(quint64 slot) { m_pool.cancel(slot); }

    FaceCache& faces() { return *m_faces; }
    /// What was measured of fonts on this computer; another window can go on with it.
    const std::shared_ptr<FitCache>& measured() const { return m_measured; }
    void goOnWith(std::shared_ptr<FitCache> measured) { m_measured = std::move(measured); }
    SlotPool& pool() { return m_pool; }

private:
    struct Asked
    {
        quint64 slot, serial;
        std::string key, traits_key;
        int priority;
    };
    void askForTraits(const Listing& listing, const QString& style, std::function<void()> then);
    void askForWords(const Asked& asked, const Job& job, const QString& listing, const QString& style,
                     const QString& features, const Done& done);

    std::shared_ptr<FaceCache> m_faces;
    CatalogueClient& m_catalogue;
    std::shared_ptr<WeldCache> m_welds;
    std::shared_ptr<FitCache> m_measured, m_measured_listings;
    std::shared_ptr<FitStore> m_kept;
    SlotPool m_pool;
    int m_asking = 0;
    /// Slots of their own, beside those of the rows.
    quint64 m_next_sample = quint64{1} << 41;
    QHash<quint64, quint64> m_newest;
    quint64 m_serial = 0;
};

/// The card of a shape at the job's size.
FitResult cardOf(std::shared_ptr<const FitShape> shape, const FinishedSize& size);

} // namespace ink::ui
