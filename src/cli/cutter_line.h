// What `uink sheet --send` says to a cutter: HPGL over a line, part by part, as docs/formats/practice-cutter.md tells.
#pragma once

#include "core/base/result.h"
#include "core/formats/sheet_file.h"

#include <functional>
#include <string>

namespace ink::cli {

struct CutterAddress
{
    std::string host, port;
};

/// "127.0.0.1:4000". Nothing for what is no address.
std::optional<CutterAddress> cutterAddressOf(const std::string& text);

/// Sends a sheet and waits until the machine has told of each part that it is done. `tell` hears how many are, and where something has
/// to be done at the machine first.
/// Errors: DeviceUnreachable, DeviceBusy, DeviceLineLost with the number of the parts that are known to be done.
Result<void> sendToCutter(const CutterAddress& address, const SheetDrawing& drawing,
                          const std::function<void(const std::string&)>& tell);

} // namespace ink::cli
