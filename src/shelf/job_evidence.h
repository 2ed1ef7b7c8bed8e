// What goes into a job's file as evidence: the documents and papers that speak of its fonts' rights.
#pragma once

#include "core/project/project.h"
#include "shelf/rights_store.h"
#include "shelf/shelf_contents.h"

#include <string>
#include <vector>

namespace ink {

struct JobEvidence
{
    std::vector<ProjectDocument> documents;
    /// "licence.pdf: it is larger than 64 MB": what could not be taken, for the person.
    std::vector<std::string> left_out;
};

/// The documents that lie on the shelf beside the job's fonts, and the permissions and receipts that were attached to them.
/// Reads files: not for the interface thread.
JobEvidence jobEvidence(const Job& job, const ShelfContents& shelf, const RightsStore& rights);

/// The job's font and those of single letters, each once.
std::vector<FontRef> fontsOf(const Job& job);

} // namespace ink
