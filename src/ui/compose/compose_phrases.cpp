// The words in which Compose says what was chosen.
#include "ui/compose/compose_sentence.h"

#include "core/design/lettering.h"
#include "ui/compose/worn_section.h"
#include "ui/measures.h"

#include <QCoreApplication>
#include <QLocale>

#include <algorithm>

namespace ink::ui {
namespace {

/// For all phrases: one context for the translators.
struct Words
{
    Q_DECLARE_TR_FUNCTIONS(ComposeSentence)
public:
    static QString closeUp(const Job& job)
    {
        const auto& depth = job.lettering.close_up.depth_mm;
        return depth ? tr("close up by %1").arg(fineLength(*depth, job.unit))
                     : tr("stand as the font spaces them");
    }

    static QString shape(const WordShape& shape)
    {
        const QString amount =
            QLocale().toString(shape.amount, 'f', shape.amount == std::floor(shape.amount) ? 0 : 1);
        switch (shape.kind) {
        case ShapeKind::None:
            break;
        case ShapeKind::Hill:
            return tr("over a hill of %1 %").arg(amount);
        case ShapeKind::Valley:
            return tr("through a valley of %1 %").arg(amount);
        case ShapeKind::Arch:
            return tr("on an arch of %1°").arg(amount);
        case ShapeKind::Circle:
            return shape.is_inside ? tr("inside a circle, %1° of it").arg(amount)
                                   : tr("round a circle, %1° of it").arg(amount);
        case ShapeKind::Wave:
            return tr("on a wave of %1 %").arg(amount);
        case ShapeKind::Rising:
            return tr("on a line that rises by %1°").arg(amount);
        case ShapeKind::Taper:
            return tr("tapered by %1 %").arg(amount);
        case ShapeKind::Bulge:
            return tr("bulged by %1 %").arg(amount);
        case ShapeKind::Slant:
            return tr("slanted by %1°").arg(amount);
        case ShapeKind::Mirror:
            return tr("in mirror writing");
        case ShapeKind::Corners:
            return tr("between four pulled corners");
        }
        return tr("straight");
    }

    static QString lines(const Job& job, const Block& block)
    {
        const auto count = static_cast<int>(std::ranges::count(job.words, '\n')) + 1;
        QString words = tr("one line");
        if (count > 1)
            words = block.has_one_width            ? tr("%n line(s) of one width", nullptr, count)
                    : block.align == Align::Middle ? tr("%n line(s) about their middle", nullptr, count)
                    : block.align == Align::Right  ? tr("%n line(s), right edges in line", nullptr, count)
                                                   : tr("%n line(s), left edges in line", nullptr, count);
        if (job.size.isOutOfProportion())
            return tr("%1 out of proportion").arg(words);
        return words;
    }

    static QString worn(const Job& job)
    {
        const int forms = static_cast<int>(wornForms(job)),
                  pieces = static_cast<int>(job.lettering.pieces.size());
        if (forms > 0 && pieces > 0)
            return tr("wear %1 and %2")
                .arg(tr("%n other form(s)", nullptr, forms), tr("%n piece(s)", nullptr, pieces));
        if (forms > 0)
            return tr("wear %n other form(s)", nullptr, forms);
        return pieces > 0 ? tr("have %n piece(s) beside them", nullptr, pieces) : tr("wear nothing more");
    }
};

} // namespace

std::map<QString, QString> composePhrases(const Job& job, std::size_t number)
{
    const auto& block = job.lettering.block(number);
    std::map<QString, QString> phrases{{QStringLiteral("close-up"), Words::closeUp(job)},
                                       {QStringLiteral("shape"), Words::shape(block.shape)},
                                       {QStringLiteral("lines"), Words::lines(job, block)},
                                       {QStringLiteral("worn"), Words::worn(job)}};
    if (job.tracking_em != 0.0)
        phrases[QStringLiteral("spacing")] =
            Words::tr("%1 % of the em").arg(QLocale().toString(qAbs(job.tracking_em) * 100.0, 'f', 1));
    if (block.has_tail)
        phrases[QStringLiteral("tail")] = Words::tr("a tail");
    if (!job.lettering.guides.empty())
        phrases[QStringLiteral("guides")] =
            Words::tr("%n guide(s)", nullptr, static_cast<int>(job.lettering.guides.size()));
    if (job.is_mirrored)
        phrases[QStringLiteral("material")] = Words::tr("mirrored");
    return phrases;
}

} // namespace ink::ui
