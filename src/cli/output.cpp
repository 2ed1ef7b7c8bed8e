#include "cli/output.h"

#include <algorithm>
#include <array>
#include <cctype>
#include <cmath>

#include <filesystem>
#include <iostream>

namespace ink::cli {

namespace {

bool isStandardOutput(const std::string& path)
{
    return path == "-" || path == "/dev/stdout";
}

bool areOneFile(const std::string& a, const std::string& b)
{
    std::error_code ignored;
    return std::filesystem::equivalent(a, b, ignored) ||
           std::filesystem::weakly_canonical(a, ignored) == std::filesystem::weakly_canonical(b, ignored);
}

} // namespace

Result<void> checkOutputs(const std::vector<std::string>& inputs, const std::vector<std::string>& outputs)
{
    for (std::size_t i = 0; i < outputs.size(); ++i) {
        const auto& output = outputs[i];
        if (output.empty())
            continue;
        for (std::size_t k = 0; k < i; ++k) {
            if (isStandardOutput(output) && isStandardOutput(outputs[k]))
                return fail(ErrorCode::OutputsAlike, "standard output");
            if (!isStandardOutput(output) && !outputs[k].empty() && areOneFile(output, outputs[k]))
                return fail(ErrorCode::OutputsAlike, output);
        }
        for (const auto& input : inputs)
            if (!isStandardOutput(output) && areOneFile(output, input))
                return fail(ErrorCode::OutputIsInput, output);
    }
    return {};
}

Result<void> writeTo(const std::string& target, const StreamWriter& writer)
{
    if (!isStandardOutput(target))
        return writeFile(target, writer);
    auto done = writer(std::cout);
    if (done && !std::cout.flush())
        return fail(ErrorCode::FileUnwritable, "standard output");
    return done;
}

std::string complaintUnlessSvg(const std::string& name)
{
    static constexpr std::array kOthers{".dxf", ".plt", ".pdf", ".eps", ".ps", ".ai", ".png", ".dst", ".exp"};
    std::string ending = std::filesystem::path(name).extension().string();
    std::ranges::transform(ending, ending.begin(),
                           [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    return std::ranges::find(kOthers, ending) == kOthers.end()
               ? std::string()
               : "\"" + name +
                     "\" would hold an SVG drawing: name it .svg, or let uink sheet or uink stitch write "
                     "other formats";
}

double roundedTo(double value, int places)
{
    const double scale = std::pow(10.0, places);
    return std::round(value * scale) / scale;
}

} // namespace ink::cli
