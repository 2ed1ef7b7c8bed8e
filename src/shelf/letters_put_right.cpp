#include "shelf/letters_put_right.h"

#include "core/alphabet/alphabet_font.h"
#include "core/base/digest.h"
#include "core/base/file_output.h"
#include "core/intake/package.h"

#include <algorithm>

namespace ink {

Result<std::string> putLettersRight(ShelfStore& store, const RightsStore& rights,
                                    const std::string& font_sha256, const Alphabet& letters,
                                    const std::string& day)
{
    const auto fonts = store.fonts();
    if (!fonts)
        return fail(fonts.error());
    const auto old = std::ranges::find(*fonts, font_sha256, &ShelfFont::sha256);
    if (old == fonts->end())
        return fail(ErrorCode::FontNotOnShelf, letters.name);
    const auto font = alphabetFont(letters);
    if (!font)
        return fail(font.error());
    const std::string digest = sha256(*font);
    if (digest == font_sha256)
        return digest;
    const auto staging = Staging::make({});
    if (!staging)
        return fail(staging.error());
    const auto staged = (*staging)->folder() / "letters.ttf";
    if (auto done = writeFile(staged,
                              [&](std::ostream& out) -> Result<void> {
                                  out << *font;
                                  return {};
                              });
        !done)
        return fail(done.error());
    auto faces = FontFace::list(staged);
    if (!faces)
        return fail(faces.error());
    NewFont fresh{staged, old->file_name, digest, std::move(*faces), {}};
    for (const auto& document : old->documents)
        fresh.documents.push_back({store.fileOf(document.sha256), document.name});
    if (const auto added = store.add({fresh}, old->package, day); !added)
        return fail(added.error());
    const auto id = store.idOf(digest);
    if (!id)
        return fail(id.error());
    for (const auto& set : old->sets)
        if (auto done = store.changeSet(set, {*id}, true); !done)
            return fail(done.error());
    for (const auto& tag : old->tags)
        if (auto done = store.changeTag(tag, {*id}, true); !done)
            return fail(done.error());
    if (!old->note.empty())
        if (auto done = store.setNote(*id, old->note); !done)
            return fail(done.error());
    if (const auto record = rights.load(font_sha256); record && *record != RightsRecord())
        if (auto done = rights.save(digest, *record); !done)
            return fail(done.error());
    return digest;
}

} // namespace ink
