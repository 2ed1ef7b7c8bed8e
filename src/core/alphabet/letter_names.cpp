#include "core/alphabet/letter_names.h"

#include "core/type/glyph_names.h"
#include "core/type/shape.h"

#include <algorithm>
#include <cctype>
#include <charconv>
#include <cmath>
#include <map>
#include <set>
#include <string_view>
#include <tuple>

namespace ink {
namespace {

constexpr double kInch_mm = 25.4;
/// Words that so many of the files share are no part of any letter.
constexpr double kShared = 0.5;

const std::set<std::string_view> kUpper{"upper", "uppercase", "uc",       "cap",
                                        "caps",  "capital",   "capitals", "big"};
const std::set<std::string_view> kLower{"lower", "lowercase", "lc", "small", "minuscule"};
const std::set<std::string_view> kNoise{"letter",   "char",   "character", "glyph",    "alphabet", "font",
                                        "monogram", "satin",  "fill",      "applique", "the",      "of",
                                        "symbol",   "number", "num",       "digit",    "no",       "case"};
const std::set<std::string_view> kVariants{"swash",  "alt",     "alternate", "end",   "start",
                                           "final",  "initial", "left",      "right", "centre",
                                           "center", "tail",    "v2",        "v3"};
/// Names of the trade and of keyboards; those of fonts are known elsewhere.
const std::map<std::string_view, std::string_view> kNamed{
    {"amp", "&"},         {"and", "&"},    {"fullstop", "."}, {"dot", "."},    {"point", "."},
    {"exclamation", "!"}, {"exclam", "!"}, {"quest", "?"},    {"dash", "-"},   {"minus", "-"},
    {"apostrophe", "'"},  {"apos", "'"},   {"quote", "\""},   {"hash", "#"},   {"pound", "#"},
    {"slash", "/"},       {"equals", "="}, {"euro", "€"},     {"eszett", "ß"}, {"szlig", "ß"},
    {"sharps", "ß"},      {"at", "@"}};
const std::map<std::string_view, std::string_view> kAccents{
    {"acute", "acute"},       {"grave", "grave"},        {"umlaut", "dieresis"},       {"uml", "dieresis"},
    {"dieresis", "dieresis"}, {"diaeresis", "dieresis"}, {"circumflex", "circumflex"}, {"circ", "circumflex"},
    {"tilde", "tilde"},       {"ring", "ring"},          {"cedilla", "cedilla"},       {"caron", "caron"},
    {"stroke", "slash"}};

std::string lowered(std::string_view text)
{
    std::string out(text);
    for (char& c : out)
        c = static_cast<char>(std::tolower(static_cast<unsigned char>(c)));
    return out;
}

bool isAscii(std::string_view text, int (*is)(int))
{
    return !text.empty() && std::ranges::all_of(text, [is](char c) {
        return static_cast<unsigned char>(c) < 128 && is(c) != 0;
    });
}

/// Of "uni00E9" and "U+00E9" at the beginning: how long that is; 0 for anything else.
std::size_t codeLength(std::string_view text)
{
    const auto low = lowered(text.substr(0, 9));
    const std::size_t begin = low.starts_with("uni") ? 3 : low.starts_with("u+") ? 2 : 0;
    std::size_t end = begin;
    while (begin > 0 && end < low.size() && std::isxdigit(static_cast<unsigned char>(low[end])))
        ++end;
    return end >= begin + 4 && begin > 0 ? end : 0;
}

/// Words of a name: parted at everything that is no letter or digit, where small letters go over into capitals, and between letters
/// and digits. Decimal points stay within figures.
std::vector<std::string> wordsOf(std::string_view name)
{
    std::vector<std::string> words;
    std::string word;
    const auto end = [&] {
        if (!word.empty())
            words.push_back(std::exchange(word, {}));
    };
    const auto kind = [](unsigned char c) {
        return c >= 128 || std::isalpha(c) ? 1 : std::isdigit(c) ? 2 : 0;
    };
    for (std::size_t i = 0; i < name.size(); ++i) {
        const auto c = static_cast<unsigned char>(name[i]);
        if (const auto length = word.empty() ? codeLength(name.substr(i)) : 0) {
            words.emplace_back(name.substr(i, length));
            i += length - 1;
            continue;
        }
        if (c == '.' && !word.empty() && kind(static_cast<unsigned char>(word.back())) == 2 &&
            i + 1 < name.size() && std::isdigit(static_cast<unsigned char>(name[i + 1]))) {
            word.push_back('.');
            continue;
        }
        if (kind(c) == 0) {
            // A sign by itself is a letter of the alphabet: "&.dst".
            end();
            if (std::string_view("&!?@#$%'").find(static_cast<char>(c)) != std::string_view::npos)
                words.emplace_back(1, static_cast<char>(c));
            continue;
        }
        if (!word.empty()) {
            const auto before = static_cast<unsigned char>(word.back());
            const bool is_camel = std::islower(before) && std::isupper(c);
            const int before_kind = before == '.' ? 2 : kind(before);
            if (is_camel || before_kind != kind(c))
                end();
        }
        word.push_back(static_cast<char>(c));
    }
    end();
    return words;
}

std::optional<double> numberIn(std::string_view word)
{
    double value = 0.0;
    const auto [end, error] = std::from_chars(word.data(), word.data() + word.size(), value);
    if (error != std::errc{} || end != word.data() + word.size())
        return std::nullopt;
    return value;
}

/// Takes "2 in", "50 mm", "1.5 inch" out of the words.
double sizeIn(std::vector<std::string>& words)
{
    static const std::map<std::string_view, double> kUnits{
        {"in", kInch_mm}, {"inch", kInch_mm}, {"inches", kInch_mm}, {"mm", 1.0}, {"cm", 10.0}};
    for (std::size_t i = 0; i + 1 < words.size(); ++i) {
        const auto number = numberIn(words[i]);
        const auto unit = kUnits.find(lowered(words[i + 1]));
        if (!number || unit == kUnits.end())
            continue;
        const double size_mm = *number * unit->second;
        words.erase(words.begin() + static_cast<std::ptrdiff_t>(i),
                    words.begin() + static_cast<std::ptrdiff_t>(i) + 2);
        return size_mm;
    }
    return 0.0;
}

struct Name
{
    std::vector<std::string> words;
    double size_mm = 0.0;
    bool says_upper = false, says_lower = false;
};

Name nameOf(const std::string& path)
{
    Name out;
    const auto slash = path.rfind('/');
    const std::string file = slash == std::string::npos ? path : path.substr(slash + 1);
    const auto dot = file.rfind('.');
    // A file that is called ".dst" or "..dst" is a full stop.
    out.words = wordsOf(file.substr(0, dot == std::string::npos ? file.size() : dot));
    out.size_mm = sizeIn(out.words);
    auto folders = wordsOf(slash == std::string::npos ? std::string() : path.substr(0, slash));
    if (const double of_folder = sizeIn(folders); out.size_mm == 0.0)
        out.size_mm = of_folder;
    for (const auto& word : folders) {
        out.says_upper |= kUpper.contains(lowered(word));
        out.says_lower |= kLower.contains(lowered(word));
    }
    std::erase_if(out.words, [&out](const std::string& word) {
        const auto low = lowered(word);
        out.says_upper |= kUpper.contains(low);
        out.says_lower |= kLower.contains(low);
        return kUpper.contains(low) || kLower.contains(low);
    });
    return out;
}

struct Reading
{
    char32_t letter = 0;
    double confidence = 0.0;
};

std::optional<char32_t> oneCharacter(const std::string& word)
{
    if (!isValidUtf8(word))
        return std::nullopt;
    const auto characters = toUtf32(word);
    return characters.size() == 1 ? std::optional(characters[0]) : std::nullopt;
}

/// What one word by itself says.
std::optional<Reading> readingOf(const std::string& word)
{
    if (const auto c = oneCharacter(word))
        return Reading{*c, 1.0};
    const auto low = lowered(word);
    if (const auto named = kNamed.find(low); named != kNamed.end())
        return Reading{toUtf32(named->second)[0], 0.9};
    if (codeLength(word) == word.size()) {
        unsigned code = 0;
        const std::string_view digits = std::string_view(low).substr(low.starts_with("uni") ? 3 : 2);
        std::from_chars(digits.data(), digits.data() + digits.size(), code, 16);
        if (code > 32 && code < 0x110000)
            return Reading{static_cast<char32_t>(code), 0.9};
    }
    // "eacute", "Eacute", "ampersand", "seven": as fonts call them; in capitals alone the case is not told.
    if (const auto c = characterOfName(word))
        return Reading{c, 0.9};
    if (const auto c = characterOfName(low))
        return Reading{c, 0.8};
    return std::nullopt;
}

/// A letter and an accent beside each other: "e acute".
std::optional<Reading> accented(const std::vector<std::string>& words)
{
    for (std::size_t i = 0; i < words.size(); ++i) {
        if (words[i].size() != 1 || !std::isalpha(static_cast<unsigned char>(words[i][0])))
            continue;
        for (std::size_t k = 0; k < words.size(); ++k)
            if (const auto accent = kAccents.find(lowered(words[k])); k != i && accent != kAccents.end())
                if (const auto c = characterOfName(words[i] + std::string(accent->second)))
                    return Reading{c, 0.9};
    }
    return std::nullopt;
}

/// What the words say together; figures that are other forms of it go to `others`.
std::optional<Reading> letterOf(const std::vector<std::string>& words, std::vector<std::string>& others)
{
    if (const auto reading = accented(words))
        return reading;
    // Figures are running numbers or other forms beside a letter, and digits where they stand alone.
    std::vector<std::string> figures, rest;
    for (const auto& word : words)
        (isAscii(word, std::isdigit) ? figures : rest).push_back(word);
    std::vector<Reading> readings;
    for (const auto& word : rest)
        if (const auto one = readingOf(word))
            readings.push_back(*one);
    if (readings.size() > 1)
        return Reading{readings.back().letter, 0.4 * readings.back().confidence};
    if (readings.size() == 1) {
        if (!figures.empty() && words.front() != figures.front())
            others.push_back(figures.front());
        // A word beside it that nobody knows leaves a little doubt.
        return Reading{readings[0].letter, readings[0].confidence * (rest.size() > 1 ? 0.75 : 1.0)};
    }
    if (!rest.empty() || figures.size() != 1)
        return std::nullopt;
    if (figures[0].size() == 1)
        return Reading{static_cast<char32_t>(figures[0][0]), 1.0};
    if (const auto code = numberIn(figures[0]); code && *code >= 33 && *code < 127)
        return Reading{static_cast<char32_t>(*code), 0.5}; // perhaps its code
    return std::nullopt;
}

char32_t inCase(char32_t c, bool is_upper)
{
    // Latin with its usual accents: the pairs of Unicode's first block are 32 apart.
    const bool is_small = (c >= U'a' && c <= U'z') || (c >= 0xe0 && c <= 0xfe && c != 0xf7);
    const bool is_large = (c >= U'A' && c <= U'Z') || (c >= 0xc0 && c <= 0xde && c != 0xd7);
    if (is_upper && is_small)
        return c - 32;
    return !is_upper && is_large ? c + 32 : c;
}

} // namespace

std::vector<LetterGuess> lettersTold(const std::vector<std::string>& names)
{
    std::vector<Name> read;
    std::map<std::string, std::size_t> uses;
    for (const auto& name : names) {
        read.push_back(nameOf(name));
        std::set<std::string> own;
        for (const auto& word : read.back().words)
            own.insert(lowered(word));
        for (const auto& word : own)
            ++uses[word];
    }
    std::vector<LetterGuess> out(names.size());
    for (std::size_t i = 0; i < names.size(); ++i) {
        auto& name = read[i];
        auto& guess = out[i];
        guess.size_mm = name.size_mm;
        const auto says_nothing = [&](const std::string& word) {
            const auto low = lowered(word);
            return kNoise.contains(low) ||
                   (names.size() >= 4 &&
                    static_cast<double>(uses[low]) > kShared * static_cast<double>(names.size()));
        };
        auto words = name.words;
        std::erase_if(words, says_nothing);
        std::vector<std::string> others;
        std::erase_if(words, [&](const std::string& word) {
            const bool is_variant = kVariants.contains(lowered(word));
            if (is_variant)
                others.push_back(lowered(word));
            return is_variant;
        });
        const auto reading = letterOf(words, others);
        if (!reading)
            continue;
        char32_t letter = reading->letter;
        if (name.says_upper != name.says_lower)
            letter = inCase(letter, name.says_upper);
        guess.letter = toUtf8(letter);
        guess.confidence = reading->confidence;
        for (const auto& other : others)
            guess.variant += (guess.variant.empty() ? "" : " ") + other;
    }
    // Capitals alone may be an alphabet of capitals, or small letters on a disk that knows no case: as they are written.
    // What would be there twice is told of neither.
    std::map<std::tuple<std::string, std::string, double>, std::vector<std::size_t>> same;
    for (std::size_t i = 0; i < out.size(); ++i)
        if (!out[i].letter.empty()) {
            // The same letter as DST and as EXP is one letter in two formats.
            const auto dot = names[i].rfind('.');
            const std::string format = dot == std::string::npos ? "" : lowered(names[i].substr(dot));
            same[{out[i].letter, out[i].variant + format, out[i].size_mm}].push_back(i);
        }
    for (const auto& [key, files] : same)
        if (files.size() > 1)
            for (const auto i : files)
                out[i].confidence = std::min(out[i].confidence, 0.4);
    return out;
}

} // namespace ink
