#include "core/design/process_limits.h"

namespace ink {

ProcessLimits defaultLimits(Process process)
{
    switch (process) {
    case Process::KnifeVinyl:
        return {1.0, 0.5, 0.5, 2.0};
    case Process::KnifeHeatTransfer:
        return {1.0, 0.7, 0.7, 3.0};
    case Process::KnifeCard:
        return {1.5, 1.5, 1.0, 4.0};
    case Process::LaserWood:
        return {1.5, 1.5, 0.8, 9.0};
    case Process::Stencil:
        return {1.5, 1.5, 2.0, 0.0};
    case Process::Pen: // one line of an ordinary pen
        return {0.5, 0.5, 0.5, 0.0};
    case Process::Applique: // the gap is twice the cover of 3.5 mm
        return {10.0, 10.0, 7.0, 100.0};
    case Process::Satin:
        return {1.0, 1.0, 1.0, 0.0};
    case Process::PaperPattern:
        return {1.5, 1.0, 1.0, 4.0};
    }
    return {};
}

} // namespace ink
