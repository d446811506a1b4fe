#include "core/battery/bench.hpp"

#include <algorithm>

#include "core/units/constants.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "core/units/relation.hpp"

namespace sobremesa::battery {

namespace {

// How far the bench's other figures may be off; common practice, no source.
constexpr double voltage_relative_sd = 0.01;
constexpr double temperature_sd_k = 3.0; ///< cooling depends on the tray and the air in it

/// The run to the landing and on to the floor: what the figures need, without every landing rule.
struct Runs {
    double landing_cell_v;
    Discharge run;
    Discharge to_floor;
    double left_wh() const { return std::max(to_floor.last().energy_wh - run.last().energy_wh, 0.0); }
};

Runs run_both(const PackModel& pack, const BenchLoad& load, int samples) {
    const ChemistryTraits& chemistry = traits(pack.pack().chemistry);
    const PackState start = pack.atStart(load.temperature_c);
    const Surroundings around{load.temperature_c, load.warms};
    Runs runs;
    runs.landing_cell_v = load.landing_cell_v.value_or(chemistry.default_landing_cell_v);
    DischargeStop stop{runs.landing_cell_v, 1e9, samples, cutoff_filter_s(load.load)};
    runs.run = discharge(pack, start, {load.load}, stop, around);
    stop.landing_cell_v = chemistry.floor_cell_v;
    runs.to_floor = discharge(pack, start, {load.load}, stop, around);
    return runs;
}

void judge(const PackModel& pack, const BenchLoad& load, BenchResult& result) {
    using units::DiagnosticCode;
    using units::Severity;
    const ChemistryTraits& chemistry = traits(pack.pack().chemistry);
    const auto add = [&](DiagnosticCode code, std::vector<units::Parameter> parameters) {
        result.diagnostics.push_back({code, Severity::warning, std::move(parameters)});
    };
    if (result.run.gives_nothing() && result.run.end == DischargeEnd::power_not_available) {
        add(DiagnosticCode::power_not_available, {{"power_w", load.load.value}, {"height_m", 0.0}});
    } else if (result.run.gives_nothing()) {
        add(DiagnosticCode::start_below_landing, {{"landing_cell_v", result.landing_cell_v}});
    }
    if (result.landing_cell_v < chemistry.floor_cell_v) {
        add(DiagnosticCode::landing_voltage_below_floor,
            {{"landing_cell_v", result.landing_cell_v}, {"floor_cell_v", chemistry.floor_cell_v}});
    }
    if (result.landing_cell_v >= chemistry.wasteful_landing_cell_v) {
        const auto usual = std::find_if(result.landings.begin(), result.landings.end(),
                                        [](const Landing& l) { return l.rule.practice == LandingPractice::usual; });
        const double usual_wh = usual != result.landings.end() && usual->at ? usual->at->energy_wh : 0.0;
        const double unused_wh = usual_wh - result.run.last().energy_wh;
        if (unused_wh > 0.0) {
            add(DiagnosticCode::landing_voltage_wastes_energy, {{"landing_cell_v", result.landing_cell_v},
                                                                {"usual_cell_v", usual->rule.cell_v},
                                                                {"unused_wh", unused_wh},
                                                                {"unused_share", unused_wh / usual_wh}});
        }
    }
    for (const Dip& dip : result.run.dips) {
        if (dip.cold)
            add(DiagnosticCode::cold_start_dip, {{"lowest_cell_v", dip.lowest_cell_v}, {"until_s", dip.until_s}});
    }
    for (const RateMisfit& misfit : pack.misfits()) {
        add(DiagnosticCode::rate_table_misfit,
            {{"current_a", misfit.current_a}, {"table_ah", misfit.table_ah}, {"model_ah", misfit.model_ah}});
    }
    const double most_a = continuous_current_a(pack.pack());
    if (result.run.last().current_a > most_a)
        add(DiagnosticCode::current_above_rating,
            {{"current_a", result.run.last().current_a}, {"limit_a", most_a}});
}

} // namespace

BenchResult on_the_bench(const PackModel& pack, const BenchLoad& load) {
    constexpr int samples = 240;
    Runs runs = run_both(pack, load, samples);
    BenchResult result;
    result.landing_cell_v = runs.landing_cell_v;
    result.left_energy_wh = runs.left_wh();
    result.left_charge_ah = std::max(runs.to_floor.last().charge_used_ah - runs.run.last().charge_used_ah, 0.0);
    result.run = std::move(runs.run);
    result.to_floor = std::move(runs.to_floor);
    result.landings =
        land_by_all_rules(pack, pack.atStart(load.temperature_c), load.load, {load.temperature_c, load.warms});

    result.alarms.capacity_ah = result.run.last().charge_used_ah;
    result.alarms.landing_cell_v = result.landing_cell_v;
    result.alarms.warning_cell_v =
        point_at_charge(result.run, (1.0 - warning_share_left) * result.alarms.capacity_ah).voltage_v /
        pack.pack().series;
    judge(pack, load, result);
    return result;
}

std::optional<units::Explanation> explain(const PackModel& pack, const BenchLoad& load, const BenchResult& result,
                                          units::Quantity quantity) {
    using units::Origin;
    using units::Quantity;
    const Pack& p = pack.pack();
    const DischargePoint& end = result.run.last();
    const auto about = [&p](double value) { return units::Estimate{value, usable_relative_sd(p) * value}; };
    units::Explanation why;
    why.quantity = quantity;
    why.relation = units::Relation::discharge_of_circuit;
    why.source = units::Source::two_well_circuit;
    switch (quantity) {
    case Quantity::usable_charge: why.value = about(end.charge_used_ah); break;
    case Quantity::usable_energy: why.value = about(end.energy_wh); break;
    case Quantity::flight_time: why.value = about(end.time_s); break;
    case Quantity::lowest_voltage:
        why.value = {result.run.lowest_voltage_v, voltage_relative_sd * result.run.lowest_voltage_v};
        break;
    case Quantity::landing_energy_left: why.value = about(result.left_energy_wh); break;
    case Quantity::temperature: why.value = {result.run.peak_temperature_c, temperature_sd_k}; break;
    default: return std::nullopt;
    }
    const bool power = load.load.kind == LoadPhase::Kind::power;
    why.inputs = {
        {power ? Quantity::cruise_power : Quantity::cruise_current, {load.load.value, 0.0}, Origin::given},
        {Quantity::rated_charge, {rated_charge_ah(p), 0.0}, Origin::given},
        {Quantity::cell_resistance,
         {aged_cell_resistance_ohm(p), p.known ? p.known->cell_resistance_ohm.sd : 0.0},
         resistance_origin(p)},
        {Quantity::landing_cell_voltage,
         {result.landing_cell_v, 0.0},
         load.landing_cell_v ? Origin::given : Origin::assumed},
        {Quantity::temperature, {load.temperature_c, 0.0}, Origin::given},
    };
    // What a pilot can change: a little less load, a lower landing, a warmer pack.
    const auto moved = [&](const BenchLoad& changed) {
        const Runs other = run_both(pack, changed, 1);
        const DischargePoint& other_end = other.run.last();
        switch (quantity) {
        case Quantity::usable_charge: return other_end.charge_used_ah - end.charge_used_ah;
        case Quantity::usable_energy: return other_end.energy_wh - end.energy_wh;
        case Quantity::flight_time: return other_end.time_s - end.time_s;
        case Quantity::lowest_voltage: return other.run.lowest_voltage_v - result.run.lowest_voltage_v;
        case Quantity::landing_energy_left: return other.left_wh() - result.left_energy_wh;
        default: return other.run.peak_temperature_c - result.run.peak_temperature_c;
        }
    };
    BenchLoad harder = load;
    harder.load.value *= 1.1;
    BenchLoad lower = load;
    lower.landing_cell_v = result.landing_cell_v - 0.1;
    BenchLoad colder = load;
    colder.temperature_c -= 10.0;
    why.sensitivities = {
        {power ? Quantity::cruise_power : Quantity::cruise_current, 0.1, true, moved(harder)},
        {Quantity::landing_cell_voltage, -0.1, false, moved(lower)},
        {Quantity::temperature, -10.0, false, moved(colder)},
    };
    return why;
}

CellReading cell_reading(const PackModel& pack, const Discharge& run, const DischargePoint& at,
                         double landing_cell_v) {
    return {at.voltage_v / pack.pack().series, at.current_a / pack.pack().parallel, at.temperature_c,
            pack.peakPowerW(run.state_at(at), landing_cell_v)};
}

std::optional<UnusedByAlarm> unused_by_alarm(const BenchResult& result) {
    const auto by = [&](LandingPractice practice) {
        return std::find_if(result.landings.begin(), result.landings.end(),
                            [&](const Landing& l) { return l.rule.practice == practice; });
    };
    const auto early = by(LandingPractice::alarm_left);
    const auto usual = by(LandingPractice::usual);
    if (early == result.landings.end() || usual == result.landings.end() || !usual->at) return std::nullopt;
    // A pack that stands below the alarm from the start gives nothing before it.
    const DischargePoint from = early->at.value_or(result.run.points.front());
    return UnusedByAlarm{early->rule, from, *usual->at, usual->at->energy_wh - from.energy_wh};
}

} // namespace sobremesa::battery
