#include "core/type/font_builder.h"

#include <hb.h>

namespace ink {

std::string fontOf(const std::map<std::string, std::string>& tables)
{
    hb_face_t* face = hb_face_builder_create();
    for (const auto& [tag, bytes] : tables) {
        hb_blob_t* blob = hb_blob_create(bytes.data(), static_cast<unsigned>(bytes.size()),
                                         HB_MEMORY_MODE_READONLY, nullptr, nullptr);
        hb_face_builder_add_table(face, hb_tag_from_string(tag.data(), static_cast<int>(tag.size())), blob);
        hb_blob_destroy(blob);
    }
    hb_blob_t* whole = hb_face_reference_blob(face);
    unsigned length = 0;
    const char* data = hb_blob_get_data(whole, &length);
    std::string out(data, length);
    hb_blob_destroy(whole);
    hb_face_destroy(face);
    return out;
}

} // namespace ink
