#include "core/mission/cruise_current.hpp"

#include <algorithm>

#include "core/battery/pack_model.hpp"

namespace sobremesa::mission {

namespace {

battery::PackModel::Circuit half_charged(const PlanRequest& request) {
    battery::Pack pack = request.pack;
    // How it behaves at other rates does not matter at half charge, and takes long to work out.
    pack.rate_table.clear();
    const battery::PackModel model(pack);
    battery::PackState state;
    constexpr double half = 0.5;
    state.charge_used_ah = half * model.fullChargeAh();
    return model.circuit(state);
}

} // namespace

double cruise_current_a(const PlanRequest& request) {
    return half_charged(request).atPowerOrLimit(request.aircraft.cruise_power_w).current_a;
}

double power_from_current_w(const PlanRequest& request, double current_a) {
    return current_a * std::max(half_charged(request).atCurrent(current_a).voltage_v, 0.0);
}

void set_cruise_current(PlanRequest& request, double current_a) {
    request.aircraft.cruise_power_w = power_from_current_w(request, current_a);
}

} // namespace sobremesa::mission
