// Whole numbers from JSON that anybody may have written.
#pragma once

#include <nlohmann/json.hpp>

#include <cmath>
#include <concepts>
#include <cstdint>
#include <limits>
#include <utility>

namespace ink {

/// What `Int` holds and lies nearest: 1e300, which no cast may be asked for, is the largest, and so is 2^40 of 32 bits.
/// Throws what nlohmann::json throws where `value` is no number.
template <std::integral Int>
Int wholeNumber(const nlohmann::json& value)
{
    constexpr Int kLeast = std::numeric_limits<Int>::min(), kMost = std::numeric_limits<Int>::max();
    const auto nearest = [](auto number) {
        return std::cmp_less(number, kLeast)     ? kLeast
               : std::cmp_greater(number, kMost) ? kMost
                                                 : static_cast<Int>(number);
    };
    if (value.is_number_unsigned())
        return nearest(value.get<std::uint64_t>());
    if (value.is_number_integer())
        return nearest(value.get<std::int64_t>());
    if (!value.is_number_float())
        return value.get<Int>();
    const double number = value.get<double>();
    // kMost may be rounded up on its way to a double: it is no number that can be cast.
    return !(number > static_cast<double>(kLeast)) ? kLeast
           : number >= static_cast<double>(kMost)  ? kMost
                                                   : static_cast<Int>(number);
}

/// `usual` where the object has nothing by this name. Throws also where it is no object.
template <std::integral Int>
Int wholeNumber(const nlohmann::json& object, const char* name, Int usual)
{
    if (!object.is_object())
        return object.value(name, usual);
    const auto found = object.find(name);
    return found == object.end() ? usual : wholeNumber<Int>(*found);
}

} // namespace ink
