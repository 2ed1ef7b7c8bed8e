#include "app/demo_shelf.h"

#include "shelf/shelf_intake.h"
#include "ui/main_window.h"

#include <array>

namespace ink::app {
namespace {

struct DemoUse
{
    const char* family;
    const char* set;
    const char* tag;
    const char* note;
    const char* project;
    const char* day;
};

constexpr std::array kUses{
    DemoUse{"Hartsorrel Script", "Market stall", "joined", "Jar lids: 60 mm, one piece.", "Fennmoor Honey",
            "2026-11-08"},
    DemoUse{"Tansy Cord", "Market stall", "joined", "", "Late Summer Batch", "2026-09-19"},
    DemoUse{"Maypole Hand", "Aprons", "names", "Good for short names: Bram, Zoë.", "Ottilie", "2026-10-02"},
    DemoUse{"Quillbrook Script", "Aprons", "joined", "", "Łucja", "2026-10-02"},
    DemoUse{"Larkmallow", "Aprons", "", "", "", ""},
    DemoUse{"Stallholder Bits", "Garden supper", "pictures", "Bees and jars for the tea towels.", "", ""},
    DemoUse{"Saltglaze Ornaments", "Garden supper", "pictures", "", "", ""},
    DemoUse{"Wickerby Broad", "Crates", "stencil", "Holds on pine from 50 mm.", "Beeswax & Thyme",
            "2026-06-14"}};

Result<void> note(ShelfStore& store, const ShelfFont& font, const DemoUse& use)
{
    const std::vector<std::int64_t> id{font.id};
    if (auto done = store.changeSet(use.set, id, true); !done)
        return done;
    if (*use.tag != '\0')
        if (auto done = store.changeTag(use.tag, id, true); !done)
            return done;
    if (*use.note != '\0')
        if (auto done = store.setNote(font.id, use.note); !done)
            return done;
    return *use.project != '\0' ? store.used(font.id, use.project, use.day) : Result<void>();
}

Result<bool> fill(ShelfStore& store, const std::vector<std::filesystem::path>& packages,
                  const std::filesystem::path& demo_fonts)
{
    auto fonts = store.fonts();
    if (!fonts)
        return fail(fonts.error());
    if (!fonts->empty())
        return false;
    for (const auto& package : packages)
        if (const auto contents = inspectPackage(package))
            if (const auto taken = takeToShelf(store, *contents, usualChoice(*contents), "2026-09-12");
                !taken)
                return fail(taken.error());
    if (auto contents = inspectPackage(demo_fonts)) {
        contents->is_plain_folder = true;
        contents->source.clear();
        if (const auto taken = takeToShelf(store, *contents, contents->fonts(), "2026-11-02"); !taken)
            return fail(taken.error());
    }
    fonts = store.fonts();
    if (!fonts)
        return fail(fonts.error());
    for (const auto& use : kUses)
        for (const auto& font : *fonts)
            if (!font.faces.empty() && font.faces.front().family == use.family)
                if (auto done = note(store, font, use); !done)
                    return fail(done.error());
    return true;
}

} // namespace

void fillDemoShelf(ui::MainWindow& window, const std::vector<std::filesystem::path>& packages,
                   const std::filesystem::path& fonts)
{
    window.shelf().run<bool>(
        [packages, fonts](ui::OpenShelf& shelf) { return fill(shelf.store, packages, fonts); },
        [&window](const Result<bool>& done) {
            if (!done)
                window.tell(done.error());
        });
}

} // namespace ink::app
