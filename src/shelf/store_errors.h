// What SQLite and the file system throw, as our errors. No exception leaves the shelf.
#pragma once

#include "core/base/result.h"

#include <exception>
#include <string>

namespace ink {

/// The exception that is being handled.
/// Errors: StoreBusy, DiskFull, FileUnwritable, StoreDamaged.
Error storeError(const std::string& subject);

template <class Work>
auto withStoreErrors(const std::string& subject, Work work) -> decltype(work())
{
    try {
        return work();
    } catch (const std::exception&) {
        return fail(storeError(subject));
    }
}

} // namespace ink
