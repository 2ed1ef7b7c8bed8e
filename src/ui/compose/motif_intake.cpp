// What goes into the motif tray, and what comes out of it.
#include "core/formats/path_data.h"
#include "core/geometry/nesting.h"
#include "core/geometry/weld.h"
#include "core/type/key_map.h"
#include "shelf/shelf_intake.h"
#include "ui/compose/motif_step.h"
#include "ui/compose/motif_tray.h"
#include "ui/compose/svg_outlines.h"
#include "ui/measures.h"
#include "ui/outline_paths.h"
#include "ui/text.h"
#include "ui/widgets/choice.h"
#include "ui/widgets/flow_row.h"

#include <QFileInfo>

#include <algorithm>
#include <map>
#include <utility>

namespace ink::ui {

void MotifTray::takeFont(const std::filesystem::path& font, unsigned face_number,
                         std::shared_ptr<FontRightsReader> rights)
{
    change(tr("take a font into the tray"),
           [font, face_number, rights = std::move(rights)](MotifStore& store) -> Result<void> {
               const auto origin = originOf(*rights, font);
               const auto face = FontFace::open(font, {face_number, {}});
               if (!face)
                   return fail(face.error());
               const double scale = kU_per_em / (*face)->info().units_per_em;
               std::vector<Motif> motifs;
               const auto keys = keyMapOf(**face);
               const auto add = [&](const MappedGlyph& glyph) {
                   const auto outline = (*face)->glyphOutline(glyph.glyph_id);
                   if (outline.empty())
                       return;
                   Motif motif;
                   motif.collection = (*face)->info().readableName();
                   motif.key = glyph.character == 0 ? std::string() : keyName(glyph.character);
                   motif.name =
                       motif.key.empty() ? glyph.name : (*face)->info().readableName() + " " + motif.key;
                   motif.outline = pathData(transformed(outline, {scale, 0, 0, scale, 0, 0}));
                   motif.font_sha256 = origin.sha256;
                   motif.rights = origin.rights;
                   motif.glyph_id = glyph.glyph_id;
                   motif.added = today();
                   motifs.push_back(std::move(motif));
               };
               for (const auto& glyph : keys.characters)
                   add(glyph);
               for (const auto& glyph : keys.without_key)
                   add(glyph);
               if (motifs.empty())
                   return fail(ErrorCode::NothingToCut, font.string());
               const auto added = store.add(motifs);
               return added ? Result<void>() : Result<void>(fail(added.error()));
           });
}

void MotifTray::takeSvg(const QString& file)
{
    change(tr("take a picture into the tray"), [file](MotifStore& store) -> Result<void> {
        const auto outline = outlinesOfSvg(file);
        if (!outline)
            return fail(outline.error());
        Motif motif;
        motif.collection = "Own pictures";
        motif.name = QFileInfo(file).completeBaseName().toStdString();
        motif.outline = pathData(asMotif(*outline));
        motif.added = today();
        const auto added = store.add({motif});
        return added ? Result<void>() : Result<void>(fail(added.error()));
    });
}

void MotifTray::takeDrawing(const MotifDrawing& drawing, std::vector<std::filesystem::path> fonts,
                            std::shared_ptr<FontRightsReader> rights)
{
    change(
        tr("take letters into the tray"),
        [drawing, fonts = std::move(fonts), rights = std::move(rights)](MotifStore& store) -> Result<void> {
            Motif motif;
            motif.rights = drawing.rights;
            for (const auto& font : fonts) {
                const auto origin = originOf(*rights, font);
                if (motif.font_sha256.empty())
                    motif.font_sha256 = origin.sha256;
                addRights(motif.rights, origin.rights);
            }
            motif.collection = drawing.from_font;
            motif.name = drawing.name;
            motif.outline = pathData(*drawing.outline);
            motif.added = today();
            const auto added = store.add({motif});
            return added ? Result<void>() : Result<void>(fail(added.error()));
        });
}

std::optional<MotifDrawing> MotifTray::drawing(qlonglong id) const
{
    const auto it = std::ranges::find(m_motifs, static_cast<std::int64_t>(id), &Motif::id);
    if (it == m_motifs.end())
        return {};
    auto outline = pathsFromData(it->outline);
    if (!outline || outline->empty())
        return {};
    MotifDrawing drawing;
    drawing.name = it->name;
    const Box box = bounds(*outline);
    constexpr double kAir_u = 60.0;
    drawing.advance = box.x1 + kAir_u;
    drawing.outline = std::make_shared<const Paths>(std::move(*outline));
    drawing.from_font = it->collection;
    drawing.font_sha256 = it->font_sha256;
    drawing.rights = it->rights;
    return drawing;
}

} // namespace ink::ui
