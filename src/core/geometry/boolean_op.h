// What two shapes can be made into.
#pragma once

namespace ink {

enum class BooleanOp { Union, Subtract, Intersect };

} // namespace ink
