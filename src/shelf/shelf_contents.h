// The shelf as it was at one moment, to be looked at from any thread.
#pragma once

#include "shelf/shelf_store.h"

#include <memory>
#include <unordered_map>
#include <vector>

namespace ink {

class ShelfContents
{
public:
    ShelfContents() = default;
    ShelfContents(std::filesystem::path folder, std::vector<ShelfFont> fonts);

    const std::vector<std::shared_ptr<const ShelfFont>>& fonts() const { return m_fonts; }
    /// Where a font or document of the shelf lies.
    std::filesystem::path fileOf(const std::string& sha256) const { return shelfFile(m_folder, sha256); }
    /// The font whose file this is; null when it does not lie on the shelf.
    std::shared_ptr<const ShelfFont> fontAt(const std::filesystem::path& file) const;
    std::shared_ptr<const ShelfFont> fontWith(const std::string& sha256) const;

private:
    std::filesystem::path m_folder;
    std::vector<std::shared_ptr<const ShelfFont>> m_fonts;
    std::unordered_map<std::string, std::size_t> m_place;
};

} // namespace ink
