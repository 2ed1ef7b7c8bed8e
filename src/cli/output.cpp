#include "cli/output.h"

#include <iostream>

namespace ink::cli {

Result<void> writeTo(const std::string& target, const StreamWriter& writer)
{
    if (target != "-" && target != "/dev/stdout")
        return writeFile(target, writer);
    auto done = writer(std::cout);
    if (done && !std::cout.flush())
        return fail(ErrorCode::FileUnwritable, "standard output");
    return done;
}

} // namespace ink::cli
