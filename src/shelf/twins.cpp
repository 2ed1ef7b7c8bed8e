#include "shelf/twins.h"
#include "core/base/told.h"

#include "core/base/text.h"
#include "core/type/key_map.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numeric>

namespace ink {
namespace {

/// Letters whose areas tell most fonts apart before anything else is compared.
constexpr std::u32string_view kProbes = U"aeghnoAHR8";

using Probes = std::array<std::int32_t, kProbes.size()>;

constexpr std::int32_t kNoProbe = -1;

Probes probesOf(const OutlinePrint& print)
{
    Probes probes;
    for (std::size_t i = 0; i < kProbes.size(); ++i) {
        const auto found = std::ranges::lower_bound(print.glyphs, kProbes[i], {}, &GlyphPrint::character);
        const bool has = found != print.glyphs.end() && found->character == kProbes[i] && found->hasInk();
        probes[i] = has ? found->area : kNoProbe;
    }
    return probes;
}

/// False when these cannot be the same outlines: two of the letters differ by far.
bool mayBeAlike(const Probes& a, const Probes& b)
{
    int far = 0;
    for (std::size_t i = 0; i < a.size(); ++i)
        far += a[i] != kNoProbe && b[i] != kNoProbe &&
               std::abs(a[i] - b[i]) > std::max(3000, static_cast<int>(0.02 * std::max(a[i], b[i])));
    return far < 2;
}

std::string nameOf(const ShelfFont& font)
{
    return font.faces.empty() ? std::string() : lowered(font.faces.front().readableName());
}

class Groups
{
public:
    explicit Groups(std::size_t count) : m_parent(count) { std::iota(m_parent.begin(), m_parent.end(), 0); }

    std::size_t rootOf(std::size_t i)
    {
        while (m_parent[i] != i)
            i = m_parent[i] = m_parent[m_parent[i]];
        return i;
    }
    void join(std::size_t a, std::size_t b)
    {
        // The smaller index leads, so that the order of the fonts decides who stands first.
        const std::size_t root_a = rootOf(a), root_b = rootOf(b);
        m_parent[std::max(root_a, root_b)] = std::min(root_a, root_b);
    }

private:
    std::vector<std::size_t> m_parent;
};

TwinKind kindOf(const ShelfFont& first, const ShelfFont& second, bool same_outlines)
{
    const bool same_name = nameOf(first) == nameOf(second);
    if (!same_outlines)
        return TwinKind::OtherVersion;
    if (!same_name)
        return TwinKind::OtherName;
    const FaceInfo &a = first.faces.front(), &b = second.faces.front();
    return a.container != b.container || a.outlines != b.outlines ? TwinKind::OtherFormat
                                                                  : TwinKind::SameOutlines;
}

std::string joined(const std::vector<std::string>& parts)
{
    std::string all;
    for (const auto& part : parts)
        all += (all.empty() ? "" : ", ") + part;
    return all;
}

std::string keysIn(const std::vector<char32_t>& characters)
{
    constexpr std::size_t kMost = 12;
    std::string keys;
    for (std::size_t i = 0; i < std::min(kMost, characters.size()); ++i)
        keys += (i == 0 ? "" : " ") + keyName(characters[i]);
    return characters.size() > kMost ? told("{} and {} more", keys, characters.size() - kMost) : keys;
}

} // namespace

std::string_view idOf(TwinKind kind)
{
    static constexpr std::array<std::string_view, 4> kIds{"other-format", "same-outlines", "other-name",
                                                          "other-version"};
    return kIds[static_cast<std::size_t>(kind)];
}

std::string formatOf(const FaceInfo& face)
{
    const std::string curves = face.outlines == OutlineKind::TrueType ? "TrueType" : "OpenType (CFF)";
    switch (face.container) {
    case FontContainer::Collection:
        return told("{}, collection", curves);
    case FontContainer::Woff:
        return "WOFF, " + curves;
    case FontContainer::Woff2:
        return "WOFF2, " + curves;
    case FontContainer::Plain:
        break;
    }
    return face.is_variable ? told("{}, variable", curves) : curves;
}

Result<FontPrints> fontPrints(ShelfStore& store, const std::vector<ShelfFont>& fonts,
                              const CancelToken& cancel, const std::function<void(std::size_t)>& progress)
{
    constexpr std::size_t kKeepEvery = 50;
    const auto kept = store.outlinePrints(OutlinePrint::kVersion);
    if (!kept)
        return fail(kept.error());
    FontPrints prints;
    for (const auto& one : *kept)
        if (auto print = outlinePrintFrom(one.bytes))
            prints[one.font] = std::make_shared<const OutlinePrint>(std::move(*print));
    std::vector<StoredPrint> fresh;
    const auto keep = [&]() -> Result<void> {
        auto done = store.keepOutlinePrints(fresh, OutlinePrint::kVersion);
        fresh.clear();
        return done;
    };
    for (std::size_t i = 0; i < fonts.size(); ++i) {
        const auto& font = fonts[i];
        if (progress)
            progress(i);
        if (prints.contains(font.id) || font.faces.empty())
            continue;
        const FaceChoice choice = font.faces.front().choice;
        if (const auto face = FontFace::open(store.fileOf(font), choice)) {
            auto print = std::make_shared<const OutlinePrint>(outlinePrintOf(**face));
            fresh.push_back({font.id, choice, bytesOf(*print)});
            prints[font.id] = std::move(print);
        }
        const bool is_cancelled = cancel.isCancelled();
        if (is_cancelled || fresh.size() >= kKeepEvery)
            if (auto done = keep(); !done)
                return fail(done.error());
        if (is_cancelled)
            return fail(ErrorCode::Cancelled);
    }
    if (auto done = keep(); !done)
        return fail(done.error());
    return prints;
}

std::vector<TwinGroup> findTwins(const std::vector<ShelfFont>& fonts, const FontPrints& prints)
{
    std::vector<PrintPtr> print(fonts.size());
    std::vector<Probes> probes(fonts.size());
    std::map<std::string, std::size_t> first_of_name;
    Groups groups(fonts.size());
    for (std::size_t i = 0; i < fonts.size(); ++i) {
        if (const auto found = prints.find(fonts[i].id); found != prints.end()) {
            print[i] = found->second;
            probes[i] = probesOf(*print[i]);
        }
        if (fonts[i].faces.empty())
            continue;
        const auto [named, is_first] = first_of_name.emplace(nameOf(fonts[i]), i);
        if (!is_first)
            groups.join(named->second, i);
    }
    const auto areSame = [&](std::size_t a, std::size_t b) {
        return print[a] && print[b] && mayBeAlike(probes[a], probes[b]) &&
               compared(*print[a], *print[b]).areSameOutlines();
    };
    for (std::size_t i = 0; i < fonts.size(); ++i)
        for (std::size_t j = i + 1; j < fonts.size(); ++j)
            if (groups.rootOf(i) != groups.rootOf(j) && areSame(i, j))
                groups.join(i, j);

    std::map<std::size_t, TwinGroup> by_root;
    for (std::size_t i = 0; i < fonts.size(); ++i)
        by_root[groups.rootOf(i)].fonts.push_back(i);
    std::vector<TwinGroup> found;
    for (auto& [root, group] : by_root) {
        if (group.fonts.size() < 2)
            continue;
        for (const std::size_t i : group.fonts)
            group.kinds.push_back(kindOf(fonts[root], fonts[i], areSame(root, i)));
        found.push_back(std::move(group));
    }
    return found;
}

std::vector<TwinFact> twinFacts(const std::vector<const ShelfFont*>& fonts,
                                const std::vector<PrintPtr>& prints)
{
    std::vector<TwinFact> facts;
    const auto add = [&](std::string_view what, const auto& valueOf) {
        TwinFact fact{std::string(what), {}, false};
        for (std::size_t i = 0; i < fonts.size(); ++i)
            fact.values.push_back(valueOf(i));
        fact.differs =
            std::ranges::any_of(fact.values, [&](const auto& value) { return value != fact.values.front(); });
        facts.push_back(std::move(fact));
    };
    const auto face = [&](std::size_t i) -> const FaceInfo& {
        static const FaceInfo kNone;
        return fonts[i]->faces.empty() ? kNone : fonts[i]->faces.front();
    };
    add(told("name"), [&](std::size_t i) { return fonts[i]->readableName(); });
    add(told("file"), [&](std::size_t i) { return fonts[i]->file_name; });
    add(told("maker"), [&](std::size_t i) { return face(i).manufacturer; });
    add(told("version"), [&](std::size_t i) { return face(i).version; });
    add(told("format"), [&](std::size_t i) { return formatOf(face(i)); });
    add(told("size"), [&](std::size_t i) { return std::to_string((fonts[i]->bytes + 999) / 1000) + " kB"; });
    add(told("styles in the file"), [&](std::size_t i) { return std::to_string(fonts[i]->faces.size()); });
    add(told("glyphs"),
        [&](std::size_t i) { return prints[i] ? std::to_string(prints[i]->glyph_count) : "?"; });
    add(told("characters"),
        [&](std::size_t i) { return prints[i] ? std::to_string(prints[i]->character_count) : "?"; });
    add(told("features"),
        [&](std::size_t i) { return prints[i] ? joined(prints[i]->features) : std::string("?"); });
    add(told("drawn differently"), [&](std::size_t i) -> std::string {
        if (i == 0 || !prints[0] || !prints[i])
            return {};
        const auto with_first = compared(*prints[0], *prints[i]);
        return with_first.drawn_differently.empty() ? "" : keysIn(with_first.drawn_differently);
    });
    add(told("only here"), [&](std::size_t i) -> std::string {
        const std::size_t other = i == 0 && prints.size() > 1 ? 1 : 0;
        if (!prints[i] || !prints[other] || i == other)
            return {};
        const auto extra = compared(*prints[i], *prints[other]).only_first;
        return extra.empty() ? "" : keysIn(extra);
    });
    add(told("package"), [&](std::size_t i) { return fonts[i]->package; });
    add(told("documents"), [&](std::size_t i) {
        std::vector<std::string> names;
        for (const auto& document : fonts[i]->documents)
            names.push_back(document.name);
        return joined(names);
    });
    add(told("taken in"), [&](std::size_t i) { return fonts[i]->added; });
    add(told("last used"), [&](std::size_t i) { return fonts[i]->last_used; });
    return facts;
}

} // namespace ink
