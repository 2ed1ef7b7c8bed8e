#include "shelf/store_errors.h"

#include <SQLiteCpp/Exception.h>

#include <filesystem>
#include <sqlite3.h>

namespace ink {

namespace {

/// SQLite calls it an input/output error when the files beside the database do not fit.
bool hasRoom(const std::string& subject)
{
    constexpr std::uintmax_t kSomeRoom = 128 << 10;
    std::error_code unknown;
    const auto space = std::filesystem::space(subject, unknown);
    return unknown || space.available > kSomeRoom;
}

} // namespace

Error storeError(const std::string& subject)
{
    try {
        throw;
    } catch (const SQLite::Exception& e) {
        switch (e.getErrorCode() & 0xFF) { // the primary code, https://www.sqlite.org/rescode.html
        case SQLITE_BUSY:
        case SQLITE_LOCKED:
            return {ErrorCode::StoreBusy, subject, {}};
        case SQLITE_FULL:
            return {ErrorCode::DiskFull, subject, {}};
        case SQLITE_READONLY:
        case SQLITE_CANTOPEN:
        case SQLITE_IOERR:
        case SQLITE_PERM:
            return {hasRoom(subject) ? ErrorCode::FileUnwritable : ErrorCode::DiskFull, subject, {}};
        default:
            return {ErrorCode::StoreDamaged, subject, {}};
        }
    } catch (const std::filesystem::filesystem_error& e) {
        const bool is_full = e.code() == std::errc::no_space_on_device;
        return {is_full ? ErrorCode::DiskFull : ErrorCode::FileUnwritable, subject, e.code().message()};
    } catch (const std::exception&) {
        return {ErrorCode::StoreDamaged, subject, {}};
    }
}

} // namespace ink
