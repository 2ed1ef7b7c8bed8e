// The features of a layout table, all of them. Internal to type.
#pragma once

#include <hb.h>

#include <vector>

namespace ink::detail {

/// In the order of the table, one entry for each script and language that lists it; a font may have
/// thousands.
std::vector<hb_tag_t> featureTags(hb_face_t* face, hb_tag_t table);

} // namespace ink::detail
