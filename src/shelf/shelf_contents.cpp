#include "shelf/shelf_contents.h"

namespace ink {

ShelfContents::ShelfContents(std::filesystem::path folder, std::vector<ShelfFont> fonts)
    : m_folder(std::move(folder))
{
    m_fonts.reserve(fonts.size());
    for (auto& font : fonts) {
        m_place[font.sha256] = m_fonts.size();
        m_fonts.push_back(std::make_shared<const ShelfFont>(std::move(font)));
    }
}

std::shared_ptr<const ShelfFont> ShelfContents::fontWith(const std::string& sha256) const
{
    const auto found = m_place.find(sha256);
    return found == m_place.end() ? nullptr : m_fonts[found->second];
}

std::shared_ptr<const ShelfFont> ShelfContents::fontAt(const std::filesystem::path& file) const
{
    auto font = fontWith(file.filename().string());
    return font && fileOf(font->sha256) == file ? font : nullptr;
}

} // namespace ink
