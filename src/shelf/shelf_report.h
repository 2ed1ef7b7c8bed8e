// The shelf as JSON (docs/formats/shelf-report.md).
#pragma once

#include "shelf/bundle.h"
#include "shelf/installer.h"
#include "shelf/open_programs.h"
#include "shelf/shelf_health.h"
#include "shelf/shelf_store.h"
#include "shelf/twins.h"

#include <iosfwd>

namespace ink {

/// A JSON array, one object for each font.
void writeShelfReport(std::ostream& out, const std::vector<ShelfFont>& fonts);
/// What installing or removing did, and which programs have to be started again.
void writeInstallReport(std::ostream& out, const std::vector<ShelfFont>& fonts,
                        const std::vector<OpenProgram>& programs);
void writeBundleReport(std::ostream& out, const BundleRead& read);
void writeTwinsReport(std::ostream& out, const std::vector<ShelfFont>& fonts, const FontPrints& prints,
                      const std::vector<TwinGroup>& groups);
void writeHealthReport(std::ostream& out, const ShelfHealth& health);

} // namespace ink
