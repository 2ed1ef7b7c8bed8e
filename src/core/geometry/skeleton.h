// The medial axis as strokes and gaps: without the little branches that run into corners, in one piece from fork to fork.
#pragma once

#include "core/geometry/axis_graph.h"
#include "core/geometry/chord_index.h"

#include <vector>

namespace ink {

/// A place of a branch. Between two of them the width changes evenly.
struct BranchPlace
{
    Point centre;
    double width = 0.0;
    /// Way along the branch.
    double along = 0.0;
    /// Step of the branch that it lies on.
    std::size_t step = 0;
};

/// The axis of a stroke (or of a gap) between two forks or ends.
struct Branch
{
    bool is_ink = false;
    bool is_ring = false;
    std::vector<const AxisStep*> steps;
    std::vector<BranchPlace> places;
    /// The ink (the gap) ends here, no further than `reach` beyond the last place.
    struct End
    {
        bool is_free = false;
        double reach = 0.0;
        /// Node of the graph, and whether other branches of its kind meet there.
        std::size_t node = 0;
        bool is_fork = false;
    };
    End start, end;

    double length() const { return places.empty() ? 0.0 : places.back().along; }
};

/// A stretch of a branch.
struct BranchRun
{
    double from = 0.0, to = 0.0;
    double length() const { return to - from; }
};

/// Tells ink from paper, quicker than isInk() where it is asked often. Safe to ask from several threads.
class InkTest
{
public:
    InkTest(const Outline& outline, double tolerance);
    bool isInk(Point p) const;

private:
    InkTest(const Outline& outline, const Box& box, double tolerance);

    bool m_is_wide = false;
    double m_right = 0.0;
    std::vector<Chord> m_chords;
    ChordIndex m_index;
};

/// Branches that run into a corner of more than about 34 degrees say nothing of a stroke and are left out; what is left
/// is joined where it no longer forks. Keeps pointers into `graph`.
/// Units:  those of the outline.
std::vector<Branch> branchesOf(const AxisGraph& graph, const InkTest& ink);

/// Where a branch is narrower than `width`, free ends shortened so that a disc of that width reaches no further than the
/// ink does. Runs nearer to each other than a width are one.
/// Shape:  in order along the branch; of a ring that is narrow all along, the whole.
std::vector<BranchRun> narrowRuns(const Branch& branch, double width);

/// The narrowest place of a stretch.
BranchPlace narrowestOf(const Branch& branch, const BranchRun& run);

/// How a stretch ends on its branch.
struct RunEnds
{
    /// The ink (the gap) ends there.
    bool at_start = false, at_end = false;
    /// It gets wider evenly from there on: a pointed end, and no stroke.
    bool is_taper = false;
};
RunEnds endsOf(const Branch& branch, const BranchRun& run, double width);

/// A stretch that an opening (a closing, for gaps) by a disc of nearly `width` does away with, beyond the crescents it takes
/// from every corner: those of ends that are nearly as round as the disc are left alone.
/// Source: area under 3 r² of a disc of 0.45 of the width (docs/proof.md).
bool isLost(const Branch& branch, const BranchRun& run, double width);

/// Too short to hold a disc of `width` between its two free ends.
bool isShorterThan(const Branch& branch, double width);

/// The centres along a stretch, no further apart than `step`.
std::vector<Point> centresAlong(const Branch& branch, const BranchRun& run, double step);
/// Width and centre at a way along.
BranchPlace placeAt(const Branch& branch, double along);

} // namespace ink
