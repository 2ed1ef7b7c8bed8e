// What a tool does: one line after the other.
#pragma once

#include "core/geometry/path.h"

#include <string_view>

namespace ink {

/// In the order in which a machine does them: what is drawn and scored needs the sheet whole, the frame parts it.
enum class Operation { Pen, Score, Mark, Cut, Frame };
inline constexpr Operation kOperations[] = {Operation::Pen, Operation::Score, Operation::Mark, Operation::Cut,
                                            Operation::Frame};
/// "pen", "score", "mark", "cut", "frame": names of groups and layers.
std::string_view idOf(Operation operation);

struct ToolPath
{
    /// Each starts where the one before ends; on the sheet, in mm.
    std::vector<Segment> segments;
    /// The last ends where the first starts.
    bool is_closed = false;
    Operation operation = Operation::Cut;
    /// Which of the things on the sheet, and which piece of it; kNoDesign for what belongs to the sheet.
    std::size_t design = 0, piece = 0;
    /// A middle of its piece.
    bool is_middle = false;

    Point start() const { return segments.front().start(); }
    Point end() const { return segments.back().end(); }
    double length_mm() const;
    ToolPath reversed() const;
};
inline constexpr std::size_t kNoDesign = std::size_t(-1);

/// Where along the segment so much of its length is behind.
double parameterAt(const Segment& segment, double length_mm);

/// All rings of an outline as it lies on the sheet, each piece's outer ring before its middles; pieces count from `first_piece`.
void addRings(std::vector<ToolPath>& paths, const Outline& on_sheet_mm, Operation operation,
              std::size_t design, std::size_t first_piece = 0);

/// A closed path that goes on past its start, so that a blade that swivels has parted everything; open then.
/// Shape:  as it is where it is open, or `overcut_mm` is 0; never more than once more round.
ToolPath withOvercut(const ToolPath& path, double overcut_mm);

/// Where the middle of a drag knife goes for its tip to go along the path: ahead of it by `offset_mm` in the direction of travel,
/// round each corner in an arc about it.
/// Units:  mm. Within 0.005 mm.
/// Shape:  open; a closed path swivels once more at its end, so that its last corner is cut as the first line was.
ToolPath aheadOf(const ToolPath& path, double offset_mm);

/// A closed path that leaves `count` gaps of `width_mm`, so that what it goes round stays in the sheet: in the middles of its
/// longest calm stretches, evenly spread.
/// Shape:  as many open paths as gaps; the path itself where it is open, or too short for them.
std::vector<ToolPath> withTabs(const ToolPath& path, int count, double width_mm);

/// Turns sharper than this are corners: a tool stops there.
inline constexpr double kCorner_deg = 30.0;

} // namespace ink
