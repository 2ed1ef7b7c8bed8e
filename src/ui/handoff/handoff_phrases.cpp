#include "ui/handoff/handoff_phrases.h"

#include "ui/core_words.h"

#include "core/handoff/sheet_plan.h"
#include "ui/handoff/handoff_page.h"
#include "ui/measures.h"
#include "ui/text.h"
#include "ui/widgets/sentence_bar.h"

#include <map>

namespace ink::ui {

void saySheet(SentenceBar& sentence, const Job& job, const MaterialCard& material)
{
    const SheetSettings& s = job.sheet;
    std::map<QString, QString> phrases;
    phrases[kNamesKey] =
        job.names.isEmpty()
            ? (s.fills_sheet  ? HandOffPage::tr("These words, as often as the sheet takes them,")
               : s.copies > 1 ? HandOffPage::tr("These words, %n time(s),", nullptr, s.copies)
                              : HandOffPage::tr("These words"))
            : HandOffPage::tr("%n name(s)", nullptr, int(job.names.names.size()));
    phrases[kMaterialKey] =
        !s.size ? said(material.name)
        : material.sheet.isRoll()
            ? HandOffPage::tr("%1 (%2 wide)")
                  .arg(said(material.name), figureWithUnit(material.sheet.width_mm, job.unit))
            : HandOffPage::tr("%1 (%2 × %3)")
                  .arg(said(material.name), figure(material.sheet.width_mm, job.unit),
                       figureWithUnit(material.sheet.length_mm, job.unit));
    const QString apart = HandOffPage::tr("%1 apart").arg(figureWithUnit(s.spacing_mm, job.unit));
    phrases[kApartKey] = s.as_rows                   ? HandOffPage::tr("%1, in rows").arg(apart)
                         : s.turns == Turns::None    ? HandOffPage::tr("%1, upright").arg(apart)
                         : s.turns == Turns::Half    ? HandOffPage::tr("%1, some upside down").arg(apart)
                         : s.turns == Turns::Quarter ? HandOffPage::tr("%1, turned by quarters").arg(apart)
                                                     : HandOffPage::tr("%1, turned any way").arg(apart);
    phrases[kFramesKey] = job.weeding.frame_mm > 0.0 && s.frame_mm > 0.0
                              ? HandOffPage::tr("a frame round each and round all")
                          : job.weeding.frame_mm > 0.0 ? HandOffPage::tr("a frame round each")
                          : s.frame_mm > 0.0           ? HandOffPage::tr("a frame round all")
                                                       : HandOffPage::tr("no frame");
    QStringList tool;
    if (s.kerf_mm > 0.0)
        tool << HandOffPage::tr("half of %1 outside the line").arg(fineLength(s.kerf_mm, job.unit));
    if (s.blade_mm > 0.0)
        tool << HandOffPage::tr("a blade that trails by %1").arg(fineLength(s.blade_mm, job.unit));
    if (s.overcut_mm > 0.0)
        tool << HandOffPage::tr("%1 past the start").arg(fineLength(s.overcut_mm, job.unit));
    if (s.tabs > 0)
        tool << HandOffPage::tr("%n gap(s) that hold", nullptr, s.tabs);
    phrases[kToolKey] = tool.isEmpty() ? HandOffPage::tr("on the line") : tool.join(HandOffPage::tr(", "));
    phrases[kBorderKey] =
        s.border_mm > 0.0
            ? HandOffPage::tr("a border of %1 behind them").arg(figureWithUnit(s.border_mm, job.unit))
            : HandOffPage::tr("no border");
    const auto operation = s.operation.value_or(usualOperation(job.process));
    sentence.setSentence(
        operation == Operation::Pen ? HandOffPage::tr("{names} are drawn on {material}, {apart}, with "
                                                      "{frames} and {border}; the tool goes {tool}.")
        : operation == Operation::Score
            ? HandOffPage::tr("{names} are scored on {material}, {apart}, with {frames} and {border}; "
                              "the tool goes {tool}.")
            : HandOffPage::tr("{names} are cut from {material}, {apart}, with {frames} and {border}; "
                              "the tool goes {tool}."),
        phrases);
}

void sayPattern(SentenceBar& sentence, const Job& job)
{
    const PatternSettings& p = job.pattern;
    std::map<QString, QString> phrases;
    phrases[kNamesKey] = job.names.isEmpty()
                             ? HandOffPage::tr("These words")
                             : HandOffPage::tr("%n name(s)", nullptr, int(job.names.names.size()));
    const QString lines = p.is_filled ? HandOffPage::tr("%1 paper, filled lightly").arg(text(p.paper))
                                      : HandOffPage::tr("%1 paper, in lines").arg(text(p.paper));
    phrases[kPaperKey] = p.is_mirrored ? HandOffPage::tr("%1, for the back").arg(lines) : lines;
    phrases[kBlankKey] =
        !p.blank ? HandOffPage::tr("nothing round them")
                 : HandOffPage::tr("%1 round each")
                       .arg(p.blank->name.empty()
                                ? HandOffPage::tr("%1 × %2").arg(figure(p.blank->width_mm, job.unit),
                                                                 figureWithUnit(p.blank->height_mm, job.unit))
                                : named(p.blank->name));
    sentence.setSentence(HandOffPage::tr("{names} at true size on {paper}, with {blank}."), phrases);
}

} // namespace ink::ui
