#include "ui/find/fit_mark_list.h"

#include "core/type/key_map.h"
#include "ui/measures.h"

#include <algorithm>
#include <cmath>

namespace ink::ui {
namespace {

Mark markOf(Holds holds)
{
    return holds == Holds::Well ? Mark::InOrder : holds == Holds::Barely ? Mark::LookAt : Mark::Wrong;
}

class Lines
{
public:
    Lines(const FitCard& card, const Job& job, const std::vector<std::uint32_t>& others_marks)
        : m_card(card), m_marks(card.marks), m_job(job), m_others_marks(others_marks), m_limits(job.limits())
    {
    }

    std::vector<FitMarkLine> make()
    {
        addOthersMarks();
        addMissing();
        addWidths();
        addPieces();
        addJoins();
        addSwashes();
        addMiddles();
        addNodes();
        addSharpPoints();
        addPrivateUse();
        return std::move(m_lines);
    }

private:
    QPointF at(Point p) const { return {p.x, m_card.height_mm - p.y}; }
    QString length(double mm) const { return fineLength(mm, m_job.unit); }

    FitMarkLine& add(FitMarkKind kind, Mark mark, const QString& figure, const QString& words,
                     const QString& explanation)
    {
        return m_lines.emplace_back(FitMarkLine{kind, mark, figure, words, explanation, {}, false});
    }

    void addOthersMarks()
    {
        std::vector<std::pair<QPointF, QPointF>> places;
        for (const auto& letter : m_marks.letters)
            if (std::ranges::find(m_others_marks, letter.glyph_id) != m_others_marks.end())
                places.emplace_back(at(letter.at), at(letter.at));
        if (places.empty())
            return;
        const bool is_sale = m_job.purpose == Purpose::Sale;
        add(FitMarkKind::OthersMark, is_sale ? Mark::Wrong : Mark::LookAt, QString::number(places.size()),
            QObject::tr("somebody else's"),
            is_sale ? QObject::tr("You flagged this as somebody else's mark: do not sell goods that show it, "
                                  "whatever the font's licence says.")
                    : QObject::tr("You flagged this as somebody else's mark: keep it to gifts."))
            .places = std::move(places);
    }

    void addMissing()
    {
        if (m_marks.missing.empty())
            return;
        QStringList keys;
        for (const char32_t c : m_marks.missing)
            keys.append(QString::fromStdString(keyName(c)));
        add(FitMarkKind::Missing, Mark::Wrong, keys.mid(0, 8).join(QLatin1Char(' ')), QObject::tr("missing"),
            QObject::tr("The font does not have %1.").arg(keys.join(QStringLiteral(", "))));
    }

    void addWidths()
    {
        if (const auto stroke = strokeMark(m_marks, m_limits, m_job.process)) {
            const QString limit =
                stroke->holds == Holds::Barely ? QObject::tr("It may hold; from %1 on no care is needed.")
                                                     .arg(length(m_limits.stroke_comfortable_mm))
                : stroke->holds == Holds::Not
                    ? QObject::tr("Too thin: this process holds %1.").arg(length(m_limits.stroke_floor_mm))
                    : QObject::tr("It holds in this process.");
            addWidth(FitMarkKind::Stroke, *stroke, QObject::tr("thinnest stroke"), limit);
        }
        if (const auto gap = gapMark(m_marks, m_limits)) {
            const QString limit =
                gap->is_point ? QObject::tr("A notch that narrows to a point: its end may close up.")
                : gap->holds == Holds::Not
                    ? QObject::tr("Too narrow: this process keeps %1 open.").arg(length(m_limits.gap_mm))
                    : QObject::tr("It stays open in this process.");
            addWidth(FitMarkKind::Gap, *gap, QObject::tr("narrowest gap"), limit);
        }
    }
    void addWidth(FitMarkKind kind, const WidthMark& mark, const QString& of_what, const QString& limit)
    {
        const AxisPlace& place = mark.narrowest;
        add(kind, markOf(mark.holds), length(place.width), of_what, limit).places = {
            {at(place.a), at(place.b)}};
    }

    void addPieces()
    {
        const Holds verdict = holdsPieces(m_marks, m_limits);
        const auto count = static_cast<int>(m_marks.pieces);
        QString explanation;
        if (m_marks.smallest_piece) {
            explanation =
                verdict == Holds::Not
                    ? QObject::tr("The smallest has %1; this process holds %2.")
                          .arg(area(m_marks.smallest_piece->area, m_job.unit),
                               area(m_limits.smallest_piece_mm2, m_job.unit))
                    : QObject::tr("The smallest has %1.").arg(area(m_marks.smallest_piece->area, m_job.unit));
        }
        auto& line = add(FitMarkKind::Pieces, markOf(verdict), QLocale().toString(count),
                         QObject::tr("piece(s)", nullptr, count), explanation);
        if (m_marks.smallest_piece)
            line.places = {{at(m_marks.smallest_piece->at), at(m_marks.smallest_piece->at)}};
    }

    void addJoins()
    {
        if (m_marks.pairs.empty() || (!m_marks.traits.joins.isJoiningScript() && m_marks.joins == 0))
            return;
        const bool all = m_marks.joins == m_marks.pairs.size();
        auto& line = add(
            FitMarkKind::Joins, all || !m_marks.traits.joins.isJoiningScript() ? Mark::InOrder : Mark::LookAt,
            QObject::tr("%1 of %2").arg(m_marks.joins).arg(m_marks.pairs.size()), QObject::tr("join"),
            all ? QObject::tr("All neighbours hang together.")
            : m_marks.traits.joins.isJoiningScript()
                ? QObject::tr("Letters that join, except where shown.")
                : QObject::tr("Letters that stand apart, some of them touch."));
        for (const auto& pair : m_marks.pairs)
            if (pair.joins != m_marks.traits.joins.isJoiningScript())
                line.places.emplace_back(at(pair.between), at(pair.between));
    }

    void addSwashes()
    {
        if (m_marks.alternates.empty())
            return;
        std::size_t forms = 0, swashes = 0;
        QStringList letters;
        for (const auto& letter : m_marks.alternates) {
            forms += letter.forms.size();
            const auto own =
                static_cast<std::size_t>(std::ranges::count_if(letter.forms, &Alternate::is_swash));
            swashes += own;
            if (own > 0 && !letters.contains(QString::fromStdString(letter.text)))
                letters.append(QString::fromStdString(letter.text));
        }
        const bool has_swash = swashes > 0;
        const int count = static_cast<int>(has_swash ? swashes : forms);
        auto& line = add(
            FitMarkKind::Swashes, Mark::InOrder, QLocale().toString(count),
            has_swash ? QObject::tr("swash(es)", nullptr, count)
                      : QObject::tr("other form(s)", nullptr, count),
            has_swash ? QObject::tr("For %1; and %n other form(s) in all.", nullptr, static_cast<int>(forms))
                            .arg(letters.join(QStringLiteral(", ")))
                      : QObject::tr("Other forms of these letters, none of them a swash."));
        for (const auto& letter : m_marks.alternates)
            if (!has_swash || std::ranges::any_of(letter.forms, &Alternate::is_swash))
                line.places.emplace_back(at(letter.at), at(letter.at));
    }

    void addMiddles()
    {
        if (m_marks.middles.empty())
            return;
        const auto count = static_cast<int>(m_marks.middles.size());
        const bool is_stencil = m_job.process == Process::Stencil;
        const Holds verdict = holdsMiddles(m_marks, m_limits);
        auto& line = add(FitMarkKind::Middles, is_stencil ? Mark::LookAt : markOf(verdict),
                         QLocale().toString(count), QObject::tr("middle(s)", nullptr, count),
                         is_stencil              ? QObject::tr("Each needs bridges, or it falls out.")
                         : verdict == Holds::Not ? QObject::tr("The smallest has %1; under %2 it closes.")
                                                       .arg(area(m_marks.smallest_middle->area, m_job.unit),
                                                            area(m_limits.smallest_middle_mm2, m_job.unit))
                         : isWeeded(m_job.process) ? QObject::tr("To be weeded one by one.")
                                                   : QObject::tr("Large enough to stay open."));
        for (const auto& middle : m_marks.middles)
            line.places.emplace_back(at(middle), at(middle));
    }

    void addNodes()
    {
        // From memory of the trade: a plotter runs smoothly up to about 40 nodes a letter.
        constexpr double kMany = 60.0;
        const double nodes = m_marks.nodesPerLetter();
        auto& line =
            add(FitMarkKind::Nodes, nodes > kMany ? Mark::LookAt : Mark::InOrder,
                QString::number(std::lround(nodes)), QObject::tr("nodes a letter"),
                QObject::tr("%1 in all%2.")
                    .arg(m_marks.nodes)
                    .arg(nodes > kMany
                             ? QObject::tr("; the knife may stutter, fewer nodes can be asked for in Compose")
                             : QString()));
        line.are_dots = true;
        const double scale = m_card.width_mm / m_card.shape->ink_fu.width();
        const Affine by{
            scale, 0, 0, scale, -m_card.shape->ink_fu.x0 * scale, -m_card.shape->ink_fu.y0 * scale};
        for (const auto& piece : m_card.shape->outline_fu.pieces) {
            addNodesOf(piece.outer, by, line);
            for (const auto& middle : piece.middles)
                addNodesOf(middle, by, line);
        }
    }

    void addNodesOf(const Contour& ring, const Affine& by, FitMarkLine& line) const
    {
        for (const auto& s : ring.segments)
            line.places.emplace_back(at(by.map(s.start())), at(by.map(s.start())));
    }

    void addSharpPoints()
    {
        if (m_marks.sharp_points.empty())
            return;
        const auto count = static_cast<int>(m_marks.sharp_points.size());
        auto& line = add(FitMarkKind::SharpPoints, Mark::LookAt, QLocale().toString(count),
                         QObject::tr("sharp point(s)", nullptr, count),
                         QObject::tr("Ends of less than 30 degrees lift when weeding."));
        for (const auto& point : m_marks.sharp_points)
            line.places.emplace_back(at(point.at), at(point.at));
    }

    void addPrivateUse()
    {
        if (m_marks.traits.private_only.empty())
            return;
        add(FitMarkKind::PrivateUse, Mark::InOrder, QString::number(m_marks.traits.private_only.size()),
            QObject::tr("hidden forms"),
            QObject::tr(
                "Characters with a code of their own only (Private Use Area); the key map shows them."));
    }

    const FitCard& m_card;
    const FitMarks& m_marks;
    const Job& m_job;
    const std::vector<std::uint32_t>& m_others_marks;
    const ProcessLimits m_limits;
    std::vector<FitMarkLine> m_lines;
};

} // namespace

std::vector<FitMarkLine> fitMarkLines(const FitCard& card, const Job& job,
                                      const std::vector<std::uint32_t>& others_marks)
{
    return Lines(card, job, others_marks).make();
}

void paintPlaces(QPainter& painter, const FitMarkLine& line, const QTransform& place, const Theme& theme)
{
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const QColor colour = theme.colours().madder;
    for (const auto& [from, to] : line.places) {
        const QPointF a = place.map(from), b = place.map(to), centre = (a + b) / 2;
        if (line.are_dots) {
            painter.setPen(Qt::NoPen);
            painter.setBrush(colour);
            painter.drawEllipse(centre, 2, 2);
            continue;
        }
        const double reach = QLineF(a, b).length() / 2;
        painter.setPen(QPen(theme.colours().card, 5));
        const double radius = std::max(reach + 4, 7.0);
        painter.setBrush(Qt::NoBrush);
        painter.drawEllipse(centre, radius, radius);
        painter.setPen(QPen(colour, 2));
        painter.drawEllipse(centre, radius, radius);
        if (reach > 0.5) {
            painter.setPen(QPen(colour, 3, Qt::SolidLine, Qt::FlatCap));
            painter.drawLine(a, b);
        }
    }
    painter.restore();
}

} // namespace ink::ui
