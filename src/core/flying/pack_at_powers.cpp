#include "core/flying/pack_at_powers.hpp"

#include <algorithm>
#include <cmath>
#include <span>
#include <utility>

#include "core/units/constants.hpp"

namespace sobremesa::flying {

namespace {

/// Powers of the tables, as parts of the reference: a glide, descents, cruise, climbs.
constexpr double parts[] = {0.4, 0.7, 1.0, 1.5, 2.3, 3.5};
constexpr double few_parts[] = {1.0, 1.6};
/// A power nearer than this to another needs no table of its own.
constexpr double same_power = 0.01;
constexpr int steps_of_charge = 100;
constexpr int steps_of_standing = 25;
/// Over so much the response to warmth is a chord, K.
constexpr double kelvin_step = -8.0;
/// Beyond the strongest table the line goes on for so much of the step before it.
constexpr double beyond = 1.5;

} // namespace

double PackAtPowers::Row::energy_at_wh(double charge_ah) const {
    const double at = charge_ah / step_ah;
    const double last = double(energy_wh.size() - 1);
    if (at >= last) return energy_wh.back() + end_v * (charge_ah - usable_ah());
    if (at <= 0.0) return (energy_wh[1] / step_ah) * charge_ah;
    const auto i = std::size_t(at);
    return energy_wh[i] + (at - double(i)) * (energy_wh[i + 1] - energy_wh[i]);
}

PackAtPowers::PackAtPowers(std::shared_ptr<const battery::PackModel> pack, const Start& start, const Powers& powers,
                           const battery::Discharge* known)
    : pack_(std::move(pack)), start_(start),
      slow_activation_k_(
          battery::defaults(pack_->pack().chemistry, battery::construction(pack_->pack())).slow_activation_k) {
    std::vector<double> all = {powers.reference_w};
    const auto add = [&](double power_w) {
        const bool beside = std::any_of(all.begin(), all.end(), [&](double other_w) {
            return std::abs(power_w - other_w) <= same_power * other_w;
        });
        if (!beside && power_w > 0.0) all.push_back(power_w);
    };
    // The one asked for first: where a usual one lies beside it, it stands.
    add(powers.other_w);
    for (const double part : powers.few ? std::span<const double>(few_parts) : std::span<const double>(parts))
        add(part * powers.reference_w);
    std::sort(all.begin(), all.end());
    for (const double power_w : all) {
        Row row;
        row.power_w = power_w;
        row.run = known && power_w == powers.reference_w
                      ? *known
                      : battery::discharge_at_power(*pack_, start.state, power_w,
                                                    {start.landing_cell_v, 1e9, steps_of_charge}, start.around);
        row.step_ah = row.run.last().charge_used_ah / steps_of_charge;
        row.end_v = row.run.last().voltage_v;
        // Who cannot give this power gives no greater one.
        if (row.run.gives_nothing() || !(row.step_ah > 0.0)) {
            too_much_w_ = power_w;
            break;
        }
        tabulate(row);
        rows_.push_back(std::move(row));
    }
}

/// Of a pack that trails farther behind by a share, or is a kelvin warmer: what of its slopes and volts differs.
struct PackAtPowers::Response {
    double gap_per_gap_ah = 0.0;
    double gap_per_kelvin_ah = 0.0;
    double kelvin_per_kelvin_ah = 0.0;
    double volts_per_gap = 0.0;
    double volts_per_kelvin = 0.0;
};

PackAtPowers::Response PackAtPowers::response(const Row& row, double charge_ah) const {
    struct Slopes {
        double gap_per_ah;
        double kelvin_per_ah;
        double volts;
    };
    const auto slopes = [&](const battery::PackState& state) {
        const auto circuit = pack_->circuit(state);
        const auto load = circuit.atPowerOrLimit(row.power_w);
        const auto rates =
            pack_->rates(state, circuit, load.current_a, start_.around.air_temperature_c, start_.around.warms);
        const double per_ah = units::seconds_per_hour / load.current_a;
        return Slopes{rates.slow_gap_per_s * per_ah, rates.kelvin_per_s * per_ah, load.voltage_v};
    };
    const battery::PackState state = row.run.state_at(battery::point_at_charge(row.run, charge_ah));
    // Chords, as long as a hard flight home after a gentle one out sets the two apart: less of a gap, colder.
    constexpr double gap_step = -0.02;
    battery::PackState nearer = state;
    nearer.slow_gap += gap_step;
    battery::PackState colder = state;
    colder.temperature_c += kelvin_step;
    const Slopes here = slopes(state);
    const Slopes by_gap = slopes(nearer);
    const Slopes by_kelvin = slopes(colder);
    return {(by_gap.gap_per_ah - here.gap_per_ah) / gap_step,
            (by_kelvin.gap_per_ah - here.gap_per_ah) / kelvin_step,
            (by_kelvin.kelvin_per_ah - here.kelvin_per_ah) / kelvin_step, (by_gap.volts - here.volts) / gap_step,
            (by_kelvin.volts - here.volts) / kelvin_step};
}

namespace {

/// How the volts of a discharge fall where it ends, V per Ah: the line through its last three points.
double last_slope_v_per_ah(const battery::Discharge& run) {
    const auto& points = run.points;
    const auto slope = [&](std::size_t after) {
        const auto& a = points[after - 1];
        const auto& b = points[after];
        return (b.voltage_v - a.voltage_v) / std::max(b.charge_used_ah - a.charge_used_ah, 1e-12);
    };
    const std::size_t last = points.size() - 1;
    return last < 2 ? slope(last) : 1.5 * slope(last) - 0.5 * slope(last - 1);
}

/// ∫ of a fading exponential over a step, as a share of the step.
double mean_of_fading(double fades) {
    constexpr double straight = 1e-6;
    return fades < straight ? 1.0 - 0.5 * fades : -std::expm1(-fades) / fades;
}

/// Kelvins as the chord counts them: above the table's they do less good than the chord has it (Arrhenius).
double counted_kelvin(double warmth_k, double table_c) {
    if (warmth_k <= 0.0) return warmth_k;
    /// Of resistance and passage, one with the other.
    constexpr double activation_k = 2000.0;
    const double table_k = units::zero_celsius_k + table_c;
    const double chord = activation_k * -kelvin_step / (table_k * (table_k + kelvin_step));
    const double less = activation_k * warmth_k / (table_k * (table_k + warmth_k));
    constexpr double straight = 1e-6;
    const double bent = std::abs(less) < straight ? 1.0 : -std::expm1(-less) / less;
    return warmth_k * bent * chord / std::expm1(chord);
}

/// Of what a fading cause feeds into a fading effect over a step, the share that is there at its end.
double fed_by_fading(double effect_fades, double cause_fades) {
    constexpr double same_rate = 1e-6;
    const double apart = effect_fades - cause_fades;
    return std::abs(apart) < same_rate ? std::exp(-effect_fades)
                                       : (std::exp(-cause_fades) - std::exp(-effect_fades)) / apart;
}

} // namespace

void PackAtPowers::tabulate(Row& row) const {
    row.energy_wh.reserve(steps_of_charge + 1);
    row.volts.reserve(steps_of_charge + 1);
    for (int i = 0; i <= steps_of_charge; ++i) {
        const auto point = battery::point_at_charge(row.run, i * row.step_ah);
        row.energy_wh.push_back(point.energy_wh);
        row.volts.push_back(point.voltage_v);
    }

    const double step_ah = row.usable_ah() / steps_of_standing;
    std::vector<Response> responses;
    for (int i = 0; i <= steps_of_standing; ++i) {
        const double charge_ah = i * step_ah;
        const auto point = battery::point_at_charge(row.run, charge_ah);
        const Response response = this->response(row, charge_ah);
        responses.push_back(response);
        Standing standing;
        standing.slow_gap = point.slow_gap;
        standing.temperature_c = point.temperature_c;
        standing.gap_fades_per_ah = std::max(-response.gap_per_gap_ah, 0.0);
        standing.warmth_fades_per_ah = std::max(-response.kelvin_per_kelvin_ah, 0.0);
        standing.gap_per_kelvin_ah = response.gap_per_kelvin_ah;
        row.standings.push_back(standing);
    }
    row.end_v_per_gap = responses.back().volts_per_gap;
    row.end_v_per_kelvin = responses.back().volts_per_kelvin;
    const bool by_volts =
        row.run.end == battery::DischargeEnd::landing_voltage || row.run.end == battery::DischargeEnd::weakest_cell;
    if (by_volts) {
        // Volts that hardly fall there (a cold pack that warms) tell no charge: not flatter than a tenth of a volt
        // a cell over a fifth of the charge.
        constexpr double flattest_cell_v = 0.5;
        const double flattest = flattest_cell_v * pack_->pack().series / pack_->fullChargeAh();
        row.end_v_per_ah = std::max(-last_slope_v_per_ah(row.run), flattest);
    }
    for (int i = steps_of_standing - 1; i >= 0; --i) {
        Standing& here = row.standings[std::size_t(i)];
        const Standing& next = row.standings[std::size_t(i) + 1];
        const Response& a = responses[std::size_t(i)];
        const Response& b = responses[std::size_t(i) + 1];
        const auto fades = [&](double Standing::*per_ah) { return 0.5 * (here.*per_ah + next.*per_ah) * step_ah; };
        const double gap = fades(&Standing::gap_fades_per_ah);
        const double warmth = fades(&Standing::warmth_fades_per_ah);
        here.gap_worth_wh = std::exp(-gap) * next.gap_worth_wh +
                            0.5 * (a.volts_per_gap + b.volts_per_gap) * mean_of_fading(gap) * step_ah;
        const double by_gap =
            0.25 * (here.gap_per_kelvin_ah + next.gap_per_kelvin_ah) * (here.gap_worth_wh + next.gap_worth_wh);
        here.kelvin_worth_wh =
            std::exp(-warmth) * next.kelvin_worth_wh +
            (0.5 * (a.volts_per_kelvin + b.volts_per_kelvin) + by_gap) * mean_of_fading(warmth) * step_ah;
        here.gap_kept = std::exp(-gap) * next.gap_kept;
        here.warmth_kept = std::exp(-warmth) * next.warmth_kept;
        here.gap_per_kelvin = std::exp(-warmth) * next.gap_per_kelvin +
                              fades(&Standing::gap_per_kelvin_ah) * fed_by_fading(gap, warmth) * next.gap_kept;
    }
}

double PackAtPowers::Row::past_landing_wh(double gap, double warmth_k, double full_ah) const {
    // Where it is not the volts that end it, what is out of reach is missing from the charge itself.
    if (end_v_per_ah <= 0.0) return -end_v * full_ah * gap;
    const double higher_v = end_v_per_gap * gap + end_v_per_kelvin * warmth_k;
    if (higher_v >= 0.0) return end_v * higher_v / end_v_per_ah;
    // It lands where the table stood so much higher: on the way to its knee that is far off.
    const double at_v = end_v - higher_v;
    std::size_t i = volts.size() - 1;
    while (i > 0 && volts[i - 1] < at_v) --i;
    if (i == 0) return -energy_wh.back();
    const double share = std::clamp((volts[i - 1] - at_v) / std::max(volts[i - 1] - volts[i], 1e-12), 0.0, 1.0);
    return std::lerp(energy_wh[i - 1], energy_wh[i], share) - energy_wh.back();
}

PackAtPowers::Standing PackAtPowers::Standing::between(const Standing& a, const Standing& b, double share) {
    // Written out, and not with std::lerp, whose care for the last digit costs branches: nothing is asked more
    // often.
    const auto mean = [&](double Standing::*member) { return a.*member + share * (b.*member - a.*member); };
    return {mean(&Standing::slow_gap),          mean(&Standing::temperature_c),
            mean(&Standing::gap_fades_per_ah),  mean(&Standing::warmth_fades_per_ah),
            mean(&Standing::gap_per_kelvin_ah), mean(&Standing::gap_worth_wh),
            mean(&Standing::kelvin_worth_wh),   mean(&Standing::gap_kept),
            mean(&Standing::warmth_kept),       mean(&Standing::gap_per_kelvin)};
}

PackAtPowers::Standing PackAtPowers::Row::standing(double charge_ah) const {
    const double step = std::clamp(charge_ah / usable_ah(), 0.0, 1.0) * double(standings.size() - 1);
    const auto i = std::min(std::size_t(step), standings.size() - 2);
    return Standing::between(standings[i], standings[i + 1], step - double(i));
}

PackAtPowers::Between PackAtPowers::between(double power_w) const {
    std::size_t high = 0;
    while (high < rows_.size() && rows_[high].power_w < power_w) ++high;
    if (high == 0) return {rows_.front(), rows_.front(), 0.0};
    if (high == rows_.size() && rows_.size() == 1) return {rows_.front(), rows_.front(), 0.0};
    // The powers that most of a flight is flown at have tables of their own.
    if (high < rows_.size() && rows_[high].power_w == power_w) return {rows_[high], rows_[high], 0.0};
    high = std::min(high, rows_.size() - 1);
    const Row& a = rows_[high - 1];
    const Row& b = rows_[high];
    return {a, b, std::min((power_w - a.power_w) / (b.power_w - a.power_w), 1.0 + beyond)};
}

double PackAtPowers::energy_wh(const Between& rows, double charge_ah) {
    const double low_wh = rows.low.energy_at_wh(charge_ah);
    if (rows.share == 0.0) return low_wh;
    const double high_wh = rows.high.energy_at_wh(charge_ah);
    return low_wh + rows.share * (high_wh - low_wh);
}

double PackAtPowers::energy_wh(double power_w, double charge_ah) const {
    return rows_.empty() ? 0.0 : energy_wh(between(power_w), charge_ah);
}

double PackAtPowers::charge_after_ah(double power_w, double from_ah, double energy_drawn_wh) const {
    if (rows_.empty()) return from_ah;
    const Between rows = between(power_w);
    const double wanted_wh = energy_wh(rows, from_ah) + energy_drawn_wh;
    const double step_ah = rows.low.step_ah;
    double charge_ah = from_ah;
    // Energy against charge is nearly straight: the slope here leads to within a few millionths at once.
    constexpr int most_rounds = 8;
    constexpr double same_wh = 1e-9;
    for (int round = 0; round < most_rounds; ++round) {
        const double here_wh = energy_wh(rows, charge_ah);
        if (std::abs(wanted_wh - here_wh) <= same_wh) break;
        const double volts = (energy_wh(rows, charge_ah + 0.5 * step_ah) - here_wh) / (0.5 * step_ah);
        if (!(volts > 0.0)) break;
        charge_ah += (wanted_wh - here_wh) / volts;
    }
    return charge_ah;
}

double PackAtPowers::usable_ah(double power_w) const {
    if (rows_.empty()) return 0.0;
    const Between rows = between(power_w);
    return std::max(std::lerp(rows.low.usable_ah(), rows.high.usable_ah(), rows.share), 0.0);
}

double PackAtPowers::left_wh(double power_w, double charge_ah) const {
    if (rows_.empty()) return 0.0;
    return energy_wh(power_w, usable_ah(power_w)) - energy_wh(power_w, charge_ah);
}

double PackAtPowers::charge_at_left_ah(double power_w, double left_wh) const {
    return charge_after_ah(power_w, usable_ah(power_w), -left_wh);
}

PackAtPowers::Standing PackAtPowers::standing(const Between& rows, double charge_ah) {
    const Standing low = rows.low.standing(charge_ah);
    if (rows.share == 0.0) return low;
    const Standing high = rows.high.standing(charge_ah);
    Standing standing = Standing::between(low, high, std::min(rows.share, 1.0));
    // Beyond the tables only where a pack stands goes on: rates of fading are nothing to draw on there.
    standing.slow_gap = std::lerp(low.slow_gap, high.slow_gap, rows.share);
    standing.temperature_c = std::lerp(low.temperature_c, high.temperature_c, rows.share);
    return standing;
}

PackCourse PackAtPowers::after(double power_w, double charge_ah) const {
    if (rows_.empty()) return {charge_ah, start_.state.slow_gap, start_.state.temperature_c};
    const Standing there = standing(between(power_w), charge_ah);
    return {charge_ah, there.slow_gap, there.temperature_c};
}

void PackAtPowers::draw(PackCourse& course, double power_w, double energy_wh) const {
    if (rows_.empty() || !(energy_wh > 0.0)) return;
    const Between rows = between(power_w);
    const double from_ah = course.charge_ah;
    double to_ah = charge_after_ah(power_w, from_ah, energy_wh);
    // What fades with time takes more of a charge that is drawn more slowly than the gentlest table has it; and
    // such a draw warms a pack and draws it down so much less.
    const double slower = std::max(rows_.front().power_w / power_w, 1.0);
    const auto standing_at = [&](double charge_ah) {
        Standing there = standing(rows, charge_ah);
        there.slow_gap /= slower;
        if (start_.around.warms)
            there.temperature_c =
                std::lerp(start_.around.air_temperature_c, there.temperature_c, 1.0 / (slower * slower));
        return there;
    };
    const Standing from = standing_at(from_ah);
    const Standing to = standing_at(to_ah);
    const double gap = course.slow_gap - from.slow_gap;
    const double warmth = course.temperature_c - from.temperature_c;
    course = {to_ah, to.slow_gap, to.temperature_c};
    constexpr double no_gap = 1e-9;
    constexpr double no_warmth_k = 1e-6;
    if (std::abs(gap) < no_gap && std::abs(warmth) < no_warmth_k) return;
    const double half_way = 0.5 * slower * (to_ah - from_ah);
    const double warmth_fades = half_way * (from.warmth_fades_per_ah + to.warmth_fades_per_ah);
    const double warmth_after = warmth * std::exp(-warmth_fades);
    // Who glides home is far warmer than a table of that power: the slow part follows as much faster.
    const double table_k = units::zero_celsius_k + 0.5 * (from.temperature_c + to.temperature_c);
    const double mean_warmth = warmth * mean_of_fading(warmth_fades);
    constexpr double by_far = 4.0; // of packs that no maker makes
    const double faster =
        std::clamp(slow_activation_k_ * mean_warmth / (table_k * (table_k + mean_warmth)), -by_far, by_far);
    const double gap_fades = std::exp(faster) * half_way * (from.gap_fades_per_ah + to.gap_fades_per_ah);
    // Warmth acts on the gap while both fade.
    const double by_kelvin = half_way * (from.gap_per_kelvin_ah + to.gap_per_kelvin_ah) *
                             (std::abs(faster) < 1e-6 ? 1.0 : std::expm1(faster) / faster);
    const double gap_after =
        gap * std::exp(-gap_fades) + by_kelvin * warmth * fed_by_fading(gap_fades, warmth_fades);
    // Energy that its volts gave more on the way: all that they would give to the landing, less what they still
    // will. So what is left falls by what is drawn, whatever the steps.
    const double more_wh =
        from.gap_worth_wh * gap + from.kelvin_worth_wh * counted_kelvin(warmth, from.temperature_c) -
        to.gap_worth_wh * gap_after - to.kelvin_worth_wh * counted_kelvin(warmth_after, to.temperature_c);
    to_ah -= more_wh * (to_ah - from_ah) / energy_wh;
    course = {to_ah, to.slow_gap + gap_after, to.temperature_c + warmth_after};
}

double PackAtPowers::left_after_wh(const PackCourse& course, double power_w) const {
    if (rows_.empty()) return 0.0;
    const Between rows = between(power_w);
    const Standing there = standing(rows, course.charge_ah);
    const double gap = course.slow_gap - there.slow_gap;
    const double warmth = course.temperature_c - there.temperature_c;
    const double counted = counted_kelvin(warmth, there.temperature_c);
    const double gap_then = there.gap_kept * gap + there.gap_per_kelvin * counted;
    const double warmth_then = counted_kelvin(there.warmth_kept * warmth, there.temperature_c);
    const double full_ah = pack_->fullChargeAh();
    double past_wh = rows.low.past_landing_wh(gap_then, warmth_then, full_ah);
    if (rows.share > 0.0)
        past_wh = std::lerp(past_wh, rows.high.past_landing_wh(gap_then, warmth_then, full_ah),
                            std::min(rows.share, 1.0));
    return left_wh(power_w, course.charge_ah) + there.gap_worth_wh * gap + there.kelvin_worth_wh * counted +
           past_wh;
}

bool PackAtPowers::spans(double power_w) const {
    return !rows_.empty() && power_w >= rows_.front().power_w && power_w <= rows_.back().power_w;
}

bool PackAtPowers::can_give(double power_w, const PackCourse& course) const {
    if (rows_.empty()) return false;
    const battery::PackState state{start_.state.charge_used_ah + course.charge_ah, course.slow_gap,
                                   course.temperature_c};
    return pack_->atPower(state, power_w).has_value();
}

} // namespace sobremesa::flying
