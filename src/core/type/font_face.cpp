#include "core/type/font_face.h"

#include "core/base/file_output.h"
#include "core/base/told.h"
#include "core/type/font_container.h"

#include <hb-ot.h>
#include <hb.h>

#include <algorithm>
#include <array>
#include <cctype>

namespace ink {
namespace {

// The largest fonts of Debian (all of CJK in one collection) stay below this.
constexpr std::size_t kMaxFontBytes = std::size_t{256} << 20;

using FacePtr = std::unique_ptr<hb_face_t, decltype(&hb_face_destroy)>;
using BlobPtr = std::unique_ptr<hb_blob_t, decltype(&hb_blob_destroy)>;

struct OpenedFile
{
    FontContainer container = FontContainer::Plain;
    unsigned face_count = 1;
    BlobPtr blob{nullptr, hb_blob_destroy};
};

Result<OpenedFile> openFile(const std::filesystem::path& path)
{
    auto bytes = readFile(path, kMaxFontBytes);
    if (!bytes)
        return fail(bytes.error());
    auto sfnt = detail::unpackFont(std::move(*bytes), path.string());
    if (!sfnt)
        return fail(sfnt.error());
    auto* kept = new std::string(std::move(sfnt->bytes));
    OpenedFile file;
    file.container = sfnt->container;
    file.face_count = sfnt->face_count;
    file.blob.reset(hb_blob_create(kept->data(), static_cast<unsigned>(kept->size()), HB_MEMORY_MODE_READONLY,
                                   kept, [](void* p) { delete static_cast<std::string*>(p); }));
    return file;
}

BlobPtr table(hb_face_t* face, const char (&tag)[5])
{
    return {hb_face_reference_table(face, HB_TAG(tag[0], tag[1], tag[2], tag[3])), hb_blob_destroy};
}

bool hasTable(hb_face_t* face, const char (&tag)[5])
{
    return hb_blob_get_length(table(face, tag).get()) > 0;
}

Result<OutlineKind> outlineKind(hb_face_t* face, const std::string& subject)
{
    if (hasTable(face, "glyf"))
        return OutlineKind::TrueType;
    if (hasTable(face, "CFF "))
        return OutlineKind::Cff;
    if (hasTable(face, "CFF2"))
        return OutlineKind::Cff2;
    if (hasTable(face, "CBDT") || hasTable(face, "sbix") || hasTable(face, "SVG "))
        return fail(ErrorCode::FontColourOnly, subject);
    if (hasTable(face, "EBDT") || hasTable(face, "bdat"))
        return fail(ErrorCode::FontWithoutOutlines, subject);
    return fail(ErrorCode::FontDamaged, subject, "it has no outline table");
}

std::string nameOf(hb_face_t* face, hb_ot_name_id_t id)
{
    const hb_language_t english = hb_language_from_string("en", -1);
    unsigned length = hb_ot_name_get_utf8(face, id, english, nullptr, nullptr);
    hb_language_t language = english;
    if (length == 0) { // a font that names itself in another language only
        unsigned count = 0;
        const auto* entries = hb_ot_name_list_names(face, &count);
        const auto* found =
            std::find_if(entries, entries + count, [id](const auto& e) { return e.name_id == id; });
        if (found == entries + count)
            return {};
        language = found->language;
        length = hb_ot_name_get_utf8(face, id, language, nullptr, nullptr);
    }
    std::string text(length + 1, '\0');
    unsigned size = length + 1;
    hb_ot_name_get_utf8(face, id, language, &size, text.data());
    text.resize(std::min<std::size_t>(size, length));
    return text;
}

std::string firstName(hb_face_t* face, std::initializer_list<unsigned> ids)
{
    for (const unsigned id : ids)
        if (auto name = nameOf(face, id); !name.empty())
            return name;
    return {};
}

/// PANOSE family kind 5 is "Latin Pictorial"; a (3,0) `cmap` says that the keys carry symbols.
/// Source: OpenType 1.9, `OS/2` and `cmap`.
bool carriesPictures(hb_face_t* face)
{
    constexpr unsigned kPanoseOffset = 32;
    unsigned length = 0;
    const auto os2 = table(face, "OS/2");
    const auto* data = reinterpret_cast<const unsigned char*>(hb_blob_get_data(os2.get(), &length));
    if (length > kPanoseOffset && data[kPanoseOffset] == 5)
        return true;
    const auto cmap = table(face, "cmap");
    const auto* c = reinterpret_cast<const unsigned char*>(hb_blob_get_data(cmap.get(), &length));
    bool symbol = false, unicode = false;
    for (unsigned i = 0; length >= 4 && i < static_cast<unsigned>(c[2] << 8 | c[3]) && 12 + 8 * i <= length;
         ++i) {
        const unsigned platform = static_cast<unsigned>(c[4 + 8 * i] << 8 | c[5 + 8 * i]);
        const unsigned encoding = static_cast<unsigned>(c[6 + 8 * i] << 8 | c[7 + 8 * i]);
        symbol |= platform == 3 && encoding == 0;
        unicode |= platform == 0 || (platform == 3 && encoding != 0);
    }
    return symbol && !unicode;
}

/// Source: OpenType 1.9, `OS/2` (fsType at 8, panose at 32) and `post` (isFixedPitch at 12).
void readClasses(hb_face_t* face, FaceInfo& info)
{
    unsigned length = 0;
    const auto os2 = table(face, "OS/2");
    const auto* data = reinterpret_cast<const unsigned char*>(hb_blob_get_data(os2.get(), &length));
    if (length >= 10)
        info.fs_type = data[8] << 8 | data[9];
    if (length >= 34) {
        info.panose_kind = data[32];
        info.panose_serif = data[33];
    }
    const auto post = table(face, "post");
    data = reinterpret_cast<const unsigned char*>(hb_blob_get_data(post.get(), &length));
    info.is_fixed_width = length >= 16 && (data[12] | data[13] | data[14] | data[15]) != 0;
}

double sewnSize_mm(hb_face_t* face)
{
    constexpr double kMostSize_mm = 1000.0;
    unsigned length = 0;
    const auto sewn = table(face, "UIsw");
    const auto* d = reinterpret_cast<const unsigned char*>(hb_blob_get_data(sewn.get(), &length));
    if (length < 8)
        return 0.0;
    const double size_mm = (d[4] * 16777216.0 + d[5] * 65536.0 + d[6] * 256.0 + d[7]) / 1000.0;
    return size_mm <= kMostSize_mm ? size_mm : 0.0;
}

Result<FaceInfo> describe(hb_face_t* face, const OpenedFile& file, unsigned index,
                          const std::filesystem::path& path)
{
    const auto kind = outlineKind(face, path.string());
    if (!kind)
        return fail(kind.error());
    FaceInfo info;
    info.choice.face = index;
    info.container = file.container;
    info.outlines = *kind;
    info.family = firstName(
        face, {HB_OT_NAME_ID_TYPOGRAPHIC_FAMILY, HB_OT_NAME_ID_FONT_FAMILY, HB_OT_NAME_ID_FULL_NAME});
    if (info.family.empty())
        info.family = path.stem().string();
    info.style = firstName(face, {HB_OT_NAME_ID_TYPOGRAPHIC_SUBFAMILY, HB_OT_NAME_ID_FONT_SUBFAMILY});
    if (info.style.empty())
        info.style = "Regular";
    info.manufacturer = nameOf(face, HB_OT_NAME_ID_MANUFACTURER);
    info.version = nameOf(face, HB_OT_NAME_ID_VERSION_STRING);
    info.copyright = nameOf(face, HB_OT_NAME_ID_COPYRIGHT);
    info.licence = nameOf(face, HB_OT_NAME_ID_LICENSE);
    info.licence_url = nameOf(face, HB_OT_NAME_ID_LICENSE_URL);
    info.trademark = nameOf(face, HB_OT_NAME_ID_TRADEMARK);
    info.description = nameOf(face, HB_OT_NAME_ID_DESCRIPTION);
    readClasses(face, info);
    info.units_per_em = hb_face_get_upem(face);
    info.is_picture_font = carriesPictures(face);
    info.is_variable = hb_ot_var_has_data(face) != 0;
    info.sewn_size_mm = sewnSize_mm(face);
    if (hb_face_get_glyph_count(face) == 0)
        return fail(ErrorCode::FontDamaged, path.string(), "it has no glyphs");
    return info;
}

std::vector<std::string> instanceNames(hb_face_t* face)
{
    std::vector<std::string> names;
    for (unsigned i = 0; i < hb_ot_var_get_named_instance_count(face); ++i)
        names.push_back(nameOf(face, hb_ot_var_named_instance_get_subfamily_name_id(face, i)));
    return names;
}

ContourPen& penOf(void* data)
{
    return *static_cast<ContourPen*>(data);
}

hb_draw_funcs_t* makeDrawFuncs()
{
    hb_draw_funcs_t* funcs = hb_draw_funcs_create();
    hb_draw_funcs_set_move_to_func(
        funcs,
        [](hb_draw_funcs_t*, void* d, hb_draw_state_t*, float x, float y, void*) {
            penOf(d).moveTo({x, y});
        },
        nullptr, nullptr);
    hb_draw_funcs_set_line_to_func(
        funcs,
        [](hb_draw_funcs_t*, void* d, hb_draw_state_t*, float x, float y, void*) {
            penOf(d).lineTo({x, y});
        },
        nullptr, nullptr);
    hb_draw_funcs_set_quadratic_to_func(
        funcs,
        [](hb_draw_funcs_t*, void* d, hb_draw_state_t*, float cx, float cy, float x, float y, void*) {
            penOf(d).quadraticTo({cx, cy}, {x, y});
        },
        nullptr, nullptr);
    hb_draw_funcs_set_cubic_to_func(
        funcs,
        [](hb_draw_funcs_t*, void* d, hb_draw_state_t*, float ax, float ay, float bx, float by, float x,
           float y, void*) {
            penOf(d).cubicTo({ax, ay}, {bx, by}, {x, y});
        },
        nullptr, nullptr);
    hb_draw_funcs_set_close_path_func(
        funcs, [](hb_draw_funcs_t*, void* d, hb_draw_state_t*, void*) { penOf(d).close(); }, nullptr,
        nullptr);
    hb_draw_funcs_make_immutable(funcs);
    return funcs;
}

} // namespace

std::string FaceInfo::readableName() const
{
    static constexpr std::array<std::string_view, 4> kSilent{"Regular", "Normal", "Roman", "Book"};
    return std::ranges::find(kSilent, style) != kSilent.end() ? family : family + " " + style;
}

void FontFace::FontDeleter::operator()(hb_font_t* font) const
{
    hb_font_destroy(font);
}

FontFace::~FontFace() = default;

Result<std::shared_ptr<const FontFace>> FontFace::open(const std::filesystem::path& path,
                                                       const FaceChoice& choice)
{
    const auto file = openFile(path);
    if (!file)
        return fail(file.error());
    if (choice.face >= file->face_count)
        return fail(ErrorCode::NoSuchFace, path.string(),
                    told("it has {}, asked for {}", file->face_count, choice.face));
    const FacePtr face(hb_face_create(file->blob.get(), choice.face), hb_face_destroy);
    auto info = describe(face.get(), *file, choice.face, path);
    if (!info)
        return fail(info.error());

    std::shared_ptr<FontFace> opened(new FontFace);
    opened->m_path = path;
    opened->m_font.reset(hb_font_create(face.get()));
    if (!choice.instance.empty()) {
        const auto names = instanceNames(face.get());
        const auto found = std::ranges::find(names, choice.instance);
        if (found == names.end()) {
            std::string known;
            for (const auto& name : names)
                known += (known.empty() ? "" : ", ") + name;
            return fail(ErrorCode::NoSuchInstance, path.string() + ", " + choice.instance,
                        known.empty() ? std::string(told("it is not a variable font"))
                                      : told("it has {}", known));
        }
        hb_font_set_var_named_instance(opened->m_font.get(), static_cast<unsigned>(found - names.begin()));
        info->choice.instance = choice.instance;
        info->style = choice.instance;
    }
    hb_font_make_immutable(opened->m_font.get());
    opened->m_info = std::move(*info);
    return std::shared_ptr<const FontFace>(std::move(opened));
}

Result<std::vector<FaceInfo>> FontFace::list(const std::filesystem::path& path)
{
    const auto file = openFile(path);
    if (!file)
        return fail(file.error());
    std::vector<FaceInfo> out;
    for (unsigned i = 0; i < file->face_count; ++i) {
        const FacePtr face(hb_face_create(file->blob.get(), i), hb_face_destroy);
        auto info = describe(face.get(), *file, i, path);
        if (!info)
            return fail(info.error());
        const auto names = instanceNames(face.get());
        if (names.empty())
            out.push_back(*info);
        for (const auto& name : names) {
            out.push_back(*info);
            out.back().choice.instance = name;
            out.back().style = name;
        }
    }
    return out;
}

Paths FontFace::glyphOutline(std::uint32_t glyph_id) const
{
    static hb_draw_funcs_t* const funcs = makeDrawFuncs();
    ContourPen pen;
#if HB_VERSION_ATLEAST(7, 0, 0)
    hb_font_draw_glyph(m_font.get(), glyph_id, funcs, &pen);
#else
    hb_font_get_glyph_shape(m_font.get(), glyph_id, funcs, &pen);
#endif
    return pen.take();
}

bool FontFace::hasCharacter(char32_t character) const
{
    return glyphOf(character) != 0;
}

std::uint32_t FontFace::glyphOf(char32_t character) const
{
    hb_codepoint_t glyph = 0;
    return hb_font_get_nominal_glyph(m_font.get(), character, &glyph) != 0 ? glyph : 0;
}

double FontFace::advance_fu(std::uint32_t glyph_id) const
{
    return hb_font_get_glyph_h_advance(m_font.get(), glyph_id);
}

std::uint32_t FontFace::glyphCount() const
{
    return hb_face_get_glyph_count(hb_font_get_face(m_font.get()));
}

double FontFace::lineSpacing_fu() const
{
    hb_font_extents_t extents{};
    hb_font_get_h_extents(m_font.get(), &extents);
    const double spacing = static_cast<double>(extents.ascender) - extents.descender + extents.line_gap;
    // Fonts made by hand sometimes leave the table at zero.
    return spacing > 0.0 ? spacing : 1.2 * m_info.units_per_em;
}

std::string FontFace::table(std::string_view tag) const
{
    const BlobPtr found(hb_face_reference_table(hb_font_get_face(m_font.get()),
                                                hb_tag_from_string(tag.data(), static_cast<int>(tag.size()))),
                        hb_blob_destroy);
    unsigned length = 0;
    const char* bytes = hb_blob_get_data(found.get(), &length);
    return bytes ? std::string(bytes, length) : std::string();
}

static double heightOf(const FontFace& face, char32_t character, hb_ot_metrics_tag_t metric, double share)
{
    if (const auto glyph = face.glyphOf(character); glyph != 0)
        if (const Box ink = bounds(face.glyphOutline(glyph)); ink.y1 > 0.0)
            return ink.y1;
    hb_position_t said = 0;
    if (hb_ot_metrics_get_position(face.handle(), metric, &said) && said > 0)
        return said;
    return share * face.info().units_per_em;
}

double FontFace::capHeight_fu() const
{
    return heightOf(*this, U'H', HB_OT_METRICS_TAG_CAP_HEIGHT, 0.7);
}

double FontFace::xHeight_fu() const
{
    return heightOf(*this, U'x', HB_OT_METRICS_TAG_X_HEIGHT, 0.5);
}

std::string FontFace::glyphName(std::uint32_t glyph_id) const
{
    std::array<char, 128> name{};
    hb_font_glyph_to_string(m_font.get(), glyph_id, name.data(), name.size());
    return name.data();
}

bool looksLikeFontFile(const std::filesystem::path& path)
{
    static constexpr std::array<std::string_view, 6> kEndings{".ttf", ".otf",  ".ttc",
                                                              ".otc", ".woff", ".woff2"};
    std::string ending = path.extension().string();
    std::ranges::transform(ending, ending.begin(),
                           [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    return std::ranges::find(kEndings, ending) != kEndings.end();
}

} // namespace ink
