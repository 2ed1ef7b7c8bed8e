#include "core/design/setting.h"

#include "core/base/told.h"
#include "core/design/setter.h"

#include <cmath>

namespace ink {
namespace detail {

Setter::Setter(const Job& job, const FindLetters& find, const SettingRequest& request)
    : m_job(job), m_find(find), m_request(request), m_words(toUtf32(job.words)),
      m_handlings(handlingsOf(job.lettering)), m_drawings(request.cache)
{
}

Result<Setting> Setter::set()
{
    const auto blocks = blocksOf(m_words);
    std::size_t first = 0;
    double cursor = 0.0; // baseline for the next block
    bool is_first = true;
    while (first < m_words.size()) {
        std::size_t end = first;
        while (end < m_words.size() && blocks[end] == blocks[first])
            ++end;
        if (auto done = setBlock(blocks[first], first, end, cursor, is_first); !done)
            return fail(done.error());
        is_first = false;
        first = end;
    }
    placePieces();
    for (const auto& block : m_setting.blocks)
        m_setting.ink.add(block.ink);
    for (const auto& piece : m_setting.pieces)
        m_setting.ink.add(piece.ink);
    if (auto done = checkResult(); !done)
        return fail(done.error());
    return std::move(m_setting);
}

Result<void> Setter::checkResult() const
{
    const bool has_ink = !m_setting.ink.isEmpty();
    if (has_ink)
        return {};
    if (m_refusal)
        return fail(*m_refusal);
    if (!m_setting.missing.empty()) {
        std::string lacking;
        for (const char32_t c : m_setting.missing)
            lacking += (lacking.empty() ? "" : " ") + toUtf8(c);
        return fail(ErrorCode::NoGlyphs, m_job.font.path, told("it lacks {}", lacking));
    }
    return fail(ErrorCode::NothingToCut, m_job.font.path);
}

} // namespace detail

const SetLetter* Setting::letterAt(std::size_t character) const
{
    for (const auto& letter : letters)
        if (character >= letter.first && character < letter.first + letter.count)
            return &letter;
    return nullptr;
}

Result<Setting> setLettering(const Job& job, const FindLetters& letters, const SettingRequest& request)
{
    if (auto ok = checkWords(job.words); !ok)
        return fail(ok.error());
    return detail::Setter(job, letters, request).set();
}

} // namespace ink
