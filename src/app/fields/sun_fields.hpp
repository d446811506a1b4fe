#pragma once

#include "app/fields/request_field.hpp"

namespace sobremesa::app {

/// The array on the aircraft's wing; an aircraft without one gets one with the first of them that is typed.
std::vector<RequestField> array_fields();
/// What joins it to the pack.
std::vector<RequestField> converter_fields();

/// An array that suits a pack connected directly, on about half of the wing: where a pilot starts from.
sun::SolarArray first_array(const mission::PlanRequest& request);

} // namespace sobremesa::app
