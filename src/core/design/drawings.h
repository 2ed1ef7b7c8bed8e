// What is drawn of glyphs and motifs at a size and turn, runs as they are shaped, and gaps between drawings:
// each made once and kept from one setting to the next.
#pragma once

#include "core/design/setting.h"

#include <map>
#include <memory>
#include <string>
#include <vector>

namespace ink {
class FormTable;
class StrokeWidths;
} // namespace ink

namespace ink::detail {

struct Drawn
{
    std::shared_ptr<const void> keeps_source;
    std::shared_ptr<const Paths> paths;
    Box ink;
};

struct DrawnKey;

class Drawings
{
public:
    /// Without a cache, what is drawn is kept as long as this lives.
    explicit Drawings(std::shared_ptr<SettingCache> cache);

    /// The glyph mapped by the linear part of `by`.
    std::shared_ptr<Drawn> glyph(const std::shared_ptr<const LetterSource>& source, std::uint32_t glyph_id,
                                 const Affine& by);
    std::shared_ptr<Drawn> motif(const MotifDrawing& motif, const Affine& by);
    /// A change at one letter shapes its own run again, and no other.
    Result<std::shared_ptr<const ShapedLine>> shaped(const std::shared_ptr<const LetterSource>& source,
                                                     const std::string& text, const ShapeOptions& options);
    /// The same two glyphs stand side by side again and again: only their places change.
    std::optional<SideGap> gap(const SetLetter& left, const SetLetter& right);
    /// Glyphs that can stand as a tail.
    std::vector<std::uint32_t> tails(const std::shared_ptr<const LetterSource>& source);
    /// What its letters can wear; null for what was stored of a font.
    std::shared_ptr<const FormTable> forms(const std::shared_ptr<const LetterSource>& source);
    std::shared_ptr<StrokeWidths> strokes() const;

private:
    std::shared_ptr<const SideProfile> profile(const std::shared_ptr<const Paths>& paths);
    template <class Make>
    std::shared_ptr<Drawn> drawn(const DrawnKey& key, std::shared_ptr<const void> keep, Make make);

    std::shared_ptr<SettingCache> m_cache;
    std::map<const Paths*, std::shared_ptr<const SideProfile>> m_profiles;
};

} // namespace ink::detail
