#include "wording/explanations.hpp"

#include <array>

#include <QCoreApplication>
#include <QStringList>

#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "core/units/relation.hpp"
#include "wording/names.hpp"
#include "wording/sentences.hpp"

namespace sobremesa::wording {

namespace {

struct ExplanationsWords {
    Q_DECLARE_TR_FUNCTIONS(sobremesa::Explanations)
};

struct RelationRow {
    units::Relation relation;
    const char* words;
};

using units::Relation;
// In the order of units/relation.hpp.
constexpr std::array<RelationRow, units::relation_count> relations = {{
    {Relation::constant_power_discharge,
     QT_TRANSLATE_NOOP("sobremesa::Explanations",
                       "The pack is discharged at cruise power: its voltage is the resting curve at the charge "
                       "within reach, less current times resistance, and the current is whatever gives that power. "
                       "Charge that the load draws faster than the cells can follow is out of reach until they "
                       "rest; cold slows them and raises the resistance, their own heat helps. It ends when the "
                       "voltage, averaged over 10 s, reaches the landing voltage.")},
    {Relation::power_scaled_from_one_cruise,
     QT_TRANSLATE_NOOP("sobremesa::Explanations", "Your known cruise, scaled by physics to this mass and this air: "
                                                  "induced power grows with mass, drag power with density.")},
    {Relation::wind_triangle,
     QT_TRANSLATE_NOOP(
         "sobremesa::Explanations",
         "The heading is turned into the wind until the aircraft stays on course; the airspeed along the course, "
         "less the headwind, is the ground speed. The return leg uses the worst credible wind.")},
    {Relation::homeward_energy_meets_left,
     QT_TRANSLATE_NOOP("sobremesa::Explanations",
                       "Flying out, the remaining energy falls and the energy needed to get home rises. The turn "
                       "is where the remaining energy equals the return leg plus the reserve.")},
    {Relation::half_of_charge,
     QT_TRANSLATE_NOOP("sobremesa::Explanations", "Half of the charge at which the pilot lands.")},
    {Relation::share_of_charge,
     QT_TRANSLATE_NOOP("sobremesa::Explanations",
                       "The chosen share of the usable charge remains, whatever wind and distance say.")},
    {Relation::eighty_percent_rule,
     QT_TRANSLATE_NOOP("sobremesa::Explanations", "Usable is taken as 80 % of the rated capacity, less what is "
                                                  "missing at launch; half of that is used outbound.")},
    {Relation::volts_at_half_charge,
     QT_TRANSLATE_NOOP(
         "sobremesa::Explanations",
         "The voltage of this pack under cruise load when half the charge down to the landing voltage is used.")},
    {Relation::flight_by_phases,
     QT_TRANSLATE_NOOP("sobremesa::Explanations",
                       "Climb, outbound leg, return leg in the worst credible wind, and descent, added up.")},
    {Relation::left_after_return,
     QT_TRANSLATE_NOOP("sobremesa::Explanations",
                       "Remaining at the turn, less what the return leg needs in the worst credible wind.")},
    {Relation::current_over_ground_speed,
     QT_TRANSLATE_NOOP("sobremesa::Explanations",
                       "Charge used on that leg, climb and descent included, divided by its ground distance.")},
    {Relation::power_over_ground_speed,
     QT_TRANSLATE_NOOP("sobremesa::Explanations",
                       "Energy used on that leg, climb and descent included, divided by its ground distance.")},
    {Relation::trapezoid_of_current,
     QT_TRANSLATE_NOOP("sobremesa::Explanations",
                       "Current integrated over time, row by row; gaps in the record are left out.")},
    {Relation::trapezoid_of_power,
     QT_TRANSLATE_NOOP("sobremesa::Explanations",
                       "Voltage times current integrated over time, row by row; gaps in the record are left out.")},
    {Relation::sum_of_positions,
     QT_TRANSLATE_NOOP(
         "sobremesa::Explanations",
         "Chords of 20 m or more between good positions, added up; anything shorter is treated as scatter.")},
    {Relation::geodesic_to_home,
     QT_TRANSLATE_NOOP("sobremesa::Explanations", "The greatest straight distance from home to a good position.")},
    {Relation::energy_over_distance,
     QT_TRANSLATE_NOOP("sobremesa::Explanations",
                       "Energy used divided by ground distance, wind and climbs included.")},
    {Relation::charge_over_distance,
     QT_TRANSLATE_NOOP("sobremesa::Explanations",
                       "Charge used divided by ground distance, wind and climbs included.")},
    {Relation::first_to_last_row, QT_TRANSLATE_NOOP("sobremesa::Explanations", "From the first row to the last.")},
    {Relation::least_of_column,
     QT_TRANSLATE_NOOP("sobremesa::Explanations", "The lowest value of that column, zero readings excluded.")},
    {Relation::greatest_of_column,
     QT_TRANSLATE_NOOP("sobremesa::Explanations",
                       "The highest reading of that column. A sensor may have missed a shorter, higher peak.")},
    {Relation::mean_over_time,
     QT_TRANSLATE_NOOP("sobremesa::Explanations", "The integral over time, divided by the recorded time.")},
    {Relation::charge_over_rated,
     QT_TRANSLATE_NOOP(
         "sobremesa::Explanations",
         "All the charge of its flights (recharged where entered, else counted), divided by the label capacity.")},
    {Relation::rated_by_cells,
     QT_TRANSLATE_NOOP(
         "sobremesa::Explanations",
         "Rated capacity of one cell times the cells in parallel: what the label says. A flight can use less.")},
    {Relation::counted_in_logbook,
     QT_TRANSLATE_NOOP("sobremesa::Explanations", "Counted in the logbook; removed flights are not counted.")},
    {Relation::least_of_left_less_needed,
     QT_TRANSLATE_NOOP("sobremesa::Explanations",
                       "At every row: the forecast's usable energy, less the energy counted so far, less what the "
                       "return leg and its reserve needed from there. The minimum of all rows.")},
    {Relation::usable_less_counted,
     QT_TRANSLATE_NOOP("sobremesa::Explanations", "What the selected pack holds down to its landing voltage, less "
                                                  "what was counted. Only as good as the current sensor's scale.")},
    {Relation::discharge_of_circuit,
     QT_TRANSLATE_NOOP(
         "sobremesa::Explanations",
         "The pack is discharged at this load: its voltage is the resting curve at the charge within reach, less "
         "current times resistance. Charge that the load draws faster than the cells can follow is out of reach "
         "until they rest; a rate table says how much, or the kind of cell. Cold slows the cells and raises their "
         "resistance, their own heat helps. It ends at the landing voltage.")},
    {Relation::pack_on_aircraft,
     QT_TRANSLATE_NOOP("sobremesa::Explanations",
                       "The aircraft's known cruise, scaled to its mass with this pack, discharges the pack to its "
                       "landing voltage, less the reserve; time in the air times the mean ground speed, out and "
                       "back in the wind, is the distance.")},
    {Relation::masses_added,
     QT_TRANSLATE_NOOP("sobremesa::Explanations", "The aircraft without its pack, and the pack.")},
    {Relation::rated_over_mass,
     QT_TRANSLATE_NOOP("sobremesa::Explanations",
                       "Label energy divided by measured mass; energy uses the chemistry's mean resting voltage. "
                       "Compare mAh only between packs with as many cells in series; Wh compare all.")},
    {Relation::price_over_energy, QT_TRANSLATE_NOOP("sobremesa::Explanations", "Price divided by rated energy.")},
    {Relation::parts_added,
     QT_TRANSLATE_NOOP("sobremesa::Explanations", "Cells, strips, leads, connector and wrap, added up.")},
    {Relation::cells_strips_leads_in_series,
     QT_TRANSLATE_NOOP("sobremesa::Explanations", "Cells in series over cells in parallel, the strips between them "
                                                  "(length over cross-section times resistivity), and the leads.")},
    {Relation::weaker_of_cells_and_strips,
     QT_TRANSLATE_NOOP("sobremesa::Explanations",
                       "The lesser of the cells' continuous rating and what the strips carry without settling more "
                       "than 30 K above the air under the wrap.")},
    {Relation::extrapolated_by_charge,
     QT_TRANSLATE_NOOP("sobremesa::Explanations", "Time flown, times the charge of a full flight over the charge "
                                                  "put back, as if the current stayed the same.")},
    {Relation::extrapolated_at_power,
     QT_TRANSLATE_NOOP("sobremesa::Explanations",
                       "The power that draws the charge put back in the time flown, held until the charge of a "
                       "full flight is used: the current grows as the voltage falls, so it is a little less.")},
    {Relation::line_through_readings,
     QT_TRANSLATE_NOOP("sobremesa::Explanations",
                       "Least-squares line through the readings over full cycles, at the last of them; its error "
                       "from their scatter, never less than the instrument's.")},
    {Relation::line_to_end_of_life,
     QT_TRANSLATE_NOOP("sobremesa::Explanations",
                       "Where that line meets 80 % of the label capacity, the usual end of a pack's flying life.")},
    {Relation::volts_over_amps_in_short_steps,
     QT_TRANSLATE_NOOP(
         "sobremesa::Explanations",
         "Whenever the current changes within seconds, the voltage changes with it: the slope of all these steps, "
         "divided by the cells in series and times those in parallel. Leads and strips are included.")},
    {Relation::everything_flown_and_charged,
     QT_TRANSLATE_NOOP("sobremesa::Explanations",
                       "One fit to everything at once: the voltage of every flight against its charge and current, "
                       "recharges, resting voltages and charger readings, for the pack and for the sensors that "
                       "recorded it. A recharge after a flight close to empty narrows it most; evidence that does "
                       "not fit the rest is excluded and named.")},
    {Relation::combined_by_variances,
     QT_TRANSLATE_NOOP("sobremesa::Explanations",
                       "Counted charge, resting voltage and recharge, each weighted by its own error; where they "
                       "disagree, the error is at least half their difference.")},
    {Relation::circle_of_ground_velocities,
     QT_TRANSLATE_NOOP("sobremesa::Explanations",
                       "At a steady airspeed the ground velocities of a turning aircraft lie on a circle: its "
                       "centre is the wind, its radius the airspeed.")},
    {Relation::airspeed_over_time,
     QT_TRANSLATE_NOOP("sobremesa::Explanations",
                       "Speed integrated over time, second by second; through the air with the wind removed.")},
    {Relation::level_power_over_airspeed,
     QT_TRANSLATE_NOOP("sobremesa::Explanations",
                       "Power while the aircraft neither climbed nor descended, corrected for height gained or "
                       "lost, divided by the airspeed flown.")},
    {Relation::scale_by_recharge,
     QT_TRANSLATE_NOOP("sobremesa::Explanations",
                       "All the charge put back by the charger over all that was counted: the sensor's scale is "
                       "off by that factor. Large flights weigh more.")},
    {Relation::spread_of_level_power,
     QT_TRANSLATE_NOOP("sobremesa::Explanations",
                       "How far the power of single seconds lies from the mean while the aircraft flew level: "
                       "gusts, lift and the pilot's thumbs. Half of it comes back when the gust is over; the rest "
                       "is their price.")},
    {Relation::parts_over_mean_power,
     QT_TRANSLATE_NOOP(
         "sobremesa::Explanations",
         "What the electronics draw whatever the aircraft does, divided by the mean power of the flight.")},
    {Relation::climbs_at_their_cost,
     QT_TRANSLATE_NOOP("sobremesa::Explanations",
                       "Height gained in climbs, at the cost per metre that this flight shows, divided by all the "
                       "energy used. Some of it came back in the descents.")},
    {Relation::rows_above_limit,
     QT_TRANSLATE_NOOP("sobremesa::Explanations",
                       "The steps between rows in which the current exceeded that part's rating, added up.")},
    {Relation::link_over_distance,
     QT_TRANSLATE_NOOP("sobremesa::Explanations",
                       "A line through the readings (signal over the logarithm of distance, link quality over "
                       "distance), lowered to their worst tenth and extrapolated to the failsafe level: never "
                       "beyond three times the distance flown.")},
    {Relation::left_at_cruise_to_landing,
     QT_TRANSLATE_NOOP("sobremesa::Explanations",
                       "The selected pack, with the counted charge removed, discharged further at this flight's "
                       "level power down to that landing voltage, less the reserve; times the airspeed, or the "
                       "mean ground speed where no wind is known.")},
    {Relation::volts_times_that_current,
     QT_TRANSLATE_NOOP(
         "sobremesa::Explanations",
         "Voltage times that sensor's current integrated over time; gaps in the record are left out.")},
    {Relation::scaled_to_equal_flight,
     QT_TRANSLATE_NOOP("sobremesa::Explanations",
                       "What the flight took level in still air, converted to the common speed and mass by the "
                       "physics of its aircraft; climbs and wind are excluded.")},
    {Relation::curve_through_level_flight,
     QT_TRANSLATE_NOOP(
         "sobremesa::Explanations",
         "A physical curve (induced power falls with speed, drag power grows with its cube) fitted to the level "
         "flight of all its logs; outliers weigh less, and where nothing was flown the kind of aircraft decides.")},
    {Relation::least_power_of_curve,
     QT_TRANSLATE_NOOP("sobremesa::Explanations",
                       "Where the curve is lowest, never below 1.2 times the stall speed.")},
    {Relation::least_energy_over_ground,
     QT_TRANSLATE_NOOP("sobremesa::Explanations",
                       "Where power over ground speed is lowest in this wind: a headwind asks for more speed, a "
                       "tailwind for less. Never below 1.2 times the stall speed.")},
    {Relation::share_of_full_power_met,
     QT_TRANSLATE_NOOP(
         "sobremesa::Explanations",
         "Where the curve reaches half of full power: beyond it nothing is left for gusts and climbs.")},
    {Relation::climb_less_bought_climb,
     QT_TRANSLATE_NOOP(
         "sobremesa::Explanations",
         "Its climb rate, less what its power beyond level flight buys in climb: what the air itself did.")},
    {Relation::lift_meets_weight,
     QT_TRANSLATE_NOOP("sobremesa::Explanations",
                       "Where the wing's maximum lift coefficient just carries the mass: √(2·m·g/(ρ·S·C_L,max)).")},
    {Relation::forecast_against_flown,
     QT_TRANSLATE_NOOP("sobremesa::Explanations",
                       "Each flight forecast from earlier flights only, divided by what it really took: the mean, "
                       "and its spread from flight to flight.")},
    {Relation::worst_along_the_way,
     QT_TRANSLATE_NOOP("sobremesa::Explanations",
                       "The worst that the flight meets from launch to landing, compared with what is allowed.")},
    {Relation::sun_through_array,
     QT_TRANSLATE_NOOP("sobremesa::Explanations",
                       "Irradiance of that sky on the cells, through the array's current–voltage curve at its "
                       "temperature and through the converter.")},
    {Relation::array_less_level_power,
     QT_TRANSLATE_NOOP(
         "sobremesa::Explanations",
         "Array power less level-flight power; with the climb efficiency and the weight it is a climb rate.")},
    {Relation::balance_through_the_day,
     QT_TRANSLATE_NOOP("sobremesa::Explanations",
                       "Array power goes to the motor first, the rest into the pack until it is full; what is "
                       "missing comes out of the pack, minute by minute, until the landing voltage.")},
    {Relation::array_that_volts_ask_for,
     QT_TRANSLATE_NOOP("sobremesa::Explanations",
                       "The pack model is followed through the flight; the array's current is whatever makes its "
                       "voltage come out as logged, at steady power.")},
}};

constexpr bool relations_in_order() {
    for (std::size_t i = 0; i < relations.size(); ++i) {
        if (std::size_t(relations[i].relation) != i || !relations[i].words) return false;
    }
    return true;
}
static_assert(relations_in_order(), "every relation has its words, at its place");

QString relation_text(Relation relation) {
    return ExplanationsWords::tr(relations[std::size_t(relation)].words);
}

QString source_text(units::Source source) {
    using units::Source;
    switch (source) {
    case Source::circuit_itself:
        return ExplanationsWords::tr(
            "An ideal source with a resistance in series; resting curves from common practice.");
    case Source::textbook_aerodynamics:
        return ExplanationsWords::tr(
            "Leishman, Principles of Helicopter Aerodynamics; Anderson, Introduction to Flight. Shares from "
            "common practice.");
    case Source::faa_handbook:
        return ExplanationsWords::tr("FAA-H-8083-25, Pilot’s Handbook of Aeronautical Knowledge, ch. 16.");
    case Source::air_navigation:
        return ExplanationsWords::tr("Point of no return, standard texts of air navigation.");
    case Source::common_practice:
        return ExplanationsWords::tr("Common practice among pilots; no published source.");
    case Source::geodesic_library: return ExplanationsWords::tr("Karney 2013, geodesics on the WGS 84 ellipsoid.");
    case Source::two_well_circuit:
        return ExplanationsWords::tr(
            "A source with a resistance in series, its charge in two wells joined by a slow passage "
            "(after Manwell & "
            "McGowan, Solar Energy 50(5), 1993). Resting curves and defaults from common practice.");
    case Source::log_itself: return ExplanationsWords::tr("The log itself.");
    case Source::radio_recommendations:
        return ExplanationsWords::tr(
            "ITU-R P.525 for free space, 4/3 earth radius for the horizon, ITU-R P.530 for the zone.");
    case Source::solar_models:
        return ExplanationsWords::tr(
            "Position of the sun: libnova (VSOP87). Clear sky: Haurwitz 1945; cloud: Kasten & Czeplak 1980; direct "
            "share: Erbs and others 1982; cells: single-diode equation, temperature by Faiman 2008.");
    case Source::least_squares: return ExplanationsWords::tr("Least squares, standard statistics texts.");
    }
    return {};
}

QString origin_text(units::Origin origin) {
    using units::Origin;
    switch (origin) {
    case Origin::given: return ExplanationsWords::tr("given");
    case Origin::assumed: return ExplanationsWords::tr("assumed");
    case Origin::computed: return ExplanationsWords::tr("computed");
    case Origin::measured: return ExplanationsWords::tr("measured");
    }
    return {};
}

QString value_with_error(units::Quantity quantity, const units::Estimate& estimate, const Quantities& q) {
    const QString error = q.error_text(quantity, estimate);
    const QString value = q.text(quantity, estimate);
    return error.isEmpty() ? value : ExplanationsWords::tr("%1 (%2)", "value, error").arg(value, error);
}

} // namespace

ExplanationText explanation_text(const units::Explanation& explanation, const Quantities& q) {
    ExplanationText text;
    text.title = name(explanation.quantity);
    text.value = value_with_error(explanation.quantity, explanation.value, q);
    text.relation = relation_text(explanation.relation);
    text.source = source_text(explanation.source);
    for (const auto& input : explanation.inputs) {
        text.inputs.push_back(
            {name(input.quantity), value_with_error(input.quantity, input.value, q), origin_text(input.origin)});
    }
    for (const auto& s : explanation.sensitivities) {
        text.sensitivities.push_back(sensitivity(s, explanation.quantity, q));
    }
    return text;
}

QString plain_text(const ExplanationText& text) {
    QStringList lines;
    lines << ExplanationsWords::tr("%1: %2", "quantity: value").arg(text.title, text.value) << text.relation;
    for (const auto& input : text.inputs) {
        lines << ExplanationsWords::tr("%1: %2 (%3)", "input: value (origin)")
                     .arg(input.name, input.value, input.origin);
    }
    for (const auto& line : text.sensitivities) lines << line;
    lines << ExplanationsWords::tr("Source: %1").arg(text.source);
    return lines.join(QLatin1Char('\n'));
}

} // namespace sobremesa::wording
