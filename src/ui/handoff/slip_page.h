// The rights slip as a page to read and to print.
#pragma once

#include "core/base/result.h"
#include "core/handoff/rights_slip.h"
#include "ui/theme.h"

#include <QCoreApplication>

#include <iosfwd>

namespace ink::ui {

class SlipPage
{
    Q_DECLARE_TR_FUNCTIONS(ink::ui::SlipPage)
public:
    /// A PDF of A4, in the window's own type, which is always there. From any thread.
    /// Errors: FileUnwritable.
    static Result<void> write(std::ostream& out, const RightsSlip& slip, const Theme& theme);
};

} // namespace ink::ui
