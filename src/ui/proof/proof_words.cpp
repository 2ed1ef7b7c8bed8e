#include "ui/proof/proof_words.h"

#include "ui/core_words.h"

#include "core/design/lettering.h"
#include "core/stitch/stitch_figures.h"
#include "ui/measures.h"
#include "ui/text.h"

#include <QCoreApplication>
#include <QLocale>
#include <QStringList>

#include <algorithm>
#include <cmath>
#include <map>

namespace ink::ui {
namespace {

struct Words
{
    Q_DECLARE_TR_FUNCTIONS(Proof)
};

/// "the H", "n and o", "the second e" is too long to be read: the place shows which.
QString lettersIn(const ProofFinding& finding, const Job& job)
{
    const auto words = toUtf32(job.words);
    QStringList letters;
    for (const auto i : finding.letters)
        if (i < words.size() && words[i] != U' ' && words[i] != U'\n')
            letters << (words[i] == kMotifCharacter ? Words::tr("a motif") : QString::fromUcs4(&words[i], 1));
    if (letters.empty() || letters.size() > 3)
        return {};
    if (letters.size() == 1)
        return letters.front();
    const QString last = letters.takeLast();
    return Words::tr("%1 and %2").arg(letters.join(Words::tr(", ")), last);
}

QString holds(const Job& job, const QString& what)
{
    const auto& process = infoOf(job.process);
    return Words::tr("%1 %2 holds %3.").arg(said(process.tool), said(process.in_what), what);
}

QString degrees(double deg)
{
    return QLocale().toString(deg, 'f', 0) + QStringLiteral("°");
}

/// Where the nodes are too many.
constexpr double kFewerNodes_mm = 0.02;
/// Where the thread is too thick: so much further apart.
constexpr double kThinner = 1.15;

Mending mendingTo(MendingKind kind, double to)
{
    Mending m;
    m.kind = kind;
    m.to = to;
    return m;
}

} // namespace

QString titleOf(const ProofFinding& f, const Job& job)
{
    const QString letters = lettersIn(f, job);
    const QString width = fineLength(f.measured, job.unit);
    const auto say = [&](const QString& with, const QString& without, const QString& figure) {
        return letters.isEmpty() ? without.arg(figure) : with.arg(figure, letters);
    };
    switch (f.kind) {
    case FindingKind::ThinStroke:
        return say(Words::tr("Thin: %1 in %2"), Words::tr("Thin: %1"), width);
    case FindingKind::NarrowGap:
        return f.letters.size() > 1
                   ? say(Words::tr("Tight gap: %1 between %2"), Words::tr("Tight gap: %1"), width)
                   : say(Words::tr("Tight gap: %1 in %2"), Words::tr("Tight gap: %1"), width);
    case FindingKind::Speck:
        return say(Words::tr("A speck of %1 in %2"), Words::tr("A speck of %1"), area(f.measured, job.unit));
    case FindingKind::SmallMiddle:
        return say(Words::tr("A middle of %1 in %2"), Words::tr("A middle of %1"),
                   area(f.measured, job.unit));
    case FindingKind::SharpPoint:
        return say(Words::tr("A point of %1 in %2"), Words::tr("A point of %1"), degrees(f.measured));
    case FindingKind::Hanging:
        if (f.measured > 0.0)
            return say(Words::tr("Hangs by %1 at %2"), Words::tr("Hangs by %1"), width);
        return letters.isEmpty() ? Words::tr("Touches in a point only")
                                 : Words::tr("Touches in a point only: %1").arg(letters);
    case FindingKind::LoosePiece:
        return letters.isEmpty() ? Words::tr("A loose piece") : Words::tr("A loose piece: %1").arg(letters);
    case FindingKind::StencilMiddle:
        return letters.isEmpty() ? Words::tr("A middle that falls out")
                                 : Words::tr("The middle of %1 falls out").arg(letters);
    case FindingKind::Nodes:
        return Words::tr("%n node(s) for each cm", nullptr, static_cast<int>(std::lround(f.measured)));
    case FindingKind::CutTwice:
        return say(Words::tr("Cut twice, %1 apart, at %2"), Words::tr("Cut twice, %1 apart"), width);
    case FindingKind::TooLarge:
        return Words::tr("Too large: %1").arg(figureWithUnit(f.measured, job.unit));
    case FindingKind::Missing:
        return letters.isEmpty() ? Words::tr("%n letter(s) missing", nullptr, static_cast<int>(f.measured))
                                 : Words::tr("The font lacks %1").arg(letters);
    case FindingKind::Rights:
        return Words::tr("Not settled for a sale");
    case FindingKind::LowLetters:
        return Words::tr("Low: a line of %1").arg(width);
    case FindingKind::WideStroke:
        return say(Words::tr("Wide: %1 in %2"), Words::tr("Wide: %1"), width);
    case FindingKind::ThickThread:
        return Words::tr("%n layer(s) of thread", nullptr, int(std::lround(f.measured)));
    case FindingKind::StitchedSize:
        return Words::tr("Stitched letters at a size of %1").arg(figureWithUnit(f.measured, job.unit));
    case FindingKind::ShortStitches:
        return Words::tr("Short stitches: %1 %").arg(QLocale().toString(f.measured, 'f', 1));
    }
    return {};
}

QString wantedOf(const ProofFinding& f, const Job& job)
{
    const auto limits = job.limits();
    const QString wanted = fineLength(f.wanted, job.unit);
    switch (f.kind) {
    case FindingKind::ThinStroke:
        return holds(job, f.level == FindingLevel::Fails
                              ? Words::tr("%1 at the least").arg(fineLength(limits.stroke_floor_mm, job.unit))
                              : Words::tr("%1 without care").arg(wanted));
    case FindingKind::NarrowGap:
        return Words::tr("Gaps under %1 close up.").arg(wanted);
    case FindingKind::Speck:
        return Words::tr("Pieces under %1 come off.").arg(area(f.wanted, job.unit));
    case FindingKind::SmallMiddle:
        return Words::tr("Middles under %1 cannot be picked clean.").arg(area(f.wanted, job.unit));
    case FindingKind::SharpPoint:
        return Words::tr("Points under %1 lift.").arg(degrees(f.wanted));
    case FindingKind::Hanging:
        return Words::tr("Two parts hold together here by less than %1.").arg(wanted);
    case FindingKind::LoosePiece:
        return Words::tr("This thing has to be one piece.");
    case FindingKind::StencilMiddle:
        return Words::tr("Nothing ties it to the sheet.");
    case FindingKind::Nodes:
        return Words::tr("The machine stutters from %n on.", nullptr,
                         static_cast<int>(std::lround(f.wanted)));
    case FindingKind::CutTwice:
        return Words::tr("Two pieces share %1 of edge.").arg(figureWithUnit(f.length, job.unit));
    case FindingKind::TooLarge:
        return isSewn(job.process) ? Words::tr("The hoop has %1, also when it is turned.")
                                         .arg(figureWithUnit(f.wanted, job.unit))
                                   : Words::tr("The sheet has %1.").arg(figureWithUnit(f.wanted, job.unit));
    case FindingKind::Missing:
        return Words::tr("They are left out.");
    case FindingKind::Rights:
        return Words::tr("The job is for sale, and its font does not plainly allow it.");
    case FindingKind::LowLetters:
        return Words::tr("Letters under %1 run together when they are sewn.").arg(wanted);
    case FindingKind::WideStroke:
        return Words::tr("Wider than %1 satin comes loose: it is filled in rows.").arg(wanted);
    case FindingKind::StitchedSize:
        return f.measured > f.wanted
                   ? Words::tr(
                         "Their stitches can be moved apart up to %1; beyond, cloth shows between them.")
                         .arg(figureWithUnit(f.wanted, job.unit))
                   : Words::tr("Their stitches can be moved together down to %1; below, thread breaks.")
                         .arg(figureWithUnit(f.wanted, job.unit));
    case FindingKind::ThickThread:
        return Words::tr("From %n on the needle may break.", nullptr, int(std::lround(f.wanted)) + 1);
    case FindingKind::ShortStitches:
        return Words::tr("Under 0.3 mm, more than one in a hundred: the thread may break.");
    }
    return {};
}

QString detailOf(const ProofFinding& finding, const Job& job)
{
    const QString wanted = wantedOf(finding, job);
    const bool is_stretch = finding.kind == FindingKind::ThinStroke || finding.kind == FindingKind::NarrowGap;
    return is_stretch ? Words::tr("%1 long. %2").arg(figureWithUnit(finding.length, job.unit), wanted)
                      : wanted;
}

QString groupTitleOf(const ProofFinding& worst, std::size_t count, const Job& job)
{
    const int n = static_cast<int>(count);
    const QString width = fineLength(worst.measured, job.unit);
    switch (worst.kind) {
    case FindingKind::ThinStroke:
        return Words::tr("%n thin stroke(s), down to %1", nullptr, n).arg(width);
    case FindingKind::NarrowGap:
        return Words::tr("%n tight gap(s), down to %1", nullptr, n).arg(width);
    case FindingKind::Speck:
        return Words::tr("%n speck(s), down to %1", nullptr, n).arg(area(worst.measured, job.unit));
    case FindingKind::SmallMiddle:
        return Words::tr("%n small middle(s), down to %1", nullptr, n).arg(area(worst.measured, job.unit));
    case FindingKind::SharpPoint:
        return Words::tr("%n sharp point(s), down to %1", nullptr, n).arg(degrees(worst.measured));
    case FindingKind::Hanging:
        return Words::tr("%n part(s) by a thread, down to %1", nullptr, n).arg(width);
    case FindingKind::LoosePiece:
        return Words::tr("%n loose piece(s)", nullptr, n);
    case FindingKind::StencilMiddle:
        return Words::tr("%n middle(s) that (falls|fall) out", nullptr, n);
    case FindingKind::CutTwice:
        return Words::tr("%n edge(s) cut twice", nullptr, n);
    case FindingKind::LowLetters:
        return Words::tr("%n low line(s), down to %1", nullptr, n).arg(width);
    case FindingKind::WideStroke:
        return Words::tr("%n wide stroke(s), up to %1", nullptr, n).arg(width);
    default:
        return Words::tr("%n to look at", nullptr, n);
    }
}

QString figureOf(const ProofFinding& f, LengthUnit unit)
{
    switch (f.kind) {
    case FindingKind::ThinStroke:
    case FindingKind::Hanging:
        return fineLength(f.measured, unit);
    case FindingKind::NarrowGap:
        return Words::tr("gap %1").arg(fineLength(f.measured, unit));
    case FindingKind::Speck:
    case FindingKind::SmallMiddle:
        return area(f.measured, unit);
    case FindingKind::SharpPoint:
        return degrees(f.measured);
    case FindingKind::LoosePiece:
        return Words::tr("loose");
    case FindingKind::StencilMiddle:
        return Words::tr("falls out");
    case FindingKind::CutTwice:
        return Words::tr("twice");
    case FindingKind::Nodes:
    case FindingKind::TooLarge:
    case FindingKind::Missing:
    case FindingKind::Rights:
    case FindingKind::ThickThread:
    case FindingKind::ShortStitches:
        break;
    case FindingKind::LowLetters:
    case FindingKind::StitchedSize:
    case FindingKind::WideStroke:
        return fineLength(f.measured, unit);
    }
    return {};
}

Mark markOf(const ProofFinding& finding)
{
    return finding.level == FindingLevel::Fails ? Mark::Wrong : Mark::LookAt;
}

std::vector<Offer> offersOf(const ProofFinding& f, const Job& job, bool is_conflict)
{
    using Where = Offer::Where;
    const auto limits = job.limits();
    const QString stroke = fineLength(limits.stroke_comfortable_mm, job.unit);
    const QString gap = fineLength(limits.gap_mm, job.unit);
    const auto offer = [](const QString& words, Where where, MendingKind kind, double to) {
        return Offer{words, where, mendingTo(kind, to), Offer::Errand::None};
    };
    const auto errand = [](const QString& words, Offer::Errand what, double to = 0.0) {
        return Offer{words, Where::Everywhere, {}, what, to};
    };
    switch (f.kind) {
    case FindingKind::ThinStroke:
        if (is_conflict)
            return {};
        return {offer(Words::tr("Thicken here to %1").arg(stroke), Where::Here, MendingKind::Thicken,
                      limits.stroke_comfortable_mm),
                offer(Words::tr("All of them"), Where::Everywhere, MendingKind::Thicken,
                      limits.stroke_comfortable_mm),
                errand(Words::tr("Everything thicker by %1")
                           .arg(fineLength(limits.stroke_comfortable_mm - f.measured, job.unit)),
                       Offer::Errand::AllThicker, limits.stroke_comfortable_mm - f.measured)};
    case FindingKind::Hanging:
        return {offer(Words::tr("Thicken here to %1").arg(stroke), Where::Here, MendingKind::Thicken,
                      limits.stroke_comfortable_mm),
                offer(Words::tr("Part them by %1").arg(gap), Where::Here, MendingKind::Part, limits.gap_mm),
                offer(Words::tr("All of them"), Where::Everywhere, MendingKind::Thicken,
                      limits.stroke_comfortable_mm)};
    case FindingKind::NarrowGap:
        if (is_conflict)
            return {offer(Words::tr("Close it"), Where::Here, MendingKind::CloseGaps, limits.gap_mm),
                    offer(Words::tr("Close all"), Where::Everywhere, MendingKind::CloseGaps, limits.gap_mm)};
        return {
            offer(Words::tr("Open here to %1").arg(gap), Where::Here, MendingKind::OpenGaps, limits.gap_mm),
            offer(Words::tr("Close it"), Where::Here, MendingKind::CloseGaps, limits.gap_mm),
            offer(Words::tr("Open all"), Where::Everywhere, MendingKind::OpenGaps, limits.gap_mm),
            offer(Words::tr("Close all"), Where::Everywhere, MendingKind::CloseGaps, limits.gap_mm)};
    case FindingKind::Speck:
        return {
            offer(Words::tr("Leave it out"), Where::Here, MendingKind::LeaveOut, limits.smallest_piece_mm2),
            offer(Words::tr("Enlarge it"), Where::Here, MendingKind::Enlarge, limits.smallest_piece_mm2),
            offer(Words::tr("Tie it"), Where::Here, MendingKind::Tie, limits.stroke_comfortable_mm),
            offer(Words::tr("Leave out all"), Where::Everywhere, MendingKind::LeaveOut,
                  limits.smallest_piece_mm2)};
    case FindingKind::SmallMiddle:
        return {
            offer(Words::tr("Fill it"), Where::Here, MendingKind::FillMiddles, limits.smallest_middle_mm2),
            offer(Words::tr("Enlarge it"), Where::Here, MendingKind::EnlargeMiddles,
                  limits.smallest_middle_mm2),
            offer(Words::tr("Fill all"), Where::Everywhere, MendingKind::FillMiddles,
                  limits.smallest_middle_mm2)};
    case FindingKind::SharpPoint: {
        const double across = limits.stroke_floor_mm;
        return {offer(Words::tr("Blunt it by %1").arg(fineLength(across / 2, job.unit)), Where::Here,
                      MendingKind::Blunt, across),
                offer(Words::tr("Blunt all"), Where::Everywhere, MendingKind::Blunt, across)};
    }
    case FindingKind::LoosePiece:
        return {offer(Words::tr("Tie by the shortest bridges"), Where::Everywhere, MendingKind::TieAll,
                      limits.stroke_comfortable_mm),
                offer(Words::tr("A bar under the words"), Where::Everywhere, MendingKind::Bar,
                      2.0 * limits.stroke_comfortable_mm),
                offer(Words::tr("A plate behind them"), Where::Everywhere, MendingKind::Plate, 0.0)};
    case FindingKind::StencilMiddle:
        return {offer(Words::tr("Bridges of %1 for all").arg(fineLength(limits.bridge_mm, job.unit)),
                      Where::Everywhere, MendingKind::Bridges, limits.bridge_mm),
                offer(Words::tr("One here"), Where::Here, MendingKind::Bridges, limits.bridge_mm)};
    case FindingKind::Nodes:
        return {errand(Words::tr("Fewer, within %1").arg(fineLength(kFewerNodes_mm, job.unit)),
                       Offer::Errand::FewerNodes, kFewerNodes_mm)};
    case FindingKind::StitchedSize:
        return {errand(Words::tr("Bring it to %1").arg(figureWithUnit(f.wanted, job.unit)),
                       Offer::Errand::Resize, f.wanted / f.measured)};
    case FindingKind::TooLarge:
        return {errand(Words::tr("Fit to it"), Offer::Errand::Resize, f.wanted / f.measured)};
    case FindingKind::LowLetters:
        return {errand(Words::tr("Larger letters"), Offer::Errand::Resize, f.wanted / f.measured),
                errand(Words::tr("Sew them as lines"), Offer::Errand::SewLines)};
    case FindingKind::WideStroke:
        return {offer(Words::tr("Sew it as satin all the same"), Where::Here, MendingKind::SewSatin, 0.0)};
    case FindingKind::ThickThread:
        return {errand(Words::tr("Without underlay"), Offer::Errand::NoUnderlay),
                errand(Words::tr("Stitches wider apart"), Offer::Errand::WiderApart, kThinner)};
    case FindingKind::ShortStitches:
        return {errand(Words::tr("Stitches wider apart"), Offer::Errand::WiderApart, kThinner)};
    case FindingKind::CutTwice:
        return {errand(Words::tr("Weld or space them in Compose"), Offer::Errand::Compose)};
    case FindingKind::Missing:
        return {errand(Words::tr("Choose a font"), Offer::Errand::ChooseFont)};
    case FindingKind::Rights:
        return {errand(Words::tr("Open its right"), Offer::Errand::OpenRight),
                errand(Words::tr("Choose a font"), Offer::Errand::ChooseFont)};
    }
    return {};
}

QString namesOf(FindingKind kind)
{
    switch (kind) {
    case FindingKind::ThinStroke:
        return Words::tr("thin strokes");
    case FindingKind::NarrowGap:
        return Words::tr("tight gaps");
    case FindingKind::Speck:
        return Words::tr("specks");
    case FindingKind::SmallMiddle:
        return Words::tr("small middles");
    case FindingKind::SharpPoint:
        return Words::tr("sharp points");
    case FindingKind::Hanging:
        return Words::tr("what hangs by a thread");
    case FindingKind::LoosePiece:
        return Words::tr("loose pieces");
    case FindingKind::StencilMiddle:
        return Words::tr("middles without a bridge");
    case FindingKind::Nodes:
        return Words::tr("many nodes");
    case FindingKind::CutTwice:
        return Words::tr("what is cut twice");
    case FindingKind::TooLarge:
        return Words::tr("what is too large");
    case FindingKind::Missing:
        return Words::tr("missing letters");
    case FindingKind::Rights:
        return Words::tr("the right");
    case FindingKind::LowLetters:
        return Words::tr("low letters");
    case FindingKind::WideStroke:
        return Words::tr("wide strokes");
    case FindingKind::ThickThread:
        return Words::tr("thick thread");
    case FindingKind::ShortStitches:
        return Words::tr("short stitches");
    case FindingKind::StitchedSize:
        return Words::tr("stitched letters");
    }
    return {};
}

QString nameOf(const Mending& m, const Job& job)
{
    const QString to = fineLength(m.to, job.unit), to_area = area(m.to, job.unit);
    const auto say = [&](const QString& everywhere, const QString& here, const QString& figure) {
        return (m.place ? here : everywhere).arg(figure);
    };
    switch (m.kind) {
    case MendingKind::Thicken:
        return say(Words::tr("thin strokes to %1"), Words::tr("one stroke to %1"), to);
    case MendingKind::OpenGaps:
        return say(Words::tr("gaps opened to %1"), Words::tr("one gap opened to %1"), to);
    case MendingKind::CloseGaps:
        return say(Words::tr("gaps under %1 closed"), Words::tr("one gap under %1 closed"), to);
    case MendingKind::LeaveOut:
        return say(Words::tr("specks under %1 left out"), Words::tr("one speck under %1 left out"), to_area);
    case MendingKind::Enlarge:
        return say(Words::tr("specks enlarged to %1"), Words::tr("one speck enlarged to %1"), to_area);
    case MendingKind::Tie:
        return say(Words::tr("specks tied by %1"), Words::tr("one speck tied by %1"), to);
    case MendingKind::FillMiddles:
        return say(Words::tr("middles under %1 filled"), Words::tr("one middle under %1 filled"), to_area);
    case MendingKind::EnlargeMiddles:
        return say(Words::tr("middles enlarged to %1"), Words::tr("one middle enlarged to %1"), to_area);
    case MendingKind::Blunt:
        return say(Words::tr("points blunted by %1"), Words::tr("one point blunted by %1"),
                   fineLength(m.to / 2, job.unit));
    case MendingKind::TieAll:
        return Words::tr("all tied by bridges of %1").arg(to);
    case MendingKind::Bar:
        return Words::tr("a bar of %1 under the words").arg(to);
    case MendingKind::Plate:
        return Words::tr("a plate behind the words");
    case MendingKind::Bridges:
        return say(Words::tr("bridges of %1"), Words::tr("one more bridge of %1"), to);
    case MendingKind::Part:
        return Words::tr("one thread parted by %1").arg(to);
    case MendingKind::NoBridge:
        return Words::tr("one bridge taken off");
    case MendingKind::SewSatin:
        return Words::tr("one stroke sewn as satin");
    case MendingKind::SewRows:
        return Words::tr("one stroke sewn in rows");
    case MendingKind::SewLine:
        return Words::tr("one stroke sewn as a line");
    case MendingKind::Leave:
        return m.place ? Words::tr("one place of %1 left as it is").arg(namesOf(m.leaves))
                       : Words::tr("%1 left as they are").arg(namesOf(m.leaves));
    }
    return {};
}

std::vector<InOrder> inOrderOf(const DesignProof& proof, const std::vector<ProofFinding>& findings,
                               const ComposedDesign& composed, const Job& job, bool is_right_known)
{
    std::vector<InOrder> out;
    const auto limits = job.limits();
    const auto& outline = *proof.outline;
    const auto isFound = [&](FindingKind kind) {
        return std::ranges::any_of(findings, [&](const ProofFinding& f) { return f.kind == kind; });
    };
    const auto add = [&](FindingKind kind, const QString& what, const QString& figure) {
        if (!isFound(kind))
            out.push_back({what, figure});
    };
    add(FindingKind::ThinStroke, Words::tr("Strokes"),
        Words::tr("none under %1").arg(fineLength(limits.stroke_comfortable_mm, job.unit)));
    add(FindingKind::NarrowGap, Words::tr("Gaps"),
        Words::tr("none under %1").arg(fineLength(limits.gap_mm, job.unit)));
    if (limits.smallest_piece_mm2 > 0.0)
        add(FindingKind::Speck, Words::tr("No specks"),
            Words::tr("none under %1").arg(area(limits.smallest_piece_mm2, job.unit)));
    if (job.process != Process::Stencil)
        add(FindingKind::SmallMiddle, Words::tr("Middles open"),
            QLocale().toString(static_cast<int>(outline.middles().size())));
    add(FindingKind::SharpPoint, Words::tr("Points"),
        Words::tr("none under %1").arg(degrees(kSharpPoint_deg)));
    if (job.is_one_piece)
        add(FindingKind::LoosePiece, Words::tr("One piece"), Words::tr("all hangs together"));
    if (job.process == Process::Stencil)
        add(FindingKind::StencilMiddle, Words::tr("Every middle is tied"),
            Words::tr("%n bridge(s)", nullptr,
                      static_cast<int>(composed.design.finished.mended.bridges.size())));
    const auto& finished = composed.design.finished;
    const QString nodes = QLocale().toString(static_cast<qulonglong>(outline.figures().nodes));
    add(FindingKind::Nodes, Words::tr("Nodes"),
        finished.nodes_before_reduction > outline.figures().nodes
            ? Words::tr("%1 → %2, off by %3")
                  .arg(QLocale().toString(static_cast<qulonglong>(finished.nodes_before_reduction)), nodes,
                       fineLength(finished.largest_deviation_mm, job.unit))
            : nodes);
    if (isSewn(job.process)) {
        add(FindingKind::TooLarge, Words::tr("Fits the hoop"),
            Words::tr("%1 × %2").arg(figure(job.stitches.hoop_width_mm, job.unit),
                                     figureWithUnit(job.stitches.hoop_height_mm, job.unit)));
        add(FindingKind::ThickThread, Words::tr("Thread"),
            Words::tr("no more than %n layer(s)", nullptr, kMostLayers));
    } else if (job.material.width_mm > 0.0 || job.material.height_mm > 0.0)
        add(FindingKind::TooLarge, Words::tr("Fits its sheet"),
            Words::tr("%1 × %2").arg(figure(job.material.width_mm, job.unit),
                                     figureWithUnit(job.material.height_mm, job.unit)));
    if (is_right_known && job.purpose == Purpose::Sale)
        add(FindingKind::Rights, Words::tr("May sell"), {});
    return out;
}

QString sayWhatWasMended(const Mended& before, const Mended& after, double before_mm2, double after_mm2)
{
    // What hung by a thread has a thicker stroke now, where it was not parted.
    const auto kindOf = [](const Mended::Done& done) {
        return done.finding.kind == FindingKind::Hanging && done.by != MendingKind::Part
                   ? FindingKind::ThinStroke
                   : done.finding.kind;
    };
    std::map<FindingKind, int> counts;
    for (const auto& done : after.done)
        ++counts[kindOf(done)];
    for (const auto& done : before.done)
        --counts[kindOf(done)];
    std::erase_if(counts, [](const auto& count) { return count.second <= 0; });
    QStringList parts;
    for (const auto& [kind, n] : counts)
        switch (kind) {
        case FindingKind::ThinStroke:
            parts << Words::tr("%n stroke(s) thicker", nullptr, n);
            break;
        case FindingKind::NarrowGap:
            parts << Words::tr("%n gap(s) mended", nullptr, n);
            break;
        case FindingKind::Speck:
            parts << Words::tr("%n speck(s) mended", nullptr, n);
            break;
        case FindingKind::SmallMiddle:
            parts << Words::tr("%n middle(s) mended", nullptr, n);
            break;
        case FindingKind::SharpPoint:
            parts << Words::tr("%n point(s) blunted", nullptr, n);
            break;
        case FindingKind::Hanging:
            parts << Words::tr("%n thread(s) parted", nullptr, n);
            break;
        case FindingKind::LoosePiece:
            parts << Words::tr("%n loose piece(s) tied", nullptr, n);
            break;
        case FindingKind::StencilMiddle:
            parts << Words::tr("%n middle(s) tied to the sheet", nullptr, n);
            break;
        default:
            break;
        }
    if (before_mm2 > 0.0) {
        const double more = 100.0 * (after_mm2 - before_mm2) / before_mm2;
        const QString percent = QLocale().toString(std::abs(more), 'f', 1);
        if (std::abs(more) >= 0.05)
            parts << (more > 0.0 ? Words::tr("%1 % more ink").arg(percent)
                                 : Words::tr("%1 % less ink").arg(percent));
    }
    if (!after.left.empty())
        parts << Words::tr("%n place(s) left: %1", nullptr, static_cast<int>(after.left.size()))
                     .arg(said(after.left.front().reason));
    if (parts.empty())
        return Words::tr("Nothing had to be mended.");
    return parts.join(Words::tr(", ")) + QLatin1Char('.');
}

} // namespace ink::ui
