#include "core/base/file_copy.h"

namespace ink {

Result<void> writeBytes(const std::filesystem::path& path, std::string_view bytes)
{
    return writeFile(path, [&](std::ostream& out) -> Result<void> {
        out.write(bytes.data(), static_cast<std::streamsize>(bytes.size()));
        return {};
    });
}

Result<void> copyFile(const std::filesystem::path& from, const std::filesystem::path& to,
                      std::size_t max_bytes)
{
    const auto bytes = readFile(from, max_bytes);
    return bytes ? writeBytes(to, *bytes) : fail(bytes.error());
}

} // namespace ink
