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
constexpr int steps_of_gap_s = 10;
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
    : pack_(std::move(pack)), start_(start) {
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

void PackAtPowers::tabulate(Row& row) const {
    row.energy_wh.reserve(steps_of_charge + 1);
    row.gap.reserve(steps_of_charge + 1);
    row.gap_s.reserve(steps_of_gap_s + 1);
    for (int i = 0; i <= steps_of_charge; ++i) {
        const auto point = battery::point_at_charge(row.run, i * row.step_ah);
        row.energy_wh.push_back(point.energy_wh);
        row.gap.push_back(point.slow_gap);
        if (i % (steps_of_charge / steps_of_gap_s) != 0) continue;
        const double current_a = std::max(row.power_w / point.voltage_v, 1e-6);
        // dD/dt = (1 − c)/(c·Q)·(I − F(D)), and F(D) is taken for straight from nought to where it settles.
        const double settled = pack_->settledGap(current_a, point.temperature_c);
        row.gap_s.push_back(battery::within_reach_share * pack_->fullChargeAh() * units::seconds_per_hour *
                            settled / ((1.0 - battery::within_reach_share) * current_a));
    }
}

double PackAtPowers::Row::at(const std::vector<double>& table, double charge_ah) const {
    const double last = double(table.size() - 1);
    const double step = std::clamp(charge_ah / usable_ah(), 0.0, 1.0) * last;
    const auto i = std::min(std::size_t(step), table.size() - 2);
    return std::lerp(table[i], table[i + 1], step - double(i));
}

PackAtPowers::Between PackAtPowers::between(double power_w) const {
    std::size_t high = 0;
    while (high < rows_.size() && rows_[high].power_w < power_w) ++high;
    if (high == 0) return {rows_.front(), rows_.front(), 0.0};
    if (high == rows_.size() && rows_.size() == 1) return {rows_.front(), rows_.front(), 0.0};
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

double PackAtPowers::gap(double power_w, double charge_ah) const {
    const Between rows = between(power_w);
    return std::lerp(rows.low.at(rows.low.gap, charge_ah), rows.high.at(rows.high.gap, charge_ah), rows.share);
}

double PackAtPowers::gap_s(double power_w, double charge_ah) const {
    const Between rows = between(power_w);
    // Within its tables only: a time constant is nothing to draw on beyond them.
    return std::lerp(rows.low.at(rows.low.gap_s, charge_ah), rows.high.at(rows.high.gap_s, charge_ah),
                     std::min(rows.share, 1.0));
}

void PackAtPowers::draw(Course& course, double power_w, double energy_wh) const {
    if (rows_.empty()) return;
    const double before_ah = course.charge_ah;
    course.charge_ah = charge_after_ah(power_w, before_ah, energy_wh);
    constexpr double as_judged = 0.02;
    if (course.gap_beyond == 0.0 && std::abs(power_w / course.judged_w - 1.0) < as_judged) return;
    const double seconds = energy_wh * units::seconds_per_hour / power_w;
    const double middle_ah = 0.5 * (before_ah + course.charge_ah);
    const double towards = gap(power_w, middle_ah) - gap(course.judged_w, middle_ah);
    course.gap_beyond = std::lerp(towards, course.gap_beyond, std::exp(-seconds / gap_s(power_w, middle_ah)));
}

double PackAtPowers::left_after_wh(const Course& course) const {
    const double left = left_wh(course.judged_w, course.charge_ah);
    if (rows_.empty() || course.gap_beyond == 0.0) return left;
    const double seconds = std::max(left, 0.0) * units::seconds_per_hour / course.judged_w;
    const double still = course.gap_beyond * std::exp(-seconds / gap_s(course.judged_w, course.charge_ah));
    const double volts = between(course.judged_w).low.end_v;
    return left - still * pack_->fullChargeAh() * volts;
}

bool PackAtPowers::spans(double power_w) const {
    return !rows_.empty() && power_w >= rows_.front().power_w && power_w <= rows_.back().power_w;
}

bool PackAtPowers::can_give(double power_w, double charge_ah) const {
    if (rows_.empty()) return false;
    const Row& near = between(power_w).low;
    const auto point = battery::point_at_charge(near.run, charge_ah);
    battery::PackState state = near.run.state_at(point);
    state.charge_used_ah = near.run.start.charge_used_ah + charge_ah;
    return pack_->atPower(state, power_w).has_value();
}

} // namespace sobremesa::flying
