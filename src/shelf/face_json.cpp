#include "shelf/face_json.h"

#include "core/base/json_number.h"
#include "core/base/json_text.h"

#include <array>

namespace ink {
namespace {

using Json = nlohmann::json;

struct TextMember
{
    const char* name;
    std::string FaceInfo::*member;
};

constexpr std::array kTexts{TextMember{"family", &FaceInfo::family},
                            TextMember{"style", &FaceInfo::style},
                            TextMember{"manufacturer", &FaceInfo::manufacturer},
                            TextMember{"version", &FaceInfo::version},
                            TextMember{"copyright", &FaceInfo::copyright},
                            TextMember{"licence", &FaceInfo::licence},
                            TextMember{"licence_url", &FaceInfo::licence_url},
                            TextMember{"trademark", &FaceInfo::trademark},
                            TextMember{"description", &FaceInfo::description}};

} // namespace

std::string jsonOf(const FaceInfo& face)
{
    Json json{{"face", face.choice.face},
              {"instance", face.choice.instance},
              {"container", static_cast<int>(face.container)},
              {"outlines", static_cast<int>(face.outlines)},
              {"fs_type", face.fs_type},
              {"panose_kind", face.panose_kind},
              {"panose_serif", face.panose_serif},
              {"is_fixed_width", face.is_fixed_width},
              {"units_per_em", face.units_per_em},
              {"is_picture_font", face.is_picture_font},
              {"is_variable", face.is_variable}};
    if (face.isSewn())
        json["sewn_size_mm"] = face.sewn_size_mm;
    for (const auto& [name, member] : kTexts)
        if (!(face.*member).empty())
            json[name] = face.*member;
    return jsonText(json, kOneLine);
}

std::optional<FaceInfo> faceFrom(std::string_view text)
{
    const auto json = jsonFrom(text);
    if (!json.is_object())
        return std::nullopt;
    try {
        FaceInfo face;
        face.choice = {wholeNumber<unsigned>(json.at("face")), json.at("instance")};
        face.container = static_cast<FontContainer>(wholeNumber<int>(json.at("container")));
        face.outlines = static_cast<OutlineKind>(wholeNumber<int>(json.at("outlines")));
        face.fs_type = wholeNumber<int>(json.at("fs_type"));
        face.panose_kind = wholeNumber<unsigned>(json.at("panose_kind"));
        face.panose_serif = wholeNumber<unsigned>(json.at("panose_serif"));
        face.is_fixed_width = json.at("is_fixed_width");
        face.units_per_em = wholeNumber<unsigned>(json.at("units_per_em"));
        face.is_picture_font = json.at("is_picture_font");
        face.is_variable = json.at("is_variable");
        face.sewn_size_mm = json.value("sewn_size_mm", 0.0);
        for (const auto& [name, member] : kTexts)
            face.*member = json.value(name, std::string());
        return face;
    } catch (const Json::exception&) {
        return std::nullopt;
    }
}

} // namespace ink
