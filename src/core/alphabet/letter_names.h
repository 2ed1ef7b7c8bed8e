// Which letter a stitch file holds, told from its name and those beside it.
#pragma once

#include <optional>
#include <string>
#include <vector>

namespace ink {

struct LetterGuess
{
    /// UTF-8 of one character; empty where the name tells none.
    std::string letter;
    /// "swash", "end", "2": another form of the letter; empty for the usual one.
    std::string variant;
    /// Height in the name or its folder ("2in", "50mm"); 0 where none is told.
    double size_mm = 0.0;
    /// 1: the name is the letter. Below kSureOfLetter a person should look.
    double confidence = 0.0;
};
inline constexpr double kSureOfLetter = 0.7;

/// `names` are paths within one package, "/" between folders. Words that most of them share say nothing ("rosehip", "satin"), and
/// neither do running numbers. Two files that would be the same letter of the same size are both unsure.
/// In the order of `names`.
std::vector<LetterGuess> lettersTold(const std::vector<std::string>& names);

} // namespace ink
