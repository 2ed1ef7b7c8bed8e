#include "core/type/feature_tags.h"

#include <hb-ot.h>

namespace ink::detail {

std::vector<hb_tag_t> featureTags(hb_face_t* face, hb_tag_t table)
{
    unsigned count = 0;
    const unsigned all = hb_ot_layout_table_get_feature_tags(face, table, 0, &count, nullptr);
    std::vector<hb_tag_t> tags(all);
    count = all;
    hb_ot_layout_table_get_feature_tags(face, table, 0, &count, tags.data());
    tags.resize(count);
    return tags;
}

} // namespace ink::detail
