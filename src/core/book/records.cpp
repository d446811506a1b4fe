#include "core/book/records.hpp"

#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "core/units/relation.hpp"

namespace sobremesa::book {

PersonalBests personal_bests(const std::vector<FlightFigures>& flights) {
    PersonalBests bests;
    double longest_s = 0.0;
    double farthest_m = 0.0;
    double most_efficient = 0.0;
    for (const FlightFigures& flight : flights) {
        const auto& s = flight.summary;
        if (s.duration_s > longest_s) {
            longest_s = s.duration_s;
            bests.longest = flight.flight_id;
        }
        if (s.distance.farthest_from_home_m && s.distance.farthest_from_home_m->value > farthest_m) {
            farthest_m = s.distance.farthest_from_home_m->value;
            bests.farthest = flight.flight_id;
        }
        const bool long_way = s.distance.ground_m && s.distance.ground_m->value >= least_distance_for_efficiency_m;
        if (long_way && s.energy_wh_per_m && (!bests.most_efficient || s.energy_wh_per_m->value < most_efficient)) {
            most_efficient = s.energy_wh_per_m->value;
            bests.most_efficient = flight.flight_id;
        }
    }
    return bests;
}

PackUse pack_use(const std::vector<FlightFigures>& flights, Id pack_id, const battery::Pack& pack) {
    PackUse use;
    for (const FlightFigures& flight : flights) {
        if (flight.pack_id != pack_id) continue;
        ++use.flights;
        const auto counted = telemetry::charge_used_ah(flight.summary);
        use.charge_ah += flight.recharged_ah.value_or(counted ? counted->value : 0.0);
    }
    use.full_cycles = use.charge_ah / battery::rated_charge_ah(pack);
    return use;
}

units::Explanation explain_rated_charge(const battery::Pack& pack) {
    using units::Origin;
    using units::Quantity;
    return {Quantity::rated_charge,
            {battery::rated_charge_ah(pack), 0.0},
            {{Quantity::cell_capacity, {pack.cell_capacity_ah, 0.0}, Origin::given},
             {Quantity::cells_in_parallel, {double(pack.parallel), 0.0}, Origin::given}},
            units::Relation::rated_by_cells,
            units::Source::circuit_itself,
            {}};
}

units::Explanation explain_flights(int flights) {
    return {units::Quantity::flight_count,       {double(flights), 0.0},    {},
            units::Relation::counted_in_logbook, units::Source::log_itself, {}};
}

units::Explanation explain_cycles(const PackUse& use, const battery::Pack& pack) {
    using units::Origin;
    using units::Quantity;
    return {Quantity::pack_cycles,
            {use.full_cycles, 0.0},
            {{Quantity::charge_through, {use.charge_ah, 0.0}, Origin::measured},
             {Quantity::rated_charge, {battery::rated_charge_ah(pack), 0.0}, Origin::given}},
            units::Relation::charge_over_rated,
            units::Source::common_practice,
            {}};
}

} // namespace sobremesa::book
