// Files of sheets and patterns written away from the interface thread, with the rights slip beside what is sold.
#pragma once

#include "core/cut/pattern.h"
#include "core/formats/pattern_file.h"
#include "core/handoff/rights_slip.h"
#include "core/handoff/sewn_together.h"
#include "core/handoff/sheet_plan.h"
#include "ui/job_model.h"
#include "ui/theme.h"
#include "ui/write_queue.h"

#include <functional>
#include <memory>
#include <optional>

class QPrinter;

namespace ink::ui {

class HandedFiles : public QObject
{
    Q_OBJECT
public:
    struct Needs
    {
        JobModel& job;
        WriteQueue& writes;
        /// A path to save to from a suggested one; empty when the person changed their mind.
        std::function<QString(const QString& suggested)> save_path;
        /// Where a sale is not plainly allowed it asks, once; false when the person changed their mind.
        std::function<bool()> may_hand_off;
        /// Kept beside what is handed off for sale.
        std::function<RightsSlip()> slip;
        /// Counts what was handed off for sale; what there is to say about it, or nothing.
        std::function<QString(const RightsSlip&)> count_sold;
        /// What the font says of its rights, for the file.
        std::function<std::string(const FontRef&)> rights;
        /// Null when the person changed their mind.
        std::function<std::shared_ptr<QPrinter>()> printer;
    };
    HandedFiles(Needs needs, const Theme& theme, QObject* parent);

    /// Every sheet; more than one become FILE-2 and so on.
    void saveSheets(const std::shared_ptr<const SheetPlan>& plan, SheetFormat format);
    void savePattern(const std::shared_ptr<const Pattern>& pattern);
    /// Each name as a file of its own, with a note of the colours beside.
    void saveStitches(std::vector<std::shared_ptr<const MadeName>> names, const StitchSettings& settings,
                      StitchFormat format);
    /// The cloth of an appliqué, to be cut.
    void saveCloth(const std::shared_ptr<const SewnName>& sewn);
    void printPattern(const std::shared_ptr<const Pattern>& pattern);
    /// What is shown went to a machine.
    void tellSent(const QString& words) { tellDone(words, slipOfSale()); }
    bool mayHandOff() const { return m_needs.may_hand_off(); }
    PatternWords patternWords() const;

signals:
    void told(const QString& words);
    void problem(const ink::Error& error);

private:
    /// Empty when the person changed their mind.
    QString pathFor(const QString& what, std::string_view suffix);
    std::optional<RightsSlip> slipOfSale() const;
    /// Tells that it is done, and how far it counts towards what may be sold.
    void tellDone(const QString& words, const std::optional<RightsSlip>& slip);

    Needs m_needs;
    const Theme& m_theme;
    const SlipPhrases m_phrases;
    QString m_last_folder;
};

} // namespace ink::ui
