// Letters and pieces where the shape of their block brings them, and back.
#pragma once

#include "core/design/setting.h"

#include <span>

namespace ink {

/// How things of one block stand once it has its shape. Places are those of the setting, in u; "straight" is
/// before the shape.
class AlongShape
{
public:
    explicit AlongShape(const SetBlock& block);

    /// The letter that stands straight at `foot` is kept as drawn: moved, turned and sized by this.
    Affine placeOf(Point foot) const;
    Point map(Point straight) const { return m_map(straight - m_origin) + m_origin; }
    /// What bends with the block, as it stands, on chords within `tolerance_u` of it: quickly, to look at.
    PlacedPaths bentChords(const PlacedPaths& straight, double tolerance_u) const;
    /// The same with its curves.
    PlacedPaths bentCurves(const PlacedPaths& straight, double tolerance_u) const;
    Box bentBox(const PlacedPaths& straight) const;
    /// The straight move, of what hangs on `foot` and stands straight at `at`, that comes to `by` on the
    /// paper.
    Point straightMove(Point foot, Point at, Point by) const;

private:
    WordShape m_shape;
    PointMap m_map;
    Point m_origin;
    Box m_ink;
};

/// The block when it has a shape; null when it stands straight.
const SetBlock* shapedBlock(const Setting& setting, std::size_t block);

/// The shape that bends a letter or a piece; nothing where it stands as it is set.
std::optional<AlongShape> bending(const Setting& setting, const SetLetter& letter);
std::optional<AlongShape> bending(const Setting& setting, const PlacedOutline& piece);

/// A glyph of a letter or piece as it stands on the paper; bent ones on chords within `tolerance_u`.
template <class Owner>
PlacedPaths asItStands(const Setting& setting, const Owner& owner, const PlacedPaths& glyph,
                       double tolerance_u)
{
    const auto shape = bending(setting, owner);
    return shape ? shape->bentChords(glyph, tolerance_u) : glyph;
}

/// The straight move, of a letter or of a piece that hangs on it, that comes to `by` on the paper.
Point straightMove(const Setting& setting, const SetLetter& letter, Point by);
Point straightMove(const Setting& setting, const SetLetter& letter, const PlacedOutline& hung, Point by);

/// Where a piece has to hang, counted from the letter's foot, to come to `place` on the paper.
Point offsetFrom(const Setting& setting, const SetLetter& letter, Point place);

namespace detail {

/// Turns a straight letter along the shape, kept as drawn.
void keepAlong(SetLetter& letter, const AlongShape& shape);
/// Moves the straight letters of a line so that they close up by `depth` where they will stand, turned along
/// the shape. Returns the largest move, in u: letters that moved stand elsewhere, so this is done until it
/// settles.
double closeUpAlongShape(std::span<SetLetter> letters, std::span<ClosePair> pairs, const SetBlock& block,
                         double depth);
/// Where the pairs of a line of straight letters meet once they are kept along the shape, and, where nothing
/// was closed up, whether they do.
void meetAlongShape(std::span<const SetLetter> letters, std::span<ClosePair> pairs, const AlongShape& shape,
                    bool was_closed_up);

} // namespace detail
} // namespace ink
