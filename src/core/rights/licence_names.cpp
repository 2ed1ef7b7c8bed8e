#include "core/rights/licence_names.h"

#include <algorithm>
#include <array>
#include <cctype>
#include <optional>
#include <string>

namespace ink {
namespace {

using Tokens = std::span<const Token>;

struct Name
{
    /// Folded words.
    std::string_view words;
    std::string_view id;
    /// Versions that are this licence, parted by spaces; anything else leaves the name alone with a number
    /// nobody understands.
    std::string_view versions;
};

// The longer first.
constexpr std::array kNames{
    Name{"sil open font license ofl", "OFL-1.1", "1 1.0 1.1"},
    Name{"sil open font license", "OFL-1.1", "1 1.0 1.1"},
    Name{"sil open font licence", "OFL-1.1", "1 1.0 1.1"},
    Name{"sil open fonts license", "OFL-1.1", "1 1.0 1.1"},
    Name{"open font license", "OFL-1.1", "1 1.0 1.1"},
    Name{"open font licence", "OFL-1.1", "1 1.0 1.1"},
    Name{"sil ofl", "OFL-1.1", "1 1.0 1.1"},
    Name{"ofl license", "OFL-1.1", "1 1.0 1.1"},
    Name{"ofl licence", "OFL-1.1", "1 1.0 1.1"},
    Name{"ofl", "OFL-1.1", "1 1.0 1.1"},
    Name{"apache license", "Apache-2.0", "2 2.0"},
    Name{"apache licence", "Apache-2.0", "2 2.0"},
    Name{"apache software license", "Apache-2.0", "2 2.0"},
    Name{"apache", "Apache-2.0", "2.0"},
    Name{"mit license", "MIT", ""},
    Name{"mit licence", "MIT", ""},
    Name{"mit expat license", "MIT", ""},
    Name{"expat license", "MIT", ""},
    Name{"expat licence", "MIT", ""},
    Name{"ubuntu font license", "Ubuntu-font-1.0", "1.0"},
    Name{"ubuntu font licence", "Ubuntu-font-1.0", "1.0"},
    Name{"gust font license", "GUST-1.0", "1 1.0"},
    Name{"gust font licence", "GUST-1.0", "1 1.0"},
    Name{"latex project public license", "LPPL-1.3c", "1 1.0 1.1 1.2 1.3 1.3a 1.3b 1.3c"},
    Name{"latex project public licence", "LPPL-1.3c", "1 1.0 1.1 1.2 1.3 1.3a 1.3b 1.3c"},
    Name{"lppl", "LPPL-1.3c", "1 1.0 1.1 1.2 1.3 1.3a 1.3b 1.3c"},
    Name{"unlicense", "Unlicense", ""},
    Name{"gnu lesser general public license", "LGPL-2.1", "2 2.0 2.1 3 3.0"},
    Name{"gnu lesser general public licence", "LGPL-2.1", "2 2.0 2.1 3 3.0"},
    Name{"lgpl", "LGPL-2.1", "2 2.0 2.1 3 3.0"},
    Name{"gnu general public license", "GPL-2.0", "1 2 2.0 3 3.0"},
    Name{"gnu general public licence", "GPL-2.0", "1 2 2.0 3 3.0"},
    Name{"gnu public license", "GPL-2.0", "1 2 2.0 3 3.0"},
    Name{"general public license", "GPL-2.0", "1 2 2.0 3 3.0"},
    Name{"gnu gpl", "GPL-2.0", "1 2 2.0 3 3.0"},
    Name{"gpl license", "GPL-2.0", "1 2 2.0 3 3.0"},
    Name{"gpl", "GPL-2.0", "1 2 2.0 3 3.0"},
    Name{"gnu gplv2", "GPL-2.0", ""},
    Name{"gnu gplv3", "GPL-3.0", ""},
    Name{"gplv2", "GPL-2.0", ""},
    Name{"gpl2", "GPL-2.0", ""},
    Name{"gplv3", "GPL-3.0", ""},
    Name{"gpl3", "GPL-3.0", ""},
    Name{"bsd license", "BSD-3-Clause", ""},
    Name{"bsd licence", "BSD-3-Clause", ""},
    Name{"ipa font license", "IPA", "1 1.0"},
    Name{"ipa font license agreement", "IPA", "1 1.0"},
    Name{"arphic public license", "Arphic-1999", ""},
    Name{"wtfpl", "WTFPL", "1 2 2.0"},
};

bool isOneOf(std::string_view word, std::initializer_list<std::string_view> list)
{
    return std::ranges::find(list, word) != list.end();
}

std::size_t lengthAt(Tokens tokens, std::size_t at, std::string_view words)
{
    std::size_t length = 0;
    while (!words.empty()) {
        const auto space = words.find(' ');
        if (at + length >= tokens.size() || tokens[at + length].word != words.substr(0, space))
            return 0;
        ++length;
        words.remove_prefix(space == std::string_view::npos ? words.size() : space + 1);
    }
    return length;
}

/// ", Version 1.1", "(v2.0)", "3 or later": where it ends, and what it says.
class VersionReader
{
public:
    VersionReader(Tokens tokens, std::size_t at, std::string_view versions)
        : m_tokens(tokens), m_at(at), m_versions(versions)
    {
    }

    std::string version;

    std::size_t run()
    {
        for (bool goes_on = true; goes_on;)
            goes_on = takeNumber() || takeShortName() || takeLater();
        return m_at;
    }

private:
    std::string_view word(std::size_t at) const
    {
        return at < m_tokens.size() ? std::string_view(m_tokens[at].word) : std::string_view();
    }

    bool takeNumber()
    {
        std::size_t at = m_at;
        while (isOneOf(word(at), {",", "(", "-", ";", "either"}))
            ++at;
        while (isOneOf(word(at), {"version", "v", "ver", "."}))
            ++at;
        std::string text(word(at));
        if (text.starts_with('v') && text.size() > 1)
            text.erase(0, 1);
        if (text.empty() || std::isdigit(static_cast<unsigned char>(text.front())) == 0)
            return false;
        ++at;
        while (word(at) == "." && !word(at + 1).empty() &&
               std::isdigit(static_cast<unsigned char>(word(at + 1).front()))) {
            text += "." + std::string(word(at + 1));
            at += 2;
        }
        if ((" " + std::string(m_versions) + " ").find(" " + text + " ") == std::string::npos)
            return false;
        if (word(at) == ")")
            ++at;
        version = text;
        m_at = at;
        return true;
    }

    bool takeShortName()
    {
        std::size_t at = m_at;
        const bool is_open = word(at) == "(";
        at += is_open;
        if (!isOneOf(word(at), {"ofl", "gpl", "lgpl", "asl", "lppl", "license", "licence", "gfl"}))
            return false;
        ++at;
        if (is_open && word(at) != ")")
            return false;
        m_at = at + is_open;
        return true;
    }

    bool takeLater()
    {
        static constexpr std::array<std::string_view, 9> kLater{
            "or any later version",
            "or later",
            "or newer",
            "or at your option any later version",
            "or ( at your option ) any later version",
            "or higher",
            "as published by the free software foundation",
            "of the license",
            "and later"};
        std::size_t at = m_at;
        while (isOneOf(word(at), {",", ";"}))
            ++at;
        for (const auto words : kLater)
            if (const auto length = lengthAt(m_tokens, at, words); length > 0) {
                m_at = at + length;
                return true;
            }
        return false;
    }

    Tokens m_tokens;
    std::size_t m_at;
    std::string_view m_versions;
};

std::optional<NamedLicence> creativeCommonsAt(Tokens tokens, std::size_t begin)
{
    const auto word = [&](std::size_t at) {
        return at < tokens.size() ? std::string_view(tokens[at].word) : std::string_view();
    };
    std::size_t at = begin;
    bool is_zero = false;
    if (word(at) == "creative" && word(at + 1) == "commons")
        at += 2;
    else if (word(at) == "cc")
        at += 1;
    else if (word(at) == "cc0" || word(at) == "ccby")
        is_zero = word(at++) == "cc0";
    else
        return std::nullopt;
    bool by = false, nc = false, nd = false, sa = false;
    std::string version;
    std::size_t end = at;
    if (!is_zero && word(begin) == "ccby")
        by = true;
    for (; at < tokens.size(); ++at) {
        const auto w = word(at);
        if (isOneOf(w, {"by", "attribution"}))
            by = true;
        else if (isOneOf(w, {"nc", "noncommercial"}))
            nc = true;
        else if (w == "non" && word(at + 1) == "commercial")
            nc = ++at > 0;
        else if (isOneOf(w, {"nd", "noderivs", "noderivatives"}))
            nd = true;
        else if (w == "no" && isOneOf(word(at + 1), {"derivatives", "derivative", "derivs"}))
            nd = ++at > 0;
        else if (isOneOf(w, {"sa", "sharealike"}))
            sa = true;
        else if (w == "share" && word(at + 1) == "alike")
            sa = ++at > 0;
        else if (isOneOf(w, {"zero", "cc0"}))
            is_zero = true;
        else if (w == "public" && word(at + 1) == "domain")
            is_zero = ++at > 0;
        else if (isOneOf(w, {"universal", "dedication", "international", "unported", "license", "licence",
                             "licenses", "generic", "version", "v"})) {
        } else if (w.size() == 1 && w[0] >= '1' && w[0] <= '4') {
            version = w;
            if (word(at + 1) == "." && isOneOf(word(at + 2), {"0", "5"}))
                at += 2;
        } else if (isOneOf(w, {",", "(", ")", "-"}) && at + 1 < tokens.size()) {
            continue; // belongs to the name only where the name goes on behind it
        } else {
            break;
        }
        end = at + 1;
    }
    if (is_zero)
        return NamedLicence{licenceById("CC0-1.0"), begin, end};
    if (!by)
        return std::nullopt;
    std::string id = "CC-BY";
    if (nc)
        id += "-NC";
    if (nd)
        id += "-ND";
    else if (sa)
        id += "-SA";
    return NamedLicence{
        licenceById(id + (version == "3" || version == "2" || version == "1" ? "-3.0" : "-4.0")), begin, end};
}

/// "MIT and OFL": the short name of one counts beside the name of another.
bool isBesideAnother(Tokens tokens, std::size_t at)
{
    return at + 2 < tokens.size() && isOneOf(tokens[at + 1].word, {"and", "or", "/", ",", "&"}) &&
           isOneOf(tokens[at + 2].word, {"ofl", "sil", "gpl", "apache", "the", "lgpl"});
}

std::optional<NamedLicence> namedAt(Tokens tokens, std::size_t at)
{
    if (tokens[at].word == "mit" && isBesideAnother(tokens, at))
        return NamedLicence{licenceById("MIT"), at, at + 1};
    if (auto cc = creativeCommonsAt(tokens, at))
        return cc;
    for (const Name& name : kNames)
        if (const auto length = lengthAt(tokens, at, name.words); length > 0) {
            VersionReader reader(tokens, at + length, name.versions);
            const auto end = reader.run();
            std::string_view id = name.id;
            if (id == "GPL-2.0" && reader.version.starts_with("3"))
                id = "GPL-3.0";
            if (name.words == "apache" && reader.version.empty())
                continue; // a foundation, a helicopter
            return NamedLicence{licenceById(id), at, end};
        }
    return std::nullopt;
}

} // namespace

std::vector<NamedLicence> licencesNamedIn(Tokens tokens)
{
    std::vector<NamedLicence> named;
    for (std::size_t at = 0; at < tokens.size();) {
        if (const auto one = namedAt(tokens, at); one && one->licence) {
            named.push_back(*one);
            at = one->end;
        } else {
            ++at;
        }
    }
    // The font exception belongs to the licence it stands beside.
    static constexpr std::array<std::string_view, 4> kExceptions{
        "font embedding exception", "embedded font exception", "gpl font exception", "font exception"};
    for (std::size_t at = 0; at + 1 < tokens.size(); ++at)
        for (const auto words : kExceptions)
            for (auto& one : named)
                if (const auto length = lengthAt(tokens, at, words);
                    length > 0 && one.licence->id.starts_with("GPL-") && one.end <= at) {
                    static constexpr std::array<std::string_view, 9> kBetween{"with", "the", "and", "a", ",",
                                                                              "plus", "+",   "gnu", ")"};
                    const auto between = tokens.subspan(one.end, at - one.end);
                    if (std::ranges::all_of(between, [](const Token& t) {
                            return std::ranges::find(kBetween, t.word) != kBetween.end();
                        })) {
                        one.licence = licenceById("GPL-with-font-exception");
                        one.end = at + length;
                        if (one.end < tokens.size() && tokens[one.end].word == "s")
                            ++one.end;
                    }
                }
    return named;
}

const KnownLicence* licenceLinkedIn(std::string_view text)
{
    std::string lower;
    std::ranges::transform(text, std::back_inserter(lower),
                           [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    const auto says = [&](std::string_view part) { return lower.find(part) != std::string::npos; };
    if (says("creativecommons.org/")) {
        if (says("publicdomain/") || says("/zero/"))
            return licenceById("CC0-1.0");
        if (const auto at = lower.find("licenses/"); at != std::string::npos) {
            const auto end = lower.find('/', at + 9);
            std::string kind = lower.substr(at + 9, end == std::string::npos ? end : end - at - 9);
            std::ranges::transform(kind, kind.begin(),
                                   [](unsigned char c) { return static_cast<char>(std::toupper(c)); });
            return licenceById("CC-" + kind + (says("/3.0") ? "-3.0" : "-4.0"));
        }
        return nullptr;
    }
    struct Link
    {
        std::string_view part, id;
    };
    static constexpr std::array kLinks{
        Link{"scripts.sil.org/ofl", "OFL-1.1"},
        Link{"openfontlicense.org", "OFL-1.1"},
        Link{"apache.org/licenses/license-2.0", "Apache-2.0"},
        Link{"opensource.org/licenses/mit", "MIT"},
        Link{"gnu.org/licenses/gpl", "GPL-2.0"},
        Link{"gnu.org/copyleft/gpl", "GPL-2.0"},
        Link{"opensource.org/licenses/ofl", "OFL-1.1"},
        Link{"unlicense.org", "Unlicense"},
    };
    const auto it = std::ranges::find_if(kLinks, [&](const Link& l) { return says(l.part); });
    return it == kLinks.end() ? nullptr : licenceById(it->id);
}

} // namespace ink
