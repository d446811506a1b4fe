// Precompiled for the rooms without Qt: what most of their files include anyway. Includes stay in the files that
// need them; the preset "plain" builds without precompiled headers and unity batches and finds those that are
// missing.
#pragma once

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdint>
#include <functional>
#include <limits>
#include <memory>
#include <numeric>
#include <optional>
#include <span>
#include <string>
#include <string_view>
#include <tl/expected.hpp>
#include <utility>
#include <variant>
#include <vector>
