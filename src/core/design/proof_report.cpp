#include "core/design/design_proof.h"

#include "core/base/json_text.h"

#include <cmath>
#include <ostream>

namespace ink {
namespace {

using Json = nlohmann::ordered_json;

double rounded(double value)
{
    return std::round(value * 1e6) / 1e6;
}

Json jsonOf(const ProofFinding& f)
{
    return {{"kind", idOf(f.kind)},
            {"level", idOf(f.level)},
            {"at_mm", {rounded(f.at.x), rounded(f.at.y)}},
            {"box_mm", {rounded(f.box.x0), rounded(f.box.y0), rounded(f.box.x1), rounded(f.box.y1)}},
            {"measured", rounded(f.measured)},
            {"wanted", rounded(f.wanted)},
            {"length_mm", rounded(f.length)},
            {"letters", f.letters}};
}

} // namespace

void writeProofReport(std::ostream& out, const ComposedDesign& composed, const DesignProof& proof,
                      const Job& job)
{
    const Design& design = composed.design;
    Json json{{"process", infoOf(job.process).id},
              {"verdict", idOf(proof.verdict)},
              {"findings", Json::array()},
              {"mended", Json::array()},
              {"unmended", Json::array()}};
    for (const auto& f : proof.findings)
        json["findings"].push_back(jsonOf(f));
    for (const auto& done : design.finished.mended.done) {
        auto item = jsonOf(done.finding);
        item["to_mm"] = rounded(done.to);
        json["mended"].push_back(std::move(item));
    }
    for (const auto& left : design.finished.mended.left) {
        auto item = jsonOf(left.finding);
        item["reason"] = left.reason;
        json["unmended"].push_back(std::move(item));
    }
    const auto& f = design.figures_mm;
    json["bridges"] = Json::array();
    for (const auto& bridge : design.finished.mended.bridges)
        json["bridges"].push_back({{"from_mm", {rounded(bridge.from.x), rounded(bridge.from.y)}},
                                   {"to_mm", {rounded(bridge.to.x), rounded(bridge.to.y)}}});
    json["pieces"] = f.pieces;
    json["middles"] = f.middles;
    json["area_mm2"] = rounded(f.area);
    json["cut_length_mm"] = rounded(f.cut_length);
    json["box_mm"] = {rounded(f.box.x0), rounded(f.box.y0), rounded(f.box.x1), rounded(f.box.y1)};
    json["nodes"] = f.nodes;
    json["touched"] = nlohmann::ordered_json::array();
    for (const auto& box : composed.design.finished.mended.touched)
        json["touched"].push_back({rounded(box.x0), rounded(box.y0), rounded(box.x1), rounded(box.y1)});
    json["weeding"] = {{"parts", proof.weeding.parts},
                       {"smallest_mm2", rounded(proof.weeding.smallest_mm2)},
                       {"minutes", rounded(proof.weeding.minutes)}};
    out << jsonText(json, 2) << '\n';
}

} // namespace ink
