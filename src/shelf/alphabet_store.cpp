#include "shelf/alphabet_store.h"

#include "core/alphabet/alphabet_package.h"

#include <algorithm>
#include <cctype>

namespace ink {
namespace {

namespace fs = std::filesystem;

/// A folder's name that every disk takes.
std::string idFor(const std::string& name)
{
    std::string id;
    for (const char c : name)
        if (std::isalnum(static_cast<unsigned char>(c)))
            id.push_back(static_cast<char>(std::tolower(static_cast<unsigned char>(c))));
        else if (!id.empty() && id.back() != '-')
            id.push_back('-');
    while (!id.empty() && id.back() == '-')
        id.pop_back();
    return id.empty() ? "alphabet" : id.substr(0, 60);
}

bool haveSameLetters(const Alphabet& a, const Alphabet& b)
{
    return std::ranges::equal(a.letters, b.letters, [](const SewnLetter& x, const SewnLetter& y) {
        return x.letter == y.letter && x.variant == y.variant && x.work.size() == y.work.size() &&
               std::abs(x.box_mm.width() - y.box_mm.width()) < 0.15 &&
               std::abs(x.box_mm.height() - y.box_mm.height()) < 0.15;
    });
}

} // namespace

std::vector<AlphabetStore::Kept> AlphabetStore::list() const
{
    std::vector<Kept> kept;
    std::error_code code;
    for (fs::directory_iterator at(m_folder, code); !code && at != fs::directory_iterator();
         at.increment(code)) {
        const auto id = at->path().filename().string();
        if (!at->is_directory() || id.starts_with('.'))
            continue;
        if (auto read = readAlphabets(at->path()); read && read->is_described && !read->alphabets.empty())
            kept.push_back({id, std::move(read->alphabets.front())});
    }
    std::ranges::sort(kept, {}, [](const Kept& k) { return std::pair(k.alphabet.name, k.id); });
    return kept;
}

Result<std::string> AlphabetStore::add(const Alphabet& alphabet)
{
    Alphabet named = alphabet;
    const auto kept = list();
    for (const auto& one : kept)
        if (haveSameLetters(one.alphabet, alphabet))
            return one.id;
    const auto is_taken = [&](const std::string& name) {
        return std::ranges::any_of(
            kept, [&](const Kept& k) { return k.alphabet.name == name || k.id == idFor(name); });
    };
    for (int n = 2; is_taken(named.name); ++n)
        named.name = alphabet.name + " " + std::to_string(n);
    const std::string id = idFor(named.name);
    // Beside its place first: a start that ends half way leaves a hidden folder, which nobody lists.
    const fs::path making = m_folder / ("." + id);
    std::error_code code;
    fs::remove_all(making, code);
    if (auto done = writeAlphabet(making, named); !done) {
        fs::remove_all(making, code);
        return fail(done.error());
    }
    fs::rename(making, m_folder / id, code);
    if (code) {
        fs::remove_all(making, code);
        return fail(ErrorCode::FileUnwritable, (m_folder / id).string());
    }
    return id;
}

Result<AlphabetStore::Kept> AlphabetStore::find(const std::string& name) const
{
    auto kept = list();
    const auto at =
        std::ranges::find_if(kept, [&](const Kept& k) { return k.id == name || k.alphabet.name == name; });
    if (at == kept.end())
        return fail(ErrorCode::AlphabetUnknown, name);
    return std::move(*at);
}

Result<void> AlphabetStore::remove(const std::string& name)
{
    const auto kept = find(name);
    if (!kept)
        return fail(kept.error());
    std::error_code code;
    // Out of the list in one step, then away.
    const fs::path going = m_folder / (".going-" + kept->id);
    fs::remove_all(going, code);
    fs::rename(m_folder / kept->id, going, code);
    if (code)
        return fail(ErrorCode::FileUnwritable, (m_folder / kept->id).string());
    fs::remove_all(going, code);
    if (std::error_code ignored; fs::is_empty(m_folder, ignored))
        fs::remove(m_folder, ignored);
    return {};
}

} // namespace ink
