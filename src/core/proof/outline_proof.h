// What an outline will not hold, at every place of it. Looked at once, asked for any size and any limits.
#pragma once

#include "core/base/cancel.h"
#include "core/base/result.h"
#include "core/geometry/measure.h"
#include "core/geometry/skeleton.h"
#include "core/geometry/touching.h"
#include "core/process/process.h"
#include "core/proof/letter_owners.h"

#include <memory>
#include <optional>
#include <string_view>
#include <vector>

namespace ink {

enum class FindingKind {
    ThinStroke,
    NarrowGap,
    Speck,
    SmallMiddle,
    SharpPoint,
    Hanging,
    LoosePiece,
    StencilMiddle,
    Nodes,
    CutTwice,
    TooLarge,
    Missing,
    Rights,
    /// Of what is sewn, told by the plan of its stitches: lines lower than thread can draw, strokes too wide for a satin, too much thread
    /// on one place, many stitches that are too short.
    LowLetters,
    WideStroke,
    ThickThread,
    ShortStitches,
    /// Letters that come as stitches, at a size that their points cannot be moved to.
    StitchedSize,
};
enum class FindingLevel { Look, Fails };

struct ProofFinding
{
    FindingKind kind{};
    FindingLevel level{};
    /// The narrowest place, or the middle of what it is about.
    Point at;
    Box box;
    /// Layers of thread, a share of the stitches; mm, mm² for specks and middles, degrees for points, nodes for a cm of outline; 0 where nothing is measured.
    double measured = 0.0, wanted = 0.0;
    /// Of the stretch along its axis.
    double length = 0.0;
    /// Letters it belongs to, by number, in order.
    std::vector<std::size_t> letters;
    /// Pieces, or middles, it is about: by number, middles counted through all pieces.
    std::vector<std::size_t> parts;

    friend bool operator==(const ProofFinding&, const ProofFinding&) = default;
};

/// "thin-stroke" and so on: what reports and commands call it.
std::string_view idOf(FindingKind kind);
std::optional<FindingKind> findingKindOf(std::string_view id);
std::string_view idOf(FindingLevel level);

struct PointOfInk
{
    Point at;
    double angle_deg = 0.0;
    /// Into the ink, of length 1.
    Point inwards;
};

/// Ink that ends in less than this is called a sharp point: it lifts when weeding (common practice, no source).
inline constexpr double kSharpPoint_deg = 30.0;
/// Edges of two pieces nearer than this are one way of the knife, cut twice.
inline constexpr double kSameWay_mm = 0.05;
/// More nodes than these for a cm make a machine stutter (from memory of the trade, no source).
inline constexpr double kMostNodes_per_cm = 25.0;

/// Of a width: mended strokes and gaps come out within this of what was asked, and that is no finding any more.
inline constexpr double kMendedShare = 0.03;

/// A ring of the outline by its size.
struct PartSize
{
    double area = 0.0;
    /// Inside it.
    Point at;
    Box box;
    /// On its ring.
    Point edge;
};

/// What is told of an outline without its axis.
struct OutlineParts
{
    OutlineFigures figures;
    std::vector<PartSize> pieces;
    /// Of all pieces, one after the other.
    std::vector<PartSize> middles;
    std::vector<PointOfInk> points;
};
/// Units:  those of the outline.
OutlineParts partsOf(const Outline& outline);

/// A look takes about 65 µs a node: answered within 2 s.
inline constexpr std::size_t kMostProofNodes = 25000;

class OutlineProof
{
public:
    /// `letters`, where given, as they were welded, in the coordinates of the outline.
    /// Units:  those of the outline.
    /// Errors: those of axisGraph.
    static Result<OutlineProof> of(Outline outline, Unit unit,
                                   std::shared_ptr<const LetterOwners> letters = {},
                                   const CancelToken& cancel = {});

    const Outline& outline() const { return *m_outline; }
    Unit unit() const { return m_unit; }
    const AxisGraph& graph() const { return *m_graph; }
    const std::vector<Branch>& branches() const { return m_branches; }
    const InkTest& ink() const { return *m_ink; }
    const OutlineFigures& figures() const { return m_parts.figures; }
    const std::vector<PartSize>& pieces() const { return m_parts.pieces; }
    const std::vector<PartSize>& middles() const { return m_parts.middles; }
    const std::vector<PointOfInk>& points() const { return m_parts.points; }
    const std::vector<TouchingPoint>& touching() const { return m_touching; }

    struct Asked
    {
        ProcessLimits limits;
        bool is_stencil = false;
        /// All must hang together.
        bool is_one_piece = false;
        /// What it is cut from; 0 where that is not known.
        double most_width_mm = 0.0, most_height_mm = 0.0;
    };
    /// At a finished size: `scale` is mm for a unit of the outline. Places and lengths in mm. Sorted: what fails first,
    /// then by kind, then from left to right.
    /// Errors: none.
    std::vector<ProofFinding> findings(double scale, const Asked& asked) const;

private:
    class Finder;

    std::shared_ptr<const Outline> m_outline;
    Unit m_unit{1.0};
    std::shared_ptr<const AxisGraph> m_graph;
    std::vector<Branch> m_branches;
    std::shared_ptr<const InkTest> m_ink;
    std::shared_ptr<const LetterOwners> m_letters;
    OutlineParts m_parts;
    std::vector<TouchingPoint> m_touching;
    /// Stretches of edges of two pieces that come close: where, how close, how long.
    struct SameWay
    {
        std::size_t one = 0, other = 0;
        Point at;
        Box box;
        double distance = 0.0, length = 0.0;
    };
    std::vector<SameWay> m_same_ways;
};

/// The worst of them.
enum class ProofVerdict { Holds, Barely, Not };
ProofVerdict verdictOf(const std::vector<ProofFinding>& findings);
std::string_view idOf(ProofVerdict verdict);

} // namespace ink
