// Result<T>: a value, or the Error that stands in its place.
#pragma once

#include "core/base/error.h"

#include <tl/expected.hpp>

#include <string>
#include <utility>

namespace ink {

template <class T>
class [[nodiscard]] Result : public tl::expected<T, Error>
{
public:
    using tl::expected<T, Error>::expected;
};

/// `return fail(ErrorCode::EmptyText);` from any function that returns a Result.
inline tl::unexpected<Error> fail(ErrorCode code, std::string subject = {}, std::string detail = {})
{
    return tl::unexpected<Error>(Error{code, std::move(subject), std::move(detail)});
}

/// Passes an error on unchanged.
inline tl::unexpected<Error> fail(Error error)
{
    return tl::unexpected<Error>(std::move(error));
}

} // namespace ink
