#pragma once

namespace sobremesa::units {

// Which they are stands in quantity.hpp and relation.hpp: who only passes an explanation on need not be compiled
// again when one is added.
enum class Quantity : int;
enum class Relation : int;
enum class Source : int;

enum class Origin { given, assumed, computed, measured };

struct Explanation;
struct Sensitivity;

} // namespace sobremesa::units
