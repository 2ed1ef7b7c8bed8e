// Fit marks as words and figures, each with the places on the word it comes from.
#pragma once

#include "ui/fit_service.h"
#include "ui/theme.h"
#include "ui/widgets/marks.h"

#include <QPainter>
#include <QPointF>
#include <QString>

#include <cstdint>
#include <vector>

namespace ink::ui {

enum class FitMarkKind {
    Missing,
    Stroke,
    Gap,
    Pieces,
    Joins,
    Swashes,
    Middles,
    Nodes,
    SharpPoints,
    PrivateUse,
    OthersMark
};

struct FitMarkLine
{
    FitMarkKind kind = FitMarkKind::Stroke;
    Mark mark = Mark::InOrder;
    /// "0.42 mm" "thinnest stroke".
    QString figure, words;
    /// A sentence: what it means for this job.
    QString explanation;
    /// Where it comes from, mm, y down from the top of the ink; pairs of points are drawn as a measure.
    std::vector<std::pair<QPointF, QPointF>> places;
    /// Many small places, drawn as dots.
    bool are_dots = false;
};

/// The most telling first.
/// `others_marks` are the glyphs the person flagged as somebody else's mark.
std::vector<FitMarkLine> fitMarkLines(const FitCard& card, const Job& job,
                                      const std::vector<std::uint32_t>& others_marks = {});

/// Draws the places of a mark over words that are painted with `place` (from mm to the screen).
void paintPlaces(QPainter& painter, const FitMarkLine& line, const QTransform& place, const Theme& theme);

} // namespace ink::ui
