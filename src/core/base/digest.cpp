#include "core/base/digest.h"

#include <openssl/evp.h>

#include <array>
#include <fstream>
#include <memory>

namespace ink {
namespace {

class Digest
{
public:
    Digest() : m_context(EVP_MD_CTX_new(), EVP_MD_CTX_free)
    {
        EVP_DigestInit_ex(m_context.get(), EVP_sha256(), nullptr);
    }

    void add(std::string_view bytes) { EVP_DigestUpdate(m_context.get(), bytes.data(), bytes.size()); }

    std::string hex()
    {
        std::array<unsigned char, EVP_MAX_MD_SIZE> raw{};
        unsigned size = 0;
        EVP_DigestFinal_ex(m_context.get(), raw.data(), &size);
        static constexpr std::string_view kDigits = "0123456789abcdef";
        std::string text;
        for (unsigned i = 0; i < size; ++i) {
            text += kDigits[raw[i] >> 4];
            text += kDigits[raw[i] & 15];
        }
        return text;
    }

private:
    std::unique_ptr<EVP_MD_CTX, decltype(&EVP_MD_CTX_free)> m_context;
};

} // namespace

std::string sha256(std::string_view bytes)
{
    Digest digest;
    digest.add(bytes);
    return digest.hex();
}

Result<std::string> sha256OfFile(const std::filesystem::path& path)
{
    std::error_code problem;
    if (!std::filesystem::exists(path, problem))
        return fail(ErrorCode::FileNotFound, path.string());
    if (!std::filesystem::is_regular_file(path, problem)) // opening a pipe would wait for somebody to write
        return fail(ErrorCode::FileUnreadable, path.string(), "it is not a file");
    std::ifstream in(path, std::ios::binary);
    if (!in)
        return fail(ErrorCode::FileUnreadable, path.string());
    Digest digest;
    std::array<char, 65536> block{};
    while (in.read(block.data(), block.size()) || in.gcount() > 0)
        digest.add({block.data(), static_cast<std::size_t>(in.gcount())});
    if (in.bad())
        return fail(ErrorCode::FileUnreadable, path.string());
    return digest.hex();
}

bool hasContent(const std::filesystem::path& path, std::string_view digest)
{
    const auto found = sha256OfFile(path);
    return found && *found == digest;
}

} // namespace ink
