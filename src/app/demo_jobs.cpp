#include "app/demo_jobs.h"

namespace ink::app {
namespace {

Job made(const char* words, const char* font, Process process, FinishedSize size,
         const std::filesystem::path& fonts)
{
    Job job;
    job.words = words;
    job.font.path = (fonts / font).string();
    job.process = process;
    job.is_mirrored = infoOf(process).is_mirrored;
    job.size = size;
    beginUsually(job);
    return job;
}

} // namespace

Result<void> leaveDemoJobs(const JobStore& store, const std::filesystem::path& fonts)
{
    if (!store.left().empty())
        return {};
    Job aprons = made("Ottilie", "Larkmallow.ttf", Process::KnifeHeatTransfer,
                      {SizeBy::XHeight, 22.0, {}, 90.0}, fonts);
    setNames(aprons, {{"Ottilie"}, {"Bram"}, {"Zoë"}, {"Łucja"}, {"Søren"}});
    aprons.sheet.turns = Turns::Half;
    Job banner = made("Fennmoor Bee Garden", "WickerbyBroad.ttf", Process::PaperPattern,
                      {SizeBy::Width, 1200.0}, fonts);
    banner.pattern.is_filled = true;
    const std::pair<Job, const char*> jobs[] = {
        {banner, "20261104-091500-000"},
        {made("Honey", "GatepostPlain.ttf", Process::Applique, {SizeBy::Width, 120.0}, fonts),
         "20261105-161000-000"},
        {made("Beeswax & Thyme", "SextonCourt.otf", Process::Stencil, {SizeBy::Width, 300.0}, fonts),
         "20261106-103000-000"},
        {aprons, "20261107-144500-000"}};
    for (const auto& [job, at] : jobs)
        if (auto done = store.leave({job, {}, {}, {}}, at); !done)
            return done;
    return {};
}

} // namespace ink::app
