// How much two faces look alike, whatever they are called.
#pragma once

#include "core/match/face_descriptor.h"

#include <array>
#include <map>
#include <string>
#include <vector>

namespace ink {

/// A face prepared for comparing with others. Safe to use from several threads once made.
class FaceLook
{
public:
    explicit FaceLook(const FaceDescriptor& face);

    /// Width of a stroke (twice the ink by the length of its edge) as part of the size (half-way between the height of small
    /// letters and of tall ones), and how far stems lean to the right.
    double weight() const { return m_weight; }
    double slant_deg() const { return m_slant_deg; }
    bool isEmpty() const { return m_letters.empty(); }

    /// Mean distance of the letters' edges, both ways, upright and centred over each other, and what weight and slant differ
    /// beside it. Units: that size; 0 for the same letters, 1 where too few letters are shared to tell.
    /// `words`: letters that count four times as much as others.
    double distanceTo(const FaceLook& other, const std::u32string& words = {}) const;

private:
    struct Edge
    {
        static constexpr std::size_t kPoints = 48;
        std::array<float, kPoints> x{}, y{};
    };
    std::map<char32_t, Edge> m_letters;
    double m_weight = 0.0, m_slant_deg = 0.0;
};

} // namespace ink
