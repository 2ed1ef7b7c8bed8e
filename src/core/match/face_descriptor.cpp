#include "core/match/face_descriptor.h"

#include <algorithm>
#include <cmath>
#include <cstring>

namespace ink {
namespace {

constexpr std::u32string_view kCommon =
    U"&0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyzÄÇÉÖÜßàáäåçèéêíñóôöøúü";
/// Part of a cell that is covered when it counts as ink: thin strokes have to stay.
constexpr int kLeastGrey = 90;
constexpr char kMagic[4] = {'U', 'I', 'F', 'D'};

std::int16_t rounded(double value)
{
    return static_cast<std::int16_t>(std::clamp(std::round(value), -32000.0, 32000.0));
}

std::optional<LetterSketch> sketched(char32_t letter, const Paths& outline, double units_per_em,
                                     double advance)
{
    const Box box = bounds(outline);
    const double scale = kSketchUnits / units_per_em;
    if (box.isEmpty() || !(box.width() * scale < 32000.0) || !(box.height() * scale < 32000.0) ||
        box.width() <= 0.0 || box.height() <= 0.0)
        return std::nullopt;
    LetterSketch sketch{letter,
                        rounded(box.x0 * scale),
                        rounded(box.y0 * scale),
                        rounded(box.x1 * scale),
                        rounded(box.y1 * scale),
                        rounded(advance * scale),
                        {}};
    const auto picture =
        inkPictureOf(transformed(outline, Affine{1, 0, 0, 1, -box.x0, -box.y0}),
                     LetterSketch::kCells / box.width(), LetterSketch::kCells / box.height());
    if (picture.isEmpty())
        return std::nullopt;
    for (int y = 0; y < LetterSketch::kCells; ++y)
        for (int x = 0; x < LetterSketch::kCells; ++x)
            if (picture.at(x, y) >= kLeastGrey)
                sketch.rows[static_cast<std::size_t>(y)] |= 1U << x;
    return sketch;
}

template <class Number>
void put(std::string& bytes, Number value)
{
    for (std::size_t i = 0; i < sizeof value; ++i)
        bytes.push_back(static_cast<char>(static_cast<std::uint64_t>(value) >> (8 * i)));
}

class ByteReader
{
public:
    explicit ByteReader(std::string_view bytes) : m_bytes(bytes) {}

    template <class Number>
    Number take()
    {
        std::uint64_t value = 0;
        if (m_at + sizeof(Number) > m_bytes.size()) {
            m_at = m_bytes.size() + 1;
            return 0;
        }
        for (std::size_t i = 0; i < sizeof(Number); ++i)
            value |= std::uint64_t{static_cast<unsigned char>(m_bytes[m_at++])} << (8 * i);
        return static_cast<Number>(value);
    }
    bool isAtEnd() const { return m_at == m_bytes.size(); }

private:
    std::string_view m_bytes;
    std::size_t m_at = 0;
};

} // namespace

std::u32string_view commonLetters()
{
    return kCommon;
}

const LetterSketch* FaceDescriptor::find(char32_t letter) const
{
    const auto at = std::ranges::lower_bound(letters, letter, {}, &LetterSketch::letter);
    return at != letters.end() && at->letter == letter ? &*at : nullptr;
}

FaceDescriptor descriptorOf(const FontFace& face)
{
    FaceDescriptor out;
    const double units = face.info().units_per_em;
    out.x_height = rounded(face.xHeight_fu() * kSketchUnits / units);
    out.cap_height = rounded(face.capHeight_fu() * kSketchUnits / units);
    for (const char32_t letter : kCommon)
        if (const auto glyph = face.glyphOf(letter))
            if (auto sketch = sketched(letter, face.glyphOutline(glyph), units, face.advance_fu(glyph)))
                out.letters.push_back(*sketch);
    return out;
}

FaceDescriptor descriptorOf(const std::vector<NamedOutline>& letters)
{
    FaceDescriptor out;
    for (const auto& [letter, advance_em, outline_em] : letters)
        if (kCommon.find(letter) != std::u32string_view::npos)
            if (auto sketch = sketched(letter, outline_em, 1.0, advance_em))
                out.letters.push_back(*sketch);
    std::ranges::sort(out.letters, {}, &LetterSketch::letter);
    const auto isSame = [](const LetterSketch& a, const LetterSketch& b) { return a.letter == b.letter; };
    out.letters.erase(std::unique(out.letters.begin(), out.letters.end(), isSame), out.letters.end());
    const auto height = [&out](std::u32string_view of, double otherwise) {
        for (const char32_t letter : of)
            if (const auto* sketch = out.find(letter))
                return sketch->top;
        return rounded(otherwise);
    };
    out.x_height = height(U"xzvnea", 500.0);
    out.cap_height = height(U"HIEA", 700.0);
    return out;
}

std::string bytesOf(const FaceDescriptor& descriptor)
{
    std::string bytes(kMagic, sizeof kMagic);
    put(bytes, static_cast<std::uint16_t>(FaceDescriptor::kVersion));
    put(bytes, descriptor.x_height);
    put(bytes, descriptor.cap_height);
    put(bytes, static_cast<std::uint16_t>(descriptor.letters.size()));
    for (const auto& l : descriptor.letters) {
        put(bytes, static_cast<std::uint32_t>(l.letter));
        for (const auto value : {l.left, l.bottom, l.right, l.top, l.advance})
            put(bytes, value);
        for (const auto row : l.rows)
            put(bytes, row);
    }
    return bytes;
}

std::optional<FaceDescriptor> faceDescriptorFrom(std::string_view bytes)
{
    if (!bytes.starts_with(std::string_view(kMagic, sizeof kMagic)))
        return std::nullopt;
    ByteReader in(bytes.substr(sizeof kMagic));
    if (in.take<std::uint16_t>() != FaceDescriptor::kVersion)
        return std::nullopt;
    FaceDescriptor out;
    out.x_height = in.take<std::int16_t>();
    out.cap_height = in.take<std::int16_t>();
    const auto count = in.take<std::uint16_t>();
    if (count > kCommon.size())
        return std::nullopt;
    for (unsigned i = 0; i < count; ++i) {
        LetterSketch l;
        l.letter = in.take<std::uint32_t>();
        for (auto* value : {&l.left, &l.bottom, &l.right, &l.top, &l.advance})
            *value = in.take<std::int16_t>();
        for (auto& row : l.rows)
            row = in.take<std::uint32_t>();
        if (l.left >= l.right || l.bottom >= l.top || (i > 0 && out.letters.back().letter >= l.letter))
            return std::nullopt;
        out.letters.push_back(l);
    }
    if (!in.isAtEnd())
        return std::nullopt;
    return out;
}

InkPicture drawnFrom(const LetterSketch& letter, double px_per_em)
{
    InkPicture out;
    const double scale = px_per_em / kSketchUnits;
    const double x0 = letter.left * scale, y0 = letter.bottom * scale;
    const double cell_x = (letter.right - letter.left) * scale / LetterSketch::kCells,
                 cell_y = (letter.top - letter.bottom) * scale / LetterSketch::kCells;
    out.left = static_cast<int>(std::floor(x0));
    out.bottom = static_cast<int>(std::floor(y0));
    out.width = static_cast<int>(std::ceil(letter.right * scale)) - out.left + 1;
    out.height = static_cast<int>(std::ceil(letter.top * scale)) - out.bottom + 1;
    out.grey.resize(static_cast<std::size_t>(out.width) * static_cast<std::size_t>(out.height));
    std::size_t i = 0;
    for (int y = 0; y < out.height; ++y)
        for (int x = 0; x < out.width; ++x, ++i) {
            const double at_x = (out.left + x + 0.5 - x0) / cell_x,
                         at_y = (out.bottom + y + 0.5 - y0) / cell_y;
            if (at_x >= 0.0 && at_y >= 0.0 && at_x < LetterSketch::kCells && at_y < LetterSketch::kCells &&
                letter.isInk(static_cast<int>(at_x), static_cast<int>(at_y)))
                out.grey[i] = 255, out.ink += 255;
        }
    return out;
}

} // namespace ink
